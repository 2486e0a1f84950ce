"""The main window: plate, rail, the pack in the middle, the stage's page, and the findings always in
sight."""

from pathlib import Path
from typing import TYPE_CHECKING, Any, cast

from PySide6.QtCore import QPoint, QRect, QSettings, Qt, QTimer, Signal
from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QGuiApplication, QResizeEvent
from PySide6.QtWidgets import (
    QHBoxLayout,
    QMainWindow,
    QSplitter,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.bench_commands import BenchCommands
from firmcell.app.canvas.view import PackView
from firmcell.app.copying import Copying
from firmcell.app.desk import Desk
from firmcell.app.dropped import files_of, take_files
from firmcell.app.findings_box import FindingsBox
from firmcell.app.hand_tools import HandTools
from firmcell.app.history_commands import HistoryCommands
from firmcell.app.job_commands import JobCommands
from firmcell.app.keeping import Keeping
from firmcell.app.learning import Learning
from firmcell.app.looks import Looks, chosen_look
from firmcell.app.menus import Menus
from firmcell.app.open_jobs import OpenJobs
from firmcell.app.page_signals import connect
from firmcell.app.pages import Page, make_page
from firmcell.app.picture_panel import PicturePanel
from firmcell.app.plain import PlainLabel, RichLabel
from firmcell.app.rating_plate import RatingPlate, StageRail
from firmcell.app.session import Session, guarded
from firmcell.app.start_page import StartPage
from firmcell.app.theme import Palette
from firmcell.app.workshop_commands import WorkshopCommands
from firmcell.core.analysis.findings import Finding, Stage
from firmcell.core.base.visible import visible
from firmcell.core.jobs import PLANS
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.store.units import System

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen


if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage

NOTICE_MS = 12_000


FRAME_PX = (8, 36)
"""What a window manager puts round a window at most, across and above, px."""


def within(wanted: QRect, desktop: QRect) -> QRect:
    """Return the place and size of a window, no larger than the desktop and wholly on it, frame included."""
    across, above = FRAME_PX
    inner = desktop.adjusted(across // 2, above, -across // 2, -across // 2)
    size = wanted.size().boundedTo(inner.size())
    x = min(max(wanted.x(), inner.x()), inner.right() + 1 - size.width())
    y = min(max(wanted.y(), inner.y()), inner.bottom() + 1 - size.height())
    return QRect(QPoint(x, y), size)


class MainWindow(QMainWindow):
    """One window, one job."""

    painted = Signal()

    def __init__(self, library: PartLibrary, settings: QSettings, demo_folder: Path) -> None:
        super().__init__()
        self.library, self.settings, self.demo_folder = library, settings, demo_folder
        self.session: Session | None = None
        self.pages: dict[Stage, Page] = {}
        self.stage = Stage.BRIEF
        self.system: System = "inch" if settings.value("system") == "inch" else "metric"
        self.look: Palette = chosen_look(settings)
        self._tasks: list[Task] = []
        self._bench_mode = False
        self.bench_screen: BenchScreen | None = None
        self._kind = JobKind.NEW_PACK
        self.opening, self.looks = OpenJobs(self), Looks(self)
        self.jobs, self.at_bench, self.panel = JobCommands(self), BenchCommands(self), PicturePanel(self)
        self.history, self.workshop = HistoryCommands(self), WorkshopCommands(self)
        self.keeping, self.copying, self.learning = Keeping(self), Copying(self), Learning(self)
        self.setAcceptDrops(True)
        self._make_widgets()
        self.menus = Menus(self)
        QGuiApplication.styleHints().colorSchemeChanged.connect(self.looks.follow_desktop)
        self.desk = Desk(self, settings)
        self.looks.dress()
        self.resize(1280, 800)
        geometry = settings.value("geometry")
        if geometry is not None:
            self.restoreGeometry(geometry)
        screen = self.screen()
        if screen is not None and not self.isMaximized() and not self.isFullScreen():
            self.setGeometry(within(self.geometry(), screen.availableGeometry()))
        self._show_title()

    # -- making -----------------------------------------------------------------------------------------

    def _tools_of_the_hand(self) -> HandTools:
        hand = HandTools(self.view, lambda: self.session, self.panel.shown)
        hand.told.connect(self.panel.hand_told)
        hand.wanted.connect(self.panel.take_tool)
        hand.measured.connect(self.tell)
        return hand

    def _make_widgets(self) -> None:
        self.stack = QStackedWidget()
        self.setCentralWidget(self.stack)
        # The start page draws a whole pack; a window that opens on a job does not wait for it.
        self.stack.addWidget(QWidget())
        work = QWidget()
        column = QVBoxLayout(work)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        self.plate = RatingPlate(self.look, self.settings)
        column.addWidget(self.plate)
        self.banner = PlainLabel()
        self.banner.setObjectName("banner")
        self.banner.setWordWrap(True)
        self.banner.hide()
        column.addWidget(self.banner)
        middle = QHBoxLayout()
        middle.setSpacing(0)
        self.rail = StageRail(self.look)
        self.rail.chosen.connect(self.go)
        self.rail.entered.connect(self.enter)
        middle.addWidget(self.rail)
        self.split = QSplitter(Qt.Orientation.Horizontal)
        self.view = PackView(self.look)
        self.view.picked.connect(self.panel.picked)
        self.card = RichLabel(self.view)
        self.card.setAccessibleName("Numbers of the part picked")
        self.card.hide()
        self.split.addWidget(self.view)
        self.hand = self._tools_of_the_hand()
        self.page_stack = QStackedWidget()
        self.split.addWidget(self.page_stack)
        self.split.setStretchFactor(0, 5)
        self.split.setStretchFactor(1, 3)
        self.split.setSizes([700, 440])
        middle.addWidget(self.split, 1)
        column.addLayout(middle, 1)
        self.findings_box = FindingsBox(self.look, self.settings)
        self.findings = self.findings_box.list
        self.findings.go.connect(self.go_to_finding)
        column.addWidget(self.findings_box)
        self.stack.addWidget(work)
        self.work = work
        self._notice = QTimer(self)
        self._notice.setSingleShot(True)
        self._notice.setInterval(NOTICE_MS)
        self._notice.timeout.connect(self._clear_notice)

    def show_above_work(self, part: QWidget) -> None:
        """Put a line above the work, under the plate and what is told."""
        column = self.work.layout()
        assert isinstance(column, QVBoxLayout)
        column.insertWidget(column.indexOf(self.banner) + 1, part)

    def undo(self) -> None:
        """Take the last edit back."""
        if self.session is not None:
            self.session.undo_stack.undo()

    def redo(self) -> None:
        """Make the edit taken back again."""
        if self.session is not None:
            self.session.undo_stack.redo()

    def _show_start(self) -> None:
        start = StartPage(self.opening.recent(), self.look)
        start.new_wanted.connect(self.jobs.new_pack)
        start.open_wanted.connect(self.jobs.choose_job)
        start.path_wanted.connect(lambda p: self.opening.open_path(Path(p)))
        start.demo_wanted.connect(self.opening.open_demo)
        start.first_pack_wanted.connect(self.learning.first_pack)
        start.day_wanted.connect(lambda: self.workshop.show_day())
        self.workshop.reminders.begin()
        if self.stack.count():
            old = self.stack.widget(0)
            assert old is not None
            self.stack.removeWidget(old)
            old.deleteLater()
        self.stack.insertWidget(0, start)

    # -- jobs -------------------------------------------------------------------------------------------

    def _drop_pages(self) -> None:
        pages, self.pages = self.pages, {}
        for page in pages.values():
            self.page_stack.removeWidget(page)
            page.deleteLater()

    def page(self, stage: Stage) -> Page:
        """The page of a stage, made when it is first wanted."""
        if stage not in self.pages:
            assert self.session is not None
            page = make_page(stage, self.session, self.system, self.page_stack)
            page.picked.connect(self.panel.light)
            connect(self, stage, page)
            self.pages[stage] = page
            self.page_stack.addWidget(page)
        return self.pages[stage]

    def _bench(self) -> "BenchPage":
        return cast("BenchPage", self.page(Stage.BENCH))

    # -- showing ----------------------------------------------------------------------------------------

    def go(self, stage: Stage) -> None:
        """Show a stage."""
        if self.session is None:
            return
        stages = self.session.plan.stages
        if stage not in stages:
            named = ", ".join(s.heading for s in stages)
            self.tell(f"A {self.session.design.kind.value} has no {stage.heading} stage; it has {named}.")
            return
        self.stage = stage
        self.rail.set_current(stage)
        new = stage not in self.pages
        page = self.page(stage)
        self.page_stack.setCurrentWidget(page)
        if not new:
            page.refresh()
        self.panel.paint()

    def enter(self, stage: Stage) -> None:
        """Show a stage to work in it: where something waits to be typed, the keyboard goes there."""
        self.go(stage)
        if self.session is not None and self.stage is stage:
            self.desk.show(page=True)
            self.page(stage).take_focus()

    def _refresh(self) -> None:
        session = self.session
        if session is None:
            return
        if session.design.kind is not self._kind:
            self._show_kind(session.design.kind)
        self.go(self.stage)

    def _show_kind(self, kind: JobKind) -> None:
        """Show the stages of a kind of job; pages are made anew, since some have other fields."""
        self._kind = kind
        self.rail.show_stages(PLANS[kind].stages)
        self._drop_pages()
        if self.stage not in PLANS[kind].stages:
            self.stage = Stage.BRIEF

    def _show_title(self) -> None:
        if self.session is None:
            self.setWindowTitle("Firm Cell")
            self.setWindowModified(False)
            return
        title = visible(f"{self.session.design.brief.title}[*] – {self.session.path.name} – Firm Cell")
        self.setWindowTitle(title)
        self.setWindowModified(self.session.dirty)

    def tell(self, sentence: str, keep: bool = False) -> None:
        """Show a sentence above the work until it is read, or for good if `keep`."""
        self._notice.stop()
        self.banner.setText(sentence)
        self.banner.setAccessibleName(sentence)
        self.banner.show()
        if self.stack.currentIndex() == 0:
            # The start page has no banner of its own.
            self.statusBar().showMessage(visible(sentence), NOTICE_MS)
        if not keep:
            self._notice.start()

    def _clear_notice(self) -> None:
        session = self.session
        if session is not None and session.read_only_because:
            self.banner.setText(f"Open for reading only: {session.read_only_because}.")
            return
        self.banner.hide()
        self.statusBar().hide() if not self.statusBar().currentMessage() else None

    # -- picking ----------------------------------------------------------------------------------------

    def go_to_finding(self, finding: Finding) -> None:
        """Show the stage of a finding, and what on the picture it is about."""
        self.go(finding.stage)
        refs = [r for r in finding.refs if r in self.view.targets()]
        if refs:
            self.panel.light(refs[0])

    def apply_fix(self) -> None:
        """Apply the fix of the finding picked, or of the first that has one."""
        session, finding = self.session, self.findings.current()
        if session is None or finding is None:
            self.tell("No finding has a fix that can be applied automatically.")
            return
        if guarded(lambda: session.apply_fix(finding), self.tell) and finding.fix:
            self.tell(f"{finding.code}: {finding.fix.words}. Ctrl+Z takes it back.")

    def go_to_section(self, stage: Stage, title: str) -> None:
        """Show a section of a page."""
        self.enter(stage)
        self.page(stage).jump.go_to(title)

    def step_section(self, by: int) -> None:
        """Scroll the page to its next section, or the one before."""
        page = self.pages.get(self.stage)
        if page is not None:
            page.jump.step(by)

    # -- looks and bench --------------------------------------------------------------------------------

    def toggle_bench_mode(self) -> None:
        """Fill the screen with the pack and the step at hand, in large type; or go back."""
        self.set_bench_mode(not self._bench_mode)
        if self._bench_mode:
            self.showFullScreen()
        elif self.isFullScreen():
            self.showNormal()

    def set_bench_mode(self, on: bool) -> None:
        """Let the step at hand fill the window, everything else out of sight; or go back."""
        self._bench_mode = on and self.session is not None
        self.at_bench.fill_window(self._bench_mode)

    def showEvent(self, event: Any) -> None:
        if self.session is None and not isinstance(self.stack.widget(0), StartPage):
            self._show_start()
            self.stack.setCurrentIndex(0)
        super().showEvent(event)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if files_of(event.mimeData()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        event.acceptProposedAction()
        take_files(self, files_of(event.mimeData()))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.desk.fit()

    def paintEvent(self, event: Any) -> None:
        super().paintEvent(event)
        self.painted.emit()

    def closeEvent(self, event: QCloseEvent) -> None:
        for task in self._tasks:
            task.give_up()
        windowed = not self._bench_mode
        if not guarded(self.opening.let_go, self.tell):
            event.ignore()
            return
        self.workshop.close()
        if windowed:
            self.settings.setValue("geometry", self.saveGeometry())
            self.desk.keep()
        event.accept()
