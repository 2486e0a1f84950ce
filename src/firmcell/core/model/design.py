"""The pack as designed: one immutable model that every number, wire, step and check comes from."""

from enum import StrEnum
from typing import Annotated, Literal, Self

from pydantic import Field, model_validator

from firmcell.core.base.quantity import (
    Amperes,
    Coulombs,
    Count,
    Frozen,
    Kelvin,
    Metres,
    Ohms,
    Place,
    Range,
    Unit,
    Volts,
    model_in,
)
from firmcell.core.model.brief import Brief
from firmcell.core.model.job_details import ExistingPack, JobDetails
from firmcell.core.model.joint_kinds import JoinedBy, Welder
from firmcell.core.model.parts import Board, Cell, Connector, Fuse, Keying, Sleeve, Strip, Wire
from firmcell.core.model.wire_laying import WireLaying

FORMAT: Literal[2] = 2
"""Version of the design model, kept in job files and exchange files."""


class Lattice(StrEnum):
    """How the cells stand beside each other."""

    SQUARE = "square"
    STAGGERED = "staggered"
    FREE = "free"


class TurnAxis(StrEnum):
    """The axis that the pack is turned about to work on its other face."""

    LONG = "long"
    SHORT = "short"


class BoardPlace(StrEnum):
    """Where the BMS lies."""

    END = "end"
    TOP = "top"
    OUTSIDE = "outside"


class Lie(StrEnum):
    """How the cells lie in the space."""

    STANDING = "standing"
    ACROSS = "lying across"
    ALONG = "lying along"
    STICK = "end to end, folded into a stick"


class Face(StrEnum):
    """The two faces of the pack."""

    TOP = "top"
    BOTTOM = "bottom"

    @property
    def other(self) -> "Face":
        """The face on the other side."""
        return Face.BOTTOM if self is Face.TOP else Face.TOP


class PlacedCell(Frozen):
    """A cell put in a place of its own, by the engine or by hand. Its number is its place in the list, from
    1.

    Attributes
    ----------
    x_m, y_m : middle, in the plane across the cells' axis; from the middle of the space.
    group : group in series, from 1 at the negative end.
    up : plus on the top face; of a flat cell, plus terminal at the far end of its width.
    angle_rad : of a flat cell's thickness against x.
    block : which part of a split or layered pack it stands in, from 1.
    locked : the engine must not change its place or group.
    """

    x_m: Place
    y_m: Place
    group: Count = Field(ge=1, le=64)
    up: bool
    angle_rad: Annotated[float, Unit("rad")] = Field(0.0, ge=-7, le=7)
    block: Count = Field(1, ge=1, le=8)
    locked: bool = False


class StripRef(Frozen):
    """A straight run of strip by what it is welded to: a face, and the numbers of cells in order."""

    face: Face
    cells: tuple[Count, ...] = Field(min_length=1, max_length=400)


