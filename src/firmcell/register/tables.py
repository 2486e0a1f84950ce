"""The tables of a register, the same in SQLite and in PostgreSQL; docs/register.md tells what they hold.

They are made and changed by the migrations beside this file only; a test holds the two against each other.
"""

from sqlalchemy import (
    BigInteger,
    Column,
    Float,
    Index,
    Integer,
    MetaData,
    String,
    Table,
    Text,
    UniqueConstraint,
)

METADATA = MetaData()

ENTRIES = Table(
    "entries",
    METADATA,
    Column("key", String(32), primary_key=True),
    # Without gaps, in the order in which they went in; none yet: it waits for the server.
    Column("number", BigInteger().with_variant(Integer, "sqlite"), unique=True),
    # The order in which this bench wrote what waits.
    Column("written", BigInteger().with_variant(Integer, "sqlite"), nullable=False),
    # The cell, part or tool.
    Column("about", String(32), nullable=False, index=True),
    Column("time", String(40), nullable=False),
    Column("person", Text, nullable=False),
    Column("bench", Text, nullable=False),
    Column("data", Text, nullable=False),
    # Why the server did not take it; "" for all others.
    Column("refused", Text, nullable=False, server_default=""),
    # 1 once somebody decided what becomes of what was refused.
    Column("settled", Integer, nullable=False, server_default="0"),
    # As in the data: cell-added, part-changed and so on.
    Column("kind", String(40), nullable=False, server_default="", index=True),
)

CELLS = Table(
    "cells",
    METADATA,
    Column("key", String(32), primary_key=True),
    Column("serial", String(60), nullable=False),
    Column("serial_key", String(60), nullable=False),
    # 1 while the entry that gave the serial waits: two benches may have given it away, and one must yield.
    Column("waits", Integer, nullable=False),
    Column("class_name", Text, nullable=False),
    Column("lot", Text, nullable=False),
    Column("origin", String(20), nullable=False),
    Column("pack", Text, nullable=False),
    Column("place_kind", String(20), nullable=False),
    Column("place", Text, nullable=False),
    Column("place_group", Integer),
    Column("placed_by", String(32), nullable=False),
    Column("capacity_as", Float),
    Column("ohms", Float),
    Column("rest_v", Float),
    Column("cycles", Integer),
    Column("rest_first_v", Float),
    Column("rest_second_v", Float),
    Column("rest_s", Float),
    # When it was measured last; "" for never.
    Column("tested", String(40), nullable=False),
    UniqueConstraint("serial_key", "waits", name="cells_serial"),
    Index("cells_place", "place_kind", "place"),
)

THINGS = Table(
    "things",
    METADATA,
    Column("key", String(32), primary_key=True),
    Column("family", String(20), nullable=False, index=True),
    Column("data", Text, nullable=False),
)
"""Parts in stock, tools, and the ways of the shop, as all entries about each leave it, in JSON."""

KEPT = Table(
    "kept",
    METADATA,
    Column("name", String(40), primary_key=True),
    Column("value", Text, nullable=False),
)
"""A few values by name: which register this is, and the number of its newest entry."""
