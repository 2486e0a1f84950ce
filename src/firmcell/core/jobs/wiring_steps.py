"""Steps that make the wires of a pack: harness, sense leads, thermistors, board, main leads, charger's leads.

Each wire of the graph is made by exactly one of them, the one that joins its last end; the step names it.
"""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.jobs.cautions import lead_joint
from firmcell.core.leads.soldering import held_straight, joint_work
from firmcell.core.model.design import BoardPlace, ConnectOrder, Design, Face, LeadEnds, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy, terminal_torque
from firmcell.core.model.parts import Board, SenseJoined
from firmcell.core.records.areas import ENDS, end_area, tap_area
from firmcell.core.records.step import Step
from firmcell.core.strips.lead_ends import lead_end_at, lead_thread
from firmcell.core.wiring.graph import OUTLETS, Edge, NodeKind, Wiring
from firmcell.core.wiring.pack_wiring import pole_through_board, switched_sign
from firmcell.core.wiring.sense_wiring import pad_id

BOARD_FIXED = {
    BoardPlace.END: "at the end of the pack",
    BoardPlace.TOP: "on top",
    BoardPlace.OUTSIDE: "outside, in a case of its own",
}


def wiring_steps(d: Design, a: Analysis, live: bool = True) -> Iterator[Step]:
    """Yield every step from the harness to the last main lead; the board's P lead comes last, after the
    proof.

    Where no cell is in yet (`live` is false) nothing can be shorted, and no step says so.
    """
    yield from harness_steps(d, a)
    yield from tap_steps(d, a, live)
    yield from sensor_steps(d, a)
    yield _connector_made_up(d)
    if d.bms.board is not None:
        yield _board_fixed(d, d.bms.board)
    yield main_lead_step(d, a, "minus", live)
    yield main_lead_step(d, a, "plus", live)
    yield from outlet_steps(d, a)
    yield Step(
        "strain-relief",
        "Wire",
        "Tie the leads down",
        "Main leads are tied or glued to the pack behind their joints, so that a pull on the connector never reaches a joint.",
        records=("checked",),
        checks=("A pull on the connector moves no joint", "No lead across an edge of strip"),
        refs=("lead:minus", "lead:plus", "connector"),
    )


def ids(edges: list[Edge]) -> tuple[str, ...]:
    """The ids of wires."""
    return tuple(edge.id for edge in edges)


def sense_wires(wiring: Wiring, face: Face | None = None, taps: tuple[int, ...] = ()) -> list[Edge]:
    """Sense and balance leads, of some taps if `face` is given."""
    return [
        e
        for e in wiring.wires
        if e.id.startswith(("sense.", "balance."))
        and (face is None or int(e.wire.ref.removeprefix("tap:")) in taps)  # type: ignore[union-attr]
    ]


def soldered(d: Design) -> bool:
    """Whether the sense leads are soldered to the board's pads, with no plug between."""
    return d.bms.board is not None and d.bms.board.sense_joined is SenseJoined.SOLDERED


def board_last(d: Design, a: Analysis) -> list[Edge]:
    """Return the wires whose board end waits, covered, until every tap has been read.

    Those are the leads soldered to the board's pads, the lead out of the board, and the strip's lead to it
    where the sense leads go first.
    """
    sign = switched_sign(d.bms.board)
    if sign is None:
        return []
    pads = {node.id for node in a.wiring.nodes if node.kind is NodeKind.BOARD_PAD}
    late = [e for e in sense_wires(a.wiring) if e.end in pads]
    if d.bms.order is ConnectOrder.ALL_THEN_LOAD:
        # Both ends of the pack come before what lies between; the sort keeps the rest as it is.
        ends = ("tap:0", f"tap:{d.series}")
        late.sort(key=lambda e: e.wire is not None and e.wire.ref not in ends)
    if d.bms.order is ConnectOrder.PLUG_FIRST:
        late += [e for e in a.wiring.wires if e.id.startswith("main.") and e.end == pad_id(sign)]
    return late + [e for e in a.wiring.wires if e.start == pad_id(sign, "P") and e.id.startswith("main.")]


