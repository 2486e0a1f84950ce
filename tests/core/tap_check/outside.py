"""Miswired packs as a net of resistors and sources, and a meter, written apart from the program: nothing of
`firmcell.core.tap_check` is used here.

Nodes are the metal between groups; each lead runs from a node to a pin through a resistance. What a meter of 10 MΩ shows
between two points is solved from the net. Voltages and habits of builders are invented within what is common.
"""

from dataclasses import dataclass, field

import numpy as np

METER_OHM, STRAY_OHM = 10e6, 1e11
GOOD_LEAD, GOOD_LINK = 0.1, 0.001
EMPTY_V, FULL_V, SPREAD_V = 2.5, 4.25, 0.13
PINS_AGAINST_B0 = 15


@dataclass
class Pack:
    """One pack as it really is, with everything that may be wrong."""

    groups: np.ndarray
    """Of each group, V."""
    joined_to: list[int]
    """Node of each pin; several packs have more nodes than pins."""
    lead_ohm: np.ndarray
    link_ohm: np.ndarray
    """Between group k and group k + 1, Ω."""
    upper: set[int] = field(default_factory=set)
    """Nodes whose lead is on the upper side of the link, where it is open."""
    plugged: bool = False
    """A board in the plug: 300 kΩ from pin to pin."""
    sag_v: float = 0.0
    stray_v: np.ndarray | None = None

    def __post_init__(self) -> None:
        n, pins = len(self.groups), len(self.joined_to)
        # Point 0 is the minus of group 1; each group has a plus; each link a second side.
        self.low = [0] + [2 * k for k in range(1, n)]
        self.high = [2 * k + 1 for k in range(n)]
        size = 2 * n + pins
        self.pin_at = [2 * n + p for p in range(pins)]
        g = np.zeros((size, size))
        push = np.zeros(size)

        def join(a: int, b: int, ohm: float, volts: float = 0.0) -> None:
            """From a to b through a source of `volts` (b above a) and a resistance."""
            y = 1 / ohm
            g[a, a] += y
            g[b, b] += y
            g[a, b] -= y
            g[b, a] -= y
            push[b] += volts * y
            push[a] -= volts * y

        for k in range(n):
            join(self.low[k], self.high[k], 0.01, float(self.groups[k]) - self.sag_v)
        for k in range(n - 1):
            join(self.high[k], self.low[k + 1], float(self.link_ohm[k]))
        for p, node in enumerate(self.joined_to):
            join(self.strip(node), self.pin_at[p], float(self.lead_ohm[p]))
        if self.plugged:
            for p in range(pins - 1):
                join(self.pin_at[p], self.pin_at[p + 1], 300e3)
        stray = self.stray_v if self.stray_v is not None else np.zeros(size)
        for at in range(size):
            g[at, at] += 1 / STRAY_OHM
            push[at] += float(stray[at % len(stray)]) / STRAY_OHM
        self.across = np.linalg.inv(g)
        self.open_v = self.across @ push

    def strip(self, node: int) -> int:
        """The point of a node's metal on which its lead is: below the link, or above it."""
        n = len(self.groups)
        if node <= 0:
            return 0
        if node >= n:
            return self.high[n - 1]
        return self.low[node] if node in self.upper else self.high[node - 1]

    def point(self, number: int) -> int:
        """Pins first, then the metal of each tap point, then the lower end of each group's cells, then the upper."""
        pins = len(self.joined_to)
        n = pins - 1
        if number < 2 * pins:
            return self.pin_at[number] if number < pins else self.strip(number - pins)
        # Who looks for a group that is not there takes the last one for it.
        group = min((number - 2 * pins) % n, len(self.groups) - 1)
        return (self.low if number < 2 * pins + n else self.high)[group]

    def volts(self, black: int, red: int, meter_ohm: float = METER_OHM) -> float:
        """What an ideal display shows from one point to another with that resistance across."""
        a, b = self.point(black), self.point(red)
        inner = self.across[a, a] + self.across[b, b] - 2 * self.across[a, b]
        return float((self.open_v[b] - self.open_v[a]) * meter_ohm / (meter_ohm + inner))


