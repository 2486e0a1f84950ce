"""The command line; the window is started from here too."""
