"""What a record of a job teaches the workshop."""

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.model.design import Design
from firmcell.core.model.joint_kinds import KINDS
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.events import JointReading, Payload, PeelTest, Watched, WatchedRun, WeldSample
from firmcell.core.stock.lessons import CapacityMeasured, JointMeasured, PeelMeasured, SettingPeeled

Taught = SettingPeeled | PeelMeasured | JointMeasured | CapacityMeasured


def lesson_of(
    data: Payload, design: Design, state: BuildState, sample: WeldSample | None, library: PartLibrary
) -> Taught | None:
    """Return what a record teaches; None for nothing.

    Parameters
    ----------
    data : Payload
        The record.
    design : Design
    state : BuildState
        With what was measured up to it.
    sample : WeldSample or None
        The sample welds recorded last before it: a peeled sample is one of those.
    library : PartLibrary
    """
    job = design.brief.title
    match data:
        case WeldSample():
            return setting_of(design, data, job)
        case PeelTest():
            return _peel(design, data, sample, job)
        case JointReading():
            return JointMeasured(
                strip=design.joining.link_strip.name,
                joined_by=design.joining.joined_by.value,
                joint=data.joint,
                ohms=data.ohms,
                expected_ohm=KINDS[design.joining.joined_by].ohm,
                job=job,
            )
        case WatchedRun() if data.what is Watched.CAPACITY and data.capacity_as:
            pack = analyse(as_measured(design, state), library).pack
            return CapacityMeasured(
                cell=design.cell.name,
                predicted_as=pack.capacity_ah * 3600.0,
                measured_as=data.capacity_as,
                nominal_v=pack.voltage_nominal_v,
                job=job,
            )
    return None


def setting_of(design: Design, sample: WeldSample, job: str) -> SettingPeeled:
    """Return what peeled samples say of their setting, for the strip and cell of a design."""
    return SettingPeeled(
        strip=sample.strip,
        layers=layers_of(design, sample.strip),
        cell=design.cell.name,
        welder=design.joining.welder.value,
        machine=sample.machine,
        mode=sample.mode,
        setting=sample.setting,
        pulses=sample.pulses,
        peeled=sample.peeled,
        held=sample.held,
        job=job,
    )


def layers_of(design: Design, strip: str) -> int:
    """Return in how many layers a strip of a design lies."""
    joining = design.joining
    return joining.collector_layers if strip == joining.collector_strip.name else joining.link_layers


def _peel(design: Design, data: PeelTest, sample: WeldSample | None, job: str) -> PeelMeasured:
    strip = sample.strip if sample is not None else design.joining.link_strip.name
    return PeelMeasured(
        strip=strip,
        layers=layers_of(design, strip),
        cell=design.cell.name,
        machine=sample.machine if sample is not None else "",
        mode=sample.mode if sample is not None else "",
        setting=sample.setting if sample is not None else "",
        force_n=data.force_n,
        torn_m=data.torn_m,
        job=job,
    )
