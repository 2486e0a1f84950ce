"""Opening the database of a register: its address, its locks, its migrations, and what went wrong in a
sentence."""

import logging
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from sqlite3 import Connection as SqliteConnection
from typing import Any
from uuid import uuid4

from alembic import command
from alembic.config import Config
from alembic.runtime.migration import MigrationContext
from alembic.script import ScriptDirectory
from sqlalchemy import Connection, Engine, create_engine, event, select, text
from sqlalchemy.engine import URL, make_url
from sqlalchemy.exc import ArgumentError, DBAPIError, NoSuchModuleError, OperationalError, TimeoutError

from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible
from firmcell.register.tables import KEPT

CONNECT_S = 3
"""A server that does not answer within this is away, s."""
ANSWER_S = 20
"""A question that takes longer is given up, s: a server that went away may never say so."""
BUSY_S = 10
"""How long another program may hold the file, s."""
MIGRATING = 0x46434C52
"""Number of the lock under which one bench at a time migrates a server; “FCLR”."""
RIGHT = "postgresql+psycopg://person@server/workshop is right, or the path of a file that ends in .sqlite"


# That a connection was lost while something was under way comes as an error, and is told as one.
logging.getLogger("psycopg").addHandler(logging.NullHandler())


class Away(Refusal):
    """The server cannot be reached now; what was to be written waits."""


def address(told: str) -> URL:
    """Return the address of a register: of a server, or of a file by its path.

    Raises
    ------
    Refusal
        If it is neither.
    """
    if "://" not in told:
        path = Path(told).expanduser()
        if path.suffix != ".sqlite":
            raise Refusal(f"“{visible(told)}” is no register; {RIGHT}.")
        return URL.create("sqlite", database=str(path.absolute()))
    try:
        found = make_url(told)
    except ArgumentError:
        raise Refusal(f"“{visible(told)}” is no address of a register; {RIGHT}.") from None
    if found.drivername in ("postgresql", "postgres"):
        found = found.set(drivername="postgresql+psycopg")
    if found.drivername not in ("postgresql+psycopg", "sqlite") or not found.database:
        # An address that cannot be used may still hold a password.
        raise Refusal(f"“{shown(found)}” is no address of a register; {RIGHT}.")
    return found


def shown(url: URL) -> str:
    """Return an address for people: the path of a file, or the server without a password."""
    if url.drivername == "sqlite":
        return str(url.database)
    return visible(url.render_as_string(hide_password=True))


def opened(url: URL) -> Engine:
    """Return the engine of a register, its tables brought up to date.

    Raises
    ------
    Away
        If a server cannot be reached.
    Refusal
        If it is no register, or a newer program made it.
    """
    if url.drivername == "sqlite":
        engine = _sqlite(url)
    else:
        options = f"-c statement_timeout={ANSWER_S * 1000} -c lock_timeout={BUSY_S * 1000}"
        engine = create_engine(
            url,
            pool_pre_ping=True,
            connect_args={
                "connect_timeout": CONNECT_S,
                "options": options,
                "application_name": "firm-cell",
                # A cable that is pulled is noticed: nothing heard for so long.
                "tcp_user_timeout": ANSWER_S * 1000,
                "keepalives_idle": ANSWER_S,
            },
        )
    try:
        with told_plainly(url):
            _migrate(engine, url)
    except BaseException:
        engine.dispose()
        raise
    return engine


@contextmanager
def told_plainly(url: URL) -> Iterator[None]:
    """Turn what a database says of itself into one sentence."""
    try:
        yield
    except (DBAPIError, TimeoutError, NoSuchModuleError) as error:
        raise _told(error, url) from error


@contextmanager
def writing(engine: Engine, url: URL) -> Iterator[Connection]:
    """Write as the only one: numbers are given in the order in which others will see them.

    In PostgreSQL a row is locked, not a table: reading goes on beside it.
    """
    with told_plainly(url), engine.begin() as connection:
        connection.execute(select(KEPT).where(KEPT.c.name == "newest").with_for_update())
        yield connection


