"""The recorded readings of a pack as the tap doctor wants them."""

from functools import lru_cache

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.tap_check.diagnosis import Diagnosis, PackAsked, Reading, point_number
from firmcell.core.tap_check.doctor import diagnose
from firmcell.core.tap_check.faults import MOST_SERIES
from firmcell.core.tap_check.group_verdicts import Proof, judge_taps


def tap_verdict(design: Design, state: BuildState) -> Proof:
    """Return the verdict on the recorded tap readings of a job: the one way it is asked for."""
    return judge_taps(state.tap_volts, design.series, design.cell, design.cell.chemistry.is_lithium)


def pack_asked(design: Design, state: BuildState) -> PackAsked:
    """Return the pack as the doctor sees it: groups stand where the cells measured before they were joined.

    Recorded readings of single cells go before what the design says.
    """
    read = [v for n, v in state.cell_volts.items() if n <= design.cell_count and v > 0]
    now = sum(read) / len(read) if len(read) >= max(3, design.cell_count // 2) else design.cell_now_v
    return PackAsked(design.series, design.cell, now)


def readings_of(state: BuildState, series: int) -> tuple[Reading, ...]:
    """Return taps against B0 and readings between points; what names no point of this pack is passed over."""
    found = [Reading(0, tap, volts) for tap, volts in state.tap_volts.items() if 0 < tap <= series]
    for (black, red), volts in state.point_volts.items():
        try:
            found.append(Reading(point_number(black, series), point_number(red, series), volts))
        except Refusal:
            continue
    return tuple(found)


@lru_cache(maxsize=32)
def _diagnosed(readings: tuple[Reading, ...], asked: PackAsked) -> Diagnosis:
    return diagnose(readings, asked)


def diagnosis_of(design: Design, state: BuildState) -> Diagnosis | None:
    """Return what the recorded readings say; None for packs that the doctor does not know, or before the
    first reading."""
    readings = readings_of(state, design.series)
    if not readings or not 2 <= design.series <= MOST_SERIES:
        return None
    return _diagnosed(readings, pack_asked(design, state))


PROVE_METER = "Before it is plugged in, prove the meter: red on a cell's plus must read plus."
"""With the meter's leads exchanged, a plug put on mirrored reads right at every pin."""


def meter_words(state: BuildState) -> str:
    """Return what is still to be done about the meter once all pins read right; "" if that step is passed,
    which asks for plus."""
    return "" if state.step("meter-check").status is StepStatus.PASSED else PROVE_METER


def blocking_words(design: Design, state: BuildState) -> str | None:
    """Return why the plug must not go in by what the doctor says, or None: a dangerous fault likelier than
    not."""
    told = diagnosis_of(design, state)
    if told is None or told.right:
        return None
    dangerous = sum(s.probability for s in told.suspicions if s.dangerous) + told.unexplained
    return told.words if dangerous > 0.5 else None
