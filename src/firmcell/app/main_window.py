"""The main window: plate, rail, the pack in the middle, the stage's page, and the findings always in sight."""

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QPoint, QRect, QSettings, Qt, QTimer, Signal
from PySide6.QtGui import QAction, QActionGroup, QCloseEvent, QFont, QKeySequence
from PySide6.QtWidgets import (
    QApplication,
    QFileDialog,
    QHBoxLayout,
    QInputDialog,
    QLabel,
    QMainWindow,
    QSplitter,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.dialogs import NewPackDialog, ShortcutSheet
from firmcell.app.hand_tools import HINTS, HandTools
from firmcell.app.pack_view import PackView, Tool
from firmcell.app.pages import (
    PAGES,
    BenchPage,
    BmsPage,
    LayoutPage,
    Page,
    PassportPage,
    StripsPage,
    TestsPage,
)
from firmcell.app.pages.layout_page import TOOL_KEYS
from firmcell.app.pages.tests_page import SIMULATED
from firmcell.app.rating_plate import RatingPlate, StageRail
from firmcell.app.session import Session, guarded
from firmcell.app.start_page import StartPage
from firmcell.app.tables import FindingsList
from firmcell.app.theme import PALETTES, Palette, sized, style_sheet
from firmcell.core.analysis.findings import Finding, Severity, Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import PLANS, first_job
from firmcell.core.model.brief import Brief, SpaceShape
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Board
from firmcell.core.pictures.part_card import describe
from firmcell.core.pictures.stage_marks import StagePaint, stage_paint, with_strips
from firmcell.core.pictures.strip_colours import strip_paint
from firmcell.store.demo import make_demo
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.part_files import keep_part, load_library
from firmcell.store.units import System
from firmcell.store.whole_job import passport_bytes

if TYPE_CHECKING:
    from firmcell.app.trainer import Trainer

RECENT = 10
NOTICE_MS = 12_000


def _focus(place: Callable[[], QWidget | None]) -> None:
    widget = place()
    if widget is not None:
        widget.setFocus(Qt.FocusReason.ShortcutFocusReason)


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
        self.look: Palette = PALETTES.get(str(settings.value("look", "light")), PALETTES["light"])
        self._tasks: list[Task] = []
        self._bench_mode = False
        self._kind = JobKind.NEW_PACK
        self._make_widgets()
        self._make_actions()
        self._dress()
        self.resize(1280, 800)
        geometry = settings.value("geometry")
        if geometry is not None:
            self.restoreGeometry(geometry)
        screen = self.screen()
        if screen is not None and not self.isMaximized() and not self.isFullScreen():
            self.setGeometry(within(self.geometry(), screen.availableGeometry()))
        self._show_title()

    # -- making -----------------------------------------------------------------------------------------

    def _make_widgets(self) -> None:
        self.stack = QStackedWidget()
        self.setCentralWidget(self.stack)
        # The start page draws a whole pack; a window that opens on a job does not wait for it.
        self.stack.addWidget(QWidget())
        work = QWidget()
        column = QVBoxLayout(work)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        self.plate = RatingPlate(self.look)
        column.addWidget(self.plate)
        self.banner = QLabel()
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
        self.view.picked.connect(self._picked)
        self.card = QLabel(self.view)
        self.card.setTextFormat(Qt.TextFormat.RichText)
        self.card.setAccessibleName("Numbers of the part picked")
        self.card.hide()
        self.split.addWidget(self.view)
        self.hand = HandTools(self.view, lambda: self.session, self._faces_shown)
        self.hand.told.connect(self._hand_told)
        self.page_stack = QStackedWidget()
        self.page_stack.setMinimumWidth(300)
        self.split.addWidget(self.page_stack)
        self.split.setStretchFactor(0, 5)
        self.split.setStretchFactor(1, 3)
        self.split.setSizes([700, 440])
        middle.addWidget(self.split, 1)
        column.addLayout(middle, 1)
        self.findings_box = QWidget()
        lower = QVBoxLayout(self.findings_box)
        lower.setContentsMargins(10, 4, 10, 6)
        lower.setSpacing(3)
        self.findings_title = QLabel()
        self.findings_title.setObjectName("findingsTitle")
        self.findings_title.setFont(sized(0.95, QFont.Weight.DemiBold))
        lower.addWidget(self.findings_title)
        self.findings = FindingsList(self.look)
        self.findings.go.connect(self._go_to_finding)
        lower.addWidget(self.findings)
        line = self.findings.fontMetrics().height() + 9
        self.findings.setFixedHeight(line * 4 + 4)
        column.addWidget(self.findings_box)
        self.stack.addWidget(work)
        self.work = work
        self._notice = QTimer(self)
        self._notice.setSingleShot(True)
        self._notice.setInterval(NOTICE_MS)
        self._notice.timeout.connect(self._clear_notice)

    def _action(
        self, menu: Any, text: str, keys: str, call: Callable[[], Any], checkable: bool = False
    ) -> QAction:
        action = QAction(text, self)
        if keys:
            action.setShortcut(QKeySequence(keys))
        action.setCheckable(checkable)
        action.triggered.connect(lambda _=False: call())
        menu.addAction(action)
        self.addAction(action)
        return action

    def _make_actions(self) -> None:
        bar = self.menuBar()
        self._menus = [bar.addMenu(name) for name in ("&Job", "&Edit", "&Go", "&Bench", "&View")]
        job, edit, go, bench, view = self._menus
        self._action(job, "&New pack…", "Ctrl+N", self.new_pack)
        self._action(job, "&Open…", "Ctrl+O", self.choose_job)
        self._action(job, "Save a &copy as…", "Ctrl+Shift+S", self.save_copy)
        self._action(job, "&Save now", "Ctrl+S", lambda: self.session and self.session.save())
        job.addSeparator()
        self._action(job, "Write &passport PDF…", "Ctrl+P", lambda: self.export_passport("pdf"))
        self._action(job, "Write passport &HTML…", "", lambda: self.export_passport("html"))
        job.addSeparator()
        self._action(job, "&Start page", "Ctrl+W", self.close_job)
        self._action(job, "&Quit", "Ctrl+Q", self.close)
        self.undo_action = self._action(edit, "&Undo", "Ctrl+Z", self.undo)
        self.redo_action = self._action(edit, "&Redo", "Ctrl+Shift+Z", self.redo)
        edit.addSeparator()
        self._action(edit, "Apply the &fix of the finding", "Ctrl+.", self.apply_fix)
        hand = bar.addMenu("&Hand")
        for tool, keys in TOOL_KEYS.items():
            self._action(hand, tool.value.capitalize(), keys, partial(self.take_tool, tool))
        self._menus.insert(3, hand)
        for number, stage in enumerate(Stage, start=1):
            self._action(go, stage.heading, f"Alt+{number % 10}", partial(self.enter, stage))
        go.addSeparator()
        for text, keys, place in (
            ("Stages", "F2", lambda: self.rail),
            ("Picture", "F3", lambda: self.view),
            ("Page", "F4", self._first_field),
            ("Findings", "F5", lambda: self.findings),
        ):
            self._action(
                go,
                f"Keyboard to {text.lower()}",
                keys,
                partial(_focus, place),
            )
        self.bench_action = self._action(
            bench, "&Bench mode, large type", "F11", self.toggle_bench_mode, checkable=True
        )
        self._action(bench, "&Passed", "Ctrl+Space", self._pass_step)
        self._action(bench, "&Not right…", "Ctrl+R", self._not_right)
        self._action(bench, "&Who is at the bench…", "", self.ask_person)
        self._action(bench, "&Meter…", "", self.ask_meter)
        self._action(bench, "&Read with the meter", "F8", self._read_meter)
        self._action(bench, "&Practise with a hidden fault…", "Ctrl+H", self.practise)
        self._action(view, "&Turn about the other axis", "Ctrl+T", self.turn_axis)
        self._action(view, "&Fit the picture", "Ctrl+0", self.view.fit)
        self.section_action = self._action(
            view, "&Section through the pack", "Ctrl+E", self._paint, checkable=True
        )
        view.addSeparator()
        self._action(view, "&Light or dark", "Ctrl+D", self.toggle_look)
        units = QActionGroup(self)
        for text, system in (("&Metric (mm, mm², °C)", "metric"), ("&Inch (in, AWG, °F)", "inch")):
            action = self._action(view, text, "", partial(self.set_system, system), checkable=True)
            action.setChecked(self.system == system)
            units.addAction(action)
        self._action(view, "&Keys…", "F1", self.show_keys)

    def undo(self) -> None:
        """Take the last edit back."""
        if self.session is not None:
            self.session.undo_stack.undo()

    def redo(self) -> None:
        """Make the edit taken back again."""
        if self.session is not None:
            self.session.undo_stack.redo()

    def _show_start(self) -> None:
        start = StartPage(self.recent(), self.look)
        start.new_wanted.connect(self.new_pack)
        start.open_wanted.connect(self.choose_job)
        start.path_wanted.connect(lambda p: self.open_path(Path(p)))
        start.demo_wanted.connect(self.open_demo)
        if self.stack.count():
            old = self.stack.widget(0)
            assert old is not None
            self.stack.removeWidget(old)
            old.deleteLater()
        self.stack.insertWidget(0, start)

    def _dress(self) -> None:
        QApplication.instance().setStyleSheet(style_sheet(self.look))  # type: ignore[union-attr]
        for part in (self.plate, self.rail, self.view, self.findings):
            part.set_palette(self.look)
        start = self.stack.widget(0)
        if isinstance(start, StartPage):
            start.picture.set_palette(self.look)

    # -- jobs -------------------------------------------------------------------------------------------

    def recent(self) -> list[str]:
        """Paths opened lately that still exist."""
        value = self.settings.value("recent", [])
        paths = (
            [value] if isinstance(value, str) else [str(v) for v in value] if isinstance(value, list) else []
        )
        return [p for p in paths if Path(p).exists()]

    def _remember(self, path: Path) -> None:
        text = str(path.absolute())
        self.settings.setValue("recent", [text, *[p for p in self.recent() if p != text]][:RECENT])

    def open_path(self, path: Path) -> bool:
        """Open a job file in this window; on refusal the window stays as it is."""
        if self._is_open(path):
            return True
        return guarded(lambda: self._take_job(JobFile.open(path)), self.tell)

    def _is_open(self, path: Path) -> bool:
        """Whether this window has the file open; opening it again would find it held by ourselves."""
        return self.session is not None and path.exists() and path.samefile(self.session.path)

    def open_demo(self, name: str, fresh: bool = False) -> bool:
        """Open a demo job; it is made on first use and then kept with what was changed in it."""
        path = self.demo_folder / f"{name}{SUFFIX}"

        if self._is_open(path) and not fresh:
            return True

        def make() -> None:
            if fresh and self._is_open(path):
                self._let_go()
            if fresh and path.exists():
                path.replace(path.with_suffix(f".before{SUFFIX}"))
            if not path.exists():
                make_demo(name, self.demo_folder)
            self._take_job(JobFile.open(path))

        return guarded(make, self.tell)

    def _take_job(self, job: JobFile) -> None:
        try:
            session = Session(job, self.library, str(self.settings.value("person", "")), self)
        except Refusal:
            job.close()
            raise
        self._let_go()
        self.session = session
        session.changed.connect(self._refresh)
        session.recorded.connect(self._refresh)
        session.metal_ready.connect(self._refresh)
        session.fixes_ready.connect(self._refresh)
        session.saved.connect(lambda on_disk: self.setWindowModified(not on_disk))
        session.refused.connect(self.tell)
        session.undo_stack.indexChanged.connect(self._show_undo)
        self._remember(job.path)
        self._show_kind(session.design.kind)
        self.view.select("")
        self.view.fit()
        self.stack.setCurrentWidget(self.work)
        self._show_title()
        fault = job.verify()
        if fault:
            self.tell(f"The record of this job does not hold: {fault}", keep=True)
        elif session.read_only_because:
            self.tell(f"Open for reading only: {session.read_only_because}.", keep=True)
        else:
            self._clear_notice()
        self._show_undo()
        self.go(Stage.BENCH if session.state.steps else Stage.BRIEF)

    def _drop_pages(self) -> None:
        for page in self.pages.values():
            self.page_stack.removeWidget(page)
            page.deleteLater()
        self.pages = {}

    def page(self, stage: Stage) -> Page:
        """The page of a stage, made when it is first wanted."""
        if stage not in self.pages:
            assert self.session is not None
            page = next(kind for kind in PAGES if kind.stage is stage)(self.session, self.system)
            page.picked.connect(self._light)
            if isinstance(page, BenchPage):
                page.go_to_tests.connect(partial(self.enter, Stage.TESTS))
                page.step_shown.connect(self._paint)
            elif isinstance(page, TestsPage):
                page.back_to_bench.connect(partial(self.enter, Stage.BENCH))
                page.practise.connect(self.practise)
                page.meter_address = str(self.settings.value("meter", SIMULATED))
            elif isinstance(page, LayoutPage):
                page.tool_wanted.connect(self.take_tool)
                page.group_wanted.connect(lambda group: setattr(self.hand, "group", group))
                page.outline_wanted.connect(self.choose_outline)
                page.export_wanted.connect(self.export)
            elif isinstance(page, StripsPage):
                page.load_changed.connect(self._paint_metal)
                page.measured_wanted.connect(self.choose_measured)
                page.export_wanted.connect(self.export)
            elif isinstance(page, BmsPage):
                page.export_wanted.connect(self.export)
                page.board_wanted.connect(self.own_board)
            elif isinstance(page, PassportPage):
                page.export.connect(self.export_passport)
            self.pages[stage] = page
            self.page_stack.addWidget(page)
        return self.pages[stage]

    def _bench(self) -> BenchPage:
        page = self.page(Stage.BENCH)
        assert isinstance(page, BenchPage)
        return page

    def _let_go(self) -> None:
        if self.session is not None:
            if not self.session.close():
                raise Refusal("The job that is open could not be saved, so it stays open.")
            self.session.deleteLater()
            self.session = None

    def close_job(self) -> None:
        """Save, close and show the start page."""
        if guarded(self._let_go, self.tell):
            self._show_start()
            self.stack.setCurrentIndex(0)
            self._show_title()

    def new_pack(self) -> None:
        """Ask for a brief and make a job from it."""
        folder = Path(str(self.settings.value("folder", Path.home())))
        dialog = NewPackDialog(self.system, folder, self)
        if dialog.exec() and dialog.brief is not None:
            self.make_from_brief(dialog.brief, dialog.path, dialog.job_kind)

    def make_from_brief(self, brief: Brief, path: Path, kind: JobKind = JobKind.NEW_PACK) -> None:
        """Propose a design off the interface thread, then make the job and open it."""
        self.tell("Looking for what does it best …", keep=True)

        def made(design: Any) -> None:
            self._clear_notice()
            person = str(self.settings.value("person", ""))
            if guarded(
                lambda: self._take_job(JobFile.create(path, design, person, "proposed from the brief")),
                self.tell,
            ):
                self.settings.setValue("folder", str(path.parent))

        self._tasks.append(Task(lambda: first_job(brief, kind, self.library), made, self.tell).start())

    def choose_job(self) -> None:
        """Ask for a job file and open it."""
        folder = str(self.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(
            self, "Open a job", folder, f"Firm Cell job (*{SUFFIX});;All files (*)"
        )
        if name and self.open_path(Path(name)):
            self.settings.setValue("folder", str(Path(name).parent))

    def save_copy(self) -> None:
        """Write a copy of the job under another name and go on in it."""
        if self.session is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self, "Save a copy as", str(self.session.path), f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            path = Path(name) if name.endswith(SUFFIX) else Path(name + SUFFIX)
            session = self.session
            session.save()
            if guarded(lambda: session.job.copy_to(path), self.tell):
                self.open_path(path)

    def choose_outline(self) -> None:
        """Ask for a file with the outline of the space and take it."""
        folder = str(self.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(
            self, "Outline of the space", folder, "Outlines (*.dxf *.svg *.csv);;All files (*)"
        )
        if name:
            self.take_outline(Path(name))

    def take_outline(self, path: Path) -> None:
        """Make the outline in a file the space of the job."""
        session = self.session
        if session is None:
            return

        def take() -> None:
            from firmcell.store.outline_files import read_outline

            ring = read_outline(path)
            edits = (("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", ring))
            if session.edit_all(edits, f"Take the outline of {path.name}"):
                self.tell(f"{path.name}: an outline of {len(ring)} corners. Now find places.")

        guarded(take, self.tell)

    def choose_measured(self) -> None:
        """Ask for a file with measured resistances of the cells and take it."""
        folder = str(self.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(
            self, "Measured cells", folder, "CSV (*.csv *.txt);;All files (*)"
        )
        if name:
            self.take_measured(Path(name))

    def take_measured(self, path: Path) -> None:
        """Let the measured resistances in a file count instead of those of the class."""
        session = self.session
        if session is None:
            return

        def take() -> None:
            from firmcell.store.resistance_csv import resistances_from_csv

            try:
                text = path.read_text(encoding="utf-8")
            except (OSError, UnicodeDecodeError):
                raise Refusal(f"{path.name} cannot be read as text in UTF-8.") from None
            ohms = resistances_from_csv(text, path.name, session.design.cell_count)
            if session.edit_all((("measured_ohm", ohms),), f"Take the measured cells of {path.name}"):
                self.tell(f"{sum(o > 0 for o in ohms)} of {len(ohms)} cells are measured now.")

        guarded(take, self.tell)

    def own_board(self) -> None:
        """Ask for a board of the user's own, keep it among their parts, and take it."""
        from firmcell.app.board_dialog import BoardDialog

        session = self.session
        if session is None:
            return
        dialog = BoardDialog(session.design, self.system, self)
        if dialog.exec() and dialog.board is not None:
            self.take_board(dialog.board)

    def take_board(self, board: Board) -> None:
        """Keep a board in the user's own parts folder and put it into the design."""
        session = self.session
        if session is None:
            return

        def take() -> None:
            path = keep_part(board)
            self.library = load_library()[0]
            session.library = self.library
            session.edit("bms.board", board, f"Take the {board.name}")
            self._drop_pages()
            self.go(Stage.BMS)
            self.tell(f"{board.name} is kept in {path}.")

        guarded(take, self.tell)

    def export(self, kind: str) -> None:
        """Ask where, and write the layout off the interface thread."""
        if self.session is None:
            return
        from firmcell.store.layout_files import EXPORT_SUFFIX

        suffix = EXPORT_SUFFIX[kind]
        start = self.session.path.with_name(f"{self.session.path.stem}-{kind}{suffix}")
        name, _ = QFileDialog.getSaveFileName(self, "Write the layout", str(start), f"*{suffix}")
        if name:
            self.write_layout(kind, Path(name))

    def write_layout(self, kind: str, path: Path) -> None:
        """Write one kind of layout file to `path`."""
        assert self.session is not None
        design, library = self.session.design, self.session.library
        paper = "letter" if self.system == "inch" else "a4"

        def write() -> None:
            # Imported here: paper, drawings and solids load packages that no start needs.
            from firmcell.store.layout_files import layout_bytes

            path.write_bytes(layout_bytes(design, library, kind, paper))

        task = Task(
            write,
            lambda _: self.tell(f"Written: {path}"),
            self.tell,
        )
        self._tasks.append(task.start())

    def export_passport(self, kind: str) -> None:
        """Ask where, and write the passport off the interface thread."""
        if self.session is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self, "Write the passport", str(self.session.path.with_suffix(f".{kind}")), f"*.{kind}"
        )
        if name:
            self.write_passport(kind, Path(name))

    def write_passport(self, kind: str, path: Path) -> None:
        """Write the passport of the job as it stands now to `path`."""
        assert self.session is not None
        design, events, library = self.session.design, list(self.session.events), self.library
        task = Task(
            lambda: path.write_bytes(passport_bytes(design, events, library, kind)),
            lambda _: self.tell(f"The passport is written: {path}"),
            self.tell,
        )
        self._tasks.append(task.start())

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
        self._paint()

    def enter(self, stage: Stage) -> None:
        """Show a stage to work in it: where something waits to be typed, the keyboard goes there."""
        self.go(stage)
        if self.session is not None and self.stage is stage:
            self.page(stage).take_focus()

    def _refresh(self) -> None:
        session = self.session
        if session is None:
            return
        if session.design.kind is not self._kind:
            self._show_kind(session.design.kind)
        self.page(self.stage).refresh()
        self._paint()

    def _show_kind(self, kind: JobKind) -> None:
        """Show the stages of a kind of job; pages are made anew, since some have other fields."""
        self._kind = kind
        self.rail.show_stages(PLANS[kind].stages)
        self._drop_pages()
        if self.stage not in PLANS[kind].stages:
            self.stage = Stage.BRIEF
        self.rail.set_current(self.stage)
        self.page_stack.setCurrentWidget(self.page(self.stage))

    def _paint(self) -> None:
        session = self.session
        if session is None:
            return
        analysis, design = session.analysis, session.design
        current = self._bench().step if self.stage is Stage.BENCH else None
        faces = self._faces_shown()
        paint = stage_paint(self.stage, design, analysis, session.state, session.steps, current)
        if session.plan.caption and self.stage is not Stage.BENCH:
            paint = StagePaint(caption=session.plan.caption)
        if self.view.tool is Tool.STRIP:
            paint = with_strips(paint)
        self.view.show_faces([session.picture(f) for f in faces], paint)
        self._paint_metal()
        self._show_card(self.view.selected)
        self.rail.show_states({stage: session.stage_state(stage) for stage in session.plan.stages})
        self.findings.findings.set_items(session.findings)
        counts = [sum(f.severity is severity for f in session.findings) for severity in Severity]
        words = (
            ", ".join(f"{n} {s.word}" for n, s in zip(counts, Severity, strict=True) if n)
            or "nothing found wrong"
        )
        self.findings_title.setText(f"Findings: {words}.   Enter goes there, Ctrl+. applies a fix")
        title, pairs = session.plan.plate(design, analysis)
        self.plate.show_plate(design.brief.title, title, pairs)
        self._show_title()

    def _faces_shown(self) -> list[Face | str]:
        """What is on the picture in order: faces, "section", "leads", "wiring", or the one picture of this kind of "job"."""
        current = self._bench().step if self.session and self.stage is Stage.BENCH else None
        if self.session is not None and self.session.plan.picture is not None:
            return ["job"]
        if self._bench_mode and current and current.face:
            # At the bench only the face that lies up now is shown.
            return [current.face]
        if self.stage is Stage.INSULATION:
            return [Face.TOP, "section"]
        if self.stage is Stage.BMS:
            return [Face.TOP, Face.BOTTOM, "wiring"]
        if self.stage is Stage.LEADS:
            assert self.session is not None
            taps = self.session.analysis.bms.taps
            return ["leads", *dict.fromkeys((taps[-1].face, taps[0].face))]
        return [Face.TOP, Face.BOTTOM, *(["section"] if self.section_action.isChecked() else [])]

    def take_tool(self, tool: Tool) -> None:
        """Take up a tool for the picture of the Layout stage."""
        if self.session is None:
            return
        if tool is not Tool.LOOK and self.stage is not Stage.LAYOUT:
            self.go(Stage.LAYOUT)
        self.hand.choose(tool)
        self._paint()
        page = self.pages.get(Stage.LAYOUT)
        if isinstance(page, LayoutPage):
            page.show_tool(tool, HINTS[tool])

    def _hand_told(self, words: str) -> None:
        page = self.pages.get(Stage.LAYOUT)
        if isinstance(page, LayoutPage):
            page.tell(words)

    def _paint_metal(self) -> None:
        """Lay heat or current over the strips in the Metal stage; nothing elsewhere, or while it is worked out."""
        session, page = self.session, self.pages.get(Stage.STRIPS)
        loaded = page.loaded() if isinstance(page, StripsPage) and self.stage is Stage.STRIPS else None
        if session is None or session.metal is None or loaded is None or not isinstance(page, StripsPage):
            self.view.show_bands([], None)
            return
        paint = strip_paint(
            session.metal, loaded, page.shown, session.design.arrangement.turn_axis, page.failure_shares()
        )
        bands = [paint.bands[f] if isinstance(f, Face) else () for f in self._faces_shown()]
        self.view.show_bands(bands, paint.scale)

    def _show_title(self) -> None:
        if self.session is None:
            self.setWindowTitle("Firm Cell")
            self.setWindowModified(False)
            return
        self.setWindowTitle(f"{self.session.design.brief.title}[*] – {self.session.path.name} – Firm Cell")
        self.setWindowModified(self.session.dirty)

    def _show_undo(self) -> None:
        stack = self.session.undo_stack if self.session else None
        for action, can, text, word in (
            (self.undo_action, stack and stack.canUndo(), stack.undoText() if stack else "", "&Undo"),
            (self.redo_action, stack and stack.canRedo(), stack.redoText() if stack else "", "&Redo"),
        ):
            action.setEnabled(bool(can))
            action.setText(f"{word} {text}".strip())

    def tell(self, sentence: str, keep: bool = False) -> None:
        """Show a sentence above the work until it is read, or for good if `keep`."""
        self._notice.stop()
        self.banner.setText(sentence)
        self.banner.setAccessibleName(sentence)
        self.banner.show()
        if self.stack.currentIndex() == 0:
            # The start page has no banner of its own.
            self.statusBar().showMessage(sentence, NOTICE_MS)
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

    def _light(self, ref: str) -> None:
        """A page asks to light a part; the page itself is not told again."""
        self.view.blockSignals(True)
        self.view.select(ref)
        self.view.blockSignals(False)
        # While readings are typed they stand on the picture, and a card would lie over the ones before.
        self._show_card("" if self.stage is Stage.TESTS else ref)

    def _picked(self, ref: str) -> None:
        self._show_card(ref)
        if ref and self.session is not None:
            self.page(self.stage).point_at(ref)

    def _show_card(self, ref: str) -> None:
        told = (
            describe(ref, self.session.design, self.session.analysis, self.session.metal)
            if ref and self.session
            else None
        )
        if told is None:
            self.card.hide()
            return
        p = self.look
        rows = "".join(
            f"<tr><td style='color:{p.quiet};padding-right:10px'>{n}</td><td>{v}</td></tr>"
            for n, v in told.rows
        )
        why = f"<div style='color:{p.quiet}'>{told.why}</div>" if told.why else ""
        self.card.setText(f"<b>{told.title}</b><table>{rows}</table>{why}")
        self.card.setStyleSheet(
            f"background:{p.raised};border:1px solid {p.accent};border-radius:5px;padding:7px;"
        )
        self.card.setWordWrap(True)
        self.card.setMaximumWidth(
            max(min(self.view.width() - 24, self.fontMetrics().averageCharWidth() * 46), 200)
        )
        self.card.adjustSize()
        # In the corner away from the part, so that it does not cover what it tells about.
        at = self.view.place_of(ref)
        low = at is None or at.y() < self.view.height() / 2
        right = at is not None and at.x() < self.view.width() / 2
        self.card.move(
            self.view.width() - self.card.width() - 12 if right else 12,
            self.view.height() - self.card.height() - 12 if low else 12,
        )
        self.card.show()
        self.card.raise_()

    def _go_to_finding(self, finding: Finding) -> None:
        self.go(finding.stage)
        refs = [r for r in finding.refs if r in self.view.targets()]
        if refs:
            self._light(refs[0])

    def apply_fix(self) -> None:
        """Apply the fix of the finding picked, or of the first that has one."""
        session, finding = self.session, self.findings.current()
        if session is None or finding is None:
            self.tell("There is no finding with a fix that can be applied for you.")
            return
        if guarded(lambda: session.apply_fix(finding), self.tell) and finding.fix:
            self.tell(f"{finding.code}: {finding.fix.words}. Ctrl+Z takes it back.")

    def _first_field(self) -> QWidget | None:
        page = self.pages.get(self.stage)
        if page is None:
            return None
        fields = [
            w
            for w in page.findChildren(QWidget)
            if w.focusPolicy() & Qt.FocusPolicy.TabFocus and w.isVisible() and w.isEnabled()
        ]
        return fields[0] if fields else page

    # -- looks and bench --------------------------------------------------------------------------------

    def toggle_look(self) -> None:
        """Change between light and dark."""
        self.look = PALETTES["dark" if self.look.name == "light" else "light"]
        self.settings.setValue("look", self.look.name)
        self._dress()
        self._paint()

    def set_system(self, system: str) -> None:
        """Show metric or inch units."""
        self.system = "inch" if system == "inch" else "metric"
        self.settings.setValue("system", self.system)
        if self.session is not None:
            self._drop_pages()
            self.go(self.stage)

    def turn_axis(self) -> None:
        """Turn the pack about its other axis in the picture and in the work plan."""
        session = self.session
        if session is None:
            return
        axis = TurnAxis.SHORT if session.design.arrangement.turn_axis is TurnAxis.LONG else TurnAxis.LONG
        guarded(
            lambda: session.edit("arrangement.turn_axis", axis, f"Turn about the {axis.value} axis"),
            self.tell,
        )

    def toggle_bench_mode(self) -> None:
        """Fill the screen with the pack and the step at hand, in large type; or go back."""
        self.set_bench_mode(not self._bench_mode)
        if self._bench_mode:
            self.showFullScreen()
        elif self.isFullScreen():
            self.showNormal()

    def set_bench_mode(self, on: bool) -> None:
        """Show only the pack and the step at hand, in large type."""
        self._bench_mode = on and self.session is not None
        self.bench_action.setChecked(self._bench_mode)
        for part in (self.rail, self.plate, self.findings_box, self.menuBar()):
            part.setVisible(not self._bench_mode)
        if self.session is not None:
            self._bench().set_large(self._bench_mode)
            self.go(Stage.BENCH)
        self.split.setSizes([1000, 1000] if self._bench_mode else [700, 440])

    def _pass_step(self) -> None:
        if self.session is not None and self.stage is Stage.BENCH:
            self._bench().pass_now()

    def _not_right(self) -> None:
        if self.session is not None and self.stage is Stage.BENCH:
            self._bench().not_right()

    def ask_meter(self) -> None:
        """Ask for the address of the meter; the simulated one needs none."""
        address, given = QInputDialog.getText(
            self,
            "Meter",
            "VISA address of a meter that speaks SCPI, or “simulated”:",
            text=str(self.settings.value("meter", SIMULATED)),
        )
        if given:
            self.set_meter(address.strip() or SIMULATED)

    def set_meter(self, address: str) -> None:
        """Take readings from the meter at this address from now on."""
        self.settings.setValue("meter", address)
        page = self.pages.get(Stage.TESTS)
        if isinstance(page, TestsPage):
            page.meter_address = address
        self.tell(f"Readings come from {'the simulated meter' if address == SIMULATED else address} now.")

    def _read_meter(self) -> None:
        if self.session is not None and Stage.TESTS in self.session.plan.stages:
            self.go(Stage.TESTS)
            page = self.page(Stage.TESTS)
            assert isinstance(page, TestsPage)
            page.read_with_meter()

    def practise(self) -> None:
        """Open the trainer on a pack like this one."""
        trainer = self.trainer()
        if trainer is not None:
            trainer.exec()

    def trainer(self) -> "Trainer | None":
        """The trainer for the open pack; None where there is none to practise on."""
        # Imported here: most starts do not practise.
        from firmcell.app.trainer import Trainer
        from firmcell.core.tap_check.faults import MOST_SERIES
        from firmcell.core.tap_check.recorded_readings import pack_asked

        session = self.session
        if session is None or not 2 <= session.design.series <= MOST_SERIES:
            self.tell(f"Open a pack of 2 to {MOST_SERIES} groups to practise on.")
            return None
        faces = [session.face(face) for face in Face]
        return Trainer(pack_asked(session.design, session.state), faces, self.look, self.settings, self)

    def ask_person(self) -> None:
        """Ask who is at the bench; every record carries the name."""
        name, given = QInputDialog.getText(
            self,
            "Who is at the bench",
            "Name that stands with each record:",
            text=str(self.settings.value("person", "")),
        )
        if given:
            self.set_person(name.strip()[:60])

    def set_person(self, name: str) -> None:
        """Record under this name from now on."""
        self.settings.setValue("person", name)
        if self.session is not None:
            self.session.person = name
            self._refresh()

    def show_keys(self) -> None:
        """Show every key."""
        self.keys_sheet().exec()

    def keys_sheet(self) -> ShortcutSheet:
        """The sheet of all shortcuts, made from the menus and the picture's own keys."""
        groups: list[tuple[str, list[tuple[str, str]]]] = []
        for menu in self._menus:
            keys = [
                (a.shortcut().toString(QKeySequence.SequenceFormat.NativeText), a.text().replace("&", ""))
                for a in menu.actions()
                if not a.shortcut().isEmpty()
            ]
            groups.append((menu.title().replace("&", ""), keys))
        groups.append(
            (
                "On the picture",
                [
                    ("Arrows", "move"),
                    ("+ and −", "zoom"),
                    ("0", "fit"),
                    ("[ and ]", "walk from part to part"),
                    ("Esc", "pick nothing"),
                ],
            )
        )
        groups.append(("In lists", [("Enter", "go there, or take it"), ("Up and Down", "move")]))
        return ShortcutSheet(groups, self)

    def showEvent(self, event: Any) -> None:
        if self.session is None and not isinstance(self.stack.widget(0), StartPage):
            self._show_start()
            self.stack.setCurrentIndex(0)
        super().showEvent(event)

    def paintEvent(self, event: Any) -> None:
        super().paintEvent(event)
        self.painted.emit()

    def closeEvent(self, event: QCloseEvent) -> None:
        for task in self._tasks:
            task.give_up()
        if not guarded(self._let_go, self.tell):
            event.ignore()
            return
        if not self._bench_mode:
            self.settings.setValue("geometry", self.saveGeometry())
        event.accept()
