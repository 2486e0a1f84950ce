"""What both the command line and the window do with a whole job: read it, report it, hand it out."""

from collections.abc import Iterator, Sequence
from pathlib import Path
from typing import Any

from pydantic import ValidationError

from firmcell.core import jobs
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis, with_pack_of
from firmcell.core.analysis.findings import Situation
from firmcell.core.base.arrays import Array
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import ENGLISH, Tongue
from firmcell.core.bench.measured_values import as_measured, capacities
from firmcell.core.bench.standing import Standing, standing
from firmcell.core.changes.existing_pack import PackAsItIs, cell_of, window_of
from firmcell.core.changes.strip_fixes import verified_fixes
from firmcell.core.jobs.handed_out import refuse_unless_there
from firmcell.core.jobs.passport import Bound, Passport, stops_of
from firmcell.core.jobs.plan import Subject
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Board, Cell, Connector, Fuse, Wire
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.events import Event
from firmcell.core.strips.under_load import UnderLoad, solve_under_load
from firmcell.store.csv_tables import analysis_csv
from firmcell.store.exchange import json_pieces
from firmcell.store.job_file import JobFile, SavedDesigns
from firmcell.store.part_files import load_library, model_from_table, part_named
from firmcell.store.passport_seal import seal_text
from firmcell.store.plugins import Importer
from firmcell.store.report import Report, report
from firmcell.store.strangers import json_of
from firmcell.store.validation_words import first_fault


def open_read_only(path: Path) -> JobFile:
    """Open a job for reading, whoever else holds it."""
    return JobFile.open(path, read_only=True)


def report_of(job: JobFile) -> Report:
    """Return the analysis and findings of the design saved last."""
    library, _ = load_library()
    design = job.latest().design()
    analysis = analyse(design, library)
    state = standing_of(job, design, analysis).state
    measured = as_measured(design, state)
    metal = solve_under_load(measured, analysis.layout, analysis.pack.run_time_s)
    fixes = tuple(c.fix for c in verified_fixes(measured, analysis, metal, library))
    if measured != design:
        analysis = with_pack_of(analysis, analyse(measured, library))
    situation = Situation(design, analysis, state, library, metal, fixes)
    return report(design, analysis, metal, state, library, jobs.findings_of(situation))


def measured_pack(job: JobFile) -> tuple[Design, Analysis, UnderLoad, Array]:
    """Return the design of a job with what was measured on its cells, its analysis, its solved pack, and
    the measured capacity of each cell, 0 where none was, A·s.

    Raises
    ------
    Refusal
        If the kind of job has no pack.
    """
    design = job.latest().design()
    if jobs.plan_of(design).subject is not Subject.PACK:
        raise Refusal("This kind of job has no pack that could run.")
    analysis = analyse(design, load_library()[0])
    state = standing_of(job, design, analysis).state
    measured = as_measured(design, state)
    return (
        measured,
        analysis,
        solve_under_load(measured, analysis.layout, analysis.pack.run_time_s),
        capacities(measured, state),
    )


def standing_of(job: JobFile, design: Design, analysis: Analysis) -> Standing:
    """Return what of a job's records counts for a design."""
    return standing(jobs.steps_of(design, analysis), job.events(), design, SavedDesigns(job))


def passport_of(design: Design, state: BuildState, library: PartLibrary, bound: Bound) -> Passport:
    """Return the passport of a job as it stands."""
    analysis = analyse(design, library)
    return jobs.passport_of(design, analysis, state, jobs.steps_of(design, analysis), bound)


def saved_passport(job: JobFile, design: Design, library: PartLibrary) -> tuple[BuildState, Bound]:
    """Return what counts of a job as it is on disk, and what its passport is bound to."""
    analysis = analyse(design, library)
    state = standing_of(job, design, analysis).state
    measured = as_measured(design, state)
    metal = solve_under_load(measured, analysis.layout, analysis.pack.run_time_s)
    if measured != design:
        analysis = with_pack_of(analysis, analyse(measured, library))
    findings = jobs.findings_of(Situation(design, analysis, state, library, metal))
    return state, bound_to(job, job.latest().number, stops_of(findings))


