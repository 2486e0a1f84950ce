"""Files of a layout and its metal: templates, drawings, positions, solids, netlist; and laying out without a
window."""

from collections.abc import Callable, Iterator
from pathlib import Path

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import ENGLISH, Tongue
from firmcell.core.insulation.cell_holder import holder_halves
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.handed_out import refuse_unless_there
from firmcell.core.jobs.parts_list import parts_list
from firmcell.core.layout.search import Arranged, arrange, laid_out
from firmcell.core.leads.spice_netlist import spice_netlist
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Design, Lattice
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.drawing import together
from firmcell.core.pictures.templates import Template
from firmcell.core.pictures.wiring import nail_board, schematic
from firmcell.core.strips.layout_measures import strips_needed
from firmcell.core.strips.under_load import solve_under_load
from firmcell.core.wiring.wire_list import wire_list
from firmcell.store.csv_tables import parts_csv, positions_csv, segments_csv, wires_csv
from firmcell.store.job_file import JobFile
from firmcell.store.outline_files import read_outline
from firmcell.store.parts_pdf import parts_pdf
from firmcell.store.pens.dxf import to_dxf
from firmcell.store.pens.stl import to_stl
from firmcell.store.pens.svg import to_svg
from firmcell.store.template_pdf import template_pdf

EXPORT_SUFFIX = {
    "template": ".pdf",
    "dxf": ".dxf",
    "svg": ".svg",
    "positions": ".csv",
    "stl": ".stl",
    "spice": ".cir",
    "segments": ".csv",
    "wires": ".csv",
    "parts": ".csv",
    "parts-pdf": ".pdf",
    "wiring": ".pdf",
}
"""What can be written of a layout and its metal, and the usual end of its file's name."""


def layout_bytes(
    design: Design, library: PartLibrary, kind: str, paper: str = "a4", tongue: Tongue = ENGLISH
) -> bytes:
    """Return one of `EXPORT_SUFFIX` of the layout of `design`; `paper` is a4 or letter, and speaks `tongue`.

    Raises
    ------
    Refusal
        If it cannot be made of this layout, such as a holder for touching cells, or this kind of job has
        none.
    """
    refuse_unless_there(plan_of(design), design.kind.value, kind)
    analysis = analyse(design, library)
    if kind in ("spice", "segments"):
        metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
        if kind == "segments":
            return segments_csv(metal.figures).encode()
        volts, load = design.cell.nominal_v, design.brief.current_steady_a
        return spice_netlist(metal, analysis.leads, volts, load, design.brief.title).encode()
    if kind in ("wires", "wiring"):
        metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
        if kind == "wires":
            return wires_csv(wire_list(analysis.wiring, metal)).encode()
        pages = (
            Template("wiring", "wiring", schematic(design, analysis)),
            Template("nail board", "nails", nail_board(design, analysis, metal)),
        )
        told = tuple(page.told(tongue.tell) for page in pages)
        return template_pdf(design.brief.title, told, paper, False, tongue)
    if kind in ("parts", "parts-pdf"):
        lines = parts_list(design, analysis, plan_of(design).steps(design, analysis))
        if kind == "parts":
            return parts_csv(lines).encode()
        return parts_pdf(design.brief.title, lines, tongue)
    if kind == "positions":
        return positions_csv(design, analysis).encode()
    if kind == "svg":
        return to_svg(together(list(plan_of(design).pictures(design, analysis)), design.kind.value)).encode()
    if kind == "stl":
        lower, upper = holder_halves(analysis.layout, design.cell, design.arrangement.gap_m)
        beside = float(lower.vertices_m[:, 1].max() - upper.vertices_m[:, 1].min()) + 0.01
        return to_stl((lower, upper.moved((0.0, beside, 0.0))), f"{design.brief.title}, cell holder, mm")
    if kind == "dxf":
        return to_dxf(plan_of(design).templates(design, analysis))
    faces = tuple(face.told(tongue.tell) for face in plan_of(design).templates(design, analysis))
    return template_pdf(design.brief.title, faces, paper, True, tongue)


def lay_out_job(
    path: Path,
    lattices: tuple[Lattice, ...],
    seed: int,
    effort: float,
    outline: Path | None,
    watch: Callable[[Iterator[Arranged]], Iterator[Arranged]] = iter,
) -> Arranged:
    """Find places and groups for the cells of a job and save them as a new revision; `watch` passes the
    steps of the search on.

    Raises
    ------
    Refusal
        If the job cannot be written, lays out no cells, or the cells do not fit.
    """
    with JobFile.open(path) as job:
        if job.read_only_because:
            raise Refusal(f"{path} is open for reading only: {job.read_only_because}.")
        design = job.latest().design()
        refuse_unless_there(plan_of(design), design.kind.value, "layout")
        if outline is not None:
            design = design.with_edits(
                ("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", read_outline(outline))
            )
        last = laid_out(watch(arrange(design, lattices, seed, effort, work=strips_needed)))
        job.add_revision(design.edited("arrangement", last.arrangement), note="laid out on the command line")
    return last
