"""Wires through time against finite differences of our own writing, apart from the program: own air, own convection, own steps."""

import math
import random

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.leads.connectors import contact_in_duty, contact_time_constant
from firmcell.core.leads.fuse_rating import fit_fuse, least_rating
from firmcell.core.leads.fuse_timing import opening_times, wire_times
from firmcell.core.leads.wire_duty import hottest_in_duty
from firmcell.core.leads.wire_rating import rated_current, together_factor
from firmcell.core.leads.wire_transient import HOTTEST_K, seconds_to
from firmcell.core.model.duty import NEVER_S, Duty
from firmcell.core.model.parts import Connector, Fuse, FuseKind, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import conductor_diameter
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
FREE = WireLaying.FREE
SIGMA = 5.670374419e-8


def air(kelvin: float) -> tuple[float, float, float]:
    """Kinematic viscosity, diffusivity and conductivity of air by Sutherland's law (constants from memory)."""
    mu = 1.716e-5 * (kelvin / 273.15) ** 1.5 * (273.15 + 110.4) / (kelvin + 110.4)
    k = 0.0241 * (kelvin / 273.15) ** 1.5 * (273.15 + 194) / (kelvin + 194)
    rho = 101325 / (287.05 * kelvin)
    return mu / rho, k / (rho * 1006.0), k


def lost(surface: float, ambient: float, across: float) -> float:
    """Churchill and Chu on a horizontal cylinder and grey radiation at 0.9, W/m."""
    nu, alpha, k = air((surface + ambient) / 2)
    ra = 9.81 * max(surface - ambient, 1e-9) / ((surface + ambient) / 2) * across**3 / (nu * alpha)
    nusselt = (0.60 + 0.387 * ra ** (1 / 6) / (1 + (0.559 / (nu / alpha)) ** (9 / 16)) ** (8 / 27)) ** 2
    convected = nusselt * k / across * (surface - ambient)
    return math.pi * across * (convected + 0.9 * SIGMA * (surface**4 - ambient**4))


class Block:
    """One metre of wire: copper, and the insulation as rings; explicit steps."""

    def __init__(self, wire: Wire, ambient_k: float, rings: int = 7) -> None:
        inner = min(float(conductor_diameter(wire.area_m2)) / 2, wire.outer_diameter_m / 2 * 0.98)
        edges = np.linspace(inner, wire.outer_diameter_m / 2, rings + 1)
        middle = (edges[1:] + edges[:-1]) / 2
        self.copper = wire.area_m2 * 8960 * 385.0
        self.rings = np.pi * np.diff(edges**2) * 1.7e6
        self.first = 2 * np.pi * 0.2 / np.log(middle[0] / inner)
        self.between = 2 * np.pi * 0.2 / np.log(middle[1:] / middle[:-1])
        self.last = 2 * np.pi * 0.2 / np.log(edges[-1] / middle[-1])
        self.ohm, self.across, self.ambient = wire.resistance_ohm_per_m, wire.outer_diameter_m, ambient_k
        fastest = max(
            2 * self.between.max() / self.rings.min(),
            2 * self.first / self.copper,
            (self.first + self.between[0]) / self.rings[0],
            2 * self.last / self.rings[-1],
        )
        self.step = 0.4 / fastest
        self.kelvin = np.full(rings + 1, ambient_k)
        self.surface = ambient_k

    def run(self, amps: float, seconds: float, until_k: float = 1e9) -> tuple[float, float]:
        """Go on for a time or until the copper has a temperature; returns the time taken and the highest of the copper."""
        t, top, made = 0.0, self.kelvin[0], amps**2 * self.ohm
        step = min(self.step, 0.2 * self.copper / max(made, 1e-9))
        while t < seconds - 1e-12:
            d = min(step, seconds - t)
            for _ in range(3):
                over = self.last * (self.kelvin[-1] - self.surface) - lost(
                    self.surface, self.ambient, self.across
                )
                slope = (
                    lost(self.surface + 0.01, self.ambient, self.across)
                    - lost(self.surface, self.ambient, self.across)
                ) / 0.01
                self.surface = max(self.surface + over / (self.last + slope), self.ambient)
            flow = np.concatenate(
                [
                    [self.first * (self.kelvin[0] - self.kelvin[1])],
                    self.between * (self.kelvin[1:-1] - self.kelvin[2:]),
                    [self.last * (self.kelvin[-1] - self.surface)],
                ]
            )
            heat = made * (1 + 0.00393 * (self.kelvin[0] - 293.15))
            self.kelvin[0] += d * (heat - flow[0]) / self.copper
            self.kelvin[1:] += d * (flow[:-1] - flow[1:]) / self.rings
            t += d
            top = max(top, self.kelvin[0])
            if self.kelvin[0] >= until_k:
                break
        return t, top