@contextmanager
def reading(engine: Engine, url: URL) -> Iterator[Connection]:
    """Read, beside who writes."""
    with told_plainly(url), engine.execution_options(reads=True).begin() as connection:
        yield connection


def _sqlite(url: URL) -> Engine:
    path = Path(str(url.database))
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise Refusal(f"The register {path} could not be made: {error.strerror}.") from None
    engine = create_engine(url, connect_args={"timeout": BUSY_S})

    @event.listens_for(engine, "connect")
    def _connected(connection: SqliteConnection, _: Any) -> None:
        # SQLite's own driver begins only at the first write, and would let two write what neither saw.
        connection.isolation_level = None
        connection.execute("PRAGMA journal_mode = WAL")
        connection.execute("PRAGMA synchronous = FULL")

    @event.listens_for(engine, "begin")
    def _begins(connection: Connection) -> None:
        reads = connection.get_execution_options().get("reads", False)
        connection.exec_driver_sql("BEGIN" if reads else "BEGIN IMMEDIATE")

    return engine


def _scripts() -> Config:
    config = Config()
    config.set_main_option("script_location", str(Path(__file__).parent / "migrations"))
    config.set_main_option("path_separator", "os")
    return config


def _migrate(engine: Engine, url: URL) -> None:
    config = _scripts()
    scripts = ScriptDirectory.from_config(config)
    newest = scripts.get_current_head()
    with engine.begin() as connection:
        if MigrationContext.configure(connection).get_current_revision() == newest:
            return
    with engine.begin() as connection:
        if engine.dialect.name == "postgresql":
            connection.execute(text("SELECT pg_advisory_xact_lock(:n)"), {"n": MIGRATING})
        # Another bench may have been first.
        now = MigrationContext.configure(connection).get_current_revision()
        if now == newest:
            return
        if now is not None and now not in {script.revision for script in scripts.walk_revisions()}:
            raise Refusal(
                f"The register {shown(url)} was made by a newer Firm Cell; install that version here."
            )
        if now is None and engine.dialect.has_table(connection, "cells"):
            raise Refusal(f"{shown(url)} is a database of something else: it holds a table “cells”.")
        config.attributes["connection"] = connection
        command.upgrade(config, "head")
        if now is None:
            connection.execute(
                KEPT.insert(), [{"name": "register", "value": uuid4().hex}, {"name": "newest", "value": "0"}]
            )


def _told(error: Exception, url: URL) -> Refusal:
    where = shown(url)
    said = " ".join(visible(str(getattr(error, "orig", error))).split())
    if url.drivername != "sqlite":
        if isinstance(error, DBAPIError) and "authentication failed" in said:
            return Refusal(
                f"The register {where} does not let this bench in: name or password are not right."
            )
        if isinstance(error, DBAPIError) and 'database "' in said and "does not exist" in said:
            return Refusal(f"There is no database at {where}; make one there (createdb), empty.")
        if "permission denied" in said:
            return Refusal(f"The register {where} lets this bench read but not write: {said}")
        if isinstance(error, (OperationalError, TimeoutError)) or (
            isinstance(error, DBAPIError) and error.connection_invalidated
        ):
            return Away(f"The register {where} cannot be reached now.")
        return Refusal(f"The register {where} could not be used: {said}")
    if "locked" in said or "busy" in said:
        return Refusal(f"Another program has held {where} for {BUSY_S} s; close it, or try again.")
    if "not a database" in said or "malformed" in said:
        return Refusal(f"{where} is no register, or it is damaged; move it away, and a new one is begun.")
    if "readonly" in said:
        return Refusal(f"The register {where} can be read but not written.")
    if "full" in said:
        return Refusal(f"The disk of {where} is full; nothing of this was written.")
    return Refusal(f"The register {where} could not be used: {said}")