class Arrangement(Frozen):
    """How the cells are laid out: in whole rows, or each in its own place once `placed` holds them all.

    Attributes
    ----------
    gap_m : between touching cells; a holder's pitch less the cell's diameter.
    layers : of cells one above the other along their axis, each welded as a block of its own.
    split_gap_m : a pack split in two blocks side by side has this between them; 0 is one block.
    placed : places of all cells; empty means whole rows.
    spare_m : places found in which no cell stands: x, y and block.
    minus_at_m, plus_at_m : where the main leads are wanted, in the plane of the faces; None is the rear edge.
    minus_also_m, plus_also_m : where a second lead of the pole joins, led to the same contact; None is no
        second lead.
    drawn, removed : strip runs put in or left out by hand.
    """

    lattice: Lattice = Field(Lattice.SQUARE, title="Lattice")
    rows: Count = Field(title="Cells across the width", ge=1, le=400)
    gap_m: Metres = Field(0.0, title="Gap between cells", le=0.05)
    first_positive_up: bool = Field(True, title="First group stands plus up")
    turn_axis: TurnAxis = Field(TurnAxis.LONG, title="Turned over about its axis")
    lie: Lie = Field(Lie.STANDING, title="Cells stand or lie")
    layers: Count = Field(1, title="Layers of cells", ge=1, le=4)
    split_gap_m: Metres = Field(0.0, title="Split in two blocks, gap", le=0.2)
    placed: tuple[PlacedCell, ...] = Field((), title="Placed cells", max_length=2000)
    spare_m: tuple[tuple[Place, Place, Count], ...] = Field((), title="Free places", max_length=4000)
    minus_at_m: tuple[Place, Place] | None = Field(None, title="Minus leaves at")
    plus_at_m: tuple[Place, Place] | None = Field(None, title="Plus leaves at")
    minus_also_m: tuple[Place, Place] | None = Field(None, title="Second minus lead at")
    plus_also_m: tuple[Place, Place] | None = Field(None, title="Second plus lead at")
    drawn: tuple[StripRef, ...] = Field((), title="Strips drawn by hand", max_length=4000)
    removed: tuple[StripRef, ...] = Field((), title="Strips left out by hand", max_length=4000)

    @property
    def in_rows(self) -> bool:
        """Whether the cells stand in whole rows and not each in a place of its own."""
        return not self.placed


class StripStyle(StrEnum):
    """What joins the cells."""

    STRIPS = "strips"
    PLATES = "plates"


class JudgedBy(StrEnum):
    """Which figure a strip is judged by."""

    WORSE = "the worse of both"
    LONG_RUN = "a long strip in still air"
    IN_PLACE = "in place between its cells"


class JointOrder(StrEnum):
    """In which order tap points are joined, face by face."""

    ASCENDING = "from minus to plus"
    LEAST_EXPOSED = "so that least is exposed"
    OWN = "as chosen"


class Joining(Frozen):
    """Strip and welds.

    Attributes
    ----------
    joined_by, thread_m : how strip and cells are joined; of screws, the thread in the cell's terminal.
    ladder_strip : wide slotted strip that joins two facing rows of pads in one piece, in as many layers as
        the links; None is none.
    link_under, collector_under : one layer of better metal between the pads and the strip, welded through it.
    collector_tabs : the collecting strip is a bar, to which a short tab of this strip is soldered for each
        cell, off the pack; the
        tabs are then welded to the cells, and the leads are bolted to the bar.
    fuse_wire_m, fuse_free_m : diameter and free length of the bare copper wire that joins each cell's plus
        to its plate in place of welds; None is none.
    doubled : numbers of the cells whose both pads get twice the weld pairs.
    least_peel_n : the least force at which a sample weld may peel; None where nobody said.
    order, own_order : in which order tap points are joined on each face, and holders filled; the tap points
    (or
        groups) as chosen by hand, those left out after them.
    """

    joined_by: JoinedBy = Field(JoinedBy.WELD, title="Cells joined by")
    thread_m: Metres = Field(0.006, title="Thread of a cell's terminal", gt=0, le=0.03)
    judged_by: JudgedBy = Field(JudgedBy.WORSE, title="Strips judged by")
    joint_ohm: Ohms | None = Field(None, title="Resistance of one joint, measured")

    style: StripStyle = Field(StripStyle.STRIPS, title="Strips or cut plates")
    gap_m: Metres = Field(0.001, title="Metal of two potentials apart by at least", le=0.02)

    link_strip: Strip = Field(title="Strip for series links")
    link_layers: Count = Field(1, title="Layers of series links", ge=1, le=8)
    link_under: Strip | None = Field(None, title="Copper under the links")
    ladder_strip: Strip | None = Field(None, title="Ladder strip where two rows face")
    collector_strip: Strip = Field(title="Strip for collecting")
    collector_layers: Count = Field(1, title="Layers of collecting strips", ge=1, le=8)
    collector_under: Strip | None = Field(None, title="Copper under the collecting strips")
    collector_tabs: Strip | None = Field(None, title="Tabs between collecting bar and cells")
    welder: Welder = Field(Welder.MEDIUM, title="Spot welder")
    welds_per_pad: Count = Field(2, title="Weld pairs on each pad", ge=1, le=12)
    fuse_wire_m: Metres | None = Field(None, title="Fuse wire at each plus, bare copper", ge=1e-4, le=1e-3)
    fuse_free_m: Metres = Field(0.008, title="Free length of a fuse wire", ge=0.004, le=0.05)
    doubled: tuple[Count, ...] = Field((), title="Cells with twice the welds", max_length=2000)
    least_peel_n: Annotated[float, Unit("N"), Range(0, 1e4)] | None = Field(
        None, title="Least peel force that is right", gt=0
    )
    order: JointOrder = Field(JointOrder.ASCENDING, title="Order of the joints")
    own_order: tuple[Count, ...] = Field((), title="Order chosen by hand", max_length=400)

    @property
    def on_tabs(self) -> bool:
        """Whether the collecting strips are bars that tabs join to the cells; no screw or solder asks for
        them."""
        return self.collector_tabs is not None and self.joined_by is JoinedBy.WELD

    @property
    def fused(self) -> bool:
        """Whether each cell's plus is joined by a fuse wire, which is laid over the window of a plate;
        factory tabs and screws have none."""
        plated = self.style is StripStyle.PLATES
        return self.fuse_wire_m is not None and plated and self.joined_by in (JoinedBy.WELD, JoinedBy.SOLDER)

    @property
    def leads_bolted(self) -> bool:
        """Whether the main leads end in lugs on bars; else they are soldered to the tails of the strips."""
        return self.joined_by is JoinedBy.SCREW or self.on_tabs


