"""The order of joints that leaves least exposed: against every order there is on small packs, against random orders on large
ones, and against the circuit solved cell by cell."""

import random
from itertools import permutations

import numpy as np
import pytest

from firmcell.core.bench.joint_order import (
    REACH_M,
    best_order,
    chain_and_first,
    cost_of,
    exposed_of,
    filling_cost,
    filling_order,
    groups_in_order,
    least_exposed,
    moved,
    order_of,
    order_words,
    planned,
)
from firmcell.core.bench.live_map import _apart, _Mapper
from firmcell.core.bench.moment import Moment, not_there
from firmcell.core.jobs import as_job
from firmcell.core.model.design import Face, JointOrder
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.records.areas import face_area
from firmcell.core.wiring.solved import shorts_between
from firmcell.store.demo import hoist_in_rows
from tests.core.bench.test_live_map import SHELF, Job

PLAIN = (("brief.space", "box"), ("brief.outline_m", ()), ("brief.blocked", ()))


def rows_of(series, parallel):
    edits = (("series", series), ("parallel", parallel), ("arrangement.rows", parallel))
    return hoist_in_rows(SHELF).with_edits(*PLAIN, *edits)


def chain_for(job):
    return chain_and_first(job.design, job.analysis.layout, job.analysis.strips)


def faces_of(chain, first):
    nodes = range(chain.series + 1)
    return [n for n in nodes if chain.faces[n] is first], [n for n in nodes if chain.faces[n] is not first]


@pytest.mark.parametrize(("series", "parallel"), [(5, 1), (7, 3), (9, 2), (10, 4), (12, 2)])
def test_no_order_of_a_small_pack_exposes_less(series, parallel):
    """Every permutation of the second face, by the same measure."""
    chain, first = chain_for(Job(rows_of(series, parallel)))
    mine, other = faces_of(chain, first)
    best = min(cost_of(chain, order, mine, first) for order in permutations(other))
    found = cost_of(chain, best_order(chain, other, mine, first), mine, first)
    assert found == pytest.approx(best, rel=1e-9)


def test_of_a_large_pack_no_random_order_nor_any_exchange_exposes_less():
    chain, first = chain_for(Job(rows_of(32, 2)))
    mine, other = faces_of(chain, first)
    order = list(best_order(chain, other, mine, first))
    found = cost_of(chain, order, mine, first)
    rng = random.Random(1)
    for _ in range(150):
        shuffled = rng.sample(other, len(other))
        assert cost_of(chain, shuffled, mine, first) > found
    for _ in range(60):
        a, b = rng.sample(range(len(order)), 2)
        swapped = list(order)
        swapped[a], swapped[b] = swapped[b], swapped[a]
        assert cost_of(chain, swapped, mine, first) > 0.995 * found


def solved_cost(job, mine, order, first):
    """The sum over steps of the greatest voltage × current × reach × joints between the metal of the step and all other bare
    metal, from the circuit with every cell, strip and joint."""
    total, done = 0.0, set(mine)
    groups = frozenset(range(1, job.design.series + 1))
    joints = [sum(p.joints for p in job.analysis.strips if p.node == n) for n in range(job.design.series + 1)]
    for node in order:
        done.add(node)
        acts = ((frozenset((face_area(first),)), False), (frozenset(("rims",)), False))
        moment = Moment(frozenset(done), groups, frozenset(), frozenset(), False, True, acts)
        live = _Mapper(job.bench, moment).mapped()
        gone = not_there(job.wiring, job.analysis.layout, job.design, moment)
        own = [p for p in live.bare if f"strip of B{node} " in p.label]
        worst = 0.0
        part = job.wiring.reached(own[0].node, gone)
        near = [p for p in live.bare if p.node in part]
        shorts = shorts_between(job.wiring, part, [p.node for p in near], gone)
        volts = np.array([p.volts for p in near])
        reach = np.exp(-_apart(near) / REACH_M)
        found = np.abs(volts[:, None] - volts[None, :]) * shorts * reach
        worst = max(found[k].max() for k, p in enumerate(near) if f"strip of B{node} " in p.label)
        total += worst * joints[node]
    return total


