"""What measured welds prove: a control chart, capability, drift since the electrodes were dressed or the
strip roll changed, joints against their class; and in one sentence whether to weld on."""

from collections.abc import Iterable, Sequence

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import figures, percent, plural
from firmcell.core.bench.weld_samples import SAMPLE_SHARE, proven_reliability
from firmcell.core.records.events import Event, PeelTest, Upkeep, WeldSample
from firmcell.core.records.ledger import ledger_of

FEW = 5
"""Fewer values than this make no chart; engineering judgement."""
FROM_MEAN_RANGE = 2.66
"""Limits of single values over the mean moving range: 3 / 1.128 (Shewhart; nist-handbook, value from memory)."""
RANGE_LIMIT = 3.267
"""Limit of a moving range of two over its mean (nist-handbook, value from memory)."""
SIGMA_RANGE = 1.128
"""Mean moving range of two over the standard deviation (nist-handbook, value from memory)."""
IN_A_ROW = 8
"""So many values in a row on one side of the middle are no chance (nist-handbook, value from memory)."""
CAPABLE = 1.33
"""A capability from which on a process is called capable (common practice, no source)."""
SURE_T = 2.0
"""A slope of so many times its standard error is called a drift: about 95 %."""
JOINT_TIMES = 2.0
"""A joint of more than this many times its class stands out; engineering judgement."""


@frozen(eq=False)
class ControlChart:
    """Single values in order, with their limits.

    Attributes
    ----------
    values : in the order they were measured (n,).
    centre, low, high : mean, and limits that chance hardly passes.
    range_mean, range_high : of the moving range from value to value.
    out : which values lie outside, or end a run on one side of the middle (n,), bool.
    """

    values: Array
    centre: float
    low: float
    high: float
    range_mean: float
    range_high: float
    out: NDArray[np.bool_]

    @property
    def sigma(self) -> float:
        """Standard deviation from value to value."""
        return self.range_mean / SIGMA_RANGE


def control_chart(values: Sequence[float]) -> ControlChart | None:
    """Return the chart of single values and their moving range; None of fewer than `FEW`.

    Parameters
    ----------
    values : sequence of float
        In the order they were measured.

    References
    ----------
    .. [1] nist-handbook

    Examples
    --------
    >>> told = control_chart([49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1])
    >>> round(told.centre, 2), round(told.low, 1), round(told.high, 1)
    (50.81, 45.8, 55.8)
    """
    if len(values) < FEW:
        return None
    x = np.asarray(values, dtype=float)
    moves = np.abs(np.diff(x))
    centre, mean = float(x.mean()), float(moves.mean())
    low, high = centre - FROM_MEAN_RANGE * mean, centre + FROM_MEAN_RANGE * mean
    out = (x < low) | (x > high)
    side = np.sign(x - centre)
    run = 0
    for n, s in enumerate(side):
        run = run + 1 if n and s and s == side[n - 1] else 1
        out[n] = out[n] or run >= IN_A_ROW
    return ControlChart(x, centre, low, high, mean, RANGE_LIMIT * mean, out)


def capability(chart: ControlChart, least: float) -> float:
    """Return how far the mean lies over the least that is right, in thirds of what values scatter: Cpk of
    one side.

    References
    ----------
    .. [1] nist-handbook

    Examples
    --------
    >>> chart = control_chart([49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1])
    >>> round(capability(chart, 45.0), 2)  # (50.81 − 45) / (3 × 1.8778 / 1.128)
    1.16
    """
    return (chart.centre - least) / (3 * chart.sigma) if chart.sigma else float("inf")


def drift(values: Sequence[float]) -> tuple[float, bool]:
    """Return by how much values change from one to the next, and whether that is more than chance.

    Parameters
    ----------
    values : sequence of float
        In order, since the last change.

    Notes
    -----
    The slope of a straight line, by least squares, against twice its standard error.

    References
    ----------
    .. [1] nist-handbook

    Examples
    --------
    >>> drift([10.0, 9.0, 8.1, 7.0, 6.1])
    (-0.98, True)
    """
    n = len(values)
    if n < FEW:
        return 0.0, False
    x, y = np.arange(n) - (n - 1) / 2, np.asarray(values, dtype=float)
    slope = float((x * y).sum() / (x * x).sum())
    left = y - y.mean() - slope * x
    error = float(np.sqrt((left**2).sum() / (n - 2) / (x * x).sum()))
    return round(slope, 12), abs(slope) > SURE_T * error


def held_words(peeled: int, held: int) -> str:
    """Return what peeled samples prove, in words.

    Examples
    --------
    >>> held_words(22, 22)
    '22 of 22 held: with 90 % confidence at least 90 % of welds like these are good.'
    >>> held_words(22, 21).endswith("One failure is one too many: look for its cause first.")
    True
    """
    if not peeled:
        return ""
    told = least_good(peeled, held)
    words = f"{held} of {peeled} held: with {percent(SAMPLE_SHARE)} confidence at least {percent(told)} of welds like these are good."
    failed = peeled - held
    if failed:
        many = "One failure is" if failed == 1 else f"{failed} failures are"
        words += (
            f" {many} one too many: look for its cause first."
            if failed == 1
            else f" {many} too many: change the setting."
        )
    return words


