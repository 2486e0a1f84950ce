"""Ladder strip over two rows: where it is laid, what it carries against a finite-difference sheet, what the picture and the
template show, and what it says when it does not fit."""

import numpy as np
import pytest
from scipy.sparse import coo_array
from scipy.sparse.linalg import spsolve

from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.by_hand import layout_of, remove_strip
from firmcell.core.changes.strip_fixes import verified_fixes
from firmcell.core.jobs import steps_of
from firmcell.core.model.design import Arrangement, Lattice, StripStyle
from firmcell.core.model.parts import Cell, Strip
from firmcell.core.pictures.templates import templates
from firmcell.core.strips.ladders import facing_rows, ladder_band
from firmcell.core.strips.runs import StripKind, metal_runs
from firmcell.core.strips.tap_points import nodes_of
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
LADDER = part_named(SHELF, Strip, "nickel ladder strip 0.15 × 27")


@pytest.fixture
def laddered():
    rows = hoist_in_rows(SHELF)
    return rows.with_edits(
        ("joining.ladder_strip", LADDER), ("joining.link_layers", 1), ("arrangement.rows", 4)
    )


def sheet_ohm(length_mm, pads, slots, ends, width_mm, step=0.5):
    """Resistance between two sets of pads (discs of 3 mm) of a slotted nickel sheet, each square of the grid a conductance of
    ρ/t: Kirchhoff on a plane grid, no source; slots are 1 × 6 mm along the strip's width."""
    nx, ny = round(length_mm / step), round(width_mm / step)
    x, y = np.meshgrid((np.arange(nx) + 0.5) * step, (np.arange(ny) + 0.5) * step, indexing="ij")
    there = np.ones((nx, ny), bool)
    for sx, sy in slots:
        there &= ~((np.abs(x - sx) < 0.5) & (np.abs(y - sy) < 3.0))
    number = np.arange(nx * ny).reshape(nx, ny)
    pairs = []
    for a, b in ((np.s_[:-1, :], np.s_[1:, :]), (np.s_[:, :-1], np.s_[:, 1:])):
        both = there[a] & there[b]
        pairs.append(np.column_stack([number[a][both], number[b][both]]))
    i, j = np.vstack(pairs).T
    at = np.full(nx * ny, -1)
    for side, group in enumerate(ends):
        for pad in group:
            px, py = pads[pad]
            # Two weld spots astride the slot.
            for dx in (-1.5, 1.5):
                at[number[((x - px - dx) ** 2 + (y - py) ** 2 < 0.6) & there]] = side
    free = np.flatnonzero(there.ravel() & (at < 0))
    place = np.full(nx * ny, -1)
    place[free] = np.arange(len(free))
    g = 0.15e-3 / 96e-9
    rows, cols, vals, right = [], [], [], np.zeros(len(free))
    for a, b in ((i, j), (j, i)):
        mine = place[a] >= 0
        rows.append(place[a][mine]), cols.append(place[a][mine]), vals.append(np.full(mine.sum(), g))
        inner = mine & (place[b] >= 0)
        rows.append(place[a][inner]), cols.append(place[b][inner]), vals.append(np.full(inner.sum(), -g))
        high = mine & (at[b] == 0)
        np.add.at(right, place[a][high], g)
    matrix = coo_array((np.concatenate(vals), (np.concatenate(rows), np.concatenate(cols)))).tocsr()
    volts = np.zeros(nx * ny)
    volts[free] = spsolve(matrix, right)
    volts[at == 0] = 1.0
    current = sum(g * (volts[a] - volts[b])[(at[a] == 0) & (at[b] != 0)].sum() for a, b in ((i, j), (j, i)))
    return 1.0 / current


FIRST = 10.0


def pads_of(pitch, width):
    return [(FIRST + pitch * n, width / 2 + s * pitch / 2) for s in (-1, 1) for n in range(4)]


