"""The Layout stage: how many cells, where each stands, which group it belongs to, by engine and by hand."""

from functools import partial
from typing import Any

from pydantic import ValidationError
from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QToolButton,
)

from firmcell.app.background import Search
from firmcell.app.canvas.tools import TOOL_SHORTCUTS, Tool
from firmcell.app.fields import RecordForm
from firmcell.app.pages.base_page import Page
from firmcell.app.pages.layout_figures import LayoutFigures
from firmcell.app.pages.layout_search import LayoutSearch
from firmcell.app.picked_cells import PICKED_COMMANDS
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import (
    duration,
    figures,
    kilograms,
    millimetres,
    plural,
    volts,
    watt_hours,
)
from firmcell.core.changes import by_hand as hand
from firmcell.core.model.brief import Blocked, Brief, SpaceShape
from firmcell.core.model.joint_kinds import joints_by_face
from firmcell.store.units import show
from firmcell.store.validation_words import first_fault


class LayoutPage(Page):
    """Series, parallel, the places of the cells and their groups."""

    stage, heading = Stage.LAYOUT, "Layout: how many cells, and where they stand"
    tool_wanted = Signal(object)
    group_wanted = Signal(int)
    picked_wanted = Signal(str)
    outline_wanted = Signal()
    export_wanted = Signal(str)

    def build(self) -> None:
        self.search, self.told = LayoutSearch(self), LayoutFigures(self)
        self._search: Search | None = None
        self._seed = 1
        self._count()
        self.search.build()
        self._measures()
        self._by_hand()
        self._lie()
        self._out()
        self._stacks()
        self._content()

    # -- sections ---------------------------------------------------------------------------------------

    def _count(self) -> None:
        self.section("Cell count")
        self.field("series")
        self.field("parallel")

    def _measures(self) -> None:
        s = self.session
        self.section("How good this layout is")
        self.figures(
            ("Links", lambda: self.told.links()),
            (
                "Strips",
                lambda: (
                    f"{plural(s.analysis.measures.pieces, 'piece')}, {plural(s.analysis.measures.different, 'length')}; "
                    f"longest way to a lead {millimetres(s.analysis.measures.collecting_m)}"
                ),
            ),
            ("Joints", lambda: joints_by_face(s.design.joining.joined_by, s.analysis.measures.joints)),
            ("Smallest gap", lambda: self.told.gaps()),
            ("Outside", lambda: self.told.outside()),
            ("Room left", lambda: self.told.left()),
        )

    def _by_hand(self) -> None:
        self.section("By hand")
        grid = QGridLayout()
        grid.setSpacing(4)
        self.tools = QButtonGroup(self)
        self.tool_buttons: dict[Tool, QToolButton] = {}
        for number, tool in enumerate(Tool):
            button = QToolButton()
            button.setText(tool.value.capitalize())
            button.setCheckable(True)
            button.setSizePolicy(self.search.finder.sizePolicy())
            button.setToolTip(f"{tool.value.capitalize()} ({TOOL_SHORTCUTS[tool]})")
            button.setAccessibleName(tool.value)
            button.clicked.connect(lambda _=False, t=tool: self.tool_wanted.emit(t))
            self.tools.addButton(button)
            self.tool_buttons[tool] = button
            grid.addWidget(button, number // 2, number % 2)
        self.tool_buttons[Tool.LOOK].setChecked(True)
        self.body.addLayout(grid)
        row = QHBoxLayout()
        label = PlainLabel("&Group to paint")
        self.group = calm(QComboBox())
        self.group.setAccessibleName("Group to paint")
        self.group.currentIndexChanged.connect(lambda index: self.group_wanted.emit(index + 1))
        label.setBuddy(self.group)
        row.addWidget(label)
        row.addWidget(self.group)
        row.addStretch(1)
        unlock = self.button("&Unlock all", self._unlock_all, "Every cell may be moved and sorted again")
        row.addWidget(unlock)
        self.body.addLayout(row)
        self.text("Picked cells, all at once:")
        grid = QGridLayout()
        grid.setSpacing(4)
        for number, (name, words, keys, tip) in enumerate(PICKED_COMMANDS):
            pressed = self.button(words, partial(self.picked_wanted.emit, name), f"{tip} ({keys})")
            grid.addWidget(pressed, number // 3, number % 3)
        self.body.addLayout(grid)
        self.hint = self.text("Ctrl+1 to Ctrl+9 and Ctrl+L take up a tool; Ctrl+Z takes back what it did.")

    def _lie(self) -> None:
        self.section("How the cells lie")
        for name in ("lie", "layers", "split_gap_m", "first_positive_up", "turn_axis"):
            self.field(f"arrangement.{name}")
        self.text("In whole rows:")
        for name in ("lattice", "rows"):
            self.field(f"arrangement.{name}")
        self.section("Space")
        self.field("brief.space")
        row = QHBoxLayout()
        row.addWidget(
            self.button("&Outline from file…", self.outline_wanted.emit, "DXF, SVG, or CSV of points in mm")
        )
        row.addStretch(1)
        self.body.addLayout(row)
        self.blocked = self.table(("Blocked", "Along", "Across", "Size"), "Blocked places", wide=0)
        self.blocking = RecordForm(
            Blocked,
            self.system,
            {"name": "screw post", "x_m": 0.0, "y_m": 0.0, "length_m": 0.01, "width_m": 0.01},
        )
        self.body.addWidget(self.blocking)
        row = QHBoxLayout()
        row.addWidget(
            self.button("&Block this place", self._block, "Nothing may stand there, through the whole height")
        )
        row.addWidget(self.button("Unbloc&k the picked one", self._unblock, "The row picked in the table"))
        self.body.addLayout(row)

    def _out(self) -> None:
        self.section("Out")
        grid = QGridLayout()
        grid.setSpacing(4)
        for number, (kind, text, tip) in enumerate(
            (
                (
                    "template",
                    "&1:1 templates, PDF",
                    "Both faces, sheet, plates and holder at 1:1 with a check ruler, tiled over A4 or Letter",
                ),
                ("dxf", "&DXF, layers named", "Faces, plates and insulation sheet as lines in mm"),
                ("svg", "S&VG of both faces", "As drawn, in mm"),
                ("positions", "&CSV of cells", "Number, group, direction and place of every cell"),
                ("stl", "&Holder, STL", "Two halves of a cell holder, as closed solids to print"),
            )
        ):
            grid.addWidget(
                self.button(text, partial(self.export_wanted.emit, kind), tip), number // 2, number % 2
            )
        self.body.addLayout(grid)

    def _stacks(self) -> None:
        self.section("Possible cell counts")
        self.options = self.table(
            ("Cells", "Full", "To the load", "Each cell", "Verdict"), "Possible cell counts", wide=4
        )
        self.options.chosen.connect(self._take)
        self.verdict = self.text("Pick one to see what it meets and where it falls short.")
        self.options.picked.connect(self._tell)
        self.body.addWidget(
            self.button(
                "Use this count",
                lambda: self._take(str(self.options.currentIndex().siblingAtColumn(0).data() or "")),
                "The cells go back to whole rows of that count",
            )
        )

    def _content(self) -> None:
        s = self.session
        self.section("What this gives")
        self.figures(
            (
                "Content",
                lambda: (
                    f"{figures(s.pack.capacity_ah)} Ah, {watt_hours(s.pack.energy_j)} rated, "
                    f"{watt_hours(s.pack.energy_usable_j)} to the load, {duration(s.pack.run_time_s)}"
                ),
            ),
            (
                "Sag",
                lambda: f"{volts(s.pack.sag_steady_v)} steady, {volts(s.pack.sag_peak_v)} at the peak",
            ),
            (
                "Near empty",
                lambda: (
                    f"{volts(s.pack.voltage_end_steady_v)} steady, {volts(s.pack.voltage_end_peak_v)} at the peak"
                ),
            ),
            (
                "Heat",
                lambda: (
                    f"{figures(s.pack.heat_steady_w)} W steady, {figures(s.pack.heat_peak_w)} W at the peak"
                ),
            ),
            ("Mass", lambda: kilograms(s.pack.mass_kg)),
        )

    # -- the engine -------------------------------------------------------------------------------------

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape and self._search is not None:
            self.search.cancel_search()
        else:
            super().keyPressEvent(event)

    def _block(self) -> None:
        def block() -> None:
            try:
                place = Blocked.model_validate(self.blocking.values())
            except ValidationError as error:
                raise Refusal(first_fault(error, Blocked)) from None
            edit = hand.block_place(self.session.design, place)
            self.session.edit_all(edit.edits, edit.words)

        guarded(block, self.session.refused.emit)

    def _unblock(self) -> None:
        row = self.blocked.currentIndex().row()
        if 0 <= row < len(self.session.design.brief.blocked):
            edit = hand.unblock_place(self.session.design, row)
            self.session.edit_all(edit.edits, edit.words)

    def _unlock_all(self) -> None:
        cells = hand.placed_cells(self.session.design)
        locked = [n for n, cell in enumerate(cells, start=1) if cell.locked]
        if locked:
            edit = hand.lock_cells(self.session.design, locked, False)
            self.session.edit_all(edit.edits, edit.words)

    # -- showing ----------------------------------------------------------------------------------------

    def show_tool(self, tool: Tool, hint: str) -> None:
        """Mark the tool in use and tell how it works."""
        self.tool_buttons[tool].setChecked(True)
        self.hint.setText(hint)

    def tell(self, hint: str) -> None:
        """Tell what came of a tool."""
        self.hint.setText(hint)

    def refresh_more(self) -> None:
        design, brief = self.session.design, self.session.design.brief
        for path, field in self._fields:
            if path in ("arrangement.lattice", "arrangement.rows"):
                # They say how whole rows stand; cells in places of their own do not heed them.
                field.row.editor.setEnabled(design.arrangement.in_rows)
        rows: list[tuple[str, tuple[str, ...]]] = []
        for o in self.session.analysis.options[:60]:
            verdict = "does it" if o.feasible else "; ".join(o.reasons)
            rows.append(
                (
                    o.label,
                    (
                        o.label,
                        volts(o.voltage_full_v),
                        watt_hours(o.energy_usable_j),
                        f"{figures(o.cell_steady_a)} A",
                        verdict,
                    ),
                )
            )
        self.options.set_rows(rows)
        if self.group.count() != design.series:
            self.group.clear()
            self.group.addItems([str(g) for g in range(1, design.series + 1)])
        box = brief.box_m
        standing = (
            "in whole rows"
            if design.arrangement.in_rows
            else (
                f"each in its place, {design.arrangement.lattice.value}; {plural(len(design.arrangement.spare_m), 'place')} free"
            )
        )
        size = " × ".join(show(v, "m", self.system) for v in box) if box else "no size given"
        self.search.space.setText(f"Space: {_shape(brief)}, {size}. Cells: {standing}.")
        blocked: list[tuple[str, tuple[str, ...]]] = []
        for number, b in enumerate(brief.blocked):
            size = (
                f"⌀ {b.length_m * 1e3:.0f} mm"
                if b.round
                else f"{b.length_m * 1e3:.0f} × {b.width_m * 1e3:.0f} mm"
            )
            blocked.append((f"blocked:{number}", (b.name, millimetres(b.x_m), millimetres(b.y_m), size)))
        self.blocked.set_rows(blocked)

    def point_at(self, ref: str) -> None:
        self.blocked.pick(ref)

    def _take(self, label: str) -> None:
        option = next((o for o in self.session.analysis.options if o.label == label), None)
        if option is not None:
            self.session.edit_all(option.edits, f"Make it {label}")

    def _tell(self, label: str) -> None:
        option = next((o for o in self.session.analysis.options if o.label == label), None)
        if option:
            fails = "; ".join(option.reasons) or "meets everything in the brief"
            self.verdict.setText(
                f"{label}: {fails}. Near empty {volts(option.voltage_end_v)}, cells {kilograms(option.mass_cells_kg)}."
            )

    def hideEvent(self, event: Any) -> None:
        # A tool is for the picture of this stage; elsewhere a click must only look.
        self.tool_wanted.emit(Tool.LOOK)
        super().hideEvent(event)


def _shape(brief: Brief) -> str:
    """The shape of the space, in words."""
    corners = len(brief.outline_m)
    return {
        SpaceShape.BOX: "a box",
        SpaceShape.CYLINDER: "a cylinder",
        SpaceShape.OUTLINE: f"an outline of {corners} corners",
        SpaceShape.PROFILE: f"a cross-section of {corners} corners",
    }[brief.space]
