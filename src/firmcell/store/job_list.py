"""The jobs of a folder, a line each: what it is, what stands against it, and how far it is built."""

from collections.abc import Iterator
from pathlib import Path

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.jobs import findings_of, plan_of, steps_of
from firmcell.core.jobs.plan import Subject
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.step import next_step
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.whole_job import standing_of

DEEPEST, MOST_JOBS = 3, 1000
"""Folders in folders that are looked through, and jobs that are listed."""


@frozen
class JobLine:
    """One job of a folder.

    Attributes
    ----------
    path : its file.
    title, kind, what, serial : of the design saved last; `what` such as ``10S4P``, empty where there is no
        pack.
    stops, attention : findings of that weight.
    passed, steps : steps passed, and all.
    step : title of the step at hand; empty when all are passed.
    saved : when the design was saved, ISO 8601.
    fault : why it cannot be read, in a sentence; the rest is empty then.
    """

    path: Path
    title: str = ""
    kind: str = ""
    what: str = ""
    serial: str = ""
    stops: int = 0
    attention: int = 0
    passed: int = 0
    steps: int = 0
    step: str = ""
    saved: str = ""
    fault: str = ""

    @property
    def stands(self) -> str:
        """How it stands, in words."""
        if self.fault:
            return "cannot be read"
        if self.stops:
            return plural(self.stops, "stop")
        if self.steps and self.passed == self.steps:
            return "built"
        return "attention" if self.attention else "fine"

    @property
    def at(self) -> str:
        """How far it is built, or why it cannot be read, in words."""
        if self.fault or not self.steps:
            return self.fault
        begun = f"{self.passed} of {self.steps}"
        return f"{begun}, next: {self.step}" if self.step and self.passed else begun


def job_files(folder: Path) -> list[Path]:
    """Return the job files of a folder and of folders in it, by name.

    Raises
    ------
    Refusal
        If it is no folder, or holds more than can be listed.
    """
    if not folder.is_dir():
        raise Refusal(f"{folder} is not a folder.")
    found: list[Path] = []
    for depth in range(DEEPEST + 1):
        pattern = "*/" * depth + f"*{SUFFIX}"
        found += [p for p in folder.glob(pattern) if p.is_file() and not p.name.startswith(".")]
        if len(found) > MOST_JOBS:
            raise Refusal(f"{folder} holds more than {MOST_JOBS} jobs; choose a folder in it.")
    return sorted(found, key=lambda path: (path.parent, path.name.lower()))


def line_of(path: Path, library: PartLibrary) -> JobLine:
    """Return the line of a job; what cannot be read is told in it."""
    try:
        with JobFile.open(path, read_only=True) as job:
            latest = job.latest()
            design = latest.design()
            analysis = analyse(design, library)
            state = standing_of(job, design, analysis).state
    except Refusal as refusal:
        return JobLine(path, fault=refusal.sentence)
    steps = steps_of(design, analysis)
    measured = as_measured(design, state)
    metal = solve_under_load(measured, analysis.layout, analysis.pack.run_time_s)
    found = findings_of(Situation(design, analysis, state, library, metal))
    following = next_step(steps, state)
    pack = plan_of(design).subject is Subject.PACK
    return JobLine(
        path,
        design.brief.title,
        design.kind.value,
        f"{design.series}S{design.parallel}P" if pack else "",
        design.serial,
        sum(f.severity is Severity.STOP for f in found),
        sum(f.severity is Severity.ATTENTION for f in found),
        sum(state.step(step.code).status is StepStatus.PASSED for step in steps),
        len(steps),
        following.title if following is not None else "",
        latest.time,
    )


def lines_of(folder: Path, library: PartLibrary) -> Iterator[tuple[JobLine, ...]]:
    """Yield the lines of the jobs in a folder, one more each time; nothing where there is none."""
    found: tuple[JobLine, ...] = ()
    for path in job_files(folder):
        found = (*found, line_of(path, library))
        yield found
