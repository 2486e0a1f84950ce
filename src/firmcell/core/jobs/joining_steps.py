"""Steps that join the cells, face by face, for each way of joining: welds, solder, screws."""

from collections import Counter
from collections.abc import Iterator
from math import dist

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.bench.joint_order import order_of
from firmcell.core.bench.weld_samples import SAMPLE_SHARE, zero_failure_sample
from firmcell.core.jobs.cooling import SOLDERED_END_S
from firmcell.core.jobs.proving_steps import total_step
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.design import Design, Face
from firmcell.core.model.joint_kinds import KINDS, JoinedBy, joints_in_words, terminal_torque
from firmcell.core.model.parts import CellForm
from firmcell.core.records.areas import face_area, node_area, tap_area
from firmcell.core.records.step import Step
from firmcell.core.strips.lead_ends import lead_end_at, lead_seat, lead_thread
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.runs import StripKind

IRON_WORDS = "70 W or more with a wide tip at 370 to 400 °C"
"""Iron for cell tabs; common practice, no source."""


def joining_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield what proves the way of joining, then every tap point's metal, one face after the other."""
    yield _practice(d, a)
    by_node: dict[int, list[StripPiece]] = {}
    for piece in a.strips:
        by_node.setdefault(piece.node, []).append(piece)
    phase = KINDS[d.joining.joined_by].verb
    # Flat cells have all their metal on top: nothing is turned over.
    both = len({p.face for p in a.strips}) > 1
    order = order_of(d, a.layout, a.strips)
    # One face, then the other; while only one face is joined no more than two groups are ever in series.
    for face in (Face.BOTTOM, Face.TOP):
        nodes = sorted({p.node for p in a.strips if p.face is face}, key=order.index)
        if not nodes:
            continue
        if both:
            yield _turn(d, face, phase)
        for node in nodes:
            yield _joined_node(d, a, face, node, by_node[node], both)
        yield from _measured_and_covered(d, face, phase, both)


def _measured_and_covered(d: Design, face: Face, phase: str, both: bool) -> Iterator[Step]:
    last = face is Face.TOP or not both
    pairs = d.series > 1
    how = "Measure each group from its minus to its plus"
    if both:
        how += ", the pack on its long side so that both faces can be reached"
    if pairs:
        how += ", then each joined pair of groups " + (
            "through the flaps of the other face"
            if both and last
            else "between its free ends on the other face"
            if both
            else "from the minus of the one to the plus of the other"
        )
    yield Step(
        f"measure-{face.value}",
        phase,
        f"Measure across the {face.value} face",
        f"{how}.",
        records=("checked",),
        checks=(
            "Each group reads one cell" if d.series > 1 else "It reads one cell",
            *(("Each joined pair reads the sum of both within 0.05 V",) if pairs else ()),
            "No strip over a bare rim",
        ),
        expected=f"{volts(d.cell_now_v)} a group, {volts(2 * d.cell_now_v)} a pair"
        if pairs
        else volts(d.cell_now_v),
        face=face,
        hold=True,
        offers=("joint-reading",),
        opens=tuple(tap_area(n) for n in range(d.series + 1)),
    )
    if last:
        yield total_step(d, phase)
    if last and is_stick(d.arrangement):
        # Folding comes next, and covers each fold as it is made.
        return
    live = (
        "every tap point is live against every other, under its flap"
        if last
        else "the bare ends of the other face are live through every group joined on this one"
    )
    yield Step(
        f"cover-{face.value}",
        phase,
        f"Cover the {face.value} face",
        "Lay sheet over all joints of this face before anything else is joined, with a flap over each tap point: it is read and the sense lead is "
        "joined through the flap.",
        cautions=(f"From here on {live}.",),
        records=("checked",),
        checks=("Sheet covers all metal", "A flap at each tap point, closed"),
        face=face,
        covers=(face_area(face),),
    )


def _turn(d: Design, face: Face, phase: str) -> Step:
    turned = "Turn the pack over" if face is Face.BOTTOM else "Turn the pack back"
    return Step(
        f"turn-{face.value}",
        phase,
        f"{turned}: {face.value} face up",
        f"{turned} about its {d.arrangement.turn_axis.value} axis and compare every cell with the picture before the first strip touches.",
        cautions=("Turning mirrors everything; this is where polarity is lost.",),
        records=("checked",),
        checks=(
            "Each visible end as drawn",
            *(("Rings in place",) if d.insulation.rings else ()),
            "Plus and minus still marked on the bench",
        ),
        face=face,
        hold=True,
        refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
    )