def bound_to(job: JobFile, revision: int | None, stops: tuple[str, ...]) -> Bound:
    """Return what a passport of a job written now is bound to."""
    head = job.head()
    if head is None:
        events = job.events()
        return Bound(events[-1].hash if events else "", revision, stops)
    return Bound(head.hash, revision, stops, head.number, head.key, seal_text(head))


def made_by(importer: Importer, path: Path, out: Path) -> JobFile:
    """Make a job of a file by the importer of a plug-in, and open it.

    Raises
    ------
    Refusal
        If the file cannot be read, or the importer fails; nothing is made then.
    """
    try:
        design = importer.read(path)
    except Refusal:
        raise
    except Exception as error:
        raise Refusal(
            f"The importer for {importer.name} fails on {path.name} ({type(error).__name__}: {error}); nothing was made."
        ) from None
    if not isinstance(design, Design):
        raise Refusal(f"The importer for {importer.name} gives no design of {path.name}; nothing was made.")
    return JobFile.create(out, design, note=f"from {path.name}, {importer.name}")


def exported(
    job: JobFile,
    kind: str,
    photos: bool = False,
    stock_mm: tuple[float, float] | None = None,
    tongue: Tongue = ENGLISH,
) -> Iterator[bytes]:
    """Return the job as ``json``, ``csv``, ``pdf`` or ``html``, in one piece or several; a passport with
    its photos where they are asked for, a label of a size where one is given. What is for people to read on
    paper is in their `tongue`."""
    if kind == "json":
        yield from json_pieces(job)
    else:
        yield _exported(job, kind, photos, stock_mm, tongue)


def _exported(
    job: JobFile, kind: str, photos: bool, stock_mm: tuple[float, float] | None, tongue: Tongue
) -> bytes:
    design = job.latest().design()
    refuse_unless_there(jobs.plan_of(design), design.kind.value, kind)
    library, _ = load_library()
    analysis = analyse(design, library)
    if kind in ("label", "sketch"):
        state, bound = saved_passport(job, design, library)
        page = passport_of(design, state, library, bound)
        return label_bytes(page, design, analysis, last_day(job.events()), kind, "a4", stock_mm, tongue)
    if kind not in ("csv", "pdf", "html"):
        # Imported here: layouts, drawings and solids load packages that no start needs.
        from firmcell.store.layout_files import layout_bytes

        return layout_bytes(design, library, kind, tongue=tongue)
    if kind == "csv":
        return analysis_csv(analysis).encode()
    state, bound = saved_passport(job, design, library)
    page = passport_of(design, state, library, bound)
    if not photos:
        return passport_bytes(page, design, library, kind, (), tongue)
    # Imported here: most passports have no photos.
    from firmcell.store.photos import photos_for_paper

    kept = photos_for_paper(job, job.events())
    return passport_bytes(page, design, library, kind, kept, tongue)


def last_day(events: Sequence[Event]) -> str:
    """Return the day of the last record, ISO; empty where there is none."""
    return events[-1].time[:10] if events else ""


def label_bytes(
    page: Passport,
    design: Design,
    analysis: Analysis,
    day: str,
    kind: str,
    paper: str = "a4",
    stock_mm: tuple[float, float] | None = None,
    tongue: Tongue = ENGLISH,
) -> bytes:
    """Return the ``label`` of a pack, or the ``sketch`` of its wiring for the lid, at 1:1 on paper; a label
    of a given size on a page of that size."""
    # Imported here: paper takes a quarter of a second to load and most starts do not need it.
    import segno

    from firmcell.core.pictures.pack_label import label_drawing, label_size, label_words, lid_sketch
    from firmcell.core.pictures.templates import Template
    from firmcell.store.template_pdf import page_pdf, template_pdf

    if kind == "sketch":
        told = lid_sketch(design, analysis).told(tongue.tell)
        return template_pdf(design.brief.title, (told,), paper, False, tongue)
    code = segno.make(page.essentials, error="m", micro=False)
    modules = tuple(tuple(bool(dark) for dark in row) for row in code.matrix_iter(border=2))
    words = label_words(design, analysis, day, page.finished).told(tongue.tell)
    drawing = label_drawing(words, stock_mm or label_size(analysis), modules)
    if stock_mm:
        return page_pdf(f"{design.brief.title}: {tongue.tell('label')}", drawing)
    told = Template(tongue.tell("label"), "LABEL", drawing)
    return template_pdf(design.brief.title, (told,), paper, False, tongue)


