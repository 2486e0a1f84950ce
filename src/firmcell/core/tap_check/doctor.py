"""The tap doctor: what readings at the plug say is wrong, how sure that is, and which reading to take next.

A pack's groups stand at one common voltage with some scatter; a fault changes which metal each pin of the
plug meets, or a group. Under each fault the readings are jointly normal, so each has an exact likelihood (a
Gaussian marginal over the common voltage, the scatter and the meter); leads that float have a density of
their own. Bayes' rule ranks the faults. "Right" is never said by rank alone: `judge_readings` asks hard
questions first.
"""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.tap_check.diagnosis import Diagnosis, PackAsked, Reading, Suspicion
from firmcell.core.tap_check.faults import (
    MOST_SERIES,
    FaultKind,
    FaultTable,
    single_faults,
    together,
)
from firmcell.core.tap_check.group_verdicts import STOP, Proof, Verdict
from firmcell.core.tap_check.meter import floating_density
from firmcell.core.tap_check.points import point_count, point_taps

Whole = NDArray[np.intp]


EXACT = 160
"""Faults that are judged exactly, after a quick look at all."""


PAIR_WORK = 80_000
"""Pairs of faults that are looked at quickly, times readings: what a tenth of a second allows."""


POOR_FIT = 4.0
"""Mean square of the standardised misfit above which one fault alone does not explain the readings."""


UNEXPLAINED = 30.0
"""Most that one reading counts against a fault in the search for pairs, squared standard deviations."""


FLOATING_STEP = 6.0
"""What a step to or from a floating lead counts, squared standard deviations: less than one that is wrong."""


FEW_STEPS = 4
"""Steps from pin to pin, below which their median says nothing."""


NONE_OF_THESE = 1e-5


SURE = 0.90


LOOSE_TO_V = 0.35


FLOATS_V = 0.05
"""What a floating lead is taken to read for the next reading, standard deviation, V; engineering judgement."""


class _Seen:
    """The readings in arrays, and what the meter adds to them."""

    def __init__(self, readings: Sequence[Reading], pack: PackAsked) -> None:
        self.pack = pack
        self.black = np.array([r.black for r in readings], dtype=np.intp)
        self.red = np.array([r.red for r in readings], dtype=np.intp)
        self.volts = np.array([r.volts for r in readings], dtype=float)
        meter = pack.meter
        spot = meter.range_of(self.volts)
        same = spot[:, None] == spot[None]
        self.noise = same * np.outer(self.volts, self.volts) * meter.gain_error**2
        self.digits = meter.digit_error(self.volts) ** 2
        self.noise[np.diag_indices(len(readings))] += self.digits
        self.most_v = max(pack.series * pack.cell.full_v, 1.0)

    def __len__(self) -> int:
        return len(self.volts)

    @property
    def steps(self) -> tuple[Whole, Whole]:
        """Readings next to each other, with one black point: the lower and the higher (k,) each."""
        order = np.lexsort((self.red, self.black))
        same = self.black[order[1:]] == self.black[order[:-1]]
        return order[:-1][same], order[1:][same]

    def common_v(self) -> float:
        """A robust guess of what a group stands at, V: the median of what each reading says for one group."""
        count = self.pack.series + 1
        apart = np.abs(self.red % count - self.black % count)
        some = apart > 0
        if not some.any():
            return self.pack.now_v
        return _plausible_v(np.median(np.abs(self.volts[some]) / apart[some]))

    def common_guesses_v(self) -> tuple[float, ...]:
        """Guesses of what a group stands at, V, for faults that each spoil one of them.

        One odd group low in the pack shifts all readings above it, and leaves the median step from pin to pin
        as it is;
        several taps on wrong places spoil many steps, and leave most readings as they are.
        """
        pins = np.flatnonzero((self.black == 0) & (self.red <= self.pack.series))
        in_order = pins[np.argsort(self.red[pins])]
        steps = np.abs(np.diff(self.volts[in_order])) / np.maximum(np.diff(self.red[in_order]), 1)
        guesses = [self.common_v()]
        if len(steps) >= FEW_STEPS:
            guesses.append(_plausible_v(np.median(steps)))
        return tuple(guesses)


