"""The Strips stage: what every strip and cell carries, how warm it gets, what matters most, and what fixes
it."""

from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QProgressBar, QSlider

from firmcell.app.background import Search
from firmcell.app.fields import Field
from firmcell.app.pages.base_page import Page
from firmcell.app.pages.strip_assay import StripAssay
from firmcell.app.pages.strip_between import BetweenPads
from firmcell.app.pages.strip_failures import StripFailures
from firmcell.app.pages.strip_figures import StripFigures
from firmcell.app.pages.strip_fixes import StripFixes
from firmcell.app.pages.strip_plots import StripPlots
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import amperes, celsius, milliohms, percent, plural
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.changes.strip_fixes import VerifiedFix
from firmcell.core.model.joint_kinds import JoinedBy, joints_by_face
from firmcell.core.pictures.strip_colours import AtLoad, Shown, at_load
from firmcell.core.strips.assay import Assay
from firmcell.core.strips.failures import Failure, ScatterBands
from firmcell.core.strips.load_figures import Segment
from firmcell.core.strips.under_load import UnderLoad

WORST_ROWS = 60


SLIDER_STEPS = 200


MEASURED_CSV = "CSV with a heading line such as “cell,resistance mΩ”"


class StripsPage(Page):
    """Strips, currents, heat."""

    stage, heading = Stage.STRIPS, "Strips: what they carry and how warm they get"
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
        self.failures, self.between, self.plots = StripFailures(self), BetweenPads(self), StripPlots(self)
        self.assay, self.told, self.fixes_section = StripAssay(self), StripFigures(self), StripFixes(self)
        self._load()
        self._strips()
        self._pieces()
        self.failures.build()
        self.between.build()
        self.plots.build()
        self._scatter()
        self._stock_and_limits()
        self.assay.build()
        self._out()

    # -- sections ---------------------------------------------------------------------------------------

    def _load(self) -> None:
        self.section("Load")
        row = QHBoxLayout()
        self.load_words = PlainLabel()
        self.slider = calm(QSlider(Qt.Orientation.Horizontal))
        self.slider.setRange(0, SLIDER_STEPS)
        self.slider.setAccessibleName("Load current")
        self.slider.setToolTip("Move it to see the pack at another current; the design keeps its own")
        self.slider.valueChanged.connect(self._slid)
        row.addWidget(self.slider, 1)
        row.addWidget(self.load_words)
        self.body.addLayout(row)
        row = QHBoxLayout()
        label = PlainLabel("&Paint")
        self.what = calm(QComboBox())
        self.what.addItems([s.value for s in Shown])
        self.what.setAccessibleName("What is painted on the strips")
        self.what.currentIndexChanged.connect(self._choose_shown)
        label.setBuddy(self.what)
        row.addWidget(label)
        row.addWidget(self.what, 1)
        self.body.addLayout(row)
        row = QHBoxLayout()
        self.measured = PlainLabel()
        self.measured.setWordWrap(True)
        row.addWidget(self.measured, 1)
        row.addWidget(self.button("&Measured cells…", self.measured_wanted.emit, MEASURED_CSV))
        self.body.addLayout(row)
        self.figures(
            ("Hottest strip", lambda: self.told.hottest_strip()),
            ("Hottest cell", lambda: self.told.hottest_cell()),
            ("Heat", lambda: self.told.heat()),
            ("Resistance", lambda: self.told.resistance()),
            ("Current balance between cells", lambda: self.told.sharing()),
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
            "ladder_strip",
            "collector_strip",
            "collector_layers",
            "collector_under",
            "collector_tabs",
            "welder",
            "welds_per_pad",
            "fuse_wire_m",
            "fuse_free_m",
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
        self.fixes.chosen.connect(self.fixes_section._take_fix)
        self.fix_button = self.button(
            "Apply the fix picked",
            self.fixes_section.take_picked,
            "Enter in the table does the same; Ctrl+Z takes it back",
        )
        self.body.addWidget(self.fix_button)

    def _scatter(self) -> None:
        self.section("Scatter of the cells")
        row = QHBoxLayout()
        self.draw = self.button(
            "&Draw 1000 packs",
            self.plots.draw_packs,
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
            ("Stock", lambda: self.told.stock()),
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

    # -- showing ----------------------------------------------------------------------------------------

    def refresh_more(self) -> None:
        brief = self.session.design.brief
        metal = self.session.metal
        self._tell_measured()
        by = self.session.design.joining.joined_by
        shown = {"welder": JoinedBy.WELD, "welds_per_pad": JoinedBy.WELD, "thread_m": JoinedBy.SCREW}
        for name, school in shown.items():
            self._joining[name].set_shown(by is school)
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
        self.fixes_section.show(self.session.strip_fixes or ())
        if metal is self._told_for:
            return
        self._told_for = metal
        self._bands = None
        self.scatter_words.setText("")
        worst = sorted(metal.figures.segments, key=lambda s: -s.share)[:WORST_ROWS]
        self.pieces.set_rows([self._segment_row(s) for s in worst])
        self.between.fill(metal)
        self.between.tell()
        self.failures._run(self.failures.look_further, self.failures.looked)
        if self._plots:
            self.plots.draw()

    def _segment_row(self, s: Segment) -> tuple[str, tuple[str, ...]]:
        return f"strip:{s.piece}", (
            f"{s.id} {s.kind.value}",
            f"{s.cells[0]}–{s.cells[1]}",
            amperes(s.current_a),
            amperes(s.limit_a),
            percent(s.share),
            celsius(s.in_place_k),
        )

    def _tell_measured(self) -> None:
        """What is measured of cells and joints, and which cells have twice the welds."""
        design = self.session.design
        known = as_measured(design, self.session.state)
        cells = sum(ohm > 0 for ohm in known.measured_ohm)
        words = (
            f"Resistance measured of {cells} of {design.cell_count} cells"
            if cells
            else "No cell measured yet: the typical resistance of this type is used"
        )
        if self.session.state.joint_ohm:
            words += (
                f"; joints with {milliohms(known.joining.joint_ohm or 0.0)}, the mean of "
                f"{plural(len(self.session.state.joint_ohm), 'recorded joint')}"
            )
        self.measured.setText(words)
        doubled = design.joining.doubled
        self.failures.doubled.setText(
            f"Twice the welds on {plural(len(doubled), 'cell')}: {', '.join(str(n) for n in doubled)}."
            if doubled
            else ""
        )
        welded = design.joining.joined_by is JoinedBy.WELD
        self.failures.doubled.setVisible(bool(doubled) and welded)
        for button in (self.failures.double_button, self.failures.single_button):
            button.setVisible(welded)
        self.failures.single_button.setEnabled(bool(doubled))

    def point_at(self, ref: str) -> None:
        self.pieces.pick(ref)

    # -- plots ------------------------------------------------------------------------------------------

    # -- scatter ----------------------------------------------------------------------------------------

    # -- assay ------------------------------------------------------------------------------------------

    def hideEvent(self, event: Any) -> None:
        if self._search is not None:
            self._search.cancel()
        super().hideEvent(event)
