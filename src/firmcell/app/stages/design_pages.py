"""The pages from brief to jacket: fields, figures and tables over the design."""

import numpy as np
from PySide6.QtWidgets import QPushButton, QWidget

from firmcell.app.plots import Plot
from firmcell.app.session import guarded
from firmcell.app.stages.page import Page
from firmcell.app.theme import PALETTES
from firmcell.core.brief import SpaceShape
from firmcell.core.conductors import awg_area
from firmcell.core.findings import Stage
from firmcell.core.joint_work import TOUCH_K, JointWork, joint_work
from firmcell.core.lay import Lay
from firmcell.core.stack import compare_cells
from firmcell.core.wire_rating import ABYC_105, NFPA_75, rated_current
from firmcell.core.wording import (
    amperes,
    celsius,
    figures,
    kilograms,
    millimetres,
    milliohms,
    volts,
)
from firmcell.store.units import show, show_number

HOPELESS = 0.7
"""Share of the current a gauge must carry to be worth a row."""


class BriefPage(Page):
    """What the pack is for."""

    stage, heading = Stage.BRIEF, "Brief: what is asked of the pack"

    def build(self) -> None:
        self.section("Job")
        for path in ("brief.title", "brief.customer", "serial", "builder"):
            self.field(path)
        self.section("Load")
        for name in (
            "load_voltage_min_v",
            "load_voltage_max_v",
            "current_steady_a",
            "current_peak_a",
            "peak_duration_s",
        ):
            self.field(f"brief.{name}")
        self.section("How long")
        for name in ("energy_j", "run_time_s", "load_capacitance_f"):
            self.field(f"brief.{name}")
        self.section("Space")
        for name in ("space", "box_length_m", "box_width_m", "box_height_m", "clearance_m", "mass_limit_kg"):
            self.field(f"brief.{name}")
        self.outline = self.text("")
        self.section("Where and how")
        for name in ("ambient_min_k", "ambient_max_k", "wet", "shaken", "must_not_cut_out"):
            self.field(f"brief.{name}")

    def refresh_more(self) -> None:
        brief = self.session.design.brief
        words = {
            SpaceShape.BOX: "",
            SpaceShape.CYLINDER: "A cylinder: its length is the diameter, the width is not used.",
            SpaceShape.OUTLINE: f"An outline of {len(brief.outline_m)} corners gives length and width; read another in the Stack stage.",
        }[brief.space]
        self.outline.setText(words)
        self.outline.setVisible(bool(words))


class CellsPage(Page):
    """Which cell, and what is asked of each."""

    stage, heading = Stage.CELLS, "Cells: which one, and what each must give"

    def build(self) -> None:
        s = self.session
        self.section("This pack's cell")
        self.field("cell")
        self.field("cell_now_v")
        self.field("charge_current_a")
        self.figures(
            ("Designation", lambda: f"{s.analysis.pack.cell_designation}, {s.design.cell.facts.label.lower()}"),
            ("Steady", lambda: f"{amperes(s.analysis.pack.cell_current_steady_a)} of "
                               f"{amperes(s.design.cell.current_continuous_a)} ({figures(s.analysis.pack.c_rate_steady_per_h)} C)"),
            ("Peak", lambda: f"{amperes(s.analysis.pack.cell_current_peak_a)} of {amperes(s.design.cell.current_peak_a)} "
                             f"({figures(s.analysis.pack.c_rate_peak_per_h)} C)"),
            ("Voltages", lambda: f"{volts(s.design.cell.empty_v)} empty, {volts(s.design.cell.nominal_v)} nominal, "
                                 f"{volts(s.design.cell.full_v)} full"),
            ("Resistance", lambda: f"{milliohms(s.design.cell.resistance_ohm)} d.c."),
            ("Size", lambda: f"{millimetres(s.design.cell.diameter_m)} × {millimetres(s.design.cell.length_m)}, "
                             f"worst excess {s.design.cell.diameter_tolerance_m * 1e3:.1f} / {s.design.cell.length_tolerance_m * 1e3:.1f} mm"),
            ("Values", lambda: s.design.cell.source),
        )  # fmt: skip
        self.section("What each cell would make of the brief")
        self.choices = self.table(("", "Cell", "Best", "Cells weigh"), "Cells compared", wide=1)
        self.choices.chosen.connect(self._take)
        self.verdict = self.text("Pick a cell to read what it does or fails on.")
        self.choices.picked.connect(self._tell)
        button = QPushButton("Take this cell")
        button.setToolTip("Takes the cell picked in the table and its best stack (Enter)")
        button.clicked.connect(
            lambda: self._take(str(self.choices.currentIndex().siblingAtColumn(1).data() or ""))
        )
        self.body.addWidget(button)

    def refresh_more(self) -> None:
        if not self.isVisible():
            return
        rows = []
        for choice in compare_cells(self.session.design.brief, self.session.shelf.cells):
            option = choice.option
            if option is None:
                rows.append((choice.cell.name, ("", choice.cell.name, "–", "–")))
            else:
                mark = "✓" if option.feasible else ""
                rows.append(
                    (
                        choice.cell.name,
                        (mark, choice.cell.name, option.label, kilograms(option.mass_cells_kg)),
                    )
                )
        self.choices.set_rows(rows)

    def showEvent(self, event: object) -> None:
        self.refresh_more()

    def _tell(self, name: str) -> None:
        for choice in compare_cells(self.session.design.brief, self.session.shelf.cells):
            if choice.cell.name == name and choice.option:
                self.verdict.setText(
                    f"{name}, {choice.option.label}: {'; '.join(choice.option.reasons) or 'does all that is asked'}."
                )

    def _take(self, name: str) -> None:
        choice = next(
            (
                c
                for c in compare_cells(self.session.design.brief, self.session.shelf.cells)
                if c.cell.name == name
            ),
            None,
        )
        if choice is None:
            return
        edits: list[tuple[str, object]] = [("cell", choice.cell), ("cell_now_v", choice.cell.facts.storage_v)]
        if choice.option:
            edits += choice.option.edits
        self.session.edit_all(edits, f"Take {name}")


