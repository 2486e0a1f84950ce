"""Python's search for garbage, kept on the interface thread.

It runs in whichever thread happens to make objects. In a thread of the pool it would destroy windows, timers
and undo stacks there, under the hands of the interface thread, and take the program down.
"""

import gc

from PySide6.QtCore import QObject, QTimer

EVERY_MS = 1500


class Tidy(QObject):
    """While it lives, garbage is looked for by a timer on the interface thread and nowhere else."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._thresholds = gc.get_threshold()
        gc.disable()
        self._timer = QTimer(self)
        self._timer.setInterval(EVERY_MS)
        self._timer.timeout.connect(self.look)
        self._timer.start()

    def look(self) -> int:
        """Look now, in the generations that are due; returns how many things were thrown away."""
        counts = gc.get_count()
        due = [
            n
            for n, (count, most) in enumerate(zip(counts, self._thresholds, strict=True))
            if count > most > 0
        ]
        return gc.collect(due[-1]) if due else 0

    def end(self) -> None:
        """Let Python look for itself again."""
        self._timer.stop()
        gc.enable()
