"""What is recorded at the bench: append-only events, each naming the step it answers, in a hash chain."""

import hashlib
import json
from enum import StrEnum
from typing import Annotated, Literal

from pydantic import ConfigDict, Field, TypeAdapter, model_validator

from firmcell.core.base.quantity import Coulombs, Count, Frozen, Kelvin, Metres, Ohms, Range, Seconds, Unit

GENESIS = "0" * 64
"""What the first event's hash follows."""

SignedVolts = Annotated[float, Unit("V"), Range(-2000, 2000)]
Words = Annotated[str, Field(max_length=500)]


class StepPassed(Frozen):
    """A step is done and found right."""

    kind: Literal["step-passed"] = "step-passed"
    note: Words = Field("", title="Note")


class NotRight(Frozen):
    """A step was found not right: it opens a rework of that step."""

    kind: Literal["not-right"] = "not-right"
    reason: Words = Field(title="What is not right", min_length=1)


class CellCheck(Frozen):
    """Loose cells measured before they are joined."""

    kind: Literal["cell-check"] = "cell-check"
    count: Count = Field(title="Cells measured")
    lowest_v: SignedVolts = Field(title="Lowest voltage")
    highest_v: SignedVolts = Field(title="Highest voltage")
    highest_ohm: Ohms | None = Field(None, title="Highest resistance")
    wraps_sound: bool = Field(title="Every wrap sound")


class CellReading(Frozen):
    """One cell measured; its resistance then counts instead of that of its class."""

    kind: Literal["cell-reading"] = "cell-reading"
    cell: Count = Field(title="Cell number", ge=1, le=2000)
    volts: SignedVolts | None = Field(None, title="Voltage")
    ohms: Ohms | None = Field(None, title="D.C. resistance", gt=0, le=10)


class CellTest(Frozen):
    """What a reclaimed cell is known to be: tested, and read twice at rest."""

    kind: Literal["cell-test"] = "cell-test"
    cell: Count = Field(title="Cell number", ge=1, le=2000)
    capacity_as: Coulombs | None = Field(None, title="Capacity, tested", gt=0)
    ohms: Ohms | None = Field(None, title="D.C. resistance", gt=0, le=10)
    first_v: SignedVolts | None = Field(None, title="At rest, first reading")
    second_v: SignedVolts | None = Field(None, title="At rest, second reading")
    rest_s: Annotated[float, Unit("s", typed_in="d"), Range(0, 1e9)] | None = Field(
        None, title="Between the two", gt=0
    )
    cycles: Count | None = Field(None, title="Cycles so far, if known", ge=1, le=100_000)
    origin: Words = Field("", title="Where it comes from")


class CellFitted(Frozen):
    """A cell was set in its place, known by its serial."""

    kind: Literal["cell-fitted"] = "cell-fitted"
    cell: Count = Field(title="Place in the pack", ge=1, le=2000)
    serial: Words = Field(title="Serial", min_length=1)


class JointReading(Frozen):
    """The welds of one pad measured by four wires; the mean of all readings then counts for every joint."""

    kind: Literal["joint-reading"] = "joint-reading"
    joint: Words = Field(title="Joint", min_length=1)
    ohms: Ohms = Field(title="Resistance", gt=0, le=1)


class WeldSample(Frozen):
    """Sample welds on scrap, peeled."""

    kind: Literal["weld-sample"] = "weld-sample"
    machine: Words = Field(title="Welder", min_length=1)
    mode: Words = Field("", title="Mode")
    setting: Words = Field(title="Setting", min_length=1)
    pulses: Count = Field(title="Pulses", ge=1, le=100)
    strip: Words = Field(title="Strip", min_length=1)
    peeled: Count = Field(title="Welds peeled", ge=1, le=10_000)
    held: Count = Field(title="Left a nugget or a torn hole", le=10_000)


class PeelTest(Frozen):
    """One sample weld peeled and measured: the force it took, or how wide a hole it tore."""

    kind: Literal["peel-test"] = "peel-test"
    force_n: Annotated[float, Unit("N"), Range(0, 1e4)] | None = Field(None, title="Peel force", gt=0)
    torn_m: Metres | None = Field(None, title="Torn hole, diameter", gt=0, le=0.02)

    @model_validator(mode="after")
    def _one_is_measured(self) -> "PeelTest":
        if self.force_n is None and self.torn_m is None:
            raise ValueError("a peel test wants the peel force or the diameter of the torn hole")
        return self


