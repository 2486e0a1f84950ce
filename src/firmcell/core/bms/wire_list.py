"""The wire list of the BMS: every lead from its pad to its place on the board, to cut, mark and lay from."""

from collections.abc import Iterator

from firmcell.core.base.quantity import Frozen
from firmcell.core.bms.sense_leads import SENSE_FUSE_A, plug_places
from firmcell.core.bms.taps import Tap
from firmcell.core.bms.thermistor import ntc_resistance
from firmcell.core.model.design import Bms, Design
from firmcell.core.model.parts import ChargePort, SwitchSide
from firmcell.core.strips.under_load import UnderLoad

COLOURS = ("black", "white", "yellow", "blue", "green", "brown", "grey", "violet", "orange")
"""Of sense leads in turn; the first is black, the last red, numbers count where a colour comes again."""
ENDS_M = 0.004
SENSOR_LEAD_M = 0.15
"""Stripped at the tap end, m; common practice, no source."""


class WireEntry(Frozen):
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

    @property
    def briefly(self) -> tuple[str, str]:
        """Where from and where to, as short as the name beside it allows."""
        start = (
            self.from_where.rpartition(" at ")[2]
            .removesuffix(" face")
            .replace("collecting strip of ", "strip ")
        )
        start = start.partition(", the ")[0].replace("on the wrap of ", "wrap of ")
        end = self.to_where.removeprefix("plug ").partition(", printed")[0]
        plug, _, sign = end.rpartition(", ")
        if plug:
            end = f"{'charger' if plug.startswith('charger') else 'connector'} {sign}"
        return start, end


def tap_colour(number: int, series: int) -> str:
    """Return the colour of a sense lead: black at B0, red at the last, the rest in turn."""
    if number == 0:
        return COLOURS[0]
    return "red" if number == series else COLOURS[1 + (number - 1) % (len(COLOURS) - 1)]


def wire_list(design: Design, taps: tuple[Tap, ...], metal: UnderLoad | None = None) -> tuple[WireEntry, ...]:
    """Return the wires to cut: sense leads by tap, main leads, thermistors. Without a board the sense leads
    go to a balance plug.

    `metal` gives the hottest cell, where the first thermistor lies; without it that place is left open.
    """
    rows = [
        *_sense_rows(design, taps),
        *_main_rows(design, taps),
        *_sensor_rows(design, taps, metal),
    ]
    fields = tuple(WireEntry.model_fields)
    return tuple(
        WireEntry(**dict(zip(fields, (number, *row), strict=True)))
        for number, row in enumerate(rows, start=1)
    )


def switched_pole(bms: Bms) -> str | None:
    """Return the pole whose main lead runs through the board, “minus” or “plus”; None without a board."""
    board = bms.board
    if board is None:
        return None
    return "plus" if board.switch_side is SwitchSide.HIGH else "minus"


Row = tuple[str, str, str, float, str, str, str, str]
"""All of a `WireEntry` but its number."""


def _sense_rows(design: Design, taps: tuple[Tap, ...]) -> Iterator[Row]:
    bms, series = design.bms, design.series
    board = bms.board
    names = board.pad_names if board else tuple(f"B{n}" for n in range(series + 1))
    places = plug_places(names, series)
    fused = f", {SENSE_FUSE_A:g} A fuse at the tap" if bms.sense_fuses else ""
    end = f"strip {ENDS_M * 1e3:.0f} mm and tin; crimp at the plug{fused}"
    for tap in taps:
        if tap.wire_length_m:
            at = f"strip of {tap.name} at cell {tap.cell}, {tap.face.value} face"
            yield (
                tap.name,
                at,
                _pad(names, places[tap.number]),
                tap.wire_length_m,
                bms.sense_wire.gauge,
                tap_colour(tap.number, series),
                end,
                f"tap:{tap.number}",
            )


def _main_rows(design: Design, taps: tuple[Tap, ...]) -> Iterator[Row]:
    """Main leads: the board sits in the line that it switches; the other goes straight to the connector."""
    board, leads = design.bms.board, design.leads
    gauge = leads.wire.gauge
    for sign, pole, tap, colour in (("−", "minus", taps[0], "black"), ("+", "plus", taps[-1], "red")):
        through = pole == switched_pole(design.bms)
        end = "solder; fuse in this lead" if pole == "plus" and leads.fuse is not None else "solder"
        strip = f"collecting strip of {tap.name}, {tap.face.value} face"
        to = f"{leads.connector.name}, {sign}"
        if not through:
            yield f"P{sign}", strip, to, leads.length_m, gauge, colour, end, f"lead:{pole}"
            continue
        yield (
            f"B{sign}",
            strip,
            f"board B{sign}",
            tap.wire_length_m or leads.length_m,
            gauge,
            colour,
            end,
            f"lead:{pole}",
        )
        yield f"P{sign}", f"board P{sign}", to, leads.length_m, gauge, colour, "solder", f"lead:{pole}"
        if board is not None and board.charge_port is ChargePort.SEPARATE:
            plug = (leads.charge_connector or leads.connector).name
            yield (
                f"C{sign}",
                f"board C{sign}",
                f"charger's {plug}, {sign}",
                leads.length_m,
                gauge,
                colour,
                "solder",
                f"lead:{pole}",
            )


def _sensor_rows(design: Design, taps: tuple[Tap, ...], metal: UnderLoad | None) -> Iterator[Row]:
    board = design.bms.board
    longest = max((t.wire_length_m for t in taps), default=0.0)
    for sensor in range(1, board.temperature_sensors + 1 if board else 1):
        place, ref = "between the cells in the middle of the pack", "board"
        if metal is not None:
            ranked = sorted(metal.figures.cells, key=lambda c: -c.temperature_k)
            cell = ranked[min(sensor - 1, len(ranked) - 1)]
            which = "hottest" if sensor == 1 else "next hottest"
            place, ref = (
                f"on the wrap of cell {cell.number}, the {which} by the solved heat",
                f"cell:{cell.number}",
            )
        yield (
            f"NTC{sensor}",
            place,
            f"board NTC{sensor}",
            longest or SENSOR_LEAD_M,
            design.bms.sense_wire.gauge,
            "two white",
            "taped flat, insulated",
            ref,
        )


def _pad(names: tuple[str, ...], place: int | None) -> str:
    """The place in the plug in words."""
    if place is None:
        return "no pad of this name: look at the board's sheet"
    return f"plug place {place + 1}, printed {names[place]}"


def thermistor_readings(design: Design) -> tuple[tuple[float, float], ...]:
    """Return what to check the board's sensors by: ice, a cool and a warm room, body heat, the cell's limit.

    Parameters
    ----------
    design : Design

    Returns
    -------
    readings : tuple of (temperature, resistance)
        K, Ω; empty without a board.

    References
    ----------
    .. [1] steinhart-b

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> pack = Of(bms=Of(board=Of(ntc_ohm=10_000.0, ntc_b_k=3435.0)), cell=Of(temperature_max_k=333.15))
    >>> # By definition at 25 °C.
    >>> [round(ohm) for kelvin, ohm in thermistor_readings(pack) if kelvin == 298.15]
    [10000]
    """
    board = design.bms.board
    if board is None:
        return ()
    kelvin = (273.15, 288.15, 298.15, 313.15, design.cell.temperature_max_k)
    return tuple((k, float(ntc_resistance(k, board.ntc_ohm, board.ntc_b_k))) for k in kelvin)
