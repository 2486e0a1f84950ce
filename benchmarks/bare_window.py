"""The reference of the start: an empty window that imports the same Qt, NumPy and pydantic, and says when it was painted."""

import os
import time
from pathlib import Path

import numpy  # noqa: F401
from pydantic import BaseModel  # noqa: F401 – a bare “import pydantic” loads nothing yet
from PySide6.QtGui import QPaintEvent
from PySide6.QtWidgets import QApplication, QMainWindow


class Bare(QMainWindow):
    def paintEvent(self, event: QPaintEvent) -> None:  # noqa: N802
        super().paintEvent(event)
        ticks = int(Path("/proc/self/stat").read_text().rsplit(")", 1)[1].split()[19])
        since_boot = time.clock_gettime(time.CLOCK_BOOTTIME)
        print(f"painted after {since_boot - ticks / os.sysconf('SC_CLK_TCK'):.3f} s")
        QApplication.quit()


if __name__ == "__main__":
    application = QApplication([])
    window = Bare()
    window.show()
    application.exec()
