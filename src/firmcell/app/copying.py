"""The picture to the clipboard or into a file, as pixels and as drawing."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QByteArray, QMimeData
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QFileDialog

from firmcell.app.background import Task
from firmcell.app.canvas.layers import image_of, png_of
from firmcell.core.pictures.drawing import together
from firmcell.store.whole_files import write_whole

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

SVG = "image/svg+xml"
PIXELS = 2.0
"""The picture is copied so many times as fine as it stands on the screen."""


class Copying:
    """Hands out what stands on the picture."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def _svg(self) -> bytes:
        # Loaded when first wanted: most starts draw nothing on paper.
        from firmcell.store.pens.svg import to_svg

        session = self.window.session
        assert session is not None
        drawings = [session.picture(what) for what in self.window.panel.shown()]
        return to_svg(together(drawings, session.design.brief.title)).encode()

    def picture(self) -> None:
        """Copy what stands on the picture: other programs take the pixels or the drawing."""
        if self.window.session is None:
            self.window.tell("Open a job first: there is no picture to copy.")
            return
        mime = QMimeData()
        mime.setImageData(image_of(self.window.view, PIXELS))
        mime.setData(SVG, QByteArray(self._svg()))
        QGuiApplication.clipboard().setMimeData(mime)
        self.window.tell("The picture is copied, as pixels and as drawing (SVG).")

    def save_picture(self) -> None:
        """Ask where, and write what stands on the picture."""
        session = self.window.session
        if session is None:
            self.window.tell("Open a job first: there is no picture to write.")
            return
        start = str(session.path.with_suffix(".svg"))
        kinds = "Drawing at 1:1 (*.svg);;Pixels (*.png)"
        name, chosen = QFileDialog.getSaveFileName(self.window, "Write the picture", start, kinds)
        if name:
            path = Path(name)
            if path.suffix.lower() not in (".svg", ".png"):
                path = path.with_name(path.name + (".png" if "png" in chosen else ".svg"))
            self.write_picture(path)

    def write_picture(self, path: Path) -> None:
        """Write what stands on the picture: SVG at true size, or PNG as it stands on the screen, finer."""
        content = self._svg() if path.suffix.lower() == ".svg" else png_of(self.window.view, PIXELS)
        # The dialog has asked whether a file that is there is to be replaced.
        task = Task(
            lambda: write_whole(path, content, replace=True),
            lambda _: self.window.tell(f"Written: {path}"),
            self.window.tell,
        )
        self.window._tasks.append(task.start())