def _practice(d: Design, a: Analysis) -> Step:
    """What is proved before the first joint on the pack."""
    poles = (StripKind.COLLECTOR, StripKind.BRIDGE)
    strip = " and ".join(dict.fromkeys(p.strip for p in a.strips if p.kind not in poles))
    strip = strip or d.joining.link_strip.name
    match d.joining.joined_by:
        case JoinedBy.WELD:
            return _weld_sample(strip)
        case JoinedBy.SOLDER:
            return _solder_sample(strip)
        case JoinedBy.TABS:
            return _tabs_look(d, strip)
        case JoinedBy.SCREW:
            return _screw_faces(d)


def _weld_sample(strip: str) -> Step:
    need = zero_failure_sample(SAMPLE_SHARE, SAMPLE_SHARE)
    return Step(
        "weld-sample",
        "Weld",
        "Peel sample welds",
        f"Weld {strip} on scrap or a dead cell with the setting you will use, and peel. A good weld leaves a nugget "
        f"and tears a hole in the strip. {need} peeled without a failure prove 90 % good welds with 90 % confidence.",
        cautions=(
            "The two electrodes must never touch each other.",
            "Glasses on: sparks, and sharp strip when peeling.",
        ),
        records=("weld-sample",),
        expected="every peeled weld leaves a nugget or a torn hole",
        hold=True,
    )


def _solder_sample(strip: str) -> Step:
    return Step(
        "solder-sample",
        "Solder",
        "Practise on a dead cell",
        f"Roughen a dead cell's end, flux and tin it and the end of {strip}, join both, and tug. {IRON_WORDS}; plenty "
        "of heat for a short time, never a small iron for a long time.",
        cautions=(
            "Schools differ on soldering straight on a cell: heat harms its seal. Cells with factory tabs are the safe way.",
            "Fumes: air. Glasses on.",
        ),
        records=("solder-joint",),
        expected="under 3 s, smooth, the can only hand-warm ten seconds later, tug holds",
        hold=True,
    )


def _tabs_look(d: Design, strip: str) -> Step:
    return Step(
        "tabs-look",
        "Solder",
        "Look over and tin the tabs",
        f"Every tab firm on its cell, bent clear of the rim, roughened, fluxed and tinned; the ends of {strip} likewise. {IRON_WORDS}.",
        cautions=(
            *_pouch_caution(d),
            "A tab that touches the rim of a positive end shorts the cell: ring first.",
        ),
        records=("checked",),
        checks=("Every tab firm", "Tabs clear of the rim", "Tabs and strip tinned"),
        hold=True,
    )


def _screw_faces(d: Design) -> Step:
    return Step(
        "screw-faces",
        "Screw",
        "Clean the faces, try the screws",
        f"Brighten every terminal and the underside of each bar and wipe them just before joining. Try a screw of "
        f"{millimetres(d.joining.thread_m)} in a terminal by hand: it must bite at least its own diameter and not bottom.",
        cautions=(
            "Wrap the spanner's handle in tape: across two terminals it is the short.",
            "No filings on the cells: brush them off away from the pack.",
        ),
        records=("checked",),
        checks=("Faces bright and wiped", "Screws bite and do not bottom", "Spanner wrapped"),
        hold=True,
    )


def _pouch_caution(d: Design) -> tuple[str, ...]:
    if d.cell.form is not CellForm.POUCH:
        return ()
    return (
        "No iron rests on anything that leads straight into a pouch: a clip between iron and cell takes the heat.",
    )


def _row_cautions(d: Design) -> tuple[str, ...]:
    match d.joining.joined_by:
        case JoinedBy.WELD:
            return ("Weld on flat metal only; keep strip and tools off every rim.",)
        case JoinedBy.SCREW:
            return ("One bar at a time; the spanner touches one terminal and nothing else.",)
        case JoinedBy.TABS:
            return (*_pouch_caution(d), "One joint at a time; the iron's tip across two tabs is a short.")
        case JoinedBy.SOLDER:
            return ("Short and hot; let a cell cool before its next joint. Keep the tip off every rim.",)


