"""Wire, connector, fuse, lug, solder joint, and the sleeve of a joint."""
