"""Outer size, fit in the space, and the sleeve that goes round it."""

from math import hypot

from pydantic import computed_field

from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.fit_in_space import FitFigures
from firmcell.core.layout.stick import half_round, is_stick, stick_length
from firmcell.core.model.brief import Blocked, SpaceShape
from firmcell.core.model.design import BoardPlace, Design, Lie
from firmcell.core.model.parts import Sleeve

SLIDE_ON_M = 0.002
"""Ease of a sleeve, flat width, so that it slides on over sheet and tape; common practice, no source."""


class Envelope(Frozen):
    """Outer size of the finished pack and its fit, m; margins are None where no space is given.

    `length_m` runs along the stack, `height_m` along the cells. A margin below 0 does not fit.
    """

    bare_length_m: float
    bare_width_m: float
    bare_height_m: float
    length_m: float
    width_m: float
    height_m: float
    margin_length_m: float | None
    margin_width_m: float | None
    margin_height_m: float | None

    @computed_field  # type: ignore[prop-decorator]
    @property
    def fits(self) -> bool | None:
        """Whether it goes in with the clearance on every side; None if no space is given."""
        margins = (self.margin_length_m, self.margin_width_m, self.margin_height_m)
        return None if None in margins else all(m is not None and m >= -1e-9 for m in margins)


class SleeveFit(Frozen):
    """A sleeve around the pack.

    Attributes
    ----------
    around_m : perimeter it must pass, m.
    flat_needed_m : half the perimeter plus ease: the least flat width that slides on.
    flat_recovered_m : flat width after free shrinking; must be below half the perimeter to grip.
    cut_length_m : with lips and the worst lengthwise shrink.
    wall_recovered_m : wall after shrinking on to the pack (the material keeps its volume).
    """

    sleeve: str
    around_m: float
    flat_needed_m: float
    flat_supplied_m: float
    flat_recovered_m: float
    cut_length_m: float
    wall_recovered_m: float
    slides_on: bool
    grips: bool


def metal_height(design: Design) -> float:
    """Return what the metal adds to the height on one face: links on top of a parallel strip, or collectors.

    Parameters
    ----------
    design : Design

    Returns
    -------
    height : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> strip = Of(thickness_m=0.00015)
    >>> links = Of(link_layers=1, link_strip=strip, ladder_strip=None, collector_tabs=None)
    >>> joining = Of(**vars(links), collector_layers=3, collector_strip=strip)
    >>> # Three layers of collector are more than link on strip.
    >>> round(metal_height(Of(joining=joining)) * 1e3, 6)
    0.45
    """
    joining = design.joining
    links = 2 * joining.link_layers * joining.link_strip.thickness_m
    if joining.ladder_strip is not None:
        links = max(links, joining.link_layers * joining.ladder_strip.thickness_m)
    tabs = joining.collector_tabs.thickness_m if joining.collector_tabs else 0.0
    return max(links, joining.collector_layers * joining.collector_strip.thickness_m + tabs)


def _sleeve_wall(sleeve: Sleeve | None) -> float:
    # A sleeve is thicker once it has shrunk; doubled wall is the most a 2:1 sleeve can reach.
    return sleeve.wall_m / sleeve.recovered_ratio if sleeve else 0.0


def envelope(design: Design, layout: Layout, fit: FitFigures) -> Envelope:
    """Return the outer size with the largest cells the tolerance allows, and the margins in the brief's
    space."""
    if is_stick(design.arrangement):
        return _stick_envelope(design)
    insulation, cell, board = design.insulation, design.cell, design.bms.board
    around, across = _sleeve_wall(insulation.sleeve), _sleeve_wall(insulation.cross_sleeve)
    sheet = insulation.sheet_m + insulation.tape_m + insulation.foam_m
    one = cell.length_m + cell.length_tolerance_m + 2 * (metal_height(design) + sheet)
    height = layout.layers * one
    length = layout.stacked_m[0] + 2 * insulation.side_m
    width = layout.stacked_m[1] + 2 * insulation.side_m
    if board and design.bms.place is BoardPlace.END and board_place(design) is None:
        length += board.height_m + insulation.sheet_m
    if board and design.bms.place is BoardPlace.TOP:
        height += board.height_m + insulation.sheet_m
    outer = (length + 2 * across, width + 2 * around, height + 2 * (around + across))
    margins: tuple[float | None, float | None, float | None] = (None, None, None)
    box = _box_of_faces(design)
    if box is not None:
        room = [side - 2 * design.brief.clearance_m for side in box]
        # In a box the pack may be moved about; in any other space each cell is where it is.
        aside = (room[0] - outer[0], room[1] - outer[1])
        if fit.room_m is not None:
            at_end = board and design.bms.place is BoardPlace.END and board_place(design) is None
            aside = (min(aside[0], fit.room_m) if at_end else fit.room_m, fit.room_m)
        margins = (*aside, room[2] - outer[2])
    return _envelope_of((length, width, height), outer, margins)


def _envelope_of(
    bare: tuple[float, float, float],
    outer: tuple[float, float, float],
    margins: tuple[float | None, float | None, float | None],
) -> Envelope:
    """An envelope from its lengths, widths and heights, m."""
    return Envelope.model_construct(
        bare_length_m=bare[0],
        bare_width_m=bare[1],
        bare_height_m=bare[2],
        length_m=outer[0],
        width_m=outer[1],
        height_m=outer[2],
        margin_length_m=margins[0],
        margin_width_m=margins[1],
        margin_height_m=margins[2],
    )


