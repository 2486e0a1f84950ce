"""The wire list of the guard: every lead from its pad to its place on the board, to cut, mark and lay from."""

from dataclasses import dataclass

from firmcell.core.analysis import Analysis
from firmcell.core.design import Design, Face
from firmcell.core.metal import Metal
from firmcell.core.ntc import ntc_resistance
from firmcell.core.sense_leads import SENSE_FUSE_A, plug_places

COLOURS = ("black", "white", "yellow", "blue", "green", "brown", "grey", "violet", "orange")
"""Of sense leads in turn; the first is black, the last red, numbers count where a colour comes again."""
ENDS_M = 0.004
"""Stripped at the tap end, m; common practice, no source."""


@dataclass(frozen=True)
class WireEntry:
    """One wire of the list.

    Attributes
    ----------
    number : on its marker.
    name : such as B3, P− or NTC1.
    from_where, to_where : the tap on its face, and the pad of the board as printed.
    length_m : cut length, with service loop.
    colour, end : and how it ends.
    ref : on the picture.
    """

    number: int
    name: str
    from_where: str
    to_where: str
    length_m: float
    gauge: str
    colour: str
    end: str
    ref: str


def tap_colour(number: int, series: int) -> str:
    """Return the colour of a sense lead: black at B0, red at the last, the rest in turn."""
    if number == 0:
        return COLOURS[0]
    return "red" if number == series else COLOURS[1 + (number - 1) % (len(COLOURS) - 1)]


def wire_list(design: Design, analysis: Analysis, metal: Metal | None = None) -> tuple[WireEntry, ...]:
    """Return the wires to cut: sense leads by tap, main leads, thermistors. Without a board the sense leads go to a balance plug.

    `metal` gives the hottest cell, where the first thermistor lies; without it that place is left open.
    """
    guarding, series = design.guarding, design.series
    board = guarding.board
    names = board.pad_names if board else tuple(f"B{n}" for n in range(series + 1))
    places = plug_places(names, series)
    fused = f", {SENSE_FUSE_A:g} A fuse at the tap" if guarding.sense_fuses else ""
    entries = []
    number = 0
    for tap in analysis.guard.taps:
        if not tap.wire_length_m:
            continue
        number += 1
        pad = _pad(names, places[tap.number])
        entries.append(
            WireEntry(
                number, tap.name, f"strip of {tap.name} at cell {tap.cell}, {tap.face.value} face", pad, tap.wire_length_m,
                guarding.sense_wire.gauge, tap_colour(tap.number, series), f"strip {ENDS_M * 1e3:.0f} mm and tin; crimp at the plug{fused}",
                f"tap:{tap.number}",
            )
        )  # fmt: skip
    if board is not None:
        main = design.leads.wire.gauge
        minus = analysis.guard.taps[0]
        for name, start, to, colour in (
            ("B−", f"collecting strip of B0, {minus.face.value} face", "board B−", "black"),
            ("P−", "board P−", f"{design.leads.connector.name}, −", "black"),
        ):
            number += 1
            length = minus.wire_length_m if name == "B−" else design.leads.length_m
            entries.append(WireEntry(number, name, start, to, length, main, colour, "solder", "lead:minus"))
        for sensor in range(1, board.temperature_sensors + 1):
            number += 1
            entries.append(_thermistor(number, sensor, design, analysis, metal))
    number += 1
    entries.append(
        WireEntry(number, "P+", f"collecting strip of B{series}", f"{design.leads.connector.name}, +", design.leads.length_m,
                  design.leads.wire.gauge, "red", "solder; fuse in this lead", "lead:plus")
    )  # fmt: skip
    return tuple(entries)


def _pad(names: tuple[str, ...], place: int | None) -> str:
    """The place in the plug in words."""
    if place is None:
        return "no pad of this name: look at the board's sheet"
    return f"plug place {place + 1}, printed {names[place]}"


def _thermistor(
    number: int, sensor: int, design: Design, analysis: Analysis, metal: Metal | None
) -> WireEntry:
    place = "between the cells in the middle of the pack"
    ref = "board"
    if metal is not None:
        ranked = sorted(metal.figures.cells, key=lambda c: -c.temperature_k)
        cell = ranked[min(sensor - 1, len(ranked) - 1)]
        place, ref = (
            f"on the wrap of cell {cell.number}, the {'hottest' if sensor == 1 else 'next hottest'} by the solved heat",
            f"cell:{cell.number}",
        )
    length = max((t.wire_length_m for t in analysis.guard.taps), default=0.1) or 0.15
    return WireEntry(
        number,
        f"NTC{sensor}",
        place,
        f"board NTC{sensor}",
        length,
        design.guarding.sense_wire.gauge,
        "two white",
        "taped flat, insulated",
        ref,
    )


def thermistor_readings(design: Design) -> tuple[tuple[float, float], ...]:
    """Return (K, Ω) pairs to check the board's sensors by: ice, a cool and a warm room, the cell's limit."""
    board = design.guarding.board
    if board is None:
        return ()
    kelvin = (273.15, 288.15, 298.15, 313.15, design.cell.temperature_max_k)
    return tuple((k, float(ntc_resistance(k, board.ntc_ohm, board.ntc_b_k))) for k in kelvin)


def faces_of_taps(analysis: Analysis) -> dict[Face, tuple[int, ...]]:
    """Return which taps are on which face; with alternating directions they alternate."""
    return {face: tuple(t.number for t in analysis.guard.taps if t.face is face) for face in Face}
