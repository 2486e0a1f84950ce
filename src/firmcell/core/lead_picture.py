"""The main lead drawn to scale: strip, fuse, wire and connector, with what each loses and how warm it gets."""

import itertools

import numpy as np

from firmcell.core.analysis import Analysis
from firmcell.core.design import Design
from firmcell.core.drawing import Area, Drawing, Label, Shape, Stroke, bounds_of, rectangle, shifted
from firmcell.core.joint_work import cup_diameter
from firmcell.core.lead_profile import LeadProfile, lead_profile
from firmcell.core.quantity import ZERO_CELSIUS
from firmcell.core.wording import figures, millimetres

MM = 1e3
LONGEST_DRAWN_MM = 300.0
"""A longer lead is drawn with a piece cut out of its middle."""
APART_MM = 24.0
TONES = 12


def profile_of(design: Design, analysis: Analysis) -> LeadProfile:
    """Return temperature and loss along the plus lead of a design, its pack end at the cells' greatest temperature."""
    leads = analysis.leads
    return lead_profile(
        design.leads.wire, design.leads.length_m, design.brief.current_steady_a, design.brief.ambient_max_k,
        min(leads.temperature_k, 573.15), design.cell.temperature_max_k, leads.contact_k,
    )  # fmt: skip


def lead_drawing(design: Design, analysis: Analysis) -> Drawing:
    """Return plus and minus lead to scale from the pack's edge, under each other, with fuse, cups and connector.

    The wire is toned by its temperature along the way; numbers stand at the pack, in the middle and at the contact.
    """
    leads = design.leads
    whole = leads.length_m * MM
    drawn = min(whole, LONGEST_DRAWN_MM)
    outer = leads.wire.outer_diameter_m * MM
    profile = profile_of(design, analysis)
    shapes: list[Shape] = []
    size = leads.connector.contact_size_m * MM
    cup, depth = cup_diameter(leads.connector) * MM, leads.connector.cup_depth_m * MM
    body_x = drawn + depth
    length = depth + 3.2 * size
    for y, pole, role in ((APART_MM / 2, "plus", "lead.plus"), (-APART_MM / 2, "minus", "lead.minus")):
        ref = f"lead:{pole}"
        shapes.append(Area(rectangle(-14, y - 4, 0, y + 4), "strip.collector", ref))
        shapes.append(Stroke(((0.0, y), (drawn, y)), outer, role, ref))
        shapes.append(
            Area(rectangle(drawn, y - cup / 2, drawn + depth, y + cup / 2), "lead.contact", "connector")
        )
        shapes.append(Area(rectangle(-2.5, y - outer * 0.8, 9.0, y + outer * 0.8), "lead.sleeve", ref))
        shapes.append(
            Area(rectangle(drawn - 2.2 * outer, y - max(cup, outer) * 0.58, drawn + depth * 0.9, y + max(cup, outer) * 0.58),
                 "lead.sleeve", ref)
        )  # fmt: skip
        sign = "+" if pole == "plus" else "−"
        shapes.append(Label((-21.0, y), sign, 9.0, f"{role}.sign", ref))
    shapes += _heat(profile, drawn, whole, outer)
    half = APART_MM / 2 + max(size * 1.1, cup * 0.7)
    shapes.append(Area(rectangle(body_x - 1, -half, body_x + length, half), "face.body", "connector"))
    shapes.append(Label((body_x + length / 2, 0.0), f"{size:g} mm", 5.0, "face.letter", "connector"))
    if leads.fuse is not None and leads.fuse_at_m < leads.length_m:
        at = min(leads.fuse_at_m / leads.length_m * drawn, drawn * 0.8)
        shapes.append(
            Area(rectangle(at - 12, APART_MM / 2 - 7, at + 12, APART_MM / 2 + 7), "lead.fuse", "fuse")
        )
        shapes.append(Label((at, APART_MM / 2), f"{leads.fuse.rating_a:g} A", 6.0, "lead.fuse.text", "fuse"))
    if whole > drawn:
        x = drawn * 0.55
        for dx in (-1.6, 1.6):
            shapes.append(Stroke(((x + dx - 2, -APART_MM), (x + dx + 2, APART_MM)), 0.5, "dimension"))
    shapes += _numbers(design, analysis, profile, drawn)
    title = f"Leads: {millimetres(leads.length_m)} each, {leads.wire.gauge}, to {leads.connector.name}"
    shapes.append(Label((-26.0, APART_MM + 8.0), title, 6.2, "label.title", anchor="start"))
    targets = {
        "lead:plus": (drawn / 2, APART_MM / 2),
        "lead:minus": (drawn / 2, -APART_MM / 2),
        "connector": (body_x + length / 2, 0.0),
    }
    if leads.fuse is not None:
        targets["fuse"] = (min(leads.fuse_at_m / leads.length_m * drawn, drawn * 0.8), APART_MM / 2)
    # The faces have their middle at 0; so has this picture, so that all stand in one line.
    return shifted(
        Drawing("leads", tuple(shapes), bounds_of(shapes), targets), -(body_x + length - 26.0) / 2, 0.0
    )


def _heat(profile: LeadProfile, drawn: float, whole: float, outer: float) -> list[Shape]:
    """A thin band between the two leads, coloured by the conductor's temperature there."""
    low, high = float(profile.temperature_k.min()), float(profile.temperature_k.max())
    span = max(high - low, 1.0)
    edges = np.linspace(0.0, drawn, 41)
    shapes: list[Shape] = []
    for a, b in itertools.pairwise(edges.tolist()):
        kelvin = float(np.interp((a + b) / 2 / drawn * whole / MM, profile.place_m, profile.temperature_k))
        tone = int((kelvin - low) / span * (TONES - 1))
        for y in (APART_MM / 2, -APART_MM / 2):
            shapes.append(
                Stroke(((a, y), (b, y)), outer * 0.42, f"heat.{tone}", "lead:plus" if y > 0 else "lead:minus")
            )
    return shapes


def _numbers(design: Design, analysis: Analysis, profile: LeadProfile, drawn: float) -> list[Shape]:
    y = -APART_MM - 4.0
    shapes: list[Shape] = []
    for part, at in ((0, 8.0), (len(profile.place_m) // 2, drawn / 2), (-1, drawn)):
        celsius = float(profile.temperature_k[part]) - ZERO_CELSIUS
        lost = float(profile.lost_v[part]) * 1e3
        text = f"{celsius:.0f} °C, {figures(lost) if lost else '0'} mV"
        shapes.append(Label((at, y), text, 6.0, "label.dimension"))
    drop = f"both leads, contacts and fuse lose {figures(analysis.leads.drop_steady_v * 1e3)} mV at {design.brief.current_steady_a:g} A"
    shapes.append(Label((-26.0, y - 11.0), drop, 6.0, "label.dimension", anchor="start"))
    return shapes
