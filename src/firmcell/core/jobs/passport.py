"""What is handed over with the pack: ratings, taps, limits, cautions and a summary of the records."""

from collections.abc import Callable, Iterable
from dataclasses import replace

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Finding, Severity, Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.tongue import Tell
from firmcell.core.base.wording import amperes, celsius, figures, kilograms, plural, volts, watt_hours
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Grain, Wired
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.pictures.way_table import routes
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import Proof, Verdict
from firmcell.core.tap_check.recorded_readings import tap_verdict

Pairs = tuple[tuple[str, str], ...]
CHARGE_MAX_K = 318.15
"""Warmest for charging; common practice, no source."""


@frozen
class Passport:
    """The content of the one page; pens lay it out.

    Attributes
    ----------
    ratings, limits : pairs of name and value; `limits_title` is what the limits are about.
    taps : name, printed name, face, empty, nominal and full voltage, last reading.
    cautions, records : one sentence each.
    essentials : text of the QR code.
    worth : what a mend was worth: name, before, after and change of each figure.
    finished : whether every step is passed and the taps are proved right; if not, `unfinished` says why.
    """

    title: str
    designation: str
    serial: str
    builder: str
    ratings: tuple[tuple[str, str], ...]
    limits: tuple[tuple[str, str], ...]
    limits_title: str
    taps: tuple[tuple[str, ...], ...]
    cautions: tuple[str, ...]
    records: tuple[str, ...]
    essentials: str
    finished: bool
    unfinished: str
    worth: tuple[tuple[str, str, str, str], ...] = ()
    stops: tuple[str, ...] = ()
    seal: str = ""


@frozen
class Bound:
    """What a passport is bound to.

    Attributes
    ----------
    head : hash of the last link of the job's chain; empty before the first.
    revision : number of the design's saved revision; None while it is not saved.
    stops : findings that stand as stop, in words.
    link : number of that link; 0 in a file without a chain over everything.
    key : public key that it is signed with, hex; empty if it is not.
    seal : all this in one line, as QR code and file hold it.
    """

    head: str
    revision: int | None = None
    stops: tuple[str, ...] = ()
    link: int = 0
    key: str = ""
    seal: str = ""


def stops_of(findings: Iterable[Finding]) -> tuple[str, ...]:
    """Return the findings that stand as stop, each in a line."""
    return tuple(f"{f.code}: {f.sentence}" for f in findings if f.severity is Severity.STOP)


@frozen
class HandedOver:
    """What a kind of job may change of a passport.

    Attributes
    ----------
    designation : what is handed over, short.
    ratings, limits, limits_title, cautions : as in `Passport`.
    records : sentences on what was recorded, without steps, taps and chain.
    essentials : lines of the QR code between the serial number and the record.
    """

    designation: str
    ratings: Pairs
    limits: Pairs
    limits_title: str
    cautions: tuple[str, ...]
    records: tuple[str, ...]
    essentials: tuple[str, ...]


def passport(
    design: Design,
    analysis: Analysis,
    state: BuildState,
    steps: tuple[Step, ...],
    bound: Bound,
    stages: tuple[Stage, ...],
    keeps: Callable[[HandedOver, Design, Analysis, BuildState], HandedOver],
) -> Passport:
    """Return the passport of a job.

    Parameters
    ----------
    bound : Bound
        The record, revision and stops that it stands for.
    stages, keeps
        Stages of this kind of job, and what of the page it keeps, changes or leaves out.
    """
    proof = tap_verdict(design, state)
    tested = Stage.TESTS in stages
    open_steps = [s for s in steps if state.step(s.code).status is not StepStatus.PASSED]
    unfinished = _unfinished(open_steps, len(steps), proof if tested else None, bound, state)
    parts = keeps(_whole(design, analysis, state), design, analysis, state)
    passed = len(steps) - len(open_steps)
    short = " of the short plan" if design.grain is Grain.SHORT else ""
    return Passport(
        title=design.brief.title,
        designation=parts.designation,
        serial=design.serial,
        builder=design.builder,
        ratings=parts.ratings,
        limits=parts.limits,
        limits_title=parts.limits_title,
        taps=_taps(analysis, state) if tested else (),
        cautions=parts.cautions,
        records=(
            f"{passed} of {len(steps)} steps passed{short}, {state.reworks} rework{'s' if state.reworks != 1 else ''}.",
            *parts.records,
            *((f"Taps: {proof.words} {proof.remark}".strip(),) if tested else ()),
            *(f"STOP: {stop}" for stop in bound.stops),
            f"{state.event_count} records on design revision {bound.revision or 'none'}; {_chain_words(bound)}.",
        ),
        essentials="\n".join(
            (
                design.brief.title,
                parts.designation,
                f"serial {design.serial or 'none'}",
                *parts.essentials,
                f"revision {bound.revision or 'none'}",
                bound.seal or f"record {bound.head or 'none'}",
            )
        ),
        seal=bound.seal,
        finished=not unfinished,
        unfinished=unfinished,
        stops=bound.stops,
    )


