"""What entries about a cell come to: newest values, rests, places, and what is taken back."""

from datetime import UTC, datetime, timedelta
from itertools import count

import pytest

from firmcell.core.base.serials import serial_key
from firmcell.core.bench.reclaimed import DAY_S
from firmcell.core.model.sample_parts import CELL
from firmcell.core.stock.cell_history import CellHistory, folded
from firmcell.core.stock.cell_line import line_of
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellMoved,
    CellTested,
    Entry,
    PlaceKind,
    TakenBack,
    Told,
)
from firmcell.core.stock.entry_check import why_not
from firmcell.core.stock.stock_words import history_lines, judged, marks_of, stands, summary, where

BEGAN = datetime(2026, 11, 1, 12, tzinfo=UTC)
NUMBERS = count(1)


def entry(day: float, data: Told, cell: str = "c" * 32) -> Entry:
    time = (BEGAN + timedelta(days=day)).isoformat()
    return Entry(key=f"{next(NUMBERS):032x}", about=cell, time=time, person="Ada", bench="bench 1", data=data)


def come_in(**told: object) -> Entry:
    return entry(0, CellAdded.model_validate({"serial": "HL-1", "drawer": "A3", **told}))


def cell_of(*entries: Entry) -> CellHistory:
    cell = folded(entries)
    assert cell is not None
    return cell


def into_job(day: float, cell: CellHistory, job: str = "Hoist") -> Entry:
    return entry(day, CellMoved(to=PlaceKind.JOB, place=job, after=cell.placed_by))


def rest(day: float, volts: float) -> Entry:
    return entry(day, CellTested(rest_v=volts))


def test_the_newest_value_counts_whatever_the_order_of_writing() -> None:
    cell = cell_of(
        come_in(),
        entry(9, CellTested(capacity_as=17_000, ohms=0.02)),
        entry(3, CellTested(capacity_as=18_000)),
    )
    assert line_of(cell).capacity_as == 17_000
    assert line_of(cell).tested == (BEGAN + timedelta(days=9)).isoformat()


def test_a_rest_is_its_first_and_last_reading() -> None:
    line = line_of(cell_of(come_in(), rest(1, 3.61), rest(8, 3.605), rest(15, 3.60)))
    assert (line.rest_first_v, line.rest_second_v, line.rest_s) == (3.61, 3.60, 14 * DAY_S)
    assert line.loss_v_s == pytest.approx(0.01 / (14 * DAY_S))


def test_a_charge_and_a_capacity_test_part_two_rests() -> None:
    charged = line_of(cell_of(come_in(), rest(1, 3.40), rest(8, 3.39), rest(9, 4.10), rest(10, 4.09)))
    assert (charged.rest_first_v, charged.rest_s) == (4.10, DAY_S)
    tested = line_of(
        cell_of(
            come_in(), rest(1, 3.61), entry(5, CellTested(capacity_as=18_000)), rest(6, 3.60), rest(8, 3.60)
        )
    )
    assert tested.rest_s == 2 * DAY_S
    only = line_of(
        cell_of(
            come_in(), rest(1, 3.61), rest(4, 3.60), entry(5, CellTested(capacity_as=18_000)), rest(6, 3.6)
        )
    )
    # One reading since is no rest; what was known before still is.
    assert only.rest_s == 3 * DAY_S


def test_a_slow_charge_in_small_steps_is_no_rest_that_loses_nothing() -> None:
    """Each step is less than a cell recovers by; together they are not."""
    steps = [rest(day, 3.50 + 0.012 * day) for day in range(6)]
    line = line_of(cell_of(come_in(), *steps))
    assert line.rest_s is None or line.rest_s < 3 * DAY_S


def test_a_cell_out_of_a_job_must_rest_anew() -> None:
    rested = cell_of(come_in(), rest(1, 3.61), rest(15, 3.60))
    used = cell_of(*rested.entries, into_job(16, rested))
    # In the job what was known as it went in stands.
    assert line_of(used).rest_s == 14 * DAY_S
    in_pack = line_of(cell_of(*used.entries, rest(20, 3.60), rest(27, 3.60)))
    assert in_pack.rest_s == 14 * DAY_S, "read in a pack a cell seems to lose nothing"
    back = cell_of(*used.entries, entry(30, CellMoved(to=PlaceKind.DRAWER, place="B1", after=used.placed_by)))
    assert line_of(back).rest_s is None
    assert line_of(back).place == "B1"
    again = line_of(cell_of(*back.entries, rest(31, 3.5), rest(33, 3.49)))
    assert again.rest_s == 2 * DAY_S


