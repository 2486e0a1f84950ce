"""The layout of a pack that is there, made from the photos of both its faces."""

from firmcell.core.base.refusal import Refusal
from firmcell.core.layout.from_photo import pack_seen, photo_of, placed_cells
from firmcell.core.model.design import Design, Face, TurnAxis


def layout_edits(design: Design) -> tuple[tuple[str, object], ...]:
    """Return the edits that make a design's layout the one its photos show: counts, places, groups, ends.

    Raises
    ------
    Refusal
        If a photo of a face is missing or not to scale, or the two do not go together.
    """
    top, bottom = photo_of(design.photos, Face.TOP), photo_of(design.photos, Face.BOTTOM)
    missing = [face.value for face, photo in ((Face.TOP, top), (Face.BOTTOM, bottom)) if photo is None]
    if top is None or bottom is None:
        raise Refusal(
            f"A photo of the {' and the '.join(missing)} face is missing: a layout is read from both."
        )
    seen = pack_seen(top, bottom, design.arrangement.turn_axis, design.cell.diameter_m)
    pitch = design.cell.diameter_m + design.cell.diameter_tolerance_m
    placed = placed_cells(seen, pitch)
    return (
        ("series", seen.series),
        ("parallel", seen.parallel),
        ("arrangement.placed", placed),
        ("arrangement.spare_m", ()),
        ("arrangement.drawn", ()),
        ("arrangement.removed", ()),
    )


def other_reading(design: Design) -> str:
    """Return what must be proven by meter because the photos would fit as well had the pack been turned over
    about its other axis, and give another order of groups; empty where they would not.

    Symmetric packs look alike both ways: no photo tells which way a hand turned them.
    """
    top, bottom = photo_of(design.photos, Face.TOP), photo_of(design.photos, Face.BOTTOM)
    if top is None or bottom is None:
        return ""
    axis = design.arrangement.turn_axis
    other = next(a for a in TurnAxis if a is not axis)
    one, two = (pack_seen(top, bottom, a, design.cell.diameter_m) for a in (axis, other))
    if one.faults or two.faults or (one.group, one.up) == (two.group, two.up):
        return ""
    return (
        f"Had the pack been turned about its {other.value} axis, the same photos would show another order of groups: prove by meter which end is minus, and the "
        "order of the groups, before a tap is trusted."
    )
