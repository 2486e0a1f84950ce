"""Firm Cell as a library, for the scripts and notebooks of a workshop.

What stands here keeps its names and meaning within a major version; everything else of the program may
change. All quantities are in SI units (temperatures in K, charges in A·s, energies in J) unless a name says
otherwise.

Examples
--------
>>> import tempfile
>>> from pathlib import Path
>>> from firmcell import shop
>>> folder = tempfile.TemporaryDirectory()
>>> brief = {
...     "title": "Sheep fence", "load_voltage_min": "10.5 V", "load_voltage_max": "14.8 V",
...     "current_steady": "3 A", "current_peak": "6 A", "energy": "40 Wh",
...     "box_length": "120 mm", "box_width": "80 mm", "box_height": "80 mm",
... }
>>> with shop.new_job(brief, Path(folder.name) / "fence.firmcell") as job:
...     design = job.design
...     stops = [f for f in job.report().findings if f.severity == "stop"]
...     written = job.write("csv", Path(folder.name) / "fence.csv")
>>> design.series >= 3, stops, written.name
(True, [], 'fence.csv')
>>> folder.cleanup()
"""

import json
import warnings
from collections.abc import Mapping
from difflib import get_close_matches
from pathlib import Path
from typing import Any

from firmcell.core.analysis.analyse import analyse as _analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Finding, Fix, Severity, Situation, Stage
from firmcell.core.analysis.run_of_design import AGES, Asked, run_with_band
from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.strip_fixes import verified_fixes
from firmcell.core.jobs import findings_of, plan_of
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.pictures.drawing import together
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.records.events import Event
from firmcell.core.rules.table import Hit
from firmcell.core.rules.table import plugged as rule
from firmcell.core.run.demand import of_duty, steady
from firmcell.core.run.run_result import RunResult
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import load_library
from firmcell.store.pens.svg import to_svg
from firmcell.store.plugins import Importer
from firmcell.store.report import Report
from firmcell.store.whole_files import write_whole
from firmcell.store.whole_job import exported, measured_pack, new_from_brief, report_of

__all__ = [
    "Analysis",
    "Design",
    "Finding",
    "Fix",
    "Hit",
    "Importer",
    "Job",
    "Refusal",
    "Report",
    "RunResult",
    "Severity",
    "Situation",
    "Stage",
    "analyse",
    "draw",
    "findings",
    "fixed",
    "new_job",
    "open_job",
    "rule",
]

RENAMED: dict[str, tuple[str, str]] = {}
"""Names of earlier versions: what each is called now, and the version from which on the old one is gone. It works until
then, and says so."""


def __getattr__(name: str) -> Any:
    """A name of an earlier version, with a warning; of a name that never was, what it might be."""
    if name in RENAMED:
        new, gone = RENAMED[name]
        warnings.warn(
            f"firmcell.shop.{name} is called {new} now; the old name goes with version {gone}.",
            DeprecationWarning,
            stacklevel=2,
        )
        return globals()[new]
    near = get_close_matches(name, __all__, 1)
    meant = f"; did you mean {near[0]}?" if near else f"; there are {', '.join(__all__)}."
    raise AttributeError(f"firmcell.shop has no “{name}”{meant}")


