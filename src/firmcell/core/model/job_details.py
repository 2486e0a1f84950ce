"""What jobs other than a new pack are about, in fields of their own."""

from enum import StrEnum
from typing import Annotated, ClassVar

from pydantic import Field

from firmcell.core.base.quantity import (
    Amperes,
    Coulombs,
    Count,
    Frozen,
    Kilograms,
    Metres,
    Ohms,
    Range,
    Seconds,
    Unit,
    Volts,
)
from firmcell.core.model.duty import Supply
from firmcell.core.model.host_charger import HostCharger
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.parts import Cell, Connector, Lug
from firmcell.core.model.photo import Photo


class JobKind(StrEnum):
    """Kinds of job; each has its own stages and work plan."""

    NEW_PACK = "new pack"
    LEAD_CHANGE = "lead change"
    MACHINE_LEADS = "machine leads"
    POWER_CABLE = "power cable"
    CELL_BMS = "cell with board"
    BMS_RETROFIT = "BMS retrofit"
    HOLDER_PACK = "holder pack"
    RE_SLEEVE = "re-sleeve"
    MADE_UP_LEAD = "made-up lead"
    REFIT = "refit"
    WET_JACKET = "wet jacket"
    TRAY = "tray"


class Grain(StrEnum):
    """How finely a work plan is cut: the same records that matter and the same cautions in both."""

    FULL = "full: each look its own step"
    SHORT = "short: for a hand that has done it often"


class Wired(StrEnum):
    """What a job's wiring is that of."""

    PACK = "a pack"
    ONE_CELL = "one cell with its board"
    CABLE = "a cable from a source that is there"
    MACHINE = "a machine and its controller"
    LEAD = "a lead with two ends and no pack"
    HOST = "a host's contacts, on leads to a pack's plug"


class KindDetails(Frozen):
    """What a kind of job asks of its own; each kind says here what differs for the figures as well."""

    wired: ClassVar[Wired] = Wired.PACK
    opens_pack: ClassVar[bool] = True
    """Whether what is inside the pack is wired in this job, or left as it is."""

    @property
    def cased(self) -> bool:
        """Whether the pack goes back into a case that is there, which covers it in place of a sleeve."""
        return False

    @property
    def supply(self) -> Supply | None:
        """What supplies the current in place of the pack, if something else does."""
        return None

    @property
    def joint_ohm(self) -> float | None:
        """Resistance of the joint at one pad in place of that of strip and weld, Ω, if this kind has
        another."""
        return None


class ExistingPack(Frozen):
    """A pack that is there already: nothing is proposed over it, and what is not known of it is said.

    Attributes
    ----------
    fuse_known : whether it is known that there is a fuse, or that there is none.
    condition : as it was found.
    """

    fuse_known: bool = Field(True, title="It is known whether there is a fuse")
    condition: str = Field("", title="As found", max_length=500)


class TakeOff(StrEnum):
    """How the old connector comes off; schools differ."""

    CUT = "cut off, one conductor at a time"
    UNSOLDER = "unsoldered, one contact at a time"
    BARE = "not there: the wires end bare"


class SleeveWhen(StrEnum):
    """Sleeve on bullets: schools differ."""

    BEFORE = "before soldering"
    AFTER = "after, slid over the bullet"


class LeadChange(KindDetails):
    """The connector of a finished, always-live pack is replaced; the new one is in `Leads`."""

    opens_pack: ClassVar[bool] = False
    old_connector: Connector | None = Field(None, title="Connector that comes off")
    take_off: TakeOff = Field(TakeOff.CUT, title="It is")
    wire_there_m: Metres = Field(0.15, title="Wire from pack to old connector", gt=0, le=5)
    reach_m: Metres = Field(0.10, title="Must reach from the pack", le=5)


