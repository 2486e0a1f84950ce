"""What both the command line and the window do with a whole job: read it, report it, hand it out."""

import json
from pathlib import Path
from typing import Any

from firmcell.core.analysis import analyse
from firmcell.core.arrange import Arranged, arrange, laid_out
from firmcell.core.brief import Brief, SpaceShape
from firmcell.core.build import BuildState, fold
from firmcell.core.design import Design, Face, Lattice
from firmcell.core.drawing import together
from firmcell.core.events import (
    CellCheck,
    Checked,
    Correction,
    Event,
    InsulationReading,
    NotRight,
    SolderJoint,
    StepPassed,
    TapReading,
    WeldRow,
    WeldSample,
)
from firmcell.core.face_picture import face_drawing
from firmcell.core.findings import Situation
from firmcell.core.holder import holder_halves
from firmcell.core.metal import metal_state
from firmcell.core.netlist import spice_netlist
from firmcell.core.parts import Cell
from firmcell.core.passport import Passport, passport
from firmcell.core.propose import propose
from firmcell.core.refusal import Refusal
from firmcell.core.rules import find
from firmcell.core.shelf import Shelf
from firmcell.core.steps import new_pack_steps
from firmcell.core.template_pictures import templates
from firmcell.store.exchange import job_to_json
from firmcell.store.jobfile import JobFile
from firmcell.store.outlines import read_outline
from firmcell.store.parts import load_shelf, model_from_table, part_named
from firmcell.store.pens.dxf import to_dxf
from firmcell.store.pens.stl import to_stl
from firmcell.store.pens.svg import to_svg
from firmcell.store.report import Report, report
from firmcell.store.tables import analysis_csv, positions_csv, segments_csv


def open_read_only(path: Path) -> JobFile:
    """Open a job for reading, whoever else holds it."""
    return JobFile.open(path, read_only=True)


def report_of(job: JobFile) -> Report:
    """Return the analysis and findings of the design saved last."""
    shelf, _ = load_shelf()
    design = job.latest().design()
    analysis = analyse(design, shelf)
    metal = metal_state(design, analysis.layout, analysis.pack.run_time_s)
    situation = Situation(design, analysis, fold(job.events()), shelf, metal)
    return report(design.brief.title, analysis, metal.figures, find(situation))


def passport_of(design: Design, events: list[Event], state: BuildState, shelf: Shelf) -> Passport:
    """Return the passport of a job as it stands."""
    analysis = analyse(design, shelf)
    return passport(
        design, analysis, state, new_pack_steps(design, analysis), events[-1].hash if events else ""
    )


def exported(job: JobFile, kind: str) -> bytes:
    """Return the job as ``json``, ``csv``, ``pdf`` or ``html``."""
    if kind == "json":
        return job_to_json(job).encode()
    design, events = job.latest().design(), job.events()
    shelf, _ = load_shelf()
    analysis = analyse(design, shelf)
    if kind in EXPORT_SUFFIX:
        return layout_bytes(design, shelf, kind)
    if kind == "csv":
        return analysis_csv(analysis).encode()
    return passport_bytes(design, events, shelf, kind)


def passport_bytes(design: Design, events: list[Event], shelf: Shelf, kind: str) -> bytes:
    """Return the passport as ``pdf`` or ``html``."""
    # Imported here: paper takes a quarter of a second to load and most starts do not need it.
    from firmcell.store.passport_paper import passport_html, passport_pdf

    page = passport_of(design, events, fold(events), shelf)
    analysis = analyse(design, shelf)
    faces = [face_drawing(design, analysis, face) for face in Face]
    return passport_pdf(page, faces) if kind == "pdf" else passport_html(page, faces).encode()


EXPORT_SUFFIX = {
    "template": ".pdf", "dxf": ".dxf", "svg": ".svg", "positions": ".csv", "stl": ".stl", "spice": ".cir", "segments": ".csv",
}  # fmt: skip
"""What can be written of a layout and its metal, and the usual end of its file's name."""