def _plausible_v(volts: float | np.floating) -> float:
    return float(np.clip(volts, 0.8, 4.3))


@frozen(eq=False)
class _Expected:
    """Of each fault (h) and reading (n): whether it is between joined points, mean for a common volt, mean
    besides, and the groups it spans from low to high node, with its direction."""

    joined: NDArray[np.bool_]
    slope: Array
    offset: Array
    low: Whole
    high: Whole
    way: Array
    variance: Array


def _expected(t: FaultTable, black: Whole, red: Whole, series: int) -> _Expected:
    many = (len(t.faults), 1)
    node = np.concatenate([t.node, np.tile(point_taps(series)[series + 1 :], many)], axis=1)
    rows = np.arange(len(t.faults))[:, None]
    zero = np.zeros((len(t.faults), 1))
    slope = np.concatenate([zero, np.cumsum(t.sign * t.lives, axis=1)], axis=1)
    offset = np.concatenate([zero, np.cumsum(t.sign * t.offset_v, axis=1)], axis=1)
    variance = np.concatenate([zero, np.cumsum(t.var_v2, axis=1)], axis=1)
    # Metal above an open node hangs together, but not with what is below it.
    at = t.open_node[:, None]
    # At the open node the tap and its strip are on one side; ends of the group above are on the upper,
    # of the group below on the lower.
    taps = np.repeat(t.upper[:, None], 2 * series + 2, axis=1)
    upper = np.concatenate(
        [taps, np.ones((len(at), series), bool), np.zeros((len(at), series), bool)], axis=1
    )
    above = (at > 0) & ((node > at) | ((node == at) & upper))
    a, b = node[:, black], node[:, red]
    joined = (a >= 0) & (b >= 0) & (above[:, black] == above[:, red])
    a, b = np.maximum(a, 0), np.maximum(b, 0)
    sign = t.meter[:, None]
    return _Expected(
        joined,
        sign * (slope[rows, b] - slope[rows, a]) * joined,
        sign * (offset[rows, b] - offset[rows, a]) * joined,
        np.minimum(a, b),
        np.maximum(a, b),
        sign * np.sign(b - a),
        variance,
    )


def _quick(t: FaultTable, e: _Expected, seen: _Seen) -> Array:
    """A quick score of each fault (h,): readings taken as independent, the common voltage fitted."""
    rows = np.arange(len(t.faults))[:, None]
    spread = e.variance[rows, e.high] - e.variance[rows, e.low]
    var = np.diag(seen.noise)[None] + spread
    weight = e.joined / var
    left = seen.volts[None] - e.offset
    precision = (weight * e.slope**2).sum(axis=1) + 1 / t.sd_v**2
    common = ((weight * e.slope * left).sum(axis=1) + t.mean_v / t.sd_v**2) / precision
    miss = left - e.slope * common[:, None]
    fit = -0.5 * (weight * miss**2 + e.joined * np.log(2 * np.pi * var)).sum(axis=1)
    fit -= 0.5 * ((common - t.mean_v) / t.sd_v) ** 2 + 0.5 * np.log(precision * t.sd_v**2)
    return np.asarray(fit + _floats(e, seen) + t.log_prior)


def _partly(t: FaultTable, e: _Expected, seen: _Seen) -> tuple[Array, Array]:
    """How many readings, and how many steps from one reading to the next, each fault explains, as scores (h,)
    each.

    What one of them it does not explain can cost is capped. A fault at B0 spoils every reading and leaves the
    steps.
    """
    rows = np.arange(len(t.faults))[:, None]
    spread = e.variance[rows, e.high] - e.variance[rows, e.low]
    var = np.diag(seen.noise)[None] + spread + (0.03 * e.slope) ** 2
    floats = np.maximum(_floats(e, seen), -0.5 * UNEXPLAINED * len(seen))
    i, j = seen.steps
    both = e.joined[:, i] & e.joined[:, j]
    step_var = var[:, i] + var[:, j] - 2 * (0.03**2) * e.slope[:, i] * e.slope[:, j]
    step_read = seen.volts[j] - seen.volts[i]
    values, steps = [], []
    for common in seen.common_guesses_v():
        mean = e.offset + e.slope * common
        values.append((np.minimum((seen.volts[None] - mean) ** 2 / var, UNEXPLAINED) * e.joined).sum(axis=1))
        off = np.minimum((step_read[None] - (mean[:, j] - mean[:, i])) ** 2 / step_var, UNEXPLAINED)
        steps.append(np.where(both, off, FLOATING_STEP).sum(axis=1))
    return -0.5 * np.min(values, axis=0) + floats, -0.5 * np.min(steps, axis=0)


