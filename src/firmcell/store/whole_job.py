"""What both the command line and the window do with a whole job: read it, report it, hand it out."""

import json
from pathlib import Path
from typing import Any

from firmcell.core import jobs
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.changes.strip_fixes import verified_fixes
from firmcell.core.jobs.passport import Passport
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.records.build_state import BuildState, fold
from firmcell.core.records.events import Event
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.csv_tables import analysis_csv
from firmcell.store.exchange import job_to_json
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import load_library, model_from_table, part_named
from firmcell.store.report import Report, report


def open_read_only(path: Path) -> JobFile:
    """Open a job for reading, whoever else holds it."""
    return JobFile.open(path, read_only=True)


def report_of(job: JobFile) -> Report:
    """Return the analysis and findings of the design saved last."""
    library, _ = load_library()
    design = job.latest().design()
    analysis = analyse(design, library)
    state = fold(job.events())
    measured = as_measured(design, state)
    metal = solve_under_load(measured, analysis.layout, analysis.pack.run_time_s)
    fixes = tuple(c.fix for c in verified_fixes(measured, analysis, metal, library))
    situation = Situation(design, analysis, state, library, metal, fixes)
    return report(design, analysis, metal, state, library, jobs.findings_of(situation))


def passport_of(design: Design, events: list[Event], state: BuildState, library: PartLibrary) -> Passport:
    """Return the passport of a job as it stands."""
    analysis = analyse(design, library)
    return jobs.passport_of(
        design, analysis, state, jobs.steps_of(design, analysis), events[-1].hash if events else ""
    )


def exported(job: JobFile, kind: str) -> bytes:
    """Return the job as ``json``, ``csv``, ``pdf`` or ``html``."""
    if kind == "json":
        return job_to_json(job).encode()
    design, events = job.latest().design(), job.events()
    library, _ = load_library()
    analysis = analyse(design, library)
    if kind not in ("csv", "pdf", "html"):
        # Imported here: layouts, drawings and solids load packages that no start needs.
        from firmcell.store.layout_files import layout_bytes

        return layout_bytes(design, library, kind)
    if kind == "csv":
        return analysis_csv(analysis).encode()
    return passport_bytes(design, events, library, kind)


def passport_bytes(design: Design, events: list[Event], library: PartLibrary, kind: str) -> bytes:
    """Return the passport as ``pdf`` or ``html``."""
    # Imported here: paper takes a quarter of a second to load and most starts do not need it.
    from firmcell.store.passport_files import passport_html, passport_pdf

    page = passport_of(design, events, fold(events), library)
    analysis = analyse(design, library)
    pictures = list(jobs.plan_of(design).pictures(design, analysis))
    return passport_pdf(page, pictures) if kind == "pdf" else passport_html(page, pictures).encode()


def brief_from_json(text: str, where: str) -> tuple[Brief, str | None]:
    """Return the brief in a JSON text with units, and the name of the cell if it fixes one."""
    try:
        raw: Any = json.loads(text)
    except (json.JSONDecodeError, RecursionError):
        raise Refusal(f"{where} is not JSON.") from None
    if not isinstance(raw, dict):
        raise Refusal(f"{where} must hold one JSON object; see firm-cell --help for an example.")
    cell = raw.pop("cell", None)
    if cell is not None and not isinstance(cell, str):
        raise Refusal(f"{where}: “cell” must be the name of a cell.")
    return model_from_table(Brief, raw, where), cell


def new_from_brief(text: str, where: str, path: Path, kind: JobKind = JobKind.NEW_PACK) -> JobFile:
    """Make a job with a first design from a brief in JSON."""
    brief, cell = brief_from_json(text, where)
    library, _ = load_library()
    design = jobs.first_job(brief, kind, library, part_named(library, Cell, cell) if cell else None)
    return JobFile.create(path, design, note="proposed from the brief")
