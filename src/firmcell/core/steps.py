"""The work plan of a new pack: every step from the design, with its caution, its records and what to expect."""

from collections import Counter
from collections.abc import Iterator
from dataclasses import dataclass

from firmcell.core.analysis import Analysis
from firmcell.core.build import BuildState, StepStatus
from firmcell.core.design import BoardPlace, Design, Face
from firmcell.core.joint_work import joint_work
from firmcell.core.rules.brief import TOUCH_LIMIT_V
from firmcell.core.sampling import zero_failure_sample
from firmcell.core.strips import StripKind, StripPiece
from firmcell.core.wording import amperes, millimetres, plural, volts


@dataclass(frozen=True)
class Step:
    """One step at the bench.

    Attributes
    ----------
    code : stable within a design, such as ``weld-bottom-N0``.
    phase : heading it stands under.
    title, words : what to do, short and in full.
    cautions : for this step only.
    records : kinds of record wanted before it may be passed, as in `events.RECORD_KINDS`.
    offers : kinds of record that may be made here and need not.
    looks : things to look at one by one (for a ``checked`` record).
    measures : fields of that record that are measured as well.
    expected : what a right result reads or looks like.
    face, refs : which face lies up, and what to light on the picture.
    hold : whether work stops here until it is passed.
    """

    code: str
    phase: str
    title: str
    words: str
    cautions: tuple[str, ...] = ()
    records: tuple[str, ...] = ()
    offers: tuple[str, ...] = ()
    looks: tuple[str, ...] = ()
    measures: tuple[str, ...] = ()
    expected: str = ""
    face: Face | None = None
    refs: tuple[str, ...] = ()
    hold: bool = False


def new_pack_steps(design: Design, analysis: Analysis) -> tuple[Step, ...]:
    """Return the steps of a new pack in order."""
    return tuple(
        step
        for part in (_prepare, _sample, _weld, _wire, _insulate, proving_steps, closing_steps)
        for step in part(design, analysis)
    )


def next_step(steps: tuple[Step, ...], state: BuildState) -> Step | None:
    """Return the first step that is not passed, or None when all are."""
    return next((s for s in steps if state.step(s.code).status is not StepStatus.PASSED), None)


def held_by(steps: tuple[Step, ...], state: BuildState, code: str) -> Step | None:
    """Return the first hold point before `code` that is not passed, or None."""
    for step in steps:
        if step.code == code:
            return None
        if step.hold and state.step(step.code).status is not StepStatus.PASSED:
            return step
    return None


def _prepare(d: Design, a: Analysis) -> Iterator[Step]:
    e = a.jacket.envelope
    if d.brief.box_m:
        yield Step(
            "measure-space", "Prepare", "Measure the real space",
            f"Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be "
            f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm.",
            records=("checked",),
            looks=("Length takes the pack with clearance", "Width takes it", "Height takes it", "Leads have a way out"),
            hold=True,
        )  # fmt: skip
    yield Step(
        "check-cells", "Prepare", f"Measure all {d.cell_count} cells",
        f"Voltage of every {d.cell.name}, and look at every wrap and both ends. Note the lowest and the highest.",
        cautions=("A dented, leaking or rusty cell does not go into a pack.",),
        records=("cell-check",),
        offers=("cell-reading",),
        expected=f"about {volts(d.cell_now_v)} each, all within 0.10 V, {plural(d.cell_count, 'cell')}",
        hold=True,
    )  # fmt: skip
    if d.jacket.rings:
        yield Step(
            "rings", "Prepare", "Ring on every positive end",
            "Press an insulator ring on every positive end, centred, metal of the nub clear inside it.",
            cautions=("The can is negative right up to the rim: without the ring a strip shorts the cell.",),
            records=("checked",), looks=("Ring on each positive", "Each ring centred and stuck down"), hold=True,
        )  # fmt: skip
    lay = d.arrangement
    first = "plus" if a.layout.group_up(1) else "minus"
    yield Step(
        "dry-fit", "Prepare", "Set the cells, mark plus and minus",
        (f"Stand the cells {lay.rows} across, {a.layout.columns} columns, group by group as drawn; "
         if a.layout.in_rows else "Stand each cell in its numbered place, in the holder or on the template printed at 1:1; ")
        + f"group 1 with {first} up, each next group the other way. Write + and − on the bench beside the groups and leave the marks to the end.",
        cautions=("Check each group's direction against the drawing twice: one cell the wrong way is a dead short.",),
        records=("checked",),
        looks=("Every cell's direction as drawn, first time", "Every cell's direction as drawn, second time",
               "Marks on the bench", "Cells held firm"),
        face=Face.TOP, hold=True,
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells if c.positive_up),
    )  # fmt: skip