class MachineLeads(KindDetails):
    """Bullets between controller and motor, and the controller's half of the pack's connector in `Leads`."""

    wired: ClassVar[Wired] = Wired.MACHINE
    phases: Count = Field(3, title="Wires to the motor", ge=2, le=3)
    bullet: Connector | None = Field(None, title="Bullets")
    female_on_controller: bool = Field(True, title="Female bullets on the controller")
    sleeve: SleeveWhen = Field(SleeveWhen.BEFORE, title="Sleeve on")
    staggered: bool = Field(True, title="Wires cut to staggered lengths")


class SourceClass(StrEnum):
    """What the cable begins at, by what it drives into a dead short."""

    ENTERED = "current as entered"
    SMALL_LEAD = "sealed lead block, 7 Ah"
    STARTER = "starter battery, 45 to 75 Ah"
    LARGE_STARTER = "starter battery, 90 Ah and more"
    DEEP_CYCLE = "deep-cycle lead, about 100 Ah"
    IRON_PHOSPHATE = "iron-phosphate block, about 100 Ah"
    SUPPLY = "d.c. power supply"


CLASS_SHORT_A = {
    SourceClass.SMALL_LEAD: 300.0,
    SourceClass.STARTER: 3000.0,
    SourceClass.LARGE_STARTER: 5000.0,
    SourceClass.DEEP_CYCLE: 3000.0,
    SourceClass.IRON_PHOSPHATE: 6000.0,
    SourceClass.SUPPLY: 200.0,
}
"""Current into a dead short by class, A; generic class values on the high side, for one block."""


class PowerCable(KindDetails):
    """Heavy cable with lugs from a source that is there to a load; wire, length and fuse are in `Leads`."""

    wired: ClassVar[Wired] = Wired.CABLE
    source_v: Volts = Field(12.8, title="Source, highest voltage", gt=0, le=1000)
    source_class: SourceClass = Field(SourceClass.ENTERED, title="Source")
    source_short_a: Amperes = Field(1500.0, title="Source, short-circuit current", gt=0)
    on_s: Seconds = Field(0.0, title="Runs for (0: steadily)")
    off_s: Seconds = Field(0.0, title="Then rests for")
    source_stud_m: Metres = Field(0.008, title="Stud at the source", gt=0, le=0.03)
    load_stud_m: Metres = Field(0.008, title="Stud at the load", gt=0, le=0.03)
    source_lug: Lug | None = Field(None, title="Lug at the source")
    load_lug: Lug | None = Field(None, title="Lug at the load")
    second_insulation: bool = Field(True, title="Second insulation ahead of the fuse")

    @property
    def supply(self) -> Supply:
        """The source that is there: known by its voltage and short-circuit current."""
        return Supply.of_short_circuit(self.source_v, self.short_a)

    @property
    def short_a(self) -> float:
        """Short-circuit current of the source: of its class, or as entered, A."""
        return CLASS_SHORT_A.get(self.source_class, self.source_short_a)


class LeadForm(StrEnum):
    """What a made-up lead is for."""

    EXTENSION = "extension: the same connector at both ends"
    ADAPTER = "adapter: another connector at the far end"
    Y_LEAD = "Y: one end to two"
    SPLICE = "splice: longer wire on wires that are there"
    CHARGE = "charge lead: from charger to pack"
    LOAD = "the load's half, on a load's own wires"


class MadeUpLead(KindDetails):
    """A lead by itself: wire, length and the connector of the near end are in `Leads`.

    Attributes
    ----------
    far_connector : at the other end; None is the same as at the near end.
    source_v, source_short_a : of what it is plugged into, at its highest and into a dead short.
    same_coloured : its cores look alike.
    spare_cores : thin wires beside the main ones, joined each to each.
    joins_packs : of a Y: the two ends are packs, and both feed the one.
    """

    wired: ClassVar[Wired] = Wired.LEAD
    form: LeadForm = Field(LeadForm.EXTENSION, title="Lead is")
    far_connector: Connector | None = Field(None, title="Connector at the far end")
    source_v: Volts = Field(16.8, title="Source, highest voltage", gt=0, le=1000)
    source_short_a: Amperes = Field(500.0, title="Source, short-circuit current", gt=0)
    same_coloured: bool = Field(False, title="Cores look alike")
    spare_cores: Count = Field(0, title="Thin data wires beside them", le=12)
    joins_packs: bool = Field(False, title="Y joins two packs")

    @property
    def supply(self) -> Supply | None:
        """What it is plugged into; a load's half is dead."""
        if self.form is LeadForm.LOAD:
            return None
        return Supply.of_short_circuit(self.source_v, self.source_short_a)


