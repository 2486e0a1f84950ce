"""The work plan of a refit: as found, open, old cells out, new cells in, joined, proven in the host,
closed."""

from collections.abc import Iterator
from dataclasses import replace
from itertools import pairwise

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.jobs.cautions import FIRE_PLAN
from firmcell.core.jobs.host_charge import host_charge_step
from firmcell.core.jobs.joining_steps import joining_steps
from firmcell.core.jobs.proving_steps import closing_steps, proving_steps
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import wiring_steps
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import OldTabs
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V, GROUP_SPREAD_V, TOUCH_LIMIT_V
from firmcell.core.records.areas import BOTH_FACES, EVERYTHING, RIMS, tap_area
from firmcell.core.records.step import Step

ON_CANS = "The can is negative right up to the rim: a blade or a tab that slips there shorts the cell."
GLASSES = "Glasses on: steel tabs spring, and a snipped end flies."


def refit_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of a refit in order: nothing moves before it is recorded."""
    parts = (_as_found, _opened, _old_out, _new_cells, _joined, _wired, _proven, _closed)
    return tuple(step for part in parts for step in part(d, a))


def _as_found(d: Design, a: Analysis) -> Iterator[Step]:
    over = (f"Over {TOUCH_LIMIT_V:g} V: gloves and covers.",) if a.pack.voltage_full_v > TOUCH_LIMIT_V else ()
    yield Step(
        "refit-photo",
        "As found",
        "Photograph every side, mark it",
        "Every side and both ends, before a screw is turned, with a rule or the known size of the case in the picture. Mark which end is which on the case.",
        cautions=("An old pack may still be live; treat it so.", FIRE_PLAN, *over),
        records=("checked",),
        offers=("as-found",),
        checks=("Every side photographed", "Ends marked on the case", "Unplugged from host and charger"),
        refs=("lead:plus", "lead:minus"),
        photos=True,
        hold=True,
    )
    yield _open_it()
    yield Step(
        "refit-record",
        "As found",
        "Record everything before it moves",
        "One record each: every wire (colour, from, to, length, way), the board's slot, long and short side and keys of the frame, glue, foam, and each fault "
        "seen: rippled strip, browned wrap, rust, wire floating in its solder, cut insulation. Photograph again, open.",
        records=("as-found", "checked"),
        checks=(
            "Every wire recorded",
            "Board's slot and way round recorded",
            "Sides and keys of the frame recorded",
            "Faults recorded, or none seen",
        ),
        photos=True,
        hold=True,
    )
    yield Step(
        "refit-polarity",
        "As found",
        "Polarity of every cell, voltage of every group",
        f"Red on the end that should be plus, {plural(d.refit.old_series * d.refit.old_parallel, 'cell')}. Write + and − beside each on the bench and in the photo, and read "
        f"each group. A dead cell tells its polarity by the shape of its end and by its neighbours only: say so in the record.",
        records=("checked",),
        offers=("cell-reading", "as-found"),
        checks=("Every cell's plus marked in the photo or on a sketch", "Every group read"),
        refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
        hold=True,
    )


def _open_it() -> Step:
    return Step(
        "refit-open",
        "As found",
        "Open it; warm the glue, never force",
        "Screws first: type, count and where each is kept. Glue gives way to warm air; a lid that is prised tears the wires behind it.",
        cautions=(
            "Hot air for glue only until it is hand-warm: the cells are behind it.",
            "A wire torn inside is live at both ends.",
        ),
        records=("as-found", "checked"),
        checks=(
            "Every screw recorded and kept",
            "No wire torn",
            "Nothing wet, rusty or swollen; if so, it stops here",
        ),
        hold=True,
        bares=BOTH_FACES,
    )


def _opened(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "refit-free",
        "Take out",
        "Free the wires, keep the pads",
        "Wires out of their loops, pads and foam peeled and kept in order, board out of its slot on its wires.",
        cautions=("Bare end of a live wire: cover it at once, one at a time.",),
        records=("checked",),
        offers=("as-found",),
        checks=("Pads and foam kept", "Every free end covered", "Board hangs by no wire"),
        hold=True,
    )
    if d.refit.halves > 1:
        yield Step(
            "refit-halves",
            "Take out",
            f"Separate the {d.refit.halves} parts first",
            "The joint between the parts first: then the fewest live contacts are together. Read each part alone.",
            cautions=("Cut or lift one joint at a time; the other end covered.",),
            records=("checked",),
            offers=("as-found",),
            checks=("Parts apart and covered", "Each part read"),
            hold=True,
        )


def _old_out(d: Design, a: Analysis) -> Iterator[Step]:
    keep = d.refit.old_tabs is not OldTabs.NEW
    yield Step(
        "refit-lift",
        "Take out",
        "Lift the tabs off the old cells",
        (
            "Get under a tab with a thin blade, roll it off with pliers, or snip it and leave a stub on the cell. "
            if keep
            else "Roll each tab off with pliers, or snip it; keep one of each as a pattern. "
        )
        + "One cell at a time, from the pole inwards.",
        cautions=(GLASSES, ON_CANS),
        records=("checked",),
        checks=("No can cut", "Leads and board whole", "Old cells' ends taped, set apart for disposal"),
        refs=tuple(f"strip:{p.id}" for p in a.strips),
        lifts=True,
        bares=(RIMS,),
    )
    if keep:
        thick = (
            f" {millimetres(d.refit.old_tab_m)} as measured."
            if d.refit.old_tab_m
            else " Measure its thickness."
        )
        yield Step(
            "refit-flat",
            "Take out",
            "Flatten the old tabs",
            f"Hammer them flat on a hard block without thinning them; file the nuggets off.{thick}",
            cautions=(GLASSES,),
            records=("checked",),
            checks=("Flat", "Not thinned, not cracked", "Nuggets and burrs off"),
        )


def _new_cells(d: Design, a: Analysis) -> Iterator[Step]:
    within = FIRST_TOUCH_SPREAD_V if d.parallel > 1 else GROUP_SPREAD_V
    origin = (
        " Reclaimed: capacity, resistance and a week's rest of each are known, and like goes with like."
        if d.refit.reclaimed
        else ""
    )
    yield Step(
        "check-cells",
        "New cells",
        f"Measure all {d.cell_count} new cells, mark plus"
        if d.cell_count > 1
        else "Measure the new cell, mark plus",
        f"Voltage of every {d.cell.name}, every wrap and both ends looked at, a + on each sleeve. Length over everything and diameter of the largest.{origin}",
        cautions=("A dented, leaking or rusty cell does not go into a pack.",),
        records=("cell-check",),
        counted=d.cell_count,
        offers=("cell-reading", "cell-test"),
        expected=f"about {volts(d.cell_now_v)} each, within {volts(within)}",
        spread_v=within,
        hold=True,
    )
    if d.insulation.rings and d.cell.is_round:
        yield Step(
            "rings",
            "New cells",
            "Ring on every positive end",
            "An insulator ring on every positive end, centred, metal of the nub clear inside it.",
            cautions=("The can is negative right up to the rim: without the ring a strip shorts the cell.",),
            records=("checked",),
            checks=("Ring on each positive", "Each ring centred and stuck down"),
            hold=True,
            covers=(RIMS,),
        )
    where = "in the frame" if d.refit.frame_stays else "as they stood"
    yield Step(
        "refit-set",
        "New cells",
        f"Set the cells {where}, directions checked twice",
        f"Each cell where its forerunner stood, {where}, by the photo and the marks on the bench; a drop of glue holds them. Key shapes of the frame to their sides. Dry-fit the strip: angle, length.",
        cautions=("One cell the wrong way is a dead short as soon as the strip touches.",),
        records=("checked",),
        checks=(
            "Every cell's direction as found, first time",
            "Every cell's direction as found, second time",
            "Frame the right way round",
            "Nothing stands out that did not",
        ),
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells if c.positive_up),
        hold=True,
    )


def _between_parts(d: Design) -> list[int]:
    """The tap points where one part is joined to the next."""
    parts = min(d.refit.halves, d.series)
    return sorted({round(d.series * n / parts) for n in range(1, parts)})


def _joined(d: Design, a: Analysis) -> Iterator[Step]:
    """On each face the poles come first, where leads and board are, while least is connected; the joints
    between the
    parts last of all, when each part has been read."""
    poles = {f"weld-{face}-N{node}" for face in ("top", "bottom") for node in (0, d.series)}
    between = {f"weld-{face}-N{node}" for face in ("top", "bottom") for node in _between_parts(d)}
    block: list[Step] = []
    last: list[Step] = []
    for step in joining_steps(d, a):
        if step.code in between:
            last.append(step)
            continue
        if step.code.startswith("weld-") and step.code != "weld-sample":
            block.append(step)
            continue
        yield from sorted(block, key=lambda s: s.code not in poles)
        block = []
        if step.code == "measure-total" and last:
            yield _parts_read(d, step.phase)
            yield from (replace(s, words=f"Through the flap of its tap point. {s.words}") for s in last)
        yield step


def _parts_read(d: Design, phase: str) -> Step:
    ends = [0, *_between_parts(d), d.series]
    told = "; ".join(
        f"{f'groups {low + 1} to {high}' if high > low + 1 else f'group {high}'} {volts((high - low) * d.cell_now_v)}"
        for low, high in pairwise(ends)
    )
    return Step(
        "refit-read-parts",
        phase,
        "Read each part before the parts are joined",
        "Black on the minus of its first group, red on the plus of its last.",
        cautions=("A part the wrong way round works against the others and is driven backwards.",),
        records=("checked",),
        checks=("Each part reads what its groups add up to", "Plus of each part where drawn"),
        expected=told,
        hold=True,
        opens=tuple(tap_area(n) for n in range(d.series + 1)),
    )


def _wired(d: Design, a: Analysis) -> Iterator[Step]:
    """Leads and board: what stays needs no making up, only joining."""
    stays = ({"connector-plug-in"} if d.refit.leads_stay else set()) | (
        {"sense-harness"} if d.refit.board_stays else set()
    )
    for step in wiring_steps(d, a):
        if step.code not in stays:
            yield step
    yield Step(
        "refit-pads",
        "Close",
        "Pads back, no loose metal",
        "Foam and pads where they were, wires in their loops, none across an edge. Shake it over a white sheet: no clipping, no bead of solder.",
        records=("checked",),
        checks=(
            "Pads and foam back",
            "No loose metal",
            "Wires in their loops",
            "No bare metal that was covered before",
        ),
        refs=("board",),
        hold=True,
        covers=(EVERYTHING,),
    )


def _proven(d: Design, a: Analysis) -> Iterator[Step]:
    for step in proving_steps(d, a):
        if step.code != "first-charge":
            yield step
            continue
        # The host closes over the pack: its sleeve is on before it goes in for its first charge.
        yield from (s for s in closing_steps(d, a) if s.code == "sleeve")
        yield host_charge_step(d, a)


def _closed(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "refit-close",
        "Close",
        "Close it: keys line up, every screw back",
        "Lid on without pressing on cells or wires; a lid that springs has a wire under it.",
        records=("checked",),
        checks=("Keys line up", "Every recorded screw is back", "Nothing rattles, nothing is squeezed"),
        hold=True,
    )
    yield Step(
        "refit-runs",
        "Close",
        "It does what it did",
        f"Reading at its contacts, then in the host: every function once, then a minute at full load; feel the pack.{' Both voltages of the switch.' if d.refit.switched else ''}",
        records=("polarity-reading", "checked"),
        expected=f"{READS}, red on plus",
        probes=("load.-", "load.+"),
        any_charge=True,
        checks=(
            "Every function",
            "No place warmer than another",
            *(("Both positions of the switch read right",) if d.refit.switched else ()),
        ),
        refs=("connector",),
        hold=True,
    )
    yield Step(
        "final-look",
        "Close",
        "Label and last look",
        "New cells, capacity, voltage, date and who did it, on the case; old cells to the collection point, ends taped.",
        records=("checked",),
        checks=("Label on", "Old cells on their way to collection"),
        hold=True,
    )
