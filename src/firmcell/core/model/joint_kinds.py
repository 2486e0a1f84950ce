"""How strip and cells are joined: welded, soldered or screwed, and what each asks for at the bench."""

from collections.abc import Mapping
from enum import StrEnum

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import plural


class JoinedBy(StrEnum):
    """Schools differ for loose cells; what is right depends on the cell's terminals and on the tools."""

    WELD = "spot welds"
    TABS = "solder on factory tabs"
    SOLDER = "solder straight on the cell"
    SCREW = "screws"


class Welder(StrEnum):
    """Spot welders by what they join; a bench has one, and strip is chosen for it."""

    SMALL = "small: nickel to 0.15 mm"
    MEDIUM = "medium: nickel to 0.2 mm"
    STRONG = "strong: nickel to 0.3 mm"

    @property
    def thickest_m(self) -> float:
        """Thickest nickel or steel that it joins reliably, m; common practice, no source."""
        return {Welder.SMALL: 0.00015, Welder.MEDIUM: 0.0002, Welder.STRONG: 0.0003}[self]


@frozen
class JointKind:
    """What one kind of joint between strip and cell is like.

    Attributes
    ----------
    ohm : resistance of the joint on one pad, Ω; generic class value.
    one : one joint in words.
    verb : what is done, such as ``Weld``; also the phase of the work plan.
    record : kind of record that a row of them wants.
    """

    ohm: float
    one: str
    verb: str
    record: str


KINDS = {
    JoinedBy.WELD: JointKind(0.0002, "weld pair", "Weld", "weld-row"),
    JoinedBy.TABS: JointKind(0.0006, "soldered tab", "Solder", "solder-joint"),
    JoinedBy.SOLDER: JointKind(0.0001, "soldered joint", "Solder", "solder-joint"),
    JoinedBy.SCREW: JointKind(0.0001, "screwed joint", "Screw", "screw-joint"),
}
"""Generic class values, no source: two good weld pairs; 8 mm of free nickel tab 0.15 × 8 (0.46 mΩ) with its
solder; a short wide joint of solder; a clean, torqued copper or nickel bar on a terminal."""

ON_FACE = {"top": "on top", "bottom": "on the bottom"}
HOLE_EASE_M = 0.0005
"""A hole in strip or bar is wider than its screw by this, m; common practice, no source."""
EDGE_THREADS = 1.5
"""From the middle of a screw to the end of its bar, in threads; common practice, no source."""
LEAST_BAR_THREADS = 2.5
"""Least width of a bar with a hole in it, in threads: washers need a seat and current a way round; common
practice, no source."""
TERMINAL_TORQUE_NM = {0.004: 1.2, 0.005: 2.5, 0.006: 4.5, 0.008: 9.0}
"""Torque of a screw in a cell's terminal, N·m by thread; generic class value, below that of a steel stud,
since the thread is cut in aluminium or brass. The cell's own sheet goes before it."""


def terminal_torque(thread_m: float) -> float | None:
    """Return the generic torque for a terminal's thread, N·m; None for a thread that is not in the table."""
    return next((nm for thread, nm in TERMINAL_TORQUE_NM.items() if abs(thread - thread_m) < 0.1e-3), None)


def joints_in_words(joined_by: JoinedBy, count: int) -> str:
    """Return such as ``24 weld pairs`` or ``1 screwed joint``."""
    return plural(count, KINDS[joined_by].one)


def joints_by_face(joined_by: JoinedBy, count: Mapping[str, int]) -> str:
    """Return such as ``96 on top, 88 on the bottom (weld pairs)``; a face without joints is left out."""
    said = [f"{n} {ON_FACE[face]}" for face, n in count.items() if n]
    return f"{', '.join(said)} ({KINDS[joined_by].one}s)" if said else "none"
