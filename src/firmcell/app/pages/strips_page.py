"""The Metal stage: what every strip and cell carries, how warm it gets, what matters most, and what fixes it."""

from collections.abc import Callable, Iterator
from typing import Any

import numpy as np
from pydantic import Field as ModelField
from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QProgressBar, QSlider, QWidget

from firmcell.app.background import Search
from firmcell.app.fields import Field, RecordForm
from firmcell.app.pages.base_page import Page
from firmcell.app.plots import Plot
from firmcell.app.session import guarded
from firmcell.app.theme import PALETTES
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.quantity import ZERO_CELSIUS, Amperes, Frozen, Kelvin, Kilograms, Metres, Volts
from firmcell.core.base.wording import amperes, celsius, figures, millimetres, milliohms, percent, plural
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.changes.strip_fixes import VerifiedFix
from firmcell.core.leads.main_leads import prospective_short_circuit
from firmcell.core.model.design import StripStyle
from firmcell.core.model.joint_kinds import JoinedBy, joints_by_face
from firmcell.core.model.parts import Strip
from firmcell.core.pictures.strip_colours import AtLoad, Shown, at_load
from firmcell.core.strips.assay import Assay, Measured, assayed_strip, by_resistance, by_weight
from firmcell.core.strips.failures import Failure, Scatter, ScatterBands, all_failures, monte_carlo
from firmcell.core.strips.plates import least_gap, plates, sheet_area
from firmcell.core.strips.strip_choice import BAR_THICKNESS_M, STRIP_THICKNESS_M, WELDERS, strip_choices
from firmcell.core.strips.under_load import Segment, UnderLoad, between, duty_temperatures

WORST_ROWS = 60
WORST_JOINTS = 12
SAMPLES = 1000
SLIDER_STEPS = 200


class FourWire(Frozen):
    """A current through a strip, and the drop between two points on it."""

    current_a: Amperes = ModelField(5.0, title="Current", gt=0)
    drop_v: Volts = ModelField(0.03, title="Drop between the probes", gt=0)
    length_m: Metres = ModelField(0.1, title="Between the probes", gt=0)
    width_m: Metres = ModelField(0.008, title="Width", gt=0)
    thickness_m: Metres = ModelField(0.00015, title="Thickness", gt=0)
    temperature_k: Kelvin = ModelField(293.15, title="Strip is at")


class Weighed(Frozen):
    """A piece of strip, weighed and measured."""

    mass_kg: Kilograms = ModelField(0.0107, title="Weight", gt=0)
    length_m: Metres = ModelField(1.0, title="Length", gt=0)
    width_m: Metres = ModelField(0.008, title="Width", gt=0)
    thickness_m: Metres = ModelField(0.00015, title="Thickness", gt=0)


UNCERTAIN = {
    "current_a": 0.005,
    "drop_v": 0.005,
    "length_m": 0.005,
    "width_m": 0.01,
    "thickness_m": 0.03,
    "mass_kg": 0.01,
}
"""Standard uncertainty of a hand measurement, relative: a common meter, a steel rule, a caliper on thin strip; common
practice, no source."""


