"""Brings photos into a job: from files, the clipboard, or as they are."""

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtGui import QImage, QPixmap

from firmcell.app.background import Task
from firmcell.app.photo_sources import opened_picture, read_clipboard, read_file
from firmcell.app.session import guarded, keep_photo
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.photo import PhotoShows

if TYPE_CHECKING:
    from firmcell.app.photo_window import PhotoWindow

FACES = (PhotoShows.TOP, PhotoShows.BOTTOM)


class PhotoIntake:
    """Brings photos into the job that a window shows."""

    def __init__(self, window: "PhotoWindow") -> None:
        self.window = window

    def bring_in_file(self, *paths: Path) -> None:
        """Bring in the pictures of files, in their order: read and opened off the interface thread."""

        def opened() -> list[tuple[bytes, str, QImage] | str]:
            found: list[tuple[bytes, str, QImage] | str] = []
            for path in paths:
                try:
                    content, name = read_file(path)
                    found.append((content, name, opened_picture(content, name)))
                except Refusal as refusal:
                    found.append(refusal.sentence)
            return found

        def keep(found: list[tuple[bytes, str, QImage] | str]) -> None:
            for one in found:
                if isinstance(one, str):
                    self.window.tell(one)
                else:
                    guarded(partial(self._keep, *one), self.window.tell)

        w = self.window
        w.tasks = [*w.tasks[-20:], Task(opened, keep, w.tell).start()]

    def paste(self) -> None:
        """Bring in what is on the clipboard."""
        guarded(lambda: self._open(*read_clipboard()), self.window.tell)

    def bring_in(self, content: bytes, name: str) -> None:
        """Keep a picture in the job and show it."""
        guarded(lambda: self._open(content, name), self.window.tell)

    def _open(self, content: bytes, name: str) -> None:
        self._keep(content, name, opened_picture(content, name))

    def _keep(self, content: bytes, name: str, picture: QImage) -> None:
        there = {p.shows for p in self.window.session.design.photos}
        shows = next((s for s in FACES if s not in there), PhotoShows.OTHER)
        photo = keep_photo(self.window.session, content, name, (picture.width(), picture.height()), shows)
        self.window.pictures[photo.sha256] = QPixmap.fromImage(picture)
        photos = (*self.window.session.design.photos, photo)
        self.window.number = len(photos) - 1
        self.window.session.edit("photos", photos, "photo brought in")
