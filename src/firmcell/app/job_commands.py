"""New jobs, files that come in and go out, parts of one's own: what the Job menu and the pages ask for."""

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any, cast

from PySide6.QtCore import QLocale, Qt
from PySide6.QtWidgets import (
    QFileDialog,
)

from firmcell.app.background import Task
from firmcell.app.language.edge import language
from firmcell.app.language.spoken import tongue_of
from firmcell.app.measured_files import MeasuredFiles
from firmcell.app.session import bound_of, guarded
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import existing_job, first_job
from firmcell.core.jobs.handed_out import refuse_unless_there
from firmcell.core.model.brief import Brief, SpaceShape
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.parts import Board
from firmcell.core.stock.at_hand import NOTHING, AtHand
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.part_files import keep_part, load_library
from firmcell.store.whole_files import write_whole

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.pages.passport_page import PassportPage
    from firmcell.core.changes.existing_pack import PackAsItIs
    from firmcell.core.model.design import Design
    from firmcell.core.model.parts import Cell
    from firmcell.store.outline_files import Ring


class JobCommands:
    """New jobs, files that come in and go out, parts of one's own: what the Job menu and the pages ask
    for."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self.measured = MeasuredFiles(window)

    def new_pack(self) -> None:
        """Ask for a brief and make a job from it."""
        folder = Path(str(self.window.settings.value("folder", Path.home())))
        from firmcell.app.new_job_dialog import NewPackDialog

        shop = str(self.window.settings.value("shop/welder", Welder.MEDIUM.value))
        dialog = NewPackDialog(
            self.window.system, folder, self.window.library, self.window, shop, self.window.look
        )
        self.window.workshop.what_is_there(
            lambda have: dialog.take_stock(have.at_hand, have.welder) if dialog.isVisible() else None
        )
        if dialog.exec() and dialog.brief is not None:
            self.window.settings.setValue("shop/welder", dialog.welders.currentText())
            self.make_from_brief(
                dialog.brief,
                dialog.path,
                dialog.job_kind,
                dialog.existing,
                dialog.welder,
                dialog.cell,
                dialog.at_hand,
            )

    def make_from_brief(
        self,
        brief: Brief,
        path: Path,
        kind: JobKind = JobKind.NEW_PACK,
        existing: "PackAsItIs | None" = None,
        welder: Welder | None = Welder.MEDIUM,
        cell: "Cell | None" = None,
        at_hand: AtHand = NOTHING,
    ) -> None:
        """Propose a design off the interface thread, or take the pack that is there; then make the job and
        open it."""
        library = self.window.library
        note = "proposed from the brief" if existing is None else "the pack as it is"
        self.window.tell("Working out a first design …", keep=True)

        def made(design: Any) -> None:
            self.window._clear_notice()
            person = str(self.window.settings.value("person", ""))
            if guarded(
                lambda: self.window.opening.take_job(JobFile.create(path, design, person, note)),
                self.window.tell,
            ):
                self.window.settings.setValue("folder", str(path.parent))
                self.window.workshop.notes.made(path)

        def work() -> "Design":
            if existing is not None:
                return existing_job(existing, brief, kind, library)
            return first_job(brief, kind, library, cell, welder, at_hand)

        self.window._tasks.append(Task(work, made, self.window.tell).start())

    def choose_job(self) -> None:
        """Ask for a job file and open it."""
        folder = str(self.window.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(
            self.window, "Open a job", folder, f"Firm Cell job (*{SUFFIX});;All files (*)"
        )
        if name and self.window.opening.open_path(Path(name)):
            self.window.settings.setValue("folder", str(Path(name).parent))

    def save_copy(self) -> None:
        """Write a copy of the job under another name and go on in it."""
        if self.window.session is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Save a copy as", str(self.window.session.path), f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            path = Path(name) if name.endswith(SUFFIX) else Path(name + SUFFIX)
            session = self.window.session
            session.save()
            if guarded(lambda: session.job.copy_to(path), self.window.tell):
                self.window.opening.open_path(path)

    def take_exchanged(self, path: Path) -> None:
        """Ask where, and make a job of an exchanged one."""
        start = str(path.with_suffix(SUFFIX))
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Make a job of it", start, f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            self.import_exchanged(path, Path(name if name.endswith(SUFFIX) else name + SUFFIX))

    def import_exchanged(self, path: Path, job: Path) -> None:
        """Make a job of an exchanged one off the interface thread, and open it."""

        def make() -> None:
            # Loaded when first wanted: few jobs come so.
            from firmcell.store.exchange import import_job
            from firmcell.store.strangers import MOST_JSON_BYTES, text_of

            import_job(text_of(path, MOST_JSON_BYTES), str(path), job).close()

        def opened(_: None) -> None:
            self.window.opening.open_path(job)

        task = Task(make, opened, self.window.tell)
        self.window._tasks.append(task.start())

    def choose_outline(self) -> None:
        """Ask for a file with the outline of the space and take it."""
        folder = str(self.window.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(
            self.window, "Outline of the space", folder, "Outlines (*.dxf *.svg *.csv);;All files (*)"
        )
        if name:
            self.take_outline(Path(name))

    def take_outline(self, path: Path) -> None:
        """Make the outline in a file the space of the job."""
        session = self.window.session
        if session is None:
            return

        def read() -> "Ring":
            # Imported here: drawings load packages that no start needs.
            from firmcell.store.outline_files import read_outline

            return read_outline(path)

        def take(ring: "Ring") -> None:
            profile = session.design.brief.space is SpaceShape.PROFILE
            shape = SpaceShape.PROFILE if profile else SpaceShape.OUTLINE
            edits = (("brief.space", shape), ("brief.outline_m", ring))
            if session.edit_all(edits, f"Take the outline of {path.name}"):
                self.window.tell(f"{path.name}: an outline of {len(ring)} corners. Now find places.")

        self._read(read, take)

    def _read(self, read: Callable[[], Any], take: Callable[[Any], None]) -> None:
        """Read a file off the interface thread, then take what is in it, if the same job is still open."""
        session = self.window.session

        def found(what: Any) -> None:
            if self.window.session is session:
                guarded(lambda: take(what), self.window.tell)

        self.window._tasks.append(Task(read, found, self.window.tell).start())

    def own_board(self) -> None:
        """Ask for a board of the user's own, keep it among their parts, and take it."""
        from firmcell.app.board_dialog import BoardDialog

        session = self.window.session
        if session is None:
            return
        dialog = BoardDialog(session.design, self.window.system, self.window)
        if dialog.exec() and dialog.board is not None:
            self.take_board(dialog.board)

    def take_board(self, board: Board) -> None:
        """Keep a board in the user's own parts folder and put it into the design."""
        session = self.window.session
        if session is None:
            return

        def take() -> None:
            path = keep_part(board)
            self.window.library = load_library()[0]
            session.library = self.window.library
            session.edit("bms.board", board, f"Take the {board.name}")
            self.window._drop_pages()
            self.window.go(Stage.BMS)
            self.window.tell(f"{board.name} is kept in {path}.")

        guarded(take, self.window.tell)

    def _has(self, kind: str) -> bool:
        """Whether the job that is open has what such a file tells of; says so if not."""
        session = self.window.session
        return session is not None and guarded(
            lambda: refuse_unless_there(session.plan, session.design.kind.value, kind), self.window.tell
        )

    def export(self, kind: str) -> None:
        """Ask where, and write the layout off the interface thread."""
        if not self._has(kind):
            return
        from firmcell.store.layout_files import EXPORT_SUFFIX

        assert self.window.session is not None

        suffix = EXPORT_SUFFIX[kind]
        start = self.window.session.path.with_name(f"{self.window.session.path.stem}-{kind}{suffix}")
        name, _ = QFileDialog.getSaveFileName(self.window, "Write the layout", str(start), f"*{suffix}")
        if name:
            self.write_layout(kind, Path(name))

    def write_layout(self, kind: str, path: Path) -> None:
        """Write one kind of layout file to `path`."""
        assert self.window.session is not None
        design, library = self.window.session.design, self.window.session.library
        paper, speaks = "letter" if self.window.system == "inch" else "a4", language()

        def write() -> None:
            # Imported here: paper, drawings and solids load packages that no start needs.
            from firmcell.store.layout_files import layout_bytes

            # The dialog has asked whether a file that is there is to be replaced.
            write_whole(path, layout_bytes(design, library, kind, paper, tongue_of(speaks)), replace=True)

        task = Task(
            write,
            lambda _: self.window.tell(f"Written: {path}"),
            self.window.tell,
        )
        self.window._tasks.append(task.start())

    def photos(self) -> None:
        """Show the photos of the pack, in a window of their own."""
        session = self.window.session
        if session is None:
            self.window.tell("Open a job first: photos are kept in it.")
            return
        # Loaded when first wanted: most jobs have no photo.
        from firmcell.app.photo_window import PhotoWindow

        for shown in self.window.findChildren(PhotoWindow):
            if shown.isVisible() and shown.session is session:
                # A photo dropped on the window goes into the one that is open.
                shown.raise_()
                shown.activateWindow()
                self.photo_window = shown
                return
        self.photo_window = PhotoWindow(session, self.window.system, self.window.look, self.window)
        self.photo_window.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.photo_window.show()

    def export_passport(self, kind: str) -> None:
        """Ask where, and write the passport off the interface thread."""
        if not self._has(kind):
            return
        assert self.window.session is not None
        on_paper = kind in ("label", "sketch")
        ending = f"-{kind}.pdf" if on_paper else f".{kind}"
        path = self.window.session.path
        name, _ = QFileDialog.getSaveFileName(
            self.window,
            f"Write the {kind}" if on_paper else "Write the passport",
            str(path.with_name(path.stem + ending)),
            "*.pdf" if on_paper else f"*.{kind}",
        )
        if name:
            self.write_passport(kind, Path(name))

    def write_passport(self, kind: str, path: Path) -> None:
        """Write the passport of the job as it stands now to `path`."""
        # Loaded when first wanted: it brings the report of a job with it.
        from firmcell.core.pictures.pack_label import stock_of
        from firmcell.store.photos import photos_for_paper
        from firmcell.store.whole_job import label_bytes, last_day, passport_bytes, passport_of

        assert self.window.session is not None
        session, library = self.window.session, self.window.library
        design, page = session.design, passport_of(session.design, session.state, library, bound_of(session))
        analysis, day, speaks = session.analysis, last_day(session.events), language()
        shown = cast("PassportPage | None", self.window.pages.get(Stage.PASSPORT))
        wanted = shown is not None and shown.photos.isChecked()
        try:
            stock = stock_of(shown.stock.currentText()) if shown is not None else None
        except Refusal as refusal:
            self.window.tell(refusal.sentence)
            return
        photos = photos_for_paper(session.job, session.events) if wanted else []
        metric = QLocale().measurementSystem() is QLocale.MeasurementSystem.MetricSystem

        def written() -> bytes:
            if kind in ("label", "sketch"):
                paper = "a4" if metric else "letter"
                return label_bytes(page, design, analysis, day, kind, paper, stock, tongue_of(speaks))
            return passport_bytes(page, design, library, kind, photos, tongue_of(speaks))

        task = Task(
            lambda: write_whole(path, written(), replace=True),
            lambda _: self.window.tell(f"It is written: {path}"),
            self.window.tell,
        )
        self.window._tasks.append(task.start())
