"""The mating face of each class of connector, pack half, drawn from its contacts: what one sees when it
points at one."""

from math import cos, pi, sin

from firmcell.core.model.parts import Connector, Contact
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Point, Shape, bounds_of, rectangle

MM = 1e3


def connector_face(connector: Connector) -> Drawing:
    """Return the mating face of the half that goes on the pack, in mm, plus to the left and lettered.

    Sizes follow from the contacts: wall, web and key are in proportion to them. No drawing of a real part.
    """
    size = connector.contact_size_m * MM
    shapes = {
        Contact.TWIN_BULLET: _twin_bullet,
        Contact.BULLET: _bullets,
        Contact.T_BLADE: _t_blade,
        Contact.MODULAR_BLADE: _modular,
        Contact.CRIMP_HOUSING: _housing,
        Contact.MAGNETIC: _magnetic,
        Contact.SCREW: _screw,
        Contact.HOST_PLUG: _host_plug,
        Contact.OTHER: _other,
    }[connector.contact](size, connector.contacts)
    return Drawing(connector.name, tuple(shapes), bounds_of(shapes))


def _signs(plus: Point, minus: Point, height: float) -> list[Shape]:
    return [
        Label(plus, "+", height, "face.plus"),
        Label(minus, "−", height, "face.minus"),
    ]


def _ring(x: float, y: float, outer: float, inner: float) -> list[Shape]:
    """A female contact: a tube in its hole."""
    return [
        Disc((x, y), outer * 1.25, "face.hole"),
        Disc((x, y), outer, "face.contact"),
        Disc((x, y), inner, "face.hole"),
    ]


def _twin_bullet(size: float, _: int) -> list[Shape]:
    """Two tubes in one body, square at the plus end and cut to a point at the minus end."""
    pitch, tall = 2.1 * size, 1.05 * size
    left, right = -pitch / 2 - 1.15 * size, pitch / 2 + 0.75 * size
    body = ((left, -tall), (right, -tall), (right + 0.65 * size, 0.0), (right, tall), (left, tall))
    return [
        Area(body, "face.body"),
        *_ring(-pitch / 2, 0, size * 0.62, size * 0.5),
        *_ring(pitch / 2, 0, size * 0.62, size * 0.5),
        *_signs((-pitch / 2, -tall - 0.7 * size), (pitch / 2, -tall - 0.7 * size), size * 0.9),
    ]


def _bullets(size: float, _: int) -> list[Shape]:
    """Two tubes, each alone in its own sleeve."""
    pitch = 2.6 * size
    shapes: list[Shape] = []
    for x, role in ((-pitch / 2, "face.sleeve.plus"), (pitch / 2, "face.sleeve.minus")):
        shapes += [Disc((x, 0.0), size * 0.85, role), *_ring(x, 0.0, size * 0.6, size * 0.5)]
    return shapes + _signs((-pitch / 2, -1.5 * size), (pitch / 2, -1.5 * size), size * 0.9)


def _t_blade(size: float, _: int) -> list[Shape]:
    """One slot across, which is plus, one upright, which is minus, in a body with a shoulder."""
    half = size * 0.95
    body = rectangle(-1.3 * size, -half, 1.3 * size, half)
    slots = (
        rectangle(-1.05 * size, -0.1 * size, -0.05 * size, 0.1 * size),
        rectangle(0.42 * size, -0.6 * size, 0.62 * size, 0.6 * size),
    )
    shapes: list[Shape] = [Area(body, "face.body")]
    for x0, y0, x1, y1 in ((s[0][0], s[0][1], s[2][0], s[2][1]) for s in slots):
        wide = 0.13 * size
        shapes.append(Area(rectangle(x0 - wide, y0 - wide, x1 + wide, y1 + wide), "face.hole"))
        shapes.append(Area(rectangle(x0, y0, x1, y1), "face.contact"))
    return shapes + _signs((-0.55 * size, -half - 0.4 * size), (0.52 * size, -half - 0.4 * size), size * 0.5)


def _modular(size: float, _: int) -> list[Shape]:
    """Two bodies dovetailed side by side, in each a blade low in its chamber, so that any two mate."""
    shapes: list[Shape] = []
    side = 1.5 * size
    for x, role in ((-side / 2, "face.sleeve.plus"), (side / 2, "face.sleeve.minus")):
        shapes.append(Area(rectangle(x - side / 2, -side / 2, x + side / 2, side / 2), role))
        inner = side / 2 - 0.18 * size
        shapes.append(Area(rectangle(x - inner, -inner, x + inner, inner), "face.hole"))
        shapes.append(
            Area(rectangle(x - inner * 0.85, -inner * 0.5, x + inner * 0.85, -inner * 0.2), "face.contact")
        )
    key = 0.16 * size
    shapes.append(
        Area(
            (
                (-key, -side / 2),
                (key, -side / 2),
                (key * 0.5, -side / 2 + 2 * key),
                (-key * 0.5, -side / 2 + 2 * key),
            ),
            "face.key",
        )
    )
    return shapes + _signs((-side / 2, -side * 0.85), (side / 2, -side * 0.85), size * 0.8)


