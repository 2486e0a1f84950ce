"""Plane geometry without cells."""
