"""``python -m firmcell``, and the command ``firm-cell`` of an installed wheel."""

import sys

from firmcell.cli.main import main


def run() -> None:
    """Run the command line with the arguments of the process and end with its code."""
    sys.exit(main(sys.argv[1:]))


if __name__ == "__main__":
    run()
