"""Colours, type and the style sheet: a workshop bench, light by day and dark by lamp.

Hues stay apart for the common kinds of colour blindness (rust against ink blue), and nothing is
told by colour alone: each mark has a shape or a word as well.
"""

from PySide6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication

from firmcell import DATA
from firmcell.core.base.frozen import frozen

FAMILY = "Firm Cell Sans"


@frozen
class Palette:
    """One set of colours by use."""

    name: str
    bench: str
    grid: str
    panel: str
    raised: str
    field: str
    ink: str
    quiet: str
    rule: str
    edge: str
    accent: str
    on_accent: str
    plate: str
    plate_ink: str
    plate_quiet: str
    stop: str
    attention: str
    note: str
    good: str
    lit: str
    roles: dict[str, tuple[str | None, str | None, float]]
    ramp: tuple[str, ...] = ("#1b2a5c", "#2c5f8a", "#5f8f86", "#b9a95a", "#ffd54a")

    def ramp_colours(self, steps: int = 64) -> list[QColor]:
        """Colours from least to most; lightness rises all the way, so that order is seen without hue."""
        anchors = [QColor(name) for name in self.ramp]
        colours = []
        for n in range(steps):
            at = n / (steps - 1) * (len(anchors) - 1)
            low = min(int(at), len(anchors) - 2)
            a, b, t = anchors[low], anchors[low + 1], at - low
            red, green, blue = (
                x + (y - x) * t
                for x, y in ((a.redF(), b.redF()), (a.greenF(), b.greenF()), (a.blueF(), b.blueF()))
            )
            colours.append(QColor.fromRgbF(red, green, blue))
        return colours

    def colour(self, name: str) -> QColor:
        """A colour of this palette by its use."""
        return QColor(getattr(self, name))


SEEN: dict[str, tuple[str | None, str | None, float]] = {
    "seen.cup": ("#c9a24c", "#5e4310", 0.12),
    "seen.fin": ("#c9a24c", "#5e4310", 0.12),
    "seen.copper": ("#c77f45", "#6f3a12", 0.05),
    "seen.strand": ("#c77f45", "#6f3a12", 0.06),
    "seen.hole": ("#12181a", None, 0),
    "seen.hollow": ("#1b1512", None, 0),
    "seen.solder": ("#d5dade", "#7f888d", 0.08),
    "seen.solder.dull": ("#9aa0a2", "#5a6164", 0.08),
    "seen.shine": ("#ffffff", None, 0),
    "seen.scorch": ("#2a1c14", None, 0),
    "seen.pit": ("#2a2320", None, 0),
    "seen.mark": ("#6d777b", None, 0),
    "seen.heat": ("#6d7fb0", None, 0),
    "seen.can": ("#b9c0c2", "#6b7478", 0.15),
    "seen.blank": ("#eef0ee", "#59646a", 0.3),
    "seen.pointer": ("#b0481a", None, 0),
    "seen.browned": ("#8a5a2b", "#4a2c10", 0.3),
    "seen.rust": ("#9c4a1a", None, 0),
    "seen.lifted": ("#dfe3e4", "#20282b", 0.35),
}
"""What is seen on a joint, the same by day and by lamp: metal keeps its colour."""

