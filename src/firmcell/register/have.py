"""What is at hand, read from the register in one go and let go of again."""

from collections import Counter

from firmcell.core.base.frozen import frozen
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.stock.at_hand import NOTHING, AtHand
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.things import PartInStock, ToolInShop
from firmcell.core.stock.what_is_there import at_hand, strongest_welder
from firmcell.register.register import Register, known_register


@frozen
class Have:
    """What a shop has.

    Attributes
    ----------
    parts, tools, cells : in the register.
    cells_free : cells in drawers, by class.
    cells_in_jobs : cells that are in jobs, by the title of the job.
    at_hand : as a proposal asks for it.
    welder : what its strongest spot welder joins; None where none is told.
    """

    parts: tuple[PartInStock, ...] = ()
    tools: tuple[ToolInShop, ...] = ()
    cells: tuple[CellLine, ...] = ()
    cells_free: tuple[tuple[str, int], ...] = ()
    cells_in_jobs: tuple[tuple[str, int], ...] = ()
    at_hand: AtHand = NOTHING
    welder: Welder | None = None


def have(place: str = "") -> Have:
    """Return what the shop has; nothing where it has no register.

    Parameters
    ----------
    place : str
        Of the register; "" for the shop's own.

    Raises
    ------
    Refusal
        If the register cannot be read.
    """
    place = place or known_register()
    if not place:
        return Have()
    with Register(place) as register:
        parts, tools, lines = register.parts(), register.tools(), register.lines()
        ways = register.ways()
    free = Counter(c.class_name for c in lines if c.place_kind is PlaceKind.DRAWER and c.class_name)
    used = Counter(c.place for c in lines if c.place_kind is PlaceKind.JOB)
    return Have(
        tuple(parts),
        tuple(tools),
        tuple(lines),
        tuple(sorted(free.items())),
        tuple(sorted(used.items())),
        at_hand(parts, lines, ways),
        strongest_welder(tools),
    )
