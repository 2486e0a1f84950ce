"""Sizes and shades of the painted picture."""

GRID_MM = 10.0


SMALLEST_TEXT = 10.0
"""Height of letters below which nobody reads them, pixels: smaller ones are painted larger where there is room,
or not at all."""


GROWS, GROWS_ELSE = {"label.cell": 2.2}, 1.4
"""How much larger than drawn a text may be painted: a number of a cell has the free part of its end."""


LARGEST_TITLE = 15.0
"""Height of letters of the words above and below a face, pixels."""


LEAST_TEXT = 11
"""Height of letters of a text in a box, pixels, where no more is asked for."""


MARK_MM = 8.0
"""Radius of the ring round a cell that a tool has taken up."""


DANGER_MM = 3.0
"""Radius of the ring round each of two pieces that must not be bridged."""


HATCH_OPACITY = 0.45


TAG_TRIES = 9
"""How many places above and below a text may give way to."""


THIN_MM = 2.0


FEW_DISCS = 12


BACK_OVER_TEXT = 0.86
"""Radius of the disc behind a number over the height of the number."""


SMALLEST_WELD_SCALE = 2.0
"""Pixels per mm below which weld points are specks that only cost time."""


QUIET_OPACITY = 0.16


MARK_COLOURS = {
    "good": "good",
    "look": "attention",
    "bad": "stop",
    "lit": "lit",
    "done": "good",
    "open": "quiet",
}
