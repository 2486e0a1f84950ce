"""A new sleeve on a cell: flat width by half the circumference, what must not be sleeved, and the plan."""

from math import pi

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.insulation.cell_sleeve import sleeved_cell
from firmcell.core.jobs import as_job, steps_of
from firmcell.core.model.cell_sleeves import FLAT_STOCK_M, SHRINKS_TO
from firmcell.core.model.job_details import JobKind, ReSleeve
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.sleeved_cell import sleeved_cell_drawing
from firmcell.core.records.build_state import BuildState, fold
from firmcell.core.records.events import Checked, PolarityReading, sealed
from firmcell.store.demo import torch_re_sleeve
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()


@pytest.fixture
def torch():
    return torch_re_sleeve(SHELF)


@given(bare=st.floats(0.009, 0.045))
def test_a_sleeve_slides_on_and_grips_and_none_narrower_does(bare):
    """Half the circumference is the flat width (by definition of a flat sleeve); shrunk right down it must be narrower than that."""
    cell = part_named(SHELF, Cell, "18650 balanced 3.0 Ah")
    made = sleeved_cell(cell, ReSleeve(diameter_m=bare, length_m=0.065))
    half_round = pi * bare / 2
    if made.flat_m is None:
        assert all(f < half_round + 1e-4 or f * SHRINKS_TO >= half_round for f in FLAT_STOCK_M)
        return
    assert made.flat_m > half_round > made.flat_m * SHRINKS_TO
    assert not [f for f in FLAT_STOCK_M if half_round + 1e-4 <= f < made.flat_m]
    assert made.cut_m > 0.065 + 2 * 0.003, "both lips are in it"
    assert made.diameter_m == pytest.approx(bare + 0.0002)


def test_the_usual_sizes_of_the_trade():
    """Common practice, no source: 29.5 mm flat for 18 mm cells, 23 mm for 14 mm ones."""
    for name, flat in (("18650 balanced 3.0 Ah", 29.5), ("14500 lithium-ion 0.8 Ah", 23.0)):
        assert sleeved_cell(part_named(SHELF, Cell, name), ReSleeve()).flat_m == pytest.approx(flat * 1e-3)


def test_what_is_wrong_inside_gets_no_sleeve(torch):
    for field, word in (
        ("dented", "dented"),
        ("leaking", "leaking"),
        ("rusted", "rusted"),
        ("warm", "warm by itself"),
    ):
        told = found(torch.edited(f"re_sleeve.{field}", True), SHELF)["RS-1"]
        assert told.severity is Severity.STOP
        assert word in told.sentence
        assert "collection point" in told.sentence
    assert not [f for f in found(torch, SHELF).values() if f.severity is Severity.STOP]


def test_a_cell_that_no_longer_fits_and_one_that_is_another_are_told(torch):
    assert (
        "65.1 mm long; the holder takes 65.0 mm"
        in found(torch.edited("re_sleeve.holder_m", 0.065), SHELF)["RS-3"].sentence
    )
    assert "thick" in found(torch.edited("re_sleeve.holder_width_m", 0.0183), SHELF)["RS-3"].sentence
    assert "is it that cell" in found(torch.edited("re_sleeve.diameter_m", 0.0212), SHELF)["RS-5"].sentence
    assert "RS-5" not in found(torch, SHELF)
    assert found(torch.edited("re_sleeve.diameter_m", 0.09), SHELF)["RS-2"].severity is Severity.STOP
    assert "RS-4" in found(torch.with_edits(("series", 2)), SHELF)


