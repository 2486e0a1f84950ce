"""The short grain of a work plan: the same records that matter and the same cautions, with fewer stops."""

from dataclasses import replace

from firmcell.core.records.step import Step


def shortened(steps: tuple[Step, ...]) -> tuple[Step, ...]:
    """Return a plan in which what is only looked at goes into the next step of its phase.

    Hold points, readings, joints and steps that last by the clock stay steps of their own. A step that takes
    others in keeps its code, and asks for their checks and says their cautions as well as its own.
    """
    found: list[Step] = []
    waiting: list[Step] = []
    for step in steps:
        if waiting and waiting[0].phase != step.phase:
            found += waiting
            waiting = []
        if _only_looked_at(step):
            waiting.append(step)
            continue
        found.append(_taken_in(waiting, step))
        waiting = []
    return (*found, *waiting)


def _only_looked_at(step: Step) -> bool:
    """Whether a step is no hold point, and nothing is recorded in it but looks."""
    return not (
        step.hold
        or step.probes
        or step.wait_s
        or step.cools_s
        or step.offers
        or step.measures
        or set(step.records) - {"checked"}
    )


def _taken_in(waiting: list[Step], step: Step) -> Step:
    if not waiting:
        return step
    every = [*waiting, step]
    checks = tuple(c for s in every for c in s.checks)
    records = step.records if "checked" in step.records or not checks else ("checked", *step.records)
    return replace(
        step,
        title=f"{waiting[0].title}; then: {step.title[0].lower()}{step.title[1:]}",
        words=" ".join(s.words for s in every),
        cautions=tuple(dict.fromkeys(c for s in every for c in s.cautions)),
        records=records,
        checks=tuple(dict.fromkeys(checks)),
        refs=tuple(dict.fromkeys(r for s in every for r in s.refs)),
        wires=tuple(w for s in every for w in s.wires),
        begins=tuple(w for s in every for w in s.begins),
        joins=tuple(n for s in every for n in s.joins),
        lifts=any(s.lifts for s in every),
        seats=tuple(n for s in every for n in s.seats),
        powers=any(s.powers for s in every),
        opens=tuple(w for s in every for w in s.opens),
        bares=tuple(w for s in every for w in s.bares),
        covers=tuple(w for s in every for w in s.covers),
    )