class StripsPage(Page):
    """Strips, currents, heat."""

    stage, heading = Stage.STRIPS, "UnderLoad: what it carries and how warm it gets"
    load_changed = Signal()
    export_wanted = Signal(str)
    measured_wanted = Signal()

    def build(self) -> None:
        self.shown = Shown.SHARE
        self._search: Search | None = None
        self._fixes: tuple[VerifiedFix, ...] = ()
        self._failures: tuple[Failure, ...] = ()
        self._bands: ScatterBands | None = None
        self._assay: tuple[Assay, float, float] | None = None
        self._plots: dict[str, Plot] = {}
        self._told_for: UnderLoad | None = None
        self._pads: list[tuple[int, bool]] = []
        self._joining: dict[str, Field] = {}
        self._load()
        self._strips()
        self._pieces()
        self._matters()
        self._between()
        self._plot_section()
        self._scatter()
        self._stock_and_limits()
        self._assay_section()
        self._out()

    # -- sections ---------------------------------------------------------------------------------------

    def _load(self) -> None:
        self.section("Load")
        row = QHBoxLayout()
        self.load_words = QLabel()
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setRange(0, SLIDER_STEPS)
        self.slider.setAccessibleName("Load current")
        self.slider.setToolTip("Move it to see the pack at another current; the design keeps its own")
        self.slider.valueChanged.connect(self._slid)
        row.addWidget(self.slider, 1)
        row.addWidget(self.load_words)
        self.body.addLayout(row)
        row = QHBoxLayout()
        label = QLabel("&Paint")
        self.what = calm(QComboBox())
        self.what.addItems([s.value for s in Shown])
        self.what.setAccessibleName("What is painted on the strips")
        self.what.currentIndexChanged.connect(self._choose_shown)
        label.setBuddy(self.what)
        row.addWidget(label)
        row.addWidget(self.what, 1)
        self.body.addLayout(row)
        row = QHBoxLayout()
        self.measured = QLabel()
        self.measured.setWordWrap(True)
        row.addWidget(self.measured, 1)
        row.addWidget(
            self.button(
                "&Measured cells…",
                self.measured_wanted.emit,
                "CSV of resistances, one a cell in order, or cell number and value; mΩ",
            )
        )
        self.body.addLayout(row)
        self.figures(
            ("Hottest strip", lambda: self._hottest_strip()),
            ("Hottest cell", lambda: self._hottest_cell()),
            ("Heat", lambda: self._heat()),
            ("Resistance", lambda: self._resistance()),
            ("Cells share", lambda: self._sharing()),
        )

    def _strips(self) -> None:
        self.section("Strip")
        for name in (
            "joined_by",
            "thread_m",
            "style",
            "link_strip",
            "link_layers",
            "link_under",
            "collector_strip",
            "collector_layers",
            "collector_under",
            "welds_per_pad",
            "gap_m",
            "judged_by",
            "joint_ohm",
        ):
            self._joining[name] = self.field(f"joining.{name}")

    def _pieces(self) -> None:
        self.section("Every segment, most loaded first")
        self.pieces = self.table(
            ("Segment", "Cells", "Carries", "Limit", "Share", "In place"), "Segments of strip", wide=0
        )
        self.fix_title = self.text("")
        self.fixes = self.table(("Fix, solved and checked", "Share then", "Metal", "Joints"), "Fixes", wide=0)
        self.fixes.chosen.connect(self._take_fix)
        self.fix_button = self.button(
            "Apply the fix picked",
            self._take_picked,
            "Enter in the table does the same; Ctrl+Z takes it back",
        )
        self.body.addWidget(self.fix_button)

    def _matters(self) -> None:
        self.section("Joints that matter")
        self.text(
            "Each joint and each piece of strip gone, one by one: what is over its limit then. Look at these first, tug them, and double their welds where they are welded."
        )
        self.joints = self.table(
            ("If this lets go", "Worst then", "Its share", "Now", "Pack +mΩ"), "Joints that matter", wide=1
        )
        self.doubled = self.text("")
        row = QHBoxLayout()
        self.double_button = self.button(
            "Do&uble their welds",
            self._double_welds,
            "Twice the weld pairs on both pads of the cells in this list; the work plan then says so",
        )
        self.single_button = self.button(
            "All welds single", lambda: self._set_doubled(()), "No cell has twice the weld pairs any more"
        )
        row.addWidget(self.double_button)
        row.addWidget(self.single_button)
        self.body.addLayout(row)

    def _between(self) -> None:
        self.section("Between two points")
        row = QHBoxLayout()
        self.points = (calm(QComboBox()), calm(QComboBox()))
        for combo, name in zip(self.points, ("From", "To"), strict=True):
            label = QLabel(name)
            combo.setAccessibleName(f"{name} this pad")
            combo.currentIndexChanged.connect(self._tell_between)
            label.setBuddy(combo)
            row.addWidget(label)
            row.addWidget(combo, 1)
        self.body.addLayout(row)
        self.between_words = self.text("")

    def _fill_points(self, metal: UnderLoad) -> None:
        pads = [(c.number, plus) for c in metal.layout.cells for plus in (True, False)]
        if pads == self._pads:
            return
        self._pads = pads
        minus, plus = metal.layout.lead_cells
        for combo, start in zip(self.points, ((plus, True), (minus, False)), strict=True):
            combo.blockSignals(True)
            combo.clear()
            combo.addItems([f"cell {number} {'plus' if positive else 'minus'}" for number, positive in pads])
            combo.setCurrentIndex(pads.index(start))
            combo.blockSignals(False)

    def _pad(self, combo: QComboBox) -> tuple[int, bool] | None:
        return self._pads[combo.currentIndex()] if 0 <= combo.currentIndex() < len(self._pads) else None

    def _tell_between(self) -> None:
        metal, design = self.session.metal, self.session.design
        first, second = (self._pad(combo) for combo in self.points)
        if metal is None or first is None or second is None:
            return
        volts, ohm = between(metal, first, second, design.cell_now_v)
        if not np.isfinite(ohm):
            self.between_words.setText("Nothing joins these two points.")
            return
        short = prospective_short_circuit(abs(volts), ohm) if ohm > 0 else 0.0
        self.between_words.setText(
            f"{volts:.2f} V now at no load, {milliohms(ohm)}; a short there drives about {amperes(short)} in its first moment."
        )

    def _plot_section(self) -> None:
        self.section("Plots")
        self.plots_here = QWidget()
        self.body.addWidget(self.plots_here)
        self.plot_button = self.button(
            "Show the &plots",
            self.show_plots,
            "Cell currents, temperature over the duty cycle, and strips to choose from",
        )
        self.body.addWidget(self.plot_button)

    def _scatter(self) -> None:
        self.section("Scatter of the cells")
        row = QHBoxLayout()
        self.draw = self.button(
            "&Draw 1000 packs",
            self.draw_packs,
            "Cells 5 %, welds 25 %, capacity 1 % (standard deviations); always the same for one seed",
        )
        self.progress = QProgressBar()
        self.progress.setAccessibleName("Progress")
        self.progress.hide()
        row.addWidget(self.draw)
        row.addWidget(self.progress, 1)
        self.body.addLayout(row)
        self.scatter_words = self.text("")

    def _stock_and_limits(self) -> None:
        s = self.session
        self.section("To cut and join")
        self.figures(
            ("Stock", lambda: self._stock()),
            ("Joints", lambda: joints_by_face(s.design.joining.joined_by, s.analysis.measures.joints)),
            (
                "Long-run limit",
                lambda: (
                    f"brings a long strip to {celsius(s.analysis.strip_limit_k)} in {celsius(s.design.brief.ambient_max_k)}, one face in still air"
                ),
            ),
            (
                "In-place limit",
                lambda: (
                    "brings the middle of a piece between its cells to the same, or 5 K over cells that are there already"
                ),
            ),
        )

    def _assay_section(self) -> None:
        self.section("Is it nickel?")
        self.text(
            "By four wires: a known current through the strip, millivolts between two probes on it. Or by weight and size of a piece."
        )
        self.four_wire = RecordForm(FourWire, self.system, FourWire().model_dump())
        self.body.addWidget(self.four_wire)
        self.body.addWidget(
            self.button(
                "Judge by &resistance",
                self._by_resistance,
                "Plated steel resists about twice as much as nickel",
            )
        )
        self.weighed = RecordForm(Weighed, self.system, Weighed().model_dump())
        self.body.addWidget(self.weighed)
        self.body.addWidget(
            self.button("Judge by &weight", self._by_weight, "Steel is an eighth lighter than nickel")
        )
        self.assay_words = self.text("")
        self.take_assay = self.button(
            "Make it the strip of the &links",
            self._take_assay,
            "With its measured resistivity and twice its uncertainty on top",
        )
        self.take_assay.setEnabled(False)
        self.body.addWidget(self.take_assay)

    def _out(self) -> None:
        self.section("Out")
        row = QHBoxLayout()
        row.addWidget(
            self.button(
                "Netlist (&SPICE)",
                lambda: self.export_wanted.emit("spice"),
                "Runs as it is in a circuit simulator",
            )
        )
        row.addWidget(
            self.button(
                "Segments, &CSV",
                lambda: self.export_wanted.emit("segments"),
                "Every segment with current, drop, heat and temperature",
            )
        )
        self.body.addLayout(row)

    # -- load -------------------------------------------------------------------------------------------

    @property
    def load_a(self) -> float:
        """The current that the slider stands at, A."""
        return self.slider.value() / SLIDER_STEPS * self._most_a()

    def _most_a(self) -> float:
        brief = self.session.design.brief
        return 1.25 * max(brief.current_peak_a, brief.current_steady_a)

    def loaded(self) -> AtLoad | None:
        """The metal at the slider's current; None while it is being worked out."""
        metal = self.session.metal
        if metal is None or not metal.figures.whole:
            return None
        return at_load(metal, self.load_a, self.session.design.brief.ambient_max_k)

    def _slid(self) -> None:
        self._refresh_load()
        self.load_changed.emit()

    def _choose_shown(self, index: int) -> None:
        self.shown = list(Shown)[index]
        self.load_changed.emit()

    def _refresh_load(self) -> None:
        brief = self.session.design.brief
        near = (
            " (steady)" if abs(self.load_a - brief.current_steady_a) < self._most_a() / SLIDER_STEPS else ""
        )
        self.load_words.setText(f"{amperes(self.load_a)}{near}")
        self.tell_figures()

    def _hottest_strip(self) -> str:
        loaded, metal = self.loaded(), self.session.metal
        if loaded is None or metal is None or not len(loaded.share):
            return self._waiting()
        hot = int(loaded.in_place_k.argmax())
        most = int(loaded.share.argmax())
        s = metal.figures.segments
        return (
            f"{celsius(float(loaded.in_place_k[hot]))} in place ({s[hot].id}); most loaded {s[most].id} at "
            f"{percent(float(loaded.share[most]))} of its limit"
        )

    def _hottest_cell(self) -> str:
        loaded, metal = self.loaded(), self.session.metal
        if loaded is None or metal is None:
            return self._waiting()
        hot = int(loaded.cell_k.argmax())
        return (
            f"cell {metal.layout.cells[hot].number} {celsius(float(loaded.cell_k[hot]))} at the end of a run, "
            f"{float(loaded.cell_k.max() - loaded.cell_k.min()):.0f} K over the coolest; "
            f"{celsius(self.session.design.cell.temperature_max_k)} is allowed"
            + (
                f"; at the steady current it would settle at {celsius(metal.figures.settled_cell_k)} if it went on for ever"
            )
        )

    def _heat(self) -> str:
        loaded = self.loaded()
        if loaded is None:
            return self._waiting()
        hours = self.session.analysis.pack.run_time_s / 3600
        return (
            f"{figures(loaded.strips_w)} W in strips ({figures(loaded.strips_w * hours)} Wh in a run), "
            f"{figures(loaded.cells_w)} W in cells and joints"
        )

    def _resistance(self) -> str:
        metal = self.session.metal
        if metal is None or metal.figures.resistance_ohm is None:
            return self._waiting()
        r = metal.figures.resistance_ohm
        return f"{milliohms(r)} from B− to B+ warm; it sags {figures(r * self.load_a)} V"

    def _sharing(self) -> str:
        metal = self.session.metal
        if metal is None or not metal.figures.whole:
            return self._waiting()
        worst = max(metal.figures.cells, key=lambda c: abs(c.deviation))
        return (
            f"within {abs(worst.deviation) * 100:.1f} % of an even part (cell {worst.number} is farthest off)"
        )

    def _waiting(self) -> str:
        if self.session.analysis.open_at is not None:
            return f"no current: open at B{self.session.analysis.open_at}"
        return "…"

    # -- showing ----------------------------------------------------------------------------------------

    def refresh_more(self) -> None:
        brief = self.session.design.brief
        metal = self.session.metal
        self._tell_measured()
        by = self.session.design.joining.joined_by
        self._joining["welds_per_pad"].set_shown(by is JoinedBy.WELD)
        self._joining["thread_m"].set_shown(by is JoinedBy.SCREW)
        if self._told_for is None or metal is not self._told_for:
            self.slider.blockSignals(True)
            self.slider.setValue(round(brief.current_steady_a / self._most_a() * SLIDER_STEPS))
            self.slider.blockSignals(False)
        self._refresh_load()
        if metal is None:
            self.pieces.set_rows(
                [
                    (
                        f"strip:{p.id}",
                        (
                            p.id,
                            "",
                            amperes(p.current_steady_a),
                            amperes(p.limit_a),
                            percent(p.share_of_limit),
                            "…",
                        ),
                    )
                    for p in sorted(self.session.analysis.strips, key=lambda p: -p.share_of_limit)[
                        :WORST_ROWS
                    ]
                ]
            )
            return
        self._show_fixes(self.session.strip_fixes or ())
        if metal is self._told_for:
            return
        self._told_for = metal
        self._bands = None
        self.scatter_words.setText("")
        worst = sorted(metal.figures.segments, key=lambda s: -s.share)[:WORST_ROWS]
        self.pieces.set_rows([self._segment_row(s) for s in worst])
        self._fill_points(metal)
        self._tell_between()
        self._run(self._look_further, self._looked)
        if self._plots:
            self._draw_plots()

    def _segment_row(self, s: Segment) -> tuple[str, tuple[str, ...]]:
        return f"strip:{s.piece}", (
            f"{s.id} {s.kind.value}",
            f"{s.cells[0]}–{s.cells[1]}",
            amperes(s.current_a),
            amperes(s.limit_a),
            percent(s.share),
            celsius(s.in_place_k),
        )

    def _look_further(self) -> Iterator[tuple[float, Any]]:
        """What each failure leads to; read off the interface thread."""
        session, metal = self.session, self.session.metal
        assert metal is not None
        for part, failures in all_failures(metal, session.design.cell.current_continuous_a):
            yield part, (metal, failures)

    def _run(self, steps: Callable[[], Iterator[tuple[float, Any]]], done: Callable[[Any], None]) -> None:
        if self._search is not None:
            self._search.cancel()
        search = Search(steps, self)
        search.progressed.connect(lambda step: self.progress.setValue(round(step[0] * 100)))
        search.finished.connect(lambda step: self._finished(search, step, done))
        search.refused.connect(self.session.refused)
        self._search = search.start()

    def _finished(self, search: Search, step: tuple[float, Any] | None, done: Callable[[Any], None]) -> None:
        if self._search is search:
            self._search = None
            self.progress.hide()
        if step is not None:
            done(step[1])

    def _looked(self, result: tuple[UnderLoad, tuple[Failure, ...]]) -> None:
        metal, failures = result
        if metal is not self.session.metal:
            return
        self._failures = failures
        rows = []
        for f in failures[:WORST_JOINTS]:
            worst = f.worst_ref.removeprefix("segment:").replace(":", " ")
            then = {"pack": "the pack is open", "cell": f"idle; {worst}"}.get(f.opens, worst)
            rows.append(
                (
                    self._failure_ref(f),
                    (
                        self._failure_words(f),
                        then,
                        percent(f.share),
                        percent(f.share_before),
                        figures(f.resistance_more_ohm * 1e3, 2),
                    ),
                )
            )
        self.joints.set_rows(rows)
        if self.shown is Shown.MATTERS:
            self.load_changed.emit()

    def failure_shares(self) -> dict[str, float]:
        """For each segment the worst that follows if it lets go, as a share of limit; the pack open counts as ten."""
        return {
            f.ref.removeprefix("segment:"): 10.0 if f.opens == "pack" else f.share
            for f in self._failures
            if f.ref.startswith("segment:")
        }

    def _failure_ref(self, f: Failure) -> str:
        kind, _, name = f.ref.partition(":")
        if kind == "lead":
            return "lead:plus"
        return f"cell:{name}" if kind == "joint" else f"strip:{name.rpartition('.')[0]}"

    def _failure_words(self, f: Failure) -> str:
        kind, _, name = f.ref.partition(":")
        if kind == "lead":
            return "one of two leads of a pole"
        return f"a joint of cell {name}" if kind == "joint" else f"strip {name}"

    def _tell_measured(self) -> None:
        """What is measured of cells and joints, and which cells have twice the welds."""
        design = self.session.design
        known = as_measured(design, self.session.state)
        cells = sum(ohm > 0 for ohm in known.measured_ohm)
        words = (
            f"Resistance measured of {cells} of {design.cell_count} cells"
            if cells
            else "Every cell counts with the resistance of its class"
        )
        if self.session.state.joint_ohm:
            words += (
                f"; joints with {milliohms(known.joining.joint_ohm or 0.0)}, the mean of "
                f"{plural(len(self.session.state.joint_ohm), 'recorded joint')}"
            )
        self.measured.setText(words)
        doubled = design.joining.doubled
        self.doubled.setText(
            f"Twice the welds on {plural(len(doubled), 'cell')}: {', '.join(str(n) for n in doubled)}."
            if doubled
            else ""
        )
        welded = design.joining.joined_by is JoinedBy.WELD
        self.doubled.setVisible(bool(doubled) and welded)
        for button in (self.double_button, self.single_button):
            button.setVisible(welded)
        self.single_button.setEnabled(bool(doubled))

    def _double_welds(self) -> None:
        """Double the welds of the cells whose joints are in the list."""
        listed = [f.ref.partition(":") for f in self._failures[:WORST_JOINTS]]
        cells = {int(name) for kind, _, name in listed if kind == "joint"}
        for kind, _, name in listed:
            if kind == "segment" and self.session.metal is not None:
                cells |= {n for s in self.session.metal.figures.segments if s.id == name for n in s.cells}
        self._set_doubled(tuple(sorted(cells | set(self.session.design.joining.doubled))))

    def _set_doubled(self, cells: tuple[int, ...]) -> None:
        words = f"Double the welds of {plural(len(cells), 'cell')}" if cells else "All welds single"
        self.session.edit_all((("joining.doubled", cells),), words)

    def _show_fixes(self, fixes: tuple[VerifiedFix, ...]) -> None:
        self._fixes = fixes
        over = self.session.metal is not None and self.session.metal.figures.worst_share > 1
        words = (
            ""
            if not over
            else "Nothing overloaded may stay so:"
            if fixes
            else "Looking for fixes …"
            if self.session.strip_fixes is None
            else "No single change in the part library fixes it."
        )
        self.fix_title.setText(words)
        self.fix_title.setVisible(over)
        for widget in (self.fixes, self.fix_button):
            widget.setVisible(bool(fixes))
        self.fixes.set_rows(
            [
                (
                    str(n),
                    (
                        c.fix.words,
                        percent(c.share),
                        f"{c.mass_kg * 1e3:+.1f} g".replace("-", "−"),
                        f"{c.joints:+d}".replace("-", "−"),
                    ),
                )
                for n, c in enumerate(fixes)
            ]
        )
        self.fixes.setMinimumHeight(self.fixes.sizeHint().height() // 3)

    def _take_fix(self, number: str) -> None:
        if number.isdigit() and int(number) < len(self._fixes):
            fix = self._fixes[int(number)].fix
            self.session.edit_all(fix.edits, fix.words)

    def _take_picked(self) -> None:
        index = self.fixes.currentIndex()
        self._take_fix(str(index.row() if index.isValid() else 0))

    def point_at(self, ref: str) -> None:
        self.pieces.pick(ref)

    def _stock(self) -> str:
        """How each strip is cut from lengths of a metre, or what area of sheet the plates take."""
        d, a = self.session.design, self.session.analysis
        words = [
            f"{c.strip}: {c.cut_m:.2f} m in {plural(c.pieces, 'piece')}, from {plural(c.lengths, 'length')} of "
            f"{c.stock_m:.0f} m with {c.offcut_m:.2f} m left over"
            for c in a.strip_cuts
        ]
        if d.joining.style is StripStyle.PLATES:
            made = plates(a.layout, d.joining, d.cell)
            area = sheet_area(made, d.joining)
            words.append(
                f"plates: {area * 1e4:.0f} cm² of {d.joining.link_strip.thickness_m * 1e3:.2f} mm sheet, "
                f"the nearest two {millimetres(least_gap(made) or 0.0)} apart"
            )
        return "; ".join(words)

    # -- plots ------------------------------------------------------------------------------------------

    def show_plots(self) -> None:
        """Make the plots, once."""
        if self._plots:
            return
        palette = PALETTES["dark" if self.palette().window().color().lightness() < 128 else "light"]
        self.plot_button.hide()
        for key, name, across, up in (
            (
                "cells",
                "Current of each cell; thin lines: where nine of ten scattered packs lie, once drawn",
                "cell",
                "current, A",
            ),
            ("duty", "Temperature over the duty cycle", "time, min", "temperature, °C"),
            ("choice", "Strips for the most loaded link", "thickness, mm", "rise as a long strip, K"),
        ):
            plot = Plot(name, across, up, palette)
            title = QLabel(name)
            title.setObjectName("quiet")
            title.setWordWrap(True)
            place = self.body.indexOf(self.plots_here)
            self.body.insertWidget(place, plot)
            self.body.insertWidget(place, title)
            self._plots[key] = plot
        self._draw_plots()

    def _draw_plots(self) -> None:
        metal = self.session.metal
        if metal is None or not metal.figures.whole:
            return
        for plot in self._plots.values():
            plot.clear()
        p, cells = self._plots["cells"].palette_now, metal.figures.cells
        numbers = np.array([c.number for c in cells], dtype=float)
        currents = np.array([c.current_a for c in cells])
        self._plots["cells"].bars(numbers, currents, p.accent)
        if self._bands is not None:
            even = currents / np.maximum(1 + np.array([c.deviation for c in cells]), 1e-9)
            low, _, high = self._bands.cell_share * even
            self._plots["cells"].ticks(numbers, low, high, p.ink)
        self._draw_duty(metal)
        self._draw_choice(metal)

    def _draw_duty(self, metal: UnderLoad) -> None:
        plot, design = self._plots["duty"], self.session.design
        seconds = max(self.session.analysis.pack.run_time_s, 60.0)
        time, found = duty_temperatures(design, metal, seconds, max(seconds / 240, 1.0))
        minutes, warm = time / 60, found - ZERO_CELSIUS
        p = plot.palette_now
        plot.line(minutes, warm.max(axis=1), "hottest cell", p.stop)
        plot.line(minutes, warm.mean(axis=1), "mean", p.accent)
        plot.line(minutes, warm.min(axis=1), "coolest cell", p.note)
        limit = design.cell.temperature_max_k - ZERO_CELSIUS
        plot.line(np.array([0, minutes[-1]]), np.array([limit, limit]), "allowed", p.attention, dashed=True)

    def _draw_choice(self, metal: UnderLoad) -> None:
        plot, design = self._plots["choice"], self.session.design
        links = [s for s in metal.figures.segments if s.kind.value in ("link", "plate")]
        if not links:
            return
        current = max(s.current_a for s in links)
        p = plot.palette_now
        bars = design.joining.joined_by is JoinedBy.SCREW
        low = 0.0
        for welder, high in WELDERS if design.joining.joined_by is JoinedBy.WELD else ():
            plot.zone(low, high * 1e3, welder, p.bench if low == 0 else p.panel)
            low = high * 1e3
        colours = (p.accent, p.note, p.attention, p.good, p.stop)
        for colour, choice in zip(
            colours,
            strip_choices(design.joining.link_strip, current, design.brief.ambient_max_k, bars),
            strict=False,
        ):
            plot.line(choice.thickness_m * 1e3, choice.rise_k, f"{choice.width_m * 1e3:.0f} mm wide", colour)
        allowed = design.cell.temperature_max_k - design.brief.ambient_max_k
        plot.line(
            np.array(BAR_THICKNESS_M if bars else STRIP_THICKNESS_M) * 1e3,
            np.array([allowed, allowed]),
            "allowed",
            p.ink,
            dashed=True,
        )
        plot.plot.setYRange(0, max(3 * allowed, 10))

    # -- scatter ----------------------------------------------------------------------------------------

    def draw_packs(self) -> None:
        """Draw packs with scattered cells and tell what that does."""
        metal = self.session.metal
        if metal is None or not metal.figures.whole:
            return
        self.progress.show()
        self.progress.setValue(0)
        self._run(lambda: monte_carlo(metal, Scatter(), SAMPLES), lambda bands: self._drawn(metal, bands))

    def _drawn(self, metal: UnderLoad, bands: ScatterBands) -> None:
        if metal is not self.session.metal:
            return
        self._bands = bands
        most, ohms = bands.greatest_share, bands.resistance_ohm

        def at(values: Any, part: float) -> float:
            return float(values[min(int(part * len(values)), len(values) - 1)])

        self.scatter_words.setText(
            f"{plural(bands.samples, 'pack')} drawn: the most loaded cell carries {at(most, 0.5):.2f} of an even part in half of them, "
            f"{at(most, 0.95):.2f} in the worst twentieth; resistance {milliohms(at(ohms, 0.05))} to {milliohms(at(ohms, 0.95))}; "
            f"the smallest group holds {at(bands.capacity, 0.05) * 100:.1f} % of the mean in the worst twentieth."
        )
        if self._plots:
            self._draw_plots()

    # -- assay ------------------------------------------------------------------------------------------

    def _measured(self, form: RecordForm) -> dict[str, Measured]:
        values = form.values()
        return {
            name: Measured(float(value), float(value) * UNCERTAIN.get(name, 0.0))
            for name, value in values.items()
            if name in UNCERTAIN
        }

    def _by_resistance(self) -> None:
        def judge() -> None:
            m = self._measured(self.four_wire)
            kelvin = float(self.four_wire.values()["temperature_k"])
            found = by_resistance(
                m["current_a"], m["drop_v"], m["length_m"], m["width_m"], m["thickness_m"], kelvin
            )
            self._tell_assay(found, m)

        guarded(judge, self.assay_words.setText)

    def _by_weight(self) -> None:
        def judge() -> None:
            m = self._measured(self.weighed)
            self._tell_assay(by_weight(m["mass_kg"], m["length_m"], m["width_m"], m["thickness_m"]), m)

        guarded(judge, self.assay_words.setText)

    def _tell_assay(self, found: Assay, m: dict[str, Measured]) -> None:
        self._assay = (found, m["width_m"].value, m["thickness_m"].value)
        odds = ", ".join(
            f"{metal.value} {percent(part)}" for metal, part in found.likelihood.items() if part > 0.01
        )
        self.assay_words.setText(f"{found.words} ({odds})" if found.metal is None and odds else found.words)
        self.take_assay.setEnabled(True)

    def _take_assay(self) -> None:
        if self._assay is None:
            return
        found, width, thickness = self._assay

        def take() -> None:
            strip: Strip = assayed_strip(self.session.design.joining.link_strip, found, width, thickness)
            self.session.edit("joining.link_strip", strip, f"Take the {strip.name}")

        guarded(take, self.session.refused.emit)

    def hideEvent(self, event: Any) -> None:
        if self._search is not None:
            self._search.cancel()
        super().hideEvent(event)
