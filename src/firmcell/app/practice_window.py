"""Practise by eye: a picture that the program draws, a question, and what the picture shows."""

from typing import Any

from PySide6.QtCore import QSettings
from PySide6.QtGui import QFont, QKeyEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QPushButton,
    QRadioButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.canvas.view import PackView
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.practice_history import PracticeHistory
from firmcell.app.theme import Palette, sized
from firmcell.app.wheel import calm
from firmcell.core.model.parts import Connector
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.practice.subjects import any_task
from firmcell.core.practice.task import HINT_COSTS, Subject, Task, score_task


class PracticeWindow(QDialog):
    """Look, choose what it is (and where), name it; scored by danger missed.

    Keys: 1 to 8 choose, Enter names it and goes on to the next, Alt and the letters underlined do the rest.
    """

    def __init__(
        self,
        connectors: tuple[Connector, ...],
        palette: Palette,
        settings: QSettings,
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("Practise by eye")
        self.connectors, self.settings = connectors, settings
        self.task: Task
        self.hints, self.named = 0, False
        outer = QHBoxLayout(self)
        self.view = PackView(palette)
        self.view.picked.connect(self._clicked)
        outer.addWidget(self.view, 3)
        column = QVBoxLayout()
        outer.addLayout(column, 2)
        self._make_subject(column)
        self._make_naming(column)
        self.history = PracticeHistory(settings, "practice/by-eye", self)
        column.addWidget(self.history)
        let_scroll(self)
        self.resize(1060, 700)
        fit_on_desktop(self)
        self.another()

    def _make_subject(self, column: QVBoxLayout) -> None:
        row = QHBoxLayout()
        label = PlainLabel("&Subject")
        self.subjects = calm(QComboBox())
        self.subjects.addItems(["a bit of everything", *(s.value for s in Subject)])
        self.subjects.setAccessibleName("Subject")
        label.setBuddy(self.subjects)
        kept: Any = self.settings.value("practice/subject", 0)
        self.subjects.setCurrentIndex(int(kept))
        self.subjects.currentIndexChanged.connect(self._choose_subject)
        row.addWidget(label)
        row.addWidget(self.subjects, 1)
        column.addLayout(row)
        self.question = PlainLabel()
        self.question.setWordWrap(True)
        self.question.setFont(sized(1.1, QFont.Weight.DemiBold))
        self.question.setAccessibleName("Question")
        column.addWidget(self.question)

    def _make_naming(self, column: QVBoxLayout) -> None:
        self.choice_box = QVBoxLayout()
        column.addLayout(self.choice_box)
        self.group = QButtonGroup(self)
        row = QHBoxLayout()
        self.place_label = PlainLabel("&Where")
        self.places = calm(QComboBox())
        self.places.setAccessibleName("Where it is")
        self.place_label.setBuddy(self.places)
        row.addWidget(self.place_label)
        row.addWidget(self.places, 1)
        column.addLayout(row)
        self.words = PlainLabel()
        self.words.setWordWrap(True)
        self.words.setAccessibleName("How you did")
        column.addWidget(self.words)
        column.addStretch(1)
        row = QHBoxLayout()
        self.name_button = QPushButton("&Name it")
        self.name_button.setProperty("main", "true")
        self.name_button.setDefault(True)
        self.name_button.clicked.connect(self.name_or_next)
        row.addWidget(self.name_button)
        self.hint_button = QPushButton("&Hint")
        self.hint_button.setAutoDefault(False)
        self.hint_button.setToolTip(f"What to look at; costs {HINT_COSTS} points")
        self.hint_button.clicked.connect(self.hint)
        close = QPushButton("&Close")
        close.setAutoDefault(False)
        close.clicked.connect(self.accept)
        row.addWidget(self.hint_button)
        row.addWidget(close)
        column.addLayout(row)

    # -- practising -------------------------------------------------------------------------------------

    def _choose_subject(self, index: int) -> None:
        self.settings.setValue("practice/subject", index)
        self.another()

    def another(self) -> None:
        """Show another task of the subject chosen; each has a number."""
        kept: Any = self.settings.value("practice/eye-seed", 0)
        seed = int(kept) + 1
        self.settings.setValue("practice/eye-seed", seed)
        every = list(Subject)
        index = self.subjects.currentIndex()
        subject = every[index - 1] if index > 0 else every[seed % len(every)]
        self.lay_out(any_task(subject, seed, self.connectors, self.history.weak()))

    def lay_out(self, task: Task) -> None:
        """Begin with this task."""
        self.task, self.hints, self.named = task, 0, False
        self.question.setText(task.question)
        for button in self.group.buttons():
            self.group.removeButton(button)
            self.choice_box.removeWidget(button)
            button.hide()
            button.deleteLater()
        for number, choice in enumerate(task.choices):
            button = QRadioButton(f"{number + 1}  {choice.words}")
            button.setAccessibleName(choice.words)
            self.group.addButton(button, number)
            self.choice_box.addWidget(button)
        self.places.clear()
        if task.asks_place:
            self.places.addItem("choose, or click on the picture")
            self.places.addItems([place.words for place in task.places])
        self.places.setVisible(task.asks_place)
        self.place_label.setVisible(task.asks_place)
        self.words.setText("")
        self.name_button.setText("&Name it")
        self.hint_button.setEnabled(True)
        self._show({}, task.subject.value)

    def _show(self, marks: dict[str, str], caption: str) -> None:
        self.view.show_faces(list(self.task.drawings), StagePaint(marks, (), caption))

    def _clicked(self, ref: str) -> None:
        for number, place in enumerate(self.task.places):
            if ref and place.ref == ref and not self.named:
                self.places.setCurrentIndex(number + 1)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """A figure chooses the answer of that number."""
        button = self.group.button(int(event.text()) - 1) if event.text() in tuple("123456789") else None
        if button is None or self.named:
            super().keyPressEvent(event)
        else:
            button.click()

    def name_or_next(self) -> None:
        """Say what it is; once that is said, go on to the next."""
        if self.named:
            self.another()
        else:
            self.name_it()

    def name_it(self) -> None:
        """Say what it is, and see it on the picture."""
        if self.group.checkedId() < 0:
            self.words.setText("Choose one of the answers.")
            return
        if self.task.asks_place and self.places.currentIndex() < 1:
            self.words.setText("Choose where it is, or click on it.")
            return
        told = score_task(self.task, self.group.checkedId(), self.places.currentIndex() - 1, self.hints)
        self.named = True
        self.history.add([(self.task.kind, told.points)])
        self.words.setText(f"{told.points} points. {told.words}")
        self.name_button.setText("&Next")
        self.hint_button.setEnabled(False)
        for number, button in enumerate(self.group.buttons()):
            button.setEnabled(number in (self.task.answer, self.group.checkedId()))
        self._show(dict.fromkeys(self.task.shown, "bad"), self.task.choices[self.task.answer].words)

    def hint(self) -> None:
        """What to look at."""
        self.hints += 1
        self.words.setText(f"{self.task.look} This hint costs {HINT_COSTS} points.")
        self.hint_button.setEnabled(False)
