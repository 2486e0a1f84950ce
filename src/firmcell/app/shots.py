"""Pictures of every stage from the demo job, rendered without a screen, for the documentation."""

import os
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path


def render_shots(folder: Path) -> Iterator[Path]:
    """Write one PNG of each stage (light), one of the dark look and one of the start page; yields their paths."""
    os.environ["QT_QPA_PLATFORM"] = "offscreen"
    from PySide6.QtCore import QSettings, qInstallMessageHandler
    from PySide6.QtWidgets import QApplication

    from firmcell.app.theme import base_font, load_fonts
    from firmcell.app.window import MainWindow
    from firmcell.core.findings import Stage
    from firmcell.store.parts import shipped_shelf

    # The offscreen platform says at every window that it does not pass on size hints; nobody needs to read it.
    qInstallMessageHandler(
        lambda kind, where, text: None if "propagateSizeHints" in text else print(text, file=sys.stderr)
    )
    application = QApplication.instance() or QApplication(["firm-cell"])
    assert isinstance(application, QApplication)
    application.setStyle("Fusion")
    load_fonts()
    application.setFont(base_font())
    with tempfile.TemporaryDirectory() as scratch:
        settings = QSettings(f"{scratch}/settings.ini", QSettings.Format.IniFormat)
        settings.setValue("person", "Wren Ashby")
        window = MainWindow(shipped_shelf(), settings, Path(scratch))
        window.show()

        def shot(name: str) -> Path:
            for _ in range(3):
                application.processEvents()
            path = folder / f"{name}.png"
            window.grab().save(str(path))
            return path

        yield shot("00-start")
        window.open_demo("orchard-hoist")
        for number, stage in enumerate(Stage, start=1):
            window.go(stage)
            if stage is Stage.METAL:
                window.view.select("strip:N0-C1")
            yield shot(f"{number:02d}-{stage.value}")
            window.view.select("")
        window.toggle_look()
        window.go(Stage.BENCH)
        yield shot("11-bench-dark")
        window.toggle_look()
        window.set_bench_mode(True)
        yield shot("12-bench-mode")
        window.close()
