"""Labels with a code for the wraps of cells and for trays, on sheets or on a label printer's own paper.

The code holds the serial and nothing else: any scanner types it as a keyboard would.
"""

import io
from collections.abc import Sequence

import segno
from reportlab.lib.units import mm
from reportlab.pdfbase.pdfmetrics import stringWidth
from reportlab.pdfgen.canvas import Canvas

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import figures, milliohms
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.store.pens.pdf import BOLD, REGULAR, load_fonts

PAPERS_MM = {"a4": (210.0, 297.0), "letter": (215.9, 279.4)}
MARGIN_MM = 8.0
QUIET = 4
"""Light modules round a code (ISO/IEC 18004, value from memory)."""
LEAST_MODULE_MM = 0.25
"""Smaller modules a hand scanner does not read off a round wrap; common practice, no source."""
SMALLEST_PT, LINE = 4.5, 1.25


@frozen
class LabelSize:
    """A kind of label: width and height, mm."""

    width_mm: float
    height_mm: float


WRAP = LabelSize(34.0, 14.0)
"""Lies along a round cell of 18 mm and more without going round it."""
TRAY = LabelSize(70.0, 37.0)


@frozen
class Label:
    """What one label says.

    Attributes
    ----------
    code : what a scanner types.
    title : large.
    lines : below it.
    """

    code: str
    title: str
    lines: tuple[str, ...]


def wrap_label(line: CellLine) -> Label:
    """Return the label for the wrap of a cell: its serial, and what was measured last."""
    measured = [
        "" if line.capacity_as is None else f"{figures(line.capacity_as / AH)} Ah",
        "" if line.ohms is None else milliohms(line.ohms),
    ]
    says = " · ".join(word for word in measured if word)
    return Label(line.serial, line.serial, tuple(w for w in (says, line.tested[:10], line.lot) if w))


def tray_label(drawer: str, lines: Sequence[CellLine]) -> Label:
    """Return the label of a drawer or tray: its name, what class of cells, and how many lay in it."""
    classes = sorted({line.class_name for line in lines if line.class_name})
    return Label(drawer, drawer, (*classes[:2], f"{len(lines)} cells when this was printed"))


def tray_labels(lines: Sequence[CellLine]) -> list[Label]:
    """Return the labels of all drawers in which some cells lie."""
    in_drawers = [line for line in lines if line.place_kind is PlaceKind.DRAWER and line.place]
    names = sorted({line.place for line in in_drawers})
    return [tray_label(name, [line for line in in_drawers if line.place == name]) for name in names]


def labels_pdf(labels: Sequence[Label], size: LabelSize = WRAP, paper: str = "a4") -> bytes:
    """Return labels at 1:1 as a PDF.

    Parameters
    ----------
    labels : sequence of Label
    size : LabelSize
    paper : str
        a4 or letter: sheets to cut; label: a page of its own size for each, for a printer of labels.

    Raises
    ------
    Refusal
        If there are none, or a code is too large for its label to be read off it.
    """
    if not labels:
        raise Refusal("There is nothing to make a label for.")
    load_fonts()
    out = io.BytesIO()
    if paper == "label":
        page, columns, rows, margin = (size.width_mm, size.height_mm), 1, 1, (0.0, 0.0)
    else:
        page = PAPERS_MM[paper]
        columns = int((page[0] - 2 * MARGIN_MM) // size.width_mm)
        rows = int((page[1] - 2 * MARGIN_MM) // size.height_mm)
        margin = (page[0] - columns * size.width_mm) / 2, (page[1] - rows * size.height_mm) / 2
    canvas = Canvas(out, pagesize=(page[0] * mm, page[1] * mm), pageCompression=1)
    canvas.setTitle("Labels of cells")
    canvas.setAuthor("Firm Cell")
    for place, label in enumerate(labels):
        on_page = place % (columns * rows)
        if place and not on_page:
            canvas.showPage()
        column, row = on_page % columns, on_page // columns
        left = margin[0] + column * size.width_mm
        bottom = page[1] - margin[1] - (row + 1) * size.height_mm
        _draw(canvas, label, size, left, bottom, cut=paper != "label")
    canvas.save()
    return out.getvalue()


def _draw(canvas: Canvas, label: Label, size: LabelSize, left: float, bottom: float, cut: bool) -> None:
    """One label with its lower left corner there, mm."""
    code = segno.make(label.code, error="m", micro=False)
    modules = code.symbol_size(border=0)[0]
    side = size.height_mm - 1.0
    module = side / (modules + 2 * QUIET)
    if module < LEAST_MODULE_MM:
        raise Refusal(
            f"The serial {visible(label.code)} is too long for the code on a label of {figures(size.width_mm)} × {figures(size.height_mm)} mm; a larger label or a shorter serial is right."
        )
    if cut:
        canvas.setLineWidth(0.1 * mm)
        canvas.setStrokeGray(0.75)
        canvas.rect(left * mm, bottom * mm, size.width_mm * mm, size.height_mm * mm)
    canvas.setFillGray(0)
    top = bottom + 0.5 + side - QUIET * module
    for row, cells in enumerate(code.matrix):
        for column, dark in enumerate(cells):
            if dark:
                x, y = left + 0.5 + (QUIET + column) * module, top - (row + 1) * module
                # A hair over its own size: no light line stays between two modules on screen.
                canvas.rect(x * mm, y * mm, module * mm * 1.02, module * mm * 1.02, stroke=0, fill=1)
    room = size.width_mm - side - 1.5
    x = left + side + 0.5
    heights = _heights(label, room, size.height_mm - 2.0)
    y = bottom + size.height_mm - 1.2
    for text, font, height in heights:
        y -= height * LINE / mm
        canvas.setFont(font, height)
        canvas.drawString(x * mm, (y + height * 0.3 / mm) * mm, text)


def _heights(label: Label, room: float, high: float) -> list[tuple[str, str, float]]:
    """Each line with its font and height in points: as large as the label lets it be, the title twice the
    others."""
    texts = [(visible(label.title), BOLD, 1.6), *((visible(t), REGULAR, 1.0) for t in label.lines)]
    unit = high * mm / (LINE * sum(share for _, _, share in texts))
    found = []
    for text, font, share in texts:
        height = min(share * unit, share * 9.0)
        width = stringWidth(text, font, height)
        if width > room * mm:
            height = max(height * room * mm / width, SMALLEST_PT)
            while text and stringWidth(text, font, height) > room * mm:
                text = text[:-1]
        found.append((text, font, height))
    return found
