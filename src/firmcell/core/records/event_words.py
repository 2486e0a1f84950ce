"""One line of words for each record, for lists and logs."""

from collections.abc import Iterable

from firmcell.core.records.events import (
    AsFound,
    CellCheck,
    CellFitted,
    CellReading,
    CellTest,
    Checked,
    Correction,
    CrimpJoint,
    Event,
    Incident,
    InsulationReading,
    JointReading,
    LoadedReading,
    NotRight,
    PeelTest,
    PhotoKept,
    PointReading,
    PolarityReading,
    Resolution,
    ScrewJoint,
    SolderJoint,
    StepPassed,
    TapReading,
    Upkeep,
    WatchedRun,
    Weighing,
    WeldRow,
    WeldSample,
)


def watched_words(run: WatchedRun) -> str:
    """Return what a watched charge or capacity test said."""
    told = f"{run.what.value}: {run.seconds / 60:.0f} min, {run.outside} of {run.readings} readings outside the plan"
    told += f", ended at {run.end_v:.2f} V" if run.end_v is not None else ""
    return told + (f", {run.capacity_as / 3600:.2f} Ah" if run.capacity_as is not None else "")


def peel_words(peel: PeelTest) -> str:
    """Return what a peeled sample measured."""
    told = [f"{peel.force_n:.0f} N"] if peel.force_n is not None else []
    told += [f"hole of {peel.torn_m * 1e3:.1f} mm"] if peel.torn_m is not None else []
    return f"peeled: {', '.join(told)}"


def event_words(event: Event) -> str:
    """Return one line that tells a record."""
    match event.data:
        case StepPassed(note=note):
            return "passed" + (f": {note}" if note else "")
        case NotRight(reason=reason):
            return f"NOT RIGHT: {reason}"
        case CellCheck(count=n, lowest_v=low, highest_v=high, wraps_sound=sound):
            return f"{n} cells, {low:.3f} to {high:.3f} V, wraps {'sound' if sound else 'NOT sound'}"
        case WeldSample(setting=setting, peeled=n, held=held, machine=machine, pulses=pulses):
            return f"{held} of {n} sample welds held ({machine}, {setting}, {pulses} pulse{'s' if pulses != 1 else ''})"
        case PeelTest():
            return peel_words(event.data)
        case Upkeep(what=what):
            return what.value
        case WeldRow(welds=n, setting=setting, flat=flat, tug=tug, sparks=sparks):
            marks = [
                w for w, yes in (("sparked", sparks), ("NOT flat", not flat), ("tug FAILED", not tug)) if yes
            ]
            return f"{n} weld pairs at {setting}" + (": " + ", ".join(marks) if marks else ", flat, tug held")
        case SolderJoint() | ScrewJoint() | CrimpJoint():
            return joint_words(event.data)
        case Checked(right=right, wrong=wrong, overlap_m=overlap):
            lip = f", overlap {overlap * 1e3:.1f} mm" if overlap is not None else ""
            return f"{len(right)} right{lip}" + (f", NOT right: {'; '.join(wrong)}" if wrong else "")
        case TapReading(tap=tap, volts=volts):
            return f"B{tap} reads {volts:.3f} V"
        case LoadedReading(black=black, red=red, volts=volts, across=across):
            return f"{black} to {red}: {volts:.3f} V with {across.value}"
        case PointReading(black=black, red=red, volts=volts):
            return f"{black} to {red} reads {volts:.3f} V"
        case CellReading(cell=cell, volts=cell_v, ohms=cell_ohm):
            read = [f"{cell_v:.3f} V"] if cell_v is not None else []
            read += [f"{cell_ohm * 1e3:.1f} mΩ"] if cell_ohm is not None else []
            return f"cell {cell}: {', '.join(read) or 'nothing read'}"
        case CellFitted(cell=cell, serial=serial):
            return f"{serial} set in place {cell}"
        case CellTest():
            return tested_words(event.data)
        case JointReading(joint=joint, ohms=ohms):
            return f"joint {joint}: {ohms * 1e3:.3f} mΩ"
        case PolarityReading(at=at, volts=volts):
            return f"{at}: {volts:+.2f} V, red on plus".replace("-", "−")
        case AsFound():
            return found_words(event.data)
        case PhotoKept(name=name, shows=shows, sha256=digest):
            return f"photo {name}" + (f", {shows}" if shows else "") + f" ({digest[:12]})"
        case Weighing(before_kg=dry, after_kg=wet, under_s=under):
            return f"{dry * 1e3:.1f} g before the dip, {wet * 1e3:.1f} g after {under / 60:.0f} min in water"
        case WatchedRun():
            return watched_words(event.data)
        case InsulationReading(between=between, ohms=ohms, test_v=test):
            return f"insulation {between}: {ohms / 1e6:.4g} MΩ at {test:g} V"
        case Incident() | Resolution():
            return incident_words(event.data)
        case Correction(seq=seq, reason=reason):
            return f"takes back record {seq}: {reason}"
        case remark:
            return str(getattr(remark, "text", remark.kind))


