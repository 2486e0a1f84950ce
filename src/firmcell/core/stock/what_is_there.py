"""What is at hand, by what the register holds."""

from collections import Counter
from collections.abc import Iterable

from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.parts import Contact
from firmcell.core.stock.at_hand import FAMILY, AtHand, named
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.things import PartInStock, ShopWays, ToolInShop
from firmcell.core.stock.tool_entries import ToolKind


def at_hand(parts: Iterable[PartInStock], cells: Iterable[CellLine], ways: ShopWays) -> AtHand:
    """Return what is at hand, from the register."""
    counted = Counter(c.class_name for c in cells if c.place_kind is PlaceKind.DRAWER and c.class_name)
    told = dict(ways.ways)
    family = next((c for c in Contact if c.value == told.get(FAMILY)), None)
    return AtHand(
        frozenset((p.is_.part.value, named(p.is_.name)) for p in parts if p.amount > 0),
        tuple(sorted(counted.items())),
        family,
        tuple((path, value) for path, value in ways.ways if path != FAMILY),
    )


def strongest_welder(tools: Iterable[ToolInShop]) -> Welder | None:
    """Return what the strongest spot welder of the shop joins; None where none is told."""
    found = [t.is_.joins for t in tools if t.is_.tool is ToolKind.WELDER and t.is_.joins is not None]
    return max(found, key=lambda welder: welder.thickest_m, default=None)
