"""What each stage paints on the pack: for every part of the picture a mark, and what stands back."""

from dataclasses import field, replace

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.recorded_readings import diagnosis_of, tap_verdict

NEAR_LIMIT = 0.8


@frozen
class StagePaint:
    """How the picture is shown.

    Attributes
    ----------
    marks : by ref: good, look, bad, done, open or lit.
    quiet : roles (or beginnings of them) that stand back.
    caption : what the marks mean, one line.
    values : short texts beside refs, such as the share of limit of a strip.
    """

    marks: dict[str, str] = field(default_factory=dict)
    quiet: tuple[str, ...] = ()
    caption: str = ""
    values: dict[str, str] = field(default_factory=dict)


def stage_paint(
    stage: Stage,
    design: Design,
    analysis: Analysis,
    state: BuildState,
    steps: tuple[Step, ...],
    current: Step | None,
) -> StagePaint:
    """Return what `stage` paints; `current` is the step at hand (bench)."""
    wires = ("tap", "label.tap", "lead", "board", "label.board")
    match stage:
        case Stage.BRIEF:
            paint = StagePaint(
                quiet=("strip", "weld", *wires), caption="The pack as it stands, to scale; grid 10 mm."
            )
        case Stage.CELLS:
            paint = StagePaint(
                quiet=("strip", "weld", *wires),
                caption="+ and − are the ends you see on this face.",
                values=serials_in_place(design, state),
            )
        case Stage.LAYOUT:
            paint = _stack(analysis)
        case Stage.STRIPS:
            paint = _metal(analysis)
        case Stage.LEADS:
            paint = StagePaint(
                quiet=(
                    "tap",
                    "label.tap",
                    "strip.link",
                    "strip.parallel",
                    "strip.link.copper",
                    "strip.parallel.copper",
                ),
                caption="Main leads at their true thickness.",
            )
        case Stage.BMS:
            paint = StagePaint(
                quiet=("lead.plus", "lead.minus"),
                caption="Each sense lead on its face, by the rear long edge to the board.",
            )
        case Stage.INSULATION:
            paint = StagePaint(
                marks={"insulation": "lit"},
                quiet=wires,
                caption="Outline: outer size with sheets and sleeves.",
            )
        case Stage.BENCH:
            paint = _bench(analysis, state, steps, current)
        case Stage.TESTS:
            paint = _proof(design, analysis, state)
        case _:
            paint = StagePaint(caption="As it is handed over.")
    # Free places and borders of groups are for Layout; elsewhere they only stand in the way.
    return paint if stage is Stage.LAYOUT else replace(paint, quiet=(*paint.quiet, "place", "group.border"))


def serials_in_place(design: Design, state: BuildState) -> dict[str, str]:
    """Return the serial of each cell beside its place, with a tick where it was scanned there; of long ones
    that begin alike what tells them apart."""
    serials, shared = design.cell_serials, 0
    if len(serials) > 1:
        letters = zip(*serials, strict=False)
        shared = next((n for n, each in enumerate(letters) if len(set(each)) > 1), min(map(len, serials)))
        # A number is not cut in two.
        while shared and serials[0][shared - 1].isdigit():
            shared -= 1
    # The ends of the cells stay in sight: which way each stands matters most while they are set.
    return {
        f"cell:{n}": ("✓ " if n in state.fitted else "") + (serial[shared:] or serial)
        for n, serial in enumerate(serials, start=1)
        if serial
    }


def with_strips(paint: StagePaint) -> StagePaint:
    """Return `paint` with the strips in front, for the hand that lays them."""
    return replace(paint, quiet=tuple(role for role in paint.quiet if role not in ("strip", "plate")))


def _stack(analysis: Analysis) -> StagePaint:
    """What is wrong with the lie of the cells, on the picture itself."""
    layout, fit = analysis.layout, analysis.fit
    marks = {f"cell:{n}": "bad" for pair in fit.overlapping for n in pair}
    marks |= {f"cell:{n}": "bad" for n in fit.outside}
    for group in range(1, layout.series + 1):
        cells = layout.group_cells(group)
        parts = layout.parts_of(c.number for c in cells)
        marks |= {f"cell:{n}": "bad" for part in parts[1:] for n in part}
        marks |= {f"cell:{c.number}": "bad" for c in cells if c.positive_up != layout.group_up(group)}
    for near in analysis.too_near:
        marks[f"strip:{near.strip}"] = "bad"
        if ":" not in near.other:
            marks[f"strip:{near.other}"] = "bad"
    return StagePaint(
        marks,
        ("weld", "strip", "plate", "tap", "label.tap", "label.board", "lead"),
        "Number in the dark disc: group, from the negative end. Dashed: free place. Red: wrong here.",
    )


def _metal(analysis: Analysis) -> StagePaint:
    marks = {}
    for piece in analysis.strips:
        share = piece.share_of_limit
        marks[f"strip:{piece.id}"] = "bad" if share > 1 else "look" if share > NEAR_LIMIT else "good"
    for near in analysis.too_near:
        marks |= {f"strip:{n}": "bad" for n in (near.strip, near.other)}
    return StagePaint(
        marks,
        ("tap", "label.tap", "lead", "board", "cell", "mark", "label.cell", "label.group"),
        "Colour: where the strips stand on the scale below; numbers at the ten that stand highest.",
    )


def _bench(
    analysis: Analysis, state: BuildState, steps: tuple[Step, ...], current: Step | None
) -> StagePaint:
    marks: dict[str, str] = {f"strip:{p.id}": "open" for p in analysis.strips}
    marks |= {f"tap:{t.number}": "open" for t in analysis.bms.taps}
    marks |= {
        "lead:plus": "open",
        "lead:minus": "open",
        "lead:plus-out": "open",
        "lead:minus-out": "open",
        "lead:third": "open",
        "connector": "open",
        "board": "open",
        "ring": "open",
        "strap": "open",
        "sleeve": "open",
    }
    for step in steps:
        status = state.step(step.code).status
        if status in (StepStatus.PASSED, StepStatus.NOT_RIGHT):
            mark = "done" if status is StepStatus.PASSED else "bad"
            marks |= {ref: mark for ref in step.refs if ref in marks}
    if current:
        marks |= dict.fromkeys(current.refs, "lit")
    return StagePaint(marks, (), "Solid: done. Outlined: still open. Bright: the step at hand.")


def _proof(design: Design, analysis: Analysis, state: BuildState) -> StagePaint:
    proof = tap_verdict(design, state)
    words = {Verdict.RIGHT: "good", Verdict.LOOK: "look", Verdict.WRONG: "bad", Verdict.MISSING: "open"}
    marks = {f"tap:{g.group}": words[g.verdict] for g in proof.groups}
    marks |= {f"group:{g.group}": words[g.verdict] for g in proof.groups}
    marks["tap:0"] = "good" if state.tap_volts else "open"
    told = diagnosis_of(design, state)
    if told is not None and told.decided and not told.right:
        # What the doctor is sure of goes before what each step looks like by itself.
        marks = {ref: "look" if mark == "bad" else mark for ref, mark in marks.items()}
        marks |= dict.fromkeys(told.suspicions[0].refs, "bad")
    values = {
        f"tap:{t.number}": f"{state.tap_volts[t.number]:.2f} V"
        for t in analysis.bms.taps
        if t.number in state.tap_volts
    }
    return StagePaint(
        marks, ("strip", "weld", "lead"), "Each tap as it read; outlined ones are not read yet.", values
    )
