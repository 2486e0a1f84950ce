"""The numbers behind one thing on the picture, and why they are so."""

from dataclasses import replace
from typing import TypeVar

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import amperes, celsius, figures, millimetres, milliohms, percent, volts
from firmcell.core.model.design import Design
from firmcell.core.model.joint_kinds import joints_in_words
from firmcell.core.strips.load_figures import Segment
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.under_load import UnderLoad
from firmcell.core.strips.why_there import missing_without

T = TypeVar("T")


@frozen
class Description:
    """A title, pairs of name and value, and one sentence of reason."""

    title: str
    rows: tuple[tuple[str, str], ...]
    why: str = ""


def describe(
    ref: str, design: Design, analysis: Analysis, metal: UnderLoad | None = None
) -> Description | None:
    """Return the numbers of the thing `ref` names (such as ``strip:N3-L2``), or None if there is no such
    thing.

    With the solved `metal`, what a strip or cell carries and how warm it gets is told from it.
    """
    kind, _, name = ref.partition(":")
    teller = {
        "cell": _cell,
        "strip": _strip,
        "tap": _tap,
        "group": _group,
        "lead": _lead,
        "board": _board,
        "space": _space,
        "blocked": _blocked,
        "spare": _spare,
        "insulation": _insulation,
        "node": _node,
        "connector": _connector,
        "fuse": _fuse,
        "sleeve": _insulation,
    }.get(kind)
    told = teller(name, design, analysis) if teller else None
    if told is None or metal is None:
        return told
    more = (
        _solved_strip(name, metal) if kind == "strip" else _solved_cell(name, metal) if kind == "cell" else ()
    )
    kept = tuple(row for row in told.rows if row[0] not in {name for name, _ in more})
    return replace(told, rows=kept + more, why="Solved on the real layout." if more else told.why)


def _solved_strip(name: str, metal: UnderLoad) -> tuple[tuple[str, str], ...]:
    mine = [s for s in metal.figures.segments if s.piece == name]
    if not mine:
        return ()
    worst = max(mine, key=lambda s: s.share)
    return (
        (
            "Carries",
            f"{amperes(worst.current_a)} of {amperes(worst.limit_a)} ({percent(worst.share)}) {_between(worst)}",
        ),
        (
            "Warms to",
            f"{celsius(max(s.in_place_k for s in mine))} in place, {celsius(worst.long_run_k)} as a long strip",
        ),
        (
            "Loses",
            f"{figures(sum(s.drop_v for s in mine) * 1e3)} mV, {figures(sum(s.heat_w for s in mine) * 1e3)} mW",
        ),
        ("Density", f"{figures(worst.density_a_m2 / 1e6)} A/mm²{_fullest(mine)}"),
    )


def _between(segment: Segment) -> str:
    """Where a segment lies; the tab of a plate has one cell."""
    first, second = segment.cells
    return f"between {first} and {second}" if first != second else f"in the tab at {first}"


def _fullest(segments: list[Segment]) -> str:
    """The greatest density in any place of a plate."""
    peak = max(s.peak_a_m2 for s in segments)
    plate = segments[0].kind is StripKind.PLATE
    return f", {figures(peak / 1e6)} beside a joint or slot" if plate else ""


def _solved_cell(name: str, metal: UnderLoad) -> tuple[tuple[str, str], ...]:
    mine = next((c for c in metal.figures.cells if str(c.number) == name), None)
    if mine is None:
        return ()
    return (
        (
            "Carries",
            f"{amperes(mine.current_a)}, {mine.deviation * 100:+.1f} % off an even part".replace("-", "−"),
        ),
        ("Warms to", f"{celsius(mine.temperature_k)} at the end of a run"),
    )


def _as_measured(number: int, d: Design) -> tuple[tuple[str, str], ...]:
    """The serial of a cell, and what was measured of it."""

    def of(values: tuple[T, ...]) -> T | None:
        return values[number - 1] if number <= len(values) else None

    serial, held, ohm = of(d.cell_serials), of(d.measured_as), of(d.measured_ohm)
    measured = ", ".join(
        word
        for word in (f"{figures(held / AH, 4)} Ah" if held else "", milliohms(ohm) if ohm else "")
        if word
    )
    return (*((("Serial", serial),) if serial else ()), *((("Measured", measured),) if measured else ()))


