"""Parts in stock and tools of the workshop, in words."""

from collections.abc import Sequence
from datetime import datetime, timedelta

from firmcell.core.base.quantity import AH
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import duration, figures, millimetres, milliohms, plural
from firmcell.core.stock.cell_history import when
from firmcell.core.stock.entries import Entry, TakenBack, Told
from firmcell.core.stock.lessons import (
    CapacityMeasured,
    JointMeasured,
    PeelMeasured,
    SettingPeeled,
    StepTimed,
)
from firmcell.core.stock.part_entries import (
    PartAdded,
    PartChanged,
    PartCounted,
    PartDescribed,
    PartIs,
    ThingLeft,
)
from firmcell.core.stock.things import PartInStock, ToolInShop
from firmcell.core.stock.tool_entries import ToolAdded, ToolChecked, ToolDescribed, ToolIs, ToolKind

IN_DOUBT = "Read with another meter, or hold it against something known first."
"""What to do about a meter in doubt."""
SOON = timedelta(days=14)
"""A check of a tool that falls due within this is told."""


def amount_words(part: PartIs, amount: float) -> str:
    """Return how much of a part that is: 3.2 m, or 12.

    Examples
    --------
    >>> from firmcell.core.stock.part_entries import PartKind
    >>> strip, fuse = (PartIs(part=kind, name="n") for kind in (PartKind.STRIP, PartKind.FUSE))
    >>> amount_words(strip, 3.2), amount_words(fuse, 12)
    ('3.2 m', '12')
    """
    return f"{figures(amount)} m" if part.part.by_length else f"{amount:.0f}"


def part_stands(part: PartInStock) -> str:
    """Return what is to be told of how much is left; "" where it is enough."""
    if part.amount < 0:
        return "more was used than was there: count it"
    if part.amount == 0:
        return "none left"
    if part.is_.least is not None and part.amount <= part.is_.least:
        return "little left"
    return ""


def check_due(tool: ToolInShop) -> datetime | None:
    """Return when a tool is to be checked again; None for one that never is, and for one that is due but
    was never checked the time it came in is not known."""
    if tool.is_.every_days is None or not tool.checked:
        return None
    return when(tool.checked) + timedelta(days=tool.is_.every_days)


def tool_stands(tool: ToolInShop, now: datetime) -> str:
    """Return what is to be told of a tool; "" where nothing is."""
    if tool.checked and not tool.was_right:
        return "was not right when it was checked"
    if tool.is_.every_days is None:
        return ""
    due = check_due(tool)
    if due is None:
        return "never checked"
    days = (due - now).days
    if due < now:
        late = (now - due).days
        return f"check overdue by {plural(late, 'day')}" if late else "to be checked today"
    return f"to be checked in {plural(days, 'day')}" if due - now <= SOON else ""


def meters_in_doubt(tools: Sequence[ToolInShop], now: datetime) -> tuple[str, ...]:
    """Return a sentence for each meter that is not to be trusted: it was not right when it was checked, its
    check is overdue, or it was never checked and should be. A check that falls due later leaves it good."""
    told = (
        (tool.is_.name, tool_stands(tool, now))
        for tool in tools
        if tool.is_.tool is ToolKind.METER and not _good(tool, now)
    )
    return tuple(f"{visible(name)}: {stands}." for name, stands in told)


def _good(tool: ToolInShop, now: datetime) -> bool:
    if tool.checked and not tool.was_right:
        return False
    due = check_due(tool)
    return tool.is_.every_days is None or (due is not None and due.date() >= now.date())


def tool_can(tool: ToolIs) -> str:
    """Return what a tool does, in a few words."""
    if tool.tool is ToolKind.WELDER and tool.joins is not None:
        return f"joins {tool.joins.value.rpartition(': ')[2]}"
    return f"{figures(tool.watts)} W" if tool.watts else ""


def thing_told(entry: Entry) -> str:
    """Return what an entry about a part or a tool says, in one line."""
    data = entry.data
    if isinstance(data, PartAdded | ToolAdded):
        much = f", {amount_words(data.is_, data.amount)}" if isinstance(data, PartAdded) else ""
        return f"came in as {visible(data.is_.name)}{much}"
    if isinstance(data, PartDescribed | ToolDescribed):
        return f"told anew: {visible(data.is_.name)}"
    if isinstance(data, PartCounted):
        return f"counted: {figures(data.amount)}"
    if isinstance(data, PartChanged):
        return _changed(data)
    if isinstance(data, ToolChecked):
        words = ["checked, right" if data.right else "checked, not right", visible(data.found)]
        words.append(f"certificate {visible(data.paper)}" if data.paper else "")
        return ", ".join(word for word in words if word)
    if isinstance(data, ThingLeft):
        return f"no longer kept{': ' + visible(data.reason) if data.reason else ''}"
    if isinstance(data, TakenBack):
        return f"an entry taken back: {visible(data.reason)}"
    return _lesson(data)


def _lesson(data: Told) -> str:
    if isinstance(data, SettingPeeled):
        return f"{visible(data.machine)}, {visible(data.setting)} on {visible(data.strip)}: {data.held} of {data.peeled} held"
    if isinstance(data, StepTimed):
        return f"{visible(data.family)} took {duration(data.seconds)}"
    if isinstance(data, PeelMeasured):
        much = f"{figures(data.force_n)} N" if data.force_n else f"hole of {millimetres(data.torn_m or 0.0)}"
        return f"peeled: {much}, {visible(data.setting)} on {visible(data.strip)}"
    if isinstance(data, JointMeasured):
        return f"joint {visible(data.joint)}: {milliohms(data.ohms)}"
    if isinstance(data, CapacityMeasured):
        return f"held {figures(data.measured_as / AH)} Ah of {figures(data.predicted_as / AH)} Ah"
    return "how the shop works told anew"


def _changed(data: PartChanged) -> str:
    way = f"{figures(abs(data.by))} {'came in' if data.by > 0 else 'used'}"
    if data.job:
        return f"{way} in “{visible(data.job)}”, {visible(data.step)}"
    return way + (f": {visible(data.reason)}" if data.reason else "")
