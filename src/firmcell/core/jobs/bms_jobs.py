"""Work plans of the BMS's own jobs: a board under one cell, a board on a pack that works already, and a pack in holders."""

from collections.abc import Iterator

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.base.wording import amperes, millimetres, plural, volts
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.bms.wire_list import switched_pole, wire_list
from firmcell.core.jobs.new_pack import closing_steps, proving_steps, tap_steps
from firmcell.core.model.design import Design, Face
from firmcell.core.records.step import Step
from firmcell.core.rules.brief import TOUCH_LIMIT_V

FIRE_PLAN = "Fire plan ready: sand or water by, a non-burning bench, nobody asleep near it."


def cell_bms_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of putting a protection board under one cell, in order."""
    made, job = cell_with_board(d), d.cell_bms
    board = d.bms.board
    name = board.name if board else "the board"
    sleeve = (
        f"{millimetres(made.sleeve_flat_m)} flat"
        if made.sleeve_flat_m
        else "a sleeve that slides on and grips"
    )
    bare = f"{volts(d.cell.empty_v)} to {volts(d.cell.full_v)}"
    return (
        Step(
            "cell-bms-cell-check", "Before", "Look at the cell and measure it",
            f"Voltage, wrap, both ends. With its board it will be {millimetres(made.length_m)} long and {millimetres(made.diameter_m)} thick: try holder "
            "and charger with a dummy of that size first.",
            cautions=("A dented, leaking or rusty cell is not guarded, it is disposed of.", FIRE_PLAN), records=("polarity-reading",),
            expected=f"{bare}, red on the positive end", refs=("cell:1",), hold=True,
        ),
        Step(
            "cell-bms-ring", "Before", "Ring on the positive, disc on the negative",
            "A new insulator ring on the positive end. On the negative end an insulator disc, with a hole for the board's B− tab.",
            cautions=("The can is negative right up to the rim beside the positive.",), records=("checked",),
            checks=("Ring centred, nub clear inside it", "Disc covers the can to its edge", "Wrap whole along the side where the strap runs"),
            refs=("ring",), hold=True,
        ),
        Step(
            "cell-bms-minus", "Weld", "B− tab to the cell's negative, first",
            f"Weld the B− tab of {name} to the middle of the can's bottom. Sample on scrap first. The board's B+ stays free and covered.",
            cautions=("Never solder on the cell. Electrodes must not touch each other.",), records=("weld-row",),
            expected="tug holds, tab flat", refs=("board",), hold=True,
        ),
        Step(
            "cell-bms-strap", "Weld", "Strap up the side, then to the positive",
            f"Lay the strap ({job.strap_thickness_m * 1e3:.2f} × {job.strap_width_m * 1e3:.0f} mm) on polyimide tape along the wrap, tape over it, and "
            "over the ring to the nub. Join it to the board's B+ first, then weld it to the positive: that is the moment it is live.",
            cautions=("A strap that touches the rim shorts the cell: ring and tape under it all the way.",), records=("weld-row",),
            expected="strap flat, nowhere near the rim", refs=("strap",), hold=True,
        ),
        Step(
            "cell-bms-wake", "Prove", "Wake the board and measure it",
            "Some boards sleep until they see a charger: touch a charger of the cell's voltage to P+ and P− for a moment.",
            records=("polarity-reading",), expected=f"{bare} at the outside ends, red on the positive", refs=("board",), hold=True,
        ),
        Step(
            "cell-bms-sleeve", "Close", "Sleeve",
            f"{sleeve}, cut {millimetres(made.sleeve_cut_m)}. Hot air from the middle outwards, low heat, cell held by a cool end.",
            cautions=("Hot air tool, no flame; stop when the sleeve lies.",), records=("checked",),
            checks=("Both ends lip over the edge alike", "Ring centred, positive exposed", "Strap covered everywhere", "No wrinkle over the strap"),
            refs=("sleeve",), hold=True,
        ),
        Step(
            "cell-bms-proof", "Prove", "It opens and it comes back",
            f"Short load: briefly more than {amperes(board.current_peak_a if board else 0.0)} through a resistor, not a bare short; the board opens, and comes back "
            "when the load is off or a charger is on. Then once into holder and charger.",
            cautions=("Not a bare short: a board that fails to open leaves the cell in it.",), records=("checked",),
            checks=("Opened and came back", "Goes into the holder without force", "Charger takes it and ends"), hold=True,
        ),
    )  # fmt: skip


def bms_retrofit_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of adding a board to a bare pack that works already, in order."""
    return tuple(
        step
        for part in (_fit_before, tap_steps, _fit_plug, proving_steps, closing_steps)
        for step in part(d, a)
    )


