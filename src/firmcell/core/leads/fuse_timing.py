"""How long a fuse lets a current through, as a band, against what wire, strip and inrush stand."""

from functools import lru_cache

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import Frozen
from firmcell.core.leads.wire_rating import carriers
from firmcell.core.leads.wire_transient import seconds_to, stands_at_least
from firmcell.core.model.duty import NEVER_S, Duty
from firmcell.core.model.parts import Fuse, FuseKind, Strip, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.strip_heat import long_run_temperature, seconds_to_reach
from firmcell.core.physics.wire_in_time import withstand_k

BANDS: dict[FuseKind, tuple[tuple[float, float, float], ...]] = {
    FuseKind.BLADE: (
        (1.10, 3.6e5, NEVER_S),
        (1.35, 0.75, 600.0),
        (1.6, 0.25, 50.0),
        (2.0, 0.15, 5.0),
        (3.5, 0.04, 0.5),
        (6.0, 0.02, 0.1),
    ),
    FuseKind.BOLTED: (
        (1.10, 1.44e4, NEVER_S),
        (1.35, 120.0, 1800.0),
        (2.0, 1.0, 15.0),
        (3.5, 0.3, 5.0),
        (6.0, 0.1, 1.0),
    ),
    FuseKind.TUBE: (
        (1.10, 3.6e3, NEVER_S),
        (2.1, 0.10, 1800.0),
        (2.75, 0.01, 2.0),
        (4.0, 0.003, 0.3),
        (10.0, 0.0005, 0.02),
    ),
    FuseKind.BLOCK: (
        (1.10, 1.44e4, NEVER_S),
        (1.35, 30.0, 7200.0),
        (2.0, 2.0, 480.0),
        (3.0, 0.3, 20.0),
        (5.0, 0.03, 1.0),
        (10.0, 0.004, 0.03),
    ),
    FuseKind.BREAKER: (
        (1.05, 3.6e3, NEVER_S),
        (1.35, 60.0, 3600.0),
        (2.0, 10.0, 100.0),
        (3.0, 4.0, 30.0),
        (6.0, 0.8, 8.0),
    ),
}
"""Times in s between which one opens, by multiples of its rating. Blade as ISO 8820-3, bolted in the manner
of ISO 8820-5, ceramic tube as the quick-acting ones of IEC 60127-2, ceramic block in the manner of UL 248-15
(values from memory), kept wide; thermal breaker: generic class value."""
FIRST_MULTIPLE = {kind: band[0][0] for kind, band in BANDS.items()}
LEADS_TOGETHER = 2
STRIP_RISE_K = 150.0
"""A strip warmer than this over its cells melts wraps and sheet; engineering judgement."""
INRUSH_MARGIN = 2.0
"""A fuse must melt only at this times the I²t of the inrush, so that many of them do not age it; common
practice, no source."""


def opening_times(fuse: Fuse, current_a: ArrayLike) -> tuple[Array, Array]:
    """Return the shortest and longest time that a fuse lets a current through.

    Parameters
    ----------
    fuse : Fuse
    current_a : array_like
        A.

    Returns
    -------
    shortest, longest : ndarray
        s, in the shape of the current; `NEVER_S` where it holds for ever.

    Notes
    -----
    Between its points the band is straight on logarithmic scales; under the first one it holds for ever; past
    the last one I²t stays what it is there, as nothing leaves the element in that time.

    References
    ----------
    .. [1] iso-8820

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import BLADE
    >>> shortest, longest = opening_times(BLADE, [20.0, 40.0, 70.0])  # once, twice and 3.5 times its 20 A
    >>> bool(shortest[0] == longest[0] == NEVER_S)
    True
    >>> [round(float(t), 3) for t in (*shortest[1:], *longest[1:])]
    [0.15, 0.04, 5.0, 0.5]
    """
    multiple = np.maximum(np.asarray(current_a, dtype=float) / fuse.rating_a, 1e-9)
    points = np.array(BANDS[fuse.construction])
    at = np.log(points[:, 0])
    found = []
    for column in (1, 2):
        log_t = np.interp(np.log(multiple), at, np.log(points[:, column]))
        beyond = multiple > points[-1, 0]
        log_t = np.where(beyond, np.log(points[-1, column]) - 2 * (np.log(multiple) - at[-1]), log_t)
        found.append(np.where(multiple < points[0, 0], NEVER_S, np.exp(log_t)))
    return found[0], found[1]


