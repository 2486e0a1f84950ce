"""A finished pack is sealed against water inside clear sleeve, with end plates and sealant; or it is
refused."""

from collections.abc import Iterator, Sequence
from dataclasses import replace
from math import ceil

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import figures, kilograms, millimetres, plural
from firmcell.core.insulation.outer_size import next_stock_size
from firmcell.core.insulation.wet_jacket import JacketedPack, notches_apart
from firmcell.core.jobs.parts_used import Used, Uses
from firmcell.core.jobs.passport import HandedOver, record_words
from firmcell.core.jobs.plan import JobPlan, PageSection, electrical_ratings
from firmcell.core.jobs.wet_jacket_steps import LOOK_WEEKS, jacket_of, wet_jacket_steps
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JacketVent, JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import CellForm
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.templates import Template
from firmcell.core.pictures.wet_jacket import jacket_drawing, plate_templates
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()
LEAST_BETWEEN_M = 0.001
"""Of plate between two notches, or a notch and the edge; less breaks out; engineering judgement."""


# -- rules ----------------------------------------------------------------------------------------------


@OWN.rule(
    "WJ-1",
    Stage.INSULATION,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A sealed block keeps water out by itself; a jacket keeps its gas in.",
)
def sealed_lead_gets_no_jacket(s: Situation) -> Iterator[Hit]:
    """A sealed lead block."""
    if s.design.wet_jacket.sealed_lead:
        yield Hit(
            "A sealed lead block gets no jacket: cover its terminals, and leave its vents free.", ("pack",)
        )


@OWN.rule(
    "WJ-2",
    Stage.INSULATION,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A cell that swells or vents in a tight jacket has nowhere to go, and a fault inside is seen too late.",
)
def lithium_in_a_jacket(s: Situation) -> Iterator[Hit]:
    """Lithium cells: pouches are refused, others want an enclosure unless the builder says why not."""
    d = s.design
    if d.wet_jacket.sealed_lead:
        return
    if d.cell.form is CellForm.POUCH:
        yield Hit(
            "Pouch cells get no jacket: they swell. A watertight enclosure with room round them.", ("pack",)
        )
    elif d.cell.chemistry.is_lithium or not d.cell.known:
        what = (
            d.cell.facts.label
            if d.cell.known
            else "What is in the pack is not known; it counts as lithium, which"
        )
        reason = d.wet_jacket.override.strip()
        words = f"{what} belongs in a watertight enclosure with a way out for gas, not in a tight jacket."
        if reason:
            yield Hit(
                f"{words} Jacketed all the same, because: {reason}", ("pack",), severity=Severity.ATTENTION
            )
        else:
            yield Hit(f"{words} Enter why, if you do it all the same; it is recorded.", ("pack",))


@OWN.rule(
    "WJ-3",
    Stage.INSULATION,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Nickel cells give hydrogen when they are full, and a jacket is tight.",
)
def hydrogen_needs_a_way_out(s: Situation) -> Iterator[Hit]:
    """A nickel pack sealed all round, or a job for an enclosure."""
    d = s.design
    if d.wet_jacket.vent is JacketVent.ENCLOSURE:
        yield Hit(
            "The enclosure instead of a jacket is chosen: this plan is for a jacket.",
            ("pack",),
            severity=Severity.STOP,
        )
    elif d.wet_jacket.vent is JacketVent.OPEN and not d.cell.chemistry.is_lithium and d.cell.known:
        yield Hit(
            "Sealed all round it must never be charged closed: out of the water, one end open. A membrane vent is the other school.",
            ("pack",),
        )


@OWN.rule(
    "WJ-4",
    Stage.INSULATION,
    Severity.STOP,
    source="half the circumference against the stock of the part library",
    reason="A sleeve that does not go tight does not lock the plates, and water finds the gap.",
)
def no_sleeve_for_it(s: Situation) -> Iterator[Hit]:
    """No sleeve is chosen, or the one chosen does not slide on and go tight."""
    made, now = jacket_of(s.design, s.analysis), s.design.insulation.sleeve
    if made.sleeve is not None:
        return
    found = next_stock_size(s.library.sleeves, made.around_m / 4, made.around_m / 4)
    fix = Fix(f"Use {found.name}", (("insulation.sleeve", found),)) if found else None
    asked = f"{millimetres(made.around_m)} round, {millimetres(made.flat_m)} flat at least"
    words = f"{now.name} does not slide on and go tight" if now else "No sleeve is chosen"
    yield Hit(f"{words}; the pack is {asked}.", ("sleeve",), fix)


@OWN.rule(
    "WJ-5",
    Stage.INSULATION,
    Severity.STOP,
    source="notches side by side on the plate's edge",
    reason="A bridge of a few tenths breaks out, and two wires share one bead.",
)
def notches_too_near(s: Situation) -> Iterator[Hit]:
    """More wires than the plate's edge has room for."""
    made = jacket_of(s.design, s.analysis)
    apart = notches_apart(made)
    deep = max((n.deep_m for n in made.notches), default=0.0)
    if apart < LEAST_BETWEEN_M:
        yield Hit(
            f"The notches come within {millimetres(max(apart, 0.0))} of each other; 1 mm of plate between them at least: lead wires out at both ends, or bundle thin ones.",
            ("plate",),
        )
    elif deep > made.plate_m[1] / 2:
        yield Hit(
            f"A notch {millimetres(deep)} deep goes past the middle of a plate {millimetres(made.plate_m[1])} high.",
            ("plate",),
        )


# -- what is told of it ---------------------------------------------------------------------------------


def _picture(d: Design, a: Analysis) -> Drawing:
    return jacket_drawing(d, jacket_of(d, a))


