"""Everything that conducts, from cell to plug and back, as one graph that all others read."""
