"""Kinds of job: which stages each shows, and which rules speak in it."""

from firmcell.core.analysis.findings import Stage
from firmcell.core.model.job_details import JobKind

_LEADS_ONLY = (Stage.BRIEF, Stage.LEADS, Stage.BENCH, Stage.PASSPORT)
STAGES: dict[JobKind, tuple[Stage, ...]] = {
    JobKind.NEW_PACK: tuple(Stage),
    JobKind.LEAD_CHANGE: _LEADS_ONLY,
    JobKind.MACHINE_LEADS: _LEADS_ONLY,
    JobKind.POWER_CABLE: _LEADS_ONLY,
    JobKind.CELL_BMS: (Stage.BRIEF, Stage.CELLS, Stage.BMS, Stage.BENCH, Stage.PASSPORT),
    JobKind.BMS_RETROFIT: (
        Stage.BRIEF, Stage.CELLS, Stage.LAYOUT, Stage.LEADS, Stage.BMS, Stage.INSULATION, Stage.BENCH, Stage.TESTS, Stage.PASSPORT,
    ),
    JobKind.HOLDER_PACK: (
        Stage.BRIEF, Stage.CELLS, Stage.LAYOUT, Stage.LEADS, Stage.BMS, Stage.BENCH, Stage.TESTS, Stage.PASSPORT,
    ),
}  # fmt: skip
SILENT: dict[JobKind, frozenset[str]] = {
    JobKind.NEW_PACK: frozenset(),
    # What the strips stand is not known of a pack that is closed.
    JobKind.LEAD_CHANGE: frozenset({"LE-10"}),
    # The controller's half is not live, and what charges the pack is another job's matter.
    JobKind.MACHINE_LEADS: frozenset({"BR-2", "PA-1", "LE-6", "LE-7", "LE-8", "LE-10", "LE-11", "LE-12", "LE-14", "LE-15", "LE-16"}),
    # Lugs are in the place of a connector, and the duty is judged by a rule of its own.
    JobKind.POWER_CABLE: frozenset(
        {"BR-2", "PA-1", "LE-1", "LE-3", "LE-4", "LE-5", "LE-6", "LE-9", "LE-10", "LE-11", "LE-12", "LE-13", "LE-17"}
    ),
    # One cell: taps, layout and leads are not what it is about.
    JobKind.CELL_BMS: frozenset({"BM-6", "BM-7", "BM-8", "BM-9", "BM-10", "BM-11"}),
    JobKind.BMS_RETROFIT: frozenset(),
    # Clips, not strips; what a holder does to lead and insulation is its own.
    JobKind.HOLDER_PACK: frozenset({"BM-11"}),
}  # fmt: skip
"""Codes that have nothing to say in a kind of job."""


def stages_of(kind: JobKind) -> tuple[Stage, ...]:
    """Return the stages a kind of job shows, in the trade's order."""
    return STAGES[kind]


def speaks(code: str, stage: Stage, kind: JobKind) -> bool:
    """Whether a rule has something to say in this kind of job."""
    return stage in STAGES[kind] and code not in SILENT[kind]


WITHOUT_PACK = frozenset({JobKind.LEAD_CHANGE, JobKind.MACHINE_LEADS, JobKind.POWER_CABLE})
"""Kinds that are about leads: the picture is that of the leads, since the pack is closed or not there."""
