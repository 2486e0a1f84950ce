"""The metal under load: current, heat and temperature of every segment, joint and cell of the real layout."""

from dataclasses import replace
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.steady_trace import heat_over_ohmic
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design, JudgedBy, Lie
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.model.parts import Strip
from firmcell.core.physics import strip_heat as strip_limit
from firmcell.core.physics.resistor_network import Network, Solution, solve
from firmcell.core.physics.wire_heat import resistance_at
from firmcell.core.strips.current_shares import one_lead_ohm
from firmcell.core.strips.heat_envelope import Surroundings, Wrapping, envelope_of
from firmcell.core.strips.joints import joint_k_per_w, joint_resistances
from firmcell.core.strips.load_figures import CellLoad, Segment, UnderLoadFigures
from firmcell.core.strips.made_of import metal_of, ohms_per_metre
from firmcell.core.strips.network import Metalwork, metalwork, open_node
from firmcell.core.strips.pack_heat import (
    PackLumps,
    fin_conductance,
    fin_limit,
    fin_middle_rise,
    pack_lumps,
    run_temperatures,
    steady_temperatures,
)
from firmcell.core.strips.plate_sheets import SheetLoad, plate_sheets
from firmcell.core.strips.runs import StripKind, StripRun, facing_down, metal_runs, span_metres
from firmcell.core.strips.sheet_bands import SheetBands

SETTLED_K = 0.05


MOST_PASSES = 12


@frozen(eq=False)
class UnderLoad:
    """Everything kept of one pack's metal for further questions (failures, other loads, pictures).

    Attributes
    ----------
    work : the network at working temperature.
    runs : its pieces.
    kinds, span_lengths_m : of each span of strip (m,).
    strips : metal and layers of each kind there is.
    bands : of the plates; their segments come after those of the spans.
    state : at the steady current, cells alike in voltage.
    lumps : of the cells.
    cell_k : steady temperature of each cell (n,), K.
    doubled : numbers of the cells with twice the welds.
    joint_ohm : of the joint on one pad of each cell (n,), part of what it has in the network, Ω.
    joint_k : how much hotter than the cells the joints at the ends of each span of strip are (m,), K.
    down : whether each span of strip looks down (m,).
    own_k : how much warmer than its cells each segment is by its own heat and that of its joints, K; of the
        spans, then of the bands (s,). Between cells warmer than the air it is in truth a little less.
    """

    layout: Layout
    runs: tuple[StripRun, ...]
    work: Metalwork
    kinds: tuple[StripKind, ...]
    strips: dict[StripKind, tuple[Strip, int]]
    span_lengths_m: Array
    bands: SheetBands
    state: Solution
    lumps: PackLumps
    cell_k: Array
    current_a: float
    joint_ohm: Array
    doubled: tuple[int, ...]
    joint_k: Array
    down: Array
    own_k: Array
    figures: UnderLoadFigures

    @property
    def network(self) -> Network:
        """The network at working temperature."""
        return self.work.network


def cell_resistances(design: Design) -> Array:
    """Return the resistance of every cell (n,), Ω: as measured where it was, of its class otherwise."""
    count = design.cell_count
    ohms = np.full(count, design.cell.resistance_ohm)
    for number, measured in enumerate(design.measured_ohm[:count]):
        if measured > 0:
            ohms[number] = measured
    return ohms


def solve_under_load(design: Design, layout: Layout, run_time_s: float) -> UnderLoad:
    """Return currents, heat and temperatures of the whole pack at the steady current of its brief.

    Parameters
    ----------
    design : Design
    layout : Layout
        Of the design.
    run_time_s : float
        How long it runs from full, s; for the temperature at the end of a run.
    """
    design = design.as_made
    brief, insulation = design.brief, design.insulation
    walls = sum(
        s.wall_m / s.recovered_ratio for s in (insulation.sleeve, insulation.cross_sleeve) if s is not None
    )
    sheets = insulation.sheet_m + insulation.tape_m + walls
    return _metal_state(
        _Matter(
            layout,
            design,
            Wrapping(sheets, insulation.foam_m),
            Surroundings(brief.stands, design.arrangement.lie, brief.box_m),
            brief.duty.lasting_a,
            brief.ambient_max_k,
            round(run_time_s, 1),
        )
    )