def test_the_plan_judges_before_it_bares_and_reads_again_at_the_end(torch):
    steps = steps_of(torch, analyse(torch, SHELF))
    codes = [s.code for s in steps]
    assert codes.index("re-sleeve-judge") < codes.index("re-sleeve-strip") < codes.index("re-sleeve-look")
    assert codes.index("re-sleeve-ring") < codes.index("re-sleeve-shrink") < codes.index("re-sleeve-mark")
    held = {s.code for s in steps if s.hold and not s.code.startswith("re-sleeve-judge")}
    marked = {"re-sleeve-mark", *(f"re-sleeve-mark-{n}" for n in (2, 3, 4))}
    assert held == {"re-sleeve-look", "re-sleeve-ring", "re-sleeve-shrink", *marked}
    judged = [s for s in steps if s.code.startswith("re-sleeve-judge")]
    assert len(judged) == 4, "none of a batch goes unmeasured"
    assert all(s.hold and s.records == ("polarity-reading",) for s in judged)
    assert judged[1].title == "Cell 2 of 4: measure, look, decide"
    assert any("No blade" in c for s in steps for c in s.cautions)
    assert any("no flame" in c for s in steps for c in s.cautions)
    assert any("Each of the 4 cells" in s.words for s in steps)
    alone = steps_of(torch.edited("re_sleeve.cells", 1), analyse(torch, SHELF))
    assert not [s for s in alone if "Each of" in s.words]


def event(seq, step, data):
    return sealed(seq, "2026-11-26T10:00:00+00:00", "Wren Ashby", "", step, 1, data, "0" * 64)


@pytest.mark.parametrize(("after", "passes"), [(3.60, True), (3.51, True), (3.45, False), (3.8, False)])
def test_each_cell_must_read_what_it_read_before(torch, after, passes):
    """A short under a new sleeve shows as a voltage that falls; another cell shows too."""
    steps = steps_of(torch, analyse(torch, SHELF))
    last = next(s for s in steps if s.code == "re-sleeve-mark-3")
    events = [
        event(1, "re-sleeve-judge-3", PolarityReading(at="cell", volts=3.6)),
        event(2, last.code, PolarityReading(at="cell", volts=after)),
        event(3, last.code, Checked(right=last.checks)),
    ]
    told = obstacle(last, (last,), fold(events), events, torch)
    assert (told is None) is passes
    if not passes:
        assert "before it read 3.60 V" in told


@pytest.mark.parametrize(
    ("volts", "passes"), [(3.6, True), (0.9, False), (2.3, False), (-3.6, False), (4.4, False)]
)
def test_a_cell_under_its_empty_limit_does_not_pass(torch, volts, passes):
    steps = steps_of(torch, analyse(torch, SHELF))
    events = [event(1, "re-sleeve-judge", PolarityReading(at="cell", volts=volts))]
    told = obstacle(steps[0], steps, fold(events), events, torch)
    assert (told is None) is passes


def test_the_bare_can_must_be_looked_at_whole(torch):
    steps = {s.code: s for s in steps_of(torch, analyse(torch, SHELF))}
    look = steps["re-sleeve-look"]
    events = [event(1, look.code, Checked(right=look.checks[:-1], wrong=("Warm",)))]
    assert "Not right" in obstacle(look, (look,), BuildState(), events, torch)


def test_the_picture_shows_ring_and_lips_to_scale(torch):
    drawing = sleeved_cell_drawing(torch)
    sleeves = [s for s in drawing.shapes if s.role == "sleeve"]
    assert len(sleeves) == 2
    for stroke in sleeves:
        xs = [x for x, _ in stroke.points]
        assert min(xs) < 0, "a lip over the negative end"
        assert max(xs) > 65.0 - 1.4, "and one over the ring"
    body = next(s for s in drawing.shapes if s.role == "cell.body")
    ys = [y for _, y in body.points]
    assert max(ys) - min(ys) == pytest.approx(18.2)
    assert {"cell:1", "ring", "sleeve"} <= drawing.targets.keys()


def test_any_pack_becomes_a_re_sleeve_of_one_cell(hoist):
    job = as_job(hoist, JobKind.RE_SLEEVE, SHELF)
    assert (job.series, job.parallel, job.bms.board) == (1, 1, None)
    assert not [f for f in found(job, SHELF).values() if f.severity is Severity.STOP], (
        "no load of the pack's is asked of it"
    )
