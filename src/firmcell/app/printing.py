"""Prints what stands on the picture at true size, with a preview; what is larger than the paper is tiled."""

from itertools import product
from typing import TYPE_CHECKING

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QFont, QPageLayout, QPainter, QPen
from PySide6.QtPrintSupport import QPrinter, QPrintPreviewDialog

from firmcell.app.drawing_paint import paint_drawing
from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.theme import FAMILY, PALETTES
from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Drawing
from firmcell.store.template_pdf import FOOT_MM, HEAD_MM, MARGIN_MM, OVERLAP_MM, RULER_MM, tiles

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

MM_PER_INCH = 25.4
POINT_MM = MM_PER_INCH / 72


class Printing:
    """Hands the picture to a printer."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def drawings(self) -> list[Drawing]:
        """What stands on the picture; nothing where no job is open."""
        session = self.window.session
        if session is None:
            return []
        return [session.picture(what) for what in self.window.panel.shown()]

    def preview(self) -> None:
        """Show the pages as they will be printed, and print them from there."""
        drawings, session = self.drawings(), self.window.session
        if not drawings or session is None:
            self.window.tell("Open a job first: there is no picture to print.")
            return
        printer = QPrinter(QPrinter.PrinterMode.HighResolution)
        printer.setFullPage(True)
        printer.setPageOrientation(best_way(drawings[0], printer))
        title = session.design.brief.title
        dialog = QPrintPreviewDialog(printer, self.window)
        dialog.setWindowTitle("Print at 1:1")
        dialog.paintRequested.connect(lambda device: paint_pages(device, drawings, title))
        fit_on_desktop(dialog)
        dialog.exec()


def _size(drawing: Drawing) -> tuple[float, float]:
    x0, y0, x1, y1 = drawing.bounds
    return x1 - x0 + 2, y1 - y0 + 2


def best_way(drawing: Drawing, printer: QPrinter) -> QPageLayout.Orientation:
    """Return how the paper lies for the fewest pages."""
    paper = printer.pageLayout().pageSize().size(printer.pageLayout().pageSize().Unit.Millimeter)
    upright = sorted((paper.width(), paper.height()))
    ways = {
        QPageLayout.Orientation.Portrait: (upright[0], upright[1]),
        QPageLayout.Orientation.Landscape: (upright[1], upright[0]),
    }

    def count(way: QPageLayout.Orientation) -> int:
        across, down = tiles(_size(drawing), ways[way])
        return across * down

    return min(ways, key=count)


def paint_pages(printer: QPrinter, drawings: list[Drawing], title: str) -> None:
    """Paint drawings in mm, each on pages of its own, 1 mm as 1 mm, with a ruler to check that by."""
    paper = printer.paperRect(QPrinter.Unit.Millimeter)
    page = (paper.width(), paper.height())
    room = QRectF(MARGIN_MM, HEAD_MM, page[0] - 2 * MARGIN_MM, page[1] - HEAD_MM - FOOT_MM)
    painter = QPainter(printer)
    try:
        dots = printer.resolution() / MM_PER_INCH
        for number, drawing in enumerate(drawings):
            of = tiles(_size(drawing), page)
            for row, column in product(range(of[1]), range(of[0])):
                if number or row or column:
                    printer.newPage()
                _paint_tile(painter, drawing, room, (column, row), dots)
                painter.save()
                painter.scale(dots, dots)
                _paint_words(painter, visible(f"{title}: {drawing.title}"), page, room, (column, row), of)
                painter.restore()
    finally:
        painter.end()


def _paint_tile(painter: QPainter, drawing: Drawing, room: QRectF, at: tuple[int, int], dots: float) -> None:
    x0, y0, x1, y1 = drawing.bounds
    painter.save()
    painter.setClipRect(QRectF(room.topLeft() * dots, room.size() * dots))
    left = room.left() + 1 - at[0] * (room.width() - OVERLAP_MM)
    top = room.top() + 1 - at[1] * (room.height() - OVERLAP_MM)
    # A box as large as the drawing: it is painted at its own size.
    box = QRectF(left * dots, top * dots, (x1 - x0) * dots, (y1 - y0) * dots)
    paint_drawing(painter, drawing, box, PALETTES["light"])
    painter.restore()


def _paint_words(
    painter: QPainter,
    title: str,
    page: tuple[float, float],
    room: QRectF,
    at: tuple[int, int],
    of: tuple[int, int],
) -> None:
    """Title, ruler, and ticks where neighbouring pages overlap."""
    painter.setPen(QPen(Qt.GlobalColor.black, 0.2))
    _text(painter, QPointF(MARGIN_MM, 9.0), f"{title}, 1:1", 11)
    if of != (1, 1):
        words = f"page {at[0] + 1} of {of[0]} along, {at[1] + 1} of {of[1]} down; ticks lie on each other"
        _text(painter, QPointF(MARGIN_MM, 13.0), words, 8)
    foot = page[1] - 10.0
    painter.drawLine(QLineF(MARGIN_MM, foot, MARGIN_MM + RULER_MM, foot))
    for k in range(RULER_MM + 1):
        tall = 4.0 if k % 10 == 0 else 2.6 if k % 5 == 0 else 1.4
        painter.drawLine(QLineF(MARGIN_MM + k, foot, MARGIN_MM + k, foot - tall))
    words = "must measure 100 mm; print at 100 %, not fitted to the page"
    _text(painter, QPointF(MARGIN_MM, foot + 5.0), words, 8)
    for near, x in ((at[0] < of[0] - 1, room.right() - OVERLAP_MM), (at[0] > 0, room.left() + OVERLAP_MM)):
        for a, b in ((room.top(), room.top() + 5), (room.bottom() - 5, room.bottom())) if near else ():
            painter.drawLine(QLineF(x, a, x, b))
    for near, y in ((at[1] < of[1] - 1, room.bottom() - OVERLAP_MM), (at[1] > 0, room.top() + OVERLAP_MM)):
        for a, b in ((room.left(), room.left() + 5), (room.right() - 5, room.right())) if near else ():
            painter.drawLine(QLineF(a, y, b, y))


def _text(painter: QPainter, at: QPointF, words: str, points: float) -> None:
    """A line of text, its height in points; the unit is 1 mm, and letters are set in tenths of it."""
    painter.save()
    painter.translate(at)
    painter.scale(0.1, 0.1)
    font = QFont(FAMILY)
    font.setPixelSize(round(points * POINT_MM * 10))
    painter.setFont(font)
    painter.drawText(QPointF(0, 0), words)
    painter.restore()