@frozen
class _Matter:
    """Just what the metal reads, compared by its parts."""

    layout: Layout
    design: Design
    wrapping: Wrapping
    where: Surroundings
    current_a: float
    ambient_k: float
    run_time_s: float

    def key(self) -> tuple[object, ...]:
        d = self.design
        return (
            id(self.layout),
            d.joining,
            d.cell,
            d.measured_ohm,
            d.leads.wire,
            d.leads.length_m,
            self.wrapping,
            self.where,
            self.current_a,
            self.ambient_k,
            self.run_time_s,
        )

    def __hash__(self) -> int:
        return hash(self.key())

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _Matter) and self.key() == other.key()


@lru_cache(maxsize=16)
def _metal_state(matter: _Matter) -> UnderLoad:
    return _Worker(matter).result()


class _Worker:
    def __init__(self, matter: _Matter) -> None:
        design, layout = matter.design, matter.layout
        self.matter, self.design, self.layout = matter, design, layout
        self.joining, self.cell = design.joining, design.cell
        self.joint_ohm = joint_resistances(layout, design.joining)
        lead_ohm = one_lead_ohm(layout, design.joining, design.leads)
        self.runs = metal_runs(layout, self.joining)
        self.cell_ohm = cell_resistances(design)
        self.cold = ohms_per_metre(layout, self.joining)
        sheets = plate_sheets(layout, self.joining, self.cell, self.runs)
        self.work = metalwork(layout, self.runs, self.cold, self.cell_ohm, self.joint_ohm, lead_ohm, sheets)
        kinds = [self.runs[place].kind for place, _ in self.work.spans]
        self.kinds = tuple(kinds)
        there = {*kinds, *(self.runs[place].kind for place in sheets)}
        self.strips = {kind: metal_of(layout, self.joining, kind) for kind in there}
        lengths = [span_metres(run) for run in self.runs]
        self.length = np.array([lengths[place][number] for place, number in self.work.spans])
        by_kind = {k: self._metal(k) for k in set(kinds)}
        columns = np.array([by_kind[k] for k in kinds]).reshape(-1, 5)
        self.section, self.conduction, self.width, self.coefficient, self.ohm_per_m = columns.T
        place = {c.number: n for n, c in enumerate(layout.cells)}
        self.ends = np.array(
            [
                [place[self.runs[r].cells[e]] for e in self.runs[r].spans[number]]
                for r, number in self.work.spans
            ],
            dtype=np.intp,
        ).reshape(-1, 2)
        plate = metal_of(layout, self.joining, StripKind.PLATE)
        standing = matter.where.lie is Lie.STANDING
        self.bands = SheetBands(self.work, self.runs, place, *plate, standing)
        faces = [self.runs[r].face for r, _ in self.work.spans]
        self.down = np.array([facing_down(face, standing) for face in faces], dtype=bool)
        self.all_ends = np.vstack([self.ends, self.bands.ends])
        by_plates, plates_w_k = self.bands.conducting(place)
        pairs = np.vstack([self.ends, by_plates])
        conducts = np.concatenate([self.conduction / np.maximum(self.length, 1e-4), plates_w_k])
        mass = (float((self.section * self.length).sum()) + self.bands.metal_m3) * 8500
        envelope = envelope_of(layout, self.cell, matter.wrapping, matter.where)
        self.lumps = pack_lumps(layout, self.cell, envelope, pairs, conducts, mass)

    def _metal(self, kind: StripKind) -> tuple[float, float, float, float, float]:
        strip, layers = self.strips[kind]
        section = strip.section_m2 * layers
        return (
            section,
            strip.conductivity_w_m_k * section,
            strip.width_m,
            strip.temperature_coefficient_per_k,
            self.cold[kind],
        )

    def result(self) -> UnderLoad:
        current, ambient = self.matter.current_a, self.matter.ambient_k
        network, warm = self.work.network, np.full(len(self.length), 293.15)
        strips, cold = slice(len(self.length)), network.ohm
        plates_k = np.full(len(self.work.sheets), 293.15)
        cell_k = np.full(len(self.layout.cells), ambient)
        passes, settled = 0, False
        more = heat_over_ohmic(self.cell, current / self.design.parallel, self._seconds())
        while passes < MOST_PASSES and not settled:
            passes += 1
            ohm_per_m = resistance_at(self.ohm_per_m, 1.0, 0.0) * (1 + self.coefficient * (warm - 293.15))
            ohm = self.bands.resistors(cold, plates_k)
            ohm[strips] = np.maximum(self.length * ohm_per_m, 1e-9)
            network = replace(self.work.network, ohm=ohm)
            state = solve(network, 0.0, current)
            load = self.bands.load(state, plates_k)
            segment_w = np.concatenate([(state.current_a**2 * network.ohm)[strips], load.heat_w])
            heat = state.cell_a**2 * (network.cell_ohm + (more - 1.0) * self.cell_ohm)
            np.add.at(heat, self.all_ends[:, 0], segment_w / 2)
            np.add.at(heat, self.all_ends[:, 1], segment_w / 2)
            if passes <= 2:
                # Strips make so little of the heat that the cells' temperature does not change after that.
                cell_k = self._end_of_run(heat)
            ends_k = cell_k[self.ends].mean(axis=1)
            joints_k, plate_joints_k = self._joints_k(state, segment_w)
            loss = fin_conductance(self.width, np.maximum(warm, ends_k), ambient, self.down)
            ends_rise = ends_k + joints_k - ambient
            rise = fin_middle_rise(
                state.current_a[strips], ohm_per_m, self.length, self.conduction, loss, ends_rise
            )
            new = np.clip(ambient + rise, ambient, RUNAWAY_K)
            plate_ends_k = cell_k[self.bands.ends] + plate_joints_k
            new_k = self.bands.working_k(load, plate_ends_k)
            moved = np.abs(np.concatenate([new - warm, new_k - plates_k]))
            settled = bool(moved.max(initial=0.0) < SETTLED_K)
            warm, plates_k = new, new_k
        work = replace(self.work, network=network)
        joints = joints_k, plate_joints_k
        figures = self._figures(network, state, cell_k, joints, warm, plates_k, heat, passes, settled)
        return UnderLoad(
            self.layout,
            self.runs,
            work,
            self.kinds,
            self.strips,
            self.length,
            self.bands,
            state,
            self.lumps,
            cell_k,
            current,
            self.joint_ohm,
            self.joining.doubled,
            joints_k,
            self.down,
            self._own_k(state, network.ohm[strips], loss, joints, load),
            figures,
        )

    def _joints_k(self, state: Solution, segment_w: Array) -> tuple[Array, Array]:
        """How much hotter the metal at the joints is than the cells: mean of both ends of each span of strip
        (m,), and both ends of each band of plate (b, 2), K. Half of what a joint makes goes through it."""
        network, spans = self.work.network, len(self.length)
        ends = np.vstack([network.ends[:spans], self.bands.nodes])
        joint_w = state.cell_a**2 * self.joint_ohm / 2
        at = np.concatenate([ends.ravel(), network.cell_ends.ravel()])
        through = np.bincount(at, np.repeat(np.concatenate([segment_w / 2, joint_w]), 2), network.nodes)
        rise = np.asarray(through * joint_k_per_w(self.joining), dtype=float)
        return np.asarray(rise[ends[:spans]].mean(axis=1)), rise[self.bands.nodes]

    def _own_k(
        self, state: Solution, ohm: Array, loss: Array, joints_k: tuple[Array, Array], load: SheetLoad
    ) -> Array:
        """How much warmer than cells as cool as the air each segment would be, spans then bands (s,), K."""
        current = state.current_a[: len(ohm)]
        ohm_per_m = ohm / np.maximum(self.length, 1e-9)
        spans = fin_middle_rise(current, ohm_per_m, self.length, self.conduction, loss, joints_k[0])
        return np.concatenate([spans, joints_k[1].max(axis=1, initial=0.0) + load.rise_k])

    def _limits(self, ends_k: Array, joints_k: Array) -> tuple[Array, Array]:
        limit, ambient = self.cell.temperature_max_k, self.matter.ambient_k
        long_run, in_place = np.zeros(len(self.length)), np.zeros(len(self.length))
        kinds = np.array(self.kinds)
        for kind, down in {*zip(self.kinds, self.down.tolist(), strict=True)}:
            strip, layers = self.strips[kind]
            mine = (kinds == kind) & (self.down == down)
            long_run[mine] = strip_limit.long_run_limit(strip, layers, limit, ambient, down)
            in_place[mine] = fin_limit(
                strip, layers, self.length[mine], limit, ambient, ends_k[mine], joints_k[mine], down
            )
        return long_run, in_place

    def _long_run(self, current: Array) -> Array:
        found, kinds = np.zeros(len(current)), np.array(self.kinds)
        for kind, down in {*zip(self.kinds, self.down.tolist(), strict=True)}:
            strip, layers = self.strips[kind]
            mine = (kinds == kind) & (self.down == down)
            some, back = np.unique(np.round(np.abs(current[mine]), 4), return_inverse=True)
            temperatures = strip_limit.long_run_temperature(strip, layers, some, self.matter.ambient_k, down)
            found[mine] = temperatures[back]
        return found

    def _figures(
        self,
        network: Network,
        state: Solution,
        cell_k: Array,
        joints_k: tuple[Array, Array],
        warm: Array,
        plates_k: Array,
        heat: Array,
        passes: int,
        settled: bool,
    ) -> UnderLoadFigures:
        current, ambient = self.matter.current_a, self.matter.ambient_k
        ends_k = cell_k[self.ends].mean(axis=1) if len(self.ends) else np.zeros(0)
        long_limit, place_limit = self._limits(ends_k, joints_k[0])
        flow, ohms = np.abs(state.current_a[: len(self.length)]), network.ohm[: len(self.length)]
        # What the two leads of a pole lose is counted with the leads.
        leads_w = float((state.current_a**2 * network.ohm)[self.work.of_leads].sum())
        load, band_ends_k = self.bands.load(state, plates_k), cell_k[self.bands.ends] + joints_k[1]
        limit_k = self.cell.temperature_max_k
        may = self.bands.limits(load, band_ends_k, limit_k, ambient, self.joining.judged_by)
        bands = self.bands.segments(state, load, band_ends_k, plates_k, ambient, may)
        steady = steady_temperatures(self.lumps, heat, ambient)
        hottest, strips_w = int(cell_k.argmax()), float((flow**2 * ohms).sum() + load.heat_w.sum())
        return UnderLoadFigures.model_construct(
            segments=self._segments(flow, ohms, warm, long_limit, place_limit) + bands,
            cells=self._cell_loads(state.cell_a, cell_k, heat),
            whole=network.whole,
            open_at=open_node(self.layout, self.work),
            resistance_ohm=-float(state.volts[network.poles[1]]) / current - leads_w / current**2
            if network.whole and current
            else None,
            strips_w=strips_w,
            joints_w=float((state.cell_a**2 * 2 * self.joint_ohm).sum()),
            cells_w=float(heat.sum()) - float((state.cell_a**2 * 2 * self.joint_ohm).sum()) - strips_w,
            hottest_cell=self.layout.cells[hottest].number,
            hottest_cell_k=float(cell_k[hottest]),
            gradient_k=float(cell_k.max() - cell_k.min()),
            settled_cell_k=float(steady.max()),
            passes=passes,
            runs_away=not settled
            or bool(max(warm.max(initial=0.0), plates_k.max(initial=0.0), cell_k.max()) >= RUNAWAY_K - 1),
        )

    def _segments(
        self, flow: Array, ohms: Array, warm: Array, long_limit: Array, place_limit: Array
    ) -> tuple[Segment, ...]:
        limit = self._judged(long_limit, place_limit)
        shares = np.where(limit > 0, flow / np.maximum(limit, 1e-12), np.where(flow > 1e-9, 99.0, 0.0))
        runs, spans = self.runs, self.work.spans
        return tuple(
            Segment(
                id=f"{runs[r].id}.{n + 1}",
                piece=runs[r].id,
                node=runs[r].node,
                face=runs[r].face,
                kind=runs[r].kind,
                cells=tuple(runs[r].cells[e] for e in runs[r].spans[n]),
                from_m=runs[r].points_m[runs[r].spans[n][0]],
                to_m=runs[r].points_m[runs[r].spans[n][1]],
                current_a=i,
                density_a_m2=i / a,
                peak_a_m2=i / a,
                resistance_ohm=ohm,
                drop_v=i * ohm,
                heat_w=i * i * ohm,
                long_run_k=k_long,
                in_place_k=k_place,
                limit_long_run_a=l_long,
                limit_in_place_a=l_place,
                limit_a=judged,
                share=share,
            )
            for (r, n), i, a, ohm, k_long, k_place, l_long, l_place, judged, share in zip(
                spans,
                flow.tolist(),
                self.section.tolist(),
                ohms.tolist(),
                self._long_run(flow).tolist(),
                warm.tolist(),
                long_limit.tolist(),
                place_limit.tolist(),
                limit.tolist(),
                shares.tolist(),
                strict=True,
            )
        )

    def _cell_loads(self, cell_a: Array, cell_k: Array, heat: Array) -> tuple[CellLoad, ...]:
        group = np.array([c.group for c in self.layout.cells])
        even = self.matter.current_a / np.maximum(np.bincount(group, minlength=group.max() + 1), 1)[group]
        return tuple(
            CellLoad(
                number=c.number, group=c.group, current_a=i, deviation=i / e - 1, heat_w=q, temperature_k=k
            )
            for c, i, e, q, k in zip(
                self.layout.cells,
                cell_a.tolist(),
                even.tolist(),
                heat.tolist(),
                cell_k.tolist(),
                strict=True,
            )
        )

    def _judged(self, long_run: Array, in_place: Array) -> Array:
        """The limit that counts, by what the design says strips are judged by."""
        return {
            JudgedBy.LONG_RUN: long_run,
            JudgedBy.IN_PLACE: in_place,
            JudgedBy.WORSE: np.minimum(long_run, in_place),
        }[self.joining.judged_by]

    def _seconds(self) -> float:
        """How long it runs; a load that the pack cannot serve at all: as long as it would if it were made
        to."""
        whole = self.design.parallel * self.cell.capacity_as / max(self.matter.current_a, 1e-9)
        return self.matter.run_time_s if self.matter.run_time_s > 0 else whole

    def _end_of_run(self, heat: Array) -> Array:
        steps = np.tile(heat, (12, 1))
        found = run_temperatures(self.lumps, steps, self.matter.ambient_k, self._seconds() / len(steps))
        return np.asarray(found[-1])


