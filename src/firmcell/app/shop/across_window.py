"""What all jobs show together: peel strength, joints, times, capacity, and cells that came back."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QPushButton,
    QTabWidget,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.shop.across_rows import (
    back_rows,
    capacity_rows,
    joint_rows,
    letters,
    peel_rows,
    time_rows,
)
from firmcell.app.tables import RowsTable, low
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import plural
from firmcell.core.stock.across import (
    CameBack,
    CapacityPoint,
    JointGroup,
    PeelGroup,
    TimeGroup,
    came_back,
    capacities,
    joints_by_strip,
    peels_by_setting,
    times_by_family,
    used_by_class,
)

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

MOST_FAMILIES = 12
"""So many families of steps are drawn: those that took most in all."""


@frozen(eq=False)
class Across:
    """What the register holds of all jobs."""

    peels: tuple[PeelGroup, ...]
    joints: tuple[JointGroup, ...]
    times: tuple[TimeGroup, ...]
    packs: tuple[CapacityPoint, ...]
    back: tuple[CameBack, ...]
    used: tuple[tuple[str, int], ...]


def read_across(place: str) -> Across:
    """Return what a register holds of all jobs; raises a refusal if it cannot be read."""
    from firmcell.register.register import Register

    with Register(place) as register:
        if register.shared:
            register.sync()
        moves, lines = register.lessons("cell-moved"), register.lines()
        return Across(
            peels_by_setting(register.lessons("peel-measured")),
            joints_by_strip(register.lessons("joint-measured")),
            times_by_family(register.lessons("step-timed")),
            capacities(register.lessons("capacity-measured")),
            came_back(moves, lines),
            used_by_class(moves, lines),
        )


class _Tab(QWidget):
    """A plot over a table, or a sentence while there is nothing."""

    def __init__(self, plot: Plot, headings: tuple[str, ...], name: str, wide: int, empty: str) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        self.plot, self.table, self.empty = plot, RowsTable(headings, name, wide), PlainLabel(empty)
        self.empty.setWordWrap(True)
        self.table.keep_wide(10)
        column.addWidget(self.empty)
        column.addWidget(plot, 3)
        column.addWidget(self.table, 2)

    def show_rows(self, rows: list[tuple[str, ...]]) -> None:
        """Show the table, or that there is nothing."""
        self.table.set_rows([(str(n), row) for n, row in enumerate(rows)])
        low(self.table, 5)
        self.empty.setVisible(not rows)
        self.plot.setVisible(bool(rows))
        self.table.setVisible(bool(rows))
        self.plot.clear()


class AcrossWindow(QDialog):
    """Five tabs over one register.

    Parameters
    ----------
    window : MainWindow
    folder : Path
        Whose jobs are read where that is wanted.
    place : str
        Of the register; "" for the shop's own.
    """

    def __init__(self, window: "MainWindow", folder: Path, place: str = "") -> None:
        super().__init__(window)
        self.window_, self.folder, self.place = window, folder, place
        self.across: Across | None = None
        self._task: Task | None = None
        self.setWindowTitle("Across all jobs")
        column = QVBoxLayout(self)
        self.tabs = QTabWidget()
        self.tabs.setAccessibleName("Peels, joints, times, capacity, cells that came back")
        self._make_pages()
        for tab, words in (
            (self.peels, "&Peel strength"),
            (self.joints, "&Joints"),
            (self.times, "&Times"),
            (self.packs, "&Capacity"),
            (self.back, "Cells that came &back"),
        ):
            self.tabs.addTab(tab, words)
        column.addWidget(self.tabs, 1)
        self.said = PlainLabel("Reading the register …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("How much was read")
        row = QHBoxLayout()
        row.addWidget(self.said, 1)
        self.learn = QPushButton("Learn from the jobs of a &folder…")
        self.learn.setAutoDefault(False)
        self.learn.setToolTip("Peels, joints and capacity of jobs made before there was a register")
        self.learn.clicked.connect(lambda _=False: self.choose())
        row.addWidget(self.learn)
        column.addLayout(row)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(72 * em, 44 * em)
        fit_on_desktop(self)
        self.look()

    def _make_pages(self) -> None:
        """A page for each thing that jobs show."""
        look = self.window_.look
        self.peels = _Tab(
            Plot("Peel strength by setting", "", "peel force, N", look),
            ("", "Strip", "Setting", "Peels", "Mean", "Least", "Torn hole", "Welder"),
            "Settings that were peeled",
            1,
            "No peel was measured yet: the peel step of each job takes force or torn hole.",
        )
        self.joints = _Tab(
            Plot("Resistance of joints by strip", "", "one joint, mΩ", look),
            ("", "Strip", "Joined by", "Joints", "Mean", "Worst", "Its kind"),
            "Joints that were measured",
            1,
            "No joint was measured by four wires yet.",
        )
        self.times = _Tab(
            Plot("Time by step", "", "median, min", look),
            ("", "Step", "Passed", "Median", "Shortest", "Longest", "In all"),
            "Times of steps",
            1,
            "No step was timed yet: steps that are passed in one sitting are.",
        )
        self.packs = _Tab(
            Plot("Capacity measured against predicted", "predicted, Ah", "measured, Ah", look),
            ("Job", "Cells", "Day", "Predicted", "Measured", "Of it", "Energy, about"),
            "Packs that were discharged whole",
            0,
            "No pack was discharged whole and watched yet (Bench, Watch a run).",
        )
        self.back = _Tab(
            Plot("Cells that came back by class", "", "of those used, %", look),
            ("Serial", "Class", "Lot", "Job", "Went in", "Came out", "What", "Why"),
            "Cells that came out of jobs again",
            7,
            "No cell came out of a job again.",
        )

    def look(self) -> None:
        """Read the register, off the interface thread."""
        place = self.place
        self._task = Task(lambda: read_across(place), self.show_all, self._refused).start()

    def _refused(self, sentence: str) -> None:
        self._task = None
        self.said.setText(sentence)

    def show_all(self, across: Across) -> None:
        """Show what was read."""
        self.across, self._task = across, None
        self._show_peels(across.peels)
        self._show_joints(across.joints)
        self._show_times(across.times)
        self._show_packs(across.packs)
        self._show_back(across.back, dict(across.used))
        peels = sum(len(g.forces_n) + len(g.torn_m) for g in across.peels)
        joints = sum(len(g.ohms) for g in across.joints)
        times = sum(len(g.seconds) for g in across.times)
        self.said.setText(
            f"{plural(peels, 'peel')}, {plural(joints, 'joint')}, {plural(times, 'step')} timed, "
            f"{plural(len(across.packs), 'pack')} discharged whole, {plural(len(across.back), 'cell')} came back."
        )

    def _show_peels(self, groups: tuple[PeelGroup, ...]) -> None:
        tab = self.peels
        tab.show_rows(peel_rows(groups))
        forced = [(n, g) for n, g in enumerate(groups) if g.forces_n]
        if forced:
            _dots(tab.plot, [(n, g.forces_n) for n, g in forced])
            tab.plot.named_places(letters(len(groups)))
        tab.plot.setVisible(bool(forced))

    def _show_joints(self, groups: tuple[JointGroup, ...]) -> None:
        tab = self.joints
        tab.show_rows(joint_rows(groups))
        if groups:
            _dots(tab.plot, [(n, [ohm * 1e3 for ohm in g.ohms]) for n, g in enumerate(groups)])
            ink = tab.plot.palette_now.quiet
            for n, group in enumerate(groups):
                expected = group.expected_ohm * 1e3
                name = "what its kind usually has" if n == 0 else ""
                tab.plot.line([n - 0.35, n + 0.35], [expected, expected], name, ink, dashed=True)
            tab.plot.named_places(letters(len(groups)))

    def _show_times(self, groups: tuple[TimeGroup, ...]) -> None:
        tab = self.times
        tab.show_rows(time_rows(groups))
        some = groups[:MOST_FAMILIES]
        if some:
            tab.plot.bars(
                list(range(len(some))), [g.median_s / 60 for g in some], tab.plot.palette_now.accent
            )
            tab.plot.named_places(letters(len(some)))

    def _show_packs(self, packs: tuple[CapacityPoint, ...]) -> None:
        tab = self.packs
        tab.show_rows(capacity_rows(packs))
        if packs:
            colours = tab.plot.palette_now
            most = 1.1 * max(max(p.predicted_as, p.measured_as) for p in packs) / AH
            tab.plot.line([0, most], [0, most], "as predicted", colours.quiet, dashed=True)
            x, y = ([getattr(p, n) / AH for p in packs] for n in ("predicted_as", "measured_as"))
            tab.plot.marks(x, y, "packs", "o", colours.accent)

    def _show_back(self, back: tuple[CameBack, ...], used: dict[str, int]) -> None:
        tab = self.back
        tab.show_rows(back_rows(back))
        if back:
            counts = [len({e.serial for e in back if e.class_name == name}) for name in used]
            shares = [100.0 * count / of for count, of in zip(counts, used.values(), strict=True)]
            tab.plot.bars(list(range(len(used))), shares, tab.plot.palette_now.accent)
            told = zip(used.items(), counts, strict=True)
            tab.plot.named_places(
                [f"{name or 'no class told'}: {count} of {of}" for (name, of), count in told]
            )

    def choose(self) -> None:
        """Ask for a folder, and learn from its jobs."""
        name = QFileDialog.getExistingDirectory(self, "Learn from the jobs of a folder", str(self.folder))
        if name:
            self.learn_from(Path(name))

    def learn_from(self, folder: Path) -> None:
        """Learn from the jobs of a folder, off the interface thread, and show it."""
        place, library = self.place, self.window_.library
        self.said.setText(f"{folder}: reading …")

        def work() -> Across:
            from firmcell.register.learn_jobs import learn_from_jobs

            learn_from_jobs(place, folder, library)
            return read_across(place)

        self._task = Task(work, self.show_all, self._refused).start()

    def done(self, result: int) -> None:
        """Read no further when it is closed."""
        if self._task is not None:
            self._task.give_up()
        super().done(result)


def _dots(plot: Plot, groups: list[tuple[int, "list[float] | tuple[float, ...]"]]) -> None:
    """Single values over their place, beside each other so that none hides another, and their mean."""
    colours = plot.palette_now
    x, y = list[float](), list[float]()
    for place, values in groups:
        for n, value in enumerate(values):
            x.append(place + 0.5 * ((n * 0.618) % 1.0 - 0.5))
            y.append(value)
    plot.marks(x, y, "each", "o", colours.accent)
    for n, (place, values) in enumerate(groups):
        mean = sum(values) / len(values)
        plot.line(
            [place - 0.35, place + 0.35], [mean, mean], "mean" if n == 0 else "", colours.ink, width=2.5
        )
