"""Plane geometry of the pack: regions, lattices, neighbours, clearances."""
