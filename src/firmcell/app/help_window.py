"""Help: the guide by topic, why a finding matters, every key, and the words of the trade."""

from collections.abc import Callable
from html import escape
from pathlib import PurePosixPath
from typing import Any

from PySide6.QtCore import QRectF, QSize, Qt, QUrl
from PySide6.QtGui import QFont, QImage, QPainter, QPalette, QResizeEvent, QTextDocument
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QScrollArea,
    QTabWidget,
    QTextBrowser,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.drawing_paint import paint_drawing
from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.plain import PlainLabel, as_html
from firmcell.app.theme import Palette, sized
from firmcell.core.analysis.findings import Finding
from firmcell.core.analysis.why import why
from firmcell.core.pictures.drawing import Drawing
from firmcell.store.glossary import terms, terms_with
from firmcell.store.guide import chapters

Keys = list[tuple[str, list[tuple[str, str]]]]
PictureOf = Callable[[str], Drawing | None]
"""Gives the picture of this job for a stage named in the guide, such as ``03-layout``; None if there is none."""
PICTURE_PX = (560, 300)
LEAST_PX = 160
FINER = 2


def _scrolled(page: QWidget) -> QScrollArea:
    scroll = QScrollArea()
    scroll.setWidgetResizable(True)
    scroll.setWidget(page)
    scroll.setFrameShape(QFrame.Shape.NoFrame)
    return scroll


def _dressed(browser: QTextBrowser, palette: Palette) -> None:
    """Give a text room at its edges and links that can be read in either look; none of them is opened."""
    browser.setOpenLinks(False)
    browser.document().setDocumentMargin(browser.fontMetrics().height())
    colours = browser.palette()
    for role in (QPalette.ColorRole.Link, QPalette.ColorRole.LinkVisited):
        colours.setColor(role, palette.accent)
    browser.setPalette(colours)


