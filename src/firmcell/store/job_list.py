"""The jobs of a folder, a line each: what it is, what stands against it, and how far it is built."""

from collections.abc import Iterator
from datetime import date
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
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.step import next_step
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.job_lock import try_to_hold
from firmcell.store.whole_job import standing_of

ARCHIVE = "archive"
"""Name of the folder for jobs that are done with, beside the others."""
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
    customer, promised : for whom, and for which day it was promised, such as 2026-12-24.
    open_findings : stops and attention, the worst first, a sentence each.
    picture : of the pack or the thing; None where it cannot be read.
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
    customer: str = ""
    promised: str = ""
    open_findings: tuple[str, ...] = ()
    picture: Drawing | None = None

    @property
    def is_built(self) -> bool:
        """Whether every step is passed."""
        return self.steps > 0 and self.passed == self.steps

    @property
    def is_archived(self) -> bool:
        """Whether it lies in a folder for jobs that are done with."""
        return self.path.parent.name == ARCHIVE

    def due(self, today: date) -> str:
        """What a promised day means today, in words; "" for none, or when it is built."""
        if not self.promised or self.is_built:
            return ""
        days = (date.fromisoformat(self.promised) - today).days
        if days < 0:
            return f"late by {plural(-days, 'day')}"
        return "today" if not days else "tomorrow" if days == 1 else f"in {days} days"

    @property
    def stands(self) -> str:
        """How it stands, in words."""
        if self.fault:
            return "cannot be read"
        if self.stops:
            return plural(self.stops, "stop")
        if self.is_built:
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
    plan = plan_of(design)
    pack = plan.subject is Subject.PACK
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
        "",
        design.brief.customer,
        design.brief.promised,
        tuple(f"{f.severity.word}, {f.code}: {f.sentence}" for f in found if f.severity is not Severity.NOTE),
        next((picture for picture in plan.pictures(design, analysis)), None),
    )


def archived(path: Path) -> Path:
    """Put a job into the folder for jobs that are done with, or back out of it; returns where it lies now.

    Raises
    ------
    Refusal
        If somebody has it open, or one of its name lies there.
    """
    there = path.parent.parent if path.parent.name == ARCHIVE else path.parent / ARCHIVE
    target = there / path.name
    holder, lock = try_to_hold(path)
    if lock is None:
        raise Refusal(f"{path.name} cannot be moved: {holder}.")
    try:
        if any(path.with_name(path.name + end).exists() for end in ("-wal", "-journal")):
            raise Refusal(f"{path.name} was not closed the last time: open it once, then move it.")
        if target.exists():
            raise Refusal(f"{target} is there already; give this one another name first.")
        there.mkdir(exist_ok=True)
        path.rename(target)
    except OSError as error:
        raise Refusal(f"{path.name} could not be moved: {error.strerror}.") from None
    finally:
        lock.release()
    return target


def copied_as_template(path: Path, target: Path, person: str) -> None:
    """Make another job of the design of one, with none of its records.

    Raises
    ------
    Refusal
        If it cannot be read, or something is there already.
    """
    with JobFile.open(path, read_only=True) as job:
        design = job.latest().design().as_template
    JobFile.create(target, design, person, f"from {path.name}").close()


def lines_of(folder: Path, library: PartLibrary) -> Iterator[tuple[JobLine, ...]]:
    """Yield the lines of the jobs in a folder, one more each time; nothing where there is none."""
    found: tuple[JobLine, ...] = ()
    for path in job_files(folder):
        found = (*found, line_of(path, library))
        yield found
