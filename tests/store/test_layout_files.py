"""Outlines in, templates and drawings out: read back by independent packages, to scale."""

import csv
import io
import re

import ezdxf
import numpy as np
import pytest
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st
from pypdf import PdfReader
from shapely.geometry import Point, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.insulation.cell_holder import HolderSize, holder_halves
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.model.design import Face, StripStyle
from firmcell.core.pictures.templates import templates
from firmcell.store.layout_files import layout_bytes
from firmcell.store.outline_files import outline_from_csv, outline_from_dxf, outline_from_svg, read_outline
from firmcell.store.template_pdf import OVERLAP_MM, PAPERS, template_pdf, tiles
from tests.conftest import cases

TRAY = ((-0.12, -0.055), (0.12, -0.055), (0.12, 0.01), (0.08, 0.055), (-0.12, 0.055))
AREA = Polygon(TRAY).area


def dxf_of(draw, unit=4):
    document = ezdxf.new("R2010")
    document.header["$INSUNITS"] = unit
    draw(document.modelspace())
    out = io.StringIO()
    document.write(out)
    return out.getvalue()


def area(ring):
    return Polygon(ring).area


# -- outlines in ---------------------------------------------------------------------------------------


def test_dxf_polyline_lines_and_another_unit_give_the_same_outline():
    mm = [(x * 1e3, y * 1e3) for x, y in TRAY]
    poly = dxf_of(lambda space: space.add_lwpolyline(mm, close=True))
    sides = list(zip(mm, [*mm[1:], mm[0]], strict=True))
    # Lines in any order and either way round.
    mixed = [sides[3], sides[0][::-1], sides[4], sides[2][::-1], sides[1]]
    lines = dxf_of(lambda space: [space.add_line(a, b) for a, b in mixed])
    inch = dxf_of(
        lambda space: space.add_lwpolyline([(x / 25.4, y / 25.4) for x, y in mm], close=True), unit=1
    )
    for text in (poly, lines, inch):
        ring = outline_from_dxf(text, "t.dxf")
        assert area(ring) == pytest.approx(AREA, rel=1e-6)


def test_dxf_circle_and_bulge_are_followed_finely():
    circle = dxf_of(lambda space: space.add_circle((0, 0), 50))
    assert area(outline_from_dxf(circle, "c.dxf")) == pytest.approx(np.pi * 0.05**2, rel=5e-3)
    slot = dxf_of(
        lambda space: space.add_lwpolyline(
            [(0, 0, 0), (100, 0, 1), (100, 40, 0), (0, 40, 1)], format="xyb", close=True
        )
    )
    assert area(outline_from_dxf(slot, "s.dxf")) == pytest.approx(0.1 * 0.04 + np.pi * 0.02**2, rel=5e-3)


def test_of_several_closed_lines_the_largest_is_the_outline():
    text = dxf_of(
        lambda space: (
            space.add_circle((0, 0), 5),
            space.add_lwpolyline([(0, 0), (90, 0), (90, 60), (0, 60)], close=True),
        )
    )
    assert area(outline_from_dxf(text, "t.dxf")) == pytest.approx(0.09 * 0.06)


def test_svg_shapes_with_a_scale_in_mm():
    head = '<svg xmlns="http://www.w3.org/2000/svg" width="300mm" height="200mm" viewBox="0 0 3000 2000">{}</svg>'
    points = " ".join(f"{x * 1e4 + 1500},{1000 - y * 1e4}" for x, y in TRAY)
    d = "M" + " L".join(points.split(" ")) + " Z"
    for body in (f'<polygon points="{points}"/>', f'<path d="{d}"/>'):
        ring = outline_from_svg(head.format(body), "t.svg")
        assert area(ring) == pytest.approx(AREA, rel=1e-6)
        # y runs down in SVG; the cut corner must stay at the rear right.
        assert max(ring, key=lambda p: (round(p[0], 6), p[1]))[1] < 0.03
    assert area(
        outline_from_svg(head.format('<rect x="1" y="2" width="900" height="500"/>'), "t")
    ) == pytest.approx(0.0045)
    assert area(outline_from_svg(head.format('<circle cx="9" cy="9" r="400"/>'), "t")) == pytest.approx(
        np.pi * 0.04**2, rel=1e-3
    )
    curved = '<path d="M0 0 C 0 600, 900 600, 900 0 Z"/>'
    # Area under a symmetric cubic: 3/5 of base × height of its control points (Bernstein polynomials) × … 3/4 · 4/5.
    assert area(outline_from_svg(head.format(curved), "t")) == pytest.approx(0.09 * 0.06 * 0.6, rel=2e-3)


