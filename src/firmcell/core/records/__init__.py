"""Events, the fold over them, and the step they answer."""