class CellBms(KindDetails):
    """A round protection board welded under one bare cell, a strap up its side, a new sleeve."""

    wired: ClassVar[Wired] = Wired.ONE_CELL
    strap_thickness_m: Metres = Field(0.0001, title="Strap, thickness", gt=0, le=0.001)
    strap_width_m: Metres = Field(0.003, title="Strap, width", gt=0, le=0.02)
    sleeve_wall_m: Metres = Field(0.0001, title="Sleeve, wall once shrunk", gt=0, le=0.001)
    ring_m: Metres = Field(0.0003, title="Ring and disc, thickness", gt=0, le=0.003)
    holder_m: Metres | None = Field(None, title="Holder takes lengths up to", gt=0, le=0.5)
    charger_m: Metres | None = Field(None, title="Charger takes lengths up to", gt=0, le=0.5)
    holder_width_m: Metres | None = Field(None, title="Holder takes diameters up to", gt=0, le=0.2)


class ReSleeve(KindDetails):
    """A torn wrap on one cell, or on a batch of like cells, is replaced, with a new ring where the old one
    is damaged."""

    wired: ClassVar[Wired] = Wired.ONE_CELL
    cells: Count = Field(1, title="Cells to sleeve", ge=1, le=100)
    diameter_m: Metres | None = Field(None, title="Bare can, diameter measured", gt=0, le=0.2)
    length_m: Metres | None = Field(None, title="Bare can, length measured", gt=0, le=0.5)
    wall_m: Metres = Field(0.0001, title="Sleeve, wall once shrunk", gt=0, le=0.001)
    ring_m: Metres = Field(0.0003, title="Ring, thickness", gt=0, le=0.003)
    dented: bool = Field(False, title="Dented")
    leaking: bool = Field(False, title="Leaking, or smells")
    rusted: bool = Field(False, title="Rusted")
    warm: bool = Field(False, title="Warm by itself")
    holder_m: Metres | None = Field(None, title="Holder takes lengths up to", gt=0, le=0.5)
    holder_width_m: Metres | None = Field(None, title="Holder takes diameters up to", gt=0, le=0.2)


class HolderPack(KindDetails):
    """Cells in spring or clip holders, no welding."""

    clip_a: Amperes = Field(8.0, title="One clip carries", gt=0)
    clip_ohm: Ohms = Field(0.008, title="One clip, resistance", gt=0)
    host_plug: Connector | None = Field(None, title="Plug of the host")

    @property
    def joint_ohm(self) -> float:
        """In holders the clips are the joints."""
        return self.clip_ohm


class OldTabs(StrEnum):
    """What becomes of the tabs of an old pack; schools differ."""

    NEW = "new strip; the old is kept as a pattern"
    WELD = "old tabs welded again"
    BRIDGE = "a thin tab welded to the cell, the old one soldered to it"
    SOLDER = "scored and soldered"


