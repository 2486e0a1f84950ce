"""The ledger sorts records as they come; told again here by looking through all of them."""

from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.records.events import Correction, Remark, TapReading
from firmcell.core.records.ledger import Ledger, ledger_of
from tests.conftest import cases
from tests.core.records.test_records import chain

ONE = st.one_of(
    st.builds(Remark, text=st.just("r")),
    st.builds(TapReading, tap=st.integers(1, 5), volts=st.floats(0, 40)),
    st.builds(Correction, seq=st.integers(1, 14), reason=st.just("x")),
)
STEPS = st.sampled_from(["", "weld-row", "guard-ring", "cell-bms-ring"])


def still_stand(events):
    """Numbers that no standing correction names, from the last record back."""
    gone = set()
    for event in reversed(events):
        if event.data.kind == "correction" and event.seq not in gone and event.data.seq < event.seq:
            gone.add(event.data.seq)
    return [e for e in events if e.seq not in gone]


@settings(max_examples=cases(60), deadline=None)
@given(st.lists(st.tuples(STEPS, ONE), max_size=14))
def test_a_ledger_that_grows_tells_what_looking_through_all_tells(pairs):
    events = chain(*pairs)
    grown = Ledger()
    for event in events:
        grown.append(event)
    stand = still_stand(events)
    for ledger in (grown, Ledger(events)):
        assert list(ledger) == events
        assert len(ledger) == len(events)
        assert ledger.standing == stand
        assert ledger.taken == {e.seq for e in events} - {e.seq for e in stand}
        assert ledger.of_kind(TapReading) == [e.data for e in stand if e.data.kind == "tap-reading"]
        assert ledger.with_kind(TapReading, Remark) == [e for e in stand if e.data.kind != "correction"]
        # Records of the first version name the step as it was called then.
        assert ledger.of_step("cell-bms-ring") == [
            e for e in stand if e.step in ("guard-ring", "cell-bms-ring")
        ]
        assert ledger.of_step("guard-ring") == []
        assert sorted(e.seq for _, _, some in ledger.by_revision_and_step() for e in some) == [
            e.seq for e in stand
        ]


def test_records_that_are_a_ledger_are_not_sorted_again():
    ledger = Ledger(chain(("", Remark(text="r"))))
    assert ledger_of(ledger) is ledger
    assert list(ledger_of(iter(ledger))) == list(ledger)
