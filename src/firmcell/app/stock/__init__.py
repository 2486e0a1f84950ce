"""The workshop's cells on the screen: drawers, one cell, readings as fast as a meter gives them."""
