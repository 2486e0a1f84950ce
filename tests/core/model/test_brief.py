"""What a brief refuses."""

import pytest

from firmcell.core.model.brief import Brief


def test_brief_refuses_what_makes_no_sense():
    good = {"load_voltage_min_v": 10, "load_voltage_max_v": 14, "current_steady_a": 1, "current_peak_a": 2}
    Brief(**good)
    for change in (
        {"load_voltage_min_v": 15},
        {"current_peak_a": 0.5},
        {"current_steady_a": float("nan")},
        {"current_steady_a": float("inf")},
        {"title": ""},
        {"ambient_min_k": 320},
    ):
        with pytest.raises(ValueError):  # noqa: PT011
            Brief(**{**good, **change})