def layout_bytes(design: Design, shelf: Shelf, kind: str, paper: str = "a4") -> bytes:
    """Return one of `EXPORT_SUFFIX` of the layout of `design`; `paper` is a4 or letter.

    Raises
    ------
    Refusal
        If it cannot be made of this layout, such as a holder for touching cells.
    """
    analysis = analyse(design, shelf)
    if kind in ("spice", "segments"):
        metal = metal_state(design, analysis.layout, analysis.pack.run_time_s)
        if kind == "segments":
            return segments_csv(metal.figures).encode()
        volts, load = design.cell.nominal_v, design.brief.current_steady_a
        return spice_netlist(metal, analysis.leads, volts, load, design.brief.title).encode()
    if kind == "positions":
        return positions_csv(design, analysis).encode()
    if kind == "svg":
        return to_svg(
            together([face_drawing(design, analysis, face) for face in Face], "both faces")
        ).encode()
    if kind == "stl":
        lower, upper = holder_halves(analysis.layout, design.cell, design.arrangement.gap_m)
        beside = float(lower.vertices_m[:, 1].max() - upper.vertices_m[:, 1].min()) + 0.01
        return to_stl((lower, upper.moved((0.0, beside, 0.0))), f"{design.brief.title}, cell holder, mm")
    if kind == "dxf":
        return to_dxf(templates(design, analysis))
    # Imported here: paper takes a quarter of a second to load and most starts do not need it.
    from firmcell.store.template_paper import template_pdf

    return template_pdf(design.brief.title, templates(design, analysis), paper)


def lay(
    path: Path, lattices: tuple[Lattice, ...], seed: int, effort: float, outline: Path | None
) -> Arranged:
    """Find places and groups for the cells of a job and save them as a new revision.

    Raises
    ------
    Refusal
        If the job cannot be written, or the cells do not fit.
    """
    with JobFile.open(path) as job:
        if job.read_only_because:
            raise Refusal(f"{path} is open for reading only: {job.read_only_because}.")
        design = job.latest().design()
        if outline is not None:
            design = design.with_edits(
                ("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", read_outline(outline))
            )
        last = laid_out(arrange(design, lattices, seed, effort))
        job.add_revision(design.edited("arrangement", last.arrangement), note="laid out on the command line")
    return last


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


def new_from_brief(text: str, where: str, path: Path) -> JobFile:
    """Make a job with a first design from a brief in JSON."""
    brief, cell = brief_from_json(text, where)
    shelf, _ = load_shelf()
    design = propose(brief, shelf, part_named(shelf, Cell, cell) if cell else None)
    return JobFile.create(path, design, note="proposed from the brief")


def event_words(event: Event) -> str:
    """Return one line that tells a record."""
    match event.data:
        case StepPassed(note=note):
            return "passed" + (f": {note}" if note else "")
        case NotRight(reason=reason):
            return f"NOT RIGHT: {reason}"
        case CellCheck(count=n, lowest_v=low, highest_v=high, wraps_sound=sound):
            return f"{n} cells, {low:.3f} to {high:.3f} V, wraps {'sound' if sound else 'NOT sound'}"
        case WeldSample(setting=setting, peeled=n, held=held, machine=machine, pulses=pulses):
            return f"{held} of {n} sample welds held ({machine}, {setting}, {pulses} pulse{'s' if pulses != 1 else ''})"
        case WeldRow(welds=n, setting=setting, flat=flat, tug=tug, sparks=sparks):
            marks = [
                w for w, yes in (("sparked", sparks), ("NOT flat", not flat), ("tug FAILED", not tug)) if yes
            ]
            return f"{n} weld pairs at {setting}" + (": " + ", ".join(marks) if marks else ", flat, tug held")
        case SolderJoint(joint=joint, iron_w=watts, smooth=smooth, tug=tug, seconds=seconds):
            return (
                f"{joint}: {watts:g} W iron, {seconds:g} s, {'smooth' if smooth else 'NOT smooth'}, "
                f"tug {'held' if tug else 'FAILED'}"
            )
        case Checked(right=right, wrong=wrong, overlap_m=overlap):
            lip = f", overlap {overlap * 1e3:.1f} mm" if overlap is not None else ""
            return f"{len(right)} right{lip}" + (f", NOT right: {'; '.join(wrong)}" if wrong else "")
        case TapReading(tap=tap, volts=volts):
            return f"B{tap} reads {volts:.3f} V"
        case InsulationReading(between=between, ohms=ohms, test_v=test):
            return f"insulation {between}: {ohms / 1e6:.4g} MΩ at {test:g} V"
        case Correction(seq=seq, reason=reason):
            return f"takes back record {seq}: {reason}"
        case remark:
            return str(getattr(remark, "text", remark.kind))
