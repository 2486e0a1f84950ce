"""The bands of all plates of a pack under load: current, heat, warmth, and what they may carry."""

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.model.design import JudgedBy
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.model.parts import Strip
from firmcell.core.physics import strip_heat as strip_limit
from firmcell.core.physics.resistor_network import Indices, Solution
from firmcell.core.strips.load_figures import Segment
from firmcell.core.strips.network import Metalwork
from firmcell.core.strips.pack_heat import OWN_RISE_K
from firmcell.core.strips.plate_sheets import SheetLoad
from firmcell.core.strips.runs import StripRun, facing_down

MEAN_OF_RISE = 2 / 3
"""Mean rise of metal between two joints over its greatest (a parabola)."""


@frozen(eq=False)
class BandLimits:
    """Share of what each band may carry: as a long strip of its density, in its place, and as judged (b,)."""

    long_run: Array
    in_place: Array
    judged: Array


class SheetBands:
    """The bands of all plates, in order of the runs; those of one plate in order of its spans, then its
    tabs."""

    def __init__(
        self,
        work: Metalwork,
        runs: tuple[StripRun, ...],
        cell_at: dict[int, int],
        strip: Strip,
        layers: int,
        standing: bool,
    ) -> None:
        self.work, self.runs, self.strip, self.layers = work, runs, strip, layers
        self.thick_m = strip.section_m2 / strip.width_m * layers
        self.at: list[tuple[int, int]] = []
        cells: list[tuple[int, int]] = []
        nodes: list[Indices] = []
        for place, one in work.sheets.items():
            run = runs[place]
            pairs = [(run.cells[i], run.cells[j]) for i, j in run.spans]
            tabs = [run.cells.index(n) for n in one.sheet.tab_cells]
            nodes += [*(one.nodes[list(pair)] for pair in run.spans), *(one.nodes[[n, n]] for n in tabs)]
            pairs += [(n, n) for n in one.sheet.tab_cells]
            self.at += [(place, n) for n in range(len(pairs))]
            cells += pairs
        self.cells = cells
        order = {place: n for n, place in enumerate(work.sheets)}
        self.sheet_of = np.array([order[place] for place, _ in self.at], dtype=np.intp)
        self.nodes = np.array(nodes, dtype=np.intp).reshape(-1, 2)
        self.down = np.array([facing_down(runs[place].face, standing) for place, _ in self.at], dtype=bool)
        self.ends = np.array([[cell_at[a], cell_at[b]] for a, b in cells], dtype=np.intp).reshape(-1, 2)

    def __len__(self) -> int:
        return len(self.at)

    @property
    def metal_m3(self) -> float:
        """Metal of all plates, m³."""
        grids = [one.sheet.fields.grid for one in self.work.sheets.values()]
        return sum(float(g.metal.sum()) * g.step_m**2 for g in grids) * self.thick_m

    def warmer(self, kelvin: ArrayLike) -> Array:
        """Return the metal's resistance over that at 20 °C at a temperature, K."""
        return np.asarray(1 + self.strip.temperature_coefficient_per_k * (np.asarray(kelvin) - 293.15))

    def resistors(self, cold: Array, kelvin: Array) -> Array:
        """Return all resistors (m,), Ω, those of each plate at its temperature (s,), K."""
        found = cold.copy()
        for one, warmer in zip(self.work.sheets.values(), self.warmer(kelvin), strict=True):
            found[one.ohms] *= warmer
        return found

    def conducting(self, cell_at: dict[int, int]) -> tuple[NDArray[np.intp], Array]:
        """Return pairs of cells (k, 2) and what heat a plate conducts between them (k,), W/K: as the current,
        by the law they share."""
        pairs, found = [np.zeros((0, 2), dtype=np.intp)], [np.zeros(0)]
        for place, one in self.work.sheets.items():
            between, siemens = one.sheet.pairs()
            cells = np.array([cell_at[n] for n in self.runs[place].cells], dtype=np.intp)
            mine = (between < len(cells)).all(axis=1) & (siemens > 1e-3 * siemens.max(initial=0.0))
            pairs.append(cells[between[mine]])
            found.append(siemens[mine] * one.sheet.square_ohm * one.sheet.conducts_w_k)
        return np.vstack(pairs), np.concatenate(found)

    def load(self, state: Solution, kelvin: Array) -> SheetLoad:
        """Return what all bands carry, each plate at its temperature (s,), K."""
        loads = [
            one.load(state.volts, state.current_a, warmer)
            for one, warmer in zip(self.work.sheets.values(), self.warmer(kelvin).tolist(), strict=True)
        ]
        return SheetLoad(
            *(
                np.concatenate([getattr(load, name) for load in loads] or [np.zeros(0)])
                for name in ("current_a", "heat_w", "cut_a_m", "peak_a_m", "rise_k")
            )
        )

    def working_k(self, load: SheetLoad, ends_k: Array) -> Array:
        """Return the temperature at which the metal of each plate counts (s,), K: the mean of its hottest
        band, so that a hot one among cool ones does not count as cool."""
        found = np.zeros(len(self.work.sheets))
        mean = ends_k.max(axis=1, initial=0.0) + MEAN_OF_RISE * load.rise_k
        np.maximum.at(found, self.sheet_of, np.minimum(mean, RUNAWAY_K))
        return found

    def limits(
        self, load: SheetLoad, ends_k: Array, limit_k: float, ambient_k: float, by: JudgedBy
    ) -> BandLimits:
        """Return how near to their limits the bands are, with their ends (b, 2) at a temperature, K."""
        strip, layers = self.strip, self.layers
        up, down = (strip_limit.long_run_limit(strip, layers, limit_k, ambient_k, d) for d in (False, True))
        most = np.maximum(np.where(self.down, down, up), 1e-9)
        long_run = load.cut_a_m * strip.width_m / most
        ends = ends_k.max(axis=1) if len(self) else np.zeros(0)
        room = np.maximum(limit_k, ends + OWN_RISE_K) - ends
        in_place = np.sqrt(load.rise_k / np.maximum(room, 1e-9))
        judged = {
            JudgedBy.LONG_RUN: long_run,
            JudgedBy.IN_PLACE: in_place,
            JudgedBy.WORSE: np.maximum(long_run, in_place),
        }[by]
        # The tab for a lead is short, as the tail of a strip is: what counts is how warm it gets.
        tab = np.array([number >= len(self.runs[place].spans) for place, number in self.at], dtype=bool)
        return BandLimits(long_run, in_place, np.where(tab, in_place, judged))

    def segments(
        self,
        state: Solution,
        load: SheetLoad,
        ends_k: Array,
        kelvin: Array,
        ambient_k: float,
        found: BandLimits,
    ) -> tuple[Segment, ...]:
        """Return the bands as segments of metal."""
        if not len(self):
            return ()
        up, down = (
            strip_limit.long_run_temperature(
                self.strip, self.layers, load.cut_a_m * self.strip.width_m, ambient_k, d
            )
            for d in (False, True)
        )
        long_k = np.where(self.down, down, up)
        flow, warmer = np.abs(load.current_a), self.warmer(kelvin)[self.sheet_of]
        most = {name: _may(flow, getattr(found, name)) for name in ("long_run", "in_place", "judged")}
        made = []
        for n, (place, number) in enumerate(self.at):
            run, one = self.runs[place], self.work.sheets[place]
            square_ohm = one.sheet.square_ohm * float(warmer[n])
            if number < len(run.spans):
                ends = run.spans[number]
                to = run.points_m[ends[1]]
            else:
                tab = number - len(run.spans)
                ends = run.cells.index(one.sheet.tab_cells[tab]), len(run.cells) + tab
                to = one.sheet.tabs_m[tab]
            drop = abs(float(state.volts[one.nodes[ends[0]]] - state.volts[one.nodes[ends[1]]]))
            made.append(
                Segment(
                    id=f"{run.id}.{number + 1}",
                    piece=run.id,
                    node=run.node,
                    face=run.face,
                    kind=run.kind,
                    cells=self.cells[n],
                    from_m=run.points_m[ends[0]],
                    to_m=to,
                    current_a=float(flow[n]),
                    density_a_m2=float(load.cut_a_m[n]) / self.thick_m,
                    peak_a_m2=float(load.peak_a_m[n]) / self.thick_m,
                    resistance_ohm=one.sheet.fields.between(*ends) * square_ohm,
                    drop_v=drop,
                    heat_w=float(load.heat_w[n]),
                    long_run_k=float(long_k[n]),
                    in_place_k=float(ends_k[n].max() + load.rise_k[n]),
                    limit_long_run_a=float(most["long_run"][n]),
                    limit_in_place_a=float(most["in_place"][n]),
                    limit_a=float(most["judged"][n]),
                    share=float(found.judged[n]),
                )
            )
        return tuple(made)


def _may(flow: Array, share: Array) -> Array:
    """The current at which a band is at its limit: beyond measure where nothing flows."""
    return np.asarray(np.maximum(flow, LEAST_A) / np.maximum(share, 1e-6))


LEAST_A = 1e-6
"""A band with less counts as carrying so much when its limit is told, A."""
