"""The shopping list of one or several jobs, as a table and on paper."""

import csv
import io
from collections.abc import Sequence
from html import escape

from reportlab.lib import colors
from reportlab.lib.pagesizes import A4, letter
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, Paragraph, SimpleDocTemplate, Spacer, Table, TableStyle

from firmcell.core.base.tongue import ENGLISH, Tell, Tongue
from firmcell.core.base.visible import harmless_cell, visible
from firmcell.core.jobs.shopping import NO_SUPPLIER, ToBuy, cut_words, told_of, told_together
from firmcell.core.stock.things import PartInStock
from firmcell.store.pens.pdf import BOLD, REGULAR, load_fonts

HEADINGS = (
    "what",
    "class",
    "unit",
    "built_in",
    "with_spare",
    "in_stock",
    "buy",
    "supplier",
    "price_each",
    "cost",
    "jobs",
    "cut",
)
MARGIN_MM = 16.0
WIDTHS_MM = (6.0, 62.0, 22.0, 22.0, 46.0, 20.0)
PAPERS = {"a4": A4, "letter": letter}


def shopping_csv(lines: Sequence[ToBuy], parts: Sequence[PartInStock]) -> str:
    """Return the list as a table, a line for each part; amounts in m or pieces."""
    out = io.StringIO()
    write = csv.writer(out, lineterminator="\n")
    write.writerow(HEADINGS)
    for each in lines:
        built_in = sum(each.line.cuts) if each.by_length else float(each.line.count)
        row = (
            each.line.what,
            each.line.name,
            "m" if each.by_length else "pieces",
            f"{built_in:g}",
            f"{each.line.much:g}",
            f"{each.there:g}",
            f"{each.buy:g}",
            each.supplier,
            "" if each.price is None else f"{each.price:g}",
            "" if each.cost is None else f"{each.cost:.2f}",
            "; ".join(each.jobs),
            " | ".join(cut_words(each, parts)),
        )
        write.writerow([harmless_cell(text) for text in row])
    return out.getvalue()


def shopping_pdf(
    title: str,
    lines: Sequence[ToBuy],
    parts: Sequence[PartInStock],
    paper: str = "a4",
    tongue: Tongue = ENGLISH,
) -> bytes:
    """Return the list on paper: to buy, by supplier, with a box to tick; what is there and where; how it is
    cut.

    Parameters
    ----------
    title : str
        Of the jobs together.
    lines, parts : sequence
        As `shopping` gives them, and the stock it was given.
    paper : str
        a4 or letter.
    tongue : Tongue
        Of the paper.
    """
    load_fonts()
    pen, named = _Pen(tongue.tell), f"{tongue.tell('Shopping list')}: {title}"
    story: list[Flowable] = [pen.named(named), Spacer(1, 3 * mm)]
    story.append(pen.text(told_together(lines)))
    story += pen.to_buy(lines)
    story += pen.there(lines, parts)
    story += pen.cuts(lines, parts)
    out = io.BytesIO()
    SimpleDocTemplate(
        out,
        pagesize=PAPERS[paper],
        leftMargin=MARGIN_MM * mm,
        rightMargin=MARGIN_MM * mm,
        topMargin=MARGIN_MM * mm,
        bottomMargin=MARGIN_MM * mm,
        title=named,
        author="Firm Cell",
    ).build(story)
    return out.getvalue()


class _Pen:
    """The parts of the page."""

    def __init__(self, tell: Tell) -> None:
        self.tell = tell
        plain = ParagraphStyle("plain", fontName=REGULAR, fontSize=9, leading=11.5)
        self.styles = {
            "plain": plain,
            "strong": ParagraphStyle("strong", parent=plain, fontName=BOLD),
            "heading": ParagraphStyle("heading", fontName=BOLD, fontSize=15, leading=20),
            "section": ParagraphStyle("section", fontName=BOLD, fontSize=11, leading=18, spaceBefore=8),
        }

    def text(self, words: str, style: str = "plain") -> Paragraph:
        """A paragraph."""
        return Paragraph(escape(visible(self.tell(words))), self.styles[style])

    def named(self, title: str) -> Paragraph:
        """The heading, with names of jobs that stay as they are."""
        return Paragraph(escape(visible(title)), self.styles["heading"])

    def to_buy(self, lines: Sequence[ToBuy]) -> list[Flowable]:
        """What is bought, by supplier."""
        found: list[Flowable] = []
        buy = [each for each in lines if each.buy > 0]
        for supplier in sorted({each.supplier for each in buy}, key=lambda s: (not s, s)):
            rows = [[self.text(w, "strong") for w in ("", "Part", "Buy", "Price", "For", "Cost")]]
            some = [each for each in buy if each.supplier == supplier]
            for each in some:
                price = "" if each.price is None else f"{each.price:.2f}" + (" / m" if each.by_length else "")
                cost = "" if each.cost is None else f"{each.cost:.2f}"
                texts = ("", each.line.title, each.much(each.buy), price, each.why, cost)
                rows.append([self.text(text) for text in texts])
            costs = [each.cost for each in some if each.cost is not None]
            told = f"{supplier or NO_SUPPLIER.capitalize()}" + (f": {sum(costs):.2f}" if costs else "")
            found.append(KeepTogether([self.text(told, "section"), self.table(rows, WIDTHS_MM, ticked=True)]))
        return found

    def there(self, lines: Sequence[ToBuy], parts: Sequence[PartInStock]) -> list[Flowable]:
        """What is taken from stock, and where it lies."""
        rows = [
            [self.text(each.line.title), self.text(each.line.with_spare), self.text(told_of(each, parts))]
            for each in lines
            if each.jobs and told_of(each, parts)
        ]
        if not rows:
            return []
        heading = [self.text(w, "strong") for w in ("Part", "Wanted", "There")]
        return [
            self.text("From stock", "section"),
            self.table([heading, *rows], (70.0, 26.0, 82.0)),
        ]

    def cuts(self, lines: Sequence[ToBuy], parts: Sequence[PartInStock]) -> list[Flowable]:
        """How it is cut."""
        found: list[Flowable] = []
        for each in lines:
            told = cut_words(each, parts)
            if told:
                found.append(self.text(each.line.title, "strong"))
                found += [self.text(line) for line in told]
                found += [self.text(each.doubt)] if each.doubt else []
        return [self.text("How it is cut", "section"), *found] if found else []

    def table(self, rows: list[list[Paragraph]], widths_mm: Sequence[float], ticked: bool = False) -> Table:
        """A table with a rule under each row."""
        table = Table(rows, colWidths=[w * mm for w in widths_mm], repeatRows=1)
        marks = [
            ("VALIGN", (0, 0), (-1, -1), "TOP"),
            ("LINEBELOW", (0, 1), (-1, -1), 0.3, colors.grey),
            ("LINEBELOW", (0, 0), (-1, 0), 0.8, colors.black),
        ]
        if ticked:
            marks.append(("GRID", (0, 1), (0, -1), 0.6, colors.black))
        table.setStyle(TableStyle(marks))
        return table
