"""Outlines of a space from files: DXF, an SVG path, or a CSV of points in mm. Nothing is guessed silently."""

import io
import re
from itertools import pairwise
from pathlib import Path
from typing import Any
from xml.etree import ElementTree

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.plane import ring_fault, signed_area
from firmcell.store.csv_rows import table_rows
from firmcell.store.strangers import bytes_of
from firmcell.store.units import parse, parse_number

Ring = tuple[tuple[float, float], ...]
SAG_M = 0.00005
"""How far a straight piece may lie beside the curve it stands for, m."""
MOST_BYTES = 8_000_000
MOST_PIECES, MOST_POINTS = 20_000, 400_000
"""Lines of a drawing, and points on them, that are looked at; an outline has hundreds."""
LARGEST_M = 100.0
MOST_CORNERS = 2000
JOIN_M = 0.00002
DXF_UNITS = {0: 1e-3, 1: 0.0254, 2: 0.3048, 4: 1e-3, 5: 1e-2, 6: 1.0, 13: 1e-6}
"""Metres of the drawing unit in a DXF header; without one the drawing counts as mm."""


def read_outline(path: Path) -> Ring:
    """Return the largest closed outline in a file, in m.

    Raises
    ------
    Refusal
        In one sentence: no such kind of file, not readable, no closed line, or one that crosses itself.
    """
    readers = {
        ".dxf": outline_from_dxf,
        ".svg": outline_from_svg,
        ".csv": outline_from_csv,
        ".txt": outline_from_csv,
    }
    reader = readers.get(path.suffix.lower())
    if reader is None:
        raise Refusal(f"{path.name}: an outline is read from .dxf, .svg or .csv.")
    return reader(bytes_of(path, MOST_BYTES).decode("utf-8", errors="replace"), path.name)


def outline_from_csv(text: str, where: str) -> Ring:
    """Return the outline in lines of x and y, mm unless a unit is written; a heading and empty lines are
    passed over."""
    points: list[tuple[float, float]] = []
    for number, row in table_rows(text, where):
        cells = [cell for cell in row if cell]
        if len(cells) < 2:
            raise Refusal(f"{where}, line {number}: “{cells[0]}” alone is no point; x and y are wanted.")
        try:
            points.append((_length(cells[0]), _length(cells[1])))
        except Refusal as refusal:
            if not points and number <= 2:
                continue
            raise Refusal(f"{where}, line {number}: {refusal.sentence}") from None
    return _checked(points, where)


def _length(text: str) -> float:
    try:
        return parse_number(text) * 1e-3
    except Refusal:
        return parse(text, "m", "mm")


def outline_from_svg(text: str, where: str) -> Ring:
    """Return the largest closed path, polygon, rectangle, circle or ellipse of an SVG document.

    Sizes in mm, cm, in and px of the document and its viewBox give the scale; without them a user
    unit is 1/96 in, as the standard says. Transforms are not followed.
    """
    if "<!DOCTYPE" in text[:10_000].upper() and "<!ENTITY" in text.upper():
        raise Refusal(
            f"{where} defines words of its own (an entity), which are not followed; save it as plain SVG."
        )
    try:
        root = ElementTree.fromstring(text)
    except (ElementTree.ParseError, ValueError):
        raise Refusal(f"{where} is not an SVG file.") from None
    if not root.tag.endswith("svg"):
        raise Refusal(f"{where} is not an SVG file.")
    scale = _svg_scale(root, where)
    rings: list[Array] = []
    points = 0
    for number, element in enumerate(root.iter()):
        if number > MOST_PIECES or points > MOST_POINTS:
            raise Refusal(f"{where} holds more than an outline; save the outline alone.")
        if "transform" in element.attrib:
            raise Refusal(f"{where} moves or turns parts by “transform”; save it with plain coordinates.")
        try:
            rings += _svg_rings(element, scale)
            points += sum(map(len, rings[-1:]))
        except (ValueError, TypeError, ArithmeticError, IndexError, AssertionError):
            # The path reader asserts where it means that the data is wrong.
            raise Refusal(f"{where}: a {element.tag.rsplit('}', 1)[-1]} in it cannot be read.") from None
    return _largest(rings, where)


