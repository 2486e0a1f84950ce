"""The invented farm Hollin Lea and the first three jobs of its workshop."""

from collections.abc import Callable
from pathlib import Path

from firmcell import DATA
from firmcell.core.analysis.analyse import analyse
from firmcell.core.model.brief import Blocked, Brief, SpaceShape
from firmcell.core.model.design import (
    Arrangement,
    Bms,
    BoardPlace,
    Design,
    Joining,
    JointOrder,
    Leads,
    PackInsulation,
)
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Board, Cell, Connector, Fuse, Lug, Sleeve, Strip, Wire
from firmcell.core.records.events import (
    CellCheck,
    Checked,
    Remark,
    StepPassed,
    WeldRow,
    WeldSample,
)
from firmcell.store.demo_lamp import lamp_records, lamp_refit
from firmcell.store.demo_mending import gate_charge_lead, pond_wet_jacket, toy_tray
from firmcell.store.job_file import SUFFIX, JobFile
from firmcell.store.part_files import part_named, shipped_library

BUILDER = "Wren Ashby"
HELPER = "Tam Holloway"


SPACE_TAKES_IT = (
    "Length takes the pack with clearance",
    "Width takes it",
    "Height takes it",
    "Leads have a way out",
)
MARKED = "Plus and minus still marked on the bench"
HOIST_TRAY_M = ((-0.120, -0.055), (0.120, -0.055), (0.120, -0.012), (0.044, 0.055), (-0.120, 0.055))
"""The hoist's tray, 240 × 110 mm: one corner is cut off for the winch."""
HOIST_PLUS_M = (0.089, -0.022)
"""Where the hoist's plus lead is wanted, m from the middle of the tray: towards the winch."""


def orchard_hoist(library: PartLibrary) -> Design:
    """The hoist's lithium pack: 10S4P of the 21700 class, 25 A steady, 45 A for 10 s, in an odd tray 240 ×
    110 × 90 mm.

    The layout engine placed and sorted the cells; what it found is stored beside, by tools/lay_demo.py.
    """
    stored = DATA / "demo" / "orchard-hoist-layout.json"
    laid = Arrangement.model_validate_json(stored.read_text(encoding="utf-8"))
    nickel = part_named(library, Strip, "pure nickel strip 0.3 × 10")
    return hoist_in_rows(library).with_edits(
        ("arrangement", laid),
        ("joining.welder", Welder.STRONG),
        ("joining.link_strip", nickel),
        ("joining.link_layers", 1),
        ("joining.collector_strip", nickel),
        ("joining.collector_layers", 4),
        ("joining.collector_under", part_named(library, Strip, "copper strip 0.2 × 10")),
    )


def hoist_in_rows(library: PartLibrary) -> Design:
    """The hoist's pack as it was before it was laid out: whole rows, which do not fit the tray."""
    return Design(
        brief=Brief(
            title="Orchard hoist",
            customer="Hollin Lea, top orchard",
            load_voltage_min_v=32.0,
            load_voltage_max_v=43.0,
            current_steady_a=25.0,
            current_peak_a=45.0,
            peak_duration_s=10.0,
            energy_j=550 * 3600.0,
            space=SpaceShape.OUTLINE,
            outline_m=HOIST_TRAY_M,
            box_height_m=0.090,
            clearance_m=0.001,
            blocked=(
                Blocked(name="BMS", x_m=-0.113, y_m=-0.008, length_m=0.012, width_m=0.062, holds_board=True),
                Blocked(name="screw post", x_m=-0.110, y_m=0.045, length_m=0.009, width_m=0.009, round=True),
            ),
            mass_limit_kg=3.5,
            ambient_min_k=268.15,
            ambient_max_k=303.15,
            load_capacitance_f=0.0022,
            shaken=True,
        ),
        cell=part_named(library, Cell, "21700 high-energy 5.0 Ah"),
        series=10,
        parallel=4,
        arrangement=Arrangement(rows=4),
        joining=Joining(
            link_strip=part_named(library, Strip, "pure nickel strip 0.15 × 8"),
            link_layers=2,
            collector_strip=part_named(library, Strip, "copper strip 0.15 × 10"),
            collector_layers=3,
        ),
        leads=Leads(
            wire=part_named(library, Wire, "10 AWG silicone"),
            length_m=0.25,
            connector=part_named(library, Connector, "keyed twin-bullet 4.5 mm"),
            fuse=part_named(library, Fuse, "bolted fuse 80 V, 40 A"),
        ),
        bms=Bms(
            board=part_named(library, Board, "lithium-ion BMS 10S 30 A"),
            place=BoardPlace.END,
            sense_wire=part_named(library, Wire, "24 AWG silicone"),
        ),
        insulation=PackInsulation(
            sleeve=part_named(library, Sleeve, "pack sleeve 180 mm flat"),
            cross_sleeve=part_named(library, Sleeve, "pack sleeve 330 mm flat"),
        ),
        cell_now_v=3.56,
        charge_current_a=5.0,
        serial="HL-0031",
        builder=BUILDER,
    )


