"""What stands on the bench: a design with its places, taps, wiring, strips and work plan, as one thing."""

from functools import cached_property

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.cell_by_cell import cell_by_cell
from firmcell.core.bench.moment import Before, Moment, moment_of
from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Wired
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import Step
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.wiring.graph import Wiring


class _Moments:
    """Moments found so far: of the plan, and of the records as they stood when last asked."""

    def __init__(self) -> None:
        self.state: BuildState | None = None
        self.found: dict[tuple[bool, str], Moment] = {}


@frozen(eq=False)
class OnBench:
    """What stands on the bench.

    Attributes
    ----------
    design : Design
    layout, taps, wiring, strips : of it, as analysed; the wiring by groups.
    steps : the work plan.
    before : what is there before its first step.
    """

    design: Design
    layout: Layout
    taps: tuple[Tap, ...]
    wiring: Wiring
    strips: tuple[StripPiece, ...]
    steps: tuple[Step, ...]
    before: Before

    @property
    def opened(self) -> bool:
        """Whether the cells of a pack are reached in this job."""
        return self.design.details.wired is Wired.PACK and self.design.details.opens_pack

    @cached_property
    def probed(self) -> Wiring:
        """The wiring that a probe meets: with every cell where single cells are reached."""
        if self.opened:
            return cell_by_cell(self.wiring, self.layout, self.design, self.taps)
        return self.wiring

    def moment(self, state: BuildState | None, code: str) -> Moment:
        """The moment at which a step is at hand, by the records, or as the plan goes where there are none."""
        kept = self._moments
        if state is not None and state is not kept.state:
            kept.state = state
            kept.found = {key: moment for key, moment in kept.found.items() if not key[0]}
        key = (state is not None, code)
        if key not in kept.found:
            kept.found[key] = moment_of(self.wiring, self.steps, state, code, self.before, self.design.series)
        return kept.found[key]

    @cached_property
    def _moments(self) -> "_Moments":
        return _Moments()
