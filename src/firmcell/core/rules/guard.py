"""Rules on the guard."""

from collections.abc import Iterator

from firmcell.core.findings import Cure, Severity, Situation, Stage
from firmcell.core.parts import Board
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule
from firmcell.core.wording import amperes, volts


def fitting_board(s: Situation) -> Board | None:
    """The smallest board on the shelf that suits count, chemistry and currents."""
    brief, design = s.design.brief, s.design
    fitting = [
        b
        for b in s.shelf.boards
        if b.series == design.series
        and b.chemistry is design.cell.chemistry
        and b.current_continuous_a >= brief.current_steady_a
        and b.current_peak_a >= brief.current_peak_a
        and b.current_charge_a >= design.charge_current_a
    ]
    return min(fitting, key=lambda b: b.current_continuous_a, default=None)


def _cure(s: Situation) -> Cure | None:
    board = fitting_board(s)
    if board is None or board == s.design.guarding.board:
        return None
    return Cure(f"Take the {board.name}", (("guarding.board", board),))


@rule("GU-1", Stage.GUARD, Severity.STOP, source="the board senses every group",
      reason="A board for another count leaves groups unwatched or is destroyed.")  # fmt: skip
def wrong_count(s: Situation) -> Iterator[Hit]:
    """Board for another series count."""
    board = s.design.guarding.board
    if board and board.series != s.design.series:
        yield Hit(
            f"The board is for {board.series} groups; the pack has {s.design.series}.", ("board",), _cure(s)
        )


@rule("GU-2", Stage.GUARD, Severity.STOP, source="thresholds of the class",
      reason="Its thresholds would overcharge or strand the cells.")  # fmt: skip
def wrong_chemistry(s: Situation) -> Iterator[Hit]:
    """Board for another chemistry."""
    board, cell = s.design.guarding.board, s.design.cell
    if board and board.chemistry is not cell.chemistry:
        yield Hit(f"The board cuts off at {volts(board.over_voltage_v)} a group; these cells are full at "
                  f"{volts(cell.full_v)}.", ("board",), _cure(s))  # fmt: skip


@rule("GU-3", Stage.GUARD, Severity.STOP, source="class value",
      reason="The board overheats, or trips under normal load.")  # fmt: skip
def board_too_weak(s: Situation) -> Iterator[Hit]:
    """Board below the steady, peak or charge current."""
    board, brief = s.design.guarding.board, s.design.brief
    if board is None:
        return
    for words, have, need in (
        ("carries", board.current_continuous_a, brief.current_steady_a),
        ("trips at", board.current_peak_a, brief.current_peak_a),
        ("takes a charge of", board.current_charge_a, s.design.charge_current_a),
    ):
        if have < need:
            yield Hit(
                f"The board {words} {amperes(have)}; {amperes(need)} is asked of it.", ("board",), _cure(s)
            )
            return


@rule("GU-4", Stage.GUARD, Severity.ATTENTION, source=COMMON_PRACTICE + "; schools differ",
      reason="Without a board the pack relies on a balance charger and on the load's cut-off.")  # fmt: skip
def no_board(s: Situation) -> Iterator[Hit]:
    """Lithium pack without a board."""
    if s.design.cell.chemistry.is_lithium and s.design.guarding.board is None:
        severity = Severity.NOTE if s.design.brief.must_not_cut_out else Severity.ATTENTION
        yield Hit("There is no guard: charge only with a balance charger, and set the load's cut-off at "
                  f"{volts(s.design.series * s.design.cell.empty_v)} or above.", (), _cure(s), severity)  # fmt: skip


@rule("GU-5", Stage.GUARD, Severity.ATTENTION, source=COMMON_PRACTICE,
      reason="A guard that opens takes the power away in the middle of use.")  # fmt: skip
def board_may_cut_out(s: Situation) -> Iterator[Hit]:
    """The load must never cut out, yet there is a board."""
    if s.design.brief.must_not_cut_out and s.design.guarding.board is not None:
        yield Hit(
            "The brief says it must never cut out by itself, and a guard can open at any moment.", ("board",)
        )


@rule("GU-6", Stage.GUARD, Severity.NOTE, source=COMMON_PRACTICE,
      reason="Heat is the first sign of a failing group.")  # fmt: skip
def no_temperature_sensor(s: Situation) -> Iterator[Hit]:
    """Board without a temperature sensor on a pack of some size."""
    board = s.design.guarding.board
    if board and board.temperature_sensors == 0 and s.analysis.pack.energy_wh > 100:
        yield Hit(f"The board has no temperature sensor for {s.analysis.pack.energy_wh:.0f} Wh.", ("board",))
