"""Fixtures: the demo designs, jobs in scratch folders, and an application without a screen."""

import os
import time

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from pathlib import Path

import pytest
from hypothesis import settings

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Finding, Situation
from firmcell.core.jobs import findings_of
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.store import demo
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library

# No deadline: the machines that run this are shared, and a slow moment is no fault. In CI the cases are always the same, and
# fewer, so that it ends in its quarter of an hour on a slow day; ./check by hand looks at all of them.
CI = bool(os.environ.get("CI"))
settings.register_profile("quick", deadline=None, derandomize=True, max_examples=10)
settings.register_profile("here", deadline=None, derandomize=CI, max_examples=25 if CI else 100)
settings.load_profile("here")


def cases(count: int) -> int:
    """How many cases a test looks at that names its own number: a third of them in CI."""
    return max(count // 3, 5) if CI else count


USUAL_S = 0.03
"""What a machine of the usual speed takes for a fixed piece of work, s."""


def patience(seconds: float) -> float:
    """So many seconds on a machine of the usual speed, on this one, as fast as it is at this moment: the machines that run
    this are shared, and have been four times slower from one hour to the next."""
    began, total = time.perf_counter(), 0
    for number in range(300_000):
        total += number
    return seconds * max(1.0, (time.perf_counter() - began) / USUAL_S)


@pytest.fixture(autouse=True)
def _own_home(tmp_path_factory: pytest.TempPathFactory, monkeypatch: pytest.MonkeyPatch) -> None:
    home = tmp_path_factory.mktemp("home")
    for name in ("HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME"):
        monkeypatch.setenv(name, str(home))


@pytest.fixture(scope="session")
def library() -> PartLibrary:
    return shipped_library()


@pytest.fixture(scope="session")
def hoist(library: PartLibrary) -> Design:
    """The hoist's pack in whole rows in a plain box; the demo's own lies in an odd tray (`odd_hoist`)."""
    return demo.hoist_in_rows(library).with_edits(
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.box_length_m", 0.240),
        ("brief.box_width_m", 0.110),
        ("joining.link_layers", 2),
        ("joining.collector_layers", 2),
    )


@pytest.fixture(scope="session")
def odd_hoist(library: PartLibrary) -> Design:
    return demo.orchard_hoist(library)


@pytest.fixture(scope="session")
def hoist_analysis(hoist: Design, library: PartLibrary) -> Analysis:
    return analyse(hoist, library)


@pytest.fixture
def job(tmp_path: Path, hoist: Design):
    with JobFile.create(tmp_path / "hoist.firmcell", hoist, "Wren Ashby") as opened:
        yield opened


def found(design: Design, library: PartLibrary, state=EMPTY_STATE) -> dict[str, Finding]:
    """Findings of a design by code (the first of each)."""
    findings = findings_of(Situation(design, analyse(design, library), state, library))
    return {f.code: f for f in reversed(findings)}
