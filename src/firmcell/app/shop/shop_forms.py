"""Dialogs for parts and tools that come in, are counted, checked, or were told wrongly."""

import re
from collections.abc import Callable, Iterable, Sequence
from typing import TypeVar

from pydantic import ValidationError
from PySide6.QtWidgets import QCheckBox, QComboBox, QLineEdit, QWidget

from firmcell.app.stock.stock_forms import StockForm, choice, words_or_known
from firmcell.app.wheel import calm
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import figures
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import PART_KINDS
from firmcell.core.stock.part_entries import PartIs, PartKind
from firmcell.core.stock.things import PartInStock, ToolInShop, unit_of
from firmcell.core.stock.tool_entries import ToolIs, ToolKind
from firmcell.store.units import parse, parse_number
from firmcell.store.validation_words import first_fault

T = TypeVar("T")
MOST_DAYS = 3660
KINDS = {kind: kind.value for kind in PartKind}
TOOLS = {kind: kind.value for kind in ToolKind}


def amount_of(text: str, kind: PartKind, signed: bool = False) -> float:
    """Return an amount as typed: a length with or without unit (metres), or pieces.

    Raises
    ------
    Refusal
        If it is none.
    """
    words = text.strip()
    sign = -1.0 if signed and words[:1] in ("-", "−") else 1.0
    words = words.lstrip("-−+ ") if signed else words
    if not words:
        raise Refusal("How much is not told.")
    return sign * (parse(words, "m", "m") if kind.by_length else parse_number(words))


DAYS = {"": 1, "d": 1, "day": 1, "week": 7, "month": 30, "year": 365}


def days_of(text: str) -> int | None:
    """Return a number of days as typed: 365, 52 weeks or 1 year; None for nothing.

    Raises
    ------
    Refusal
        If it is none.
    """
    if not text.strip():
        return None
    found = re.fullmatch(r"(\d{1,5})\s*(?:(d|day|week|month|year)s?)?", text.strip().lower())
    days = int(found[1]) * DAYS[found[2] or ""] if found is not None else 0
    if not 1 <= days <= MOST_DAYS:
        raise Refusal(
            f"Checked every: “{text.strip()}” is no number of days from 1 to {MOST_DAYS}; 365, 52 weeks or 1 year are right."
        )
    return days


def as_told(make: Callable[[], T], model: type[Frozen]) -> T:
    """Return what is made of fields; what they cannot be is told by their titles.

    Raises
    ------
    Refusal
        Which field, and what would be right.
    """
    try:
        return make()
    except ValidationError as error:
        sentence = first_fault(error, model)
        for name, field in model.model_fields.items():
            sentence = sentence.replace(f"“{name}” holds", f"{field.title}:")
        raise Refusal(sentence) from None


class PartForm(StockForm):
    """A part: what it is, and as it comes in how much of it."""

    def __init__(
        self,
        library: PartLibrary,
        parts: Sequence[PartInStock],
        now: PartInStock | None,
        kind: PartKind,
        parent: QWidget,
    ) -> None:
        title = f"What {now.is_.name} is" if now else "A part that comes in"
        super().__init__(title, "&Write it" if now else "Take it &in", parent)
        self._library, self._now = library, now
        is_ = now.is_ if now else PartIs.model_construct(part=kind, name="")
        self.kind = choice(KINDS, is_.part)
        self.name = words_or_known((), is_.name)
        self.amount = QLineEdit()
        self.place = words_or_known((p.is_.place for p in parts), is_.place)
        self.supplier = words_or_known((p.is_.supplier for p in parts), is_.supplier)
        self.price = QLineEdit("" if is_.price is None else f"{is_.price:g}")
        self.least = QLineEdit("" if is_.least is None else f"{is_.least:g}")
        self.sold = QLineEdit("" if is_.sold is None else f"{is_.sold:g}")
        self.row("&Kind", self.kind)
        self.row("&Class, as in the part library", self.name)
        if now is None:
            self.row("&How much", self.amount)
        self.row("Where it &lies", self.place)
        self.row("&Supplier", self.supplier)
        self.row("&Price of one, or of a metre", self.price)
        self.row("&Buy when no more than this is left", self.least)
        self.row("S&old in lengths or packs of", self.sold)
        self.kind.currentIndexChanged.connect(self._kind_told)
        self._kind_told()
        (self.name if now is None else self.place).setFocus()

    @property
    def part(self) -> PartKind:
        """The kind that is chosen."""
        return PartKind(self.kind.currentData())

    def _kind_told(self) -> None:
        """Classes of that kind to choose from, and the unit of its amount."""
        now, kind = self.name.currentText(), self.part
        self.name.clear()
        model = PART_KINDS.get(kind.value)
        if model is not None:
            self.name.addItems([part.name for part in self._library.of(model)])
        self.name.setCurrentText(now)
        unit = "m; 500 mm or 16 ft are right too" if kind.by_length else "pieces"
        self.amount.setPlaceholderText(unit)
        self.least.setPlaceholderText(unit)
        self.sold.setPlaceholderText("empty: any amount")

    def told(self) -> PartIs:
        """What the part is, as typed.

        Raises
        ------
        Refusal
            If a number is none.
        """
        price, least, sold = (e.text().strip() for e in (self.price, self.least, self.sold))
        if not self.name.currentText().strip():
            raise Refusal("Which class the part is of is not told.")
        return as_told(
            lambda: PartIs(
                part=self.part,
                name=self.name.currentText().strip(),
                place=self.place.currentText().strip(),
                supplier=self.supplier.currentText().strip(),
                price=parse_number(price) if price else None,
                least=amount_of(least, self.part) if least else None,
                sold=amount_of(sold, self.part) if sold else None,
            ),
            PartIs,
        )


