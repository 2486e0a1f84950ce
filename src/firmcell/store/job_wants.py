"""What the jobs of some files still want."""

from collections.abc import Iterable, Mapping
from pathlib import Path

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import steps_of
from firmcell.core.jobs.parts_list import used_in
from firmcell.core.jobs.parts_used import known_parts
from firmcell.core.jobs.shopping import JobWants
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import StepStatus
from firmcell.store.job_file import JobFile
from firmcell.store.whole_job import standing_of


def wants_of(path: Path, library: PartLibrary, cells_in_jobs: Mapping[str, int]) -> JobWants:
    """Return what the steps of a job that are not passed want.

    Parameters
    ----------
    path : Path
        Of the job.
    library : PartLibrary
    cells_in_jobs : mapping
        Cells that the register has put into jobs, by title.

    Raises
    ------
    Refusal
        If it cannot be read.
    """
    with JobFile.open(path, read_only=True) as job:
        design = job.latest().design()
        analysis = analyse(design, library)
        state = standing_of(job, design, analysis).state
    steps = steps_of(design, analysis)
    open_ = {s.code for s in steps if state.step(s.code).status is not StepStatus.PASSED}
    used = tuple(u for u in used_in(design, analysis, steps) if u.step in open_)
    title = design.brief.title
    return JobWants(title, used, known_parts(design), cells_in_jobs.get(title, 0))


def wants_of_all(
    paths: Iterable[Path], library: PartLibrary, cells_in_jobs: Mapping[str, int]
) -> tuple[JobWants, ...]:
    """Return what several jobs want; raises as `wants_of`."""
    return tuple(wants_of(path, library, cells_in_jobs) for path in paths)
