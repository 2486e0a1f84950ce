"""Commands over the same core as the window."""

import io
import os
import sys

from firmcell.cli.wrong_call import FAILED, INTERRUPTED, WRONG_CALL, WrongCall, meant
from firmcell.core.base.refusal import Refusal

COMMANDS = (
    "open",
    "analyse",
    "list",
    "new",
    "export",
    "import",
    "layout",
    "wire",
    "taps",
    "run",
    "match",
    "stock",
    "shop",
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
        _refuse_misspelt(argv[0])
        argv = ["open", *argv]
    arguments = make_parser().parse_args(argv)
    code = int(arguments.run(arguments))
    _tell_of_plugins()
    return code


def _tell_of_plugins() -> None:
    """Say which plug-ins could not be loaded, where they were looked for."""
    from firmcell.store.plugins import plugins

    for fault in plugins().faults if plugins.cache_info().currsize else ():
        print(f"firm-cell: {fault}", file=sys.stderr)


def _refuse_misspelt(word: str) -> None:
    """Refuse a first word that is neither a job nor an option, but nearly a command."""
    if word.startswith("-") or os.path.lexists(word) or "." in word or os.sep in word:
        return
    near = meant(word, COMMANDS)
    raise WrongCall(
        f"There is no command and no job “{word}”.{near or ' firm-cell --help lists the commands.'}"
    )


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
        return WRONG_CALL if isinstance(refusal, WrongCall) else FAILED
    except KeyboardInterrupt:
        print("firm-cell: interrupted", file=sys.stderr)
        return INTERRUPTED
    except BrokenPipeError:
        # The reader went away (such as head); that is not an error of ours.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except OSError as error:
        print(f"firm-cell: {error.filename or ''}: {error.strerror or error}.", file=sys.stderr)
        return FAILED
