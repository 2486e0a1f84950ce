"""Photos of the pack as drawings: brought in, put to scale, marked, compared with the design, made into a
layout."""

from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import (
    QDragEnterEvent,
    QDropEvent,
    QImage,
    QKeySequence,
    QPixmap,
    QShortcut,
)
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QListWidget,
    QPushButton,
    QSizePolicy,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.fields import Field
from firmcell.app.form_dialog import FormDialog, fit_on_desktop, let_scroll
from firmcell.app.photo_hand import PhotoHand
from firmcell.app.photo_intake import PhotoIntake
from firmcell.app.photo_marks import HINTS, PhotoTool
from firmcell.app.photo_sources import upright
from firmcell.app.photo_view import PhotoView, Shown
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session, guarded
from firmcell.app.theme import Palette
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.layout_from_photos import layout_edits, other_reading
from firmcell.core.layout.from_photo import pixel_size
from firmcell.core.model.design import Face
from firmcell.core.model.photo import Photo, PhotoShows
from firmcell.core.strips.photo_differences import OverPhoto, over_photo
from firmcell.store.photos import photo_bytes
from firmcell.store.units import System

FACES = {PhotoShows.TOP: Face.TOP, PhotoShows.BOTTOM: Face.BOTTOM}
SIZES = ("length_m", "width_m", "apart_m")


