"""A moment of a run on the picture: each cell coloured by its warmth, charge or current."""

from enum import StrEnum

import numpy as np

from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import figures
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.pictures.strip_colours import MM, Band, Scale, StripPaint
from firmcell.core.run.run_result import RunResult

TOLD = 2
"""So many of the highest and of the lowest cells have their value written on them."""
DOT = 0.01
"""Length of the line whose round ends are the disc, mm: a line of no length is not drawn."""
DISC = 0.62
"""Width of the coloured disc over that of the cell: its number and sign stay readable beside it."""


class ShownInRun(StrEnum):
    """What is painted on the cells."""

    TEMPERATURE = "temperature"
    CHARGE = "charge"
    CURRENT = "current"


def run_paint(
    result: RunResult, moment: int, shown: ShownInRun, layout: Layout, axis: TurnAxis
) -> StripPaint:
    """Return the discs of both faces for a moment of a run; the scale spans the whole run, so that colours
    of two moments compare."""
    table, unit, title = {
        ShownInRun.TEMPERATURE: (result.cell_k - ZERO_CELSIUS, "°C", "temperature of the cell"),
        ShownInRun.CHARGE: (result.cell_charge * 100, "%", "charge left in the cell"),
        ShownInRun.CURRENT: (np.abs(result.cell_a), "A", "current of the cell"),
    }[shown]
    low, high = float(table.min()), float(table.max())
    span = max(high - low, 1e-9)
    now = table[moment]
    order = np.argsort(now, kind="stable").tolist()
    told = {*order[:TOLD], *order[-TOLD:]} if float(np.ptp(now)) > 0.01 * span else {order[-1]}
    places = {face: as_it_lies(face, axis) for face in Face}
    size = layout.pitch_m * MM * DISC
    bands: dict[Face, tuple[Band, ...]] = {}
    for face, place in places.items():
        found = []
        for k, cell in enumerate(layout.cells):
            at = place(cell.x_m * MM, cell.y_m * MM)
            text = f"{figures(float(now[k]))} {unit}" if k in told else ""
            found.append(
                Band(
                    (at, (at[0] + DOT, at[1])),
                    size,
                    (float(now[k]) - low) / span,
                    f"cell:{cell.number}",
                    text,
                )
            )
        bands[face] = tuple(found)
    return StripPaint(bands, Scale(title, f"{figures(low)} {unit}", f"{figures(high)} {unit}"))
