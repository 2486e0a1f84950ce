"""Fields of the forms: made from the models, each with its unit, its range and a plain error beneath."""

from collections.abc import Callable
from enum import Enum
from functools import partial
from types import NoneType, UnionType
from typing import Any, Union, get_args, get_origin

from PySide6.QtCore import QEvent, QObject, QRect, Qt, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QCheckBox, QComboBox, QGridLayout, QLabel, QLineEdit, QSizePolicy, QWidget
from shiboken6 import isValid

from firmcell.app.language.edge import number
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import sized
from firmcell.app.wheel import calm
from firmcell.core.base.quantity import Frozen, model_in, typed_in, unit_of
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible
from firmcell.core.model.parts import Part
from firmcell.store.units import System, parse, show, show_number, shown_unit

Commit = Callable[[object], None]


def field_at(model: type[Frozen], path: str) -> tuple[type[Frozen], str]:
    """Return the model and the field name at the end of a dotted path."""
    *way, name = path.split(".")
    for step in way:
        model = model_in(model, step)
    return model, name


def bare_type(model: type[Frozen], name: str) -> tuple[type, bool]:
    """Return the plain type of a field and whether it may be empty."""
    annotation: Any = model.model_fields[name].annotation
    if get_origin(annotation) in (Union, UnionType):
        inner = [a for a in get_args(annotation) if a is not NoneType]
        annotation = inner[0]
        optional = True
    else:
        optional = False
    while get_origin(annotation) is not None and get_args(annotation):
        annotation = get_args(annotation)[0]
    return annotation, optional


def limits(model: type[Frozen], name: str) -> tuple[float | None, float | None]:
    """Return least and greatest value of a field, None where open."""
    info = model.model_fields[name]
    constraints = list(info.metadata)
    for inner in get_args(info.annotation):
        constraints += getattr(inner, "__metadata__", ())
    flat = [c for item in constraints for c in (getattr(item, "metadata", None) or [item])]
    lows = [getattr(c, key) for c in flat for key in ("ge", "gt", "low") if hasattr(c, key)]
    highs = [getattr(c, key) for c in flat for key in ("le", "lt", "high") if hasattr(c, key)]
    return max(lows, default=None), min(highs, default=None)


_MOVES = (QEvent.Type.Move, QEvent.Type.Resize, QEvent.Type.Show, QEvent.Type.Hide)


class _Wrapped(QLabel):
    """A title that is never cut: it asks for the height that its words need at the width it has got."""

    def __init__(self, words: str) -> None:
        super().__init__(words)
        self.setWordWrap(True)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        # The grid keeps what it worked out at another width; a least height makes it look again.
        self.setMinimumHeight(max(self.heightForWidth(event.size().width()), 0))