def _floats(e: _Expected, seen: _Seen) -> Array:
    density = np.log(floating_density(seen.volts, seen.most_v) + 1e-300)
    return np.asarray((~e.joined * density[None]).sum(axis=1))


def _exact(t: FaultTable, e: _Expected, seen: _Seen) -> tuple[Array, Array]:
    """Exact log of prior times likelihood (h,), and the mean square of the standardised misfit (h,)."""
    rows = np.arange(len(t.faults))[:, None, None]
    low = np.maximum(e.low[:, :, None], e.low[:, None])
    high = np.minimum(e.high[:, :, None], e.high[:, None])
    shared = np.where(high > low, e.variance[rows, np.maximum(high, low)] - e.variance[rows, low], 0.0)
    both = e.joined[:, :, None] & e.joined[:, None]
    cov = e.way[:, :, None] * e.way[:, None] * shared
    cov += (t.sd_v**2)[:, None, None] * e.slope[:, :, None] * e.slope[:, None]
    cov = np.where(both, cov + seen.noise[None], 0.0)
    n = len(seen)
    diagonal = np.arange(n)
    cov[:, diagonal, diagonal] += np.where(e.joined, 0.0, 1.0) + 1e-9
    miss = np.where(e.joined, seen.volts[None] - e.offset - e.slope * t.mean_v[:, None], 0.0)
    root = np.linalg.cholesky(cov)
    white = np.linalg.solve(root, miss[:, :, None])[:, :, 0]
    used = e.joined.sum(axis=1)
    log = (
        -0.5 * (white**2).sum(axis=1)
        - np.log(np.diagonal(root, axis1=1, axis2=2)).sum(axis=1)
        - 0.5 * used * np.log(2 * np.pi)
    )
    return log + _floats(e, seen) + t.log_prior, (white**2).sum(axis=1) / np.maximum(used, 1)


def diagnose(readings: Sequence[Reading], pack: PackAsked, proof: Proof) -> Diagnosis:
    """Return what the readings say about the pack's taps and groups.

    Parameters
    ----------
    readings : sequence of Reading
        Some or all; in any order. The later of two between the same points counts.
    pack : PackAsked
    proof : Proof
        What is said of each group by itself: only what that calls right may be right.

    Raises
    ------
    Refusal
        If the pack has fewer than 2 or more than 32 groups, or a point does not exist.
    """
    last = _checked(readings, pack)
    if not last:
        return Diagnosis(
            False,
            False,
            (),
            0.0,
            proof.next_reading,
            proof.words,
            "",
        )
    seen = _Seen(list(last.values()), pack)
    table, log, misfit = _ranked(seen)
    background = np.log(NONE_OF_THESE) - len(seen) * np.log(2.4 * seen.most_v)
    top = max(float(log.max()), background)
    weight, other = np.exp(log - top), float(np.exp(background - top))
    total = float(weight.sum()) + other
    order = np.argsort(-weight)
    suspicions = _merged(table, weight / total, misfit, order[:60], seen)
    against = "" if proof.verdict is Verdict.RIGHT else proof.words.removeprefix(STOP)
    best = suspicions[0] if suspicions else None
    innocent = best is not None and best.faults[0].kind is FaultKind.RIGHT
    right = against == "" and innocent
    decided = right or (best is not None and best.probability >= SURE and not innocent)
    following = None
    if proof.verdict is Verdict.MISSING and not decided:
        following = proof.next_reading
    elif not right:
        following = _next_reading(table.take(order[:14]), weight[order[:14]] / total, seen)
    return Diagnosis(
        right,
        decided,
        suspicions,
        other / total,
        following,
        _words(right, decided, suspicions, other / total, against),
        against,
    )


