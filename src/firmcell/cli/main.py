"""Commands over the same core as the window."""

import io
import os
import sys

from firmcell.core.base.refusal import Refusal

COMMANDS = (
    "open",
    "analyse",
    "new",
    "export",
    "import",
    "layout",
    "wire",
    "taps",
    "run",
    "log",
    "verify",
    "shots",
)


def _run(argv: list[str]) -> int:
    if argv in ([], ["--demo"]):
        # What is started most: no table of commands is made for it.
        from firmcell.app.start import run_window

        return run_window(None, "orchard-hoist" if argv else None)
    from firmcell.cli.parser import make_parser

    if argv[0] not in (*COMMANDS, "-h", "--help", "--version"):
        argv = ["open", *argv]
    arguments = make_parser().parse_args(argv)
    return int(arguments.run(arguments))


def main(argv: list[str]) -> int:
    """Run one command; returns the exit code."""
    for stream in (sys.stdout, sys.stderr):
        # Where the output cannot show a letter, such as Ω in ASCII, it is written out.
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    try:
        return _run(argv)
    except Refusal as refusal:
        print(f"firm-cell: {refusal.sentence}", file=sys.stderr)
        return 1
    except KeyboardInterrupt:
        print("firm-cell: interrupted", file=sys.stderr)
        return 130
    except BrokenPipeError:
        # The reader went away (such as head); that is not an error of ours.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except OSError as error:
        print(f"firm-cell: {error.filename or ''}: {error.strerror or error}.", file=sys.stderr)
        return 1