def harness_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the making of the sense harness, off the pack."""
    leads = sense_wires(a.wiring)
    if not leads:
        return
    order = ", ".join(
        f"{e.wire.name} {e.wire.colour} → {_pin(a.wiring, e)}" for e in leads[:8] if e.wire is not None
    ) + (" …" if len(leads) > 8 else "")
    if soldered(d):
        title = "Cut and number the sense leads, off the pack"
        how = "Tin both ends; a sleeve over each board end, which goes to its pad only when every tap has been read."
    else:
        title = "Make the sense harness, off the pack"
        how = "Crimp each contact and push it into its place until it latches; tug."
    yield Step(
        "sense-harness",
        "Wire",
        title,
        f"{plural(len(leads), 'wire')} of {d.bms.sense_wire.gauge}, cut on the nail board printed at 1:1 and numbered at both ends: {order}. {how}",
        cautions=("Off the pack: crimped or soldered live, two leads that touch short a group.",),
        records=("checked",),
        checks=(
            ("Every wire numbered at both ends", "Every board end covered", "Length by the list")
            if soldered(d)
            else (
                "Every wire numbered",
                "Each goes where the wire list says, by what is printed",
                "Continuity from each end to its place",
                "No two places joined",
            )
        ),
        refs=("board",),
        hold=True,
    )


def _pin(wiring: Wiring, edge: Edge) -> str:
    label = wiring.by_id[edge.end].label
    return (
        label.removeprefix("plug ")
        .removeprefix("balance plug, ")
        .removeprefix("board's ")
        .replace(", printed ", ": ")
    )


def tap_steps(d: Design, a: Analysis, live: bool = True) -> Iterator[Step]:
    """Yield the steps of joining the sense leads, one face after the other."""
    screwed = d.joining.joined_by is JoinedBy.SCREW
    late = {e.id for e in board_last(d, a)}
    covered = (
        "The board end of every lead stays covered: it is live as soon as the lead is joined."
        if soldered(d)
        else "The plug stays out of the board. Every lead is live as soon as it is joined, and so is its place in the plug."
    )
    for face in (Face.BOTTOM, Face.TOP):
        taps = tuple(t.number for t in a.bms.taps if t.face is face)
        made = sense_wires(a.wiring, face, taps)
        if not made:
            continue
        lengths = ", ".join(f"{e.wire.name} {e.wire.length_m * 1e3:.0f} mm" for e in made if e.wire)
        how = (
            "Set the ring of each under the head of its screw, on top of the bar, one at a time, from the lowest number up."
            if screwed
            else "Solder each to its strip between the cells, never over a cell end, one at a time, from the lowest number up."
        )
        yield Step(
            f"taps-{face.value}",
            "Wire",
            f"Sense leads on the {face.value} face",
            f"{lengths}. {how} The free end of the next stays covered until its turn.",
            cautions=(covered,) if live else (),
            records=("crimp-joint" if screwed else "solder-joint",),
            expected="every strand in, tug holds, screws at their torque again"
            if screwed
            else "smooth joint, strands in outline, tug holds",
            face=face,
            refs=tuple(f"tap:{n}" for n in taps),
            wires=ids([e for e in made if e.id not in late]),
            begins=ids([e for e in made if e.id in late]),
            opens=tuple(tap_area(n) for n in taps),
        )


def sensor_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the laying of the board's thermistors."""
    sensors = [e for e in a.wiring.wires if e.id.startswith("ntc.") and e.id != "ntc.host"]
    if not sensors:
        return
    yield Step(
        "thermistors",
        "Wire",
        f"Lay the thermistor{'s' if len(sensors) > 1 else ''}",
        "Flat on the wrap of the cell the wire list names, under polyimide tape, not over a joint; the lead insulated to the board.",
        records=("checked",),
        checks=(
            "Tape holds it flat on the wrap",
            "No bare end",
            "Reads what the BMS stage says for this room",
        ),
        refs=("board",),
        wires=ids(sensors),
    )