LIGHT = Palette(
    name="light",
    bench="#e6e2d6",
    grid="#d9d4c5",
    panel="#f6f3ea",
    raised="#fdfbf5",
    field="#ffffff",
    ink="#20282b",
    quiet="#59646a",
    rule="#cfc8b6",
    edge="#8a8476",
    accent="#1d5c63",
    on_accent="#ffffff",
    plate="#2c3a3f",
    plate_ink="#f3ead2",
    plate_quiet="#b9c1b8",
    stop="#a8280f",
    attention="#8a5a00",
    note="#2d5f94",
    good="#2f6b3f",
    lit="#e0a100",
    roles=SEEN
    | {
        "outline.insulation": ("#f3efe3", "#6b7478", 0.5),
        "space.edge": ("#efeadb", "#20282b", 0.6),
        "space.blocked": ("#b9b29d", "#4b565b", 0.3),
        "label.blocked": ("#20282b", None, 0),
        "group.border": ("#20282b", None, 0),
        "place.spare": (None, "#8a8470", 0.35),
        "mark.locked": ("#20282b", None, 0),
        "mark.locked.arch": ("#20282b", None, 0),
        "plate": ("#a9b0b2", "#3c4447", 0.25),
        "plate.slot": ("#f6f1e1", "#3c4447", 0.1),
        "strip.bridge": ("#8a6fb0", "#3f2c66", 0.2),
        "section.link": ("#8d9598", "#3c4447", 0.2),
        "section.parallel": ("#b4babb", "#5c6568", 0.2),
        "sheet": ("#ece5cd", "#8a8470", 0.2),
        "tape": ("#d9b45a", "#8a5a00", 0.15),
        "foam": ("#c6d0c6", "#6b7478", 0.15),
        "sleeve": ("#5d7f96", "#1f4a6b", 0.15),
        "sealant": ("#d9c58a", "#6d5a22", 0.15),
        "ring": ("#f6f1e1", "#6d4715", 0.15),
        "cell.body": ("#cfd6d6", "#5b666b", 0.3),
        "cell.nub": ("#dca386", "#7d2f0c", 0.25),
        "cut": ("#59646a", None, 0),
        "mark.line": ("#59646a", None, 0),
        "label.section": ("#20282b", None, 0),
        "ruler": ("#59646a", None, 0),
        "ruler.label": ("#20282b", None, 0),
        "cell.wrap": ("#cfd6d6", "#5b666b", 0.3),
        "cell.wrap.odd": ("#dcd8c9", "#5b666b", 0.3),
        "cell.ring": ("#f6f1e1", "#a29c87", 0.15),
        "cell.plus": ("#dca386", "#7d2f0c", 0.25),
        "cell.minus": ("#a9bfd0", "#1f4a6b", 0.25),
        "strip.link": ("#8d9598", "#3c4447", 0.2),
        "strip.parallel": ("#b4babb", "#5c6568", 0.2),
        "strip.collector": ("#7f888b", "#3c4447", 0.25),
        "strip.collector.copper": ("#b98146", "#5e3b10", 0.25),
        "strip.link.copper": ("#c08b55", "#5e3b10", 0.2),
        "strip.parallel.copper": ("#cda376", "#5e3b10", 0.2),
        "weld": ("#4a5255", None, 0),
        "board": ("#2f5d4e", "#173329", 0.3),
        "board.pad": ("#e0bd62", None, 0),
        "tap": ("#ffffff", "#4d3583", 0.5),
        "tap.wire": ("#6a4fa3", None, 0),
        "lead.plus": ("#b23a14", "#5f1d08", 0.25),
        "lead.minus": ("#2a3338", "#0f1416", 0.25),
        "lead.plus.sign": ("#9a2f0c", None, 0),
        "lead.minus.sign": ("#20282b", None, 0),
        "mark.plus": ("#7d2406", None, 0),
        "mark.minus": ("#0f3a5c", None, 0),
        "label.cell": ("#4b565b", None, 0),
        "label.group": ("#ffffff", None, 0),
        "label.group.back": ("#20282b", None, 0),
        "label.tap": ("#ffffff", None, 0),
        "label.tap.back": ("#5a4089", None, 0),
        "label.board": ("#ffffff", None, 0),
        "face.body": ("#4a5a60", "#20282b", 0.2),
        "face.hole": ("#12181a", None, 0),
        "face.contact": ("#d9b45a", "#6d4715", 0.12),
        "face.sleeve.plus": ("#b23a14", "#5f1d08", 0.15),
        "face.sleeve.minus": ("#2a3338", "#0f1416", 0.15),
        "face.key": ("#8d9598", "#20282b", 0.1),
        "face.mark": ("#f3ead2", None, 0),
        "face.magnet": ("#8d9598", "#20282b", 0.15),
        "face.letter": ("#f3ead2", None, 0),
        "face.letter.dark": ("#20282b", None, 0),
        "face.plus": ("#9a2f0c", None, 0),
        "face.minus": ("#20282b", None, 0),
        "lead.contact": ("#d9b45a", "#6d4715", 0.2),
        "lead.sleeve": (None, "#5d7f96", 0.5),
        "lead.fuse": ("#efe6cf", "#6d4715", 0.4),
        "lead.fuse.text": ("#20282b", None, 0),
        "wiring.body": ("#f6f1e1", "#6b7478", 0.35),
        "wiring.plus": ("#b23a14", None, 0),
        "wiring.minus": ("#2a3338", None, 0),
        "wiring.line": ("#59646a", None, 0),
        "wiring.text": ("#20282b", None, 0),
        "wiring.quiet": ("#59646a", None, 0),
        "wiring.nail": ("#8d9598", "#3c4447", 0.2),
        "ntc": ("#d98a1f", "#6d4715", 0.3),
        "label.dimension": ("#3c474c", None, 0),
        "label.title": ("#20282b", None, 0),
        "dimension": ("#59646a", None, 0),
    },
)

