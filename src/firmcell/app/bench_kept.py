"""What stands on the bench of an open job, kept for as long as its analysis and its plan are the same."""

from weakref import WeakKeyDictionary

from firmcell.app.session import Session
from firmcell.core.bench.on_bench import OnBench

_KEPT: WeakKeyDictionary[Session, OnBench] = WeakKeyDictionary()


def on_bench(session: Session) -> OnBench:
    """Return what stands on the bench; one and the same for one analysis and plan."""
    kept = _KEPT.get(session)
    if kept is None or kept.wiring is not session.analysis.wiring or kept.steps is not session.steps:
        kept = _KEPT[session] = session.plan.on_bench(session.design, session.analysis, session.steps)
    return kept
