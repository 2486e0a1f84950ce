"""Parts in stock: strip, wire, sleeve, connectors and all else that is used up."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFileDialog, QMessageBox

from firmcell.app.session import guarded
from firmcell.app.shop.shop_forms import AmountForm, PartForm, amount_of, as_told
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.shop.things_tab import ThingsTab
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import plural
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import PART_KINDS
from firmcell.core.stock.at_hand import named
from firmcell.core.stock.part_entries import (
    PartAdded,
    PartChanged,
    PartCounted,
    PartDescribed,
    PartKind,
    ThingLeft,
)
from firmcell.core.stock.part_words import amount_words, part_stands
from firmcell.core.stock.things import PartInStock

HEADINGS = ("Kind", "Class", "There", "Stands", "Where", "Supplier", "Price")
TABLES = "CSV (*.csv *.txt);;All files (*)"
EMPTY = "No part is in stock yet. Take in the rolls, bags and boxes of the shop: finished steps then take from them, and proposals use them first."


class PartsTab(ThingsTab):
    """Rolls, bags and boxes of the shop."""

    def __init__(self, state: ShopState, person: Callable[[], str], library: PartLibrary) -> None:
        super().__init__(state, person, HEADINGS, "Parts in stock", EMPTY, 1)
        self.library = library
        self.button("new", "&New part…", self.new)
        self.button("count", "&Count it…", self.count)
        self.button("change", "&Came in or went…", self.change)
        self.button("describe", "&What it is…", self.describe)
        self.button("leave", "No longer &kept", self.leave)
        self.button("import", "&Read a table…", self.choose_table)
        self.button("csv", "Write CS&V…", self.choose_csv, end=True)
        self.table.chosen.connect(lambda _: self.count())
        state.changed.connect(self.show_parts)
        self.show_parts()

    def show_parts(self) -> None:
        """Show all parts as they are."""
        rows = []
        for part in self.state.parts:
            is_ = part.is_
            each = "a metre" if is_.part.by_length else "each"
            price = "" if is_.price is None else f"{is_.price:.2f} {each}"
            there = amount_words(is_, part.amount)
            texts = (is_.part.value, is_.name, there, part_stands(part), is_.place, is_.supplier, price)
            rows.append((part.key, texts))
        self.show_rows(rows)

    def picked(self) -> PartInStock | None:
        """The part that is picked."""
        return next((p for p in self.state.parts if p.key == self.picked_key()), None)

    def words_of(self, key: str) -> tuple[str, str]:
        part = self.picked()
        if part is None:
            return "", ""
        lies = f", {visible(part.is_.place)}" if part.is_.place else ""
        stands = part_stands(part)
        words = f"{amount_words(part.is_, part.amount)} {'' if part.is_.part.by_length else 'there'}".strip()
        if part.is_.least is not None:
            words += f", to be bought when no more than {amount_words(part.is_, part.is_.least)} is left"
        words += lies + (f". {stands[:1].upper()}{stands[1:]}" if stands else "")
        return visible(part.is_.name), f"{words}.{self._unknown(part)}"

    def _unknown(self, part: PartInStock) -> str:
        """That no design asks for a part by its name, where the library knows its kind and not the class."""
        model = PART_KINDS.get(part.is_.part.value)
        if model is None or part.is_.part is PartKind.SLEEVE:
            return ""
        known = {named(each.name) for each in self.library.of(model)}
        if named(part.is_.name) in known:
            return ""
        return " The part library has no class of this name: no design asks for it, and no step takes of it."

    def new(self) -> None:
        """Take a part in."""
        self.run(self.form_for_new())

    def form_for_new(self) -> PartForm:
        """Return the dialog for a part that comes in."""
        from firmcell.register.register import new_key

        now = self.picked()
        kind = now.is_.part if now else PartKind.STRIP
        form = PartForm(self.library, self.state.parts, None, kind, self)

        def take() -> None:
            is_ = form.told()
            much = amount_of(form.amount.text(), form.part)
            data = as_told(lambda: PartAdded(is_=is_, amount=much), PartAdded)
            self.state.write(new_key(), data, self.person())

        form.take = take
        return form

    def count(self) -> None:
        """Write how much is there."""
        if self.picked() is not None:
            self.run(self.form_for_amount(True))

    def change(self) -> None:
        """Write what came in or went."""
        if self.picked() is not None:
            self.run(self.form_for_amount(False))

    def form_for_amount(self, counted: bool) -> AmountForm:
        """Return the dialog for an amount of the part that is picked."""
        part = self.picked()
        assert part is not None
        form = AmountForm(part, counted, self)

        def take() -> None:
            much = form.much()
            data: PartCounted | PartChanged = (
                as_told(lambda: PartCounted(amount=much), PartCounted)
                if counted
                else as_told(lambda: PartChanged(by=much, reason=form.reason.text().strip()), PartChanged)
            )
            self.state.write(part.key, data, self.person())

        form.take = take
        return form

    def describe(self) -> None:
        """Say anew what the part is."""
        if self.picked() is not None:
            self.run(self.form_for_description())

    def form_for_description(self) -> PartForm:
        """Return the dialog for what the picked part is."""
        part = self.picked()
        assert part is not None
        form = PartForm(self.library, self.state.parts, part, part.is_.part, self)

        def take() -> None:
            self.state.write(part.key, PartDescribed(is_=form.told(), after=part.told_by), self.person())

        form.take = take
        return form

    def choose_table(self) -> None:
        """Ask for a table of parts, say what becomes of each line, and write it if that is wanted."""
        name, _ = QFileDialog.getOpenFileName(self, "Read a table of parts", "", TABLES)
        if name:
            guarded(lambda: self.ask_table(Path(name)), self.told.emit)

    def ask_table(self, path: Path) -> None:
        """Say what becomes of each line of a table, and write it if that is wanted; raises a refusal."""
        from firmcell.register.parts_csv import parts_from_csv, parts_merged
        from firmcell.store.strangers import text_of

        read = parts_merged(self.state.register, parts_from_csv(text_of(path), path.name), self.person())
        entries = [entry for each in read for entry in each.entries]
        box = QMessageBox(self)
        box.setWindowTitle("Read a table of parts")
        box.setTextFormat(Qt.TextFormat.PlainText)
        box.setText(
            f"{path.name}: {plural(len(read), 'part')}, {plural(len(entries), 'entry', 'entries')} to write."
        )
        box.setDetailedText("\n".join(each.words for each in read))
        yes = box.addButton("&Write it", QMessageBox.ButtonRole.AcceptRole)
        box.addButton(QMessageBox.StandardButton.Cancel)
        box.exec()
        if box.clickedButton() is yes and entries:
            self.state.write_all(entries)
            self.told.emit(f"{plural(len(entries), 'entry', 'entries').capitalize()} written.")

    def choose_csv(self) -> None:
        """Ask where, and write all parts as a table."""
        name, _ = QFileDialog.getSaveFileName(self, "Write the parts in stock", "parts.csv", "CSV (*.csv)")
        if name:
            self.write_csv(Path(name))

    def write_csv(self, path: Path) -> None:
        """Write all parts as a table; the dialog has asked whether one that is there is replaced."""
        from firmcell.register.parts_csv import parts_csv
        from firmcell.store.whole_files import write_whole

        content = parts_csv(self.state.parts).encode()
        if guarded(lambda: write_whole(path, content, True), self.told.emit):
            self.told.emit(f"{path} is written.")

    def leave(self) -> None:
        """The part is no longer kept; Ctrl+Z brings it back."""
        part = self.picked()
        if part is not None:
            self.state.write(part.key, ThingLeft(), self.person())
            self.told.emit(f"{part.is_.name} is no longer kept. Ctrl+Z takes that back.")
