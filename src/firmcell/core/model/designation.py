"""Names and classes that standards give a cell or pack."""

from math import ceil

from firmcell.core.base.quantity import WH
from firmcell.core.base.wording import figures
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.parts import Cell

MM = 1e3


def cell_designation(cell: Cell) -> str:
    """Return the IEC designation of a cell, such as INR22/71 or IFpP29/135/185.

    Lithium after IEC 61960-3, nickel after IEC 61951 (values from memory): letters of the
    electrodes, R for round with diameter and height, P for flat with thickness, width and height,
    in mm, all rounded up.
    """
    # Rounding guards against 0.018 m becoming 18.000000000000004 mm and then 19.
    diameter, height = (ceil(round(v * MM, 3)) for v in (cell.diameter_m, cell.length_m))
    if not cell.is_round:
        return f"{cell.facts.letters}P{diameter}/{ceil(round(cell.width_m * MM, 3))}/{height}"
    return f"{cell.facts.letters}R{diameter}/{height}"


def pack_designation(cell: Cell, series: int, parallel: int) -> str:
    """Return the designation of a battery of such cells: series count first, parallel count after a dash."""
    name = f"{series if series > 1 else ''}{cell_designation(cell)}"
    return f"{name}-{parallel}" if parallel > 1 else name


def transport_class(chemistry: Chemistry, cell_energy_j: float, pack_energy_j: float) -> str:
    """Return the transport class by rated energy, in words.

    UN Manual of Tests and Criteria 38.3 and the 20 Wh / 100 Wh lines of air transport (from
    memory); the shipper checks the rules in force.
    """
    if not chemistry.is_lithium:
        return "nickel battery: terminals protected against short circuit; the lithium rules do not apply"
    cell_wh, pack_wh = cell_energy_j / WH, pack_energy_j / WH
    if cell_wh > 20 or pack_wh > 100:
        over = [
            text
            for text, is_over in (
                (f"cell {figures(cell_wh)} Wh is over 20 Wh", cell_wh > 20),
                (f"pack {figures(pack_wh)} Wh is over 100 Wh", pack_wh > 100),
            )
            if is_over
        ]
        return f"fully regulated lithium battery ({', '.join(over)}); UN 38.3 tests; 30 % charge by air"
    return (
        f"small lithium battery (cell {figures(cell_wh)} Wh ≤ 20 Wh, pack {figures(pack_wh)} Wh ≤ 100 Wh); "
        "UN 38.3 tests still apply"
    )
