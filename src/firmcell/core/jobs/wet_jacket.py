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
from firmcell.core.insulation.wet_jacket import JacketedPack, jacketed, notches_apart
from firmcell.core.jobs.cautions import FIRE_PLAN, lead_joint
from firmcell.core.jobs.cooling import SLEEVED_PACK_S
from firmcell.core.jobs.parts_used import Used, Uses
from firmcell.core.jobs.passport import HandedOver, record_words
from firmcell.core.jobs.plan import JobPlan, PageSection, electrical_ratings
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import ids
from firmcell.core.leads.soldering import held_straight
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JacketVent, JobKind
from firmcell.core.model.limits import LEAST_INSULATION_OHM, PACK_SPREAD_V
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import CellForm
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.templates import Template
from firmcell.core.pictures.wet_jacket import jacket_drawing, plate_templates
from firmcell.core.records.areas import ENDS
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import POLES, Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()
LEAST_BETWEEN_M = 0.001
"""Of plate between two notches, or a notch and the edge; less breaks out; engineering judgement."""
LOOK_WEEKS = 4
"""Between looks for rust or damp; engineering judgement."""


def _made(d: Design, a: Analysis) -> JacketedPack:
    job, wire = d.wet_jacket, d.leads.wire
    wires = (*(wire.outer_diameter_m,) * (2 * d.leads.parallel), *(job.thin_m,) * job.thin_wires)
    own = (d.insulation.sleeve,) if d.insulation.sleeve else ()
    return jacketed(job, d.cell, d.cell_count, wires, job.mass_kg or a.pack.mass_kg, own)