class FieldRow(QObject):
    """A label, an editor and a note for range and faults, placed in a grid.

    The note floats and moves nothing: a click meant for another field would miss it otherwise. It stands
    between label and editor where there is room, or over the row above.
    """

    def __init__(self, grid: QGridLayout, title: str, unit: str, editor: QWidget) -> None:
        super().__init__(editor)
        row = grid.rowCount()
        # Over the first field of a section stands its heading, which a note must not hide.
        self._first = row <= 1
        self.label = _Wrapped(title)
        self.label.setBuddy(editor)
        self.unit = PlainLabel(unit)
        self.unit.setObjectName("quiet")
        # Of the editor until it floats: it goes with its page, whether it was ever shown or not.
        self.hint = PlainLabel("", editor)
        self.hint.setObjectName("field-hint")
        self.hint.setWordWrap(True)
        self.hint.setFont(sized(0.86))
        self.hint.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.hint.hide()
        self.editor = editor
        editor.setAccessibleName(f"{title} {unit}".strip())
        grid.addWidget(self.label, row, 0)
        grid.addWidget(editor, row, 1)
        grid.addWidget(self.unit, row, 2)
        editor.installEventFilter(self)
        self._range = ""

    def set_range(self, text: str) -> None:
        """What is shown by the field while it has the focus."""
        self._range = text
        self.editor.setToolTip(text)

    def fault(self, sentence: str) -> None:
        """Show why the entry cannot be used; "" takes it away."""
        self._dress(
            "field-fault" if sentence else "field-hint",
            sentence or (self._range if self.editor.hasFocus() else ""),
        )
        if bool(sentence) != self.is_faulty:
            # Only then: every field is told at every change that nothing is wrong with it.
            self.editor.setProperty("wrong", "true" if sentence else "false")
            self.editor.style().polish(self.editor)
        self.editor.setAccessibleDescription(sentence)

    @property
    def is_faulty(self) -> bool:
        """Whether a fault is shown."""
        return bool(self.editor.property("wrong") == "true")

    def _dress(self, name: str, text: str) -> None:
        if name != self.hint.objectName():
            self.hint.setObjectName(name)
            self.hint.style().polish(self.hint)
        self.hint.setText(text)
        self._float()

    def _float(self) -> None:
        """Lay the note beside the label if it fits, else over the row above, or beneath where no field is
        above."""
        parent = self.editor.parentWidget()
        if not self.hint.text() or parent is None or not self.editor.isVisibleTo(parent):
            self.hint.hide()
            return
        if self.hint.parentWidget() is not parent:
            self.hint.setParent(parent)
        row = self.label.geometry().united(self.editor.geometry()).united(self.unit.geometry())
        # As narrow as its words allow, so that most often only the label above is under it and not the value.
        words = self.hint.fontMetrics().horizontalAdvance(self.hint.text()) + round(
            1.2 * self.hint.fontMetrics().height()
        )
        label = self.label.geometry()
        free_from = label.x() + self.label.fontMetrics().horizontalAdvance(self.label.text()) + 4
        if free_from + words + 4 <= self.editor.x():
            height = self.hint.heightForWidth(words)
            top = self.editor.geometry().center().y() - height // 2
            self._show_at(QRect(self.editor.x() - words - 4, top, words, height))
            return
        width = min(row.width(), words)
        height = self.hint.heightForWidth(width)
        above = self.editor.y() - height - 1
        beneath = self.editor.geometry().bottom() + 2
        self._show_at(QRect(row.x(), above if above >= 0 and not self._first else beneath, width, height))

    def _show_at(self, place: QRect) -> None:
        self.hint.setGeometry(place)
        self.hint.show()
        self.hint.raise_()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        # A window that goes down takes the focus from a field whose label is already gone.
        if isValid(self.hint) and isValid(self.editor):
            if event.type() in _MOVES:
                self._float()
            elif self.is_faulty:
                return False
            elif event.type() == QEvent.Type.FocusIn and self._range:
                self._dress("field-hint", self._range)
            elif event.type() == QEvent.Type.FocusOut:
                self._dress("field-hint", "")
        return False