class GuideText(QTextBrowser):
    """A chapter; its pictures are those of the job that is open, and nothing is fetched from anywhere."""

    def __init__(self, picture: PictureOf, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._picture, self._palette = picture, palette
        _dressed(self, palette)
        self.setAccessibleName("The guide")

    def loadResource(self, kind: int, name: QUrl | str) -> Any:
        """Give a picture of the job for one of the guide; everything else is empty."""
        stem = PurePosixPath(QUrl(name).path()).stem
        drawing = self._picture(stem) if kind == QTextDocument.ResourceType.ImageResource.value else None
        if drawing is None:
            return QImage(1, 1, QImage.Format.Format_ARGB32)
        room = self.viewport().width() - 3 * round(self.document().documentMargin())
        width = max(min(PICTURE_PX[0], room), LEAST_PX)
        height = PICTURE_PX[1] * width // PICTURE_PX[0]
        image = QImage(width * FINER, height * FINER, QImage.Format.Format_ARGB32)
        image.setDevicePixelRatio(FINER)
        image.fill(self._palette.bench)
        painter = QPainter(image)
        paint_drawing(painter, drawing, QRectF(8, 8, width - 16, height - 16), self._palette)
        painter.end()
        return image


class HelpWindow(QDialog):
    """The guide, the reason of a finding, keys and words, beside the work: it does not stand in its way."""

    def __init__(
        self, groups: Keys, picture: PictureOf, palette: Palette, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("Help")
        self._chapters = chapters()
        self._terms = terms()
        layout = QVBoxLayout(self)
        self.tabs = QTabWidget()
        self.text = GuideText(picture, palette)
        self.tabs.addTab(self._guide(), "&Guide")
        self.reason = QTextBrowser()
        _dressed(self.reason, palette)
        self.reason.setAccessibleName("Why a finding matters")
        self.reason.anchorClicked.connect(self._follow)
        self.tabs.addTab(self.reason, "Wh&y")
        self.tabs.addTab(_scrolled(_keys_page(groups)), "&Keys")
        self.tabs.addTab(self._words(), "&Words of the trade")
        layout.addWidget(self.tabs)
        close = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        close.rejected.connect(self.reject)
        layout.addWidget(close)
        self.explain(None)
        if parent is not None:
            self.resize(parent.size().boundedTo(QSize(980, 700)) * 0.92)
        fit_on_desktop(self)

    def _guide(self) -> QWidget:
        page = QWidget()
        row = QHBoxLayout(page)
        row.setContentsMargins(0, 6, 0, 0)
        self.list = QListWidget()
        self.list.addItems([chapter.title.partition(":")[0] for chapter in self._chapters])
        self.list.setAccessibleName("Chapters of the guide")
        widest = max(
            self.list.fontMetrics().horizontalAdvance(c.title.partition(":")[0]) for c in self._chapters
        )
        self.list.setFixedWidth(widest + 3 * self.list.fontMetrics().height())
        self.list.currentRowChanged.connect(self._show)
        row.addWidget(self.list)
        self.text.anchorClicked.connect(self._follow)
        row.addWidget(self.text, 1)
        return page

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Pictures are as wide as the text."""
        super().resizeEvent(event)
        bar = self.text.verticalScrollBar()
        at = bar.value()
        self._show(max(self.list.currentRow(), 0))
        bar.setValue(at)

    # -- the guide --------------------------------------------------------------------------------------

    def turn_to(self, name: str) -> None:
        """Show a chapter by the name of its file."""
        names = [chapter.name for chapter in self._chapters]
        if name in names:
            self.tabs.setCurrentIndex(0)
            self.list.setCurrentRow(names.index(name))

    @property
    def shown(self) -> str:
        """Name of the chapter that is shown."""
        return self._chapters[max(self.list.currentRow(), 0)].name

    def _show(self, row: int) -> None:
        # Keys and what is typed stand out by weight: a fixed-width font does not ship with the program.
        self.text.setMarkdown(self._chapters[row].text.replace("`", "**"))

    def _follow(self, link: QUrl) -> None:
        self.turn_to(PurePosixPath(link.path()).stem)

    # -- a finding --------------------------------------------------------------------------------------

    def explain(self, finding: Finding | None, chapter: str = "") -> None:
        """Say why a finding matters; `chapter` is where to read on."""
        if finding is None:
            self.reason.setHtml("<p>Pick a finding (F5) and press Shift+F1: here it says why it matters.</p>")
            return
        parts = "".join(
            f"<h4>{as_html(heading)}</h4><p>{as_html(text)}</p>"
            for heading, text in why(finding, self._terms)
        )
        title = next((c.title for c in self._chapters if c.name == chapter), "")
        more = f'<p>Read on: <a href="{chapter}.md">{as_html(title)}</a></p>' if title else ""
        self.reason.setHtml(f"<h3>{as_html(finding.code)}: {as_html(finding.sentence)}</h3>{parts}{more}")
        self.tabs.setCurrentIndex(1)

    # -- words ------------------------------------------------------------------------------------------

    def _words(self) -> QWidget:
        page = QWidget()
        column = QVBoxLayout(page)
        self.typed = QLineEdit()
        self.typed.setPlaceholderText("Find a word")
        self.typed.setAccessibleName("Find a word")
        self.typed.setClearButtonEnabled(True)
        self.typed.textChanged.connect(self._find)
        column.addWidget(self.typed)
        self.words = PlainLabel()
        self.words.setTextFormat(Qt.TextFormat.RichText)
        self.words.setWordWrap(True)
        self.words.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.words.setAccessibleName("Words of the trade")
        column.addWidget(_scrolled(self.words), 1)
        self._find("")
        return page

    def _find(self, typed: str) -> None:
        found = terms_with(self._terms, typed)
        rows = "".join(f"<p><b>{escape(name)}</b><br>{escape(meaning)}</p>" for name, meaning in found)
        self.words.setText(rows or "No word here holds that.")


def _keys_page(groups: Keys) -> QWidget:
    """Every key by place."""
    page = QWidget()
    grid = QGridLayout(page)
    grid.setHorizontalSpacing(26)
    columns = 2
    for number, (heading, keys) in enumerate(groups):
        box = QVBoxLayout()
        title = PlainLabel(heading)
        title.setObjectName("section")
        title.setFont(sized(1.05, QFont.Weight.DemiBold))
        box.addWidget(title)
        lines = QGridLayout()
        lines.setHorizontalSpacing(16)
        for row, (key, what) in enumerate(keys):
            cap = PlainLabel(key)
            cap.setFont(sized(1.0, QFont.Weight.DemiBold))
            lines.addWidget(cap, row, 0)
            lines.addWidget(PlainLabel(what), row, 1)
        lines.setColumnStretch(1, 1)
        box.addLayout(lines)
        box.addStretch(1)
        grid.addLayout(box, number // columns, number % columns, Qt.AlignmentFlag.AlignTop)
    return page
