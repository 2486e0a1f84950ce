"""A first design of what the shop has: judged again by all rules with the metal solved, for stocks drawn at random."""

import random

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.changes.from_stock import parts_in
from firmcell.core.jobs import findings_of, first_job
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import PART_KINDS, Contact
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.stock.at_hand import PROPOSED, AtHand, named
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store import demo
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()


def told(design):
    """Codes of stops and of what asks for attention."""
    analysis = analyse(design, SHELF)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    found = findings_of(Situation(design, analysis, EMPTY_STATE, SHELF, metal))
    return [
        sorted(f.code for f in found if f.severity is severity)
        for severity in (Severity.STOP, Severity.ATTENTION)
    ]


def drawn(dice):
    """A stock: a few classes of each kind, as they happen to lie about."""
    names = set()
    for kind in PROPOSED:
        every = SHELF.of(PART_KINDS[kind])
        some = dice.sample(list(every), min(len(every), dice.choice([1, 3, 6])))
        names |= {(kind, named(part.name)) for part in some}
    return AtHand(frozenset(names), (), dice.choice([None, Contact.TWIN_BULLET, Contact.T_BLADE]))


@pytest.mark.slow
@pytest.mark.parametrize(
    ("name", "kind"),
    [
        ("orchard-hoist", JobKind.NEW_PACK),
        ("hay-loft-lantern", JobKind.NEW_PACK),
        ("log-splitter-cable", JobKind.POWER_CABLE),
        ("barrow-machine-leads", JobKind.MACHINE_LEADS),
    ],
)
def test_stock_never_makes_a_proposal_worse_and_never_makes_another_part_be_bought(name, kind):
    brief = demo.DEMO_JOBS[name][1](SHELF).brief
    usual = first_job(brief, kind, SHELF)
    before, dice, changed = told(usual), random.Random(name), 0
    for _ in range(2):
        stock = drawn(dice)
        design = first_job(brief, kind, SHELF, at_hand=stock)
        changed += design != usual
        for now, then in zip(told(design), before, strict=True):
            assert all(now.count(code) <= then.count(code) for code in now), (now, then)
        bought = {part.name for part in parts_in(design) if not stock.has(part)}
        assert bought <= {part.name for part in parts_in(usual)}
        assert design.cell == usual.cell
    assert changed, "something of it was used"


def test_a_shop_that_has_just_what_is_asked_gets_it():
    """The usual proposal's own parts in stock change nothing, and a way that brings a stop is not followed."""
    brief = demo.bee_house_scale(SHELF).brief
    usual = first_job(brief, JobKind.NEW_PACK, SHELF)
    own = AtHand(frozenset((part.kind, named(part.name)) for part in parts_in(usual)))
    assert first_job(brief, JobKind.NEW_PACK, SHELF, at_hand=own) == usual
    liked = AtHand(
        ways=(("leads.first_lead", '"positive first"'), ("no.such_field", "1"), ("leads.flux", "{"))
    )
    assert first_job(brief, JobKind.NEW_PACK, SHELF, at_hand=liked).leads.first_lead.value == "positive first"
    harmful = AtHand(ways=(("leads.length_m", "0.0"), ("series", "9")))
    assert first_job(brief, JobKind.NEW_PACK, SHELF, at_hand=harmful).series == usual.series