def _merged(
    table: FaultTable, share: Array, misfit: Array, order: Whole, seen: _Seen
) -> tuple[Suspicion, ...]:
    """The likeliest explanations; those that no reading so far can tell apart as one: at the taps alone, the
    two ends of a group that is cut off."""
    found: dict[bytes, Suspicion] = {}
    at_ends = np.maximum(seen.black, seen.red) > 2 * seen.pack.series + 1
    joined = _expected(table.take(order), seen.black[at_ends], seen.red[at_ends], seen.pack.series).joined
    for place, r in enumerate(order.tolist()):
        if share[r] <= 1e-6:
            break
        key = table.alike(r) + joined[place].tobytes()
        same = found.get(key)
        if same is None:
            found[key] = Suspicion(table.faults[r], float(share[r]), float(misfit[r]), bool(at_ends.any()))
        else:
            more = same.probability + float(share[r])
            found[key] = replace(same, probability=more, placed=False)
    return tuple(sorted(found.values(), key=lambda s: -s.probability)[:40])


def _checked(readings: Sequence[Reading], pack: PackAsked) -> dict[tuple[int, int], Reading]:
    """The readings that count by their points; refused where the doctor does not know the pack or a point."""
    if not 2 <= pack.series <= MOST_SERIES:
        raise Refusal(f"The tap doctor knows packs of 2 to {MOST_SERIES} groups; this one has {pack.series}.")
    last = {(r.black, r.red): r for r in readings if r.black != r.red}
    for r in last.values():
        if not (min(r.black, r.red) >= 0 and max(r.black, r.red) < point_count(pack.series)):
            raise Refusal("A reading is between points that this pack does not have.")
        if not np.isfinite(r.volts):
            raise Refusal("A reading is not a number.")
    return last


def _ranked(seen: _Seen) -> tuple[FaultTable, Array, Array]:
    """The likeliest faults with the log of prior times likelihood and their misfit."""
    pack = seen.pack
    # Where a group stands is known from the cells; if the readings say otherwise the wide guess takes over.
    table = single_faults(pack.series, pack.now_v, LOOSE_TO_V, pack.scatter_v, pack.cell.chemistry)
    e = _expected(table, seen.black, seen.red, pack.series)
    quick = _quick(table, e, seen)
    keep = np.argsort(-quick)[:EXACT]
    chosen = table.take(keep)
    log, misfit = _exact(chosen, _expected(chosen, seen.black, seen.red, pack.series), seen)
    best = int(log.argmax())
    if (
        misfit[best] < POOR_FIT
        and np.exp(log - log.max()).max() > 0
        and not _floats_badly(chosen, best, seen)
    ):
        return chosen, log, misfit
    # One fault does not explain it: two together.
    pairs = together(table, *_likely_pairs(table, e, seen))
    score = _quick(pairs, _expected(pairs, seen.black, seen.red, pack.series), seen)
    some = pairs.take(np.argsort(-score)[:EXACT])
    log2, misfit2 = _exact(some, _expected(some, seen.black, seen.red, pack.series), seen)
    both = _joined_tables(chosen, some)
    return both, np.concatenate([log, log2]), np.concatenate([misfit, misfit2])


