"""Every form of cell, way of joining and style of metal goes through analysis, heat, steps, rules, pictures and files, in every kind of job."""

import itertools

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.jobs import findings_of, passport_of, plan_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.leads.spice_netlist import spice_netlist
from firmcell.core.model.design import Face, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.section import section_drawing
from firmcell.core.pictures.templates import templates
from firmcell.core.pictures.wiring import nail_board, schematic
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.strips.under_load import solve_under_load
from firmcell.core.wiring.wire_list import wire_list
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import part_named

CELLS = ("21700 high-energy 5.0 Ah", "prismatic iron phosphate 50 Ah", "pouch lithium-ion 10 Ah")


@pytest.mark.slow
@pytest.mark.parametrize(("cell", "by"), list(itertools.product(CELLS, JoinedBy)))
@pytest.mark.parametrize("job", ["orchard-hoist", "sprayer-lead-change", "lamp-cell-bms"])
def test_nothing_that_can_be_chosen_together_fails(library, job, cell, by):
    part = part_named(library, Cell, cell)
    for style, (series, parallel) in itertools.product(StripStyle, ((1, 3), (5, 2))):
        design = DEMO_JOBS[job][1](library).with_edits(
            ("cell", part), ("joining.joined_by", by), ("joining.style", style), ("series", series),
            ("parallel", parallel), ("arrangement.rows", 1), ("arrangement.placed", ()), ("arrangement.drawn", ()),
            ("arrangement.removed", ()), ("cell_now_v", part.facts.storage_v),
        )  # fmt: skip
        analysis = analyse(design, library)
        metal = solve_under_load(design, analysis.layout, 600.0)
        steps = steps_of(design, analysis)
        # Codes tell steps apart in the record, and every sentence is one.
        assert len({s.code for s in steps}) == len(steps)
        assert all(s.title and s.words.endswith((".", ")")) for s in steps)
        for finding in findings_of(Situation(design, analysis, EMPTY_STATE, library, metal)):
            assert finding.sentence.endswith(".")
            if finding.fix:
                analyse(finding.fix.applied(design), library)
        pictures = [
            *(face_drawing(design, analysis, face) for face in Face), section_drawing(design, analysis),
            schematic(design, analysis), nail_board(design, analysis, metal), *plan_of(design).pictures(design, analysis),
            *(t.drawing for t in templates(design, analysis)),
        ]  # fmt: skip
        for picture in pictures:
            x0, y0, x1, y1 = picture.bounds
            assert x0 < x1
            assert y0 < y1
        assert all(wire.length_m > 0 for wire in wire_list(analysis.wiring, metal))
        assert spice_netlist(metal, analysis.leads, part.nominal_v, 1.0, "t").rstrip().endswith(".end")
        page = passport_of(design, analysis, EMPTY_STATE, steps, Bound(""))
        assert not page.finished
        assert sum("solder joint record" in r for r in page.records) == 1