class Refit(KindDetails):
    """An old tool, appliance or instrument pack gets new cells; they are the design's, what comes out is
    here.

    Attributes
    ----------
    old_cell, old_series, old_parallel : what comes out.
    old_capacity_as : of one old cell, measured before it came out.
    halves : parts that are joined last, each read before.
    switched : the host puts pairs of cells side by side or in series, for two voltages.
    pocket_length_m, pocket_width_m : room for one cell, between metal and metal.
    clear_m : between the cells' metal and sides or lids.
    old_tab_m, welder_m : thickness of the old tabs, and the thickest that the shop's welder joins.
    """

    old_cell: Cell | None = Field(None, title="Old cells")
    old_series: Count = Field(1, title="Old groups in series", ge=1, le=64)
    old_parallel: Count = Field(1, title="Old cells in parallel", ge=1, le=200)
    old_capacity_as: Coulombs | None = Field(None, title="Old cell, capacity measured", gt=0)
    reclaimed: bool = Field(False, title="New cells are reclaimed")
    halves: Count = Field(1, title="Parts joined last", ge=1, le=6)
    switched: bool = Field(False, title="Host switches pairs for two voltages")
    leads_stay: bool = Field(True, title="Leads and connector stay")
    board_stays: bool = Field(True, title="Board and its leads stay")
    frame_stays: bool = Field(True, title="Frame or holder stays")
    old_tabs: OldTabs = Field(OldTabs.NEW, title="Tabs")
    old_tab_m: Metres | None = Field(None, title="Old tabs, thickness", gt=0, le=0.003)
    welder_m: Metres = Field(Welder.MEDIUM.thickest_m, title="Welder joins up to", gt=0, le=0.003)
    pocket_length_m: Metres | None = Field(None, title="Room for one cell, length", gt=0, le=0.6)
    pocket_width_m: Metres | None = Field(None, title="Room for one cell, width", gt=0, le=0.3)
    clear_m: Metres = Field(0.0005, title="Clear of sides and lids by", le=0.02)

    @property
    def cased(self) -> bool:
        """The frame or case that stays covers it."""
        return self.frame_stays


class JacketVent(StrEnum):
    """Where hydrogen and heat of a jacketed nickel pack go; schools differ."""

    OPEN = "sealed all round; charged out of the water, a cap at one end open"
    VENT = "a membrane vent in one end plate"
    ENCLOSURE = "no jacket: a watertight enclosure"


class WetJacket(KindDetails):
    """A finished pack is sealed against water inside clear sleeve, with end plates and sealant.

    Attributes
    ----------
    length_m, width_m, height_m, corner_m : of the pack as it is, and the radius of its long edges.
    mass_kg : of the pack with its leads, weighed; None is worked out.
    wall_m : of the clear sleeve once shrunk.
    thin_wires, thin_m : wires beside the two main leads that pass a plate, and their diameter.
    bead_m : leg of the fillet of sealant.
    cure_s : until the sealant has cured through.
    override : why a lithium pack is jacketed all the same.
    """

    opens_pack: ClassVar[bool] = False
    sealed_lead: bool = Field(False, title="It is a sealed lead block")
    vent: JacketVent = Field(JacketVent.OPEN, title="Hydrogen")
    length_m: Metres = Field(0.12, title="Pack, length along its wires", gt=0, le=2)
    width_m: Metres = Field(0.05, title="Pack, width", gt=0, le=1)
    height_m: Metres = Field(0.04, title="Pack, height", gt=0, le=1)
    corner_m: Metres = Field(0.004, title="Long edges, radius", le=0.2)
    mass_kg: Kilograms | None = Field(None, title="Pack weighs", gt=0)
    wall_m: Metres = Field(0.0004, title="Clear sleeve, wall once shrunk", gt=0, le=0.005)
    plate_m: Metres = Field(0.006, title="End plates, thickness", gt=0.002, le=0.03)
    lip_m: Metres = Field(0.008, title="Lip past each plate, trimmed", ge=0.003, le=0.03)
    bead_m: Metres = Field(0.003, title="Fillet of sealant, leg", gt=0.0005, le=0.02)
    thin_wires: Count = Field(0, title="Thin wires through the plate", le=40)
    thin_m: Metres = Field(0.0015, title="Thin wires, diameter", gt=0, le=0.01)
    cure_s: Annotated[float, Unit("s", typed_in="h"), Range(0, 1e9)] = Field(
        86_400.0, title="Sealant cures in", gt=0
    )
    override: str = Field("", title="Lithium jacketed all the same, because", max_length=300)


