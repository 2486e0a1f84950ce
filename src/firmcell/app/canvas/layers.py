"""The picture as pixels: layers for the screen, and whole for other programs."""

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QBuffer, QByteArray, QIODevice, QSizeF, Qt
from PySide6.QtGui import QImage, QPainter, QPixmap

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView

HINTS = QPainter.RenderHint.Antialiasing | QPainter.RenderHint.TextAntialiasing


def layer_of(view: "PackView", paint: Callable[[QPainter], None]) -> QPixmap:
    """A layer of the picture, as large as the widget."""
    ratio = view.devicePixelRatioF()
    layer = QPixmap(view.size() * ratio)
    layer.setDevicePixelRatio(ratio)
    layer.fill(Qt.GlobalColor.transparent)
    painter = QPainter(layer)
    painter.setRenderHints(HINTS)
    paint(painter)
    painter.end()
    return layer


def image_of(view: "PackView", factor: float) -> QImage:
    """The picture as it stands, so many times as fine."""
    image = QImage((QSizeF(view.size()) * factor).toSize(), QImage.Format.Format_ARGB32_Premultiplied)
    image.setDevicePixelRatio(factor)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHints(HINTS)
    view.painter.paint_all(painter)
    view.overlay.paint_bands(painter)
    painter.end()
    return image


def png_of(view: "PackView", factor: float) -> bytes:
    """The same as the content of a PNG file."""
    held = QByteArray()
    buffer = QBuffer(held)
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    image_of(view, factor).save(buffer, "PNG")  # type: ignore[call-overload]
    return bytes(held.data())
