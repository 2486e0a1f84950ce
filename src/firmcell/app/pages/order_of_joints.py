"""In which order tap points are joined: chosen, searched or moved, with what the order exposes."""

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QHBoxLayout

from firmcell.core.bench.joint_order import moved, order_of, order_words
from firmcell.core.model.design import JointOrder
from firmcell.core.records.step import Step
from firmcell.core.rules.table import Topic

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage


class OrderOfJoints:
    """The choice of the order, its price, and the keys that move the step at hand."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        self.shown = Topic.BUILT in self.session.plan.topics
        if not self.shown:
            return
        page.section("Order of the joints")
        page.field("joining.order")
        self.price = page.text(name="")
        self.price.setAccessibleName("What the order exposes")
        row = QHBoxLayout()
        for words, by, keys in (("Joint &earlier", -1, "Ctrl+Alt+Up"), ("Joint &later", 1, "Ctrl+Alt+Down")):
            tip = f"Moves the joint at hand among those of its face ({keys})"
            button = page.button(words, partial(self.move, by), tip)
            button.setShortcut(keys)
            row.addWidget(button)
        page.body.addLayout(row)
        page.list.let_move()
        page.list.moved.connect(self.dropped)

    def fill(self) -> None:
        """Say what the order exposes."""
        if self.shown:
            s = self.session
            self.price.setText(order_words(s.design, s.analysis.layout, s.analysis.strips))

    def dropped(self, ref: str, onto: str) -> bool:
        """A step dragged to the place of another; returns whether it moved."""
        s = self.session
        by_ref = {f"step:{step.code}": step for step in s.steps}
        step, place = by_ref.get(ref), by_ref.get(onto)
        if step is None or place is None or step is place:
            return False
        if not step.joins or not place.joins or step.face is not place.face:
            s.refused.emit("Only the step of a joint is dragged, to the place of another on the same face.")
            return False
        order = order_of(s.design, s.analysis.layout, s.analysis.strips)
        mine = [n for n in order if any(t.joins[:1] == (n,) and t.face is step.face for t in s.steps)]
        return self._move(step, mine.index(place.joins[0]) - mine.index(step.joins[0]))

    def move(self, by: int) -> bool:
        """Move the joint at hand one place; returns whether it moved."""
        if self.page.step is None or not self.page.step.joins:
            self.session.refused.emit("Show the step of a joint first: its tap point is moved.")
            return False
        return self._move(self.page.step, by)

    def _move(self, step: Step, by: int) -> bool:
        s = self.session
        order = moved(s.design, s.analysis.layout, s.analysis.strips, step.joins[0], by)
        if order is None:
            s.refused.emit(f"“{step.title}” is the {'first' if by < 0 else 'last'} of its face already.")
            return False
        edits = (("joining.order", JointOrder.OWN), ("joining.own_order", order))
        return s.edit_all(edits, "order of the joints")