def _connector_made_up(d: Design) -> Step:
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    sleeve = f" {work.sleeve.words}, cut {millimetres(work.sleeve.cut_m)}." if work.sleeve else ""
    pole = pole_through_board(d.bms.board)
    sign = "+" if pole == "plus" else "−"
    free = (
        f" The free end of its {pole} lead goes to the board's pad P{sign}, the other to the collecting strip."
        if pole
        else ""
    )
    if d.leads.ends is LeadEnds.STUDS:
        return Step(
            "connector-plug-in",
            "Wire",
            "Crimp the lugs on the leads",
            f"{d.leads.wire.gauge}, each lead {d.leads.length_m * 1e3:.0f} mm, a lug for its conductor and stud. Sleeve on first; every strand in, seen in the "
            f"witness hole; full crimp of that size; tug. Covers for both lugs by hand.{free}",
            **lead_joint(
                "crimp-joint",
                "The leads are not on the pack yet: keep it so until both lugs are sleeved and covered.",
            ),
            expected="conductor in the witness hole, tug holds",
            refs=("connector",),
            covers=CUPS_OF_LOAD,
        )
    return Step(
        "connector-plug-in",
        "Wire",
        "Make up the connector on the leads",
        f"{d.leads.connector.name}, {d.leads.connector.pack_half}. {d.leads.wire.gauge}, each lead "
        f"{d.leads.length_m * 1e3:.0f} mm. Sleeve on the wire first, far back from the heat. {held_straight(d.leads.connector)} "
        f"{work.iron_class_w} W iron or more, about {work.seconds:.0f} s; strip {millimetres(work.strip_m)}.{sleeve} Minus and plus as the signs moulded on the body say.{free}",
        **lead_joint(
            "solder-joint",
            "The leads are not on the pack yet: keep it so until both contacts are sleeved.",
            cap=d.leads.connector.loose_contacts,
        ),
        expected="wire bottomed in the cup, no gap to the insulation, body not distorted",
        refs=("connector",),
        covers=CUPS_OF_LOAD,
    )


def _board_fixed(d: Design, board: Board) -> Step:
    return Step(
        "board-fixed",
        "Wire",
        "Fix the board",
        f"{board.name} {BOARD_FIXED[d.bms.place]}, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.",
        records=("checked",),
        checks=("Sheet under the whole board", "It cannot slide", "No part of it touches a strip or a can"),
        refs=("board",),
    )


def _joined_at(d: Design, a: Analysis, node: int, cell: int) -> str:
    """Where on its pole a main lead is joined, in words."""
    if d.joining.style is StripStyle.PLATES:
        return f"the tab of plate B{node} at cell {cell}"
    end = lead_end_at(a.layout, d.joining, d.leads, cell, node)
    if end is not None and end.between:
        return f"the collecting strip B{node} between cells {end.between[0]} and {end.between[1]}, not over a cell"
    return f"the tail of the collecting strip B{node} at cell {cell}"


