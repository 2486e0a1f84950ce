"""Parts in stock, tools and ways of a workshop: what all entries about one of them come to, and whether
another may go in."""

from collections.abc import Sequence
from typing import get_args

from firmcell.core.base.quantity import Frozen
from firmcell.core.base.visible import visible
from firmcell.core.stock.cell_history import taken_back, when
from firmcell.core.stock.entries import Entry, Lesson, OfCells, OfParts, OfTools, TakenBack
from firmcell.core.stock.part_entries import (
    PartAdded,
    PartChanged,
    PartCounted,
    PartDescribed,
    PartIs,
    ThingLeft,
)
from firmcell.core.stock.tool_entries import (
    SHOP_KEY,
    ToolAdded,
    ToolChecked,
    ToolDescribed,
    ToolIs,
    WaysTold,
)

CELL, PART, TOOL, WAYS, LESSON = "cell", "part", "tool", "ways", "lesson"
_FAMILIES = ((CELL, OfCells), (PART, OfParts), (TOOL, OfTools), (WAYS, WaysTold), (LESSON, Lesson))
FAMILY_OF = {kind: name for name, kinds in _FAMILIES for kind in (get_args(kinds) or (kinds,))}
"""What an entry of a class is about; of what takes back or leaves, the entries before say it."""


class PartInStock(Frozen):
    """A part as all entries about it leave it.

    Attributes
    ----------
    amount : m or pieces; below 0 where more was used than was there.
    counted : when it was counted last, ISO 8601.
    told_by : entry that said last what it is.
    """

    key: str
    is_: PartIs
    amount: float
    counted: str
    told_by: str


class ToolInShop(Frozen):
    """A tool as all entries about it leave it.

    Attributes
    ----------
    told_by : entry that said last what it is.
    checked : when it was checked last, ISO 8601; "" for never.
    was_right : what came of it.
    found : what it showed then.
    """

    key: str
    is_: ToolIs
    told_by: str
    checked: str = ""
    was_right: bool = True
    found: str = ""


class ShopWays(Frozen):
    """How the workshop likes to work, and the entry that said so last."""

    ways: tuple[tuple[str, str], ...] = ()
    told_by: str = ""


Thing = PartInStock | ToolInShop | ShopWays


def family_of(entries: Sequence[Entry]) -> str:
    """Return what entries with one `about` are about: cell, part, tool, ways or lesson; "" where none says
    it."""
    return next((FAMILY_OF[type(e.data)] for e in entries if type(e.data) in FAMILY_OF), "")


def thing_of(entries: Sequence[Entry]) -> Thing | None:
    """Return what entries about one part, one tool or the ways of the shop come to; None where it never came
    in, left, or its coming in was taken back.

    Amounts go by the time at which something was counted or used, not by the order in which benches that
    were apart sent it in.
    """
    gone = taken_back(entries)
    standing = [e for e in entries if e.key not in gone]
    if any(isinstance(e.data, ThingLeft) for e in standing):
        return None
    family = family_of(entries)
    if family == PART:
        return _part(standing)
    if family == TOOL:
        return _tool(standing)
    if family == WAYS:
        told = [(e.key, e.data) for e in standing if isinstance(e.data, WaysTold)]
        return ShopWays(ways=told[-1][1].ways, told_by=told[-1][0]) if told else None
    return None


def _part(standing: Sequence[Entry]) -> PartInStock | None:
    added = next((e for e in standing if isinstance(e.data, PartAdded)), None)
    if added is None:
        return None
    told = [e for e in standing if isinstance(e.data, PartAdded | PartDescribed)][-1]
    assert isinstance(told.data, PartAdded | PartDescribed)
    amount, counted = 0.0, ""
    for entry in sorted(standing, key=lambda e: when(e.time)):
        if isinstance(entry.data, PartAdded | PartCounted):
            amount, counted = entry.data.amount, entry.time
        elif isinstance(entry.data, PartChanged) and counted:
            # What was used before the first count is in that count.
            amount += entry.data.by
    return PartInStock(
        key=added.about, is_=told.data.is_, amount=round(amount, 6), counted=counted, told_by=told.key
    )


