"""One file a kind of job: stages, rules, steps, pictures, passport. What the program asks of a kind, it asks
here."""

from dataclasses import replace

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Finding, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.existing_pack import PackAsItIs, as_it_is
from firmcell.core.changes.first_design import propose, with_fixes
from firmcell.core.changes.from_stock import Weight, of_stock_first, weight_of
from firmcell.core.jobs import (
    bms_retrofit,
    cell_bms,
    holder_pack,
    lead_change,
    machine_leads,
    made_up_lead,
    new_pack,
    power_cable,
    re_sleeve,
    refit,
    tray,
    wet_jacket,
)
from firmcell.core.jobs.passport import Bound, Passport, passport
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.records.build_state import EMPTY_STATE, BuildState
from firmcell.core.records.step import Step
from firmcell.core.rules import RULES, Rule, find
from firmcell.core.stock.at_hand import NOTHING, AtHand
from firmcell.core.strips.under_load import solve_under_load

PLANS: dict[JobKind, JobPlan] = {
    plan.kind: plan
    for plan in (
        new_pack.PLAN,
        lead_change.PLAN,
        machine_leads.PLAN,
        power_cable.PLAN,
        cell_bms.PLAN,
        bms_retrofit.PLAN,
        holder_pack.PLAN,
        re_sleeve.PLAN,
        made_up_lead.PLAN,
        refit.PLAN,
        wet_jacket.PLAN,
        tray.PLAN,
    )
}
ALL_RULES: dict[str, Rule] = RULES | {
    code: r for plan in PLANS.values() for code, r in plan.own.rules.items()
}
"""Every rule there is, by code: the general ones and those of each kind."""


def plan_of(design: Design) -> JobPlan:
    """Return what kind of job a design is for."""
    return PLANS[design.kind]


def steps_of(design: Design, analysis: Analysis) -> tuple[Step, ...]:
    """Return the steps of a job in order, by its kind."""
    return plan_of(design).steps(design, analysis)


def findings_of(situation: Situation) -> tuple[Finding, ...]:
    """Return every finding of the rules that speak in this kind of job, worst first.

    On a pack that is there no fix is offered that would make another pack of it.
    """
    plan = plan_of(situation.design)
    found = find(situation, plan.rules)
    if situation.design.existing is None:
        return found
    return tuple(_kept_as_it_is(finding, plan.proposes) for finding in found)


def _kept_as_it_is(finding: Finding, proposes: tuple[str, ...]) -> Finding:
    fix = finding.fix
    if fix is None or all(path.startswith((*proposes, "brief.")) for path, _ in fix.edits):
        return finding
    return replace(finding, fix=None)


def first_job(
    brief: Brief,
    kind: JobKind,
    library: PartLibrary,
    cell: Cell | None = None,
    welder: Welder | None = Welder.MEDIUM,
    at_hand: AtHand = NOTHING,
) -> Design:
    """Return a first design of a job from its brief, what its kind asks for chosen as far as its rules can,
    of what is at hand where that does as well; `welder` and what it raises as in `propose`."""
    rules = PLANS[JobKind.NEW_PACK].rules

    def make(parts: PartLibrary) -> Design:
        return as_job(propose(brief, parts, cell, rules, welder), kind, parts)

    def weigh(design: Design) -> Weight:
        analysis = analyse(design, library)
        metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
        return weight_of(findings_of(Situation(design, analysis, EMPTY_STATE, library, metal)))

    return of_stock_first(make, weigh, library, at_hand)


def existing_job(found: PackAsItIs, brief: Brief, kind: JobKind, library: PartLibrary) -> Design:
    """Return a job on a pack that is there: only what its kind may propose is proposed; raises as
    `as_it_is`, and for a kind that begins with no pack."""
    plan = PLANS[kind]
    if not plan.proposes:
        kinds = ", ".join(p.kind.value for p in PLANS.values() if p.proposes)
        raise Refusal(f"A {kind.value} does not begin with a pack that is there; these do: {kinds}.")
    design = as_it_is(found, brief, library).with_edits(("kind", kind))
    own = tuple(e for e in plan.first_edits(design) if e[0].startswith(plan.proposes))
    return with_fixes(design.with_edits(*own) if own else design, library, plan.rules, plan.proposes)


def as_job(design: Design, kind: JobKind, library: PartLibrary) -> Design:
    """Return the design as a job of another kind, what that kind asks for chosen from the part library as far
    as its rules can."""
    plan = PLANS[kind]
    if design.kind is kind:
        return design
    changed = design.with_edits(("kind", kind), *plan.first_edits(design))
    return with_fixes(changed, library, plan.rules)


def passport_of(
    design: Design, analysis: Analysis, state: BuildState, steps: tuple[Step, ...], bound: Bound
) -> Passport:
    """Return the passport of a job; `state` is that of the records that count, see `bench.standing`."""
    plan = plan_of(design)
    page = passport(design, analysis, state, steps, bound, plan.stages, plan.handed_over)
    worth = tuple((row.name, row.before, row.after, row.words) for row in plan.worth(design, analysis))
    return replace(page, worth=worth)
