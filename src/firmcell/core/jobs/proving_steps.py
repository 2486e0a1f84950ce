"""Steps that prove a pack: meter, taps, board, first charge; and those that close it."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import amperes, figures, millimetres, plural, volts
from firmcell.core.jobs.cooling import SLEEVED_PACK_S
from firmcell.core.jobs.readings import BOARD_ON, READS
from firmcell.core.jobs.wiring_steps import board_last, ids, soldered
from firmcell.core.model.chemistry import FACTS
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Board
from firmcell.core.records.areas import EVERYTHING, FREE, PINS, tap_area
from firmcell.core.records.step import Step
from firmcell.core.tap_check.unseen import unseen_kinds
from firmcell.core.wiring.graph import OUTLETS
from firmcell.core.wiring.pack_wiring import pole_through_board
from firmcell.core.wiring.sense_wiring import pad_id

REST_S = 3600.0
"""A cell rests so long after a charge before its voltage says anything, s; common practice, no source."""
SLOW_CHARGE_H = 16
"""Of nickel cells at a tenth of their capacity an hour (IEC 61951-2, value from memory)."""


def total_step(d: Design, phase: str, hold: bool = True) -> Step:
    """Return the reading of the whole pack on its strips, while they can still be reached."""
    return Step(
        "measure-total",
        phase,
        "Read the whole pack on its strips",
        f"Black on the collecting strip of B0, red on that of B{d.series}.",
        cautions=("Two probes, two hands, nothing else on the strips.",),
        records=("polarity-reading",),
        expected=f"{READS}, {plural(d.series, 'group')} of {volts(d.cell_now_v)}",
        probes=("B0", f"B{d.series}"),
        refs=("lead:minus", "lead:plus"),
        hold=hold,
        opens=(tap_area(0), tap_area(d.series)),
    )


def proving_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that prove a pack: taps, board, first charge."""
    led_out = bool(a.bms.sense_wire_total_m)
    plugged = led_out and not soldered(d)
    where = (
        "at the free end of the sense plug"
        if plugged
        else "at the free ends of the sense leads, uncovered one at a time"
        if led_out
        else "on the strips, through the flaps in the sheet"
    )
    yield Step(
        "meter-check",
        "Prove",
        "Prove the meter",
        "Black in COM, red in the volt socket. Red on the plus of one cell or on the pack's plus strip, black on its minus: it must "
        "read plus.",
        cautions=("With the meter's leads exchanged, a plug put on mirrored reads right at every pin.",),
        records=("polarity-reading",),
        expected=f"plus {volts(d.cell_now_v)} on one cell",
        hold=True,
    )
    yield Step(
        "tap-voltages",
        "Prove",
        "Read every tap against B0" if d.series > 1 else "Read the cell group at its taps",
        f"Black probe on B0, red on {'B1, B2 … in order' if d.series > 1 else 'B1'}, {where}. Enter each reading in Tests.",
        cautions=(
            f"Not {'plugged in' if plugged else 'soldered to the board'} until every step rises by one cell.",
        )
        if led_out
        else (),
        records=("tap-reading",),
        expected=f"each step {volts(d.cell_now_v)}, total {volts(d.series * d.cell_now_v)}",
        refs=tuple(f"tap:{t.number}" for t in a.bms.taps),
        hold=True,
        opens=_read_at(d, led_out),
    )
    if d.cell_count > 1:
        yield _unseen(d, a, led_out)
    if d.bms.board is not None:
        yield board_on_step(d, a, d.bms.board)
    elif led_out:
        yield Step(
            "plug-cover",
            "Prove",
            "Cover the balance plug",
            "A cap or tape over its contacts until the charger's plug goes on: every pin is live against every other.",
            records=("checked",),
            checks=("No pin can be touched",),
            refs=tuple(f"tap:{t.number}" for t in a.bms.taps),
            covers=(PINS,),
        )
    yield from outlet_readings(a)
    yield _first_charge(d, a)
    if d.cell.chemistry.is_lithium and d.series > 1:
        yield _balanced(d)