class UpkeepKind(StrEnum):
    """What was done to the welder or its strip."""

    DRESSED = "electrodes dressed"
    ELECTRODES = "new electrodes"
    ROLL = "another strip roll"


class Upkeep(Frozen):
    """The welder's electrodes were dressed or changed, or the strip comes from another roll."""

    kind: Literal["upkeep"] = "upkeep"
    what: UpkeepKind = Field(UpkeepKind.DRESSED, title="What")


class WeldRow(Frozen):
    """Welds made in one step."""

    kind: Literal["weld-row"] = "weld-row"
    machine: Words = Field(title="Welder", min_length=1)
    setting: Words = Field(title="Setting", min_length=1)
    pulses: Count = Field(title="Pulses", ge=1, le=100)
    strip: Words = Field(title="Strip", min_length=1)
    welds: Count = Field(title="Weld pairs made", ge=1)
    sparks: bool = Field(False, title="It sparked")
    flat: bool = Field(title="Strip lies flat, no burr, clear of the rim")
    tug: bool = Field(title="Tug held")


class SolderJoint(Frozen):
    """One soldered joint."""

    kind: Literal["solder-joint"] = "solder-joint"
    joint: Words = Field(title="Joint", min_length=1)
    iron_w: Annotated[float, Unit("W")] = Field(title="Iron", gt=0, le=1000)
    tip_k: Kelvin = Field(title="Tip temperature")
    alloy: Words = Field(title="Alloy", min_length=1)
    seconds: Seconds = Field(title="Time on the joint")
    smooth: bool = Field(title="Smooth, wets both parts, strands in outline")
    tug: bool = Field(title="Tug held")


class ScrewJoint(Frozen):
    """Bars or strip screwed to terminals in one step."""

    kind: Literal["screw-joint"] = "screw-joint"
    joint: Words = Field(title="Joint", min_length=1)
    screws: Count = Field(title="Screws set", ge=1)
    torque_nm: Annotated[float, Unit("N·m")] = Field(title="Torque", gt=0, le=200)
    faces_clean: bool = Field(title="Faces bright and wiped")
    marked: bool = Field(title="Every head marked after its torque")


class Checked(Frozen):
    """A list of things looked at, each right or not."""

    kind: Literal["checked"] = "checked"
    right: tuple[Words, ...] = Field((), title="Right")
    wrong: tuple[Words, ...] = Field((), title="Not right")
    overlap_m: Metres | None = Field(None, title="Overlap of the sleeve")


class TapReading(Frozen):
    """A voltage measured at a tap against B0."""

    kind: Literal["tap-reading"] = "tap-reading"
    tap: Count = Field(title="Tap")
    volts: SignedVolts = Field(title="Reading")


class PointReading(Frozen):
    """A voltage between two points: pins of the plug (B3) or the pack's own strips (strip B3)."""

    kind: Literal["point-reading"] = "point-reading"
    black: Words = Field(title="Black probe on", min_length=1)
    red: Words = Field(title="Red probe on", min_length=1)
    volts: SignedVolts = Field(title="Reading")


class Across(StrEnum):
    """What was across the points while a voltage was read."""

    LAMP = "a lamp or 1 kΩ across the two points"
    PACK_LOADED = "the whole pack under one steady load"


class LoadedReading(Frozen):
    """A voltage between two points with a load on them: it shows what a meter of ten megohms does not."""

    kind: Literal["loaded-reading"] = "loaded-reading"
    black: Words = Field(title="Black probe on", min_length=1)
    red: Words = Field(title="Red probe on", min_length=1)
    volts: SignedVolts = Field(title="Reading")
    across: Across = Field(Across.LAMP, title="With")


class InsulationReading(Frozen):
    """An insulation resistance measured."""

    kind: Literal["insulation-reading"] = "insulation-reading"
    between: Words = Field(title="Between", min_length=1)
    test_v: SignedVolts = Field(title="Test voltage")
    ohms: Annotated[float, Unit("Ω", typed_in="MΩ"), Range(0, 1e12)] = Field(title="Reading")