def main_lead_step(d: Design, a: Analysis, pole: str, live: bool = True) -> Step:
    """Return the step that joins one main lead: to the board if that switches it, else to the connector."""
    node = 0 if pole == "minus" else d.series
    sign, plain = ("+", "+") if pole == "plus" else ("−", "-")
    bolted = d.joining.leads_bolted
    thread = lead_thread(d.joining, d.leads)
    torque = terminal_torque(thread)
    tight = f" at about {torque:.1f} N·m (the cell's sheet goes before that)" if torque else ""
    through = pole_through_board(d.bms.board)
    # The board's own pole: the strip goes to the board, never straight to the connector.
    late = {e.id for e in board_last(d, a)}
    made = [e for e in a.wiring.wires if e.id.split(".")[0] == "main" and e.id.split(".")[1] == plain]
    begun = [e for e in made if e.id in late]
    lead = f"wire {'for' if begun else 'from'} the board's pad B{sign}" if pole == through else f"{pole} lead"
    place = 0 if pole == "minus" else 1
    how = (
        f"Crimp a ring lug for {millimetres(thread)} on the {lead}, sleeve it, and set it under the screw "
        f"of B{node}{tight}."
        if bolted
        else f"Solder the {lead} to {_joined_at(d, a, node, a.layout.lead_cells[place])}."
    )
    if sum(1 for e in made if e.start.startswith("lead.")) > 1:
        how += f" Both leads of this pole: the second to {_joined_at(d, a, node, a.layout.second_lead_cells[place])}."
    if pole == through:
        how += (
            f" The connector's {pole} lead is not joined here: it goes to the board's pad P{sign}. Past the board nothing "
            "would ever switch the pack off."
        )
    if begun:
        how += f" Its board end stays covered: it goes to B{sign} after the sense leads."
    fuse = d.leads.fuse_on(pole)
    fused = f" The {fuse.name} goes into this lead first." if fuse else ""
    return Step(
        f"lead-{pole}",
        "Wire",
        f"Main {pole}: strip B{node} to the board's B{sign}" if pole == through else f"Main {pole} lead",
        f"{how}{fused} Finish, sleeve and cover it before the other conductor is touched.",
        **lead_joint(
            "crimp-joint" if bolted else "solder-joint",
            *(LIVE_CAUTIONS if live else ()),
            covered=live,
        ),
        expected=_expected(d, pole, through, bolted) if live else "smooth joint, tug holds",
        face=a.bms.taps[node].face,
        refs=(f"lead:{pole}", *(f"strip:{p.id}" for p in a.strips if p.node == node and p.lead_share)),
        wires=ids([e for e in made if e not in begun]),
        begins=ids(begun),
        hold=True,
        opens=(tap_area(node),),
        covers=(ENDS,),
    )


LIVE_CAUTIONS = (
    "One conductor at a time; the other end is covered.",
    "A slip here shorts the pack: what it drives stands below.",
)
CUPS_OF_LOAD = (end_area("cup.load.-"), end_area("cup.load.+"))
"""The contacts of the connector are sleeved while the leads are off the pack."""


def _expected(d: Design, pole: str, through: str | None, bolted: bool) -> str:
    if pole == "plus" and through is None:
        return f"{volts(d.series * d.cell_now_v)} at the connector once both are on"
    if pole == "plus":
        return "nothing at the connector yet: the board's P lead comes last"
    return "every strand in, tug holds" if bolted else "smooth joint, tug holds"


def outlet_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the leads of a second connector and of the charger's."""
    for name, words in OUTLETS.items():
        if name == "load":
            continue
        made = [e for e in a.wiring.wires if e.id.startswith(f"{name}.")]
        if not made:
            continue
        ways = "; ".join(
            f"{e.wire.name}, {e.wire.gauge}: {a.wiring.by_id[e.start].label} to {a.wiring.by_id[e.end].label}"
            for e in made
            if e.wire is not None
        )
        fuse = d.leads.charge_fuse if name == "charge" else None
        fused = f" The {fuse.name} goes into the plus lead, near where it begins." if fuse else ""
        yield Step(
            f"leads-{name}",
            "Wire",
            f"Leads of the {words}",
            f"{ways}. Made up off the pack like the first, sleeves on first; then one conductor at a time, the other covered.{fused}",
            cautions=("Plus and minus by the signs moulded on the body, not by colour.",),
            records=("solder-joint",),
            expected="wires bottomed, sleeves over all bare metal, tug holds",
            refs=("connector",),
            wires=ids(made),
            covers=(ENDS,),
        )
