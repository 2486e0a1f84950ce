"""A first design that takes what the shop has, where that makes it no worse."""

import json
from collections import Counter
from collections.abc import Callable, Iterable, Iterator

from pydantic import ValidationError

from firmcell.core.analysis.findings import Finding, Severity
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Part
from firmcell.core.stock.at_hand import NOTHING, AtHand, groups_there, with_stock_only

Weight = tuple[Counter[str], Counter[str]]
"""Codes of the stops, and of what asks for attention."""


def of_stock_first(
    make: Callable[[PartLibrary], Design],
    weigh: Callable[[Design], Weight],
    library: PartLibrary,
    at_hand: AtHand,
    thorough: bool = True,
) -> Design:
    """Return a design of what is at hand, and of the part library where nothing at hand does as well.

    All groups of parts are first taken from stock together; where that makes the design worse, one group
    after another (if `thorough`). The shop's ways are taken over last, each by itself.

    Parameters
    ----------
    make : callable
        Makes the design from a part library; it may refuse one that lacks something.
    weigh : callable
        What speaks against a design, its metal solved; no stop and no attention may come on top of those
        that the design of the whole part library has.
    library, at_hand : PartLibrary, AtHand

    Raises
    ------
    Refusal
        If `make` refuses the whole part library.
    """
    usual = make(library)
    if at_hand == NOTHING:
        return usual
    least = weigh(usual)
    groups = groups_there(library, at_hand)

    def of_stock(some: tuple[str, ...]) -> Design | None:
        try:
            found = make(with_stock_only(library, at_hand, some))
        except Refusal:
            return None
        # What is bought is bought as it would have been: stock never makes another part be bought.
        bought = {part.name for part in parts_in(found) if not at_hand.has(part)}
        if found.cell != usual.cell or bought - {part.name for part in parts_in(usual)}:
            return None
        return found if no_worse(weigh(found), least) else None

    best = of_stock(groups) if groups else None
    taken: tuple[str, ...] = ()
    for group in groups if thorough and best is None and len(groups) > 1 else ():
        found = of_stock((*taken, group))
        if found is not None:
            usual, taken = found, (*taken, group)
    return _in_its_ways(best or usual, at_hand, weigh)


def parts_in(model: Frozen) -> Iterator[Part]:
    """Yield every part of a design, wherever it stands in it."""
    for _, value in model:
        if isinstance(value, Part):
            yield value
        elif isinstance(value, Frozen):
            yield from parts_in(value)


def weight_of(findings: Iterable[Finding]) -> Weight:
    """Return the codes of stops and of what asks for attention, with how often each speaks."""
    every = list(findings)
    return (
        Counter(f.code for f in every if f.severity is Severity.STOP),
        Counter(f.code for f in every if f.severity is Severity.ATTENTION),
    )


def no_worse(one: Weight, other: Weight) -> bool:
    """Return whether nothing speaks against the one that does not speak against the other."""
    return not one[0] - other[0] and not one[1] - other[1]


def _in_its_ways(design: Design, at_hand: AtHand, weigh: Callable[[Design], Weight]) -> Design:
    """The design with each way of the shop that brings no stop or attention with it."""
    for path, value in at_hand.ways:
        try:
            other = design.edited(path, json.loads(value))
        except (Refusal, ValidationError, ValueError, AttributeError, KeyError):
            # A field that an older or newer version has, or a value that does not go with the others.
            continue
        if other != design and no_worse(weigh(other), weigh(design)):
            design = other
    return design
