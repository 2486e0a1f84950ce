"""What a job file holds besides the pack on screen: saved designs, remarks, attachments."""

from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QTabWidget,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.canvas.view import PackView
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session, guarded
from firmcell.app.tables import RowsTable
from firmcell.app.theme import Palette
from firmcell.app.wheel import calm
from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.visible import visible
from firmcell.core.jobs import plan_of
from firmcell.core.model.design import Design, Face
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.records.event_words import event_words
from firmcell.core.records.events import Remark
from firmcell.store.design_differences import Difference, differences
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.revisions import Revision
from firmcell.store.strangers import bytes_of
from firmcell.store.units import System
from firmcell.store.whole_files import write_whole

MOST_ATTACHED_BYTES = 40_000_000
Compared = tuple[tuple[Difference, ...], tuple[tuple[str, str, str], ...], list[Drawing], str]


class HistoryWindow(QDialog):
    """Saved designs with what changed, two of them side by side, taken up again; remarks; attachments."""

    def __init__(
        self, session: Session, system: System, palette: Palette, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(f"History of {session.path.name}")
        self.session, self.system = session, system
        self._jobs: dict[str, Design] = {}
        self._compare: Task | None = None
        column = QVBoxLayout(self)
        self.tabs = QTabWidget()
        self.tabs.setAccessibleName("What the job holds")
        column.addWidget(self.tabs)
        self._make_designs(palette)
        self._make_remarks()
        self._make_attachments()
        self.told = PlainLabel()
        self.told.setWordWrap(True)
        self.told.setAccessibleName("What happened")
        column.addWidget(self.told)
        let_scroll(self)
        self.resize(1120, 720)
        fit_on_desktop(self)
        self.fill()

    # -- making -----------------------------------------------------------------------------------------

    def _page(self, title: str) -> QVBoxLayout:
        page = QWidget()
        self.tabs.addTab(page, title)
        return QVBoxLayout(page)

    def _button(self, text: str, call: object, tip: str = "") -> QPushButton:
        button = QPushButton(text)
        button.setAutoDefault(False)
        button.setToolTip(tip)
        button.clicked.connect(call)
        return button

    def _make_designs(self, palette: Palette) -> None:
        column = self._page("Saved &designs")
        row = QHBoxLayout()
        left = QVBoxLayout()
        self.designs = RowsTable(
            ("No.", "Saved", "By", "What was done"), "Saved designs, the newest first", wide=3
        )
        self.designs.picked.connect(lambda _: self.compare())
        left.addWidget(self.designs, 1)
        with_row = QHBoxLayout()
        label = PlainLabel("&Compare with")
        self.other = calm(QComboBox())
        self.other.setAccessibleName("Compared with")
        label.setBuddy(self.other)
        self.other.currentIndexChanged.connect(lambda _: self.compare())
        with_row.addWidget(label)
        with_row.addWidget(self.other, 1)
        tip = "The design of another job beside that picked here; that job is only read"
        with_row.addWidget(self._button("Another &job…", self.choose_job, tip))
        left.addLayout(with_row)
        self.restore_button = self._button(
            "Take this design &up again",
            self.restore,
            "The design on screen becomes this one; Undo takes it back",
        )
        left.addWidget(self.restore_button)
        row.addLayout(left, 2)
        right = QVBoxLayout()
        self.changes = RowsTable(("What", "Before", "After"), "What differs between the two designs", wide=0)
        right.addWidget(self.changes, 2)
        self.figures = RowsTable(("Figure", "Before", "After"), "Figures of the two designs", wide=0)
        right.addWidget(self.figures, 1)
        self.view = PackView(palette)
        right.addWidget(self.view, 3)
        row.addLayout(right, 3)
        column.addLayout(row)

    def _make_remarks(self) -> None:
        column = self._page("&Remarks")
        self.remarks = RowsTable(("No.", "Time", "By", "Remark"), "Remarks in the record", wide=3)
        column.addWidget(self.remarks, 1)
        row = QHBoxLayout()
        self.remark = QLineEdit()
        self.remark.setAccessibleName("A remark to record")
        self.remark.setPlaceholderText("what the next one to open this pack should know")
        self.remark.setMaxLength(2000)
        self.remark.returnPressed.connect(self.add_remark)
        row.addWidget(self.remark, 1)
        row.addWidget(self._button("Re&cord", self.add_remark))
        column.addLayout(row)

    def _make_attachments(self) -> None:
        column = self._page("&Attachments")
        self.attachments = RowsTable(
            ("No.", "Name", "Kind", "Size", "Added"), "Files kept in the job", wide=1
        )
        column.addWidget(self.attachments, 1)
        row = QHBoxLayout()
        row.addWidget(self._button("&Add a file…", self.choose_file, "Keeps a copy of a file in the job"))
        row.addWidget(self._button("Save a copy &out…", self.choose_place, "Writes the picked one to a file"))
        row.addStretch(1)
        column.addLayout(row)

    # -- showing ----------------------------------------------------------------------------------------

    def fill(self) -> None:
        """Read what the file holds."""
        self.revisions: list[Revision] = self.session.job.revisions()
        newest_first = list(reversed(self.revisions))
        self.designs.set_rows(
            [
                (str(r.number), (str(r.number), _time(r.time), r.person, r.note or "saved"))
                for r in newest_first
            ]
        )
        self.other.blockSignals(True)
        self.other.clear()
        self.other.addItem("the one before", 0)
        for r in newest_first:
            self.other.addItem(f"No. {r.number}, {_time(r.time)}", r.number)
        for path in self._jobs:
            self.other.addItem(visible(Path(path).name), path)
        self.other.blockSignals(False)
        remarks = [e for e in self.session.events if isinstance(e.data, Remark)]
        self.remarks.set_rows(
            [(str(e.seq), (str(e.seq), _time(e.time), e.person, event_words(e))) for e in reversed(remarks)]
        )
        self.attachments.set_rows(
            [
                (str(number), (str(number), name, kind, _size(size), _time(time)))
                for number, name, kind, time, size in self.session.job.attachment_list()
            ]
        )
        if newest_first:
            self.designs.pick(str(newest_first[0].number))

    def _picked(self) -> Revision | None:
        number = str(self.designs.currentIndex().siblingAtColumn(0).data() or "")
        return next((r for r in self.revisions if str(r.number) == number), None)

    def compare(self) -> None:
        """Show what differs between the design picked and the other, worked out off the interface thread."""
        after = self._picked()
        if after is None:
            return
        wanted = self.other.currentData() or after.number - 1
        job = self._jobs.get(wanted) if isinstance(wanted, str) else None
        revision = next((r for r in self.revisions if r.number == wanted), after)
        name = f"no. {revision.number}" if job is None else visible(Path(str(wanted)).name)
        if self._compare is not None:
            self._compare.give_up()
        system, library = self.system, self.session.library

        def work() -> Compared:
            old, new = job or revision.design(), after.design()
            analyses = [analyse(design, library) for design in (old, new)]
            plates = [
                plan_of(design).plate(design, found)[1]
                for design, found in zip((old, new), analyses, strict=True)
            ]
            now = dict(plates[1])
            figures = tuple((name, value, now.get(name, "none")) for name, value in plates[0])
            pictures = [
                face_drawing(design, found, Face.TOP)
                for design, found in zip((old, new), analyses, strict=True)
                if design.cell_count > 1
            ]
            caption = f"Left {name}, right no. {after.number}, top faces"
            return differences(old, new, system), figures, pictures, caption

        self._compare = Task(work, self._show, self.told.setText).start()

    def choose_job(self) -> None:
        """Ask for another job to compare with."""
        name, _ = QFileDialog.getOpenFileName(
            self, "Compare with another job", str(self.session.path.parent), f"Firm Cell jobs (*{SUFFIX})"
        )
        if name:
            self.compare_with(Path(name))

    def compare_with(self, path: Path) -> None:
        """Show what differs from the design that another job saved last; it is read off the interface
        thread."""

        def read() -> Design:
            with JobFile.open(path, read_only=True) as job:
                return job.latest().design()

        def take(design: Design) -> None:
            self._jobs[str(path)] = design
            if self.other.findData(str(path)) < 0:
                self.other.addItem(visible(path.name), str(path))
            self.other.setCurrentIndex(self.other.findData(str(path)))
            self.compare()

        self._reading = Task(read, take, self.told.setText).start()

    def _show(self, found: Compared) -> None:
        changes, figures, pictures, caption = found
        self.changes.set_rows([(d.path, (d.name, d.before, d.after)) for d in changes])
        self.figures.set_rows([(name, (name, before, after)) for name, before, after in figures])
        self.view.show_faces(
            pictures, StagePaint(caption=caption if changes else f"{caption}: no field differs")
        )

    # -- doing ------------------------------------------------------------------------------------------

    def restore(self) -> None:
        """Make the design picked the one on screen; it can be undone."""
        picked = self._picked()
        if picked is not None and guarded(
            lambda: self.session.replace(picked.design(), f"Take up design no. {picked.number} again"),
            self.told.setText,
        ):
            self.told.setText(f"The design on screen is that of no. {picked.number}; Undo takes it back.")

    def add_remark(self) -> None:
        """Record the remark typed."""
        text = self.remark.text().strip()
        if not text:
            self.told.setText("Type the remark first.")
        elif guarded(lambda: self.session.record(Remark(text=text)), self.told.setText):
            self.remark.clear()
            self.told.setText("Recorded.")
            self.fill()

    def choose_file(self) -> None:
        """Ask for a file to keep."""
        name, _ = QFileDialog.getOpenFileName(self, "Keep a file in the job", str(self.session.path.parent))
        if name:
            self.keep(Path(name))

    def keep(self, path: Path) -> None:
        """Keep a copy of a file in the job."""

        def take(content: bytes) -> None:
            kind = _kind(path)
            if guarded(lambda: self.session.job.attach(path.name[:200], kind, content), self.told.setText):
                self.told.setText(f"{path.name} is kept in the job.")
                self.fill()

        self._read = Task(lambda: bytes_of(path, MOST_ATTACHED_BYTES), take, self.told.setText).start()

    def choose_place(self) -> None:
        """Ask where to write the attachment picked."""
        number = str(self.attachments.currentIndex().siblingAtColumn(0).data() or "")
        if not number:
            self.told.setText("First pick one in the list.")
            return
        own = Path(str(self.attachments.currentIndex().siblingAtColumn(1).data())).name
        name, _ = QFileDialog.getSaveFileName(self, "Save a copy", str(self.session.path.parent / own))
        if name:
            self.write_out(int(number), Path(name))

    def write_out(self, number: int, path: Path) -> None:
        """Write an attachment to a file."""

        def write() -> None:
            # The dialog has asked whether a file that is there is to be replaced.
            write_whole(path, self.session.job.attachment(number).content, replace=True)

        if guarded(write, self.told.setText):
            self.told.setText(f"Written: {path}")

    def keyPressEvent(self, event: object) -> None:
        """Enter presses no button: it belongs to the field one is in."""
        if event.key() not in (Qt.Key.Key_Return, Qt.Key.Key_Enter):  # type: ignore[attr-defined]
            super().keyPressEvent(event)  # type: ignore[arg-type]


def _time(text: str) -> str:
    return text[:16].replace("T", " ")


def _size(size: int) -> str:
    return f"{size / 1e6:.1f} MB" if size >= 1e5 else f"{size / 1e3:.1f} kB"


def _kind(path: Path) -> str:
    import mimetypes

    return mimetypes.guess_type(path.name)[0] or "application/octet-stream"
