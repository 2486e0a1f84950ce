"""What a press in a photo does, by the tool in hand: every change gives a new photo, none is made in
place."""

from enum import StrEnum

from PySide6.QtCore import QPointF

from firmcell.core.model.photo import Photo, SeenCell, SeenStrip, SeenWire, Spot


class PhotoTool(StrEnum):
    """What a press in the photo does."""

    CORNERS = "Four corners"
    ENDS = "Two points"
    CELLS = "Cells"
    POLARITY = "Polarity"
    STRIPS = "Strips"
    WIRES = "Wires"
    LOOK = "Compare"


HINTS = {
    PhotoTool.CORNERS: "Click the corners of a rectangle whose size you know, as you see it: upper left, upper right, lower right, lower left. A lens bends lines "
    "near the edge of a photo: stand back and zoom in.",
    PhotoTool.ENDS: "Click two points whose distance you know. Right only where the camera looked straight on.",
    PhotoTool.CELLS: "Click the middle of each cell end.",
    PhotoTool.POLARITY: "Click a cell end: plus, then minus, then not known.",
    PhotoTool.STRIPS: "Click the cell ends that one piece of metal joins, one after the other; click the last one again to finish it.",
    PhotoTool.WIRES: "Click along the wire; click its end again to finish it, then name it: its tap point (B3), colour, where to. A wire named for a tap point is compared with the design.",
    PhotoTool.LOOK: "The design's face lies over the photo; the slider makes it stronger. Differences are numbered.",
}


def pressed_scale(photo: Photo, tool: PhotoTool, at: QPointF) -> Photo:
    """The photo with one point of its scale more; after the last one it begins anew."""
    name, most = ("corners_px", 4) if tool is PhotoTool.CORNERS else ("ends_px", 2)
    now: tuple[Spot, ...] = getattr(photo, name)
    kept = () if len(now) >= most else now
    other = "ends_px" if tool is PhotoTool.CORNERS else "corners_px"
    return photo.model_copy(update={name: (*kept, (at.x(), at.y())), other: ()})


def with_cell(photo: Photo, at: QPointF) -> Photo:
    """The photo with one cell more."""
    return photo.model_copy(update={"cells": (*photo.cells, SeenCell(at_px=(at.x(), at.y())))})


def cell_near(photo: Photo, at: QPointF, reach_px: float) -> int | None:
    """The number of the cell nearest to a place, from 1; None where none is in reach."""
    away = [(QPointF(*c.at_px) - at).manhattanLength() for c in photo.cells]
    if not away or min(away) > reach_px:
        return None
    return away.index(min(away)) + 1


def turned(photo: Photo, number: int) -> Photo:
    """The photo with the next polarity of a cell: not known, plus, minus, not known."""
    following = {None: True, True: False, False: None}
    cells = list(photo.cells)
    cell = cells[number - 1]
    cells[number - 1] = cell.model_copy(update={"plus": following[cell.plus]})
    return photo.model_copy(update={"cells": tuple(cells)})


def with_strip(photo: Photo, cells: tuple[int, ...], name: str) -> Photo:
    """The photo with one strip more."""
    return photo.model_copy(update={"strips": (*photo.strips, SeenStrip(cells=cells, name=name))})


def with_wire(photo: Photo, way: tuple[Spot, ...], name: str) -> Photo:
    """The photo with one wire more."""
    return photo.model_copy(update={"wires": (*photo.wires, SeenWire(way_px=way, name=name))})


def taken_back(photo: Photo, tool: PhotoTool) -> Photo:
    """The photo without the last mark of a tool; a cell takes the strips along that name it."""
    if tool in (PhotoTool.CORNERS, PhotoTool.ENDS):
        name = "corners_px" if tool is PhotoTool.CORNERS else "ends_px"
        return photo.model_copy(update={name: getattr(photo, name)[:-1]})
    if tool is PhotoTool.STRIPS:
        return photo.model_copy(update={"strips": photo.strips[:-1]})
    if tool is PhotoTool.WIRES:
        return photo.model_copy(update={"wires": photo.wires[:-1]})
    if tool in (PhotoTool.CELLS, PhotoTool.POLARITY) and photo.cells:
        last = len(photo.cells)
        strips = tuple(s for s in photo.strips if last not in s.cells)
        return photo.model_copy(update={"cells": photo.cells[:-1], "strips": strips})
    return photo
