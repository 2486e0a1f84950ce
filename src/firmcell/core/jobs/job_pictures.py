"""Which pictures stand for a job as a whole: on its passport, and when pictures are written to a file."""

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.jobs.kinds import WITHOUT_PACK
from firmcell.core.model.design import Design, Face
from firmcell.core.model.job_details import JobKind
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.lead import lead_drawing
from firmcell.core.pictures.single_cell import cell_bms_drawing


def job_pictures(design: Design, analysis: Analysis) -> tuple[Drawing, ...]:
    """Return both faces of a pack, the leads of a job that is about leads, or the one cell with its board."""
    if design.kind in WITHOUT_PACK:
        return (lead_drawing(design, analysis),)
    if design.kind is JobKind.CELL_BMS:
        return (cell_bms_drawing(design),)
    return tuple(face_drawing(design, analysis, face) for face in Face)