class LeadsPage(Page):
    """Wire, connector and fuse."""

    stage, heading = Stage.LEADS, "Leads: wire, connector, fuse"

    def build(self) -> None:
        s = self.session
        self.section("Main leads")
        for name in ("wire", "length_m", "drop_limit_v", "limit_k"):
            self.field(f"leads.{name}")
        self.figures(
            ("Carries", lambda: f"{amperes(s.analysis.leads.limit_a)} by heat balance; {amperes(s.design.brief.current_steady_a)} drawn"),
            ("Warms to", lambda: f"{celsius(s.analysis.leads.temperature_k)}, and {s.analysis.leads.peak_rise_k:.0f} K more in the peak at most"),
            ("Loses", lambda: f"{figures(s.analysis.leads.drop_steady_v * 1e3)} mV steady, {figures(s.analysis.leads.drop_peak_v * 1e3)} mV at the peak"),
            ("In a short", lambda: f"about {amperes(s.analysis.pack.short_circuit_a)}; the wire withstands it {figures(s.analysis.leads.withstand_s, 2)} s"),
            ("Proposed", lambda: f"{s.analysis.leads.proposed_wire or 'none'}; ruled by {s.analysis.leads.rules_gauge}"),
        )  # fmt: skip
        self.gauges = self.table(
            ("Wire", "Carries", "Loses", "Warms to", "Verdict"), "Gauges compared", wide=4
        )
        self.gauges.chosen.connect(self._take)
        self._chart: Plot | None = None
        self.chart_here = QWidget()
        self.body.addWidget(self.chart_here)
        self.chart_button = self.button(
            "Show the c&hart", self.show_chart, "Current against copper area, with published tables as marks"
        )
        self.body.addWidget(self.chart_button)
        self.section("Connector")
        self.field("leads.connector")
        self.figures(
            ("On the pack", lambda: s.design.leads.connector.pack_half),
            ("Carries", lambda: f"{amperes(s.analysis.leads.connector_limit_a)} at {celsius(s.design.brief.ambient_max_k)}, "
                                f"{s.analysis.leads.connector_margin:.2f} times the steady current"),
            ("Spark", lambda: f"{figures(s.analysis.leads.spark_j)} J at plugging in"),
        )  # fmt: skip
        self.section("At the bench: this joint")
        self.figures(
            ("Iron", lambda: self._iron()),
            ("Strip", lambda: f"{millimetres(self._work().strip_m)} for the cup; a crimp barrel's depth and 1 mm"),
            ("Sleeve", lambda: self._joint_sleeve()),
            ("Heat runs", lambda: self._heat_runs()),
            ("Crimped instead", lambda: self._pull()),
        )  # fmt: skip
        self.section("Fuse")
        self.field("leads.fuse")
        self.field("leads.fuse_holder_ohm")
        self.figures(
            ("Rating", lambda: f"from {amperes(s.analysis.leads.fuse_least_a)} (carries the load) to {amperes(s.analysis.leads.limit_a)} (protects the wire)"),
            ("Must break", lambda: f"{amperes(s.analysis.pack.short_circuit_a)} at {volts(s.analysis.pack.voltage_full_v)} d.c."),
        )  # fmt: skip

    def refresh_more(self) -> None:
        rows = []
        present, needed = self.session.design.leads.wire.name, self.session.design.brief.current_steady_a
        for o in self.session.analysis.leads.options:
            if o.limit_a < HOPELESS * needed and o.wire != present:
                continue
            verdict = "good" if o.good else "cup too small" if not o.fits_connector else "too thin"
            hot = "runs away" if o.temperature_k > 700 else celsius(o.temperature_k)
            rows.append((o.wire, (o.wire, amperes(o.limit_a), f"{figures(o.drop_v * 1e3)} mV", hot, verdict)))
        self.gauges.set_rows(rows)
        if self._chart is not None:
            self._draw_chart(self._chart)

    def _work(self) -> JointWork:
        leads = self.session.design.leads
        return joint_work(leads.wire, leads.connector, leads.length_m)

    def _iron(self) -> str:
        work = self._work()
        return (
            f"{work.iron_class_w} W or more (needs {work.iron_w:.0f} W), wide tip at 370–400 °C, about {work.seconds:.0f} s "
            "to come to heat: much heat for a short time"
        )

    def _joint_sleeve(self) -> str:
        sleeve = self._work().sleeve
        if sleeve is None:
            return "no stock size slides over the contact and grips the wire: put it on before the contact"
        return (
            f"{millimetres(sleeve.supplied_m)} shrinking to {millimetres(sleeve.recovered_m)}, cut {millimetres(sleeve.cut_m)}; "
            "on the wire first, far back from the heat"
        )

    def _heat_runs(self) -> str:
        rise = self._work().far_rise_k
        length = self.session.design.leads.length_m
        if rise > TOUCH_K:
            return f"up to {rise:.0f} K at the pack through {millimetres(length)} of wire: solder it before it is on the pack, or clamp a heat sink on"
        return f"at most {max(rise, 0.0):.1f} K at the pack through {millimetres(length)} of wire"

    def _pull(self) -> str:
        work = self._work()
        if work.pull_n is None:
            return "outside the tables of pull-out forces"
        return f"must hold {work.pull_n:.0f} N ({work.pull_source})"

    def show_chart(self) -> None:
        """Make the chart of current against gauge, once."""
        if self._chart is None:
            palette = PALETTES["dark" if self.palette().window().color().lightness() < 128 else "light"]
            self._chart = Plot("Current against copper area", "copper area, mm²", "current, A", palette)
            self._chart.plot.setLogMode(x=True, y=True)
            self.body.insertWidget(self.body.indexOf(self.chart_here), self._chart)
            self.chart_button.hide()
            self._draw_chart(self._chart)

    def _draw_chart(self, chart: Plot) -> None:
        brief, leads = self.session.design.brief, self.session.design.leads
        wires = sorted(self.session.shelf.wires, key=lambda w: w.area_m2)
        area = np.array([w.area_m2 * 1e6 for w in wires])
        chart.clear()
        chart.plain_ticks("left", (1, 2, 5, 10, 20, 50, 100, 200, 500))
        chart.plain_ticks("bottom", (0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100))
        p = chart.palette_now
        for lay, colour in ((Lay.FREE, p.accent), (Lay.PAIR, p.good), (Lay.SLEEVE, p.note)):
            chart.line(area, rated_current(wires, leads.limit_k, brief.ambient_max_k, lay), lay.value, colour)
        for (name, table), symbol, colour in zip(
            (("NFPA 70 310.17, 75 °C", NFPA_75), ("ABYC E-11, 105 °C", ABYC_105)),
            ("o", "t"),
            (p.stop, p.attention),
            strict=True,
        ):
            chart.marks(
                awg_area(list(table)) * 1e6, np.array(list(table.values()), dtype=float), name, symbol, colour
            )
        ends = area[[0, -1]]
        chart.line(ends, np.full(2, brief.current_steady_a), "steady current", p.ink, dashed=True)
        chart.marks(
            np.array([leads.wire.area_m2 * 1e6]), np.array([brief.current_steady_a]), "this lead", "s", p.ink
        )

    def _take(self, name: str) -> None:
        wire = next((w for w in self.session.shelf.wires if w.name == name), None)
        if wire:
            guarded(lambda: self.session.edit("leads.wire", wire, f"Take {name}"), self.session.refused.emit)


