"""Draw the two photos of the demo's byre lamp pack: aslant, noisy, unevenly lit; and write down what is marked in them.

The pack is the one that came in: five cells in a row on a card of 148 × 105 mm, the last one shifted where its glue gave way.
"""

import json
import os
import sys
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QGuiApplication, QImage, QPainter, QPen, QPolygonF, QRadialGradient

from firmcell.app.photo_view import qt_map
from firmcell.core.geometry.homography import homography, mapped

WIDE, HIGH = 1200, 820
CARD_MM = (148.0, 105.0)
PITCH_MM, CELL_MM, NUB_MM = 22.9, 22.5, 8.0
SHIFTED_MM = (1.5, 5.0)
"""Where the last cell's glue gave way, seen from above."""
CORNERS_PX = {
    "top": ((196.0, 118.0), (1058.0, 92.0), (1106.0, 742.0), (128.0, 700.0)),
    "bottom": ((150.0, 104.0), (1012.0, 132.0), (1092.0, 690.0), (112.0, 748.0)),
}
STRIPS = {"top": ((1, 2), (3, 4)), "bottom": ((2, 3), (4, 5))}
PLUS_UP = (True, False, True, False, True)


def places(face: str) -> list[tuple[float, float]]:
    """Middles of the cells on the card, mm from its lower left corner, as seen; turned over about the long axis."""
    x0, y0 = CARD_MM[0] / 2 - 2 * PITCH_MM, CARD_MM[1] / 2
    found = [(x0 + n * PITCH_MM, 0.0) for n in range(5)]
    found[4] = (found[4][0] + SHIFTED_MM[0], SHIFTED_MM[1])
    sign = 1 if face == "top" else -1
    return [(x, y0 + sign * y) for x, y in found]


def to_px(face: str) -> np.ndarray:
    """The camera: from mm on the card to pixels."""
    wide, high = CARD_MM
    return homography(np.array([(0, high), (wide, high), (wide, 0), (0, 0)]), np.array(CORNERS_PX[face]))


def drawn(face: str, seed: int) -> QImage:
    """The photo of a face."""
    image = QImage(WIDE, HIGH, QImage.Format.Format_RGB32)
    image.fill(QColor("#7a5c3c"))
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    for y in range(0, HIGH, 7):
        painter.fillRect(QRectF(0, y, WIDE, 2), QColor(0, 0, 0, 12 + 9 * (y % 3)))
    painter.setTransform(qt_map(to_px(face)))
    painter.fillRect(QRectF(0, 0, *CARD_MM), QColor("#d9d6c8"))
    middles = places(face)
    for number, (x, y) in enumerate(middles):
        _cell(painter, QPointF(x, y), PLUS_UP[number] == (face == "top"))
    for cells in STRIPS[face]:
        _strip(painter, [QPointF(*middles[n - 1]) for n in cells])
    painter.end()
    return _seen(image, seed)


def _cell(painter: QPainter, at: QPointF, plus: bool) -> None:
    painter.setPen(QPen(QColor("#3b2d20"), 0.5))
    painter.setBrush(QColor("#9c3f2a"))
    painter.drawEllipse(at, CELL_MM / 2, CELL_MM / 2)
    shine = QRadialGradient(at + QPointF(-3, 3), CELL_MM * 0.6)
    shine.setColorAt(0, QColor("#e9e6df"))
    shine.setColorAt(1, QColor("#8d8a84"))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QBrush(shine))
    painter.drawEllipse(at, CELL_MM / 2 - 1.6, CELL_MM / 2 - 1.6)
    if plus:
        painter.setPen(QPen(QColor("#5a564e"), 0.5))
        painter.setBrush(QColor("#f4f1e8"))
        painter.drawEllipse(at, NUB_MM / 2, NUB_MM / 2)


def _strip(painter: QPainter, ends: list[QPointF]) -> None:
    painter.setPen(QPen(QColor("#4a4842"), 8.6, Qt.PenStyle.SolidLine, Qt.PenCapStyle.SquareCap))
    painter.drawPolyline(QPolygonF(ends))
    painter.setPen(QPen(QColor("#bdb6a6"), 7.8, Qt.PenStyle.SolidLine, Qt.PenCapStyle.SquareCap))
    painter.drawPolyline(QPolygonF(ends))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor("#6d675b"))
    for end in ends:
        for side in (-1.6, 1.6):
            painter.drawEllipse(end + QPointF(0, side), 0.7, 0.7)


def _seen(image: QImage, seed: int) -> QImage:
    """The picture as a camera sees it: light from one side, dark corners, noise."""
    held = np.frombuffer(image.constBits(), np.uint8).reshape(HIGH, WIDE, 4).astype(float)
    y, x = np.mgrid[0:HIGH, 0:WIDE]
    light = 1.18 - 0.42 * x / WIDE - 0.16 * ((x / WIDE - 0.5) ** 2 + (y / HIGH - 0.5) ** 2)
    noise = np.random.default_rng(seed).normal(0, 5.0, (HIGH, WIDE, 1))
    held[..., :3] = np.clip(held[..., :3] * light[..., None] + noise, 0, 255)
    data = np.ascontiguousarray(held.astype(np.uint8))
    return QImage(data.tobytes(), WIDE, HIGH, WIDE * 4, QImage.Format.Format_RGB32).copy()


def marks(face: str) -> dict[str, object]:
    """What a hand marks in the photo, to the pixel."""
    spots = mapped(to_px(face), np.array(places(face))).round().tolist()
    return {
        "corners_px": CORNERS_PX[face],
        "length_m": CARD_MM[0] / 1e3,
        "width_m": CARD_MM[1] / 1e3,
        "cells": [
            {"at_px": spot, "plus": up == (face == "top")} for spot, up in zip(spots, PLUS_UP, strict=True)
        ],
        "strips": [{"cells": cells, "name": f"S{n}"} for n, cells in enumerate(STRIPS[face], start=1)],
    }


if __name__ == "__main__":
    application = QGuiApplication(sys.argv)
    folder = Path(__file__).parent.parent / "src/firmcell/data/demo"
    for seed, face in enumerate(("top", "bottom")):
        drawn(face, seed).save(str(folder / f"byre-lamp-{face}.jpg"), "JPG", 82)
    told = {face: marks(face) for face in ("top", "bottom")}
    (folder / "byre-lamp-photos.json").write_text(json.dumps(told, indent=1) + "\n", encoding="utf-8")
