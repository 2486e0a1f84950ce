"""The wiring of a design, whatever its kind of job."""

from collections.abc import Iterable
from functools import lru_cache

from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Wired
from firmcell.core.wiring.graph import Wiring
from firmcell.core.wiring.other_wiring import (
    cable_wiring,
    host_wiring,
    lead_wiring,
    machine_wiring,
    one_cell_wiring,
)
from firmcell.core.wiring.pack_wiring import pack_wiring

NO_BRIEF = Brief.model_construct(
    load_voltage_min_v=1.0, load_voltage_max_v=1.0, current_steady_a=1.0, current_peak_a=1.0
)
OTHERS = {
    Wired.ONE_CELL: one_cell_wiring,
    Wired.CABLE: cable_wiring,
    Wired.MACHINE: machine_wiring,
    Wired.LEAD: lead_wiring,
    Wired.HOST: host_wiring,
}


def wiring_of(design: Design, layout: Layout, taps: tuple[Tap, ...], bridged: Iterable[int] = ()) -> Wiring:
    """Return all that conducts in a job, as `pack_wiring` does for a pack."""
    # What is asked of the pack changes no wire: the same wiring is kept while the brief is edited.
    return _kept(design.model_copy(update={"brief": NO_BRIEF}), layout, taps, frozenset(bridged))


@lru_cache(maxsize=16)
def _kept(design: Design, layout: Layout, taps: tuple[Tap, ...], bridged: frozenset[int]) -> Wiring:
    other = OTHERS.get(design.details.wired)
    return other(design) if other else pack_wiring(design, layout, taps, bridged)
