"""What can be wrong with taps and groups: every single fault and how two go together, as plain tables."""

from dataclasses import replace
from enum import StrEnum
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.model.chemistry import FACTS, Chemistry

Whole = NDArray[np.intp]
MOST_SERIES = 32


class FaultKind(StrEnum):
    """Kinds of fault, and none."""

    RIGHT = "right"
    SWAPPED = "two taps exchanged"
    SHIFTED = "taps shifted"
    MIRRORED = "plug mirrored"
    MISSING = "lead missing or broken"
    WRONG_PAD = "lead on the wrong face"
    REVERSED = "group reversed"
    OPEN_LINK = "series link open"
    WEAK = "weak group"
    EMPTY = "empty group"
    METER = "meter leads exchanged"
    CHEMISTRY = "other chemistry"
    COUNT = "other series count"


DANGEROUS = frozenset(FaultKind) - {FaultKind.RIGHT, FaultKind.WEAK, FaultKind.METER}
"""With any of these the board must not be plugged in, or would not protect."""

PRIOR = {
    FaultKind.RIGHT: 0.5,
    FaultKind.SWAPPED: 0.13,
    FaultKind.SHIFTED: 0.08,
    FaultKind.MIRRORED: 0.04,
    FaultKind.MISSING: 0.08,
    FaultKind.WRONG_PAD: 0.05,
    FaultKind.REVERSED: 0.02,
    FaultKind.OPEN_LINK: 0.03,
    FaultKind.WEAK: 0.04,
    FaultKind.EMPTY: 0.015,
    FaultKind.METER: 0.03,
    FaultKind.CHEMISTRY: 0.005,
    FaultKind.COUNT: 0.01,
}
"""How often each kind is met when somebody asks; engineering judgement, no source. They only matter where
readings leave it open."""
NEIGHBOURS_MORE = 6.0
"""Neighbouring taps are exchanged this much more often than others; engineering judgement."""
PAIR_PRIOR = 0.2
"""Two faults at once, against what two independent ones would be met with; engineering judgement."""


@frozen
class Fault:
    """One fault: its kind and where, by pins, groups, nodes or what the kind needs."""

    kind: FaultKind
    at: tuple[int, ...] = ()
    chemistry: Chemistry | None = None

    @property
    def dangerous(self) -> bool:
        """Whether plugging in with it can do harm."""
        return self.kind in DANGEROUS

    @property
    def cut(self) -> int:
        """Of an open link: the tap after which the metal is cut, all that readings at taps can tell."""
        node, upper = self.at
        return node - 1 if upper else node

    @property
    def told_apart(self) -> tuple[object, ...]:
        """What readings can tell of it: of an open link only between which taps the metal is cut."""
        at = (self.cut,) if self.kind is FaultKind.OPEN_LINK else self.at
        return self.kind, tuple(sorted(at)) if self.kind is FaultKind.SWAPPED else at, self.chemistry

    @property
    def words(self) -> str:
        """What is wrong, in plain words."""
        a = self.at
        match self.kind:
            case FaultKind.RIGHT:
                return "every tap in order"
            case FaultKind.SWAPPED:
                return f"the leads of B{a[0]} and B{a[1]} are exchanged"
            case FaultKind.SHIFTED:
                way = "up" if a[1] > 0 else "down"
                many = "one place" if abs(a[1]) == 1 else f"{abs(a[1])} places"
                whole = "all leads sit" if a[0] == 0 else f"from B{a[0]} on the leads sit"
                return f"{whole} {many} too far {way}"
            case FaultKind.MIRRORED:
                return "the plug is the wrong way round: the row runs backwards"
            case FaultKind.MISSING:
                return f"the lead of B{a[0]} is missing or broken"
            case FaultKind.WRONG_PAD:
                return f"the lead of B{a[0]} is joined to B{a[0] + a[1]}'s metal, on the other face"
            case FaultKind.REVERSED:
                return f"group {a[0]} is the wrong way round"
            case FaultKind.OPEN_LINK:
                group = self.cut + 1
                return f"a link at one end of group {group} is open; probes on the ends of its own cells tell which"
            case FaultKind.WEAK:
                return f"group {a[0]} stands lower than the others"
            case FaultKind.EMPTY:
                return f"group {a[0]} is empty or dead"
            case FaultKind.METER:
                return "the meter's leads are exchanged"
            case FaultKind.CHEMISTRY:
                assert self.chemistry is not None
                return f"the cells read like {FACTS[self.chemistry].label.lower()}"
            case _:
                return f"the pack has {a[0]} groups in series"

    @property
    def placed_words(self) -> str:
        """The same, once readings at the ends of cells tell which end of a group is open."""
        if self.kind is not FaultKind.OPEN_LINK:
            return self.words
        node, upper = self.at
        side = node if upper else node + 1
        return f"the link at B{node} is open: the end of group {side} at B{node} does not hang on its metal"

    @property
    def refs(self) -> tuple[str, ...]:
        """What to light on the picture."""
        a = self.at
        match self.kind:
            case FaultKind.SWAPPED:
                return tuple(f"tap:{n}" for n in a)
            case FaultKind.MISSING | FaultKind.WRONG_PAD | FaultKind.SHIFTED:
                return (f"tap:{a[0]}",)
            case FaultKind.REVERSED | FaultKind.WEAK | FaultKind.EMPTY:
                return (f"group:{a[0]}",)
            case FaultKind.OPEN_LINK:
                return (f"group:{self.cut + 1}",)
            case _:
                return ()


