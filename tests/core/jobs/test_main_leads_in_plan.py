"""The pole that the board switches: the work plan leads it through the board, as the wire list says."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs.bms_retrofit import bms_retrofit_steps
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import SwitchSide
from firmcell.core.wiring.pack_wiring import pole_through_board
from firmcell.core.wiring.wire_list import wire_list


def _switched(design, side):
    board = design.bms.board.model_copy(update={"switch_side": side})
    return design.edited("bms.board", board)


@pytest.mark.parametrize(
    ("side", "pole", "sign", "strip"),
    [(SwitchSide.LOW, "minus", "−", "B0"), (SwitchSide.HIGH, "plus", "+", "B10")],
)
def test_no_step_leads_the_switched_pole_past_the_board(hoist, library, side, pole, sign, strip):
    design = _switched(hoist, side)
    assert pole_through_board(design.bms.board) == pole
    analysis = analyse(design, library)
    steps = {s.code: s for s in new_pack_steps(design, analysis)}
    lead = steps[f"lead-{pole}"]
    assert f"board's pad B{sign} to the tail of the collecting strip {strip}" in lead.words
    assert f"{pole} lead is not joined here: it goes to the board's pad P{sign}" in lead.words
    assert f"{pole} lead goes to the board's pad P{sign}" in steps["connector-plug-in"].words
    assert f"Last: board P{sign} to " in steps["board-on"].words
    assert steps["board-on"].wires == (f"main.P{sign.replace('−', '-')}",)
    other = "plus" if pole == "minus" else "minus"
    assert f"Solder the {other} lead to the tail" in steps[f"lead-{other}"].words
    # With one pole still open at the board nothing can be read at the connector.
    assert "nothing at the connector yet" in steps["lead-plus"].expected
    # What the wire list says of the same leads.
    ends = {e.name: (e.from_where, e.to_where) for e in wire_list(analysis.wiring)}
    assert ends[f"B{sign}"][1] == f"board B{sign}"
    assert ends[f"P{sign}"][0] == f"board P{sign}"


def test_without_a_board_both_leads_go_to_the_strips(hoist, library):
    design = hoist.edited("bms.board", None)
    steps = {s.code: s for s in new_pack_steps(design, analyse(design, library))}
    assert "board" not in steps["lead-minus"].words
    assert "35.60 V at the connector" in steps["lead-plus"].expected


@pytest.mark.parametrize(("side", "pole"), [(SwitchSide.LOW, "minus"), (SwitchSide.HIGH, "plus")])
def test_a_board_added_later_is_cut_into_its_own_pole(hoist, library, side, pole):
    design = _switched(hoist, side).edited("kind", JobKind.BMS_RETROFIT)
    codes = [s.code for s in bms_retrofit_steps(design, analyse(design, library))]
    assert f"fit-{pole}-lead" in codes
