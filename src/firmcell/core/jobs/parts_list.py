"""What a job is built of, to buy or to take from the drawer: how much of each, cut how, with what to
spare."""

from collections import Counter
from collections.abc import Iterable, Sequence
from math import ceil

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import figures, millimetres, plural
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.parts_used import Used, known_parts
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Cell, Part, Wire
from firmcell.core.records.step import Step

SPARE_SHARE = 0.05
"""Of cells, rings and running metres that are spoilt by hand; common practice, no source. Of cells at least one: it
is what is dropped, or reads oddly on the day."""
ONE_MORE = ("cells", "fuse", "lug")
"""At least one more is at hand: a cell is dropped, a fuse blows, a crimp cannot be made twice."""
IN_ORDER = (
    "cells",
    "strip",
    "screws",
    "rings",
    "wire",
    "connector",
    "lug",
    "fuse",
    "board",
    "sleeve",
    "other",
)


@frozen
class PartLine:
    """One part.

    Attributes
    ----------
    what : cells, strip, screws, rings, wire, connector, lug, fuse, board, sleeve or other.
    name : its class.
    count : pieces; 0 of what is bought by length.
    metres : running length, m; 0 of what is counted.
    spare : more to have at hand, pieces or m.
    cut : lengths it is cut to, with how many of each.
    mass_kg : of what is built in; None where it is not known.
    price : of one piece or of one metre, in the money of the shop; None where it is not entered.
    cuts : the lengths by themselves, m.
    """

    what: str
    name: str
    count: int = 0
    metres: float = 0.0
    spare: float = 0.0
    cut: str = ""
    mass_kg: float | None = None
    price: float | None = None
    cuts: tuple[float, ...] = ()

    @property
    def much(self) -> float:
        """How much to have at hand with its spare, m or pieces."""
        return self.count + round(self.spare) if self.count else self.metres + self.spare

    @property
    def cost(self) -> float | None:
        """What it costs with its spare; None where no price is entered."""
        return None if self.price is None else self.much * self.price

    @property
    def words(self) -> str:
        """The part as it is laid out, in one line."""
        if self.what == "sleeve":
            if len(set(self.cuts)) == 1 and len(self.cuts) > 1:
                return f"{plural(len(self.cuts), 'piece')} of {self.name}, cut {millimetres(self.cuts[0])}"
            return f"{self.name}, cut {millimetres(self.metres)}"
        if self.metres:
            return f"{figures(self.metres)} m of {self.name}{' wire' if self.what == 'wire' else ''}"
        return f"{self.count} × {self.name}" if self.what == "cells" or self.count > 1 else self.name

    @property
    def title(self) -> str:
        """The class as it is read in a list: of wire it says so."""
        return f"{self.name} wire" if self.what == "wire" else self.name

    @property
    def quantity(self) -> str:
        """How much is built in, in words."""
        return f"{self.count}" if self.count else f"{figures(self.metres)} m"

    @property
    def with_spare(self) -> str:
        """How much to have at hand, in words."""
        return f"{self.much:.0f}" if self.count else f"{figures(self.much)} m"


def used_in(d: Design, a: Analysis, steps: Sequence[Step]) -> tuple[Used, ...]:
    """Return what each step of a job uses up, in the order of the steps; the plan of its kind says it."""
    order = {step.code: n for n, step in enumerate(steps)}
    found = [u for u in plan_of(d).uses(d, a, steps) if u.step in order and u.much > 0]
    return tuple(sorted(found, key=lambda u: order[u.step]))


def parts_list(d: Design, a: Analysis, steps: Sequence[Step]) -> tuple[PartLine, ...]:
    """Return every part that the steps of a job build in; what is there already, as in a closed pack, is not
    among them."""
    return lines_of(used_in(d, a, steps), known_parts(d))


def lines_of(used: Iterable[Used], known: dict[tuple[str, str], Part]) -> tuple[PartLine, ...]:
    """Return what was or is to be used, a line for each part, in the order of the trade.

    Parameters
    ----------
    used : iterable of Used
        Of one job, or of several.
    known : dict
        Parts by what they are and their class: their mass and price.
    """
    parts: dict[tuple[str, str], list[Used]] = {}
    for each in used:
        parts.setdefault((each.what, each.name), []).append(each)
    ordered = sorted(parts.items(), key=lambda pair: IN_ORDER.index(pair[0][0]))
    return tuple(_line(what, name, some, known.get((what, name))) for (what, name), some in ordered)


def _line(what: str, name: str, used: Sequence[Used], part: Part | None) -> PartLine:
    count = sum(u.count for u in used)
    cuts = tuple(cut for u in used if not u.spoilt for cut in u.cuts)
    metres, spoilt = sum(cuts), sum(u.much for u in used if u.spoilt)
    spare = spoilt + (SPARE_SHARE * metres if what in ("strip", "wire") else 0.0)
    if what in ("cells", "rings", "screws"):
        spare = ceil(SPARE_SHARE * count)
    if what in ONE_MORE:
        spare = max(spare, 1)
    return PartLine(
        what,
        name,
        count,
        metres,
        spare,
        _lengths(cuts),
        _mass(part, count, metres),
        part.price if part is not None else None,
        cuts,
    )


def _mass(part: Part | None, count: int, metres: float) -> float | None:
    if isinstance(part, Cell):
        return count * part.mass_kg
    return part.mass_kg_per_m * metres if isinstance(part, Wire) else None


def priced(lines: tuple[PartLine, ...]) -> str:
    """Return what the parts cost with their spares, in words; empty where no part has a price."""
    costs = [line.cost for line in lines if line.cost is not None]
    if not costs:
        return ""
    left = len(lines) - len(costs)
    rest = f"; {plural(left, 'part')} without a price" if left else ""
    return f"{sum(costs):.2f} with spares, in the money of the shop{rest}"


def _lengths(metres: Sequence[float]) -> str:
    """Cut lengths in whole millimetres, rounded up, the longest first: 4 × 83 mm, 2 × 29 mm."""
    counted = Counter(ceil(round(m * 1e3, 3)) for m in metres)
    return ", ".join(f"{n} × {length} mm" for length, n in sorted(counted.items(), reverse=True))
