"""What is written of parts in stock: strip, wire, sleeve, connectors, and all else that is used up."""

from enum import StrEnum
from typing import Annotated, Literal

from pydantic import Field

from firmcell.core.base.quantity import Frozen, Price, Range, Unit
from firmcell.core.stock.identity import Key, Name, Words


class PartKind(StrEnum):
    """What a part in stock is; cells are known by serial instead."""

    STRIP = "strip"
    WIRE = "wire"
    SLEEVE = "sleeve"
    CONNECTOR = "connector"
    FUSE = "fuse"
    LUG = "lug"
    BOARD = "board"
    RINGS = "rings"
    SCREWS = "screws"
    OTHER = "other"

    @property
    def by_length(self) -> bool:
        """Whether it is kept by the metre, and not by the piece."""
        return self in (PartKind.STRIP, PartKind.WIRE, PartKind.SLEEVE)


Amount = Annotated[float, Unit("1"), Range(0, 1e6)]
"""Metres of what is kept by length, else pieces."""


class PartIs(Frozen):
    """What a part in stock is.

    Attributes
    ----------
    name : as in the part library where that has its class; by it a design finds what is there.
    least : at or below this it should be bought, m or pieces; None for never told.
    sold : length in which it is sold, m, or pieces in a pack; None where any amount can be bought.
    price : of one piece or metre, in the money of the shop.
    """

    part: PartKind = Field(PartKind.STRIP, title="Kind")
    name: Name = Field(title="Class, as in the part library")
    place: Words = Field("", title="Where it lies")
    supplier: Words = Field("", title="Supplier")
    price: Price | None = Field(None, title="Price of one, or of a metre, in the money of the shop")
    least: Amount | None = Field(None, title="Buy when no more than this is left")
    sold: Annotated[float, Unit("1"), Range(1e-3, 1e6)] | None = Field(
        None, title="Sold in lengths or packs of"
    )


class PartAdded(Frozen):
    """A part comes into stock: a roll, a bag, a box."""

    kind: Literal["part-added"] = "part-added"
    is_: PartIs
    amount: Amount = Field(title="How much is there")


class PartDescribed(Frozen):
    """What a part is, said anew.

    Attributes
    ----------
    after : entry that said it last, as its writer saw it.
    """

    kind: Literal["part-described"] = "part-described"
    is_: PartIs
    after: Key


class PartCounted(Frozen):
    """Somebody counted or measured how much is there: what was written before no longer matters."""

    kind: Literal["part-counted"] = "part-counted"
    amount: Amount = Field(title="How much is there")


class PartChanged(Frozen):
    """Some was used, or came in.

    Attributes
    ----------
    by : m or pieces; negative for what was used.
    job, step : which step of which job used it; "" where it was by hand.
    """

    kind: Literal["part-changed"] = "part-changed"
    by: Annotated[float, Unit("1"), Range(-1e6, 1e6)] = Field(title="More, or less (−)")
    job: Words = ""
    step: Words = ""
    reason: Words = Field("", title="Why")


class ThingLeft(Frozen):
    """A part or a tool is no longer kept."""

    kind: Literal["thing-left"] = "thing-left"
    reason: Words = Field("", title="Why")
