"""Colours of each role on paper; the screen has its own in firmcell.app.theme."""

from dataclasses import dataclass


@dataclass(frozen=True)
class Ink:
    """Fill and line colour as #rrggbb, line width in mm; None leaves it out."""

    fill: str | None = None
    line: str | None = None
    width: float = 0.2
    dashed: bool = False


WIRES = {
    "black": "#20282b",
    "white": "#f6f6f2",
    "yellow": "#e6c229",
    "blue": "#2d5f94",
    "green": "#2f7d4a",
    "brown": "#7a4a21",
    "grey": "#8b9296",
    "violet": "#6a4fa3",
    "orange": "#d9772a",
    "red": "#b3401a",
}
"""Insulation of sense leads, by colour name."""
HEAT = (
    "#1b2a5c", "#21406d", "#27557e", "#34698a", "#497c88", "#5f8f86", "#809875", "#a0a167", "#bdad58", "#d2ba54",
    "#e9c84f", "#ffd54a",
)  # fmt: skip
"""Cool to warm on paper, lightness rising all the way."""

PAPER: dict[str, Ink] = {
    "outline.insulation": Ink("#f7f5ef", "#5d6468", 0.3),
    "space.edge": Ink("#fbfaf6", "#24313a", 0.4),
    "space.blocked": Ink("#c9c4b4", "#5d6468", 0.3),
    "label.blocked": Ink("#24313a"),
    "group.border": Ink(None, "#20282b"),
    "place.spare": Ink(None, "#8b8878", 0.25, dashed=True),
    "mark.locked": Ink("#24313a"),
    "mark.locked.arch": Ink(None, "#24313a"),
    "plate": Ink("#b3b8b9", "#3f4547", 0.2),
    "plate.slot": Ink("#ffffff", "#3f4547", 0.1),
    "strip.bridge": Ink("#8a6fb0", "#3f2c66", 0.2),
    "section.link": Ink("#8f9496", "#3f4547", 0.15),
    "section.parallel": Ink("#b3b8b9", "#3f4547", 0.15),
    "sheet": Ink("#ece5cd", "#8b8878", 0.2),
    "tape": Ink("#d9b45a", "#8a5a00", 0.15),
    "foam": Ink("#cfd6cf", "#6b7478", 0.15),
    "sleeve": Ink("#5d7f96", "#1f4a6b", 0.15),
    "ring": Ink("#f3efe2", "#6d4715", 0.15),
    "cell.body": Ink("#d9dedd", "#4a5256", 0.25),
    "cell.nub": Ink("#e4b79f", "#8c3a12", 0.2),
    "cut": Ink(None, "#24313a", 0.2),
    "mark.line": Ink(None, "#24313a"),
    "label.section": Ink("#24313a"),
    "ruler": Ink(None, "#24313a"),
    "ruler.label": Ink("#24313a"),
    "template.cell": Ink(None, "#24313a", 0.25),
    "template.strip": Ink(None, "#24313a", 0.25),
    "template.plate": Ink(None, "#24313a", 0.25),
    "template.slot": Ink(None, "#8c2f0b", 0.15),
    "template.sheet": Ink(None, "#24313a", 0.3),
    "template.cross": Ink(None, "#5d6468", 0.15),
    "template.text": Ink("#24313a"),
    "cell.wrap": Ink("#d9dedd", "#4a5256", 0.25),
    "cell.ring": Ink("#f3efe2", "#8b8878", 0.15),
    "cell.plus": Ink("#e4b79f", "#8c3a12", 0.2),
    "cell.minus": Ink("#b9c9d6", "#1f4a6b", 0.2),
    "strip.link": Ink("#8f9496", "#3f4547", 0.15),
    "strip.parallel": Ink("#b3b8b9", "#3f4547", 0.15),
    "strip.collector": Ink("#868d90", "#3f4547", 0.15),
    "strip.collector.copper": Ink("#c08b4c", "#6d4715", 0.15),
    "strip.link.copper": Ink("#c99a63", "#6d4715", 0.15),
    "strip.parallel.copper": Ink("#d4b084", "#6d4715", 0.15),
    "weld": Ink("#3f4547"),
    "board": Ink("#33594a", "#1d352c", 0.2),
    "board.pad": Ink("#d9b45a"),
    "tap": Ink("#ffffff", "#2b2f31", 0.4),
    "tap.wire": Ink(None, "#6b4f9e"),
    "lead.plus": Ink(None, "#b3401a"),
    "lead.minus": Ink(None, "#24313a"),
    "lead.plus.sign": Ink("#8c2f0b"),
    "lead.minus.sign": Ink("#24313a"),
    "mark.plus": Ink("#8c2f0b"),
    "mark.minus": Ink("#123f63"),
    "label.cell": Ink("#4a5256"),
    "label.group": Ink("#ffffff"),
    "label.group.back": Ink("#24313a"),
    "label.tap": Ink("#ffffff"),
    "label.tap.back": Ink("#5a4089"),
    "label.board": Ink("#ffffff"),
    "label.dimension": Ink("#24313a"),
    "label.title": Ink("#24313a"),
    "face.body": Ink("#d9dedd", "#24313a", 0.2),
    "face.hole": Ink("#24313a"),
    "face.contact": Ink("#d9b45a", "#6d4715", 0.12),
    "face.sleeve.plus": Ink("#e4b79f", "#8c3a12", 0.2),
    "face.sleeve.minus": Ink("#8f9496", "#24313a", 0.2),
    "face.key": Ink("#8f9496", "#24313a", 0.1),
    "face.mark": Ink("#24313a"),
    "face.magnet": Ink("#b3b8b9", "#3f4547", 0.15),
    "face.letter": Ink("#24313a"),
    "face.letter.dark": Ink("#24313a"),
    "face.plus": Ink("#8c2f0b"),
    "face.minus": Ink("#24313a"),
    "lead.contact": Ink("#d9b45a", "#6d4715", 0.2),
    "lead.sleeve": Ink(None, "#1f4a6b", 0.4),
    "lead.fuse": Ink("#f3efe2", "#6d4715", 0.3),
    "lead.fuse.text": Ink("#24313a"),
    "wiring.body": Ink("#fbfaf6", "#5d6468", 0.3),
    "wiring.plus": Ink(None, "#b3401a"),
    "wiring.minus": Ink(None, "#24313a"),
    "wiring.line": Ink(None, "#5d6468"),
    "wiring.text": Ink("#24313a"),
    "wiring.quiet": Ink("#5d6468"),
    "wiring.nail": Ink("#b3b8b9", "#3f4547", 0.2),
    **{f"wire.{name}": Ink(None, shade) for name, shade in WIRES.items()},
    "ntc": Ink("#d9b45a", "#8a5a00", 0.3),
    **{f"heat.{tone}": Ink(None, shade) for tone, shade in enumerate(HEAT)},
    "dimension": Ink(None, "#24313a"),
}
