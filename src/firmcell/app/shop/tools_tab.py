"""Tools of the shop: welders, irons, meters, and when they were checked."""

from collections.abc import Callable
from datetime import datetime

from firmcell.app.shop.shop_forms import CheckForm, ToolForm
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.shop.things_tab import ThingsTab
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import plural
from firmcell.core.stock.cell_history import when
from firmcell.core.stock.part_entries import ThingLeft
from firmcell.core.stock.part_words import tool_can, tool_stands
from firmcell.core.stock.things import ToolInShop
from firmcell.core.stock.tool_entries import ToolAdded, ToolChecked, ToolDescribed

HEADINGS = ("Kind", "Called", "It can", "Checked", "Stands", "Where")
EMPTY = "No tool is told yet. With its welders a proposal knows which strip can be joined; with its meters the program says when one is to be checked."


class ToolsTab(ThingsTab):
    """Welders, irons, heat guns, meters and chargers."""

    def __init__(self, state: ShopState, person: Callable[[], str]) -> None:
        super().__init__(state, person, HEADINGS, "Tools", EMPTY, 1)
        self.button("new", "&New tool…", self.new)
        self.button("check", "&Checked…", self.check)
        self.button("describe", "&What it is…", self.describe)
        self.button("leave", "No longer &kept", self.leave, end=True)
        self.table.chosen.connect(lambda _: self.check())
        state.changed.connect(self.show_tools)
        self.show_tools()

    def show_tools(self) -> None:
        """Show all tools as they are."""
        now = datetime.now().astimezone()
        rows = []
        for tool in self.state.tools:
            checked = f"{when(tool.checked):%Y-%m-%d}" if tool.checked else ""
            texts = (
                tool.is_.tool.value,
                tool.is_.name,
                tool_can(tool.is_),
                checked,
                tool_stands(tool, now),
                tool.is_.place,
            )
            rows.append((tool.key, texts))
        self.show_rows(rows)

    def picked(self) -> ToolInShop | None:
        """The tool that is picked."""
        return next((t for t in self.state.tools if t.key == self.picked_key()), None)

    def words_of(self, key: str) -> tuple[str, str]:
        tool = self.picked()
        if tool is None:
            return "", ""
        every = tool.is_.every_days
        parts = [
            tool.is_.tool.value,
            tool_can(tool.is_),
            visible(tool.is_.place),
            f"checked every {plural(every, 'day')}" if every else "",
            visible(tool.is_.note),
            f"last check: {visible(tool.found)}" if tool.found else "",
            tool_stands(tool, datetime.now().astimezone()),
        ]
        words = ", ".join(part for part in parts if part)
        return visible(tool.is_.name), f"{words[:1].upper()}{words[1:]}."

    def new(self) -> None:
        """Take a tool in."""
        self.run(self.form_for_new())

    def form_for_new(self) -> ToolForm:
        """Return the dialog for a tool that comes in."""
        from firmcell.register.register import new_key

        form = ToolForm(self.state.tools, None, self)
        form.take = lambda: self.state.write(new_key(), ToolAdded(is_=form.told()), self.person())
        return form

    def describe(self) -> None:
        """Say anew what the tool is."""
        if self.picked() is not None:
            self.run(self.form_for_description())

    def form_for_description(self) -> ToolForm:
        """Return the dialog for what the picked tool is."""
        tool = self.picked()
        assert tool is not None
        form = ToolForm(self.state.tools, tool, self)

        def take() -> None:
            self.state.write(tool.key, ToolDescribed(is_=form.told(), after=tool.told_by), self.person())

        form.take = take
        return form

    def check(self) -> None:
        """Write that the tool was held against something known."""
        if self.picked() is not None:
            self.run(self.form_for_check())

    def form_for_check(self) -> CheckForm:
        """Return the dialog for a check of the picked tool."""
        tool = self.picked()
        assert tool is not None
        form = CheckForm(tool, self)

        def take() -> None:
            data = ToolChecked(
                right=form.right.isChecked(), found=form.found.text().strip(), paper=form.paper.text().strip()
            )
            self.state.write(tool.key, data, self.person())

        form.take = take
        return form

    def leave(self) -> None:
        """The tool is no longer kept; Ctrl+Z brings it back."""
        tool = self.picked()
        if tool is not None:
            self.state.write(tool.key, ThingLeft(), self.person())
            self.told.emit(f"{tool.is_.name} is no longer kept. Ctrl+Z takes that back.")
