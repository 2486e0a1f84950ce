"""Tasks to practise on, each picture measured by a way apart from the one that drew it."""

from itertools import permutations

import numpy as np
import pytest
from shapely.geometry import Point as Spot
from shapely.geometry import Polygon
from shapely.ops import unary_union

from firmcell.app.theme import DARK, LIGHT
from firmcell.core.pictures.drawing import Area, Disc, Label, Stroke
from firmcell.core.practice import crimps, peeled_welds, solder_joints
from firmcell.core.practice.live_order import ORDERS
from firmcell.core.practice.subjects import any_task, kinds_of, task_of
from firmcell.core.practice.task import Subject, score_task
from firmcell.store.part_files import shipped_library

CONNECTORS = shipped_library().connectors


def task(subject, seed, kind):
    return task_of(subject, seed, kind, CONNECTORS)


def body_of(shape):
    if isinstance(shape, Disc):
        return Spot(shape.centre).buffer(shape.radius, 64)
    return Polygon(shape.points)


@pytest.mark.parametrize("subject", Subject)
def test_every_task_of_every_kind_is_whole(subject):
    for kind in range(kinds_of(subject)):
        for seed in range(12):
            one = task(subject, seed, kind)
            words = [c.words for c in one.choices]
            assert len(set(words)) == len(words) >= 2
            assert one.answer not in one.harmful
            assert one == task(subject, seed, kind), "the same for the same numbers"
            drawn = {s.ref for d in one.drawings for s in d.shapes if not isinstance(s, Label)}
            assert set(one.shown) <= drawn
            assert {p.ref for p in one.places if p.ref} <= drawn
            assert score_task(one, one.answer, one.place).points == 100
            for choice in one.harmful:
                told = score_task(one, choice, one.place)
                assert told.dangerous_miss
                assert told.points == 0
            roles = {s.role for d in one.drawings for s in d.shapes}
            for palette in (LIGHT, DARK):
                assert not roles - set(palette.roles)
            assert "  " not in one.question + one.why + one.look


def test_a_fault_called_sound_is_missed_danger():
    for subject, sound in ((Subject.JOINT, 0), (Subject.CRIMP, 0), (Subject.WELD, 0), (Subject.AS_FOUND, 0)):
        for kind in range(1, kinds_of(subject)):
            assert sound in task(subject, 3, kind).harmful


def test_the_kind_in_the_wrong_place_scores_half_and_hints_cost():
    one = task(Subject.AS_FOUND, 1, 3)
    elsewhere = (one.place + 1) % len(one.places)
    assert score_task(one, one.answer, elsewhere).points == 50
    assert score_task(one, one.answer, one.place, hints=1).points == 80


def test_turned_cells_by_rotation_in_space():
    """A half turn about x or y through the middle of the pack, by the rotation matrix; the end seen is the other one."""
    for kind, half_turn in ((0, np.diag([1.0, -1.0, -1.0])), (1, np.diag([-1.0, 1.0, -1.0]))):
        for seed in range(30):
            one = task(Subject.TURNED, seed, kind)
            top, bottom = one.drawings
            cells = [np.array(s.centre) for s in top.shapes if isinstance(s, Disc) and s.role == "cell.wrap"]
            ring = next(s for s in top.shapes if isinstance(s, Stroke) and len(s.points) == 40)
            marked = np.mean(np.array(ring.points[:-1]), axis=0)
            up = next(
                s.text
                for s in top.shapes
                if isinstance(s, Label) and np.hypot(*(np.array(s.centre) - marked)) < 1
            )
            middle = (np.min(cells, axis=0) + np.max(cells, axis=0)) / 2
            seen_at = half_turn @ np.array([*(marked - middle), 0.0])
            places = {s.ref: np.array(s.centre) for s in bottom.shapes if s.ref and isinstance(s, Disc)}
            lower = np.array(list(places.values()))
            there = (lower.min(axis=0) + lower.max(axis=0)) / 2
            nearest = min(places, key=lambda ref: np.hypot(*(places[ref] - there - seen_at[:2])))
            assert one.places[one.place].ref == nearest
            assert one.choices[one.answer].words.startswith("minus" if up == "+" else "plus")