def _stick_envelope(design: Design) -> Envelope:
    """Outer size of cells folded end to end: along the sticks, across them, and as high as one."""
    insulation, cell, board = design.insulation, design.cell, design.bms.board
    wall = _sleeve_wall(insulation.sleeve) + _sleeve_wall(insulation.cross_sleeve)
    sheet = insulation.sheet_m + insulation.tape_m + insulation.foam_m
    length = stick_length(design, metal_height(design)) + 2 * sheet
    if board and design.bms.place is BoardPlace.END:
        length += board.height_m + insulation.sheet_m
    across = cell.largest_m[1] + design.arrangement.gap_m
    width = design.parallel * across - design.arrangement.gap_m + 2 * insulation.side_m
    high = cell.largest_m[1] + 2 * insulation.side_m
    if board and design.bms.place is BoardPlace.TOP:
        high += board.height_m + insulation.sheet_m
    ends = 2 * _sleeve_wall(insulation.cross_sleeve)
    outer = (length + ends, width + 2 * wall, high + 2 * wall)
    box = _box_of_faces(design)
    if box is None:
        return _envelope_of((length, width, high), outer, (None, None, None))
    along, aside, up = (side - 2 * design.brief.clearance_m for side in box)
    if design.brief.space is SpaceShape.CYLINDER and board and design.bms.place is BoardPlace.TOP:
        # What is no round stick any more must pass by its corners.
        corner = aside - hypot(outer[1], outer[2])
        margins = (along - outer[0], corner, corner)
    else:
        margins = (along - outer[0], aside - outer[1], up - outer[2])
    return _envelope_of((length, width, high), outer, margins)


def sleeve_sides(design: Design, outer: Envelope) -> tuple[float, float]:
    """Return two sides of a rectangle that is as long round as the pack is where its sleeve lies, m: across
    and high.

    Round sticks the sleeve follows the cells.

    Parameters
    ----------
    design : Design
    outer : Envelope

    Returns
    -------
    sides : tuple of float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> standing = Of(arrangement=Of(lie=Lie.STANDING))
    >>> sleeve_sides(standing, Of(bare_width_m=0.08, bare_height_m=0.07))
    (0.08, 0.07)
    """
    if not is_stick(design.arrangement) or design.bms.place is BoardPlace.TOP:
        return outer.bare_width_m, outer.bare_height_m
    half = half_round(design.parallel, outer.bare_height_m)
    return half / 2, half / 2


def _box_of_faces(design: Design) -> tuple[float, float, float] | None:
    """The space as the pack is counted: along the faces, across them, and along the cells."""
    if design.brief.box_m is None:
        return None
    length, width, height = design.brief.box_m
    longest, middle, least = sorted(design.brief.box_m, reverse=True)
    return {
        Lie.STANDING: (length, width, height),
        Lie.ACROSS: (length, height, width),
        Lie.ALONG: (width, height, length),
        # A stick lies along the longest side of a box, and along a tube.
        Lie.STICK: (height, length, width)
        if design.brief.space is SpaceShape.CYLINDER
        else (longest, middle, least),
    }[design.arrangement.lie]


def board_place(design: Design) -> Blocked | None:
    """The place kept free for the board in the space, if there is one."""
    return next((b for b in design.brief.blocked if b.holds_board), None)


def flat_width_needed(width_m: float, height_m: float) -> float:
    """Return the least flat width of a sleeve, m, that slides over a rectangle `width_m` × `height_m`.

    A flat width is half a circumference, so it is width plus height, plus `SLIDE_ON_M`.

    Parameters
    ----------
    width_m, height_m : float
        Of the pack, m.

    Returns
    -------
    flat : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> round((flat_width_needed(0.07, 0.02) - SLIDE_ON_M) * 1e3, 6)  # width and height, before the ease
    90.0
    """
    return width_m + height_m + SLIDE_ON_M


def fit_sleeve(sleeve: Sleeve, width_m: float, height_m: float, length_m: float, lip_m: float) -> SleeveFit:
    """Return how `sleeve` fits round a section `width_m` × `height_m` of a pack `length_m` long, all m."""
    around = 2 * (width_m + height_m)
    needed = flat_width_needed(width_m, height_m)
    recovered = sleeve.flat_width_m * sleeve.recovered_ratio
    return SleeveFit.model_construct(
        sleeve=sleeve.name,
        around_m=around,
        flat_needed_m=needed,
        flat_supplied_m=sleeve.flat_width_m,
        flat_recovered_m=recovered,
        cut_length_m=(length_m + 2 * lip_m) / (1 - sleeve.lengthwise_shrink),
        wall_recovered_m=sleeve.wall_m * sleeve.flat_width_m / max(around / 2, recovered),
        slides_on=sleeve.flat_width_m >= needed,
        grips=recovered < around / 2,
    )


def next_stock_size(sleeves: tuple[Sleeve, ...], width_m: float, height_m: float) -> Sleeve | None:
    """Return the narrowest sleeve that slides on and still grips, or None."""
    fitting = [
        s
        for s in sleeves
        if s.flat_width_m >= flat_width_needed(width_m, height_m)
        and s.flat_width_m * s.recovered_ratio < width_m + height_m
    ]
    return min(fitting, key=lambda s: s.flat_width_m, default=None)
