"""The board is joined to live leads in the order its school asks, and never before every tap has been read.

The attack walks the steps of random packs wire by wire, as a builder would, and looks at the board's pads.
"""

import random

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench.live_map import live_map
from firmcell.core.jobs import as_job, plan_of, steps_of
from firmcell.core.model.design import ConnectOrder, Pole
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import SenseJoined
from firmcell.core.wiring.graph import EdgePart, NodeKind
from firmcell.core.wiring.pack_wiring import switched_sign
from firmcell.core.wiring.sense_wiring import pad_id
from firmcell.store.part_files import shipped_library
from tests.conftest import cases
from tests.core.wiring.test_graph import random_design

SHELF = shipped_library()
DESIGNS = cases(60)


pytestmark = pytest.mark.slow
"""Many random designs, each with its wiring solved."""


@pytest.fixture(scope="module")
def packs():
    rng = random.Random(31)
    made = []
    while len(made) < DESIGNS:
        design = random_design(rng)
        if design.bms.board is None:
            continue
        joined = rng.choice(list(SenseJoined))
        board = design.bms.board.model_copy(update={"sense_joined": joined})
        design = design.with_edits(("bms.board", board), ("bms.order", rng.choice(list(ConnectOrder))))
        if rng.random() < 0.3:
            design = as_job(design, JobKind.BMS_RETROFIT, SHELF)
        analysis = analyse(design, SHELF)
        made.append((design, analysis, steps_of(design, analysis)))
    return made


def live_pads(wiring, made):
    """Pads of the board that wires made so far join to the pack, with the plug out and the switch open."""
    gone = {e.id for e in wiring.of(EdgePart.WIRE) if e.id not in made}
    gone |= {e.id for e in wiring.edges if e.part is EdgePart.BMS or e.id.startswith("plug.")}
    return {n for n in wiring.reached("B0", gone) if wiring.by_id[n].kind is NodeKind.BOARD_PAD}


def test_before_every_tap_is_read_at_most_one_pad_of_the_board_is_live(packs):
    joined_early = 0
    for design, analysis, steps in packs:
        made = set()
        for step in steps:
            if step.code == "tap-voltages":
                break
            made |= set(step.wires)
        own = pad_id(switched_sign(design.bms.board))
        live = live_pads(analysis.wiring, made)
        assert live <= {own}, (design.bms.order, design.bms.board.sense_joined)
        joined_early += bool(live)
        if design.bms.order is ConnectOrder.PLUG_FIRST:
            assert not live
    assert joined_early > DESIGNS / 3


def test_the_board_gets_all_it_is_owed_in_the_step_that_connects_it(packs):
    for _design, analysis, steps in packs:
        made = {w for step in steps for w in step.wires}
        assert made == {e.id for e in analysis.wiring.wires}
        begun = {w for step in steps for w in step.begins}
        board_on = next(step for step in steps if step.code == "board-on")
        assert begun <= set(board_on.wires)
        # What a sense lead is begun with on the pack ends on a pad: an end in a plug needs no such waiting.
        ends = {analysis.wiring.by_id[analysis.wiring.edge(w).end].kind for w in begun}
        assert ends <= {NodeKind.BOARD_PAD}


def test_the_words_of_the_step_never_contradict_the_order_chosen(packs):
    seen = set()
    for design, _, steps in packs:
        words = next(step for step in steps if step.code == "board-on").words
        sign = switched_sign(design.bms.board)
        is_on = f"B{sign} is on already" in words
        assert is_on is (design.bms.order is not ConnectOrder.PLUG_FIRST)
        soldered = design.bms.board.sense_joined is SenseJoined.SOLDERED
        assert ("sense plug" in words.lower()) is not soldered
        seen.add((design.bms.order, soldered))
    assert len(seen) == 6


@pytest.mark.parametrize("order", list(ConnectOrder))
def test_leads_soldered_to_the_board_are_live_at_their_covered_ends(hoist, order):
    board = hoist.bms.board.model_copy(update={"sense_joined": SenseJoined.SOLDERED})
    design = hoist.with_edits(("bms.board", board), ("bms.order", order))
    analysis = analyse(design, SHELF)
    steps = steps_of(design, analysis)
    by_code = {s.code: s for s in steps}
    assert by_code["taps-bottom"].wires == ()
    assert any("board end of every lead stays covered" in c for c in by_code["taps-bottom"].cautions)
    # Their free ends are live, and covered until they are read, one at a time: eleven, 10 × 3.56 V apart.
    bench = plan_of(design).on_bench(design, analysis, steps)
    free = {p.label for p in live_map(bench, None, "taps-top").bare if p.face is None}
    assert not any("free end" in label for label in free)
    read = live_map(bench, None, "tap-voltages")
    assert sum("the free end for the board's pad" in p.label for p in read.bare) == 11
    assert read.highest_v == pytest.approx(35.6)
    assert "plug" not in " ".join((*by_code["tap-voltages"].cautions, by_code["tap-voltages"].words))
    words = by_code["board-on"].words
    between = words.index("B1 to") < words.index("B2 to") < words.index("B9 to")
    assert between
    assert words.index("B0 to board's pad 1") < words.index("B1 to")
    # "B− and B+ first" puts the top tap before those between; the other schools go up to it.
    top_first = words.index("B10 to") < words.index("B1 to")
    assert top_first is (order is ConnectOrder.ALL_THEN_LOAD)
    if order is ConnectOrder.PLUG_FIRST:
        assert (
            words.index("B10 to") < words.index("Then the wire of B0 to the board's B−") < words.index("Last")
        )
        assert "after the sense leads" in by_code["lead-minus"].words


@pytest.mark.parametrize("pole", list(Pole))
def test_the_fuse_is_in_one_lead_and_named_there_only(hoist, pole):
    design = hoist.edited("leads.fuse_in", pole)
    leads = design.leads
    fused = {p: leads.fuse_on(p) for p in ("minus", "plus")}
    assert [p for p, fuse in fused.items() if fuse is not None] == [pole.value.removesuffix(" lead")]
    steps = {s.code: s for s in steps_of(design, analyse(design, SHELF))}
    for p in fused:
        assert (leads.fuse.name in steps[f"lead-{p}"].words) is (fused[p] is not None)
    assert design.edited("leads.fuse", None).leads.fuse_on("plus") is None
