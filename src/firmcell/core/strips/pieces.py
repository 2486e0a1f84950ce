"""Every cut piece of strip: what it carries, how warm it gets, how many layers it needs."""

from collections.abc import Sequence
from functools import lru_cache

import numpy as np
from pydantic import computed_field

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Face, Joining, Leads
from firmcell.core.model.duty import Duty
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Cell, Strip
from firmcell.core.physics import strip_heat as strip_limit
from firmcell.core.strips.current_shares import StripShares, one_lead_ohm, strip_shares
from firmcell.core.strips.joints import joint_count
from firmcell.core.strips.laid import LeadSeat, tail_lengths
from firmcell.core.strips.lead_ends import lead_seat
from firmcell.core.strips.made_of import metal_of, strip_asked
from firmcell.core.strips.runs import StripKind, StripRun, facing_down, leads_on, metal_runs

MOST_LAYERS = 8


class StripPiece(Frozen):
    """One cut piece of strip.

    Attributes
    ----------
    id : such as ``N3-L2``: node 3 (tap B3), link 2; P is a parallel strip, C a collecting strip.
    node : tap point that the piece belongs to, 0 to S.
    cells : numbers of the cells it is welded to, in order.
    points_m : their centres, (x, y) in m.
    length_m : cut length of one layer.
    span_share : for each span between neighbouring pads, the share of pack current it carries.
    lead_share : share of pack current between its last pad and the main lead (collectors only).
    current_steady_a, current_peak_a : in the most loaded place; where peaks come again, their mean square.
    limit_a : steady current that brings a long strip to the cell's temperature limit in the hottest place.
    temperature_k : long-run, at the steady current in the hottest place.
    peak_temperature_k : after the peak, starting from that, losing no further heat.
    layers_needed : fewest layers whose limit is not below the steady current.
    joined_by, joints : how it is joined; weld pairs in all its layers, or soldered or screwed joints.
    under : name of the strip that lies under it, one layer, or None.
    tabs : name of the strip that its tabs are cut from, one for each cell, or None.
    """

    id: str
    node: int
    face: Face
    kind: StripKind
    cells: tuple[int, ...]
    points_m: tuple[tuple[float, float], ...]
    strip: str
    width_m: float
    thickness_m: float
    layers: int
    under: str | None
    tabs: str | None
    length_m: float
    span_share: tuple[float, ...]
    lead_share: float
    current_steady_a: float
    current_peak_a: float
    limit_a: float
    temperature_k: float
    peak_temperature_k: float
    layers_needed: int
    resistance_ohm: float
    joined_by: JoinedBy
    joints: int
    mass_kg: float

    @computed_field  # type: ignore[prop-decorator]
    @property
    def weld_pairs(self) -> int:
        """Weld pairs in all its layers; none where it is not welded."""
        return self.joints if self.joined_by is JoinedBy.WELD else 0

    @computed_field  # type: ignore[prop-decorator]
    @property
    def share_of_limit(self) -> float:
        """Steady current between its cells over the limit of a long strip. Its end for a main lead is short
        and is judged in its place once the heat is solved; a plate and the strip on a single cell have
        nothing else."""
        if not self.limit_a:
            return float("inf")
        spans, most = max(self.span_share, default=0.0), max(*self.span_share, self.lead_share, 1e-12)
        part = spans / most if spans and self.kind is not StripKind.PLATE else 1.0
        return self.current_steady_a * part / self.limit_a


class _Metal:
    """Figures of one strip in a number of layers, worked out once for all its pieces."""

    def __init__(
        self, layout: Layout, joining: Joining, kind: StripKind, limit_k: float, ambient_k: float, down: bool
    ) -> None:
        self.down = down
        self.strip, self.layers = metal_of(layout, joining, kind)
        self.asked, self.laid, self.under = strip_asked(joining, kind)
        if self.under is None:
            # The heat given off does not depend on the layers, and resistance goes with their inverse.
            single = strip_limit.long_run_limit(self.strip, 1, limit_k, ambient_k, down)
            self.limits = [single * n**0.5 for n in range(1, MOST_LAYERS + 1)]
        else:
            part = "collector" if kind in (StripKind.COLLECTOR, StripKind.BRIDGE) else "link"
            self.limits = [
                strip_limit.long_run_limit(*metal_of(layout, more, kind), limit_k, ambient_k, down)
                for more in (
                    joining.model_copy(update={f"{part}_layers": n}) for n in range(1, MOST_LAYERS + 1)
                )
            ]
        self.ohm_per_m = float(strip_limit.resistance_per_metre(self.strip, self.layers, 293.15))

    def layers_needed(self, current_a: float) -> int:
        for n, limit in enumerate(self.limits, start=1):
            if limit >= current_a:
                return n
        return MOST_LAYERS + 1


