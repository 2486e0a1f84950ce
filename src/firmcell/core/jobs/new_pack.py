"""The work plan of a new pack: every step from the design, with its caution, its records and what to
expect."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import amperes, millimetres, plural, volts
from firmcell.core.jobs.joining_steps import joining_steps
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.leads.soldering import joint_work
from firmcell.core.model.design import BoardPlace, Design, Face
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import JoinedBy, terminal_torque
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V, LEAST_INSULATION_OHM, TOUCH_LIMIT_V
from firmcell.core.model.parts import Board, ChargePort
from firmcell.core.records.step import Step
from firmcell.core.wiring.pack_wiring import pole_through_board


def new_pack_steps(design: Design, analysis: Analysis) -> tuple[Step, ...]:
    """Return the steps of a new pack in order."""
    return tuple(
        step
        for part in (_prepare, joining_steps, _wire, _insulate, proving_steps, closing_steps)
        for step in part(design, analysis)
    )


def _prepare(d: Design, a: Analysis) -> Iterator[Step]:
    if d.brief.box_m:
        yield _measure_space(a)
    yield Step(
        "check-cells",
        "Prepare",
        f"Measure all {d.cell_count} cells",
        f"Voltage of every {d.cell.name}, and look at every wrap and both ends. Note the lowest and the highest.",
        cautions=("A dented, leaking or rusty cell does not go into a pack.",),
        records=("cell-check",),
        offers=("cell-reading",),
        expected=f"about {volts(d.cell_now_v)} each, all within {volts(FIRST_TOUCH_SPREAD_V)}, {plural(d.cell_count, 'cell')}",
        hold=True,
    )
    if d.insulation.rings and d.cell.is_round:
        yield Step(
            "rings",
            "Prepare",
            "Ring on every positive end",
            "Press an insulator ring on every positive end, centred, metal of the nub clear inside it.",
            cautions=("The can is negative right up to the rim: without the ring a strip shorts the cell.",),
            records=("checked",),
            checks=("Ring on each positive", "Each ring centred and stuck down"),
            hold=True,
        )
    yield _dry_fit(d, a)


def _measure_space(a: Analysis) -> Step:
    e = a.insulation.envelope
    return Step(
        "measure-space",
        "Prepare",
        "Measure the real space",
        f"Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be "
        f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm.",
        records=("checked",),
        checks=(
            "Length takes the pack with clearance",
            "Width takes it",
            "Height takes it",
            "Leads have a way out",
        ),
        hold=True,
    )


def _dry_fit(d: Design, a: Analysis) -> Step:
    lay = d.arrangement
    first = "plus" if a.layout.group_up(1) else "minus"
    return Step(
        "dry-fit",
        "Prepare",
        "Set the cells, mark plus and minus",
        (
            f"Stand the cells {lay.rows} across, {a.layout.columns} columns, group by group as drawn; "
            if a.layout.in_rows
            else "Stand each cell in its numbered place, in the holder or on the template printed at 1:1; "
        )
        + f"group 1 with {first} up, each next group the other way. Write + and − on the bench beside the groups and leave the marks to the end.",
        cautions=(
            "Check each group's direction against the drawing twice: one cell the wrong way is a dead short.",
        ),
        records=("checked",),
        checks=(
            "Every cell's direction as drawn, first time",
            "Every cell's direction as drawn, second time",
            "Marks on the bench",
            "Cells held firm",
        ),
        face=Face.TOP,
        hold=True,
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells if c.positive_up),
    )


def tap_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps of joining the sense leads, one face after the other."""
    screwed = d.joining.joined_by is JoinedBy.SCREW
    if a.bms.sense_wire_total_m:
        for face in (Face.BOTTOM, Face.TOP):
            taps = [t for t in a.bms.taps if t.face is face]
            if not taps:
                continue
            lengths = ", ".join(f"{t.name} {t.wire_length_m * 1e3:.0f} mm" for t in taps)
            how = (
                "Crimp a ring on each and set it under the head of its screw, on top of the bar, one at a time, its free end "
                "covered before the next."
                if screwed
                else "Solder each to its strip between the cells, never over a cell end, one at a time, its free end covered "
                "before the next."
            )
            yield Step(
                f"taps-{face.value}",
                "Wire",
                f"Sense leads on the {face.value} face",
                f"Cut {d.bms.sense_wire.gauge} leads: {lengths}. {how}",
                cautions=(
                    "The board's plug stays out. Every lead is live as soon as it is joined: cover its free end.",
                ),
                records=("crimp-joint" if screwed else "solder-joint",),
                expected="every strand in, tug holds, screws at their torque again"
                if screwed
                else "smooth joint, strands in outline, tug holds",
                face=face,
                refs=tuple(f"tap:{t.number}" for t in taps),
            )


