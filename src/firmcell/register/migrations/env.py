"""Runs the migrations on the connection that the program hands over."""

from alembic import context

from firmcell.register.tables import METADATA

connection = context.config.attributes["connection"]
context.configure(connection=connection, target_metadata=METADATA, render_as_batch=True)
with context.begin_transaction():
    context.run_migrations()
