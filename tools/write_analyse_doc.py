"""Write docs/analyse-json.md from the models, so that it cannot differ from them."""

import dataclasses
from pathlib import Path

from pydantic import BaseModel

from firmcell.core.analysis.figures import BmsFigures, InsulationFigures, PackFigures
from firmcell.core.bms.board_choice import Selectivity
from firmcell.core.bms.taps import Tap
from firmcell.core.insulation.outer_size import Envelope, SleeveFit
from firmcell.core.jobs import PLANS
from firmcell.core.layout.cell_places import CellPlace, Layout
from firmcell.core.layout.series_parallel import SeriesParallel
from firmcell.core.leads.fuse_rating import FuseFit
from firmcell.core.leads.fuse_timing import Protection
from firmcell.core.leads.main_leads import LeadFigures, WireOption
from firmcell.core.strips.load_figures import CellLoad, Segment, UnderLoadFigures
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.wiring.wire_list import WireEntry
from firmcell.store.report import (
    ReportedChoice,
    ReportedDoctor,
    ReportedFinding,
    ReportedJoint,
    ReportedReading,
    ReportedStep,
)

UNITS = [
    ("_per_h", "1/h"), ("_ohm", "Ω"), ("_as", "A·s"), ("_ah", "Ah"), ("_wh", "Wh"), ("_kg", "kg"), ("_days", "days"),
    ("_newton", "N"), ("_nm", "N·m"), ("_mm2", "mm²"), ("_v", "V"), ("_a", "A"), ("_j", "J"), ("_s", "s"), ("_w", "W"), ("_m", "m"), ("_k", "K"),
]  # fmt: skip
PARTS: list[tuple[str, type]] = [
    ("analysis.pack", PackFigures), ("analysis.options[]", SeriesParallel), ("analysis.layout", Layout),
    ("analysis.layout.cells[]", CellPlace), ("analysis.strips[]", StripPiece), ("analysis.leads", LeadFigures),
    ("analysis.leads.options[]", WireOption), ("analysis.leads.fuse", FuseFit), ("analysis.bms", BmsFigures),
    ("analysis.bms.taps[]", Tap), ("analysis.insulation", InsulationFigures), ("analysis.insulation.envelope", Envelope),
    ("analysis.insulation.sleeve, .cross_sleeve", SleeveFit), ("under_load", UnderLoadFigures), ("under_load.segments[]", Segment), ("under_load.cells[]", CellLoad), ("connectors[], boards[]", ReportedChoice), ("wires[]", WireEntry),
    ("expected[]", ReportedReading), ("doctor", ReportedDoctor), ("joint", ReportedJoint), *((f"details, of a {kind.value}", plan.report_model) for kind, plan in PLANS.items() if plan.report_model),
    ("steps[]", ReportedStep),
    ("analysis.protection", Protection), ("analysis.bms.selective", Selectivity), ("findings[]", ReportedFinding),
]  # fmt: skip
HEAD = """# `firm-cell analyse JOB --json`

One JSON object: `format` (2), `job` (title), `kind`, `analysis`, `under_load`, `connectors` and `boards` (the part library against this job,
best first), `wiring` (the graph of all that conducts, see [wiring.md](wiring.md)), `wires` (its wires as a list), `expected` (meter readings), `doctor` (what the recorded taps say), `steps`, `findings`. Field names are stable: within format 2 fields are only
added. The end of a name is its unit; everything is SI but `_ah`, `_wh` and `_days`, which repeat SI fields for labels. Lists of
points are `[x, y]` in m, x along the pack, y across it, seen from above the top face, origin in the middle of the cells.
`analysis.strip_stock_m` maps the name of a strip to metres needed; `analysis.strip_limit_k` is the temperature strips may reach.
The JSON schema is [schema/analyse.schema.json](schema/analyse.schema.json).

## From format 1 to format 2

Format 2 came with version 0.2.0 and says the same in the words of the trade. Files of version 0.1 are read as they are.

| Format 1 | Format 2 |
|---|---|
| `metal` | `under_load` |
| `analysis.guard` | `analysis.bms` |
| `analysis.jacket` | `analysis.insulation` |
| `analysis.pack.resistance_guard_ohm` | `analysis.pack.resistance_bms_ohm` |
| `cell_guard`, `lead_change`, `cable` | `details`: what the kind of this job reports of its own, or null |
| `findings[].cure` | `findings[].fix` |
| `findings[].stage`: `stack`, `metal`, `guard`, `jacket`, `proof` | `layout`, `strips`, `bms`, `insulation`, `tests` |
| `findings[].code`: `ST-`, `ME-`, `GU-`, `CG-`, `JA-`, `PF-` | `LY-`, `SR-`, `BM-`, `CB-`, `IN-`, `TE-`, the numbers as before |
| `steps[].code`: `guard-…` | `cell-bms-…` |
| `kind`: `cell guard`, `guard fit` | `cell with board`, `BMS retrofit` |
| in a design: `guarding`, `jacket`, `cell_guard`, `leads.lay` | `bms`, `insulation`, `cell_bms`, `leads.laying` |

Written by `tools/write_analyse_doc.py` from the models.
"""


def unit(name: str) -> str:
    return next((symbol for ending, symbol in UNITS if name.endswith(ending)), "")


def fields_of(model: type) -> list[str]:
    if issubclass(model, BaseModel):
        given = [name for name, field in model.model_fields.items() if not field.exclude]
        return [*given, *model.model_computed_fields]
    return [field.name for field in dataclasses.fields(model)]


def page() -> str:
    lines = [HEAD]
    for path, model in PARTS:
        doc = (model.__doc__ or "").strip().splitlines()[0]
        lines += [f"\n## `{path}`\n", f"{doc}\n", "| Field | Unit |", "|---|---|"]
        lines += [f"| `{name}` | {unit(name)} |" for name in fields_of(model)]
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    (Path(__file__).parent.parent / "docs/analyse-json.md").write_text(page(), encoding="utf-8")