DARK = Palette(
    name="dark",
    bench="#1b2225",
    grid="#252e32",
    panel="#20282b",
    raised="#2a3438",
    field="#161c1e",
    ink="#ece6d6",
    quiet="#a3aeb0",
    rule="#3b474c",
    edge="#7d898e",
    accent="#7cc0bd",
    on_accent="#0f1a1b",
    plate="#10171a",
    plate_ink="#f0dfae",
    plate_quiet="#98a39c",
    stop="#ff8e73",
    attention="#f0b84a",
    note="#8fbcf0",
    good="#86c795",
    lit="#ffcf3f",
    roles=SEEN
    | {
        "outline.insulation": ("#272f33", "#8b979b", 0.5),
        "space.edge": ("#232c30", "#c3c9c6", 0.6),
        "space.blocked": ("#4a4638", "#b9b29d", 0.3),
        "label.blocked": ("#ece6d6", None, 0),
        "group.border": ("#f0dfae", None, 0),
        "place.spare": (None, "#8f99a0", 0.35),
        "mark.locked": ("#16201f", None, 0),
        "mark.locked.arch": ("#16201f", None, 0),
        "plate": ("#868f92", "#23292b", 0.25),
        "plate.slot": ("#20282b", "#23292b", 0.1),
        "strip.bridge": ("#b79cf0", "#3f2c66", 0.2),
        "section.link": ("#9aa3a6", "#23292b", 0.2),
        "section.parallel": ("#747e82", "#23292b", 0.2),
        "sheet": ("#d8d0b8", "#8f886f", 0.2),
        "tape": ("#f0b84a", "#5e3b10", 0.15),
        "foam": ("#5d6b60", "#a3aeb0", 0.15),
        "sleeve": ("#86a7c0", "#0f2e47", 0.15),
        "sealant": ("#c9b478", "#3f3210", 0.15),
        "ring": ("#d8d0b8", "#6d4715", 0.15),
        "cell.body": ("#47545a", "#8d999d", 0.3),
        "cell.nub": ("#d98f6c", "#5b1f06", 0.25),
        "cut": ("#a3aeb0", None, 0),
        "mark.line": ("#a3aeb0", None, 0),
        "label.section": ("#ece6d6", None, 0),
        "ruler": ("#a3aeb0", None, 0),
        "ruler.label": ("#ece6d6", None, 0),
        "cell.wrap": ("#47545a", "#8d999d", 0.3),
        "cell.wrap.odd": ("#5a574b", "#8d999d", 0.3),
        "cell.ring": ("#d8d0b8", "#8f886f", 0.15),
        "cell.plus": ("#d98f6c", "#5b1f06", 0.25),
        "cell.minus": ("#86a7c0", "#0f2e47", 0.25),
        "strip.link": ("#9aa3a6", "#23292b", 0.2),
        "strip.parallel": ("#747e82", "#23292b", 0.2),
        "strip.collector": ("#a9b2b5", "#23292b", 0.25),
        "strip.collector.copper": ("#c9904f", "#3f270a", 0.25),
        "strip.link.copper": ("#b98248", "#3f270a", 0.2),
        "strip.parallel.copper": ("#9b6f42", "#3f270a", 0.2),
        "weld": ("#2a3032", None, 0),
        "board": ("#3f7a66", "#a7d3c4", 0.3),
        "board.pad": ("#f0d68c", None, 0),
        "tap": ("#1b2225", "#c3adf2", 0.5),
        "tap.wire": ("#b79cf0", None, 0),
        "lead.plus": ("#dd6137", "#ffb59a", 0.25),
        "lead.minus": ("#0c1012", "#93a0a5", 0.25),
        "lead.plus.sign": ("#ff9b78", None, 0),
        "lead.minus.sign": ("#d9e2e6", None, 0),
        "mark.plus": ("#7d2406", None, 0),
        "mark.minus": ("#0b2f4d", None, 0),
        "label.cell": ("#1b2225", None, 0),
        "label.group": ("#16201f", None, 0),
        "label.group.back": ("#f0dfae", None, 0),
        "label.tap": ("#1b1430", None, 0),
        "label.tap.back": ("#c3adf2", None, 0),
        "label.board": ("#ffffff", None, 0),
        "face.body": ("#5d6e74", "#c3c9c6", 0.2),
        "face.hole": ("#0c1012", None, 0),
        "face.contact": ("#f0d68c", "#6d4715", 0.12),
        "face.sleeve.plus": ("#dd6137", "#ffb59a", 0.15),
        "face.sleeve.minus": ("#0c1012", "#93a0a5", 0.15),
        "face.key": ("#9aa3a6", "#20282b", 0.1),
        "face.mark": ("#f3ead2", None, 0),
        "face.magnet": ("#868f92", "#23292b", 0.15),
        "face.letter": ("#f3ead2", None, 0),
        "face.letter.dark": ("#ece6d6", None, 0),
        "face.plus": ("#ff9b78", None, 0),
        "face.minus": ("#d9e2e6", None, 0),
        "lead.contact": ("#f0d68c", "#6d4715", 0.2),
        "lead.sleeve": (None, "#86a7c0", 0.5),
        "lead.fuse": ("#4a4638", "#f0d68c", 0.4),
        "lead.fuse.text": ("#ece6d6", None, 0),
        "wiring.body": ("#272f33", "#8b979b", 0.35),
        "wiring.plus": ("#dd6137", None, 0),
        "wiring.minus": ("#93a0a5", None, 0),
        "wiring.line": ("#a3aeb0", None, 0),
        "wiring.text": ("#ece6d6", None, 0),
        "wiring.quiet": ("#a3aeb0", None, 0),
        "wiring.nail": ("#868f92", "#23292b", 0.2),
        "ntc": ("#f0b84a", "#5e3b10", 0.3),
        "label.dimension": ("#c3c9c6", None, 0),
        "label.title": ("#ece6d6", None, 0),
        "dimension": ("#a3aeb0", None, 0),
    },
)

