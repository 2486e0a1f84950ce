"""Runs a pack: cells, network and heat together, in steps as long as the error allows."""

from collections.abc import Callable
from dataclasses import field

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.cell_model import (
    CellState,
    advanced,
    chord_ohm,
    gas_voltage,
    inner_voltage,
    lag_share,
    source_voltage,
)
from firmcell.core.leads.fuse_timing import opening_times
from firmcell.core.model.duty import NEVER_S
from firmcell.core.model.parts import Fuse
from firmcell.core.run.demand import Demand
from firmcell.core.run.pack_in_time import PackCurrents, PackInTime
from firmcell.core.run.run_result import EndedBy, RunResult

STEPS_S = (0.25, 0.5, 1.0, 2.0, 4.0, 8.0, 15.0, 30.0, 60.0, 120.0)
"""Lengths of step; of a fixed row, so that the factors of the heat can be used again, s."""
STEP_V, STEP_K, STEP_SHARE = 0.015, 0.5, 0.05
"""In one step a cell changes by no more than this: V, K, and share of its current."""
LONGEST_S = 400 * 3600.0
MOST_STEPS = 40_000
COARSE, FINE = 1.6, 0.6
"""A step that came out coarser is made again, half as long; after one finer than that the next is longer."""
PATIENCE = 6
"""After a step that was made again, so many pass before a longer one is tried."""
LITTLE_IT = 0.01
NEARLY_K = 0.01
EXACT_S = 0.02
"""When something ends a run is found to this, s."""


Asked = Callable[[float, float], float | None]
"""Tells the current from the open voltage of the pack and the resistance behind it; None if there is none."""


@frozen(eq=False)
class Moment:
    """A pack at one moment."""

    time_s: float
    cells: CellState
    kelvin: Array
    cell_a: Array
    cell_v: Array
    volts: float
    current_a: float
    fuse_used: float
    over_trip_s: float


