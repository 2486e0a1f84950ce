"""The steps of a job as work for a plan of the day: how long each takes, and what it needs."""

from collections.abc import Mapping, Sequence

from firmcell.core.bench.step_times import WATCHED_S, estimated
from firmcell.core.jobs.day_plan import CHARGER, CRIMPER, HEAT_GUN, IRON, WELDER, Work
from firmcell.core.model.design import Design
from firmcell.core.records.step import Step
from firmcell.core.strips.pieces import StripPiece

OF_RECORD = {
    "weld-sample": WELDER,
    "weld-row": WELDER,
    "solder-joint": IRON,
    "crimp-joint": CRIMPER,
}
"""The tool of a record that a step wants."""
SHRUNK = ("sleeve", "shrink")
"""In the codes of steps that shrink something; those that only cut or lay out a sleeve heat nothing."""
HEATS_NOTHING = (
    "re-sleeve-strip",
    "cable-sleeves",
    "lead-sleeves",
    "re-sleeve-judge",
    "re-sleeve-mark",
    "re-sleeve-look",
    "re-sleeve-bench",
    "re-sleeve-ring",
)


def tool_of(step: Step) -> str:
    """Return the tool that a step needs and that no other job can have meanwhile; "" for none.

    Examples
    --------
    >>> tool_of(Step("weld-top-N1", "Join", "t", "w.", records=("weld-row",)))
    'spot welder'
    >>> tool_of(Step("sleeve", "Close", "t", "w.", records=("checked",)))
    'heat gun'
    """
    if step.code in WATCHED_S:
        return CHARGER
    found = next((OF_RECORD[kind] for kind in step.records if kind in OF_RECORD), "")
    shrinks = any(word in step.code for word in SHRUNK) and not step.code.startswith(HEATS_NOTHING)
    return found or (HEAT_GUN if shrinks else "")


def works_of(
    steps: Sequence[Step], learned: Mapping[str, float], design: Design, strips: Sequence[StripPiece]
) -> tuple[Work, ...]:
    """Return steps as work.

    Parameters
    ----------
    steps : sequence of Step
        What is left of a job, in order.
    learned : mapping
        Seconds by family, as this workshop took.
    design, strips : Design, sequence of StripPiece
        How much there is of it.
    """
    joints = {f"strip:{piece.id}": piece.joints for piece in strips}
    return tuple(
        Work(
            step.code,
            step.title,
            estimated(
                step,
                learned,
                design.cell_count,
                sum(joints.get(ref, 0) for ref in step.refs),
                design.series,
            ),
            step.wait_s,
            step.waits_for,
            tool_of(step),
            step.code in WATCHED_S,
        )
        for step in steps
    )
