"""Saved designs compared and taken up again, remarks, attachments, and a template without records."""

import pytest
from PySide6.QtCore import Qt

from firmcell.core.records.events import Remark
from firmcell.store.demo import make_demo
from firmcell.store.design_differences import differences
from firmcell.store.job_file import JobFile


@pytest.fixture
def history(hoist_window, qtbot):
    session = hoist_window.session
    session.edit("brief.current_steady_a", 30.0, "Thirty amperes")
    session.save()
    session.edit_all((("series", 8), ("serial", "OH-7")), "Eight groups")
    session.save()
    hoist_window.history.show()
    made = hoist_window.history.history_window
    qtbot.waitUntil(lambda: made.changes.rows.rowCount() > 0, timeout=10_000)
    return made


def rows(table):
    model = table.model()
    return [
        tuple(model.index(r, c).data() for c in range(model.columnCount())) for r in range(model.rowCount())
    ]


def test_the_newest_design_is_compared_with_the_one_before(history, qtbot):
    assert [row[3] for row in rows(history.designs)][:2] == ["Eight groups", "Thirty amperes"]
    found = {name: (before, after) for name, before, after in rows(history.changes)}
    assert found["Groups in series"] == ("10", "8")
    assert found["Serial number"][1] == "OH-7"
    figures = {name: (before, after) for name, before, after in rows(history.figures)}
    assert figures["Full"] == ("42.00 V", "33.60 V"), "ten and eight times 4.20 V"
    assert len(history.view._faces) == 2
    history.other.setCurrentIndex(history.other.findData(1))
    qtbot.waitUntil(lambda: any("30 A" in row for row in rows(history.changes)), timeout=10_000)


def test_another_job_is_laid_beside_and_only_read(history, qtbot, tmp_path):
    path = make_demo("bee-house-scale", tmp_path)
    before = path.read_bytes()
    history.compare_with(path)
    qtbot.waitUntil(lambda: any("4" in row[1:2] for row in rows(history.changes)), timeout=10_000)
    found = {name: (other, own) for name, other, own in rows(history.changes)}
    assert found["Groups in series"] == ("4", "8"), "the scale is 4S2P"
    assert ("Bee-house scale", "Orchard hoist") in found.values()
    assert history.other.currentText() == "bee-house-scale.firmcell"
    assert len(history.view._faces) == 2
    history.fill()
    assert history.other.findData(str(path)) >= 0, "it stays in the list"
    history.compare_with(tmp_path / "gone.firmcell")
    qtbot.waitUntil(lambda: "gone.firmcell" in history.told.text(), timeout=5_000)
    assert path.read_bytes() == before


def test_an_old_design_is_taken_up_again_and_undone(history, hoist_window):
    history.designs.pick("1")
    history.restore()
    assert hoist_window.session.design.series == 10
    assert "Undo takes it back" in history.told.text()
    hoist_window.session.undo_stack.undo()
    assert hoist_window.session.design.series == 8


def test_a_remark_is_recorded_and_listed(history, hoist_window, qtbot):
    history.tabs.setCurrentIndex(1)
    history.remark.setText("wrap of cell 12 was mended")
    qtbot.keyClick(history.remark, Qt.Key.Key_Return)
    assert isinstance(hoist_window.session.events[-1].data, Remark)
    assert rows(history.remarks)[0][3] == "wrap of cell 12 was mended"
    assert history.isVisible(), "Enter records, and presses no button besides"
    history.add_remark()
    assert "Type the remark first" in history.told.text()


def test_files_are_kept_and_written_out_unchanged(history, hoist_window, qtbot, tmp_path):
    sheet = tmp_path / "sheet.pdf"
    sheet.write_bytes(b"%PDF-1.7 \x00\xff the sheet")
    before = len(rows(history.attachments))
    history.keep(sheet)
    qtbot.waitUntil(lambda: len(rows(history.attachments)) == before + 1, timeout=5000)
    number, name, kind, _, _ = rows(history.attachments)[-1]
    assert (name, kind) == ("sheet.pdf", "application/pdf")
    history.write_out(int(number), tmp_path / "out.pdf")
    assert (tmp_path / "out.pdf").read_bytes() == sheet.read_bytes()
    assert hoist_window.session.job.verify().fault is None
    history.write_out(int(number), hoist_window.session.path)
    assert "never written over a job" in history.told.text()
    history.keep(tmp_path / "missing.pdf")
    qtbot.waitUntil(lambda: "There is no file" in history.told.text(), timeout=5000)


def test_it_closes_with_its_job(history, hoist_window):
    hoist_window.opening.close_job()
    assert not history.isVisible()


def test_a_template_has_the_design_and_no_record(hoist_window, tmp_path):
    session = hoist_window.session
    assert session.events
    assert session.design.serial
    path = tmp_path / "template.firmcell"
    hoist_window.history.write_template(path)
    with JobFile.open(path) as job:
        assert job.events() == []
        assert job.attachments() == []
        design = job.latest().design()
        assert design.serial == ""
        assert design.series == session.design.series
        assert job.verify().fault is None


def test_every_field_that_differs_is_named_once(hoist, library):
    other = hoist.with_edits(("leads.length_m", 0.3), ("joining.link_layers", 3), ("bms.board", None))
    found = differences(hoist, other)
    assert {d.path for d in found} == {"leads.length_m", "joining.link_layers", "bms.board"}
    assert all(d.before != d.after for d in found)
    assert next(d for d in found if d.path == "leads.length_m").after == "300 mm"
    assert differences(hoist, hoist) == ()