class Alloy(StrEnum):
    """Solder alloy of leads and connectors; the schools differ, both are supported."""

    LEADED = "leaded 63/37, melts at 183 °C"
    LEAD_FREE = "lead-free tin-silver-copper, melts at 217 to 227 °C"


class Flux(StrEnum):
    """School of flux; plumbing acid is not among them."""

    CORE = "rosin core only"
    EXTRA = "extra rosin flux, wiped off warm"


class FirstLead(StrEnum):
    """Which conductor is done first: schools differ, each is finished and sleeved before the next."""

    NEGATIVE = "negative first"
    POSITIVE = "positive first"


class Pole(StrEnum):
    """One of the two main leads."""

    PLUS = "plus lead"
    MINUS = "minus lead"


class LeadEnds(StrEnum):
    """What the main leads end in."""

    PLUG = "connector"
    STUDS = "lugs on studs"


LUGS_ON_STUDS = Connector.model_construct(
    name="lugs on studs",
    contacts=2,
    keying=Keying.KEYED,
    pack_half="a lug under a cover",
    pack_half_shrouded=True,
    current_continuous_a=1000.0,
    current_peak_a=3000.0,
    voltage_v=1000.0,
    contact_resistance_ohm=0.0001,
    wire_area_max_m2=300e-6,
    cup_depth_m=0.03,
)
"""What stands for the ends of a cable with lugs: crimp and stud at both ends of a conductor, clean and
torqued; generic class value."""