PALETTES = {"light": LIGHT, "dark": DARK}

WIRE_COLOURS = {
    "black": "#20282b",
    "white": "#f6f6f2",
    "yellow": "#e6c229",
    "blue": "#3f78b5",
    "green": "#2f7d4a",
    "brown": "#8a5a2b",
    "grey": "#8b9296",
    "violet": "#7d63b8",
    "orange": "#d9772a",
    "red": "#b3401a",
}
"""Insulation of sense leads as it is; a dark line round each tells it from the ground in both looks."""

for _palette in PALETTES.values():
    for _name, _shade in WIRE_COLOURS.items():
        _palette.roles[f"wire.{_name}"] = (_shade, None, 0)
    # The wire of the lead picture is toned by its temperature.
    for _tone, _colour in enumerate(_palette.ramp_colours(12)):
        _palette.roles[f"heat.{_tone}"] = (_colour.name(), None, 0)


def load_fonts() -> None:
    """Make the shipped fonts known to Qt."""
    folder = DATA / "fonts"
    for entry in folder.iterdir():
        if entry.name.endswith(".ttf"):
            QFontDatabase.addApplicationFont(str(entry))


def icon_path(icon: str, look: str) -> str:
    """Path of a drawn icon of fields: the arrow of lists or the tick of boxes."""
    return str(DATA / "icons" / f"{icon}-{look}.png")


