"""Taking from stock what a step used: from which roll, bag or box, and what is short."""

from collections.abc import Iterable, Sequence

from firmcell.core.base.frozen import frozen
from firmcell.core.stock.at_hand import named
from firmcell.core.stock.things import PartInStock

TOUCH = 1e-9


@frozen
class Need:
    """Some of a part that a step wants, m or pieces.

    Attributes
    ----------
    what, name : kind of part, such as strip, and its class.
    cuts : lengths of its pieces, m; empty of what is counted.
    """

    what: str
    name: str
    much: float
    cuts: tuple[float, ...] = ()


@frozen
class Taking:
    """Some of one part in stock, taken.

    Attributes
    ----------
    key : of the part in stock.
    much : m or pieces.
    short : by how much more was taken than is told to be there.
    """

    key: str
    much: float
    short: float = 0.0


def takings(needs: Iterable[Need], parts: Sequence[PartInStock]) -> tuple[Taking, ...]:
    """Return from which rolls, bags and boxes needs are met; a part that the shop does not keep is in none.

    A need is met whole from the smallest rest that is enough: what is left of short rests is used up first.
    Where none is enough it is met from one after another, the largest first, each piece whole from one
    rest; and what is in none is taken from the largest all the same: it was used, so the count was wrong.

    Examples
    --------
    >>> from firmcell.core.stock.part_entries import PartIs
    >>> def roll(key, amount):
    ...     is_ = PartIs(name="nickel")
    ...     return PartInStock(key=key * 32, is_=is_, amount=amount, counted="", told_by="0" * 32)
    >>> found = takings([Need("strip", "Nickel", 0.4, (0.2, 0.2))], [roll("a", 5.0), roll("b", 0.5)])
    >>> [(t.key[0], t.much) for t in found]
    [('b', 0.4)]
    """
    left = {part.key: part.amount for part in parts}
    taken: dict[str, float] = {}
    short: dict[str, float] = {}
    for need in needs:
        of = [p.key for p in parts if (p.is_.part.value, named(p.is_.name)) == (need.what, named(need.name))]
        if not of:
            continue
        for key, much in _met(need, of, left):
            taken[key] = taken.get(key, 0.0) + much
            short[key] = short.get(key, 0.0) + max(much - max(left[key], 0.0), 0.0)
            left[key] -= much
    return tuple(
        Taking(key, round(much, 6), round(short[key], 6) if short[key] > TOUCH else 0.0)
        for key, much in taken.items()
    )


def _met(need: Need, of: Sequence[str], left: dict[str, float]) -> list[tuple[str, float]]:
    enough = [key for key in of if left[key] >= need.much - TOUCH]
    if enough:
        return [(min(enough, key=lambda key: left[key]), need.much)]
    rest = {key: left[key] for key in of}
    largest = max(of, key=lambda key: left[key])
    found: dict[str, float] = {}
    for piece in sorted(need.cuts, reverse=True) or [1.0] * round(need.much):
        fits = [key for key in of if rest[key] >= piece - TOUCH]
        key = max(fits, key=lambda key: rest[key]) if fits else largest
        rest[key] -= piece
        found[key] = found.get(key, 0.0) + piece
    return list(found.items())
