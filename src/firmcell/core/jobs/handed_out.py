"""Which files a kind of job can hand out: none tells of a pack that the job has not got."""

from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.pictures.templates import templates

OF_STAGE = {
    "csv": (Stage.LAYOUT, "tables of cells, strips and taps"),
    "template": (Stage.LAYOUT, "template of its faces"),
    "dxf": (Stage.LAYOUT, "drawing of its faces"),
    "positions": (Stage.LAYOUT, "list of cell places"),
    "stl": (Stage.LAYOUT, "cell holder"),
    "spice": (Stage.LAYOUT, "netlist"),
    "segments": (Stage.STRIPS, "list of pieces of strip"),
    "wires": (Stage.BMS, "wire list"),
    "wiring": (Stage.BMS, "wiring plan"),
    "sketch": (Stage.BMS, "wiring sketch"),
    "label": (Stage.CELLS, "label of a pack"),
    "layout": (Stage.LAYOUT, "places to find"),
    "taps": (Stage.BMS, "sense leads to judge"),
}
"""The stage that each kind of file or command belongs to, and what of."""
NOT_THERE = {
    Stage.LAYOUT: "lays out no cells",
    Stage.STRIPS: "lays no strips",
    Stage.BMS: "wires no BMS",
    Stage.CELLS: "has no pack of its own",
}


def hands_out(plan: JobPlan, what: str) -> bool:
    """Return whether a kind of job has what a file tells of.

    Parameters
    ----------
    plan : JobPlan
        Of the kind of job.
    what : str
        Of the file, as on the command line: csv, template, dxf, svg, positions, stl, spice, segments, wires,
        wiring, label, sketch; or of its commands layout, taps. Anything else every kind has.
    """
    if what in ("template", "dxf") and plan.templates is not templates:
        # It has templates of its own, of other things than cells.
        return True
    if what not in OF_STAGE or (what == "label" and plan.proposes):
        # A job that begins with a pack as it is has one to label.
        return True
    return OF_STAGE[what][0] in plan.stages


def refuse_unless_there(plan: JobPlan, name: str, what: str) -> None:
    """Refuse to write a file, or answer, of something that a kind of job has not got: see `hands_out`; `name`
    is that of the kind.

    Raises
    ------
    Refusal
        If there is no such thing in the job.
    """
    if not hands_out(plan, what):
        stage, words = OF_STAGE[what]
        raise Refusal(f"A job of the kind “{name}” {NOT_THERE[stage]}: it has no {words}.")
