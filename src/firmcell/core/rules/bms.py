"""Rules on the BMS."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, figures, volts
from firmcell.core.bms.board_choice import BoardAsk, ranked_boards, selectivity, threshold_faults
from firmcell.core.bms.plug_pads import read_pads
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Board
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule
from firmcell.core.strips.pieces import collecting_strip

LEAST_STORE_DAYS = 180.0
LONG_SENSE_M = 0.5
"""Sense leads longer than that leave the pack's own wrap and can be pinched; engineering judgement."""
SHIFT_LIMIT_V = 0.02


def fitting_board(s: Situation) -> Board | None:
    """The best board in the part library that suits count, chemistry and currents."""
    return next((f.board for f in ranked_boards(s.library.boards, board_ask(s.design)) if f.fits), None)


def board_ask(design: Design) -> BoardAsk:
    """Return what a design asks of a board."""
    brief = design.brief
    return BoardAsk(
        design.cell, design.series, brief.duty.lasting_a, brief.current_peak_a, design.charge_current_a
    )


def _fix(s: Situation) -> Fix | None:
    board = fitting_board(s)
    if board is None or board == s.design.bms.board:
        return None
    return Fix(f"Take the {board.name}", (("bms.board", board),))


@rule(
    "BM-1",
    Stage.BMS,
    Severity.STOP,
    source="the board senses every group",
    reason="A board for another count leaves groups unwatched or is destroyed.",
)
def wrong_count(s: Situation) -> Iterator[Hit]:
    """Board for another series count."""
    board = s.design.bms.board
    if board and board.series != s.design.series:
        yield Hit(
            f"The board is for {board.series} groups; the pack has {s.design.series}.", ("board",), _fix(s)
        )


@rule(
    "BM-2",
    Stage.BMS,
    Severity.STOP,
    source="thresholds of the class",
    reason="Its thresholds would overcharge or strand the cells.",
)
def wrong_chemistry(s: Situation) -> Iterator[Hit]:
    """Board for another chemistry, or one that cuts charge elsewhere than where these cells are full."""
    board, cell = s.design.bms.board, s.design.cell
    if board is None:
        return
    over, _ = threshold_faults(board, cell)
    if board.chemistry is not cell.chemistry:
        yield Hit(
            f"The board cuts off at {volts(board.over_voltage_v)} a group; these cells are full at "
            f"{volts(cell.full_v)}.",
            ("board",),
            _fix(s),
        )
    elif over:
        yield Hit(f"The board {over}.", ("board",), _fix(s))


@rule(
    "BM-12",
    Stage.BMS,
    Severity.ATTENTION,
    source="thresholds of the class",
    reason="Below their limit cells take harm; far above it the pack seems empty while it is not.",
)
def wrong_cut_off(s: Situation) -> Iterator[Hit]:
    """A board that cuts the load off below the cells' limit, or far above it."""
    board, cell = s.design.bms.board, s.design.cell
    if board is not None and board.chemistry is cell.chemistry:
        _, under = threshold_faults(board, cell)
        if under:
            yield Hit(f"The board {under}.", ("board",), _fix(s))


@rule(
    "BM-3",
    Stage.BMS,
    Severity.STOP,
    source="class value",
    reason="The board overheats, or trips under normal load.",
)
def board_too_weak(s: Situation) -> Iterator[Hit]:
    """Board below the steady, peak or charge current."""
    board, brief = s.design.bms.board, s.design.brief
    if board is None:
        return
    for words, have, need in (
        ("carries", board.current_continuous_a, brief.duty.lasting_a),
        ("trips at", board.current_peak_a, brief.current_peak_a),
        ("takes a charge of", board.current_charge_a, s.design.charge_current_a),
    ):
        if have < need:
            yield Hit(
                f"The board {words} {amperes(have)}; {amperes(need)} is asked of it.", ("board",), _fix(s)
            )
            return


@rule(
    "BM-4",
    Stage.BMS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE + "; schools differ",
    reason="Without a board the pack relies on a balance charger and on the load's cut-off.",
)
def no_board(s: Situation) -> Iterator[Hit]:
    """Lithium pack without a board."""
    if s.design.cell.chemistry.is_lithium and s.design.bms.board is None:
        severity = Severity.NOTE if s.design.brief.must_not_cut_out else Severity.ATTENTION
        yield Hit(
            "There is no BMS: charge only with a balance charger, and set the load's cut-off at "
            f"{volts(s.design.series * s.design.cell.empty_v)} or above.",
            (),
            _fix(s),
            severity,
        )


@rule(
    "BM-5",
    Stage.BMS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="A BMS that opens takes the power away in the middle of use.",
)
def board_may_cut_out(s: Situation) -> Iterator[Hit]:
    """The load must never cut out, yet there is a board."""
    if s.design.brief.must_not_cut_out and s.design.bms.board is not None:
        yield Hit(
            "The brief says it must never cut out by itself, and a BMS can open at any moment.", ("board",)
        )


