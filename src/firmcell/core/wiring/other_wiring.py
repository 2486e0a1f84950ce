"""The wiring of jobs that are not a pack: one cell with its board, a cable, a machine and its controller."""

from firmcell.core.model.design import LUGS_ON_STUDS, Design
from firmcell.core.model.job_details import LeadForm
from firmcell.core.wiring.builder import Builder
from firmcell.core.wiring.colours import main_colour
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring
from firmcell.core.wiring.pack_wiring import switched_sign

SPLICE_OHM = 0.0002
"""Of a soldered splice, wire into wire, Ω; generic class value."""
PHASES = "ABC"
LUG_OHM = LUGS_ON_STUDS.contact_resistance_ohm / 2
"""Crimp and stud at one end of a conductor, Ω."""
TAB_OHM = 0.0005
"""Of a welded tab or a short strap; generic class value."""


def one_cell_wiring(design: Design) -> Wiring:
    """Return the wiring of one cell with a board under its minus: tab, strap up the side, the board's
    switch."""
    build = Builder()
    minus = build.node("B0", NodeKind.TAP, "the cell's minus, the whole can")
    plus = build.node("B1", NodeKind.TAP, "the cell's plus")
    build.edge("cell.1", minus, plus, EdgePart.CELL, design.cell.resistance_ohm, design.cell_now_v)
    out_minus = build.node("load.-", NodeKind.CONTACT, "outside, minus end")
    out_plus = build.node("load.+", NodeKind.CONTACT, "outside, plus end")
    board = design.bms.board
    if board is None:
        build.edge("end.-", minus, out_minus, EdgePart.CONTACT)
        build.edge("end.+", plus, out_plus, EdgePart.CONTACT)
        return build.done()
    b_minus = build.node("bms.B-", NodeKind.BOARD_PAD, "board B−")
    b_plus = build.node("bms.B+", NodeKind.BOARD_PAD, "board B+")
    build.edge("strip.tab", minus, b_minus, EdgePart.STRIP, TAB_OHM)
    build.edge("strip.strap", plus, b_plus, EdgePart.STRIP, TAB_OHM)
    high = switched_sign(board) == "+"
    out = build.node("bms.P+" if high else "bms.P-", NodeKind.BOARD_PAD, f"board P{'+' if high else '−'}")
    build.edge("bms.switch", b_plus if high else b_minus, out, EdgePart.BMS, board.resistance_ohm)
    build.edge("end.-", minus if high else out, out_minus, EdgePart.CONTACT)
    build.edge("end.+", out if high else plus, out_plus, EdgePart.CONTACT)
    return build.done()


def cable_wiring(design: Design) -> Wiring:
    """Return the wiring of a cable: studs of the source, lugs, fuse, and the load's studs."""
    build, leads = Builder(), design.leads
    supply = design.details.supply
    assert supply is not None
    source = {
        s: build.node(f"source.{s}", NodeKind.STUD, f"source, {s.replace('-', '−')} stud") for s in "-+"
    }
    build.edge("cell.source", source["-"], source["+"], EdgePart.CELL, supply.source_ohm, supply.full_v)
    for sign in "-+":
        shown, pole = sign.replace("-", "−"), "minus" if sign == "-" else "plus"
        load = build.node(f"load.{sign}", NodeKind.STUD, f"load, {shown} stud")
        near, far = (
            build.node(f"lug.{at}.{sign}", NodeKind.CUP, f"lug at the {at}, {shown}")
            for at in ("source", "load")
        )
        build.edge(f"contact.source.{sign}", source[sign], near, EdgePart.CONTACT, LUG_OHM)
        build.edge(f"contact.load.{sign}", far, load, EdgePart.CONTACT, LUG_OHM)
        common = (leads.wire, main_colour(shown), "crimp", f"lead:{pole}")
        start, left = near, leads.length_m
        if leads.fuse_on(pole) is not None:
            a = build.node("fuse.a", NodeKind.FUSE_END, "fuse, source side")
            start = build.node("fuse.b", NodeKind.FUSE_END, "fuse, load side")
            wire, colour, ending, ref = common
            at = max(min(leads.fuse_at_m, left), 1e-3)
            build.wire(f"main.{sign}.a", near, a, wire, at, f"F{shown}", colour, ending, ref)
            build.edge("fuse", a, start, EdgePart.FUSE, leads.fuse_ohm)
            left -= at
        wire, colour, ending, ref = common
        build.wire(f"main.{sign}", start, far, wire, max(left, 1e-3), shown, colour, ending, ref)
    return build.done()


def machine_wiring(design: Design) -> Wiring:
    """Return the wiring of a machine: the controller's input, and one lead to the motor for each phase."""
    build, leads, job = Builder(), design.leads, design.machine
    for sign in "-+":
        shown, pole = sign.replace("-", "−"), "minus" if sign == "-" else "plus"
        start = build.node(f"controller.{sign}", NodeKind.TERMINAL, f"controller, input {shown}")
        cup = build.node(f"cup.load.{sign}", NodeKind.CUP, f"{leads.connector.name}, {shown}")
        contact = build.node(f"load.{sign}", NodeKind.CONTACT, f"connector to the pack, {shown}")
        build.wire(
            f"main.{sign}",
            start,
            cup,
            leads.wire,
            leads.length_m,
            f"input {shown}",
            main_colour(shown),
            "solder",
            f"lead:{pole}",
        )
        build.edge(
            f"contact.load.{sign}", cup, contact, EdgePart.CONTACT, leads.connector.contact_resistance_ohm
        )
    bullet = job.bullet or leads.connector
    for phase in PHASES[: job.phases]:
        ends = []
        for side, words in (("controller", "controller"), ("motor", "motor")):
            terminal = build.node(f"{side}.{phase}", NodeKind.TERMINAL, f"{words}, phase {phase}")
            cup = build.node(f"cup.{side}.{phase}", NodeKind.CUP, f"bullet on the {words}'s wire {phase}")
            build.wire(
                f"phase.{side}.{phase}",
                terminal,
                cup,
                leads.wire,
                leads.length_m / 2,
                f"{phase} {words}",
                "any",
                "solder",
                f"phase:{phase}",
            )
            ends.append(cup)
        build.edge(f"bullet.{phase}", ends[0], ends[1], EdgePart.CONTACT, bullet.contact_resistance_ohm)
    return build.done()