def melting_i2t(fuse: Fuse) -> float:
    """Return the least I²t that opens a fuse quickly, from the short end of its band.

    Parameters
    ----------
    fuse : Fuse

    Returns
    -------
    i2t : float
        A²s.

    References
    ----------
    .. [1] iso-8820

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import BLADE
    >>> round(melting_i2t(BLADE), 6)  # six times 20 A for 0.02 s
    288.0
    """
    multiple, least, _ = BANDS[fuse.construction][-1]
    return (multiple * fuse.rating_a) ** 2 * least


SHORT_LIMITS_K = {"pvc": 433.15, "xlpe": 523.15, "silicone": 523.15, "ptfe": 533.15}
"""What insulation stands for a short circuit (IEC 60364-4-43: PVC 160 °C, XLPE 250 °C, for at most 5 s;
silicone and PTFE stand more, taken as little; values from memory)."""
SHORT_FOR_S = 5.0


def wire_times(
    wire: Wire,
    current_a: ArrayLike,
    loaded_a: float,
    limit_k: float,
    ambient_k: float,
    laying: WireLaying = WireLaying.FREE,
    together: int = 1,
    until_s: ArrayLike = NEVER_S,
) -> Array:
    """Return how long a wire stands a current before its insulation is damaged.

    Parameters
    ----------
    wire : Wire
    current_a, loaded_a : array_like, float
        A, and the steady current before it.
    limit_k, ambient_k : float
        What the insulation stands for years, and air, K.
    laying, together : WireLaying, int
        How it lies, and wires that carry the current side by side.
    until_s : array_like
        For each current or for all; what it stands longer need not be told apart from never, s.

    Returns
    -------
    time : ndarray
        s, in the shape of the current; `NEVER_S` at most.

    Notes
    -----
    By the transient of conductor and insulation (`seconds_to`): until `limit_k`; within the first five
    seconds until what the insulation stands in a short circuit, but no longer than k²S²/I², which begins hot.
    Only what may be damaged before `until_s` is followed: copper that loses nothing is sure to be quicker.

    References
    ----------
    .. [1] iec-60364-4-43

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> round(float(wire_times(WIRE, 1000.0, 0.0, 378.15, 303.15)), 4)  # (143 × 2 mm² / 1000 A)²
    0.0818
    """
    current = np.asarray(current_a, dtype=float)
    kind = (wire.insulation.split() or [""])[0].lower()
    short_k = max(SHORT_LIMITS_K.get(kind, SHORT_LIMITS_K["pvc"]), limit_k)
    asked, laid = np.maximum(current, 1e-9).ravel(), (ambient_k, laying, together)
    until = np.broadcast_to(until_s, current.shape).ravel()
    by_standard = (withstand_k(wire.insulation) * wire.area_m2 * 1e6 / asked) ** 2
    # Most currents are withstood for certain, and nothing has to be followed through time.
    years, once = (stands_at_least(wire, asked, loaded_a, k, *laid) for k in (limit_k, short_k))
    sure = _stands(years, once, by_standard)
    found, near = np.full(asked.shape, NEVER_S), ~(sure > until)
    if near.any():
        followed = np.maximum(until[near], 2 * SHORT_FOR_S)
        years, once = seconds_to(wire, asked[near], loaded_a, (limit_k, short_k), *laid, followed)
        found[near] = _stands(years, once, by_standard[near])
    return found.reshape(current.shape)


def _stands(years: Array, once: Array, by_standard: Array) -> Array:
    """How long until damage, s, by the times to the limits for years and for once, and by the standard."""
    damaged = np.maximum(np.minimum(np.minimum(once, by_standard), SHORT_FOR_S), years)
    # What is over the limit for years before the fault has no five seconds to its credit.
    return np.where(years <= 0, 0.0, damaged)


def strip_times(
    strip: Strip, layers: int, share: float, current_a: ArrayLike, loaded_a: float, ambient_k: float
) -> Array:
    """Return how long a strip stays under `STRIP_RISE_K` over the air at a current.

    Parameters
    ----------
    strip : Strip
    layers : int
    share : float
        Part of the pack's current that the strip carries, 0 to 1.
    current_a : array_like
        Of the pack, A.
    loaded_a : float
        Steady current of the pack that holds it where it starts, A.
    ambient_k : float
        K.

    Returns
    -------
    time : ndarray
        s, in the shape of the current; `NEVER_S` at most.

    Notes
    -----
    Resistance rises as it warms (`seconds_to_reach`).

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> half, whole = (float(strip_times(NICKEL, 1, share, 200.0, 0.0, 303.15)) for share in (0.5, 1.0))
    >>> bool(half > 4 * whole)  # twice the current, four times the heat, and less time to lose any
    True
    """
    part = max(share, 1e-9)
    start = float(long_run_temperature(strip, layers, part * loaded_a, ambient_k, down=True))
    current = np.asarray(current_a, dtype=float) * part
    limit = ambient_k + STRIP_RISE_K
    return np.minimum(seconds_to_reach(strip, layers, current, start, limit, ambient_k, True), NEVER_S)