def _wire(d: Design, a: Analysis) -> Iterator[Step]:
    yield from tap_steps(d, a)
    yield _connector_made_up(d)
    yield _main_lead(d, a, "minus", 0)
    yield _main_lead(d, a, "plus", d.series)


def _connector_made_up(d: Design) -> Step:
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    sleeve = (
        f" {millimetres(work.sleeve.supplied_m)} sleeve, cut {millimetres(work.sleeve.cut_m)}."
        if work.sleeve
        else ""
    )
    return Step(
        "connector-plug-in",
        "Wire",
        "Make up the connector on the leads",
        f"{d.leads.connector.name}, {d.leads.connector.pack_half}. {d.leads.wire.gauge}, each lead "
        f"{d.leads.length_m * 1e3:.0f} mm. Sleeve on the wire first, far back from the heat; an unconnected mate plugged in "
        f"keeps the contacts straight. {work.iron_class_w} W iron or more, about {work.seconds:.0f} s; strip {millimetres(work.strip_m)}.{sleeve} Minus and plus as the signs moulded on the body say.{_free_end(d)}",
        cautions=("The leads are not on the pack yet: keep it so until both contacts are sleeved.",),
        records=("solder-joint",),
        expected="wire bottomed in the cup, no gap to the insulation, body not distorted",
    )


def _main_lead(d: Design, a: Analysis, pole: str, node: int) -> Step:
    screwed = d.joining.joined_by is JoinedBy.SCREW
    torque = terminal_torque(d.joining.thread_m)
    tight = f" at about {torque:.1f} N·m (the cell's sheet goes before that)" if torque else ""
    switched = pole_through_board(d.bms.board)
    sign = "+" if pole == "plus" else "−"
    # The board's own pole: the strip goes to the board, never straight to the connector.
    lead = f"wire from the board's pad B{sign}" if pole == switched else f"{pole} lead"
    how = (
        f"Crimp a ring lug for {millimetres(d.joining.thread_m)} on the {lead}, sleeve it, and set it under the screw "
        f"of B{node}{tight}."
        if screwed
        else f"Solder the {lead} to the tail of the collecting strip B{node}."
    )
    if pole == switched:
        how += (
            f" The connector's {pole} lead is not joined here: it goes to the board's pad P{sign}. Past the board nothing "
            "would ever switch the pack off."
        )
    tap = a.bms.taps[node]
    over = d.series * d.cell_now_v > TOUCH_LIMIT_V
    fuse = f" The {d.leads.fuse.name} goes into this lead first." if pole == "plus" and d.leads.fuse else ""
    return Step(
        f"lead-{pole}",
        "Wire",
        f"Main {pole}: strip B{node} to the board's B{sign}" if pole == switched else f"Main {pole} lead",
        f"{how}{fuse} Finish, sleeve and cover it before the other conductor is touched.",
        cautions=(
            "One conductor at a time; the other end is covered.",
            f"A slip here shorts the pack: about {amperes(a.pack.short_circuit_a)}.",
        )
        + ((f"Over {TOUCH_LIMIT_V:g} V: gloves and covers.",) if over else ()),
        records=("crimp-joint" if screwed else "solder-joint",),
        expected=f"{volts(d.series * d.cell_now_v)} at the connector once both are on"
        if pole == "plus" and switched is None
        else "nothing at the connector yet: the board's P lead comes last"
        if pole == "plus"
        else "every strand in, tug holds"
        if screwed
        else "smooth joint, tug holds",
        face=tap.face,
        refs=(f"lead:{pole}", *(f"strip:{p.id}" for p in a.strips if p.node == node and p.lead_share)),
        hold=pole == "plus",
    )


def _free_end(d: Design) -> str:
    """Where the free ends of the connector's leads go, if not both to the strips."""
    pole = pole_through_board(d.bms.board)
    if pole is None:
        return ""
    sign = "+" if pole == "plus" else "−"
    return f" The free end of its {pole} lead goes to the board's pad P{sign}, the other to the collecting strip."


def _insulate(d: Design, a: Analysis) -> Iterator[Step]:
    ring = d.insulation.rings and d.cell.is_round
    looks = [
        *(("Ring under every positive",) if ring else ()),
        "Sheet over all joints, both faces",
        "No bare metal anywhere",
        "No lead across a strip edge",
    ]
    if d.bms.board is not None:
        where = {BoardPlace.END: "at the end", BoardPlace.TOP: "on top", BoardPlace.OUTSIDE: "outside"}[
            d.bms.place
        ]
        looks.append(f"Sheet under the board, board fixed {where}")
    yield Step(
        "insulation-look",
        "Insulate",
        "Look over the insulation",
        f"Sheet {d.insulation.sheet_m * 1e3:.2f} mm over both faces, tape to hold it, sheet round the sides.",
        records=("checked",),
        checks=tuple(looks),
        hold=True,
    )
    yield Step(
        "insulation-resistance",
        "Insulate",
        "Measure the insulation",
        "Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage.",
        cautions=("Never an insulation tester between the two poles of a live pack.",),
        records=("insulation-reading",),
        expected=f"more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        hold=True,
    )