class Tray(KindDetails):
    """A host's battery compartment, or its tray, takes another pack than it was made for.

    Attributes
    ----------
    old_cells, old_each_v, old_each_ohm : what the host took: count in series, nominal voltage and
        resistance of
        one.
    old_full_v : of one of them, fresh or full.
    motor_v : highest voltage the host stands, as told by its maker or its label; None is not known.
    over_reason : why a higher voltage than before is right.
    cavity_length_m, cavity_width_m, cavity_height_m : room where the cells were.
    coil_m : of wire that is coiled in beside the pack.
    contact_a : that the host's own contacts carry; None is not known.
    unmodified : the host stays as it was: an adapter stands in for its cells.
    """

    wired: ClassVar[Wired] = Wired.HOST
    opens_pack: ClassVar[bool] = False
    old_cells: Count = Field(4, title="Cells the host took, in series", ge=1, le=40)
    old_each_v: Volts = Field(1.5, title="One of them, nominal", gt=0, le=5)
    old_full_v: Volts = Field(1.6, title="One of them, fresh or full", gt=0, le=5)
    old_each_ohm: Ohms = Field(0.15, title="One of them, resistance", gt=0, le=10)
    motor_v: Volts | None = Field(None, title="Host stands up to", gt=0, le=1000)
    over_reason: str = Field("", title="Higher voltage is right, because", max_length=300)
    cavity_length_m: Metres | None = Field(None, title="Room, length", gt=0, le=2)
    cavity_width_m: Metres | None = Field(None, title="Room, width", gt=0, le=2)
    cavity_height_m: Metres | None = Field(None, title="Room, height", gt=0, le=2)
    pack_length_m: Metres = Field(0.06, title="New pack, length", gt=0, le=2)
    pack_width_m: Metres = Field(0.04, title="New pack, width", gt=0, le=2)
    pack_height_m: Metres = Field(0.02, title="New pack, height", gt=0, le=2)
    coil_m: Metres = Field(0.1, title="Wire coiled in beside it", le=2)
    contact_a: Amperes | None = Field(None, title="Host's contacts carry", gt=0)
    unmodified: bool = Field(False, title="Host stays as it was")


PLAIN = KindDetails.model_construct()
FIELD_OF_KIND = {
    JobKind.LEAD_CHANGE: "lead_change",
    JobKind.MACHINE_LEADS: "machine",
    JobKind.POWER_CABLE: "cable",
    JobKind.CELL_BMS: "cell_bms",
    JobKind.HOLDER_PACK: "holder",
    JobKind.RE_SLEEVE: "re_sleeve",
    JobKind.MADE_UP_LEAD: "made_up",
    JobKind.REFIT: "refit",
    JobKind.WET_JACKET: "wet_jacket",
    JobKind.TRAY: "tray",
}
"""Which field of a design holds what a kind asks of its own; the other kinds ask nothing more."""


class JobDetails(Frozen):
    """The part of a design that belongs to its kind of job: the kind, and a field for each kind that asks
    more."""

    kind: JobKind = Field(JobKind.NEW_PACK, title="Kind of job")
    grain: Grain = Field(Grain.FULL, title="Work plan")
    lead_change: LeadChange = LeadChange.model_construct()
    machine: MachineLeads = MachineLeads.model_construct()
    cable: PowerCable = PowerCable.model_construct()
    cell_bms: CellBms = CellBms.model_construct()
    holder: HolderPack = HolderPack.model_construct()
    re_sleeve: ReSleeve = ReSleeve.model_construct()
    made_up: MadeUpLead = MadeUpLead.model_construct()
    refit: Refit = Refit.model_construct()
    wet_jacket: WetJacket = WetJacket.model_construct()
    tray: Tray = Tray.model_construct()
    host_charger: HostCharger = HostCharger.model_construct()
    photos: tuple[Photo, ...] = Field((), title="Photos", max_length=60)

    @property
    def details(self) -> KindDetails:
        """What the kind of this job asks of its own."""
        name = FIELD_OF_KIND.get(self.kind)
        found = getattr(self, name) if name else PLAIN
        assert isinstance(found, KindDetails)
        return found
