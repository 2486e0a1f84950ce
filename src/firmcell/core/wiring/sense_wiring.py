"""Thin wires of a pack: sense leads to the board's pads or plug, balance leads, thermistors."""

from firmcell.core.bms.plug_pads import PlugPads, read_pads
from firmcell.core.bms.sense_leads import SENSE_FUSE_A
from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.parts import SenseJoined
from firmcell.core.wiring.builder import Builder
from firmcell.core.wiring.colours import tap_colour
from firmcell.core.wiring.graph import EdgePart, NodeKind

ENDS_M = 0.004
"""Stripped at the tap end, m; common practice, no source."""
SENSOR_LEAD_M = 0.15
SENSE_FUSE_OHM = 0.3
"""Of a small fuse at a tap; generic class value."""


def pad_id(sign: str, letter: str = "B") -> str:
    """The id of a pad of the board, such as ``bms.B-``."""
    return f"bms.{letter}{sign.replace('−', '-')}"


class SenseWiring:
    """Adds the thin wires of a pack to a wiring that grows."""

    def __init__(
        self,
        build: Builder,
        design: Design,
        layout: Layout,
        taps: tuple[Tap, ...],
        bridged: frozenset[int],
        switched: str | None,
    ) -> None:
        self.build, self.design, self.layout, self.taps, self.bridged = build, design, layout, taps, bridged
        self.board, self.series, self.switched = design.bms.board, design.series, switched

    @property
    def _printed(self) -> tuple[str, ...]:
        assert self.board is not None
        if self.board.pads.strip():
            return self.board.pad_names
        return tuple(f"B{n}" for n in range(self.series + 1))

    def lead_out(self) -> None:
        """Sense leads to the board, and balance leads to a plug of their own."""
        if not any(tap.wire_length_m for tap in self.taps):
            return
        pads = read_pads(self._printed, self.series) if self.board else None
        if pads is not None:
            for tap in self.taps:
                self._sense_lead(tap, pads)
        if pads is None or self.design.bms.balance_plug:
            for tap in self.taps:
                pin = self.build.node(
                    f"balance.{tap.number}", NodeKind.BALANCE_PIN, f"balance plug, pin {tap.number + 1}"
                )
                marked = f"B{tap.number}" if pads is None else f"B{tap.number} balance"
                self._tap_wire(tap, f"balance.{tap.number}", pin, marked, "crimp at the balance plug")

    def _sense_lead(self, tap: Tap, pads: PlugPads) -> None:
        build, board = self.build, self.board
        assert board is not None
        soldered = board.sense_joined is SenseJoined.SOLDERED
        for n, place in enumerate(pads.places_of(tap.number)):
            printed = pads.names[place]
            pad = build.node(
                f"bms.pad.{place}", NodeKind.BOARD_PAD, f"board's pad {place + 1}, printed {printed}"
            )
            which = "" if n == 0 else f".{n + 1}"
            marked = f"B{tap.number}" + ("" if n == 0 else " again")
            if soldered:
                self._tap_wire(tap, f"sense.{tap.number}{which}", pad, marked, "solder to the pad")
                continue
            pin = build.node(
                f"sense.pin.{place}", NodeKind.SENSE_PIN, f"plug place {place + 1}, printed {printed}"
            )
            self._tap_wire(tap, f"sense.{tap.number}{which}", pin, marked, "crimp at the plug")
            build.edge(f"plug.{place}", pin, pad, EdgePart.CONTACT, 0.01)
        if pads.fault:
            pin = build.node(
                f"sense.unknown.{tap.number}",
                NodeKind.SENSE_PIN,
                "place not known: look at the board's sheet",
            )
            self._tap_wire(tap, f"sense.{tap.number}", pin, f"B{tap.number}", "not before its place is known")
            return
        sign = "−" if tap.number == 0 else "+"
        if tap.number in pads.on_board and sign != self.switched:
            # The line that the board does not switch: a thin lead feeds and measures it.
            pad = build.node(pad_id(sign), NodeKind.BOARD_PAD, f"board B{sign}")
            self._tap_wire(tap, f"sense.{tap.number}", pad, f"B{tap.number}", "solder to the board")

    def _tap_wire(self, tap: Tap, name: str, end: str, marked: str, ending: str) -> None:
        bms = self.design.bms
        start = f"B{tap.number}"
        if tap.number in self.bridged and self.layout.by_number[tap.cell].group == tap.number + 1:
            start += ".2"
        fused = ""
        if bms.sense_fuses:
            fuse = self.build.node(f"sense fuse.{name}", NodeKind.FUSE_END, f"fuse at tap {start}")
            self.build.edge(f"sense fuse.{name}", start, fuse, EdgePart.FUSE, SENSE_FUSE_OHM)
            start, fused = fuse, f", {SENSE_FUSE_A:g} A fuse at the tap"
        self.build.wire(
            name,
            start,
            end,
            bms.sense_wire,
            tap.wire_length_m,
            marked,
            tap_colour(tap.number, self.series),
            f"strip {ENDS_M * 1e3:.0f} mm and tin; {ending}{fused}",
            f"tap:{tap.number}",
        )

    def sensors(self) -> None:
        """Thermistors of the board."""
        longest = max((t.wire_length_m for t in self.taps), default=0.0)
        for n in range(1, (self.board.temperature_sensors if self.board else 0) + 1):
            sensor = self.build.node(f"ntc.{n}", NodeKind.SENSOR, f"thermistor {n}")
            pad = self.build.node(f"bms.NTC{n}", NodeKind.BOARD_PAD, f"board NTC{n}")
            self.build.wire(
                f"ntc.{n}",
                sensor,
                pad,
                self.design.bms.sense_wire,
                longest or SENSOR_LEAD_M,
                f"NTC{n}",
                "two white",
                "taped flat, insulated",
                "board",
            )