class Run:
    """One run of a pack: what its cells and network do in a step, and what would end it."""

    def __init__(self, pack: PackInTime, ambient_k: float) -> None:
        self.pack, self.ambient_k = pack, ambient_k
        self.share = float(lag_share(ambient_k))
        self.currents = PackCurrents(pack.network, pack.strips)
        self.group_of = pack.groups - 1
        self.in_group = np.bincount(self.group_of)
        self._heat: dict[tuple[float, int], Callable[[Array], Array]] = {}
        self._outer: dict[int, Array] = {}
        self._last_heat: tuple[Moment | None, Array] = (None, np.zeros(0))
        self._last_fuse: tuple[float, float] = (0.0, NEVER_S)
        self.one_it = np.asarray(pack.traits.rated_as, dtype=float) / 3600.0

    # -- one moment ------------------------------------------------------------------------------------

    def solved(
        self, cells: CellState, kelvin: Array, before_a: Array, asked: Asked, soft_ohm: Array | float = 0.0
    ) -> tuple[Array, Array, float, float] | None:
        """Return current and voltage of each cell, voltage at the load and current; None if nothing can
        give what is asked. `asked` tells the current from the open voltage and the resistance behind it;
        with `soft_ohm` (n,) the voltage in each cell falls by so much for each ampere over `before_a`."""
        pack = self.pack
        gas = gas_voltage(pack.model, cells.charge, before_a / self.one_it, kelvin)
        inner = inner_voltage(pack.model, cells) - gas
        # It falls as a cell takes more: held fixed, cells side by side would hand the current to and fro.
        soft_ohm = soft_ohm + np.maximum(gas, 0.0) / np.maximum(-before_a, 1e-9)
        own = chord_ohm(pack.model, pack.traits, cells.charge, kelvin, before_a / self.one_it) / self.one_it
        inner, own = inner + soft_ohm * before_a, own + soft_ohm
        ohm = own + 2 * pack.joint_ohm
        given, share, open_v, behind = self.currents.solve(inner, ohm)
        current = asked(open_v, behind + pack.outside_ohm)
        if current is None:
            return None
        cell_a = given + share * current
        volts = open_v - current * (behind + pack.outside_ohm)
        return cell_a, inner - cell_a * own, volts, current

    def _outer_of(self, kelvin: Array) -> tuple[int, Array]:
        """Conductance to the air, for the outer cells' temperature in steps of 2 K."""
        mean = self.pack.lumps.surface_k(kelvin)
        step = round((mean - self.ambient_k) / 2)
        if step not in self._outer:
            at = self.ambient_k + max(step, 0) * 2.0
            self._outer[step] = self.pack.lumps.outer_conductance(at, self.ambient_k)
        return step, self._outer[step]

    def warmed(self, kelvin: Array, heat_w: Array, step_s: float) -> Array:
        """Return the temperatures after a step, by the middle of the step (second order, keeps the
        energy)."""
        step, outer = self._outer_of(kelvin)
        lumps = self.pack.lumps
        holds = 2 * lumps.capacity_j_k / step_s
        if (step_s, step) not in self._heat:
            if step_s not in STEPS_S:
                solve = lumps.solver(holds + outer)
            else:
                solve = self._heat[step_s, step] = lumps.solver(holds + outer)
        else:
            solve = self._heat[step_s, step]
        rise = kelvin - self.ambient_k
        return np.asarray(2 * solve(holds * rise + heat_w) - rise + self.ambient_k)

    def heat_of(self, cells: CellState, kelvin: Array, cell_a: Array, cell_v: Array) -> Array:
        """Return the heat of each cell with its joints, W."""
        model, own = self.pack.model, source_voltage(self.pack.model, cells, kelvin, self.share)
        gas_w = model.gas_w(cells.charge, cell_a / self.one_it, kelvin, self.one_it)
        return np.asarray(cell_a * (own - cell_v) + cell_a**2 * 2 * self.pack.joint_ohm + gas_w)

    def heat_at(self, m: Moment) -> Array:
        """Return the heat of each cell with its joints at a moment, W; asked for by the step after it and by
        what is kept."""
        if self._last_heat[0] is not m:
            self._last_heat = m, self.heat_of(m.cells, m.kelvin, m.cell_a, m.cell_v)
        return self._last_heat[1]

    def strips_w(self, cell_a: Array, cell_v: Array, volts: float, current_a: float) -> float:
        """Return what is lost in strips between the cells' joints and the pack's poles, W."""
        joints = float((cell_a**2 * 2 * self.pack.joint_ohm).sum())
        return float(cell_a @ cell_v) - joints - current_a * (volts + current_a * self.pack.outside_ohm)

    def _fuse_s(self, fuse: Fuse, current_a: float) -> float:
        """The shortest time the fuse lets a current through, s."""
        if self._last_fuse[0] != current_a:
            self._last_fuse = current_a, float(opening_times(fuse, current_a)[0])
        return self._last_fuse[1]

    # -- one step --------------------------------------------------------------------------------------

    def stepped(self, now: Moment, step_s: float, asked: Asked) -> tuple[Moment, float] | None:
        """Return the moment after a step and how coarse the step was (1 is just right); None if it
        collapses."""
        pack, one = self.pack, self.one_it
        self.currents.warm(now.kelvin, now.current_a)
        into = pack.strips.of_cell
        strips_w = self.strips_w(now.cell_a, now.cell_v, now.volts, now.current_a)
        heat0 = self.heat_at(now) + strips_w * into
        drained = self.drained(now.cell_v)
        before_it = (now.cell_a + drained) / one
        guess = advanced(pack.model, pack.traits, now.cells, before_it, now.kelvin, step_s)
        soft = self.soft_ohm(now, guess, before_it, step_s)
        first = self.solved(guess, now.kelvin, now.cell_a, asked, soft)
        if first is None:
            return None
        mean_a = (now.cell_a + first[0]) / 2
        heat1 = self.heat_of(guess, now.kelvin, first[0], first[1]) + self.strips_w(*first) * into
        kelvin = self.warmed(now.kelvin, (heat0 + heat1) / 2, step_s)
        mean_it, mean_k = (mean_a + drained) / one, (now.kelvin + kelvin) / 2
        cells = advanced(pack.model, pack.traits, now.cells, mean_it, mean_k, step_s)
        found = self.solved(cells, kelvin, first[0], asked, soft)
        if found is None:
            return None
        cell_a, cell_v, volts, current = found
        coarse = max(
            float(np.abs(cell_v - now.cell_v).max()) / STEP_V,
            float(np.abs(kelvin - now.kelvin).max()) / STEP_K,
            float(np.abs(cell_a - now.cell_a).max()) / (STEP_SHARE * max(float(np.abs(cell_a).max()), 0.05)),
        )
        used, over = now.fuse_used, now.over_trip_s
        limits = pack.limits
        if limits.fuse is not None:
            used += step_s / self._fuse_s(limits.fuse, abs(current))
        if limits.board_trip_a is not None:
            over = over + step_s if current > limits.board_trip_a else 0.0
        return Moment(now.time_s + step_s, cells, kelvin, cell_a, cell_v, volts, current, used, over), coarse

    def soft_ohm(self, now: Moment, after: CellState, it: Array, step_s: float) -> Array:
        """Return by how much each cell's inner voltage is lower at the end of a step for each ampere more at
        its end (n,), Ω. Without it cells side by side that swing against each other are followed by the past:
        where the resting voltage is steep in charge, they would hand current to and fro from step to step.
        """
        pack = self.pack
        more = advanced(pack.model, pack.traits, now.cells, it + LITTLE_IT, now.kelvin, step_s)
        fall = inner_voltage(pack.model, after) - inner_voltage(pack.model, more)
        # Half of it: the step is taken with the mean of the currents at its ends.
        return np.asarray(np.maximum(fall, 0.0) / (2 * LITTLE_IT * self.one_it))

    def groups_v(self, cell_v: Array) -> Array:
        """Return the mean voltage of each group, V."""
        return np.asarray(np.bincount(self.group_of, cell_v) / self.in_group)

    def margins(self, m: Moment) -> dict[EndedBy, float]:
        """Return how far each thing that may end the run is from doing so; negative once it has."""
        limits, found = self.pack.limits, {}
        group_v = self.groups_v(m.cell_v)
        if m.current_a > 0:
            if limits.load_least_v is not None:
                found[EndedBy.LOAD] = m.volts - limits.load_least_v
            found[EndedBy.CELL_EMPTY] = float(m.cell_v.min()) - limits.cell_least_v
            found[EndedBy.COLD_TO_GIVE] = float(m.kelvin.min()) - limits.cell_gives_from_k + NEARLY_K
            if limits.board_least_v is not None:
                found[EndedBy.BOARD_UNDER] = float(group_v.min()) - limits.board_least_v
        elif m.current_a < 0:
            if limits.board_most_v is not None:
                found[EndedBy.BOARD_OVER] = limits.board_most_v - float(group_v.max())
            if limits.cell_over_v is not None:
                found[EndedBy.CELL_OVER] = limits.cell_over_v - float(m.cell_v.max())
            found[EndedBy.TOO_COLD] = float(m.kelvin.min()) - limits.cell_least_k + NEARLY_K
        found[EndedBy.TOO_HOT] = limits.cell_most_k - float(m.kelvin.max())
        if limits.fuse is not None:
            found[EndedBy.FUSE] = 1.0 - m.fuse_used
        if limits.board_trip_a is not None:
            found[EndedBy.BOARD_TRIP] = max(limits.board_delay_s, 1e-3) - m.over_trip_s
        return found

    def ended_by(self, m: Moment) -> EndedBy | None:
        """Return what has ended the run at a moment, None if nothing has."""
        return next((by for by, left in self.margins(m).items() if left <= 0), None)

    def taken_up(self, m: Moment, asked: Asked) -> Moment | None:
        """Return the moment at which something else is asked at once; None if it cannot be given."""
        found = self.solved(m.cells, m.kelvin, m.cell_a, asked)
        found = found and self.solved(m.cells, m.kelvin, found[0], asked)
        if found is None:
            return None
        return Moment(m.time_s, m.cells, m.kelvin, *found, m.fuse_used, m.over_trip_s)

    def drained(self, cell_v: Array) -> Array | float:
        """Return what each cell gives beside the network (n,), A: nothing, unless a board balances."""
        return 0.0

    def where(self, by: EndedBy, m: Moment) -> int:
        """Return the cell or group that ended the run, 0 for none."""
        if by is EndedBy.CELL_EMPTY:
            return int(self.pack.numbers[m.cell_v.argmin()])
        if by is EndedBy.CELL_OVER:
            return int(self.pack.numbers[m.cell_v.argmax()])
        if by is EndedBy.TOO_HOT:
            return int(self.pack.numbers[m.kelvin.argmax()])
        if by is EndedBy.BOARD_UNDER:
            return int(self.groups_v(m.cell_v).argmin()) + 1
        if by is EndedBy.BOARD_OVER:
            return int(self.groups_v(m.cell_v).argmax()) + 1
        return 0


