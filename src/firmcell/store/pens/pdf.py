"""A drawing on a PDF page."""

from functools import cache

from reportlab.lib.colors import HexColor
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas

from firmcell import DATA
from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape
from firmcell.store.pens.ink import PAPER

REGULAR, BOLD = "FirmCellSans", "FirmCellSans-SemiBold"


@cache
def load_fonts() -> None:
    """Make the shipped fonts known to the PDF writer."""
    for name, file in ((REGULAR, "FirmCellSans-Regular.ttf"), (BOLD, "FirmCellSans-SemiBold.ttf")):
        pdfmetrics.registerFont(TTFont(name, str(DATA / "fonts" / file)))


def draw_on(canvas: Canvas, drawing: Drawing, x: float, y: float, scale: float) -> None:
    """Draw with the lower left corner of the drawing's bounds at `x`, `y` (points); `scale` is points a
    mm."""
    load_fonts()
    canvas.saveState()
    canvas.translate(x - drawing.bounds[0] * scale, y - drawing.bounds[1] * scale)
    canvas.scale(scale, scale)
    canvas.setLineJoin(1)
    for shape in drawing.shapes:
        _draw(canvas, shape)
    canvas.restoreState()


def _draw(canvas: Canvas, shape: Shape) -> None:
    ink = PAPER[shape.role]
    if ink.fill:
        canvas.setFillColor(HexColor(ink.fill))
    if ink.line:
        canvas.setStrokeColor(HexColor(ink.line))
        canvas.setLineWidth(ink.width)
    fill, line = int(bool(ink.fill)), int(bool(ink.line))
    if isinstance(shape, Disc):
        canvas.circle(*shape.centre, shape.radius, stroke=line, fill=fill)
        return
    if isinstance(shape, Label):
        canvas.setFont(BOLD, shape.height)
        x, y = shape.centre[0], shape.centre[1] - shape.height * 0.36
        if shape.anchor == "middle":
            canvas.drawCentredString(x, y, visible(shape.text))
        else:
            canvas.drawString(x, y, visible(shape.text))
        return
    path = canvas.beginPath()
    path.moveTo(*shape.points[0])
    for point in shape.points[1:]:
        path.lineTo(*point)
    if isinstance(shape, Area):
        path.close()
        canvas.drawPath(path, stroke=line, fill=fill)
        return
    if ink.fill and ink.line:
        canvas.setLineWidth(shape.width + 2 * ink.width)
        canvas.drawPath(path, stroke=1, fill=0)
    canvas.setStrokeColor(HexColor(ink.fill or ink.line or "#000000"))
    canvas.setLineWidth(shape.width)
    canvas.drawPath(path, stroke=1, fill=0)
