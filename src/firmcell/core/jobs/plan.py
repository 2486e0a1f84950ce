"""What a kind of job is: everything the program asks of a kind, in one place, so that a new kind is one
file."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import field, replace
from enum import StrEnum
from typing import Any

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import amperes, figures, kilograms, volts, watt_hours
from firmcell.core.bench.moment import Before
from firmcell.core.bench.on_bench import OnBench
from firmcell.core.bench.touch_limit import with_touch_limit
from firmcell.core.jobs.before_after import Compared
from firmcell.core.jobs.cooling import with_cooling
from firmcell.core.jobs.grain import shortened
from firmcell.core.jobs.parts_used import Uses, pack_uses
from firmcell.core.jobs.passport import HandedOver
from firmcell.core.jobs.readings import with_readings
from firmcell.core.model.design import Design, Face
from firmcell.core.model.job_details import Grain, JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.lead import PACK_TO_PLUG, LeadWay, lead_drawing
from firmcell.core.pictures.templates import Template, templates
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import MAKING, Step
from firmcell.core.rules.table import ALL_TOPICS, RULES, Rule, RuleTable, Topic

Pairs = tuple[tuple[str, str], ...]
Edits = tuple[tuple[str, object], ...]


class Subject(StrEnum):
    """What a job is about, and so what stands on the bench."""

    PACK = "pack"
    LEADS = "leads"
    ONE_CELL = "one cell"


@frozen
class PageSection:
    """A section of a page that only some kinds of job have.

    Attributes
    ----------
    title : heading.
    fields : dotted paths of fields of the design.
    figures : names, and what tells each from design, analysis and part library.
    words : a sentence under the fields.
    """

    title: str
    fields: tuple[str, ...] = ()
    figures: tuple[tuple[str, Callable[[Design, Analysis, PartLibrary], str]], ...] = ()
    words: str = ""


LEADS_STAGES = (Stage.BRIEF, Stage.LEADS, Stage.BENCH, Stage.PASSPORT)
"""Of a job that is about leads: the pack is closed, or not there."""


def leads_picture(way: Callable[[Design], LeadWay]) -> Callable[[Design, Analysis], Drawing]:
    """Return what draws the leads with the ends that `way` tells."""
    return lambda design, analysis: lead_drawing(design, analysis, way(design))


def no_edits(design: Design) -> Edits:
    """No edits."""
    return ()


def nothing_before(design: Design, analysis: Analysis) -> tuple[Compared, ...]:
    """There was nothing before."""
    return ()


def the_leads(design: Design) -> LeadWay:
    """From the strips of the pack to its plug."""
    return PACK_TO_PLUG


def as_handed_over(parts: HandedOver, design: Design, analysis: Analysis, state: BuildState) -> HandedOver:
    """All that a pack is handed over with."""
    return parts


def electrical_ratings(design: Design, analysis: Analysis) -> Pairs:
    """Return voltage, content and current of what holds cells, as the rating plate names them."""
    p = analysis.pack
    known = design.cell.known
    return (
        ("Nominal", volts(p.voltage_nominal_v)),
        ("Full", volts(p.voltage_full_v)),
        ("Capacity", f"{figures(p.capacity_ah)} Ah" if known else "not known"),
        ("Energy", watt_hours(p.energy_j) if known else "not known"),
        (
            "Steady / peak",
            f"{figures(design.brief.current_steady_a)} / {amperes(design.brief.current_peak_a)}",
        ),
    )


def pack_plate(design: Design, analysis: Analysis) -> tuple[str, Pairs]:
    """Return designation and figures of a pack, for its rating plate."""
    p, e = analysis.pack, analysis.insulation.envelope
    return p.designation, (
        ("Cells", f"{p.series}S{p.parallel}P"),
        *electrical_ratings(design, analysis),
        ("Mass", kilograms(p.mass_kg)),
        ("Outside, mm", f"{e.length_m * 1e3:.0f} × {e.width_m * 1e3:.0f} × {e.height_m * 1e3:.0f}"),
    )


def leads_plate(design: Design, analysis: Analysis) -> tuple[str, Pairs]:
    """Return kind and figures of a job that is about leads, for its rating plate."""
    leads = design.leads
    return design.kind.value.capitalize(), (
        ("Up to", volts(analysis.pack.voltage_full_v)),
        (
            "Steady / peak",
            f"{figures(design.brief.current_steady_a)} / {amperes(design.brief.current_peak_a)}",
        ),
        ("Wire", leads.wire.gauge),
        ("Length", f"{figures(leads.length_m)} m each"),
        ("Loses", f"{figures(analysis.leads.drop_steady_v * 1e3)} mV"),
        ("A short drives", amperes(analysis.pack.short_circuit_a)),
        ("Fuse", f"{figures(leads.fuse.rating_a)} A" if leads.fuse else "none"),
    )


@frozen
class StagePicture:
    """A picture that stands in place of the faces in one stage, and its caption."""

    caption: str
    drawn: Callable[[Design, Analysis], Drawing]


@frozen(kw_only=True)
class JobPlan:
    """A kind of job.

    Attributes
    ----------
    kind, subject : which, and what it is about.
    stages : the stages it shows, in the trade's order.
    own_steps : the work plan, from a design and its analysis; `steps` adds what each reading must show.
    topics : which of the general rules speak, by what they are about.
    own : rules of this kind alone.
    proposes : of a job on a pack that is there, the fields that may be proposed; all others stay as they are.
    first_edits : edits that make a proposed pack a job of this kind, its kind apart.
    sections : what its pages show beyond the others', by stage.
    lead_way : what its leads run between.
    live : whether the wires are live while they are joined: cells are in, a source is on.
    closed : whether the pack is there already, joined and covered.
    picture : the one picture that stands on the bench in place of the faces, with a caption; None shows
        the faces.
    stage_pictures : a picture that stands in place of the faces in one stage.
    templates : drawings at true size to cut and drill by.
    worth : what the mend changed, figure by figure; empty where there was nothing before.
    plate : title and pairs of the rating plate.
    handed_over : what of the passport it keeps, changes or leaves out.
    reported, report_model : its own figures in `analyse --json`, and the model they are in.
    summary : those figures in words, for the command line.
    uses : what each step uses up.
    """

    kind: JobKind
    subject: Subject = Subject.PACK
    stages: tuple[Stage, ...] = tuple(Stage)
    own_steps: Callable[[Design, Analysis], tuple[Step, ...]]
    topics: frozenset[Topic] = ALL_TOPICS
    own: RuleTable = field(default_factory=RuleTable)
    proposes: tuple[str, ...] = ()
    first_edits: Callable[[Design], Edits] = no_edits
    sections: Mapping[Stage, tuple[PageSection, ...]] = field(default_factory=dict)
    lead_way: Callable[[Design], LeadWay] = the_leads
    live: bool = True
    closed: bool = False
    picture: Callable[[Design, Analysis], Drawing] | None = None
    caption: str = ""
    stage_pictures: Mapping[Stage, StagePicture] = field(default_factory=dict)
    worth: Callable[[Design, Analysis], tuple[Compared, ...]] = nothing_before
    templates: Callable[[Design, Analysis], tuple[Template, ...]] = templates
    plate: Callable[[Design, Analysis], tuple[str, Pairs]] = pack_plate
    handed_over: Callable[[HandedOver, Design, Analysis, BuildState], HandedOver] = as_handed_over
    reported: Callable[[Design, PartLibrary], Frozen] | None = None
    report_model: type[Frozen] | None = None
    summary: Callable[[Any], Pairs] | None = None
    uses: Callable[[Design, Analysis, Sequence[Step]], Uses] = pack_uses

    @property
    def rules(self) -> tuple[Rule, ...]:
        """The rules that speak: general ones whose stage and topics this kind has, then its own."""
        general = (r for r in RULES.values() if r.stage in self.stages and r.topics <= self.topics)
        return (*general, *self.own.rules.values())

    def steps(self, design: Design, analysis: Analysis) -> tuple[Step, ...]:
        """Return the work plan, with what each reading must show by the wiring as it stands at that step."""
        # What joins metal is a hold point: nothing is laid over it before it is right.
        own = tuple(
            replace(step, hold=True) if MAKING & set(step.records) else step
            for step in self.own_steps(design, analysis)
        )
        if design.grain is Grain.SHORT:
            own = shortened(own)
        told = with_touch_limit(
            own, design, analysis.layout, analysis.bms.taps, analysis.wiring, self.before(design)
        )
        return with_readings(with_cooling(told), design, analysis.wiring)

    def before(self, design: Design) -> Before:
        """What is there before the first step."""
        return Before(design.details.opens_pack, self.closed, self.live, self.live)

    def on_bench(self, design: Design, analysis: Analysis, steps: tuple[Step, ...]) -> OnBench:
        """Return what stands on the bench, for what is asked of a moment of the build."""
        return OnBench(
            design,
            analysis.layout,
            analysis.bms.taps,
            analysis.wiring,
            analysis.strips,
            steps,
            self.before(design),
        )

    def leads_picture(self, design: Design, analysis: Analysis) -> Drawing:
        """Return the leads to scale, with the ends that this kind has."""
        return lead_drawing(design, analysis, self.lead_way(design))

    def pictures(self, design: Design, analysis: Analysis) -> tuple[Drawing, ...]:
        """Return the pictures that stand for the job as a whole, on its passport and in files."""
        if self.picture is not None:
            return (self.picture(design, analysis),)
        return tuple(face_drawing(design, analysis, face) for face in Face)
