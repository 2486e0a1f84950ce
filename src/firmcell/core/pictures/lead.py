"""The main lead drawn to scale: strip, fuse, wire and connector, with what each loses and how warm it
gets."""

import itertools
from enum import StrEnum

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import figures
from firmcell.core.leads.lead_profile import LeadProfile, lead_profile
from firmcell.core.leads.soldering import cup_diameter
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Connector, Lug
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Label,
    Point,
    Shape,
    Stroke,
    bounds_of,
    rectangle,
    shifted,
)
from firmcell.core.pictures.face import strip_role
from firmcell.core.strips.runs import StripKind
from firmcell.core.wiring.pack_wiring import pole_through_board

MM = 1e3
LONGEST_DRAWN_MM = 300.0
"""A longer lead is drawn with a piece cut out of its middle."""
APART_MM = 24.0
TONES = 12
STAGGER_MM = 15.0


class LeadEnd(StrEnum):
    """What a lead ends in."""

    STRIP = "tail of a collecting strip"
    PACK = "closed pack"
    CONTROLLER = "controller"
    PLUG = "plug"
    NEAR_PLUG = "plug at the near end"
    SPLICE = "splice on wires that are there"
    LOAD = "a load's own wires"
    BULLETS = "bullets"
    SOURCE_LUG = "lug at the source"
    LOAD_LUG = "lug at the load"


@frozen
class LeadWay:
    """What the leads of a kind of job run between.

    Attributes
    ----------
    begins, ends : what is at either end.
    to : where it goes, in words; empty names the plug.
    conductors : how many wires; two are plus and minus.
    staggered : whether each is cut shorter than the one before.
    fused : whether the fuse of the leads sits in them.
    rests : whether the current comes and goes, so that the steady temperatures drawn are never reached.
    far_part : the connector at the far end; None is that of the leads.
    forked : whether the far end is there twice.
    """

    begins: LeadEnd = LeadEnd.STRIP
    ends: LeadEnd = LeadEnd.PLUG
    to: str = ""
    conductors: int = 2
    staggered: bool = False
    fused: bool = True
    rests: bool = False
    far_part: Connector | None = None
    forked: bool = False


PACK_TO_PLUG = LeadWay()


def profile_of(design: Design, analysis: Analysis) -> LeadProfile:
    """Return temperature and loss along the plus lead of a design, its pack end at the cells' greatest
    temperature."""
    leads = analysis.leads
    # Another source is as warm as the air; every other lead begins at cells or a controller that may be hot.
    begins_k = design.cell.temperature_max_k if design.details.supply is None else design.brief.ambient_max_k
    return lead_profile(
        design.leads.wire,
        design.leads.length_m,
        design.brief.current_steady_a,
        design.brief.ambient_max_k,
        min(leads.temperature_k, 573.15),
        begins_k,
        leads.contact_k,
    )


def lead_drawing(design: Design, analysis: Analysis, way: LeadWay = PACK_TO_PLUG) -> Drawing:
    """Return the leads to scale from the pack's edge, under each other, with fuse and the ends of their way.

    The wire is toned by its temperature along the way; numbers stand at the pack, in the middle and at the
    contact.
    """
    painter = _Painter(design, analysis, way)
    painter.wires()
    painter.end(way.begins)
    painter.end(way.ends)
    painter.fuse()
    painter.words()
    shapes = painter.shapes
    # The faces have their middle at 0; so has this picture, so that all stand in one line.
    x0, y0, x1, y1 = bounds_of(shapes)
    return shifted(Drawing("leads", tuple(shapes), (x0, y0, x1, y1), painter.targets), -(x0 + x1) / 2, 0.0)


