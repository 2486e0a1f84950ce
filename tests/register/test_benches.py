"""Several benches at one PostgreSQL: both write at once, one is killed, the server is pulled out and comes
back, an old state of it is put back; nothing that was told as written is lost, and nothing is there twice."""

import os
import random
import signal
import subprocess
import sys
import time
from concurrent.futures import ThreadPoolExecutor
from contextlib import ExitStack, suppress
from datetime import timedelta
from pathlib import Path
from threading import Barrier

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.core.base.serials import serial_key
from firmcell.core.stock.entries import CellAdded, CellMoved, CellTested, Entry, PlaceKind
from firmcell.core.stock.part_entries import (
    PartAdded,
    PartChanged,
    PartCounted,
    PartDescribed,
    PartIs,
    PartKind,
)
from firmcell.register.book import Book
from firmcell.register.database import address
from firmcell.register.register import Register, Synced, new_key
from firmcell.register.work import added, measured, moved
from tests.register.postgres import Postgres

TOLD = CellAdded(serial="-", class_name="21700 high-energy 5.0 Ah", lot="L7", drawer="A3")


@pytest.fixture
def benches(database: str, tmp_path: Path):
    two = Register(database, tmp_path / "a", "bench A"), Register(database, tmp_path / "b", "bench B")
    yield two
    for each in two:
        each.close()


def keys_on(place: str) -> list[str]:
    with Book(address(place)) as book:
        numbered, last = [], 0
        while some := book.since(last):
            numbered += some
            last = some[-1][0]
    assert [n for n, _ in numbered] == list(range(1, len(numbered) + 1))
    return [e.key for _, e in numbered]


def test_what_one_bench_writes_the_other_reads(benches: tuple[Register, Register]) -> None:
    a, b = benches
    a.write(added(a, ["HL-1", "HL-2"], TOLD, "Ada"))
    assert a.with_serial("HL-1").waits
    assert a.sync() == Synced(sent=2)
    assert not a.with_serial("HL-1").waits
    assert b.sync() == Synced(came=2)
    assert b.lines() == a.lines()


def test_one_cell_taken_by_two(benches: tuple[Register, Register]) -> None:
    a, b = benches
    a.write(added(a, ["HL-1"], TOLD, "Ada"))
    a.sync()
    b.sync()
    a.write(moved(a, a.lines(), PlaceKind.JOB, "Hoist", "Ada"))
    b.write(moved(b, b.lines(), PlaceKind.JOB, "Lantern", "Ben"))
    a.sync()
    ((entry, why),) = b.sync().refused
    assert why.startswith("HL-1 is in the job “Hoist”, put there on ")
    assert "by Ada, bench A; look again" in why
    # The bench shows what is true now, and keeps what was refused until somebody decides.
    assert b.with_serial("HL-1").place == "Hoist"
    assert b.refusals() == [(entry, why)]
    assert b.give_up(entry) == 1
    assert b.refusals() == []
    assert b.sync() == Synced()


def test_one_serial_given_away_twice(benches: tuple[Register, Register]) -> None:
    """What was measured on the second cell is never written of the first."""
    a, b = benches
    a.write(added(a, ["HL-1"], TOLD, "Ada"))
    a.sync()
    b.write(added(b, ["HL-1"], TOLD, "Ben"))
    mine = b.with_serial("HL-1")
    b.write([measured(b, mine, CellTested(capacity_as=9_000), "Ben")])
    met = b.sync()
    ((refused, why),) = met.refused
    assert "belongs to another cell, in drawer A3, lot L7, since" in why
    assert met.waiting == 1
    assert b.with_serial("HL-1").capacity_as is None
    assert b.sync().waiting == 1
    with pytest.raises(Refusal, match="belongs to another cell"):
        b.serial_instead(refused, "hl-1")
    b.serial_instead(refused, "HL-2", "Ben")
    assert b.sync() == Synced(sent=2)
    a.sync()
    assert [(line.serial, line.capacity_as) for line in a.lines()] == [("HL-1", None), ("HL-2", 9_000)]


