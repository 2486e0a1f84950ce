"""The pack cut through: every height from sleeve to sleeve, to scale, and the layers of one end enlarged."""

from collections import Counter
from functools import lru_cache
from typing import NamedTuple

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import millimetres
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.stick import FOLDED_M, is_stick
from firmcell.core.model.design import Design, Joining, PackInsulation, StripStyle
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.drawing import Area, Drawing, Label, Point, Shape, Stroke, bounds_of, rectangle

MM = 1e3
ENLARGED = 20.0
DETAIL_MM = 46.0
SMALLEST_MM = 1.6
"""Layers are drawn at least this high in the enlarged part, so that they can be seen; their text tells the
height."""


class Layer(NamedTuple):
    """One layer above a cell's positive end: what it is, its role in the picture, its height in m."""

    name: str
    role: str
    height_m: float


class SectionMatter(NamedTuple):
    """Just what the picture reads."""

    cell: Cell
    joining: Joining
    insulation: PackInsulation
    layout: Layout
    stick: bool
    whole_m: float


def end_layers(cell: Cell, joining: Joining, insulation: PackInsulation) -> tuple[Layer, ...]:
    """Return the layers above a positive end from the metal outwards, where the metal lies highest.

    The ring lies beside the nub and adds no height.
    """
    metal = joining.link_strip
    if joining.style is StripStyle.PLATES:
        layers = [
            Layer(f"plate, {joining.link_layers} ×", "section.link", joining.link_layers * metal.thickness_m)
        ]
    else:
        one = joining.link_layers * metal.thickness_m
        layers = [
            Layer(f"parallel strip, {joining.link_layers} ×", "section.parallel", one),
            Layer(f"series link, {joining.link_layers} ×", "section.link", one),
        ]
        high = joining.collector_layers * joining.collector_strip.thickness_m
        tabs = joining.collector_tabs.thickness_m if joining.collector_tabs else 0.0
        if high + tabs > 2 * one:
            words = f"collecting strip, {joining.collector_layers} ×"
            layers = [Layer("tab", "section.link", tabs), Layer(words, "section.parallel", high)]
    layers += [
        Layer("sheet", "sheet", insulation.sheet_m),
        Layer("tape", "tape", insulation.tape_m),
        Layer("foam", "foam", insulation.foam_m),
    ]
    for words, sleeve in (("sleeve along", insulation.sleeve), ("sleeve across", insulation.cross_sleeve)):
        if sleeve is not None:
            layers.append(Layer(words, "sleeve", sleeve.wall_m / sleeve.recovered_ratio))
    return tuple(layer for layer in layers if layer.height_m > 0)


def section_drawing(design: Design, analysis: Analysis) -> Drawing:
    """Return the cut along the pack through the row with most cells, and the layers of one end enlarged."""
    whole = analysis.insulation.envelope.length_m
    stick = is_stick(design.arrangement)
    return _section(
        SectionMatter(
            design.cell, design.joining, design.insulation, analysis.layout, stick, whole if stick else 0.0
        )
    )


@lru_cache(maxsize=8)
def _section(matter: SectionMatter) -> Drawing:
    painter = _SectionPainter(matter)
    if matter.stick:
        painter.stick(matter.whole_m)
    else:
        painter.cells()
        painter.covers()
        painter.heights()
    painter.detail()
    return Drawing("section", tuple(painter.shapes), bounds_of(painter.shapes), painter.targets)