class _Painter:
    """Puts the parts of the leads on the picture, x from the pack's edge, plus above."""

    def __init__(self, design: Design, analysis: Analysis, way: LeadWay) -> None:
        self.design, self.analysis, self.leads, self.way = design, analysis, design.leads, way
        self.whole = self.leads.length_m * MM
        self.drawn = min(self.whole, LONGEST_DRAWN_MM)
        self.outer = self.leads.wire.outer_diameter_m * MM
        self.profile = profile_of(design, analysis)
        self.shapes: list[Shape] = []
        self.targets: dict[str, Point] = {}
        count, unsigned = way.conductors, way.begins is LeadEnd.CONTROLLER
        top = APART_MM * (count - 1) / 2
        names = ("lead.minus",) * count if unsigned else ("lead.plus", "lead.minus", "lead.minus")
        refs = ("lead:plus", "lead:minus", "lead:third")
        self.ways = [(top - APART_MM * n, names[n], refs[n]) for n in range(count)]
        self.low = -top
        stagger = STAGGER_MM if way.staggered else 0.0
        self.ends = [self.drawn - stagger * n for n in range(count)]

    def end(self, what: LeadEnd) -> None:
        """Draw what stands at one end."""
        draw = {
            LeadEnd.STRIP: self.strip_end,
            LeadEnd.PACK: self.pack_end,
            LeadEnd.CONTROLLER: self.input_end,
            LeadEnd.PLUG: self.connector_end,
            LeadEnd.NEAR_PLUG: self.near_connector_end,
            LeadEnd.SPLICE: self.splice_end,
            LeadEnd.LOAD: self.load_end,
            LeadEnd.BULLETS: self.bullet_end,
            LeadEnd.SOURCE_LUG: self.lug_end,
            LeadEnd.LOAD_LUG: self.far_lug_end,
        }
        draw[what]()

    def wires(self) -> None:
        """Every conductor, toned by its temperature, with a piece cut out of the middle of long ones."""
        for (y, role, ref), end in zip(self.ways, self.ends, strict=True):
            self.shapes.append(Stroke(((0.0, y), (end, y)), self.outer, role, ref))
            self.targets[ref] = (self.drawn / 2, y)
        low, high = float(self.profile.temperature_k.min()), float(self.profile.temperature_k.max())
        span = max(high - low, 1.0)
        for a, b in itertools.pairwise(np.linspace(0.0, self.drawn, 41).tolist()):
            at = (a + b) / 2 / self.drawn * self.whole / MM
            kelvin = float(np.interp(at, self.profile.place_m, self.profile.temperature_k))
            tone = int((kelvin - low) / span * (TONES - 1))
            for (y, _, ref), end in zip(self.ways, self.ends, strict=True):
                if a < end:
                    self.shapes.append(
                        Stroke(((a, y), (min(b, end), y)), self.outer * 0.42, f"heat.{tone}", ref)
                    )
        if self.whole > self.drawn:
            x, reach = self.drawn * 0.55, -self.low + APART_MM / 2
            for dx in (-1.6, 1.6):
                self.shapes.append(Stroke(((x + dx - 2, -reach), (x + dx + 2, reach)), 0.5, "dimension"))

    def _signs(self, x: float) -> None:
        for (y, role, ref), sign in zip(self.ways, "+−", strict=False):
            self.shapes.append(Label((x, y), sign, 9.0, f"{role}.sign", ref))

    def strip_end(self) -> None:
        """Soldered to the tail of a collecting strip, or to the pad of the board that switches its pole."""
        through = pole_through_board(self.design.bms.board)
        for (y, _, ref), sign in zip(self.ways, "+−", strict=True):
            if ref == f"lead:{through}":
                self.targets.setdefault(f"{ref}-out", self.targets.get(ref, (0.0, 0.0)))
                self.shapes.append(Area(rectangle(-16, y - 7, 4, y + 7), "board", ref))
                self.shapes.append(Label((-8.5, y), f"P{sign}", 5.6, "label.board", ref))
                continue
            self.shapes.append(
                Area(
                    rectangle(-14, y - 4, 0, y + 4),
                    strip_role(StripKind.COLLECTOR, self.design.joining.collector_strip.metal),
                    ref,
                )
            )
            self.shapes.append(
                Area(rectangle(-2.5, y - self.outer * 0.8, 9.0, y + self.outer * 0.8), "lead.sleeve", ref)
            )
        self._signs(-21.0)

    def pack_end(self) -> None:
        """The closed pack, always live."""
        half = -self.low + APART_MM * 0.7
        self.shapes.append(Area(rectangle(-34, -half, 0, half), "outline.insulation", "lead:plus"))
        self.shapes.append(Label((-17, 0.0), "pack, live", 5.0, "label.dimension"))
        self._signs(6.0)

    def connector_end(self) -> None:
        """Cups, sleeves and the body at the far end, twice where the lead forks."""
        part = self.way.far_part or self.leads.outlet
        self._connector(self.drawn, 1.0, part, 0.0)
        if self.way.forked:
            down = -2.4 * APART_MM
            for y, role, ref in self.ways:
                way = ((self.drawn * 0.62, y), (self.drawn * 0.72, y + down), (self.drawn, y + down))
                self.shapes.append(Stroke(way, self.outer, role, ref))
            self._connector(self.drawn, 1.0, part, down)

    def near_connector_end(self) -> None:
        """The connector that the lead begins at, the other way round."""
        part = self.leads.outlet
        self._connector(0.0, -1.0, part, 0.0)
        self._signs(-(2 * part.cup_depth_m + 3.2 * part.contact_size_m) * MM - 9.0)

    def _connector(self, x: float, way: float, part: Connector, down: float) -> None:
        """A connector on both wires at `x`, its mouth in the direction of `way`, `down` from the wires' own
        place."""
        size, cup, depth = part.contact_size_m * MM, cup_diameter(part) * MM, part.cup_depth_m * MM

        def area(begin: float, end: float, half: float, y: float, role: str, ref: str) -> None:
            low, high = sorted((x + way * begin, x + way * end))
            self.shapes.append(Area(rectangle(low, y - half, high, y + half), role, ref))

        for y, _, ref in self.ways:
            area(0.0, depth, cup / 2, y + down, "lead.contact", "connector")
            wide = max(cup, self.outer) * 0.58
            area(-2.2 * self.outer, depth * 0.9, wide, y + down, "lead.sleeve", ref)
        half = -self.low + max(size * 1.1, cup * 0.7)
        area(depth - 1, 2 * depth + 3.2 * size, half, down, "face.body", "connector")
        middle = x + way * (1.5 * depth + 1.6 * size - 0.5)
        self.shapes.append(Label((middle, down), f"{size:g} mm", 5.0, "face.letter", "connector"))
        self.targets["connector"] = (middle, down)

    def splice_end(self) -> None:
        """Wires that are there, each joined into the new one, the two splices staggered."""
        for number, (y, role, ref) in enumerate(self.ways):
            x = STAGGER_MM * 1.4 * number
            self.shapes.append(Stroke(((-38.0, y), (x, y)), self.outer, role, ref))
            self.shapes.append(
                Area(rectangle(x - 9, y - self.outer * 0.8, x + 13, y + self.outer * 0.8), "lead.sleeve", ref)
            )
        self._signs(-45.0)
        self.shapes.append(
            Label((-26.0, self.low - APART_MM * 0.45), "wires that are there", 6.0, "label.dimension")
        )

    def load_end(self) -> None:
        """A load, unplugged and empty."""
        half = -self.low + APART_MM * 0.7
        self.shapes.append(Area(rectangle(-40, -half, 0, half), "outline.insulation"))
        self.shapes.append(Label((-24, 0.0), "load, dead", 5.0, "label.dimension"))
        self._signs(-7.0)

    def input_end(self) -> None:
        """The controller that the motor's wires come from."""
        half = -self.low + APART_MM * 0.7
        self.shapes.append(Area(rectangle(-44, -half, 0, half), "outline.insulation"))
        self.shapes.append(Label((-22, 0.0), "controller, dead", 4.6, "label.dimension"))

    def bullet_end(self) -> None:
        """A bullet on each wire, each in its own sleeve, staggered if they are cut so."""
        bullet = self.design.machine.bullet or self.leads.outlet
        size, depth = bullet.contact_size_m * MM, bullet.cup_depth_m * MM
        for (y, _, ref), x in zip(self.ways, self.ends, strict=True):
            self.shapes.append(
                Area(
                    rectangle(x, y - size * 0.6, x + depth + 2 * size, y + size * 0.6),
                    "lead.contact",
                    "connector",
                )
            )
            self.shapes.append(
                Area(
                    rectangle(x - 8, y - size * 0.85, x + depth + 2.2 * size, y + size * 0.85),
                    "lead.sleeve",
                    ref,
                )
            )
        self.targets["connector"] = (self.drawn + depth, self.ways[0][0])

    def lug_end(self) -> None:
        """The lug at the source."""
        self._lug(0.0, -1.0, self.design.cable.source_lug, self.design.cable.source_stud_m)
        self._signs(-46.0)

    def far_lug_end(self) -> None:
        """The lug at the load."""
        self._lug(self.drawn, 1.0, self.design.cable.load_lug, self.design.cable.load_stud_m)

    def _lug(self, x: float, way: float, lug: Lug | None, stud_m: float) -> None:
        depth, barrel, palm, stud = (
            (v * MM for v in (lug.barrel_depth_m, lug.barrel_outer_m, lug.palm_width_m, lug.stud_m))
            if lug
            else (12.0, self.outer, 2.2 * stud_m * MM, stud_m * MM)
        )
        for y, _, ref in self.ways:
            far = x + way * depth
            self.shapes.append(
                Area(
                    rectangle(min(x, far), y - barrel / 2, max(x, far), y + barrel / 2),
                    "lead.contact",
                    "connector",
                )
            )
            end = far + way * (palm + 2)
            self.shapes.append(
                Area(
                    rectangle(min(far, end), y - palm / 2, max(far, end), y + palm / 2),
                    "lead.contact",
                    "connector",
                )
            )
            self.shapes.append(Disc((far + way * (palm / 2 + 2), y), stud / 2, "face.hole", "connector"))
            back = x - way * 12
            self.shapes.append(
                Area(
                    rectangle(
                        min(back, far),
                        y - max(barrel, self.outer) * 0.56,
                        max(back, far),
                        y + max(barrel, self.outer) * 0.56,
                    ),
                    "lead.sleeve",
                    ref,
                )
            )
        self.targets["connector"] = (x + way * depth, self.ways[0][0])

    def fuse(self) -> None:
        """The fuse in the plus lead, where it is."""
        leads = self.leads
        if leads.fuse is None or not self.way.fused or leads.fuse_at_m >= leads.length_m:
            return
        at, y = max(min(leads.fuse_at_m * MM, self.drawn * 0.6), 22.0), self.ways[0][0]
        self.shapes.append(Area(rectangle(at - 12, y - 7, at + 12, y + 7), "lead.fuse", "fuse"))
        self.shapes.append(Label((at, y), f"{leads.fuse.rating_a:g} A", 6.0, "lead.fuse.text", "fuse"))
        self.targets["fuse"] = (at, y)

    def words(self) -> None:
        """Title, temperature and loss at three places, and what all of it loses."""
        leads, brief = self.leads, self.design.brief
        to = self.way.to or f"to {leads.outlet.name}"
        title = f"Leads: {figures(leads.length_m)} m each, {leads.wire.gauge}, {to}"
        high = self.ways[0][0] + max(APART_MM * 0.7, self.outer)
        self.shapes.append(Label((-26.0, high + 6.0), title, 6.2, "label.title", anchor="start"))
        y = self.low - max(APART_MM * 0.92, self.outer) - (2.4 * APART_MM if self.way.forked else 0.0)
        for part, at in ((0, 8.0), (len(self.profile.place_m) // 2, self.drawn / 2), (-1, self.drawn)):
            warm = float(self.profile.temperature_k[part]) - ZERO_CELSIUS
            lost = float(self.profile.lost_v[part]) * 1e3
            self.shapes.append(
                Label((at, y), f"{warm:.0f} °C, {figures(lost) if lost else '0'} mV", 6.0, "label.dimension")
            )
        outlets = "both leads" if not self.way.forked else "both wires of one branch"
        drop = f"{outlets}, contacts and fuse lose {figures(self.analysis.leads.drop_steady_v * 1e3)} mV at {brief.current_steady_a:g} A"
        if self.way.rests:
            drop += "; temperatures as if it never rested"
        self.shapes.append(Label((-26.0, y - 11.0), drop, 6.0, "label.dimension", anchor="start"))