def _read_at(d: Design, led_out: bool) -> tuple[str, ...]:
    """What is uncovered while the taps are read."""
    return (FREE,) if led_out else tuple(tap_area(n) for n in range(d.series + 1))


def _unseen(d: Design, a: Analysis, led_out: bool) -> Step:
    """The step of the quick tests for what the readings of the taps cannot show."""
    kinds = unseen_kinds(d.series, d.parallel, led_out)
    return Step(
        "tap-unseen",
        "Prove",
        "Test what voltages cannot show",
        f"These read right and are not: {'; '.join(k.what for k in kinds)}. One quick test each; readings under a load are entered in Tests.",
        cautions=("A lamp or 1 kΩ between two pins only while you read: it grows warm.",),
        records=("checked",),
        checks=tuple(k.test for k in kinds),
        refs=tuple(f"tap:{t.number}" for t in a.bms.taps),
        hold=True,
        opens=_read_at(d, led_out),
    )


def outlet_readings(a: Analysis) -> Iterator[Step]:
    """Yield the reading of each connector before anything is plugged into it.

    A charge port of the board's own is left out: whether its switch conducts with no charger on differs
    between boards.
    """
    for outlet, name in OUTLETS.items():
        if f"{outlet}.+" not in a.wiring.by_id:
            continue
        by = a.wiring.path("B0", f"{outlet}.-") or ()
        other = a.wiring.path("B0", f"{outlet}.+") or ()
        if any(e.id == "bms.charge switch" for e in (*by, *other)):
            continue
        yield Step(
            "connector-reading" if outlet == "load" else f"connector-reading-{outlet}",
            "Prove",
            f"Read the {name}",
            f"The red probe into the contact marked + of the {name}, the black into −, before anything is ever plugged in. If it reads nothing, wake "
            "the board with the charger.",
            cautions=("A probe that slips across both contacts shorts the pack.",),
            records=("polarity-reading",),
            probes=(f"{outlet}.-", f"{outlet}.+"),
            refs=("connector",),
            hold=True,
        )


def board_on_step(d: Design, a: Analysis, board: Board, live: bool = True) -> Step:
    """Return the step that connects the board; with no cell in any holder nothing is live yet."""
    pole = pole_through_board(board)
    sign = "+" if pole == "plus" else "−"
    order = d.bms.order.value.replace("P−", f"P{sign}").replace("B− first", f"B{sign} first")
    made = board_last(d, a)
    sense = [e for e in made if e.wire is not None and e.wire.ref.startswith("tap:")]
    out = [e for e in made if e.start == pad_id(sign, "P")]
    own = [e for e in made if e not in sense and e not in out]
    if soldered(d):
        order = order.replace("the sense plug", "the sense leads").replace("sense plug", "sense leads")
    words = [f"{order[0].upper()}{order[1:]}."]
    if not own:
        words.append(f"B{sign} is on already.")
    if sense:
        each = "; ".join(f"{e.wire.name} to {a.wiring.by_id[e.end].label}" for e in sense if e.wire)
        words.append(f"Solder one at a time, in this order: {each}.")
    if own:
        words.append(f"Then the wire of B{0 if pole == 'minus' else d.series} to the board's B{sign}.")
    if out:
        ways = "; ".join(f"{a.wiring.by_id[e.start].label} to {a.wiring.by_id[e.end].label}" for e in out)
        words.append(f"Last: {ways}.")
    words.append(f"Check the order of pads against the wire list: {', '.join(board.pad_names)}.")
    open_ends = (
        ("Each free end is live against all the others: uncover one at a time.",) if live and sense else ()
    )
    return Step(
        BOARD_ON,
        "Prove" if live else "Wire",
        "Connect the board",
        " ".join(words),
        cautions=("The order differs between boards: where its sheet says otherwise, follow it.", *open_ends),
        records=("checked",),
        checks=(
            f"Order kept: {order}",
            "Every sense lead on the pad that the wire list names"
            if soldered(d)
            else "Sense plug sits and reads as listed",
            f"Voltage at the connector equals the pack, about {volts(d.series * d.cell_now_v)}; if nothing, wake the board with the charger",
        )
        if live
        else (
            "Every pad soldered as listed",
            "No bridge between pads",
            *(() if soldered(d) else ("Plug sits",)),
        ),
        refs=("board", *dict.fromkeys(e.wire.ref for e in made if e.wire)),
        wires=ids(made),
        hold=True,
        opens=(FREE,) if live else (),
        covers=(PINS,),
    )


