"""The open job: any run of edits undone gives the first design again; records and saving stand in their order."""

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from firmcell.app import session as session_module
from firmcell.app.session import Session, guarded, stage_state
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Lattice, TurnAxis
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.events import Checked, Correction, Remark, StepPassed, TapReading, WeldRow
from firmcell.store.job_file import JobFile
from tests.conftest import cases

EDITS = st.lists(
    st.one_of(
        st.tuples(st.just("series"), st.integers(1, 20)), st.tuples(st.just("parallel"), st.integers(1, 12)),
        st.tuples(st.just("arrangement.rows"), st.integers(1, 12)),
        st.tuples(st.just("arrangement.lattice"), st.sampled_from(list(Lattice))),
        st.tuples(st.just("arrangement.turn_axis"), st.sampled_from(list(TurnAxis))),
        st.tuples(st.just("brief.current_steady_a"), st.floats(0.1, 45)),
        st.tuples(st.just("leads.fuse"), st.none()), st.tuples(st.just("bms.board"), st.none()),
        st.tuples(st.just("insulation.rings"), st.booleans()), st.tuples(st.just("series"), st.integers(-5, 0)),
    ),
    max_size=8,
)  # fmt: skip


@pytest.fixture
def session(qapp, job, library):
    made = Session(job, library, "Wren Ashby")
    yield made
    # Its timers and what it has under way must not outlive the test.
    made._settle.stop()
    made._autosave.stop()
    if made._metal_task is not None:
        made._metal_task.give_up()


@given(EDITS)
@settings(max_examples=cases(30), suppress_health_check=[HealthCheck.function_scoped_fixture])
def test_any_edits_undone_and_redone(session, edits):
    first = session.design
    for path, value in edits:
        guarded(lambda p=path, v=value: session.edit(p, v, "edit"), lambda sentence: None)
        # Whatever the pack looks like, everything about it is there.
        assert len(session.analysis.layout.cells) == session.design.cell_count
        assert len(session.analysis.bms.taps) == session.design.series + 1
        assert session.steps
        assert {stage_state(session, s)[0] for s in Stage} <= {"empty", "fine", "look", "stop"}
    last = session.design
    count = session.undo_stack.index()
    while session.undo_stack.canUndo():
        session.undo_stack.undo()
    assert session.design == first
    for _ in range(count):
        session.undo_stack.redo()
    assert session.design == last
    session.undo_stack.clear()
    session._show(first)


def test_records_are_made_against_the_saved_design(session):
    session.edit("serial", "X-9", "serial")
    assert session.dirty
    event = session.record(Remark(text="after the edit"))
    assert not session.dirty
    assert event.revision == 2
    assert session.job.latest().design().serial == "X-9"


def test_strips_are_not_called_fine_before_their_heat_is_known(session, qtbot):
    assert session.metal is None
    session.findings = ()
    assert stage_state(session, Stage.STRIPS) == ("empty", 0)
    qtbot.waitUntil(lambda: session.metal is not None, timeout=20_000)
    session.findings = ()
    assert stage_state(session, Stage.STRIPS) == ("fine", 0)


def test_nothing_is_recorded_when_the_design_cannot_be_saved(session, monkeypatch):
    def full(*_):
        raise Refusal("the disk is full.")

    session.edit("serial", "X", "serial")
    monkeypatch.setattr(session.job, "add_revision", full)
    with pytest.raises(Refusal, match="nothing was recorded"):
        session.record(Remark(text="x"))
    assert list(session.events) == []


def test_a_taken_back_reading_counts_no_more(session):
    session.record(TapReading(tap=1, volts=9.0), "tap-voltages")
    assert stage_state(session, Stage.TESTS)[0] == "stop"
    session.record(Correction(seq=1, reason="meter was on another range"))
    assert session.state.tap_volts == {}
    assert stage_state(session, Stage.TESTS)[0] == "empty"
    assert len(session.events) == 2
    assert session.job.verify().fault is None


def test_the_faces_are_drawn_once_for_each_analysis(session):
    from firmcell.core.model.design import Face

    assert session.face(Face.TOP) is session.face(Face.TOP)
    before = session.face(Face.TOP)
    session.edit("arrangement.gap_m", 0.001, "gap")
    assert session.face(Face.TOP) is not before


