"""What this workshop took for its steps is kept, the latest twenty of each, and a damaged file is no fault."""

from firmcell.store import step_times
from firmcell.store.step_times import MOST_KEPT, keep_time, learned_times


def test_times_are_kept_and_learned_from():
    assert learned_times() == {}
    for seconds in (100, 200, 400):
        keep_time("rings", seconds)
    assert learned_times() == {"rings": 200.0}
    for _ in range(2 * MOST_KEPT):
        keep_time("rings", 60)
    assert learned_times() == {"rings": 60.0}


def test_a_damaged_file_is_as_none():
    keep_time("rings", 1.0)
    for text in ("{", "[]", '{"rings": "x"}', '{"rings": [1, "a"]}'):
        step_times._file().write_text(text)
        assert learned_times() == {}
    keep_time("rings", 5.0)
    assert learned_times() == {}
