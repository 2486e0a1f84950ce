"""A heavy cable: gauges by current, length, drop and duty, its lugs, and its fuse."""

from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.insulation_class import like, smallest_bend
from firmcell.core.leads.lugs import LugWork, fitting_lugs, lug_work
from firmcell.core.leads.wire_choice import WireAsk, WireRow, compare_wires, proposed
from firmcell.core.model.design import Design, Leads
from firmcell.core.model.duty import Duty
from firmcell.core.model.job_details import PowerCable
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Lug, Wire


@frozen
class CableFigures:
    """What the cable of a design comes to.

    Attributes
    ----------
    rows : every gauge against the duty, thinnest first.
    present : the gauge of the design.
    proposed, ruled : thinnest gauge that does it, and what ruled it.
    ends : what each lug asks for, source then load; None where no lug is chosen.
    """

    rows: tuple[WireRow, ...]
    present: WireRow
    proposed: WireRow | None
    ruled: str
    ends: tuple[LugWork | None, LugWork | None]


def cable_ask(leads: Leads, cable: PowerCable, duty: Duty, ambient_k: float) -> WireAsk:
    """Return what is asked of the wire: the current by its duty, and the drop allowed over both
    conductors."""
    return WireAsk(
        current_a=duty.steady_a,
        length_m=leads.length_m,
        drop_v=leads.drop_limit_v,
        ambient_k=ambient_k,
        # A limit under the air's temperature carries nothing; the rule says so.
        limit_k=max(leads.limit_k, ambient_k + 1.0),
        peak_a=duty.peak_a,
        peak_s=duty.peak_s,
        every_s=duty.every_s,
        laying=leads.laying,
        together=2,
        on_s=cable.on_s,
        off_s=cable.off_s,
        short_a=cable.short_a,
    )


@lru_cache(maxsize=16)
def _figures(
    wires: tuple[Wire, ...],
    leads: Leads,
    cable: PowerCable,
    duty: Duty,
    ambient_k: float,
) -> CableFigures:
    ask = cable_ask(leads, cable, duty, ambient_k)
    rows = compare_wires(like(wires, leads.wire), ask)
    best, ruled = proposed(rows)
    bend = smallest_bend(leads.wire)
    ends = tuple(
        lug_work(lug, leads.wire, bend) if lug else None for lug in (cable.source_lug, cable.load_lug)
    )
    return CableFigures(rows, compare_wires((leads.wire,), ask)[0], best, ruled, (ends[0], ends[1]))


def cable_figures(design: Design, library: PartLibrary) -> CableFigures:
    """Return the figures of the cable of `design`, gauges of the part library in its own covering."""
    brief = design.brief
    return _figures(
        library.wires,
        design.leads,
        design.cable,
        brief.duty,
        brief.ambient_max_k,
    )


def lug_for(library: PartLibrary, wire: Wire, stud_m: float) -> Lug | None:
    """Return the closest lug of the part library for a wire and stud, or None."""
    return next(iter(fitting_lugs(library.lugs, wire, stud_m)), None)
