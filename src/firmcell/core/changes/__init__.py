"""Edits by hand, by a solved fix, and from a brief."""
