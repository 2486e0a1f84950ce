"""The way of the current as a table: out to the load, and in from the charger."""

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, figures, volts
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Wired
from firmcell.core.wiring.current_way import Piece, charge_outlet, way_of
from firmcell.core.wiring.graph import OUTLETS, Wiring

HEADINGS = ("Piece", "Resistance", "Loses", "Heat")


@frozen
class WayTable:
    """One direction of the current.

    Attributes
    ----------
    title : with its current.
    rows : reference on the picture, and the cells under `HEADINGS`.
    total : what is lost outside the cells, in words.
    """

    title: str
    rows: tuple[tuple[str, tuple[str, ...]], ...]
    total: str


def way_tables(design: Design, analysis: Analysis) -> tuple[WayTable, ...]:
    """Return the way to the load at its steady current, and the charger's at the charge current where there
    is one."""
    wiring, leads = analysis.wiring, analysis.leads
    pack_ohm = analysis.pack.resistance_cells_ohm + analysis.pack.resistance_strips_ohm
    if design.details.supply is not None:
        pack_ohm = design.details.supply.source_ohm
    steady = design.brief.current_steady_a
    out = way_of(
        wiring, "load", steady, min(leads.temperature_k, design.leads.wire.insulation_limit_k), pack_ohm
    )
    tables = [_table(f"To the load, {amperes(steady)} steady", out, wiring)] if out else []
    outlet = charge_outlet(wiring)
    if design.details.wired is Wired.PACK and design.details.opens_pack:
        charge = design.charge_current_a
        back = way_of(wiring, outlet, charge, design.brief.ambient_max_k, pack_ohm)
        where = "a connector of its own" if outlet == "charge" else "the same connector"
        tables.append(_table(f"From the charger, {amperes(charge)}, over {where}", back, wiring))
    return tuple(tables)


def routes(wiring: Wiring) -> tuple[tuple[str, str], ...]:
    """Return by which points each pole of each connector leaves the pack: a name, and the points from the
    cells outwards.

    Empty where there is no pack.
    """
    taps = [n for n in range(len(wiring.nodes)) if f"B{n}" in wiring.by_id]
    if not taps:
        return ()
    found = []
    for outlet, name in OUTLETS.items():
        for sign, pole, start in (("-", "minus", "B0"), ("+", "plus", f"B{taps[-1]}")):
            way = wiring.path(start, f"{outlet}.{sign}") if f"{outlet}.{sign}" in wiring.by_id else None
            if way is None:
                continue
            at, points = start, [start]
            for edge in way:
                at = edge.end if edge.start == at else edge.start
                points.append(_place(at, wiring))
            found.append(
                (f"{name.removesuffix('connector')}{pole}".capitalize(), " → ".join(dict.fromkeys(points)))
            )
    return tuple(found)


def _table(title: str, pieces: tuple[Piece, ...], wiring: Wiring) -> WayTable:
    rows = tuple(
        (
            p.ref,
            (
                _named(p, wiring),
                f"{figures(p.ohm * 1e3, 2)} mΩ",
                f"{figures(p.drop_v * 1e3)} mV",
                f"{figures(p.heat_w, 2)} W",
            ),
        )
        for p in pieces
    )
    outside = [p for p in pieces if p.words not in ("cells and strips", "source")]
    lost, warm = sum(p.drop_v for p in outside), sum(p.heat_w for p in outside)
    total = f"Outside the cells and strips it loses {volts(lost)} and makes {figures(warm, 2)} W."
    return WayTable(title, rows, total)


def _named(piece: Piece, wiring: Wiring) -> str:
    """What a piece is and where, in a few words."""
    start, end = (_place(name, wiring) for name in (piece.start, piece.end))
    if piece.words == "joint":
        return f"joint of lead and {start}"
    if piece.words == "tail of the collecting strip":
        return f"tail of strip {start}"
    if piece.words in ("fuse", "source"):
        return piece.words
    if piece.words == "contact":
        return f"contact {end if start.startswith(end) else start}"
    if piece.words == "switch of the board":
        return f"board {start} to {end}"
    if piece.words == "cells and strips":
        return f"{piece.words} {start} to {end}"
    return f"{start} to {end}, {piece.words}"


def _place(name: str, wiring: Wiring) -> str:
    """A node as short as a builder would say it."""
    node = wiring.by_id[name]
    kind, _, rest = name.partition(".")
    shown = rest.replace("-", "−")
    match kind:
        case "bms":
            return shown
        case "fuse":
            return "fuse"
        case "lead" | "tail":
            return f"strip {shown[0]}"
        case "cup" | "load" | "load2" | "charge":
            outlet, _, sign = shown.rpartition(".")
            return f"{OUTLETS[outlet or kind]} {sign}"
    return name if name.startswith("B") else node.label
