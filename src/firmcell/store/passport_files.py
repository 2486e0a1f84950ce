"""The passport as a one-page PDF and as one HTML file with everything in it."""

import base64
import io
from collections.abc import Sequence

import segno
from jinja2 import Environment, select_autoescape
from reportlab.lib.colors import HexColor
from reportlab.lib.pagesizes import A4
from reportlab.lib.units import mm
from reportlab.lib.utils import ImageReader, simpleSplit
from reportlab.pdfgen.canvas import Canvas

from firmcell import DATA
from firmcell.core.base.tongue import ENGLISH, Tell, Tongue
from firmcell.core.base.visible import visible
from firmcell.core.jobs.passport import Passport, told_passport
from firmcell.core.pictures.drawing import Drawing, told_drawing
from firmcell.store.pens.pdf import BOLD, REGULAR, draw_on, load_fonts
from firmcell.store.pens.svg import to_svg

INK, QUIET, RULE = HexColor("#1f2729"), HexColor("#5d6468"), HexColor("#b9b3a3")
TAP_HEADINGS = ("Tap", "Printed", "Face", "Empty V", "Nominal V", "Full V", "Measured V")


FOOT_MM = 8
"""Base line of the last line of each page, mm from its lower edge."""

WORTH_WIDE_MM = (24, 26, 26, 11)
"""Columns of the table before and after, mm."""

PHOTOS_A_PAGE = 6
Photos = Sequence[tuple[str, str, bytes]]
"""What each shows, its media type, and the picture."""

PICTURE_HEIGHTS_MM = (150, 140, 130, 120, 110, 100, 80)


def passport_html(
    passport: Passport, faces: list[Drawing], photos: Photos = (), tongue: Tongue = ENGLISH
) -> str:
    """Return the passport as one self-contained HTML page, with photos where some are given."""
    template = (DATA / "templates" / "passport.html").read_text(encoding="utf-8")
    environment = Environment(
        autoescape=select_autoescape(default=True, default_for_string=True), finalize=_shown
    )
    qr = segno.make(passport.essentials, error="m", micro=False)
    return environment.from_string(template).render(
        p=told_passport(passport, tongue.tell),
        language=tongue.code,
        tell=tongue.tell,
        headings=TAP_HEADINGS,
        faces=[to_svg(told_drawing(face, tongue.tell), true_size=False) for face in faces],
        qr=qr.svg_inline(scale=3, border=2, dark="#1f2729", svgclass=None, lineclass=None),
        photos=[(words, kind, base64.b64encode(content).decode("ascii")) for words, kind, content in photos],
    )


def _shown(value: object) -> object:
    """A text with what hides in it made visible; markup that the program made stays."""
    return visible(value) if type(value) is str else value


def passport_pdf(
    passport: Passport, faces: list[Drawing], photos: Photos = (), tongue: Tongue = ENGLISH
) -> bytes:
    """Return the passport as an A4 PDF: one page, the pictures as large as that allows; a very long record
    goes on overleaf, and so do photos, where some are given."""
    load_fonts()
    passport = told_passport(passport, tongue.tell)
    faces = [told_drawing(face, tongue.tell) for face in faces]
    for height in PICTURE_HEIGHTS_MM:
        _, pages = _drawn(passport, faces, height * mm, (), tongue.tell)
        if pages == 1:
            break
    return _drawn(passport, faces, height * mm, photos, tongue.tell)[0]


def _drawn(
    passport: Passport, faces: list[Drawing], height: float, photos: Photos, tell: Tell
) -> tuple[bytes, int]:
    """The PDF with pictures of at most `height` points, and how many pages it has."""
    buffer = io.BytesIO()
    canvas = Canvas(buffer, pagesize=A4, invariant=1)
    canvas.setTitle(f"{tell('Passport')} {passport.designation} {passport.serial}".strip())
    canvas.setCreator("Firm Cell")
    canvas.setKeywords(passport.seal)
    page = _Page(canvas, passport, tell)
    page.heading()
    page.faces(faces, height)
    top = page.y
    left = page.column(
        page.left,
        top,
        page.half,
        ((tell("Ratings"), passport.ratings), (passport.limits_title, passport.limits)),
    )
    right = page.taps(page.left + page.half + 6 * mm, top) if passport.taps else top
    right = page.sentences(
        page.left + page.half + 6 * mm, right, page.half, tell("Cautions"), passport.cautions
    )
    if passport.worth:
        right = page.worth(page.left + page.half + 6 * mm, right)
    page.y = min(left, right) - 2 * mm
    page.record()
    page.foot()
    pages = canvas.getPageNumber()
    for at in range(0, len(photos), PHOTOS_A_PAGE):
        canvas.showPage()
        page.photos(photos[at : at + PHOTOS_A_PAGE])
    canvas.showPage()
    canvas.save()
    return buffer.getvalue(), pages


