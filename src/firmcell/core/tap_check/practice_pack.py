"""A practice pack: true voltages with a hidden fault, read with a simulated meter; for the trainer, the
stand-in and the tests."""

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.tap_check.diagnosis import PackAsked, Reading
from firmcell.core.tap_check.doctor import LOOSE_TO_V
from firmcell.core.tap_check.faults import Fault, FaultKind, FaultTable, combined, single_faults
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.points import point_count, point_taps
from firmcell.core.tap_check.ruling import rule_on

FLOAT_SD_V = 0.06
PRACTICE_COMMON_SD_V = 0.03


@frozen(eq=False)
class PracticePack:
    """One pack as it really is.

    Attributes
    ----------
    asked : what the drawing says it is.
    faults : what is wrong with it.
    volts : of the nodes (S + 3,) against the lowest, V.
    node : of each pin (S + 1,); −1 floats.
    open_node, upper : an open node, and whether the tap there is above it; 0 is none.
    meter_sign : −1 with the meter's leads exchanged.
    gains : calibration of the meter's three ranges.
    floats_at : what a floating point shows, V, by point.
    seed : number of the pack.
    """

    asked: PackAsked
    faults: tuple[Fault, ...]
    volts: Array
    node: NDArray[np.intp]
    open_node: int
    upper: bool
    meter_sign: float
    gains: Array
    floats_at: Array
    seed: int

    def _metal(self, point: int) -> tuple[int, bool]:
        """The node a point is on, −1 for none, and whether that is above the open link."""
        s = self.asked.series
        node = int(self.node[point]) if point <= s else int(point_taps(s)[point])
        # At the open node itself: ends of the group below are below, of the group above are above.
        upper = self.upper if point <= 2 * s + 1 else point <= 3 * s + 1
        return node, self.open_node > 0 and (node > self.open_node or (node == self.open_node and upper))

    def true_volts(self, black: int, red: int) -> float | None:
        """Return the voltage from `black` to `red` (see `points`), or None where nothing joins them."""
        (a, a_above), (b, b_above) = self._metal(black), self._metal(red)
        if a < 0 or b < 0 or a_above != b_above:
            return None
        return float(self.volts[b] - self.volts[a])

    def read(self, black: int, red: int) -> float:
        """Return what the meter shows between two points, V; the same again for the same points."""
        return self._shown(((black, red),))[0]

    def _shown(self, points: tuple[tuple[int, int], ...]) -> list[float]:
        """What the meter shows between pairs of points, each with a throw of its own."""
        meter, true, off = self.asked.meter, [], []
        for black, red in points:
            volts = self.true_volts(black, red)
            true.append(float(self.floats_at[red] - self.floats_at[black]) if volts is None else volts)
            off.append(np.random.default_rng((self.seed, black, red)).uniform(-meter.digits, meter.digits))
        return [float(v) for v in meter.shows(self.meter_sign * np.array(true), self.gains, off)]

    def readings(self) -> list[Reading]:
        """Return every pin against pin B0, in order."""
        points = tuple((0, pin) for pin in range(1, self.asked.series + 1))
        return [Reading(*at, volts) for at, volts in zip(points, self._shown(points), strict=True)]


def faults_of(asked: PackAsked) -> FaultTable:
    """Return "right" and every single fault of a pack."""
    return single_faults(asked.series, asked.now_v, LOOSE_TO_V, asked.scatter_v, asked.cell.chemistry)


