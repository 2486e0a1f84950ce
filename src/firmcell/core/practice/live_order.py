"""What comes next on a pack that is live, so that no two poles are ever bare within one reach."""

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.pictures.drawing import Area, Drawing, Label, Shape, Stroke, bounds_of, rectangle
from firmcell.core.practice.task import Choice, Subject, Task

COVERED, BARE, SOLDERED, SLEEVED, UNCUT = (
    "cut, end covered",
    "bare",
    "soldered, sleeve still back",
    "done",
    "uncut",
)
LOOK = "For each answer ask: which metal is bare while it is done, and what is its voltage against the other bare metal in reach?"
KINDS = (
    "lead change",
    "board retrofit",
    "charge lead on",
    "charge lead off",
    "holder pack",
    "two plugs on a bench",
)


@frozen
class Conductor:
    """One wire of a live pack: its pole and how its end is."""

    pole: str
    end: str


def live_task(dice: np.random.Generator, kind: int) -> Task:
    """Return a state of work on a live pack, situation number `kind`, and what may be done next."""
    if kind == 0:
        return _lead_change(dice)
    return _in_order(dice, kind)


def harms(conductors: tuple[Conductor, ...], poles: tuple[str, ...], bares: bool, one_tool: bool) -> bool:
    """Return whether an act puts two poles within one reach.

    Parameters
    ----------
    conductors : of the pack as they are.
    poles : that the act is done on.
    bares : whether it bares metal, or works on bare metal.
    one_tool : whether one tool goes through all of them at once.
    """
    if one_tool and len(set(poles)) > 1:
        return True
    others = {c.pole for c in conductors if c.end in (BARE, SOLDERED) and c.pole not in poles}
    return bares and bool(others)


def _lead_change(dice: np.random.Generator) -> Task:
    """A connector is changed on a pack that cannot be switched off."""
    first = ("minus", "plus")[int(dice.integers(2))]
    other = "plus" if first == "minus" else "minus"
    state = (UNCUT, COVERED, BARE, SOLDERED, SLEEVED)[int(dice.integers(5))]
    pack = (Conductor(first, state), Conductor(other, UNCUT))
    acts: list[tuple[str, bool, bool]] = []

    def act(
        words: str, poles: tuple[str, ...], bares: bool, one_tool: bool = False, follows: bool = False
    ) -> None:
        acts.append((words, harms(pack, poles, bares, one_tool), follows))

    following = {
        UNCUT: f"cut the {first} wire alone, and cover its end",
        COVERED: f"strip and tin the {first} wire",
        BARE: f"solder the {first} wire into its cup",
        SOLDERED: f"push the sleeve over the {first} joint and shrink it",
        SLEEVED: f"cut the {other} wire alone, and cover its end",
    }
    act(
        following[state],
        (other if state == SLEEVED else first,),
        state in (COVERED, BARE, SOLDERED),
        follows=True,
    )
    act(
        "cut both wires with one snip, so that they are of one length", ("plus", "minus"), True, one_tool=True
    )
    if state in (BARE, SOLDERED):
        act(f"cut and strip the {other} wire, to solder both in one go", (other,), True)
    else:
        act("strip both ends, then solder both in one go", ("plus", "minus"), True, one_tool=True)
    if state == SLEEVED:
        act("plug the mate in to try it", (), False)
    else:
        act("put the load's half on and see whether it fits", (), False)
    order = dice.permutation(len(acts)).tolist()
    mixed = [acts[n] for n in order]
    answer = next(n for n, (_, _, follows) in enumerate(mixed) if follows)
    harmful = frozenset(n for n, (_, bad, _) in enumerate(mixed) if bad)
    why = (
        "One conductor at a time: cut, strip, solder, sleeve, shrink, and only then the next. A cutter through both is a short, "
        "and so is a tip between two bare ends. Which pole is first is a habit of the shop."
    )
    return Task(
        Subject.LIVE,
        KINDS[0],
        (_picture(pack),),
        f"The connector of a live pack is changed. The {first} wire is {state}, the {other} wire uncut. What comes next?",
        tuple(Choice(words) for words, _, _ in mixed),
        answer,
        harmful,
        why,
        LOOK,
    )


@frozen
class Order:
    """A job with one order of its steps: what is asked, the steps, those that harm when early, and why."""

    question: str
    steps: tuple[str, ...]
    harm_early: frozenset[int]
    why: str
    boxes: tuple[str, ...]
    joins: tuple[tuple[int, int, str], ...]
    """Step, the box left of its line, and the line's words; a step that begins with “take” takes it away."""


