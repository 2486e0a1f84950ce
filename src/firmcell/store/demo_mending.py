"""More mending at Hollin Lea: a charge lead, a pack made tight against water, a toy that takes another
pack."""

from firmcell.core.changes.existing_pack import PackAsItIs
from firmcell.core.jobs import existing_job
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.job_details import JacketVent, JobKind, LeadForm
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Board, Cell, Connector, Fuse, Sleeve, Wire
from firmcell.store.part_files import part_named


def gate_charge_lead(library: PartLibrary) -> Design:
    """A charge lead for the gate opener's pack: bullets at the charger, the pack's own plug at the other
    end."""
    pack = _six_hydride(library, JobKind.LEAD_CHANGE)
    return pack.with_edits(
        ("kind", JobKind.MADE_UP_LEAD),
        ("brief.title", "Gate opener charge lead"),
        ("brief.customer", "Hollin Lea, lower gate"),
        ("existing", None),
        ("brief.wet", False),
        ("brief.load_voltage_min_v", 12.0),
        ("brief.load_voltage_max_v", 16.8),
        ("brief.current_steady_a", 6.0),
        ("brief.current_peak_a", 6.0),
        ("leads.wire", part_named(library, Wire, "16 AWG silicone")),
        ("leads.length_m", 0.6),
        ("leads.drop_limit_v", 0.3),
        ("leads.fuse", part_named(library, Fuse, "blade fuse 32 V, 10 A")),
        ("leads.fuse_at_m", 0.08),
        ("leads.connector", part_named(library, Connector, "keyed twin-bullet 3.5 mm")),
        ("made_up.form", LeadForm.CHARGE),
        ("made_up.far_connector", part_named(library, Connector, "bare bullet pair 4 mm")),
        ("made_up.source_v", 16.8),
        ("made_up.source_short_a", 900.0),
        ("serial", "HL-0039"),
    )


def _six_hydride(library: PartLibrary, kind: JobKind) -> Design:
    """A finished 6S1P pack of metal hydride, as it came in."""
    told = PackAsItIs(
        series=6,
        parallel=1,
        cell=part_named(library, Cell, "AA metal hydride 2.5 Ah"),
        wire=part_named(library, Wire, "20 AWG silicone"),
        length_m=0.2,
        connector=part_named(library, Connector, "keyed twin-bullet 2 mm"),
        fuse=part_named(library, Fuse, "blade fuse 32 V, 5 A"),
    )
    brief = Brief(
        title="Pond pump pack",
        customer="Hollin Lea, mill pond",
        load_voltage_min_v=5.5,
        load_voltage_max_v=9.0,
        current_steady_a=1.2,
        current_peak_a=2.0,
        peak_duration_s=2.0,
        run_time_s=5400.0,
        wet=True,
    )
    return existing_job(told, brief, kind, library)


def pond_wet_jacket(library: PartLibrary) -> Design:
    """The pond pump's pack, made tight against water, with a vent for its hydrogen."""
    return _six_hydride(library, JobKind.WET_JACKET).with_edits(
        ("insulation.sleeve", part_named(library, Sleeve, "pack sleeve 75 mm flat")),
        ("wet_jacket.vent", JacketVent.VENT),
        ("wet_jacket.length_m", 0.090),
        ("wet_jacket.width_m", 0.046),
        ("wet_jacket.height_m", 0.016),
        ("wet_jacket.corner_m", 0.007),
        ("wet_jacket.mass_kg", 0.21),
        ("wet_jacket.thin_wires", 2),
        ("wet_jacket.cure_s", 36 * 3600.0),
        ("serial", "HL-0040"),
    )


def toy_tray(library: PartLibrary) -> Design:
    """The children's toy tractor took six small throw-away cells; a 2S lithium pack with its board goes
    in."""
    told = PackAsItIs(
        series=2,
        parallel=1,
        cell=part_named(library, Cell, "18650 balanced 3.0 Ah"),
        wire=part_named(library, Wire, "20 AWG silicone"),
        length_m=0.08,
        connector=part_named(library, Connector, "keyed twin-bullet 2 mm"),
        board=part_named(library, Board, "lithium-ion BMS 2S 10 A"),
        fuse=part_named(library, Fuse, "blade fuse 32 V, 5 A"),
    )
    brief = Brief(
        title="Toy tractor",
        customer="Hollin Lea, the children",
        load_voltage_min_v=5.0,
        load_voltage_max_v=9.6,
        current_steady_a=1.5,
        current_peak_a=3.0,
        peak_duration_s=1.0,
        run_time_s=3600.0,
    )
    return existing_job(told, brief, JobKind.TRAY, library).with_edits(
        ("tray.old_cells", 6),
        ("tray.cavity_length_m", 0.094),
        ("tray.cavity_width_m", 0.052),
        ("tray.cavity_height_m", 0.030),
        ("tray.pack_length_m", 0.070),
        ("tray.pack_width_m", 0.039),
        ("tray.pack_height_m", 0.0205),
        ("tray.coil_m", 0.06),
        ("tray.contact_a", 4.0),
        ("leads.length_m", 0.11),
        ("host_charger.end", ChargeEnd.NOT_ENTERED),
        ("serial", "HL-0041"),
    )
