"""Figures of a pack under load: segments of strip, cells, and the pack as a whole."""

from dataclasses import dataclass

from pydantic import computed_field

from firmcell.core.base.quantity import Frozen
from firmcell.core.model.design import Face
from firmcell.core.strips.runs import StripKind


@dataclass(frozen=True, slots=True)
class Segment:
    """Metal between two neighbouring pads: a piece of strip, or that of a plate there, its tab for a lead
    too.

    Attributes
    ----------
    id : of the piece of strip it belongs to, and its number in it from 1, such as N3-L1.2.
    cells : the two cells it lies between.
    current_a : at the steady current.
    density_a_m2 : current over metal section, A/m²; of a plate, mean where its middle cuts it.
    peak_a_m2 : greatest in any place of a plate outside its joints, in half a millimetre to one, A/m².
    drop_v, heat_w : at working temperature.
    long_run_k : of a long strip with this current, one face in still air.
    in_place_k : of its hottest point, both ends on the cells.
    limit_long_run_a, limit_in_place_a : current that brings it to the greatest temperature allowed, by
        either way.
    limit_a, share : the limit it is judged by, and current over it.
    """

    id: str
    piece: str
    node: int
    face: Face
    kind: StripKind
    cells: tuple[int, int]
    from_m: tuple[float, float]
    to_m: tuple[float, float]
    current_a: float
    density_a_m2: float
    peak_a_m2: float
    resistance_ohm: float
    drop_v: float
    heat_w: float
    long_run_k: float
    in_place_k: float
    limit_long_run_a: float
    limit_in_place_a: float
    limit_a: float
    share: float


@dataclass(frozen=True, slots=True)
class CellLoad:
    """One cell under the steady current: its part, how far off an even one, heat and temperature (steady),
    K."""

    number: int
    group: int
    current_a: float
    deviation: float
    heat_w: float
    temperature_k: float


class UnderLoadFigures(Frozen):
    """The pack's metal and cells at the steady current, at the end of a run from full.

    Attributes
    ----------
    whole : whether current can flow from pole to pole.
    open_at : first tap point where it cannot, if so.
    resistance_ohm : of the pack from minus pad to plus pad, cells, joints and strips; None where it is open.
    strips_w, joints_w, cells_w : heat.
    hottest_cell_k, gradient_k : at the end of a run from full, started at the air's temperature.
    settled_cell_k : hottest cell if it could go on for ever.
    passes : how often resistance and temperature were worked out until they settled.
    runs_away : whether they did not.
    """

    segments: tuple[Segment, ...]
    cells: tuple[CellLoad, ...]
    whole: bool
    open_at: int | None
    resistance_ohm: float | None
    strips_w: float
    joints_w: float
    cells_w: float
    hottest_cell: int
    hottest_cell_k: float
    gradient_k: float
    settled_cell_k: float
    passes: int
    runs_away: bool

    @computed_field  # type: ignore[prop-decorator]
    @property
    def worst_share(self) -> float:
        """Greatest share of limit of any segment."""
        return max((s.share for s in self.segments), default=0.0)

    @computed_field  # type: ignore[prop-decorator]
    @property
    def greatest_deviation(self) -> float:
        """Greatest difference of a cell's current from an even part, as a fraction of it."""
        return max((abs(c.deviation) for c in self.cells), default=0.0)