def practice_pack(asked: PackAsked, row: int, seed: int, *more: int) -> PracticePack:
    """Return a pack with fault number `row` of `faults_of(asked)`, and with those of `more` on top; the same
    for a seed."""
    dice = np.random.default_rng(seed)
    t = faults_of(asked)
    one = t.take(np.array([row]))
    for other in more:
        one = combined(one, t.take(np.array([other])), t)
    chemistry = any(f.kind is FaultKind.CHEMISTRY for f in one.faults[0])
    common = (
        dice.normal(one.mean_v[0], one.sd_v[0])
        if chemistry
        else dice.normal(asked.now_v, PRACTICE_COMMON_SD_V)
    )
    own = dice.normal(0, 1, one.sign.shape[1]) * np.sqrt(one.var_v2[0])
    groups = one.sign[0] * (one.lives[0] * common + one.offset_v[0] + own)
    accuracy = asked.meter.accuracy
    return PracticePack(
        asked,
        tuple(f for f in one.faults[0] if f.kind is not FaultKind.RIGHT),
        np.concatenate([[0.0], np.cumsum(groups)]),
        one.node[0],
        int(one.open_node[0]),
        bool(one.upper[0]),
        float(one.meter[0]),
        dice.uniform(-accuracy, accuracy, 3),
        dice.normal(0, FLOAT_SD_V, point_count(asked.series)),
        seed,
    )


def hidden_fault(
    asked: PackAsked, seed: int, most: int = 1, weak: Mapping[str, float] | None = None
) -> PracticePack:
    """Return a pack to practise on: every sixth is sound, others have one to `most` faults.

    Parameters
    ----------
    asked : PackAsked
    seed : int
        The same pack for the same seed, `most` and `weak`.
    most : int
        1 to 3.
    weak : mapping, optional
        How much one is in need of practice in a kind, by its value, 0 to 1; such kinds come more often.
    """
    dice = np.random.default_rng((seed, 99))
    t = faults_of(asked)
    if dice.integers(6) == 0:
        return practice_pack(asked, 0, seed)
    kinds = sorted({f[0].kind for f in t.faults if f[0].kind is not FaultKind.RIGHT})
    often = np.array([1.0 + 4.0 * (weak or {}).get(kind.value, 0.0) for kind in kinds])
    count = 1 if most <= 1 else int(dice.integers(1, min(most, 3) + 1))
    chosen = dice.choice(len(kinds), count, replace=False, p=often / often.sum())
    rows = [
        int(dice.choice([n for n, f in enumerate(t.faults) if f[0].kind is kinds[k]]))
        for k in chosen.tolist()
    ]
    return practice_pack(asked, rows[0], seed, *rows[1:])


HINT_COSTS, READING_COSTS = 10, 4
"""Points for a hint, and for a reading over what the tap doctor would have needed."""
RIGHT_KIND, WRONG_NAME = 50, 15
"""Points for the right kind in the wrong place, and for a name that is wrong and yet keeps the plug out."""


@frozen
class Score:
    """How a fault was found.

    Attributes
    ----------
    points : of 100.
    found : whether every fault was named, with its place.
    dangerous_miss : whether the plug would have gone in on a dangerous pack.
    words : why.
    kinds : points by kind of what was hidden, for one's own record.
    """

    points: int
    found: bool
    dangerous_miss: bool
    words: str
    kinds: tuple[tuple[str, int], ...] = ()


def same_fault(a: Fault, b: Fault) -> bool:
    """Whether two faults are one: which side of an open link a tap is on cannot be told."""
    return a.told_apart == b.told_apart