def test_csv_with_heading_units_and_decimal_comma():
    plain = "x;y\n" + "\n".join(f"{x * 1e3:.3f};{y * 1e3:.3f}".replace(".", ",") for x, y in TRAY)
    inches = "\n".join(f"{x / 0.0254:.6f} in,{y / 0.0254:.6f} in" for x, y in TRAY)
    for text in (plain, inches, "# tray\n" + plain.replace(";", "\t").replace(",", ".")):
        assert area(outline_from_csv(text, "t.csv")) == pytest.approx(AREA, rel=1e-5)


@pytest.mark.parametrize(
    ("name", "text", "words"),
    [
        ("a.csv", "0,0\n20,10\n20,0\n0,5\n", "crosses or touches itself"),
        ("b.csv", "0,0\n10,0\n", "2 corners"),
        ("c.csv", "0,0\n10,0\n20,zebra\n", "line 3.*zebra"),
        ("d.csv", "0,0\n1e9,0\n1e9,1e9\n", "is it drawn in mm"),
        ("e.svg", "<svg><g transform='scale(2)'/></svg>", "transform"),
        ("f.svg", "<html/>", "not an SVG"),
        ("g.svg", "<svg></svg>", "no closed line"),
        ("h.dxf", "0\nSECTION\n", "not a readable DXF|no closed line"),
        ("i.step", "ISO", r"\.dxf, \.svg or \.csv"),
    ],
)
def test_a_bad_outline_gets_one_sentence(tmp_path, name, text, words):
    path = tmp_path / name
    path.write_text(text)
    with pytest.raises(Refusal, match=words) as refused:
        read_outline(path)
    assert "\n" not in refused.value.sentence


@given(st.binary(max_size=400), st.sampled_from([outline_from_csv, outline_from_svg, outline_from_dxf]))
@settings(max_examples=cases(120))
def test_readers_refuse_or_read_anything(data, reader):
    try:
        ring = reader(data.decode("utf-8", errors="replace"), "fuzz")
    except Refusal:
        return
    assert Polygon(ring).is_valid


@given(st.text(alphabet="0123456789.,-MmLlHhVvCcSsQqAaZz eE", max_size=80))
@settings(max_examples=cases(150))
def test_any_path_data_is_refused_or_read(d):
    try:
        ring = outline_from_svg(f'<svg><path d="{d}"/></svg>', "fuzz")
    except Refusal:
        return
    assert Polygon(ring).is_valid


@given(st.text(alphabet="0123456789\n ABCDEFLINEPOSCTRYWV.-$", max_size=300))
@settings(max_examples=cases(60))
def test_any_dxf_like_text_is_refused_or_read(text):
    good = dxf_of(lambda space: space.add_circle((0, 0), 50))
    at = len(text) * 37 % len(good)
    try:
        ring = outline_from_dxf(good[:at] + text + good[at:], "fuzz")
    except Refusal:
        return
    assert len(ring) > 2


# -- templates out -------------------------------------------------------------------------------------


def test_dxf_audits_and_holds_the_geometry_to_scale(odd_hoist, library):
    document = ezdxf.read(io.StringIO(layout_bytes(odd_hoist, library, "dxf").decode()))
    assert not document.audit().has_errors
    assert document.header["$INSUNITS"] == 4
    space = document.modelspace()
    layers = {e.dxf.layer for e in space}
    assert {
        "TOP_CELLS",
        "BOTTOM_CELLS",
        "TOP_STRIPS",
        "BOTTOM_STRIPS",
        "TOP_SHEET",
        "TOP_CELLS_TEXT",
    } <= layers
    circles = [e for e in space.query("CIRCLE") if e.dxf.layer == "TOP_CELLS"]
    assert len(circles) == 40
    assert {round(c.dxf.radius, 6) for c in circles} == {10.7}
    mine = analyse(odd_hoist, library).layout
    drawn = sorted((round(c.dxf.center.x, 4)) for c in circles)
    assert drawn == pytest.approx(sorted(c.x_m * 1e3 for c in mine.cells), abs=1e-3)