@frozen(eq=False)
class FaultTable:
    """Many faults side by side, (h,) each, P = series + 1 pins, groups numbered from 0 in columns.

    Attributes
    ----------
    source : which lead is in each pin (h, P); −1 is none.
    shift : how far from its own node each pin's lead is joined (h, P).
    sign : of each group (h, g); −1 reversed.
    lives : whether a group has the common voltage (h, g); 0 is empty.
    offset_v, var_v2 : of each group besides, V and V² (h, g).
    open_node : node that is open (h,); 0 is none.
    upper : whether the tap there is on the upper side (h,).
    meter : sign of all readings (h,).
    mean_v, sd_v : of the common voltage (h,).
    log_prior : (h,).
    """

    faults: tuple[tuple[Fault, ...], ...]
    source: Whole
    shift: Whole
    sign: Array
    lives: Array
    offset_v: Array
    var_v2: Array
    open_node: Whole
    upper: NDArray[np.bool_]
    meter: Array
    mean_v: Array
    sd_v: Array
    log_prior: Array

    def take(self, rows: Whole) -> "FaultTable":
        """Return some rows."""
        return FaultTable(
            tuple(self.faults[r] for r in rows.tolist()),
            *(getattr(self, name)[rows] for name in _COLUMNS),
        )

    def alike(self, row: int) -> bytes:
        """What of a row readings at pins can see: rows that are alike in it cannot be told apart."""
        cut = np.where(self.open_node[row] > 0, self.open_node[row] - self.upper[row], -1)
        seen = (self.node[row], self.sign[row], self.lives[row], self.offset_v[row], self.meter[row])
        return b"".join(np.asarray(a, dtype=float).tobytes() for a in (*seen, cut, self.mean_v[row]))

    @property
    def node(self) -> Whole:
        """The node each pin's lead is joined to (h, P); −1 is none."""
        return np.where(self.source < 0, -1, self.source + self.shift)


_COLUMNS = (
    "source",
    "shift",
    "sign",
    "lives",
    "offset_v",
    "var_v2",
    "open_node",
    "upper",
    "meter",
    "mean_v",
    "sd_v",
    "log_prior",
)
WEAK_V, WEAK_SD_V = -0.45, 0.22
EMPTY_V, EMPTY_SD_V = 0.25, 0.35
REST = {Chemistry.LI_ION: (3.70, 0.18), Chemistry.LFP: (3.29, 0.035), Chemistry.LTO: (2.35, 0.12)}
"""Where groups of a chemistry usually rest, mean and standard deviation in V; generic class values."""


@lru_cache(maxsize=64)
def single_faults(
    series: int, now_v: float, now_sd_v: float, scatter_v: float, chemistry: Chemistry
) -> FaultTable:
    """Return "right" and every single fault of a pack of `series` groups.

    Parameters
    ----------
    series : int
        2 to 32.
    now_v, now_sd_v : float
        What a group stands at, and how well that is known, V.
    scatter_v : float
        Standard deviation between groups, V.
    chemistry : Chemistry
        That the pack should have.
    """
    pins, groups = series + 1, series + 2
    rows = _faults(series, chemistry)
    h = len(rows)
    identity = np.arange(pins)
    t = FaultTable(
        faults=tuple((f,) for f in rows),
        source=np.tile(identity, (h, 1)),
        shift=np.zeros((h, pins), dtype=np.intp),
        sign=np.ones((h, groups)),
        lives=np.ones((h, groups)),
        offset_v=np.zeros((h, groups)),
        var_v2=np.full((h, groups), scatter_v**2),
        open_node=np.zeros(h, dtype=np.intp),
        upper=np.zeros(h, dtype=bool),
        meter=np.ones(h),
        mean_v=np.full(h, now_v),
        sd_v=np.full(h, now_sd_v),
        log_prior=np.log(_priors(rows, series)),
    )
    for row, fault in enumerate(rows):
        _enter(t, row, fault, series)
    return t


