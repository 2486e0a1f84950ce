"""Every form of cell, way of joining and style of metal goes through analysis, heat, steps, rules, pictures and files, in every kind of job."""

import itertools

import pytest

from firmcell.core.analysis import analyse
from firmcell.core.build import EMPTY_STATE
from firmcell.core.design import Face, MetalStyle
from firmcell.core.face_picture import face_drawing
from firmcell.core.findings import Situation
from firmcell.core.job_pictures import job_pictures
from firmcell.core.joined_by import JoinedBy
from firmcell.core.metal import metal_state
from firmcell.core.netlist import spice_netlist
from firmcell.core.parts import Cell
from firmcell.core.passport import passport
from firmcell.core.rules import find
from firmcell.core.section_picture import section_drawing
from firmcell.core.template_pictures import templates
from firmcell.core.wire_plan import wire_list
from firmcell.core.wiring_picture import nail_board, schematic
from firmcell.core.work_plan import steps_of
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.parts import part_named

CELLS = ("21700 high-energy 5.0 Ah", "prismatic iron phosphate 50 Ah", "pouch lithium-ion 10 Ah")


@pytest.mark.parametrize(("cell", "by"), list(itertools.product(CELLS, JoinedBy)))
@pytest.mark.parametrize("job", ["orchard-hoist", "sprayer-lead-change", "lamp-cell-guard"])
def test_nothing_that_can_be_chosen_together_fails(shelf, job, cell, by):
    part = part_named(shelf, Cell, cell)
    for style, (series, parallel) in itertools.product(MetalStyle, ((1, 3), (5, 2))):
        design = DEMO_JOBS[job][1](shelf).with_edits(
            ("cell", part), ("joining.joined_by", by), ("joining.style", style), ("series", series),
            ("parallel", parallel), ("arrangement.rows", 1), ("arrangement.placed", ()), ("arrangement.drawn", ()),
            ("arrangement.removed", ()), ("cell_now_v", part.facts.storage_v),
        )  # fmt: skip
        analysis = analyse(design, shelf)
        metal = metal_state(design, analysis.layout, 600.0)
        steps = steps_of(design, analysis)
        # Codes tell steps apart in the record, and every sentence is one.
        assert len({s.code for s in steps}) == len(steps)
        assert all(s.title and s.words.endswith((".", ")")) for s in steps)
        for finding in find(Situation(design, analysis, EMPTY_STATE, shelf, metal)):
            assert finding.sentence.endswith(".")
            if finding.cure:
                analyse(finding.cure.applied(design), shelf)
        pictures = [
            *(face_drawing(design, analysis, face) for face in Face), section_drawing(design, analysis),
            schematic(design, analysis), nail_board(design, analysis, metal), *job_pictures(design, analysis),
            *(t.drawing for t in templates(design, analysis)),
        ]  # fmt: skip
        for picture in pictures:
            x0, y0, x1, y1 = picture.bounds
            assert x0 < x1
            assert y0 < y1
        assert all(wire.length_m > 0 for wire in wire_list(design, analysis, metal))
        assert spice_netlist(metal, analysis.leads, part.nominal_v, 1.0, "t").rstrip().endswith(".end")
        page = passport(design, analysis, EMPTY_STATE, steps, "")
        assert not page.finished
        assert sum("solder joint record" in r for r in page.records) == 1