def test_connectors_by_their_outline():
    """Twin bullet: the letter farther from the point of the body is plus. T-blade: the letter at the blade that lies along
    the body's long side is plus. Common practice, no source. Measured on the picture, however it is turned or mirrored."""
    seen = set()
    for seed in range(40):
        one = task(Subject.CONNECTOR, seed, 0)
        shapes = one.drawings[0].shapes
        corners = np.array(next(s.points for s in shapes if s.role == "face.body"))
        # The one corner that is in the middle of a side of the outline's box is the point.
        box = (corners.min(axis=0) + corners.max(axis=0)) / 2
        point = min(corners, key=lambda c: np.min(np.abs(c - box)))
        letters = {s.text: np.array(s.centre) for s in shapes if isinstance(s, Label)}
        plus = max(letters, key=lambda name: np.hypot(*(letters[name] - point)))
        assert one.choices[one.answer].words == f"{plus} is plus"
        seen.add((plus, tuple(np.sign(np.round(point - box, 3)).astype(int).tolist())))
    assert len(seen) == 8, "each letter, each way round"
    for seed in range(40):
        one = task(Subject.CONNECTOR, seed, 1)
        shapes = one.drawings[0].shapes
        body = np.ptp(np.array(next(s.points for s in shapes if s.role == "face.body")), axis=0)
        along = next(
            np.mean(np.array(s.points), axis=0)
            for s in shapes
            if s.role == "face.contact" and np.argmax(np.ptp(np.array(s.points), axis=0)) == np.argmax(body)
        )
        letters = {s.text: np.array(s.centre) for s in shapes if isinstance(s, Label)}
        across = min(letters, key=lambda name: np.hypot(*(letters[name] - along)))
        assert one.choices[one.answer].words == f"{across} is plus"


@pytest.mark.parametrize("kind", [2, 3, 4])
def test_where_the_shape_does_not_tell_plus_nobody_may_say_so(kind):
    one = task(Subject.CONNECTOR, 5, kind)
    assert one.choices[one.answer].words == "the shape does not tell"
    assert one.harmful == {0, 1}
    assert not any(s.role == "face.sleeve.plus" for s in one.drawings[0].shapes), "no colour gives it away"


def test_crimps_by_the_area_of_copper():
    """By shapely: a sound crimp has hardly a hollow in its barrel; loose and starved ones have many."""
    for seed in range(10):
        solid = {}
        for kind in (crimps.GOOD, crimps.LOOSE, crimps.FEW, crimps.INSULATION):
            shapes = task(Subject.CRIMP, seed, kind).drawings[0].shapes
            inner = min(
                (
                    body_of(s)
                    for s in shapes
                    if s.role != "seen.cup"
                    and s.role != "seen.strand"
                    and not (kind == crimps.LOOSE and s.role == "seen.copper")
                ),
                key=lambda b: -b.area,
            )
            metal = unary_union([body_of(s) for s in shapes if s.role in ("seen.strand", "seen.copper")])
            solid[kind] = metal.intersection(inner).area / inner.area
        assert solid[crimps.GOOD] > 0.99
        assert solid[crimps.LOOSE] < 0.75
        assert solid[crimps.FEW] < 0.75
        assert solid[crimps.INSULATION] < 0.65


def test_joints_by_their_measures():
    for seed in range(10):
        reach = {}
        for kind in range(7):
            shapes = task(Subject.JOINT, seed, kind).drawings[0].shapes
            cups = [np.array(s.points) for s in shapes if s.role == "seen.cup"]
            strands = [
                np.array(s.points) for s in shapes if isinstance(s, Stroke) and s.role == "seen.copper"
            ]
            floor = cups[1]
            bore = np.hypot(*(floor[3] - floor[0]))
            tip = min(np.min(np.abs(np.hypot(*(s[:, None] - floor[None]).reshape(-1, 2).T))) for s in strands)
            solder = [body_of(s) for s in shapes if s.role.startswith("seen.solder") and isinstance(s, Area)]
            reach[kind] = (tip / bore, sum(b.area for b in solder) / bore**2)
        assert reach[solder_joints.FLOATING][0] > 3 * reach[solder_joints.GOOD][0]
        assert reach[solder_joints.LITTLE][1] < 0.4 * reach[solder_joints.GOOD][1]
        assert reach[solder_joints.BLOB][1] > 1.1 * reach[solder_joints.GOOD][1]


