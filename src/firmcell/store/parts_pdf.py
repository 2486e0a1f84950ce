"""The parts list on paper: to buy by, and to lay out by."""

import io
from html import escape

from reportlab.lib import colors
from reportlab.lib.pagesizes import A4
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, Paragraph, SimpleDocTemplate, Spacer, Table, TableStyle

from firmcell.core.base.tongue import ENGLISH, Tongue
from firmcell.core.base.visible import visible
from firmcell.core.jobs.parts_list import PartLine, priced
from firmcell.store.pens.pdf import BOLD, REGULAR, load_fonts

MARGIN_MM = 16.0
WIDTHS_MM = (6.0, 46.0, 19.0, 19.0, 50.0, 19.0, 19.0)
HEADINGS = ("", "Part", "Built in", "Have", "Cut", "Price", "Cost")


def parts_pdf(title: str, lines: tuple[PartLine, ...], tongue: Tongue = ENGLISH) -> bytes:
    """Return the parts of a job as a PDF: how much is built in, how much to have, how it is cut, what it
    costs where a price is entered, and a box to tick.

    Parameters
    ----------
    title : str
        Of the job.
    lines : tuple of PartLine
    tongue : Tongue
        Of the paper.

    Returns
    -------
    content : bytes
    """
    load_fonts()
    named = f"{title}: {tongue.tell('parts')}"
    plain = ParagraphStyle("plain", fontName=REGULAR, fontSize=9, leading=11.5)
    strong = ParagraphStyle("strong", parent=plain, fontName=BOLD)
    heading = ParagraphStyle("heading", fontName=BOLD, fontSize=15, leading=20)

    def cell(text: str, style: ParagraphStyle = plain) -> Paragraph:
        return Paragraph(escape(visible(tongue.tell(text))), style)

    rows = [[cell(words, strong) for words in HEADINGS]]
    for line in lines:
        price = "" if line.price is None else f"{line.price:.2f}" + ("" if line.count else " / m")
        cost = "" if line.cost is None else f"{line.cost:.2f}"
        texts = ("", line.name, line.quantity, line.with_spare, line.cut, price, cost)
        rows.append([cell(text) for text in texts])
    table = Table(rows, colWidths=[width * mm for width in WIDTHS_MM], repeatRows=1)
    table.setStyle(
        TableStyle(
            [
                ("VALIGN", (0, 0), (-1, -1), "TOP"),
                ("LINEBELOW", (1, 0), (-1, -1), 0.3, colors.grey),
                ("LINEBELOW", (1, 0), (-1, 0), 0.8, colors.black),
                # A box to tick beside each part.
                ("GRID", (0, 1), (0, -1), 0.6, colors.black),
            ]
        )
    )
    told = priced(lines)
    gap, top = Spacer(1, 4 * mm), Paragraph(escape(visible(named)), heading)
    story: list[Flowable] = [top, gap, table, gap]
    story.append(cell(f"Together {told}." if told else "No part has a price: enter it in the part library."))
    story.append(cell("“Have” is with spares: what is dropped, cut wrong, or peeled as a sample."))
    out = io.BytesIO()
    SimpleDocTemplate(
        out,
        pagesize=A4,
        leftMargin=MARGIN_MM * mm,
        rightMargin=MARGIN_MM * mm,
        topMargin=MARGIN_MM * mm,
        bottomMargin=MARGIN_MM * mm,
        title=named,
        author="Firm Cell",
    ).build(story)
    return out.getvalue()
