"""Outer size, sheets, sleeve and printed holder."""