def _how(d: Design) -> str:
    """How a row of joints is made, after the strip is laid."""
    match d.joining.joined_by:
        case JoinedBy.WELD:
            return ""
        case JoinedBy.SCREW:
            torque = terminal_torque(d.joining.thread_m)
            asked = f"about {torque:.1f} N·m" if torque else "as the cell's sheet says"
            return f" Washer and lock under each head, {asked} (the cell's sheet goes before that), then a paint mark over head and bar."
        case JoinedBy.TABS:
            return f" {IRON_WORDS}; hold still until the shine goes dull."
        case JoinedBy.SOLDER:
            return (
                f" Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on. {IRON_WORDS}; hold still "
                "until the shine goes dull."
            )


def _lengths(pieces: list[StripPiece]) -> str:
    """Cut lengths in words, equal ones counted: 29.4 mm, 2 × 50.8 mm."""
    counts = Counter(millimetres(p.length_m) for p in pieces)
    return ", ".join(f"{n} × {length}" if n > 1 else length for length, n in counts.items())


def _joined_node(d: Design, a: Analysis, face: Face, node: int, pieces: list[StripPiece], both: bool) -> Step:
    welded = d.joining.joined_by is JoinedBy.WELD
    title, words, expected, cautions = (
        _linked_node(d, node, pieces, both) if 0 < node < d.series else _collecting_node(d, a, node, pieces)
    )
    if pieces[0].under:
        words += f" First {pieces[0].under} on the pads, then the strip on it{', welded through both' if welded else ''}."
    doubled = sorted({n for p in pieces for n in p.cells} & set(d.joining.doubled)) if welded else []
    if doubled:
        words += f" Twice the weld pairs on {'cells' if len(doubled) > 1 else 'cell'} {', '.join(map(str, doubled))}: joints that matter."
    kind = KINDS[d.joining.joined_by]
    wired = d.joining.fused and node > 0
    if wired:
        words += _fuse_wire_words(d)
        cautions += FUSE_WIRE_CAUTIONS
    # A plate with wires alone has no welds to record.
    rows = () if wired and node == d.series else (kind.record,)
    soldered = ("solder-joint",) if wired and rows != ("solder-joint",) else ()
    return Step(
        f"weld-{face.value}-N{node}",
        kind.verb,
        title,
        words + _how(d),
        cautions=cautions,
        records=rows + soldered,
        joints=sum(p.joints for p in pieces),
        hold=True,
        expected=expected,
        cools_s=SOLDERED_END_S if d.joining.joined_by is JoinedBy.SOLDER or wired else 0.0,
        face=face,
        refs=tuple(f"strip:{p.id}" for p in pieces),
        wires=tuple(e.id for e in a.wiring.wires if e.id == f"bridge.{node}"),
        joins=(node,),
        opens=(node_area(node),),
    )


FUSE_WIRE_CAUTIONS = (
    "The plate lies over the cell's rim, which is its minus: ring and sheet stay under it, and no wire may sag to it.",
    "A wire that melts throws hot copper: nothing that burns lies over it.",
)


def _fuse_wire_words(d: Design) -> str:
    """How the fuse wires of a plate are made."""
    wire, free = d.joining.fuse_wire_m or 0.0, d.joining.fuse_free_m
    return (
        f" At each plus the plate has a window: off the pack, solder a bare copper wire of {wire * 1e3:.2f} mm to the plate beside each; on the cells, "
        f"solder its other end to the plus in under 3 s. {millimetres(free)} of it stay free between the two joints, in an arc, clear of everything: "
        "shorter it does not melt when it should, longer it melts in use."
    )


def _joints(d: Design, node: int, pieces: list[StripPiece]) -> str:
    """The joints of a tap point in words, fuse wires apart."""
    count = sum(p.joints for p in pieces)
    words = [joints_in_words(d.joining.joined_by, count)] if count else []
    if d.joining.fused and node > 0:
        words.append(f"{plural(d.parallel, 'fuse wire')} at the plus ends")
    return " and ".join(words)


def _in_layers(pieces: list[StripPiece]) -> str:
    return f" in {pieces[0].layers} layers" if pieces[0].layers > 1 else ""


