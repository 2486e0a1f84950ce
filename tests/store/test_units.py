"""Units against pint (the reference), and every way people write a number."""

import contextlib
import math

import pint
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.app.fields import bare_type
from firmcell.core.base.quantity import Frozen, unit_of
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.model.parts import PART_KINDS, Board
from firmcell.core.physics.wire_heat import awg_area
from firmcell.core.records.events import RECORD_KINDS
from firmcell.store.units import SHOWN, UNITS, parse, show, show_number

PINT = {
    '"': "inch", "Ω": "ohm", "mΩ": "milliohm", "kΩ": "kiloohm", "MΩ": "megaohm", "µΩ": "microohm", "Ohm": "ohm",
    "mohm": "milliohm", "mOhm": "milliohm", "kohm": "kiloohm", "Mohm": "megaohm", "MOhm": "megaohm", "R": "ohm",
    "m²": "m**2", "mm²": "mm**2", "mm2": "mm**2", "cm²": "cm**2", "sqmm": "mm**2", "mil": "thou", "A·s": "A*s",
    "Ah": "A*h", "mAh": "mA*h", "C": "coulomb", "Ω/m": "ohm/m", "mΩ/m": "milliohm/m", "Ω/km": "ohm/km",
    "Ω·m": "ohm*m", "µΩ·m": "microohm*m", "nΩ·m": "nanoohm*m", "Wh": "W*h", "kWh": "kW*h", "": "dimensionless",
    "N·m": "newton*meter", "Nm": "newton*meter", "lbf·in": "force_pound*inch", "lbf·ft": "force_pound*foot", "W/m·K": "W/m/K",
    "W/mK": "W/m/K", "rad": "radian", "°": "degree", "deg": "degree",
    "1": "dimensionless", "%": "percent", "g/cm³": "g/cm**3", "kg/m³": "kg/m**3", "J/kg·K": "J/kg/K", "uA": "uA",
    "uF": "uF",
}  # fmt: skip
PAIRS = [(si, unit) for si, units in UNITS.items() for unit in units if si != "K"]


@pytest.fixture(scope="module")
def registry():
    return pint.UnitRegistry()


@pytest.mark.parametrize(("si", "unit"), PAIRS)
def test_every_factor_is_pints(registry, si, unit):
    expected = registry.Quantity(1.0, PINT.get(unit, unit)).to(PINT.get(si, si)).magnitude
    assert UNITS[si][unit] == pytest.approx(expected, rel=1e-12)


@pytest.mark.parametrize(
    ("text", "unit", "name"), [("20 °C", 20, "degC"), ("68 °F", 68, "degF"), ("-5 °C", -5, "degC")]
)
def test_temperatures_are_pints(registry, text, unit, name):
    assert parse(text, "K") == pytest.approx(registry.Quantity(unit, name).to("kelvin").magnitude)


@pytest.mark.parametrize(
    ("text", "si", "value"),
    [
        ("3/8 in", "m", 0.009525), ("1 1/4 in", "m", 0.03175), ("2,5 mm²", "m²", 2.5e-6), ("2.5 mm²", "m²", 2.5e-6),
        ("240 mm", "m", 0.24), ("0,24 m", "m", 0.24), ("−5 °C", "K", 268.15), ("5 Ah", "A·s", 18000.0),
        ("550 Wh", "J", 1.98e6), ("24 mΩ", "Ω", 0.024), ("30 %", "1", 0.3), ("1 200 mm", "m", 1.2), ("2 h", "s", 7200.0),
        ("1e3 mm", "m", 1.0), (".5 mm", "m", 0.0005), ("5 MΩ", "Ω", 5e6),
    ],
)  # fmt: skip
def test_what_people_write(text, si, value):
    assert parse(text, si) == pytest.approx(value, rel=1e-12)


@pytest.mark.parametrize(
    ("text", "gauge"), [("14 AWG", 14), ("2/0 AWG", -1), ("4/0 AWG", -3), ("0 AWG", 0), ("14awg", 14)]
)
def test_wire_gauges(text, gauge):
    assert parse(text, "m²") == pytest.approx(float(awg_area(gauge)))


@pytest.mark.parametrize(
    ("text", "si", "words"),
    [
        ("", "m", "Nothing is entered"), ("abc", "m", "not a number"), ("5", "m", "has no unit"),
        ("5 V", "m", "measures something else"), ("5 furlong", "m", "not a unit known"), ("1/0 in", "m", "not a number"),
        ("nan mm", "m", "not a number"), ("1e999 mm", "m", "not a finite"), ("2.5", "count", "not a whole number"),
        ("5 mm mm", "m", "not a unit known"), ("1.2.3 mm", "m", "not"),
    ],
)  # fmt: skip
def test_refusals_are_one_sentence(text, si, words):
    with pytest.raises(Refusal) as caught:
        parse(text, si)
    assert words in caught.value.sentence
    assert caught.value.sentence.endswith(".")


@given(st.text(max_size=30), st.sampled_from(sorted(UNITS)))
def test_any_text_is_a_finite_number_or_a_refusal(text, si):
    with contextlib.suppress(Refusal):
        assert math.isfinite(parse(text, si, None))


@given(
    st.floats(1e-6, 1e4),
    st.sampled_from([si for si in UNITS if si not in ("m²", "K", "1")]),
    st.sampled_from(["metric", "inch"]),
)
def test_what_is_shown_reads_back(value, si, system):
    unit = SHOWN.get(si, {}).get(system, si)
    text = show_number(value, si, system)
    if text not in ("0",):
        assert parse(text, si, unit) == pytest.approx(value, rel=6e-4, abs=1e-8 * UNITS[si][unit])


def test_shown_units():
    assert show(0.24, "m") == "240 mm"
    assert show(0.0254, "m", "inch") == "1 in"
    assert show(293.15, "K") == "20 °C"
    assert show(293.15, "K", "inch") == "68 °F"
    assert show(float(awg_area(14)), "m²", "inch") == "14 AWG"
    assert show(float(awg_area(-1)), "m²", "inch") == "2/0 AWG"


def _units_of(model, seen):
    for name in model.model_fields:
        unit = unit_of(model, name)
        if unit is not None:
            seen.add(unit)
        kind, _ = bare_type(model, name)
        if isinstance(kind, type) and issubclass(kind, Frozen):
            _units_of(kind, seen)


def test_every_unit_of_every_model_can_be_typed_and_shown():
    """A field whose unit is not known here could be neither typed nor shown."""
    seen: set[str] = set()
    for model in (Design, *PART_KINDS.values(), *RECORD_KINDS.values()):
        _units_of(model, seen)
    assert {"N·m", "W/m·K", "m", "A"} <= seen
    for unit in seen - {"count"}:
        assert unit in UNITS, unit
        for system in ("metric", "inch"):
            assert show_number(1.5, unit, system)


def test_torque_in_the_units_it_is_printed_in():
    """1 lbf·in is 0.11298 N·m (NIST, value from memory)."""
    assert parse("88.5 lbf·in", "N·m") == pytest.approx(10.0, rel=1e-3)
    assert parse("10 Nm", "N·m") == 10


def test_the_b_value_of_a_sensor_is_no_temperature():
    assert unit_of(Board, "ntc_b_k") == "1"