def named(name: str) -> Wire:
    return part_named(SHELF, Wire, name)


@pytest.mark.parametrize(
    ("name", "times"),
    [("26 AWG silicone", 5.0), ("22 AWG silicone", 1.5), ("18 AWG silicone", 3.0), ("14 AWG silicone", 8.0), ("10 AWG silicone", 2.0),
     ("2.5 mm² silicone", 20.0)],
)  # fmt: skip
def test_the_time_to_the_limit_is_that_of_finite_differences_or_a_little_less(name, times):
    """Band: 0.90 to 1.02 of the truth. Thirty random wires by hand: 0.92 to 1.008, over 1.02 in none."""
    wire = named(name)
    limit = wire.insulation_limit_k
    amps = times * float(rated_current((wire,), limit, 303.15, FREE)[0])
    block = Block(wire, 303.15)
    truth, _ = block.run(amps, 2000.0, limit)
    ours = float(seconds_to(wire, [amps], 0.0, (limit,), 303.15)[0, 0])
    assert 0.90 * truth < ours < 1.02 * truth


@pytest.mark.parametrize(
    ("name", "duty"),
    [
        ("18 AWG silicone", Duty(8.0, 30.0, 10.0)),
        ("14 AWG silicone", Duty(15.0, 60.0, 30.0)),
        ("20 AWG silicone", Duty(4.0, 20.0, 5.0, 25.0)),
        ("16 AWG silicone", Duty(6.0, 40.0, 3.0, 20.0)),
    ],
)
@pytest.mark.slow
def test_the_hottest_moment_of_a_duty_is_that_of_finite_differences(name, duty):
    """Band of the rise: 0.98 to 1.08, the differences being stopped after nine peaks. Twelve duties by hand, longer: 0.990 to 1.05."""
    wire = named(name)
    block = Block(wire, 303.15)
    block.run(duty.steady_a, 420.0)
    top = 0.0
    for _ in range(1 if duty.every_s is None else 9):
        _, now = block.run(duty.peak_a, duty.peak_s)
        top = max(top, now)
        if duty.every_s:
            block.run(duty.steady_a, duty.every_s - duty.peak_s)
    ours = float(hottest_in_duty((wire,), duty, 303.15, FREE)[0])
    assert 0.98 < (ours - 303.15) / (top - 303.15) < 1.08


def test_a_thin_wire_in_a_long_peak_is_seen_to_burn(hoist, library):
    """22 AWG at 5 A with 20 A for 300 s reaches over 300 °C (outside model, from the issue)."""
    wire = named("22 AWG silicone")
    assert hottest_in_duty((wire,), Duty(5.0, 20.0, 300.0), 303.15, WireLaying.PAIR, 2)[0] > 573.15
    thin = hoist.with_edits(
        ("brief.current_steady_a", 5.0),
        ("brief.current_peak_a", 20.0),
        ("brief.peak_duration_s", 300.0),
        ("leads.wire", wire),
    )
    finding = found(thin, library)["LE-22"]
    assert finding.severity.word == "stop"
    assert "20 A for 5 min" in finding.sentence
    mended = finding.fix.applied(thin)
    assert "LE-22" not in found(mended, library)


