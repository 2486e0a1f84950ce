"""The work plan of a job: its steps, by its kind."""

from collections.abc import Callable

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.jobs.bms_jobs import bms_retrofit_steps, cell_bms_steps, holder_pack_steps
from firmcell.core.jobs.lead_change import lead_change_steps
from firmcell.core.jobs.machine_leads import machine_lead_steps
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.jobs.power_cable import power_cable_steps
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.records.step import Step

_PLANS: dict[JobKind, Callable[[Design, Analysis], tuple[Step, ...]]] = {
    JobKind.NEW_PACK: new_pack_steps,
    JobKind.LEAD_CHANGE: lead_change_steps,
    JobKind.MACHINE_LEADS: machine_lead_steps,
    JobKind.POWER_CABLE: power_cable_steps,
    JobKind.CELL_BMS: cell_bms_steps,
    JobKind.BMS_RETROFIT: bms_retrofit_steps,
    JobKind.HOLDER_PACK: holder_pack_steps,
}


def steps_of(design: Design, analysis: Analysis) -> tuple[Step, ...]:
    """Return the steps of a job in order, by its kind."""
    return _PLANS[design.kind](design, analysis)