class GuardPage(Page):
    """Board and taps."""

    stage, heading = Stage.GUARD, "Guard: board and taps"

    def build(self) -> None:
        s = self.session
        self.section("Board")
        for name in ("board", "place"):
            self.field(f"guarding.{name}")
        self.figures(
            ("Thresholds", lambda: self._thresholds()),
            ("Currents", lambda: f"{amperes(s.design.guarding.board.current_continuous_a)} steady, trips at "
                                 f"{amperes(s.design.guarding.board.current_peak_a)}" if s.design.guarding.board else "–"),
            ("Left alone", lambda: f"its own drain empties the pack in about {s.analysis.guard.standby_days / 365:.0f} years"
                                   if s.analysis.guard.standby_days else "no drain"),
        )  # fmt: skip
        self.section("Taps, from the pack's negative")
        self.taps = self.table(
            (
                "Tap",
                "Print",
                "Face",
                f"Lead {'mm' if self.system == 'metric' else 'in'}",
                "Empty V",
                "Full V",
                "Now V",
            ),
            "Taps",
        )
        self.section("Sense leads")
        self.field("guarding.sense_wire")
        self.field("guarding.service_loop_m")
        self.figures(
            (
                "Wire needed",
                lambda: (
                    f"{s.analysis.guard.sense_wire_total_m:.2f} m in {len(s.analysis.guard.taps)} leads"
                    if s.analysis.guard.sense_wire_total_m
                    else "none: these are places to measure"
                ),
            )
        )
        self.text(
            "B0 is on the pack's negative, whichever end you began with. Before the plug goes in, measure every "
            "pin against B0: each must read one cell more than the one before."
        )

    def _thresholds(self) -> str:
        board = self.session.design.guarding.board
        if board is None and not self.session.design.cell.chemistry.is_lithium:
            return "no board; nickel cells are charged in series, ended by time, −ΔV or temperature"
        if board is None:
            return "no board: charge only with a balance charger"
        return (
            f"a group is cut off below {volts(board.under_voltage_v)} and above {volts(board.over_voltage_v)}"
        )

    def refresh_more(self) -> None:
        self.taps.set_rows(
            [
                (f"tap:{t.number}", (t.name, t.printed, t.face.value, show_number(t.wire_length_m, "m", self.system),
                                     f"{t.empty_v:.2f}", f"{t.full_v:.2f}", f"{t.now_v:.2f}"))
                for t in self.session.analysis.guard.taps
            ]
        )  # fmt: skip

    def point_at(self, ref: str) -> None:
        self.taps.pick(ref)


