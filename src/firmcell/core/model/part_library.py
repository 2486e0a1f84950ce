"""The parts at hand, from which proposals are made."""

from typing import TypeVar

from firmcell.core.base.quantity import Frozen
from firmcell.core.model.parts import Board, Cell, Connector, Fuse, Lug, Part, Sleeve, Strip, Wire

P = TypeVar("P", bound=Part)


class PartLibrary(Frozen):
    """All known parts by kind; shipped generic classes and the user's own."""

    cells: tuple[Cell, ...] = ()
    strips: tuple[Strip, ...] = ()
    wires: tuple[Wire, ...] = ()
    connectors: tuple[Connector, ...] = ()
    fuses: tuple[Fuse, ...] = ()
    lugs: tuple[Lug, ...] = ()
    boards: tuple[Board, ...] = ()
    sleeves: tuple[Sleeve, ...] = ()

    def of(self, kind: type[P]) -> tuple[P, ...]:
        """All parts of a kind, such as ``library.of(Cell)``."""
        return getattr(self, kind.kind + "s")  # type: ignore[no-any-return]


EMPTY_LIBRARY = PartLibrary.model_construct()
