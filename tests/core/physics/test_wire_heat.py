"""Gauge, resistance, ampacity and fusing against published tables (written from memory unless said otherwise)."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from numpy.testing import assert_allclose

from firmcell.core.leads.wire_rating import rated_current
from firmcell.core.model.parts import Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics import wire_heat as c
from firmcell.core.physics import wire_in_time as in_time
from firmcell.store.part_files import part_named, shipped_library

# ASTM B258, areas in mm² (REFERENCES.md, from memory).
B258 = {22: 0.3255, 20: 0.5176, 18: 0.8231, 16: 1.309, 14: 2.081, 12: 3.309, 10: 5.261, -1: 67.43, -3: 107.2}
# IEC 60228 class 5 plain copper, Ω/km at 20 °C (from memory).
IEC_60228 = {
    0.5: 39.0, 0.75: 26.0, 1: 19.5, 1.5: 13.3, 2.5: 7.98, 4: 4.95, 6: 3.30, 10: 1.91, 16: 1.21, 25: 0.780,
    35: 0.554, 50: 0.386, 70: 0.272, 95: 0.206, 120: 0.161,
}  # fmt: skip
# NFPA 70 table 310.17, A at 75 and 90 °C, 30 °C ambient (from memory), with the outer diameter in inches of the
# common thin building wire (from memory).
NFPA_310_17 = {
    10: (0.164, 50, 55), 8: (0.216, 70, 80), 6: (0.254, 95, 105), 4: (0.324, 125, 140), 2: (0.384, 170, 190),
    0: (0.486, 230, 260), -1: (0.532, 265, 300), -3: (0.642, 360, 405),
}  # fmt: skip
# ABYC E-11, 105 °C insulation outside engine spaces, 30 °C ambient (from memory).
ABYC_E11 = {10: 60, 8: 80, 6: 120, 4: 160, 2: 210, 0: 285, -1: 330, -3: 445}


@pytest.mark.parametrize(("gauge", "area"), B258.items())
def test_gauge_areas_follow_astm_b258(gauge, area):
    assert float(c.awg_area(gauge)) * 1e6 == pytest.approx(area, rel=1e-3)


def test_shipped_awg_wires_follow_astm_b258_and_iacs(library):
    wires = {w.gauge: w for w in library.wires}
    for gauge, area in B258.items():
        name = f"{1 - gauge}/0 AWG" if gauge <= 0 else f"{gauge} AWG"
        assert wires[name].area_m2 * 1e6 == pytest.approx(area, rel=1e-3)
        solid = 1.7241e-8 / wires[name].area_m2
        assert 1.0 <= wires[name].resistance_ohm_per_m / solid <= 1.05


@pytest.mark.parametrize(("area", "ohm_per_km"), IEC_60228.items())
def test_shipped_metric_wires_follow_iec_60228_class_5(library, area, ohm_per_km):
    wire = next(w for w in library.wires if w.gauge == f"{area:g} mm²")
    assert wire.resistance_ohm_per_m * 1e3 == pytest.approx(ohm_per_km, rel=1e-3)
    assert wire.area_m2 * 1e6 == pytest.approx(area, rel=1e-3)


IACS = 1.7241e-8
"""Ω·m at 20 °C (IEC 60028, value from memory)."""


def _free_air(gauge: int, inches: float, limit_c: float) -> float:
    area = c.awg_area(gauge)
    return float(c.ampacity(IACS * 1.02 / area, area, inches * 0.0254, limit_c + 273.15, 303.15))


def test_free_air_ampacity_lands_near_nfpa_310_17():
    """Band reached: 1.00 to 1.10 of the table at 75 and 90 °C, 10 AWG to 4/0."""
    ratios = []
    for gauge, (inches, at_75, at_90) in NFPA_310_17.items():
        ratios += [_free_air(gauge, inches, 75) / at_75, _free_air(gauge, inches, 90) / at_90]
    assert 0.97 <= min(ratios) <= max(ratios) <= 1.12


def test_free_air_ampacity_lands_near_abyc_e11():
    """Band reached: 1.02 to 1.14 of the table at 105 °C, 10 AWG to 4/0."""
    ratios = [_free_air(g, NFPA_310_17[g][0], 105) / amps for g, amps in ABYC_E11.items()]
    assert 0.97 <= min(ratios) <= max(ratios) <= 1.15


def test_offered_current_errs_to_the_safe_side_of_the_tables():
    """What the program offers has the pair factor in it: at most 3 % over any entry of either table."""
    for gauge, (inches, at_75, at_90) in NFPA_310_17.items():
        wire = _wire(gauge, inches)
        for limit, table in ((75, at_75), (90, at_90), (105, ABYC_E11[gauge])):
            offered = float(rated_current([wire], limit + 273.15, 303.15, WireLaying.PAIR)[0])
            assert offered <= table * 1.03


def _wire(gauge: int, inches: float) -> Wire:
    area = float(c.awg_area(gauge))
    return Wire(
        name="w", gauge="g", area_m2=area, resistance_ohm_per_m=1.7241e-8 * 1.02 / area, insulation_limit_k=473.15,
        outer_diameter_m=inches * 0.0254, mass_kg_per_m=0.1,
    )  # fmt: skip


def test_wire_temperature_and_ampacity_are_inverse(library):
    for wire in library.wires:
        alone = float(rated_current([wire], 353.15, 303.15, WireLaying.PAIR)[0]) / c.PAIR_FACTOR
        assert float(c.wire_temperatures([wire], alone, 303.15)[0]) == pytest.approx(353.15, abs=0.1)


def test_limit_at_or_below_ambient_carries_nothing(library):
    assert float(rated_current([library.wires[0]], 303.15, 303.15, WireLaying.PAIR)[0]) == 0
    assert float(rated_current([library.wires[0]], 293.15, 303.15, WireLaying.PAIR)[0]) == 0


@given(ambient=st.floats(250, 330), rise=st.floats(5, 80), step=st.floats(0.5, 20))
def test_hotter_air_never_carries_more(ambient, rise, step):
    args = (3e-3, 5.26e-6, 5e-3)
    limit = ambient + rise
    assert c.ampacity(*args, limit, ambient + step) <= c.ampacity(*args, limit, ambient) + 1e-9


@given(gauge=st.integers(-2, 29))
def test_more_copper_never_carries_less(gauge):
    def at(n):
        area = c.awg_area(n)
        return float(c.ampacity(1.75e-8 / area, area, 2 * c.awg_diameter(n) + 1e-3, 353.15, 303.15))

    assert at(gauge) > at(gauge + 1)


def test_resistance_rises_with_iec_60028_coefficient():
    assert_allclose(c.resistance_at(1.0, 293.15 + 100, c.COPPER_COEFFICIENT), 1.393)


def test_onderdonk_against_its_formula_by_hand():
    """1 mm² is 1973.5 circular mils; 10 s from 25 °C: 1973.5 × √(log10(1 + 1058/259)/330) = 91.3 A, by hand."""
    assert in_time.onderdonk_fusing(1e-6, 10.0, 298.15) == pytest.approx(91.3, rel=2e-3)


def test_adiabatic_withstand_of_iec_60364():
    """k = 143, 2.5 mm² at 500 A: (143 × 2.5 / 500)² = 0.511 s, by hand; PVC k = 115 gives 0.331 s."""
    assert in_time.withstand_seconds(2.5e-6, 500, "xlpe") == pytest.approx(0.5112, rel=1e-3)
    assert in_time.withstand_seconds(2.5e-6, 500, "pvc") == pytest.approx(0.3306, rel=1e-3)
    assert in_time.withstand_seconds(2.5e-6, 500, "unheard of") == in_time.withstand_seconds(
        2.5e-6, 500, "pvc"
    )


def test_bisect_finds_roots_elementwise_and_stays_at_the_nearer_end():
    def both(x):
        return x**2 - np.array([2.0, 9.0])

    assert_allclose(c.bisect(both, np.zeros(2), np.full(2, 10.0)), [np.sqrt(2), 3.0], rtol=1e-6)
    assert_allclose(c.bisect(lambda x: x - 20, np.zeros(1), np.full(1, 10.0)), [10.0])
    assert_allclose(c.bisect(lambda x: x + 20, np.zeros(1), np.full(1, 10.0)), [0.0], atol=1e-2)


def test_a_wire_that_cannot_lose_its_heat_runs_away(library):
    thin = next(w for w in library.wires if w.gauge == "30 AWG")
    assert float(c.wire_temperatures([thin], 60.0, 303.15)[0]) == 773.15


def test_the_rise_without_loss_follows_resistance_up():
    """Steps of dT/dt = I²R(T)/C: 10 AWG at 300 A for 10 s from 60 °C; with cold resistance it would read a third low."""
    wire = part_named(shipped_library(), Wire, "10 AWG silicone")
    takes = wire.area_m2 * c.COPPER_DENSITY * c.COPPER_HEAT_CAPACITY
    kelvin, step = 333.15, 1e-3
    for _ in range(10_000):
        kelvin += 300.0**2 * wire.resistance_ohm_per_m * (1 + 0.00393 * (kelvin - 293.15)) / takes * step
    rise = in_time.adiabatic_rise(wire, 300.0, 10.0, 333.15)
    assert rise == pytest.approx(kelvin - 333.15, rel=1e-3)
    assert rise > 1.2 * 300.0**2 * wire.resistance_ohm_per_m / takes * 10.0
    assert in_time.adiabatic_rise(wire, 1e5, 100.0, 333.15) == in_time.MOLTEN_RISE_K
