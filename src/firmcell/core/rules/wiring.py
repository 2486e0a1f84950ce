"""Rules read from the wiring: what conducts past the board, what nothing reaches, what could be mated by
mistake."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import figures, volts
from firmcell.core.leads.connectors import mates
from firmcell.core.model.parts import ChargePort
from firmcell.core.rules.charger import charge_fix, load_connectors
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule
from firmcell.core.wiring.graph import OUTLETS, EdgePart, NodeKind, Wiring


def past_the_board(wiring: Wiring) -> tuple[str, ...]:
    """Return the outlets whose plus and minus both reach the cells with the board's switches open."""
    switches = {e.id for e in wiring.of(EdgePart.BMS)}
    if not switches:
        return ()
    cells = wiring.reached("B0", switches)
    return tuple(name for name in OUTLETS if f"{name}.+" in cells and f"{name}.-" in cells)


@rule(
    "BM-13",
    Stage.BMS,
    Severity.STOP,
    topics=(Topic.TAPS,),
    source="the wiring as one graph",
    reason="What goes past the board's switch is cut off by nothing, neither empty nor shorted.",
)
def current_past_the_board(s: Situation) -> Iterator[Hit]:
    """A way from the cells to a connector that does not pass the board's switch."""
    for name in past_the_board(s.analysis.wiring):
        yield Hit(f"The way to the {OUTLETS[name]} does not pass the board's switch.", ("board", "connector"))


@rule(
    "BM-14",
    Stage.BMS,
    Severity.STOP,
    topics=(Topic.TAPS,),
    source="the wiring as one graph",
    reason="A board that does not see a group does not protect it.",
)
def pad_not_reached(s: Situation) -> Iterator[Hit]:
    """A pad of the board that nothing reaches."""
    wiring, board = s.analysis.wiring, s.design.bms.board
    if board is None or board.series != s.design.series:
        return
    cells = wiring.reached("B0")
    open_pads = [
        n.label
        for n in wiring.nodes
        if n.kind is NodeKind.BOARD_PAD and n.id not in cells and "NTC" not in n.id
    ]
    if open_pads:
        yield Hit(f"Nothing reaches {', '.join(open_pads)}.", ("board",))
    elif not any(n.kind is NodeKind.SENSE_PIN or n.id.startswith("bms.pad.") for n in wiring.nodes):
        yield Hit("No sense lead reaches the board.", ("board",))


@rule(
    "BM-15",
    Stage.BMS,
    Severity.STOP,
    topics=(Topic.TAPS, Topic.PACK_PLUG),
    source="boards with a charge port of their own",
    reason="Charged through the load's connector the cells are charged past the charge switch: nothing ends an overcharge.",
)
def no_connector_for_the_charge_port(s: Situation) -> Iterator[Hit]:
    """A board with a separate charge port and no connector for the charger."""
    board = s.design.bms.board
    if (
        board is not None
        and board.charge_port is ChargePort.SEPARATE
        and s.design.leads.charge_connector is None
    ):
        yield Hit(
            "The board has a charge port of its own (C), and no connector is chosen for the charger.",
            ("board", "connector"),
            charge_fix(s),
        )


@rule(
    "LE-11",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PACK_PLUG,),
    source=COMMON_PRACTICE,
    reason="What can be mated will be mated one day: the charger in the load's half, or the load in the charger's.",
)
def charge_connector_mates_wrongly(s: Situation) -> Iterator[Hit]:
    """Connectors of load and charger that mate with each other where that does harm."""
    leads, board = s.design.leads, s.design.bms.board
    charge = leads.charge_connector
    mated = next((part for part in load_connectors(s) if charge is not None and mates(charge, part)), None)
    if charge is None or mated is None:
        return
    what = f"The charger's {charge.name} mates with the load's {mated.name}"
    if not leads.charge_same_pins:
        yield Hit(
            f"{what}, with plus and minus exchanged: a short at the first mistake.",
            ("connector",),
            charge_fix(s),
        )
    elif board is not None and board.charge_port is ChargePort.SEPARATE:
        yield Hit(
            f"{what}: plugged in there it charges past the board's charge switch, and the load drains past its own.",
            ("connector",),
            charge_fix(s),
        )


@rule(
    "LE-20",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.FUSE,),
    source="the wiring as one graph",
    reason="A fuse behind the end of the lead is not in it.",
)
def fuse_beyond_the_lead(s: Situation) -> Iterator[Hit]:
    """A fuse farther from the pack than its lead is long."""
    leads = s.design.leads
    if leads.fuse is not None and leads.fuse_at_m >= leads.length_m:
        yield Hit(
            f"The fuse is to lie {figures(leads.fuse_at_m * 1e3)} mm from the pack; the lead is {figures(leads.length_m * 1e3)} mm long.",
            ("fuse",),
            Fix("Put the fuse at the pack", (("leads.fuse_at_m", min(0.05, leads.length_m / 2)),)),
        )


@rule(
    "LE-21",
    Stage.LEADS,
    Severity.STOP,
    source="rated voltage of the class; IEC 60664-1 asks that insulation is rated for its working voltage",
    reason="Insulation below its working voltage fails where it is pinched, and then everything it touches is live.",
)
def insulation_below_the_voltage(s: Situation) -> Iterator[Hit]:
    """A wire whose insulation is rated for less than the full pack gives."""
    full = s.analysis.pack.voltage_full_v
    low = {
        (e.wire.gauge, e.wire.insulation_v)
        for e in s.analysis.wiring.wires
        if e.wire is not None and e.wire.insulation_v < full
    }
    for gauge, rated in sorted(low):
        yield Hit(
            f"{gauge} is insulated for {volts(rated)}; the full pack gives {volts(full)}.", ("lead:plus",)
        )
