"""What lies in the way of the current, through a run: how warm wires, contacts and strips get."""

from itertools import pairwise

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.leads.connectors import contact_temperature, contact_time_constant
from firmcell.core.leads.wire_transient import Wires
from firmcell.core.model.parts import Connector, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import CELSIUS_20
from firmcell.core.run.run_result import RunResult
from firmcell.core.run.strips_in_run import warmed
from firmcell.core.strips.under_load import UnderLoad

LONGEST_STEP_S = 15.0
"""A wire's temperature is followed in steps no longer than this, s."""


@frozen(eq=False)
class Conductor:
    """Something in the way of the current, through a run of k moments.

    Attributes
    ----------
    name : in the words of the trade, such as “main leads”.
    kelvin : of its hottest place at each moment (k,), K.
    limit_k : that it may have, K.
    where : of each moment (k,), which piece is the hottest, if there are several.
    """

    name: str
    kelvin: Array
    limit_k: float
    where: tuple[str, ...] = ()

    @property
    def hottest(self) -> int:
        """The moment at which it is hottest."""
        return int(self.kelvin.argmax())

    @property
    def hottest_k(self) -> float:
        """Its highest temperature, K."""
        return float(self.kelvin[self.hottest])

    def over_from(self, result: RunResult) -> float | None:
        """Return when it first is hotter than it may be, s; None if it never is."""
        over = np.flatnonzero(self.kelvin > self.limit_k)
        return float(result.time_s[over[0]]) if len(over) else None


def mean_square(current_a: Array) -> Array:
    """Return the root of the mean square of each stretch between moments, the current being straight between.

    Parameters
    ----------
    current_a : ndarray, shape (k,)
        A.

    Returns
    -------
    current : ndarray, shape (k − 1,)
        A.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> mean_square(np.array([3.0, 3.0, 0.0])).round(4).tolist()  # √((9 + 0 + 0)/3)
    [3.0, 1.7321]
    """
    a, b = current_a[:-1], current_a[1:]
    return np.asarray(np.sqrt((a * a + a * b + b * b) / 3))


def wire_through(
    wire: Wire, laying: WireLaying, together: int, ambient_k: float, time_s: Array, current_a: Array
) -> Array:
    """Return the temperature of a wire's conductor at each moment, starting as warm as the air.

    Parameters
    ----------
    wire : Wire
    laying : WireLaying
    together : int
        Wires in the bundle.
    ambient_k : float
        K.
    time_s, current_a : ndarray, shape (k,)
        s, and through one wire, A.

    Returns
    -------
    temperature : ndarray, shape (k,)
        K.

    Notes
    -----
    Conductor and insulation in shells, as `hottest_in_duty` has them.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> long = wire_through(WIRE, WireLaying.FREE, 1, 303.15, np.array([0.0, 7200.0]), np.array([20.0, 20.0]))
    >>> settled = Wires([WIRE], 303.15, WireLaying.FREE, 1).settled(np.array([20.0]))[0, 0]
    >>> bool(abs(long[-1] - settled) < 0.5)
    True
    """
    laid = Wires([wire], ambient_k, laying, together)
    kelvin = np.full((1, len(laid.capacity[0])), ambient_k)
    found = [ambient_k]
    for (start, end), current in zip(pairwise(time_s.tolist()), mean_square(np.abs(current_a)), strict=True):
        steps = max(int(np.ceil((end - start) / LONGEST_STEP_S)), 1)
        for _ in range(steps if end > start else 0):
            kelvin = laid.step(kelvin, np.array([current]), np.array([(end - start) / steps]))
        found.append(float(kelvin[0, 0]))
    return np.array(found)


def contact_through(connector: Connector, ambient_k: float, time_s: Array, current_a: Array) -> Array:
    """Return the temperature of a connector's contacts at each moment, starting as warm as the air.

    Parameters
    ----------
    connector : Connector
    ambient_k : float
        K.
    time_s, current_a : ndarray, shape (k,)
        s, A.

    Returns
    -------
    temperature : ndarray, shape (k,)
        K; first order in time.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> long = contact_through(PLUG, 303.15, np.array([0.0, 9000.0]), np.array([20.0, 20.0]))
    >>> round(float(long[-1]) - 303.15, 3)  # half the rating, a quarter of 80 K
    20.0
    """
    constant, rise, found = contact_time_constant(connector), 0.0, [0.0]
    for seconds, current in zip(np.diff(time_s), mean_square(np.abs(current_a)), strict=True):
        goes_to = contact_temperature(connector, float(current), ambient_k) - ambient_k
        rise = goes_to + (rise - goes_to) * float(np.exp(-seconds / constant))
        found.append(rise)
    return ambient_k + np.array(found)


def strips_through(metal: UnderLoad, result: RunResult) -> tuple[Array, tuple[str, ...]]:
    """Return the temperature of the hottest place of all strips and plates at each moment (k,), K, and which
    segment it is in.

    What a segment is warmer than its cells goes with the square of the pack's current and with its own
    resistance; it follows within seconds, and is taken to do so at once.
    """
    segments = metal.figures.segments
    if not segments:
        return result.temperature_max_k, ("",) * len(result.time_s)
    place = {n: k for k, n in enumerate(result.numbers.tolist())}
    at = np.array([[place[n] for n in s.cells] for s in segments], dtype=np.intp)
    coefficient = {kind: strip.temperature_coefficient_per_k for kind, (strip, _) in metal.strips.items()}
    square = (result.current_a / max(metal.current_a, 1e-9)) ** 2
    solved_k = np.array([s.in_place_k for s in segments])
    per_k = np.array([coefficient[s.kind] for s in segments])
    kelvin = warmed(
        (result.cell_k[:, at[:, 0]] + result.cell_k[:, at[:, 1]]) / 2,
        square[:, None] * metal.own_k,
        solved_k,
        per_k / (1 + per_k * (solved_k - CELSIUS_20)),
    )
    hottest = kelvin.argmax(axis=1)
    return kelvin[np.arange(len(kelvin)), hottest], tuple(segments[n].id for n in hottest.tolist())
