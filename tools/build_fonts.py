"""Build the four shipped weights of "Firm Cell Sans" from open fonts (SIL OFL 1.1).

Run by hand when the fonts change; the results are committed under
``src/firmcell/data/fonts``. Needs fonttools, and the npm packages
``@fontsource/barlow-semi-condensed``, ``@fontsource/noto-sans`` and
``@fontsource/noto-sans-math`` unpacked in a folder given as the only argument.

Figures are made tabular (columns of numbers line up on screen and paper) and the
signs an engineer needs (ohm, arrows, comparisons) are added.
"""

import sys
from io import BytesIO
from pathlib import Path

from fontTools import subset
from fontTools.merge import Merger
from fontTools.ttLib import TTFont

SIGNS = "ΩΔμπ≥≤→←↑↓✓≈√∞⌀▲●■◆△□○"
WEIGHTS = {400: "Regular", 500: "Medium", 600: "SemiBold", 700: "Bold"}
OUT = Path(__file__).parent.parent / "src/firmcell/data/fonts"


def load(path: Path) -> TTFont:
    font = TTFont(path)
    font.flavor = None
    return font


def as_file(font: TTFont) -> BytesIO:
    buffer = BytesIO()
    font.save(buffer)
    buffer.seek(0)
    return buffer


def only(font: TTFont, text: str) -> TTFont:
    options = subset.Options(layout_features=[], notdef_outline=True)
    subsetter = subset.Subsetter(options)
    subsetter.populate(text=text)
    subsetter.subset(font)
    for tag in ("GSUB", "GPOS", "GDEF", "MATH", "STAT"):
        if tag in font:
            del font[tag]
    return font


def tabular_figures(font: TTFont) -> None:
    """Map the digits of the cmap to their fixed-width forms."""
    forms: dict[str, str] = {}
    for record in font["GSUB"].table.FeatureList.FeatureRecord:
        if record.FeatureTag == "tnum":
            for index in record.Feature.LookupListIndex:
                for table in font["GSUB"].table.LookupList.Lookup[index].SubTable:
                    forms.update(getattr(table, "ExtSubTable", table).mapping)
    for table in font["cmap"].tables:
        for code in range(ord("0"), ord("9") + 1):
            if code in table.cmap:
                table.cmap[code] = forms.get(table.cmap[code], table.cmap[code])


def build(packages: Path, weight: int, style: str) -> None:
    barlow = packages / "barlow-semi-condensed/files"
    base = load(barlow / f"barlow-semi-condensed-latin-{weight}-normal.woff")
    tabular_figures(base)
    extra = load(barlow / f"barlow-semi-condensed-latin-ext-{weight}-normal.woff")
    for tag in ("GSUB", "GPOS", "GDEF"):
        if tag in extra:
            del extra[tag]
    greek = only(load(packages / f"noto-sans/files/noto-sans-greek-{weight}-normal.woff"), "ΩΔμπ")
    maths = only(
        load(packages / "noto-sans-math/files/noto-sans-math-latin-400-normal.woff"),
        "".join(c for c in SIGNS if c not in "ΩΔμπ"),
    )
    font = Merger().merge([as_file(f) for f in (base, extra, greek, maths)])
    name = font["name"]
    for record in list(name.names):
        if record.nameID in (1, 2, 3, 4, 6, 16, 17):
            name.removeNames(nameID=record.nameID)
    for name_id, text in {
        1: "Firm Cell Sans" if weight in (400, 700) else f"Firm Cell Sans {style}",
        2: "Bold" if weight == 700 else "Regular",
        3: f"FirmCellSans-{style}-1",
        4: f"Firm Cell Sans {style}",
        6: f"FirmCellSans-{style}",
        16: "Firm Cell Sans",
        17: style,
    }.items():
        name.setName(text, name_id, 3, 1, 0x409)
    font["OS/2"].usWeightClass = weight
    font.save(OUT / f"FirmCellSans-{style}.ttf")


if __name__ == "__main__":
    for each_weight, each_style in WEIGHTS.items():
        build(Path(sys.argv[1]), each_weight, each_style)
