"""Main leads: worked by hand, and what must always hold."""

import itertools

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.leads.connectors import connector_limit
from firmcell.core.leads.main_leads import GaugesAsk, Loop, loop_resistance, wire_options
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Connector, FuseKind, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.wiring.current_way import loop_of
from firmcell.store.part_files import part_named, shipped_library

HALF_METRE = Loop(0.5, 0.002)


def test_loop_of_the_hoist_by_hand(hoist, hoist_analysis):
    """2 × 0.25 m of 10 AWG at 20 °C (3.343 mΩ/m) and the piece from the strip to the board + 2 × 0.4 mΩ contacts + 1 mΩ holder and the fuse.

    A bolted fuse loses about 0.1 V at its rating (from memory): 2.5 mΩ for one of 40 A.
    """
    assert (hoist.leads.fuse.construction, hoist.leads.fuse.rating_a) == (FuseKind.BOLTED, 40.0)
    per_metre = 1.7241e-8 * 1.02 / 5.261e-6
    loop = loop_of(hoist_analysis.wiring)
    to_board = next(e.wire.length_m for e in hoist_analysis.wiring.wires if e.wire.name == "B−")
    assert loop_resistance(loop, hoist.leads.wire, 293.15) == pytest.approx(
        (0.5 + to_board) * per_metre + 0.0018 + 0.0025, rel=1e-3
    )


def test_no_fuse_no_fuse_resistance(hoist, hoist_analysis, library):
    bare = analyse(hoist.edited("leads.fuse", None), library)
    less = loop_of(hoist_analysis.wiring).ohm - loop_of(bare.wiring).ohm
    assert less == pytest.approx(0.001 + 0.1 / 40.0)


def test_a_small_fuse_has_more_resistance_than_a_large_one(library):
    """Blade fuses, from memory: some 20 mΩ at 5 A, 7 at 10 A, 2 to 3 at 30 A; what is told is not below."""
    blades = {f.rating_a: f.element_ohm for f in library.fuses if f.construction is FuseKind.BLADE}
    for rating, least in ((5.0, 0.018), (10.0, 0.007), (30.0, 0.002)):
        if rating in blades:
            assert least <= blades[rating] <= 2 * least
    ordered = [blades[rating] for rating in sorted(blades)]
    assert ordered == sorted(ordered, reverse=True)
    assert len(ordered) > 2


def test_connector_derates_with_the_root_of_the_rise_left(library):
    """Body limit 105 °C, given at 30 °C: at 60 °C the rise left is 45 of 75 K, √0.6 = 0.7746, by hand."""
    part = part_named(library, Connector, "keyed twin-bullet 4.5 mm")
    assert connector_limit(part, 303.15) == pytest.approx(70)
    assert connector_limit(part, 333.15) == pytest.approx(70 * 0.7746, rel=1e-4)
    assert connector_limit(part, 263.15) == pytest.approx(70)  # never above the class value
    assert connector_limit(part, 400.0) == 0


def test_proposed_wire_is_the_smallest_that_does_it(hoist, hoist_analysis, library):
    good = [o for o in hoist_analysis.leads.options if o.good]
    assert hoist_analysis.leads.proposed_wire == good[0].wire
    areas = {w.name: w.area_m2 for w in library.wires}
    for option in hoist_analysis.leads.options:
        if areas[option.wire] < areas[good[0].wire]:
            assert not option.good


@given(amps=st.floats(0.5, 80), more=st.floats(0.1, 40))
def test_more_current_never_needs_a_thinner_wire(amps, more):
    from firmcell.store.demo import orchard_hoist

    library = shipped_library()
    leads = orchard_hoist(library).leads
    areas = {w.name: w.area_m2 for w in library.wires}
    small, large = (
        wire_options(GaugesAsk(library.wires, leads, HALF_METRE, Duty(drawn, 1.5 * drawn, 10.0), 303.15))[1]
        for drawn in (amps, amps + more)
    )
    if small and large:
        assert areas[large] >= areas[small]
    assert small or not large


def test_what_rules_the_gauge_is_told(hoist, library):
    def ruled(drop, length):
        design = hoist.edited("leads.length_m", length).edited("leads.drop_limit_v", drop)
        return analyse(design, library).leads

    # 33.3 A of fuse for 25 A steady: the wire must carry the fuse, not only the load.
    assert ruled(5.0, 0.25).rules_gauge == "fuse"
    assert ruled(0.4, 1.5).rules_gauge == "drop"
    assert ruled(0.01, 5.0).proposed_wire is None


def test_thinner_wire_of_the_same_copper_class_is_never_cooler(library):
    from firmcell.core.physics.wire_heat import wire_temperatures

    wires = sorted((w for w in library.of(Wire) if "AWG" in w.gauge), key=lambda w: w.area_m2)
    temperatures = wire_temperatures(wires, 10.0, 303.15)
    assert all(thin >= thick - 1e-6 for thin, thick in itertools.pairwise(temperatures))


def test_a_fuse_is_held_against_leads_in_insulation_as_warm_as_they_lie(hoist, library, monkeypatch):
    """They start from the air inside, not from that outside: the wire stands less before the fuse opens."""
    seen = []
    monkeypatch.setattr("firmcell.core.analysis.analyse.protection", lambda *asked: seen.append(asked[5]))
    for laying in (WireLaying.FREE, WireLaying.INSULATION):
        analyse(hoist.edited("leads.laying", laying), library)
    assert seen == [hoist.brief.ambient_max_k, hoist.cell.temperature_max_k]
