"""Random use of the window for so long: memory and the longest block of the interface.

Run by hand: python -m tests.faults.soak SECONDS [SEED]; prints memory after the first minute and at the end.
"""

import random
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QEvent, QSettings, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from firmcell.app.background import end_all
from firmcell.app.main_window import MainWindow
from firmcell.app.session import guarded
from firmcell.app.start import dressed_application
from firmcell.app.tidy import Tidy
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Remark, TapReading
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import shipped_library


def resident_mb() -> float:
    """What the process holds in memory now, MB."""
    pages = int(Path("/proc/self/statm").read_text().split()[1])
    return pages * 4096 / 1e6


class Soak:
    """A window that is used at random."""

    def __init__(self, seed: int, folder: Path) -> None:
        self.dice = random.Random(seed)
        self.application = dressed_application()
        self.window = MainWindow(
            shipped_library(), QSettings(str(folder / "s.ini"), QSettings.Format.IniFormat), folder
        )
        self.window.show()
        self.window.resize(1280, 800)
        self.window.opening.open_demo("orchard-hoist")
        self.slowest: list[tuple[float, str]] = []
        self.counts: dict[str, int] = {}

    def acts(self) -> dict[str, tuple[float, Callable[[], object]]]:
        """What is done, how often, and how."""
        window, dice = self.window, self.dice

        def edit() -> None:
            session = window.session
            path, value = dice.choice(
                [
                    ("serial", f"S-{dice.randrange(999)}"),
                    ("brief.current_steady_a", dice.uniform(5, 40)),
                    ("parallel", dice.randrange(2, 6)),
                    ("series", dice.randrange(6, 13)),
                    ("leads.length_m", dice.uniform(0.1, 0.6)),
                ]
            )
            guarded(lambda: session.edit(path, value, "soak"), lambda _: None)

        def record() -> None:
            session = window.session
            data = dice.choice([Remark(text="soak"), TapReading(tap=1, volts=dice.uniform(3, 4))])
            guarded(lambda: session.record(data, "tap-voltages"), lambda _: None)

        def stage() -> None:
            window.go(dice.choice(list(window.session.plan.stages)))

        def click() -> None:
            at = window.view.rect().center()
            at.setX(dice.randrange(max(window.view.width(), 2)))
            at.setY(dice.randrange(max(window.view.height(), 2)))
            QTest.mouseClick(window.view, Qt.MouseButton.LeftButton, pos=at)

        def other() -> None:
            window.opening.open_demo(dice.choice(sorted(DEMO_JOBS)))

        def photograph() -> None:
            window.grab()

        return {
            "edit": (6, edit),
            "undo": (3, lambda: window.session.undo_stack.undo()),
            "redo": (1, lambda: window.session.undo_stack.redo()),
            "record": (2, record),
            "stage": (8, stage),
            "click": (8, click),
            "other job": (0.4, other),
            "picture": (2, photograph),
            "resize": (0.5, lambda: window.resize(dice.randrange(1024, 1600), dice.randrange(640, 1000))),
            "look": (0.5, window.looks.toggle_look),
        }

    def one(self) -> None:
        """Do one thing, and let the window answer."""
        acts = self.acts()
        name = self.dice.choices(list(acts), [weight for weight, _ in acts.values()])[0]
        began = time.perf_counter()
        try:
            acts[name][1]()
        except Refusal:
            self.counts["refused"] = self.counts.get("refused", 0) + 1
        self.application.processEvents()
        # As the running program does, which this loop is not.
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
        at = f"{name} at {self.window.stage.value}"
        self.slowest = sorted([*self.slowest, (time.perf_counter() - began, at)])[-8:]
        self.counts[name] = self.counts.get(name, 0) + 1

    def end(self) -> None:
        """Close the window."""
        self.window.close()
        end_all()


def soak(seconds: float, seed: int = 1, first: float = 60.0) -> tuple[float, float, Soak]:
    """Use the window for so long; returns memory after `first` seconds and at the end, MB."""
    with tempfile.TemporaryDirectory() as folder:
        made = Soak(seed, Path(folder))
        tidy = Tidy(made.application)
        began = time.monotonic()
        early = 0.0
        while time.monotonic() - began < seconds:
            made.one()
            QApplication.processEvents()
            time.sleep(0.005)
            if not early and time.monotonic() - began > first:
                early = resident_mb()
        late = resident_mb()
        made.end()
        tidy.end()
    return early or late, late, made


if __name__ == "__main__":
    EARLY, LATE, DONE = soak(float(sys.argv[1]), int(sys.argv[2]) if len(sys.argv) > 2 else 1)
    print(f"after a minute {EARLY:.0f} MB, at the end {LATE:.0f} MB, ratio {LATE / EARLY:.2f}")
    print("slowest:", ", ".join(f"{name} {seconds:.2f} s" for seconds, name in reversed(DONE.slowest)))
    print("done:", DONE.counts)
