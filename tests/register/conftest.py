"""Registers in both kinds of database."""

from collections.abc import Iterator
from itertools import count
from pathlib import Path

import pytest

from firmcell.register.register import Register
from tests.register.postgres import BIN, Postgres

NAMES = count(1)


@pytest.fixture(scope="session")
def server() -> Iterator[Postgres]:
    if BIN is None:
        pytest.fail("PostgreSQL is missing: apt-get install postgresql (./check does so as root)")
    found = Postgres()
    yield found
    found.end()


@pytest.fixture
def database(server: Postgres) -> str:
    """Address of a new, empty database."""
    return server.make(f"workshop{next(NAMES)}")


@pytest.fixture(params=["sqlite", "postgresql"])
def register(request: pytest.FixtureRequest, tmp_path: Path) -> Iterator[Register]:
    """An empty register in either kind of database."""
    place = str(tmp_path / "r.sqlite") if request.param == "sqlite" else request.getfixturevalue("database")
    with Register(place, tmp_path, "bench 1") as found:
        yield found
