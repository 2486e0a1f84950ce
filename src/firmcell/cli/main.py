"""Commands over the same core as the window."""

import os
import sys

from firmcell.cli.parser import make_parser
from firmcell.core.base.refusal import Refusal

COMMANDS = ("open", "analyse", "new", "export", "import", "layout", "wire", "taps", "log", "verify", "shots")


def main(argv: list[str]) -> int:
    """Run one command; returns the exit code."""
    if not argv or (argv[0] not in (*COMMANDS, "-h", "--help", "--version")):
        argv = ["open", *argv]
    arguments = make_parser().parse_args(argv)
    try:
        return int(arguments.run(arguments))
    except Refusal as refusal:
        print(f"firm-cell: {refusal.sentence}", file=sys.stderr)
        return 1
    except BrokenPipeError:
        # The reader went away (such as head); that is not an error of ours.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except OSError as error:
        print(f"firm-cell: {error.filename or ''}: {error.strerror or error}.", file=sys.stderr)
        return 1