def base_font() -> QFont:
    """The interface font, at the desktop's size but not below 11 points."""
    font = QFont(FAMILY)
    font.setPointSizeF(max(QGuiApplication.font().pointSizeF(), 11.0))
    return font


def sized(factor: float, weight: QFont.Weight = QFont.Weight.Normal) -> QFont:
    """The interface font at a multiple of its size."""
    font = QFont(QGuiApplication.font())
    font.setPointSizeF(font.pointSizeF() * factor)
    font.setWeight(weight)
    return font


def style_sheet(p: Palette) -> str:
    """Return the style sheet of a palette; lengths are in ex and em-like points, never pixels of text."""
    return f"""
    QWidget {{ color: {p.ink}; background: {p.panel}; selection-background-color: {p.accent}; selection-color: {p.on_accent}; }}
    QMainWindow, #bench {{ background: {p.bench}; }}
    QToolTip {{ background: {p.plate}; color: {p.plate_ink}; border: 1px solid {p.rule}; padding: 4px; }}
    QMenuBar {{ background: {p.panel}; border-bottom: 1px solid {p.rule}; }}
    QMenuBar::item {{ padding: 4px 9px; background: transparent; }}
    QMenuBar::item:selected, QMenu::item:selected {{ background: {p.accent}; color: {p.on_accent}; }}
    QMenu {{ background: {p.raised}; border: 1px solid {p.rule}; }}
    QMenu::item {{ padding: 5px 28px 5px 14px; }} QMenu::item:disabled {{ color: {p.quiet}; }}
    QMenu::separator {{ height: 1px; background: {p.rule}; margin: 4px 8px; }}
    QLineEdit, QComboBox, QPlainTextEdit, QSpinBox {{ background: {p.field}; border: 1px solid {p.edge}; border-radius: 3px; padding: 3px 6px; }}
    QLineEdit:focus, QComboBox:focus, QPlainTextEdit:focus {{ border: 2px solid {p.accent}; padding: 2px 5px; }}
    QLineEdit[wrong="true"] {{ border: 2px solid {p.stop}; padding: 2px 5px; }}
    QLineEdit:disabled, QComboBox:disabled {{ color: {p.quiet}; background: {p.panel}; }}
    QComboBox::drop-down {{ border: none; width: 20px; }}
    QComboBox::down-arrow {{ image: url({icon_path("down", p.name)}); width: 11px; height: 7px; }}
    QComboBox QAbstractItemView {{ background: {p.raised}; border: 1px solid {p.rule}; }}
    QPushButton {{ background: {p.raised}; border: 1px solid {p.edge}; border-bottom: 2px solid {p.edge}; border-radius: 4px; padding: 5px 12px; }}
    QPushButton:hover {{ border-color: {p.accent}; }}
    QPushButton:focus {{ border: 2px solid {p.accent}; padding: 4px 11px; }}
    QPushButton:pressed {{ background: {p.bench}; }}
    QPushButton:disabled {{ color: {p.quiet}; }}
    QPushButton[main="true"] {{ background: {p.accent}; color: {p.on_accent}; border: 1px solid {p.accent}; font-weight: 600; }}
    QPushButton[main="true"]:focus {{ border: 2px solid {p.ink}; }}
    QPushButton[main="true"]:disabled {{ background: {p.bench}; color: {p.quiet}; border-color: {p.rule}; }}
    QToolButton {{ background: {p.raised}; border: 1px solid {p.edge}; border-radius: 4px; padding: 4px 8px; }}
    QToolButton:hover {{ border-color: {p.accent}; }}
    QToolButton:focus {{ border: 2px solid {p.accent}; padding: 3px 7px; }}
    QToolButton:checked {{ background: {p.accent}; color: {p.on_accent}; border-color: {p.accent}; }}
    QToolButton:checked:focus {{ border: 2px solid {p.ink}; }}
    QProgressBar {{ background: {p.field}; border: 1px solid {p.edge}; border-radius: 4px; text-align: center; }}
    QProgressBar::chunk {{ background: {p.lit}; border-radius: 3px; }}
    QCheckBox {{ spacing: 8px; }}
    QCheckBox::indicator {{ width: 14px; height: 14px; border: 1px solid {p.quiet}; border-radius: 3px; background: {p.field}; }}
    QCheckBox::indicator:checked {{ image: url({icon_path("tick", p.name)}); border: 1px solid {p.accent}; }}
    QCheckBox::indicator:focus {{ border: 2px solid {p.accent}; }}
    QCheckBox:focus {{ color: {p.accent}; }}
    QScrollArea, QScrollArea > QWidget > QWidget {{ border: none; }}
    QScrollBar:vertical {{ background: {p.panel}; width: 12px; margin: 0; }}
    QScrollBar::handle:vertical {{ background: {p.edge}; border-radius: 5px; min-height: 30px; margin: 2px; }}
    QScrollBar:horizontal {{ background: {p.panel}; height: 12px; }}
    QScrollBar::handle:horizontal {{ background: {p.edge}; border-radius: 5px; min-width: 30px; margin: 2px; }}
    QScrollBar::add-line, QScrollBar::sub-line {{ width: 0; height: 0; }}
    QScrollBar::add-page, QScrollBar::sub-page {{ background: transparent; }}
    QTableView, QListView, QTextBrowser {{ background: {p.raised}; border: 1px solid {p.rule}; alternate-background-color: {p.panel}; gridline-color: {p.rule}; outline: none; }}
    QTableView::item {{ padding: 2px 5px; }}
    QTableView::item:selected, QListView::item:selected {{ background: {p.accent}; color: {p.on_accent}; }}
    QHeaderView::section {{ background: {p.panel}; color: {p.quiet}; border: none; border-bottom: 1px solid {p.rule}; padding: 3px 5px; }}
    QSplitter::handle {{ background: {p.rule}; }}
    QStatusBar {{ background: {p.panel}; color: {p.quiet}; border-top: 1px solid {p.rule}; }}
    QStatusBar::item {{ border: none; }}
    #section {{ color: {p.accent}; border-bottom: 1px solid {p.rule}; padding-top: 6px; padding-bottom: 2px; }}
    #quiet, #hint {{ color: {p.quiet}; }}
    #fault {{ color: {p.stop}; }}
    #field-hint, #field-fault {{ background: {p.raised}; border: 1px solid {p.rule}; border-radius: 3px; padding: 1px 5px; }}
    #field-hint {{ color: {p.ink}; }}
    #field-fault {{ color: {p.stop}; border-color: {p.stop}; }}
    #caution {{ background: {p.raised}; border-left: 5px solid {p.attention}; padding: 6px 8px; }}
    #expected {{ background: {p.raised}; border-left: 5px solid {p.accent}; padding: 6px 8px; }}
    #expected QLabel {{ background: transparent; }}
    #banner {{ background: {p.attention}; color: {p.panel}; padding: 5px 12px; }}
    #findingsTitle {{ color: {p.quiet}; }}
    """