def wet_jacket_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of a wet jacket in order."""
    return tuple(step for part in (_before, _dressed, _sealed, _proven) for step in part(d, a))


def _before(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "jacket-reading",
        "Before",
        "Voltage and insulation, before it disappears",
        "What is wrong inside now stays inside. Read the pack, and its insulation to foil laid round it; look at every wire's insulation up to the pack.",
        cautions=("The leads are live: one end covered while the other is handled.", FIRE_PLAN),
        records=("polarity-reading", "insulation-reading"),
        poles=POLES,
        expected=f"{READS}, red on plus; insulation more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        probes=("B0", f"B{d.series}"),
        any_charge=True,
        refs=("pack",),
        hold=True,
    )


def _dressed(d: Design, a: Analysis) -> Iterator[Step]:
    made, job = _made(d, a), d.wet_jacket
    yield Step(
        "jacket-cut",
        "Jacket",
        "Cut the sleeve, longer than it stays",
        f"Clear sleeve, {millimetres(made.flat_m)} flat at least, cut {millimetres(made.cut_m)}: what stands over is trimmed later.",
        records=("checked",),
        checks=("Sleeve clear, no scratch, no pinhole against the light", "Length by the list"),
        refs=("sleeve",),
    )
    wires = plural(len(made.notches), "notch", "notches")
    yield Step(
        "jacket-plates",
        "Jacket",
        "End plates and their notches, dry fit",
        f"Two plates {made.plate_m[0] * 1e3:.1f} × {millimetres(made.plate_m[1])}, {millimetres(job.plate_m)} thick, from the drawing at 1:1; {wires} in one of them, edges "
        "broken. Every wire in its own notch, nothing crossed; the plate stands square on the pack.",
        cautions=(
            "No connector goes through a notch: it is fitted afterwards, and each lead's end stays covered till then.",
        ),
        records=("checked",),
        checks=(
            "Each wire in its own notch",
            "Plates square, edges broken",
            "Sleeve slides over plates and pack",
            "Each lead's end covered",
        ),
        refs=("plate",),
        hold=True,
    )
    yield Step(
        "jacket-shrink",
        "Jacket",
        "Shrink it: flat and tight, the plates lock",
        "From the middle outwards, moving, low heat, the pack turned all the while. Then trim the ends to the lip: "
        f"{millimetres(job.lip_m)} past each plate.",
        cautions=("Stop and let it cool when it is more than hand-warm: the heat is in the cells.",),
        records=("checked",),
        checks=(
            "Tight all round, no wrinkle",
            "Plates locked and square",
            "Lips even",
            "Pack no more than hand-warm",
        ),
        cools_s=SLEEVED_PACK_S,
        refs=("sleeve",),
    )


def _sealed(d: Design, a: Analysis) -> Iterator[Step]:
    made, job = _made(d, a), d.wet_jacket
    volume = made.sealant_m3 * 1e6
    yield Step(
        "jacket-seal-wires",
        "Seal",
        "Seal the wires' end",
        f"Sealant round the rim inside the lip and worked between and around each wire, on both sides of the plate where it can be reached; about {figures(volume)} ml for both "
        "ends. No silicone that smells of vinegar: it eats copper.",
        cautions=(
            "Water creeps along strands inside a wire's insulation: no bare strand ends inside the jacket.",
            "This cannot be undone: look again that nothing is left inside that belongs outside.",
        ),
        records=("checked",),
        checks=("Each wire has sealant all round", "Rim filled to the lip", "No thread of air along a wire"),
        refs=("sealant",),
    )
    vent = " The vent's membrane stays clear of sealant." if job.vent is JacketVent.VENT else ""
    yield Step(
        "jacket-seal-far",
        "Seal",
        "Seal the other end",
        f"Rim and lip, the pack standing on its cured or held end.{vent}",
        records=("checked",),
        checks=("Rim filled to the lip", *(("Membrane clear",) if vent else ())),
        refs=("sealant",),
    )
    yield Step(
        "jacket-cure",
        "Seal",
        f"Let it cure {figures(job.cure_s / 3600)} h",
        "Lying so that nothing runs, in a dry room; not on a charger, not in use.",
        records=("checked",),
        checks=("Cured through: a bead laid beside it is hard inside",),
        refs=("sealant",),
        wait_s=job.cure_s,
        hold=True,
    )
    yield Step(
        "jacket-look",
        "Prove",
        "Look through the clear wall",
        "Stuck everywhere, no bubble that reaches across, no channel along a wire: with a lamp from the other end.",
        records=("checked",),
        checks=("Stuck all round", "No channel from outside to inside", "No bubble across the bead"),
        refs=("sealant",),
        hold=True,
    )


def _proven(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "jacket-connector",
        "Prove",
        "The watertight connector",
        f"One conductor at a time, the other covered; {held_straight(d.leads.connector)} A gland or lined sleeve where the wires enter it.",
        **lead_joint(
            "solder-joint",
            "Always live: never both ends uncovered.",
            covered=True,
            cap=d.leads.connector.loose_contacts,
        ),
        expected="smooth joint, tug holds, sealed where the wire enters",
        refs=("lead:plus", "lead:minus"),
        wires=ids([e for e in a.wiring.wires if e.id.startswith("main.")]),
        covers=(ENDS,),
    )
    yield Step(
        "jacket-polarity",
        "Prove",
        "Read the connector",
        "Red into the contact marked +, black into −.",
        cautions=("A probe that slips across both contacts shorts the pack.",),
        records=("polarity-reading",),
        expected=f"as before, {READS}",
        probes=("load.-", "load.+"),
        any_charge=True,
        same_as="jacket-reading",
        spread_v=PACK_SPREAD_V,
        refs=("lead:plus",),
        hold=True,
    )
    yield Step(
        "jacket-dip",
        "Prove",
        "Dip it: weighed before and after, insulation in the water",
        "Connector capped and above the water. Weigh it dry; half an hour under a hand's breadth of water with a pinch of salt, insulation from each pole to the water; wipe it dry and "
        "weigh again.",
        cautions=("Bubbles that rise, or one gram more: out at once, and open it.",),
        records=("weighing", "insulation-reading"),
        poles=POLES,
        expected=f"no heavier, insulation to the water more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        refs=("pack",),
        hold=True,
    )
    charge = (
        "Charge only out of the water, one end open or in the open air: hydrogen must get out. "
        if d.wet_jacket.vent is JacketVent.OPEN and not d.cell.chemistry.is_lithium
        else ""
    )
    yield Step(
        "jacket-hand-over",
        "Prove",
        "Mark it, and when to look again",
        f"{charge}Look through the wall for rust or damp every {LOOK_WEEKS} weeks at first, and after each season.",
        records=("checked",),
        checks=("Marked: do not open, how to charge", f"Next look in {LOOK_WEEKS} weeks noted"),
        refs=("pack",),
        hold=True,
    )


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
    made, now = _made(s.design, s.analysis), s.design.insulation.sleeve
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
    made = _made(s.design, s.analysis)
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
    return jacket_drawing(d, _made(d, a))


def _templates(d: Design, a: Analysis) -> tuple[Template, ...]:
    return plate_templates(d, _made(d, a))


def _size_words(made: JacketedPack) -> str:
    return " × ".join(f"{side * 1e3:.1f}" for side in made.size_m) + " mm"


def _plate(d: Design, a: Analysis) -> tuple[str, tuple[tuple[str, str], ...]]:
    made = _made(d, a)
    return a.pack.designation, (
        *electrical_ratings(d, a),
        ("Finished, mm", " × ".join(f"{side * 1e3:.0f}" for side in made.size_m)),
        ("Mass", kilograms(made.mass_kg)),
        ("In water", "floats" if made.lift_n > 0 else "sinks"),
    )


def _handed_over(parts: HandedOver, d: Design, a: Analysis, state: BuildState) -> HandedOver:
    made = _made(d, a)
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
    made = _made(d, a)
    name = made.sleeve.name if made.sleeve else "no stock size"
    return f"{name} (at least {millimetres(made.flat_m)} flat), cut {millimetres(made.cut_m)}"


def _plates_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = _made(d, a)
    return f"{made.plate_m[0] * 1e3:.1f} × {millimetres(made.plate_m[1])}, {plural(len(made.notches), 'notch', 'notches')}; drawn at 1:1 in menu Job"


def _sealant_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = _made(d, a)
    return f"{figures(made.bead_m)} m of bead, {figures(made.sealant_m3 * 1e6)} ml with waste"


def _water_words(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = _made(d, a)
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
    made = _made(design, analyse(design, library))
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
    codes, made = {step.code for step in steps}, _made(d, a)
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
