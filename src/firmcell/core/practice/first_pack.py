"""The guided first pack: twelve stops on a copy of a demo job, most with one small thing to do."""

from collections.abc import Callable

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Finding, Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, kilograms, plural, volts, watt_hours
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, StepStatus

MORE_A = 40.0
"""What the neighbour in the first stop wants of the hoist: more than its pack gives, A."""


@frozen(eq=False)
class JobNow:
    """How the job stands: what a task is held against.

    Attributes
    ----------
    design, state : as they are.
    findings : of them.
    """

    design: Design
    state: BuildState
    findings: tuple[Finding, ...]


Done = Callable[[JobNow, JobNow], bool]
"""Whether a task is done, from how the job stood at the beginning and how it stands."""


@frozen(eq=False)
class Stop:
    """One stop of the way.

    Attributes
    ----------
    title, words : what it is about, and what there is to see.
    stage, section : where; an empty section is the top of the page.
    ref : a part of the picture that is lit, such as ``cell:1``; may be empty.
    task : one thing to do; may be empty.
    done : tells that it is done; None where only the builder knows.
    """

    title: str
    words: str
    stage: Stage
    section: str = ""
    ref: str = ""
    task: str = ""
    done: Done | None = None


def _passed(state: BuildState) -> int:
    return sum(step.status is StepStatus.PASSED for step in state.steps.values())


def _has(standing: JobNow, code: str) -> bool:
    return any(f.code == code for f in standing.findings)


def first_pack(design: Design, analysis: Analysis) -> tuple[Stop, ...]:
    """Return the twelve stops of the guided first pack, with the numbers of this design.

    Parameters
    ----------
    design : Design
        A pack with welded strips and a BMS, half built.
    analysis : Analysis
        Of it.

    Returns
    -------
    stops : tuple of Stop
        In the order of the stages.
    """
    return (*_asked(design, analysis), *_designed(design, analysis), *_built(design, analysis))


def _asked(design: Design, analysis: Analysis) -> tuple[Stop, ...]:
    brief, pack = design.brief, analysis.pack
    return (
        Stop(
            "What the load wants",
            f"The hoist works from {volts(brief.load_voltage_min_v)} to {volts(brief.load_voltage_max_v)} and draws "
            f"{amperes(brief.current_steady_a)}, {amperes(brief.current_peak_a)} as it starts. Everything else follows "
            "from these lines. Now a neighbour wants it to lift more.",
            Stage.BRIEF,
            "Load",
            task=f"Type {amperes(MORE_A)} for the steady current, and look at the line of findings at the bottom.",
            done=lambda began, now: now.design.brief.current_steady_a >= MORE_A - 1e-6,
        ),
        Stop(
            "What it says against it",
            "Cells, strips and board say no, each with its numbers. F5 goes into the list, Shift+F1 says why one "
            "matters and where its limit comes from, Ctrl+. applies a fix where there is one.",
            Stage.BRIEF,
            "Load",
            task="Read one or two, then take the change back with Ctrl+Z.",
            done=lambda began, now: now.design.brief.current_steady_a == began.design.brief.current_steady_a,
        ),
        Stop(
            "A cold day",
            f"Rated, the pack holds {watt_hours(pack.energy_j)}. What it gives depends on the day: the run plays it "
            "from full until something ends it, and says what.",
            Stage.BRIEF,
            "Run: the pack through time",
            task="Run it at 25 °C and at −5 °C, and look at what ends it. Drag the slider: the picture follows.",
        ),
    )


def _designed(design: Design, analysis: Analysis) -> tuple[Stop, ...]:
    strips = sorted(analysis.strips, key=lambda piece: -piece.joints)
    return (
        Stop(
            "Which cells",
            f"{plural(design.cell_count, 'cell')} of one class, {design.series} groups in series with "
            f"{design.parallel} side by side. The table tells what each other class would make of the same brief. "
            "Lit is cell 1.",
            Stage.CELLS,
            "What each cell would make of the brief",
            "cell:1",
        ),
        Stop(
            "Where they stand",
            "Both faces are drawn as you see them when that face is up. Turned over, left and right (or near and far) "
            "change places: this is where most mistakes are made.",
            Stage.LAYOUT,
            "How good this layout is",
            "group:1",
            task="Press Ctrl+E for a cut through the pack, and Ctrl+E again for the faces.",
        ),
        Stop(
            "What carries the current",
            "The strips are coloured by how warm they get in their place. Links share the current; the collecting strip "
            "carries more and more of it towards the lead. Lit is one of them, with its numbers.",
            Stage.STRIPS,
            "Every segment, most loaded first",
            f"strip:{strips[0].id}" if strips else "",
        ),
        Stop(
            "Wire and fuse",
            f"The leads are {design.leads.wire.name}. What happens with a thinner one?",
            Stage.LEADS,
            "Main leads",
            task="Choose 16 AWG silicone, find LE-1 among the findings (F5), and apply its fix (Ctrl+.).",
            done=lambda began, now: (
                now.design.leads.wire != began.design.leads.wire and not _has(now, "LE-1")
            ),
        ),
    )


def _built(design: Design, analysis: Analysis) -> tuple[Stop, ...]:
    taps = analysis.bms.taps
    second = f"tap:{taps[2].number}" if len(taps) > 2 else ""
    return (
        Stop(
            "Board and taps",
            "B0 is on the pack's negative, each next tap one group higher; on the picture they change from face to face. "
            "Two of these leads exchanged kill a board. Lit is B2.",
            Stage.BMS,
            "Taps, from the pack's negative",
            second,
        ),
        Stop(
            "From the inside out",
            f"Ring, sheet, tape, sleeve, in this order. With all of it the pack weighs about "
            f"{kilograms(analysis.pack.mass_kg)}; the sleeve to buy is told by its flat width.",
            Stage.INSULATION,
            "From the inside out",
        ),
        Stop(
            "One step at the bench",
            "Somebody has begun to build it. The card asks for what this step has to prove, the picture shows what metal is "
            "live at this moment. Nothing that is recorded is ever erased.",
            Stage.BENCH,
            task="Record the row of welds as if you had made it, then pass the step with Ctrl+Space.",
            done=lambda began, now: _passed(now.state) > _passed(began.state),
        ),
        Stop(
            "Readings before the plug",
            "Every tap is read against B0 before anything is plugged in, and wrong wiring is told from the readings.",
            Stage.TESTS,
            "Taps against B0",
            task="Press Practise… for a pack with a hidden fault and a meter, and find it.",
        ),
        Stop(
            "What goes with the pack",
            "The passport says what the pack is, how it was built and what was measured. It says unfinished as long as "
            "a step is open, and names the first. That was the way; F1 has all of it to read again.",
            Stage.PASSPORT,
            "Ratings",
        ),
    )
