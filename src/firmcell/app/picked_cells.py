"""Cells picked by hand, and what is done to all of them at once."""

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QInputDialog

from firmcell.app.canvas.tools import Gesture, Tool
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural
from firmcell.core.changes import by_hand as hand
from firmcell.core.changes import many_cells as many
from firmcell.core.changes.by_hand import HandEdit
from firmcell.core.changes.many_strips import repeat_metal
from firmcell.core.model.design import Design
from firmcell.core.strips.runs import strip_runs

if TYPE_CHECKING:
    from firmcell.app.hand_tools import HandTools
    from firmcell.app.session import Session

NUDGE_M, FINE_M = 0.001, 0.0001


PICKED_COMMANDS = (
    ("all", "Pick all", "Ctrl+A", "Every cell of the pack"),
    ("group", "Pick group", "Ctrl+Shift+G", "All cells of the groups that the picked ones are in"),
    ("row", "Pick row", "Ctrl+Shift+R", "All cells in line with the picked ones"),
    ("line-up", "Line up", "Ctrl+Shift+U", "In one straight row, touching"),
    ("touch", "Bring to touch", "Ctrl+J", "All of them together, the nearest way to other cells"),
    ("mirror-left-right", "Mirror left, right", "Ctrl+Shift+M", "About the middle of what they take up"),
    ("mirror-front-rear", "Mirror front, rear", "Ctrl+Alt+M", "About the middle of what they take up"),
    ("quarter-turn", "Quarter turn", "Ctrl+Shift+Q", "All of them about their middle, anticlockwise"),
    ("end-for-end", "End for end", "Ctrl+Shift+E", "Each turned where it stands"),
    (
        "arc",
        "Bend into an arc…",
        "Ctrl+Shift+B",
        "From along the picture; it asks for the radius of the innermost row",
    ),
    (
        "copy",
        "Copy beside",
        "Ctrl+Shift+C",
        "Whole groups become new groups; as many cells of each group go in parallel",
    ),
    ("delete", "Delete", "Ctrl+Backspace", "Whole groups, or as many cells of each group"),
    (
        "repeat-strips",
        "Repeat strips",
        "Ctrl+Shift+N",
        "The strips of the tap point picked, laid at the next one that lies alike",
    ),
)
"""Name, words, key and meaning of what is done with picked cells."""