def between(
    metal: UnderLoad, first: tuple[int, bool], second: tuple[int, bool], cell_volts: float
) -> tuple[float, float]:
    """Return the open-circuit voltage from one pad to another and the resistance between them.

    Their quotient is the current of a short between them by the d.c. resistance; its first moment is larger,
    see `prospective_short_circuit`.

    Parameters
    ----------
    metal : UnderLoad
    first, second : tuple of int and bool
        A cell's number and pole (True is plus).
    cell_volts : float
        Resting voltage of every cell, V.

    Returns
    -------
    voltage : float
        Of `first` against `second`, V.
    resistance : float
        Ω; infinite where nothing joins them.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> from firmcell.core.physics.resistor_network import Network
    >>> import numpy as np
    >>> # Two cells of 20 mΩ in series by 1 mΩ: nodes are minus, plus, minus, plus.
    >>> cells = np.array([[0, 1], [2, 3]])
    >>> pair = Network(4, np.array([[1, 2]]), np.array([0.001]), cells, np.array([0.02, 0.02]), (0, 3))
    >>> pads = {(1, False): 0, (1, True): 1, (2, False): 2, (2, True): 3}
    >>> volts, ohm = between(Of(network=pair, work=Of(pad=pads)), (2, True), (1, False), 3.7)
    >>> round(volts, 9), round(ohm, 9)
    (7.4, 0.041)
    """
    network = metal.network
    a, b = metal.work.pad[first], metal.work.pad[second]
    rest = solve(network, cell_volts, 0.0)
    probe = np.zeros((network.nodes, 1))
    probe[a, 0], probe[b, 0] = 1.0, -1.0
    if network.parts[a] != network.parts[b]:
        return 0.0, float("inf")
    answer = network.factor.solve(probe)[:, 0]
    return float(rest.volts[a] - rest.volts[b]), float(answer[a] - answer[b])