def _housing(pitch: float, contacts: int) -> list[Shape]:
    """A row of square chambers at the pitch, two ribs on one side, pin 1 with a triangle."""
    half = pitch * (contacts - 1) / 2
    wall = 0.75 * pitch
    shapes: list[Shape] = [Area(rectangle(-half - wall, -wall, half + wall, wall), "face.body")]
    for x in (-half - 0.15 * pitch, half + 0.15 * pitch):
        shapes.append(
            Area(rectangle(x - 0.12 * pitch, wall, x + 0.12 * pitch, wall + 0.3 * pitch), "face.key")
        )
    for n in range(contacts):
        x, s = n * pitch - half, 0.3 * pitch
        shapes += [
            Area(rectangle(x - s, -s, x + s, s), "face.hole"),
            Disc((x, 0.0), 0.16 * pitch, "face.contact"),
        ]
    first = -half
    mark = (
        (first - 0.2 * pitch, wall + 0.02 * pitch),
        (first + 0.2 * pitch, wall + 0.02 * pitch),
        (first, wall + 0.32 * pitch),
    )
    shapes.append(Area(mark, "face.mark"))
    return shapes + _signs((-half, -wall - 0.6 * pitch), (half, -wall - 0.6 * pitch), pitch * 0.75)


def _magnetic(size: float, contacts: int) -> list[Shape]:
    """Pads in a row between two magnets of opposite pole."""
    pitch = 1.5 * size
    half = pitch * (contacts - 1) / 2
    tall = 1.0 * size
    shapes: list[Shape] = [Area(rectangle(-half - 2.6 * size, -tall, half + 2.6 * size, tall), "face.body")]
    for x, words in ((-half - 1.7 * size, "N"), (half + 1.7 * size, "S")):
        shapes += [
            Disc((x, 0.0), 0.62 * size, "face.magnet"),
            Label((x, 0.0), words, 0.7 * size, "face.letter"),
        ]
    for n in range(contacts):
        shapes.append(Disc((n * pitch - half, 0.0), 0.42 * size, "face.contact"))
    # The outer pads carry the current, the inner ones are for the signal.
    return shapes + _signs((-half, -tall - 0.6 * size), (half, -tall - 0.6 * size), size * 0.8)


def _screw(size: float, contacts: int) -> list[Shape]:
    """Screw heads in a block, between walls."""
    pitch = 1.7 * size
    half = pitch * (contacts - 1) / 2
    shapes: list[Shape] = [Area(rectangle(-half - 0.95 * size, -size, half + 0.95 * size, size), "face.body")]
    for n in range(contacts):
        x, slot = n * pitch - half, 0.09 * size
        shapes += [
            Disc((x, 0.15 * size), 0.6 * size, "face.hole"),
            Disc((x, 0.15 * size), 0.5 * size, "face.contact"),
            Area(
                rectangle(x - 0.42 * size, 0.15 * size - slot, x + 0.42 * size, 0.15 * size + slot),
                "face.hole",
            ),
            Area(rectangle(x - 0.35 * size, -0.9 * size, x + 0.35 * size, -0.55 * size), "face.hole"),
        ]
    return shapes + _signs((-half, -1.55 * size), (half, -1.55 * size), size * 0.75)


def _host_plug(pitch: float, contacts: int) -> list[Shape]:
    """Two rows of holes, one corner cut away, pins numbered; which carry what, the host's sheet says."""
    columns = -(-contacts // 2)
    half = pitch * (columns - 1) / 2
    wall = 0.8 * pitch
    left, right, low, high = -half - wall, half + wall, -pitch / 2 - wall, pitch / 2 + wall
    cut = 0.7 * pitch
    shapes: list[Shape] = [
        Area(((left + cut, high), (right, high), (right, low), (left, low), (left, high - cut)), "face.body")
    ]
    for n in range(contacts):
        x, y = (n % columns) * pitch - half, (pitch / 2 if n < columns else -pitch / 2)
        shapes += [Disc((x, y), 0.36 * pitch, "face.hole"), Disc((x, y), 0.24 * pitch, "face.contact")]
    return [
        *shapes,
        Label((-half, high + 0.5 * pitch), "1", pitch * 0.7, "face.letter.dark"),
        Label((half, low - 0.6 * pitch), str(contacts), pitch * 0.7, "face.letter.dark"),
    ]


def _other(size: float, contacts: int) -> list[Shape]:
    """A round body with its contacts on a circle: nothing more is known."""
    reach = size * 1.4
    shapes: list[Shape] = [Disc((0.0, 0.0), reach + size, "face.body")]
    for n in range(contacts):
        at = 2 * pi * n / contacts + pi
        shapes += _ring(reach * cos(at) * 0.75, reach * sin(at) * 0.75, size * 0.42, size * 0.3)
    return shapes