def test_dxf_plates_have_the_area_of_the_plates(odd_hoist, library):
    from firmcell.core.strips.plates import plates

    design = odd_hoist.edited("joining.style", StripStyle.PLATES)
    document = ezdxf.read(io.StringIO(layout_bytes(design, library, "dxf").decode()))
    lines = [
        e for e in document.modelspace().query("LWPOLYLINE") if e.dxf.layer in ("TOP_PLATES", "BOTTOM_PLATES")
    ]
    inner = {
        p.node: Polygon(p.outline_m).area
        for p in plates(analyse(design, library).layout, design.joining, design.cell)
    }
    drawn = sorted(Polygon([(x, y) for x, y, *_ in line]).area * 1e-6 for line in lines)
    middle = sorted(a for n, a in inner.items() if 0 < n < 10)
    # The two pole plates have a tab as well.
    assert all(any(abs(d - a) < 1e-9 for d in drawn) for a in middle)
    assert sum(e.dxf.layer.endswith("_PLATES_SLOTS") for e in document.modelspace()) == 80


@pytest.mark.parametrize("paper", list(PAPERS))
def test_pdf_is_tiled_to_scale_with_a_ruler_of_100_mm(odd_hoist, library, paper):
    made = templates(odd_hoist, analyse(odd_hoist, library))
    reader = PdfReader(io.BytesIO(layout_bytes(odd_hoist, library, "template", paper)))
    width, height = PAPERS[paper]
    counted = 0
    for template in made:
        x0, y0, x1, y1 = template.drawing.bounds
        size = (x1 - x0 + 2, y1 - y0 + 2)
        sheets = [
            tiles(size, p)
            for p in ((width / 72 * 25.4, height / 72 * 25.4), (height / 72 * 25.4, width / 72 * 25.4))
        ]
        counted += min(a * b for a, b in sheets)
    assert len(reader.pages) == counted
    for page in reader.pages:
        assert sorted(map(float, page.mediabox[2:])) == pytest.approx(sorted((width, height)), abs=0.5)
        text = page.extract_text()
        assert "1:1" in text
        assert "100 mm" in text
        stream = page.get_contents().get_data().decode("latin-1")
        lines = re.findall(r"n ([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S", stream)
        lengths = [float(c) - float(a) for a, b, c, d in lines if b == d]
        assert any(length == pytest.approx(100 / 25.4 * 72, abs=0.01) for length in lengths)
    first = reader.pages[0].extract_text()
    assert "top face, cells" in first


def test_tiles_cover_a_drawing_with_their_overlap():
    # 190 × 261 mm of room on A4 with margins, head and foot; two pages overlap by OVERLAP_MM.
    assert tiles((180, 200), (210, 297)) == (1, 1)
    assert tiles((2 * 190 - OVERLAP_MM, 200), (210, 297)) == (2, 1)
    assert tiles((2 * 190 - OVERLAP_MM + 1, 600), (210, 297)) == (3, 3)


def test_a_cell_is_drawn_at_true_size_on_paper(odd_hoist, library):
    made = [
        t for t in templates(odd_hoist, analyse(odd_hoist, library)) if t.name.startswith("top face, cells")
    ]
    page = PdfReader(io.BytesIO(template_pdf("t", tuple(made), "a4"))).pages[0]
    stream = page.get_contents().get_data().decode("latin-1")
    # Millimetres are scaled to points once for the whole drawing, and circles are written in mm.
    assert re.search(r"2\.834\d* 0 0 2\.834\d* [-\d.]+ [-\d.]+ cm|2\.834\d* 0 0 2\.834\d* 0 0 cm", stream)
    starts = [float(x) for x in re.findall(r"n\s([-\d.]+) [-\d.]+ m\s", stream)]
    right = {round(c.x_m * 1e3 + 10.7, 3) for c in analyse(odd_hoist, library).layout.cells}
    assert any(abs(s - r) < 0.01 for s in starts for r in right)