def bee_house_scale(library: PartLibrary) -> Design:
    """The scale's iron-phosphate pack: 4S2P of the 26650 class."""
    return Design(
        brief=Brief(
            title="Bee-house scale",
            customer="Hollin Lea, bee house",
            load_voltage_min_v=11.0,
            load_voltage_max_v=14.8,
            current_steady_a=1.5,
            current_peak_a=3.0,
            peak_duration_s=5.0,
            energy_j=60 * 3600.0,
            box_length_m=0.130,
            box_width_m=0.075,
            box_height_m=0.085,
            ambient_min_k=273.15,
            ambient_max_k=308.15,
            wet=True,
        ),
        cell=part_named(library, Cell, "26650 iron phosphate 3.3 Ah"),
        series=4,
        parallel=2,
        arrangement=Arrangement(rows=2),
        joining=Joining(
            order=JointOrder.LEAST_EXPOSED,
            link_strip=part_named(library, Strip, "plated steel strip 0.15 × 8"),
            collector_strip=part_named(library, Strip, "plated steel strip 0.15 × 8"),
        ),
        leads=Leads(
            wire=part_named(library, Wire, "18 AWG silicone"),
            length_m=0.18,
            connector=part_named(library, Connector, "keyed twin-bullet 2 mm"),
            fuse=part_named(library, Fuse, "blade fuse 32 V, 5 A"),
        ),
        bms=Bms(
            board=part_named(library, Board, "iron phosphate BMS 4S 20 A"),
            place=BoardPlace.TOP,
            sense_wire=part_named(library, Wire, "26 AWG silicone"),
        ),
        insulation=PackInsulation(sleeve=part_named(library, Sleeve, "pack sleeve 140 mm flat")),
        cell_now_v=3.29,
        charge_current_a=2.0,
        serial="HL-0032",
        builder=HELPER,
    )


def hay_loft_lantern(library: PartLibrary) -> Design:
    """The lantern's nickel pack: 5S1P of sub-C."""
    return Design(
        brief=Brief(
            title="Hay-loft lantern",
            customer="Hollin Lea, hay loft",
            load_voltage_min_v=5.0,
            load_voltage_max_v=8.0,
            current_steady_a=0.8,
            current_peak_a=1.2,
            run_time_s=3 * 3600.0,
            box_length_m=0.125,
            box_width_m=0.030,
            box_height_m=0.050,
            clearance_m=0.0005,
            ambient_min_k=273.15,
            ambient_max_k=303.15,
        ),
        cell=part_named(library, Cell, "sub-C metal hydride 3.0 Ah"),
        series=5,
        parallel=1,
        arrangement=Arrangement(rows=1),
        joining=Joining(
            order=JointOrder.LEAST_EXPOSED,
            link_strip=part_named(library, Strip, "plated steel strip 0.1 × 5"),
            collector_strip=part_named(library, Strip, "plated steel strip 0.1 × 5"),
        ),
        leads=Leads(
            wire=part_named(library, Wire, "22 AWG silicone"),
            length_m=0.12,
            connector=part_named(library, Connector, "crimp housing 2.5 mm pitch, two-way"),
            fuse=part_named(library, Fuse, "ceramic tube fuse 125 V, 2 A"),
        ),
        bms=Bms(
            board=None, place=BoardPlace.OUTSIDE, sense_wire=part_named(library, Wire, "26 AWG silicone")
        ),
        insulation=PackInsulation(sleeve=part_named(library, Sleeve, "pack sleeve 75 mm flat")),
        cell_now_v=1.28,
        charge_current_a=0.3,
        serial="HL-0033",
        builder=BUILDER,
    )