class _SectionPainter:
    def __init__(self, matter: SectionMatter) -> None:
        self.cell, self.joining, self.insulation, self.layout, _, _ = matter
        self.shapes: list[Shape] = []
        self.targets: dict[str, Point] = {}
        self.height = self.cell.length_m * MM
        self.layers = end_layers(self.cell, self.joining, self.insulation)
        self.over = sum(layer.height_m for layer in self.layers) * MM
        rows = Counter(round(c.y_m, 4) for c in self.layout.cells if c.layer == 1)
        self.right = self.layout.stacked_m[0] * MM / 2
        self.cut_y = max(rows, key=lambda y: (rows[y], -abs(y))) + 0.0  # no −0

    def cells(self) -> None:
        cell, half_nub = self.cell, self.cell.nub_diameter_m * MM / 2
        radius = cell.diameter_m / 2 if cell.is_round else cell.width_m / 2
        for c in self.layout.cells:
            aside = abs(c.y_m - self.cut_y)
            if c.layer != 1 or aside >= radius * 0.98:
                continue
            half = (radius**2 - aside**2) ** 0.5 * MM if cell.is_round else cell.diameter_m * MM / 2
            x, ref = c.x_m * MM, f"cell:{c.number}"
            self.shapes.append(Area(rectangle(x - half, 0, x + half, self.height), "cell.body", ref, c.group))
            self.targets[ref] = (x, self.height / 2)
            ends = ((self.height, 1.0, c.positive_up), (0.0, -1.0, not c.positive_up))
            for z, out, plus in ends if cell.is_round else ():
                wide = min(half_nub, half) if plus else half * 0.85
                if plus and self.insulation.rings and half > half_nub:
                    for side in (-1, 1):
                        low, high = sorted((x + side * half_nub, x + side * half * 0.95))
                        self.shapes.append(Area(rectangle(low, z - out * 0.9, high, z), "ring", ref))
                self.shapes.append(
                    Area(
                        rectangle(x - wide, z - out * 1.2, x + wide, z),
                        "cell.nub" if plus else "cell.minus",
                        ref,
                    )
                )
                self.shapes.append(
                    Label(
                        (x, z - out * 5.0),
                        "+" if plus else "−",
                        5.0,
                        "mark.plus" if plus else "mark.minus",
                        ref,
                    )
                )
            self.shapes.append(Label((x, self.height / 2), str(c.number), 5.0, "label.section", ref))

    def covers(self) -> None:
        """UnderLoad, sheet and sleeve over both ends, drawn as one band of their true height."""
        half = self.layout.stacked_m[0] * MM / 2 + self.insulation.side_m * MM
        for z, out in ((self.height, 1.0), (0.0, -1.0)):
            at = z
            for layer in self.layers:
                high = layer.height_m * MM * out
                low, top = sorted((at, at + high))
                self.shapes.append(Area(rectangle(-half, low, half, top), layer.role, "insulation"))
                at += high
        for side in (-1, 1):
            low, high = sorted((side * (half - self.insulation.side_m * MM), side * half))
            self.shapes.append(Area(rectangle(low, 0, high, self.height), "sheet", "insulation"))
        self.targets["insulation"] = (half, self.height)

    def stick(self, whole_m: float) -> None:
        """One stick folded, cells end to end as they come to lie, minus end left."""
        long, half = self.cell.length_m * MM, self.cell.diameter_m * MM / 2
        nub, fold = self.cell.nub_diameter_m * MM / 2, FOLDED_M * MM
        first = [self.layout.group_cells(g)[0] for g in range(1, self.layout.series + 1)]
        left = -(len(first) * (long + fold) - fold) / 2
        for n, c in enumerate(first):
            x, ref = left + n * (long + fold), f"cell:{c.number}"
            self.shapes.append(Area(rectangle(x, -half, x + long, half), "cell.body", ref, c.group))
            self.shapes.append(Area(rectangle(x, -half * 0.85, x + 1.2, half * 0.85), "cell.minus", ref))
            self.shapes.append(Area(rectangle(x + long - 1.2, -nub, x + long, nub), "cell.nub", ref))
            if self.insulation.rings:
                for low, high in ((nub, half * 0.95), (-half * 0.95, -nub)):
                    self.shapes.append(Area(rectangle(x + long, low, x + long + 0.9, high), "ring", ref))
            self.shapes.append(Label((x + 5.0, 0.0), "−", 5.0, "mark.minus", ref))
            self.shapes.append(Label((x + long - 5.0, 0.0), "+", 5.0, "mark.plus", ref))
            self.shapes.append(Label((x + long / 2, 0.0), str(c.number), 5.0, "label.section", ref))
            self.targets[ref] = (x + long / 2, 0.0)
            if n:
                # The tab: from the middle of one end to the side, round, and back to the middle of the next.
                a, b = x - fold, x
                tab = ((a, 0.0), (a + 0.3, half + 1.0), (b - 0.3, half + 1.0), (b, 0.0))
                self.shapes.append(Stroke(tab, 0.5, "section.link", f"node:{n}"))
        right = left + len(first) * (long + fold) - fold
        self.right, low = right, -half - 7.0
        self.shapes.append(Stroke(((left, low), (right, low)), 0.3, "dimension"))
        for x in (left, right):
            self.shapes.append(Stroke(((x, low - 1.8), (x, low + 1.8)), 0.3, "dimension"))
        words = f"folded, with all that goes round it {whole_m * MM:.1f} mm long"
        self.shapes.append(Label((left, low - 6.0), words, 5.5, "label.section", anchor="start"))
        title = "One stick, folded: cells end to end"
        self.shapes.append(Label((left, half + 9.0), title, 5.5, "label.title", anchor="start"))

    def heights(self) -> None:
        x = -self.layout.stacked_m[0] * MM / 2 - 14.0
        marks = [("cell", 0.0, self.height, x), ("whole", -self.over, self.height + self.over, x - 9.0)]
        for words, low, high, at in marks:
            self.shapes.append(Stroke(((at, low), (at, high)), 0.3, "dimension"))
            for z in (low, high):
                self.shapes.append(Stroke(((at - 1.8, z), (at + 1.8, z)), 0.3, "dimension"))
            text = f"{words} {high - low:.1f} mm"
            # Written over or under its line, beginning left of it, so that nothing runs into the cells.
            self.shapes.append(
                Label(
                    (at - 16.0, high + 6.0 if words == "cell" else low - 6.0),
                    text,
                    5.5,
                    "label.section",
                    anchor="start",
                )
            )
        title = f"Section through y = {self.cut_y * MM + 0.0:.0f} mm"
        if self.layout.layers > 1:
            title += f", lowest of {self.layout.layers} layers"
        left = -self.layout.stacked_m[0] * MM / 2
        self.shapes.append(
            Label((left, self.height + self.over + 7.0), title, 5.5, "label.title", anchor="start")
        )

    def detail(self) -> None:
        """The layers over one positive end, heights enlarged."""
        x0 = self.right + 22.0
        wide, z = DETAIL_MM * 0.42, 4.0
        title = f"One end, heights × {ENLARGED:.0f}"
        base = rectangle(x0, z, x0 + wide, z + 9.0)
        self.shapes.append(Area(base, "cell.nub"))
        self.shapes.append(Label((x0 + wide / 2, z + 4.5), "+ end", 5.0, "mark.plus"))
        z += 9.0
        text_z = z
        for layer in self.layers:
            high = max(layer.height_m * MM * ENLARGED, SMALLEST_MM)
            self.shapes.append(Area(rectangle(x0, z, x0 + wide, z + high), layer.role))
            middle = z + high / 2
            text_z = max(text_z + 7.0, middle)
            self.shapes.append(
                Stroke(
                    ((x0 + wide, middle), (x0 + wide + 4, text_z), (x0 + wide + 6, text_z)), 0.25, "mark.line"
                )
            )
            words = f"{layer.name} {layer.height_m * MM:.2f} mm"
            self.shapes.append(Label((x0 + wide + 7, text_z), words, 5.5, "label.section", anchor="start"))
            z += high
        total = f"in all {millimetres(self.over / MM)} on each end"
        self.shapes.append(Label((x0, max(z, text_z) + 8.0), total, 5.5, "label.section", anchor="start"))
        self.shapes.append(Label((x0, -4.0), title, 5.5, "label.title", anchor="start"))
