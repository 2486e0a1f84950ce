"""All figures of one design, and findings."""
