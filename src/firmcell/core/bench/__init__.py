"""What is live, whether a step may be passed, what measurements change."""