def _templates(d: Design, a: Analysis) -> tuple[Template, ...]:
    return plate_templates(d, jacket_of(d, a))


def _size_words(made: JacketedPack) -> str:
    return " × ".join(f"{side * 1e3:.1f}" for side in made.size_m) + " mm"


def _plate(d: Design, a: Analysis) -> tuple[str, tuple[tuple[str, str], ...]]:
    made = jacket_of(d, a)
    return a.pack.designation, (
        *electrical_ratings(d, a),
        ("Finished, mm", " × ".join(f"{side * 1e3:.0f}" for side in made.size_m)),
        ("Mass", kilograms(made.mass_kg)),
        ("In water", "floats" if made.lift_n > 0 else "sinks"),
    )


def _handed_over(parts: HandedOver, d: Design, a: Analysis, state: BuildState) -> HandedOver:
    made = jacket_of(d, a)
    kept = tuple(
        (n, f"{_size_words(made)}, {kilograms(made.mass_kg)}" if n == "Size" else v) for n, v in parts.ratings
    )
    caution = {
        JacketVent.OPEN: "Never charged closed: out of the water, one end open, in the open air.",
        JacketVent.VENT: "The vent in its end plate stays clear and out of the water while it charges.",
        JacketVent.ENCLOSURE: "",
    }[d.wet_jacket.vent]
    reason = d.wet_jacket.override.strip()
    why = (
        (f"Lithium, jacketed on the builder's own decision: {reason}",)
        if reason and d.cell.chemistry.is_lithium
        else ()
    )
    look = f"Look through the wall for rust or damp every {LOOK_WEEKS} weeks; with either, out of use."
    return replace(
        parts,
        ratings=kept,
        cautions=(*why, *((caution,) if caution else ()), look, *parts.cautions),
        records=(*parts.records, *record_words(state)),
    )


def _sleeve_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = jacket_of(d, a)
    name = made.sleeve.name if made.sleeve else "no stock size"
    return f"{name} (at least {millimetres(made.flat_m)} flat), cut {millimetres(made.cut_m)}"


def _plates_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = jacket_of(d, a)
    return f"{made.plate_m[0] * 1e3:.1f} × {millimetres(made.plate_m[1])}, {plural(len(made.notches), 'notch', 'notches')}; drawn at 1:1 in menu Job"


def _sealant_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = jacket_of(d, a)
    return f"{figures(made.bead_m)} m of bead, {figures(made.sealant_m3 * 1e6)} ml with waste"


def _water_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = jacket_of(d, a)
    way = "floats" if made.lift_n > 0 else "sinks"
    return f"{way}, with {figures(abs(made.lift_n))} N; up to {figures(made.air_m3 * 1e6)} ml of air inside"


class WetJacketReport(Frozen):
    """A jacketed pack."""

    sleeve: str | None
    flat_m: float
    cut_m: float
    plate_m: tuple[float, float]
    notches: int
    sealant_m3: float
    size_m: tuple[float, float, float]
    air_m3: float
    lift_n: float


def _report(design: Design, library: PartLibrary) -> WetJacketReport:
    made = jacket_of(design, analyse(design, library))
    return WetJacketReport(
        sleeve=made.sleeve.name if made.sleeve else None,
        flat_m=made.flat_m,
        cut_m=made.cut_m,
        plate_m=made.plate_m,
        notches=len(made.notches),
        sealant_m3=made.sealant_m3,
        size_m=made.size_m,
        air_m3=made.air_m3,
        lift_n=made.lift_n,
    )


_FIELDS = (
    "sealed_lead",
    "vent",
    "length_m",
    "width_m",
    "height_m",
    "corner_m",
    "mass_kg",
    "wall_m",
    "plate_m",
    "lip_m",
    "bead_m",
    "thin_wires",
    "thin_m",
    "cure_s",
    "override",
)


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """Clear sleeve, two plates, sealant, and the connector."""
    codes, made = {step.code for step in steps}, jacket_of(d, a)
    if "jacket-cut" in codes and made.sleeve is not None:
        yield Used("jacket-cut", "sleeve", made.sleeve.name, cuts=(made.cut_m,))
    if "jacket-plates" in codes:
        wide, high = made.plate_m
        size = f"{wide * 1e3:.0f} × {high * 1e3:.0f} × {d.wet_jacket.plate_m * 1e3:.0f} mm"
        yield Used("jacket-plates", "other", f"end plate {size}", 2)
    if "jacket-seal-wires" in codes:
        yield Used("jacket-seal-wires", "other", f"sealant, {ceil(made.sealant_m3 * 1e6)} ml in all", 1)
    if "jacket-connector" in codes:
        yield Used("jacket-connector", "connector", d.leads.outlet.name, 1)


PLAN = JobPlan(
    kind=JobKind.WET_JACKET,
    closed=True,
    stages=(Stage.BRIEF, Stage.INSULATION, Stage.BENCH, Stage.PASSPORT),
    own_steps=wet_jacket_steps,
    uses=_uses,
    topics=frozenset({Topic.CHARGE}),
    own=OWN,
    proposes=("wet_jacket.", "leads.connector", "insulation.sleeve"),
    sections={
        Stage.INSULATION: (
            PageSection(
                "Jacket against water",
                (
                    "insulation.sleeve",
                    *(f"wet_jacket.{n}" for n in _FIELDS),
                ),
                (
                    ("Sleeve", _sleeve_words),
                    ("Plates", _plates_words),
                    ("Sealant", _sealant_words),
                    ("In water", _water_words),
                ),
            ),
        )
    },
    picture=_picture,
    caption="The pack in its jacket, cut along its length, and the end plate that the wires leave through.",
    templates=_templates,
    plate=_plate,
    handed_over=_handed_over,
    reported=_report,
    report_model=WetJacketReport,
)
