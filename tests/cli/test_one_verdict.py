"""Window, command line, steps, report and passport say one and the same of the same readings."""

import json

import numpy as np
import pytest

from firmcell.app.session import Session
from firmcell.cli.main import main
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.records.events import TapReading
from firmcell.core.tap_check.recorded_readings import tap_verdict
from firmcell.store.demo import hoist_in_rows
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library
from firmcell.store.whole_job import passport_of, report_of, saved_passport
from tests.core.tap_check.outside import KINDS, made

SHELF = shipped_library()


@pytest.mark.parametrize("kind", KINDS)
def test_one_verdict_everywhere(kind, tmp_path, capsys, qapp):
    """One pack of each kind, read against B0: every place that tells of taps tells the same."""
    pack, meter = made(kind, 10, 5)
    path = tmp_path / "hoist.firmcell"
    with JobFile.create(path, hoist_in_rows(SHELF), "Wren") as job:
        for tap in range(1, 11):
            job.append(
                TapReading(tap=tap, volts=float(np.clip(meter.read(pack, 0, tap), -500, 500))), "tap-voltages"
            )
    with JobFile.open(path, read_only=True) as job:
        session = Session(job, SHELF)
        proof = tap_verdict(session.design, session.state)
        step = next(s for s in session.steps if s.code == "tap-voltages")
        alone = obstacle(step, (step,), session.state, list(session.counting), session.design)
        assert (alone is None) == (proof.verdict.value == "right")
        doctor = report_of(job).doctor
        assert (doctor.verdict, doctor.words) == (proof.verdict.value, proof.words)
        page = passport_of(session.design, *arranged(saved_passport(job, session.design, SHELF)))
        assert f"Taps: {proof.words}" in " ".join(page.records)
    code = main(["taps", str(path), "--json"])
    said = json.loads(capsys.readouterr().out)
    assert (said["verdict"], said["words"]) == (proof.verdict.value, proof.words)
    assert code == (0 if proof.verdict.value == "right" else 1)


def arranged(found):
    state, bound = found
    return state, SHELF, bound