def model_ohm(ends, pitch, width):
    """The same between two sets of pads through rails and rungs of the band that the program takes."""
    per_m = 96e-9 / (0.15e-3 * ladder_band(width * 1e-3, pitch * 1e-3))
    spans = [(n, n + 1) for row in (0, 4) for n in range(row, row + 3)] + [(n, n + 4) for n in range(4)]
    g = np.zeros((8, 8))
    for a, b in spans:
        c = 1 / (per_m * pitch * 1e-3)
        g[[a, b], [a, b]] += c
        g[[a, b], [b, a]] -= c
    high, low = ends
    free = [n for n in range(8) if n not in (*high, *low)]
    v = np.zeros(8)
    v[list(high)] = 1
    if free:
        v[free] = np.linalg.solve(g[np.ix_(free, free)], -g[np.ix_(free, high)].sum(axis=1))
    return 1 / float((g @ v)[list(high)].sum())


@pytest.mark.parametrize("ends", [([0, 1, 2, 3], [4, 5, 6, 7]), ([0, 4], [3, 7]), ([0], [7]), ([1], [5])])
@pytest.mark.parametrize(
    ("pitch", "width"),
    [(10.5, 27), (14.5, 27), (14.5, 35), (18.5, 27), (18.5, 35), (21.5, 27), (21.5, 35), (26.5, 35)],
)
def test_rails_and_rungs_are_never_better_than_a_slotted_sheet(ends, pitch, width):
    """From row to row, from end to end, from corner to corner, and one rung, of every ladder shipped on pitches from thin to
    thick cells: the program's resistance is that of the sheet or more, which errs to the safe side, but not twice it."""
    pads = pads_of(pitch, width)
    sheet = sheet_ohm(2 * FIRST + 3 * pitch, pads, pads, ends, float(width))
    assert 1.0 <= model_ohm(ends, pitch, width) / sheet <= 2.2


def test_two_facing_rows_get_one_ladder_and_the_poles_keep_their_strips(laddered):
    plain = analyse(laddered.edited("joining.ladder_strip", None), SHELF)
    a = analyse(laddered, SHELF)
    kinds = [p.kind for p in a.strips]
    assert kinds.count(StripKind.LADDER) == 9
    assert kinds.count(StripKind.COLLECTOR) == 2
    assert len(kinds) == 11 < len(plain.strips)
    ladder = next(p for p in a.strips if p.kind is StripKind.LADDER)
    layout = a.layout
    rows = facing_rows(layout, nodes_of(layout)[ladder.node])
    assert ladder.cells == (*rows[0], *rows[1])
    # Eight pads, two pairs of welds each; three pitches and the overhang at both ends.
    assert ladder.joints == 16
    assert ladder.length_m == pytest.approx(3 * layout.pitch_m + 2 * 0.004, abs=0.005)
    assert ladder.mass_kg == pytest.approx(ladder.length_m * 0.15e-3 * 0.027 * 8900, rel=1e-6)
    # Each cell's current crosses by its own rung: a quarter of the pack's.
    rungs = [
        s
        for s, (i, j) in zip(
            ladder.span_share,
            next(r for r in metal_runs(layout, laddered.joining) if r.id == ladder.id).spans,
            strict=True,
        )
        if j - i == 4
    ]
    assert rungs == pytest.approx([0.25] * 4, abs=0.02)
    assert sum(rungs) == pytest.approx(1.0)


def test_the_template_has_the_ladder_as_wide_as_it_is(laddered):
    a = analyse(laddered, SHELF)
    ladder = next(p for p in a.strips if p.kind is StripKind.LADDER)
    areas = [
        np.array(s.points)
        for t in templates(laddered, a)
        for s in t.drawing.shapes
        if getattr(s, "role", "") == "template.strip" and s.ref == f"strip:{ladder.id}"
    ]
    assert len(areas) == 1
    size = sorted(np.ptp(areas[0], axis=0).tolist())
    assert size == pytest.approx(sorted([27.0, ladder.length_m * 1e3]), abs=0.01)


