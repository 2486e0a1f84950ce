"""Templates at 1:1 on paper: each page has a 100 mm ruler to check the printer by; large ones are tiled."""

import io
from math import ceil

from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from firmcell.core.base.tongue import ENGLISH, Tell, Tongue
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.templates import Template
from firmcell.store.pens.pdf import BOLD, REGULAR, draw_on, load_fonts

PAPERS = {"a4": A4, "letter": LETTER}
MARGIN_MM, HEAD_MM, FOOT_MM = 10.0, 14.0, 22.0
OVERLAP_MM = 10.0
RULER_MM = 100


def template_pdf(
    title: str,
    templates: tuple[Template, ...],
    paper: str = "a4",
    lies: bool = True,
    tongue: Tongue = ENGLISH,
) -> bytes:
    """Return all templates as PDF, one after the other, each tiled over as many pages as it needs.

    Parameters
    ----------
    title : str
        Of the job, on every page.
    templates : tuple of Template
    paper : str
        ``a4`` or ``letter``; a page lies the way that needs fewer.
    lies : bool
        Whether the pages say that the pack lies as drawn; wiring does not.
    tongue : Tongue
        Of what stands round the drawings, which are told already.
    """
    load_fonts()
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=PAPERS[paper], pageCompression=1)
    canvas.setTitle(f"{title}: {tongue.tell('templates at 1:1')}")
    canvas.setAuthor("Firm Cell")
    for template in templates:
        _tile(canvas, title, template, PAPERS[paper], lies, tongue.tell)
    canvas.save()
    return out.getvalue()


def page_pdf(title: str, drawing: Drawing) -> bytes:
    """Return a PDF whose one page is as large as a drawing in mm: for a printer of labels."""
    load_fonts()
    x0, y0, x1, y1 = drawing.bounds
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=((x1 - x0) * mm, (y1 - y0) * mm), pageCompression=1)
    canvas.setTitle(title)
    canvas.setAuthor("Firm Cell")
    draw_on(canvas, drawing, 0.0, 0.0, mm)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def tiles(size_mm: tuple[float, float], page_mm: tuple[float, float]) -> tuple[int, int]:
    """Return how many pages along and up a drawing takes; neighbours overlap."""
    room = _room(page_mm)
    return tuple(  # type: ignore[return-value]
        max(1, ceil((side - OVERLAP_MM) / (space - OVERLAP_MM) - 1e-9))
        for side, space in zip(size_mm, room, strict=True)
    )


def _room(page_mm: tuple[float, float]) -> tuple[float, float]:
    return page_mm[0] - 2 * MARGIN_MM, page_mm[1] - HEAD_MM - FOOT_MM


def _tile(
    canvas: Canvas, title: str, template: Template, paper: tuple[float, float], lies: bool, tell: Tell
) -> None:
    x0, y0, x1, y1 = template.drawing.bounds
    size = (x1 - x0 + 2, y1 - y0 + 2)
    upright = (paper[0] / mm, paper[1] / mm)
    page = min((upright, upright[::-1]), key=lambda p: tiles(size, p)[0] * tiles(size, p)[1])
    columns, rows = tiles(size, page)
    room = _room(page)
    for row in range(rows):
        for column in range(columns):
            canvas.setPageSize((page[0] * mm, page[1] * mm))
            left = x0 - 1 + column * (room[0] - OVERLAP_MM)
            top = y1 + 1 - row * (room[1] - OVERLAP_MM)
            canvas.saveState()
            clip = canvas.beginPath()
            clip.rect(MARGIN_MM * mm, FOOT_MM * mm, room[0] * mm, room[1] * mm)
            canvas.clipPath(clip, stroke=0)
            # The drawing's lower left corner, with the top left of this tile at the top left of the room.
            at_x = MARGIN_MM + (x0 - left)
            at_y = FOOT_MM + room[1] - (top - y0)
            draw_on(canvas, template.drawing, at_x * mm, at_y * mm, mm)
            canvas.restoreState()
            _marks(canvas, page, room, (column, row), (columns, rows), tell)
            face = f"{template.name}, 1:1" + (f", {tell('as it lies with this face up')}" if lies else "")
            _words(canvas, title, face, page, (column, row), (columns, rows), tell)
            canvas.showPage()


def _marks(
    canvas: Canvas,
    page: tuple[float, float],
    room: tuple[float, float],
    at: tuple[int, int],
    of: tuple[int, int],
    tell: Tell,
) -> None:
    """Ruler at the foot, and ticks where neighbouring pages overlap."""
    canvas.setLineWidth(0.4)
    x, y = MARGIN_MM * mm, 10.0 * mm
    canvas.line(x, y, x + RULER_MM * mm, y)
    for k in range(RULER_MM + 1):
        tall = 4.0 if k % 10 == 0 else 2.6 if k % 5 == 0 else 1.4
        canvas.line(x + k * mm, y, x + k * mm, y + tall * mm)
    canvas.setFont(REGULAR, 8)
    canvas.drawString(
        x + RULER_MM * mm + 6, y, tell("must measure 100 mm; print at 100 %, not fitted to the page")
    )
    low, high = FOOT_MM, FOOT_MM + room[1]
    for edge, near in (
        (MARGIN_MM + room[0] - OVERLAP_MM, at[0] < of[0] - 1),
        (MARGIN_MM + OVERLAP_MM, at[0] > 0),
    ):
        if near:
            for a, b in ((low, low + 5), (high - 5, high)):
                canvas.line(edge * mm, a * mm, edge * mm, b * mm)
    for edge, near in ((low + OVERLAP_MM, at[1] < of[1] - 1), (high - OVERLAP_MM, at[1] > 0)):
        if near:
            for a, b in ((MARGIN_MM, MARGIN_MM + 5), (MARGIN_MM + room[0] - 5, MARGIN_MM + room[0])):
                canvas.line(a * mm, edge * mm, b * mm, edge * mm)


def _words(
    canvas: Canvas,
    title: str,
    name: str,
    page: tuple[float, float],
    at: tuple[int, int],
    of: tuple[int, int],
    tell: Tell,
) -> None:
    y = (page[1] - 9.0) * mm
    canvas.setFont(BOLD, 11)
    canvas.drawString(MARGIN_MM * mm, y, f"{title}: {name}")
    canvas.setFont(REGULAR, 9)
    if of != (1, 1):
        words = f"page {at[0] + 1} of {of[0]} along, {at[1] + 1} of {of[1]} down; ticks lie on each other"
        canvas.drawRightString((page[0] - MARGIN_MM) * mm, y - 11, tell(words))