class Recorder:
    """Gathers moments, and the sums over the steps between them."""

    def __init__(self, run: Run) -> None:
        self.run, self.moments = run, list[Moment]()
        self.energy = self.charge = self.heat = self.drop = self.chemical = 0.0
        self._rates: tuple[float, ...] | None = None

    def take(self, m: Moment) -> None:
        """Add a moment; the one before it reaches to it in a straight line."""
        rates = self._rates_of(m)
        if self.moments and self._rates is not None:
            step = (m.time_s - self.moments[-1].time_s) / 2
            sums = [step * (a + b) for a, b in zip(rates, self._rates, strict=True)]
            self.energy += sums[0]
            self.charge += sums[1]
            self.heat += sums[2]
            self.drop += sums[3]
            self.chemical += sums[4]
        self._rates = rates
        self.moments.append(m)

    def jump(self, m: Moment) -> None:
        """Take up the state of a moment at which the demand has changed at once."""
        self._rates = self._rates_of(m)
        self.moments.append(m)

    def _rates_of(self, m: Moment) -> tuple[float, ...]:
        pack, model = self.run.pack, self.run.pack.model
        heat = float(self.run.heat_at(m).sum())
        own = source_voltage(model, m.cells, m.kelvin, self.run.share)
        strips = self.run.strips_w(m.cell_a, m.cell_v, m.volts, m.current_a)
        outside = m.current_a**2 * pack.outside_ohm
        power = m.volts * m.current_a
        # What is made into gas does not stay in the cells.
        one_it = self.run.one_it
        gas_w = model.gas_w(m.cells.charge, m.cell_a / one_it, m.kelvin, one_it)
        kept = float((m.cell_a * own).sum() + gas_w.sum())
        return power, m.current_a, heat, strips + outside, kept

    def result(self, by: EndedBy, at: int) -> RunResult:
        """Return everything of the run."""
        ms, pack = self.moments, self.run.pack
        charge = np.array([m.cells.charge for m in ms])
        kelvin = np.array([m.kelvin for m in ms])
        groups = np.array([self.run.groups_v(m.cell_v) for m in ms])
        return RunResult(
            numbers=pack.numbers,
            groups=pack.groups,
            time_s=np.array([m.time_s for m in ms]),
            voltage_v=np.array([m.volts for m in ms]),
            current_a=np.array([m.current_a for m in ms]),
            group_least_v=groups.min(axis=1),
            group_most_v=groups.max(axis=1),
            temperature_max_k=kelvin.max(axis=1),
            temperature_mean_k=kelvin.mean(axis=1),
            charge_min=charge.min(axis=1),
            charge_max=charge.max(axis=1),
            cell_charge=charge,
            cell_a=np.array([m.cell_a for m in ms]),
            cell_k=kelvin,
            energy_j=self.energy,
            delivered_as=self.charge,
            heat_j=self.heat,
            drop_j=self.drop,
            chemical_j=self.chemical,
            ended_by=by,
            ended_at=at,
        )


