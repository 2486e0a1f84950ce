"""Work off the interface thread: it holds on to nobody when it has ended, and garbage is looked for on the interface thread only."""

import gc
import threading
import time
import weakref

from PySide6.QtCore import QObject

from firmcell.app import background
from firmcell.app.background import Search, Task
from tests.conftest import patience


class _Ring:
    """A ring of references that only a search for garbage finds; it notes the thread that it dies in."""

    died_in: list[str] = []

    def __init__(self):
        self.me = self

    def __del__(self):
        self.died_in.append(threading.current_thread().name)


def test_garbage_made_in_the_pool_dies_on_the_interface_thread(qtbot, tidy):
    _Ring.died_in.clear()

    def work():
        for _ in range(20_000):
            _Ring()
        return 1

    told = []
    Task(work, told.append, told.append).start()
    qtbot.waitUntil(lambda: told == [1], timeout=10_000)
    # The timer may have looked already, on this thread; no search began in the other.
    main = threading.main_thread().name
    assert set(_Ring.died_in) <= {main}
    assert not gc.isenabled()
    while tidy.look():
        pass
    gc.collect()
    assert set(_Ring.died_in) == {main}
    assert len(_Ring.died_in) == 20_000


def test_an_ended_task_holds_on_to_nobody(qtbot):
    class Owner:
        def done(self, _):
            pass

    owner = Owner()
    gone = weakref.ref(owner)
    ended = []
    task = Task(
        lambda: 3, lambda result, o=owner: (o.done(result), ended.append(result)), ended.append
    ).start()
    del owner
    qtbot.waitUntil(lambda: ended == [3], timeout=5_000)
    qtbot.waitUntil(lambda: gone() is None, timeout=5_000)
    assert task not in background._ALIVE
    # Kept for a moment, so that its thread has let go of it before it is destroyed here.
    assert any(job is task for _, job in background._ENDED)


def test_an_ended_search_has_no_steps_left(qtbot):
    owner = QObject()
    search = Search(lambda: iter((1, 2, 3)), owner)
    with qtbot.waitSignal(search.finished, timeout=5_000) as last:
        search.start()
    assert last.args == [3]
    qtbot.waitUntil(lambda: list(search._steps()) == [], timeout=5_000)


def test_all_work_is_given_up_at_the_end_of_the_program(qtbot):
    def endless():
        n = 0
        while True:
            n += 1
            time.sleep(0.002)
            yield n

    owner, told = QObject(), []
    search = Search(endless, owner)
    search.progressed.connect(told.append)
    search.finished.connect(told.append)
    task = Task(lambda: time.sleep(0.1), told.append, told.append)
    search.start()
    task.start()
    qtbot.waitUntil(lambda: bool(told), timeout=5_000)
    start = time.monotonic()
    assert background.end_all()
    assert time.monotonic() - start < patience(2)
    said = len(told)
    qtbot.wait(100)
    assert len(told) == said
    assert search not in background._ALIVE
    assert task not in background._ALIVE
