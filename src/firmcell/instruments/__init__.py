"""Instruments at the bench: a meter over PyVISA, and the stand-in that ships with the program."""