class Leads(Frozen):
    """Main leads and what is in their way to the load.

    Attributes
    ----------
    laying : how the leads lie where they are warmest.
    charge_connector, charge_same_pins : a second connector for the charger, and whether plus and minus
        sit in it as in the one for the load.
    charge_wire, charge_fuse : of that connector's leads; thinner than the main wire they need a fuse of
        their own.
    adapters : adapters between pack and load, each one more pair of contacts.
    fuse_at_m : of wire between pack and fuse; what lies before the fuse is not protected by it.
    """

    wire: Wire = Field(title="Main wire")
    length_m: Metres = Field(0.25, title="Length of one lead", gt=0, le=50)
    drop_limit_v: Volts = Field(0.5, title="Drop allowed, both leads", gt=0)
    limit_k: Kelvin = Field(353.15, title="Lead no hotter than")
    laying: WireLaying = Field(WireLaying.PAIR, title="Leads lie")
    connector: Connector = Field(title="Connector")
    charge_connector: Connector | None = Field(None, title="Connector of the charger")
    charge_same_pins: bool = Field(True, title="Charger's plus and minus as the load's")
    charge_wire: Wire | None = Field(None, title="Charger's leads, wire (else the main wire)")
    charge_fuse: Fuse | None = Field(None, title="Fuse in the charger's plus lead")
    adapters: Count = Field(0, title="Adapters in the way", le=6)
    alloy: Alloy = Field(Alloy.LEADED, title="Alloy")
    flux: Flux = Field(Flux.CORE, title="Flux")
    first_lead: FirstLead = Field(FirstLead.NEGATIVE, title="Which lead first")
    ends: LeadEnds = Field(LeadEnds.PLUG, title="Leads end in")
    parallel: Count = Field(1, title="Leads side by side, each pole", ge=1, le=4)
    second_connector: Connector | None = Field(None, title="Second connector, in parallel")
    fuse: Fuse | None = Field(None, title="Fuse")
    fuse_in: Pole = Field(Pole.PLUS, title="Fuse in the")
    fuse_at_m: Metres = Field(0.05, title="Fuse after", le=50)
    fuse_holder_ohm: Ohms = Field(0.001, title="Fuse holder, resistance")

    @property
    def fuse_ohm(self) -> float:
        """Resistance of fuse and holder, Ω; 0 without a fuse."""
        return self.fuse.element_ohm + self.fuse_holder_ohm if self.fuse else 0.0

    def fuse_on(self, pole: str) -> Fuse | None:
        """The fuse, if it sits in the lead of a pole, “minus” or “plus”."""
        return self.fuse if self.fuse_in == (Pole.PLUS if pole == "plus" else Pole.MINUS) else None

    @property
    def to_charger(self) -> Wire:
        """The wire of the leads to a charger's connector."""
        return self.charge_wire or self.wire

    @property
    def outlet(self) -> Connector:
        """What the leads end in: the connector, or lugs on studs."""
        return LUGS_ON_STUDS if self.ends is LeadEnds.STUDS else self.connector


class ConnectOrder(StrEnum):
    """Order in which a board is connected; the board's own sheet goes before any of them."""

    MINUS_FIRST = "B− first, then the sense plug, then P−"
    PLUG_FIRST = "sense plug first, then B−, then P−"
    ALL_THEN_LOAD = "B− and B+ first, then the sense plug, load last"


class Bms(Frozen):
    """Board and sense leads; without a board the charger must balance."""

    board: Board | None = Field(None, title="Board")
    place: BoardPlace = Field(BoardPlace.END, title="Board lies")
    sense_wire: Wire = Field(title="Sense wire")
    service_loop_m: Metres = Field(0.04, title="Service loop of each sense lead", le=1)
    sense_fuses: bool = Field(False, title="A fuse at each tap")
    order: ConnectOrder = Field(ConnectOrder.MINUS_FIRST, title="Board is connected")
    balance_plug: bool = Field(False, title="A balance plug beside the board")


class PackInsulation(Frozen):
    """Insulation from the inside out."""

    rings: bool = Field(True, title="Ring on every positive end")
    sheet_m: Metres = Field(0.00025, title="Sheet over the joints, thickness", le=0.01)
    tape_m: Metres = Field(0.00006, title="Tape over the sheet, thickness", le=0.01)
    foam_m: Metres = Field(0.0, title="Foam over the sheet, thickness", le=0.02)
    side_m: Metres = Field(0.0005, title="Sheet around the sides, thickness", le=0.02)
    sleeve: Sleeve | None = Field(None, title="Sleeve along the pack")
    cross_sleeve: Sleeve | None = Field(None, title="Second sleeve across it")
    lip_m: Metres = Field(0.012, title="Lip over each edge", le=0.2)


CellSerial = Annotated[str, Field(max_length=60)]
OF_EACH_CELL = ("measured_ohm", "measured_as", "cell_serials")
"""Fields that hold a value for each cell by its number: with other cells they mean nothing."""


