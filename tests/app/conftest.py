"""A window with its own settings and folder."""

from contextlib import contextmanager

import pytest
from PySide6.QtCore import QCoreApplication, QEvent, QSettings

from firmcell.app.main_window import MainWindow
from firmcell.app.theme import base_font, load_fonts
from firmcell.app.tidy import Tidy


@pytest.fixture(scope="session", autouse=True)
def _looks(qapp):
    # Once: each further setStyle under a style sheet wraps the one before, and every window then takes twice as long.
    qapp.setStyle("Fusion")
    load_fonts()
    qapp.setFont(base_font())


@pytest.fixture(scope="package", autouse=True)
def tidy(qapp):
    # As in the program: garbage is looked for on the interface thread only.
    made = Tidy(qapp)
    yield made
    made.end()


@pytest.fixture
def window(qapp, qtbot, library, tmp_path):
    settings = QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat)
    settings.setValue("person", "Wren Ashby")
    made = MainWindow(library, settings, tmp_path / "demo")
    made.show()
    # The screen of the offscreen platform is smaller than the window is meant for.
    made.resize(1280, 800)
    qtbot.waitExposed(made)
    yield made
    made.close()
    # At once, and not at the end of the run: a style sheet change walks over every widget there is.
    qapp.setStyleSheet("")
    made.deleteLater()
    qapp.processEvents()
    QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)


@contextmanager
def letters(qapp, window, larger):
    """The program's own letters so many times larger, in a window that is dressed with them."""
    before = qapp.font()
    theirs = base_font()
    theirs.setPointSizeF(theirs.pointSizeF() * larger)
    qapp.setFont(theirs)
    window.looks.dress()
    try:
        yield
    finally:
        qapp.setFont(before)


@pytest.fixture
def hoist_window(window):
    assert window.opening.open_demo("orchard-hoist")
    return window
