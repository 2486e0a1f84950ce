"""The layout of a pack that is there, made from the photos of both its faces."""

from firmcell.core.base.refusal import Refusal
from firmcell.core.layout.from_photo import pack_seen, photo_of, placed_cells
from firmcell.core.model.design import Design, Face


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
