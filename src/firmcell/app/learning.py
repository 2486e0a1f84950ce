"""What helps to learn: the guide at the topic at hand, why a finding matters, and the guided first pack."""

from typing import TYPE_CHECKING

from firmcell.app.session import guarded, own_picture
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Face
from firmcell.core.pictures.drawing import Drawing
from firmcell.store.demo import make_demo
from firmcell.store.guide import chapter_of
from firmcell.store.job_file import SUFFIX, JobFile

if TYPE_CHECKING:
    from firmcell.app.first_pack_bar import FirstPackBar
    from firmcell.app.help_window import HelpWindow
    from firmcell.app.main_window import MainWindow

DEMO = "orchard-hoist"
FOLDER = "first pack"
PICTURES: dict[str, Face | str] = {
    "03-layout": Face.TOP,
    "04-strips": Face.BOTTOM,
    "05-leads": "leads",
    "06-bms": "wiring",
    "07-insulation": "section",
    "08-bench": Face.TOP,
    "09-tests": Face.BOTTOM,
}
"""The picture of the job that stands in a chapter, by the name of the picture in it."""

WORKSHOP = "12-workshop"
"""The chapter about the workshop's windows."""


class Learning:
    """Opens the help where it is wanted, and leads through the first pack."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self.help: HelpWindow | None = None
        self.bar: FirstPackBar | None = None

    def help_window(self) -> "HelpWindow":
        """The help, made anew: its keys, its look and its pictures are those of now."""
        # Loaded when first wanted.
        from firmcell.app.help_window import HelpWindow

        if self.help is not None:
            self.help.close()
            self.help.deleteLater()
        self.help = HelpWindow(
            self.window.menus.keys_by_place(), self._picture, self.window.look, self.window
        )
        return self.help

    def _picture(self, name: str) -> Drawing | None:
        session, what = self.window.session, PICTURES.get(name)
        if session is None or what is None:
            return None
        own = {stage.value: own_picture(stage) for stage in session.plan.stage_pictures}
        try:
            return session.picture(own.get(name.partition("-")[2], what))
        except Refusal:
            return None

    def show_guide(self) -> None:
        """Show the chapter about the stage at hand."""
        stage = self.window.stage if self.window.session is not None else None
        self.show_chapter(chapter_of(stage))

    def show_chapter(self, name: str) -> None:
        """Show a chapter of the guide."""
        shown = self.help_window()
        shown.turn_to(name)
        shown.show()

    def show_keys(self) -> None:
        """Show every key, with the words of the trade beside."""
        shown = self.help_window()
        shown.tabs.setCurrentIndex(2)
        shown.show()

    def show_why(self) -> None:
        """Say why the finding that is picked matters; with none picked, the first."""
        findings = self.window.findings
        finding = findings.picked_or_first()
        if self.window.session is None or finding is None:
            self.window.tell("There is no finding to explain.")
            return
        shown = self.help_window()
        shown.explain(finding, chapter_of(finding.stage))
        shown.show()

    def first_pack(self) -> None:
        """Lead through the first pack on a fresh copy of the demo; what was there before is kept beside."""
        from firmcell.app.first_pack_bar import FirstPackBar

        window = self.window
        folder = window.demo_folder / FOLDER
        path = folder / f"{DEMO}{SUFFIX}"

        def make() -> None:
            if window.opening.is_open(path):
                window.opening.let_go()
            if path.exists():
                path.replace(path.with_suffix(f".before{SUFFIX}"))
            make_demo(DEMO, folder)
            window.opening.take_job(JobFile.open(path))

        if guarded(make, window.tell) and window.session is not None:
            self.end_first_pack()
            self.bar = FirstPackBar(window, window.session)
            self.bar.ended.connect(self.end_first_pack)
            window.show_above_work(self.bar)
            self.bar.show()
            self.bar.go_to(0)

    def end_first_pack(self) -> None:
        """Take the line of the first pack away; the job stays open."""
        if self.bar is not None:
            self.bar.hide()
            self.bar.deleteLater()
            self.bar = None