def sprayer_lead_change(library: PartLibrary) -> Design:
    """The sprayer's finished pack gets a larger connector: 10S2P, always live."""
    pack = hoist_in_rows(library)
    return pack.with_edits(
        ("kind", JobKind.LEAD_CHANGE),
        ("brief.title", "Orchard sprayer, new plug"),
        ("brief.customer", "Hollin Lea, orchard"),
        ("brief.current_steady_a", 14.0),
        ("brief.current_peak_a", 25.0),
        ("parallel", 2),
        ("arrangement.rows", 2),
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.mass_limit_kg", None),
        ("leads.wire", part_named(library, Wire, "14 AWG silicone")),
        ("leads.length_m", 0.16),
        ("leads.connector", part_named(library, Connector, "keyed twin-bullet 3.5 mm")),
        ("leads.fuse", part_named(library, Fuse, "blade fuse 58 V, 20 A")),
        ("lead_change.old_connector", part_named(library, Connector, "keyed twin-bullet 2 mm")),
        ("lead_change.wire_there_m", 0.17),
        ("lead_change.reach_m", 0.12),
        ("charge_current_a", 3.0),
        ("serial", "HL-0019"),
    )


def barrow_machine_leads(library: PartLibrary) -> Design:
    """The powered barrow: bullets between controller and motor."""
    pack = hoist_in_rows(library)
    return pack.with_edits(
        ("kind", JobKind.MACHINE_LEADS),
        ("brief.title", "Powered barrow, motor leads"),
        ("brief.customer", "Hollin Lea, yard"),
        ("brief.current_steady_a", 30.0),
        ("brief.current_peak_a", 50.0),
        ("brief.load_capacitance_f", 0.0015),
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.mass_limit_kg", None),
        ("leads.wire", part_named(library, Wire, "12 AWG silicone")),
        ("leads.length_m", 0.2),
        ("leads.connector", part_named(library, Connector, "keyed twin-bullet 4.5 mm")),
        ("machine.bullet", part_named(library, Connector, "bare bullet pair 4 mm")),
        ("serial", "HL-0034"),
    )


def log_splitter_cable(library: PartLibrary) -> Design:
    """The log splitter's short-run motor on heavy cable from a starter battery."""
    pack = hoist_in_rows(library)
    return pack.with_edits(
        ("kind", JobKind.POWER_CABLE),
        ("brief.title", "Log splitter cable"),
        ("brief.customer", "Hollin Lea, wood yard"),
        ("brief.load_voltage_min_v", 9.0),
        ("brief.load_voltage_max_v", 15.0),
        ("brief.current_steady_a", 150.0),
        ("brief.current_peak_a", 260.0),
        ("brief.peak_duration_s", 3.0),
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.mass_limit_kg", None),
        ("brief.load_capacitance_f", 0.0),
        ("leads.wire", part_named(library, Wire, "50 mm² silicone")),
        ("leads.length_m", 2.4),
        ("leads.drop_limit_v", 0.6),
        ("leads.fuse", part_named(library, Fuse, "bolted fuse 80 V, 200 A")),
        ("leads.fuse_at_m", 0.15),
        ("cable.source_v", 14.4),
        ("cable.source_short_a", 1800.0),
        ("cable.on_s", 60.0),
        ("cable.off_s", 300.0),
        ("cable.source_lug", part_named(library, Lug, "crimp lug 50 mm² (1/0 AWG), M8")),
        ("cable.load_lug", part_named(library, Lug, "crimp lug 50 mm² (1/0 AWG), M10")),
        ("cable.load_stud_m", 0.010),
        ("serial", "HL-0035"),
    )


def lamp_cell_bms(library: PartLibrary) -> Design:
    """The lambing lamp's single cell gets a protection board underneath."""
    pack = hoist_in_rows(library)
    return pack.with_edits(
        ("kind", JobKind.CELL_BMS),
        ("brief.title", "Lambing lamp cell"),
        ("brief.customer", "Hollin Lea, lambing shed"),
        ("brief.load_voltage_min_v", 2.7),
        ("brief.load_voltage_max_v", 4.25),
        ("brief.current_steady_a", 1.5),
        ("brief.current_peak_a", 3.0),
        ("brief.load_capacitance_f", 0.0),
        ("brief.energy_j", 12 * 3600.0),
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.mass_limit_kg", None),
        ("brief.ambient_min_k", 273.15),
        ("cell", part_named(library, Cell, "18650 high-energy 3.4 Ah")),
        ("series", 1),
        ("parallel", 1),
        ("arrangement.rows", 1),
        ("bms.board", part_named(library, Board, "lithium-ion BMS 1S 5 A")),
        ("charge_current_a", 1.6),
        ("cell_bms.holder_m", 0.0705),
        ("cell_bms.charger_m", 0.0715),
        ("cell_now_v", 3.55),
        ("serial", "HL-0036"),
    )


