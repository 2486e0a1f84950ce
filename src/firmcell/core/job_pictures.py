"""Which pictures stand for a job as a whole: on its passport, and when pictures are written to a file."""

from firmcell.core.analysis import Analysis
from firmcell.core.cell_guard_picture import cell_guard_drawing
from firmcell.core.design import Design, Face
from firmcell.core.drawing import Drawing
from firmcell.core.face_picture import face_drawing
from firmcell.core.job_kinds import WITHOUT_PACK
from firmcell.core.lead_picture import lead_drawing
from firmcell.core.other_jobs import JobKind


def job_pictures(design: Design, analysis: Analysis) -> tuple[Drawing, ...]:
    """Return both faces of a pack, the leads of a job that is about leads, or the one cell with its board."""
    if design.kind in WITHOUT_PACK:
        return (lead_drawing(design, analysis),)
    if design.kind is JobKind.CELL_GUARD:
        return (cell_guard_drawing(design),)
    return tuple(face_drawing(design, analysis, face) for face in Face)
