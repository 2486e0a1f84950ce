"""Which contact of a connector is plus, by the key of its body: told, or not told by the shape."""

from dataclasses import replace

import numpy as np

from firmcell.core.model.parts import Connector, Contact
from firmcell.core.pictures.connector_faces import connector_face
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Point, Shape, bounds_of
from firmcell.core.practice.solder_joints import left_for_right, turned_by
from firmcell.core.practice.task import Choice, Subject, Task

CHOICES = (Choice("A is plus"), Choice("B is plus"), Choice("the shape does not tell"))
LOOK = "Is there a key that tells the two sides apart: a square and a pointed end, a blade across and one upright? From the cups everything is mirrored."
TELLS = {
    Contact.TWIN_BULLET: "the square end of the body is plus, the pointed end minus",
    Contact.T_BLADE: "the blade that lies across is plus, the upright one minus",
}
"""Keys that builders go by; common practice, no source. The sign moulded on the body decides."""
MUTE = {
    Contact.BULLET: "two loose bullets are alike, whatever the colour of a sleeve says",
    Contact.MODULAR_BLADE: "two bodies of one shape can be put together either way round",
    Contact.HOST_PLUG: "which pin carries what, only the host's own sheet says",
}
CLASSES = (*TELLS, *MUTE)
PROVE = "The sign moulded on the body decides, and a meter proves it before anything is joined."


def connector_task(dice: np.random.Generator, kind: int, connectors: tuple[Connector, ...]) -> Task:
    """Return the face of a connector of class `CLASSES[kind]`, turned and perhaps seen from its cups."""
    contact = CLASSES[kind]
    part = next(c for c in connectors if c.contact is contact)
    from_cups = bool(dice.integers(2))
    face = connector_face(part)
    signs = [s.centre for s in face.shapes if isinstance(s, Label) and s.role in ("face.plus", "face.minus")]
    shapes = [_plain(s) for s in face.shapes if not isinstance(s, Label)]
    # The bore of a tube lies over its rim: a role of its own keeps it there.
    bores = [s.radius for s in shapes if isinstance(s, Disc) and s.role == "face.contact"]
    shapes = [
        replace(s, role="seen.hollow")
        if isinstance(s, Disc) and s.role == "face.hole" and bores and s.radius < min(bores)
        else s
        for s in shapes
    ]
    # Letters stand where the signs stood.
    letters = signs or _corner_contacts(shapes)
    first = int(dice.integers(2))
    named = {letters[first]: "A", letters[1 - first]: "B"}
    size = 0.12 * (face.bounds[2] - face.bounds[0])
    shapes += [Label(at, name, size, "face.letter.dark") for at, name in named.items()]
    if from_cups:
        shapes = [left_for_right(s) for s in shapes]
    turned = int(dice.integers(4)) * np.pi / 2
    shapes = [turned_by(s, float(turned)) for s in shapes]
    seen = "from the solder cups" if from_cups else "as one looks into it"
    drawing = Drawing(f"The pack's half, seen {seen}", tuple(shapes), bounds_of(shapes))
    told = contact in TELLS
    answer = first if told else 2
    why = TELLS.get(contact) or MUTE[contact]
    harmful = frozenset({1 - first}) if told else frozenset({0, 1})
    kind_words = part.name.split(",")[0]
    return Task(
        Subject.CONNECTOR,
        f"{_class_words(contact)}, {'cups' if from_cups else 'face'}",
        (drawing,),
        f"The half that goes on the pack, seen {seen}: {kind_words}. Which contact is plus?",
        CHOICES,
        answer,
        harmful,
        f"{why[0].upper()}{why[1:]}. {PROVE}",
        LOOK,
    )


def _class_words(contact: Contact) -> str:
    return {
        Contact.TWIN_BULLET: "twin bullet",
        Contact.T_BLADE: "T-blade",
        Contact.BULLET: "loose bullets",
        Contact.MODULAR_BLADE: "modular blades",
    }.get(contact, "host plug")


def _plain(shape: Shape) -> Shape:
    """Without what colour gives away."""
    if shape.role.startswith("face.sleeve"):
        return replace(shape, role="face.sleeve.minus")
    return shape


def _corner_contacts(shapes: list[Shape]) -> list[Point]:
    """Places beside the first and the last contact, above and below."""
    contacts = [s.centre for s in shapes if isinstance(s, Disc) and s.role == "face.contact"]
    body = next(s for s in shapes if isinstance(s, Area))
    ys = [p[1] for p in body.points]
    tall = max(ys) - min(ys)
    (x0, _), (x1, _) = contacts[0], contacts[-1]
    return [(x0, max(ys) + 0.2 * tall), (x1, min(ys) - 0.2 * tall)]