def _svg_scale(root: ElementTree.Element, where: str) -> float:
    """Metres of one user unit."""
    box = re.split(r"[\s,]+", root.get("viewBox", "").strip())
    match = re.fullmatch(r"\s*([\d.]+)\s*(mm|cm|in|px|pt)?\s*", root.get("width", ""))
    factor = {"mm": 1e-3, "cm": 1e-2, "in": 0.0254, "pt": 0.0254 / 72, "px": 0.0254 / 96, None: 0.0254 / 96}
    if match and len(box) == 4:
        try:
            return float(match.group(1)) * factor[match.group(2)] / float(box[2])
        except (ValueError, ZeroDivisionError):
            raise Refusal(f"{where}: its viewBox or width is not a number.") from None
    return 0.0254 / 96


def _svg_rings(element: ElementTree.Element, scale: float) -> list[Array]:
    kind = element.tag.rsplit("}", 1)[-1]
    if kind == "path":
        return _path_rings(element.get("d", ""), scale)
    # y runs down in SVG and up in the pack.
    flip = np.array([scale, -scale])
    if kind == "polygon":
        numbers = [float(n) for n in re.split(r"[\s,]+", element.get("points", "").strip()) if n]
        return [np.array(numbers).reshape(-1, 2) * flip]
    if kind == "rect":
        x, y, w, h = (float(element.get(n, "0")) for n in ("x", "y", "width", "height"))
        return [np.array([[x, y], [x + w, y], [x + w, y + h], [x, y + h]]) * flip]
    if kind in ("circle", "ellipse"):
        rx = float(element.get("r", element.get("rx", "0")))
        ry = float(element.get("r", element.get("ry", "0")))
        angle = np.arange(180) * 2 * np.pi / 180
        centre = np.array([float(element.get("cx", "0")), float(element.get("cy", "0"))])
        return [(np.column_stack([rx * np.cos(angle), ry * np.sin(angle)]) + centre) * flip]
    return []


def _path_rings(d: str, scale: float) -> list[Array]:
    from svg.path import Line, parse_path
    from svg.path.path import Close, Move

    if len(d) > 500_000:
        raise ValueError(d[:20])
    rings: list[list[complex]] = []
    for piece in parse_path(d):
        if isinstance(piece, Move):
            rings.append([piece.end])
            continue
        if not rings:
            rings.append([piece.start])
        if isinstance(piece, Line | Close):
            rings[-1].append(piece.end)
            continue
        # Along eight chords: the exact length of a curve takes a millisecond each.
        chords = [piece.point(k / 8) for k in range(9)]
        length = sum(abs(b - a) for a, b in pairwise(chords)) * scale
        steps = int(min(max(np.ceil(length / (SAG_M * 20)), 8), 200))
        rings[-1] += [piece.point(k / steps) for k in range(1, steps + 1)]
    found = []
    for ring in rings:
        closed = abs(ring[0] - ring[-1]) * scale < JOIN_M
        if closed and len(ring) > 3:
            found.append(np.array([(p.real * scale, -p.imag * scale) for p in ring[:-1]]))
    return found