def test_a_finding_without_a_fix_says_so(session):
    finding = next(f for f in session.findings if f.fix is None)
    with pytest.raises(Refusal, match="no fix"):
        session.apply_fix(finding)


def test_a_session_on_a_read_only_job_changes_nothing(qapp, job, library):
    with JobFile.open(job.path, read_only=True) as second:
        session = Session(second, library)
        before = session.design
        with pytest.raises(Refusal, match="reading only"):
            session.edit("serial", "X", "serial")
        with pytest.raises(Refusal, match="reading only"):
            session.record(Remark(text="x"))
        assert session.design == before


def test_passing_shows_in_the_state(session):
    code = session.steps[0].code
    session.record(StepPassed(), code)
    # Said alone it counts for nothing.
    assert session.state.step(code).status is StepStatus.BEGUN
    assert "Record" in session.state.step(code).reopened
    session.record(Checked(right=session.steps[0].checks), code)
    session.record(StepPassed(), code)
    assert session.state.step(code).status is StepStatus.PASSED
    assert session.current_step is session.steps[1]


def test_a_fault_of_the_program_leaves_the_pack_as_it_was(session, monkeypatch):
    first, told, real = session.design, [], session_module.analyse
    session.refused.connect(told.append)
    reported = []
    monkeypatch.setattr("sys.excepthook", lambda *fault: reported.append(fault[0]))

    def broken(design, library, sheets=True):
        if design.series == 7:
            raise ValueError("invented fault")
        return real(design, library, sheets)

    monkeypatch.setattr(session_module, "analyse", broken)
    session.edit("series", 7, "seven groups")
    assert session.design == first
    assert len(session.analysis.layout.cells) == first.cell_count
    assert reported == [ValueError]
    assert "stays as it was" in told[0]
    session.edit("series", 8, "eight groups")
    assert session.design.series == 8


def test_a_value_that_no_record_takes_is_told_in_a_sentence():
    """A form may be filled with what the design has, such as no welds where every strip is left out."""
    told = []
    assert not guarded(
        lambda: WeldRow.model_validate(
            {"machine": "m", "setting": "5", "pulses": 2, "strip": "s", "welds": 0, "flat": True, "tug": True}
        ),
        told.append,
    )
    assert len(told) == 1
    assert told[0].endswith(".")


def test_a_job_opened_again_shows_what_was_kept_and_works_it_out_anew_behind_it(
    qapp, job, library, qtbot, monkeypatch
):
    first = Session(job, library)
    path, told = job.path, first.findings
    first.close()
    with monkeypatch.context() as patch:
        patch.setattr(session_module, "analyse", lambda *_: pytest.fail("the first picture waited for it"))
        again = Session(JobFile.open(path), library)
        shown = again.analysis
    assert [f.code for f in again.findings] == [f.code for f in told]
    with qtbot.waitSignal(again.metal_ready, timeout=20_000):
        pass
    assert again.analysis is not shown
    assert again.analysis.strips == shown.strips
    again.edit("series", 9, "one less")
    assert len(again.analysis.bms.taps) == 10
    again.close()


def test_what_is_kept_is_of_the_design_that_was_saved(qapp, job, library):
    first = Session(job, library)
    first.edit("series", first.design.series - 1, "one less")
    path, wanted = job.path, first.design
    first.close()
    again = Session(JobFile.open(path), library)
    assert again._to_work_out
    assert again.design == wanted
    assert len(again.analysis.bms.taps) == wanted.series + 1
    again.close()


def test_a_job_whose_file_can_no_longer_be_read_is_let_go_all_the_same(qapp, job, library, monkeypatch):
    session = Session(job, library)

    def gone():
        raise Refusal("the disk is gone")

    monkeypatch.setattr(job, "latest", gone)
    assert session.close()


def test_undo_reaches_back_five_hundred_edits_and_no_further(hoist_window):
    """Long use must not fill the memory; older designs are in the history."""
    session = hoist_window.session
    assert session.undo_stack.undoLimit() == 500
    for n in range(3):
        session.edit("brief.title", f"hoist {n}", "title")
    session.undo_stack.undo()
    assert session.design.brief.title == "hoist 1"
