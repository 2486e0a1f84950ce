"""Tests of reclaimed cells read into a job, and what the Cells page says of them."""

from firmcell.core.analysis.findings import Stage

GOOD = "cell,capacity Ah,resistance mΩ,first V,second V,days,cycles,origin\n1,2.7,5.2,1.335,1.331,7,120,drill\n3,1.5,15,1.33,1.25,7,300,shed\n"


def test_a_table_of_tests_is_recorded_and_judged(window, qtbot, tmp_path):
    assert window.opening.open_demo("lamp-refit")
    path = tmp_path / "tests.csv"
    path.write_text(GOOD)
    before = len(window.session.events)
    window.jobs.measured.take_tests(path)
    qtbot.waitUntil(lambda: "2 tests of cells are recorded" in window.banner.text(), timeout=5000)
    assert [e.data.kind for e in window.session.events[before:]] == ["cell-test", "cell-test"]
    assert {e.step for e in window.session.events[before:]} == {"check-cells"}
    window.go(Stage.CELLS)
    page = window.page(Stage.CELLS)
    page.refresh()
    model = page.tested.model()
    rows = [[model.index(r, c).data() for c in range(6)] for r in range(model.rowCount())]
    assert rows[0][0] == "1"
    assert rows[0][5] == "fits"
    assert rows[1][5] == "OUT"
    page.tested.pick("cell:3")
    assert page.tested_told.text().startswith("Cell 3: holds 50 % of its class")
    assert any(f.code == "RC-1" for f in window.session.findings)
    path.write_text("cell\n99\n")
    window.jobs.measured.take_tests(path)
    qtbot.waitUntil(lambda: "there is no cell 99; this pack has 5" in window.banner.text(), timeout=5000)
    assert len(window.session.events) == before + 2


def test_what_is_known_of_a_pack_as_it_is_can_be_entered_later(window):
    assert window.opening.open_demo("lamp-refit")
    window.go(Stage.BRIEF)
    fields = dict(window.page(Stage.BRIEF)._fields)
    assert fields["existing.condition"].row.editor.text() == "browned wrap on two cells, one strip rippled"
    fields["existing.fuse_known"].row.editor.setChecked(False)
    assert window.session.design.existing.fuse_known is False
    window.undo()
    assert window.session.design.existing.fuse_known is True
