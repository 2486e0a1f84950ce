"""Cells by serial and what was written of them."""

import sqlalchemy as sa
from alembic import op

revision, down_revision, branch_labels, depends_on = "a001", None, None, None

NUMBER = sa.BigInteger().with_variant(sa.Integer, "sqlite")


def upgrade() -> None:
    """Make the tables."""
    op.create_table(
        "entries",
        sa.Column("key", sa.String(32), primary_key=True),
        sa.Column("number", NUMBER, unique=True),
        sa.Column("written", NUMBER, nullable=False),
        sa.Column("cell", sa.String(32), nullable=False, index=True),
        sa.Column("time", sa.String(40), nullable=False),
        sa.Column("person", sa.Text, nullable=False),
        sa.Column("bench", sa.Text, nullable=False),
        sa.Column("data", sa.Text, nullable=False),
        sa.Column("refused", sa.Text, nullable=False, server_default=""),
        sa.Column("settled", sa.Integer, nullable=False, server_default="0"),
    )
    op.create_table(
        "cells",
        sa.Column("key", sa.String(32), primary_key=True),
        sa.Column("serial", sa.String(60), nullable=False),
        sa.Column("serial_key", sa.String(60), nullable=False),
        sa.Column("waits", sa.Integer, nullable=False),
        sa.Column("class_name", sa.Text, nullable=False),
        sa.Column("lot", sa.Text, nullable=False),
        sa.Column("origin", sa.String(20), nullable=False),
        sa.Column("pack", sa.Text, nullable=False),
        sa.Column("place_kind", sa.String(20), nullable=False),
        sa.Column("place", sa.Text, nullable=False),
        sa.Column("place_group", sa.Integer),
        sa.Column("placed_by", sa.String(32), nullable=False),
        sa.Column("capacity_as", sa.Float),
        sa.Column("ohms", sa.Float),
        sa.Column("rest_v", sa.Float),
        sa.Column("cycles", sa.Integer),
        sa.Column("rest_first_v", sa.Float),
        sa.Column("rest_second_v", sa.Float),
        sa.Column("rest_s", sa.Float),
        sa.Column("tested", sa.String(40), nullable=False),
        sa.UniqueConstraint("serial_key", "waits", name="cells_serial"),
    )
    op.create_index("cells_place", "cells", ["place_kind", "place"])
    op.create_table(
        "kept",
        sa.Column("name", sa.String(40), primary_key=True),
        sa.Column("value", sa.Text, nullable=False),
    )
