"""Fuse against wire: what is told must cover every current at which the fuse takes longer than the wire stands, looked for at
random currents and not on the grid that the program looks at."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.leads.fuse_timing import LEADS_TOGETHER, NEVER_S, opening_times, protection, wire_times
from firmcell.core.leads.wire_rating import carriers
from firmcell.core.leads.wire_transient import Wires
from firmcell.core.model.duty import Duty
from firmcell.core.model.wire_laying import WireLaying
from firmcell.store.part_files import shipped_library
from tests.conftest import cases

SHELF = shipped_library()
STRIP = (SHELF.strips[6], 1, 1.0)


@pytest.mark.slow
@given(
    fuse=st.sampled_from(SHELF.fuses),
    wire=st.sampled_from(SHELF.wires),
    loaded=st.floats(0.1, 0.8),
    multiple=st.floats(1.5, 60),
    laying=st.sampled_from(list(WireLaying)),
    parallel=st.sampled_from([1, 1, 2]),
    ambient=st.floats(273.15, 313.15),
    where=st.lists(st.floats(0.0, 1.0), min_size=8, max_size=8),
)
@settings(max_examples=cases(60))
def test_no_current_that_burns_the_wire_first_is_left_out(
    fuse, wire, loaded, multiple, laying, parallel, ambient, where
):
    short = fuse.rating_a * multiple
    duty = Duty(loaded * fuse.rating_a, 1.5 * loaded * fuse.rating_a, 5.0, None)
    told = protection(fuse, wire, laying, STRIP, duty, ambient, short, 0.1, parallel)
    currents = fuse.rating_a * 1.4 * (short / (fuse.rating_a * 1.4)) ** np.array([*where, 1.0])
    _, longest = opening_times(fuse, currents)
    known, share = longest < NEVER_S, carriers(parallel)
    until = float(longest[known].max(initial=0.0))
    stands = wire_times(
        wire,
        currents / share,
        duty.lasting_a / share,
        wire.insulation_limit_k,
        ambient,
        laying,
        LEADS_TOGETHER,
        until,
    )
    # A fiftieth aside: times are of steps, which begin elsewhere.
    burnt = currents[known & (longest > 1.02 * stands)]
    if not len(burnt):
        return
    assert told.slow_from_a is not None
    assert told.slow_from_a <= burnt.min() * 1.031
    assert told.slow_to_a >= burnt.max() / 1.031
    assert told.slow_to_a <= max(short, told.slow_from_a)


def test_another_short_circuit_of_the_pack_changes_only_how_far_it_is_told():
    """The same fuse and wire in packs of 200 to 900 A: it begins at the same current."""
    fuse = next(f for f in SHELF.fuses if 25 <= f.rating_a <= 40)
    wire = min(SHELF.wires, key=lambda w: w.area_m2)
    duty = Duty(2.0, 3.0, 5.0, None)
    told = [
        protection(fuse, wire, WireLaying.PAIR, STRIP, duty, 293.15, short, 0.1)
        for short in (200.0, 450.0, 900.0)
    ]
    begins = {p.slow_from_a for p in told}
    assert len(begins) == 1
    assert None not in begins
    ends = [p.slow_to_a for p in told]
    assert ends == sorted(ends)


def test_a_wire_that_has_settled_is_not_run_on_for_hours(monkeypatch):
    """A thin wire at a current that nearly runs away: its steps stay under a second, and it once was run through a
    hundred hours of them, for minutes, while the window stood still."""
    fuse, wire = SHELF.fuses[0], SHELF.wires[0]
    taken = []
    real = Wires.step
    monkeypatch.setattr(Wires, "step", lambda self, *of: taken.append(1) or real(self, *of))
    duty = Duty(0.1 * fuse.rating_a, 0.15 * fuse.rating_a, 5.0, None)
    for ambient in (273.15, 293.15, 313.15):
        protection(fuse, wire, WireLaying.FREE, STRIP, duty, ambient, fuse.rating_a * 60, 0.1)
    assert 30 < len(taken) < 3000
