"""Pictures of connectors, leads and wiring: geometry from the parts, every role with an ink on paper and a colour on the screen."""

import itertools

import numpy as np
import pytest

from firmcell.app.theme import PALETTES
from firmcell.core.analysis.analyse import analyse
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.jobs import plan_of, steps_of
from firmcell.core.model.design import Face
from firmcell.core.model.parts import Connector, Contact, SwitchSide
from firmcell.core.pictures.connector_faces import connector_face
from firmcell.core.pictures.drawing import Area, Disc, Label, Stroke
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.lead import LONGEST_DRAWN_MM, lead_drawing
from firmcell.core.pictures.section import section_drawing
from firmcell.core.pictures.single_cell import cell_bms_drawing
from firmcell.core.pictures.wiring import nail_board, schematic
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import part_named, shipped_library
from firmcell.store.pens.ink import PAPER
from firmcell.store.pens.svg import to_svg

SHELF = shipped_library()


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_every_role_of_every_picture_has_ink_and_colours(name):
    design = DEMO_JOBS[name][1](SHELF)
    a = analyse(design, SHELF)
    drawings = [
        *(face_drawing(design, a, face) for face in Face), section_drawing(design, a), plan_of(design).leads_picture(design, a), schematic(design, a),
        cell_bms_drawing(design), nail_board(design, a), *(connector_face(c) for c in SHELF.connectors),
    ]  # fmt: skip
    roles = {shape.role for drawing in drawings for shape in drawing.shapes}
    assert not roles - set(PAPER), roles - set(PAPER)
    screen_only = {"cell.wrap.odd"}
    for palette in PALETTES.values():
        missing = {r for r in roles - set(palette.roles) - screen_only if not r.startswith("template")}
        assert not missing, (palette.name, missing)
    for drawing in drawings:
        assert to_svg(drawing).startswith("<?xml") or "<svg" in to_svg(drawing)


@pytest.mark.parametrize("connector", SHELF.connectors, ids=lambda c: c.name)
def test_a_face_shows_each_contact_and_has_plus_on_the_left(connector):
    face = connector_face(connector)
    contacts = [s for s in face.shapes if s.role == "face.contact"]
    assert len(contacts) == connector.contacts
    signs = {
        s.text: s.centre
        for s in face.shapes
        if isinstance(s, Label) and s.role in ("face.plus", "face.minus")
    }
    if connector.contact is not Contact.HOST_PLUG:
        assert signs["+"][0] < signs["−"][0]
    x0, y0, x1, y1 = face.bounds
    for shape in face.shapes:
        points = (shape.centre,) if isinstance(shape, Disc | Label) else shape.points
        assert all(x0 - 1e-6 <= x <= x1 + 1e-6 and y0 - 1e-6 <= y <= y1 + 1e-6 for x, y in points)


def test_a_larger_contact_makes_a_larger_face():
    small, large = (connector_face(part_named(SHELF, Connector, f"keyed twin-bullet {n} mm")) for n in (2, 8))
    for low, high in ((0, 2), (1, 3)):
        assert large.bounds[high] - large.bounds[low] == pytest.approx(
            4 * (small.bounds[high] - small.bounds[low])
        )


def test_the_lead_is_drawn_to_scale_and_a_long_one_is_cut(hoist):
    for length, drawn in ((0.12, 120.0), (0.25, 250.0), (2.5, LONGEST_DRAWN_MM)):
        design = hoist.edited("leads.length_m", length)
        picture = plan_of(design).leads_picture(design, analyse(design, SHELF))
        wires = [s for s in picture.shapes if isinstance(s, Stroke) and s.role == "lead.plus"]
        assert abs(wires[0].points[1][0] - wires[0].points[0][0]) == pytest.approx(drawn)
        assert wires[0].width == pytest.approx(design.leads.wire.outer_diameter_m * 1e3)
        cut = [s for s in picture.shapes if isinstance(s, Stroke) and s.role == "dimension"]
        assert bool(cut) == (length > 0.3)


def test_the_wire_is_toned_from_its_warm_to_its_cool_end(hoist):
    picture = lead_drawing(hoist, analyse(hoist, SHELF))
    tones = [
        (min(p[0] for p in s.points), int(s.role.removeprefix("heat.")))
        for s in picture.shapes
        if isinstance(s, Stroke) and s.role.startswith("heat.") and s.ref == "lead:plus"
    ]
    tones.sort()
    assert tones[0][1] >= 10
    assert tones[-1][1] < 3


def test_without_a_fuse_none_is_drawn(hoist):
    design = hoist.edited("leads.fuse", None)
    for picture in (
        plan_of(design).leads_picture(design, analyse(design, SHELF)),
        schematic(design, analyse(design, SHELF)),
    ):
        assert not [s for s in picture.shapes if s.role == "lead.fuse"]
        assert "fuse" not in picture.targets


def test_a_board_in_the_plus_line_is_drawn_there(hoist):
    def through(side):
        d = hoist.edited("bms.board", hoist.bms.board.model_copy(update={"switch_side": side}))
        picture = schematic(d, analyse(d, SHELF))
        return {
            s.text
            for s in picture.shapes
            if isinstance(s, Label) and s.text[:1] in "BP" and s.role == "wiring.text"
        }

    assert through(SwitchSide.LOW) == {"B−", "P−"}
    assert through(SwitchSide.HIGH) == {"B+", "P+"}


