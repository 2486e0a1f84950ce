"""Opens jobs and demo jobs, remembers them, and lets go of the one that is open."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QDialog

from firmcell.app.background import Task
from firmcell.app.session import Session, guarded
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.store.demo import make_demo
from firmcell.store.job_file import SUFFIX, JobFile

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow


STOCK_MS = 3000
"""After a job is opened, until it is looked what parts there are: nothing waits for it, ms."""
VERIFY_MS = 700
"""After a job was opened, ms until all that its file holds is looked over."""
RECENT = 10
"""Jobs remembered on the start page."""


class OpenJobs:
    """Opens jobs and demo jobs, remembers them, and lets go of the one that is open."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def recent(self) -> list[str]:
        """Paths opened lately that still exist."""
        value = self.window.settings.value("recent", [])
        paths = (
            [value] if isinstance(value, str) else [str(v) for v in value] if isinstance(value, list) else []
        )
        return [p for p in paths if Path(p).exists()]

    def remember(self, path: Path) -> None:
        text = str(path.absolute())
        self.window.settings.setValue("recent", [text, *[p for p in self.recent() if p != text]][:RECENT])

    def _remember_stage(self, session: Session) -> None:
        """Keep where the user stood in this job, for when it is opened again; of as many jobs as are
        remembered."""
        mine = str(session.path.absolute())
        left = {p: s for p, s in self._stages().items() if p != mine}
        kept = [(mine, self.window.stage.value), *left.items()][:RECENT]
        self.window.settings.setValue("stages", [f"{stage}\t{path}" for path, stage in kept])

    def _stages(self) -> dict[str, str]:
        value = self.window.settings.value("stages", [])
        lines = [value] if isinstance(value, str) else value if isinstance(value, list) else []
        parts = [str(line).partition("\t") for line in lines]
        return {path: stage for stage, _, path in parts}

    def _stage_left(self, session: Session) -> Stage:
        """Where the user stood in this job last; of a job never left, the bench where work has begun."""
        left = self._stages().get(str(session.path.absolute()), "")
        if left in session.plan.stages:
            return Stage(left)
        return Stage.BENCH if session.state.steps else Stage.BRIEF

    def open_path(self, path: Path) -> bool:
        """Open a job file in this window; on refusal the window stays as it is."""
        if self.is_open(path):
            return True
        return guarded(lambda: self.take_job(JobFile.open(path)), self.window.tell)

    def is_open(self, path: Path) -> bool:
        """Whether this window has the file open; opening it again would find it held by ourselves."""
        return self.window.session is not None and path.exists() and path.samefile(self.window.session.path)

    def open_demo(self, name: str, fresh: bool = False) -> bool:
        """Open a demo job; it is made on first use and then kept with what was changed in it."""
        path = self.window.demo_folder / f"{name}{SUFFIX}"

        if self.is_open(path) and not fresh:
            return True

        def make() -> None:
            if fresh and self.is_open(path):
                self.let_go()
            if fresh and path.exists():
                path.replace(path.with_suffix(f".before{SUFFIX}"))
            if not path.exists():
                make_demo(name, self.window.demo_folder)
            self.take_job(JobFile.open(path))

        return guarded(make, self.window.tell)

    def take_job(self, job: JobFile) -> None:
        try:
            session = Session(
                job, self.window.library, str(self.window.settings.value("person", "")), self.window
            )
        except Refusal:
            job.close()
            raise
        self.let_go()
        self.window.session = session
        session.changed.connect(self.window._refresh)
        session.recorded.connect(self.window._refresh)
        session.noted.connect(self.window.workshop.notes.note)
        session.metal_ready.connect(self.window._refresh)
        session.fixes_ready.connect(self.window._refresh)
        session.saved.connect(lambda on_disk: self.window.setWindowModified(not on_disk))
        session.refused.connect(self.window.tell)
        session.undo_stack.indexChanged.connect(self.window.menus.show_undo)
        self.remember(job.path)
        stage = self._stage_left(session)
        self.window._show_kind(session.design.kind)
        self.window.view.select("")
        self.window.view.fit()
        self.window.stack.setCurrentWidget(self.window.work)
        self.window._show_title()
        QTimer.singleShot(STOCK_MS, self.window.workshop.notes.look)
        # After the first picture: both want the same interpreter.
        QTimer.singleShot(VERIFY_MS, lambda: self._verify(session))
        if session.read_only_because:
            self.window.tell(f"Open for reading only: {session.read_only_because}.", keep=True)
        else:
            self.window._clear_notice()
        self.window.menus.show_undo()
        self.window.go(stage)

    def _verify(self, session: Session) -> None:
        """Look over all that the file holds, off the interface thread, and say what was changed."""
        if session is not self.window.session:
            return
        path = session.path

        def look() -> str | None:
            with JobFile.open(path, read_only=True) as job:
                return job.verify(signatures=False).fault

        def told(fault: str | None) -> None:
            if fault and session is self.window.session:
                self.window.tell(f"This job was changed by something else: {fault}", keep=True)

        self.window._tasks.append(Task(look, told, lambda _: None).start())

    def let_go(self) -> None:
        if self.window.session is not None:
            session = self.window.session
            if not self.window.keeping.may_close(session):
                raise Refusal("The job that is open could not be saved, so it stays open.")
            self.window.set_bench_mode(False)
            self._remember_stage(session)
            # Windows that show the job go with it.
            for shown in self.window.findChildren(QDialog):
                if getattr(shown, "session", None) is session:
                    shown.close()
            # While its file can still be read: a page that goes shows the one behind it for a moment.
            self.window._drop_pages()
            session.close()
            self.window.session.deleteLater()
            self.window.session = None

    def close_job(self) -> None:
        """Save, close and show the start page."""
        if guarded(self.let_go, self.window.tell):
            self.window._show_start()
            self.window.stack.setCurrentIndex(0)
            self.window._show_title()

    def show_list(self) -> None:
        """Show the jobs of the folder looked at last, or of the one where this job is."""
        # Loaded when first wanted.
        from firmcell.app.job_list_window import FOLDER_KEY, JobListWindow

        session = self.window.session
        near = session.path.parent if session is not None else self.window.demo_folder
        kept = Path(str(self.window.settings.value(FOLDER_KEY, near)))
        self.job_list = JobListWindow(self.window, kept if kept.is_dir() else near)
        self.job_list.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.job_list.show()