def told_passport(page: Passport, tell: Tell) -> Passport:
    """Return a passport in another language.

    What binds it to its job stays: title, names of people, serial and the QR code, which is the same in each
    language.
    """
    return replace(
        page,
        designation=tell(page.designation),
        ratings=tuple((tell(name), tell(value)) for name, value in page.ratings),
        limits=tuple((tell(name), tell(value)) for name, value in page.limits),
        limits_title=tell(page.limits_title),
        taps=tuple(tuple(map(tell, row)) for row in page.taps),
        cautions=tuple(map(tell, page.cautions)),
        records=tuple(map(tell, page.records)),
        unfinished=tell(page.unfinished),
        worth=tuple((tell(a), tell(b), tell(c), tell(d)) for a, b, c, d in page.worth),
        stops=tuple(map(tell, page.stops)),
    )


def _chain_words(bound: Bound) -> str:
    """Where the chain ends and who signed it."""
    ends = f"chain ends {_spaced(bound.head) or 'empty'}"
    if not bound.link:
        return ends
    signed = f"signed by the workshop key {bound.key[:16]}" if bound.key else "not signed"
    return f"{ends}, link {bound.link}, {signed}"


def _spaced(head: str) -> str:
    """A hash in groups of eight, as it is read aloud and compared."""
    return " ".join(head[n : n + 8] for n in range(0, len(head), 8))


def _unfinished(
    open_steps: list[Step], steps: int, proof: Proof | None, bound: Bound, state: BuildState
) -> str:
    """Why a job is not finished, in a sentence; "" if it is."""
    if open_steps:
        first = open_steps[0]
        reason = state.step(first.code).reopened
        return f"{len(open_steps)} of {steps} steps are not passed; the next is “{first.title}”. {reason}".strip()
    if proof is not None and proof.verdict is not Verdict.RIGHT:
        return proof.words
    if bound.stops:
        many = len(bound.stops) > 1
        return f"{plural(len(bound.stops), 'finding')} {'stand' if many else 'stands'} as stop{'; the first' * many}: {bound.stops[0]}"
    if bound.revision is None and bound.head:
        return "The design on screen is not saved yet."
    return ""


def _whole(design: Design, analysis: Analysis, state: BuildState) -> HandedOver:
    """All that a pack is handed over with."""
    p, charge = analysis.pack, design.series * design.cell.full_v
    return HandedOver(
        designation=p.designation,
        ratings=_ratings(design, analysis),
        limits=_limits(design, analysis),
        limits_title="Charging and storage",
        cautions=_cautions(analysis),
        records=_records(design, state),
        essentials=(
            f"{p.voltage_nominal_v:.1f} V {design.cell.capacity_as * design.parallel / AH:.1f} Ah {p.energy_wh:.0f} Wh",
            f"charge {f'to {charge:.2f} V, ' * design.cell.chemistry.is_lithium}up to {figures(design.charge_current_a)} A",
            f"discharge {figures(design.brief.current_steady_a)} A",
        ),
    )


def _ratings(design: Design, analysis: Analysis) -> Pairs:
    p, cell, e = analysis.pack, design.cell, analysis.insulation.envelope
    without = "none; balance charger only" if cell.chemistry.is_lithium else "none"
    return (
        ("Chemistry", cell.facts.label),
        ("Cells", f"{design.cell_count} × {cell.size}, {p.series}S{p.parallel}P"),
        ("Nominal", f"{volts(p.voltage_nominal_v)}, {figures(p.capacity_ah)} Ah, {watt_hours(p.energy_j)}"),
        ("Window", f"{volts(p.voltage_empty_v)} empty to {volts(p.voltage_full_v)} full"),
        (
            "Discharge",
            f"{amperes(design.brief.current_steady_a)} steady, {amperes(design.brief.current_peak_a)} for "
            f"{figures(design.brief.peak_duration_s)} s",
        ),
        ("BMS", design.bms.board.name if design.bms.board else without),
        ("Fuse", design.leads.fuse.name if design.leads.fuse else "none"),
        ("Connector", design.leads.outlet.name),
        *(routes(analysis.wiring) if design.details.wired is Wired.PACK else ()),
        (
            "Size",
            f"{e.length_m * 1e3:.0f} × {e.width_m * 1e3:.0f} × {e.height_m * 1e3:.0f} mm, {kilograms(p.mass_kg)}",
        ),
        ("Transport", p.transport),
    )


def _limits(design: Design, analysis: Analysis) -> Pairs:
    p, cell, facts = analysis.pack, design.cell, design.cell.facts
    current = min(design.charge_current_a, cell.current_charge_a * design.parallel)
    to = f"{volts(design.series * cell.full_v)} ({volts(cell.full_v)} a group), no higher"
    return (
        # Nickel is full when its voltage falls: a voltage to charge to would be wrong.
        *((("Charge to", to),) if cell.chemistry.is_lithium else ()),
        ("Charge current", f"up to {amperes(current)}"),
        ("Method", facts.charge_words),
        (
            "Charge between",
            f"{celsius(cell.temperature_charge_min_k)} and {celsius(CHARGE_MAX_K)}, never below",
        ),
        (
            "Store at",
            f"{volts(design.series * facts.storage_low_v)} to {volts(design.series * facts.storage_high_v)}",
        ),
        ("Stop at", f"{volts(p.voltage_empty_v)}; no cell above {celsius(cell.temperature_max_k)}"),
    )


