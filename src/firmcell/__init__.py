"""Firm Cell: design, build, check and hand over battery packs."""

__version__ = "0.1.0"
