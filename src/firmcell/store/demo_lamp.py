"""The byre lamp of Hollin Lea: an old pack that gets new cells, with photos of how it came in."""

import json
from hashlib import sha256

from firmcell import DATA
from firmcell.core.changes.existing_pack import PackAsItIs
from firmcell.core.jobs import existing_job
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell, Connector, Fuse, Wire
from firmcell.core.model.photo import Photo, PhotoShows
from firmcell.core.records.events import (
    AsFound,
    Checked,
    FoundThing,
    PhotoKept,
    StepPassed,
)
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import part_named
from firmcell.store.photos import attach_photo


def lamp_refit(library: PartLibrary) -> Design:
    """The byre lamp's cadmium cells make way for metal hydride; its charger is a resistor and nothing
    else."""
    told = PackAsItIs(
        series=5,
        parallel=1,
        cell=part_named(library, Cell, "sub-C cadmium 1.8 Ah"),
        wire=part_named(library, Wire, "18 AWG silicone"),
        length_m=0.12,
        connector=part_named(library, Connector, "T-blade pair"),
        fuse=part_named(library, Fuse, "blade fuse 32 V, 5 A"),
        condition="browned wrap on two cells, one strip rippled",
    )
    brief = Brief(
        title="Byre lamp pack",
        customer="Hollin Lea, byre",
        load_voltage_min_v=4.6,
        load_voltage_max_v=7.5,
        current_steady_a=1.8,
        current_peak_a=3.0,
        peak_duration_s=2.0,
        run_time_s=3600.0,
    )
    return existing_job(told, brief, JobKind.REFIT, library).with_edits(
        ("cell", part_named(library, Cell, "sub-C metal hydride 3.0 Ah")),
        ("cell_now_v", 1.27),
        ("insulation.sleeve", None),
        ("refit.old_capacity_as", 1.1 * 3600),
        ("refit.halves", 2),
        ("refit.old_tab_m", 0.0002),
        ("refit.pocket_length_m", 0.0450),
        ("refit.pocket_width_m", 0.0235),
        ("photos", lamp_photos()),
        ("host_charger.end", ChargeEnd.RESISTOR),
        ("host_charger.open_v", 10.5),
        ("host_charger.resistor_ohm", 18.0),
        ("charge_current_a", 0.3),
        ("serial", "HL-0038"),
    )


def lamp_pictures() -> tuple[tuple[str, bytes], ...]:
    """Name and content of the photos of the byre lamp's pack as it came in, drawn by
    tools/draw_demo_photos.py."""
    names = ("byre-lamp-top.jpg", "byre-lamp-bottom.jpg")
    return tuple((name, (DATA / "demo" / name).read_bytes()) for name in names)


def lamp_photos() -> tuple[Photo, ...]:
    """Those photos, with what was marked in them."""
    told = json.loads((DATA / "demo" / "byre-lamp-photos.json").read_text(encoding="utf-8"))
    return tuple(
        Photo.model_validate(
            {
                "name": name,
                "sha256": sha256(content).hexdigest(),
                "width_px": 1200,
                "height_px": 820,
                "shows": shows,
                **told[shows.name.lower()],
            }
        )
        for (name, content), shows in zip(lamp_pictures(), (PhotoShows.TOP, PhotoShows.BOTTOM), strict=True)
    )


def lamp_records(job: JobFile, builder: str, helper: str) -> None:
    """The pack as it was found, up to the wires."""
    for (name, content), photo in zip(lamp_pictures(), lamp_photos(), strict=True):
        digest, _ = attach_photo(job, content, name)
        job.append(PhotoKept(name=name, shows=photo.shows.value, sha256=digest), "refit-photo", builder)
    right = ("Every side photographed", "Ends marked on the case", "Unplugged from host and charger")
    job.append(Checked(right=right), "refit-photo", builder)
    job.append(StepPassed(), "refit-photo", builder)
    found = (
        AsFound(thing=FoundThing.SCREW, words="slotted, 3 × 12 mm", count=4, kept="lid of the tin"),
        AsFound(
            thing=FoundThing.WIRE, words="sound", colour="red", begins="cell 5", ends="switch", length_m=0.12
        ),
        AsFound(thing=FoundThing.FAULT, words="glue of cell 5 gave way, wrap browned"),
    )
    for thing in found:
        job.append(thing, "refit-open", helper)