def lead_wiring(design: Design) -> Wiring:
    """Return the wiring of a lead by itself: a source or a load's own wires at the near end, one or two
    connectors at the far end."""
    build, leads, job = Builder(), design.leads, design.made_up
    far = job.far_connector or leads.connector
    spliced = job.form in (LeadForm.SPLICE, LeadForm.LOAD)
    for sign in "-+":
        shown, pole = sign.replace("-", "−"), "minus" if sign == "-" else "plus"
        near = _near_end(build, design, sign, spliced)
        length = leads.length_m
        if leads.fuse_on(pole) is not None:
            at = max(min(leads.fuse_at_m, length), 1e-3)
            near, length = _fused(build, design, sign, near, at), max(length - at, 1e-3)
        branches = ("load", "load2") if job.form is LeadForm.Y_LEAD else ("load",)
        for number, name in enumerate(branches):
            which = f" {number + 1}" if len(branches) > 1 else ""
            cup = build.node(f"cup.{name}.{sign}", NodeKind.CUP, f"far end{which}: {far.name}, {shown}")
            contact = build.node(f"{name}.{sign}", NodeKind.CONTACT, f"far end{which}, {shown}")
            build.edge(f"contact.{name}.{sign}", cup, contact, EdgePart.CONTACT, far.contact_resistance_ohm)
            wire_id = f"main.{sign}" if not number else f"branch.{sign}"
            build.wire(
                wire_id,
                near,
                cup,
                leads.wire,
                length,
                f"{shown}{which}",
                main_colour(shown),
                "solder",
                f"lead:{pole}",
            )
    supply = job.supply
    if supply is not None:
        minus, plus = (
            build.node(f"source.{s}", NodeKind.TERMINAL, f"source, {s.replace('-', '−')}") for s in "-+"
        )
        build.edge("cell.source", minus, plus, EdgePart.CELL, supply.source_ohm, supply.full_v)
    return build.done()


def _near_end(build: Builder, design: Design, sign: str, spliced: bool) -> str:
    """Where the wires of a lead begin: in the cup of a connector, or on wires that are there."""
    shown, part = sign.replace("-", "−"), design.leads.connector
    if spliced and design.made_up.supply is None:
        return build.node(f"controller.{sign}", NodeKind.TERMINAL, f"load's own wire, {shown}")
    source = build.node(f"source.{sign}", NodeKind.TERMINAL, f"source, {shown}")
    name = "splice" if spliced else "near end"
    cup = build.node(
        f"near.{sign}", NodeKind.CUP, f"{name}: {'wire that is there' if spliced else part.name}, {shown}"
    )
    ohm = SPLICE_OHM if spliced else part.contact_resistance_ohm
    build.edge(f"contact.source.{sign}", source, cup, EdgePart.CONTACT, ohm)
    return cup


def _fused(build: Builder, design: Design, sign: str, near: str, at_m: float) -> str:
    """The fuse of a lead after so much wire; returns where the wire goes on."""
    shown = sign.replace("-", "−")
    a = build.node("fuse.a", NodeKind.FUSE_END, "fuse, source side")
    b = build.node("fuse.b", NodeKind.FUSE_END, "fuse, load side")
    ref = f"lead:{'minus' if sign == '-' else 'plus'}"
    build.wire(
        f"main.{sign}.a", near, a, design.leads.wire, at_m, f"F{shown}", main_colour(shown), "solder", ref
    )
    build.edge("fuse", a, b, EdgePart.FUSE, design.leads.fuse_ohm)
    return b


def host_wiring(design: Design) -> Wiring:
    """Return the wiring of a host's tray: the pack's plug, its mate, and a lead to each contact that
    stays."""
    build, leads = Builder(), design.leads
    ohm = design.series * design.cell.resistance_ohm / design.parallel
    minus, plus = (
        build.node(f"source.{s}", NodeKind.TERMINAL, f"pack's plug, {s.replace('-', '−')}") for s in "-+"
    )
    build.edge("cell.source", minus, plus, EdgePart.CELL, ohm, design.series * design.cell_now_v)
    for sign in "-+":
        shown, pole = sign.replace("-", "−"), "minus" if sign == "-" else "plus"
        cup = build.node(f"cup.load.{sign}", NodeKind.CUP, f"{leads.connector.name}, host's half, {shown}")
        build.edge(
            f"contact.source.{sign}",
            f"source.{sign}",
            cup,
            EdgePart.CONTACT,
            leads.connector.contact_resistance_ohm,
        )
        near, length = cup, leads.length_m
        if leads.fuse_on(pole) is not None:
            at = max(min(leads.fuse_at_m, length), 1e-3)
            near, length = _fused(build, design, sign, near, at), max(length - at, 1e-3)
        contact = build.node(f"load.{sign}", NodeKind.TERMINAL, f"host's contact, {shown}")
        build.wire(
            f"main.{sign}",
            near,
            contact,
            leads.wire,
            length,
            shown,
            main_colour(shown),
            "solder",
            f"lead:{pole}",
        )
    return build.done()