def outline_from_dxf(text: str, where: str) -> Ring:
    """Return the largest closed line of a DXF drawing: polylines, circles, ellipses, splines, or lines and
    arcs end to end."""
    import ezdxf
    from ezdxf import path as dxf_path
    from ezdxf.lldxf.const import DXFError

    try:
        document = ezdxf.read(io.StringIO(text.replace("\r\n", "\n")))  # type: ignore[attr-defined]
    except (
        DXFError,
        ValueError,
        TypeError,
        KeyError,
        IndexError,
        AttributeError,
        OverflowError,
        RecursionError,
    ):
        raise Refusal(f"{where} is not a readable DXF drawing.") from None
    # The drawing reader fills in metres where nothing is said.
    said = document.header.get("$INSUNITS", 0) if "$INSUNITS" in text else 0
    unit = DXF_UNITS.get(int(said or 0))
    if unit is None:
        raise Refusal(f"{where} is drawn in a unit that is not read here; save it in mm.")
    pieces: list[Array] = []
    kinds = "LINE ARC CIRCLE ELLIPSE SPLINE LWPOLYLINE POLYLINE"
    count = 0
    for entity in document.modelspace().query(kinds):
        try:
            line = dxf_path.make_path(entity)
            reach = max((abs(c) for v in line.control_vertices() for c in (v.x, v.y)), default=0.0) * unit
            if not reach < LARGEST_M * 10:
                continue
            # A large curve is followed less finely: it has no more points than a small one.
            points = np.array([(v.x, v.y) for v in line.flattening(max(SAG_M, 1e-5 * reach) / unit)])
        except (DXFError, ValueError, TypeError, ArithmeticError):
            continue
        count += len(points)
        if len(pieces) > MOST_PIECES or count > MOST_POINTS:
            raise Refusal(f"{where} holds more than an outline; save the outline alone.")
        if len(points) > 1 and np.isfinite(points).all():
            pieces.append(points * unit)
    return _largest(_joined(pieces), where)


def _joined(pieces: list[Array]) -> list[Array]:
    """Closed rings of lines laid end to end."""
    ends = np.array([p[k] for p in pieces for k in (0, -1)]).reshape(-1, 2)
    if not len(ends):
        return []
    # Imported here: only drawings of loose lines are joined.
    from scipy.spatial import KDTree

    beside = KDTree(ends).query_ball_point(ends, JOIN_M)
    left = set(range(len(pieces)))
    rings: list[Array] = []
    while left:
        first = left.pop()
        chain, end = [pieces[first]], 2 * first + 1
        while np.hypot(*(chain[0][0] - ends[end])) > JOIN_M:
            follows = next((e for e in beside[end] if e // 2 in left), None)
            if follows is None:
                break
            left.discard(follows // 2)
            piece = pieces[follows // 2]
            chain.append((piece if follows % 2 == 0 else piece[::-1])[1:])
            end = follows ^ 1
        line = np.vstack(chain)
        if len(line) > 3 and np.hypot(*(line[0] - line[-1])) <= JOIN_M:
            rings.append(line[:-1])
    return rings


def _largest(rings: list[Array], where: str) -> Ring:
    sized: list[tuple[float, Any]] = [(abs(signed_area(r)), r) for r in rings if len(r) > 2]
    if not sized:
        raise Refusal(f"{where} holds no closed line; an outline must return to where it began.")
    return _checked([(float(x), float(y)) for x, y in max(sized, key=lambda s: s[0])[1]], where)


def _checked(points: list[tuple[float, float]], where: str) -> Ring:
    ring = np.array(points, dtype=float).reshape(-1, 2)
    if len(ring) and not np.isfinite(ring).all():
        raise Refusal(f"{where} has a point that is not a number.")
    if len(ring) > 1:
        ring = ring[np.hypot(*(ring - np.roll(ring, 1, axis=0)).T) > 1e-7]
    if len(ring) > MOST_CORNERS:
        raise Refusal(
            f"{where} has {len(ring)} corners; at most {MOST_CORNERS} are read. Save it less finely."
        )
    fault = ring_fault(ring)
    if fault:
        raise Refusal(f"{where}: the outline {fault}.")
    if np.abs(ring).max() > 100:
        raise Refusal(
            f"{where}: the outline reaches {np.abs(ring).max():.0f} m from its origin; is it drawn in mm?"
        )
    middle = (ring.min(axis=0) + ring.max(axis=0)) / 2
    return tuple((float(x), float(y)) for x, y in np.round(ring - middle, 9))
