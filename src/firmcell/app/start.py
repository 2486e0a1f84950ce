"""Start the window."""

import builtins
import gc
import os
import pwd
import socket
import sys
import time
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING

from firmcell import DATA
from firmcell.core.base.refusal import Refusal

if TYPE_CHECKING:
    from PySide6.QtCore import QSettings
    from PySide6.QtWidgets import QApplication

    from firmcell.app.main_window import MainWindow

NO_SCREEN = (
    "there is no screen to open a window on ({why}). Start it in a desktop session, or over ssh -X, or use a command "
    "that needs none, such as: firm-cell analyse JOB (see firm-cell --help)."
)


def check_screen(environment: dict[str, str]) -> None:
    """Raise a Refusal if there is no display to open a window on; Qt itself would abort without a word of
    use."""
    if environment.get("QT_QPA_PLATFORM", "").startswith(("offscreen", "minimal", "vnc")):
        return
    if environment.get("WAYLAND_DISPLAY"):
        return
    display = environment.get("DISPLAY", "")
    if not display:
        raise Refusal(NO_SCREEN.format(why="neither DISPLAY nor WAYLAND_DISPLAY is set"))
    if display.startswith(":") and not _answers(display[1:].split(".")[0]):
        raise Refusal(NO_SCREEN.format(why=f"DISPLAY is {display}, and no X server answers there"))


def _answers(number: str) -> bool:
    """Whether an X server takes calls; the socket of one that died may still be there."""
    place = f"/tmp/.X11-unix/X{number}"
    for address in (place, f"\0{place}"):
        with socket.socket(socket.AF_UNIX, socket.SOCK_STREAM) as caller, suppress(OSError):
            caller.settimeout(2.0)
            caller.connect(address)
            return True
    return False


def login_name() -> str:
    """The user's full name as the system knows it, or the login."""
    try:
        entry = pwd.getpwuid(os.getuid())
    except KeyError:
        return ""
    return entry.pw_gecos.split(",")[0] or entry.pw_name


def _seconds_since_start() -> float:
    """How long this process has been running, s."""
    ticks = int(Path("/proc/self/stat").read_text().rsplit(")", 1)[1].split()[19])
    return time.clock_gettime(time.CLOCK_BOOTTIME) - ticks / os.sysconf("SC_CLK_TCK")


def _tell_start(window: "MainWindow") -> None:
    """For tests and benchmarks: how long from the start of the process to the first painted window."""
    print(f"painted after {_seconds_since_start():.3f} s, window {window.width()} × {window.height()}")


def _quit_when_painted(application: "QApplication", window: "MainWindow") -> None:
    if os.environ.get("FIRMCELL_QUIT_WHEN_PAINTED"):
        window.painted.connect(lambda: _tell_start(window))
        window.painted.connect(application.quit)


def dressed_application() -> "QApplication":
    """The application with its name, style, icon and font; made once."""
    from PySide6.QtGui import QIcon
    from PySide6.QtWidgets import QApplication

    from firmcell.app.theme import base_font, load_fonts

    application = QApplication.instance() or QApplication(sys.argv[:1])
    assert isinstance(application, QApplication)
    application.setApplicationName("firm-cell")
    application.setApplicationDisplayName("Firm Cell")
    application.setDesktopFileName("firm-cell")
    application.setStyle("Fusion")
    application.setWindowIcon(QIcon(str(DATA / "desktop" / "firm-cell.svg")))
    load_fonts()
    application.setFont(base_font())
    return application


def _import_without_features() -> None:
    """Import modules without looking into them.

    PySide has an import of its own that reads the source of every module imported after it, to see whether
    names are wanted in another spelling (`__feature__`). None here wants that, and it takes a twelfth of
    the time to start.
    """
    builtins.__import__ = getattr(builtins, "__orig_import__", builtins.__import__)


def _own_data() -> Path:
    """The user's folder for what the program keeps."""
    from PySide6.QtCore import QStandardPaths

    place = QStandardPaths.StandardLocation.GenericDataLocation
    return Path(QStandardPaths.writableLocation(place)) / "firm-cell"


def _own_settings() -> "QSettings":
    from PySide6.QtCore import QSettings

    settings = QSettings("firm-cell", "firm-cell")
    if not settings.value("person"):
        # A record without a name is worth little; the login is a beginning, the Bench menu changes it.
        settings.setValue("person", login_name())
    return settings


def run_window(job: Path | None, demo: str | None, fresh: bool = False, language: str | None = None) -> int:
    """Open the window on a job, a demo job, or the start page; returns the exit code. The language is the
    chosen one unless one is asked for.

    Raises
    ------
    Refusal
        If there is no screen, a library is missing, or the job cannot be opened.
    """
    check_screen(dict(os.environ))
    # Starting makes many objects and throws few away: looking for those costs a tenth of the time.
    gc.disable()
    # What needs no Qt comes first: Qt reads the source of each module that is imported after it.
    import firmcell.core.analysis.analyse
    import firmcell.core.jobs  # noqa: F401
    from firmcell.store.demo import DEMO_JOBS
    from firmcell.store.part_files import load_library

    try:
        import PySide6.QtWidgets  # noqa: F401
    except ImportError as error:
        raise Refusal(
            f"A system library of the window is missing ({error}). Run: sudo apt-get install -y libegl1 libgl1 libxkbcommon-x11-0 libxcb-cursor0"
        ) from None
    _import_without_features()

    from firmcell.app.background import end_all
    from firmcell.app.language.spoken import begin, language_of
    from firmcell.app.life import begin_life
    from firmcell.app.main_window import MainWindow
    from firmcell.app.tidy import Tidy

    if demo is not None and demo not in DEMO_JOBS:
        raise Refusal(f"There is no demo job “{demo}”; there are {', '.join(DEMO_JOBS)}.")
    application = dressed_application()
    library, faults = load_library()
    settings = _own_settings()
    begin(language_of(settings, language))
    window = MainWindow(library, settings, _own_data() / "demo")
    opened = True
    if demo is not None:
        opened = window.opening.open_demo(demo, fresh)
    elif job is not None:
        opened = window.opening.open_path(job)
    if not opened:
        raise Refusal(window.banner.text())
    if faults:
        window.tell(" ".join(faults))
    _quit_when_painted(application, window)
    life = begin_life(application, window)
    window.show()
    # From here on garbage is looked for on this thread alone.
    Tidy(application)
    code = int(application.exec())
    life.end()
    end_all()
    return code