def _likely_pairs(t: FaultTable, e: _Expected, seen: _Seen) -> tuple[Whole, Whole]:
    """Rows of pairs worth a quick look: the best few with all others, and the better ones with each other;
    all if time allows."""
    count = len(t.faults)
    most = PAIR_WORK // len(seen)
    if (count - 1) ** 2 <= most:
        a, b = np.divmod(np.arange((count - 1) ** 2), count - 1)
        return a + 1, b + 1
    by_value, by_step = (np.argsort(-score) for score in _partly(t, e, seen))
    better = [r for r in dict.fromkeys(np.stack([by_value, by_step], axis=1).ravel().tolist()) if r != 0]
    few = np.array(better[: max(3, most // 2 // count)], dtype=np.intp)
    some = np.array(better[: int((most // 2) ** 0.5)], dtype=np.intp)
    every = np.arange(1, count)
    first = np.concatenate([np.repeat(few, len(every)), np.repeat(some, len(some))])
    second = np.concatenate([np.tile(every, len(few)), np.tile(some, len(some))])
    once = np.unique(first * count + second)
    return once // count, once % count


def _floats_badly(t: FaultTable, row: int, seen: _Seen) -> bool:
    """Whether the best single fault explains readings as chance on floating leads that are no such thing."""
    e = _expected(t.take(np.array([row])), seen.black, seen.red, seen.pack.series)
    return bool((~e.joined[0] & (np.abs(seen.volts) > 0.3)).sum() > 1)


def _joined_tables(a: FaultTable, b: FaultTable) -> FaultTable:
    names = [n for n in a.__dataclass_fields__ if n != "faults"]
    return FaultTable(
        (*a.faults, *b.faults), *(np.concatenate([getattr(a, n), getattr(b, n)]) for n in names)
    )


def _words(right: bool, decided: bool, suspicions: tuple[Suspicion, ...], other: float, against: str) -> str:
    if right:
        return "Every tap is in order and the groups are alike."
    if not suspicions or other > 0.5:
        return f"{STOP}No single or double fault explains these readings: look at the wiring, and read again."
    best = suspicions[0]
    if best.faults[0].kind is FaultKind.RIGHT and len(best.faults) == 1:
        return f"Nothing speaks for a fault so far. {against}".strip()
    sure = "" if decided else f"Likeliest ({best.probability * 100:.0f} %): "
    said = best.words[0].upper() + best.words[1:]
    stop = STOP if best.dangerous or against else ""
    return f"{stop}{sure}{said}."


def _next_reading(t: FaultTable, weight: Array, seen: _Seen) -> tuple[int, int] | None:
    """The two points whose reading best tells the likeliest faults apart: the expected overlap of what they
    predict is least.

    Overlap of two normal predictions is their Bhattacharyya coefficient; a floating lead counts as one about
    nothing: a meter pulls both its probes together.
    """
    series = seen.pack.series
    pairs = [(a, b) for a in range(series + 1) for b in range(a + 1, series + 1)]
    # A pin against the strip it should be on reads nothing when it is.
    pairs += [(series + 1 + p, p) for p in range(series + 1)]
    # The far pole against an end of a cell: nothing, where a link between them is open.
    pairs += [(pole, end) for pole in (0, series) for end in range(2 * series + 2, point_count(series))]
    known = set(zip(seen.black.tolist(), seen.red.tolist(), strict=True))
    pairs = [p for p in pairs if p not in known and (p[1], p[0]) not in known]
    if not pairs or len(weight) < 2 or weight.sum() <= 0:
        return pairs[0] if pairs else None
    black, red = np.array(pairs, dtype=np.intp).T
    e = _expected(t, black, red, series)
    rows = np.arange(len(t.faults))[:, None]
    mean = np.where(e.joined, e.offset + e.slope * seen.common_v(), 0.0)
    spread = e.variance[rows, e.high] - e.variance[rows, e.low] + (0.004 * mean) ** 2 + 0.02**2
    var = np.where(e.joined, spread + (0.06 * e.slope) ** 2, FLOATS_V**2)
    w = weight / weight.sum()
    gap = (mean[:, None] - mean[None]) ** 2 / (4 * (var[:, None] + var[None]))
    shape = 0.5 * np.log((var[:, None] + var[None]) / (2 * np.sqrt(var[:, None] * var[None])))
    overlap = np.exp(-gap - shape)
    clash = np.einsum("i,j,ijk->k", w, w, overlap) - (w**2).sum()
    # Of two that tell as much, the one against B0, then the one with the lower voltage.
    # An end of a cell is asked for last: a sheet may lie on it.
    taps = point_taps(series)
    effort = 1e-3 * (black != 0) + 1e-5 * np.abs(taps[red] - taps[black]) + 2e-3 * (red > 2 * series + 1)
    return pairs[int((clash + effort).argmin())]