def _linked_node(
    d: Design, node: int, pieces: list[StripPiece], both: bool
) -> tuple[str, str, str, tuple[str, ...]]:
    """Title, words, what to expect and cautions where one group is joined to the next."""
    between = (StripKind.LINK, StripKind.BRIDGE)
    links = [p for p in pieces if p.kind in between]
    others = [p for p in pieces if p.kind not in between]
    plated = any(p.kind is StripKind.PLATE for p in pieces)
    ladder = next((p for p in pieces if p.kind is StripKind.LADDER), None)
    many = _in_layers(links or others)
    joints = _joints(d, node, pieces)
    title = f"B{node}: join group {node} to group {node + 1}"
    parallel = f"{plural(len(others), 'parallel strip')} first, then " if others else ""
    words = (
        f"Plate B{node}{many}, as cut from the template."
        if plated
        else f"{ladder.strip}{many}, {millimetres(ladder.length_m)} long, slotted or punched for this pitch: a pair of welds astride each slot."
        + (f" Then {plural(len(pieces) - 1, 'strip')} drawn by hand." if len(pieces) > 1 else "")
        if ladder
        else f"{parallel}{plural(len(links), 'series link')} of {(links or others)[0].strip}{many}, {_lengths(links)} long."
    ) + f" {joints} in all."
    if any(p.kind is StripKind.BRIDGE for p in links):
        words += " The bridge to the other block is flexible insulated wire."
    where = "on the other face, " if both else ""
    expected = f"{where}minus of group {node} to plus of group {node + 1}: {volts(2 * d.cell_now_v)}"
    cautions = _row_cautions(d)
    return title, words, expected, cautions


def _tail_words(d: Design, a: Analysis, node: int) -> str:
    """Where a collecting strip has tails for the main leads, in words."""
    place = 0 if node == 0 else 1
    wanted = (a.layout.lead_cells[place], a.layout.second_lead_cells[place])
    ends = [lead_end_at(a.layout, d.joining, d.leads, n, node) for n in wanted if n]
    tails = [end for end in ends if end is not None and end.between is None]
    seat = lead_seat(d.joining, d.leads, a.layout.pitch_m)
    drilled = f", drilled for M{lead_thread(d.joining, d.leads) * 1e3:.0f}" if seat.bolted else ""
    pads = {n: a.layout.pad(a.layout.by_number[n], node != 0) for n in wanted if n}
    return "".join(
        f", {'with a' if n == 0 else 'a second'} tail for the main lead at cell {end.at}"
        + (
            f" (middle of the lug {millimetres(dist(end.middle, pads[end.at]))} past its pad{drilled})"
            if seat.bolted
            else ""
        )
        for n, end in enumerate(tails)
    )


def _collecting_node(
    d: Design, a: Analysis, node: int, pieces: list[StripPiece]
) -> tuple[str, str, str, tuple[str, ...]]:
    """Title, words, what to expect and cautions at a pole of the pack."""
    plated = any(p.kind is StripKind.PLATE for p in pieces)
    many = _in_layers(pieces)
    joints = _joints(d, node, pieces)
    pole = "minus" if node == 0 else "plus"
    title = f"B{node}: collecting {'plate' if plated else 'strip'} of the pack's {pole}"
    words = (
        f"Plate B{node}{many}, tab towards the main lead."
        if plated
        else f"{pieces[0].strip}{many}, {_lengths(pieces)} long{_tail_words(d, a, node)}."
    ) + f" {joints}."
    if d.joining.on_tabs and not plated:
        words += (
            f" It is a bar: first, off the pack, solder a tab of {pieces[0].tabs} to it for each cell and let it cool, a sheet under the bar with a hole at each cell. "
            "Then weld the tabs to the cells, and only the tabs."
        )
    expected = (
        f"all {d.parallel} cells of the group read {volts(d.cell_now_v)}"
        if d.parallel > 1
        else volts(d.cell_now_v)
    )
    cautions = (
        f"This strip carries the whole current at its tail: no single {KINDS[d.joining.joined_by].one} may be missing.",
        *(() if d.joining.joined_by is JoinedBy.WELD else _row_cautions(d)),
    )
    return title, words, expected, cautions