def _first_charge(d: Design, a: Analysis) -> Step:
    current = amperes(d.charge_current_a)
    if d.cell.chemistry.is_lithium:
        how = f"Charge with at most {current} and stay with it"
        ends = f"Charge ends at {volts(a.pack.voltage_full_v)}"
    else:
        hours = SLOW_CHARGE_H * 0.1 * a.pack.capacity_ah / d.charge_current_a
        slow = d.charge_current_a <= 0.11 * a.pack.capacity_ah
        how = f"Charge: {FACTS[d.cell.chemistry].charge_words}. {current} "
        how += (
            f"takes about {figures(hours, 2)} h from empty: end it by the clock and stay with it"
            if slow
            else "is a fast charge: only with a charger that ends it by −ΔV or temperature; stay with it"
        )
        ends = (
            f"Charge ended by the clock after at most {figures(hours, 2)} h"
            if slow
            else "Charge ended by −ΔV or temperature, and by no voltage"
        )
    groups = (
        ("No group over its limit",)
        if d.cell.chemistry.is_lithium and d.series > 1
        else ("No cell more than hand-warm",)
    )
    return Step(
        "first-charge",
        "Prove",
        "First charge and first load, watched",
        f"{how}. Feel or measure the strips near the leads, then load it steadily for a minute.",
        cautions=(
            "Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by "
            "itself goes outside and is left.",
        ),
        records=("checked",),
        checks=(ends, *groups, "Nothing warmer than the hand bears", "Connector cool after load"),
        hold=True,
    )


def _balanced(d: Design) -> Step:
    board = d.bms.board
    how = (
        f"Leave it on the charger until the board has balanced ({amperes(board.balance_current_a)} a group)"
        if board is not None and board.balance_current_a > 0
        else "Charge it once with a balance charger on the balance plug"
        if board is None
        else "This board does not balance: read the groups full, and charge low ones one by one"
    )
    return Step(
        "balance-charge",
        "Prove",
        "Balance charge, read the groups full",
        f"{how}, then read every group.",
        records=("checked",),
        checks=(
            f"Every group within 0.02 V of {volts(d.cell.full_v)}",
            "Read again an hour later: none fell behind",
        ),
        wait_s=REST_S,
        refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
    )


def closing_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the steps that close a pack: sleeve, fit, label."""
    fit = a.insulation.sleeve
    balance = any(e.id.startswith("balance.") for e in a.wiring.wires)
    if fit is not None:
        cross = a.insulation.cross_sleeve
        second = f" Second sleeve across: {cross.sleeve}, {cross.cut_length_m * 1e3:.0f} mm." if cross else ""
        yield Step(
            "sleeve",
            "Close",
            "Sleeve",
            f"{fit.sleeve}, cut {fit.cut_length_m * 1e3:.0f} mm. Hot air from the middle outwards, moving, low heat.{second}",
            cautions=("No open flame. Keep the heat moving: it reaches the cells through the sheet.",),
            records=("checked",),
            checks=(
                "Both ends lip over the edge",
                "No wrinkle over a lead",
                "No trapped air",
                "No burnt place",
                "No bare metal outside the sleeve",
            ),
            measures=("overlap_m",),
            cools_s=SLEEVED_PACK_S,
            expected=f"lip of about {millimetres(d.insulation.lip_m)} at each end",
            hold=True,
            covers=(EVERYTHING,),
        )
    yield Step(
        "final-look",
        "Close",
        "Fit, label and last look",
        "Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.",
        records=("checked",),
        checks=(
            "Fits with nothing squeezed",
            "Polarity at the connector by meter",
            "Connector halves mate, shape not melted",
            *(("Balance plug clear, covered, tied out of the way",) if balance else ()),
            *(("Foam back in its place",) if d.insulation.foam_m else ()),
            "Label on",
        ),
        hold=True,
    )