def current_for(value: float, watts: bool) -> Asked:
    """Return what tells the current for a current or a power asked, from open voltage and resistance."""
    if not watts:
        return lambda open_v, ohm: value

    def of_power(open_v: float, ohm: float) -> float | None:
        root = open_v * open_v - 4 * ohm * value
        return None if root < 0 else 2 * value / (open_v + float(np.sqrt(root)))

    return of_power


def start(run: Run, charge: Array, kelvin: Array, asked: Asked) -> Moment | None:
    """Return the first moment of a rested pack under what is asked."""
    cells = CellState.rested(charge)
    before = np.zeros(run.pack.count)
    # Strips as cool as their cells: they warm within seconds.
    run.currents.warm(kelvin, 0.0)
    found = None
    for _ in range(3):
        found = run.solved(cells, kelvin, before, asked)
        if found is None:
            return None
        before = found[0]
    assert found is not None
    return Moment(0.0, cells, kelvin, *found, 0.0, 0.0)


@frozen(eq=False)
class Play:
    """How a run goes on: what is asked when, and until when.

    Attributes
    ----------
    asked_at : what is asked from a moment on.
    next_change : when that changes next, s.
    lasts_s : when it is over, s.
    told : called with the least charge now and then; stops the run where it returns True.
    """

    asked_at: Callable[[float], Asked]
    next_change: Callable[[float], float]
    lasts_s: float
    told: Callable[[float], bool] = field(default=lambda charge: False)