def score(pack: PracticePack, named: Sequence[Fault], readings: Sequence[Reading], hints: int = 0) -> Score:
    """Return the score for naming faults, each with its place; none is “right”.

    Missed danger weighs most: nothing, whatever else was found, if what is named would let the plug go in, as
    a reversed group called weak. Right called before the readings can show it scores nothing either. Hints
    and readings over what the tap doctor would have needed cost points.
    """
    hidden = pack.faults
    truth = " and ".join(f.words for f in hidden) or "nothing is wrong"
    par, count = needed_readings(pack), len({(r.black, r.red) for r in readings})
    costs = HINT_COSTS * hints + READING_COSTS * max(count - par, 0)
    if any(f.dangerous for f in hidden) and not any(f.dangerous for f in named):
        said = " and ".join(f.words for f in named) or "right"
        words = f"The board would be gone: {truth}. You said: {said}."
        return Score(0, False, True, words, tuple((f.kind.value, 0) for f in hidden))
    if not named and rule_on(readings, pack.asked).proof.verdict is not Verdict.RIGHT and not hidden:
        words = "Nothing is wrong, but your readings do not show it: right is said once every group is known."
        return Score(0, False, False, words)
    if not hidden:
        points = max(100 - costs, 20) if not named else WRONG_NAME
        words = f"Yes: {truth}. {count} readings; {par} would do." if not named else f"No: {truth}."
        return Score(points, not named, False, words)
    each = [
        100
        if any(same_fault(f, n) for n in named)
        else RIGHT_KIND
        if any(f.kind is n.kind for n in named)
        else WRONG_NAME
        for f in hidden
    ]
    found = min(each) == 100 and len(named) == len(hidden)
    whole = sum(each) // len(each) - 20 * max(len(named) - len(hidden), 0)
    points = max(whole - costs, 20 if found else 0)
    start = (
        "Yes"
        if found
        else "The kind, not the place"
        if max(each) == RIGHT_KIND
        else "Partly"
        if max(each) == 100
        else "No"
    )
    would = f"{par} would do" if par <= 2 * pack.asked.series + 2 else "the tap doctor would not be sure yet"
    words = f"{start}: {truth}. {count} readings; {would}."
    if hints:
        words += f" {hints} hint{'s' if hints > 1 else ''}."
    return Score(
        points, found, False, words, tuple((f.kind.value, e) for f, e in zip(hidden, each, strict=True))
    )


def told_by(pack: PracticePack, readings: Sequence[Reading]) -> list[float]:
    """Return how likely the truth was, by the doctor, after each reading: what each of them told.

    Parameters
    ----------
    pack : PracticePack
    readings : sequence of Reading
        In the order in which they were taken.

    Returns
    -------
    likely : list of float
        0 to 1.

    References
    ----------
    .. [1] bayes

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> one = practice_pack(PackAsked(3, CELL, 3.6), 0, 1)
    >>> told_by(one, [])
    []
    """
    found = []
    for number in range(1, len(readings) + 1):
        doctor = rule_on(readings[:number], pack.asked).doctor
        found.append(
            sum(
                s.probability
                for s in (doctor.suspicions if doctor else ())
                if _all_same([f for f in s.faults if f.kind is not FaultKind.RIGHT], pack.faults)
            )
        )
    return found


def _all_same(some: Sequence[Fault], others: Sequence[Fault]) -> bool:
    return len(some) == len(others) and all(any(same_fault(a, b) for b in others) for a in some)


def weak_kinds(history: Sequence[tuple[str, int]]) -> dict[str, float]:
    """Return how much practice each kind is in need of.

    Parameters
    ----------
    history : sequence of (str, int)
        Kind and points of 100 of each score, oldest first.

    Returns
    -------
    weak : dict
        By kind, 0 to 1: by its last scores.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> weak_kinds([("weak group", 100), ("group reversed", 0), ("group reversed", 50)])
    {'weak group': 0.0, 'group reversed': 0.75}
    """
    last: dict[str, list[int]] = {}
    for kind, points in history:
        last.setdefault(kind, []).append(points)
    return {kind: 1 - sum(some[-RECENT:]) / (100 * len(some[-RECENT:])) for kind, some in last.items()}


RECENT = 5
"""So many scores of a kind tell how one does in it."""


def needed_readings(pack: PracticePack) -> int:
    """Return how many readings the tap doctor takes to decide, asking each time for the one it proposes."""
    taken: list[Reading] = []
    following: tuple[int, int] | None = (0, 1)
    pins = pack.asked.series
    for number in range(1, 3 * pins + 6):
        if number <= pins:
            following = (0, number)
        if following is None:
            break
        taken.append(Reading(*following, pack.read(*following)))
        ruling = rule_on(taken, pack.asked)
        if ruling.decided:
            return number
        following = ruling.proof.next_reading
    return len(taken)
