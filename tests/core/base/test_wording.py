"""Numbers in words."""

import pytest

from firmcell.core.base.wording import celsius, duration, figures, kilograms, volts


@pytest.mark.parametrize(
    ("value", "text"),
    [
        (0, "0"),
        (25, "25"),
        (6.25, "6.25"),
        (0.00012345, "0.000123"),
        (1234.5, "1230"),
        (-3.456, "−3.46"),
        (1e7, "10000000"),
    ],
)
def test_figures_have_three_digits_and_no_exponent(value, text):
    assert figures(value) == text


def test_words_of_quantities():
    assert volts(3.456) == "3.46 V"
    assert volts(-1) == "−1.00 V"
    assert celsius(268.15) == "−5 °C"
    assert kilograms(0.85) == "850 g"
    assert kilograms(2.816) == "2.82 kg"
    assert [duration(s) for s in (10, 300, 9000)] == ["10 s", "5 min", "2.5 h"]


def test_a_temperature_that_nothing_survives_is_not_told_in_numbers():
    assert celsius(333.15) == "60 °C"
    assert celsius(1_408_303.0) == "over 1000 °C"
