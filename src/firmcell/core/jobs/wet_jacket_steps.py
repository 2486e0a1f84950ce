"""The work plan of a wet jacket: read, dress the leads, sleeve and plates, sealant, cure, dip."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import figures, millimetres, plural
from firmcell.core.insulation.wet_jacket import JacketedPack, jacketed
from firmcell.core.jobs.cautions import FIRE_PLAN, lead_joint
from firmcell.core.jobs.cooling import SLEEVED_PACK_S
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import ids
from firmcell.core.leads.soldering import held_straight
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JacketVent
from firmcell.core.model.limits import LEAST_INSULATION_OHM, PACK_SPREAD_V
from firmcell.core.records.areas import ENDS
from firmcell.core.records.step import POLES, Step

LOOK_WEEKS = 4
"""Between looks for rust or damp; engineering judgement."""


def jacket_of(d: Design, a: Analysis) -> JacketedPack:
    """Return what the jacket of a design takes and what the pack becomes."""
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
    made, job = jacket_of(d, a), d.wet_jacket
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
    made, job = jacket_of(d, a), d.wet_jacket
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
