"""The BMS stage: which board, taps, wires, sensors, and in what order they are joined."""

from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QLineEdit

from firmcell.app.pages.base_page import Page
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.tables import RowsTable
from firmcell.core.analysis.findings import Stage
from firmcell.core.analysis.storage_words import storage_words, stored
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import amperes, celsius, figures, volts
from firmcell.core.bms.board_choice import ranked_boards
from firmcell.core.bms.thermistor import sensor_words, thermistor_readings
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.rules.bms import board_ask
from firmcell.core.rules.table import Topic
from firmcell.core.run.storage import AT_K, STORED_AT_SOC
from firmcell.core.tap_check.expected_readings import expected_reading
from firmcell.core.tap_check.faults import MOST_SERIES
from firmcell.core.tap_check.recorded_readings import pack_asked
from firmcell.core.wiring.solved import pin_groups
from firmcell.core.wiring.wire_list import wire_list
from firmcell.store.units import parse, show_number

BOARD_ROWS = 8


class BmsPage(Page):
    """Board and taps."""

    stage, heading = Stage.BMS, "BMS: board, taps and wires"
    export_wanted = Signal(str)
    board_wanted = Signal()

    def build(self) -> None:
        self._board_section()
        # Of one cell there is nothing to tap and no wire to cut.
        self.taps: RowsTable | None = None
        if not self._tapped:
            return
        self._taps_section()
        self._wires_section()
        self._sensor_section()

    @property
    def _tapped(self) -> bool:
        return Topic.TAPS in self.session.plan.topics

    # -- sections ---------------------------------------------------------------------------------------

    def _board_section(self) -> None:
        self.section("Board")
        for name in ("board", "place", "order"):
            self.field(f"bms.{name}")
        self.figures(
            ("Thresholds", lambda: self._thresholds()),
            ("Currents", lambda: self._currents()),
            ("What trips first", lambda: self._in_order()),
            ("Balancing", lambda: self._balances()),
            ("In storage", lambda: self._stored()),
            ("Without a BMS", lambda: self._without()),
        )
        self.text(
            "Boards in the part library, best match first, with what speaks against each. Enter selects one."
        )
        self.boards = self.table(("Board", "Carries", "Why not"), "Boards compared", wide=2)
        self.boards.chosen.connect(self._take)
        row = QHBoxLayout()
        row.addWidget(
            self.button(
                "&Own board…", self.board_wanted.emit, "Enter a board of your own, with the names on its pads"
            )
        )
        row.addWidget(self.button("&No board", lambda: self._set(None), "A balance charger only"))
        self.body.addLayout(row)

    def _taps_section(self) -> None:
        s = self.session
        self.section("Taps, from the pack's negative")
        length = "mm" if self.system == "metric" else "in"
        self.taps = self.table(("Tap", "Pad", "Face", length, "Full V", "Now V ±", "Load mV"), "Taps")
        self.figures(
            ("Pin to pin", lambda: self._pin_to_pin()),
            (length, lambda: "of each lead, with its service loop"),
            ("Load mV", lambda: "how far each reads off its tap point's middle at the steady current"),
        )
        self.text(
            "B0 is on the pack's negative, whichever end you began with. Before the plug goes in, measure every "
            "pin against B0: each must read one cell more than the one before."
        )
        self.section("Sense leads")
        for name in ("sense_wire", "service_loop_m", "sense_fuses"):
            self.field(f"bms.{name}")
        self.figures(
            (
                "Sense wire needed",
                lambda: (
                    f"{s.analysis.bms.sense_wire_total_m:.2f} m in {len(s.analysis.bms.taps)} leads"
                    if s.analysis.bms.sense_wire_total_m
                    else "none: these are places to measure"
                ),
            ),
            (
                "If two leads touch",
                lambda: (
                    f"about {amperes(s.analysis.bms.sense_short_a)}; the copper melts in {figures(s.analysis.bms.sense_melts_s, 2)} s"
                ),
            ),
        )

    def _wires_section(self) -> None:
        self.section("Wire list")
        self.wires = self.table(("No.", "Wire", "From", "To", "mm", "Colour"), "Wires to cut", wide=2)
        row = QHBoxLayout()
        for text, kind, tip in (
            ("Wire list, &CSV", "wires", "Every wire with length, gauge, colour and ends"),
            ("Wiring, 1:1 &PDF", "wiring", "Schematic, and a board with nails to make the harness on"),
        ):
            row.addWidget(self.button(text, partial(self.export_wanted.emit, kind), tip))
        self.body.addLayout(row)

    def _sensor_section(self) -> None:
        self.section("Temperature sensor")
        self.figures(("Should read", lambda: self._sensor()), ("Lies", lambda: self._sensor_place()))
        row = QHBoxLayout()
        label = PlainLabel("It &reads")
        self.sensor = QLineEdit()
        self.sensor.setAccessibleName("Reading of the temperature sensor, kΩ")
        self.sensor.setPlaceholderText("reading")
        self.sensor.editingFinished.connect(self.read_sensor)
        label.setBuddy(self.sensor)
        self.sensor_words = PlainLabel()
        self.sensor_words.setWordWrap(True)
        self.sensor_words.setAccessibleName("What the sensor's reading says")
        for part in (label, self.sensor, PlainLabel("kΩ")):
            row.addWidget(part)
        row.addWidget(self.sensor_words, 1)
        self.body.addLayout(row)

    def read_sensor(self) -> None:
        """Say what the typed reading of the sensor means."""
        board = self.session.design.bms.board
        if board is None or not self.sensor.text().strip():
            self.sensor_words.setText("")
            return
        try:
            words = sensor_words(parse(self.sensor.text(), "Ω", "kΩ"), board.ntc_ohm, board.ntc_b_k)
        except Refusal as refusal:
            words = refusal.sentence
        self.sensor_words.setText(words)

    # -- words ------------------------------------------------------------------------------------------

    def _thresholds(self) -> str:
        board = self.session.design.bms.board
        if board is None and not self.session.design.cell.chemistry.is_lithium:
            return "no board; nickel cells are charged in series, ended by time, −ΔV or temperature"
        if board is None:
            return "no board: charge only with a balance charger"
        return (
            f"a group is cut off below {volts(board.under_voltage_v)} and above {volts(board.over_voltage_v)}"
        )

    def _in_order(self) -> str:
        selective = self.session.analysis.bms.selective
        if not self._tapped or selective is None:
            return ""
        return selective.words

    def _currents(self) -> str:
        board = self.session.design.bms.board
        if board is None:
            return "–"
        at_once = f", at once from {amperes(board.short_trip_a)}" if board.short_trip_a else ""
        return (
            f"{amperes(board.current_continuous_a)} steady, trips above {amperes(board.current_peak_a)} after "
            f"{figures(board.trip_delay_s)} s{at_once}; charges with up to {amperes(board.current_charge_a)}; {board.charge_port.value} port, "
            f"switches the {board.switch_side.value}"
        )

    def _balances(self) -> str:
        seconds, board = self.session.analysis.bms.balance_s, self.session.design.bms.board
        if board is None:
            return "the charger must: one with a balance plug, every charge"
        if seconds is None:
            return "not at all"
        return f"{board.balance_current_a * 1e3:.0f} mA evens out {volts(GROUP_SPREAD_V)} between groups in about {seconds / 3600:.0f} h of charging"

    def _stored(self) -> str:
        d = self.session.design
        if d.bms.board is None:
            return "only the cells' own self-discharge"
        return storage_words(stored(d, self.session.analysis, STORED_AT_SOC, AT_K), d, STORED_AT_SOC)[0]

    def _without(self) -> str:
        d = self.session.design
        if d.bms.board is not None:
            return ""
        return (
            f"the load must stop at {volts(d.series * d.cell.empty_v)} by itself, and every charge goes over the balance plug; check groups "
            "before each charge"
        )

    def _pin_to_pin(self) -> str:
        d = self.session.design
        if not 2 <= d.series <= MOST_SERIES:
            return f"{volts(d.cell_now_v)} from pin to pin"
        pins = pin_groups(self.session.analysis.wiring)
        one = expected_reading(pack_asked(d, self.session.state), pins, 0, 1)
        return f"{volts(one.volts)} ± {one.plus_minus:.2f} V from each pin to the next, red on the higher"

    def _sensor(self) -> str:
        pairs = thermistor_readings(self.session.design)
        if not pairs:
            return "no board, no sensor"
        return ", ".join(f"{ohm / 1e3:.2f} kΩ at {celsius(k)}" for k, ohm in pairs)

    def _sensor_place(self) -> str:
        metal = self.session.metal
        if metal is None:
            return "on the hottest cell; heat is being worked out"
        return f"on the wrap of cell {metal.figures.hottest_cell}, the hottest by the solved heat ({metal.figures.hottest_cell_k - ZERO_CELSIUS:.0f} °C at the end of a run)"

    # -- showing ----------------------------------------------------------------------------------------

    def refresh_more(self) -> None:
        s = self.session
        d = s.design
        fits = ranked_boards(s.library.boards, board_ask(d))[:BOARD_ROWS]
        self.boards.set_rows(
            [(f.board.name, (f.board.name, amperes(f.board.current_continuous_a), f.words)) for f in fits]
        )
        if self.taps is None:
            return
        known = 2 <= d.series <= MOST_SERIES
        asked = pack_asked(d, s.state) if known else None
        pins = pin_groups(s.analysis.wiring)
        rows = []
        for t in s.analysis.bms.taps:
            now = f"{t.now_v:.2f}"
            if asked is not None and t.number:
                now += f" ± {expected_reading(asked, pins, 0, t.number).plus_minus:.2f}"
            rows.append(
                (
                    f"tap:{t.number}",
                    (
                        t.name,
                        t.printed,
                        t.face.value,
                        show_number(t.wire_length_m, "m", self.system),
                        f"{t.full_v:.2f}",
                        now,
                        f"{t.shift_ohm * d.brief.current_steady_a * 1e3:+.1f}".replace("-", "−"),
                    ),
                )
            )
        self.taps.set_rows(rows)
        self.wires.set_rows(
            [
                (f"{e.ref}", (str(e.number), e.name, *e.briefly, f"{e.length_m * 1e3:.0f}", e.colour))
                for e in wire_list(s.analysis.wiring, s.metal)
            ]
        )

    def _take(self, name: str) -> None:
        board = next((b for b in self.session.library.boards if b.name == name), None)
        if board is not None:
            self._set(board)

    def _set(self, board: object) -> None:
        words = f"Take the {getattr(board, 'name', '')}" if board else "No board"
        guarded(lambda: self.session.edit("bms.board", board, words), self.session.refused.emit)

    def point_at(self, ref: str) -> None:
        if self.taps is not None:
            self.taps.pick(ref)