def torch_re_sleeve(library: PartLibrary) -> Design:
    """Four cells of the drovers' torch came back with torn wraps."""
    cell = lamp_cell_bms(library)
    return cell.with_edits(
        ("kind", JobKind.RE_SLEEVE),
        ("brief.title", "Drovers' torch cells"),
        ("brief.customer", "Hollin Lea, lower gate"),
        ("bms.board", None),
        ("re_sleeve.cells", 4),
        ("re_sleeve.diameter_m", 0.0182),
        ("re_sleeve.length_m", 0.0650),
        ("re_sleeve.holder_m", 0.0658),
        ("re_sleeve.holder_width_m", 0.0190),
        ("serial", "HL-0037"),
    )


DEMO_JOBS: dict[str, tuple[str, Callable[[PartLibrary], Design]]] = {
    "orchard-hoist": ("Orchard hoist: 10S4P lithium-ion, half built", orchard_hoist),
    "bee-house-scale": ("Bee-house scale: 4S2P iron phosphate, drawn up", bee_house_scale),
    "sprayer-lead-change": ("Orchard sprayer: a new plug on a live pack", sprayer_lead_change),
    "barrow-machine-leads": ("Powered barrow: bullets for the motor", barrow_machine_leads),
    "lamp-cell-bms": ("Lambing lamp: a board under one cell", lamp_cell_bms),
    "torch-re-sleeve": ("Drovers' torch: four cells with torn wraps", torch_re_sleeve),
    "lamp-refit": ("Byre lamp: cadmium out, metal hydride in", lamp_refit),
    "gate-charge-lead": ("Gate opener: a charge lead", gate_charge_lead),
    "pond-wet-jacket": ("Pond pump: a pack that lies in water", pond_wet_jacket),
    "toy-tray": ("Toy tractor: a pack in place of six cells", toy_tray),
    "log-splitter-cable": ("Log splitter: heavy cable with lugs", log_splitter_cable),
    "hay-loft-lantern": ("Hay-loft lantern: 5S1P metal hydride, drawn up", hay_loft_lantern),
}


def make_demo(name: str, folder: Path) -> Path:
    """Make the demo job `name` in `folder` with its invented records and return its path."""
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / f"{name}{SUFFIX}"
    _, design = DEMO_JOBS[name]
    with JobFile.create(path, design(shipped_library()), BUILDER, "demo job of Hollin Lea") as job:
        if name == "orchard-hoist":
            _hoist_records(job)
        elif name == "lamp-refit":
            lamp_records(job, BUILDER, HELPER)
        else:
            job.append(Remark(text="Drawn up from the note on the workshop door."), person=BUILDER)
    return path


def _hoist_records(job: JobFile) -> None:
    """Everything up to the welds of the bottom face, with one rework on the way."""
    welder, setting = "bench welder, capacitor type", "level 6"
    design = job.latest().design()
    strip = design.joining.link_strip.name
    pieces = analyse(design).strips

    def look(step: str, *right: str) -> None:
        job.append(Checked(right=right), step, BUILDER)
        job.append(StepPassed(), step, BUILDER)

    look("measure-space", *SPACE_TAKES_IT)
    job.append(
        CellCheck(count=40, lowest_v=3.548, highest_v=3.571, highest_ohm=0.0251, wraps_sound=True),
        "check-cells",
        HELPER,
        "bench meter",
    )
    job.append(StepPassed(note="one wrap replaced before"), "check-cells", HELPER)
    look("rings", "Ring on each positive", "Each ring centred and stuck down")
    look(
        "dry-fit",
        "Every cell's direction as drawn, first time",
        "Every cell's direction as drawn, second time",
        "Marks on the bench",
        "Tape or holder between neighbouring cells",
        "Cells held firm, fibre tape round them so that they cannot shift",
    )
    job.append(
        WeldSample(
            machine=welder, mode="double pulse", setting="level 5", pulses=2, strip=strip, peeled=6, held=4
        ),
        "weld-sample",
        BUILDER,
    )
    job.append(
        WeldSample(
            machine=welder, mode="double pulse", setting=setting, pulses=2, strip=strip, peeled=22, held=22
        ),
        "weld-sample",
        BUILDER,
    )
    job.append(StepPassed(note="level 5 too cold, level 6 holds"), "weld-sample", BUILDER)
    look(
        "turn-bottom",
        "Each visible end as drawn",
        "Rings in place",
        "Plus and minus still marked on the bench",
    )
    for node in (0, 2):
        welds = sum(p.joints for p in pieces if p.node == node)
        step = f"weld-bottom-N{node}"
        job.append(
            WeldRow(machine=welder, setting=setting, pulses=2, strip=strip, welds=welds, flat=True, tug=True),
            step,
            BUILDER,
        )
        job.append(StepPassed(), step, BUILDER)
