"""What is written of the tools of a workshop, of how it likes to work, and of what its jobs taught it."""

from enum import StrEnum
from typing import Annotated, Literal

from pydantic import Field

from firmcell.core.base.quantity import Count, Frozen, Range, Unit
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.stock.identity import Key, Name, Words

SHOP_KEY = "0" * 32
"""Identity of the workshop itself: what is written of how it works is about this."""


class ToolKind(StrEnum):
    """What a tool is."""

    WELDER = "spot welder"
    IRON = "soldering iron"
    HEAT_GUN = "heat gun"
    METER = "meter"
    CHARGER = "charger"
    CRIMPER = "crimp tool"
    OTHER = "other"


class ToolIs(Frozen):
    """What a tool is.

    Attributes
    ----------
    joins : of a spot welder: what it joins.
    watts : of an iron or heat gun.
    every_days : how often it is checked against something known; None for never.
    """

    tool: ToolKind = Field(ToolKind.METER, title="Kind")
    name: Name = Field(title="What it is called here")
    joins: Welder | None = Field(None, title="Spot welder: it joins")
    watts: Annotated[float, Unit("W"), Range(0, 1e5)] | None = Field(None, title="Iron, heat gun: power")
    place: Words = Field("", title="Where it stands")
    every_days: Count | None = Field(None, title="Checked every so many days", ge=1, le=3660)
    note: Words = Field("", title="Note")


class ToolAdded(Frozen):
    """A tool comes into the workshop."""

    kind: Literal["tool-added"] = "tool-added"
    is_: ToolIs


class ToolDescribed(Frozen):
    """What a tool is, said anew.

    Attributes
    ----------
    after : entry that said it last, as its writer saw it.
    """

    kind: Literal["tool-described"] = "tool-described"
    is_: ToolIs
    after: Key


class ToolChecked(Frozen):
    """A tool was held against something known: a meter against a reference, a torque driver, an iron's
    tip."""

    kind: Literal["tool-checked"] = "tool-checked"
    right: bool = Field(title="It is right")
    found: Words = Field("", title="Held against what, and what it showed")
    paper: Words = Field("", title="Number of its certificate")


class WaysTold(Frozen):
    """How this workshop likes to work: fields of a design and their values, as they are said.

    Attributes
    ----------
    ways : path of the field in the design, and the value as JSON.
    after : entry that told it last, as its writer saw it; "" for the first.
    """

    kind: Literal["ways-told"] = "ways-told"
    ways: tuple[tuple[Words, Words], ...] = Field((), max_length=40)
    after: Annotated[str, Field(pattern=r"^([0-9a-f]{32})?$")] = ""
