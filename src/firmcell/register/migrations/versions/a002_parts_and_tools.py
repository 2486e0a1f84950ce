"""Parts in stock, tools, ways of working, and what jobs taught; what an entry is about may be any of them."""

import json

import sqlalchemy as sa
from alembic import op

revision, down_revision, branch_labels, depends_on = "a002", "a001", None, None


def upgrade() -> None:
    """Change the tables."""
    with op.batch_alter_table("entries") as entries:
        entries.drop_index("ix_entries_cell")
        entries.alter_column("cell", new_column_name="about")
        entries.add_column(sa.Column("kind", sa.String(40), nullable=False, server_default=""))
    connection = op.get_bind()
    table = sa.table("entries", sa.column("key"), sa.column("data"), sa.column("kind"))
    rows = connection.execute(sa.select(table.c.key, table.c.data)).all()
    kinds = [{"of": row.key, "is": str(json.loads(row.data)["kind"])} for row in rows]
    if kinds:
        change = sa.update(table).where(table.c.key == sa.bindparam("of")).values(kind=sa.bindparam("is"))
        connection.execute(change, kinds)
    op.create_index("ix_entries_about", "entries", ["about"])
    op.create_index("ix_entries_kind", "entries", ["kind"])
    op.create_table(
        "things",
        sa.Column("key", sa.String(32), primary_key=True),
        sa.Column("family", sa.String(20), nullable=False, index=True),
        sa.Column("data", sa.Text, nullable=False),
    )
