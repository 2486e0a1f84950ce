"""The menus with their keys, and the sheet that lists them."""

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject
from PySide6.QtGui import QAction, QActionGroup, QKeySequence

from firmcell.app.canvas.tools import TOOL_SHORTCUTS
from firmcell.app.language import DESKTOP, LANGUAGES
from firmcell.app.picked_cells import PICKED_COMMANDS
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.visible import visible
from firmcell.core.model.design import Face

if TYPE_CHECKING:
    from firmcell.app.find_box import FindBox
    from firmcell.app.main_window import MainWindow

MENUS = ("&Job", "&Edit", "&Go", "&Hand", "&Bench", "&Workshop", "&View", "He&lp")


class Menus(QObject):
    """The menus with their keys, and the sheet that lists them."""

    def __init__(self, window: "MainWindow") -> None:
        # One that goes with the window: the last word of an undo stack must not reach actions that are gone.
        super().__init__(window)
        self.window = window
        self.all: list[Any] = []
        self.find_box: FindBox | None = None
        self.make()

    def action(
        self, menu: Any, text: str, keys: str, call: Callable[[], Any], checkable: bool = False
    ) -> QAction:
        action = QAction(text, self.window)
        if keys:
            action.setShortcut(QKeySequence(keys))
        action.setCheckable(checkable)
        action.triggered.connect(lambda _=False: call())
        menu.addAction(action)
        self.window.addAction(action)
        return action

    def make(self) -> None:
        """Make every menu with its actions."""
        bar = self.window.menuBar()
        self.all = [bar.addMenu(name) for name in MENUS]
        fill = (
            self._fill_job,
            self._fill_edit,
            self._fill_go,
            self._fill_hand,
            self._fill_bench,
            self._fill_workshop,
            self._fill_view,
            self._fill_help,
        )
        for menu, what in zip(self.all, fill, strict=True):
            what(menu)

    def _fill_job(self, job: Any) -> None:
        self.action(job, "&New job…", "Ctrl+N", self.window.jobs.new_pack)
        self.action(job, "&Open…", "Ctrl+O", self.window.jobs.choose_job)
        self.action(job, "Jobs in a &folder…", "Ctrl+Shift+O", self.window.opening.show_list)
        self.recent = job.addMenu("Open &recent")
        self.recent.aboutToShow.connect(self._fill_recent)
        self.action(job, "Save a &copy as…", "Ctrl+Shift+S", self.window.jobs.save_copy)
        self.action(job, "&Save now", "Ctrl+S", lambda: self.window.session and self.window.session.save())
        job.addSeparator()
        self.action(job, "Write &passport PDF…", "Ctrl+P", lambda: self.window.jobs.export_passport("pdf"))
        self.action(job, "Write passport &HTML…", "", lambda: self.window.jobs.export_passport("html"))
        job.addSeparator()
        self.action(job, "Write &templates at 1:1, PDF…", "", lambda: self.window.jobs.export("template"))
        self.action(job, "Write templates at 1:1, &DXF…", "", lambda: self.window.jobs.export("dxf"))
        self.action(job, "Write the picture, SVG or P&NG…", "Ctrl+Alt+S", self.window.copying.save_picture)
        self.action(job, "Pr&int the picture at 1:1…", "Ctrl+Alt+P", self._print)
        job.addSeparator()
        self.action(job, "P&hotos of the pack…", "Ctrl+Shift+P", self.window.jobs.photos)
        job.addSeparator()
        self.action(job, "&History, remarks, attachments…", "Ctrl+Alt+H", self.window.history.show)
        self.action(job, "Save as a te&mplate, without records…", "", self.window.history.save_template)
        job.addSeparator()
        self.action(job, "&Start page", "Ctrl+W", self.window.opening.close_job)
        self.action(job, "&Quit", "Ctrl+Q", self.window.close)

    def _fill_edit(self, edit: Any) -> None:
        self.undo_action = self.action(edit, "&Undo", "Ctrl+Z", self.window.undo)
        self.redo_action = self.action(edit, "&Redo", "Ctrl+Shift+Z", self.window.redo)
        edit.addSeparator()
        self.action(edit, "&Copy the picture", "Ctrl+Alt+C", self.window.copying.picture)
        self.action(edit, "&Find a command or a part…", "Ctrl+F", self.find)
        edit.addSeparator()
        self.action(edit, "Apply the &fix of the finding", "Ctrl+.", self.window.apply_fix)

    def _fill_go(self, go: Any) -> None:
        for number, stage in enumerate(Stage, start=1):
            self.action(go, stage.heading, f"Alt+{number % 10}", partial(self.window.enter, stage))
        go.addSeparator()
        self.action(go, "Focus on stages", "F2", self.window.rail.setFocus)
        self.action(go, "Focus on picture", "F3", lambda: self.window.desk.focus(page=False))
        self.action(go, "Focus on page", "F4", lambda: self.window.desk.focus(page=True))
        self.action(go, "Next section of the page", "Ctrl+PgDown", partial(self.window.step_section, 1))
        self.action(go, "Section before", "Ctrl+PgUp", partial(self.window.step_section, -1))
        self.action(go, "Focus on findings", "F5", self.window.findings_box.enter)

    def _fill_hand(self, hand: Any) -> None:
        for tool, keys in TOOL_SHORTCUTS.items():
            self.action(hand, tool.value.capitalize(), keys, partial(self.window.panel.take_tool, tool))
        hand.addSeparator()
        for name, words, keys, tip in PICKED_COMMANDS:
            self.action(hand, words, keys, partial(self.window.hand.picked.run, name)).setToolTip(tip)

    def _fill_bench(self, bench: Any) -> None:
        self.bench_action = self.action(
            bench, "&Bench mode, large type", "F11", self.window.toggle_bench_mode, checkable=True
        )
        self.live_action = self.action(
            bench, "&Live metal on the picture", "Ctrl+Alt+L", self.window.panel.paint, checkable=True
        )
        self.live_action.setChecked(True)
        self.action(bench, "&Passed", "Ctrl+Space", self.window.at_bench.pass_step)
        self.action(bench, "&Not right…", "Ctrl+R", self.window.at_bench.not_right)
        self.action(bench, "&Incident: smoke, heat, a short…", "Ctrl+Alt+I", self.window.at_bench.incident)
        self.action(bench, "R&esolve the incident…", "Ctrl+Alt+R", self.window.at_bench.resolve)
        self.action(bench, "&Who is at the bench…", "", self.window.at_bench.ask_person)
        self.action(bench, "&Meter…", "", self.window.at_bench.ask_meter)
        self.action(bench, "Instr&uments…", "", self.window.at_bench.show_instruments)
        self.action(bench, "&Watch a charge or a capacity test…", "Ctrl+Alt+W", self.window.at_bench.watch)
        self.action(bench, "Button bo&x or pedals…", "", self.window.at_bench.ask_box)
        self.action(bench, "&Read with the meter", "F8", self.window.at_bench.read_meter)
        self.action(bench, "Read &tests of cells (CSV)…", "", self.window.jobs.measured.choose_tests)
        self.action(bench, "&Practise with a hidden fault…", "Ctrl+H", self.window.at_bench.practise)
        self.action(bench, "Practise by e&ye…", "Ctrl+Shift+H", self.window.at_bench.practise_by_eye)

    def _fill_workshop(self, workshop: Any) -> None:
        shop = self.window.workshop
        self.action(workshop, "&Cells in stock…", "Ctrl+Alt+D", shop.show_stock)
        self.action(workshop, "What the sh&op has…", "Ctrl+Alt+O", shop.show_shop)
        self.action(workshop, "The &day: plan and reminders…", "Ctrl+Alt+T", shop.show_day)
        self.action(workshop, "Shopping &list…", "Ctrl+Alt+A", shop.show_shopping)
        self.action(workshop, "&Across all jobs…", "Ctrl+Alt+J", shop.show_across)
        self.action(workshop, "&Match cells into this pack…", "Ctrl+Alt+G", shop.match)
        self.action(workshop, "&Scan cells into their places…", "Ctrl+Alt+K", shop.scan_cells)
        self.action(workshop, "&Where the register is…", "", shop.ask_place)

    def _fill_view(self, view: Any) -> None:
        self.action(view, "&Turn over about the other axis", "Ctrl+T", self.window.looks.turn_axis)
        self.action(view, "&Fit the picture", "Ctrl+0", self.window.view.fit)
        self.action(view, "&Zoom to the part picked", "Ctrl+Shift+0", self._zoom_to_part)
        self.section_action = self.action(
            view, "&Section through the pack", "Ctrl+E", self.window.panel.paint, checkable=True
        )
        view.addSeparator()
        for text, keys, faces in (
            ("&Both faces", "Ctrl+Alt+1", ()),
            ("T&op face alone", "Ctrl+Alt+2", (Face.TOP,)),
            ("Botto&m face alone", "Ctrl+Alt+3", (Face.BOTTOM,)),
        ):
            self.action(view, text, keys, partial(self.window.panel.choose_faces, faces))
        view.addSeparator()
        box, plate = self.window.findings_box, self.window.plate
        self.action(view, "All f&indings, or the worst", "F6", lambda: box.open(not box.is_open))
        self.action(view, "&Rating plate, large or in a line", "F7", lambda: plate.open(not plate.is_open))
        view.addSeparator()
        self.action(view, "&Light or dark", "Ctrl+D", self.window.looks.toggle_look)
        self.action(view, "Light or dark as the &desktop", "", self.window.looks.as_desktop)
        units = QActionGroup(self.window)
        for text, system in (("&Metric (mm, mm², °C)", "metric"), ("&Inch (in, AWG, °F)", "inch")):
            action = self.action(
                view, text, "", partial(self.window.looks.set_system, system), checkable=True
            )
            action.setChecked(self.window.system == system)
            units.addAction(action)
        self._fill_languages(view.addMenu("La&nguage"))

    def _fill_languages(self, menu: Any) -> None:
        settings, group = self.window.settings, QActionGroup(self.window)
        chosen = str(settings.value("language", DESKTOP))
        for name, shown in ((DESKTOP, "As the desktop"), *LANGUAGES.items()):
            action = self.action(menu, shown, "", partial(self._choose_language, name), checkable=True)
            action.setChecked(name == chosen)
            group.addAction(action)

    def _choose_language(self, name: str) -> None:
        self.window.settings.setValue("language", name)
        self.window.tell("The language changes when Firm Cell is started anew.")

    def _fill_help(self, help_: Any) -> None:
        learning = self.window.learning
        self.action(help_, "&Guide to this page", "F1", learning.show_guide)
        self.action(help_, "Wh&y this finding?", "Shift+F1", learning.show_why)
        self.action(help_, "&Keys and words…", "Ctrl+F1", learning.show_keys)
        self.action(help_, "Your &first pack, step by step", "", learning.first_pack)

    def show_undo(self) -> None:
        """Name what can be undone and made again."""
        stack = self.window.session.undo_stack if self.window.session else None
        for action, can, text, word in (
            (self.undo_action, stack and stack.canUndo(), stack.undoText() if stack else "", "&Undo"),
            (self.redo_action, stack and stack.canRedo(), stack.redoText() if stack else "", "&Redo"),
        ):
            action.setEnabled(bool(can))
            action.setText(f"{word} {text}".strip())

    def _fill_recent(self) -> None:
        """The jobs opened lately, the last first."""
        self.recent.clear()
        for path in self.window.opening.recent():
            action = self.recent.addAction(visible(Path(path).name))
            action.setToolTip(path)
            action.triggered.connect(lambda _=False, p=path: self.window.opening.open_path(Path(p)))
        if self.recent.isEmpty():
            self.recent.addAction("no job was opened yet").setEnabled(False)

    def _zoom_to_part(self) -> None:
        if not self.window.view.placing.fit_part():
            self.window.tell("Pick a part on the picture first: it is shown as large as there is room for.")

    def _print(self) -> None:
        """Show the picture on paper at true size."""
        # Loaded when first wanted: most starts print nothing.
        from firmcell.app.printing import Printing

        Printing(self.window).preview()

    def find(self) -> None:
        """Find a command, a finding, a step or a part by its name."""
        # Loaded when first wanted.
        from firmcell.app.find_box import FindBox

        # The one before holds on to places of a design that may be gone.
        if self.find_box is not None:
            self.find_box.deleteLater()
        self.find_box = FindBox(self.window)
        self.find_box.open()

    def keys_by_place(self) -> list[tuple[str, list[tuple[str, str]]]]:
        """Every shortcut by place, from the menus and the picture's own keys."""
        groups: list[tuple[str, list[tuple[str, str]]]] = []
        for menu in self.all:
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
        return groups