@pytest.mark.parametrize(
    ("side", "pole", "sign"), [(SwitchSide.LOW, "minus", "−"), (SwitchSide.HIGH, "plus", "+")]
)
def test_no_picture_leads_the_switched_pole_past_the_board(hoist, side, pole, sign):
    design = hoist.edited("bms.board", hoist.bms.board.model_copy(update={"switch_side": side}))
    found = analyse(design, SHELF)
    ref, other = f"lead:{pole}", {"minus": "lead:plus", "plus": "lead:minus"}[pole]

    leads = plan_of(design).leads_picture(design, found)
    strips = {s.ref for s in leads.shapes if isinstance(s, Area) and s.role.startswith("strip")}
    assert strips == {other}
    assert {s.ref for s in leads.shapes if s.role == "board"} == {ref}
    assert [s.text for s in leads.shapes if s.role == "label.board"] == [f"P{sign}"]

    # On the face the lead goes to the board's pad and on from its pad P; where the board is not seen, it says so.
    faces = [face_drawing(design, found, face) for face in Face]
    words = {s.ref: s.text for d in faces for s in d.shapes if getattr(s, "role", "").endswith(".sign")}
    pads = {s.text for d in faces for s in d.shapes if isinstance(s, Label) and s.role == "label.board"}
    assert words[other] == {"lead:plus": "+", "lead:minus": "−"}[other]
    if words.get(f"{ref}-out") == sign:
        assert {f"B{sign}", f"P{sign}"} <= pads
    else:
        assert words[ref] == f"to B{sign}"


def test_without_a_board_both_leads_begin_at_a_strip(hoist):
    design = hoist.edited("bms.board", None)
    leads = plan_of(design).leads_picture(design, analyse(design, SHELF))
    strips = {s.ref for s in leads.shapes if isinstance(s, Area) and s.role.startswith("strip")}
    assert strips == {"lead:plus", "lead:minus"}
    assert not [s for s in leads.shapes if s.role == "board"]


@pytest.mark.parametrize(("off_s", "said"), [(0.0, False), (300.0, True)])
def test_a_cable_used_by_turns_is_drawn_as_if_it_never_rested_and_says_so(off_s, said):
    design = DEMO_JOBS["log-splitter-cable"][1](SHELF).edited("cable.on_s", 60.0).edited("cable.off_s", off_s)
    picture = plan_of(design).leads_picture(design, analyse(design, SHELF))
    words = [s.text for s in picture.shapes if isinstance(s, Label)]
    assert any("as if it never rested" in w for w in words) is said


def test_lugs_are_drawn_by_barrel_and_stud():
    design = DEMO_JOBS["log-splitter-cable"][1](SHELF)
    picture = plan_of(design).leads_picture(design, analyse(design, SHELF))
    holes = sorted(
        {round(s.radius * 2, 3) for s in picture.shapes if isinstance(s, Disc) and s.role == "face.hole"}
    )
    assert holes == [8.0, 10.0]
    contacts = [s for s in picture.shapes if isinstance(s, Area) and s.role == "lead.contact"]
    assert len(contacts) == 8


# -- a cell with its board ------------------------------------------------------------------------------


def test_the_cell_with_its_board_is_drawn_to_scale_with_the_strap_over_the_ring():
    design = DEMO_JOBS["lamp-cell-bms"][1](SHELF)
    made, drawing = cell_with_board(design), cell_bms_drawing(design)

    def box(ref, role):
        points = [
            p
            for s in drawing.shapes
            if isinstance(s, Area) and (s.ref, s.role) == (ref, role)
            for p in s.points
        ]
        xs, ys = zip(*points, strict=True)
        return min(xs), max(xs), min(ys), max(ys)

    long, thick = design.cell.length_m * 1e3, design.cell.diameter_m * 1e3
    body = box("cell:1", "cell.body")
    assert body[3] - body[2] == pytest.approx(thick)
    assert box("cell:1", "cell.nub")[1] == pytest.approx(long)
    # The board lies under the negative end, as thick as it is.
    board = box("board", "board")
    assert board[1] - board[0] == pytest.approx(design.bms.board.height_m * 1e3)
    assert board[1] <= body[0]
    # Nowhere does the strap come within the rim without ring or tape between.
    strap = next(s for s in drawing.shapes if isinstance(s, Stroke) and s.ref == "strap")
    ring = box("ring", "ring")
    for (x0, y0), (x1, y1) in itertools.pairwise(strap.points):
        for part in np.linspace(0, 1, 50):
            x, y = x0 + part * (x1 - x0), y0 + part * (y1 - y0)
            beside = y - strap.width / 2 > body[3]
            over_ring = x - strap.width / 2 >= ring[1] - 1e-6
            on_nub = abs(y) - strap.width / 2 <= design.cell.nub_diameter_m * 1e3 / 2
            assert beside or over_ring or on_nub, (x, y)
    said = " ".join(s.text for s in drawing.shapes if isinstance(s, Label))
    assert f"{made.length_m * 1e3:.1f} mm at most" in said
    assert {"cell:1", "board", "strap", "ring", "sleeve"} <= set(drawing.targets)
    # What no board or no sleeve leaves out is left out.
    bare = cell_bms_drawing(design.edited("bms.board", None))
    assert "board" not in bare.targets
    thin = cell_bms_drawing(
        design.edited("cell_bms.strap_thickness_m", 0.001).edited("cell_bms.sleeve_wall_m", 0.001)
    )
    assert thin.bounds


def test_every_step_of_a_cell_with_board_lights_something_on_its_picture():
    design = DEMO_JOBS["lamp-cell-bms"][1](SHELF)
    targets = cell_bms_drawing(design).targets
    for step in steps_of(design, analyse(design, SHELF)):
        assert set(step.refs) <= set(targets), step.code