def proving_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that prove a pack: taps, board, first charge."""
    where = (
        "at the free end of the sense plug"
        if a.bms.sense_wire_total_m
        else "on the strips, through a gap in the sheet"
    )
    yield Step(
        "meter-check",
        "Prove",
        "Prove the meter",
        "Black in COM, red in the volt socket. Red on the plus of one cell or on the pack's plus strip, black on its minus: it must "
        "read plus.",
        cautions=("With the meter's leads exchanged, a plug put on mirrored reads right at every pin.",),
        records=("polarity-reading",),
        expected=f"plus {volts(d.cell_now_v)} on one cell",
        hold=True,
    )
    yield Step(
        "tap-voltages",
        "Prove",
        "Read every tap against B0",
        f"Black probe on B0, red on B1, B2 … in order, {where}. Enter each reading in Tests.",
        cautions=("Not plugged in until every step rises by one cell.",) if a.bms.sense_wire_total_m else (),
        records=("tap-reading",),
        expected=f"each step {volts(d.cell_now_v)}, total {volts(d.series * d.cell_now_v)}",
        refs=tuple(f"tap:{t.number}" for t in a.bms.taps),
        hold=True,
    )
    if d.bms.board is not None:
        yield _board_on(d, d.bms.board)
    yield _first_charge(d, a)


def _board_on(d: Design, board: Board) -> Step:
    pole = pole_through_board(d.bms.board)
    sign = "+" if pole == "plus" else "−"
    order = d.bms.order.value.replace("P−", f"P{sign}")
    charge = f", C{sign} to the charge connector's {pole}" if board.charge_port is ChargePort.SEPARATE else ""
    return Step(
        "board-on",
        "Prove",
        "Connect the board",
        f"{order[0].upper()}{order[1:]}: strip to B{sign}, P{sign} to the connector's {pole}{charge}. Check the order of pads against the wire list: {', '.join(board.pad_names)}.",
        cautions=("The order differs between boards: where its sheet says otherwise, follow it.",),
        records=("checked",),
        checks=(
            f"Order kept: {order}",
            "Sense plug sits and reads as listed",
            "Voltage at the connector equals the pack",
        ),
        refs=("board",),
        hold=True,
    )


def _first_charge(d: Design, a: Analysis) -> Step:
    return Step(
        "first-charge",
        "Prove",
        "First charge and first load, watched",
        f"Charge with at most {amperes(d.charge_current_a)} and stay with it. Feel or measure the strips near the leads, then "
        "load it steadily for a minute.",
        cautions=(
            "Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by "
            "itself goes outside and is left.",
        ),
        records=("checked",),
        checks=(
            f"Charge ends at {volts(a.pack.voltage_full_v)}",
            "No group over its limit",
            "Nothing warmer than the hand bears",
            "Connector cool after load",
        ),
        hold=True,
    )


def closing_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that close a pack: sleeve, fit, label."""
    fit = a.insulation.sleeve
    if fit is not None:
        cross = a.insulation.cross_sleeve
        second = f" Second sleeve across: {cross.sleeve}, {cross.cut_length_m * 1e3:.0f} mm." if cross else ""
        yield Step(
            "sleeve",
            "Close",
            "Sleeve",
            f"{fit.sleeve}, cut {fit.cut_length_m * 1e3:.0f} mm. Hot air from the middle outwards, moving, low heat.{second}",
            cautions=("No open flame. Keep the heat moving: it reaches the cells through the sheet.",),
            records=("checked",),
            checks=(
                "Both ends lip over the edge",
                "No wrinkle over a lead",
                "No trapped air",
                "No burnt place",
                "No bare metal outside the sleeve",
            ),
            measures=("overlap_m",),
            expected=f"lip of about {millimetres(d.insulation.lip_m)} at each end",
            hold=True,
        )
    yield Step(
        "final-look",
        "Close",
        "Fit, label and last look",
        "Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.",
        records=("checked",),
        checks=(
            "Fits with nothing squeezed",
            "Polarity at the connector by meter",
            "Connector halves mate, shape not melted",
            "Label on",
        ),
        hold=True,
    )


PLAN = JobPlan(kind=JobKind.NEW_PACK, steps=new_pack_steps)
