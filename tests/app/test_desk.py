"""The window on a desk that somebody comes back to."""

import pytest

from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.core.analysis.findings import Stage


def test_stage_and_splitter_are_found_again(hoist_window, qtbot):
    window = hoist_window
    window.go(Stage.LEADS)
    window.split.setSizes([500, 640])
    left = window.split.sizes()
    path = window.session.path
    window.opening.open_demo("bee-house-scale")
    assert window.stage is Stage.BRIEF, "a job never left begins at its brief"
    window.opening.open_path(path)
    assert window.stage is Stage.LEADS
    window.close()
    again = type(window)(window.library, window.settings, window.demo_folder)
    qtbot.addWidget(again)
    again.show()
    again.resize(1280, 800)
    assert again.opening.open_path(path)
    assert again.stage is Stage.LEADS
    assert again.split.sizes() == pytest.approx(left, abs=4)
    again.close()


@pytest.mark.parametrize(
    ("first", "second", "words"),
    [
        (("load_voltage_min_v", "30 V"), ("load_voltage_max_v", "15 V"), "must be below the highest"),
        (("current_peak_a", "10 A"), ("current_steady_a", "20 A"), "must be at least the steady"),
        (("ambient_max_k", "10 C"), ("ambient_min_k", "20 C"), "must not be warmer"),
    ],
)
def test_a_new_job_that_contradicts_itself_is_told_at_the_field_at_once(
    window, qtbot, tmp_path, first, second, words
):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    dialog.show()
    for name, text in (first, second):
        editor = dialog.form.fields[name].row.editor
        editor.clear()
        qtbot.keyClicks(editor, text)
        dialog.form.fields[name].enter()
    wrong, right = dialog.form.fields[second[0]].row, dialog.form.fields[first[0]].row
    assert wrong.is_faulty
    assert words in wrong.hint.text()
    assert not right.is_faulty
    # Mended at the other field: what was told goes away.
    editor = dialog.form.fields[first[0]].row.editor
    editor.clear()
    qtbot.keyClicks(editor, {"current_peak_a": "30 A", "load_voltage_min_v": "12 V"}.get(first[0], "25 C"))
    dialog.form.fields[first[0]].enter()
    assert not wrong.is_faulty
    assert not right.is_faulty