def _sample(d: Design, a: Analysis) -> Iterator[Step]:
    need = zero_failure_sample(0.90, 0.90)
    strip = d.joining.link_strip
    yield Step(
        "weld-sample", "Weld", "Peel sample welds",
        f"Weld {strip.name} on scrap or a dead cell with the setting you will use, and peel. A good weld leaves a nugget "
        f"and tears a hole in the strip. {need} peeled without a failure prove 90 % good welds with 90 % confidence.",
        cautions=("The two electrodes must never touch each other.", "Glasses on: sparks, and sharp strip when peeling."),
        records=("weld-sample",), expected="every peeled weld leaves a nugget or a torn hole", hold=True,
    )  # fmt: skip


def _weld(d: Design, a: Analysis) -> Iterator[Step]:
    by_node: dict[int, list[StripPiece]] = {}
    for piece in a.strips:
        by_node.setdefault(piece.node, []).append(piece)
    # One face, then the other; while only one face is welded no more than two groups are ever in series.
    for face in (Face.BOTTOM, Face.TOP):
        turned = "Turn the pack over" if face is Face.BOTTOM else "Turn the pack back"
        axis = f"about its {d.arrangement.turn_axis.value} axis"
        nodes = sorted({p.node for p in a.strips if p.face is face})
        yield Step(
            f"turn-{face.value}", "Weld", f"{turned}: {face.value} face up",
            f"{turned} {axis} and compare every cell with the picture before the first strip touches.",
            cautions=("Turning mirrors everything; this is where polarity is lost.",),
            records=("checked",), looks=("Each visible end as drawn", "Rings in place"), face=face, hold=True,
            refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
        )  # fmt: skip
        for node in nodes:
            yield _weld_node(d, a, face, node, by_node[node])
        yield Step(
            f"measure-{face.value}", "Weld", f"Measure across the {face.value} face",
            "Measure each group from its minus to its plus, then each joined pair of groups between its free ends on the other face.",
            records=("checked",),
            looks=("Each group reads one cell", "Each joined pair reads the sum of both within 0.05 V", "No strip over a bare rim"),
            expected=f"{volts(d.cell_now_v)} a group, {volts(2 * d.cell_now_v)} a pair", face=face, hold=True, offers=("joint-reading",),
        )  # fmt: skip
        yield Step(
            f"cover-{face.value}", "Weld", f"Cover the {face.value} face",
            "Lay sheet over all joints of this face before anything else is joined; it may come off again for the taps.",
            cautions=("From here on the far face is live through every group joined on this one.",),
            records=("checked",), looks=("Sheet covers all metal",), face=face,
        )  # fmt: skip


def _lengths(pieces: list[StripPiece]) -> str:
    """Cut lengths in words, equal ones counted: 29.4 mm, 2 × 50.8 mm."""
    counts = Counter(millimetres(p.length_m) for p in pieces)
    return ", ".join(f"{n} × {length}" if n > 1 else length for length, n in counts.items())