def _faults(series: int, chemistry: Chemistry) -> list[Fault]:
    k = FaultKind
    rows = [Fault(k.RIGHT)]
    rows += [Fault(k.SWAPPED, (i, j)) for i in range(series + 1) for j in range(i + 1, series + 1)]
    # Shifted up the last lead is left over; one from the last pin on is the same as that lead missing.
    rows += [
        Fault(k.SHIFTED, (p, s))
        for p in range(series)
        for s in (-2, -1, 1, 2)
        if abs(s) < series and p + s >= 0
    ]
    rows.append(Fault(k.MIRRORED))
    rows += [Fault(k.MISSING, (p,)) for p in range(series + 1)]
    rows += [Fault(k.WRONG_PAD, (p, s)) for p in range(series + 1) for s in (-1, 1) if 0 <= p + s <= series]
    rows += [Fault(k.REVERSED, (g,)) for g in range(1, series + 1)]
    rows += [Fault(k.OPEN_LINK, (n, side)) for n in range(1, series) for side in (0, 1)]
    rows += [Fault(k.WEAK, (g,)) for g in range(1, series + 1)]
    rows += [Fault(k.EMPTY, (g,)) for g in range(1, series + 1)]
    rows.append(Fault(k.METER))
    rows += [Fault(k.CHEMISTRY, (), c) for c in REST if c is not chemistry and chemistry in REST]
    rows += [Fault(k.COUNT, (n,)) for n in (series - 1, series + 1) if n >= 1]
    return rows


def _priors(rows: list[Fault], series: int) -> Array:
    weight = np.array(
        [NEIGHBOURS_MORE if f.kind is FaultKind.SWAPPED and f.at[1] - f.at[0] == 1 else 1.0 for f in rows]
    )
    kinds = [f.kind for f in rows]
    whole = {k: sum(w for w, other in zip(weight, kinds, strict=True) if other is k) for k in set(kinds)}
    return np.array([PRIOR[k] * w / whole[k] for w, k in zip(weight, kinds, strict=True)])


def _enter(t: FaultTable, row: int, fault: Fault, series: int) -> None:
    """Write one fault into its row."""
    a, pins = fault.at, np.arange(series + 1)
    match fault.kind:
        case FaultKind.SWAPPED:
            t.source[row, [a[0], a[1]]] = a[1], a[0]
        case FaultKind.SHIFTED:
            moved = pins + np.where(pins >= a[0], a[1], 0)
            t.source[row] = np.where((moved >= 0) & (moved <= series), moved, -1)
        case FaultKind.MIRRORED:
            t.source[row] = pins[::-1]
        case FaultKind.MISSING:
            t.source[row, a[0]] = -1
        case FaultKind.WRONG_PAD:
            t.shift[row, a[0]] = a[1]
        case FaultKind.REVERSED:
            t.sign[row, a[0] - 1] = -1
        case FaultKind.OPEN_LINK:
            t.open_node[row], t.upper[row] = a[0], bool(a[1])
        case FaultKind.WEAK:
            t.offset_v[row, a[0] - 1] = WEAK_V
            t.var_v2[row, a[0] - 1] += WEAK_SD_V**2
        case FaultKind.EMPTY:
            t.lives[row, a[0] - 1], t.offset_v[row, a[0] - 1] = 0.0, EMPTY_V
            t.var_v2[row, a[0] - 1] = EMPTY_SD_V**2
        case FaultKind.METER:
            t.meter[row] = -1.0
        case FaultKind.CHEMISTRY:
            assert fault.chemistry is not None
            t.mean_v[row], t.sd_v[row] = REST[fault.chemistry]
        case FaultKind.COUNT:
            t.source[row, series] = series
            t.shift[row, series] = a[0] - series
        case _:
            pass


def together(table: FaultTable, first: Whole, second: Whole) -> FaultTable:
    """Return pairs of faults: row `first[k]` with the leads then taken to the plug as row `second[k]`
    says."""
    return combined(table.take(first), table.take(second), table)


def combined(a: FaultTable, b: FaultTable, table: FaultTable) -> FaultTable:
    """Return the faults of each row of `b` on top of those of the same row of `a`; `table` is that of the
    single faults."""
    source = np.where(b.source < 0, -1, np.take_along_axis(a.source, np.maximum(b.source, 0), axis=1))
    shift = np.take_along_axis(a.shift, np.maximum(b.source, 0), axis=1) + b.shift
    nodes = table.sign.shape[1] - 1
    shift = np.clip(shift, -np.maximum(source, 0), nodes - np.maximum(source, 0))
    return replace(
        a,
        faults=tuple((*x, *y) for x, y in zip(a.faults, b.faults, strict=True)),
        source=source,
        shift=shift,
        sign=a.sign * b.sign,
        lives=a.lives * b.lives,
        offset_v=np.where(np.abs(b.offset_v) > 0, b.offset_v, a.offset_v),
        var_v2=np.maximum(a.var_v2, b.var_v2),
        open_node=np.maximum(a.open_node, b.open_node),
        upper=np.where(b.open_node > a.open_node, b.upper, a.upper),
        meter=a.meter * b.meter,
        mean_v=np.where(b.sd_v != table.sd_v[0], b.mean_v, a.mean_v),
        sd_v=np.where(b.sd_v != table.sd_v[0], b.sd_v, a.sd_v),
        log_prior=a.log_prior
        + b.log_prior
        - 2 * table.log_prior[0]
        + np.log(PAIR_PRIOR)
        + table.log_prior[0],
    )