@dataclass
class OwnMeter:
    """6000 counts, 0.5 % + 2 digits: one calibration a range, and digits anew for each reading."""

    gains: np.ndarray
    dice: np.random.Generator
    exchanged: bool = False
    least_range: int = 0
    slip: str = ""
    slip_at: int = 0
    drift_v: float = 0.0
    taken: int = 0

    def read(self, pack: Pack, black: int, red: int) -> float:
        true = pack.volts(black, red) * (-1 if self.exchanged else 1)
        self.taken += 1
        true += self.drift_v * self.taken * (red - black)
        ranged = max(sum(abs(true) >= top for top in (6.0, 60.0)), self.least_range)
        place = 10.0 ** (ranged - 3)
        shown = round((true * (1 + self.gains[ranged]) + self.dice.uniform(-2, 2) * place) / place) * place
        shown = round(shown, 3)
        return self.typed(shown, ranged) if self.slip and (black, red) == (0, self.slip_at) else shown

    def typed(self, volts: float, ranged: int) -> float:
        if self.slip == "point":
            return round(volts / 10, 3) if self.dice.integers(2) else volts * 10
        if self.slip == "sign":
            return -volts
        digits = list(f"{abs(volts):.{3 - ranged}f}")
        places = [n for n in range(len(digits) - 1) if digits[n] != "." and digits[n + 1] != "."]
        n = int(self.dice.choice(places))
        digits[n], digits[n + 1] = digits[n + 1], digits[n]
        return float("".join(digits)) * (1 if volts >= 0 else -1)


def visible(pack: Pack, series: int, exchanged: bool = False) -> bool:
    """Whether a perfect meter sees something that is not in order: from pin to pin, or against B0 on the pins below 60 V.

    Against B0 a poor contact pulls a reading down by the meter's own 10 MΩ; that counts from 0.2 V on.
    """
    sign = -1 if exchanged else 1
    steps = np.array([sign * pack.volts(n - 1, n) for n in range(1, series + 1)])
    against = np.diff([0.0] + [sign * pack.volts(0, n) for n in range(1, min(series, PINS_AGAINST_B0) + 1)])
    for some, apart in ((steps, SPREAD_V), (against, 0.2)):
        if some.min() < EMPTY_V or some.max() > FULL_V or np.abs(some - np.median(some)).max() > apart:
            return True
    return False


KINDS = (
    "sound", "swapped", "swapped far", "three in a ring", "shifted", "shifted two", "mirrored", "lead missing",
    "two leads missing", "other face", "two faces off", "group reversed", "two groups reversed", "link open",
    "link open above", "link leaks", "empty group", "deep group", "group over full", "five of another chemistry",
    "one strange cell", "lead 10 kΩ", "lead 100 kΩ", "lead 1 MΩ", "lead missing, plugged in", "two groups between taps",
    "a group and a dead one", "a group too few", "meter exchanged", "meter exchanged, mirrored", "coarse range, odd group",
    "point slipped", "digits exchanged", "sign slipped", "odd group, slip", "under load", "drifting", "low above 60 V",
    "high above 60 V", "pole left over", "swapped and open", "reversed and missing", "shifted and empty",
)  # fmt: skip
HARMLESS = {
    "sound",
    "meter exchanged",
    "point slipped",
    "digits exchanged",
    "sign slipped",
    "under load",
    "drifting",
}
"""With these the pack itself is sound; saying so is no danger."""


