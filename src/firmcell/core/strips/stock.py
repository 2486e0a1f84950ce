"""How pieces are cut from lengths of stock."""

from firmcell.core.base.quantity import Frozen
from firmcell.core.strips.joints import TAB_M
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.runs import StripKind


def stock_lengths(pieces: tuple[StripPiece, ...]) -> dict[str, float]:
    """Return metres of each strip needed, layers counted, offcuts not; plates are cut from sheet and not in
    it."""
    lengths: dict[str, float] = {}
    for piece in pieces:
        if piece.kind is not StripKind.PLATE:
            lengths[piece.strip] = lengths.get(piece.strip, 0.0) + piece.length_m * piece.layers
            if piece.under:
                lengths[piece.under] = lengths.get(piece.under, 0.0) + piece.length_m
            if piece.tabs:
                lengths[piece.tabs] = lengths.get(piece.tabs, 0.0) + TAB_M * len(piece.cells)
    return lengths


class StockPlan(Frozen):
    """How one strip is cut from lengths of stock.

    Attributes
    ----------
    lengths : how many stock lengths are begun.
    cut_m : sum of all cut pieces, m.
    offcut_m : what is left of the lengths begun, m.
    pieces : number of cut pieces, and how many different lengths they have.
    """

    strip: str
    stock_m: float
    lengths: int
    cut_m: float
    offcut_m: float
    pieces: int
    different: int


def stock_plan(pieces: tuple[StripPiece, ...], stock_m: float = 1.0) -> tuple[StockPlan, ...]:
    """Return how the pieces are cut from lengths of stock, longest first, each from the first length it fits.

    First fit decreasing needs at most 11/9 of the fewest lengths (Johnson 1973, from memory). A piece
    longer than the stock counts as a length of its own.
    """
    cuts: dict[str, list[float]] = {}
    for piece in pieces:
        if piece.kind is not StripKind.PLATE:
            cuts.setdefault(piece.strip, []).extend([piece.length_m] * piece.layers)
            if piece.under:
                cuts.setdefault(piece.under, []).append(piece.length_m)
            if piece.tabs:
                cuts.setdefault(piece.tabs, []).extend([TAB_M] * len(piece.cells))
    plans = []
    for strip, lengths in cuts.items():
        left: list[float] = []
        for cut in sorted(lengths, reverse=True):
            place = next((n for n, room in enumerate(left) if room >= cut - 1e-9), None)
            if place is None:
                left.append(max(stock_m - cut, 0.0))
            else:
                left[place] -= cut
        plans.append(
            StockPlan.model_construct(
                strip=strip,
                stock_m=stock_m,
                lengths=len(left),
                cut_m=sum(lengths),
                offcut_m=sum(left),
                pieces=len(lengths),
                different=len({round(cut, 4) for cut in lengths}),
            )
        )
    return tuple(plans)
