"""The recorded readings of a pack as the tap doctor wants them."""

from functools import lru_cache

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.tap_check.diagnosis import Diagnosis, PackAsked, Reading
from firmcell.core.tap_check.group_verdicts import CHEMISTRY_PROVEN, Proof
from firmcell.core.tap_check.points import point_number
from firmcell.core.tap_check.ruling import UNLOADED, Ruling, UnderLoad, rule_on
from firmcell.core.tap_check.unseen import CHEMISTRY_LOOK


def tap_verdict(design: Design, state: BuildState) -> Proof:
    """Return the verdict on the recorded readings of a job: the one way it is asked for."""
    return ruling_of(design, state).proof


def pack_asked(design: Design, state: BuildState) -> PackAsked:
    """Return the pack as the doctor sees it: groups stand where the cells measured before they were joined.

    Recorded readings of single cells go before what the design says, which nobody may have measured.
    """
    read = [v for n, v in state.cell_volts.items() if n <= design.cell_count and v > 0]
    enough = len(read) >= max(3, design.cell_count // 2)
    now = sum(read) / len(read) if enough else design.cell_now_v
    return PackAsked(design.series, design.cell, now, measured=enough, parallel=design.parallel)


def readings_of(state: BuildState, series: int) -> tuple[Reading, ...]:
    """Return taps against B0 and readings between points; what names no point of this pack is passed over."""
    found = [Reading(0, tap, volts) for tap, volts in state.tap_volts.items() if 0 < tap <= series]
    return (*found, *_between_pins(state.point_volts, series))


@lru_cache(maxsize=32)
def _ruled(
    readings: tuple[Reading, ...], asked: PackAsked, proven: frozenset[str], load: UnderLoad
) -> Ruling:
    return rule_on(readings, asked, proven, load)


def ruling_of(design: Design, state: BuildState) -> Ruling:
    """Return what the recorded readings say, and what the doctor makes of them."""
    readings = readings_of(state, design.series)
    load = UNLOADED
    if state.lamp_volts or state.loaded_volts:
        load = UnderLoad(
            _between_pins(state.lamp_volts, design.series), _between_pins(state.loaded_volts, design.series)
        )
    return _ruled(readings, pack_asked(design, state), proven_tests(state), load)


def _between_pins(read: dict[tuple[str, str], float], series: int) -> tuple[Reading, ...]:
    found = []
    for (black, red), volts in read.items():
        try:
            found.append(Reading(point_number(black, series), point_number(red, series), volts))
        except Refusal:
            continue
    return tuple(found)


def proven_tests(state: BuildState) -> frozenset[str]:
    """Return the names of tests, besides readings, that bear on the verdict and are recorded as right."""
    right = {look for check in state.checks if not check.wrong for look in check.right}
    return frozenset({CHEMISTRY_PROVEN} if CHEMISTRY_LOOK in right else ())


def diagnosis_of(design: Design, state: BuildState) -> Diagnosis | None:
    """Return what the doctor makes of the recorded readings; None for packs that it does not know, or before
    the first reading."""
    return ruling_of(design, state).doctor


PROVE_METER = "Before it is plugged in, prove the meter: red on a cell's plus must read plus."
"""With the meter's leads exchanged, a plug put on mirrored reads right at every pin."""


def meter_words(state: BuildState) -> str:
    """Return what is still to be done about the meter once all pins read right; "" if that step is passed,
    which asks for plus."""
    return "" if state.step("meter-check").status is StepStatus.PASSED else PROVE_METER
