"""Every kind of job by keyboard alone: from the dialog through its plan to a finished passport."""

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QCheckBox, QComboBox, QLineEdit

from firmcell.app import session as session_module
from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.core.analysis.findings import Severity, Stage
from firmcell.core.jobs import PLANS
from firmcell.core.model.job_details import JobKind
from firmcell.core.tap_check.recorded_readings import tap_verdict
from tests.app.pages import bench_helpers as by_key
from tests.app.test_existing_form import pick, type_in

GOOD = {
    "weld-sample": {"machine": "bench welder", "setting": "6", "pulses": "2", "peeled": "22", "held": "22"},
    "weld-row": {"machine": "bench welder", "setting": "6", "pulses": "2", "flat": True, "tug": True},
    "solder-joint": {"iron_w": "80", "seconds": "4", "smooth": True, "tug": True},
    "crimp-joint": {"joint": "lug", "die": "50", "crimps": "2", "strands_in": True, "tug": True},
    "screw-joint": {"torque_nm": "2.5", "faces_clean": True, "marked": True},
    "insulation-reading": {"ohms": "12"},
    "as-found": {"words": "as it should be"},
    "weighing": {"before_kg": "228.1", "after_kg": "228.2", "under_s": "30"},
}


def do_step(window, qtbot):
    """Record what the step at hand wants, and pass it, all by keys."""
    bench, s = window._bench(), window.session
    step = bench.step
    for _ in range(9):
        kind = next(iter(s.still_wanted(step)), None)
        if kind is None:
            break
        if kind == "tap-reading":
            window.go(Stage.TESTS)
            for tap, line in enumerate(window.page(Stage.TESTS)._lines, start=1):
                type_in(qtbot, line, f"{tap * s.design.cell_now_v + 0.003:.3f}")
            # What is asked for besides stands in the field between two points, which the keys reach as well.
            for _ in range(9):
                following = tap_verdict(s.design, s.state).next_reading
                if following is None:
                    break
                volts = (following[1] - following[0]) * s.design.cell_now_v + 0.003
                type_in(qtbot, window.page(Stage.TESTS).between, f"{volts:.3f}")
            window.go(Stage.BENCH)
            continue
        if kind == "checked":
            for box in bench._looks:
                box.setFocus()
                qtbot.keyClick(box, Qt.Key.Key_Space)
        good = dict(GOOD.get(kind, {}))
        if kind == "cell-check":
            now = s.design.cell_now_v
            good = {"lowest_v": f"{now - 0.01:.3f}", "highest_v": f"{now + 0.01:.3f}", "wraps_sound": True}
        if kind == "polarity-reading":
            good = {"at": "there", "volts": f"{sum(step.reads_v or (7.12, 0)) / 2:.2f}"}
        if kind == "weld-row":
            asked = {"welds": "2", "strip": "the board's own tab"}
            good |= {n: v for n, v in asked.items() if not bench._form.fields[n].row.editor.text()}
        for name, value in good.items():
            by_key.enter(qtbot, bench._form.fields[name].row.editor, value)
        by_key.press(qtbot, bench, "Record ")
    qtbot.keyClick(window, Qt.Key.Key_Space, Qt.KeyboardModifier.ControlModifier)
    assert step.code == "" or bench.step is None or bench.step.code != step.code, window.banner.text()
    return step.code


def asked(qtbot, dialog, kind):
    """Fill the dialog for a job of a kind."""
    pick(qtbot, dialog.kinds, kind.value)
    told = {
        "title": kind.value,
        "current_steady_a": "1.5",
        "current_peak_a": "3",
        "peak_duration_s": "2",
        "run_time_s": "20 min",
    }
    if PLANS[kind].proposes:
        type_in(qtbot, dialog.pack.series, "5")
        type_in(qtbot, dialog.pack.parallel, "1")
        pick(qtbot, dialog.pack.cell, "sub-C metal hydride 3.0 Ah")
        pick(qtbot, dialog.pack.wire, "16 AWG silicone")
        pick(qtbot, dialog.pack.connector, "T-blade pair")
        pick(qtbot, dialog.pack.fuse, "blade fuse 32 V, 5 A")
    else:
        told |= {"load_voltage_min_v": "9", "load_voltage_max_v": "13"}
    for name, text in told.items():
        type_in(qtbot, dialog.form.fields[name].row.editor, text)


@pytest.mark.slow
@pytest.mark.parametrize("kind", list(JobKind))
def test_from_the_dialog_to_a_finished_passport(window, qtbot, tmp_path, monkeypatch, kind):
    monkeypatch.setattr(session_module, "datetime", by_key.Later)
    dialog = NewPackDialog(window.system, tmp_path, window.library, window)
    dialog.show()
    asked(qtbot, dialog, kind)
    dialog.file.setFocus()
    dialog.file.selectAll()
    qtbot.keyClicks(dialog.file, str(tmp_path / "job"))
    by_key.press(qtbot, dialog, "Make the job")
    assert dialog.brief is not None, dialog.fault.text()
    window.jobs.make_from_brief(dialog.brief, dialog.path, dialog.job_kind, dialog.existing)
    qtbot.waitUntil(lambda: window.session is not None, timeout=20_000)
    session = window.session
    assert session.design.kind is kind
    # The offscreen platform gives no window the keys by itself once a dialog is gone.
    dialog.close()
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    qtbot.keyClick(window, Qt.Key.Key_8, Qt.KeyboardModifier.AltModifier)
    assert window.stage is Stage.BENCH
    done = []
    while session.current_step is not None and len(done) <= len(session.steps):
        done.append(do_step(window, qtbot))
    assert done == [s.code for s in session.steps]
    qtbot.keyClick(window, Qt.Key.Key_0, Qt.KeyboardModifier.AltModifier)
    assert window.stage is Stage.PASSPORT
    told = window.page(Stage.PASSPORT).unfinished.text()
    # Of a tray that gives 13 % more than fresh cells, and a cable without lugs, the design itself stands in the way.
    stops = [f.code for f in session.findings if f.severity is Severity.STOP]
    assert told.startswith("Finished") == (not stops), told
    assert not stops or (kind in {JobKind.TRAY, JobKind.POWER_CABLE} and stops[0] in told), told


def test_every_editor_of_the_forms_takes_the_keyboard(window):
    assert window.opening.open_demo("lamp-refit")
    for stage in window.session.plan.stages:
        window.go(stage)
        page = window.page(stage)
        for editor in (
            *page.findChildren(QLineEdit),
            *page.findChildren(QComboBox),
            *page.findChildren(QCheckBox),
        ):
            if editor.isVisible() and editor.isEnabled():
                assert editor.focusPolicy() & Qt.FocusPolicy.TabFocus, editor.accessibleName()
                # Of a box that is ticked its own words are its name.
                assert editor.accessibleName() or (isinstance(editor, QCheckBox) and editor.text())
