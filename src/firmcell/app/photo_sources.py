"""Where photos come from: a file, or the clipboard."""

from pathlib import Path

from PySide6.QtCore import QBuffer, QByteArray, QIODevice
from PySide6.QtGui import QGuiApplication, QImage, QImageReader

from firmcell.core.base.refusal import Refusal
from firmcell.store.photos import LARGEST_BYTES, media_type
from firmcell.store.strangers import bytes_of


def read_file(path: Path) -> tuple[bytes, str]:
    """Return content and name of a file.

    Raises
    ------
    Refusal
        If it cannot be read.
    """
    return bytes_of(path, LARGEST_BYTES), path.name


def read_clipboard() -> tuple[bytes, str]:
    """Return content and name of the picture on the clipboard: a file copied there, or pixels.

    Raises
    ------
    Refusal
        If there is none.
    """
    mime = QGuiApplication.clipboard().mimeData()
    # Of an empty clipboard there is none at all.
    urls = mime.urls() if mime is not None and mime.hasUrls() else []
    files = [Path(u.toLocalFile()) for u in urls if u.isLocalFile()]
    if files:
        return read_file(files[0])
    picture = QGuiApplication.clipboard().image()
    if picture.isNull():
        raise Refusal("There is no picture on the clipboard.")
    held = QByteArray()
    buffer = QBuffer(held)
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    picture.save(buffer, "PNG")  # type: ignore[call-overload]
    return bytes(held.data()), "pasted.png"


def opened_picture(content: bytes, name: str) -> QImage:
    """Return the picture that a file holds.

    Raises
    ------
    Refusal
        If it is none, or damaged.
    """
    media_type(content, name)
    picture = upright(content)
    if picture.isNull():
        raise Refusal(f"“{name}” cannot be opened as a picture: it is cut short or damaged.")
    return picture


def upright(content: bytes) -> QImage:
    """Return a picture as it was meant to be seen, its orientation heeded; a null image if it cannot be
    read."""
    held = QByteArray(content)
    buffer = QBuffer(held)
    buffer.open(QIODevice.OpenModeFlag.ReadOnly)
    reader = QImageReader(buffer)
    reader.setAutoTransform(True)
    return reader.read()
