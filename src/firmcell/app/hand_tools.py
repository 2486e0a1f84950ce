"""The hand on the picture: strokes of the mouse and keys become edits of the layout."""

from collections import Counter
from collections.abc import Callable

from PySide6.QtCore import QObject, QPointF, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QApplication

from firmcell.app.canvas.tools import Gesture, Tool
from firmcell.app.canvas.view import PackView
from firmcell.app.picked_cells import FINE_M, NUDGE_M, PickedCells
from firmcell.app.session import Session
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes import by_hand as hand
from firmcell.core.changes.by_hand import HandEdit
from firmcell.core.changes.many_cells import number_groups
from firmcell.core.changes.many_strips import ladder_stroke
from firmcell.core.layout.cell_places import CellPlace
from firmcell.core.model.brief import Blocked
from firmcell.core.model.design import Face, Lie
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.pictures.measured_way import measured_words

MM = 1e-3
HINTS = {
    Tool.LOOK: "Click a part to read its numbers. Drag moves the picture.",
    Tool.SELECT: "Drag a frame round cells, Shift adds; drag picked cells to move them, near others they come to touch. Keys: [ ] and Space pick, arrows move 1 mm (Shift: 0.1 mm), Esc lets go.",
    Tool.MOVE: "Drag a cell; near a dashed free place it falls into it. Keys: pick a cell with [ ], arrows move it 1 mm (Shift: 0.1 mm).",
    Tool.TURN: "Click a cell to turn it end for end. Keys: pick with [ ], Space turns it.",
    Tool.SWAP: "Drag from one cell to another to exchange their groups. Keys: Space on the first, Space on the second.",
    Tool.PAINT: "Drag over cells to put them into the group chosen here. Keys: pick with [ ], Space puts it in.",
    Tool.LOCK: "Click a cell to lock it in its place and group, or to unlock it. Keys: Space.",
    Tool.BLOCK: "Drag a rectangle that must stay free; click a blocked place to give it free again.",
    Tool.MINUS: "Click where the minus lead should leave; with Shift a second one, led to the same contact. Keys: Space on a cell.",
    Tool.PLUS: "Click where the plus lead should leave; with Shift a second one, led to the same contact. Keys: Space on a cell.",
    Tool.STRIP: "Drag over pads to lay a strip; click a strip to take it away. Keys: Space on each pad, Enter lays it; Space on a strip takes it away.",
    Tool.LADDER: "Drag a frame over the cells of two groups on the face where they meet: a strip along each row and a link from cell to cell. Keys: Space on each cell, Enter lays it.",
    Tool.NUMBER: "One stroke over the groups numbers them in its order, from minus. Keys: Space on a cell of each group in turn, Enter numbers them.",
    Tool.MEASURE: "Drag from point to point, or from cell to cell. Keys: Space on the first cell, Space on the second.",
}


ARROWS = {
    Qt.Key.Key_Left: (-1, 0),
    Qt.Key.Key_Right: (1, 0),
    Qt.Key.Key_Up: (0, 1),
    Qt.Key.Key_Down: (0, -1),
}


