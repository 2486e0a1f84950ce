"""Pictures of every stage from the demo job, rendered without a screen, for the documentation."""

import os
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import TYPE_CHECKING

from firmcell.core.analysis.findings import Stage

if TYPE_CHECKING:
    from PySide6.QtWidgets import QApplication, QWidget

    from firmcell.app.main_window import MainWindow


def _wait_for(application: "QApplication", ready: Callable[[], bool], seconds: float = 10.0) -> None:
    """Let the window work until `ready`; heat is worked out a moment after a change."""
    end = time.monotonic() + seconds
    while not ready() and time.monotonic() < end:
        application.processEvents()
        time.sleep(0.01)


def render_shots(folder: Path) -> Iterator[Path]:
    """Write one PNG of each stage (light), one of the dark look and one of the start page; yields their
    paths."""
    os.environ["QT_QPA_PLATFORM"] = "offscreen"
    from PySide6.QtCore import QSettings, qInstallMessageHandler

    from firmcell.app.background import end_all
    from firmcell.app.main_window import MainWindow
    from firmcell.app.start import dressed_application
    from firmcell.store.part_files import shipped_library

    # The offscreen platform says at every window that it does not pass on size hints; nobody needs to read
    # it.
    qInstallMessageHandler(
        lambda kind, where, text: None if "propagateSizeHints" in text else print(text, file=sys.stderr)
    )
    application = dressed_application()
    with tempfile.TemporaryDirectory() as scratch:
        settings = QSettings(f"{scratch}/settings.ini", QSettings.Format.IniFormat)
        settings.setValue("person", "Wren Ashby")
        window = MainWindow(shipped_library(), settings, Path(scratch))
        window.show()
        # The screen of the offscreen platform is smaller than what the pictures are meant to show.
        window.resize(1280, 800)
        shots = _Shots(application, window, folder)
        yield shots.take("00-start")
        window.opening.open_demo("orchard-hoist")
        yield from shots.stages()
        yield from shots.bench()
        yield from shots.other_kinds()
        yield from shots.workshop()
        yield from shots.shop()
        yield from shots.photo()
        window.close()
        end_all()


class _Shots:
    """Takes pictures of one window, showing what each is of first."""

    def __init__(self, application: "QApplication", window: "MainWindow", folder: Path) -> None:
        self.application, self.window, self.folder = application, window, folder

    def take(self, name: str) -> Path:
        for _ in range(3):
            self.application.processEvents()
        return self._keep(self.window, name)

    def _keep(self, widget: "QWidget", name: str) -> Path:
        path = self.folder / f"{name}.png"
        widget.grab().save(str(path))
        return path

    def _await_heat(self) -> None:
        session = self.window.session
        _wait_for(self.application, lambda: session is not None and session.metal is not None)

    def stages(self) -> Iterator[Path]:
        for number, stage in enumerate(Stage, start=1):
            self.window.go(stage)
            if stage in (Stage.STRIPS, Stage.BMS):
                self._await_heat()
                self.window.view.select("strip:N0-C1" if stage is Stage.STRIPS else "")
            yield self.take(f"{number:02d}-{stage.value}")
            self.window.view.select("")

    def photo(self) -> Iterator[Path]:
        # Loaded here: no picture before it needs a photo.
        from firmcell.app.photo_marks import PhotoTool

        self.window.opening.open_demo("lamp-refit")
        self.window.jobs.photos()
        photos = self.window.jobs.photo_window
        photos.choose(PhotoTool.LOOK)
        _wait_for(self.application, lambda: False, 0.8)
        yield self._keep(photos, "13-photo-compared")
        photos.close()

    def bench(self) -> Iterator[Path]:
        window = self.window
        window.go(Stage.BENCH)
        window.looks.toggle_look()
        window.set_bench_mode(True)
        yield self.take("12-bench-mode-dark")
        window.set_bench_mode(False)
        window.looks.toggle_look()
        trainer = window.at_bench.trainer()
        assert trainer is not None
        trainer.show()
        for _ in range(5):
            trainer.read()
        _wait_for(self.application, lambda: False, 0.2)
        yield self._keep(trainer, "15-trainer")
        trainer.close()

    def workshop(self) -> Iterator[Path]:
        """The drawers of the farm, and cells of them matched into a pack that is not begun."""
        # Loaded here: no picture before it needs the register.
        from firmcell.app.stock.match_window import MatchWindow

        window = self.window
        window.opening.open_demo("bee-house-scale")
        stock = window.workshop.show_stock()
        stock.resize(1280, 800)
        _wait_for(self.application, lambda: stock.register is not None)
        stock.state.open_demo(window.demo_folder)
        _wait_for(self.application, lambda: len(stock.lines) > 0)
        stock.pick(stock.register.with_serial("HM-0037").key if stock.register else "")
        _wait_for(self.application, lambda: False, 0.5)
        yield self._keep(stock, "16-drawers")
        stock.close()
        assert window.session is not None
        matching = MatchWindow(window, window.session, str(window.demo_folder / "register.sqlite"))
        matching.resize(1280, 800)
        matching.show()
        _wait_for(self.application, matching.go.isEnabled)
        matching.match()
        _wait_for(self.application, matching.take.isEnabled)
        _wait_for(self.application, lambda: False, 0.3)
        yield self._keep(matching, "18-matching")
        matching.close()

    def shop(self) -> Iterator[Path]:
        """What the farm's shop has and buys, its day, and all its jobs: two windows on each picture."""
        window, made = self.window, self.window.workshop
        for name in ("bee-house-scale", "log-splitter-cable", "pond-wet-jacket", "orchard-hoist"):
            window.opening.open_demo(name)
        # Qt is loaded when the first picture is taken.
        from PySide6.QtCore import Qt

        has, buys = made.show_shop(), made.show_shopping()
        _wait_for(self.application, lambda: len(has.state.parts) > 0 and buys.jobs.count() > 3)
        for n in range(buys.jobs.count()):
            buys.jobs.item(n).setCheckState(Qt.CheckState.Checked)
        _wait_for(self.application, lambda: len({job for e in buys.lines for job in e.jobs}) > 2)
        yield self._keep_both(has, buys, "11-shop-and-shopping-list")
        day, across = made.show_day(), made.show_across()
        day.weekend.setChecked(True)
        jobs = day.jobs
        _wait_for(self.application, lambda: jobs.count() > 3 and across.across is not None)
        _wait_for(self.application, lambda: day.plan is not None and len(day.plan.slots) > 90)
        yield self._keep_both(day, across, "14-day-and-all-jobs")
        for shown in (has, buys, day, across):
            shown.close()

    def _keep_both(self, upper: "QWidget", lower: "QWidget", name: str) -> Path:
        """Two windows, one under the other."""
        from PySide6.QtGui import QColor, QPainter, QPixmap

        for shown in (upper, lower):
            shown.resize(1280, 760)
        _wait_for(self.application, lambda: False, 0.5)
        picture = QPixmap(1280, 1536)
        picture.fill(QColor(self.window.look.bench))
        painter = QPainter(picture)
        painter.drawPixmap(0, 0, upper.grab())
        painter.drawPixmap(0, 776, lower.grab())
        painter.end()
        path = self.folder / f"{name}.png"
        picture.save(str(path))
        return path

    def other_kinds(self) -> Iterator[Path]:
        for name, number, stage in (("lamp-refit", 17, Stage.CELLS),):
            self.window.opening.open_demo(name)
            self.window.go(stage)
            yield self.take(f"{number}-{name}")