class Design(JobDetails):
    """A whole pack. An edit makes a new one; nothing here is ever changed in place."""

    format: Literal[2] = FORMAT
    brief: Brief
    cell: Cell = Field(title="Cell")
    series: Count = Field(title="Groups in series", ge=1, le=64)
    parallel: Count = Field(title="Cells in parallel", ge=1, le=200)
    arrangement: Arrangement
    joining: Joining
    leads: Leads
    bms: Bms
    insulation: PackInsulation
    cell_now_v: Volts = Field(title="Cells measured now", gt=0)
    measured_ohm: tuple[Ohms, ...] = Field((), title="Measured resistance of each cell", max_length=2000)
    measured_as: tuple[Coulombs, ...] = Field((), title="Measured capacity of each cell", max_length=2000)
    cell_serials: tuple[CellSerial, ...] = Field((), title="Serial of each cell", max_length=2000)
    charge_current_a: Amperes = Field(title="Charge current of the charger", gt=0)
    existing: ExistingPack | None = Field(None, title="The pack as it is")
    serial: str = Field("", title="Serial number", max_length=40)
    builder: str = Field("", title="Built by", max_length=60)

    @model_validator(mode="after")
    def _within_reason(self) -> Self:
        if self.series * self.parallel > 2000:
            raise ValueError(
                f"{self.series} × {self.parallel} cells is {self.series * self.parallel}; "
                "this version takes at most 2000 cells"
            )
        placed = len(self.arrangement.placed)
        if placed and placed != self.series * self.parallel:
            raise ValueError(
                f"{placed} cells are placed, {self.series} × {self.parallel} are {self.series * self.parallel}; "
                "find places anew or go back to whole rows"
            )
        return self

    @property
    def cell_count(self) -> int:
        """Number of cells."""
        return self.series * self.parallel

    @property
    def as_made(self) -> "Design":
        """The design as it is worked out: in holders the clips are the joints, unless a joint was
        measured."""
        joint_ohm = self.details.joint_ohm
        if joint_ohm is None or self.joining.joint_ohm is not None:
            return self
        joining = self.joining.model_copy(update={"joint_ohm": joint_ohm, "doubled": ()})
        return self.model_copy(update={"joining": joining})

    @property
    def as_template(self) -> "Design":
        """The design as the beginning of another job: without serial number, promise, photos and measured
        cells."""
        of_one = (("serial", ""), ("brief.promised", ""), ("photos", ()))
        return self.with_edits(*of_one, *((name, ()) for name in OF_EACH_CELL))

    def edited(self, path: str, value: object) -> "Design":
        """Return a design with the field at the dotted `path` replaced, checked as a whole.

        Raises
        ------
        pydantic.ValidationError
            If the new value or its combination with the others is out of range.
        AttributeError
            If there is no such field.
        """
        return self.with_edits((path, value))

    def with_edits(self, *edits: tuple[str, object]) -> "Design":
        """Return a design with several fields replaced, checked once as a whole; raises as `edited`.

        Of edits that belong together one alone need not be valid, such as a new series count
        beside the old parallel count.
        """
        fields: dict[str, object] = dict(self)
        changed = {path for path, _ in edits}
        if changed & {"series", "parallel"} and not changed & {"arrangement", "arrangement.placed"}:
            # Places are for a count of cells; with another count they mean nothing.
            edits = (
                *edits,
                *(("arrangement." + name, ()) for name in ("placed", "spare_m", "drawn", "removed")),
                *((name, ()) for name in OF_EACH_CELL if name not in changed),
            )
        for path, value in edits:
            fields = _replaced(type(self), fields, path.split("."), value)
        return self.model_validate(fields)


def _replaced(
    model: type[Frozen], fields: dict[str, object], path: list[str], value: object
) -> dict[str, object]:
    name, rest = path[0], path[1:]
    if name not in model.model_fields:
        raise AttributeError(f"there is no field {name!r} in {model.__name__}")
    if rest:
        inner = fields[name]
        value = _replaced(
            model_in(model, name), dict(inner) if isinstance(inner, Frozen | dict) else {}, rest, value
        )
    return {**fields, name: value}
