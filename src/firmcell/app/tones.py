"""Sounds that cannot be mistaken: right rises, wrong falls twice, a second ticks. By the system's own
player, else by its bell."""

import shutil
import struct
import wave
from math import pi, sin
from pathlib import Path

from PySide6.QtCore import QProcess, QStandardPaths, QTimer
from PySide6.QtWidgets import QApplication

PLAYERS = ("pw-play", "paplay", "aplay")
RATE = 22050
LOUD = 0.45
EDGE_S = 0.006
"""Each tone swells and dies so long, s: else it clicks."""
RIGHT = ((880.0, 0.09), (1320.0, 0.14))
WRONG = ((330.0, 0.16), (0.0, 0.06), (247.0, 0.28))
TICK = ((1760.0, 0.02),)
TONES = {"right": RIGHT, "wrong": WRONG, "tick": TICK}
BELLS = {"right": 1, "wrong": 3, "tick": 1}
BELL_EVERY_MS = 160


def samples(tones: tuple[tuple[float, float], ...]) -> list[int]:
    """Return tones, each of a pitch in Hz and a length in s, as 16-bit samples."""
    found: list[int] = []
    for pitch, seconds in tones:
        count = round(seconds * RATE)
        for n in range(count):
            edge = min(n, count - n) / RATE / EDGE_S
            found.append(round(32767 * LOUD * min(edge, 1.0) * sin(2 * pi * pitch * n / RATE)))
    return found


def wav_file(name: str, folder: Path) -> Path:
    """Return the file of a sound, made where it is not there yet."""
    path = folder / f"{name}.wav"
    if not path.exists():
        folder.mkdir(parents=True, exist_ok=True)
        told = samples(TONES[name])
        with wave.open(str(path), "wb") as out:
            out.setnchannels(1)
            out.setsampwidth(2)
            out.setframerate(RATE)
            out.writeframes(struct.pack(f"<{len(told)}h", *told))
    return path


def sound(right: bool) -> None:
    """Play the sound of right, or of wrong."""
    _play("right" if right else "wrong")


def tick() -> None:
    """Play the sound of a second that has passed."""
    _play("tick")


def _play(name: str) -> None:
    player = next((p for p in PLAYERS if shutil.which(p)), None)
    if player is not None:
        place = QStandardPaths.writableLocation(QStandardPaths.StandardLocation.CacheLocation)
        try:
            path = wav_file(name, Path(place) / "tones")
        except OSError:
            player = None
        else:
            QProcess.startDetached(player, [str(path)])
    if player is None:
        for n in range(BELLS[name]):
            QTimer.singleShot(n * BELL_EVERY_MS, QApplication.beep)