class PolarityReading(Frozen):
    """A voltage measured with the red probe on the contact marked plus."""

    kind: Literal["polarity-reading"] = "polarity-reading"
    at: Words = Field(title="Where", min_length=1)
    volts: SignedVolts = Field(title="Reading, red on plus")


class CrimpJoint(Frozen):
    """One crimped lug or terminal."""

    kind: Literal["crimp-joint"] = "crimp-joint"
    joint: Words = Field(title="Joint", min_length=1)
    die: Words = Field(title="Die or indent", min_length=1)
    crimps: Count = Field(title="Crimps", ge=1, le=3)
    strands_in: bool = Field(title="Every strand in, seen in the witness hole")
    tug: bool = Field(title="Tug held")
    torque_nm: Annotated[float, Unit("N·m")] | None = Field(None, title="Torque on the stud", gt=0, le=200)


class FoundThing(StrEnum):
    """What a record of a thing as it was found is about."""

    SCREW = "screws"
    WIRE = "a wire"
    BOARD = "the board and its slot"
    FRAME = "the frame: sides, keys"
    GLUE = "glue"
    FAULT = "a fault"
    CONTACT = "a contact of the host"
    OTHER = "something else"


class AsFound(Frozen):
    """One thing as it was found, before it moves."""

    kind: Literal["as-found"] = "as-found"
    thing: FoundThing = Field(FoundThing.WIRE, title="What")
    words: Words = Field(title="As found", min_length=1)
    count: Count | None = Field(None, title="How many", ge=1, le=1000)
    colour: Words = Field("", title="Colour")
    begins: Words = Field("", title="From")
    ends: Words = Field("", title="To")
    length_m: Metres | None = Field(None, title="Length")
    kept: Words = Field("", title="Kept where")


class PhotoKept(Frozen):
    """A photo kept in the job, named by its content."""

    kind: Literal["photo"] = "photo"
    name: Words = Field(title="Photo", min_length=1)
    shows: Words = Field("", title="Shows")
    sha256: Annotated[str, Field(pattern=r"^[0-9a-f]{64}$")] = Field(title="Hash")


class Weighing(Frozen):
    """A pack weighed before it was dipped in water and after, wiped dry."""

    kind: Literal["weighing"] = "weighing"
    before_kg: Annotated[float, Unit("kg", typed_in="g"), Range(0, 1000)] = Field(
        title="Before the dip", gt=0
    )
    after_kg: Annotated[float, Unit("kg", typed_in="g"), Range(0, 1000)] = Field(title="After it", gt=0)
    under_s: Annotated[float, Unit("s", typed_in="min"), Range(0, 1e7)] = Field(title="In the water", gt=0)


class Watched(StrEnum):
    """What was watched."""

    CHARGE = "first charge"
    CAPACITY = "capacity test"


class WatchedRun(Frozen):
    """A charge or a capacity test whose readings were held against the plan of the run."""

    kind: Literal["watched-run"] = "watched-run"
    what: Watched = Field(Watched.CHARGE, title="What")
    seconds: Annotated[float, Unit("s", typed_in="min"), Range(0, 1e7)] = Field(title="Lasted")
    readings: Count = Field(title="Readings", ge=1, le=1_000_000)
    outside: Count = Field(title="Outside the plan", le=1_000_000)
    end_v: SignedVolts | None = Field(None, title="Voltage at the end")
    most_k: Kelvin | None = Field(None, title="Warmest")
    capacity_as: Annotated[float, Unit("A·s"), Range(0, 1e9)] | None = Field(None, title="Capacity")


class Remark(Frozen):
    """Anything worth keeping."""

    kind: Literal["remark"] = "remark"
    text: Words = Field(title="Remark", min_length=1)


class Incident(Frozen):
    """Something that must never be passed over: smoke, heat, a short, a cut cell."""

    kind: Literal["incident"] = "incident"
    words: Words = Field(title="What happened", min_length=1)


class Resolution(Frozen):
    """What was done about an incident, so that work may go on."""

    kind: Literal["resolution"] = "resolution"
    seq: Count = Field(title="Of record number", ge=1)
    words: Words = Field(title="What was found and done", min_length=1)


