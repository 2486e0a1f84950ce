"""Scores of practice that are remembered between sessions, by what was hidden."""

import json
from collections.abc import Sequence

from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QVBoxLayout, QWidget

from firmcell.app.curve import Curve
from firmcell.app.plain import PlainLabel
from firmcell.core.base.wording import percent
from firmcell.core.tap_check.practice_pack import weak_kinds

KEPT = 300
"""So many scores are remembered."""


class PracticeHistory(QWidget):
    """Scores under one key of the settings, as a curve, with what one is weakest in."""

    def __init__(self, settings: QSettings, key: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.settings, self.key = settings, key
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self.curve = Curve(self)
        column.addWidget(self.curve)
        self.weakest = PlainLabel()
        self.weakest.setWordWrap(True)
        self.weakest.setObjectName("quiet")
        column.addWidget(self.weakest)
        self.show_scores()

    def scores(self) -> list[tuple[str, int]]:
        """The scores so far, oldest first: kind of what was hidden, and points."""
        try:
            kept = json.loads(str(self.settings.value(self.key, "[]")))
            return [(str(kind), int(points)) for kind, points in kept]
        except (ValueError, TypeError):
            return []

    def weak(self) -> dict[str, float]:
        """How much practice each kind is in need of, 0 to 1."""
        return weak_kinds(self.scores())

    def add(self, some: Sequence[tuple[str, int]]) -> None:
        """Remember scores."""
        self.settings.setValue(self.key, json.dumps([*self.scores(), *some][-KEPT:]))
        self.show_scores()

    def show_scores(self) -> None:
        """Show the curve, and the weakest kinds."""
        scores = self.scores()
        self.curve.show_points([points for _, points in scores])
        weak = sorted(self.weak().items(), key=lambda item: -item[1])[:3]
        words = ", ".join(f"{kind} {percent(1 - need)}" for kind, need in weak if need > 0)
        told = f"Weakest, and asked more often: {words}." if words else ""
        self.weakest.setText(told or f"Your scores, the last on the right: {len(scores)} so far.")
