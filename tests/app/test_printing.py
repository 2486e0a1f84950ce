"""The picture on paper at true size: read back from the PDF that a printer would get."""

import io

from pypdf import PdfReader
from PySide6.QtCore import QMarginsF
from PySide6.QtGui import QPageLayout, QPageSize
from PySide6.QtPrintSupport import QPrinter

from firmcell.app.printing import Printing, best_way, paint_pages
from firmcell.core.pictures.drawing import Area, Drawing, rectangle
from firmcell.store.template_pdf import RULER_MM

POINT_MM = 25.4 / 72


def printed(drawing, path, way=QPageLayout.Orientation.Portrait, paper=QPageSize.PageSizeId.A4):
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(path))
    printer.setPageSize(QPageSize(paper))
    printer.setFullPage(True)
    printer.setPageMargins(QMarginsF(0, 0, 0, 0))
    printer.setPageOrientation(way)
    paint_pages(printer, drawing if isinstance(drawing, list) else [drawing], "Orchard hoist")
    return PdfReader(io.BytesIO(path.read_bytes())).pages


def lines_mm(page):
    """Straight lines of a page as (x0, y0, x1, y1) in mm, by the transforms and moves in its content."""
    stack, now, found, at = [], (1.0, 0.0, 0.0, 1.0, 0.0, 0.0), [], None
    text = page.get_contents().get_data().decode("latin-1")
    for line in text.splitlines():
        words = line.split()
        if not words:
            continue
        if words[-1] == "q":
            stack.append(now)
        elif words[-1] == "Q":
            now = stack.pop()
        elif words[-1] == "cm":
            a, b, c, d, e, f = map(float, words[-7:-1])
            p, q, r, s, t, u = now
            now = (
                a * p + b * r,
                a * q + b * s,
                c * p + d * r,
                c * q + d * s,
                e * p + f * r + t,
                e * q + f * s + u,
            )
        elif words[-1] in ("m", "l"):
            x, y = map(float, words[-3:-1])
            a, b, c, d, e, f = now
            here = ((a * x + c * y + e) * POINT_MM, (b * x + d * y + f) * POINT_MM)
            if words[-1] == "l" and at is not None:
                found.append((*at, *here))
            at = here
    return found


def longest(lines, across):
    return max(abs(x1 - x0) if across else abs(y1 - y0) for x0, y0, x1, y1 in lines)


def test_ruler_and_drawing_are_as_long_as_they_say(qapp, tmp_path):
    square = Drawing("square", (Area(rectangle(0, 0, 137.0, 61.0), "space"),), (0, 0, 137.0, 61.0))
    (page,) = printed(square, tmp_path / "s.pdf")
    lines = lines_mm(page)
    across = {round(abs(x1 - x0), 1) for x0, y0, x1, y1 in lines if abs(y1 - y0) < 0.05}
    up = {round(abs(y1 - y0), 1) for x0, y0, x1, y1 in lines if abs(x1 - x0) < 0.05}
    assert 137.0 in across
    assert 61.0 in up
    assert float(RULER_MM) in across


def test_what_is_larger_than_the_paper_is_tiled_and_overlaps(qapp, tmp_path):
    large = Drawing("large", (Area(rectangle(0, 0, 400.0, 300.0), "space"),), (0, 0, 400.0, 300.0))
    pages = printed(large, tmp_path / "l.pdf")
    # A4 upright has room for 190 × 261 mm; neighbours share 10.
    assert len(pages) == 3 * 2
    assert "".join(pages[0].extract_text().split()).count("1of3along,1of2down") == 1


def test_the_paper_lies_so_that_fewest_pages_are_needed(qapp):
    printer = QPrinter()
    wide = Drawing("w", (), (0, 0, 250.0, 100.0))
    assert best_way(wide, printer) is QPageLayout.Orientation.Landscape
    high = Drawing("h", (), (0, 0, 100.0, 240.0))
    assert best_way(high, printer) is QPageLayout.Orientation.Portrait


def test_the_picture_of_the_job_comes_out(hoist_window, tmp_path):
    drawings = Printing(hoist_window).drawings()
    way = best_way(drawings[0], QPrinter())
    pages = printed(drawings, tmp_path / "hoist.pdf", way)
    assert way is QPageLayout.Orientation.Landscape
    assert len(pages) == 2, "each face on a page of its own"
    for page, face in zip(pages, ("Top", "Bottom, turned over"), strict=True):
        text = " ".join(page.extract_text().split())
        assert "Orchard hoist: " in text
        assert f"{face}" in text
        assert "mm outside" in text


def test_without_a_job_there_is_nothing_to_print(window):
    Printing(window).preview()
    assert "no picture to print" in window.banner.text()
