"""Migrations of the register (Alembic); one that was released is never edited."""