def _cell(name: str, d: Design, a: Analysis) -> Description | None:
    found = next((c for c in a.layout.cells if str(c.number) == name), None)
    if found is None:
        return None
    p = a.pack
    return Description(
        f"Cell {name}, group {found.group}",
        (
            *_as_measured(found.number, d),
            ("Stands", f"plus {'up (top face)' if found.positive_up else 'down (bottom face)'}"),
            ("Steady", f"{amperes(p.cell_current_steady_a)} of {amperes(d.cell.current_continuous_a)}"),
            ("Peak", f"{amperes(p.cell_current_peak_a)} of {amperes(d.cell.current_peak_a)}"),
            ("Place", f"{found.x_m * 1e3:+.1f}, {found.y_m * 1e3:+.1f} mm from the middle"),
        ),
        "Pack current divided evenly over the cells of a group.",
    )


def _strip(name: str, d: Design, a: Analysis) -> Description | None:
    p = next((s for s in a.strips if s.id == name), None)
    if p is None:
        return None
    title = {
        StripKind.LINK: "Series link",
        StripKind.PARALLEL: "Parallel strip",
        StripKind.COLLECTOR: "Collecting strip",
        StripKind.BRIDGE: "Bridge between blocks",
        StripKind.PLATE: "Plate",
        StripKind.LADDER: "Ladder strip",
    }[p.kind]
    why = {
        StripKind.LINK: "From group to group; how much it carries is solved on the real layout.",
        StripKind.PARALLEL: "Evens out its group; it carries current only where a cell has no link of its own.",
        StripKind.COLLECTOR: "More in each span towards the lead, with the share of each cell it has passed.",
        StripKind.BRIDGE: "Flexible insulated wire: blocks move against each other.",
        StripKind.LADDER: "Both rows and the links between them in one piece; the rail or rung that carries most.",
        StripKind.PLATE: "The band of the plate between two neighbouring pads that carries most.",
    }[p.kind]
    needed = missing_without(a.layout, p.id, a.pack.cell_current_steady_a)
    return Description(
        f"{title} {p.id}",
        (
            ("Metal", f"{p.strip}, {p.layers} layer{'s' if p.layers > 1 else ''}"),
            ("Cut length", millimetres(p.length_m)),
            (
                "Carries",
                f"{amperes(p.current_steady_a)} of {amperes(p.limit_a)} ({percent(p.share_of_limit)})",
            ),
            ("Warms to", f"{celsius(p.temperature_k)}, {celsius(p.peak_temperature_k)} after the peak"),
            ("Joined by", joints_in_words(d.joining.joined_by, p.joints)),
            *((("Without it", needed),) if needed else ()),
        ),
        why,
    )


def _tap(name: str, d: Design, a: Analysis) -> Description | None:
    t = next((t for t in a.bms.taps if str(t.number) == name), None)
    if t is None:
        return None
    return Description(
        f"Tap {t.name}" + (f" ({t.printed})" if not t.printed[0].isdigit() else f", printed {t.printed}"),
        (
            ("Place", f"{t.face.value} face, at cell {t.cell}"),
            ("Lead", f"{t.wire_length_m * 1e3:.0f} mm of {d.bms.sense_wire.gauge}"),
            ("Reads now", volts(t.now_v)),
            ("Reads", f"{volts(t.empty_v)} empty, {volts(t.full_v)} full"),
        ),
        "Against B0; each next tap is one group more.",
    )


def _group(name: str, d: Design, a: Analysis) -> Description | None:
    if not name.isdigit() or not 1 <= int(name) <= d.series:
        return None
    cells = a.layout.group_cells(int(name))
    if not cells:
        return None
    return Description(
        f"Group {name}",
        (
            ("Cells", _numbers([c.number for c in cells])),
            ("Stands", f"plus {'up' if cells[0].positive_up else 'down'}"),
            ("Between", f"B{int(name) - 1} and B{name}"),
            ("Resistance", milliohms(d.cell.resistance_ohm / d.parallel)),
        ),
    )


def _numbers(numbers: list[int]) -> str:
    """Numbers in words: 5 to 8 if they follow each other, otherwise each."""
    if len(numbers) > 2 and numbers == list(range(numbers[0], numbers[-1] + 1)):
        return f"{numbers[0]} to {numbers[-1]}"
    return ", ".join(str(n) for n in numbers)