class Field(QObject):
    """One field of a model in a form. Call `show_value` with the present value; it calls `commit` with new
    ones."""

    committed = Signal()

    def __init__(
        self,
        grid: QGridLayout,
        model: type[Frozen],
        name: str,
        commit: Commit,
        system: System,
        choices: tuple[Part, ...] = (),
    ) -> None:
        self.model, self.name, self.commit, self.system, self.choices = model, name, commit, system, choices
        self.kind, self.optional = bare_type(model, name)
        self.si, self.typed_in = unit_of(model, name), typed_in(model, name)
        self.title = model.model_fields[name].title or name.replace("_", " ")
        self._value: Any = None
        self._filled: list[tuple[str, Any]] = []
        self.also: Callable[[str], float | None] = lambda _: None
        editor = self._make_editor()
        super().__init__(editor)
        shown = self._units if self.si not in (None, "count", "1") else ""
        self.row = FieldRow(grid, self.title if not isinstance(editor, QCheckBox) else "", shown, editor)
        if isinstance(editor, QCheckBox):
            editor.setAccessibleName(self.title)
        self.row.set_range(self._range_words())

    # -- making -----------------------------------------------------------------------------------------

    def _make_editor(self) -> QWidget:
        if self.kind is bool:
            box = QCheckBox(self.title)
            box.toggled.connect(lambda on: self._try(on))
            return box
        if issubclass(self.kind, Part) or issubclass(self.kind, Enum):
            combo = calm(QComboBox())
            combo.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            combo.setMinimumContentsLength(12)
            combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            combo.activated.connect(lambda _: self._try(combo.currentData()))
            return combo
        line = QLineEdit()
        line.editingFinished.connect(self.enter)
        return line

    def _range_words(self) -> str:
        low, high = limits(self.model, self.name)
        if self.kind not in (int, float):
            return ""
        si = self.si or "1"
        words = []
        if low is not None:
            words.append(
                f"from {show(low, si, self.system, self.typed_in)}"
                if low
                else "above 0"
                if self._is_positive()
                else "from 0"
            )
        if high is not None:
            words.append(f"to {show(high, si, self.system, self.typed_in)}")
        text = " ".join(words)
        units = self._units
        known = f"; bare numbers are {units}" if units not in ("1", "count") else ""
        empty = "; may be left empty" if self.optional else ""
        return f"{text}{known}{empty}".strip("; ")

    @property
    def _units(self) -> str:
        """What a bare number means."""
        return self.typed_in or shown_unit(self.si or "1", self.system)

    def _is_positive(self) -> bool:
        info = self.model.model_fields[self.name]
        flat = [c for item in info.metadata for c in (getattr(item, "metadata", None) or [item])]
        return any(getattr(c, "gt", None) == 0 for c in flat)

    # -- showing ----------------------------------------------------------------------------------------

    def set_shown(self, shown: bool) -> None:
        """Show the field, or leave it out where it has no meaning."""
        for part in (self.row.label, self.row.editor, self.row.unit):
            part.setVisible(shown)
        if not shown:
            self.row.hint.hide()

    def show_value(self, value: Any) -> None:
        """Show the model's value; what the user is just typing in the field stays."""
        self._value = value
        editor = self.row.editor
        editor.blockSignals(True)
        if isinstance(editor, QCheckBox):
            editor.setChecked(bool(value))
        elif isinstance(editor, QComboBox):
            self._fill(editor, value)
        elif isinstance(editor, QLineEdit) and not (editor.hasFocus() and editor.isModified()):
            editor.setText(self._text(value))
            editor.setModified(False)
            self.row.fault("")
        editor.blockSignals(False)

    def type_in(self, value: float) -> None:
        """Enter a value in SI as if it had been typed."""
        editor = self.row.editor
        assert isinstance(editor, QLineEdit)
        editor.setText(self._text(value))
        editor.setModified(True)
        self.enter()

    def _fill(self, combo: QComboBox, value: Any) -> None:
        entries = self._entries(value)
        if entries != self._filled:
            combo.clear()
            for text, data in entries:
                combo.addItem(text, data)
            self._filled = entries
        combo.setCurrentIndex(
            next(
                (
                    index
                    for index, (_, data) in enumerate(entries)
                    if data == value
                    or (isinstance(data, Part) and value is not None and data.name == value.name)
                ),
                0,
            )
        )

    def _entries(self, value: Any) -> list[tuple[str, Any]]:
        """What can be chosen, as it is shown and as it is meant."""
        entries: list[tuple[str, Any]] = [("none", None)] if self.optional else []
        if issubclass(self.kind, Enum):
            return entries + [(str(member.value), member) for member in self.kind]
        if value is not None and all(part.name != value.name for part in self.choices):
            entries.append((f"{visible(value.name)} (only in this job)", value))
        return entries + [(visible(part.name), part) for part in self.choices]

    def _text(self, value: Any) -> str:
        if value is None:
            return ""
        if self.kind in (int, float):
            return number(show_number(value, self.si or "1", self.system, self.typed_in))
        return str(value)

    # -- committing -------------------------------------------------------------------------------------

    def enter(self) -> None:
        """Take what is typed, if anything new is."""
        editor = self.row.editor
        assert isinstance(editor, QLineEdit)
        if not editor.isModified():
            return
        text = editor.text()
        try:
            value = self._parsed(text)
        except Refusal as refusal:
            self.row.fault(refusal.sentence)
            return
        if isinstance(value, float) and self._value is not None and text.strip() == self._text(self._value):
            editor.setModified(False)
            self.row.fault("")
            return
        self._try(value)

    def _parsed(self, text: str) -> Any:
        if self.kind not in (int, float):
            return text.strip()
        if self.optional and not text.strip():
            return None
        si = self.si or "1"
        value = self.also(text)
        if value is None:
            value = parse(text, si, None if self._units == "1" else self._units)
        low, high = limits(self.model, self.name)
        if low is not None and value < low - abs(low) * 1e-12:
            raise Refusal(
                f"{self.title}: {text.strip()} is too little; from {show(low, si, self.system, self.typed_in)} is right."
            )
        if high is not None and value > high + abs(high) * 1e-12:
            raise Refusal(
                f"{self.title}: {text.strip()} is too much; up to {show(high, si, self.system, self.typed_in)} is right."
            )
        return int(value) if self.kind is int else value

    def _try(self, value: object) -> None:
        editor = self.row.editor
        try:
            if isinstance(editor, QLineEdit):
                editor.setModified(False)
            self.commit(value)
        except Refusal as refusal:
            if isinstance(editor, QLineEdit):
                editor.setModified(True)
            self.row.fault(refusal.sentence)
            return
        self.row.fault("")
        self.committed.emit()


