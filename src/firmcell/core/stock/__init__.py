"""Cells by serial: what is known of each, and which go together."""
