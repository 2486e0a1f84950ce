"""What a run is made of: strip, layers, what lies under it, and its resistance per metre."""

from math import pi

from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining
from firmcell.core.model.joint_kinds import EDGE_THREADS, LEAST_BAR_THREADS, JoinedBy, Welder
from firmcell.core.model.limits import PAD_OVERHANG_M
from firmcell.core.model.parts import Strip
from firmcell.core.physics import strip_heat as strip_limit
from firmcell.core.strips.ladders import ladder_band
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.two_metals import laid_together

LEAST_OVERHANG_M = 0.002
"""What two weld spots or a solder joint need past the centre of a pad, m; common practice, no source."""

WELDABLE_M = Welder.STRONG.thickest_m
"""Thickest strip that any spot welder joins, m."""

PLACING_M = 0.0005
"""How far a strip may lie beside its line, m; common practice, no source."""


def pad_overhang(joining: Joining, pitch_m: float) -> float:
    """Return how far strip reaches past the middle of its last pad.

    Between thin flat cells it is cut shorter, so that the strips of two neighbours stay apart as asked.

    Parameters
    ----------
    joining : Joining
    pitch_m : float
        From cell to cell, m.

    Returns
    -------
    overhang : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.design import JoinedBy, Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> screwed = Joining(link_strip=NICKEL, collector_strip=NICKEL, joined_by=JoinedBy.SCREW, thread_m=0.006)
    >>> bool(pad_overhang(screwed, 0.03) == EDGE_THREADS * 0.006)
    True
    >>> welded = Joining(link_strip=NICKEL, collector_strip=NICKEL, gap_m=0.001)
    >>> round(pad_overhang(welded, 0.0084), 6)  # 8.4 mm less 1 mm apart and twice 0.5 mm aside, in two
    0.0032
    """
    if joining.joined_by is JoinedBy.SCREW:
        return max(PAD_OVERHANG_M, EDGE_THREADS * joining.thread_m)
    room = (pitch_m - joining.gap_m) / 2 - PLACING_M
    return min(PAD_OVERHANG_M, max(room, LEAST_OVERHANG_M))


def strip_takes_screw(strip: Strip, joining: Joining) -> bool:
    """Whether strip is wide enough for the hole of a screw, where screws join it."""
    return (
        joining.joined_by is not JoinedBy.SCREW
        or strip.width_m >= LEAST_BAR_THREADS * joining.thread_m - 1e-9
    )


WINDOW_M = 0.005
"""Radius of the opening in a plate round a plus that a fuse wire joins, m; engineering judgement."""
WINDOW_RIM_M = 0.002
"""Least metal round such an opening, m; engineering judgement."""


def window_radius(joining: Joining, pitch_m: float) -> float:
    """Return the radius of the opening in a plate round each plus that a fuse wire joins.

    Parameters
    ----------
    joining : Joining
    pitch_m : float
        From cell to cell, m.

    Returns
    -------
    radius : float
        m; 0 without fuse wires.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> window_radius(Of(fused=True, gap_m=0.001), 0.0205), window_radius(Of(fused=False), 0.0205)
    (0.005, 0.0)
    """
    if not joining.fused:
        return 0.0
    return max(min(WINDOW_M, (pitch_m - joining.gap_m) / 2 - PLACING_M - WINDOW_RIM_M), 0.0)


def windows_leave(joining: Joining, pitch_m: float) -> float:
    """Return what part of its conductance a plate keeps with a round window at every pad.

    Half the pads have none, so that it errs low.

    Parameters
    ----------
    joining : Joining
    pitch_m : float
        From cell to cell, m.

    Returns
    -------
    part : float
        1.

    Notes
    -----
    A sheet with round holes that take the part f of it has (1 − f)/(1 + f) of its conductance.

    References
    ----------
    .. [1] maxwell

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> windows_leave(Of(fused=False), 0.02)
    1.0
    >>> share = 3.141592653589793 * 0.005**2 / 0.02**2
    >>> round(windows_leave(Of(fused=True, gap_m=0.001), 0.02) / ((1 - share) / (1 + share)), 9)
    1.0
    """
    holes = pi * window_radius(joining, pitch_m) ** 2 / pitch_m**2
    return (1 - holes) / (1 + holes)


def metal_of(layout: Layout, joining: Joining, kind: StripKind) -> tuple[Strip, int]:
    """Return the strip and layers of a kind of run; nickel on copper is one strip that stands for both.

    Of a plate it is a strip of the link metal that stands for the plate between two neighbouring pads: on a
    square lattice each span has a band of the plate as wide as the pitch to itself, on a staggered one 1/√3
    of it, so that a large plate has its true resistance in every direction; less the gap to the next plate.
    """
    if kind in (StripKind.COLLECTOR, StripKind.BRIDGE):
        return laid_together(joining.collector_strip, joining.collector_layers, joining.collector_under)
    if kind is StripKind.PLATE:
        six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
        width = max(layout.pitch_m * (3**-0.5 if six else 1.0) - joining.gap_m, 0.001)
        band = {"width_m": width * windows_leave(joining, layout.pitch_m)}
        under = joining.link_under.model_copy(update=band) if joining.link_under else None
        return laid_together(joining.link_strip.model_copy(update=band), joining.link_layers, under)
    if kind is StripKind.LADDER and joining.ladder_strip is not None:
        # Of a rail, or of a rung.
        band = {"width_m": ladder_band(joining.ladder_strip.width_m, layout.pitch_m)}
        return joining.ladder_strip.model_copy(update=band), joining.link_layers
    return laid_together(joining.link_strip, joining.link_layers, joining.link_under)


def width_laid(joining: Joining, kind: StripKind) -> float:
    """Return how wide the strip of a kind of run is as it is laid, m; of no plate.

    Parameters
    ----------
    joining : Joining
    kind : StripKind

    Returns
    -------
    width : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> width_laid(Joining(link_strip=NICKEL, collector_strip=NICKEL), StripKind.LINK) == NICKEL.width_m
    True
    """
    return strip_asked(joining, kind)[0].width_m


def strip_asked(joining: Joining, kind: StripKind) -> tuple[Strip, int, Strip | None]:
    """Return strip, layers and what lies under it, as they are bought and laid, for a kind of run."""
    if kind in (StripKind.COLLECTOR, StripKind.BRIDGE):
        return joining.collector_strip, joining.collector_layers, joining.collector_under
    if kind is StripKind.LADDER and joining.ladder_strip is not None:
        return joining.ladder_strip, joining.link_layers, None
    return joining.link_strip, joining.link_layers, joining.link_under


def ohms_per_metre(layout: Layout, joining: Joining) -> dict[StripKind, float]:
    """Return the resistance per metre at 20 °C of each kind of run, Ω/m."""
    return {
        kind: float(strip_limit.resistance_per_metre(*metal_of(layout, joining, kind), 293.15))
        for kind in StripKind
    }
