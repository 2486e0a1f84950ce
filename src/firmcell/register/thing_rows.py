"""Parts, tools and ways of the shop in the tables, and what its jobs taught."""

from collections.abc import Mapping, Sequence
from typing import Any

from sqlalchemy import Connection, delete, select

from firmcell.core.stock.entries import Entry
from firmcell.core.stock.things import (
    CELL,
    LESSON,
    PART,
    TOOL,
    WAYS,
    PartInStock,
    ShopWays,
    Thing,
    ToolInShop,
    family_of,
    thing_of,
)
from firmcell.register.tables import ENTRIES, THINGS

MODELS: dict[str, type[PartInStock] | type[ToolInShop] | type[ShopWays]] = {
    PART: PartInStock,
    TOOL: ToolInShop,
    WAYS: ShopWays,
}


def fold_things(connection: Connection, counting: Mapping[str, Sequence[Entry]], keys: Sequence[str]) -> None:
    """Write parts, tools and ways anew as all that counts leaves them; cells are not among them."""
    rows = []
    for key in keys:
        family = family_of(counting.get(key, ()))
        if family in (CELL, LESSON):
            continue
        # Its coming in may just have been refused: then nothing says any more what it was.
        connection.execute(delete(THINGS).where(THINGS.c.key == key))
        thing = thing_of(counting[key]) if family else None
        if thing is not None:
            rows.append({"key": key, "family": family, "data": thing.model_dump_json()})
    if rows:
        connection.execute(THINGS.insert(), rows)


def things(connection: Connection, family: str) -> list[Thing]:
    """Return all parts, all tools, or the ways of the shop."""
    found = connection.execute(select(THINGS.c.data).where(THINGS.c.family == family)).scalars()
    return [MODELS[family].model_validate_json(data) for data in found]


def rows_of_kind(connection: Connection, kind: str) -> Sequence[Any]:
    """Return the rows of all entries of a kind that were not refused, in their order."""
    return connection.execute(
        select(ENTRIES)
        .where(ENTRIES.c.kind == kind, ENTRIES.c.refused == "")
        .order_by(ENTRIES.c.number.is_(None), ENTRIES.c.number, ENTRIES.c.written, ENTRIES.c.key)
    ).all()
