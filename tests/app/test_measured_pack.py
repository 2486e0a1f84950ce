"""Records of cells reach the figures in the window, a moment after, and go again with an edit of the cells."""

from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import CellTest


def test_tested_cells_change_what_the_pack_gives(hoist_window, qtbot):
    session = hoist_window.session
    qtbot.waitUntil(lambda: session.metal is not None, timeout=10_000)
    rated = session.analysis.pack
    assert session.pack == rated
    told = []
    session.changed.connect(lambda: told.append(session.pack.energy_usable_j))
    for cell in session.analysis.layout.group_cells(3):
        session.record(CellTest(cell=cell.number, capacity_as=4.0 * 3600))
    qtbot.waitUntil(lambda: bool(told), timeout=10_000)
    assert session.pack.energy_usable_j < 0.85 * rated.energy_usable_j
    # Places and steps stay as designed; what is rated stays on the plate.
    assert session.analysis.pack == rated
    assert session.pack.energy_wh == rated.energy_wh
    hoist_window.go(Stage.LAYOUT)
    page = hoist_window.pages[Stage.LAYOUT]
    shown = f"{session.pack.energy_usable_j / 3600:.0f} Wh to the load"
    from PySide6.QtWidgets import QLabel

    assert any(shown in label.text() for label in page.findChildren(QLabel))