def _fit_before(d: Design, a: Analysis) -> Iterator[Step]:
    over = ("Over 60 V: gloves and covers.",) if a.pack.voltage_full_v > TOUCH_LIMIT_V else ()
    yield Step(
        "fit-record", "Before", "Record the pack as it is",
        "Photograph both faces before anything moves. Measure plus to minus, and find which end is negative: B0 belongs there, whichever "
        "end one began building with.",
        cautions=("The pack is live and cannot be switched off.", FIRE_PLAN, *over), records=("polarity-reading",),
        expected=f"{volts(d.series * d.cell.empty_v)} to {volts(a.pack.voltage_full_v)}, red on the pack's plus",
        refs=("lead:plus", "lead:minus"), hold=True,
    )  # fmt: skip
    yield Step(
        "fit-groups", "Before", f"Measure all {d.series} groups on their strips",
        f"From strip to strip, {plural(d.series, 'group')}. A board evens out little: groups that differ by more than 0.13 V are charged "
        "one by one first.",
        records=("cell-check",), offers=("cell-reading",), expected="all groups within 0.10 V", refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
        hold=True,
    )  # fmt: skip
    yield Step(
        "fit-harness", "Before", "Make the harness off the pack",
        f"On the nail board printed at 1:1: {plural(len([e for e in wire_list(d, a) if e.name.startswith('B')]), 'wire')}, each with its number, crimped "
        "into the plug in the order of the pads as printed. The plug stays out of the board to the end.",
        cautions=("Make it off the pack: a harness that is crimped live shorts groups.",), records=("checked",),
        checks=("Every wire numbered", "Order as the pads are printed", "Continuity from each end to its place in the plug", "No two places joined"),
        refs=("board",), hold=True,
    )  # fmt: skip


def _fit_plug(d: Design, a: Analysis) -> Iterator[Step]:
    pole = switched_pole(d) or "minus"
    sign, other = ("+", "minus") if pole == "plus" else ("−", "plus")
    tap = a.bms.taps[-1 if pole == "plus" else 0]
    yield Step(
        f"fit-{pole}-lead", "Wire", f"Main {pole}: cut in the board",
        f"The pack's {pole} lead comes off the collecting strip, and that strip goes to the board's B{sign}, one conductor at a time, the {other} lead "
        f"covered. The old {pole} lead goes to P{sign}.",
        cautions=("One conductor at a time; the other end covered.", f"A slip here shorts the pack: about {amperes(a.pack.short_circuit_a)}."),
        records=("solder-joint",), expected="smooth joint, tug holds", face=tap.face,
        refs=(f"lead:{pole}", "board"), hold=True,
    )  # fmt: skip


def holder_pack_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of a pack in holders: everything wired and tested before any cell goes in."""
    return tuple(step for part in (_holder_wiring, _holder_cells, proving_steps) for step in part(d, a))


def _holder_wiring(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "holder-layout", "Wire", "Fix the holders, mark plus and minus",
        f"{plural(d.cell_count, 'place')}, group by group as drawn. Write + and − beside every clip before anything is wired.", records=("checked",),
        checks=("Every clip marked, first time", "Every clip marked, second time", "Holders fixed"), face=Face.TOP,
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells), hold=True,
    )  # fmt: skip
    yield Step(
        "holder-links", "Wire", "Wire the clips, no cell near",
        f"Solder parallel and series links of {d.leads.wire.gauge}, sense leads, board and thermistor, while every holder is empty. Clips hold heat: quick, "
        "with a hot iron, so that the plastic keeps its shape.",
        cautions=("No cell in any holder until the harness has been measured.",), records=("solder-joint",),
        expected="smooth joints, clips not bent, plastic not soft", hold=True,
    )  # fmt: skip
    if d.holder.host_plug is not None:
        yield Step(
            "holder-host-plug", "Wire", "The host's plug, pin by pin",
            f"{d.holder.host_plug.name}: by the host's pin list, each pin checked by continuity to its place and against its neighbours.",
            records=("checked",), checks=("Every pin to its place", "No pin to its neighbour", "Pin 1 found by its mark, not by colour"), refs=("connector",), hold=True,
        )  # fmt: skip
    yield Step(
        "holder-insulation", "Wire", "Insulation of the empty harness",
        "Between plus and minus, and each to the case, every holder empty and the board unplugged.", records=("insulation-reading",),
        expected="more than 5 MΩ", hold=True,
    )  # fmt: skip


def _holder_cells(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "check-cells", "Cells", f"Measure all {d.cell_count} cells",
        f"Voltage of every {d.cell.name}, every wrap and both ends. Cells of one group must be close: they even out the moment both are in.",
        cautions=("A dented, leaking or rusty cell does not go in.",), records=("cell-check",), offers=("cell-reading",),
        expected=f"about {volts(d.cell_now_v)} each, all within 0.10 V, {plural(d.cell_count, 'cell')}", hold=True,
    )  # fmt: skip
    for group in range(1, d.series + 1):
        cells = [c.number for c in a.layout.group_cells(group)]
        yield Step(
            f"holder-group-{group}", "Cells", f"Group {group}: cells in, read it",
            f"Cell{'s' if len(cells) > 1 else ''} {', '.join(map(str, cells[:8]))}{' …' if len(cells) > 8 else ''}, plus as marked. Then B{group - 1} to B{group}.",
            cautions=("A cell the wrong way round is a short through its neighbours: look, then push it in.",), records=("polarity-reading",),
            expected=f"{volts(d.cell_now_v)} from B{group - 1} to B{group}, red on B{group}", face=Face.TOP,
            refs=(f"group:{group}", *(f"cell:{n}" for n in cells)), hold=True,
        )  # fmt: skip