def discharge(
    pack: PackInTime,
    demand: Demand,
    charge: float | Array,
    ambient_k: float,
    told: Callable[[float], bool] | None = None,
) -> RunResult:
    """Return the run of a rested pack under a demand until something ends it.

    Parameters
    ----------
    pack : PackInTime
        Of n cells.
    demand : Demand
        Out of the pack is positive; a negative value charges, as a vehicle that brakes does.
    charge : float or ndarray, shape (n,)
        State of charge at the start, 1 full.
    ambient_k : float
        Of the air, and of the pack at the start, K.
    told : callable, optional
        Called with the least charge now and then; stops the run where it returns True.

    Returns
    -------
    result : RunResult

    Notes
    -----
    Each step: currents at its start, cells and heat by them, currents at its end, cells and heat again by
    the mean (Heun); heat by the middle of the step. Its length keeps the change of voltage, temperature and
    current small. What ends the run is found by halving the last step.

    References
    ----------
    .. [1] plett
    """
    play = Play(
        lambda time_s: current_for(demand.at(time_s), demand.watts),
        demand.next_change,
        min(demand.lasts_s, LONGEST_S),
        told or (lambda least: False),
    )
    return played(Run(pack, ambient_k), play, charge)


def played(run: Run, play: Play, charge: float | Array) -> RunResult:
    """Return a run from a rested state at a charge."""
    n, pack = run.pack.count, run.pack
    full = np.broadcast_to(np.asarray(charge, dtype=float) * pack.full, (n,)).copy()
    if not pack.network.whole:
        return not_begun(run, charge, EndedBy.OPEN)
    asked = play.asked_at(0.0)
    now = start(run, full, np.full(n, run.ambient_k), asked)
    if now is None:
        return not_begun(run, charge, EndedBy.TOO_MUCH)
    kept = Recorder(run)
    kept.take(now)
    by = run.ended_by(now)
    size, count, patience = 2, 0, 0
    while by is None and now.time_s < play.lasts_s - 1e-9 and count < MOST_STEPS:
        count += 1
        until = play.next_change(now.time_s) - now.time_s
        step = min(STEPS_S[size], until)
        found = run.stepped(now, step, asked)
        if size and (found is None or found[1] > COARSE):
            size, patience = size - 1, PATIENCE
            continue
        if found is None:
            return kept.result(EndedBy.TOO_MUCH, 0)
        after, coarse = found
        by = run.ended_by(after)
        if by is not None:
            now, by = _exactly(run, now, step, asked)
            kept.take(now)
            break
        kept.take(after)
        now = after
        if step >= until - 1e-9:
            asked = play.asked_at(now.time_s)
            changed = run.taken_up(now, asked)
            if changed is None:
                return kept.result(EndedBy.TOO_MUCH, 0)
            now = changed
            kept.jump(now)
            by, size = run.ended_by(now), min(size, 2)
        elif coarse < FINE and size + 1 < len(STEPS_S) and patience <= 0:
            size += 1
        patience -= 1
        if count % 8 == 0 and play.told(float(now.cells.charge.min())):
            return kept.result(EndedBy.STOPPED, 0)
    if by is None:
        by = EndedBy.STOPPED if count >= MOST_STEPS else EndedBy.TIME
    return kept.result(by, run.where(by, now))


def _exactly(run: Run, now: Moment, step_s: float, asked: Asked) -> tuple[Moment, EndedBy]:
    """The moment at which the first of what may end the run does."""
    low, high, last, by = 0.0, step_s, now, EndedBy.TIME
    while high - low > EXACT_S:
        middle = (low + high) / 2
        found = run.stepped(now, middle, asked)
        ended = run.ended_by(found[0]) if found else EndedBy.TOO_MUCH
        if ended is None:
            low = middle
        else:
            high = middle
            if found is not None:
                last, by = found[0], ended
    if by is EndedBy.TIME:
        found = run.stepped(now, high, asked)
        assert found is not None
        last, by = found[0], run.ended_by(found[0]) or EndedBy.TIME
    return last, by


def not_begun(run: Run, charge: float | Array, by: EndedBy) -> RunResult:
    """Return a run that could not begin: the pack at rest, and what stands against it."""
    n, pack = run.pack.count, run.pack
    cells = CellState.rested(np.broadcast_to(np.asarray(charge, dtype=float) * pack.full, (n,)).copy())
    volts = pack.model.resting(cells.charge)
    pole = float(np.bincount(run.group_of, volts) @ (1 / run.in_group))
    kept = Recorder(run)
    kept.jump(Moment(0.0, cells, np.full(n, run.ambient_k), np.zeros(n), volts, pole, 0.0, 0.0, 0.0))
    return kept.result(by, 0)
