"""The pages of brief, cells and insulation: fields, figures and tables over the design."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QPushButton

from firmcell.app.pages.base_page import Page
from firmcell.app.pages.run_section import RunSection
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import (
    amperes,
    figures,
    kilograms,
    millimetres,
    milliohms,
    percent,
    volts,
)
from firmcell.core.bench.reclaimed import ReclaimedCell, reclaimed_cell
from firmcell.core.jobs.plan import Subject
from firmcell.core.layout.series_parallel import compare_cells
from firmcell.core.model.brief import SpaceShape
from firmcell.store.units import show

HOPELESS = 0.7
"""Share of the current a gauge must carry to be worth a row."""


class BriefPage(Page):
    """What the pack is for."""

    stage, heading = Stage.BRIEF, "Brief: what is asked of the pack"
    moment_changed = Signal()

    def build(self) -> None:
        # What is decided comes first, what the job is called last.
        if self.session.design.existing is not None:
            self.section("The pack as it is")
            self.field("existing.condition")
            self.field("existing.fuse_known")
        self.section("Load")
        for name in (
            "load_voltage_min_v",
            "load_voltage_max_v",
            "current_steady_a",
            "current_peak_a",
            "peak_duration_s",
            "peak_every_s",
        ):
            self.field(f"brief.{name}")
        self.section("Run time")
        for name in ("energy_j", "run_time_s", "load_capacitance_f"):
            self.field(f"brief.{name}")
        self.section("Space")
        for name in ("space", "box_length_m", "box_width_m", "box_height_m", "clearance_m", "mass_limit_kg"):
            self.field(f"brief.{name}")
        self.outline = self.text("")
        self.section("Conditions of use")
        for name in (
            "ambient_min_k",
            "ambient_max_k",
            "stands",
            "wet",
            "shaken",
            "must_not_cut_out",
            "measures",
        ):
            self.field(f"brief.{name}")
        self.run: RunSection | None = None
        if self.session.plan.subject is Subject.PACK:
            self.run_title = self.section("Run: the pack through time")
            self.run = RunSection(self.session)
            self.run.curves.moment_changed.connect(self.moment_changed)
            self.body.addWidget(self.run)
        self.section("Job")
        for path in ("brief.title", "brief.customer", "brief.promised", "serial", "builder", "kind", "grain"):
            self.field(path)

    def refresh_more(self) -> None:
        if self.run is not None:
            self.run.forget_if_changed()
        brief = self.session.design.brief
        words = {
            SpaceShape.BOX: "",
            SpaceShape.CYLINDER: "A cylinder: its length is the diameter, the width is not used.",
            SpaceShape.PROFILE: f"An outline of {len(brief.outline_m)} corners, seen from its end, gives width and height, its left is the rear; cells lie along it.",
            SpaceShape.OUTLINE: f"An outline of {len(brief.outline_m)} corners gives length and width; read another in the Layout stage.",
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
            (
                "Designation",
                lambda: f"{s.analysis.pack.cell_designation}, {s.design.cell.facts.label.lower()}",
            ),
            (
                "Steady",
                lambda: (
                    f"{amperes(s.analysis.pack.cell_current_steady_a)} of "
                    f"{amperes(s.design.cell.current_continuous_a)} ({figures(s.analysis.pack.c_rate_steady_per_h)} C)"
                ),
            ),
            (
                "Peak",
                lambda: (
                    f"{amperes(s.analysis.pack.cell_current_peak_a)} of {amperes(s.design.cell.current_peak_a)} "
                    f"({figures(s.analysis.pack.c_rate_peak_per_h)} C)"
                ),
            ),
            (
                "Voltages",
                lambda: (
                    f"{volts(s.design.cell.empty_v)} empty, {volts(s.design.cell.nominal_v)} nominal, "
                    f"{volts(s.design.cell.full_v)} full"
                ),
            ),
            ("Resistance", lambda: f"{milliohms(s.design.cell.resistance_ohm)} d.c."),
            (
                "Size",
                lambda: (
                    f"{millimetres(s.design.cell.diameter_m)} × {millimetres(s.design.cell.length_m)}, "
                    f"worst excess {s.design.cell.diameter_tolerance_m * 1e3:.1f} / {s.design.cell.length_tolerance_m * 1e3:.1f} mm"
                ),
            ),
            ("Values", lambda: s.design.cell.source),
        )
        self.section("What each cell would make of the brief")
        self.choices = self.table(("", "Cell", "Best", "Weight of the cells"), "Cells compared", wide=1)
        self.choices.chosen.connect(self._take)
        self.verdict = self.text("Pick a cell to see what it meets and where it falls short.")
        self.choices.picked.connect(self._tell)
        button = QPushButton("Use this cell")
        button.setToolTip(
            "Uses the cell picked in the table, with its best series and parallel count (Enter)"
        )
        button.clicked.connect(
            lambda: self._take(str(self.choices.currentIndex().siblingAtColumn(1).data() or ""))
        )
        self.body.addWidget(button)
        self._build_tested()

    def _build_tested(self) -> None:
        self.tested_title = self.section("Tested cells")
        self.tested = self.table(
            ("Cell", "Capacity", "Resistance", "Loses a day", "Cycles left", "Verdict"),
            "Tested cells",
            wide=5,
        )
        self.tested.picked.connect(self._tell_tested)
        self.tested_told = self.text("", name="")
        self.tested_how = self.text(
            "Reclaimed cells: record each test at the bench, or read a CSV in menu Bench: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin."
        )

    def _tell_tested(self, ref: str) -> None:
        test = self.session.state.cell_tests.get(int(ref.partition(":")[2] or 0))
        found = reclaimed_cell(self.session.design.cell, test) if test else None
        self.tested_told.setText(f"Cell {found.number}: {found.words}." if found else "")

    def _show_tested(self) -> None:
        tests = self.session.state.cell_tests
        for part in (self.tested_title, self.tested):
            part.setVisible(bool(tests))
        found = [reclaimed_cell(self.session.design.cell, test) for _, test in sorted(tests.items())]
        self.tested.set_rows([(f"cell:{c.number}", tested_row(c)) for c in found])

    def refresh_more(self) -> None:
        if not self.isVisible():
            return
        self._show_tested()
        rows = []
        for choice in compare_cells(self.session.design.brief, self.session.library.cells):
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
        for choice in compare_cells(self.session.design.brief, self.session.library.cells):
            if choice.cell.name == name and choice.option:
                self.verdict.setText(
                    f"{name}, {choice.option.label}: {'; '.join(choice.option.reasons) or 'meets everything in the brief'}."
                )

    def _take(self, name: str) -> None:
        choice = next(
            (
                c
                for c in compare_cells(self.session.design.brief, self.session.library.cells)
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


def tested_row(cell: ReclaimedCell) -> tuple[str, ...]:
    """Return what a table tells of a tested cell."""
    lost = "–" if cell.lost_a_day is None else f"{cell.lost_a_day * 100:.2f} %".replace("-", "−")
    return (
        str(cell.number),
        "–" if cell.capacity_share is None else percent(cell.capacity_share),
        "–" if cell.ohm_share is None else f"{cell.ohm_share:.1f} ×",
        lost,
        "not known" if cell.cycles_left is None else f"about {cell.cycles_left:.0f}",
        "OUT" if cell.stops else "look" if cell.marks else "fits",
    )


class InsulationPage(Page):
    """Insulation and sleeve."""

    stage, heading = Stage.INSULATION, "Insulation: sheet, tape and heat-shrink"

    def build(self) -> None:
        s = self.session
        if not s.design.details.opens_pack:
            # What is inside a closed pack stays as it is: only what this kind of job asks is asked.
            return
        self.section("From the inside out")
        for name in ("rings", "sheet_m", "tape_m", "foam_m", "side_m"):
            self.field(f"insulation.{name}")
        self.section("Sleeve")
        for name in ("sleeve", "cross_sleeve", "lip_m"):
            self.field(f"insulation.{name}")
        self.figures(
            ("Along the pack", lambda: self._sleeve("sleeve")),
            ("Across it", lambda: self._sleeve("cross_sleeve")),
            (
                "Smallest sleeve that slides on",
                lambda: (
                    f"{millimetres(s.analysis.insulation.sleeve_flat_needed_m)} flat along, "
                    f"{millimetres(s.analysis.insulation.cross_flat_needed_m)} flat across"
                ),
            ),
        )
        self.section("Outer size")
        self.figures(
            ("Bare", lambda: self._size("bare_")),
            ("Outside", lambda: self._size("")),
            (
                "Fits",
                lambda: {True: "yes, with the clearance on every side", False: "no", None: "no space given"}[
                    s.analysis.insulation.envelope.fits
                ],
            ),
        )
        self.text(
            "Hot air from the middle outwards, moving. Low heat: pack sleeve shrinks early and burns through.",
            "caution",
        )

    def _sleeve(self, which: str) -> str:
        fit = getattr(self.session.analysis.insulation, which)
        if fit is None:
            return "none"
        return f"cut {show(fit.cut_length_m, 'm', self.system)}; wall {fit.wall_recovered_m * 1e3:.2f} mm once shrunk"

    def _size(self, which: str) -> str:
        e = self.session.analysis.insulation.envelope
        return " × ".join(
            show(getattr(e, f"{which}{side}_m"), "m", self.system) for side in ("length", "width", "height")
        )