def test_welds_leave_as_many_nuggets_as_holes():
    for seed in range(10):
        for kind, count in (
            (peeled_welds.GOOD, 2),
            (peeled_welds.COLD, 0),
            (peeled_welds.BURNT, 0),
            (peeled_welds.ONE, 1),
        ):
            strip, cell = task(Subject.WELD, seed, kind).drawings
            nuggets = [s for s in cell.shapes if s.role == "weld"]
            assert len(nuggets) == count
            holes = [s for s in strip.shapes if s.role == "face.hole"]
            assert len(holes) == (2 if kind == peeled_welds.BURNT else count)
            for hole in holes if kind != peeled_welds.BURNT else ():
                # The cell is the strip's mirror image.
                mirrored = Spot(-Polygon(hole.points).centroid.x, Polygon(hole.points).centroid.y)
                assert min(Spot(n.centre).distance(mirrored) for n in nuggets) < 0.3


def test_the_order_on_a_live_pack_never_has_two_poles_bare():
    """Every order of the four acts at each wire, played through: those in which bare metal of both poles is never in reach
    at once are just those that finish one wire first. What the task calls next lies on such an order."""
    acts = ("cut", "bare", "solder", "sleeve")
    wires = [(pole, act) for pole in ("plus", "minus") for act in acts]

    def safe(order):
        bare = set()
        for pole, act in order:
            if act in ("cut", "bare", "solder") and bare - {pole}:
                return False
            if act == "bare":
                bare.add(pole)
            if act == "sleeve":
                bare.discard(pole)
        return True

    good = set()
    for picked in set(permutations([w[0] for w in wires])):
        left = {pole: iter(acts) for pole in ("plus", "minus")}
        order = [(pole, next(left[pole])) for pole in picked]
        if safe(order):
            good.add(tuple(order))
    # A wire may also be cut and covered before the other is bared: two more than wire by wire.
    assert all(order[0][0] == order[1][0] or order[0][1] == order[1][1] == "cut" for order in good)
    words = {"cut the": "cut", "strip and": "bare", "solder the": "solder", "push the": "sleeve"}
    for seed in range(60):
        one = task(Subject.LIVE, seed, 0)
        next_act = next(
            act for start, act in words.items() if one.choices[one.answer].words.startswith(start)
        )
        first = one.question.split("The ")[2].split(" wire")[0]
        other = "minus" if first == "plus" else "plus"
        done = {"uncut": 0, "cut": 1, "bare": 2, "soldered": 3, "done": 4}[
            one.question.split(f"{first} wire is ")[1].split(",")[0].split(" ")[0]
        ]
        so_far = [(first, act) for act in acts[:done]]
        following = (first, acts[done]) if done < 4 else (other, "cut")
        assert next_act == following[1]
        assert any(order[: done + 1] == (*so_far, following) for order in good)
        for number in one.harmful:
            assert "both" in one.choices[number].words or other in one.choices[number].words


@pytest.mark.parametrize("kind", ORDERS)
def test_what_comes_next_is_the_first_that_is_not_done(kind):
    for seed in range(20):
        one = task(Subject.LIVE, seed, kind)
        steps = ORDERS[kind].steps
        done = [s for s in steps if s in one.question]
        assert one.choices[one.answer].words == steps[len(done)]
        assert sorted(c.words for c in one.choices) == sorted(steps[len(done) :])


def test_weak_kinds_come_more_often():
    plain = [any_task(Subject.JOINT, seed, CONNECTORS).answer for seed in range(120)]
    cold = task(Subject.JOINT, 1, 1).kind
    practised = [any_task(Subject.JOINT, seed, CONNECTORS, {cold: 1.0}).answer for seed in range(120)]
    assert set(plain) == set(range(7)), "every kind comes"
    assert practised.count(1) > 2 * plain.count(1)
