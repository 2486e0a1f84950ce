"""The label of a pack: what stands on it, that nothing overlaps or is cut, and that too little room drops the least needed."""

import random

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.pictures.drawing import Area, Label
from firmcell.core.pictures.pack_label import (
    LARGEST_MM,
    LEAST_LETTER_MM,
    LID_MM,
    label_drawing,
    label_size,
    label_words,
    lid_sketch,
    stock_of,
    transport_words,
)
from firmcell.store.demo import hay_loft_lantern
from tests.core.wiring.test_graph import SHELF, random_design

CODE = tuple(tuple((row + column) % 2 == 0 for column in range(41)) for row in range(41))


@pytest.fixture
def words(hoist):
    return label_words(hoist, analyse(hoist, SHELF), "2026-11-27")


def texts(drawing):
    return [s for s in drawing.shapes if isinstance(s, Label)]


def test_the_watt_hours_limits_serial_date_and_transport_stand_on_it(words):
    """The watt-hour rating is marked on the case (UN Manual of Tests and Criteria 38.3, value from memory)."""
    whole = " ".join((words.name, *words.lines))
    for part in (
        "10INR22/71-4",
        "36.00 V",
        "20 Ah",
        "720 Wh",
        "42.00 V",
        "25.00 V",
        "HL-0031",
        "2026-11-27",
        "UN 3480",
        "class 9",
    ):
        assert part in whole
    assert "NOT PROVEN" not in whole


def test_a_pack_that_is_not_proven_says_so_first(hoist):
    told = label_words(hoist, analyse(hoist, SHELF), "", finished=False)
    assert told.lines[0] == "NOT PROVEN YET: do not use"


def test_nickel_is_charged_by_the_clock_and_has_its_own_mark():
    lantern = hay_loft_lantern(SHELF)
    told = label_words(lantern, analyse(lantern, SHELF), "")
    assert any("never by voltage" in line for line in told.lines)
    assert "UN 3496" in transport_words(lantern, 18.0)


@pytest.mark.parametrize("size", [(100.0, 60.0), (70.0, 30.0), (60.0, 16.0), (24.0, 12.0), (100.0, 12.0)])
def test_nothing_is_cut_or_overlaps_at_any_size(words, size):
    drawing = label_drawing(words, size, CODE)
    code = [s for s in drawing.shapes if isinstance(s, Area) and s.role == "label.code"]
    left_of_code = min((p[0] for s in code for p in s.points), default=size[0])
    foot_of_code = min((p[1] for s in code for p in s.points), default=size[1])
    shown = texts(drawing)
    assert shown[0].text == words.name
    last = size[1] + 1
    for label in shown:
        low, high = label.centre[1] - 0.36 * label.height, label.centre[1] + 0.64 * label.height
        assert high <= last + 1e-6
        last = low
        assert low >= 0
        # The shipped font is no wider than this on average.
        right = label.centre[0] + len(label.text) * label.height * 0.53
        assert right <= size[0]
        if high > foot_of_code:
            assert right <= left_of_code + 1e-6
        assert label.height >= LEAST_LETTER_MM or len(shown) == 1
    assert bool(code) == (min(0.62 * size[1], 0.34 * size[0]) >= 14.0)


def test_a_number_keeps_its_unit_on_its_line(words):
    for label in texts(label_drawing(words, (60.0, 50.0), CODE)):
        assert not label.text.startswith(("V ", "°C", "Wh", "A,"))


def test_the_size_is_that_of_the_largest_side_within_what_labels_are():
    rng = random.Random(6)
    for _ in range(20):
        analysis = analyse(random_design(rng), SHELF)
        wide, high = label_size(analysis)
        e = analysis.insulation.envelope
        sides = sorted((e.length_m, e.width_m, e.height_m))
        assert wide <= LARGEST_MM[0]
        assert high <= LARGEST_MM[1]
        assert wide <= sides[2] * 1e3 or wide == 24.0
        assert high <= sides[1] * 1e3 or high == 12.0


def test_a_size_of_a_label_is_read_as_it_is_written():
    assert stock_of("62x29") == (62.0, 29.0)
    assert stock_of(" 100 × 50 mm, label printer") == (100.0, 50.0)
    assert stock_of("76,2*50.8") == (76.2, 50.8)
    assert stock_of("as large as its side") is None
    assert stock_of("") is None
    for wrong in ("62", "62 x", "0 x 30", "9999x9999", "62x29x4", "6 2 x 29", "-62x29", "1e2x40"):
        with pytest.raises(Refusal, match="no size of a label"):
            stock_of(wrong)


def test_the_sketch_fits_the_lid(hoist):
    x0, y0, x1, y1 = lid_sketch(hoist, analyse(hoist, SHELF)).drawing.bounds
    assert x1 - x0 <= LID_MM[0] + 1e-6
    assert y1 - y0 <= LID_MM[1] + 1e-6