class Job(Closes):
    """A job file, open for reading; use it in a `with` block, or call `close`."""

    def __init__(self, file: JobFile, path: Path) -> None:
        self._file, self.path = file, path

    def close(self) -> None:
        """Let go of the file."""
        self._file.close()

    @property
    def design(self) -> Design:
        """The design saved last."""
        return self._file.latest().design()

    @property
    def events(self) -> list[Event]:
        """Every record, oldest first."""
        return self._file.events()

    def report(self) -> Report:
        """Return figures, findings and steps, with what was measured: what `firm-cell analyse --json`
        prints."""
        return report_of(self._file)

    def run(
        self,
        current_a: float | None = None,
        power_w: float | None = None,
        start: float = 1.0,
        ambient_k: float = 298.15,
        age: str = "new",
    ) -> RunResult:
        """Return the pack through time until something ends it.

        Parameters
        ----------
        current_a, power_w : float, optional
            Constant, of the pack, A or W; without either the brief's steady current with its peaks.
        start : float
            State of charge at the start, 0 to 1.
        ambient_k : float
            Air, and pack at the start, K.
        age : str
            new, half or end.

        Raises
        ------
        Refusal
            If the job has no pack, or what is asked cannot be.
        """
        if age not in AGES:
            raise Refusal(f"There is no age “{age}”; there are {', '.join(AGES)}.")
        if current_a is not None and power_w is not None:
            raise Refusal("A run is at a current or at a power, not at both.")
        asked_of = current_a if current_a is not None else power_w
        if asked_of is not None and not asked_of > 0:
            raise Refusal("The current or power of a run is more than 0.")
        if not 0 < start <= 1:
            raise Refusal(f"A run starts from more than 0 and up to 1 of the charge, not from {start:g}.")
        design, analysis, metal, capacity = measured_pack(self._file)
        demand = of_duty(design.brief.duty) if asked_of is None else steady(asked_of, power_w is not None)
        asked = Asked(demand, start, ambient_k, AGES[age])
        return run_with_band(design, analysis, metal, asked, capacity)[0]

    def export(self, kind: str) -> bytes:
        """Return the job in an open format: json, csv, pdf, html, template, dxf, svg, positions, stl,
        spice, segments, wires, wiring, label or sketch."""
        return b"".join(exported(self._file, kind))

    def write(self, kind: str, path: Path | str, force: bool = False) -> Path:
        """Write the job in an open format; an existing file is replaced only by `force`, a job never."""
        target = Path(path)
        write_whole(target, self.export(kind), force)
        return target

    def verify(self) -> str:
        """Return what of the records was changed by something else; "" if nothing was."""
        return self._file.verify().fault or ""


def open_job(path: Path | str) -> Job:
    """Open a job for reading, whoever else has it open.

    Raises
    ------
    Refusal
        If it is no job, or cannot be read; its `sentence` says why.
    """
    return Job(JobFile.open(Path(path), read_only=True), Path(path))


def new_job(brief: Mapping[str, Any], path: Path | str, kind: str = "new pack") -> Job:
    """Make a job with a first design from a brief, and open it.

    Parameters
    ----------
    brief : mapping
        As in a brief file: quantities with their units, such as {"current_steady": "3 A"}.
    path : Path or str
        Of the new job; nothing may be there.
    kind : str
        Kind of job, as it is said.

    Raises
    ------
    Refusal
        If the brief contradicts itself, nothing meets it, or the file cannot be made.
    """
    kinds = {k.value: k for k in JobKind}
    if kind not in kinds:
        raise Refusal(f"There is no kind of job “{kind}”; there are {', '.join(kinds)}.")
    text = json.dumps(dict(brief), ensure_ascii=False)
    new_from_brief(text, "the brief", Path(path), kinds[kind]).close()
    return open_job(path)


def analyse(design: Design) -> Analysis:
    """Return every figure of a design, with the parts of this workshop to choose from."""
    return _analyse(design, load_library()[0])


def findings(design: Design) -> tuple[Finding, ...]:
    """Return what speaks against a design, the worst first; nothing is built of it yet."""
    library, _ = load_library()
    analysis = _analyse(design, library)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    fixes = tuple(c.fix for c in verified_fixes(design, analysis, metal, library))
    return findings_of(Situation(design, analysis, EMPTY_STATE, library, metal, fixes))


def fixed(design: Design, finding: Finding) -> Design:
    """Return a design with the fix of a finding.

    Raises
    ------
    Refusal
        If it has none.
    """
    if finding.fix is None:
        raise Refusal(f"{finding.code} has no fix that can be applied.")
    return finding.fix.applied(design)


def draw(design: Design) -> str:
    """Return the pictures of a design as one SVG document, at true size."""
    pictures = plan_of(design).pictures(design, analyse(design))
    return to_svg(together(list(pictures), design.kind.value))
