"""What is asked of a pack, what was read, and what the doctor tells."""

from firmcell.core.base.frozen import frozen
from firmcell.core.model.parts import Cell
from firmcell.core.tap_check.faults import (
    Fault,
)
from firmcell.core.tap_check.meter import HAND_METER, Meter

SCATTER_V = 0.020
"""Between groups of one pack, standard deviation, unless told otherwise; the issue's check value."""
KNOWN_TO_V = 0.10
"""How well the voltage of the cells before they were joined tells where groups stand now."""


@frozen
class Reading:
    """A voltage between two points: black probe, red probe, V. Points are numbered as in `points`."""

    black: int
    red: int
    volts: float


@frozen
class Suspicion:
    """One explanation: its faults, how likely it is (0 to 1), how badly it misfits (mean square, about 1 is
    good), and whether readings at the ends of cells tell which end of a group is open."""

    faults: tuple[Fault, ...]
    probability: float
    misfit: float
    placed: bool = False

    @property
    def dangerous(self) -> bool:
        """Whether any of its faults is."""
        return any(f.dangerous for f in self.faults)

    @property
    def words(self) -> str:
        """In plain words."""
        return " and ".join(f.placed_words if self.placed else f.words for f in self.faults)

    @property
    def refs(self) -> tuple[str, ...]:
        """What to light."""
        return tuple(dict.fromkeys(r for f in self.faults for r in f.refs))


@frozen
class Diagnosis:
    """What the readings say.

    Attributes
    ----------
    right : whether everything is read and plainly in order; only then the plug may go in.
    decided : whether one explanation holds nearly all of the probability.
    suspicions : the likeliest first.
    unexplained : probability that it is none of these.
    next_reading : the two points that best tell the likeliest apart, or None.
    words : one sentence.
    why : what stands against "right", if anything.
    """

    right: bool
    decided: bool
    suspicions: tuple[Suspicion, ...]
    unexplained: float
    next_reading: tuple[int, int] | None
    words: str
    why: str


@frozen
class PackAsked:
    """The pack the readings are of.

    Attributes
    ----------
    series : groups, 2 to 32.
    cell : its chemistry and bounds.
    now_v : what a group should stand at, V; `known_to_v` how well that is known.
    parallel : cells of each group.
    measured : whether cells were measured before they were joined, and `now_v` is their mean.
    scatter_v : standard deviation between groups, V.
    """

    series: int
    cell: Cell
    now_v: float
    known_to_v: float = KNOWN_TO_V
    scatter_v: float = SCATTER_V
    meter: Meter = HAND_METER
    measured: bool = False
    parallel: int = 1