def test_svg_of_both_faces_is_in_mm(odd_hoist, library):
    text = layout_bytes(odd_hoist, library, "svg").decode()
    width = float(re.search(r'width="([\d.]+)mm"', text).group(1))
    box = [float(n) for n in re.search(r'viewBox="([^"]+)"', text).group(1).split()]
    assert width == pytest.approx(box[2])
    assert text.count('class="cell-wrap"') == 80


def test_csv_of_positions_names_every_cell_in_the_space(odd_hoist, library):
    rows = list(csv.DictReader(io.StringIO(layout_bytes(odd_hoist, library, "positions").decode())))
    assert len(rows) == 40
    for row, placed in zip(rows, odd_hoist.arrangement.placed, strict=True):
        assert float(row["x_mm"]) == pytest.approx(placed.x_m * 1e3, abs=1e-3)
        assert float(row["y_mm"]) == pytest.approx(placed.y_m * 1e3, abs=1e-3)
        assert (int(row["group"]), row["plus_on"]) == (placed.group, "top" if placed.up else "bottom")


def test_sheet_holds_every_cell(odd_hoist, library):
    analysis = analyse(odd_hoist, library)
    for template in templates(odd_hoist, analysis):
        if template.name.endswith("sheet"):
            sheet = Polygon(next(s for s in template.drawing.shapes if s.role == "template.sheet").points)
            face = Face.TOP if template.name.startswith("top") else Face.BOTTOM
            cells = next(
                t for t in templates(odd_hoist, analysis) if t.name.startswith(f"{face.value} face, cells")
            )
            for disc in (s for s in cells.drawing.shapes if s.role == "template.cell"):
                assert sheet.buffer(0.05).contains(Point(disc.centre).buffer(disc.radius))


# -- holder --------------------------------------------------------------------------------------------


@pytest.fixture(scope="module")
def holdable(odd_hoist):
    design = odd_hoist.with_edits(("parallel", 3), ("arrangement.gap_m", 0.0015))
    return design.edited("arrangement", laid_out(arrange(design, effort=0.1, trials=False)).arrangement)


def test_holder_is_watertight_and_has_the_volume_of_its_parts(holdable, library, tmp_path):
    path = tmp_path / "holder.stl"
    path.write_bytes(layout_bytes(holdable, library, "stl"))
    mesh = trimesh.load(path)
    assert mesh.is_watertight
    assert mesh.is_winding_consistent
    assert mesh.body_count == 2
    size = HolderSize()
    lower, upper = holder_halves(analyse(holdable, library).layout, holdable.cell, holdable.arrangement.gap_m)
    solid = trimesh.Trimesh(lower.vertices_m, lower.triangles)

    def level(z):
        """Area of the level triangles at a height, by the cross product of their sides."""
        corners = lower.vertices_m[lower.triangles]
        flat = corners[np.isclose(corners[:, :, 2], z).all(axis=1)]
        return np.abs(np.cross(flat[:, 1] - flat[:, 0], flat[:, 2] - flat[:, 0])[:, 2]).sum() / 2

    bore = holdable.cell.largest_m[0] / 2 + size.ease_m / 2
    # Flats of the 48-gon touch the circle, so it is a little larger: n tan(π/n) r² instead of π r².
    gon = 48 * np.tan(np.pi / 48)
    outline = level(0.0) + 30 * gon * (bore - size.lip_m) ** 2
    assert level(size.depth_m) == pytest.approx(outline - 30 * gon * bore**2, rel=1e-6)
    volume = level(0.0) * size.base_m + level(size.depth_m) * (size.depth_m - size.base_m)
    assert solid.volume == pytest.approx(volume, rel=1e-6)
    assert upper.vertices_m[:, 1].max() == pytest.approx(-lower.vertices_m[:, 1].min())


def test_holder_needs_a_wall(odd_hoist, library):
    with pytest.raises(Refusal, match=r"0\.0 mm apart; a holder needs a gap of at least 1\.1 mm"):
        layout_bytes(odd_hoist, library, "stl")