def test_a_cell_given_up_takes_what_was_measured_on_it_along(benches: tuple[Register, Register]) -> None:
    a, b = benches
    a.write(added(a, ["HL-1"], TOLD, "Ada"))
    a.sync()
    b.write(added(b, ["HL-1"], TOLD, "Ben"))
    b.write([measured(b, b.with_serial("HL-1"), CellTested(capacity_as=9_000), "Ben")])
    ((refused, _),) = b.sync().refused
    assert b.give_up(refused) == 2
    assert b.sync() == Synced()
    assert [line.capacity_as for line in b.lines()] == [None]


def test_two_benches_take_from_one_roll_while_they_are_apart(benches: tuple[Register, Register]) -> None:
    """Both takings count, a count in between stands, and in whatever order they come in both agree."""
    a, b = benches
    key = "7" * 32
    strip = PartAdded(is_=PartIs(part=PartKind.STRIP, name="nickel"), amount=5.0)
    a.write([a.entry(key, strip, "Ada", "2026-11-28T08:00:00+01:00")])
    a.sync()
    b.sync()
    b.write([b.entry(key, PartChanged(by=-0.5, job="Hoist"), "Ben", "2026-11-28T09:00:00+01:00")])
    a.write([a.entry(key, PartCounted(amount=4.4), "Ada", "2026-11-28T10:00:00+01:00")])
    a.write([a.entry(key, PartChanged(by=-1.0, job="Lantern"), "Ada", "2026-11-28T11:00:00+01:00")])
    assert a.sync().sent == 2
    assert b.sync().sent == 1
    a.sync()
    assert [p.amount for p in a.parts()] == [p.amount for p in b.parts()] == [pytest.approx(3.4)]
    now = a.parts()[0]
    described = PartDescribed(is_=now.is_.model_copy(update={"place": "rail 1"}), after=now.told_by)
    a.write([a.entry(key, described, "Ada")])
    b.write([b.entry(key, described.model_copy(update={"is_": now.is_}), "Ben")])
    a.sync()
    ((_, why),) = b.sync().refused
    assert "changed meanwhile" in why
    assert b.parts()[0].is_.place == "rail 1"


def test_work_goes_on_while_the_server_is_away(
    server: Postgres, benches: tuple[Register, Register], database: str
) -> None:
    a, b = benches
    a.sync()
    b.sync()
    server.stop("immediate")
    try:
        a.write(added(a, ["HL-1"], TOLD, "Ada"))
        b.write(added(b, ["HL-2"], TOLD, "Ben"))
        met = a.sync()
        assert met.waiting == 1
        assert met.away.endswith("cannot be reached now.")
        assert "hay" not in met.away
        assert a.with_serial("HL-1").place == "A3"
    finally:
        server.start()
    assert a.sync() == Synced(sent=1)
    assert b.sync() == Synced(sent=1, came=1)
    a.sync()
    assert [line.serial for line in a.lines()] == ["HL-1", "HL-2"]
    assert len(keys_on(database)) == 2


@pytest.mark.slow
def test_killed_benches_and_a_server_that_goes_and_comes(
    server: Postgres, database: str, tmp_path: Path
) -> None:
    """Three benches write; one is killed in the middle, twice the server loses its power."""
    told_to = ExitStack()
    running = [
        subprocess.Popen(
            [sys.executable, "-m", "tests.register.bench", database, str(tmp_path / name), name, "5"],
            stdout=told_to.enter_context((tmp_path / f"{name}.told").open("w")),
            stderr=subprocess.PIPE,
            text=True,
            env={**os.environ, "PYTHONPATH": os.pathsep.join(sys.path)},
        )
        for name in ("A", "B", "C")
    ]
    # Each has told of its first cell; how long a start takes is the machine's affair.
    said = [tmp_path / f"{name}.told" for name in "ABC"]
    while not all(file.read_text() for file in said):
        assert all(process.poll() is None for process in running)
        time.sleep(0.05)
    time.sleep(1.0)
    running[0].send_signal(signal.SIGKILL)
    for _ in range(2):
        server.stop("immediate")
        time.sleep(0.3)
        server.start()
        time.sleep(0.6)
    told_to.close()
    faults = "".join(process.communicate(timeout=120)[1] for process in running)
    # The last line of the one that was killed may be cut off: it was not told whole.
    told = [(text := file.read_text())[: text.rfind("\n") + 1].split() for file in said]
    assert faults == ""
    assert all(len(keys) > 2 for keys in told)
    for name in ("A", "B", "C"):
        with Register(database, tmp_path / name, name) as bench:
            met = bench.sync()
            assert (met.refused, met.waiting, met.away) == ((), 0, "")
    kept = keys_on(database)
    assert len(set(kept)) == len(kept)
    assert {key for keys in told for key in keys} <= set(kept)
    # Beyond what was told there is at most what the killed bench wrote and had no time to tell.
    assert len(kept) - sum(map(len, told)) <= 2
    with Register(database, tmp_path / "A", "A") as one, Register(database, tmp_path / "new", "D") as new:
        one.sync()
        new.sync()
        assert len(one.lines()) == len(kept) // 2
        assert one.lines() == new.lines()


