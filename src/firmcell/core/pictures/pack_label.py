"""The label of a pack at true size, and the sketch of its wiring for the inside of the lid."""

import re

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import Tell
from firmcell.core.base.wording import amperes, celsius, figures, volts
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.design import Design
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke, rectangle, scaled
from firmcell.core.pictures.templates import Template
from firmcell.core.pictures.wiring import schematic

LARGEST_MM, SMALLEST_MM = (100.0, 60.0), (24.0, 12.0)
STOCKS_MM = ((100.0, 50.0), (76.0, 51.0), (62.0, 29.0), (50.0, 30.0))
"""Usual sizes of labels on a roll, offered; any other can be typed."""
STOCK_MM = (12.0, 300.0)
EDGE_MM = 3.0
"""The label stays this far from the edges of its side: a sleeve is round there."""
ROOM_MM = 1.4
LEAST_LETTER_MM = 1.5
"""Smaller letters are not read; common practice, no source."""
LARGEST_LETTER_MM, NAME_OVER = 4.2, 1.7
FOOT_MM = 4.2
"""The signs of the poles stand under the lines."""
LETTER_WIDE = 0.53
"""Mean width of a letter over its height."""
LINE_OVER = 1.28
QR_SHARE, QR_LEAST_MM = 0.62, 14.0
"""A code smaller than this is not read by a telephone; common practice, no source."""
BY_AIR_WH = 100.0
"""From so many watt-hours a lithium battery is full dangerous goods (UN Manual of Tests and Criteria 38.3 and the air
rules; value from memory)."""
HARD = "\u00a0"
KEPT_TOGETHER = re.compile(r"(\d|class|Klasse|classe|UN|No\.|Nr\.|n°) (V|A|Ah|Wh|°C|%|\d)")
"""A number and its unit stand on one line."""
LID_MM = (140.0, 90.0)
HOUR = 3600.0


@frozen
class LabelWords:
    """What stands on a label, the most needed first.

    Attributes
    ----------
    name : large, on top.
    lines : one below the other; what does not fit is left out from the end.
    must : how many of them are never left out.
    """

    name: str
    lines: tuple[str, ...]
    must: int = 0

    def told(self, tell: Tell) -> "LabelWords":
        """Return it in another language: before it is laid out, as that goes by how long each line is."""
        return LabelWords(tell(self.name), tuple(map(tell, self.lines)), self.must)


def transport_words(design: Design, energy_wh: float) -> str:
    """Return the transport mark as text; the rules of the day and of the carrier go before it.

    References
    ----------
    UN 3480 and UN 3496 (UN Model Regulations, values from memory).
    """
    if design.cell.chemistry.is_lithium:
        over = "class 9" if energy_wh > BY_AIR_WH else "small, up to 100 Wh"
        return f"UN 3480, lithium-ion, {energy_wh:.0f} Wh: {over}. By air at most 30 % charged."
    if design.cell.chemistry is Chemistry.NIMH:
        return "Metal hydride; by sea UN 3496. Poles covered against a short."
    return "Poles covered against a short."


def label_words(design: Design, analysis: Analysis, when: str, finished: bool = True) -> LabelWords:
    """Return what stands on the label of a pack.

    Parameters
    ----------
    design : Design
    analysis : Analysis
        Of it.
    when : str
        Date of the last record, ISO; empty for none.
    finished : bool
        Whether the pack is proven; else the label says that it is not.
    """
    p, d = analysis.pack, design
    wh = p.energy_j / HOUR
    charge = (
        f"Charge to {volts(p.voltage_full_v)}, at most {amperes(d.charge_current_a)}, {celsius(d.cell.temperature_charge_min_k)} to 45 °C"
        if d.cell.chemistry.is_lithium
        else f"Charge {amperes(d.charge_current_a)}, by the clock or −ΔV, never by voltage"
    )
    made = ", ".join(t for t in (f"No. {d.serial}" if d.serial else "", when, d.builder) if t)
    return LabelWords(
        p.designation,
        (
            *(() if finished else ("NOT PROVEN YET: do not use",)),
            f"{volts(p.voltage_nominal_v)}  {figures(p.capacity_ah, 3)} Ah  {wh:.0f} Wh",
            charge,
            f"Give {amperes(d.brief.current_steady_a)}, {amperes(d.brief.current_peak_a)} for a moment, down to {volts(d.series * d.cell.empty_v)}",
            made,
            transport_words(d, wh),
            "Never open, crush, heat or short. Warm by itself or swollen: outside, and leave it.",
            d.brief.title,
        ),
        must=0 if finished else 1,
    )


def stock_of(text: str) -> tuple[float, float] | None:
    """Return the size of a label of a roll out of words such as ``62 x 29 mm``, wide and high in mm; None for
    words without a figure: the label is as large as its pack takes.

    Raises
    ------
    Refusal
        If it is no size of a label.
    """
    if not re.search(r"\d", text):
        return None
    found = re.fullmatch(r"\s*(\d+(?:[.,]\d+)?)\s*[x×*]\s*(\d+(?:[.,]\d+)?)(?:\s*mm.*)?\s*", text)
    sides = [float(side.replace(",", ".")) for side in found.groups()] if found else []
    if not sides or not all(STOCK_MM[0] <= side <= STOCK_MM[1] for side in sides):
        raise Refusal(
            f"“{text.strip()[:40]}” is no size of a label; wide x high in mm is right, such as 62 x 29, "
            f"each {STOCK_MM[0]:.0f} to {STOCK_MM[1]:.0f}."
        )
    return sides[0], sides[1]