def made(kind: str, series: int, seed: int) -> tuple[Pack, OwnMeter]:
    """A pack of `series` groups as drawn with one kind of fault, and the meter that its readings are taken with."""
    dice = np.random.default_rng((seed, series, KINDS.index(kind)))
    common = dice.uniform(3.52, 4.1) if kind != "under load" else 3.7
    groups = common + dice.normal(0, 0.020, series)
    pins = list(range(series + 1))
    extra: list[float] = []
    meter = OwnMeter(dice.uniform(-0.005, 0.005, 3), dice)
    leads = np.full(series + 1, GOOD_LEAD)
    links = np.full(series + 2, GOOD_LINK)
    upper: set[int] = set()
    more: dict[str, object] = {}
    at = int(dice.integers(1, series + 1))
    inner = int(dice.integers(1, series)) if series > 1 else 1
    odd = dice.choice([dice.uniform(2.55, 3.2), dice.uniform(4.3, 4.6)])

    def swap(a: int, b: int) -> None:
        pins[a], pins[b] = pins[b], pins[a]

    def shift(by: int) -> None:
        start = int(dice.integers(0, series))
        for p in range(start, series + 1):
            pins[p] = p + by
            if not 0 <= p + by <= series:
                leads[p], pins[p] = 1e12, p

    match kind:
        case "swapped" | "swapped and open":
            swap(at - 1, at)
            if kind == "swapped and open":
                links[inner - 1] = 1e12
        case "swapped far":
            a, b = sorted(dice.choice(series + 1, 2, replace=False).tolist())
            swap(a, b)
        case "three in a ring":
            a, b, c = dice.choice(series + 1, 3, replace=False).tolist() if series > 1 else (0, 1, 1)
            pins[a], pins[b], pins[c] = pins[b], pins[c], pins[a]
        case "shifted" | "shifted and empty":
            shift(int(dice.choice([-1, 1])))
            if kind == "shifted and empty":
                groups[at - 1] = dice.uniform(0.0, 1.0)
        case "shifted two":
            shift(int(dice.choice([-2, 2])))
        case "mirrored" | "meter exchanged, mirrored":
            pins = pins[::-1]
            meter.exchanged = kind != "mirrored"
        case "lead missing" | "reversed and missing":
            leads[at] = 1e12
            if kind == "reversed and missing":
                groups[int(dice.integers(series))] *= -1
        case "two leads missing":
            leads[dice.choice(series + 1, 2, replace=False)] = 1e12
        case "lead missing, plugged in":
            leads[at], more["plugged"] = 1e12, True
        case "other face":
            pins[at] = at - 1 if at == series or dice.integers(2) else at + 1
        case "two faces off":
            pins[at] = at - 2 if at >= 2 else min(at + 2, series)
            if pins[at] == at:
                pins[at] = 0
        case "group reversed":
            groups[at - 1] *= -1
        case "two groups reversed":
            groups[dice.choice(series, min(2, series), replace=False)] *= -1
        case "link open":
            links[inner - 1] = 1e12
        case "link open above":
            links[inner - 1] = 1e12
            upper = {inner}
        case "link leaks":
            links[inner - 1] = 10 ** dice.uniform(4, 7)
        case "empty group":
            groups[at - 1] = dice.uniform(0.0, 1.5)
        case "deep group":
            groups[at - 1] = dice.uniform(1.5, 2.4)
        case "group over full":
            groups[at - 1] = dice.uniform(4.27, 4.7)
        case "five of another chemistry":
            groups[dice.choice(series, min(5, series), replace=False)] = 3.29 + dice.normal(
                0, 0.01, min(5, series)
            )
        case "one strange cell":
            groups[at - 1] = odd
        case "lead 10 kΩ" | "lead 100 kΩ" | "lead 1 MΩ":
            leads[at] = {"lead 10 kΩ": 1e4, "lead 100 kΩ": 1e5, "lead 1 MΩ": 1e6}[kind]
        case "two groups between taps":
            extra = [float(common)]
            pins = [p if p < at else p + 1 for p in range(series + 1)]
        case "a group and a dead one":
            extra = [float(common)]
            pins = [p if p < at else p + 1 for p in range(series + 1)]
            groups[at - 1] = dice.uniform(0.0, 0.8)
        case "a group too few":
            groups = groups[: series - 1]
            pins = [p if p < at else p - 1 for p in range(series + 1)]
        case "meter exchanged":
            meter.exchanged = True
        case "coarse range, odd group":
            meter.least_range = int(dice.integers(1, 3))
            groups[at - 1] = common + dice.choice([-1, 1]) * dice.uniform(0.15, 0.4)
        case "point slipped" | "digits exchanged" | "sign slipped" | "odd group, slip":
            meter.slip = {"point slipped": "point", "sign slipped": "sign"}.get(kind, "digits")
            meter.slip_at = at
            if kind == "odd group, slip":
                groups[int(dice.integers(series))] = odd
        case "under load":
            more["sag_v"] = float(dice.uniform(0.2, 0.6))
        case "drifting":
            meter.drift_v = float(dice.choice([-1, 1]) * 0.0005)
        case "low above 60 V" | "high above 60 V":
            over = max(int(60 / common), 1)
            if series > over:
                groups[int(dice.integers(over, series))] = (
                    dice.uniform(2.55, 3.1) if kind == "low above 60 V" else dice.uniform(4.3, 4.6)
                )
        case "pole left over":
            extra = [float(common)]
    if extra:
        groups = np.insert(groups, at if kind != "pole left over" else series, extra)
    size = 2 * len(groups) + series + 1
    pack = Pack(
        groups, pins, leads, links[: len(groups) - 1], upper, stray_v=dice.normal(0, 0.05, size), **more
    )  # type: ignore[arg-type]
    return pack, meter
