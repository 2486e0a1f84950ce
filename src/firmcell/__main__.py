"""``python -m firmcell``."""

import sys

from firmcell.cli.main import main

if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
