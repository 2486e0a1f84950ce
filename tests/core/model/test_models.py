"""The models hold their limits: those of the kind of quantity and those of the field, whichever is tighter."""

import pytest
from pydantic import ValidationError

from firmcell.core.base.quantity import unit_of
from firmcell.core.model.design import Design
from firmcell.core.model.parts import PART_KINDS
from firmcell.core.records.events import RECORD_KINDS

OUT_OF_RANGE = [
    ("series", 0),
    ("series", 65),
    ("series", -1),
    ("series", 2.5),
    ("parallel", 0),
    ("parallel", 201),
    ("arrangement.rows", 0),
    ("arrangement.gap_m", 0.06),
    ("arrangement.gap_m", -0.001),
    ("joining.link_layers", 0),
    ("joining.link_layers", 9),
    ("leads.length_m", 0.0),
    ("leads.length_m", 51.0),
    ("leads.limit_k", 20.0),
    ("brief.current_steady_a", 0.0),
    ("brief.clearance_m", 0.2),
    ("brief.energy_j", -1.0),
    ("brief.box_length_m", 101.0),
    ("cell_now_v", 0.0),
    ("cell_now_v", float("nan")),
    ("charge_current_a", float("inf")),
    ("insulation.sheet_m", 0.02),
    ("brief.title", "x" * 81),
    ("cell", None),
    ("leads.wire", "14 AWG"),
]


@pytest.mark.parametrize(("path", "value"), OUT_OF_RANGE)
def test_out_of_range_is_refused(hoist, path, value):
    with pytest.raises(ValidationError):
        hoist.edited(path, value)


def test_edges_are_taken(hoist):
    for path, value in (
        ("series", 1),
        ("series", 64),
        ("arrangement.gap_m", 0.05),
        ("joining.link_layers", 8),
        ("brief.energy_j", None),
        ("brief.energy_j", 0.0),
    ):
        design = hoist if path != "series" else hoist.edited("parallel", 1)
        assert design.edited(path, value)


def test_designs_are_frozen_and_unknown_fields_refused(hoist):
    with pytest.raises(ValidationError):
        hoist.series = 5
    with pytest.raises(AttributeError):
        hoist.edited("brief.colour", "red")
    with pytest.raises(ValidationError):
        Design.model_validate({**hoist.model_dump(), "colour": "red"})


def test_edits_that_belong_together_are_checked_together(hoist):
    wide = hoist.with_edits(("series", 1), ("parallel", 200))
    # Either alone would be 64 × 200 or 1 × 1 on the way; together they are a sound design.
    narrow = wide.with_edits(
        ("series", 64), ("parallel", 1), ("arrangement.rows", 1), ("arrangement.gap_m", 0.001)
    )
    assert (narrow.series, narrow.parallel) == (64, 1)
    assert (narrow.arrangement.rows, narrow.arrangement.gap_m) == (1, 0.001)
    with pytest.raises(ValidationError):
        wide.edited("series", 64)


def test_too_many_cells_are_told(hoist):
    with pytest.raises(ValidationError, match="at most 2000 cells"):
        hoist.edited("parallel", 200).edited("series", 11)


def test_every_number_of_parts_and_records_has_a_unit():
    for model in [*PART_KINDS.values(), *RECORD_KINDS.values()]:
        for name, info in model.model_fields.items():
            if info.annotation in (int, float) or "float" in str(info.annotation):
                assert unit_of(model, name), f"{model.__name__}.{name}"
