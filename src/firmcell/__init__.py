"""Firm Cell: design, build, check and hand over battery packs."""

__version__ = "0.2.0"
