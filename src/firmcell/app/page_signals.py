"""What the window does when a page asks for it."""

from functools import partial
from typing import TYPE_CHECKING, Any

from firmcell.app.session import SIMULATED
from firmcell.core.analysis.findings import Stage

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow


def connect(window: "MainWindow", stage: Stage, page: Any) -> None:
    """Connect the signals of a stage's new page to the window."""
    if stage is Stage.BRIEF:
        page.moment_changed.connect(window.panel.paint_bands)
    elif stage is Stage.BENCH:
        page.go_to_tests.connect(partial(window.enter, Stage.TESTS))
        page.step_shown.connect(window.panel.paint)
        page.photos_wanted.connect(window.jobs.photos)
    elif stage is Stage.TESTS:
        page.back_to_bench.connect(partial(window.enter, Stage.BENCH))
        page.practise.connect(window.at_bench.practise)
        page.meter_address = str(window.settings.value("meter", SIMULATED))
    elif stage is Stage.LAYOUT:
        page.tool_wanted.connect(window.panel.take_tool)
        page.picked_wanted.connect(window.hand.picked.run)
        page.group_wanted.connect(lambda group: setattr(window.hand, "group", group))
        page.outline_wanted.connect(window.jobs.choose_outline)
        page.export_wanted.connect(window.jobs.export)
    elif stage is Stage.STRIPS:
        page.load_changed.connect(window.panel.paint_bands)
        page.measured_wanted.connect(window.jobs.measured.choose_measured)
        page.export_wanted.connect(window.jobs.export)
    elif stage is Stage.BMS:
        page.export_wanted.connect(window.jobs.export)
        page.board_wanted.connect(window.jobs.own_board)
    elif stage is Stage.PASSPORT:
        page.export.connect(window.jobs.export_passport)