class RecordForm(QWidget):
    """A form for one kind of record: fields of its model, read all at once."""

    def __init__(
        self,
        model: type[Frozen],
        system: System,
        given: dict[str, Any],
        parent: QWidget | None = None,
        skip: tuple[str, ...] = (),
    ) -> None:
        super().__init__(parent)
        self.model = model
        self._values: dict[str, Any] = {}
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setColumnStretch(1, 1)
        self.fields: dict[str, Field] = {}
        for name, info in model.model_fields.items():
            if name == "kind" or name in skip or get_origin(info.annotation) is tuple:
                continue
            field = Field(grid, model, name, partial(self._values.__setitem__, name), system)
            value = given.get(name, None if info.is_required() else info.default)
            if value is not None:
                self._values[name] = value
                field.show_value(value)
            elif field.kind is bool:
                self._values[name] = False
            self.fields[name] = field

    def take(self, name: str, value: Any) -> None:
        """Hold a value as if it had been entered."""
        self._values[name] = value

    def typed(self) -> dict[str, Any]:
        """Return what is entered so far, checked or not."""
        return dict(self._values)

    def values(self) -> dict[str, Any]:
        """Return the values entered.

        Raises
        ------
        Refusal
            Naming the first field that is missing or wrong.
        """
        for name, field in self.fields.items():
            editor = field.row.editor
            if isinstance(editor, QLineEdit):
                field.enter()
                info = self.model.model_fields[name]
                # A text that must have a character is as good as required, even if the model has a default.
                required = info.is_required() or any(getattr(m, "min_length", 0) for m in info.metadata)
                if (
                    not field.row.is_faulty
                    and required
                    and (name not in self._values or self._values[name] == "")
                ):
                    field.row.fault(f"{field.title} is missing.")
            if field.row.is_faulty:
                editor.setFocus()
                raise Refusal(field.row.hint.text())
        return dict(self._values)
