"""What a shop has, as far as a proposal asks: classes of parts and cells that are there, and its ways."""

from collections.abc import Collection

from firmcell.core.base.frozen import frozen
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import PART_KINDS, Board, Connector, Contact, Part, Strip, Wire

FAMILY = "connector family"
"""The one way that is no field of a design: which kind of contact the shop's connectors have."""
PROPOSED = ("strip", "wire", "connector", "fuse", "lug", "board", "sleeve")
"""Kinds of parts of which stock is taken where it does as well."""
THICKEST_STRIP_M, WIDEST_STRIP_M, THICKEST_SENSE_M2 = 0.00035, 0.020, 0.6e-6
"""Thicker is a bar, wider lies over two rows of cells, and thicker wire carries the main current."""


@frozen
class AtHand:
    """What is at hand.

    Attributes
    ----------
    names : kind of part (as in the part library) and class, of all that is there.
    cells : class of cell, and how many lie in drawers.
    family : kind of contact of the shop's connectors; None for any.
    ways : fields of a design, and the values the shop likes.
    """

    names: frozenset[tuple[str, str]] = frozenset()
    cells: tuple[tuple[str, int], ...] = ()
    family: Contact | None = None
    ways: tuple[tuple[str, str], ...] = ()

    def has(self, part: Part) -> bool:
        """Whether some of a class is there."""
        return (part.kind, named(part.name)) in self.names

    def enough_cells(self, class_name: str, count: int) -> bool:
        """Whether so many cells of a class lie in drawers."""
        return dict(self.cells).get(class_name, 0) >= count


NOTHING = AtHand()


def named(name: str) -> str:
    """Return what two writings of a class have in common: no spaces, small letters.

    Examples
    --------
    >>> named("Pure nickel strip 0.15×8") == named("pure nickel strip 0.15 × 8")
    True
    """
    return "".join(name.split()).casefold()


def groups_there(library: PartLibrary, at_hand: AtHand) -> tuple[str, ...]:
    """Return the groups of parts of which something is there, or the shop has a family of; parts of one group
    can stand for each other."""
    found = dict.fromkeys(
        group_of(part)
        for kind in PROPOSED
        for part in library.of(PART_KINDS[kind])
        if at_hand.has(part) or (isinstance(part, Connector) and part.contact is at_hand.family)
    )
    return tuple(found)


def group_of(part: Part) -> str:
    """Return the group of a part: what could be taken in its place.

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import NICKEL, WIRE
    >>> group_of(NICKEL), group_of(WIRE)
    ('strip, nickel', 'wire, thick')
    """
    if isinstance(part, Strip):
        bar = " bar" if part.thickness_m > THICKEST_STRIP_M else ""
        wide = " for two rows" if part.width_m > WIDEST_STRIP_M else ""
        return f"strip, {part.metal.value}{bar}{wide}"
    if isinstance(part, Wire):
        return "wire, thin" if part.area_m2 < THICKEST_SENSE_M2 else "wire, thick"
    if isinstance(part, Board):
        return f"board, {part.chemistry.value} {part.series}S"
    return part.kind


def with_stock_only(library: PartLibrary, at_hand: AtHand, groups: Collection[str]) -> PartLibrary:
    """Return a part library that has, of some groups, only what is there, and connectors of the shop's family
    only; a group of which nothing is there stays whole."""
    changed: dict[str, tuple[Part, ...]] = {}
    for kind in PROPOSED:
        every = library.of(PART_KINDS[kind])
        of_family = [p for p in every if isinstance(p, Connector) and p.contact is at_hand.family]
        there = [part for part in every if at_hand.has(part)]
        kept = [p for p in there if p in of_family] or there or of_family if of_family else there
        names, served = {p.name for p in kept}, {group_of(p) for p in kept}
        some = tuple(
            p for p in every if p.name in names or group_of(p) not in groups or group_of(p) not in served
        )
        if some != every:
            changed[kind + "s"] = some
    return library.model_copy(update=changed)