def passport_bytes(
    page: Passport,
    design: Design,
    library: PartLibrary,
    kind: str,
    photos: Sequence[tuple[str, str, bytes]] = (),
    tongue: Tongue = ENGLISH,
) -> bytes:
    """Return a passport as ``pdf`` or ``html``, with photos as `photos_for_paper` gives them."""
    # Imported here: paper takes a quarter of a second to load and most starts do not need it.
    from firmcell.store.passport_files import passport_html, passport_pdf

    analysis = analyse(design, library)
    pictures = list(jobs.plan_of(design).pictures(design, analysis))
    if kind == "pdf":
        return passport_pdf(page, pictures, photos, tongue)
    return passport_html(page, pictures, photos, tongue).encode()


def brief_from_json(text: str, where: str, given: dict[str, float] | None = None) -> tuple[Brief, str | None]:
    """Return the brief in a JSON text with units, and the name of the cell if it fixes one; `given` are
    fields in SI that it need not hold."""
    raw: Any = json_of(text, where)
    if not isinstance(raw, dict):
        raise Refusal(f"{where} must hold one JSON object; see firm-cell --help for an example.")
    cell = raw.pop("cell", None)
    if cell is not None and not isinstance(cell, str):
        raise Refusal(f"{where}: “cell” must be the name of a cell.")
    for name, value in (given or {}).items():
        if not {name, name.removesuffix("_v")} & raw.keys():
            raw[name.removesuffix("_v")] = f"{value!r} V"
    return model_from_table(Brief, raw, where), cell


def pack_as_told(told: dict[str, Any], library: PartLibrary) -> PackAsItIs:
    """Return what is known of a pack that is there, its parts by name; ``cell`` may be ``unknown 18650``,
    ``fuse`` ``none`` or ``unknown``, ``board`` ``none``.

    Raises
    ------
    Refusal
        If a part has no such name, or a count is out of range.
    """
    values = dict(told)
    cell = str(values.pop("cell", "") or "")
    unknown, _, size = cell.partition(" ")
    if unknown == "unknown":
        values["size"] = size
    elif cell:
        values["cell"] = part_named(library, Cell, cell)
    else:
        raise Refusal("Name the cell of the pack that is there, or its size, such as “unknown 18650”.")
    fuse = str(values.pop("fuse", "") or "unknown")
    values["fuse_known"] = fuse != "unknown"
    if fuse not in ("none", "unknown"):
        values["fuse"] = part_named(library, Fuse, fuse)
    for name, kind in (("wire", Wire), ("connector", Connector), ("board", Board)):
        value = str(values.pop(name, "") or "unknown")
        if value not in ("none", "unknown"):
            values[name] = part_named(library, kind, value)
    try:
        return PackAsItIs(**values)
    except ValidationError as error:
        raise Refusal(f"The pack as it is: {first_fault(error, PackAsItIs)}") from None


def new_from_brief(
    text: str,
    where: str,
    path: Path,
    kind: JobKind = JobKind.NEW_PACK,
    existing: dict[str, Any] | None = None,
) -> JobFile:
    """Make a job with a first design from a brief in JSON, or of a pack that is there.

    Of such a pack the voltages need not be told: they follow from its cells.
    """
    library, _ = load_library()
    if existing is not None:
        found = pack_as_told(existing, library)
        empty, full = window_of(cell_of(found, library), found.series)
        brief, _ = brief_from_json(text, where, {"load_voltage_min_v": empty, "load_voltage_max_v": full})
        return JobFile.create(path, jobs.existing_job(found, brief, kind, library), note="the pack as it is")
    brief, cell = brief_from_json(text, where)
    design = jobs.first_job(brief, kind, library, part_named(library, Cell, cell) if cell else None)
    return JobFile.create(path, design, note="proposed from the brief")
