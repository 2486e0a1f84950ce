"""The hard questions asked of readings before any likelihood: whether a pack plainly reads right."""

from collections.abc import Mapping

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.tap_check.diagnosis import KNOWN_TO_V, PackAsked

FIT_SD = 4.5
"""No step may be further from the others than this many standard deviations of meter and scatter."""


FAR_FROM_CELLS_V = 0.15
"""How far groups may stand from the cells as measured before joining."""


def plainly_right(readings: Mapping[tuple[int, int], float], pack: PackAsked) -> str:
    """Return "" if every pin is read and plainly in order, else what speaks against it, in one sentence.

    Hard questions, none of them a matter of likelihood: every pin read against pin B0; B0 to B0 nothing;
    every step between empty and full; no step off the others by more than meter and scatter can make it; the
    common step near what the cells measured. Pin-to-pin readings must agree with those against B0.
    """
    steps, doubt = _steps(readings, pack)
    if isinstance(steps, str):
        return steps
    cell = pack.cell
    low, high = cell.empty_v - doubt, cell.full_v + 0.02 + doubt
    for group, step in enumerate(steps.tolist(), start=1):
        if not low[group - 1] <= step <= high[group - 1]:
            return f"B{group - 1} to B{group} reads {step:.2f} V, outside {cell.empty_v:.2f} to {cell.full_v:.2f} V."
    middle = float(np.median(steps))
    off = np.abs(steps - middle)
    allowed = np.maximum(FIT_SD * np.sqrt(pack.scatter_v**2 * 1.25 + (doubt / 2) ** 2), 0.0)
    worst = int((off / allowed).argmax())
    if off[worst] > allowed[worst] or off[worst] > GROUP_SPREAD_V + doubt[worst]:
        return (
            f"B{worst} to B{worst + 1} reads {steps[worst]:.2f} V, the others stand at about {middle:.2f} V."
        )
    if abs(middle - pack.now_v) > FAR_FROM_CELLS_V + pack.known_to_v - KNOWN_TO_V:
        return f"The groups stand at about {middle:.2f} V; the cells measured {pack.now_v:.2f} V before they were joined."
    return ""


def _steps(readings: Mapping[tuple[int, int], float], pack: PackAsked) -> tuple[Array | str, Array]:
    """Each group's step (S,) from direct readings where there are any, else by difference; and how far it may
    be off, V."""
    s, meter = pack.series, pack.meter
    nothing = np.zeros(s)
    # The range's calibration is common to all readings in it; what is left is taken for certain, not in
    # quadrature.
    reach = np.zeros(s + 1)
    at = np.full(s + 1, np.nan)
    at[0] = 0.0
    for pin in range(1, s + 1):
        read = readings.get((0, pin))
        if read is None and (pin, 0) in readings:
            read = -readings[pin, 0]
        if read is not None:
            at[pin], reach[pin] = read, float(meter.digits * meter.resolution(read))
    missing = [pin for pin in range(1, s + 1) if np.isnan(at[pin])]
    if missing:
        return f"{len(missing)} of {s} pins are not read against B0 yet, first B{missing[0]}.", nothing
    if abs(readings.get((0, 0), 0.0)) > 0.02:
        return "B0 itself does not read nothing.", nothing
    spot = meter.range_of(at)
    steps = np.diff(at)
    # Two readings in one range share its calibration, which then acts on their difference alone.
    shared = spot[1:] == spot[:-1]
    gain = np.where(shared, np.abs(steps), np.abs(at[1:]) + np.abs(at[:-1])) * meter.accuracy
    doubt = gain + reach[1:] + reach[:-1]
    for pin in range(1, s + 1):
        direct = readings.get((pin - 1, pin))
        if direct is None:
            continue
        own = abs(direct) * meter.accuracy + float(meter.digits * meter.resolution(direct))
        if abs(direct - steps[pin - 1]) > doubt[pin - 1] + own + 0.02:
            return (
                f"B{pin - 1} to B{pin} reads {direct:.2f} V directly, and {steps[pin - 1]:.2f} V by difference.",
                nothing,
            )
        steps[pin - 1], doubt[pin - 1] = direct, own
    return steps, doubt
