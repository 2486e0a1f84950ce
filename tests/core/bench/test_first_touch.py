"""Cells that stand at different voltages when their strip touches: the current between them, by hand and by ngspice."""

import re
import shutil
import subprocess

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.bench.measured_values import at_first_touch
from firmcell.core.jobs import findings_of
from firmcell.core.leads.spice_netlist import spice_netlist
from firmcell.core.records.build_state import fold
from firmcell.core.records.events import CellReading
from firmcell.core.strips.under_load import solve_under_load
from tests.core.records.test_records import chain


def solved(design, library):
    analysis = analyse(design, library)
    return analysis, solve_under_load(design, analysis.layout, 1800.0)


def small(hoist, **more):
    edits = {"series": 1, "parallel": 2, "arrangement.rows": 2, "bms.board": None, **more}
    return hoist.with_edits(*edits.items())


def test_two_cells_by_hand(hoist, library):
    """I = ΔV/(R1 + R2 + four joints + the two strips between them)."""
    design = small(hoist)
    _, metal = solved(design, library)
    strips = sum(ohm for ohm in metal.network.ohm.tolist())
    loop = metal.network.cell_ohm.sum() + strips
    gives = at_first_touch(metal, {1: 3.70, 2: 3.50})
    assert gives == pytest.approx([0.20 / loop, -0.20 / loop], rel=1e-9)


def test_alike_cells_and_cells_without_a_reading_exchange_nothing(hoist, library):
    _, metal = solved(hoist, library)
    assert np.abs(at_first_touch(metal, {})).max() < 1e-9
    assert np.abs(at_first_touch(metal, {1: 3.6, 5: 3.5})).max() < 1e-9
    gives = at_first_touch(metal, {1: 3.7, 2: 3.6})
    groups = np.array([c.group for c in metal.layout.cells])
    for group in range(1, hoist.series + 1):
        # What one gives the others of its group take: no group gives anything to the rest.
        assert gives[groups == group].sum() == pytest.approx(0.0, abs=1e-9)
    # A little goes round through the links to the neighbours.
    assert np.abs(gives[groups > 1]).max() < 0.05 * np.abs(gives[groups == 1]).max()


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="no ngspice here")
def test_every_cell_equals_ngspice(hoist, library, tmp_path):
    """The exported netlist with each cell's own voltage put in, and no load."""
    analysis, metal = solved(hoist, library)
    dice = np.random.default_rng(4)
    volts = {c.number: float(3.5 + 0.2 * dice.random()) for c in metal.layout.cells}
    text = spice_netlist(metal, analysis.leads, 3.6, 0.0, "first touch")
    for number, value in volts.items():
        text, count = re.subn(rf"(?m)^(Vcell{number} .* DC) .*$", rf"\g<1> {value:.12g}", text)
        assert count == 1
    (tmp_path / "a.cir").write_text(text)
    said = subprocess.run(
        ["ngspice", "-b", str(tmp_path / "a.cir")], capture_output=True, text=True, check=False
    ).stdout
    gives = at_first_touch(metal, volts)
    for cell, ampere in zip(metal.layout.cells, gives, strict=True):
        found = re.search(rf"(?im)^vcell{cell.number}#branch\s*=\s*(\S+)", said)
        assert found, cell.number
        assert -float(found[1]) == pytest.approx(ampere, rel=1e-6, abs=1e-8)


def test_cells_recorded_apart_stop_the_job_with_their_current(hoist, library):
    analysis, metal = solved(hoist, library)
    events = chain(
        ("check-cells", CellReading(cell=1, volts=3.71)), ("check-cells", CellReading(cell=3, volts=3.52)),
        ("check-cells", CellReading(cell=9, volts=3.30)),
    )  # fmt: skip
    state = fold(events)
    told = {f.code: f for f in findings_of(Situation(hoist, analysis, state, library, metal))}["CE-7"]
    assert told.severity is Severity.STOP
    assert told.refs == ("cell:1", "cell:3")
    gives = at_first_touch(metal, state.cell_volts)[0]
    assert f"{gives:.3g} A" in told.sentence or f"{gives:.2f} A" in told.sentence
    # A cell of another group may stand elsewhere: it is not joined in parallel with these.
    near = fold(
        chain(
            ("check-cells", CellReading(cell=1, volts=3.60)), ("check-cells", CellReading(cell=3, volts=3.52))
        )
    )
    assert "CE-7" not in {f.code for f in findings_of(Situation(hoist, analysis, near, library, metal))}