class JacketPage(Page):
    """Insulation and sleeve."""

    stage, heading = Stage.JACKET, "Jacket: insulation and sleeve"

    def build(self) -> None:
        s = self.session
        self.section("From the inside out")
        for name in ("rings", "sheet_m", "tape_m", "foam_m", "side_m"):
            self.field(f"jacket.{name}")
        self.section("Sleeve")
        for name in ("sleeve", "cross_sleeve", "lip_m"):
            self.field(f"jacket.{name}")
        self.figures(
            ("Along the pack", lambda: self._sleeve("sleeve")),
            ("Across it", lambda: self._sleeve("cross_sleeve")),
            ("Slides on from", lambda: f"{millimetres(s.analysis.jacket.sleeve_flat_needed_m)} flat along, "
                                       f"{millimetres(s.analysis.jacket.cross_flat_needed_m)} flat across"),
        )  # fmt: skip
        self.section("Outer size")
        self.figures(
            ("Bare", lambda: self._size("bare_")),
            ("Outside", lambda: self._size("")),
            ("Fits", lambda: {True: "yes, with the clearance on every side", False: "no", None: "no space given"}[s.analysis.jacket.envelope.fits]),
        )  # fmt: skip
        self.text(
            "Hot air from the middle outwards, moving. Low heat: pack sleeve shrinks early and burns through.",
            "caution",
        )

    def _sleeve(self, which: str) -> str:
        fit = getattr(self.session.analysis.jacket, which)
        if fit is None:
            return "none"
        return f"cut {show(fit.cut_length_m, 'm', self.system)}; wall {fit.wall_recovered_m * 1e3:.2f} mm once shrunk"

    def _size(self, which: str) -> str:
        e = self.session.analysis.jacket.envelope
        return " × ".join(
            show(getattr(e, f"{which}{side}_m"), "m", self.system) for side in ("length", "width", "height")
        )
