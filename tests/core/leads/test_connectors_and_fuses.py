"""Insulation, connectors, inrush, fuse curves and lugs: against published values (from memory), closed forms and by hand."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import quad

from firmcell.core.analysis.analyse import analyse
from firmcell.core.leads.connectors import (
    ConnectorAsk,
    allowed_current,
    connector_limit,
    contact_temperature,
    fit_connector,
    ranked_connectors,
    wire_as_hot_as,
)
from firmcell.core.leads.fuse_timing import (
    BANDS,
    NEVER_S,
    melting_i2t,
    opening_times,
    protection,
    strip_times,
    wire_times,
)
from firmcell.core.leads.insulation_class import INSULATIONS, covered, like, smallest_bend
from firmcell.core.leads.lugs import TORQUE_NM, fitting_lugs, lug_work
from firmcell.core.leads.main_leads import GaugesAsk, Loop, wire_options
from firmcell.core.leads.precharge import E12, inrush, precharge, preferred
from firmcell.core.leads.wire_choice import WireAsk, compare_wires, proposed
from firmcell.core.leads.wire_rating import rated_current
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Conductor, Connector, Contact, Fuse, FuseKind, Keying, Strip, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.strip_heat import long_run_limit, long_run_temperature
from firmcell.core.physics.wire_heat import CLASS_2_OHM_PER_KM, conductor_diameter
from firmcell.core.physics.wire_in_time import withstand_seconds
from firmcell.core.pictures.connector_faces import connector_face
from firmcell.core.pictures.drawing import Area, Label
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
AWG_12 = part_named(SHELF, Wire, "12 AWG silicone")


def connector(name):
    return part_named(SHELF, Connector, name)


def fuse(name):
    return part_named(SHELF, Fuse, name)


# -- insulation ----------------------------------------------------------------------------------------


@pytest.mark.parametrize("name", INSULATIONS)
def test_a_covering_changes_limit_size_and_weight_and_never_the_copper(name):
    for conductor in Conductor:
        wire = covered(AWG_12, name, conductor)
        assert wire.area_m2 == AWG_12.area_m2
        assert wire.insulation_limit_k == INSULATIONS[name].limit_k
        assert wire.outer_diameter_m > 2 * np.sqrt(wire.area_m2 / np.pi)
        # Copper alone is 8.96 g/cm³; the covering comes on top.
        assert wire.mass_kg_per_m > wire.area_m2 * 8960


def test_thin_walls_are_thin_and_a_solid_conductor_is_slimmer():
    ptfe, pvc = covered(AWG_12, "PTFE 200"), covered(AWG_12, "PVC 80")
    assert ptfe.outer_diameter_m < pvc.outer_diameter_m < 5e-3
    assert covered(AWG_12, "PVC 80", Conductor.SOLID).outer_diameter_m == pytest.approx(
        2.053e-3 + 1.6e-3, rel=1e-3
    )  # ASTM B258: 12 AWG is 2.053 mm (value from memory); wall 0.8 mm
    assert pvc.outer_diameter_m == pytest.approx(float(conductor_diameter(AWG_12.area_m2)) + 1.6e-3)


def test_tinned_strands_resist_a_little_more():
    """IEC 60228 class 5 tinned 2.5 mm²: 8.21 against 7.98 Ω/km plain (values from memory), 3 % more."""
    metric = part_named(SHELF, Wire, "2.5 mm² silicone")
    assert covered(metric, "silicone", tinned=True).resistance_ohm_per_m == pytest.approx(8.21e-3, rel=0.005)


@pytest.mark.slow
def test_class_two_cable_resists_as_pandapowers_line_types():
    """Copper cables among the standard line types of pandapower, to 2 %; the wire of 120 mm² is one of them."""
    import pandapower

    types = pandapower.available_std_types(pandapower.create_empty_network(), "line")
    copper = types[types.index.str.startswith("N2XS(FL)2Y")]
    assert len(copper) >= 4
    seen = {int(row.q_mm2): float(row.r_ohm_per_km) for row in copper.itertuples()}
    for area, ohm in seen.items():
        assert CLASS_2_OHM_PER_KM[area] == pytest.approx(ohm, rel=0.02)
    cable = covered(part_named(SHELF, Wire, "120 mm² silicone"), "XLPE 125", Conductor.STRANDED)
    assert cable.resistance_ohm_per_m * 1e3 == pytest.approx(seen[120], rel=0.02)
    back = covered(cable, "silicone")
    assert back.resistance_ohm_per_m >= part_named(SHELF, Wire, "120 mm² silicone").resistance_ohm_per_m


def test_stiffer_conductors_bend_wider_and_a_given_bend_counts():
    bends = [
        smallest_bend(covered(AWG_12, "PVC 105", c))
        for c in (Conductor.FINE, Conductor.STRANDED, Conductor.SOLID)
    ]
    assert bends == sorted(bends)
    assert smallest_bend(AWG_12.model_copy(update={"bend_radius_m": 0.02})) == 0.02


def test_gauges_are_compared_in_the_covering_of_the_lead(hoist, library):
    wire = covered(hoist.leads.wire, "PVC 80")
    leads = analyse(hoist.with_edits(("leads.wire", wire), ("leads.limit_k", 400.0)), library).leads
    assert all(option.wire.endswith("PVC 80") for option in leads.options)
    assert leads.limit_a < analyse(hoist.edited("leads.limit_k", 400.0), library).leads.limit_a
    assert like((AWG_12,), AWG_12) == (AWG_12,)


def test_the_withstand_knows_its_insulation():
    """k: 115 for PVC, 143 for XLPE and rubber (IEC 60364-4-43, values from memory)."""
    assert withstand_seconds(2.5e-6, 115 * 2.5, "PVC 80") == pytest.approx(1.0)
    assert withstand_seconds(2.5e-6, 143 * 2.5, "XLPE 125") == pytest.approx(1.0)
    assert withstand_seconds(2.5e-6, 115 * 2.5, "a user's own") == pytest.approx(1.0)


def test_a_long_high_peak_rules_the_gauge_where_it_does():
    """60 A for 60 s in 12 AWG heats its copper by I²Rt/(ρ A c) ≈ 99 K: too much for PVC 80, nothing for silicone."""
    leads = hoist_in_rows(SHELF).leads.model_copy(
        update={"limit_k": 500.0, "drop_limit_v": 5.0, "wire": covered(AWG_12, "PVC 80")}
    )
    ask = GaugesAsk((AWG_12,), leads, Loop(0.5, 0.002), Duty(20.0, 60.0, 60.0), 303.15)
    assert not wire_options(ask)[0][0].good
    silicone = leads.model_copy(update={"wire": AWG_12})
    assert wire_options(replace(ask, leads=silicone))[0][0].good


# -- connectors ----------------------------------------------------------------------------------------


def test_every_class_that_is_asked_for_is_in_the_library():
    kinds = {c.contact for c in SHELF.connectors}
    assert kinds == set(Contact) - {Contact.OTHER}
    for contact in (Contact.BULLET, Contact.TWIN_BULLET):
        sizes = {round(c.contact_size_m * 1e3, 1) for c in SHELF.connectors if c.contact is contact}
        assert {2.0, 3.5, 4.0, 4.5, 5.5, 6.0, 8.0} <= sizes
    pitches = {c.contact_size_m for c in SHELF.connectors if c.contact is Contact.CRIMP_HOUSING}
    assert pitches == {1.25e-3, 2e-3, 2.5e-3}
    for c in SHELF.connectors:
        assert c.polarity_mark
        assert c.mating_cycles
        assert (c.keying is Keying.UNKEYED) == (c.contact in (Contact.BULLET, Contact.SCREW))


def test_the_trades_figure_for_two_millimetre_twin_bullets():
    """20 to 30 A continuous (common practice, no source); magnetic: 20 A at 52 V, used at 15 A (likewise)."""
    assert 20 <= connector("keyed twin-bullet 2 mm").current_continuous_a <= 30
    magnetic = connector("magnetic four-contact")
    assert (magnetic.current_continuous_a, magnetic.current_peak_a, magnetic.voltage_v) == (15, 20, 52)


def test_contact_heat_goes_with_the_square_of_the_current():
    part = connector("keyed twin-bullet 4.5 mm")
    assert contact_temperature(part, part.current_continuous_a, 303.15) == pytest.approx(
        part.temperature_max_k
    )
    half = contact_temperature(part, part.current_continuous_a / 2, 303.15) - 303.15
    assert half == pytest.approx((part.temperature_max_k - 303.15) / 4)
    assert connector_limit(part, part.temperature_max_k) == 0


def test_a_thin_wire_rules_a_large_contact():
    part = connector("bare bullet pair 8 mm")
    thin = part_named(SHELF, Wire, "18 AWG silicone")
    amps, why = allowed_current(part, thin, 303.15)
    assert why == "the wire in its cup"
    assert amps == pytest.approx(wire_as_hot_as(part, thin, 303.15))
    # The same as the free-air ampacity with the connector's limit for the conductor.
    assert amps == pytest.approx(
        float(rated_current((thin,), part.temperature_max_k, 303.15, WireLaying.FREE)[0]), rel=1e-3
    )
    assert wire_as_hot_as(part, thin, part.temperature_max_k) == 0
    assert (
        allowed_current(
            connector("keyed twin-bullet 2 mm"), part_named(SHELF, Wire, "14 AWG silicone"), 303.15
        )[1]
        == "the contact"
    )


def test_the_best_connector_comes_first_and_each_reason_is_told():
    ask = ConnectorAsk(25.0, 45.0, 42.0, 303.15, AWG_12)
    ranked = ranked_connectors(SHELF.connectors, ask)
    assert ranked[0].fits
    assert ranked[0].words == "fits"
    reasons = [len(f.stops) for f in ranked]
    assert reasons == sorted(reasons)
    words = {f.connector.name: f.words for f in ranked}
    assert "can be mated backwards" in words["bare bullet pair 4 mm"]
    assert "no half with shrouded contacts" in words["screw terminal pair"]
    assert "its cup takes" in words["keyed twin-bullet 2 mm"]
    assert "carries 1" in words["crimp housing 1.25 mm pitch, two-way"]
    swims = fit_connector(
        connector("keyed twin-bullet 8 mm"),
        ConnectorAsk(1.0, 2.0, 10.0, 300.0, part_named(SHELF, Wire, "24 AWG silicone")),
    )
    assert "too thin" in swims.words


@given(st.floats(0.5, 200), st.floats(273, 350))
def test_more_current_never_makes_a_connector_fit(current, ambient):
    for part in SHELF.connectors[::4]:
        less = fit_connector(part, ConnectorAsk(current, current, 30.0, ambient, AWG_12))
        more = fit_connector(part, ConnectorAsk(current * 1.1, current * 1.1, 30.0, ambient, AWG_12))
        assert less.fits or not more.fits
        assert more.contact_k > less.contact_k


# -- plugging in ----------------------------------------------------------------------------------------


def test_inrush_is_the_integral_of_its_current():
    rush = inrush(42.0, 2200e-6, 0.08)
    assert rush.peak_a == pytest.approx(525)
    whole, _ = quad(lambda t: (525 * np.exp(-t / rush.time_constant_s)) ** 2, 0, 40 * rush.time_constant_s)
    assert rush.i2t_a2s == pytest.approx(whole, rel=1e-4)
    assert rush.energy_j == pytest.approx(0.5 * 2200e-6 * 42**2)
    assert inrush(42.0, 0.0, 0.08).i2t_a2s == 0


def test_precharge_by_hand():
    """½·2200 µF·42² = 1.94 J; a second in three time constants is 152 Ω, so 180 Ω of E12; 42 V leave 0.23 A at first."""
    found_r = precharge(42.0, 2200e-6)
    assert found_r.ohm == 180
    assert found_r.energy_j == pytest.approx(1.94, abs=0.005)
    assert found_r.peak_a == pytest.approx(0.2333, abs=1e-3)
    assert found_r.seconds == pytest.approx(1.19, abs=0.01)
    assert found_r.left_v == pytest.approx(2.09, abs=0.01)
    assert found_r.watt_if_left == pytest.approx(9.8, abs=0.01)
    assert precharge(42.0, 0.0) is None


@given(st.floats(0.01, 1e6))
def test_preferred_values_are_e12_and_never_under(ohm):
    value = preferred(ohm)
    assert ohm * (1 - 1e-6) <= value <= ohm * 1.26
    digits = round(value / 10 ** np.floor(np.log10(value) - 1 + 1e-9))
    assert digits in E12 or digits == 100


# -- fuses ----------------------------------------------------------------------------------------------


def test_blade_fuse_times_are_those_of_iso_8820_3():
    """1.35: 0.75 to 600 s, 2: 0.15 to 5 s, 6: 0.02 to 0.1 s; holds 110 % for 100 h (values from memory)."""
    blade = fuse("blade fuse 32 V, 20 A")
    least, most = opening_times(blade, [20.0, 27.0, 40.0, 120.0])
    assert least[0] == NEVER_S
    assert least[1:] == pytest.approx([0.75, 0.15, 0.02])
    assert most[1:] == pytest.approx([600, 5, 0.1])


@pytest.mark.parametrize("kind", FuseKind)
def test_more_current_opens_every_fuse_sooner(kind):
    part = next(f for f in SHELF.fuses if f.construction is kind)
    current = np.geomspace(part.rating_a * 1.05, part.rating_a * 200, 200)
    least, most = opening_times(part, current)
    assert (np.diff(least) <= 0).all()
    assert (np.diff(most) <= 0).all()
    assert (least <= most).all()
    # Far beyond its last point I²t is constant.
    i2t = current[-20:] ** 2 * most[-20:]
    assert i2t == pytest.approx(np.full(20, i2t[0]))
    assert len(BANDS[kind]) >= 5


def test_a_wire_stands_a_short_by_k_squared_s_squared():
    """IEC 60364-4-43: 3.309 mm², k = 143, 1000 A: (143·3.309/1000)² = 0.224 s (value from memory)."""
    limit = float(rated_current((AWG_12,), 353.15, 303.15, WireLaying.PAIR)[0])
    assert float(wire_times(AWG_12, 1000.0, 0.0, 353.15, 303.15)) == pytest.approx(0.2239, rel=1e-3)
    assert float(wire_times(AWG_12, limit * 0.98, 0.0, 353.15, 303.15, WireLaying.PAIR, 2)) == NEVER_S
    cold = float(wire_times(AWG_12, 2 * limit, 0.0, 353.15, 303.15, WireLaying.PAIR, 2))
    loaded = float(wire_times(AWG_12, 2 * limit, 0.9 * limit, 353.15, 303.15, WireLaying.PAIR, 2))
    assert loaded < cold


def test_a_strip_stands_a_short_as_its_metal_takes_up_heat_with_resistance_rising():
    """In a short dT/dt = I²ρ(1 + a(T − 20))/(ρ_m c A²): t = ρ_m c A²/(I²ρ a) · ln((1 + a·160)/(1 + a·10)) from 30 to 180 °C."""
    nickel = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    heat, a = nickel.density_kg_m3 * nickel.heat_capacity_j_kg_k, nickel.temperature_coefficient_per_k
    by_hand = heat * (1.2e-6) ** 2 / (nickel.resistivity_ohm_m * 600**2 * a)
    by_hand *= np.log((1 + a * 160) / (1 + a * 10))
    assert float(strip_times(nickel, 1, 1.0, 600.0, 0.0, 303.15)) == pytest.approx(by_hand, rel=0.02)
    assert float(strip_times(nickel, 1, 0.5, 1200.0, 0.0, 303.15)) == pytest.approx(by_hand, rel=0.02)
    holds = long_run_limit(nickel, 1, 363.15, 303.15)
    assert float(strip_times(nickel, 1, 1.0, holds, 0.0, 303.15)) == NEVER_S
    assert float(strip_times(nickel, 1, 1.0, 2 * holds, 0.0, 303.15)) < NEVER_S


@pytest.mark.parametrize("name", ["pure nickel strip 0.15 × 8", "copper strip 0.2 × 10"])
@pytest.mark.parametrize("times", [2.8, 5.0, 12.0, 30.0])
@pytest.mark.parametrize("load", [0.0, 0.6, 1.0])
def test_a_strip_never_stands_longer_than_a_step_by_step_simulation(name, times, load):
    """Explicit steps of C dT/dt = I²R(T) − loss, loss by Churchill and Chu or McAdams, air by power laws."""
    strip, air = part_named(SHELF, Strip, name), 303.15
    holds = long_run_limit(strip, 1, 333.15, air)
    start = float(long_run_temperature(strip, 1, load * holds, air, down=True))

    def loss(kelvin):
        film = (kelvin + air) / 2
        conducts, viscous = 0.0241 * (film / 273.15) ** 0.9, 1.32e-5 * (film / 273.15) ** 1.8
        rayleigh = 9.81 / film * max(kelvin - air, 0.0) * strip.width_m**3 / (viscous**2 / 0.71)
        nusselt = (0.825 + 0.387 * rayleigh ** (1 / 6) / (1 + (0.492 / 0.71) ** (9 / 16)) ** (8 / 27)) ** 2
        # Facing down, McAdams over half the width, which is area over perimeter.
        nusselt = min(nusselt, 2 * 0.27 * (rayleigh / 8) ** 0.25)
        return nusselt * conducts * (kelvin - air) + strip.width_m * 0.9 * 5.67e-8 * (kelvin**4 - air**4)

    ohm = strip.resistivity_ohm_m / strip.section_m2
    takes = strip.section_m2 * strip.density_kg_m3 * strip.heat_capacity_j_kg_k
    current = times * holds
    step, passed, kelvin = 0.1 * takes / (current**2 * ohm), 0.0, start
    while kelvin < air + 150.0 and passed < 3e3:
        gain = current**2 * ohm * (1 + strip.temperature_coefficient_per_k * (kelvin - 293.15))
        kelvin += (gain - loss(kelvin)) / takes * step
        passed += step
    assert passed < 3e3
    stands = float(strip_times(strip, 1, 1.0, current, load * holds, air))
    assert 0.95 * passed < stands < 1.01 * passed


def test_a_fuse_that_is_too_large_is_slower_than_the_wire():
    strip = (part_named(SHELF, Strip, "copper strip 0.2 × 10"), 3, 1.0)

    def judged(name):
        return protection(
            fuse(name), AWG_12, WireLaying.PAIR, strip, Duty(20.0, 30.0, 10.0), 303.15, 600.0, 20.0
        )

    good, bad = judged("blade fuse 58 V, 30 A"), judged("bolted fuse 80 V, 150 A")
    assert good.slow_from_a is None
    assert good.strip_from_a is None
    assert bad.slow_from_a is not None
    assert bad.slow_from_a >= 150
    assert bad.short_s > good.short_s
    assert good.inrush_share == pytest.approx(2 * 20 / melting_i2t(fuse("blade fuse 58 V, 30 A")))


# -- rules ----------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("LE-11", [("leads.charge_same_pins", False), ("leads.charge_connector", "same")]),
        ("LE-12", [("leads.adapters", 2)]),
        ("LE-13", [("series", 16), ("parallel", 2), ("leads.connector", "bare bullet pair 4 mm")]),
        ("LE-15", [("brief.load_capacitance_f", 0.05), ("leads.fuse", "blade fuse 58 V, 30 A")]),
        ("LE-16", [("leads.fuse_at_m", 0.4)]),
        ("LE-17", [("leads.wire", "PVC 80")]),
    ],
)  # fmt: skip
def test_each_rule_speaks_and_its_fix_silences_it(code, edits, hoist, library):
    def value(path, v):
        if v == "same":
            return hoist.leads.connector
        if v == "PVC 80":
            return covered(hoist.leads.wire, v)
        if isinstance(v, str):
            return connector(v) if "bullet" in v else fuse(v)
        return v

    assert code not in found(hoist, library)
    faulty = hoist.with_edits(*((path, value(path, v)) for path, v in edits))
    findings = found(faulty, library)
    assert code in findings
    fix = findings[code].fix
    if code != "LE-15":
        assert fix is not None
        assert code not in found(fix.applied(faulty), library)


def test_a_slow_fuse_is_found_with_currents_and_fixed(hoist, library):
    """A bolted fuse takes minutes at a third over its rating: PVC does not stand that long."""
    wire = covered(part_named(library, Wire, "10 AWG silicone"), "PVC 80")
    slow = hoist.with_edits(("leads.fuse", fuse("bolted fuse 80 V, 40 A")), ("leads.wire", wire))
    findings = found(slow, library)
    assert "LE-14" in findings
    assert "may open later" in findings["LE-14"].sentence
    fix = findings["LE-14"].fix
    assert fix is not None
    assert "LE-14" not in found(fix.applied(slow), library)


def test_two_chargers_of_one_kind_with_the_same_pins_are_no_fault(hoist, library):
    assert "LE-11" not in found(hoist.edited("leads.charge_connector", hoist.leads.connector), library)


# -- lugs and heavy cable -------------------------------------------------------------------------------


def test_lugs_by_area_and_stud():
    cable = part_named(SHELF, Wire, "50 mm² silicone")
    lugs = fitting_lugs(SHELF.lugs, cable, 0.008)
    assert [lug.name for lug in lugs] == ["crimp lug 50 mm² (1/0 AWG), M8"]
    assert fitting_lugs(SHELF.lugs, cable, 0.005) == ()
    work = lug_work(lugs[0], cable, smallest_bend(cable))
    # Barrel depth and about 1 mm (common practice, no source).
    assert work.strip_m == pytest.approx(lugs[0].barrel_depth_m + 1e-3)
    assert work.torque_nm == TORQUE_NM[0.008]
    assert work.crimps == 2
    assert work.sleeve is not None
    assert work.sleeve.supplied_m > lugs[0].barrel_outer_m
    assert work.sleeve.recovered_m < cable.outer_diameter_m


def test_every_metric_cable_from_two_and_a_half_up_has_a_lug():
    for wire in SHELF.wires:
        if 2.4e-6 < wire.area_m2 < 121e-6:
            assert any(fitting_lugs(SHELF.lugs, wire, lug.stud_m) for lug in SHELF.lugs), wire.name


def test_very_large_cable_as_the_trade_has_it():
    """50 mm² for about 150 A of short-run motor duty (common practice, no source): carried with room, and cooler than 80 °C."""
    cables = [w for w in SHELF.wires if "mm²" in w.gauge]
    ask = WireAsk(150.0, 3.0, 1.0, 303.15, laying=WireLaying.PAIR, on_s=120.0, off_s=600.0)
    row = next(r for r in compare_wires(cables, ask) if r.wire.gauge == "50 mm²")
    assert not row.fails
    assert row.temperature_k < 353.15
    best, _ = proposed(compare_wires(cables, ask))
    assert best.wire.area_m2 <= 50.1e-6


def test_the_blade_lying_across_is_plus(library):
    """Common practice, no source: of a T-blade pair the blade lying across is plus, the upright one minus."""
    blade = next(c for c in library.connectors if c.contact is Contact.T_BLADE)
    assert "across plus, upright blade minus" in blade.polarity_mark
    shapes = connector_face(blade).shapes
    signs = {s.text: s.centre[0] for s in shapes if isinstance(s, Label) and s.text in "+−"}
    for sign, across in (("+", True), ("−", False)):
        contacts = [s.points for s in shapes if isinstance(s, Area) and s.role == "face.contact"]
        sizes = {
            abs(sum(x for x, _ in points) / len(points) - signs[sign]): (
                max(x for x, _ in points) - min(x for x, _ in points),
                max(y for _, y in points) - min(y for _, y in points),
            )
            for points in contacts
        }
        wide, high = sizes[min(sizes)]
        assert (wide > high) is across
