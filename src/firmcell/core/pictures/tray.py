"""A host's battery compartment from above: its contacts, the pack, its plug and the coiled wire."""

from math import cos, pi, sin

from firmcell.core.base.wording import millimetres
from firmcell.core.model.design import Design
from firmcell.core.pictures.drawing import Area, Drawing, Label, Shape, Stroke, bounds_of, rectangle

MM = 1e3
TEXT_MM = 3.4


def plug_size(design: Design) -> tuple[float, float]:
    """Return length and width that both halves of the plug take, mated, m."""
    part = design.leads.connector
    return 2 * (2 * part.cup_depth_m + 2.2 * part.contact_size_m), 3.2 * part.contact_size_m


def tray_drawing(design: Design) -> Drawing:
    """Return the compartment to scale with what goes into it; where its room is not measured, the pack
    alone."""
    job = design.tray
    long, wide = job.pack_length_m * MM, job.pack_width_m * MM
    plug_long, plug_wide = (side * MM for side in plug_size(design))
    room = ((job.cavity_length_m or 0.0) * MM, (job.cavity_width_m or 0.0) * MM)
    shapes: list[Shape] = []
    if all(room):
        shapes.append(Area(rectangle(0, 0, *room), "space.edge", "space"))
        for y, role, sign in ((room[1] * 0.25, "lead.minus", "−"), (room[1] * 0.75, "lead.plus", "+")):
            shapes.append(
                Area(rectangle(room[0] - 2, y - 4, room[0] + 1.5, y + 4), "lead.contact", "contact")
            )
            shapes.append(Label((room[0] + 7, y), sign, 7.0, f"{role}.sign", "contact"))
    shapes.append(Area(rectangle(1, 1, 1 + long, 1 + wide), "outline.insulation", "pack"))
    shapes.append(Label((1 + long / 2, 1 + wide / 2), "pack", 5.0, "label.dimension", "pack"))
    x0, y0, x1, y1 = _plug_place(room, long, wide, plug_long, plug_wide)
    shapes.append(Area(rectangle(x0, y0, x1, y1), "face.body", "connector"))
    coil = _coil_radius(design)
    right = x1 + coil + 2
    fits = not all(room) or right + coil < room[0]
    shapes += (
        _coil(design, right, coil + 2)
        if fits
        else _coil(design, min(x0 + coil, room[0] - coil), y1 + coil + 2)
    )
    height = "" if job.cavity_height_m is None else f", room {millimetres(job.cavity_height_m)} high"
    told = [f"pack {long:.1f} × {wide:.1f} × {millimetres(job.pack_height_m)}{height}"]
    if all(room):
        told.append(f"room {room[0]:.1f} × {room[1]:.1f} mm")
    for n, text in enumerate(told):
        shapes.append(Label((0.0, -5.0 - 5.5 * n), text, TEXT_MM, "label.dimension", anchor="start"))
    title = Label(
        (0.0, max(room[1], wide + 2, 20.0) + 6.0),
        "From above, lid off",
        TEXT_MM,
        "label.title",
        anchor="start",
    )
    shapes.append(title)
    targets = {
        "pack": (1 + long / 2, 1 + wide / 2),
        "connector": ((x0 + x1) / 2, (y0 + y1) / 2),
        "contact": (max(room[0], long), wide / 2),
    }
    targets |= {"lead:plus": targets["connector"], "lead:minus": targets["connector"]}
    return Drawing("tray", tuple(shapes), bounds_of(shapes), targets)


def _plug_place(
    room: tuple[float, float], long: float, wide: float, plug_long: float, plug_wide: float
) -> tuple[float, float, float, float]:
    """Where the plug lies, mm: beside the pack, along it or across, or before it; the first place that has
    room."""
    x, y = 1 + long + 2, 1 + wide + 2
    places = (
        (x, 2.0, x + plug_long, 2.0 + plug_wide),
        (x, 2.0, x + plug_wide, 2.0 + plug_long),
        (2.0, y, 2.0 + plug_long, y + plug_wide),
    )
    fitting = (p for p in places if not all(room) or (p[2] <= room[0] and p[3] <= room[1]))
    return next(fitting, places[0])


def _coil_radius(design: Design) -> float:
    """Outside of the coil, mm."""
    return 4.2 * design.leads.wire.outer_diameter_m * MM


def _coil(design: Design, x: float, y: float) -> list[Shape]:
    """The coiled wire, both conductors, in turns as tight as it bends."""
    wire = design.leads.wire.outer_diameter_m * MM
    radius = 2.5 * wire
    turns = max(design.tray.coil_m * MM / (2 * pi * radius), 0.5)
    steps = [t * 2 * pi * min(turns, 4.0) / 60 for t in range(61)]
    found: list[Shape] = []
    for number, role in enumerate(("lead.plus", "lead.minus")):
        r = radius + number * wire * 1.1
        points = tuple((x + r * cos(t), y + r * sin(t)) for t in steps)
        found.append(Stroke(points, wire, role, "lead:" + role[5:]))
    return found