def _weld_node(d: Design, a: Analysis, face: Face, node: int, pieces: list[StripPiece]) -> Step:
    joining = (StripKind.LINK, StripKind.BRIDGE)
    links = [p for p in pieces if p.kind in joining]
    others = [p for p in pieces if p.kind not in joining]
    plated = any(p.kind is StripKind.PLATE for p in pieces)
    strip, layers = (links or others)[0].strip, (links or others)[0].layers
    welds = sum(p.weld_pairs for p in pieces)
    many = f" in {layers} layers" if layers > 1 else ""
    if 0 < node < d.series:
        title = f"B{node}: join group {node} to group {node + 1}"
        words = (
            f"Plate B{node}{many}, as cut from the template."
            if plated
            else f"{plural(len(others), 'parallel strip')} first, then {plural(len(links), 'series link')} of {strip}{many}, "
            f"{_lengths(links)} long."
        ) + f" {plural(welds, 'weld pair')} in all."
        if any(p.kind is StripKind.BRIDGE for p in links):
            words += " The bridge to the other block is flexible insulated wire."
        expected = (
            f"on the other face, minus of group {node} to plus of group {node + 1}: {volts(2 * d.cell_now_v)}"
        )
        cautions: tuple[str, ...] = ("Weld on flat metal only; keep strip and tools off every rim.",)
    else:
        pole = "minus" if node == 0 else "plus"
        title = f"B{node}: collecting {'plate' if plated else 'strip'} of the pack's {pole}"
        words = (
            f"Plate B{node}{many}, tab towards the main lead."
            if plated
            else f"{strip}{many}, {_lengths(pieces)} long, tail towards the main lead."
        ) + f" {plural(welds, 'weld pair')}."
        at = a.layout.second_lead_cells[0 if node == 0 else 1]
        if at:
            words += f" A tail for the second lead at cell {at}."
        expected = (
            f"all {d.parallel} cells of the group read {volts(d.cell_now_v)}"
            if d.parallel > 1
            else volts(d.cell_now_v)
        )
        cautions = ("This strip carries the whole current at its tail: no single weld may be missing.",)
    if node * d.cell_now_v > TOUCH_LIMIT_V:
        cautions += (
            f"Up to {volts(node * d.cell_now_v)} between open metal here: over the touch limit. One hand, gloves, covers.",
        )
    if pieces[0].under:
        words += f" First {pieces[0].under} on the pads, then the strip on it, welded through both."
    doubled = sorted({n for p in pieces for n in p.cells} & set(d.joining.doubled))
    if doubled:
        words += f" Twice the weld pairs on {'cells' if len(doubled) > 1 else 'cell'} {', '.join(map(str, doubled))}: joints that matter."
    return Step(
        f"weld-{face.value}-N{node}", "Weld", title, words, cautions=cautions, records=("weld-row",), expected=expected,
        face=face, refs=tuple(f"strip:{p.id}" for p in pieces),
    )  # fmt: skip


