"""Heat and current of the metal as a picture: one coloured band a segment, a scale with its unit, the worst
ten in numbers."""

from dataclasses import replace
from enum import StrEnum
from itertools import groupby

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import figures
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.pictures.drawing import Point
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.strips.pack_heat import fin_conductance, fin_middle_rise
from firmcell.core.strips.under_load import UnderLoad
from firmcell.core.strips.why_there import Why, strip_needs

MM = 1e3
WORST = 10
MOST_TOLD = 16


class Shown(StrEnum):
    """What is painted on the strips."""

    SHARE = "share of limit"
    CURRENT = "current"
    TEMPERATURE = "temperature in place"
    HEAT = "heat"
    MATTERS = "what follows if it lets go"
    WHY = "why it is there"


@frozen
class Band:
    """One coloured piece: its line in mm as it lies, its width, its place on the scale (0 to 1), and text if
    it is shown. One of `danger` has no place on the scale: it joins two pieces that must not be bridged."""

    line: tuple[Point, Point]
    width: float
    tone: float
    ref: str
    text: str = ""
    danger: bool = False

    @property
    def unlabelled(self) -> "Band":
        """The same without its text."""
        return replace(self, text="")


@frozen
class Scale:
    """The scale of the colours: what, lowest and highest with unit."""

    title: str
    low: str
    high: str


@frozen
class StripPaint:
    """Bands of each face and their scale."""

    bands: dict[Face, tuple[Band, ...]]
    scale: Scale


@frozen(eq=False)
class AtLoad:
    """The metal at another load current: by scaling what was solved, fast enough for a slider.

    Attributes
    ----------
    current_a, heat_w, in_place_k, share : of each segment (m,).
    cell_a, cell_k : of each cell (n,).
    strips_w, cells_w : heat in all.
    """

    current_a: Array
    heat_w: Array
    in_place_k: Array
    share: Array
    cell_a: Array
    cell_k: Array
    strips_w: float
    cells_w: float


def at_load(metal: UnderLoad, load_a: float, ambient_k: float) -> AtLoad:
    """Return the metal at a load of `load_a`.

    Currents go with the load, heat with its square; resistances stay as solved. Cells are at the end of a run
    of the same length, their rise going with the heat.
    """
    factor = load_a / metal.current_a if metal.current_a else 0.0
    f = metal.figures
    flow = np.array([s.current_a for s in f.segments]) * factor
    spans, bands = len(metal.work.spans), f.segments[len(metal.work.spans) :]
    cell_k = np.minimum(ambient_k + (metal.cell_k - ambient_k) * factor**2, RUNAWAY_K)
    number = {c.number: n for n, c in enumerate(metal.layout.cells)}
    ends = np.array([[number[c] for c in s.cells] for s in f.segments], dtype=np.intp).reshape(-1, 2)
    ends_k = cell_k[ends].mean(axis=1) if len(ends) else np.zeros(0)
    columns = np.array(
        [
            (strip.conductivity_w_m_k * strip.section_m2 * layers, strip.width_m)
            for strip, layers in (metal.strips[kind] for kind in metal.kinds)
        ]
    ).reshape(-1, 2)
    loss = fin_conductance(columns[:, 1], ends_k[:spans], ambient_k, metal.down) if spans else np.zeros(0)
    ohm = metal.network.ohm[:spans]
    rise = fin_middle_rise(
        flow[:spans],
        ohm / np.maximum(metal.span_lengths_m, 1e-9),
        metal.span_lengths_m,
        columns[:, 0],
        loss,
        ends_k[:spans] + metal.joint_k * factor**2 - ambient_k,
    )
    # A plate's own rise over its pads goes with the square of the load.
    own = np.array([s.in_place_k for s in bands]) - metal.cell_k[ends[spans:]].max(axis=1, initial=0.0)
    plates_k = cell_k[ends[spans:]].max(axis=1, initial=0.0) + own * factor**2
    share = np.array([s.share for s in f.segments]) * factor
    cell_a = metal.state.cell_a * factor
    heat = np.array([s.heat_w for s in f.segments]) * factor**2
    return AtLoad(
        flow,
        heat,
        np.minimum(np.concatenate([ambient_k + rise, plates_k]), RUNAWAY_K),
        share,
        cell_a,
        cell_k,
        float(heat.sum()),
        float((cell_a**2 * metal.network.cell_ohm).sum()),
    )