def test_peaks_that_come_again_are_hotter_than_one_and_no_hotter_than_all_the_time():
    wires = tuple(w for w in SHELF.wires if "silicone" in w.name and 0.5e-6 < w.area_m2 < 10e-6)
    once = hottest_in_duty(wires, Duty(10.0, 30.0, 10.0), 303.15, FREE)
    again = hottest_in_duty(wires, Duty(10.0, 30.0, 10.0, 30.0), 303.15, FREE)
    always = hottest_in_duty(wires, Duty(30.0, 30.0, 0.0), 303.15, FREE)
    assert (again >= once - 0.3).all()
    assert ((again <= always + 0.5) | (always >= 899)).all()
    assert hottest_in_duty(wires[:1], Duty(30.0, 300.0, 60.0), 303.15, FREE)[0] == HOTTEST_K


def test_a_wire_alone_warms_as_it_does_beside_others():
    """Of one wire the sum is done in plain numbers, of several by NumPy."""
    rng = random.Random(4)
    for _ in range(25):
        wires, steady = tuple(rng.sample(list(SHELF.wires), 3)), 10 ** rng.uniform(0, 2)
        duty = Duty(steady, steady * rng.uniform(1, 4), 10 ** rng.uniform(-1, 2.5))
        together = hottest_in_duty(wires, duty, 303.15, FREE)
        alone = [float(hottest_in_duty((wire,), duty, 303.15, FREE)[0]) for wire in wires]
        assert alone == pytest.approx(together.tolist(), abs=1e-6)


def test_damage_comes_later_the_less_current_and_the_cooler_the_start():
    rng = random.Random(5)
    for _ in range(12):
        wire = rng.choice(SHELF.wires)
        limit = float(rated_current((wire,), wire.insulation_limit_k, 303.15, FREE)[0])
        current = np.geomspace(1.05 * limit, 60 * limit, 24)
        cold = wire_times(wire, current, 0.0, wire.insulation_limit_k, 303.15)
        loaded = wire_times(wire, current, 0.8 * limit, wire.insulation_limit_k, 303.15)
        assert (np.diff(cold) <= 1e-9).all()
        assert (loaded <= cold + 1e-9).all()
        assert wire_times(wire, 0.97 * limit, 0.0, wire.insulation_limit_k, 303.15) == NEVER_S


def test_what_is_withstood_for_certain_is_so_when_it_is_followed_through_time():
    rng = random.Random(17)
    spared = 0
    for _ in range(40):
        wire = rng.choice(SHELF.wires)
        laying, together = rng.choice([(FREE, 1), (WireLaying.PAIR, 2), (WireLaying.BUNDLE, 6)])
        limit = float(rated_current((wire,), wire.insulation_limit_k, 313.15, laying, together)[0])
        current = np.geomspace(0.9 * limit, 80 * limit, 32)
        until = 10.0 ** np.array([rng.uniform(-3, 3) for _ in current])
        loaded = rng.uniform(0, 1.1) * limit
        asked = wire, current, loaded, wire.insulation_limit_k, 313.15, laying, together
        followed, told = wire_times(*asked), wire_times(*asked, until)
        assert ((followed >= until) == (told >= until)).all()
        assert told[told < until] == pytest.approx(followed[told < until], rel=1e-6)
        spared += int((told[followed < NEVER_S] == NEVER_S).sum())
    assert spared > 100


# -- laid together ------------------------------------------------------------------------------------------


@pytest.mark.parametrize(("together", "factor"), [(3, 0.7), (4, 0.6), (6, 0.6), (8, 0.5), (24, 0.5)])
def test_bundles_are_rated_no_higher_than_abyc_allows(together, factor):
    """ABYC E-11 bundling (values from memory): 3 conductors × 0.7, 4–6 × 0.6, 7–24 × 0.5."""
    assert together_factor(together) == factor
    free = rated_current(SHELF.wires, 353.15, 303.15, FREE)
    bundled = rated_current(SHELF.wires, 353.15, 303.15, WireLaying.BUNDLE, together)
    assert (bundled <= factor * free * 1.0001).all()
    assert (bundled > 0.3 * free).all()


