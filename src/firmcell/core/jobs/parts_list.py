"""What a job is built of, to buy or to take from the drawer: how much of each, cut how, with what to
spare."""

from collections import Counter
from math import ceil

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import figures, millimetres, plural
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Wired
from firmcell.core.records.step import Step

SPARE_SHARE = 0.05
"""Of cells, rings and running metres that are spoilt by hand; common practice, no source. Of cells at least one: it
is what is dropped, or reads oddly on the day."""
SAMPLE_M = 0.3
"""Strip for sample welds and settings beside what is cut, m; engineering judgement."""


@frozen
class PartLine:
    """One part.

    Attributes
    ----------
    what : cells, strip, rings, wire, connector, fuse, board or sleeve.
    name : its class.
    count : pieces; 0 of what is bought by length.
    metres : running length, m; 0 of what is counted.
    spare : more to have at hand, pieces or m.
    cut : lengths it is cut to, with how many of each.
    mass_kg : of what is built in; None where it is not known.
    price : of one piece or of one metre, in the money of the shop; None where it is not entered.
    """

    what: str
    name: str
    count: int = 0
    metres: float = 0.0
    spare: float = 0.0
    cut: str = ""
    mass_kg: float | None = None
    price: float | None = None

    @property
    def cost(self) -> float | None:
        """What it costs with its spare; None where no price is entered."""
        if self.price is None:
            return None
        much = self.count + round(self.spare) if self.count else self.metres + self.spare
        return much * self.price

    @property
    def words(self) -> str:
        """The part as it is laid out, in one line."""
        if self.what == "sleeve":
            return f"{self.name}, cut {millimetres(self.metres)}"
        if self.metres:
            return f"{figures(self.metres)} m of {self.name}"
        if self.what == "cells":
            return f"{self.count} × {self.name}"
        return plural(self.count, self.name) if self.what == "rings" else self.name

    @property
    def quantity(self) -> str:
        """How much is built in, in words."""
        return f"{self.count}" if self.count else f"{figures(self.metres)} m"

    @property
    def with_spare(self) -> str:
        """How much to have at hand, in words."""
        if self.count:
            return f"{self.count + round(self.spare)}"
        return f"{figures(self.metres + self.spare)} m"


def parts_list(d: Design, a: Analysis, steps: tuple[Step, ...]) -> tuple[PartLine, ...]:
    """Return every part that the steps of a job build in; what is there already, as in a closed pack, is not
    among them."""
    codes = {s.code for s in steps}
    made = {w for s in steps for w in (*s.wires, *s.begins)}
    found: list[PartLine] = []
    if "check-cells" in codes:
        spare = max(ceil(SPARE_SHARE * d.cell_count), 1)
        mass = d.cell_count * d.cell.mass_kg
        found.append(
            PartLine("cells", d.cell.name, d.cell_count, spare=spare, mass_kg=mass, price=d.cell.price)
        )
    if any(s.code.startswith("weld-") and "strip:" in " ".join(s.refs) for s in steps):
        found += _strips(d, a)
    if "rings" in codes:
        found.append(
            PartLine("rings", "insulator ring", d.cell_count, spare=ceil(SPARE_SHARE * d.cell_count))
        )
    if d.details.wired is not Wired.PACK or d.details.opens_pack:
        found += _wires(d, a, made)
    if any("connector" in s.refs and s.records for s in steps):
        found.append(PartLine("connector", d.leads.outlet.name, 1, price=d.leads.outlet.price))
    if d.leads.fuse is not None:
        found.append(PartLine("fuse", d.leads.fuse.name, 1, spare=1, price=d.leads.fuse.price))
    if d.bms.board is not None and any("board" in s.refs for s in steps):
        found.append(PartLine("board", d.bms.board.name, 1, price=d.bms.board.price))
    if "sleeve" in codes and a.insulation.sleeve is not None:
        chosen = a.insulation.sleeve
        found.append(
            PartLine("sleeve", chosen.sleeve, metres=chosen.cut_length_m, cut=_lengths([chosen.cut_length_m]))
        )
    return tuple(found)


def priced(lines: tuple[PartLine, ...]) -> str:
    """Return what the parts cost with their spares, in words; empty where no part has a price."""
    costs = [line.cost for line in lines if line.cost is not None]
    if not costs:
        return ""
    left = len(lines) - len(costs)
    rest = f"; {plural(left, 'part')} without a price" if left else ""
    return f"{sum(costs):.2f} with spares, in the money of the shop{rest}"


def _strips(d: Design, a: Analysis) -> list[PartLine]:
    """Strip by its class: of what the program says is to be bought, with the lengths it is cut to."""
    cut: dict[str, list[float]] = {}
    for piece in a.strips:
        cut.setdefault(piece.strip, []).extend([piece.length_m] * piece.layers)
        if piece.under is not None:
            cut.setdefault(piece.under, []).append(piece.length_m)
    joining = d.joining
    laid = (
        joining.link_strip,
        joining.link_under,
        joining.ladder_strip,
        joining.collector_strip,
        joining.collector_under,
    )
    prices = {strip.name: strip.price for strip in laid if strip is not None}
    return [
        PartLine(
            "strip",
            name,
            metres=metres,
            spare=SAMPLE_M + SPARE_SHARE * metres,
            cut=_lengths(cut.get(name, [])),
            price=prices.get(name),
        )
        for name, metres in a.strip_stock_m.items()
    ]


def _wires(d: Design, a: Analysis, made: set[str]) -> list[PartLine]:
    by_gauge: dict[str, list[float]] = {}
    for edge in a.wiring.wires:
        if edge.id in made and edge.wire is not None:
            by_gauge.setdefault(edge.wire.gauge, []).append(edge.wire.length_m)
    known = {w.gauge: w for w in (d.leads.wire, d.bms.sense_wire) if w is not None}
    return [
        PartLine(
            "wire",
            f"{gauge} wire",
            metres=sum(lengths),
            spare=SPARE_SHARE * sum(lengths),
            cut=_lengths(lengths),
            mass_kg=known[gauge].mass_kg_per_m * sum(lengths) if gauge in known else None,
            price=known[gauge].price if gauge in known else None,
        )
        for gauge, lengths in by_gauge.items()
    ]


def _lengths(metres: list[float]) -> str:
    """Cut lengths in whole millimetres, rounded up, the longest first: 4 × 83 mm, 2 × 29 mm."""
    counted = Counter(ceil(round(m * 1e3, 3)) for m in metres)
    return ", ".join(f"{n} × {length} mm" for length, n in sorted(counted.items(), reverse=True))
