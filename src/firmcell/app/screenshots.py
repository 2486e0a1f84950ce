"""Pictures of every stage from the demo job, rendered without a screen, for the documentation."""

import os
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from PySide6.QtWidgets import QApplication


def _wait_for(application: "QApplication", ready: Callable[[], bool], seconds: float = 10.0) -> None:
    """Let the window work until `ready`; heat is worked out a moment after a change."""
    end = time.monotonic() + seconds
    while not ready() and time.monotonic() < end:
        application.processEvents()
        time.sleep(0.01)


def render_shots(folder: Path) -> Iterator[Path]:
    """Write one PNG of each stage (light), one of the dark look and one of the start page; yields their paths."""
    os.environ["QT_QPA_PLATFORM"] = "offscreen"
    from PySide6.QtCore import QSettings, qInstallMessageHandler
    from PySide6.QtWidgets import QApplication

    from firmcell.app.background import end_all
    from firmcell.app.main_window import MainWindow
    from firmcell.app.theme import base_font, load_fonts
    from firmcell.core.analysis.findings import Stage
    from firmcell.core.model.design import StripStyle
    from firmcell.store.part_files import shipped_library

    # The offscreen platform says at every window that it does not pass on size hints; nobody needs to read
    # it.
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
        window = MainWindow(shipped_library(), settings, Path(scratch))
        window.show()
        # The screen of the offscreen platform is smaller than what the pictures are meant to show.
        window.resize(1280, 800)

        def shot(name: str) -> Path:
            for _ in range(3):
                application.processEvents()
            path = folder / f"{name}.png"
            window.grab().save(str(path))
            return path

        yield shot("00-start")
        window.opening.open_demo("orchard-hoist")
        for number, stage in enumerate(Stage, start=1):
            window.go(stage)
            if stage in (Stage.STRIPS, Stage.BMS):
                _wait_for(
                    application, lambda: window.session is not None and window.session.metal is not None
                )
                window.view.select("strip:N0-C1" if stage is Stage.STRIPS else "")
            yield shot(f"{number:02d}-{stage.value}")
            window.view.select("")
        window.go(Stage.LAYOUT)
        window.menus.section_action.trigger()
        yield shot("13-layout-section")
        window.menus.section_action.trigger()
        assert window.session is not None
        window.session.edit("joining.style", StripStyle.PLATES, "plates")
        window.go(Stage.STRIPS)
        _wait_for(application, lambda: window.session is not None and window.session.metal is not None)
        yield shot("14-strip-plates")
        window.undo()
        window.looks.toggle_look()
        window.go(Stage.BENCH)
        yield shot("11-bench-dark")
        window.looks.toggle_look()
        window.set_bench_mode(True)
        yield shot("12-bench-mode")
        window.set_bench_mode(False)
        trainer = window.at_bench.trainer()
        assert trainer is not None
        trainer.show()
        for _ in range(5):
            trainer.read()
        _wait_for(application, lambda: False, 0.2)
        path = folder / "15-trainer.png"
        trainer.grab().save(str(path))
        trainer.close()
        yield path
        for name, number, stage in (
            ("sprayer-lead-change", 16, Stage.BENCH),
            ("log-splitter-cable", 17, Stage.LEADS),
            ("lamp-cell-bms", 18, Stage.BMS),
        ):
            window.opening.open_demo(name)
            window.go(stage)
            yield shot(f"{number}-{name}")
        window.close()
        end_all()