class PickedCells:
    """The cells that are picked; every command refuses with a sentence if they do not do for it."""

    def __init__(self, tools: "HandTools") -> None:
        self.tools = tools
        self.numbers: list[int] = []

    def run(self, name: str) -> None:
        """Run a command by its name."""
        calls: dict[str, Callable[[], Any]] = {
            "all": self.pick_all,
            "group": self.pick_groups,
            "row": self.pick_rows,
            "mirror-left-right": partial(self._do, many.mirror_cells, True),
            "mirror-front-rear": partial(self._do, many.mirror_cells, False),
            "quarter-turn": partial(self._do, many.quarter_turn),
            "end-for-end": partial(self._do, hand.turn_cells),
            "line-up": partial(self._do, many.align_cells),
            "touch": partial(self._do, many.touch_cells),
            "arc": self.ask_for_arc,
            "copy": self.copy,
            "delete": partial(self._do, many.delete_cells),
            "repeat-strips": self.repeat_metal,
        }
        calls[name]()

    # -- picking ----------------------------------------------------------------------------------------

    def pick(self, numbers: list[int]) -> None:
        """Pick these cells and no others."""
        self.numbers = list(dict.fromkeys(numbers))
        self.tools.view.mark(tuple(f"cell:{n}" for n in self.numbers))
        if self.numbers:
            self.tools.told.emit(f"{plural(len(self.numbers), 'cell')} picked. Esc lets them go.")

    def toggle(self, number: int) -> None:
        """Pick a cell more, or let it go."""
        self.pick(
            [n for n in self.numbers if n != number] if number in self.numbers else [*self.numbers, number]
        )

    def stroke(self, session: "Session", g: Gesture, by: tuple[float, float]) -> HandEdit | None:
        """One stroke with the tool that picks; `by` is how far it went on the bench, m."""
        more = bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)
        under = [int(r[5:]) for r in g.refs[:1] if r.startswith("cell:")]
        if not g.moved:
            if under and more:
                self.toggle(under[0])
            else:
                self.pick(under)
            return None
        if g.carries:
            return many.move_cells(session.design, self.numbers, *by)
        self.pick([*(self.numbers if more else []), *self.tools.framed(session, g)])
        return None

    def pick_all(self) -> None:
        """Pick every cell."""
        session = self._take_up()
        if session is not None:
            self.pick([c.number for c in session.analysis.layout.cells])

    def pick_groups(self) -> None:
        """Pick the groups that the picked cells are in."""
        session = self._take_up()
        if session is not None:
            layout = session.analysis.layout
            groups = {layout.by_number[n].group for n in self._some()}
            self.pick([c.number for c in layout.cells if c.group in groups])

    def pick_rows(self) -> None:
        """Pick the rows that the picked cells stand in."""
        session = self._take_up()
        if session is not None:
            self.pick([m for n in self._some() for m in many.row_of(session.design, n)])

    # -- doing ------------------------------------------------------------------------------------------

    def ask_for_arc(self) -> None:
        """Ask for a radius and bend the picked cells round it."""
        session = self._take_up()
        if session is None:
            return
        pitch_mm = session.analysis.layout.pitch_m * 1e3
        radius, wanted = QInputDialog.getDouble(
            self.tools.view.window(),
            "Bend into an arc",
            "Radius of the innermost row, from the middle of the arc to the middles of its cells, mm",
            round(8 * pitch_mm),
            1.0,
            5000.0,
            1,
        )
        if wanted:
            self.bend(radius / 1e3)

    def bend(self, radius_m: float) -> None:
        """Bend the picked cells round a radius, m."""
        self._do(many.bend_cells, radius_m)

    def copy(self) -> None:
        """Copy the picked cells beside the pack, to the right of it, and pick the copies."""
        session = self._take_up()
        if session is None:
            return
        before = session.design.cell_count
        self._do(partial(many.copy_cells, dx_m=_beside(session.design, self._some()), dy_m=0.0))
        now = session.design.cell_count
        if now > before:
            self.pick(list(range(before + 1, now + 1)))

    def nudge(self, session: "Session", dx: int, dy: int, fine: bool) -> HandEdit | None:
        """Move the picked cells a step on the top face."""
        step = FINE_M if fine else NUDGE_M
        return (
            many.move_cells(session.design, self.numbers, dx * step, dy * step, snap=False)
            if self.numbers
            else None
        )

    def repeat_metal(self) -> None:
        """Lay the strips of the tap point that is picked at the next one that lies alike."""
        session, ref = self.tools.session(), self.tools.view.selected
        if session is None:
            return
        node = _node_of(session, ref)

        def edit(design: Design, _: list[int]) -> HandEdit:
            if node is None:
                raise Refusal("Pick a strip or a tap first: its tap point's strips are repeated at the next.")
            return _repeated(design, node)

        self._do(edit)

    def _do(self, call: Callable[..., HandEdit], *more: Any) -> None:
        session = self._take_up()
        if session is None:
            return
        try:
            edit = call(session.design, self._some(), *more)
        except Refusal as refusal:
            session.refused.emit(refusal.sentence)
            return
        kept, before = self.numbers, session.design.cell_count
        self.tools.apply(edit)
        # What is picked stays picked, unless there are other cells now with other numbers.
        self.pick(kept if session.design.cell_count == before else [])
        self.tools.told.emit(f"{edit.words}. Ctrl+Z takes it back.")

    def _some(self) -> list[int]:
        """The picked cells, or the one that was clicked or walked to."""
        ref = self.tools.view.selected
        session = self.tools.session()
        there = session.analysis.layout.by_number if session is not None else {}
        some = self.numbers or ([int(ref[5:])] if ref.startswith("cell:") else [])
        return [n for n in some if n in there]

    def _take_up(self) -> "Session | None":
        """The session, with the tool that picks taken up; None without a job, or in one without a layout."""
        session = self.tools.session()
        if session is not None and self.tools.view.tool is not Tool.SELECT:
            kept = self.numbers
            self.tools.wanted.emit(Tool.SELECT)
            if Stage.LAYOUT not in session.plan.stages:
                return None
            self.pick(kept)
        return session


def _beside(design: Design, numbers: list[int]) -> float:
    """How far to the right copies of cells come to stand clear of the whole pack, m."""
    cells = hand.placed_cells(design)
    left = min((cells[n - 1].x_m for n in numbers), default=0.0)
    return max(c.x_m for c in cells) - left + hand.layout_of(design).pitch_m


def _node_of(session: "Session", ref: str) -> int | None:
    kind, _, name = ref.partition(":")
    if kind in ("node", "tap") and name.isdigit():
        return int(name)
    piece = next((p for p in session.analysis.strips if kind == "strip" and p.id == name), None)
    return piece.node if piece is not None else None


def _repeated(design: Design, node: int) -> HandEdit:
    """The strips of a tap point at the next one on either face that lies alike."""
    tried = [n for n in range(node + 1, design.series) if n > 0]
    if not tried:
        raise Refusal("There is no tap point between groups after this one.")
    laid = {tuple(r.cells) for r in strip_runs(hand.layout_of(design))}
    for to in tried:
        try:
            edit = repeat_metal(design, node, to)
        except Refusal:
            continue
        after = design.with_edits(*edit.edits)
        if {tuple(r.cells) for r in strip_runs(hand.layout_of(after))} != laid:
            return edit
    # None lies alike, or all are as this one: the first one's sentence tells which.
    repeat_metal(design, node, tried[0])
    raise Refusal(f"The tap points after B{node} that lie as it does have its strips already.")