def label_size(analysis: Analysis) -> tuple[float, float]:
    """Return the size of a label that fits the largest side of a pack, wide and high, mm."""
    e = analysis.insulation.envelope
    sides = sorted((side * 1e3 for side in (e.length_m, e.width_m, e.height_m)), reverse=True)
    return (
        max(min(sides[0] - 2 * EDGE_MM, LARGEST_MM[0]), SMALLEST_MM[0]),
        max(min(sides[1] - 2 * EDGE_MM, LARGEST_MM[1]), SMALLEST_MM[1]),
    )


def label_drawing(
    words: LabelWords, size_mm: tuple[float, float], code: tuple[tuple[bool, ...], ...]
) -> Drawing:
    """Return a label at true size.

    Parameters
    ----------
    words : LabelWords
    size_mm : tuple of float
        Wide and high.
    code : tuple of tuple of bool
        Modules of the QR code, dark ones true, row by row; left out where the label is too small for it.

    Raises
    ------
    Refusal
        If there is no room for what must stand on it.
    """
    wide, high = size_mm
    shapes: list[Shape] = [Area(rectangle(0, 0, wide, high), "label.ground")]
    side = min(QR_SHARE * high, 0.34 * wide)
    has_code = bool(code) and side >= QR_LEAST_MM
    room = wide - 2 * ROOM_MM - (side + ROOM_MM if has_code else 0.0)
    if has_code:
        shapes += _code(code, wide - ROOM_MM - side, high - ROOM_MM - side, side)
    lines = _fitted(words, (room, wide - 2 * ROOM_MM), high, side + 2 * ROOM_MM if has_code else 0.0)
    for n, (text, letter, y) in enumerate(lines):
        role = "label.name" if n == 0 else "label.text"
        shapes.append(Label((ROOM_MM, y + letter * 0.36), text, letter, role, anchor="start"))
    shapes += _poles(wide, min(4.0, 0.2 * high))
    return Drawing("label", tuple(shapes), (0.0, 0.0, wide, high))


Placed = list[tuple[str, float, float]]
"""Lines with the height of their letters and where they stand, mm."""


def _fitted(words: LabelWords, rooms: tuple[float, float], high: float, beside: float) -> Placed:
    """The lines that fit, broken where they are long, in letters as large as the label allows; none too
    small to read."""
    for count in range(len(words.lines), words.must - 1, -1):
        letter = LARGEST_LETTER_MM
        while letter >= LEAST_LETTER_MM:
            found = _laid(words.name, words.lines[:count], letter, rooms, high, beside)
            if found is not None:
                return found
            letter *= 0.97
    if words.must:
        raise Refusal(
            f"The pack is not proven yet, and a label of {rooms[1] + 2 * ROOM_MM:g} × {high:g} mm has no room to say so; a larger one is right."
        )
    large = min((high - 2 * ROOM_MM) / 2, rooms[1] / (len(words.name) * LETTER_WIDE))
    return [(words.name, large, high - ROOM_MM - large)]


def _laid(
    name: str, lines: tuple[str, ...], letter: float, rooms: tuple[float, float], high: float, beside: float
) -> Placed | None:
    """Lines in letters of one height under the name; None where they do not fit."""
    narrow, wide = rooms
    y = high - ROOM_MM
    found: Placed = []
    for n, text in enumerate((name, *lines)):
        size = letter * (NAME_OVER if n == 0 else 1.0)
        left = KEPT_TOGETHER.sub(rf"\1{HARD}\2", text).split(" ")
        while left:
            # Beside the code there is less room than under it.
            room = narrow if beside and y > high - beside else wide
            fits = max(int(room / (size * LETTER_WIDE)), 1)
            line = left.pop(0)
            while left and len(line) + 1 + len(left[0]) <= fits:
                line += f" {left.pop(0)}"
            if len(line) > fits:
                return None
            y -= size * (1.0 if not found else LINE_OVER)
            found.append((line.replace(HARD, " "), size, y))
    return found if y > ROOM_MM + FOOT_MM else None


def _code(code: tuple[tuple[bool, ...], ...], x0: float, y0: float, side: float) -> list[Shape]:
    step = side / len(code)
    shapes: list[Shape] = [Area(rectangle(x0, y0, x0 + side, y0 + side), "label.ground")]
    for row, line in enumerate(code):
        for column, dark in enumerate(line):
            if dark:
                x, y = x0 + column * step, y0 + side - (row + 1) * step
                shapes.append(Area(rectangle(x, y, x + step, y + step), "label.code"))
    return shapes


def _poles(wide: float, size: float) -> list[Shape]:
    """Plus and minus at the lower right: the lead of each pole lies under its sign when the label is put
    on."""
    shapes: list[Shape] = []
    for n, sign in enumerate("+−"):
        x, y = wide - ROOM_MM - size * (0.5 + 1.3 * n), ROOM_MM + size * 0.5
        shapes.append(Disc((x, y), size / 2, "label.pole.plus" if sign == "+" else "label.pole.minus"))
        arm = size * 0.3
        shapes.append(Stroke(((x - arm, y), (x + arm, y)), size * 0.14, "label.sign"))
        if sign == "+":
            shapes.append(Stroke(((x, y - arm), (x, y + arm)), size * 0.14, "label.sign"))
    return shapes


def lid_sketch(design: Design, analysis: Analysis) -> Template:
    """Return the wiring for the inside of a lid, as large as that takes."""
    drawing = schematic(design, analysis)
    x0, y0, x1, y1 = drawing.bounds
    factor = min(LID_MM[0] / (x1 - x0), LID_MM[1] / (y1 - y0), 1.0)
    return Template("wiring, for inside the lid", "LID", scaled(drawing, factor))
