"""The window; it shows an analysis and proposes edits, and computes nothing itself."""