@rule(
    "BM-6",
    Stage.BMS,
    Severity.NOTE,
    topics=(Topic.TAPS,),
    source=COMMON_PRACTICE,
    reason="Heat is the first sign of a failing group.",
)
def no_temperature_sensor(s: Situation) -> Iterator[Hit]:
    """Board without a temperature sensor on a pack of some size."""
    board = s.design.bms.board
    if board and board.temperature_sensors == 0 and s.analysis.pack.energy_wh > 100:
        yield Hit(f"The board has no temperature sensor for {s.analysis.pack.energy_wh:.0f} Wh.", ("board",))


@rule(
    "BM-7",
    Stage.BMS,
    Severity.ATTENTION,
    topics=(Topic.TAPS,),
    source="trip current and delay against fuse band and wire, ISO 8820 and IEC 60364-4-43 values from memory",
    reason="What opens first should be what can be reset, and nothing may be damaged before it does.",
)
def not_selective(s: Situation) -> Iterator[Hit]:
    """Something is damaged before board or fuse opens, or the board cuts out in use."""
    found = s.analysis.bms.selective
    if found is not None and found.harms:
        yield Hit(f"{found.words}.", ("board", "fuse"), _selective_board(s))


def _selective_board(s: Situation) -> Fix | None:
    """The best board of the part library that fits and with which nothing is harmed."""
    d, a = s.design, s.analysis
    strip = collecting_strip(a.layout, d.joining, a.strips)
    for fit in ranked_boards(s.library.boards, board_ask(d)):
        if not fit.fits or fit.board == d.bms.board:
            continue
        tried = selectivity(
            fit.board,
            d.leads.fuse,
            d.leads.wire,
            d.leads.laying,
            strip,
            d.brief.duty,
            a.pack.short_circuit_a,
            d.brief.ambient_max_k,
            d.leads.parallel,
        )
        if not tried.harms:
            return Fix(f"Take the {fit.board.name}", (("bms.board", fit.board),))
    return None


@rule(
    "BM-8",
    Stage.BMS,
    Severity.NOTE,
    topics=(Topic.TAPS,),
    source="Onderdonk, value from memory",
    reason="Two sense leads that touch at the plug are a short of one group through wire as thin as a hair.",
)
def sense_leads_burn(s: Situation) -> Iterator[Hit]:
    """Long sense leads that melt quickly when they touch; short ones are minded while the harness is made."""
    g = s.analysis.bms
    longest = max((t.wire_length_m for t in g.taps), default=0.0)
    if g.sense_fuse_a is not None and not s.design.bms.sense_fuses and longest > LONG_SENSE_M:
        yield Hit(
            f"Two sense leads that touch carry about {amperes(g.sense_short_a)} and melt in {figures(g.sense_melts_s, 2)} s: "
            f"{figures(g.sense_fuse_a)} A fuses at the taps prevent it.",
            (),
            Fix("Put a fuse at each tap", (("bms.sense_fuses", True),)),
        )


@rule(
    "BM-9",
    Stage.BMS,
    Severity.ATTENTION,
    topics=(Topic.TAPS,),
    source="capacity over standby drain and self-discharge",
    reason="A pack that is emptied by its own board while stored is ruined.",
)
def drained_in_store(s: Situation) -> Iterator[Hit]:
    """Board that empties the pack within half a year of storage."""
    days = s.analysis.bms.storage_days
    if days is not None and days < LEAST_STORE_DAYS and s.design.cell.chemistry.is_lithium:
        yield Hit(
            f"Stored half full, board and cells may empty it in {days:.0f} days: charge it up every {days / 2:.0f}.",
            ("board",),
        )


@rule(
    "BM-10",
    Stage.BMS,
    Severity.STOP,
    topics=(Topic.TAPS,),
    source="pads as entered",
    reason="A sense plug wired one place off, or backwards, puts many cells on one input and destroys the board.",
)
def pads_not_understood(s: Situation) -> Iterator[Hit]:
    """What is printed on the board's pads does not say which tap goes where."""
    board = s.design.bms.board
    if board is None or not board.pads.strip() or board.series != s.design.series:
        return
    pads = read_pads(board.pad_names, s.design.series)
    if pads.fault:
        yield Hit(
            f"{pads.fault} Enter the pads of the board's sheet as B− or B0, B1 …, in the order they lie.",
            ("board",),
        )
    elif pads.doubt:
        yield Hit(pads.doubt, ("board",), severity=Severity.ATTENTION)


@rule(
    "BM-11",
    Stage.BMS,
    Severity.NOTE,
    topics=(Topic.TAPS, Topic.NETWORK),
    source="network of the real layout under load",
    reason="The board sees the shift as a weak or strong group and cuts off early or late.",
)
def tap_shifted(s: Situation) -> Iterator[Hit]:
    """A tap that reads much off under load."""
    worst = max(s.analysis.bms.taps, key=lambda t: abs(t.shift_ohm), default=None)
    shift = abs(worst.shift_ohm) * s.design.brief.current_steady_a if worst is not None else 0.0
    if worst is not None and shift > SHIFT_LIMIT_V:
        yield Hit(
            f"Under the steady load {worst.name} reads {shift * 1e3:.0f} mV off its group's middle: more metal there, or "
            "join the lead elsewhere.",
            (f"tap:{worst.number}",),
        )