ORDERS = {
    1: Order(
        "A board goes on a pack that works already. Joined so far: {done}. What comes next?",
        (
            "join B− to the pack's minus",
            "read every pin of the sense plug against B0",
            "put the sense plug into the board",
            "join P− to the connector",
        ),
        frozenset({2, 3}),
        "B− first, so that the board's ground is there before any tap; the plug only once every pin is read; P− last, so that nothing flows "
        "through a board that does not see its groups. A board's own sheet goes before this.",
        ("pack", "board", "connector"),
        ((0, 0, "B−"), (2, 0, "plug"), (3, 1, "P−")),
    ),
    2: Order(
        "A charge lead has a bare plug at each end. Done so far: {done}. What comes next?",
        (
            "switch the charger off",
            "plug the lead into the charger",
            "plug the lead on the pack",
            "switch the charger on",
        ),
        frozenset({2}),
        "The pack is always live: plugged on it first, the bare plug at the charger's end is live in the hand.",
        ("charger", "lead", "pack"),
        ((1, 0, "plug"), (2, 1, "plug")),
    ),
    3: Order(
        "A pack is full and comes off its charger. Done so far: {done}. What comes next?",
        (
            "switch the charger off",
            "take the lead off the pack",
            "take the lead out of the charger",
            "cover the pack's connector",
        ),
        frozenset({2}),
        "While the lead hangs on the pack its other end is live: the pack's end comes off first.",
        ("charger", "lead", "pack"),
        ((1, 1, "plug"), (2, 0, "plug")),
    ),
    4: Order(
        "A pack with clips for its cells, nothing welded. Done so far: {done}. What comes next?",
        (
            "solder board, fuse and leads to the empty holder",
            "measure from each clip to its pad, then from pole to pole",
            "put the first cell in and read it at the plug",
            "put in the others, reading after each",
        ),
        frozenset({2, 3}),
        "An empty holder is dead: everything is soldered and measured before the first cell goes in.",
        ("board", "holder", "cells"),
        ((0, 0, "leads"), (2, 1, "first"), (3, 1, "all")),
    ),
    5: Order(
        "A new lead is soldered on a live pack's connector half. Done so far: {done}. What comes next?",
        (
            "push the sleeves on the wires, far back",
            "plug an unconnected mate in, to hold the contacts straight",
            "tin wire and cup, then join",
            "tug it, then shrink the sleeve",
        ),
        frozenset({2}),
        "Sleeves go on first or never; a mate holds the contacts while plastic softens, and it hangs on nothing.",
        ("pack", "connector", "mate"),
        ((1, 1, "mated"), (2, 0, "joint")),
    ),
}


def _in_order(dice: np.random.Generator, kind: int) -> Task:
    order = ORDERS[kind]
    done = int(dice.integers(len(order.steps) - 1))
    mixed = dice.permutation(len(order.steps) - done).tolist()
    left = [done + n for n in mixed]
    so_far = "; ".join(order.steps[:done]) or "nothing"
    answer = left.index(done)
    harmful = frozenset(n for n, step in enumerate(left) if step in order.harm_early and step != done)
    return Task(
        Subject.LIVE,
        KINDS[kind],
        (_boxes(order, done),),
        order.question.format(done=so_far),
        tuple(Choice(order.steps[n]) for n in left),
        answer,
        harmful,
        order.why,
        LOOK,
    )


def _picture(conductors: tuple[Conductor, ...]) -> Drawing:
    """The pack with its two wires and how their ends are."""
    shapes: list[Shape] = [
        Area(rectangle(-34, -16, 0, 16), "cell.wrap"),
        Label((-17, 0), "pack", 4.0, "label.section"),
    ]
    for c in conductors:
        y, role = (7.0, "lead.plus") if c.pole == "plus" else (-7.0, "lead.minus")
        sign = "+" if c.pole == "plus" else "−"
        shapes.append(Label((-5, y), sign, 5.0, "mark.plus" if c.pole == "plus" else "mark.minus"))
        end = 46.0 if c.end == UNCUT else 40.0
        shapes.append(Stroke(((0, y), (end, y)), 4.0, role))
        if c.end == COVERED:
            shapes.append(Area(rectangle(end - 4, y - 3, end + 5, y + 3), "tape"))
        elif c.end == BARE:
            shapes.append(Stroke(((end, y), (end + 9, y)), 3.0, "seen.copper"))
        elif c.end in (SOLDERED, SLEEVED):
            shapes.append(Area(rectangle(end + 4, y - 3.2, end + 22, y + 3.2), "seen.cup"))
            shapes.append(Stroke(((end, y), (end + 5, y)), 3.0, "seen.copper"))
            at = end - 4 if c.end == SLEEVED else 14
            shapes.append(Area(rectangle(at, y - 3.6, at + 15, y + 3.6), "sleeve"))
        else:
            shapes.append(Area(rectangle(end, y - 6.0, end + 16, y + 6.0), "face.body"))
        above = y + 7.5 if y > 0 else y - 7.5
        shapes.append(Label((4.0, above), f"{c.pole}: {c.end}", 2.8, "label.section", anchor="start"))
    return Drawing("The pack and its two wires", tuple(shapes), bounds_of(shapes))


def _boxes(order: Order, done: int) -> Drawing:
    """The things at hand, and what is done with them."""
    shapes: list[Shape] = []
    for n, words in enumerate(order.boxes):
        x = 44.0 * n
        shapes.append(Area(rectangle(x, 0, x + 32, 20), "wiring.body"))
        shapes.append(Label((x + 16, 10), words, 4.2, "label.section"))
    for place, (step, box, words) in enumerate(order.joins):
        if (step < done) != order.steps[step].startswith("take"):
            y = (4.0, 10.0, 16.0)[place]
            shapes.append(Stroke(((44.0 * box + 32, y), (44.0 * box + 44, y)), 1.2, "wiring.line"))
            shapes.append(Label((44.0 * box + 38, y + 1.9), words, 2.4, "label.section"))
    for n, words in enumerate(order.steps[:done] or ("nothing done yet",)):
        shapes.append(Label((60, -8 - 7.0 * n), f"{n + 1}. {words}" if done else words, 3.4, "label.section"))
    # So that the picture does not jump with what is done.
    shapes.append(Label((60, -8 - 7.0 * len(order.steps)), " ", 3.4, "label.section"))
    return Drawing("What is done so far", tuple(shapes), bounds_of(shapes))