class AmountForm(StockForm):
    """How much of a part is there, or came in or went."""

    def __init__(self, part: PartInStock, counted: bool, parent: QWidget) -> None:
        super().__init__(part.is_.name, "&Write it", parent)
        self._part, self._counted = part, counted
        self.amount, self.reason = QLineEdit(), QLineEdit()
        unit = unit_of(part.is_)
        self.row(f"&There are, {unit}" if counted else f"&More, or less (−), {unit}", self.amount)
        self.amount.setPlaceholderText(f"{figures(part.amount)} {unit} by the register")
        if not counted:
            self.row("Wh&y", self.reason)
        self.amount.setFocus()

    def much(self) -> float:
        """The amount, as typed."""
        return amount_of(self.amount.text(), self._part.is_.part, signed=not self._counted)


class ToolForm(StockForm):
    """A tool: what it is."""

    def __init__(self, tools: Iterable[ToolInShop], now: ToolInShop | None, parent: QWidget) -> None:
        title = f"What {now.is_.name} is" if now else "A tool of the shop"
        super().__init__(title, "&Write it" if now else "Take it &in", parent)
        is_ = now.is_ if now else ToolIs.model_construct(tool=ToolKind.METER, name="")
        self.kind = choice(TOOLS, is_.tool)
        self.name = QLineEdit(is_.name)
        self.joins = calm(QComboBox())
        self.joins.addItem("not told", None)
        for welder in Welder:
            self.joins.addItem(welder.value, welder.value)
        self.joins.setCurrentIndex(self.joins.findData(is_.joins.value if is_.joins else None))
        self.watts = QLineEdit("" if is_.watts is None else f"{is_.watts:g}")
        self.watts.setPlaceholderText("W")
        self.place = words_or_known((t.is_.place for t in tools), is_.place)
        self.every = QLineEdit("" if is_.every_days is None else str(is_.every_days))
        self.every.setPlaceholderText("365 or 1 year; empty for never")
        self.note = QLineEdit(is_.note)
        self.row("&Kind", self.kind)
        self.row("&Called here", self.name)
        self.row("It &joins", self.joins)
        self.row("&Power", self.watts)
        self.row("Where it &stands", self.place)
        self.row("&Checked every", self.every)
        self.row("&Note", self.note)
        self.kind.currentIndexChanged.connect(self._kind_told)
        self._kind_told()
        self.name.setFocus()

    @property
    def tool(self) -> ToolKind:
        """The kind that is chosen."""
        return ToolKind(self.kind.currentData())

    def _kind_told(self) -> None:
        self.form.setRowVisible(self.joins, self.tool is ToolKind.WELDER)
        self.form.setRowVisible(self.watts, self.tool in (ToolKind.IRON, ToolKind.HEAT_GUN))

    def told(self) -> ToolIs:
        """What the tool is, as typed.

        Raises
        ------
        Refusal
            If a number is none.
        """
        if not self.name.text().strip():
            raise Refusal("What the tool is called here is not told: records name it so.")
        joins = self.joins.currentData() if self.tool is ToolKind.WELDER else None
        heats = self.tool in (ToolKind.IRON, ToolKind.HEAT_GUN)
        watts, every = self.watts.text().strip() if heats else "", days_of(self.every.text())
        return as_told(
            lambda: ToolIs(
                tool=self.tool,
                name=self.name.text().strip(),
                joins=Welder(joins) if joins else None,
                watts=parse(watts, "W", "W") if watts else None,
                place=self.place.currentText().strip(),
                every_days=every,
                note=self.note.text().strip(),
            ),
            ToolIs,
        )


class CheckForm(StockForm):
    """A tool was held against something known."""

    def __init__(self, tool: ToolInShop, parent: QWidget) -> None:
        super().__init__(f"{tool.is_.name} checked", "&Write it", parent)
        self.right = QCheckBox("It is &right")
        self.right.setChecked(True)
        self.found, self.paper = QLineEdit(), QLineEdit()
        self.found.setPlaceholderText("such as 4.0012 V against the 4.0000 V reference")
        self.form.addRow("", self.right)
        self.row("&Held against what, and what it showed", self.found)
        self.row("Number of its &certificate", self.paper)
        self.found.setFocus()