class _Page:
    """A4 from the top down; `y` is where the next thing goes, in points."""

    def __init__(self, canvas: Canvas, passport: Passport, tell: Tell) -> None:
        self.canvas, self.passport, self.tell = canvas, passport, tell
        self.width, self.height = A4
        self.left, self.right = 15 * mm, self.width - 15 * mm
        self.half = (self.right - self.left - 6 * mm) / 2
        self.y = self.height - 16 * mm
        self.left_over: list[str] = []

    def text(
        self, x: float, y: float, text: str, size: float, font: str = REGULAR, colour: HexColor = INK
    ) -> None:
        self.canvas.setFillColor(colour)
        self.canvas.setFont(font, size)
        self.canvas.drawString(x, y, visible(text))

    def heading(self) -> None:
        p = self.passport
        qr = segno.make(p.essentials, error="m", micro=False)
        size = 27 * mm
        modules = qr.symbol_size(border=2)[0]
        x0, y0, step = self.right - size, self.height - 12 * mm - size, size / modules
        self.canvas.setFillColor(INK)
        for row, line in enumerate(qr.matrix_iter(border=2)):
            for column, dark in enumerate(line):
                if dark:
                    self.canvas.rect(
                        x0 + column * step,
                        y0 + size - (row + 1) * step,
                        step * 1.02,
                        step * 1.02,
                        stroke=0,
                        fill=1,
                    )
        self.text(self.left, self.y - 3 * mm, self.tell("Pack passport"), 10, BOLD, QUIET)
        self.text(self.left, self.y - 11 * mm, p.title, 20, BOLD)
        self.text(self.left, self.y - 18 * mm, p.designation, 13, BOLD)
        given = " · ".join(
            t
            for t in (
                f"{self.tell('Serial')} {p.serial}" if p.serial else "",
                f"{self.tell('Built by')} {p.builder}" if p.builder else "",
            )
            if t
        )
        self.text(
            self.left,
            self.y - 23.5 * mm,
            given or self.tell("No serial, no builder named"),
            9,
            REGULAR,
            QUIET,
        )
        self.y -= 27 * mm
        if not p.finished:
            for line in simpleSplit(
                f"{self.tell('NOT FINISHED')}: {p.unfinished}", BOLD, 9.5, self.right - self.left - size
            ):
                self.text(self.left, self.y, line, 9.5, BOLD, HexColor("#9c2f0c"))
                self.y -= 4.2 * mm
        self.y -= 1.5 * mm
        self.canvas.setStrokeColor(RULE)
        self.canvas.setLineWidth(0.8)
        self.canvas.line(self.left, self.y, self.right, self.y)
        self.y -= 3 * mm

    def faces(self, faces: list[Drawing], height: float) -> None:
        room = self.right - self.left
        widest = max(f.bounds[2] - f.bounds[0] for f in faces)
        tallest = max(f.bounds[3] - f.bounds[1] for f in faces)
        # Beside each other, or one under the other if that is larger.
        count = len(faces)
        side = min((room - 4 * mm * (count - 1)) / count / widest, height / tallest)
        under = min(room / widest, height / (count * tallest))
        beside = side >= under
        scale = max(side, under)
        for number, face in enumerate(faces):
            width, height = (
                (face.bounds[2] - face.bounds[0]) * scale,
                (face.bounds[3] - face.bounds[1]) * scale,
            )
            x = self.left + (number * (room + 4 * mm) / 2 if beside else (room - width) / 2)
            if not beside or number == 0:
                self.y -= height if not beside else tallest * scale
            draw_on(self.canvas, face, x, self.y, scale)
            if not beside:
                self.y -= 2 * mm
        self.y -= 5 * mm

    def column(
        self, x: float, y: float, width: float, parts: tuple[tuple[str, tuple[tuple[str, str], ...]], ...]
    ) -> float:
        for title, pairs in parts:
            y = self.subtitle(x, y, width, title)
            for name, value in pairs:
                self.text(x, y, name, 7.6, REGULAR, QUIET)
                for line in simpleSplit(value, REGULAR, 8.2, width - 24 * mm):
                    self.text(x + 24 * mm, y, line, 8.2)
                    y -= 3.5 * mm
            y -= 2 * mm
        return y

    def subtitle(self, x: float, y: float, width: float, title: str) -> float:
        self.text(x, y, title, 9.5, BOLD)
        self.canvas.setStrokeColor(RULE)
        self.canvas.setLineWidth(0.5)
        self.canvas.line(x, y - 1.3 * mm, x + width, y - 1.3 * mm)
        return float(y - 5 * mm)

    def taps(self, x: float, y: float) -> float:
        y = self.subtitle(x, y, self.half, self.tell("Taps against B0"))
        columns = [0, 9, 22, 35, 47, 60, 72]
        for offset, heading in zip(columns, TAP_HEADINGS, strict=True):
            self.text(x + offset * mm, y, self.tell(heading), 6.6, REGULAR, QUIET)
        rows = self.passport.taps
        step = min(3.5, 62 / (len(rows) + 1))
        y -= step * mm
        for row in rows:
            for offset, value in zip(columns, row, strict=True):
                self.text(x + offset * mm, y, value, min(8.0, step * 2.3), BOLD if offset == 0 else REGULAR)
            y -= step * mm
        return float(y - 2 * mm)

    def worth(self, x: float, y: float) -> float:
        """What the mend was worth, figure by figure."""
        y = self.subtitle(x, y, self.half, self.tell("Before and after"))
        for row in self.passport.worth:
            told = tuple(
                simpleSplit(text, REGULAR, 7.8, wide * mm)
                for text, wide in zip(row, WORTH_WIDE_MM, strict=True)
            )
            for number, lines in enumerate(told):
                left = x + sum(WORTH_WIDE_MM[:number]) * mm
                for low, line in enumerate(lines):
                    self.text(left, y - low * 3.3 * mm, line, 7.8, REGULAR, INK if number else QUIET)
            y -= 3.5 * mm * max(len(lines) for lines in told)
        return float(y - 2 * mm)

    def sentences(self, x: float, y: float, width: float, title: str, sentences: tuple[str, ...]) -> float:
        y = self.subtitle(x, y, width, title)
        for sentence in sentences:
            lines = simpleSplit(sentence, REGULAR, 7.8, width)
            if y - 3.3 * mm * len(lines) < FOOT_MM * mm + 2 * mm:
                # It goes overleaf, before the record.
                self.left_over += simpleSplit(sentence, REGULAR, 7.8, self.right - self.left)
                continue
            for line in lines:
                self.text(x, y, line, 7.8)
                y -= 3.3 * mm
            y -= 0.5 * mm
        return float(y - 2 * mm)

    def record(self) -> None:
        """What the record says; what has no room above the footer goes on overleaf."""
        width = self.right - self.left
        if self.y < FOOT_MM * mm + 14 * mm:
            self._overleaf()
        for line in self.left_over:
            self.text(self.left, self.y, line, 7.8)
            self.y -= 3.3 * mm
        self.y = self.subtitle(self.left, self.y - 2 * mm * bool(self.left_over), width, self.tell("Record"))
        for line in simpleSplit(" ".join(self.passport.records), REGULAR, 7.8, width):
            if self.y < FOOT_MM * mm + 4 * mm:
                self._overleaf()
            self.text(self.left, self.y, line, 7.8)
            self.y -= 3.3 * mm

    def _overleaf(self) -> None:
        self.foot()
        self.canvas.showPage()
        self.y = self.height - 16 * mm
        self.text(self.left, self.y, f"{self.passport.title}, {self.tell('continued')}", 9.5, BOLD)
        self.y -= 6 * mm

    def photos(self, photos: Photos) -> None:
        """A page of photos, two across, each with what it shows."""
        wide, high = self.half, (self.height - 40 * mm) / (PHOTOS_A_PAGE / 2) - 10 * mm
        for n, (words, _, content) in enumerate(photos):
            x = self.left + (n % 2) * (self.half + 6 * mm)
            y = self.height - 20 * mm - (n // 2 + 1) * (high + 10 * mm) + 10 * mm
            picture = ImageReader(io.BytesIO(content))
            self.canvas.drawImage(picture, x, y, wide, high, preserveAspectRatio=True, anchor="n")
            for line, told in enumerate(simpleSplit(visible(words), REGULAR, 8, wide)[:2]):
                self.text(x, y - (3.5 + 3.5 * line) * mm, told, 8)
        self.foot()

    def foot(self) -> None:
        self.text(
            self.left,
            FOOT_MM * mm,
            self.tell(
                "Made with Firm Cell from the pack's own record. Values of generic classes unless measured."
            ),
            6.8,
            REGULAR,
            QUIET,
        )
