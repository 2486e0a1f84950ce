"""The wiring of a pack: groups, strips, board, fuse, connectors, sense and balance leads, thermistors."""

from collections.abc import Iterable

from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design, LeadEnds, StripStyle
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.model.limits import LEAD_TAIL_M
from firmcell.core.model.parts import Board, ChargePort, Connector, Fuse, SwitchSide
from firmcell.core.strips.made_of import ohms_per_metre
from firmcell.core.strips.runs import StripKind
from firmcell.core.wiring.builder import Builder
from firmcell.core.wiring.colours import main_colour
from firmcell.core.wiring.graph import OUTLETS, EdgePart, NodeKind, Wiring
from firmcell.core.wiring.sense_wiring import SenseWiring, pad_id

CHARGE_FUSE_AT_M = 0.05
"""Of the charger's plus lead before its fuse, m; common practice, no source: as near as it goes."""
POLE = {"−": "minus", "+": "plus"}
ORDINAL = {2: "second", 3: "third", 4: "fourth"}
SPARK_OHM = 5.6
IN_THE_SHEET_OHM = 1e-6
"""Of the tab of a plate, whose metal is solved with the plate."""
"""Resistance through which a spark-limiting contact touches first; generic class value."""


def switched_sign(board: Board | None) -> str | None:
    """Return the sign of the pole whose main lead runs through the board, “−” or “+”; None without a
    board."""
    if board is None:
        return None
    return "+" if board.switch_side is SwitchSide.HIGH else "−"


def pole_through_board(board: Board | None) -> str | None:
    """Return the pole whose main lead runs through the board, “minus” or “plus”; None without a board."""
    return POLE.get(switched_sign(board) or "")


def pack_wiring(design: Design, layout: Layout, taps: tuple[Tap, ...], bridged: Iterable[int] = ()) -> Wiring:
    """Return all that conducts in a pack.

    Parameters
    ----------
    design : Design
    layout : Layout
        Of the design.
    taps : tuple of Tap
        From B0 to BS, with the length of each sense lead.
    bridged : iterable of int
        Tap points whose metal is in two modules, joined by a lead.
    """
    return _PackWiring(design, layout, taps, frozenset(bridged)).done()


