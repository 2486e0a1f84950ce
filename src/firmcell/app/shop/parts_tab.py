"""Parts in stock: strip, wire, sleeve, connectors and all else that is used up."""

from collections.abc import Callable

from firmcell.app.shop.shop_forms import AmountForm, PartForm
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.shop.things_tab import ThingsTab
from firmcell.core.base.visible import visible
from firmcell.core.model.part_library import PartLibrary
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
        self.button("leave", "No longer &kept", self.leave, end=True)
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
        return visible(part.is_.name), words + "."

    def new(self) -> None:
        """Take a part in."""
        self.run(self.form_for_new())

    def form_for_new(self) -> PartForm:
        """Return the dialog for a part that comes in."""
        from firmcell.app.shop.shop_forms import amount_of
        from firmcell.register.register import new_key

        now = self.picked()
        kind = now.is_.part if now else PartKind.STRIP
        form = PartForm(self.library, self.state.parts, None, kind, self)

        def take() -> None:
            is_ = form.told()
            data = PartAdded(is_=is_, amount=amount_of(form.amount.text(), form.part))
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
            data = (
                PartCounted(amount=form.much())
                if counted
                else PartChanged(by=form.much(), reason=form.reason.text().strip())
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

    def leave(self) -> None:
        """The part is no longer kept; Ctrl+Z brings it back."""
        part = self.picked()
        if part is not None:
            self.state.write(part.key, ThingLeft(), self.person())
            self.told.emit(f"{part.is_.name} is no longer kept. Ctrl+Z takes that back.")
