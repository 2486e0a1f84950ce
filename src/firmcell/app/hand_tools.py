"""The hand on the picture: strokes of the mouse and keys become edits of the layout."""

from collections.abc import Callable

from PySide6.QtCore import QObject, QPointF, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QApplication

from firmcell.app.canvas.tools import Gesture, Tool
from firmcell.app.canvas.view import PackView
from firmcell.app.session import Session
from firmcell.core.changes import by_hand as hand
from firmcell.core.changes.by_hand import HandEdit
from firmcell.core.layout.cell_places import CellPlace
from firmcell.core.model.brief import Blocked
from firmcell.core.model.design import Face, Lie
from firmcell.core.pictures.face import as_it_lies

MM = 1e-3
NUDGE_M, FINE_M = 0.001, 0.0001
HINTS = {
    Tool.LOOK: "Click a part to read its numbers. Drag moves the picture.",
    Tool.MOVE: "Drag a cell; near a dashed free place it falls into it. Keys: pick a cell with [ ], arrows move it 1 mm (Shift: 0.1 mm).",
    Tool.TURN: "Click a cell to turn it end for end. Keys: pick with [ ], Space turns it.",
    Tool.SWAP: "Drag from one cell to another to exchange their groups. Keys: Space on the first, Space on the second.",
    Tool.PAINT: "Drag over cells to put them into the group chosen here. Keys: pick with [ ], Space puts it in.",
    Tool.LOCK: "Click a cell to lock it in its place and group, or to unlock it. Keys: Space.",
    Tool.BLOCK: "Drag a rectangle that must stay free; click a blocked place to give it free again.",
    Tool.MINUS: "Click where the minus lead should leave; with Shift a second one, led to the same contact. Keys: Space on a cell.",
    Tool.PLUS: "Click where the plus lead should leave; with Shift a second one, led to the same contact. Keys: Space on a cell.",
    Tool.STRIP: "Drag over pads to lay a strip; click a strip to take it away. Keys: Space on each pad, Enter lays it; Space on a strip takes it away.",
}


class HandTools(QObject):
    """Applies the tool that is chosen. `told` carries a hint or what came of it."""

    told = Signal(str)

    def __init__(
        self, view: PackView, session: Callable[[], Session | None], faces: Callable[[], list[Face | str]]
    ) -> None:
        super().__init__(view)
        self.view, self._session, self._faces = view, session, faces
        self.group = 1
        self._taken: list[str] = []
        view.gestured.connect(self.stroke)
        view.key_pressed.connect(self.key)

    def choose(self, tool: Tool) -> None:
        """Take up a tool."""
        self._taken = []
        self.view.set_tool(tool)
        self.told.emit(HINTS[tool])

    # -- mouse ------------------------------------------------------------------------------------------

    def stroke(self, g: Gesture) -> None:
        """Apply the tool along one stroke of the mouse."""
        session, face = self._session(), self._faces()[g.face]
        if session is None or not isinstance(face, Face):
            return
        cells = _cells(g.refs)
        tool = self.view.tool
        edit: HandEdit | None = None
        if tool is Tool.MOVE and cells and g.moved:
            edit = self._move(session, cells[0], self._bench(session, face, g.end))
        elif tool is Tool.TURN and cells:
            edit = hand.turn_cells(session.design, cells[:1])
        elif tool is Tool.SWAP and len(cells) > 1:
            edit = hand.swap_cells(session.design, cells[0], cells[-1])
        elif tool is Tool.PAINT and cells:
            edit = hand.paint_cells(session.design, cells, self.group)
        elif tool is Tool.LOCK and cells:
            edit = self._lock(session, cells)
        elif tool is Tool.BLOCK:
            edit = self._block(session, face, g)
        elif tool in (Tool.MINUS, Tool.PLUS):
            x, y = hand.in_space(session.analysis.layout, 1, *self._bench(session, face, g.end))
            edit = self._terminal(session, tool is Tool.PLUS, x, y)
        elif tool is Tool.STRIP and not g.moved:
            ref = self.view.ref_at(QPointF(*g.way[0]), ("strip:",))
            edit = hand.remove_strip(session.design, ref.removeprefix("strip:")) if ref else None
        elif tool is Tool.STRIP and len(cells) > 1:
            edit = hand.draw_strip(session.design, face, list(dict.fromkeys(cells)))
        self._apply(edit)

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
        session, ref, tool = self._session(), self.view.selected, self.view.tool
        if session is None:
            return
        key = Qt.Key(event.key())
        cell = session.analysis.layout.by_number.get(int(ref[5:])) if ref.startswith("cell:") else None
        arrows = {
            Qt.Key.Key_Left: (-1, 0),
            Qt.Key.Key_Right: (1, 0),
            Qt.Key.Key_Up: (0, 1),
            Qt.Key.Key_Down: (0, -1),
        }
        edit: HandEdit | None = None
        if tool is Tool.STRIP:
            edit = self._strip_key(session, key, ref, cell)
        elif cell is None:
            return
        elif key in arrows:
            if tool is Tool.MOVE:
                fine = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
                step = FINE_M if fine else NUDGE_M
                dx, dy = arrows[key]
                layout = session.analysis.layout
                x, y = hand.in_space(layout, cell, cell.x_m, cell.y_m)
                edit = hand.move_cell(session.design, cell.number, x + dx * step, y + dy * step, snap=False)
        elif tool is Tool.TURN:
            edit = hand.turn_cells(session.design, [cell.number])
        elif tool is Tool.PAINT:
            edit = hand.paint_cells(session.design, [cell.number], self.group)
        elif tool is Tool.LOCK:
            edit = self._lock(session, [cell.number])
        elif tool in (Tool.MINUS, Tool.PLUS):
            x, y = hand.in_space(session.analysis.layout, cell, cell.x_m, cell.y_m)
            edit = self._terminal(session, tool is Tool.PLUS, x, y)
        elif tool is Tool.SWAP:
            self._take_up(ref)
            if len(self._taken) == 2:
                edit = hand.swap_cells(session.design, *_cells(self._taken))
        self._apply(edit)

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

    def _apply(self, edit: HandEdit | None) -> None:
        session = self._session()
        if edit is None or session is None:
            return
        self._taken = []
        self.view.mark(())
        if session.edit_all(edit.edits, edit.words):
            self.told.emit(f"{edit.words}. Ctrl+Z takes it back.")


def _cells(refs: list[str]) -> list[int]:
    return [int(r.removeprefix("cell:")) for r in refs if r.startswith("cell:")]
