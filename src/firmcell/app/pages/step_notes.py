"""Photos and remarks of the step at hand: dropped, pasted or picked; small pictures of what is there."""

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QIcon, QImage, QPixmap
from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
)

from firmcell.app.background import Task
from firmcell.app.photo_sources import read_clipboard, read_file, upright
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import PhotoKept, Remark
from firmcell.core.records.ledger import Ledger
from firmcell.store.photos import attach_photo, media_type

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage

SMALL_PX, LARGE_PX = 96, 900
PICTURES = "Pictures (*.jpg *.jpeg *.png)"


def photos_of_step(events: Ledger, step: str) -> list[PhotoKept]:
    """The photos kept for a step that stand, oldest first."""
    return [e.data for e in events.with_kind(PhotoKept) if e.step == step and isinstance(e.data, PhotoKept)]


class StepNotes:
    """What is kept with a step besides its records."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        self._small: dict[str, QPixmap] = {}
        self._tasks: list[Task] = []
        page.section("Photos and remarks of this step")
        row = QHBoxLayout()
        self.remark = QLineEdit()
        self.remark.setPlaceholderText("remark, Enter keeps it")
        self.remark.setAccessibleName("Remark on this step")
        self.remark.setMaxLength(500)
        self.remark.returnPressed.connect(self.keep_remark)
        row.addWidget(self.remark, 1)
        row.addWidget(
            page.button("P&hoto…", self.choose, "Keeps a picture with this step; or drop one on this page")
        )
        paste = page.button(
            "Paste", self.paste, "Keeps the picture on the clipboard with this step (Ctrl+Alt+V)"
        )
        paste.setShortcut("Ctrl+Alt+V")
        row.addWidget(paste)
        page.body.addLayout(row)
        self.list = QListWidget()
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setIconSize(QSize(SMALL_PX, SMALL_PX))
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setFixedHeight(SMALL_PX + 3 * page.fontMetrics().height())
        self.list.setAccessibleName("Photos of this step; Enter shows one large")
        self.list.itemActivated.connect(
            lambda item: self.show_large(str(item.data(Qt.ItemDataRole.UserRole)))
        )
        page.body.addWidget(self.list)

    @property
    def _step(self) -> str:
        return self.page.step.code if self.page.step is not None else ""

    def fill(self) -> None:
        """Show the photos of the step at hand."""
        kept = photos_of_step(self.session.events, self._step)
        shown = [str(self.list.item(n).data(Qt.ItemDataRole.UserRole)) for n in range(self.list.count())]
        self.list.setVisible(bool(kept))
        if shown == [p.sha256 for p in kept]:
            return
        self.list.clear()
        for photo in kept:
            item = QListWidgetItem(photo.name[:20])
            item.setData(Qt.ItemDataRole.UserRole, photo.sha256)
            item.setToolTip(photo.name)
            small = self._small.get(photo.sha256)
            if small is not None:
                item.setIcon(QIcon(small))
            else:
                self._load(photo.sha256)
            self.list.addItem(item)

    def _content(self, digest: str) -> bytes:
        job = self.session.job
        number = job.attachment_numbers().get(digest)
        if number is None:
            raise Refusal("This picture is not in the job, or was changed: bring it in again.")
        return job.attachment(number).content

    def _load(self, digest: str) -> None:
        """Make a small picture off the interface thread; the file is read on it, as the job's file asks."""
        try:
            content = self._content(digest)
        except Refusal:
            return

        def small() -> QImage:
            return upright(content).scaled(SMALL_PX, SMALL_PX, Qt.AspectRatioMode.KeepAspectRatio)

        def done(picture: QImage) -> None:
            self._small[digest] = QPixmap.fromImage(picture)
            for n in range(self.list.count()):
                item = self.list.item(n)
                if item.data(Qt.ItemDataRole.UserRole) == digest:
                    item.setIcon(QIcon(self._small[digest]))

        self._tasks = [*self._tasks[-20:], Task(small, done, lambda _: None).start()]

    # -- keeping ----------------------------------------------------------------------------------------

    def keep_remark(self) -> bool:
        """Record the remark that is typed."""
        text = self.remark.text().strip()
        if not text:
            return False
        kept = guarded(lambda: self.session.record(Remark(text=text), self._step), self.session.refused.emit)
        if kept:
            self.remark.clear()
        return kept

    def choose(self) -> None:
        """Pick pictures."""
        names, _ = QFileDialog.getOpenFileNames(self.page, "Photos of this step", "", PICTURES)
        self.take_files([Path(name) for name in names])

    def paste(self) -> bool:
        """Keep the picture on the clipboard."""

        def take() -> None:
            self.keep(*read_clipboard())

        return guarded(take, self.session.refused.emit)

    def take_files(self, paths: list[Path]) -> None:
        """Read pictures off the interface thread, then keep them with the step that is at hand now."""
        step = self._step

        def read() -> list[tuple[bytes, str]]:
            found = [read_file(path) for path in paths]
            for content, name in found:
                media_type(content, name)
            return found

        def done(found: list[tuple[bytes, str]]) -> None:
            for content, name in found:
                guarded(partial(self.keep, content, name, step), self.session.refused.emit)

        if paths:
            self._tasks = [*self._tasks[-20:], Task(read, done, self.session.refused.emit).start()]

    def keep(self, content: bytes, name: str, step: str | None = None) -> None:
        """Keep a picture in the job, with a record that names it by its content."""
        if self.session.read_only_because:
            raise Refusal(f"This job is open for reading only: {self.session.read_only_because}.")
        code = self._step if step is None else step
        title = next((s.title for s in self.session.steps if s.code == code), "")
        digest, _ = attach_photo(self.session.job, content, name)
        if any(p.sha256 == digest for p in photos_of_step(self.session.events, code)):
            raise Refusal(f"“{name}” is kept with this step already.")
        self.session.record(PhotoKept(name=name[:200], shows=title[:200], sha256=digest), code)

    def show_large(self, digest: str) -> None:
        """Show a photo as large as a window."""
        self.large(digest).exec()

    def large(self, digest: str) -> QDialog:
        """The window of one photo."""
        window = QDialog(self.page)
        window.setWindowTitle("Photo of a step")
        column = QVBoxLayout(window)
        label = PlainLabel()
        picture = upright(self._content(digest))
        label.setPixmap(
            QPixmap.fromImage(
                picture.scaled(
                    LARGE_PX,
                    LARGE_PX,
                    Qt.AspectRatioMode.KeepAspectRatio,
                    Qt.TransformationMode.SmoothTransformation,
                )
            )
        )
        label.setAccessibleName("The photo")
        column.addWidget(label)
        return window