def why_paint(metal: UnderLoad, cell_a: float, axis: TurnAxis) -> StripPaint:
    """Return the bands of both faces by what each strip is needed for, `cell_a` being what a cell gives, A.

    Told are those that hold no cell: which cell they link, what the fullest span carries without, or a spare.
    """
    needs = strip_needs(metal.layout)
    segments = [(s, needs.get(s.piece)) for s in metal.figures.segments]
    # One label a strip, on its middle segment; what a builder would ask about first.
    middle: dict[str, int] = {}
    for piece, at in groupby(range(len(segments)), key=lambda n: segments[n][0].piece):
        places = list(at)
        middle[piece] = places[len(places) // 2]
    asked = sorted(
        (needs[piece].why.value, n)
        for piece, n in middle.items()
        if piece in needs and needs[piece].why is not Why.HOLDS
    )
    told = {n for _, n in asked[:MOST_TOLD]}
    place = {face: as_it_lies(face, axis) for face in Face}
    bands: dict[Face, list[Band]] = {face: [] for face in Face}
    for n, (s, need) in enumerate(segments):
        a, b = (place[s.face](x * MM, y * MM) for x, y in (s.from_m, s.to_m))
        strip, _ = metal.strips[s.kind]
        tone = need.why.value / Why.HOLDS.value if need else 1.0
        text = need.in_short(cell_a) if need and n in told else ""
        bands[s.face].append(Band((a, b), min(strip.width_m * MM, 10.0), tone, f"strip:{s.piece}", text))
    return StripPaint(
        {face: tuple(found) for face, found in bands.items()},
        Scale("can it be left out", "yes", "no"),
    )


def strip_paint(
    metal: UnderLoad, loaded: AtLoad, shown: Shown, axis: TurnAxis, failures: dict[str, float] | None = None
) -> StripPaint:
    """Return the bands of both faces for what is to be shown.

    `failures` gives for a segment's id the worst share of limit of anything else once it is gone, at the
    steady current.
    """
    gone = np.array([(failures or {}).get(s.id, 0.0) for s in metal.figures.segments])
    values, unit, title = {
        Shown.SHARE: (loaded.share * 100, "%", "share of limit"),
        Shown.CURRENT: (loaded.current_a, "A", "current"),
        Shown.TEMPERATURE: (loaded.in_place_k - ZERO_CELSIUS, "°C", "hottest point in place"),
        Shown.HEAT: (loaded.heat_w * 1e3, "mW", "heat"),
        Shown.MATTERS: (gone * 100, "%", "worst share of limit if it lets go, steady current"),
    }[shown]
    low = float(values.min()) if shown is Shown.TEMPERATURE and len(values) else 0.0
    high = float(values.max()) if len(values) else 1.0
    if shown in (Shown.SHARE, Shown.MATTERS):
        high = max(high, 100.0)
    span = max(high - low, 1e-9)
    worst = set(np.argsort(-values)[:WORST].tolist()) if len(values) else set()
    bands: dict[Face, list[Band]] = {face: [] for face in Face}
    places = {face: as_it_lies(face, axis) for face in Face}
    # The coolest first, so that the hottest are never hidden.
    for n in np.argsort(values).tolist():
        s = metal.figures.segments[n]
        strip, _ = metal.strips[s.kind]
        place = places[s.face]
        line = (
            place(s.from_m[0] * MM, s.from_m[1] * MM),
            place(s.to_m[0] * MM, s.to_m[1] * MM),
        )
        text = (
            f"{figures(float(values[n]), 2 if values[n] < 100 else 3)} {unit}"
            if n in worst and values[n] > 0
            else ""
        )
        width = min(strip.width_m * MM, 10.0)
        bands[s.face].append(Band(line, width, (float(values[n]) - low) / span, f"strip:{s.piece}", text))
    return StripPaint(
        {face: tuple(found) for face, found in bands.items()},
        Scale(title, f"{figures(low)} {unit}", f"{figures(high)} {unit}"),
    )