def test_two_leads_in_one_sleeve_are_rated_no_higher_than_two_in_free_air():
    pair = rated_current(SHELF.wires, 353.15, 303.15, WireLaying.PAIR, 2)
    sleeved = rated_current(SHELF.wires, 353.15, 303.15, WireLaying.SLEEVE, 2)
    assert (sleeved <= pair * 1.0001).all()


# -- fuse and connector in the duty -----------------------------------------------------------------------


def fuse(kind: FuseKind, amps: float) -> Fuse:
    return Fuse(name="x", construction=kind, rating_a=amps, voltage_dc_v=80, breaking_a=5000)


def test_a_fuse_is_judged_by_the_seconds_of_the_peak_both_ways():
    """A 40 A blade may open within 300 s of 51.7 A (1.29 times); a bolted 60 A holds 88.8 A (1.48 times) for 1 s."""
    long, short = Duty(20.0, 51.7, 300.0), Duty(40.0, 88.8, 1.0)
    assert not fit_fuse(fuse(FuseKind.BLADE, 40), long, 100, 1000, 42).carries_load
    assert fit_fuse(fuse(FuseKind.BOLTED, 60), short, 100, 1000, 42).carries_load
    for kind in FuseKind:
        for duty in (long, short, Duty(10.0, 30.0, 20.0), Duty(10.0, 30.0, 0.02)):
            least = least_rating(duty, kind)
            assert opening_times(fuse(kind, least * 1.001), duty.peak_a)[0] >= 1.45 * duty.peak_s
            assert least >= duty.steady_a / 0.8 - 1e-9


def test_peaks_that_come_again_count_by_their_mean_square():
    assert Duty(10.0, 30.0, 10.0, 20.0).rms_a == pytest.approx(math.sqrt((900 + 100) / 2))
    assert Duty(10.0, 30.0, 10.0).rms_a == 10.0
    assert least_rating(Duty(10.0, 30.0, 10.0, 20.0)) >= 22.36 / 0.8


def test_a_fuse_many_times_the_wire_is_a_stop(hoist, library):
    large = hoist.edited("leads.fuse", part_named(library, Fuse, "bolted fuse 80 V, 300 A"))
    assert found(large, library)["LE-8"].severity.word == "stop"


def test_contacts_follow_the_peak_as_a_body_of_first_order():
    plug = part_named(SHELF, Connector, "keyed twin-bullet 4.5 mm")
    constant = contact_time_constant(plug)
    assert 5 < constant < 300
    duty = Duty(20.0, 60.0, 30.0, 120.0)
    rise = (plug.temperature_max_k - 303.15) / plug.current_continuous_a**2
    kelvin, top = 0.0, 0.0
    for _ in range(60):
        for amps, seconds in ((60.0, 30.0), (20.0, 90.0)):
            for _ in range(int(seconds * 10)):
                kelvin += 0.1 * (rise * amps**2 - kelvin) / constant
                top = max(top, kelvin)
    assert contact_in_duty(plug, duty, 303.15) - 303.15 == pytest.approx(top, rel=0.02)


def test_the_rush_meets_the_resistance_of_a_short_and_not_more(hoist, library):
    """Inrush and short circuit begin with the same source: what rushes is at most the short with the leads in its way."""
    a = analyse(hoist.edited("brief.load_capacitance_f", 0.002), library)
    source = a.pack.voltage_full_v / a.pack.short_circuit_a
    # A bolted fuse of 40 A has 2.5 mΩ warm (0.1 V at its rating, from memory); cold it is left out, to the safe side.
    way = source + a.leads.loop_ohm - 0.0025
    assert a.leads.inrush_a == pytest.approx(a.pack.voltage_full_v / way, rel=1e-6)