def test_a_voltage_that_rose_says_nothing_of_the_loss() -> None:
    assert line_of(cell_of(come_in(), rest(1, 3.600), rest(9, 3.605))).loss_v_s is None


def test_taking_back_and_taking_that_back() -> None:
    wrong = entry(1, CellTested(capacity_as=9_000))
    back = entry(2, TakenBack(entry=wrong.key, reason="wrong range"))
    cell = cell_of(come_in(), wrong, back)
    assert line_of(cell).capacity_as is None
    assert [line.gone for line in history_lines(cell)] == [False, True, False]
    again = cell_of(*cell.entries, entry(3, TakenBack(entry=back.key, reason="it was right")))
    assert line_of(again).capacity_as == 9_000
    added = come_in()
    assert folded([added, entry(1, TakenBack(entry=added.key, reason="typed twice"))]) is None


def test_why_an_entry_cannot_go_in() -> None:
    cell = cell_of(come_in())
    moved = cell_of(*cell.entries, into_job(1, cell))
    late = why_not(into_job(2, cell, "Lantern"), moved)
    assert (
        late
        == "HL-1 is in the job “Hoist”, put there on 2026-11-02 at 12:00 by Ada, bench 1; look again before you move it."
    )
    assert "Nothing was measured" in why_not(entry(1, CellTested()), cell)
    assert "no such cell" in why_not(rest(1, 3.6), None)
    assert "no class" in why_not(come_in(lot="L7"), None)
    other = cell_of(entry(0, CellAdded(serial="hl- 1", drawer="B2"), "d" * 32))
    taken = why_not(come_in(), None, (other,))
    assert "belongs to another cell, in drawer B2" in taken
    assert why_not(come_in(), None) == ""
    scrapped = cell_of(
        *cell.entries, entry(3, CellMoved(to=PlaceKind.SCRAPPED, reason="vented", after=cell.placed_by))
    )
    assert "scrapped (vented)" in why_not(into_job(4, scrapped), scrapped)
    back = CellMoved(to=PlaceKind.DRAWER, place="A1", after=scrapped.placed_by)
    assert "why it is good after all is not said" in why_not(entry(4, back), scrapped)
    assert why_not(entry(4, back.model_copy(update={"reason": "the meter was wrong"})), scrapped) == ""
    other_job = CellMoved(to=PlaceKind.JOB, place="Lantern", after=moved.placed_by)
    assert "no cell is in two packs" in why_not(entry(4, other_job), moved)
    other_group = CellMoved(to=PlaceKind.JOB, place="Hoist", group=2, after=moved.placed_by)
    assert why_not(entry(4, other_group), moved) == ""
    assert "Why HL-1 is scrapped" in why_not(
        entry(1, CellMoved(to=PlaceKind.SCRAPPED, after=cell.placed_by)), cell
    )
    stale = CellDescribed(serial="HL-2", after="f" * 32)
    assert "look again before you change it" in why_not(entry(1, stale), cell)
    used = TakenBack(entry=cell.entries[0].key, reason="never there")
    assert "was used in a job" in why_not(entry(5, used), moved)
    assert "no such entry" in why_not(entry(5, TakenBack(entry="f" * 32, reason="x")), cell)


def test_a_cell_is_judged_by_the_rules_of_reclaimed_ones() -> None:
    good = cell_of(
        come_in(),
        entry(0, CellTested(capacity_as=CELL.capacity_as, ohms=CELL.resistance_ohm)),
        rest(1, 4.10),
        rest(9, 4.098),
    )
    assert stands(judged(line_of(good), CELL)) == "fine"
    bare = judged(line_of(cell_of(come_in())), CELL)
    assert (stands(bare), marks_of(bare)) == (
        "look",
        "Capacity not tested; resistance not measured; not read twice at rest",
    )
    assert stands(judged(line_of(good), None)) == "not judged"
    drains = cell_of(*good.entries[:2], rest(1, 4.10), rest(9, 3.60))
    assert stands(judged(line_of(drains), CELL)) == "out"
    # Read once only, and under its empty voltage.
    deep = judged(line_of(cell_of(*good.entries, rest(10, 1.2))), CELL)
    assert deep is not None
    assert "rests at 1.20 V" in marks_of(deep)


def test_what_is_told_of_many() -> None:
    cell = cell_of(come_in())
    lines = (line_of(cell), line_of(cell_of(*cell.entries, into_job(1, cell))))
    assert summary(lines) == "1 in 1 drawer, 0 % of them with a tested capacity; 1 in jobs; 0 scrapped."
    assert [where(line) for line in lines] == ["A3", "job “Hoist”"]
    assert serial_key("hl- 0412\t") == serial_key("HL-0412")
