"""``firm-cell analyse``: figures and findings of a job."""

import argparse
from collections.abc import Sequence
from typing import TYPE_CHECKING

from firmcell.cli.on_terminal import coloured
from firmcell.cli.wrong_call import FOUND, RIGHT

if TYPE_CHECKING:
    from firmcell.store.report import ReportedFinding


def run_analyse(arguments: argparse.Namespace) -> int:
    """Print figures and findings of a job."""
    from firmcell.core.jobs import PLANS
    from firmcell.core.jobs.plan import Subject
    from firmcell.store.whole_job import open_read_only, report_of

    with open_read_only(arguments.job) as job:
        whole = report_of(job)
    if arguments.json:
        print(whole.model_dump_json(indent=1))
        return _code(whole.findings, arguments.fail_on)
    p, a = whole.analysis.pack, whole.analysis
    e = a.insulation.envelope
    plan = next(plan for kind, plan in PLANS.items() if kind.value == whole.kind)
    one, about_leads = plan.subject is Subject.ONE_CELL, plan.subject is Subject.LEADS
    print(f"{whole.job}: {whole.kind if about_leads else f'{p.designation} ({p.series}S{p.parallel}P)'}")
    for name, value in (
        (
            "voltage",
            f"{p.voltage_empty_v:.2f} / {p.voltage_nominal_v:.2f} / {p.voltage_full_v:.2f} V empty / nominal / full",
        ),
        (
            "content",
            f"{p.capacity_ah:.2f} Ah, {p.energy_wh:.0f} Wh rated, {p.energy_usable_wh:.0f} Wh to the load",
        ),
        ("cell", f"{p.cell_current_steady_a:.2f} A steady, {p.cell_current_peak_a:.2f} A peak"),
        (
            "sag",
            f"{p.sag_steady_v:.2f} V steady, {p.sag_peak_v:.2f} V peak, {p.resistance_total_ohm * 1e3:.1f} mΩ in all",
        ),
        (
            "size",
            f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm, {p.mass_kg:.2f} kg",
        ),
        ("lead", f"{a.leads.limit_a:.1f} A allowed, {a.leads.drop_steady_v * 1e3:.0f} mV lost"),
    ):
        # Of a job about leads nothing is known of cells and size; one cell with its board has no leads.
        if name == "lead" if about_leads else not one or name in ("voltage", "cell"):
            print(f"  {name:<8} {value}")
    for name, value in plan.summary(whole.details) if plan.summary and whole.details else ():
        print(f"  {name:<8} {value}")
    if about_leads:
        print(f"  fault    up to {p.voltage_full_v:.2f} V, a short drives about {p.short_circuit_a:.0f} A")
    for finding in whole.findings:
        fix = f" Fix: {finding.fix}." if finding.fix else ""
        word = coloured(f"{finding.severity.upper():<10}", finding.severity)
        print(f"  {word}{finding.code:<6}{finding.sentence}{fix}")
    return _code(whole.findings, arguments.fail_on)


def _code(findings: "Sequence[ReportedFinding]", fail_on: str | None) -> int:
    """The exit code: whether something is found as bad as was asked for."""
    from firmcell.cli.parser import SEVERITIES

    if fail_on is None:
        return RIGHT
    bad = SEVERITIES[: SEVERITIES.index(fail_on) + 1]
    return FOUND if any(f.severity in bad for f in findings) else RIGHT
