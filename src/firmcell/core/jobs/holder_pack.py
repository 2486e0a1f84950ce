"""Cells in spring or clip holders, no welding; everything wired and tested before any cell goes in."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.wording import (
    amperes,
    figures,
    plural,
    volts,
)
from firmcell.core.bench.joint_order import groups_in_order
from firmcell.core.jobs.plan import JobPlan, PageSection
from firmcell.core.jobs.proving_steps import board_on_step, proving_steps
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import wiring_steps
from firmcell.core.model.design import Design, Face
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V, GROUP_SPREAD_V, LEAST_INSULATION_OHM
from firmcell.core.records.step import POLES, Step
from firmcell.core.rules.table import ALL_TOPICS, Hit, RuleTable, Topic

OWN = RuleTable()


def holder_pack_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of a pack in holders: everything wired and tested before any cell goes in."""
    proof = (s for s in proving_steps(d, a) if s.code != "board-on")
    return (*_holder_wiring(d, a), *_holder_cells(d, a), *proof, _gauge(d))


def _holder_wiring(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "holder-layout",
        "Wire",
        "Fix the holders, mark plus and minus",
        f"{plural(d.cell_count, 'place')}, group by group as drawn. Write + and − beside every clip before anything is wired.",
        records=("checked",),
        checks=("Every clip marked, first time", "Every clip marked, second time", "Holders fixed"),
        face=Face.TOP,
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells),
        hold=True,
    )
    yield Step(
        "holder-links",
        "Wire",
        "Wire the clips, no cell near",
        f"Solder parallel and series links of {d.leads.wire.gauge} while every holder is empty. Clips hold heat: quick, "
        "with a hot iron, so that the plastic keeps its shape.",
        cautions=("No cell in any holder until the harness has been measured.",),
        records=("solder-joint",),
        expected="smooth joints, clips not bent, plastic not soft",
        hold=True,
        joins=tuple(range(d.series + 1)),
    )
    yield from wiring_steps(d, a, live=False)
    if d.bms.board is not None:
        yield board_on_step(d, a, d.bms.board, live=False)
    yield Step(
        "holder-continuity",
        "Wire",
        "Continuity from every clip to its pad",
        "Each clip to its place in the plug and to its pad as printed; each main lead from its clip to board or connector.",
        records=("checked",),
        checks=(
            "Every clip reaches its place",
            "No clip reaches another group's place",
            "Plus and minus of the connector not joined",
        ),
        refs=tuple(f"tap:{t.number}" for t in a.bms.taps),
        hold=True,
    )
    if d.holder.host_plug is not None:
        yield Step(
            "holder-host-plug",
            "Wire",
            "The host's plug, pin by pin",
            f"{d.holder.host_plug.name}: by the host's pin list, each pin checked by continuity to its place and against its neighbours.",
            records=("checked",),
            checks=(
                "Every pin to its place",
                "No pin to its neighbour",
                "Pin 1 found by its mark, not by colour",
            ),
            refs=("connector",),
            wires=("ntc.host",),
            hold=True,
        )
    yield _empty_insulation()


def _empty_insulation() -> Step:
    return Step(
        "holder-insulation",
        "Wire",
        "Insulation of the empty harness",
        "Between plus and minus, and each to the case, every holder empty and the board unplugged.",
        records=("insulation-reading",),
        poles=POLES,
        expected=f"more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        hold=True,
    )


def _holder_cells(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "check-cells",
        "Cells",
        f"Measure all {d.cell_count} cells" if d.cell_count > 1 else "Measure the cell",
        f"Voltage of every {d.cell.name}, every wrap and both ends."
        + (
            " Cells of one group must be close: they even out the moment both are in."
            if d.parallel > 1
            else ""
        ),
        cautions=("A dented, leaking or rusty cell does not go in.",),
        records=("cell-check",),
        counted=d.cell_count,
        offers=("cell-reading", "cell-test"),
        expected=f"about {volts(d.cell_now_v)} each, {plural(d.cell_count, 'cell')}",
        spread_v=FIRST_TOUCH_SPREAD_V if d.parallel > 1 else GROUP_SPREAD_V,
        hold=True,
    )
    for group in groups_in_order(d, a.layout):
        cells = [c.number for c in a.layout.group_cells(group)]
        yield Step(
            f"holder-group-{group}",
            "Cells",
            f"Group {group}: cells in, read it",
            f"Cell{'s' if len(cells) > 1 else ''} {', '.join(map(str, cells[:8]))}{' …' if len(cells) > 8 else ''}, plus as marked. Then B{group - 1} to B{group}.",
            cautions=(
                "A cell the wrong way round is a short through its neighbours: look, then push it in.",
            ),
            records=("polarity-reading",),
            expected=f"{READS} from B{group - 1} to B{group}, red on B{group}",
            probes=(f"B{group - 1}", f"B{group}"),
            any_charge=True,
            face=Face.TOP,
            refs=(f"group:{group}", *(f"cell:{n}" for n in cells)),
            hold=True,
            seats=(group,),
        )


def _gauge(d: Design) -> Step:
    return Step(
        "holder-gauge",
        "Prove",
        "Let the host learn the pack",
        "A host that counts charge shows nonsense at first: charge it full and run it down in use, three or four times, and look each time "
        "where it says empty.",
        records=("checked",),
        checks=("Charges to full in the host", "Shown charge follows use after a few cycles"),
        refs=("connector",),
    )


@OWN.rule(
    "HP-1",
    Stage.LAYOUT,
    Severity.STOP,
    source="class value of the clips",
    reason="A clip that is too warm loses its spring, then its grip, and arcs.",
)
def clip_overloaded(s: Situation) -> Iterator[Hit]:
    """Clips carry more than they may."""
    d = s.design
    each = d.brief.current_steady_a / d.parallel
    if each > d.holder.clip_a:
        yield Hit(f"Each clip carries {amperes(each)} of {amperes(d.holder.clip_a)}.", ("group:1",))


@OWN.rule(
    "HP-2",
    Stage.LAYOUT,
    Severity.NOTE,
    source="two clips a cell in the way",
    reason="Clips lose more than welds do, and it is lost as heat at the cell's ends.",
)
def clips_lose(s: Situation) -> Iterator[Hit]:
    """What the clips lose at the steady current."""
    d = s.design
    each = d.brief.current_steady_a / d.parallel
    lost = 2 * d.holder.clip_ohm * each * d.series
    if lost > 0.02 * s.analysis.pack.voltage_nominal_v:
        yield Hit(
            f"The clips lose {figures(lost * 1e3)} mV at the steady current, {figures(2 * d.holder.clip_ohm * each**2)} W at each cell.",
            ("group:1",),
        )


PLAN = JobPlan(
    kind=JobKind.HOLDER_PACK,
    own_steps=holder_pack_steps,
    topics=ALL_TOPICS - {Topic.BUILT, Topic.NETWORK},
    own=OWN,
    live=False,
    stages=tuple(stage for stage in Stage if stage not in (Stage.STRIPS, Stage.INSULATION)),
    sections={Stage.BMS: (PageSection("Holders", ("holder.clip_a", "holder.clip_ohm", "holder.host_plug")),)},
)