class ComparePanel(QWidget):
    """How strongly the design lies over the photo, and where the two differ."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        row = QHBoxLayout()
        label = PlainLabel("&Design over it")
        self.slider = calm(QSlider(Qt.Orientation.Horizontal))
        self.slider.setRange(0, 100)
        self.slider.setValue(50)
        self.slider.setAccessibleName("How strongly the design lies over the photo, %")
        label.setBuddy(self.slider)
        row.addWidget(label)
        row.addWidget(self.slider, 1)
        column.addLayout(row)
        self.told = PlainLabel()
        self.told.setWordWrap(True)
        column.addWidget(self.told)
        self.found = QListWidget()
        self.found.setAccessibleName("Differences between photo and design")
        self.found.setWordWrap(True)
        column.addWidget(self.found, 1)


class PhotoWindow(FormDialog):
    """The photos of a job; every mark is an edit of the design, and can be undone."""

    def __init__(
        self, session: Session, system: System, palette: Palette, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.session, self.system = session, system
        self.number = len(session.design.photos) - 1
        self.tool = PhotoTool.CORNERS
        self.pictures: dict[str, QPixmap] = {}
        self.tasks: list[Task] = []
        self.hand, self.intake = PhotoHand(self), PhotoIntake(self)
        self.setWindowTitle("Photos")
        self.setAcceptDrops(True)
        across = QHBoxLayout(self)
        self.view = PhotoView(palette)
        self.view.pressed.connect(self.hand.pressed)
        self.view.taken_back.connect(self.hand.take_back)
        across.addWidget(self.view, 1)
        side = QVBoxLayout()
        across.addLayout(side)
        self._make_list(side)
        self._make_tools(side)
        self._make_compare(side)
        paste = QShortcut(QKeySequence(QKeySequence.StandardKey.Paste), self)
        paste.activated.connect(self.intake.paste)
        for keys, step in (("Ctrl+Z", session.undo_stack.undo), ("Ctrl+Shift+Z", session.undo_stack.redo)):
            QShortcut(QKeySequence(keys), self).activated.connect(step)
        session.changed.connect(self.refresh)
        session.refused.connect(self.tell)
        let_scroll(self)
        self.resize(1180, 740)
        fit_on_desktop(self)
        self.choose(self.tool)
        self.refresh()

    # -- making -----------------------------------------------------------------------------------------

    def _make_list(self, side: QVBoxLayout) -> None:
        row = QHBoxLayout()
        self.list = calm(QComboBox())
        self.list.setAccessibleName("Photo")
        self.list.setMinimumContentsLength(22)
        self.list.activated.connect(self._other)
        row.addWidget(self.list, 1)
        for text, call in (("&Add…", self.choose_file), ("Leave &out", self.leave_out)):
            button = QPushButton(text)
            button.setAutoDefault(False)
            button.clicked.connect(call)
            row.addWidget(button)
        side.addLayout(row)
        self._grid = QGridLayout()
        side.addLayout(self._grid)
        self.fields: dict[str, Field] = {}
        for name in ("shows", *SIZES):
            self.fields[name] = Field(self._grid, Photo, name, partial(self._set, name), self.system)

    def _make_tools(self, side: QVBoxLayout) -> None:
        grid = QGridLayout()
        self.tools = QButtonGroup(self)
        for place, tool in enumerate(PhotoTool):
            button = QToolButton()
            button.setText(f"{place + 1} {tool.value}")
            button.setToolTip(f"Alt+{place + 1}")
            button.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            button.setCheckable(True)
            button.setAccessibleName(tool.value)
            button.clicked.connect(lambda _, t=tool: self.choose(t))
            QShortcut(QKeySequence(f"Alt+{place + 1}"), self).activated.connect(lambda t=tool: self.choose(t))
            self.tools.addButton(button, place)
            grid.addWidget(button, place // 2, place % 2)
        side.addLayout(grid)
        self.hint = PlainLabel()
        self.hint.setWordWrap(True)
        self.hint.setObjectName("quiet")
        side.addWidget(self.hint)

    def _make_compare(self, side: QVBoxLayout) -> None:
        self.compare = ComparePanel()
        self.compare.slider.valueChanged.connect(lambda _: self.paint())
        self.compare.found.currentRowChanged.connect(self._go_to)
        side.addWidget(self.compare, 1)
        side.addStretch(0)
        self.make = QPushButton("Make the layout from &both faces")
        self.make.setToolTip(
            "Counts, places, groups and ends of the cells, as the photos of top and bottom show them"
        )
        self.make.setAutoDefault(False)
        self.make.clicked.connect(self.make_layout)
        side.addWidget(self.make)
        self.fault = PlainLabel()
        self.fault.setObjectName("fault")
        self.fault.setWordWrap(True)
        side.addWidget(self.fault)

    # -- bringing photos in -----------------------------------------------------------------------------

    def choose_file(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Photo", "", "Pictures (*.jpg *.jpeg *.png)")
        if name:
            self.intake.bring_in_file(Path(name))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        self.intake.bring_in_file(
            *(Path(u.toLocalFile()) for u in event.mimeData().urls() if u.isLocalFile())
        )

    # -- the photo at hand ------------------------------------------------------------------------------

    @property
    def photo(self) -> Photo | None:
        """The photo that is shown."""
        photos = self.session.design.photos
        return photos[self.number] if 0 <= self.number < len(photos) else None

    def _other(self, number: int) -> None:
        self.number = number
        self.hand.let_go()
        self.refresh()

    def leave_out(self) -> None:
        """Take the photo off the list; the picture stays in the job's record."""
        if self.photo is None:
            return
        photos = list(self.session.design.photos)
        del photos[self.number]
        self.number = min(self.number, len(photos) - 1)
        guarded(lambda: self.session.edit("photos", tuple(photos), "photo left out"), self.tell)

    def change(self, photo: Photo, words: str) -> None:
        """Put a changed photo in the place of the one shown."""
        photos = list(self.session.design.photos)
        photos[self.number] = photo
        guarded(lambda: self.session.edit("photos", tuple(photos), words), self.tell)

    def _set(self, name: str, value: Any) -> None:
        if self.photo is not None:
            self.change(self.photo.model_copy(update={name: value}), "photo")

    def choose(self, tool: PhotoTool) -> None:
        """Take up another tool."""
        self.tool = tool
        self.hand.let_go()
        self.tools.button(list(PhotoTool).index(tool)).setChecked(True)
        self.hint.setText(HINTS[tool])
        for name in SIZES:
            wanted = PhotoTool.ENDS if name == "apart_m" else PhotoTool.CORNERS
            self.fields[name].set_shown(tool is wanted)
        self.view.setFocus(Qt.FocusReason.OtherFocusReason)
        self.paint()

    def radius(self) -> float:
        """Of a cell in the photo, px, as far as it can be told."""
        photo = self.photo
        if photo is None:
            return 12.0
        middle = self.view.in_photo(QPointF(self.view.width() / 2, self.view.height() / 2))
        try:
            pixel = pixel_size(photo, (middle.x(), middle.y()))
        except Refusal:
            pixel = None
        if not pixel:
            return max(photo.width_px, photo.height_px) / 60
        return self.session.design.cell.diameter_m / 2 / pixel

    # -- comparing --------------------------------------------------------------------------------------

    def compared(self) -> OverPhoto | None:
        """How the design lies over the photo; None where it cannot be laid yet, and `told` says why."""
        photo, s = self.photo, self.session
        if photo is None or photo.shows not in FACES:
            self.compare.told.setText(
                "" if photo is None else "Only a photo of the top or bottom face is compared with the design."
            )
            return None
        try:
            over = over_photo(
                photo,
                FACES[photo.shows],
                s.analysis.layout,
                s.design.arrangement.turn_axis,
                s.design.cell.diameter_m,
            )
        except Refusal as refusal:
            self.compare.told.setText(refusal.sentence)
            return None
        count = len(over.found)
        self.compare.told.setText(
            "Photo and design agree."
            if not count
            else f"{count} {'place differs' if count == 1 else 'places differ'}:"
        )
        return over

    def make_layout(self) -> None:
        """Make the design's layout from the photos of both faces."""
        try:
            edits = layout_edits(self.session.design)
        except Refusal as refusal:
            self.tell(refusal.sentence)
            return
        if self.session.edit_all(edits, "layout from photos"):
            self.choose(PhotoTool.LOOK)
            self.tell(other_reading(self.session.design))

    def _go_to(self, row: int) -> None:
        if self._over is not None and 0 <= row < len(self._over.found):
            self.view.cross = QPointF(*self._over.found[row].at_px)
            self.view.update()

    # -- showing ----------------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the session as it is."""
        photos = self.session.design.photos
        self.number = min(self.number, len(photos) - 1) if photos else -1
        if photos and self.number < 0:
            self.number = 0
        self.list.clear()
        self.list.addItems([f"{n} {p.name}: {p.shows.value}" for n, p in enumerate(photos, start=1)])
        self.list.setCurrentIndex(self.number)
        photo = self.photo
        if photo is not None:
            for name, field in self.fields.items():
                field.show_value(getattr(photo, name))
        for field in self.fields.values():
            field.row.editor.setEnabled(photo is not None)
        self.view.show_photo(self._picture(photo), photo)
        self.paint()

    def _picture(self, photo: Photo | None) -> QPixmap:
        if photo is None:
            return QPixmap()
        if photo.sha256 not in self.pictures:
            self.pictures[photo.sha256] = QPixmap()
            guarded(partial(self._load, photo), self.tell)
        return self.pictures[photo.sha256]

    def _load(self, photo: Photo) -> None:
        """Open a picture off the interface thread; the job's file is read on it, as the file asks."""
        content = photo_bytes(self.session.job, photo)

        def show(picture: QImage) -> None:
            self.pictures[photo.sha256] = QPixmap.fromImage(picture)
            if self.photo is not None and self.photo.sha256 == photo.sha256:
                self.view.show_photo(self.pictures[photo.sha256], self.photo)
                self.paint()

        self.tasks = [*self.tasks[-20:], Task(lambda: upright(content), show, self.tell).start()]

    def done(self, result: int) -> None:
        """The window goes down, with the job or alone: no picture is waited for any more."""
        for task in self.tasks:
            task.give_up()
        super().done(result)

    def paint(self) -> None:
        over = self._over = self.compared() if self.tool is PhotoTool.LOOK else None
        self.compare.setVisible(self.tool is PhotoTool.LOOK)
        self.compare.found.clear()
        found = over.found if over is not None else ()
        self.compare.found.addItems([f"{n}  {d.words}" for n, d in enumerate(found, start=1)])
        photo = self.photo
        face = FACES.get(photo.shows) if photo is not None else None
        self.view.show_over(
            Shown(
                face=self.session.face(face)
                if face is not None and over is not None and not over.mirrored
                else None,
                to_px=over.to_px if over is not None else None,
                strength=self.compare.slider.value() / 100,
                differences=found,
                way=self.hand.way,
                picked=self.hand.picked,
                radius_px=self.radius(),
            )
        )

    def tell(self, sentence: str) -> None:
        self.fault.setText(sentence)