def _taps(analysis: Analysis, state: BuildState) -> tuple[tuple[str, ...], ...]:
    def measured(number: int) -> str:
        if number in state.tap_volts:
            return f"{state.tap_volts[number]:.3f}"
        return "—" if number else "0 (reference)"

    return tuple(
        (
            t.name,
            t.printed,
            t.face.value,
            f"{t.empty_v:.2f}",
            f"{t.nominal_v:.2f}",
            f"{t.full_v:.2f}",
            measured(t.number),
        )
        for t in analysis.bms.taps
    )


def _cautions(analysis: Analysis) -> tuple[str, ...]:
    full = analysis.pack.voltage_full_v
    over = f"Up to {volts(full)}: over the touch limit of {volts(TOUCH_LIMIT_V)} d.c.; covers on, licensed practice where asked."
    return (
        "Always live: never bridge the contacts, never cut both leads at once.",
        "Do not charge unattended, near sleepers, or on anything that burns.",
        "A pack that swells, hisses, smells or warms by itself goes outside and is left.",
        "Local rules for transport and disposal apply.",
        *((over,) if full > TOUCH_LIMIT_V else ()),
    )


def _records(design: Design, state: BuildState) -> tuple[str, ...]:
    held, peeled = (sum(getattr(w, name) for w in state.weld_samples) for name in ("held", "peeled"))
    pairs = sum(r.welds for r in state.weld_rows)
    welded = design.joining.joined_by is JoinedBy.WELD
    return (
        *((f"{peeled} sample welds peeled, {held} held; {pairs} weld pairs recorded.",) if welded else ()),
        *(f"{r.joint}: {r.screws} screws at {r.torque_nm:g} N·m." for r in state.screw_joints),
        _soldered(state),
        *(
            f"Insulation {i.between}: {i.ohms / 1e6:.3g} MΩ at {i.test_v:.0f} V."
            for i in state.insulation[-2:]
        ),
    )


def _soldered(state: BuildState) -> str:
    return f"{plural(len(state.solder_joints), 'solder joint record')}."


def leads_handed_over(
    ends: Callable[[Design], tuple[str, str]] | None = None,
) -> Callable[[HandedOver, Design, Analysis, BuildState], HandedOver]:
    """Return what a job about leads hands over: nothing is said of a pack that was not looked into.

    `ends` names what the leads end in; without it that is the plug.
    """

    def keeps(parts: HandedOver, d: Design, a: Analysis, state: BuildState) -> HandedOver:
        return HandedOver(
            designation=d.kind.value,
            ratings=_lead_ratings(d, a, ends(d) if ends else ("Connector", d.leads.outlet.name)),
            limits=_lead_limits(d, a),
            limits_title="In use",
            cautions=(parts.cautions[0], *parts.cautions[3:]),
            records=(_soldered(state), *record_words(state)),
            essentials=(),
        )

    return keeps


def cell_handed_over(parts: HandedOver, size: str, caution: str, state: BuildState) -> HandedOver:
    """Return what a job about one cell hands over: the cell as it becomes, with no fuse and no plug."""
    kept = ((n, size if n == "Size" else v) for n, v in parts.ratings if n not in ("Fuse", "Connector"))
    return replace(
        parts,
        ratings=tuple(kept),
        cautions=(caution, *parts.cautions[1:]),
        records=(*parts.records, *record_words(state)),
    )


def _lead_ratings(d: Design, a: Analysis, ends: tuple[str, str]) -> Pairs:
    brief, leads = d.brief, d.leads
    peak = f"{amperes(brief.current_peak_a)} for {figures(brief.peak_duration_s)} s"
    return (
        ("Kind", d.kind.value),
        ("Voltage", f"up to {volts(a.pack.voltage_full_v)}"),
        ("Current", f"{amperes(brief.current_steady_a)} steady, {peak}"),
        ("Wire", f"{leads.wire.name}, {figures(leads.length_m)} m each"),
        ends,
        ("Fuse", leads.fuse.name if leads.fuse else "none"),
    )


def _lead_limits(d: Design, a: Analysis) -> Pairs:
    warm = celsius(a.leads.temperature_k)
    return (
        ("Loses", f"{figures(a.leads.drop_steady_v * 1e3)} mV at the steady current"),
        ("Warms to", f"{warm} in air of {celsius(d.brief.ambient_max_k)} if it runs for ever"),
        ("A short drives", f"about {amperes(a.pack.short_circuit_a)}"),
        ("Insulation", f"{d.leads.wire.insulation}, up to {celsius(d.leads.wire.insulation_limit_k)}"),
    )


def record_words(state: BuildState) -> tuple[str, ...]:
    """Return what was recorded of polarity and crimps, one sentence each."""
    words = [f"{r.at}: {r.volts:+.2f} V, red on plus.".replace("-", "−") for r in state.polarity[-2:]]
    if state.crimps:
        words.append(f"{plural(len(state.crimps), 'crimp')} recorded.")
    return tuple(words)
