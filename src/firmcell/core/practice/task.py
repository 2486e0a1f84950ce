"""One thing to look at and name, and how a name is scored."""

from enum import StrEnum

from firmcell.core.base.frozen import frozen
from firmcell.core.pictures.drawing import Drawing


class Subject(StrEnum):
    """What is practised."""

    CONNECTOR = "Plus of a connector"
    LIVE = "What comes next on a live pack"
    JOINT = "Solder joint in its cup"
    CRIMP = "Crimp, cut across"
    WELD = "Weld, peeled"
    TURNED = "Cell after turning over"
    AS_FOUND = "Old pack as found"


@frozen
class Choice:
    """An answer that may be given: its words, and what of the picture is clicked for it, if anything."""

    words: str
    ref: str = ""


@frozen
class Task:
    """A picture with a question.

    Attributes
    ----------
    subject : what is practised.
    kind : what is hidden, for one's own record.
    drawings : what is seen.
    question : one or two sentences.
    choices, answer : answers that may be given, and which of them is right.
    harmful : choices that would hurt somebody, or let a bad part go on.
    why : what the picture shows, and what follows.
    look : what to look at: the hint.
    shown : parts of the picture to light afterwards.
    places, place : where it may be, and where it is; none where the place is not asked.
    """

    subject: Subject
    kind: str
    drawings: tuple[Drawing, ...]
    question: str
    choices: tuple[Choice, ...]
    answer: int
    harmful: frozenset[int]
    why: str
    look: str
    shown: tuple[str, ...] = ()
    places: tuple[Choice, ...] = ()
    place: int = -1

    @property
    def asks_place(self) -> bool:
        """Whether a place is to be named besides."""
        return bool(self.places)


HINT_COSTS = 20
"""Points for a hint."""
NAMED_WRONG, KIND_ONLY = 30, 50
"""Points for a wrong name that does no harm, and for the right one in the wrong place."""


@frozen
class Result:
    """How it was named: points of 100, whether right, whether danger was missed, and words."""

    points: int
    right: bool
    dangerous_miss: bool
    words: str


def score_task(task: Task, choice: int, place: int = -1, hints: int = 0) -> Result:
    """Return the score for an answer.

    Parameters
    ----------
    task : Task
    choice, place : int
        Numbers of what was chosen; −1 is no place.
    hints : int

    Returns
    -------
    result : Result
        Danger missed scores nothing, whatever else was seen.
    """
    told = task.choices[task.answer].words
    where = f", {task.places[task.place].words}" if task.asks_place and task.place >= 0 else ""
    if choice in task.harmful:
        return Result(0, False, True, f"That would do harm. It is: {told}{where}. {task.why}")
    if choice != task.answer:
        points = max(NAMED_WRONG - HINT_COSTS * hints, 0)
        return Result(points, False, False, f"No: {told}{where}. {task.why}")
    if task.asks_place and task.place >= 0 and place != task.place:
        points = max(KIND_ONLY - HINT_COSTS * hints, 0)
        return Result(points, False, False, f"The kind, not the place: {told}{where}. {task.why}")
    return Result(max(100 - HINT_COSTS * hints, 20), True, False, f"Yes: {told}{where}. {task.why}")
