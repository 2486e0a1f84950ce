"""What is drawn ends where the wiring says: leads on their pads, the switched pole by way of the board."""

import random

import pytest
from shapely.geometry import LineString, Point

from firmcell.core.analysis.analyse import analyse
from firmcell.core.model.design import BoardPlace, Face
from firmcell.core.model.parts import ChargePort, SwitchSide
from firmcell.core.pictures.drawing import Disc, Label, Stroke, scaled
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.wiring import schematic
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import shipped_library
from tests.conftest import cases
from tests.core.wiring.test_graph import random_design

SHELF = shipped_library()
NEAR_MM = 1.0


pytestmark = pytest.mark.slow
"""Many random designs, each with its wiring solved."""


@pytest.fixture(scope="module")
def drawn():
    rng = random.Random(4)
    made = []
    while len(made) < cases(300):
        design = random_design(rng)
        if design.bms.board is None:
            continue
        design = design.edited("bms.place", rng.choice(list(BoardPlace)))
        analysis = analyse(design, SHELF)
        made.append((design, analysis, {f: face_drawing(design, analysis, f) for f in Face}))
    return made


def pads_of(drawing):
    return [s.centre for s in drawing.shapes if isinstance(s, Disc) and s.role == "board.pad"]


def nearest(point, pads):
    return min(((point[0] - x) ** 2 + (point[1] - y) ** 2) ** 0.5 for x, y in pads)


def test_each_sense_lead_ends_on_a_pad_of_its_own_where_the_board_is_seen(drawn):
    ended = 0
    for design, analysis, faces in drawn:
        led = {
            e.wire.ref for e in analysis.wiring.wires if e.id.startswith("sense.") and "unknown" not in e.end
        }
        for drawing in faces.values():
            pads = pads_of(drawing)
            if not pads:
                continue
            ends = {}
            for stroke in drawing.shapes:
                if isinstance(stroke, Stroke) and stroke.role == "tap.wire" and stroke.ref in led:
                    assert nearest(stroke.points[-1], pads) < NEAR_MM, (design.bms.place, stroke.ref)
                    ends.setdefault(stroke.ref, set()).add(stroke.points[-1])
                    ended += 1
            flat = [end for some in ends.values() for end in some]
            assert len(set(flat)) == len(flat), "two taps on one pad"
    assert ended > 3 * len(drawn)


def test_the_switched_pole_is_drawn_to_pad_b_and_on_from_pad_p(drawn):
    seen = 0
    for design, analysis, faces in drawn:
        high = design.bms.board.switch_side is SwitchSide.HIGH
        role, tap = ("lead.plus", analysis.bms.taps[-1]) if high else ("lead.minus", analysis.bms.taps[0])
        drawing = faces[tap.face]
        pads = pads_of(drawing)
        leads = [s for s in drawing.shapes if isinstance(s, Stroke) and s.role == role]
        if not pads:
            continue
        into = [s for s in leads if nearest(s.points[-1], pads) < NEAR_MM]
        out = [s for s in leads if nearest(s.points[0], pads) < NEAR_MM]
        assert into
        assert len(out) == 1
        assert len(into) + len(out) == len(leads), "a lead that goes past the board"
        other = "lead.minus" if high else "lead.plus"
        for face in faces.values():
            assert not [
                s for s in face.shapes
                if isinstance(s, Stroke) and s.role == other and pads_of(face) and nearest(s.points[-1], pads_of(face)) < NEAR_MM
            ]  # fmt: skip
        seen += 1
    assert seen > 0.3 * len(drawn)


def test_the_schematic_leads_every_wire_to_its_pad_and_both_poles_to_every_plug(drawn):
    for design, analysis, _ in drawn:
        drawing = schematic(design, analysis)
        pads = pads_of(drawing)
        wires = [e for e in analysis.wiring.wires if e.id.startswith(("sense.", "balance."))]
        for edge in wires:
            if edge.end in ("bms.B-", "bms.B+"):
                continue
            ends = [
                s.points[-1]
                for s in drawing.shapes
                if isinstance(s, Stroke) and s.ref == edge.wire.ref and s.role != "wiring.line"
            ]
            assert any(nearest(end, pads) < NEAR_MM for end in ends), edge.id
        texts = {s.text for s in drawing.shapes if hasattr(s, "text")}
        assert "load" in texts
        assert ("charger" in texts) is ("charge.+" in analysis.wiring.by_id)
        separate = design.bms.board.charge_port is ChargePort.SEPARATE
        assert bool({"C+", "C−"} & texts) is separate


def test_a_scaled_picture_keeps_its_shape_and_its_letters(drawn):
    """What has no scale may be drawn larger: every place, line and letter by the same factor."""
    design, analysis, _ = drawn[0]
    small = schematic(design, analysis)
    large = scaled(small, 2.5)
    assert large.bounds == pytest.approx([2.5 * v for v in small.bounds])
    for ref, at in small.targets.items():
        assert large.targets[ref] == pytest.approx([2.5 * v for v in at])
    for one, other in zip(small.shapes, large.shapes, strict=True):
        assert type(one) is type(other)
        assert (one.role, one.ref) == (other.role, other.ref)
        if isinstance(one, Stroke):
            assert other.width == pytest.approx(2.5 * one.width)
        if isinstance(one, Label):
            assert other.height == pytest.approx(2.5 * one.height)


@pytest.mark.parametrize("name", ["orchard-hoist", "bee-house-scale", "hay-loft-lantern"])
def test_a_main_lead_begins_on_the_metal_of_its_pole(name):
    """By shapely: the first point of each drawn lead lies on a drawn strip of the tap point at that end, tail included."""
    design = DEMO_JOBS[name][1](SHELF)
    seen = 0
    for face in Face:
        shapes = face_drawing(design, analyse(design, SHELF), face).shapes
        for ref, node in (("lead:minus", 0), ("lead:plus", design.series)):
            metal = [
                LineString(s.points).buffer(s.width / 2, cap_style="flat")
                for s in shapes
                if isinstance(s, Stroke) and s.ref.startswith(f"strip:N{node}-")
            ]
            for lead in (s for s in shapes if isinstance(s, Stroke) and s.ref == ref):
                assert any(m.covers(Point(lead.points[0])) for m in metal)
                seen += 1
    assert seen == 2
