"""A practice pack: true voltages with a hidden fault, read with a simulated meter; for the trainer, the
stand-in and the tests."""

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.tap_check.diagnosis import PackAsked, Reading
from firmcell.core.tap_check.doctor import LOOSE_TO_V
from firmcell.core.tap_check.faults import Fault, FaultKind, FaultTable, single_faults, together
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

    def _above(self, node: int) -> bool:
        return self.open_node > 0 and (node > self.open_node or (node == self.open_node and self.upper))

    def true_volts(self, black: int, red: int) -> float | None:
        """Return the voltage from `black` to `red` (pins 0 to S, strips from S + 1), or None where nothing
        joins them."""
        s = self.asked.series
        a, b = (int(self.node[p]) if p <= s else p - s - 1 for p in (black, red))
        if a < 0 or b < 0 or self._above(a) != self._above(b):
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


def practice_pack(asked: PackAsked, row: int, seed: int, second: int | None = None) -> PracticePack:
    """Return a pack with fault number `row` of `faults_of(asked)`, and with `second` a second one; the same
    for a seed."""
    dice = np.random.default_rng(seed)
    t = faults_of(asked)
    one = t.take(np.array([row])) if second is None else together(t, np.array([row]), np.array([second]))
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
        dice.normal(0, FLOAT_SD_V, 2 * asked.series + 2),
        seed,
    )


def hidden_fault(asked: PackAsked, seed: int) -> PracticePack:
    """Return a pack to practise on: every sixth is sound, the rest have one fault, each kind as often."""
    dice = np.random.default_rng((seed, 99))
    t = faults_of(asked)
    if dice.integers(6) == 0:
        return practice_pack(asked, 0, seed)
    kinds = sorted({f[0].kind for f in t.faults if f[0].kind is not FaultKind.RIGHT})
    kind = kinds[int(dice.integers(len(kinds)))]
    rows = [n for n, f in enumerate(t.faults) if f[0].kind is kind]
    return practice_pack(asked, int(dice.choice(rows)), seed)


@frozen
class Score:
    """How a fault was found: points of 100, and why, in words."""

    points: int
    found: bool
    dangerous_miss: bool
    words: str


def score(pack: PracticePack, named: FaultKind, readings: int) -> Score:
    """Return the score for naming a kind of fault after so many readings.

    A sound name gets 100 points, less 4 for each reading over what the tap doctor would have needed (every
    pin once, for a sound pack). A dangerous fault called right gets nothing, whatever else.
    """
    kinds = {f.kind for f in pack.faults} or {FaultKind.RIGHT}
    truth = " and ".join(f.words for f in pack.faults) or "nothing is wrong"
    par = needed_readings(pack)
    dangerous = any(f.dangerous for f in pack.faults)
    if named in kinds:
        points = max(100 - 4 * max(readings - par, 0), 20)
        return Score(points, True, False, f"Yes: {truth}. {readings} readings; {par} would do.")
    if named is FaultKind.RIGHT and dangerous:
        return Score(
            0,
            False,
            True,
            f"The board would be gone: {truth}. Never call it right before every pin is read and rises by one cell.",
        )
    return Score(10 if named is not FaultKind.RIGHT else 0, False, False, f"No: {truth}.")


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