def _tool(standing: Sequence[Entry]) -> ToolInShop | None:
    added = next((e for e in standing if isinstance(e.data, ToolAdded)), None)
    if added is None:
        return None
    told = [e for e in standing if isinstance(e.data, ToolAdded | ToolDescribed)][-1]
    assert isinstance(told.data, ToolAdded | ToolDescribed)
    tool = ToolInShop(key=added.about, is_=told.data.is_, told_by=told.key)
    by_time = sorted(standing, key=lambda e: when(e.time))
    checks = [e for e in by_time if isinstance(e.data, ToolChecked)]
    if not checks:
        return tool
    last = checks[-1]
    assert isinstance(last.data, ToolChecked)
    return tool.model_copy(
        update={"checked": last.time, "was_right": last.data.right, "found": last.data.found}
    )


def why_not_of_thing(entry: Entry, before: Sequence[Entry]) -> str:
    """Return why an entry that is about no cell cannot go in; "" if it can.

    Parameters
    ----------
    entry : Entry
    before : sequence of Entry
        All about the same thing so far.
    """
    data, thing = entry.data, thing_of(before)
    try:
        when(entry.time)
    except ValueError:
        return f"“{visible(entry.time)}” is no time; 2026-11-28T10:42:00+01:00 is right."
    family = family_of(before)
    if family and FAMILY_OF.get(type(data), family) != family:
        return "That entry is about another kind of thing."
    if isinstance(data, PartAdded | ToolAdded):
        if family:
            return f"{visible(data.is_.name)} is there already."
        return _whole(data.is_, data.amount) if isinstance(data, PartAdded) else ""
    if isinstance(data, Lesson):
        return "" if not family else "That was written already."
    if isinstance(data, WaysTold):
        return _ways(entry, data, thing)
    if not family:
        return "There is no such thing in the register: its coming in was refused or taken back."
    if isinstance(data, TakenBack):
        return _taken_back(data, before)
    return _about(entry, thing)


def _about(entry: Entry, thing: Thing | None) -> str:
    """Why what is said of a part or tool that once came in cannot go in."""
    data = entry.data
    if isinstance(data, PartDescribed | ToolDescribed):
        if not isinstance(thing, PartInStock | ToolInShop):
            return f"{visible(data.is_.name)} is no longer kept."
        if data.after != thing.told_by:
            return (
                f"What {visible(thing.is_.name)} is was changed meanwhile; look again before you change it."
            )
        if isinstance(thing, PartInStock) and isinstance(data, PartDescribed):
            return _counted_otherwise(thing.is_, data.is_)
        return ""
    if isinstance(data, PartChanged) and data.by == 0:
        return "Nothing was used and nothing came in: the change is 0."
    if isinstance(data, PartCounted | PartChanged) and isinstance(thing, PartInStock):
        return _whole(thing.is_, data.amount if isinstance(data, PartCounted) else data.by)
    return ""


def _counted_otherwise(now: PartIs, new: PartIs) -> str:
    if now.part.by_length == new.part.by_length:
        return ""
    return f"{visible(now.name)} was counted in {unit_of(now)}: let it go, and take it in anew as {new.part.value}."


def unit_of(part: PartIs) -> str:
    """Return in what a part is counted: m or pieces."""
    return "m" if part.part.by_length else "pieces"


def _whole(part: PartIs, amount: float) -> str:
    if part.part.by_length or amount == int(amount):
        return ""
    return f"{visible(part.name)} is counted by the piece: {amount:g} is no whole number."


def _ways(entry: Entry, data: WaysTold, thing: Thing | None) -> str:
    if entry.about != SHOP_KEY:
        return "How the shop works is written of the shop itself."
    now = thing.told_by if isinstance(thing, ShopWays) else ""
    if data.after != now:
        return "How the shop works was changed meanwhile; look again before you change it."
    return ""


def _taken_back(data: TakenBack, before: Sequence[Entry]) -> str:
    if data.entry in taken_back(before):
        return "That entry was taken back already."
    return "" if any(e.key == data.entry for e in before) else "There is no such entry to take back."
