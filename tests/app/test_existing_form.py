"""A job on a pack that is there, made by keyboard in the dialog."""

import pytest
from PySide6.QtCore import Qt

from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.core.model.job_details import JobKind


@pytest.fixture
def dialog(qtbot, window, tmp_path):
    made = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(made)
    made.show()
    return made


def type_in(qtbot, line, text):
    line.setFocus()
    line.clear()
    qtbot.keyClicks(line, text)
    qtbot.keyClick(line, Qt.Key.Key_Return)


def pick(qtbot, combo, text):
    """By keyboard: the first letters of a name, then its neighbours downwards."""
    combo.setFocus()
    qtbot.keyClick(combo, Qt.Key.Key_Home)
    for _ in range(combo.count()):
        if combo.currentText() == text:
            return
        qtbot.keyClick(combo, Qt.Key.Key_Down)
    raise AssertionError(text)


def test_only_jobs_that_begin_with_a_pack_ask_for_it(qtbot, dialog):
    shown = {}
    for kind in JobKind:
        pick(qtbot, dialog.kinds, kind.value)
        shown[kind] = dialog.pack.isVisible()
        assert dialog.form.fields["load_voltage_min_v"].row.editor.isVisible() is not shown[kind]
    assert {kind for kind, yes in shown.items() if yes} == {
        JobKind.LEAD_CHANGE,
        JobKind.BMS_RETROFIT,
        JobKind.REFIT,
        JobKind.WET_JACKET,
        JobKind.TRAY,
    }


def test_a_pack_of_six_unknown_cells_stays_one_of_six(qtbot, dialog, window, tmp_path):
    pick(qtbot, dialog.kinds, "lead change")
    type_in(qtbot, dialog.form.fields["title"].row.editor, "Lamp")
    type_in(qtbot, dialog.form.fields["current_steady_a"].row.editor, "2")
    type_in(qtbot, dialog.form.fields["current_peak_a"].row.editor, "2")
    dialog.accept()
    assert dialog.brief is None
    assert "Groups in series is missing" in dialog.fault.text()
    type_in(qtbot, dialog.pack.series, "six")
    dialog.accept()
    assert "not a number" in dialog.fault.text()
    type_in(qtbot, dialog.pack.series, "6")
    dialog.accept()
    assert "cell is not chosen" in dialog.fault.text()
    pick(qtbot, dialog.pack.cell, "not known, size 18650")
    pick(qtbot, dialog.pack.wire, "20 AWG silicone")
    pick(qtbot, dialog.pack.fuse, "none")
    dialog.accept()
    assert dialog.brief is not None, dialog.fault.text()
    window.jobs.make_from_brief(dialog.brief, dialog.path, dialog.job_kind, dialog.existing)
    qtbot.waitUntil(lambda: window.session is not None, timeout=20_000)
    design = window.session.design
    assert (design.series, design.parallel, design.leads.fuse) == (6, 1, None)
    assert design.existing is not None
    assert not design.cell.known
    assert design.existing.fuse_known
    assert design.brief.load_voltage_max_v == pytest.approx(6 * 4.2)
    assert "EX-1" in {f.code for f in window.session.findings}