class HandTools(QObject):
    """Applies the tool that is chosen. `told` carries a hint or what came of it, `measured` a distance."""

    told = Signal(str)
    wanted = Signal(object)
    measured = Signal(str)

    def __init__(
        self, view: PackView, session: Callable[[], Session | None], faces: Callable[[], list[Face | str]]
    ) -> None:
        super().__init__(view)
        self.view, self.session, self._faces = view, session, faces
        self.group = 1
        self.picked = PickedCells(self)
        self._taken: list[str] = []
        view.gestured.connect(self.stroke)
        view.key_pressed.connect(self.key)

    def choose(self, tool: Tool) -> None:
        """Take up a tool."""
        self._taken = []
        self.view.set_tool(tool)
        self.picked.numbers = []
        self.told.emit(HINTS[tool])

    # -- mouse ------------------------------------------------------------------------------------------

    def stroke(self, g: Gesture) -> None:
        """Apply the tool along one stroke of the mouse."""
        session, face = self.session(), self._faces()[g.face]
        if session is None or not isinstance(face, Face):
            return
        try:
            edit = self._stroke(session, face, g)
        except Refusal as refusal:
            session.refused.emit(refusal.sentence)
            return
        kept = self.picked.numbers if self.view.tool is Tool.SELECT else []
        self.apply(edit)
        if kept:
            self.picked.pick(kept)

    def _stroke(self, session: Session, face: Face, g: Gesture) -> HandEdit | None:
        cells, design = _cells(g.refs), session.design
        match self.view.tool:
            case Tool.SELECT:
                (x0, y0), (x1, y1) = (self._bench(session, face, p) for p in (g.start, g.end))
                return self.picked.stroke(session, g, (x1 - x0, y1 - y0))
            case Tool.MOVE if cells and g.moved:
                return self._move(session, cells[0], self._bench(session, face, g.end))
            case Tool.TURN if cells:
                return hand.turn_cells(design, cells[:1])
            case Tool.SWAP if len(cells) > 1:
                return hand.swap_cells(design, cells[0], cells[-1])
            case Tool.PAINT if cells:
                return hand.paint_cells(design, cells, self.group)
            case Tool.LOCK if cells:
                return self._lock(session, cells)
            case Tool.BLOCK:
                return self._block(session, face, g)
            case Tool.MINUS | Tool.PLUS as pole:
                x, y = hand.in_space(session.analysis.layout, 1, *self._bench(session, face, g.end))
                return self._terminal(session, pole is Tool.PLUS, x, y)
            case Tool.STRIP if not g.moved:
                ref = self.view.ref_at(QPointF(*g.way[0]), ("strip:",))
                return hand.remove_strip(design, ref.removeprefix("strip:")) if ref else None
            case Tool.STRIP if len(cells) > 1:
                return hand.draw_strip(design, face, list(dict.fromkeys(cells)))
            case Tool.LADDER if g.moved:
                return ladder_stroke(design, face, self.framed(session, g))
            case Tool.NUMBER if cells:
                return number_groups(design, cells)
            case Tool.MEASURE if g.moved:
                self._measure(session, face, g)
        return None

    def framed(self, session: Session, g: Gesture) -> list[int]:
        """The cells whose middles lie in the frame of a stroke."""
        face = self._faces()[g.face]
        (x0, x1), (y0, y1) = (sorted((a, b)) for a, b in zip(g.start, g.end, strict=True))
        targets = session.picture(face).targets
        inside = [r for r, (x, y) in targets.items() if x0 <= x <= x1 and y0 <= y <= y1]
        return _cells(inside)

    def _measure(self, session: Session, face: Face, g: Gesture) -> None:
        layout = session.analysis.layout
        refs = [self.view.ref_at(QPointF(*p), ("cell:",)) for p in (g.way[0], g.way[-1])]
        first, last = (layout.by_number.get(int(r[5:])) if r else None for r in refs)
        start, end = (self._bench(session, face, p) for p in (g.start, g.end))
        self.measured.emit(measured_words(start, end, (first, last), session.design.cell))

    def _terminal(self, session: Session, positive: bool, x_m: float, y_m: float) -> HandEdit:
        if QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier:
            return hand.second_terminal(session.design, positive, x_m, y_m)
        return hand.move_terminal(session.design, positive, x_m, y_m)

    def _bench(self, session: Session, face: Face, point: tuple[float, float]) -> tuple[float, float]:
        """A point of a face as it lies (mm) in the pack's own axes, m; turning over twice is no turning."""
        x, y = as_it_lies(face, session.design.arrangement.turn_axis)(*point)
        return x * MM, y * MM

    def _move(self, session: Session, number: int, to: tuple[float, float]) -> HandEdit:
        layout = session.analysis.layout
        x, y = hand.in_space(layout, layout.by_number[number], *to)
        return hand.move_cell(session.design, number, x, y)

    def _lock(self, session: Session, cells: list[int]) -> HandEdit:
        first = hand.placed_cells(session.design)[cells[0] - 1]
        return hand.lock_cells(session.design, list(dict.fromkeys(cells)), not first.locked)

    def _block(self, session: Session, face: Face, g: Gesture) -> HandEdit | None:
        if session.design.arrangement.lie is not Lie.STANDING:
            self.told.emit(
                "Blocked places are drawn from above; with lying cells type them in the Layout page."
            )
            return None
        held = [r for r in g.refs if r.startswith("blocked:")]
        if held and not g.moved:
            return hand.unblock_place(session.design, int(held[0].removeprefix("blocked:")))
        layout = session.analysis.layout
        (x0, y0), (x1, y1) = (
            hand.in_space(layout, 1, *self._bench(session, face, p)) for p in (g.start, g.end)
        )
        if abs(x1 - x0) < MM or abs(y1 - y0) < MM:
            return None
        place = Blocked(
            name="blocked", x_m=(x0 + x1) / 2, y_m=(y0 + y1) / 2, length_m=abs(x1 - x0), width_m=abs(y1 - y0)
        )
        return hand.block_place(session.design, place)

    # -- keys -------------------------------------------------------------------------------------------

    def key(self, event: QKeyEvent) -> None:
        """Apply the tool to the part that is picked."""
        session, ref, tool = self.session(), self.view.selected, self.view.tool
        if session is None:
            return
        cell = session.analysis.layout.by_number.get(int(ref[5:])) if ref.startswith("cell:") else None
        if Qt.Key(event.key()) is Qt.Key.Key_Escape:
            self._taken = []
            self.picked.pick([])
            return
        try:
            edit = self._key(session, event, ref, cell)
        except Refusal as refusal:
            session.refused.emit(refusal.sentence)
            return
        kept = self.picked.numbers if tool is Tool.SELECT else []
        self.apply(edit)
        if kept:
            self.picked.pick(kept)

    def _key(self, session: Session, event: QKeyEvent, ref: str, cell: CellPlace | None) -> HandEdit | None:
        key, tool, design = Qt.Key(event.key()), self.view.tool, session.design
        fine = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
        if tool is Tool.STRIP:
            return self._strip_key(session, key, ref, cell)
        if tool is Tool.SELECT and key in ARROWS:
            return self.picked.nudge(session, *ARROWS[key], fine)
        if cell is None:
            return None
        if key in ARROWS:
            if tool is not Tool.MOVE:
                return None
            step, (dx, dy) = FINE_M if fine else NUDGE_M, ARROWS[key]
            x, y = hand.in_space(session.analysis.layout, cell, cell.x_m, cell.y_m)
            return hand.move_cell(design, cell.number, x + dx * step, y + dy * step, snap=False)
        match tool:
            case Tool.SELECT:
                self.picked.toggle(cell.number)
            case Tool.TURN:
                return hand.turn_cells(design, [cell.number])
            case Tool.PAINT:
                return hand.paint_cells(design, [cell.number], self.group)
            case Tool.LOCK:
                return self._lock(session, [cell.number])
            case Tool.MINUS | Tool.PLUS:
                x, y = hand.in_space(session.analysis.layout, cell, cell.x_m, cell.y_m)
                return self._terminal(session, tool is Tool.PLUS, x, y)
            case Tool.SWAP | Tool.MEASURE | Tool.LADDER | Tool.NUMBER:
                return self._several(session, key, ref)
        return None

    def _several(self, session: Session, key: Qt.Key, ref: str) -> HandEdit | None:
        """A tool that takes up several cells by Space, and is applied once it has two or at Enter."""
        tool, enter = self.view.tool, key in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
        if not enter:
            self._take_up(ref)
        cells = _cells(self._taken)
        if tool is Tool.SWAP and len(cells) == 2:
            return hand.swap_cells(session.design, *cells)
        if tool is Tool.MEASURE and len(cells) == 2:
            first, last = (session.analysis.layout.by_number[n] for n in cells)
            self.measured.emit(measured_words((0.0, 0.0), (0.0, 0.0), (first, last), session.design.cell))
            self._taken = []
        if tool is Tool.LADDER and enter and cells:
            return ladder_stroke(session.design, _face_where_they_meet(session, cells), cells)
        if tool is Tool.NUMBER and enter and cells:
            return number_groups(session.design, cells)
        return None

    def _strip_key(self, session: Session, key: Qt.Key, ref: str, cell: CellPlace | None) -> HandEdit | None:
        if key == Qt.Key.Key_Space and ref.startswith("strip:"):
            return hand.remove_strip(session.design, ref.removeprefix("strip:"))
        if key == Qt.Key.Key_Space and cell is not None:
            self._take_up(ref)
            return None
        if key in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and len(self._taken) > 1:
            return hand.draw_strip(session.design, self._face_up(), _cells(self._taken))
        return None

    def _face_up(self) -> Face:
        """The face that strips are drawn on by keyboard: the first one shown."""
        return next((f for f in self._faces() if isinstance(f, Face)), Face.TOP)

    def _take_up(self, ref: str) -> None:
        if ref not in self._taken:
            self._taken.append(ref)
        self.view.mark(tuple(self._taken))

    def apply(self, edit: HandEdit | None) -> None:
        session = self.session()
        if edit is None or session is None:
            return
        self._taken = []
        self.view.mark(())
        if session.edit_all(edit.edits, edit.words):
            self.told.emit(f"{edit.words}. Ctrl+Z takes it back.")


def _face_where_they_meet(session: Session, cells: list[int]) -> Face:
    """The face on which the two groups that most of these cells are of are joined."""
    groups = Counter(session.analysis.layout.by_number[n].group for n in cells)
    most = sorted(g for g, _ in groups.most_common(2))
    return session.analysis.bms.taps[most[0]].face


def _cells(refs: list[str]) -> list[int]:
    return [int(r.removeprefix("cell:")) for r in refs if r.startswith("cell:")]