@pytest.mark.slow
@pytest.mark.parametrize(("series", "parallel"), [(7, 3), (8, 2), (9, 1)])
def test_in_the_solved_circuit_hardly_any_order_exposes_less(series, parallel):
    job = Job(rows_of(series, parallel))
    chain, first = chain_for(job)
    mine, other = faces_of(chain, first)
    every = {order: solved_cost(job, mine, order, first) for order in permutations(other)}
    found = every[best_order(chain, other, mine, first)]
    assert found <= 1.06 * min(every.values())
    assert found < sorted(every.values())[len(every) // 2], "better than half of all orders"


def test_it_exposes_a_quarter_less_than_from_minus_to_plus():
    """Fifteen packs: never more, and of those of ten groups and more 10 to 40 % less."""
    for series in (4, 7, 10, 14, 20):
        for parallel in (2, 4, 5):
            chain, first = chain_for(Job(rows_of(series, parallel)))
            plain = planned(chain, first, range(series + 1)).exposed
            saved = 1 - least_exposed(chain, first).exposed / plain
            assert -0.001 < saved < 0.45
            if series >= 10:
                assert saved > 0.10, (series, parallel)


def test_the_plan_follows_the_order_of_the_design(hoist):
    def joined(design):
        return [s.joins[0] for s in Job(design).steps if s.joins]

    assert joined(hoist) == [0, 2, 4, 6, 8, 10, 1, 3, 5, 7, 9]
    best = hoist.edited("joining.order", JointOrder.LEAST_EXPOSED)
    assert sorted(joined(best)) == list(range(11))
    assert joined(best)[:6] == [0, 2, 4, 6, 8, 10]
    assert joined(best)[6:] != [1, 3, 5, 7, 9]
    own = hoist.with_edits(("joining.order", JointOrder.OWN), ("joining.own_order", (9, 99, 10, 9)))
    assert joined(own) == [10, 0, 2, 4, 6, 8, 9, 1, 3, 5, 7], (
        "what is not there is passed over, the rest comes after"
    )


def test_the_price_of_an_order_is_told_and_a_joint_moves_on_its_face(hoist):
    job = Job(hoist)
    args = (job.design, job.analysis.layout, job.analysis.strips)
    assert "more than need be" in order_words(*args)
    exposed, least = exposed_of(*args)
    assert exposed > 1.2 * least
    best = Job(hoist.edited("joining.order", JointOrder.LEAST_EXPOSED))
    assert "No order of these joints exposes less" in order_words(
        best.design, job.analysis.layout, job.analysis.strips
    )
    assert moved(*args, 3, -1) == (0, 3, 2, 1, 4, 5, 6, 7, 8, 9, 10)
    assert moved(*args, 1, -1) is None
    assert moved(*args, 10, 1) is None


def test_holders_are_filled_so_that_least_is_exposed(hoist):
    """Every order of six groups; the program's is the least."""
    design = as_job(rows_of(6, 2), JobKind.HOLDER_PACK, SHELF).edited(
        "joining.order", JointOrder.LEAST_EXPOSED
    )
    job = Job(design)
    chain, _ = chain_for(job)
    order = groups_in_order(design, job.analysis.layout)
    best = min(filling_cost(chain, o) for o in permutations(range(1, 7)))
    assert filling_cost(chain, filling_order(chain)) == pytest.approx(best, rel=0.01)
    assert [s.seats[0] for s in job.steps if s.seats] == list(order)
    # The greatest voltage that is bare comes with the last groups only.
    told = [job.at(s.code).highest_v for s in job.steps if s.seats]
    assert told == sorted(told)
    assert told[0] == pytest.approx(design.cell_now_v)


def test_cells_with_all_terminals_on_top_have_one_order(hoist):
    flat = next(c for c in SHELF.cells if not c.is_round)
    design = rows_of(8, 1).with_edits(
        ("cell", flat), ("cell_now_v", flat.nominal_v), ("joining.joined_by", JoinedBy.SCREW)
    )
    job = Job(design.edited("joining.order", JointOrder.LEAST_EXPOSED))
    chain, first = chain_for(job)
    assert first is Face.TOP
    order = order_of(job.design, job.analysis.layout, job.analysis.strips)
    assert sorted(order) == list(range(9))
    assert planned(chain, first, order).exposed <= planned(chain, first, range(9)).exposed * 1.0005
