"""What a meter must show in a step, read from the wiring as it stands at that moment."""

from dataclasses import replace

from firmcell.core.base.wording import volts
from firmcell.core.model.design import Design
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.records.step import Step
from firmcell.core.wiring.graph import EdgePart, Wiring

METER_OVER_V = 0.05
"""What meter and charger together may show over a full cell, V; engineering judgement."""
SOURCE_LEAST, SOURCE_MOST = 0.5, 1.02
"""Shares of its full voltage that a source which is not ours may read; engineering judgement."""
BOARD_ON = "board-on"
READS = "{reads}"
"""Stands in what a step expects for what its probes must read."""


def not_there(wiring: Wiring, steps: tuple[Step, ...], code: str) -> frozenset[str]:
    """Return the edges that are not there once the step of this code is done.

    Those are the wires of later steps, and, before the step that connects the board, the places of its plug
    and its switch.
    """
    made: set[str] = set()
    board_later = False
    reached = False
    for step in steps:
        if reached:
            board_later = board_later or step.code == BOARD_ON
        else:
            made |= set(step.wires)
            reached = step.code == code
    open_now = {e.id for e in wiring.of(EdgePart.WIRE)} - made
    if board_later:
        open_now |= {e.id for e in wiring.edges if e.part is EdgePart.BMS or e.id.startswith("plug.")}
    return frozenset(open_now)


def reading_at(wiring: Wiring, steps: tuple[Step, ...], step: Step) -> float | None:
    """Return what a meter shows between the probes of a step once it is done, V; None where nothing joins
    them, or it has no probes."""
    if step.probes is None:
        return None
    black, red = step.probes
    return wiring.reached(black, not_there(wiring, steps, step.code)).get(red)


def with_readings(steps: tuple[Step, ...], design: Design, wiring: Wiring) -> tuple[Step, ...]:
    """Return the steps, each that has probes with what they must read and by how much it may differ."""
    return tuple(_with_reading(step, steps, design, wiring) if step.probes else step for step in steps)


def _with_reading(step: Step, steps: tuple[Step, ...], design: Design, wiring: Wiring) -> Step:
    found = reading_at(wiring, steps, step)
    assert found is not None, f"{step.code}: nothing joins its probes"
    band = _band(design, found, step.any_charge)
    black, red = (wiring.by_id[name].label for name in step.probes or ())
    if step.any_charge:
        told = f"{volts(band[0])} to {volts(found / _cell_v(design) * _full_v(design))}"
    else:
        told = volts(found)
    words = step.expected.replace(READS, told) or f"{told}, red on {red}, black on {black}"
    return replace(step, reads_v=band, expected=words)


def _cell_v(design: Design) -> float:
    supply = design.details.supply
    return supply.full_v if supply else design.cell_now_v


def _full_v(design: Design) -> float:
    supply = design.details.supply
    return supply.full_v if supply else design.cell.full_v


def _band(design: Design, found_v: float, any_charge: bool) -> tuple[float, float]:
    """Least and greatest reading that is right: cells near what they measure now, or anywhere in use."""
    supply = design.details.supply
    if supply is not None:
        return SOURCE_LEAST * found_v, SOURCE_MOST * found_v
    groups = round(found_v / design.cell_now_v)
    if any_charge:
        return groups * design.cell.empty_v, groups * (design.cell.full_v + METER_OVER_V)
    return groups * (design.cell_now_v - GROUP_SPREAD_V), groups * (design.cell_now_v + GROUP_SPREAD_V)
