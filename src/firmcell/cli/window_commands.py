"""``firm-cell open`` and ``shots``: the window, on the screen or as pictures."""

import argparse


def run_open(arguments: argparse.Namespace) -> int:
    """Open the window."""
    from firmcell.app.start import run_window

    return run_window(arguments.job, arguments.demo, arguments.fresh, arguments.language)


def run_shots(arguments: argparse.Namespace) -> int:
    """Render the pictures of the documentation."""
    from firmcell.app.screenshots import render_shots

    arguments.folder.mkdir(parents=True, exist_ok=True)
    for path in render_shots(arguments.folder):
        print(path)
    return 0
