"""Calls that cannot be meant: told with what may have been meant, and with exit code 2."""

import argparse
import difflib
import re
import sys
from collections.abc import Sequence
from typing import NoReturn

from firmcell.core.base.refusal import Refusal

RIGHT, FOUND, WRONG_CALL, FAILED, INTERRUPTED = 0, 1, 2, 3, 130
"""Exit codes: done and nothing found; done and something found that was looked for; a call that cannot be
meant; could not be done; interrupted (128 and the number of the signal, as shells have it)."""
CHOICE = re.compile(r"invalid choice: '(?P<typed>[^']*)' \(choose from (?P<choices>.*)\)")
UNKNOWN = re.compile(r"unrecognized arguments: (?P<typed>\S+)")


class WrongCall(Refusal):
    """Arguments that contradict each other or cannot be: the call is wrong, not the job."""


def meant(typed: str, known: Sequence[str]) -> str:
    """Return a question after the known word nearest to one that was typed; "" if none is near.

    Examples
    --------
    >>> meant("anaylse", ["analyse", "export"])
    ' Did you mean “analyse”?'
    >>> meant("xyz", ["analyse", "export"])
    ''
    """
    near = difflib.get_close_matches(typed, known, n=1, cutoff=0.6)
    return f" Did you mean “{near[0]}”?" if near else ""


class Parser(argparse.ArgumentParser):
    """A parser whose errors say what may have been meant."""

    def error(self, message: str) -> NoReturn:
        """Say what is wrong with the call and end with its code."""
        choice, unknown = CHOICE.search(message), UNKNOWN.search(message)
        if choice:
            known = [word.strip().strip("'") for word in choice["choices"].split(",")]
            message += "." + meant(choice["typed"], known)
        elif unknown:
            options = [o for action in self._every_action() for o in action.option_strings]
            message += "." + meant(unknown["typed"].partition("=")[0], options)
        self.print_usage(sys.stderr)
        self.exit(WRONG_CALL, f"{self.prog}: {message}\n")

    def _every_action(self) -> list[argparse.Action]:
        """Its own, and those of its commands: what one of them does not know is told by the whole."""
        own = list(self._actions)
        for action in self._actions:
            if isinstance(action, argparse._SubParsersAction):
                own += [a for sub in action.choices.values() for a in sub._actions]
        return own
