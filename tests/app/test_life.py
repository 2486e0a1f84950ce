"""Faults nobody thought of: noted in a log with rotation, and said with what is saved."""

import logging
import signal
import sys

import pytest
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMessageBox

from firmcell.app import life as life_module
from firmcell.app.life import Life, begin_log, end_log


@pytest.fixture
def log(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    path = begin_log()
    yield path
    end_log()


@pytest.fixture
def life(hoist_window, qapp, log):
    made = Life(qapp, hoist_window, log)
    yield made
    made.end()
    made.deleteLater()


def test_something_unexpected_is_noted_saved_and_said_once(life, log, qtbot, hoist_window, monkeypatch):
    monkeypatch.setattr(sys, "__excepthook__", lambda *_: None)
    hoist_window.session.edit("serial", "JUST BEFORE", "serial")
    said = []

    def close():
        box = QApplication.activeModalWidget()
        assert isinstance(box, QMessageBox)
        said.append(box.text())
        box.accept()

    def fault():
        raise ZeroDivisionError("what nobody thought of")

    try:
        fault()
    except ZeroDivisionError:
        life.unexpected(*sys.exc_info())
        life.unexpected(*sys.exc_info())
    QTimer.singleShot(100, close)
    qtbot.waitUntil(lambda: bool(said), timeout=3000)
    qtbot.wait(100)
    assert len(said) == 1
    assert f"Everything is saved in {hoist_window.session.path}" in said[0]
    assert str(log) in said[0]
    assert hoist_window.session.job.latest().design().serial == "JUST BEFORE"
    assert log.read_text().count("ZeroDivisionError: what nobody thought of") == 2
    assert "in fault" in log.read_text()


def test_what_could_not_be_saved_is_said(life, hoist_window, monkeypatch):
    # For these words alone: a window that cannot save asks, and nobody would answer.
    with monkeypatch.context() as only:
        only.setattr(type(hoist_window.session), "save", lambda _: False)
        assert "the last changes of the design are NOT" in life.words()


def test_told_to_end_with_a_full_disk_it_asks_nobody(life, hoist_window, monkeypatch, qapp):
    """Nobody may be there to answer; a question would keep it running for ever."""
    hoist_window.session.edit("serial", "UNSAVED", "serial")
    asked = []
    with monkeypatch.context() as only:
        only.setattr(type(hoist_window.session), "save", lambda _: False)
        only.setattr(hoist_window.keeping, "ask", lambda *_, **__: asked.append(1))
        only.setattr(life_module.QApplication, "exit", lambda code: asked.append(code))
        life.end_by(signal.SIGTERM)
    assert asked == [128 + signal.SIGTERM]
    assert hoist_window.session is None


def test_the_log_turns_over(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    monkeypatch.setattr(life_module, "LOG_BYTES", 20_000)
    log = begin_log()
    for n in range(1500):
        logging.getLogger("firmcell").info("line %d of a long day at the bench, one after another", n)
    files = sorted(p.name for p in log.parent.glob("log*"))
    assert files == ["log.txt", "log.txt.1", "log.txt.2", "log.txt.3"]
    assert sum(p.stat().st_size for p in log.parent.glob("log*")) < 4 * 21_000
    end_log()
