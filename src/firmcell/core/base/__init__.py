"""Numbers, words and refusals that everything above uses."""