class _PackWiring:
    def __init__(
        self, design: Design, layout: Layout, taps: tuple[Tap, ...], bridged: frozenset[int]
    ) -> None:
        self.design, self.layout, self.taps, self.bridged = design, layout, taps, bridged
        # A pack that stays closed has what it has inside; only its leads are known.
        self.inside = design.details.opens_pack
        self.board = design.bms.board if self.inside else None
        self.leads, self.series = design.leads, design.series
        self.switched = switched_sign(self.board)
        self.build = Builder()

    def done(self) -> Wiring:
        self._cells()
        self._board_pads()
        thin = SenseWiring(self.build, self.design, self.layout, self.taps, self.bridged, self.switched)
        if self.inside:
            thin.lead_out()
        ends = {sign: self._pole(sign) for sign in ("−", "+")}
        self._connectors(ends)
        if self.inside:
            thin.sensors()
        return self.build.done()

    # -- cells and strips -------------------------------------------------------------------------------

    def _cells(self) -> None:
        build = self.build
        for number in range(self.series + 1):
            tap = self.taps[number]
            where = f"strip of {tap.name} at cell {tap.cell}, {tap.face.value} face"
            build.node(f"B{number}", NodeKind.TAP, where)
            if number in self.bridged:
                build.node(f"B{number}.2", NodeKind.TAP, f"tap point B{number} on the other module")
        each = self.design.cell.resistance_ohm / self.design.parallel
        for group in range(1, self.series + 1):
            low = f"B{group - 1}.2" if group - 1 in self.bridged else f"B{group - 1}"
            build.edge(f"cell.{group}", low, f"B{group}", EdgePart.CELL, each, self.design.cell_now_v)
        for number in sorted(self.bridged):
            way = self.leads.wire
            build.wire(
                f"bridge.{number}",
                f"B{number}",
                f"B{number}.2",
                way,
                self.layout.pitch_m,
                f"bridge B{number}",
                "any",
                "flexible, insulated, to the strips of both modules",
                f"tap:{number}",
            )

    def _pole(self, sign: str) -> list[str]:
        """Strip ends of a pole, fuse and the way to the board; returns where what leaves the pack begins: one
        point, or two where two leads run side by side."""
        build, leads = self.build, self.leads
        number, place = (0, 0) if sign == "−" else (self.series, 1)
        pole = POLE[sign]
        count = 2 if self.layout.second_lead_cells[place] else 1
        strip_ohm = LEAD_TAIL_M * ohms_per_metre(self.layout, self.design.joining)[StripKind.COLLECTOR]
        if self.design.joining.style is StripStyle.PLATES:
            strip_ohm = IN_THE_SHEET_OHM
        ends = []
        for n in range(1, count + 1):
            which = "" if n == 1 else f".{n}"
            tail = build.node(
                f"tail.{_plain(sign)}{which}",
                NodeKind.STRIP_END,
                f"end of the collecting strip of B{number}{', second lead' if n > 1 else ''}",
            )
            build.edge(f"strip.{pole}{which}", f"B{number}", tail, EdgePart.STRIP, strip_ohm)
            face = self.taps[number].face.value
            end = build.node(
                f"lead.{_plain(sign)}{which}",
                NodeKind.JOINT,
                f"collecting strip of B{number}, {face} face{', second lead' if n > 1 else ''}",
            )
            build.edge(f"joint.{pole}{which}", tail, end, EdgePart.JOINT, self._lead_joint_ohm)
            ends.append(end)
        fused = leads.fuse_on(pole) is not None
        through = sign == self.switched
        if not fused and not through:
            return ends
        if fused:
            a = build.node("fuse.a", NodeKind.FUSE_END, "fuse, pack side")
            b = build.node("fuse.b", NodeKind.FUSE_END, "fuse, load side")
            self._main_wires(ends, a, sign, leads.fuse_at_m, f"main.{_plain(sign)}.a", f"F{sign}")
            build.edge("fuse", a, b, EdgePart.FUSE, leads.fuse_ohm)
            if not through:
                return [b]
            ends = [b]
        length = self.taps[number].wire_length_m or leads.length_m
        self._main_wires(ends, pad_id(sign), sign, length, f"main.{_plain(sign)}", f"B{sign}")
        return [pad_id(sign, "P")]

    def _ending(self, start: str, other: str) -> str:
        """How a lead ends: `other`, with a lug where it begins at a bar."""
        at_bar = start.startswith("lead.") and self.design.joining.leads_bolted
        return f"crimp a ring lug for the bar; {other}" if at_bar else other

    @property
    def _lead_joint_ohm(self) -> float:
        """A main lead is soldered to the tail of its strip, or bolted to its bar."""
        return KINDS[JoinedBy.SCREW if self.design.joining.leads_bolted else JoinedBy.SOLDER].ohm

    def _main_wires(
        self, starts: list[str], end: str, sign: str, length_m: float, name: str, marked: str
    ) -> None:
        for n in range(1, max(len(starts), self.leads.parallel) + 1):
            which = "" if n == 1 else f".{n}"
            start = starts[(n - 1) % len(starts)]
            self.build.wire(
                name + which,
                start,
                end,
                self.leads.wire,
                max(length_m, 1e-3),
                marked + (f" ({ORDINAL[n]})" if n > 1 else ""),
                main_colour(sign),
                self._ending(start, "solder; fuse in this lead" if name.endswith(".a") else "solder"),
                f"lead:{POLE[sign]}",
            )

    # -- board ------------------------------------------------------------------------------------------

    def _board_pads(self) -> None:
        board, sign = self.board, self.switched
        if board is None or sign is None:
            return
        build = self.build
        b, p = (build.node(pad_id(sign, x), NodeKind.BOARD_PAD, f"board {x}{sign}") for x in "BP")
        build.edge("bms.switch", b, p, EdgePart.BMS, board.resistance_ohm)
        if board.charge_port is ChargePort.SEPARATE:
            c = build.node(pad_id(sign, "C"), NodeKind.BOARD_PAD, f"board C{sign}")
            build.edge("bms.charge switch", b, c, EdgePart.BMS, board.resistance_ohm)

    # -- connectors -------------------------------------------------------------------------------------

    def _connectors(self, starts: dict[str, list[str]]) -> None:
        leads = self.leads
        host = getattr(self.design.details, "host_plug", None)
        part = host or leads.outlet
        self._outlet("load", part, starts, host is None and leads.ends is LeadEnds.STUDS)
        if not self.inside:
            return
        if leads.second_connector is not None:
            self._outlet("load2", leads.second_connector, starts)
        separate = self.board is not None and self.board.charge_port is ChargePort.SEPARATE
        if separate or leads.charge_connector is not None:
            to = dict(starts)
            if separate and self.switched is not None:
                to[self.switched] = [pad_id(self.switched, "C")]
            self._outlet("charge", leads.charge_connector or leads.connector, to)
        if host is not None:
            sensor = self.build.node("ntc.host", NodeKind.SENSOR, "thermistor that the host reads")
            pin = self.build.node("load.ntc", NodeKind.CONTACT, f"{host.name}, pin of the thermistor")
            self.build.wire(
                "ntc.host",
                sensor,
                pin,
                self.design.bms.sense_wire,
                leads.length_m,
                "NTC host",
                "two white",
                "by the host's pin list",
                "connector",
            )

    def _outlet(self, name: str, part: Connector, starts: dict[str, list[str]], studs: bool = False) -> None:
        build = self.build
        for sign in ("−", "+"):
            plain = _plain(sign)
            where = f"lug on the stud, {sign}" if studs else f"{part.name}, {sign}"
            if name == "charge":
                where = f"charger's {where}"
            cup = build.node(f"cup.{name}.{plain}", NodeKind.STUD if studs else NodeKind.CUP, where)
            contact = build.node(f"{name}.{plain}", NodeKind.CONTACT, f"{OUTLETS[name]}, {sign}")
            ohm = part.contact_resistance_ohm * (1 + self.leads.adapters if name == "load" else 1)
            build.edge(f"contact.{name}.{plain}", cup, contact, EdgePart.CONTACT, ohm)
            if part.anti_spark and sign == "+":
                build.edge(f"spark.{name}.{plain}", cup, contact, EdgePart.CONTACT, SPARK_OHM)
            # Two leads of a pole run on to the load's connector; others are fed from the first.
            first = starts[sign] if name == "load" else starts[sign][:1]
            count = max(len(first), self.leads.parallel) if name == "load" else 1
            for n in range(count):
                self._to_outlet(name, sign, first[n % len(first)], cup, "" if n == 0 else f".{n + 1}", studs)

    def _to_outlet(self, name: str, sign: str, start: str, cup: str, which: str, studs: bool) -> None:
        leads = self.leads
        from_board = "P" if start.startswith("bms.") else ""
        after_fuse = leads.fuse_at_m if start == "fuse.b" else 0.0
        marked = f"{'C' if name == 'charge' else 'P'}{sign}"
        marked += {"load2": " (second connector)"}.get(name, "") + (
            f" ({ORDINAL[int(which[1:])]})" if which else ""
        )
        ending = "crimp" if studs else "solder"
        if name == "charge" and not leads.charge_same_pins:
            ending += "; in the other contact than the load's"
        if name == "charge" and sign == "+" and leads.charge_fuse is not None:
            start = self._charge_fuse(start, leads.charge_fuse, marked)
            after_fuse = CHARGE_FUSE_AT_M
        self.build.wire(
            f"{'main' if name == 'load' else name}.{from_board}{_plain(sign)}{which}",
            start,
            cup,
            leads.to_charger if name == "charge" else leads.wire,
            max(leads.length_m - after_fuse, 1e-3),
            marked,
            main_colour(sign),
            self._ending(start, ending),
            f"lead:{POLE[sign]}{'-out' if from_board else ''}",
        )

    def _charge_fuse(self, start: str, fuse: Fuse, marked: str) -> str:
        """A fuse in the charger's plus lead, near where that begins; returns its far end."""
        build, leads = self.build, self.leads
        a = build.node("fuse.charge.a", NodeKind.FUSE_END, "charger's fuse, pack side")
        b = build.node("fuse.charge.b", NodeKind.FUSE_END, "charger's fuse, plug side")
        build.wire(
            "charge.+.a",
            start,
            a,
            leads.to_charger,
            CHARGE_FUSE_AT_M,
            f"{marked} to its fuse",
            main_colour("+"),
            self._ending(start, "solder; fuse in this lead"),
            "lead:plus",
        )
        build.edge("fuse.charge", a, b, EdgePart.FUSE, fuse.element_ohm + leads.fuse_holder_ohm)
        return b


def _plain(sign: str) -> str:
    return sign.replace("−", "-")