def tap_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps of joining the sense leads, one face after the other."""
    if a.guard.sense_wire_total_m:
        for face in (Face.BOTTOM, Face.TOP):
            taps = [t for t in a.guard.taps if t.face is face]
            lengths = ", ".join(f"{t.name} {t.wire_length_m * 1e3:.0f} mm" for t in taps)
            yield Step(
                f"taps-{face.value}", "Wire", f"Sense leads on the {face.value} face",
                f"Cut {d.guarding.sense_wire.gauge} leads: {lengths}. Solder each to its strip between the cells, never over "
                "a cell end, one at a time, its free end covered before the next.",
                cautions=("The board's plug stays out. Every lead is live as soon as it is soldered: cover its free end.",),
                records=("solder-joint",), expected="smooth joint, strands in outline, tug holds", face=face,
                refs=tuple(f"tap:{t.number}" for t in taps),
            )  # fmt: skip


def _wire(d: Design, a: Analysis) -> Iterator[Step]:
    yield from tap_steps(d, a)
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    sleeve = (
        f" {millimetres(work.sleeve.supplied_m)} sleeve, cut {millimetres(work.sleeve.cut_m)}."
        if work.sleeve
        else ""
    )
    yield Step(
        "connector-plug-in", "Wire", "Make up the connector on the leads",
        f"{d.leads.connector.name}, {d.leads.connector.pack_half}. {d.leads.wire.gauge}, each lead "
        f"{d.leads.length_m * 1e3:.0f} mm. Sleeve on the wire first, far back from the heat; an unconnected mate plugged in "
        f"keeps the contacts straight. {work.iron_class_w} W iron or more, about {work.seconds:.0f} s; strip {millimetres(work.strip_m)}.{sleeve} Minus and plus as the signs moulded on the body say.",
        cautions=("The leads are not on the pack yet: keep it so until both contacts are sleeved.",),
        records=("solder-joint",), expected="wire bottomed in the cup, no gap to the insulation, body not distorted",
    )  # fmt: skip
    for pole, node in (("minus", 0), ("plus", d.series)):
        tap = a.guard.taps[node]
        over = d.series * d.cell_now_v > TOUCH_LIMIT_V
        fuse = (
            f" The {d.leads.fuse.name} goes into this lead first." if pole == "plus" and d.leads.fuse else ""
        )
        yield Step(
            f"lead-{pole}", "Wire", f"Main {pole} lead",
            f"Solder the {pole} lead to the tail of the collecting strip B{node}.{fuse} Finish, sleeve and cover it before the "
            "other conductor is touched.",
            cautions=("One conductor at a time; the other end is covered.",
                      f"A slip here shorts the pack: about {amperes(a.pack.short_circuit_a)}.")
            + (("Over 60 V: gloves and covers.",) if over else ()),
            records=("solder-joint",), expected=f"{volts(d.series * d.cell_now_v)} at the connector once both are on"
            if pole == "plus" else "smooth joint, tug holds",
            face=tap.face, refs=(f"lead:{pole}", *(f"strip:{p.id}" for p in a.strips if p.node == node and p.lead_share)), hold=pole == "plus",
        )  # fmt: skip


def _insulate(d: Design, a: Analysis) -> Iterator[Step]:
    looks = [
        "Ring under every positive",
        "Sheet over all joints, both faces",
        "No bare metal anywhere",
        "No lead across a strip edge",
    ]
    if d.guarding.board is not None:
        where = {BoardPlace.END: "at the end", BoardPlace.TOP: "on top", BoardPlace.OUTSIDE: "outside"}[
            d.guarding.place
        ]
        looks.append(f"Sheet under the board, board fixed {where}")
    yield Step(
        "insulation-look", "Insulate", "Look over the insulation",
        f"Sheet {d.jacket.sheet_m * 1e3:.2f} mm over both faces, tape to hold it, sheet round the sides.",
        records=("checked",), looks=tuple(looks), hold=True,
    )  # fmt: skip
    yield Step(
        "insulation-resistance", "Insulate", "Measure the insulation",
        "Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage.",
        cautions=("Never an insulation tester between the two poles of a live pack.",),
        records=("insulation-reading",), expected="more than 5 MΩ", hold=True,
    )  # fmt: skip


def proving_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that prove a pack: taps, board, first charge."""
    where = (
        "at the free end of the sense plug"
        if a.guard.sense_wire_total_m
        else "on the strips, through a gap in the sheet"
    )
    yield Step(
        "tap-voltages", "Prove", "Read every tap against B0",
        f"Black probe on B0, red on B1, B2 … in order, {where}. Enter each reading in Proof.",
        cautions=("Not plugged in until every step rises by one cell.",) if a.guard.sense_wire_total_m else (),
        records=("tap-reading",) , expected=f"each step {volts(d.cell_now_v)}, total {volts(d.series * d.cell_now_v)}",
        refs=tuple(f"tap:{t.number}" for t in a.guard.taps), hold=True,
    )  # fmt: skip
    if d.guarding.board is not None:
        order = d.guarding.order.value
        yield Step(
            "board-on", "Prove", "Connect the board",
            f"{order[0].upper()}{order[1:]}, P− to the connector's minus. Check the order of pads against the wire list: {', '.join(d.guarding.board.pad_names)}.",
            cautions=("The order differs between boards: where its sheet says otherwise, follow it.",),
            records=("checked",),
            looks=(f"Order kept: {order}", "Sense plug sits and reads as listed", "Voltage at the connector equals the pack"),
            refs=("board",), hold=True,
        )  # fmt: skip
    yield Step(
        "first-charge", "Prove", "First charge and first load, watched",
        f"Charge with at most {amperes(d.charge_current_a)} and stay with it. Feel or measure the strips near the leads, then "
        "load it steadily for a minute.",
        cautions=("Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by "
                  "itself goes outside and is left.",),
        records=("checked",),
        looks=(f"Charge ends at {volts(a.pack.voltage_full_v)}", "No group over its limit", "Nothing warmer than the hand bears",
               "Connector cool after load"),
        hold=True,
    )  # fmt: skip


def closing_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that close a pack: sleeve, fit, label."""
    fit = a.jacket.sleeve
    if fit is not None:
        cross = a.jacket.cross_sleeve
        second = f" Second sleeve across: {cross.sleeve}, {cross.cut_length_m * 1e3:.0f} mm." if cross else ""
        yield Step(
            "sleeve", "Close", "Sleeve",
            f"{fit.sleeve}, cut {fit.cut_length_m * 1e3:.0f} mm. Hot air from the middle outwards, moving, low heat.{second}",
            cautions=("No open flame. Keep the heat moving: it reaches the cells through the sheet.",),
            records=("checked",),
            looks=("Both ends lip over the edge", "No wrinkle over a lead", "No trapped air", "No burnt place",
                   "No bare metal outside the sleeve"),
            measures=("overlap_m",), expected=f"lip of about {millimetres(d.jacket.lip_m)} at each end", hold=True,
        )  # fmt: skip
    yield Step(
        "final-look", "Close", "Fit, label and last look",
        "Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.",
        records=("checked",),
        looks=("Fits with nothing squeezed", "Polarity at the connector by meter", "Connector halves mate, shape not melted", "Label on"),
        hold=True,
    )  # fmt: skip
