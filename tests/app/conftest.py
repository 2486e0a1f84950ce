"""A window with its own settings and folder."""

import shutil
from contextlib import contextmanager

import pytest
from PySide6.QtCore import QCoreApplication, QEvent, QSettings

from firmcell.app.main_window import MainWindow
from firmcell.app.theme import base_font, load_fonts
from firmcell.app.tidy import Tidy
from firmcell.store.demo import make_demo


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
    # At once, and not at the end of the run; and the window first, since a style sheet that goes walks over every
    # widget there is.
    made.deleteLater()
    qapp.processEvents()
    QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
    qapp.setStyleSheet("")


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


@pytest.fixture(scope="session")
def made_hoist(tmp_path_factory):
    """The hoist's demo job, drawn up once: the program makes it anew for each folder."""
    return make_demo("orchard-hoist", tmp_path_factory.mktemp("made"))


@pytest.fixture
def hoist_window(window, made_hoist):
    window.demo_folder.mkdir(parents=True, exist_ok=True)
    shutil.copy(made_hoist, window.demo_folder)
    assert window.opening.open_demo("orchard-hoist")
    return window