@lru_cache(maxsize=32)
def strip_pieces(
    layout: Layout,
    joining: Joining,
    cell: Cell,
    duty: Duty,
    ambient_k: float,
    leads: Leads,
    standing: bool = True,
    sheets: bool = True,
) -> tuple[StripPiece, ...]:
    """Return every piece of strip on both faces, in order of node.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    cell : Cell
        Its resistance divides the current, its greatest temperature limits the strip.
    duty : Duty
        Of the pack.
    ambient_k : float
        Of the surrounding air, K.
    leads : Leads
        Of the pack: how long the tails for them are, and where a pole has two, how they share the current.
    standing : bool
        Whether the cells stand, so that strip on the bottom face looks down.
    sheets : bool
        Whether plates are solved as sheets.
    """
    seat, limit_k = lead_seat(joining, leads, layout.pitch_m), cell.temperature_max_k
    shares = strip_shares(layout, joining, cell, one_lead_ohm(layout, joining, leads), sheets)
    runs = metal_runs(layout, joining)
    laid = [(run.kind, facing_down(run.face, standing)) for run in runs]
    kinds = {key: _metal(layout, joining, key[0], limit_k, ambient_k, key[1]) for key in set(laid)}
    metals = [kinds[key] for key in laid]
    tails, loads = _loads(layout, runs, shares)
    steady, peak = loads * duty.lasting_a, loads * duty.peak_a
    settled = _temperatures(metals, steady, ambient_k)
    after = settled + _peak_rises(metals, peak, duty.peak_s, settled)
    carried = zip(
        *(shares.spans, tails, steady.tolist(), peak.tolist(), settled.tolist(), after.tolist()), strict=True
    )
    return tuple(
        cut.model_copy(
            update={
                "span_share": spans,
                "lead_share": tail,
                "current_steady_a": steady_a,
                "current_peak_a": peak_a,
                "limit_a": metal.limits[metal.laid - 1],
                "temperature_k": kelvin,
                "peak_temperature_k": peak_k,
                "layers_needed": metal.layers_needed(steady_a),
            }
        )
        for cut, metal, (spans, tail, steady_a, peak_a, kelvin, peak_k) in zip(
            _as_cut(layout, joining, seat), metals, carried, strict=True
        )
    )


def _loads(layout: Layout, runs: Sequence[StripRun], shares: StripShares) -> tuple[list[float], Array]:
    """For each run the share of the pack's current in its tail, and the largest anywhere in it (runs,)."""
    tails = [
        max((shares.leads[run.node != 0, at] for at in leads_on(layout, run)), default=0.0) for run in runs
    ]
    # The tail of a plate is as wide as the plate there; what a strip's tail carries, its band does not.
    loads = [
        max([*spans, 0.0 if run.kind is StripKind.PLATE else tail], default=0.0)
        for run, spans, tail in zip(runs, shares.spans, tails, strict=True)
    ]
    return tails, np.array(loads)


@lru_cache(maxsize=64)
def _metal(
    layout: Layout, joining: Joining, kind: StripKind, limit_k: float, ambient_k: float, down: bool
) -> _Metal:
    return _Metal(layout, joining, kind, limit_k, ambient_k, down)


@lru_cache(maxsize=16)
def _as_cut(layout: Layout, joining: Joining, seat: LeadSeat) -> tuple[StripPiece, ...]:
    """The pieces without their load: an edit of the current works out nothing else anew."""
    found = []
    for run in metal_runs(layout, joining):
        strip, layers = metal_of(layout, joining, run.kind)
        asked, laid, under = strip_asked(joining, run.kind)
        length = (
            0.0
            if run.kind is StripKind.PLATE
            else run.run_m + 2 * seat.past_m + sum(tail_lengths(layout, run, seat))
        )
        tabs = joining.collector_tabs if joining.on_tabs and run.kind is StripKind.COLLECTOR else None
        section_m2 = (asked if run.kind is StripKind.LADDER else strip).section_m2
        found.append(
            StripPiece.model_construct(
                id=run.id,
                node=run.node,
                face=run.face,
                kind=run.kind,
                cells=run.cells,
                points_m=run.points_m,
                strip=asked.name,
                width_m=strip.width_m,
                thickness_m=asked.thickness_m,
                layers=laid,
                under=under.name if under else None,
                tabs=tabs.name if tabs else None,
                length_m=length,
                resistance_ohm=float(strip_limit.resistance_per_metre(strip, layers, 293.15)) * run.run_m,
                joined_by=joining.joined_by,
                joints=joint_count(run, joining),
                mass_kg=section_m2 * layers * length * strip.density_kg_m3,
                span_share=(),
                lead_share=0.0,
                current_steady_a=0.0,
                current_peak_a=0.0,
                limit_a=0.0,
                temperature_k=0.0,
                peak_temperature_k=0.0,
                layers_needed=0,
            )
        )
    return tuple(found)


def _temperatures(metals: list[_Metal], currents_a: Array, ambient_k: float) -> Array:
    """Where each of some pieces settles as a long strip, K; all at once, and what is alike once."""
    rows = [
        (a, m.ohm_per_m, m.strip.temperature_coefficient_per_k, m.strip.width_m, m.down)
        for a, m in zip(currents_a.round(9).tolist(), metals, strict=True)
    ]
    some = list(dict.fromkeys(rows))
    current, ohm, coefficient, width, down = (np.array(column) for column in zip(*some, strict=True))
    found = strip_limit.settled_temperature(current, ohm, coefficient, width, ambient_k, down)
    known = dict(zip(some, found.tolist(), strict=True))
    return np.array([known[row] for row in rows])


def _peak_rises(metals: list[_Metal], peak_a: Array, seconds: float, kelvin: Array) -> Array:
    """What each of some pieces warms by in a peak, losing no heat, K."""
    found = np.zeros(len(metals))
    for metal in dict.fromkeys(metals):
        of = [n for n, m in enumerate(metals) if m is metal]
        found[of] = strip_limit.adiabatic_rise(metal.strip, metal.layers, peak_a[of], seconds, kelvin[of])
    return found


def collecting_strip(
    layout: Layout, joining: Joining, pieces: tuple[StripPiece, ...]
) -> tuple[Strip, int, float]:
    """Return the collecting strip, its layers and the greatest share of pack current in a tail; all of it if
    there is none."""
    tails = [p.lead_share for p in pieces if p.lead_share]
    return *metal_of(layout, joining, StripKind.COLLECTOR), max(tails, default=1.0)
