"""How the groups of a matching come together: the first charge of cells that lay in drawers alike, by the
run."""

from collections.abc import Callable

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.run_of_design import Asked, pack_in_time, run_of
from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import about, figures
from firmcell.core.model.design import Design
from firmcell.core.run.run_result import EndedBy, RunResult
from firmcell.core.strips.under_load import UnderLoad

STORED_AT = 0.5
"""State of charge at which cells lie in drawers; all alike, since they rest at one voltage."""
WARM_K = 298.15
SHORT = 5e-4
"""A group that lacks less than this share is as full as the others."""


@frozen
class FirstCharge:
    """The first charge of a pack of matched cells.

    Attributes
    ----------
    seconds : how long it takes, s.
    short : share of its capacity that the last group lacks at its end.
    more_s : how long the board would still have to bleed the full ones for it, s; None without a board that
        balances.
    ended_by : what ended it.
    """

    seconds: float
    short: float
    more_s: float | None
    ended_by: EndedBy

    @property
    def words(self) -> str:
        """What a builder is told."""
        told = f"In the first charge from half, by the run, the pack is full after {about(self.seconds)}"
        if self.ended_by is EndedBy.BOARD_OVER:
            told = f"In the first charge from half, by the run, the board stops it after {about(self.seconds)}: one group is full before the others"
        if self.short < SHORT:
            return f"{told}, all groups alike."
        told += f"; the last group is then {figures(self.short * 100, 2)} % short"
        if self.more_s is None:
            return f"{told}, and stays so: no board balances it. Charge each group by itself first."
        return f"{told}, and the board has to bleed the others for about {about(self.more_s)} more."


def first_charge(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    capacity_as: Array,
    told: Callable[[float], bool] | None = None,
) -> FirstCharge | None:
    """Return the first charge of matched cells; None of nickel, or where the run says nothing of it.

    Parameters
    ----------
    design, analysis, metal
        With the matched cells in it.
    capacity_as : ndarray, shape (n,)
        Of the cell at each number of the pack, A·s.
    told : callable, optional
        Told of progress; True stops the run.
    """
    if not design.cell.chemistry.is_lithium:
        return None
    pack = pack_in_time(design, analysis, metal, None, capacity_as)
    run = run_of(design, pack, Asked(None, STORED_AT, max(design.brief.ambient_min_k, WARM_K)), told)
    if run.ended_by not in (EndedBy.FULL, EndedBy.BOARD_OVER, EndedBy.CELL_OVER):
        return None
    lacks, whole = _lacks(run, capacity_as)
    last = float(lacks.max() - lacks.min())
    board = design.bms.board
    bleeds = board.balance_current_a if board is not None else 0.0
    return FirstCharge(
        float(run.time_s[-1]),
        last / float(whole[int(lacks.argmax())]),
        last / bleeds if bleeds > 0 else None,
        run.ended_by,
    )


def _lacks(run: RunResult, capacity_as: Array) -> tuple[Array, Array]:
    """What each group lacks to be full at the end, and what it holds, A·s (s,)."""
    cells = capacity_as[run.numbers - 1]
    missing = (1.0 - run.cell_charge[-1]) * cells
    groups = np.unique(run.groups)
    return (
        np.array([missing[run.groups == g].sum() for g in groups]),
        np.array([cells[run.groups == g].sum() for g in groups]),
    )
