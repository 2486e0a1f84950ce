"""What hangs together while the pack is built: voltages between any two pads before and after each weld step."""

import pytest

from firmcell.core.bench.live_points import live_now, live_words, moment_of, welded_nodes
from firmcell.core.changes.by_hand import layout_of
from firmcell.core.records.build_state import BuildState, StepState, StepStatus
from firmcell.core.strips.tap_points import nodes_of
from firmcell.core.strips.under_load import between, solve_under_load


def test_loose_cells_read_one_cell_and_nothing_between(hoist):
    layout = layout_of(hoist)
    m = moment_of(layout, hoist, frozenset())
    assert m.between((1, False), (1, True)) == pytest.approx(hoist.cell_now_v)
    assert m.between((1, False), (2, False)) is None
    assert m.greatest[0] == pytest.approx(hoist.cell_now_v)


def test_two_joined_groups_read_the_sum_of_both(hoist):
    """Open circuit after a series join: the sum of both (common practice, no source, within a few hundredths of a volt)."""
    layout = layout_of(hoist)
    first, second = (layout.group_cells(g)[0].number for g in (1, 2))
    m = moment_of(layout, hoist, frozenset({1}))
    assert m.between((first, False), (second, True)) == pytest.approx(2 * hoist.cell_now_v)
    assert m.between((second, True), (first, False)) == pytest.approx(-2 * hoist.cell_now_v)
    third = layout.group_cells(3)[0].number
    assert m.between((first, False), (third, False)) is None


def test_one_face_alone_never_has_more_than_two_groups_in_series(hoist):
    """The order of the work plan: one face, then the other."""
    layout = layout_of(hoist)
    for wanted in (0, 1):
        nodes = frozenset(n.number for n in nodes_of(layout) if n.number % 2 == wanted)
        assert live_now(layout, hoist, nodes).volts == pytest.approx(2 * hoist.cell_now_v)


def test_all_metal_on_is_the_solved_pack(hoist):
    layout = layout_of(hoist)
    m = moment_of(layout, hoist, frozenset(range(hoist.series + 1)))
    metal = solve_under_load(hoist, layout, 600.0)
    for first, second in (((1, False), (40, True)), ((7, True), (29, False)), ((3, False), (3, True))):
        solved, _ = between(metal, second, first, hoist.cell_now_v)
        assert m.between(first, second) == pytest.approx(solved, abs=1e-6)
    live = live_now(layout, hoist, range(hoist.series + 1))
    assert live.volts == pytest.approx(hoist.series * hoist.cell_now_v)
    # By hand: 1.5 × 10 × 3.56 V over 10 × 24 mΩ / 4.
    assert live.short_a == pytest.approx(1.5 * 35.6 / (10 * hoist.cell.resistance_ohm / 4))


def test_what_is_live_is_told_before_and_after_a_weld(hoist):
    layout = layout_of(hoist)
    state = BuildState(
        steps={
            "weld-bottom-N2": StepState(StepStatus.PASSED),
            "weld-bottom-N4": StepState(),
            "dry-fit": StepState(StepStatus.PASSED),
        }
    )
    assert welded_nodes(state) == {2}
    words = live_words(layout, hoist, state, "weld-top-N1")
    assert words.startswith("Live now: up to 7.12 V")
    assert "After it: up to 10.68 V" in words
    assert "After it" not in live_words(layout, hoist, state, "lead-minus")
    assert "Live now and after it" in live_words(layout, hoist, state, "weld-bottom-N8")