def _lead(name: str, d: Design, a: Analysis) -> Description | None:
    pole, _, out = name.partition("-")
    if pole not in ("plus", "minus") or out not in ("", "out"):
        return None
    f = a.leads
    return Description(
        f"Main {pole} lead" + (", from the board to the connector" if out else ""),
        (
            ("Wire", f"{d.leads.wire.name}, {d.leads.length_m * 1e3:.0f} mm"),
            ("Carries", f"{amperes(d.brief.current_steady_a)} of {amperes(f.limit_a)}"),
            ("Warms to", celsius(f.temperature_k)),
            ("Loses", f"{figures(f.drop_steady_v * 1e3)} mV in the whole loop"),
        ),
        f"Heat balance in still air, held to {celsius(d.leads.limit_k)}.",
    )


def _board(name: str, d: Design, a: Analysis) -> Description | None:
    b = d.bms.board
    if b is None:
        return None
    return Description(
        b.name,
        (
            ("Carries", f"{amperes(b.current_continuous_a)}, trips at {amperes(b.current_peak_a)}"),
            ("Cuts off", f"{volts(b.under_voltage_v)} to {volts(b.over_voltage_v)} a group"),
            ("Size", f"{b.length_m * 1e3:.0f} × {b.width_m * 1e3:.0f} × {b.height_m * 1e3:.0f} mm"),
        ),
    )


def _connector(name: str, d: Design, a: Analysis) -> Description | None:
    c = d.leads.outlet
    return Description(
        c.name,
        (
            ("Carries", f"{amperes(a.leads.connector_limit_a)} here"),
            ("On the pack", c.pack_half),
            ("Keying", c.keying.value),
        ),
    )


def _fuse(name: str, d: Design, a: Analysis) -> Description | None:
    fuse = d.leads.fuse
    if fuse is None:
        return None
    return Description(
        fuse.name, (("Breaks", amperes(fuse.breaking_a)), ("A short drives", amperes(a.pack.short_circuit_a)))
    )


def _space(name: str, d: Design, a: Analysis) -> Description | None:
    if d.brief.box_m is None:
        return None
    length, width, height = d.brief.box_m
    fit = a.fit
    rows = [("Size", f"{length * 1e3:.1f} × {width * 1e3:.1f} × {height * 1e3:.1f} mm")]
    if fit.gap_wall_m is not None:
        rows.append(
            (
                "Smallest gap",
                f"{millimetres(fit.gap_wall_m)} to a cell, {millimetres(fit.wall_needed_m)} needed",
            )
        )
    return Description("Space", tuple(rows), "Clearance, side sheet and sleeves are kept free at the edge.")


def _blocked(name: str, d: Design, a: Analysis) -> Description | None:
    if not name.isdigit() or int(name) >= len(d.brief.blocked):
        return None
    b = d.brief.blocked[int(name)]
    size = (
        f"⌀ {millimetres(b.length_m)}" if b.round else f"{millimetres(b.length_m)} × {millimetres(b.width_m)}"
    )
    return Description(
        b.name,
        (
            ("Size", size),
            ("Place", f"{b.x_m * 1e3:+.1f}, {b.y_m * 1e3:+.1f} mm from the middle of the space"),
        ),
        "Nothing may stand here, through the whole height.",
    )


def _spare(name: str, d: Design, a: Analysis) -> Description | None:
    spare = d.arrangement.spare_m
    if not name.isdigit() or int(name) >= len(spare):
        return None
    x, y, _ = spare[int(name)]
    place = (("Place", f"{x * 1e3:+.1f}, {y * 1e3:+.1f} mm from the middle of the space"),)
    return Description("Free place", place, "A cell fits here; none stands in it.")


def _insulation(name: str, d: Design, a: Analysis) -> Description | None:
    e = a.insulation.envelope
    rows = [("Outside", f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm")]
    if a.insulation.sleeve:
        rows.append(
            ("Sleeve", f"{a.insulation.sleeve.sleeve}, cut {a.insulation.sleeve.cut_length_m * 1e3:.0f} mm")
        )
    return Description(
        "Outline", tuple(rows), "Largest cells of the class, strips, sheets, board and sleeves counted."
    )


def _node(name: str, d: Design, a: Analysis) -> Description | None:
    pieces = [p for p in a.strips if str(p.node) == name]
    return _strip(pieces[0].id, d, a) if pieces else None
