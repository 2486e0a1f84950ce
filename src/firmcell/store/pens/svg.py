"""A drawing as SVG, one user unit a millimetre."""

from xml.sax.saxutils import escape, quoteattr

from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke
from firmcell.store.pens.ink import PAPER, Ink

FONT = "'Firm Cell Sans', 'Barlow Semi Condensed', sans-serif"


def _paint(ink: Ink) -> str:
    line = f' stroke="{ink.line}" stroke-width="{ink.width:g}"' if ink.line else ""
    return f'fill="{ink.fill or "none"}"{line}'


def _number(value: float) -> str:
    return f"{value:.3f}".rstrip("0").rstrip(".")


def _shape(shape: Shape, top: float) -> str:
    ink = PAPER[shape.role]

    def xy(point: tuple[float, float]) -> tuple[str, str]:
        return _number(point[0]), _number(top - point[1])

    ref = f" data-ref={quoteattr(shape.ref)}" if shape.ref else ""
    css = f' class="{shape.role.replace(".", "-")}"{ref}'
    if isinstance(shape, Disc):
        x, y = xy(shape.centre)
        return f'<circle cx="{x}" cy="{y}" r="{_number(shape.radius)}" {_paint(ink)}{css}/>'
    if isinstance(shape, Label):
        x, y = xy((shape.centre[0], shape.centre[1] - shape.height * 0.36))
        return (
            f'<text x="{x}" y="{y}" font-size="{_number(shape.height)}" text-anchor="{shape.anchor}" '
            f'font-weight="600" fill="{ink.fill}"{css}>{escape(visible(shape.text))}</text>'
        )
    points = " ".join(",".join(xy(p)) for p in shape.points)
    if isinstance(shape, Area):
        return f'<polygon points="{points}" {_paint(ink)}{css}/>'
    colour = ink.fill or ink.line
    edge = ""
    if ink.fill and ink.line:
        edge = (
            f'<polyline points="{points}" fill="none" stroke="{ink.line}" '
            f'stroke-width="{_number(shape.width + 2 * ink.width)}" stroke-linejoin="round"/>'
        )
    assert isinstance(shape, Stroke)
    return f'{edge}<polyline points="{points}" fill="none" stroke="{colour}" stroke-width="{_number(shape.width)}" stroke-linejoin="round"{css}/>'


def to_svg(drawing: Drawing, margin: float = 2.0, true_size: bool = True) -> str:
    """Return `drawing` as an SVG document; its width and height are in mm unless `true_size` is off."""
    x0, y0, x1, y1 = drawing.bounds
    width, height = x1 - x0 + 2 * margin, y1 - y0 + 2 * margin
    size = f'width="{_number(width)}mm" height="{_number(height)}mm" ' if true_size else ""
    body = "\n".join(_shape(shape, y1 + margin) for shape in drawing.shapes)
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" {size}viewBox="{_number(x0 - margin)} 0 {_number(width)} '
        f'{_number(height)}" font-family="{FONT}"><title>{escape(visible(drawing.title))}</title>\n{body}\n</svg>'
    )
