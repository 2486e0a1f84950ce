"""What jobs other than a new pack are about, in fields of their own."""

from enum import StrEnum

from pydantic import Field

from firmcell.core.base.quantity import Amperes, Count, Frozen, Metres, Ohms, Seconds, Volts
from firmcell.core.model.parts import Connector, Lug


class JobKind(StrEnum):
    """Kinds of job; each has its own stages and work plan."""

    NEW_PACK = "new pack"
    LEAD_CHANGE = "lead change"
    MACHINE_LEADS = "machine leads"
    POWER_CABLE = "power cable"
    CELL_BMS = "cell with board"
    BMS_RETROFIT = "BMS retrofit"
    HOLDER_PACK = "holder pack"


class TakeOff(StrEnum):
    """How the old connector comes off; schools differ."""

    CUT = "cut off, one conductor at a time"
    UNSOLDER = "unsoldered, one contact at a time"


class SleeveWhen(StrEnum):
    """Sleeve on bullets: schools differ."""

    BEFORE = "before soldering"
    AFTER = "after, slid over the bullet"


class LeadChange(Frozen):
    """The connector of a finished, always-live pack is replaced; the new one is in `Leads`."""

    old_connector: Connector | None = Field(None, title="Connector that comes off")
    take_off: TakeOff = Field(TakeOff.CUT, title="It is")
    wire_there_m: Metres = Field(0.15, title="Wire from pack to old connector", gt=0, le=5)
    reach_m: Metres = Field(0.10, title="Must reach from the pack", le=5)


class MachineLeads(Frozen):
    """Bullets between controller and motor, and the controller's half of the pack's connector in `Leads`."""

    phases: Count = Field(3, title="Wires to the motor", ge=2, le=3)
    bullet: Connector | None = Field(None, title="Bullets")
    female_on_controller: bool = Field(True, title="Female bullets on the controller")
    sleeve: SleeveWhen = Field(SleeveWhen.BEFORE, title="Sleeve on")
    staggered: bool = Field(True, title="Wires cut to staggered lengths")


class PowerCable(Frozen):
    """Heavy cable with lugs from a source that is there to a load; wire, length and fuse are in `Leads`."""

    source_v: Volts = Field(12.8, title="Source, highest voltage", gt=0, le=1000)
    source_short_a: Amperes = Field(1500.0, title="Source, short-circuit current", gt=0)
    on_s: Seconds = Field(0.0, title="Runs for (0: steadily)")
    off_s: Seconds = Field(0.0, title="Then rests for")
    source_stud_m: Metres = Field(0.008, title="Stud at the source", gt=0, le=0.03)
    load_stud_m: Metres = Field(0.008, title="Stud at the load", gt=0, le=0.03)
    source_lug: Lug | None = Field(None, title="Lug at the source")
    load_lug: Lug | None = Field(None, title="Lug at the load")
    second_insulation: bool = Field(True, title="Second insulation ahead of the fuse")


class CellBms(Frozen):
    """A round protection board welded under one bare cell, a strap up its side, a new sleeve."""

    strap_thickness_m: Metres = Field(0.0001, title="Strap, thickness", gt=0, le=0.001)
    strap_width_m: Metres = Field(0.003, title="Strap, width", gt=0, le=0.02)
    sleeve_wall_m: Metres = Field(0.0001, title="Sleeve, wall once shrunk", gt=0, le=0.001)
    ring_m: Metres = Field(0.0003, title="Ring and disc, thickness", gt=0, le=0.003)
    holder_m: Metres | None = Field(None, title="Holder takes lengths up to", gt=0, le=0.5)
    charger_m: Metres | None = Field(None, title="Charger takes lengths up to", gt=0, le=0.5)
    holder_width_m: Metres | None = Field(None, title="Holder takes diameters up to", gt=0, le=0.2)


class HolderPack(Frozen):
    """Cells in spring or clip holders, no welding."""

    clip_a: Amperes = Field(8.0, title="One clip carries", gt=0)
    clip_ohm: Ohms = Field(0.008, title="One clip, resistance", gt=0)
    host_plug: Connector | None = Field(None, title="Plug of the host")
