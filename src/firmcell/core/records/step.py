"""One step at the bench, and which one comes next."""

from firmcell.core.base.frozen import frozen
from firmcell.core.model.design import Face
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V
from firmcell.core.records.build_state import BuildState, StepStatus

MAKING = frozenset(("weld-row", "solder-joint", "screw-joint", "crimp-joint"))
"""Kinds of record that say that metal was joined; a step with one is a hold point."""
POLES = ("plus", "minus")
"""Both poles, as insulation readings name them."""


@frozen
class Step:
    """One step at the bench.

    Attributes
    ----------
    code : stable within a design, such as ``weld-bottom-N0``.
    phase : heading it stands under.
    title, words : what to do, short and in full.
    cautions : for this step only.
    records : kinds of record wanted before it may be passed, as in `events.RECORD_KINDS`.
    offers : kinds of record that may be made here and need not.
    looks : things to look at one by one (for a ``checked`` record).
    measures : fields of that record that are measured as well.
    expected : what a right result reads or looks like.
    face, refs : which face lies up, and what to light on the picture.
    hold : whether work stops here until it is passed.
    spread_v : by how much what is measured in it may differ, V.
    probes : ids of the nodes of the wiring where the black and the red probe go; what they must read is
        worked out from it.
    any_charge : whether the cells may be at any charge in that reading; else they are near what they
        measure now.
    reads_v : least and greatest reading that is right, V; None where nothing is known beforehand.
    photos : whether photos are taken in it.
    same_as : code of an earlier step whose reading this one's must equal within `spread_v`.
    wait_s : how long it lasts by the clock, from when the step before it was passed; sooner it is not
        passed.
    waits_for : what that clock waits for, in words, where it is not the step itself.
    cools_s : how long what it heats takes to be hand-warm again; the next step waits for that, s.
    wires : ids of the wires it makes; each wire of the wiring is made by exactly one step.
    joints : joints that it plans, all layers; fewer are not right. 0 where none are counted.
    counted : cells or groups that are measured in it; 0 where none are counted.
    poles : words of which each must stand in some insulation reading of it, such as plus and minus.
    begins : ids of wires that it joins at the pack only; the other end stays covered until a later step.
    joins : numbers of the tap points whose metal it puts on.
    lifts : whether it takes all metal off the cells.
    seats : numbers of the groups whose cells it puts into their places.
    powers : whether a source is on in it, of a job that has no live pack.
    opens, bares, covers : what of the metal is bare only while it is done, is bare from it on, and is covered
        once it is done; words of `areas`.
    """

    code: str
    phase: str
    title: str
    words: str
    cautions: tuple[str, ...] = ()
    records: tuple[str, ...] = ()
    offers: tuple[str, ...] = ()
    checks: tuple[str, ...] = ()
    measures: tuple[str, ...] = ()
    expected: str = ""
    face: Face | None = None
    refs: tuple[str, ...] = ()
    hold: bool = False
    spread_v: float = FIRST_TOUCH_SPREAD_V
    probes: tuple[str, str] | None = None
    any_charge: bool = False
    reads_v: tuple[float, float] | None = None
    photos: bool = False
    same_as: str = ""
    wait_s: float = 0.0
    waits_for: str = ""
    cools_s: float = 0.0
    wires: tuple[str, ...] = ()
    begins: tuple[str, ...] = ()
    joints: int = 0
    counted: int = 0
    poles: tuple[str, ...] = ()
    joins: tuple[int, ...] = ()
    lifts: bool = False
    seats: tuple[int, ...] = ()
    powers: bool = False
    opens: tuple[str, ...] = ()
    bares: tuple[str, ...] = ()
    covers: tuple[str, ...] = ()


def next_step(steps: tuple[Step, ...], state: BuildState) -> Step | None:
    """Return the first step that is not passed, or None when all are."""
    return next((s for s in steps if state.step(s.code).status is not StepStatus.PASSED), None)


def held_by(steps: tuple[Step, ...], state: BuildState, code: str) -> Step | None:
    """Return the first hold point before `code` that is not passed, or None."""
    for step in steps:
        if step.code == code:
            return None
        if step.hold and state.step(step.code).status is not StepStatus.PASSED:
            return step
    return None