def joint_words(data: SolderJoint | ScrewJoint | CrimpJoint) -> str:
    """Return one line that tells a soldered or crimped joint, or a row of screws."""
    match data:
        case CrimpJoint(joint=joint, die=die, crimps=n, strands_in=strands, tug=tug, torque_nm=torque):
            screwed = f", {torque:g} N·m" if torque else ""
            outcome = ("" if strands else ", strands OUTSIDE") + (", tug held" if tug else ", tug FAILED")
            return f"{joint}: {n} crimp{'s' if n > 1 else ''}, die {die}{outcome}{screwed}"
        case SolderJoint(joint=joint, iron_w=watts, smooth=smooth, tug=tug, seconds=seconds):
            return (
                f"{joint}: {watts:g} W iron, {seconds:g} s, {'smooth' if smooth else 'NOT smooth'}, "
                f"tug {'held' if tug else 'FAILED'}"
            )
        case ScrewJoint(joint=joint, screws=n, torque_nm=torque, faces_clean=clean, marked=marked):
            return (
                f"{joint}: {n} screws at {torque:g} N·m, faces {'clean' if clean else 'NOT clean'}, "
                f"{'marked' if marked else 'NOT marked'}"
            )


def incident_words(data: Incident | Resolution) -> str:
    """Return one line that tells an incident, or what was done about one."""
    if isinstance(data, Incident):
        return f"INCIDENT: {data.words}"
    return f"incident of record {data.seq} resolved: {data.words}"


def found_words(found: AsFound) -> str:
    """Return one line that tells a thing as it was found."""
    count = f"{found.count} × " if found.count else ""
    way = f", from {found.begins}" * bool(found.begins) + f" to {found.ends}" * bool(found.ends)
    long = f", {found.length_m * 1e3:.0f} mm" if found.length_m is not None else ""
    colour = f", {found.colour}" if found.colour else ""
    kept = f"; kept {found.kept}" if found.kept else ""
    return f"{found.thing.value}: {count}{found.words}{colour}{way}{long}{kept}"


def tested_words(test: CellTest) -> str:
    """Return one line that tells what a reclaimed cell is known to be."""
    known = [
        f"{test.capacity_as / 3600:.2f} Ah" if test.capacity_as else "",
        f"{test.ohms * 1e3:.1f} mΩ" if test.ohms else "",
        f"{test.first_v:.3f} to {test.second_v:.3f} V in {test.rest_s / 86400:.1f} days"
        if test.first_v is not None and test.second_v is not None and test.rest_s
        else "",
        f"{test.cycles} cycles" if test.cycles else "",
        test.origin,
    ]
    return f"cell {test.cell} tested: {', '.join(k for k in known if k) or 'nothing entered'}"


def initials(name: str) -> str:
    """Return the initials of a name, such as WA."""
    return "".join(part[0] for part in name.split()).upper()


def others_named(events: Iterable[Event], person: str) -> tuple[str, ...]:
    """Return who besides `person` is named in the log, in order of first record."""
    return tuple(dict.fromkeys(e.person for e in events if e.person and e.person != person))
