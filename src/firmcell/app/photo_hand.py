"""The hand at a photo: what a press does with the tool it holds, and the mark that is being made."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF
from PySide6.QtWidgets import QInputDialog

from firmcell.app.photo_marks import (
    PhotoTool,
    cell_near,
    pressed_scale,
    taken_back,
    turned,
    with_cell,
    with_strip,
    with_wire,
)
from firmcell.core.model.photo import Photo, Spot

if TYPE_CHECKING:
    from firmcell.app.photo_window import PhotoWindow


class PhotoHand:
    """The mark that is being made in a photo: the way of a wire, or the cells of a strip."""

    def __init__(self, window: "PhotoWindow") -> None:
        self.window = window
        self.way: tuple[Spot, ...] = ()
        self.picked: tuple[int, ...] = ()

    def let_go(self) -> None:
        """Drop the mark that is being made."""
        self.way, self.picked = (), ()

    def pressed(self, at: QPointF) -> None:
        photo = self.window.photo
        if photo is None:
            return
        self.window.fault.clear()
        near = cell_near(photo, at, 2 * self.window.radius())
        match self.window.tool:
            case PhotoTool.CORNERS | PhotoTool.ENDS:
                self.window.change(pressed_scale(photo, self.window.tool, at), "scale of the photo")
            case PhotoTool.CELLS:
                self.window.change(with_cell(photo, at), "cell in the photo")
            case PhotoTool.POLARITY if near is not None:
                self.window.change(turned(photo, near), "polarity in the photo")
            case PhotoTool.STRIPS if near is not None:
                self.strip(photo, near)
            case PhotoTool.WIRES:
                self.wire(photo, (at.x(), at.y()))
            case PhotoTool.POLARITY | PhotoTool.STRIPS:
                self.window.tell("There is no cell marked here: take Cells and click its middle first.")
            case _:
                pass

    def strip(self, photo: Photo, number: int) -> None:
        if self.picked and number == self.picked[-1]:
            cells, self.picked = self.picked, ()
            if len(cells) > 1:
                self.window.change(
                    with_strip(photo, cells, f"S{len(photo.strips) + 1}"), "strip in the photo"
                )
        elif number not in self.picked:
            self.picked = (*self.picked, number)
        self.window.paint()

    def wire(self, photo: Photo, at: tuple[float, float]) -> None:
        if (
            len(self.way) > 1
            and (QPointF(*self.way[-1]) - QPointF(*at)).manhattanLength() <= self.window.radius()
        ):
            way, self.way = self.way, ()
            name, given = QInputDialog.getText(self.window, "Wire", "Its colour, from where, to where:")
            if given:
                self.window.change(with_wire(photo, way, name.strip()[:120]), "wire in the photo")
        else:
            self.way = (*self.way, at)
        self.window.paint()

    def take_back(self) -> None:
        if self.way or self.picked:
            self.way, self.picked = self.way[:-1], self.picked[:-1]
            self.window.paint()
        elif self.window.photo is not None:
            self.window.change(taken_back(self.window.photo, self.window.tool), "mark taken back")
