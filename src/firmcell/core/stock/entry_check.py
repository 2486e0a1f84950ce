"""May an entry go into the register, as it stands now? If not, why, in one sentence."""

from firmcell.core.base.visible import visible
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellMoved,
    CellTested,
    Entry,
    PlaceKind,
    TakenBack,
)


def why_not(entry: Entry, cell: CellHistory | None, others: tuple[CellHistory, ...] = ()) -> str:
    """Return why an entry cannot go in; "" if it can.

    Parameters
    ----------
    entry : Entry
    cell : CellHistory or None
        The cell it is about, as the register holds it; None where it holds none.
    others : tuple of CellHistory
        Other cells that carry the serial this one would have with it, if any.

    Returns
    -------
    sentence : str
    """
    data = entry.data
    try:
        when(entry.time)
    except ValueError:
        return f"“{visible(entry.time)}” is no time; 2026-11-28T10:42:00+01:00 is right."
    if isinstance(data, CellAdded):
        if cell is not None:
            return f"{visible(cell.serial)} is in the register already."
        return _lot_alone(data) or _serial_taken(data.serial, others)
    if cell is None:
        return "There is no such cell in the register: its coming in was refused or taken back."
    if isinstance(data, CellTested):
        if data.capacity_as is data.ohms is data.rest_v is data.cycles is None:
            return f"Nothing was measured on {visible(cell.serial)}: a test holds a capacity, a resistance, a voltage or its cycles."
        return ""
    if isinstance(data, CellMoved):
        return _moved(data, cell)
    if isinstance(data, CellDescribed):
        return _described(data, cell, others)
    if not isinstance(data, TakenBack):
        return "That entry is about another kind of thing."
    return _taken_back(data, cell) or _serial_taken(cell.serial if not others else others[0].serial, others)


def told_at(entry: Entry) -> str:
    """Return when, by whom and where an entry was written, for a sentence."""
    moment = when(entry.time)
    by = ", ".join(visible(word) for word in (entry.person, entry.bench) if word)
    return f"{moment:%Y-%m-%d} at {moment:%H:%M}" + (f" by {by}" if by else "")


def where_it_is(cell: CellHistory) -> str:
    """Return in words where a cell is."""
    place = visible(cell.place)
    if cell.to is PlaceKind.SCRAPPED:
        return f"scrapped ({visible(cell.reason)})" if cell.reason else "scrapped"
    if cell.to is PlaceKind.JOB:
        group = f", group {cell.group}" if cell.group else ""
        return f"in the job “{place}”{group}"
    return f"in drawer {place}" if place else "in stock, no drawer told"


def _serial_taken(serial: str, others: tuple[CellHistory, ...]) -> str:
    if not others:
        return ""
    other = others[0]
    lot = f", lot {visible(other.lot)}" if other.lot else ""
    since = told_at(other.entries[0])
    return (
        f"The serial {visible(serial)} belongs to another cell, {where_it_is(other)}{lot}, since {since}; "
        "give this one a serial of its own."
    )


def _moved(data: CellMoved, cell: CellHistory) -> str:
    if data.to is PlaceKind.JOB and not data.place:
        return f"Into which job {visible(cell.serial)} goes is not said."
    if data.to is PlaceKind.SCRAPPED and not data.reason:
        return f"Why {visible(cell.serial)} is scrapped is not said."
    if data.after != cell.placed_by:
        last = next(e for e in cell.entries if e.key == cell.placed_by)
        return f"{visible(cell.serial)} is {where_it_is(cell)}, put there on {told_at(last)}; look again before you move it."
    if cell.to is PlaceKind.SCRAPPED and data.to is PlaceKind.JOB:
        return f"{visible(cell.serial)} was {where_it_is(cell)}; take that back before it goes into a job."
    if cell.to is PlaceKind.SCRAPPED and data.to is PlaceKind.DRAWER and not data.reason:
        return f"{visible(cell.serial)} was {where_it_is(cell)}; why it is good after all is not said."
    if cell.to is data.to is PlaceKind.JOB and data.place != cell.place:
        return f"{visible(cell.serial)} is {where_it_is(cell)}: no cell is in two packs. Put it into a drawer first, if it came out."
    return ""


def _described(data: CellDescribed, cell: CellHistory, others: tuple[CellHistory, ...]) -> str:
    if data.after != cell.told_by:
        last = next(e for e in cell.entries if e.key == cell.told_by)
        return (
            f"What {visible(cell.serial)} is was changed on {told_at(last)}; look again before you change it."
        )
    return _lot_alone(data) or _serial_taken(data.serial, others)


def _lot_alone(data: CellAdded | CellDescribed) -> str:
    if data.lot and not data.class_name:
        return f"{visible(data.serial)} is of lot {visible(data.lot)} but of no class; say which class of cell the lot is of."
    return ""


def _taken_back(data: TakenBack, cell: CellHistory) -> str:
    if data.entry in cell.gone:
        return f"That entry about {visible(cell.serial)} was taken back already."
    if all(e.key != data.entry for e in cell.entries):
        return f"{visible(cell.serial)} has no such entry to take back."
    if data.entry == cell.entries[0].key and any(
        isinstance(e.data, CellMoved) and e.data.to is PlaceKind.JOB and e.key not in cell.gone
        for e in cell.entries
    ):
        return f"{visible(cell.serial)} was used in a job: it stays in the register. Scrap it, or give it another serial."
    return ""
