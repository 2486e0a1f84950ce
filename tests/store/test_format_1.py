"""Job files and exchanged jobs that version 0.1 wrote, kept as it wrote them: opened, understood, and left in their chain."""

import shutil
from pathlib import Path

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import steps_of
from firmcell.core.model.job_details import JobKind
from firmcell.core.records.build_state import StepStatus, fold
from firmcell.store import demo
from firmcell.store.exchange import import_job
from firmcell.store.job_file import JobFile
from firmcell.store.revisions import read_design

DATA = Path(__file__).parent / "data"


def opened(name: str, tmp_path: Path, as_json: bool) -> JobFile:
    if as_json:
        text = (DATA / f"{name}-0.1.json").read_text(encoding="utf-8")
        return import_job(text, "old.json", tmp_path / "old.firmcell")
    shutil.copy(DATA / f"{name}-0.1.firmcell", tmp_path / "old.firmcell")
    return JobFile.open(tmp_path / "old.firmcell")


def test_a_pack_of_0_1_is_the_same_pack(tmp_path, library):
    with opened("orchard-hoist", tmp_path, as_json=False) as job:
        design = job.latest().design()
        assert job.verify().fault is None
        assert (design.format, design.series, design.parallel) == (2, 10, 4)
        assert design.bms.board.series == 10
        assert design.insulation.sleeve.flat_width_m == pytest.approx(0.180)
        assert len(design.arrangement.placed) == 40
        now = demo.orchard_hoist(library)
        assert design.leads == now.leads
        assert design.insulation == now.insulation
        passed = [s for s in fold(job.events()).steps.values() if s.status is StepStatus.PASSED]
        assert len(passed) == 8


@pytest.mark.parametrize("as_json", [True, False])
def test_a_kind_and_its_steps_keep_their_records_under_new_names(tmp_path, library, as_json):
    with opened("lamp-cell-guard", tmp_path, as_json) as job:
        design, events = job.latest().design(), job.events()
        assert design.kind is JobKind.CELL_BMS
        assert "guard-cell-check" in {event.step for event in events}
        assert job.verify().fault is None
        state = fold(events)
        assert state.step("cell-bms-cell-check").status is StepStatus.PASSED
        codes = [s.code for s in steps_of(design, analyse(design, library))]
        assert set(state.steps) <= set(codes)
        # A new revision is saved in the words of today.
        number = job.add_revision(design.edited("serial", "L-2"))
        assert '"cell_bms"' in job.latest().design_json
        assert job.latest().number == number


def test_the_way_a_wire_lies_is_carried_over(hoist):
    old = (
        hoist.model_dump_json()
        .replace('"format":2', '"format":1')
        .replace('"laying":"two together"', '"lay":"inside the pack\'s jacket"')
    )
    old = (
        old.replace('"bms":', '"guarding":', 1)
        .replace('"insulation":{"rings"', '"jacket":{"rings"')
        .replace('"cell_bms":', '"cell_guard":')
    )
    design = read_design(old, "old")
    assert design.leads.laying.value == "inside the pack's insulation"
    assert design.bms == hoist.bms