def test_where_rows_do_not_face_strips_are_laid_and_it_is_said(laddered):
    staggered = laddered.edited(
        "arrangement",
        Arrangement(rows=4, lattice=Lattice.STAGGERED, turn_axis=laddered.arrangement.turn_axis),
    )
    kinds = {p.kind for p in analyse(staggered, SHELF).strips}
    assert StripKind.LADDER not in kinds
    assert StripKind.LINK in kinds
    assert "fits at no tap point" in found(staggered, SHELF)["SR-20"].sentence
    assert "SR-20" not in found(laddered, SHELF)


def test_a_ladder_left_out_by_hand_gives_way_to_strips(laddered):
    ladder = next(p for p in analyse(laddered, SHELF).strips if p.kind is StripKind.LADDER)
    without = laddered.with_edits(*remove_strip(laddered, ladder.id).edits)
    there = [r.kind for r in metal_runs(layout_of(without), without.joining) if r.node == ladder.node]
    assert StripKind.LADDER not in there
    assert there.count(StripKind.LINK) == 4
    assert "fits at 8 of 9 tap points" in found(without, SHELF)["SR-20"].sentence


def test_ladder_strip_too_narrow_for_its_rows_is_stopped_and_mended(laddered):
    fat = laddered.edited(
        "cell",
        part_named(SHELF, Cell, next(c.name for c in SHELF.cells if c.is_round and c.diameter_m > 0.0255)),
    )
    finding = found(fat, SHELF)["SR-19"]
    assert "27" in finding.sentence
    mended = fat.with_edits(*finding.fix.edits)
    assert "SR-19" not in found(mended, SHELF)
    assert "SR-19" not in found(laddered, SHELF)


def test_plates_go_before_ladders(laddered):
    plated = laddered.edited("joining.style", StripStyle.PLATES)
    assert {p.kind for p in analyse(plated, SHELF).strips} == {StripKind.PLATE}
    assert "SR-20" not in found(plated, SHELF)


def test_an_overloaded_ladder_gets_a_fix_that_changes_the_ladder(laddered):
    """Before the pack is solved and after: another strip for the links would change nothing of it."""
    heavy = laddered.with_edits(("brief.current_peak_a", 120.0), ("brief.current_steady_a", 90.0))
    finding = found(heavy, SHELF)["SR-1"]
    assert {path for path, _ in finding.fix.edits} <= {"joining.link_layers", "joining.ladder_strip"}
    mended = heavy.with_edits(*finding.fix.edits)
    before, after = (
        max(p.share_of_limit for p in analyse(d, SHELF).strips if p.kind is not StripKind.COLLECTOR)
        for d in (heavy, mended)
    )
    assert after < before or mended.joining.ladder_strip is None
    solved = verified_fixes(
        heavy, analyse(heavy, SHELF), solve_under_load(heavy, layout_of(heavy), 600.0), SHELF
    )
    assert all(
        "link_strip" not in path
        for v in solved
        for path, _ in v.fix.edits
        if v.fix.words.startswith("nickel ladder")
    )


def test_what_is_peeled_before_is_what_is_welded(laddered):
    step = next(s for s in steps_of(laddered, analyse(laddered, SHELF)) if s.code == "weld-sample")
    assert LADDER.name in step.words
    assert laddered.joining.link_strip.name not in step.words
    plain = laddered.edited("joining.ladder_strip", None)
    step = next(s for s in steps_of(plain, analyse(plain, SHELF)) if s.code == "weld-sample")
    assert plain.joining.link_strip.name in step.words


def test_thick_ladder_strip_makes_the_pack_higher(laddered):
    thick = laddered.edited("joining.ladder_strip", LADDER.model_copy(update={"thickness_m": 0.001}))
    low, high = (analyse(d, SHELF).insulation.envelope.height_m for d in (laddered, thick))
    assert high - low >= 2 * (0.001 - 4 * laddered.joining.link_strip.thickness_m)
    assert high > low
