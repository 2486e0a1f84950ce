"""What is told of a cell of the register: its values, and what its measurements say of it."""

from dataclasses import replace

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH, ZERO_CELSIUS
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import figures, milliohms, percent, plural
from firmcell.core.bench.reclaimed import DAY_S, ReclaimedCell, reclaimed_cell
from firmcell.core.model.parts import Cell
from firmcell.core.records.events import CellTest
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellMoved,
    CellTested,
    Entry,
    Origin,
    PlaceKind,
)
from firmcell.core.stock.part_words import thing_told

MEASURED = ("capacity_as", "ohms", "rest_v", "cycles")


def judged(line: CellLine, cell: Cell | None) -> ReclaimedCell | None:
    """Return what its measurements say of a cell, by the same rules for new and reclaimed ones; None where
    its class is not in the part library: then nothing can be said."""
    if cell is None:
        return None
    test = CellTest.model_construct(
        kind="cell-test",
        cell=1,
        capacity_as=line.capacity_as,
        ohms=line.ohms,
        first_v=line.rest_first_v,
        second_v=line.rest_second_v,
        rest_s=line.rest_s,
        cycles=line.cycles,
        origin=line.pack,
    )
    found = reclaimed_cell(cell, test)
    if line.rest_v is not None and line.rest_v < cell.empty_v and line.rest_v != line.rest_second_v:
        below = f"rests at {line.rest_v:.2f} V, under {cell.empty_v:.2f} V"
        found = replace(found, stops=(*found.stops, below))
    return found


def stands(verdict: ReclaimedCell | None) -> str:
    """Return in one word how a cell stands: “out”, “look”, “fine”, or “not judged”."""
    if verdict is None:
        return "not judged"
    return "out" if verdict.stops else "look" if verdict.marks else "fine"


def where(line: CellLine) -> str:
    """Return in words where a cell is."""
    place = visible(line.place)
    if line.place_kind is PlaceKind.SCRAPPED:
        return "scrapped"
    if line.place_kind is PlaceKind.JOB:
        return f"job “{place}”" + (f", group {line.place_group}" if line.place_group else "")
    return place or "no drawer told"


def values(line: CellLine) -> tuple[str, str, str, str]:
    """Return capacity, resistance, voltage and loss at rest as texts; "" for what was not measured."""
    loss = line.loss_v_s
    return (
        "" if line.capacity_as is None else f"{figures(line.capacity_as / AH, 4)} Ah",
        "" if line.ohms is None else milliohms(line.ohms),
        "" if line.rest_v is None else f"{line.rest_v:.3f} V",
        "" if loss is None else f"{figures(loss * DAY_S * 1e3, 2)} mV/day",
    )


@frozen
class HistoryLine:
    """One entry about a cell in words.

    Attributes
    ----------
    key : of the entry.
    day : and time of it.
    words : what it says.
    by : who wrote it, and on which bench.
    gone : whether it was taken back.
    """

    key: str
    day: str
    words: str
    by: str
    gone: bool


def history_lines(cell: CellHistory) -> tuple[HistoryLine, ...]:
    """Return all that was written of a cell, newest first."""
    lines = [
        HistoryLine(
            entry.key,
            f"{when(entry.time):%Y-%m-%d %H:%M}",
            told(entry),
            ", ".join(visible(word) for word in (entry.person, entry.bench) if word),
            entry.key in cell.gone,
        )
        for entry in sorted(cell.entries, key=lambda e: when(e.time))
    ]
    return tuple(reversed(lines))


def told(entry: Entry) -> str:
    """Return what an entry says, in one line."""
    data = entry.data
    if isinstance(data, CellAdded):
        return _added(data)
    if isinstance(data, CellTested):
        return _tested(data)
    if isinstance(data, CellMoved):
        place = visible(data.place)
        if data.to is PlaceKind.SCRAPPED:
            return f"scrapped: {visible(data.reason)}"
        why = f" ({visible(data.reason)})" if data.reason else ""
        if data.to is PlaceKind.JOB:
            return f"into the job “{place}”" + (f", group {data.group}" if data.group else "") + why
        return f"into drawer {place}{why}" if place else f"out of its place{why}"
    if isinstance(data, CellDescribed):
        return "told anew: " + _what(data)
    return thing_told(entry)


def _added(data: CellAdded) -> str:
    drawer = f", into drawer {visible(data.drawer)}" if data.drawer else ""
    return "came in as " + _what(data) + drawer


def _what(data: CellAdded | CellDescribed) -> str:
    parts = [visible(data.serial), visible(data.class_name)]
    parts.append(f"lot {visible(data.lot)}" if data.lot else "")
    parts.append("" if data.origin is Origin.UNKNOWN else data.origin.value)
    parts.append(f"from {visible(data.pack)}" if data.pack else "")
    return ", ".join(part for part in parts if part)


def _tested(data: CellTested) -> str:
    parts = [
        "" if data.capacity_as is None else f"holds {figures(data.capacity_as / AH, 4)} Ah",
        "" if data.ohms is None else f"resists {milliohms(data.ohms)}",
        "" if data.rest_v is None else f"rests at {data.rest_v:.3f} V",
        "" if data.cycles is None else f"{data.cycles} cycles so far",
    ]
    words = ", ".join(part for part in parts if part)
    if data.kelvin is not None:
        words += f", at {data.kelvin - ZERO_CELSIUS:.0f} °C"
    return words + (f" ({visible(data.instrument)})" if data.instrument else "")


def marks_of(verdict: ReclaimedCell | None) -> str:
    """Return what speaks against a cell, the worst first; "" for nothing."""
    words = "; ".join((*verdict.stops, *verdict.marks)) if verdict else ""
    return words[:1].upper() + words[1:]


def summary(lines: tuple[CellLine, ...]) -> str:
    """Return how many cells are where, in one sentence."""
    drawers = {line.place for line in lines if line.place_kind is PlaceKind.DRAWER and line.place}
    stock = sum(line.place_kind is PlaceKind.DRAWER for line in lines)
    jobs = sum(line.place_kind is PlaceKind.JOB for line in lines)
    out = sum(line.place_kind is PlaceKind.SCRAPPED for line in lines)
    tested = sum(line.place_kind is PlaceKind.DRAWER and line.capacity_as is not None for line in lines)
    share = f", {percent(tested / stock)} of them with a tested capacity" if stock else ""
    return f"{stock} in {plural(len(drawers), 'drawer')}{share}; {jobs} in jobs; {out} scrapped."