class Correction(Frozen):
    """Takes an earlier event back; that event stays in the log and no longer counts."""

    kind: Literal["correction"] = "correction"
    seq: Count = Field(title="Takes back record number", ge=1)
    reason: Words = Field(title="Because", min_length=1)


Payload = Annotated[
    StepPassed
    | NotRight
    | CellCheck
    | CellReading
    | CellTest
    | CellFitted
    | JointReading
    | WeldSample
    | PeelTest
    | Upkeep
    | WeldRow
    | SolderJoint
    | ScrewJoint
    | Checked
    | TapReading
    | PointReading
    | LoadedReading
    | InsulationReading
    | PolarityReading
    | CrimpJoint
    | AsFound
    | PhotoKept
    | Weighing
    | WatchedRun
    | Remark
    | Incident
    | Resolution
    | Correction,
    Field(discriminator="kind"),
]
PAYLOAD: TypeAdapter[Payload] = TypeAdapter(Payload, config=ConfigDict(defer_build=True))
RECORD_KINDS: dict[str, type[Frozen]] = {
    model.model_fields["kind"].default: model
    for model in (
        StepPassed,
        NotRight,
        CellCheck,
        CellReading,
        CellTest,
        CellFitted,
        JointReading,
        WeldSample,
        PeelTest,
        Upkeep,
        WeldRow,
        SolderJoint,
        ScrewJoint,
        Checked,
        TapReading,
        PointReading,
        LoadedReading,
        InsulationReading,
        PolarityReading,
        CrimpJoint,
        AsFound,
        PhotoKept,
        Weighing,
        WatchedRun,
        Remark,
        Incident,
        Resolution,
        Correction,
    )
}


class Event(Frozen):
    """One record.

    Attributes
    ----------
    seq : from 1, without gaps.
    time : ISO 8601 with offset, as the store wrote it.
    person, instrument : who, and with what; may be empty.
    step : code of the step it answers; empty for remarks outside one.
    revision : number of the design revision it was made against.
    prev, hash : of the event before, and of this one.
    """

    seq: Count
    time: str = Field(max_length=40)
    person: Words = ""
    instrument: Words = ""
    step: str = Field("", max_length=60)
    revision: Count
    data: Payload
    prev: str = Field(pattern=r"^[0-9a-f]{64}$")
    hash: str = Field(pattern=r"^[0-9a-f]{64}$")


def event_hash(
    seq: int, time: str, person: str, instrument: str, step: str, revision: int, data_json: str, prev: str
) -> str:
    """Return the SHA-256 over an event's fields and the hash before, as canonical JSON."""
    body = json.dumps(
        [seq, time, person, instrument, step, revision, data_json, prev],
        ensure_ascii=False,
        separators=(",", ":"),
    )
    return hashlib.sha256(body.encode()).hexdigest()


def payload_json(payload: Frozen) -> str:
    """Return the one JSON text of a payload that is stored and hashed."""
    return json.dumps(
        payload.model_dump(mode="json"), ensure_ascii=False, sort_keys=True, separators=(",", ":")
    )


def sealed(
    seq: int, time: str, person: str, instrument: str, step: str, revision: int, data: Payload, prev: str
) -> Event:
    """Return the event with its hash."""
    text = payload_json(data)
    return Event(
        seq=seq,
        time=time,
        person=person,
        instrument=instrument,
        step=step,
        revision=revision,
        data=data,
        prev=prev,
        hash=event_hash(seq, time, person, instrument, step, revision, text, prev),
    )


def first_broken_link(events: tuple[Event, ...] | list[Event]) -> str | None:
    """Return a sentence about the first event that does not follow from the one before; None if all do."""
    prev = GENESIS
    for expected_seq, event in enumerate(events, start=1):
        if event.seq != expected_seq:
            return f"Record {expected_seq} is missing; the log jumps to {event.seq}."
        if event.prev != prev:
            return f"Record {event.seq} does not follow record {event.seq - 1}: one of them was changed or removed."
        computed = event_hash(
            event.seq,
            event.time,
            event.person,
            event.instrument,
            event.step,
            event.revision,
            payload_json(event.data),
            event.prev,
        )
        if computed != event.hash:
            return f"Record {event.seq} ({event.data.kind}) was changed after it was written."
        prev = event.hash
    return None