def test_a_server_put_back_to_an_older_state_is_given_what_it_lost(
    server: Postgres, database: str, tmp_path: Path
) -> None:
    with Register(database, tmp_path / "a", "A") as a:
        a.write(added(a, ["HL-1"], TOLD, "Ada"))
        a.sync()
        a.close()
        name = database.rsplit("/", 1)[1]
        server.make(f"{name}_old", name)
        a = Register(database, tmp_path / "a", "A")
        a.write(added(a, ["HL-2", "HL-3"], TOLD, "Ada"))
        a.sync()
        with Register(database, tmp_path / "b", "B") as b:
            b.sync()
            b.write(added(b, ["HL-9"], TOLD, "Ben"))
        a.close()
    server.drop(name)
    server.make(name, f"{name}_old")
    with Register(database, tmp_path / "b", "B") as b, Register(database, tmp_path / "a", "A") as a:
        met = b.sync()
        assert (met.again, met.sent, met.waiting) == (2, 3, 0)
        a.sync()
        assert [line.serial for line in a.lines()] == ["HL-1", "HL-2", "HL-3", "HL-9"]
        assert a.lines() == b.lines()


def test_another_server_at_the_same_address_is_told(server: Postgres, database: str, tmp_path: Path) -> None:
    with Register(database, tmp_path / "a", "A") as a:
        a.write(added(a, ["HL-1"], TOLD, "Ada"))
        a.sync()
    name = database.rsplit("/", 1)[1]
    server.drop(name)
    server.make(name)
    with Register(database, tmp_path / "a", "A") as a:
        with pytest.raises(Refusal, match=r"was made anew. 1 entry of the old one are kept here"):
            a.sync()
        assert [line.serial for line in a.lines()] == ["HL-1"]
        assert a.sync(join=True) == Synced(sent=1, again=1)


def test_a_clock_that_is_off_is_told(
    benches: tuple[Register, Register], monkeypatch: pytest.MonkeyPatch
) -> None:
    a, _ = benches
    assert a.sync().clock_words == ""
    real = Book.clock
    monkeypatch.setattr(Book, "clock", lambda book: (c := real(book)) and c - timedelta(hours=2))
    assert a.sync().clock_words.startswith("The clock of this bench is 2 h ahead of the server's: set it.")
    monkeypatch.setattr(Book, "clock", lambda book: (c := real(book)) and c + timedelta(minutes=9))
    assert "9 min behind the server's" in a.sync().clock_words


@pytest.mark.parametrize(
    ("change", "says"),
    [("password", "name or password are not right"), ("database", "There is no database at")],
)
def test_a_server_that_does_not_let_one_in(
    server: Postgres, database: str, tmp_path: Path, change: str, says: str
) -> None:
    name = database.rsplit("/", 1)[1]
    told = server.address(name, "wrong") if change == "password" else server.address("nowhere")
    with Register(told, tmp_path, "A") as a:
        a.write(added(a, ["HL-1"], TOLD, "Ada"))
        with pytest.raises(Refusal, match=says):
            a.sync()
        assert a.waiting == 1


