"""Strips to choose from: how far each would warm up with a current, and what welder joins it."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.parts import Strip
from firmcell.core.physics.strip_heat import long_run_temperature

WELDERS = tuple((each.name.lower(), each.thickest_m) for each in Welder)
"""Thickest nickel that a class of spot welder joins reliably, m."""
STRIP_WIDTHS_M, STRIP_THICKNESS_M = (0.005, 0.007, 0.008, 0.010, 0.012), (0.00005, 0.0003)
BAR_WIDTHS_M, BAR_THICKNESS_M = (0.010, 0.012, 0.015, 0.020, 0.025), (0.0002, 0.003)
"""What is worth showing of strip that is welded or soldered, and of bars that are screwed."""


@frozen(eq=False)
class StripChoice:
    """Strips of one width: thickness (k,) in m and their rise over the air (k,), K."""

    width_m: float
    thickness_m: Array
    rise_k: Array


def strip_choices(
    strip: Strip, current_a: float, ambient_k: float, bars: bool = False
) -> tuple[StripChoice, ...]:
    """Return the rise of long strips (or `bars`) of the metal of `strip` at a current, by width and
    thickness, on the face that looks down."""
    least, most = BAR_THICKNESS_M if bars else STRIP_THICKNESS_M
    thickness = np.linspace(least, most, 26)
    choices = []
    for width in BAR_WIDTHS_M if bars else STRIP_WIDTHS_M:
        rise = [
            float(
                long_run_temperature(
                    strip.model_copy(update={"width_m": width, "thickness_m": float(t)}),
                    1,
                    current_a,
                    ambient_k,
                    down=True,
                )
            )
            - ambient_k
            for t in thickness
        ]
        choices.append(StripChoice(width, thickness, np.array(rise)))
    return tuple(choices)
