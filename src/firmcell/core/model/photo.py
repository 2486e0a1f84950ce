"""A photo of a pack as a drawing: where its corners, cells, strips and wires are seen."""

from enum import StrEnum
from typing import Annotated

from pydantic import Field

from firmcell.core.base.quantity import Count, Frozen, Metres

Pixel = Annotated[float, Field(ge=-1e5, le=1e5)]
Spot = tuple[Pixel, Pixel]
"""A place in a photo: to the right and down from its upper left corner, px."""


class PhotoShows(StrEnum):
    """Which side of the pack a photo shows."""

    TOP = "top face"
    BOTTOM = "bottom face"
    SIDE = "a side"
    OTHER = "something else"


class SeenCell(Frozen):
    """A cell end in a photo: its middle, and whether that end is plus; None where that is not known."""

    at_px: Spot
    plus: bool | None = None


class SeenStrip(Frozen):
    """Metal in a photo that joins cell ends, by the numbers of the cells in the photo from 1, with its
    name."""

    cells: tuple[Count, ...] = Field(min_length=1, max_length=400)
    name: str = Field("", max_length=60)


class SeenWire(Frozen):
    """A wire in a photo: its way, and its name."""

    way_px: tuple[Spot, ...] = Field(min_length=2, max_length=100)
    name: str = Field("", max_length=120)


class Photo(Frozen):
    """A photo kept in the job, and what was marked in it.

    Attributes
    ----------
    sha256 : of the file as it was brought in, which is kept as an attachment.
    corners_px : of a rectangle: upper left, upper right, lower right, lower left, as seen; its sides are
        `length_m` along the upper edge and `width_m` along the left.
    ends_px, apart_m : or two points, and how far apart they are: right only where the camera looked
        straight on.
    """

    name: str = Field(title="Photo", max_length=200)
    sha256: str = Field(pattern=r"^[0-9a-f]{64}$")
    width_px: Count = Field(ge=1, le=100_000)
    height_px: Count = Field(ge=1, le=100_000)
    shows: PhotoShows = Field(PhotoShows.OTHER, title="Shows")
    corners_px: tuple[Spot, ...] = Field((), max_length=4)
    length_m: Metres | None = Field(None, title="Rectangle, upper edge", gt=0, le=3)
    width_m: Metres | None = Field(None, title="Rectangle, left edge", gt=0, le=3)
    ends_px: tuple[Spot, ...] = Field((), max_length=2)
    apart_m: Metres | None = Field(None, title="Two points apart", gt=0, le=3)
    cells: tuple[SeenCell, ...] = Field((), max_length=2000)
    strips: tuple[SeenStrip, ...] = Field((), max_length=4000)
    wires: tuple[SeenWire, ...] = Field((), max_length=400)