def test_a_file_is_brought_over_to_a_server(database: str, tmp_path: Path) -> None:
    with Register(str(tmp_path / "r.sqlite")) as alone:
        alone.write(added(alone, ["HL-1", "HL-2"], TOLD, "Ada"))
    with Register(database, tmp_path / "a", "A") as a:
        a.write(added(a, ["hl-2"], TOLD, "Ben"))
        with Book(address(str(tmp_path / "r.sqlite"))) as old:
            ((entry, why),) = a.bring(old)
        assert isinstance(entry.data, CellAdded)
        assert "The serial HL-2 belongs to another cell" in why
        assert a.sync() == Synced(sent=2)


@pytest.mark.slow
def test_four_benches_reach_for_the_same_cells_at_one_moment(database: str, tmp_path: Path) -> None:
    """Each cell ends in one job, by one bench; the other three are told, each of each cell, and nothing else is refused."""
    with Register(database, tmp_path / "first", "first") as first:
        first.write(added(first, [f"HL-{n}" for n in range(20)], TOLD, "Ada"))
        first.sync()
    benches = [Register(database, tmp_path / f"b{n}", f"b{n}") for n in range(4)]
    for bench in benches:
        bench.sync()
    at_once = Barrier(4)

    def reach(bench: Register) -> list[str]:
        at_once.wait()
        told = list[str]()
        for line in random.Random(bench.bench).sample(bench.lines(), 20):
            # One by one, so that they come between each other.
            with suppress(Refusal):
                bench.write(moved(bench, [line], PlaceKind.JOB, bench.bench, bench.bench))
            told += [why for _, why in bench.sync().refused]
        return told

    with ThreadPoolExecutor(4) as pool:
        refused = list(pool.map(reach, benches))
    for bench in benches:
        bench.sync()
    lines = benches[0].lines()
    assert all(bench.lines() == lines for bench in benches)
    assert {line.place for line in lines} <= {"b0", "b1", "b2", "b3"}
    taken = {bench.bench: sum(line.place == bench.bench for line in lines) for bench in benches}
    assert sum(taken.values()) == 20
    assert all("look again before you move it" in why for told in refused for why in told)
    # Who did not get a cell wrote that he would take it and was told, or saw in time that it was gone.
    for bench, told in zip(benches, refused, strict=True):
        assert len(told) <= 20 - taken[bench.bench]
        assert len({e.about for e, _ in bench.refusals()}) == len(told)
        bench.close()


@pytest.mark.slow
@pytest.mark.parametrize("seed", range(3))
def test_any_order_of_work_and_meetings(database: str, tmp_path: Path, seed: int) -> None:
    """Two benches, the same cells, meetings now and then: every entry ends on the server or among the
    refused, and both benches hold what the server holds."""
    rng = random.Random(seed)
    two = [Register(database, tmp_path / name, name) for name in "AB"]
    written = list[Entry]()
    for _ in range(70):
        bench = rng.choice(two)
        lines = bench.lines()
        what = rng.random()
        if what < 0.15:
            bench.sync()
            continue
        if what < 0.4 or not lines:
            new = [bench.entry(new_key(), CellAdded(serial=f"HL-{rng.randrange(12)}"))]
        elif what < 0.6:
            new = [bench.entry(rng.choice(lines).key, CellTested(capacity_as=rng.randrange(1, 20_000)))]
        else:
            line = rng.choice(lines)
            to, place = rng.choice(
                [(PlaceKind.JOB, "Hoist"), (PlaceKind.JOB, "Lantern"), (PlaceKind.DRAWER, "B1")]
            )
            new = [bench.entry(line.key, CellMoved(to=to, place=place, after=line.placed_by))]
        try:
            bench.write(new)
        except Refusal:
            continue
        written += new
    for bench in (*two, *two):
        bench.sync()
    on_server = set(keys_on(database))
    refused = {e.key: e.about for bench in two for e, _ in bench.refusals()}
    no_serial = {e.about for bench in two for e, _ in bench.refusals() if isinstance(e.data, CellAdded)}
    for entry in written:
        held = entry.about in no_serial
        assert (entry.key in on_server) + (entry.key in refused or held) == 1
    assert refused
    serials = [serial_key(line.serial) for line in two[0].lines()]
    assert len(set(serials)) == len(serials)
    assert two[0].lines() == two[1].lines()
    for bench in two:
        bench.close()