class Protection(Frozen):
    """What a fuse protects, over all currents from its rating to the prospective short circuit.

    Attributes
    ----------
    slow_from_a, slow_to_a : currents at which it may open later than the wire stands; None where it never
        does.
    strip_from_a : least current at which it may open later than the strip stands, or None.
    short_s : longest time to open at the prospective short circuit.
    peak_s : how long it holds the peak for certain.
    inrush_share : I²t of the inrush over what melts it, with the margin; above 1 it may blow or age.
    """

    slow_from_a: float | None
    slow_to_a: float | None
    strip_from_a: float | None
    short_s: float
    peak_s: float
    inrush_share: float


CURRENT_STEP, POINTS_AT_ONCE = 1.03, 32
"""Currents that fuse and wire are held against each other at, each so many times the one before, and how many are
worked out at once: they do not depend on the pack, so that an edit of it does not work them out anew."""


def _points_to(fuse: Fuse, short_a: float) -> int:
    """How many currents there are up to the first that is not below a short circuit."""
    first = fuse.rating_a * FIRST_MULTIPLE[fuse.construction]
    last = max(short_a, 1.2 * fuse.rating_a)
    return max(int(np.ceil(np.log(last / first) / np.log(CURRENT_STEP) - 1e-9)), 0) + 1


@lru_cache(maxsize=64)
def _held_against(
    fuse: Fuse, wire: Wire, laying: WireLaying, ambient_k: float, loaded_a: float, share: float, points: int
) -> tuple[Array, Array, Array]:
    """Currents (points,), A, the longest the fuse takes at each and how long the wire stands its share, s."""
    current = fuse.rating_a * FIRST_MULTIPLE[fuse.construction] * CURRENT_STEP ** np.arange(points)
    _, longest = opening_times(fuse, current)
    # Each current is followed until the fuse has opened for certain, and no longer.
    until = np.where(longest < NEVER_S, longest, 0.0)
    limit_k = wire.insulation_limit_k
    stands = wire_times(wire, current / share, loaded_a, limit_k, ambient_k, laying, LEADS_TOGETHER, until)
    return np.asarray(current), longest, stands


def protection(
    fuse: Fuse,
    wire: Wire,
    laying: WireLaying,
    strip: tuple[Strip, int, float],
    duty: Duty,
    ambient_k: float,
    short_a: float,
    inrush_i2t: float,
    parallel: int = 1,
) -> Protection:
    """Return whether `fuse` opens before the wire's insulation and the strip are damaged.

    Parameters
    ----------
    fuse : Fuse
    wire : Wire
    laying : WireLaying
        How it lies, two together.
    strip : tuple
        Strip, layers and its share of the pack current.
    duty : Duty
        The load.
    ambient_k : float
        Air, K.
    short_a : float
        Prospective short circuit, A.
    inrush_i2t : float
        Of plugging in, A²s.
    parallel : int
        Leads of each pole side by side.

    Notes
    -----
    Damage of the wire is its insulation's limit, not the temperature the design asks for: that is for years,
    this for once.
    """
    share = carriers(parallel)
    loaded = duty.lasting_a / share
    points = _points_to(fuse, short_a)
    kept = -(-points // POINTS_AT_ONCE) * POINTS_AT_ONCE
    every, opens, wire_stands = _held_against(fuse, wire, laying, ambient_k, loaded, share, kept)
    current, longest, stands = every[:points], opens[:points], wire_stands[:points]
    # Where the fuse holds for ever there is no time to compare; that its rating is not above the wire's limit
    # is asked apart.
    known = longest < NEVER_S
    slow = known & (longest > stands)
    burnt = known & (longest > strip_times(*strip, current, duty.lasting_a, ambient_k))
    at = np.flatnonzero(slow)
    return Protection.model_construct(
        slow_from_a=float(current[at[0]]) if len(at) else None,
        # The last current looked at is the first beyond the short circuit.
        slow_to_a=float(min(current[at[-1]], max(short_a, current[at[0]]))) if len(at) else None,
        strip_from_a=float(current[np.flatnonzero(burnt)[0]]) if burnt.any() else None,
        short_s=float(opening_times(fuse, short_a)[1]),
        peak_s=float(opening_times(fuse, duty.peak_a)[0]),
        inrush_share=INRUSH_MARGIN * inrush_i2t / melting_i2t(fuse),
    )
