"""Cells through a duty whose peaks come again."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.model.design import Design
from firmcell.core.strips.pack_heat import run_temperatures
from firmcell.core.strips.under_load import UnderLoad


def duty_temperatures(
    design: Design, metal: UnderLoad, cycles_s: float, step_s: float = 10.0
) -> tuple[Array, Array]:
    """Return the temperature of each cell over a duty cycle.

    Parameters
    ----------
    design : Design
        Its brief says steady current, peak, how long and how often.
    metal : UnderLoad
        The pack of n cells solved at the steady current; heat goes with the square of the current.
    cycles_s, step_s : float
        How long the load lasts, and the step, s.

    Returns
    -------
    time, temperature : ndarray, shape (k,) and (k, n)
        s, K.

    Notes
    -----
    Steady current, with the peak for its duration each time `peak_every_s` of the brief has passed.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> import numpy as np
    >>> from types import SimpleNamespace as Of
    >>> brief = Of(
    ...     peak_every_s=0.0, peak_duration_s=10.0, current_peak_a=45.0,
    ...     current_steady_a=20.0, ambient_max_k=300.0
    ... )
    >>> class Lone:  # 50 J/K, 0.1 W/K to the air
    ...     capacity_j_k = np.array([50.0])
    ...     surface_k = staticmethod(lambda kelvin: float(kelvin.mean()))
    ...     outer_conductance = staticmethod(lambda mean_k, ambient_k: np.array([0.1]))
    ...     solver = staticmethod(lambda diagonal: lambda heat: heat / diagonal)
    >>> solved = Of(figures=Of(cells=(Of(heat_w=0.5),)), current_a=10.0, lumps=Lone())
    >>> time, kelvin = duty_temperatures(Of(brief=brief), solved, 5000.0)
    >>> # Twice the current, 2 W, 20 K after ten time constants.
    >>> round(float(time[-1])), round(float(kelvin[-1, 0]), 1)
    (5000, 320.0)
    """
    brief = design.brief
    steps = max(int(cycles_s / step_s), 1)
    time = np.arange(steps) * step_s
    part = np.zeros(steps)
    if brief.peak_every_s:
        # The part of each step that is peak, so that a short peak is not lost between two steps.
        within = time % brief.peak_every_s
        begins = max(brief.peak_every_s - brief.peak_duration_s, 0.0)
        part = np.clip((within + step_s - begins) / step_s, 0.0, min(brief.peak_duration_s / step_s, 1.0))
    square = part * brief.current_peak_a**2 + (1 - part) * brief.current_steady_a**2
    unit = np.array([c.heat_w for c in metal.figures.cells]) / max(metal.current_a, 1e-9) ** 2
    found = run_temperatures(metal.lumps, square[:, None] * unit[None], brief.ambient_max_k, step_s)
    return np.concatenate([time, [steps * step_s]]), found
