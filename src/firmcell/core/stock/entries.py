"""What a workshop writes down: append-only entries, each about one cell, one part in stock, one tool, or
about what a job taught.

What an entry is about is known by an identity of its own, not by its serial or name: a serial can be
mistyped, and two benches can give the same one away while they cannot reach each other. Nothing is
overwritten; an entry that was wrong is taken back by another that names it.
"""

from enum import StrEnum
from typing import Annotated, Literal

from pydantic import ConfigDict, Field, TypeAdapter

from firmcell.core.base.quantity import Coulombs, Count, Frozen, Kelvin, Ohms, Range, Unit
from firmcell.core.stock.identity import Key, Words
from firmcell.core.stock.lessons import (
    CapacityMeasured,
    JointMeasured,
    PeelMeasured,
    SettingPeeled,
    StepTimed,
)
from firmcell.core.stock.part_entries import PartAdded, PartChanged, PartCounted, PartDescribed, ThingLeft
from firmcell.core.stock.tool_entries import ToolAdded, ToolChecked, ToolDescribed, WaysTold

Serial = Annotated[str, Field(min_length=1, max_length=60)]


class Origin(StrEnum):
    """Where a cell comes from."""

    NEW = "new"
    RECLAIMED = "reclaimed"
    UNKNOWN = "unknown"


class PlaceKind(StrEnum):
    """What kind of place a cell can be in."""

    DRAWER = "drawer"
    JOB = "job"
    SCRAPPED = "scrapped"


class CellAdded(Frozen):
    """A cell comes into the register."""

    kind: Literal["cell-added"] = "cell-added"
    serial: Serial = Field(title="Serial")
    class_name: Words = Field("", title="Class of cell")
    lot: Words = Field("", title="Lot")
    origin: Origin = Field(Origin.UNKNOWN, title="Origin")
    pack: Words = Field("", title="Reclaimed from")
    drawer: Words = Field("", title="Drawer")


class CellTested(Frozen):
    """What was measured on a cell in one go; at least one value."""

    kind: Literal["cell-tested"] = "cell-tested"
    capacity_as: Coulombs | None = Field(None, title="Capacity, tested", gt=0)
    ohms: Ohms | None = Field(None, title="D.C. resistance", gt=0, le=10)
    rest_v: Annotated[float, Unit("V"), Range(-6, 6)] | None = Field(None, title="Voltage at rest")
    kelvin: Kelvin | None = Field(None, title="Temperature of the cell")
    cycles: Count | None = Field(None, title="Cycles so far, if known", ge=1)
    instrument: Words = Field("", title="Measured with")


class CellMoved(Frozen):
    """A cell goes to another place.

    Attributes
    ----------
    after : entry that put the cell where its mover saw it; where another came between, the move is refused.
    """

    kind: Literal["cell-moved"] = "cell-moved"
    to: PlaceKind = Field(title="To")
    place: Words = Field("", title="Drawer or job")
    group: Count | None = Field(None, title="Group", ge=1)
    reason: Words = Field("", title="Why")
    after: Key


class CellDescribed(Frozen):
    """What a cell is, said anew: its serial, class, lot or origin was wrong or was not known.

    Attributes
    ----------
    after : entry that said it last, as its writer saw it.
    """

    kind: Literal["cell-described"] = "cell-described"
    serial: Serial = Field(title="Serial")
    class_name: Words = Field("", title="Class of cell")
    lot: Words = Field("", title="Lot")
    origin: Origin = Field(Origin.UNKNOWN, title="Origin")
    pack: Words = Field("", title="Reclaimed from")
    after: Key


class TakenBack(Frozen):
    """An earlier entry about the same thing no longer counts."""

    kind: Literal["taken-back"] = "taken-back"
    entry: Key
    reason: Words = Field(title="Because", min_length=1)


OfCells = CellAdded | CellTested | CellMoved | CellDescribed
OfParts = PartAdded | PartDescribed | PartCounted | PartChanged
OfTools = ToolAdded | ToolDescribed | ToolChecked
Lesson = SettingPeeled | StepTimed | PeelMeasured | JointMeasured | CapacityMeasured
"""What a job taught; each stands for itself."""
Told = Annotated[
    OfCells | OfParts | OfTools | ThingLeft | WaysTold | Lesson | TakenBack, Field(discriminator="kind")
]
TOLD: TypeAdapter[Told] = TypeAdapter(Told, config=ConfigDict(defer_build=True))


class Entry(Frozen):
    """One thing written down.

    Attributes
    ----------
    key : its identity; putting it in twice is putting it in once.
    about : identity of the cell, part or tool it is about.
    time : ISO 8601 with offset.
    person, bench : who wrote it, and on which machine.
    """

    key: Key
    about: Key
    time: str = Field(max_length=40)
    person: Words = ""
    bench: Words = ""
    data: Told
