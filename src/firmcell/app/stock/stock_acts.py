"""What is done with cells of the register: they come in, are measured, go elsewhere, are read from a table
and written out."""

from collections.abc import Callable, Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFileDialog

from firmcell.app.background import Task
from firmcell.app.session import guarded
from firmcell.app.stock.stock_forms import DescribeCell, MoveCells, NewCells, StockForm
from firmcell.app.tables import REF_ROLE
from firmcell.core.base.serials import serial_key
from firmcell.core.model.chemistry import FACTS, Chemistry
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellTested,
    Entry,
    Origin,
    PlaceKind,
    TakenBack,
)
from firmcell.core.stock.stock_words import told

if TYPE_CHECKING:
    from firmcell.app.stock.refusals_window import RefusalsWindow
    from firmcell.app.stock.stock_import import StockImport
    from firmcell.app.stock.stock_window import StockWindow

TABLES = "CSV (*.csv *.txt);;All files (*)"


class StockActs:
    """What the buttons and keys of the window do."""

    def __init__(self, window: "StockWindow") -> None:
        self.window = window
        self.last: Entry | None = None
        self._reading: Task | None = None
        self.preview: StockImport | None = None
        self.refusals: RefusalsWindow | None = None

    def write(self, entries: Sequence[Entry]) -> None:
        """Write entries, all or none; a single one can be taken back by Ctrl+Z.

        Raises
        ------
        Refusal
            Why they cannot go in.
        """
        self.window.state.write(entries)
        self.last = entries[-1] if len(entries) == 1 else None

    def read(self, key: str) -> None:
        """Enter on a cell in the list: its values are read next."""
        line = self.window.lines.get(key)
        if line is not None:
            self.window.reading.serial.setText(line.serial)
            self.window.reading.look()

    def write_test(self, line: CellLine, test: CellTested) -> None:
        """Write a test of a cell that was typed."""
        from firmcell.register.work import measured

        register = self.window.register
        assert register is not None
        entry = measured(register, line, test, self.window.person)
        if guarded(lambda: self.write([entry]), self.window.reading.say):
            self.window.pick(line.key)
            self.window.reading.say(f"Written: {line.serial} {told(entry)}. Ctrl+Z takes it back.")

    def read_instrument(self) -> None:
        """Let the meter read the value that is being typed: the voltage at rest, or the d.c. resistance."""
        line = self.window.reading
        name = line.focused()
        field = {"rest_v": "volts", "ohms": "ohms"}.get(name)
        if field is None:
            line.say("F9 reads the voltage at rest or the resistance: go to that field first.")
            return
        # Loaded when first wanted: instruments bring their drivers along.
        from firmcell.app.instrument_reads import read_field

        expected = self._expected_v(line.line) if name == "rest_v" else None
        line.say("Reading …")

        def came(value: float, instrument: str) -> None:
            line.take(name, value)
            line.say(f"{instrument} reads it; Enter goes on.")

        self._reading = read_field("cell-reading", field, expected, came, line.say)

    def _expected_v(self, line: CellLine | None) -> float:
        """What the stand-in of a meter is held on, V: what the cell read last, or what its class rests at in
        store."""
        if line is not None and line.rest_v is not None:
            return line.rest_v
        kind = self.window.judge.classes.get(line.class_name) if line is not None else None
        return (kind.facts if kind is not None else FACTS[Chemistry.LI_ION]).storage_v

    def undo(self) -> None:
        """Take back what was written last in this window."""
        last, register = self.last, self.window.register
        if last is None or register is None:
            self.window.reading.say(
                "Nothing that was written last can be taken back here; its cell at the right has all of it."
            )
            return
        entry = register.entry(
            last.about, TakenBack(entry=last.key, reason="written by mistake"), self.window.person
        )
        if guarded(lambda: self.write([entry]), self.window.reading.say):
            self.last = None
            self.window.reading.say(f"Taken back: {told(last)}.")

    def take_back(self, key: str, reason: str) -> None:
        """Take an entry about the cell at the right back."""
        register, cell = self.window.register, self.window.card.cell
        if register is not None and cell is not None:
            entry = register.entry(cell.key, TakenBack(entry=key, reason=reason), self.window.person)
            guarded(lambda: self.write([entry]), self.window.said.setText)

    def unknown(self, serial: str) -> None:
        """A serial that is not in the register: it comes in now, or was mistyped."""
        self.new_cells(serial)
        if self.window.with_serial(serial) is not None:
            self.window.reading.serial.setText(serial)
            self.window.reading.look()
        else:
            self.window.reading.say(f"There is no cell {serial} in the register.")
            self.window.reading.serial.selectAll()

    def new_cells(self, serial: str = "") -> None:
        """Take cells in."""
        form = self.form_for_new(serial)
        form.exec()
        form.deleteLater()

    def form_for_new(self, serial: str = "") -> NewCells:
        """Return the dialog for cells that come in."""
        lines = sorted(self.window.lines.values(), key=lambda line: serial_key(line.serial))
        form = NewCells(lines, self.window.judge.classes, serial, self.window)

        def take() -> None:
            from firmcell.register.work import added

            register = self.window.register
            assert register is not None
            data = CellAdded(
                serial="-",
                class_name=form.cell.currentText().strip(),
                lot=form.lot.text().strip(),
                origin=Origin(form.origin.currentData()),
                pack=form.pack.currentText().strip(),
                drawer=form.drawer.currentText().strip(),
            )
            self.write(added(register, form.serials(), data, self.window.person))

        form.take = take
        return form

    def move_picked(self) -> None:
        """Move the cells that are picked."""
        picked = self.window.picked_lines()
        if picked:
            self._run(self.form_for_move(picked))

    def form_for_move(self, picked: Sequence[CellLine]) -> MoveCells:
        """Return the dialog for cells that go elsewhere."""
        form = MoveCells(picked, list(self.window.lines.values()), self.window)

        def take() -> None:
            from firmcell.register.work import moved

            register = self.window.register
            assert register is not None
            kind = form.kind
            place = "" if kind is PlaceKind.SCRAPPED else form.place.currentText().strip()
            group = form.group.value() or None if kind is PlaceKind.JOB else None
            self.write(
                moved(register, picked, kind, place, self.window.person, group, form.reason.text().strip())
            )

        form.take = take
        return form

    def describe_picked(self) -> None:
        """Say anew what the picked cell is."""
        picked = self.window.picked_lines()
        if len(picked) == 1:
            self._run(self.form_for_description(picked[0]))

    def form_for_description(self, line: CellLine) -> DescribeCell:
        """Return the dialog for what a cell is."""
        register = self.window.register
        assert register is not None
        history = register.history(line.key)
        form = DescribeCell(line, list(self.window.lines.values()), self.window.judge.classes, self.window)

        def take() -> None:
            data = CellDescribed(
                serial=form.serial.text().strip(),
                class_name=form.cell.currentText().strip(),
                lot=form.lot.text().strip(),
                origin=Origin(form.origin.currentData()),
                pack=form.pack.currentText().strip(),
                after=history.told_by,
            )
            self.write([register.entry(line.key, data, self.window.person)])

        form.take = take
        return form

    def _run(self, form: StockForm) -> None:
        form.exec()
        form.deleteLater()

    # -- files -------------------------------------------------------------------------------------------

    def choose_table(self) -> None:
        """Ask for a table of cells, and show what becomes of it."""
        name, _ = QFileDialog.getOpenFileName(self.window, "Read a table of cells", "", TABLES)
        if name:
            self.read_table(Path(name))

    def read_table(self, path: Path) -> None:
        """Show what becomes of a table of cells, and write it if that is wanted."""
        from firmcell.app.stock.stock_import import StockImport
        from firmcell.store.strangers import text_of

        register = self.window.register
        if register is None:
            return

        def look() -> None:
            preview = StockImport(register, text_of(path), path.name, self.window.person, self.window)
            self.preview = preview
            preview.accepted.connect(self._table_written)
            preview.open()

        guarded(look, self.window.said.setText)

    def _table_written(self) -> None:
        self.window.state.reload()
        self.window.state.link.meet()

    def _of_list(self) -> list[CellLine]:
        """The cells that are picked, if more than one is; else all that are shown."""
        picked = self.window.picked_lines()
        if len(picked) > 1:
            return picked
        rows = self.window.table.rows
        return [self.window.lines[str(rows.index(n, 0).data(REF_ROLE))] for n in range(rows.rowCount())]

    def write_csv(self) -> None:
        """Write the cells of the list as a table."""
        from firmcell.register.cells_csv import lines_csv

        self._save("cells.csv", "CSV (*.csv)", lambda: lines_csv(self._of_list()).encode())

    def write_labels(self) -> None:
        """Write labels for the wraps of the cells of the list."""
        from firmcell.register.labels import labels_pdf, wrap_label

        self._save("labels.pdf", "PDF (*.pdf)", lambda: labels_pdf([wrap_label(c) for c in self._of_list()]))

    def write_tray_labels(self) -> None:
        """Write labels for the drawers in which the cells of the list lie."""
        from firmcell.register.labels import TRAY, labels_pdf, tray_labels

        self._save("drawers.pdf", "PDF (*.pdf)", lambda: labels_pdf(tray_labels(self._of_list()), TRAY))

    def _save(self, name: str, kinds: str, content: Callable[[], bytes]) -> None:
        from firmcell.store.whole_files import write_whole

        chosen, _ = QFileDialog.getSaveFileName(self.window, "Write the cells of the list", name, kinds)
        # The dialog has asked whether a file that is there may go.
        if chosen and guarded(lambda: write_whole(Path(chosen), content(), True), self.window.said.setText):
            self.window.said.setText(f"{chosen} is written.")

    def show_refusals(self) -> None:
        """Decide what becomes of entries that the server did not take."""
        from firmcell.app.stock.refusals_window import RefusalsWindow

        register = self.window.register
        if register is not None:
            self.refusals = RefusalsWindow(register, self.window.person, self.window)
            self.refusals.settled.connect(self._settled)
            self.refusals.open()

    def _settled(self) -> None:
        self.window.state.reload()
        self.window.state.link.meet()
