"""What every stage page is made of: sections, fields, figures and tables in one scrolling column."""

from collections.abc import Callable
from typing import Any, ClassVar

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QFont, QResizeEvent
from PySide6.QtWidgets import QGridLayout, QLabel, QPushButton, QScrollArea, QVBoxLayout, QWidget

from firmcell.app.fields import Field, bare_type, field_at
from firmcell.app.pages.jump_bar import JumpBar
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session
from firmcell.app.tables import RowsTable
from firmcell.app.theme import sized
from firmcell.core.analysis.findings import Stage
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Part
from firmcell.store.units import System

Figure = tuple[str, Callable[[], str]]


class Page(QScrollArea):
    """A stage; subclasses fill `body` in `build` and call `refresh` when the job changed."""

    stage: ClassVar[Stage]
    heading: ClassVar[str]
    begins_at_once: ClassVar[bool] = False
    """Whether the page begins under its title, without a section of its own for what stands there."""
    picked = Signal(str)

    def __init__(self, session: Session, system: System, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.system = session, system
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(f"Stage {self.stage.value}")
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        inside = QWidget()
        # Before anything is in it: what is put under another parent is dressed anew with all that it holds.
        self.setWidget(inside)
        self.body = QVBoxLayout(inside)
        self.body.setContentsMargins(14, 10, 14, 14)
        self.body.setSpacing(6)
        title = PlainLabel(self.heading)
        title.setFont(sized(1.25, QFont.Weight.DemiBold))
        title.setWordWrap(True)
        self.body.addWidget(title)
        self._fields: list[tuple[str, Field]] = []
        self._figures: list[tuple[QLabel, QLabel, Callable[[], str]]] = []
        self._grid: QGridLayout | None = None
        self._headings: list[QLabel] = [title] if self.begins_at_once else []
        self.jump = JumpBar(self._scroll_to, self)
        self.jump.changed.connect(self._show_sections)
        self.kind_sections()
        self.build()
        self.body.addStretch(1)
        self.verticalScrollBar().valueChanged.connect(self.jump.at)
        self.refresh()

    def minimumSizeHint(self) -> QSize:
        inside = self.widget()
        wide = inside.minimumSizeHint().width() if inside is not None else 0
        return QSize(
            wide + self.verticalScrollBar().sizeHint().width() + 2, super().minimumSizeHint().height()
        )

    def build(self) -> None:
        """Make the widgets of the page."""
        raise NotImplementedError

    # -- building blocks ------------------------------------------------------------------------------

    def section(self, title: str) -> QLabel:
        """Begin a section under a heading."""
        label = PlainLabel(title)
        label.setObjectName("section")
        label.setFont(sized(1.02, QFont.Weight.DemiBold))
        self.body.addWidget(label)
        self._headings.append(label)
        self.jump.watch(label)
        self._grid = None
        return label

    def text(self, words: str = "", name: str = "quiet") -> QLabel:
        """A paragraph."""
        label = PlainLabel(words)
        label.setObjectName(name)
        label.setWordWrap(True)
        label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.body.addWidget(label)
        self._grid = None
        return label

    def _rows(self) -> QGridLayout:
        if self._grid is None:
            self._grid = QGridLayout()
            self._grid.setHorizontalSpacing(8)
            self._grid.setVerticalSpacing(3)
            self._grid.setColumnStretch(0, 5)
            self._grid.setColumnStretch(1, 5)
            self.body.addLayout(self._grid)
        return self._grid

    def field(self, path: str) -> Field:
        """A field of the design at a dotted path."""
        model, name = field_at(Design, path)
        title = model.model_fields[name].title or name
        kind, _ = bare_type(model, name)
        choices: tuple[Part, ...] = self.session.library.of(kind) if issubclass(kind, Part) else ()
        field = Field(
            self._rows(),
            model,
            name,
            lambda value: self.session.edit(path, value, title),
            self.system,
            choices,
        )
        self._fields.append((path, field))
        return field

    def kind_sections(self) -> None:
        """The sections that only this kind of job has on this page."""
        s = self.session
        for section in s.plan.sections.get(self.stage, ()):
            self.section(section.title)
            for path in section.fields:
                self.field(path)
            if section.words:
                self.text(section.words)
            if section.figures:
                self.figures(
                    *(
                        (name, lambda tell=tell: tell(s.design, s.analysis, s.library))
                        for name, tell in section.figures
                    )
                )

    def figures(self, *figures: Figure) -> None:
        """Names with values read anew at each refresh; a row without anything to say is left out."""
        grid = QGridLayout()
        grid.setHorizontalSpacing(10)
        grid.setVerticalSpacing(2)
        grid.setColumnStretch(1, 1)
        for row, (name, tell) in enumerate(figures):
            label = PlainLabel(name)
            label.setObjectName("quiet")
            value = PlainLabel()
            value.setWordWrap(True)
            value.setAccessibleName(name)
            value.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
            grid.addWidget(label, row, 0, Qt.AlignmentFlag.AlignTop)
            grid.addWidget(value, row, 1)
            self._figures.append((label, value, tell))
        self.body.addLayout(grid)
        self._grid = None

    def button(self, text: str, call: Callable[[], object], tip: str) -> QPushButton:
        """A button that is not yet placed; its tip is told to those who cannot see it as well."""
        button = QPushButton(text)
        button.setToolTip(tip)
        button.setAccessibleDescription(tip)
        button.clicked.connect(lambda _=False: call())
        return button

    def table(self, headings: tuple[str, ...], name: str, wide: int = -1) -> RowsTable:
        """A table whose rows light a part of the picture."""
        table = RowsTable(headings, name, wide)
        table.picked.connect(lambda ref: self.picked.emit(ref) if ref and ":" in ref else None)
        self.body.addWidget(table)
        self._grid = None
        return table

    # -- sections -------------------------------------------------------------------------------------

    def _show_sections(self) -> None:
        """Offer the sections that are there now, over a page that has several."""
        many = self.jump.show_sections([h for h in self._headings if not h.isHidden()])
        self.jump.setVisible(many)
        self.setViewportMargins(0, self.jump.sizeHint().height() if many else 0, 0, 0)
        self._lay_jump()

    def _lay_jump(self) -> None:
        self.jump.setGeometry(0, 0, self.width(), self.jump.sizeHint().height())
        self.jump.raise_()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._lay_jump()

    def _scroll_to(self, heading: QLabel) -> None:
        self.verticalScrollBar().setValue(heading.y() - 2)

    # -- showing ----------------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the session as it is."""
        for path, field in self._fields:
            value: Any = self.session.design
            for step in path.split("."):
                value = getattr(value, step)
            field.show_value(value)
        self.tell_figures()
        self.refresh_more()
        self._show_sections()

    def tell_figures(self) -> None:
        """Read all figures anew."""
        for name, value, tell in self._figures:
            words = tell()
            value.setText(words)
            for part in (name, value):
                part.setVisible(bool(words))

    def refresh_more(self) -> None:
        """What a page shows beyond fields and figures."""

    def take_focus(self) -> None:
        """The user comes to work here; pages where something waits to be typed put the keyboard there."""

    def point_at(self, ref: str) -> None:
        """The user picked a part on the picture; pages with a table select its row."""
