"""What is handed over with the pack: ratings, taps, limits, cautions and a summary of the records."""

from dataclasses import dataclass

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import amperes, celsius, figures, kilograms, millimetres, volts, watt_hours
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.jobs.kinds import WITHOUT_PACK, stages_of
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import Verdict, judge_taps

Pairs = tuple[tuple[str, str], ...]
CHARGE_MAX_K = 318.15
"""Warmest for charging; common practice, no source."""


@dataclass(frozen=True)
class Passport:
    """The content of the one page; pens lay it out.

    Attributes
    ----------
    ratings, limits : pairs of name and value; `limits_title` is what the limits are about.
    taps : name, printed name, face, empty, nominal and full voltage, last reading.
    cautions, records : one sentence each.
    essentials : text of the QR code.
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


def passport(
    design: Design, analysis: Analysis, state: BuildState, steps: tuple[Step, ...], last_hash: str
) -> Passport:
    """Return the passport of a pack; `last_hash` ties it to the record (the hash of the last event)."""
    p, cell, e = analysis.pack, design.cell, analysis.insulation.envelope
    facts = cell.facts
    open_steps = [s for s in steps if state.step(s.code).status is not StepStatus.PASSED]
    proof = judge_taps(state.tap_volts, design.series, cell, cell.chemistry.is_lithium)
    unfinished = ""
    if open_steps:
        unfinished = (
            f"{len(open_steps)} of {len(steps)} steps are not passed; the next is “{open_steps[0].title}”."
        )
    elif Stage.TESTS in stages_of(design.kind) and proof.verdict in (Verdict.WRONG, Verdict.MISSING):
        unfinished = proof.words
    charge = design.series * cell.full_v
    ratings: Pairs = (
        ("Chemistry", facts.label),
        ("Cells", f"{design.cell_count} × {cell.size}, {p.series}S{p.parallel}P"),
        ("Nominal", f"{volts(p.voltage_nominal_v)}, {figures(p.capacity_ah)} Ah, {watt_hours(p.energy_j)}"),
        ("Window", f"{volts(p.voltage_empty_v)} empty to {volts(p.voltage_full_v)} full"),
        ("Discharge", f"{amperes(design.brief.current_steady_a)} steady, {amperes(design.brief.current_peak_a)} for "
                      f"{figures(design.brief.peak_duration_s)} s"),
        ("BMS", design.bms.board.name if design.bms.board else "none; balance charger only"
         if cell.chemistry.is_lithium else "none"),
        ("Fuse", design.leads.fuse.name if design.leads.fuse else "none"),
        ("Connector", design.leads.connector.name),
        ("Size", f"{e.length_m * 1e3:.0f} × {e.width_m * 1e3:.0f} × {e.height_m * 1e3:.0f} mm, {kilograms(p.mass_kg)}"),
        ("Transport", p.transport),
    )  # fmt: skip
    limits: Pairs = (
        ("Charge to", f"{volts(charge)} ({volts(cell.full_v)} a group), no higher"),
        (
            "Charge current",
            f"up to {amperes(min(design.charge_current_a, cell.current_charge_a * design.parallel))}",
        ),
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
    taps: tuple[tuple[str, ...], ...] = tuple(
        (
            t.name, t.printed, t.face.value, f"{t.empty_v:.2f}", f"{t.nominal_v:.2f}", f"{t.full_v:.2f}",
            f"{state.tap_volts[t.number]:.3f}" if t.number in state.tap_volts else "0 (reference)" if t.number == 0 else "—",
        )
        for t in analysis.bms.taps
    )  # fmt: skip
    cautions: tuple[str, ...] = (
        "Always live: never bridge the contacts, never cut both leads at once.",
        "Do not charge unattended, near sleepers, or on anything that burns.",
        "A pack that swells, hisses, smells or warms by itself goes outside and is left.",
        "Local rules for transport and disposal apply.",
        *(
            (
                f"Up to {volts(p.voltage_full_v)}: over the touch limit of 60 V d.c.; covers on, licensed practice where asked.",
            )
            if p.voltage_full_v > 60
            else ()
        ),
    )
    passed = len(steps) - len(open_steps)
    held = sum(w.held for w in state.weld_samples)
    peeled = sum(w.peeled for w in state.weld_samples)
    soldered = (
        f"{len(state.solder_joints)} solder joint record{'s' if len(state.solder_joints) != 1 else ''}."
    )
    records: tuple[str, ...] = (
        f"{passed} of {len(steps)} steps passed, {state.reworks} rework{'s' if state.reworks != 1 else ''}.",
        *(
            (
                f"{peeled} sample welds peeled, {held} held; {sum(r.welds for r in state.weld_rows)} weld pairs recorded.",
            )
            if design.joining.joined_by is JoinedBy.WELD
            else ()
        ),
        *(f"{r.joint}: {r.screws} screws at {r.torque_nm:g} N·m." for r in state.screw_joints),
        soldered,
        *(
            f"Insulation {i.between}: {i.ohms / 1e6:.3g} MΩ at {i.test_v:.0f} V."
            for i in state.insulation[-2:]
        ),
        f"Taps: {proof.words}",
        f"{state.event_count} records, chain ends {last_hash[:12] or 'empty'}.",
    )
    if design.kind in WITHOUT_PACK:
        ratings, limits, cautions = (
            _lead_ratings(design, analysis),
            _lead_limits(design, analysis),
            (*cautions[:1], cautions[3], *cautions[4:]),
        )
        records = (records[0], soldered, *_lead_records(state), records[-1])
    if design.kind is JobKind.CELL_BMS:
        made = cell_with_board(design)
        size = f"⌀ {made.diameter_m * 1e3:.1f} × {made.length_m * 1e3:.1f} mm at most; the board adds {millimetres(made.added_m)}"
        ratings = tuple(
            (name, size if name == "Size" else value)
            for name, value in ratings
            if name not in ("Fuse", "Connector")
        )
        cautions = ("Always live inside: never cut or pierce the sleeve.", *cautions[1:])
        records = (*records[:-2], *_lead_records(state), *records[-2:])
    if Stage.TESTS not in stages_of(design.kind):
        taps = ()
        records = tuple(r for r in records if not r.startswith("Taps:"))
    essentials = "\n".join(
        (
            f"{design.brief.title}", design.kind.value if design.kind in WITHOUT_PACK else p.designation,
            f"serial {design.serial or 'none'}", *(
            () if design.kind in WITHOUT_PACK else (
            f"{p.voltage_nominal_v:.1f} V {design.cell.capacity_as * design.parallel / AH:.1f} Ah {p.energy_wh:.0f} Wh",
            f"charge to {charge:.2f} V, up to {figures(design.charge_current_a)} A",
            f"discharge {figures(design.brief.current_steady_a)} A",)), f"record {last_hash[:16] or 'none'}",
        )
    )  # fmt: skip
    return Passport(
        title=design.brief.title,
        designation=design.kind.value if design.kind in WITHOUT_PACK else p.designation, serial=design.serial, builder=design.builder,
        ratings=ratings, limits=limits, limits_title="In use" if design.kind in WITHOUT_PACK else "Charging and storage", taps=taps, cautions=cautions, records=records, essentials=essentials,
        finished=not unfinished, unfinished=unfinished,
    )  # fmt: skip


def _lead_ratings(d: Design, a: Analysis) -> tuple[tuple[str, str], ...]:
    """What is handed over of a job that is about leads: nothing is said of a pack that was not looked into."""
    ends = {
        JobKind.POWER_CABLE: ("Lugs", " and ".join(lug.name if lug else "none" for lug in (d.cable.source_lug, d.cable.load_lug))),
        JobKind.MACHINE_LEADS: ("Bullets", d.machine.bullet.name if d.machine.bullet else "none"),
    }.get(d.kind, ("Connector", d.leads.connector.name))  # fmt: skip
    return (
        ("Kind", d.kind.value),
        ("Voltage", f"up to {volts(a.pack.voltage_full_v)}"),
        (
            "Current",
            f"{amperes(d.brief.current_steady_a)} steady, {amperes(d.brief.current_peak_a)} for {figures(d.brief.peak_duration_s)} s",
        ),
        ("Wire", f"{d.leads.wire.name}, {figures(d.leads.length_m)} m each"),
        ends,
        ("Fuse", d.leads.fuse.name if d.leads.fuse else "none"),
    )


def _lead_limits(d: Design, a: Analysis) -> tuple[tuple[str, str], ...]:
    return (
        ("Loses", f"{figures(a.leads.drop_steady_v * 1e3)} mV at the steady current"),
        (
            "Warms to",
            f"{celsius(a.leads.temperature_k)} in air of {celsius(d.brief.ambient_max_k)} if it runs for ever",
        ),
        ("A short drives", f"about {amperes(a.pack.short_circuit_a)}"),
        ("Insulation", f"{d.leads.wire.insulation}, up to {celsius(d.leads.wire.insulation_limit_k)}"),
    )


def _lead_records(state: BuildState) -> tuple[str, ...]:
    words = [f"{r.at}: {r.volts:+.2f} V, red on plus.".replace("-", "−") for r in state.polarity[-2:]]
    if state.crimps:
        words.append(f"{len(state.crimps)} crimp{'s' if len(state.crimps) > 1 else ''} recorded.")
    return tuple(words)