def least_good(peeled: int, held: int, confidence: float = SAMPLE_SHARE) -> float:
    """Return the share of good welds that samples prove with a confidence: the lower limit of Clopper and
    Pearson.

    References
    ----------
    .. [1] nist-handbook

    Examples
    --------
    >>> round(least_good(22, 22), 3)  # 0.1^(1/22)
    0.901
    """
    if held >= peeled:
        return proven_reliability(confidence, peeled)
    if held <= 0:
        return 0.0
    # Imported here: samples that all held need no more than a root.
    from scipy.stats import beta

    return float(beta.ppf(1 - confidence, held, peeled - held + 1))


@frozen
class WeldVerdict:
    """Whether to weld on.

    Attributes
    ----------
    go : true to weld on, false to stop, None where too little is known.
    words : one sentence, with the numbers.
    more : what else the values say.
    """

    go: bool | None
    words: str
    more: tuple[str, ...]


def weld_verdict(
    values: Sequence[float], since: int, unit: str, least: float | None, what: str
) -> WeldVerdict:
    """Return whether to weld on by what was measured of peeled samples.

    Parameters
    ----------
    values : sequence of float
        All, in order, as shown with `unit`.
    since : int
        Number of the first value after electrodes were dressed or the strip roll changed.
    unit, what : str
        Such as N and “peel force”.
    least : float or None
        The least that is right; None where nobody said.
    """
    own = list(values[since:])
    chart = control_chart(values)
    if chart is None:
        so_far = (
            f"{plural(len(values), 'value')} of {what} so far" if len(values) else f"No {what} on record yet"
        )
        return WeldVerdict(None, f"{so_far}: {FEW} make a chart.", ())
    shown = f"{figures(chart.centre, 3)} {unit} on average; chance alone makes it {figures(chart.low, 3)} to {figures(chart.high, 3)} {unit}"
    slope, sure = drift(own)
    more = [f"{what.capitalize()}: {shown}."]
    if least is not None:
        cpk = capability(chart, least)
        good = "capable" if cpk >= CAPABLE else "not capable yet"
        more.append(
            f"Against {figures(least, 3)} {unit} the capability is {cpk:.2f}: {good} ({CAPABLE:g} is asked)."
        )
    last = chart.values[-1]
    if least is not None and last < least:
        words = (
            f"Stop: the last {what} is {figures(float(last), 3)} {unit}, under {figures(least, 3)} {unit}."
        )
        return WeldVerdict(False, words, tuple(more))
    if bool(chart.out[-1]):
        words = f"Stop: the last {what}, {figures(float(last), 3)} {unit}, is no chance. Look at electrodes, pressure and strip."
        return WeldVerdict(False, words, tuple(more))
    if sure and slope < 0:
        gone = -slope * (len(own) - 1)
        words = (
            f"Dress the electrodes soon: since they were dressed or the roll was changed the {what} has fallen by "
            f"{figures(gone, 2)} {unit} over {plural(len(own), 'sample')}."
        )
        return WeldVerdict(None, words, tuple(more))
    return WeldVerdict(True, f"Weld on: the {what} stays where it was.", tuple(more))


@frozen
class Peels:
    """Peeled samples that were measured.

    Attributes
    ----------
    values : in order, as shown with `unit`.
    since : number of the first after the last upkeep.
    unit, what : such as N and peel force.
    """

    values: tuple[float, ...]
    since: int
    unit: str
    what: str


def peels_of(events: Iterable[Event]) -> Peels:
    """Return the peel forces of a record, or the torn holes where more of these were measured."""
    forces: list[float] = []
    holes: list[float] = []
    since = [0, 0]
    for event in ledger_of(events).with_kind(PeelTest, Upkeep):
        if isinstance(event.data, PeelTest):
            forces += [event.data.force_n] if event.data.force_n is not None else []
            holes += [event.data.torn_m * 1e3] if event.data.torn_m is not None else []
        elif isinstance(event.data, Upkeep):
            since = [len(forces), len(holes)]
    if len(holes) > len(forces):
        return Peels(tuple(holes), since[1], "mm", "diameter of the torn hole")
    return Peels(tuple(forces), since[0], "N", "peel force")


def samples_words(events: Iterable[Event]) -> str:
    """Return what all samples peeled at the setting of the last one prove; what was peeled at another
    proves nothing of it."""
    samples = ledger_of(events).of_kind(WeldSample)
    if not samples:
        return ""
    same = [s for s in samples if _setting(s) == _setting(samples[-1])]
    return held_words(sum(s.peeled for s in same), sum(s.held for s in same))


def _setting(sample: WeldSample) -> tuple[str, str, str, int, str]:
    return sample.machine, sample.mode, sample.setting, sample.pulses, sample.strip


def joints_words(ohms: Sequence[float], class_ohm: float) -> str:
    """Return what joints measured by four wires say against their class; empty where none was measured.

    Examples
    --------
    >>> joints_words([0.0002, 0.00021, 0.0006], 0.0002)
    '3 joints: 0.337 mΩ on average, 0.600 mΩ at most; the class is 0.200 mΩ. 1 stands out: over twice that.'
    """
    if not len(ohms):
        return ""
    found = np.asarray(ohms, dtype=float)
    bad = int((found > JOINT_TIMES * class_ohm).sum())
    words = (
        f"{plural(len(found), 'joint')}: {found.mean() * 1e3:.3f} mΩ on average, {found.max() * 1e3:.3f} mΩ at most; "
        f"the class is {class_ohm * 1e3:.3f} mΩ."
    )
    if bad:
        words += f" {bad} stand{'s' if bad == 1 else ''} out: over twice that."
    return words
