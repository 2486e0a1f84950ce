"""A pack that is there already, as the base of a job: taken as it is told, with nothing proposed over it."""

from pydantic import Field

from firmcell.core.base.quantity import Count, Frozen, Metres
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.brief import Brief
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.design import Arrangement, Bms, Design, Joining, Leads, PackInsulation
from firmcell.core.model.job_details import ExistingPack
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import NOT_KNOWN, Board, Cell, Connector, Fuse, StripMetal, Wire

UNKNOWN = f"{NOT_KNOWN}, size "
OLD_CELL_C = 1.0
"""What a cell that is not known may be drawn by, times its least capacity an hour; half of it for charging. Engineering
judgement."""
LENGTH_M = 0.15
"""Of a lead where its length is not told, m; engineering judgement."""


class PackAsItIs(Frozen):
    """What is known of a pack that is there.

    Attributes
    ----------
    series, parallel : groups in series, cells in parallel.
    cell : its class; None where that is not known, and `size` says which size it has.
    size : such as 18650; with `chemistry_of` the name of a class that has its chemistry, if more than one
        has that size.
    wire, connector : None where not known.
    fuse : None where there is none, or that is not known.
    fuse_known : whether it is known that there is a fuse, or none.
    board : None where there is none.
    """

    series: Count = Field(title="Groups in series", ge=1, le=64)
    parallel: Count = Field(title="Cells in parallel", ge=1, le=200)
    cell: Cell | None = None
    size: str = Field("", title="Size of a cell that is not known", max_length=20)
    wire: Wire | None = None
    length_m: Metres = Field(LENGTH_M, title="Length of one lead", gt=0, le=50)
    connector: Connector | None = None
    fuse: Fuse | None = None
    fuse_known: bool = True
    board: Board | None = None
    condition: str = Field("", title="As found", max_length=500)


def worst_of_size(library: PartLibrary, size: str) -> Cell:
    """Return a cell of a size that is not known: of each figure the worst of the lithium-ion classes of
    that size, or of whatever has it.

    Least capacity, current and charge current; the highest empty and the lowest full voltage. Least
    resistance, since a short then drives most: sag and heat come out too small by it, and `EX-1` says that
    they are not known.

    Raises
    ------
    Refusal
        If the part library has no cell of that size.
    """
    wanted = size.strip()
    same = [c for c in library.cells if c.size == wanted]
    if not same:
        sizes = ", ".join(sorted({c.size for c in library.cells}))
        raise Refusal(f"There is no cell of size “{wanted}” in the part library; there are {sizes}.")
    first = next((c for c in same if c.chemistry is Chemistry.LI_ION), same[0])
    like = [c for c in same if c.chemistry is first.chemistry]

    def least(name: str) -> float:
        return float(min(getattr(c, name) for c in like))

    # The classes of the library are new cells; an old one of that size may be weaker than any of them.
    hour_a = least("capacity_as") / 3600

    return first.model_copy(
        update={
            "name": f"{UNKNOWN}{wanted}",
            "source": f"{NOT_KNOWN}: of each figure the worst of its size",
            "capacity_as": least("capacity_as"),
            "resistance_ohm": least("resistance_ohm"),
            "current_continuous_a": min(least("current_continuous_a"), OLD_CELL_C * hour_a),
            "current_peak_a": min(least("current_peak_a"), 2 * OLD_CELL_C * hour_a),
            "current_charge_a": min(least("current_charge_a"), OLD_CELL_C / 2 * hour_a),
            "temperature_max_k": least("temperature_max_k"),
            "temperature_charge_min_k": max(c.temperature_charge_min_k for c in like),
            "temperature_discharge_min_k": max(c.temperature_discharge_min_k for c in like),
            "empty_v": max(c.empty_v for c in like),
            "full_v": least("full_v"),
            "diameter_m": max(c.diameter_m for c in like),
            "length_m": max(c.length_m for c in like),
        }
    )


def cell_of(found: PackAsItIs, library: PartLibrary) -> Cell:
    """Return the cell of a pack that is there: of its class, or what stands for one of its size; raises as
    `worst_of_size`."""
    return found.cell or worst_of_size(library, found.size)


def _thinnest(wires: list[Wire]) -> Wire:
    """What stands for a wire that is not known."""
    thin = wires[0]
    name = f"{NOT_KNOWN}, counts as {thin.gauge}"
    return thin.model_copy(update={"name": name, "source": f"{NOT_KNOWN}: the thinnest there is"})


def _weakest(library: PartLibrary) -> Connector:
    """What stands for a connector that is not known."""
    weak = min(library.connectors, key=lambda c: c.current_continuous_a)
    source = f"{NOT_KNOWN}: the weakest there is"
    return weak.model_copy(update={"name": f"a connector {NOT_KNOWN}", "source": source})


def window_of(cell: Cell, series: int) -> tuple[float, float]:
    """Return between what voltages a pack lives, empty and full, V."""
    return series * cell.empty_v, series * cell.full_v


def as_it_is(found: PackAsItIs, brief: Brief, library: PartLibrary) -> Design:
    """Return the pack as a design: its counts, cell, leads, fuse and board as told, nothing proposed.

    What is not known stands at the safe side, and `Design.existing` says that it is not known.

    Raises
    ------
    Refusal
        If the part library lacks a size or a kind of part.
    """
    for kind in ("cells", "strips", "wires", "connectors"):
        if not getattr(library, kind):
            raise Refusal(f"There are no {kind} in the part library.")
    cell = cell_of(found, library)
    nickel = [s for s in library.strips if s.metal is StripMetal.NICKEL] or list(library.strips)
    strip = min(nickel, key=lambda s: s.section_m2)
    wires = sorted(library.wires, key=lambda w: w.area_m2)
    return Design(
        brief=brief,
        cell=cell,
        series=found.series,
        parallel=found.parallel,
        arrangement=Arrangement(rows=found.parallel if cell.is_round else 1),
        joining=Joining(link_strip=strip, collector_strip=strip),
        leads=Leads(
            wire=found.wire or _thinnest(wires),
            length_m=found.length_m,
            connector=found.connector or _weakest(library),
            fuse=found.fuse,
        ),
        bms=Bms(board=found.board, sense_wire=min(wires, key=lambda w: abs(w.area_m2 - 0.205e-6))),
        insulation=PackInsulation(),
        cell_now_v=cell.facts.storage_v,
        charge_current_a=cell.current_charge_a * found.parallel / 2,
        existing=ExistingPack(
            fuse_known=found.fuse_known,
            condition=found.condition,
        ),
    )
