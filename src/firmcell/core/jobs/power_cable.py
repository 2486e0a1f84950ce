"""The work plan of a power cable: route, lugs, second insulation, clips, torque, fuse last."""

from collections.abc import Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import (
    amperes,
    celsius,
    figures,
    millimetres,
    plural,
    square_millimetres,
    volts,
)
from firmcell.core.jobs.parts_used import Used, Uses, fuses_used, joint_sleeves, wires_used
from firmcell.core.jobs.passport import leads_handed_over
from firmcell.core.jobs.plan import LEADS_STAGES, JobPlan, PageSection, Subject, leads_picture, leads_plate
from firmcell.core.jobs.readings import READS
from firmcell.core.leads.insulation_class import smallest_bend
from firmcell.core.leads.lugs import lug_takes, lug_work
from firmcell.core.leads.power_cable import cable_figures, lug_for
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import LEAST_INSULATION_OHM
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import FuseKind
from firmcell.core.pictures.lead import LeadEnd, LeadWay
from firmcell.core.records.areas import ENDS
from firmcell.core.records.step import POLES, Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()


def power_cable_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of laying a heavy cable in order; the source is joined last."""
    return tuple(
        step
        for part in (_route, _first_ends, _lay, _far_ends, _insulation, _join, _proven)
        for step in part(d, a)
    )


def _fuse_words(d: Design) -> str:
    if d.leads.fuse is None:
        return "protection"
    return "breaker" if d.leads.fuse.construction is FuseKind.BREAKER else "fuse"


def _route(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "cable-route",
        "Route",
        "Measure the way with a string",
        f"Lay a string where the cable will run, away from edges, heat and moving parts, no bend under {millimetres(smallest_bend(d.leads.wire))} "
        f"inside. Planned: {figures(d.leads.length_m)} m of {d.leads.wire.name}, each conductor.",
        cautions=("Source disconnected: the clamp on its minus comes off first and goes on last.",),
        records=("checked",),
        checks=(
            "Source disconnected",
            f"Length is within {figures(d.leads.length_m)} m",
            "Nothing sharp or hot on the way",
            "Both studs clean and bright",
        ),
        hold=True,
    )


def _crimped(d: Design, a: Analysis, where: str, pole: str, wires: tuple[str, ...], named: str = "") -> Step:
    """One lug or terminal on one end of a conductor."""
    lug = getattr(d.cable, f"{where}_lug")
    if lug is None:
        words, expected = "Choose a lug in Leads first.", ""
    else:
        work = lug_work(lug, d.leads.wire, smallest_bend(d.leads.wire))
        pull = f", holds {work.pull_n:.0f} N ({work.pull_source})" if work.pull_n else ""
        words = (
            f"{lug.name}. Strip {millimetres(work.strip_m)} (barrel and 1 mm; mark it with tape), roll the insulation off, nick no strand. All "
            f"strands in with a twist, seen in the witness hole. Die or indent for {work.die_mm2:.3g} mm², "
            f"{'two crimps, the first next to the palm (some make one, in the middle)' if work.crimps > 1 else 'one full crimp'}. Then the {work.sleeve.words if work.sleeve else 'sleeve'} over barrel "
            "and insulation: it is shrunk enough when glue shows at both ends."
        )
        expected = f"conductor in the witness hole, tug holds{pull}"
    code = named or where
    at = {
        "source": "Source end",
        "load": "Load end",
        "fuse-load": "Fuse, load side",
        "fuse-source": "Fuse, source side",
    }[code]
    return Step(
        f"crimp-{code}-{pole}",
        "Ends",
        f"{at}, {pole}: crimp the lug",
        words,
        records=("crimp-joint",),
        expected=expected,
        refs=(f"lead:{pole}",),
        wires=wires,
        covers=(ENDS,),
        hold=lug is None,
    )


def _first_ends(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "cable-sleeves",
        "Ends",
        "Sleeves on, then the load's end at the bench",
        "Sleeves for the first end go on before it is crimped. The other end is crimped where the cable lies.",
        records=("checked",),
        checks=("Sleeve on each conductor",),
        hold=True,
    )
    for pole in ("plus", "minus"):
        yield _crimped(d, a, "load", pole, ())


def _far_ends(d: Design, a: Analysis) -> Iterator[Step]:
    protection = _fuse_words(d)
    yield Step(
        "cable-cut",
        "Ends",
        "Cut in place, slide everything on",
        f"Cut each conductor where its stud or {protection} is: a heavy cable half through, let go, then through, so that the cut stays square. Sleeves on"
        + (
            f", the second insulation over all that lies ahead of the {protection}, before the end is crimped."
            if d.cable.second_insulation
            else " before the end is crimped."
        ),
        records=("checked",),
        checks=("Cuts square, no strand lost", "Sleeves on each conductor")
        + (("Second insulation on",) if d.cable.second_insulation else ()),
        hold=True,
    )
    for sign, pole in (("-", "minus"), ("+", "plus")):
        made = {e.id for e in a.wiring.wires}
        if f"main.{sign}.a" in made:
            yield _crimped(d, a, "load", pole, (f"main.{sign}",), "fuse-load")
            yield _crimped(d, a, "load", pole, (), "fuse-source")
            yield _crimped(d, a, "source", pole, (f"main.{sign}.a",))
        else:
            yield _crimped(d, a, "source", pole, (f"main.{sign}",))


def _lay(d: Design, a: Analysis) -> Iterator[Step]:
    lug = d.cable.source_lug or d.cable.load_lug
    clip = (
        f"every {millimetres(lug_work(lug, d.leads.wire, 0.1).clip_m)}, the first {millimetres(lug_work(lug, d.leads.wire, 0.1).first_clip_m)} from each lug"
        if lug
        else "so that nothing hangs"
    )
    yield Step(
        "cable-clips",
        "Lay",
        "Through the grommets, lay and clip it",
        f"From the load towards the source, grommets in every hole through sheet. Clips {clip}. Plus and minus beside each other.",
        records=("checked",),
        checks=("Clipped", "No bend too tight", "Grommets in every hole", "Nothing chafes"),
        hold=True,
    )


def _insulation(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "cable-insulation",
        "Lay",
        "Measure the insulation before it is live",
        "Each conductor to the other and to the frame, both ends free.",
        records=("insulation-reading",),
        poles=POLES,
        expected=f"more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        hold=True,
    )


def _join(d: Design, a: Analysis) -> Iterator[Step]:
    protection = _fuse_words(d)
    order = (("load", "minus"), ("load", "plus"), ("source", "plus"), ("source", "minus"))
    if d.leads.fuse is not None:
        yield Step(
            "join-fuse",
            "Join",
            f"Both lugs on the {protection}",
            f"{d.leads.fuse.name}: lugs flat on its studs, torque as printed on it, cover on. The {protection} itself stays out, or open.",
            records=("checked",),
            checks=("Lugs flat, torque reached", f"The {protection} is out, or open", "Cover on"),
            refs=("fuse",),
            hold=True,
        )
    for where, pole in order:
        lug = getattr(d.cable, f"{where}_lug")
        nm = lug_work(lug, d.leads.wire, 0.1).torque_nm if lug else None
        torque = f"{nm:g} N·m for M{lug.stud_m * 1e3:.0f}" if nm and lug else "what is printed on the part"
        last = (where, pole) == order[-1]
        words = f"Lug flat on the stud, nothing between, washer and nut on top. Torque: {torque}; what the part says goes before it."
        if (where, pole) == ("source", "plus"):
            words += f" The {protection} stays out, or open, and goes in this lead within {millimetres(max(d.leads.fuse_at_m, 0.05))} of the stud."
        yield Step(
            f"join-{where}-{pole}",
            "Join",
            f"{where.capitalize()} {pole}",
            words,
            cautions=(
                (f"Spanner insulated: from plus to frame it drives {amperes(a.pack.short_circuit_a)}.",)
                if where == "source"
                else ()
            ),
            records=("checked",),
            checks=("Lug flat, torque reached", "Cover on") + (("Small spark at most",) if last else ()),
            refs=(f"lead:{pole}",),
            hold=last,
            powers=where == "source",
        )


def _proven(d: Design, a: Analysis) -> Iterator[Step]:
    protection = _fuse_words(d)
    yield Step(
        "cable-polarity",
        "Prove",
        f"Polarity at the load, then the {protection} in",
        f"With the {protection} out the load end reads nothing. Put it in; red on the plus lug.",
        records=("polarity-reading",),
        expected=f"up to {READS} with red on plus",
        probes=("load.-", "load.+"),
        refs=("lead:plus", "fuse"),
        hold=True,
    )
    yield Step(
        "cable-load",
        "Prove",
        "Drop and heat under load",
        f"Load it with about {amperes(d.brief.current_steady_a)}; measure from source stud to load stud along each conductor, then feel every lug.",
        records=("checked",),
        checks=(
            f"Both conductors together lose under {volts(d.leads.drop_limit_v)}",
            "No lug warmer than the cable",
            "Clips and covers sit",
        ),
        hold=True,
    )


@OWN.rule(
    "PC-1",
    Stage.LEADS,
    Severity.STOP,
    source="barrel and stud as stamped",
    reason="A barrel too wide lets strands move, one too narrow costs strands; a hole too large does not clamp.",
)
def lug_does_not_fit(s: Situation) -> Iterator[Hit]:
    """A lug is missing, or not for this conductor and stud."""
    d = s.design
    for where in ("source", "load"):
        lug, stud = getattr(d.cable, f"{where}_lug"), getattr(d.cable, f"{where}_stud_m")
        best = lug_for(s.library, d.leads.wire, stud)
        fix = Fix(f"Use {best.name} at the {where}", ((f"cable.{where}_lug", best),)) if best else None
        if lug is None:
            yield Hit(f"No lug is chosen at the {where}.", ("connector",), fix)
        elif not lug_takes(lug, d.leads.wire):
            yield Hit(
                f"{lug.name} takes {square_millimetres(lug.area_min_m2)} to {square_millimetres(lug.area_max_m2)}; the wire has "
                f"{square_millimetres(d.leads.wire.area_m2)}.",
                ("connector",),
                fix,
            )
        elif abs(lug.stud_m - stud) > 0.1e-3:
            yield Hit(
                f"{lug.name} is for M{lug.stud_m * 1e3:.0f}; the stud at the {where} is M{stud * 1e3:.0f}.",
                ("connector",),
                fix,
            )


@OWN.rule(
    "PC-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Nothing protects that piece: chafed through, it burns until the source is empty.",
)
def bare_before_the_fuse(s: Situation) -> Iterator[Hit]:
    """No second insulation on what lies ahead of the protection."""
    if not s.design.cable.second_insulation:
        yield Hit(
            "The wire between source and fuse has no second insulation.",
            ("lead:plus",),
            Fix("Put a second insulation on it", (("cable.second_insulation", True),)),
        )


@OWN.rule(
    "PC-3",
    Stage.LEADS,
    Severity.STOP,
    source="heat balance by duty; drop at working temperature, both conductors",
    reason="Too thin it cooks its insulation, or the load gets too little.",
)
def cable_too_thin(s: Situation) -> Iterator[Hit]:
    """The cable fails on current, peak or drop."""
    if s.design.leads.limit_k <= s.design.brief.ambient_max_k:
        yield Hit(
            f"A conductor no hotter than {celsius(s.design.leads.limit_k)} carries nothing in air of {celsius(s.design.brief.ambient_max_k)}.",
            ("lead:plus",),
            Fix("Allow 80 °C", (("leads.limit_k", 353.15),)),
        )
        return
    found = cable_figures(s.design, s.library)
    row = found.present
    if not row.fails:
        return
    fix = (
        Fix(f"Use {found.proposed.wire.name}", (("leads.wire", found.proposed.wire),))
        if found.proposed
        else None
    )
    words = {
        "current": f"carries {amperes(row.limit_a)} of {amperes(s.design.brief.current_steady_a)} by its duty (it would reach {celsius(row.temperature_k)})",
        "peak": f"reaches {celsius(row.peak_k)} at the peak",
        "drop": f"loses {figures(row.drop_v)} V of the {volts(s.design.leads.drop_limit_v)} allowed",
    }
    severity = Severity.ATTENTION if row.fails == ("drop",) else Severity.STOP
    yield Hit(f"{row.wire.gauge} {' and '.join(words[w] for w in row.fails)}.", ("lead:plus",), fix, severity)


class LugReport(Frozen):
    """One end of a heavy cable."""

    lug: str
    strip_m: float
    crimps: int
    die_mm2: float
    torque_nm: float | None


class CableReport(Frozen):
    """A heavy cable by its duty."""

    limit_a: float
    temperature_k: float
    drop_v: float
    fails: tuple[str, ...]
    proposed: str | None
    ruled_by: str
    ends: tuple[LugReport | None, LugReport | None]


def _report(design: Design, library: PartLibrary) -> CableReport:
    found = cable_figures(design, library)
    ends = tuple(
        LugReport(
            lug=w.lug.name, strip_m=w.strip_m, crimps=w.crimps, die_mm2=w.die_mm2, torque_nm=w.torque_nm
        )
        if w
        else None
        for w in found.ends
    )
    return CableReport(
        limit_a=found.present.limit_a,
        temperature_k=found.present.temperature_k,
        drop_v=found.present.drop_v,
        fails=found.present.fails,
        proposed=found.proposed.wire.name if found.proposed else None,
        ruled_by=found.ruled,
        ends=(ends[0], ends[1]),
    )


def _way(design: Design) -> LeadWay:
    by_turns = design.cable.on_s > 0 and design.cable.off_s > 0
    return LeadWay(LeadEnd.SOURCE_LUG, LeadEnd.LOAD_LUG, to="from stud to stud", rests=by_turns)


def _lugs(design: Design) -> tuple[str, str]:
    return "Lugs", " and ".join(
        lug.name if lug else "none" for lug in (design.cable.source_lug, design.cable.load_lug)
    )


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    return ("cable.source_v", design.series * design.cell.full_v), ("leads.length_m", 1.5)


def _duty(d: Design, a: Analysis, library: PartLibrary) -> str:
    row = cable_figures(d, library).present
    words = f"{amperes(row.limit_a)} by its duty"
    if d.cable.on_s and d.cable.off_s:
        words += f" ({figures(d.cable.on_s)} s on, {figures(d.cable.off_s)} s off; time constant {row.time_constant_s:.0f} s)"
    return f"{words}; it warms to {celsius(row.temperature_k)}, {celsius(row.peak_k)} after the peak"


def _thinnest(d: Design, a: Analysis, library: PartLibrary) -> str:
    found = cable_figures(d, library)
    return f"{found.proposed.wire.name}; limited by {found.ruled}" if found.proposed else found.ruled


def _end(place: int, d: Design, library: PartLibrary) -> str:
    work = cable_figures(d, library).ends[place]
    if work is None:
        return "no lug chosen"
    torque = f"{work.torque_nm:g} N·m" if work.torque_nm else "torque as printed"
    pull = f", holds {work.pull_n:.0f} N" if work.pull_n else ""
    sleeve = f", {work.sleeve.words} × {millimetres(work.sleeve.cut_m)}" if work.sleeve else ""
    return f"strip {millimetres(work.strip_m)}, {plural(work.crimps, 'crimp')}, die {work.die_mm2:.3g} mm², {torque}{pull}{sleeve}"


def _at_the_source(d: Design, a: Analysis, library: PartLibrary) -> str:
    return _end(0, d, library)


def _at_the_load(d: Design, a: Analysis, library: PartLibrary) -> str:
    return _end(1, d, library)


def _clips(d: Design, a: Analysis, library: PartLibrary) -> str:
    work = next((w for w in cable_figures(d, library).ends if w), None)
    if work is None:
        return "choose a lug"
    return f"every {millimetres(work.clip_m)}, first {millimetres(work.first_clip_m)} from the lug"


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """The cable, a lug and its sleeve for each end, and the fuse."""
    yield from wires_used(d, a, steps)
    for step in steps:
        if not step.code.startswith("crimp-"):
            continue
        *_, end, _ = step.code.split("-")
        lug = d.cable.load_lug if end == "load" else d.cable.source_lug
        if lug is not None:
            yield Used(step.code, "lug", lug.name, 1)
            work = lug_work(lug, d.leads.wire, smallest_bend(d.leads.wire))
            yield from joint_sleeves(step.code, work.sleeve, 1)
    yield from fuses_used(d, a, steps)


PLAN = JobPlan(
    kind=JobKind.POWER_CABLE,
    subject=Subject.LEADS,
    stages=LEADS_STAGES,
    own_steps=power_cable_steps,
    uses=_uses,
    own=OWN,
    live=False,
    # Lugs are in the place of a plug, and the duty is judged by a rule of its own.
    topics=frozenset({Topic.FUSE}),
    first_edits=_first_edits,
    sections={
        Stage.LEADS: (
            PageSection(
                "Source, duty and ends",
                tuple(
                    f"cable.{n}"
                    for n in (
                        "source_v",
                        "source_class",
                        "source_short_a",
                        "on_s",
                        "off_s",
                        "source_stud_m",
                        "source_lug",
                        "load_stud_m",
                        "load_lug",
                        "second_insulation",
                    )
                ),
                (
                    ("Carries", _duty),
                    ("Thinnest", _thinnest),
                    ("At the source", _at_the_source),
                    ("At the load", _at_the_load),
                    ("Clips", _clips),
                ),
            ),
        )
    },
    lead_way=_way,
    picture=leads_picture(_way),
    plate=leads_plate,
    handed_over=leads_handed_over(_lugs),
    reported=_report,
    report_model=CableReport,
)
