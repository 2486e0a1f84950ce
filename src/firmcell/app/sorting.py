"""How cells of tables are compared: by what they measure, whatever prefix their unit has."""

import re

PREFIXES = {"µ": 1e-6, "m": 1e-3, "": 1.0, "k": 1e3, "M": 1e6}
UNITS = ("V", "A", "Ω", "W", "Wh", "Ah", "m", "g", "F", "Hz", "N", "K", "J")
TIMES = {"s": 1.0, "min": 60.0, "h": 3600.0, "days": 86400.0, "d": 86400.0}
NUMBER = re.compile(r"[-+]?\d+(?:\.\d+)?")

Key = tuple[int, float, tuple[tuple[int, float, str], ...]]


def sort_key(text: str) -> Key:
    """Return by what a text of a table is put in order.

    Numbers with a unit come first, by their value: 950 mA before 1.2 A. Other texts follow, numbers in them
    by value: cell 9 before cell 10. What is empty comes last.

    Examples
    --------
    >>> sorted(["1.2 A", "950 mA", "", "cell 10", "cell 9", "−3 °C"], key=sort_key)
    ['−3 °C', '950 mA', '1.2 A', 'cell 9', 'cell 10', '']
    """
    plain = text.replace("−", "-").strip()
    if not plain:
        return 2, 0.0, ()
    begins = NUMBER.match(plain)
    if begins is not None:
        words = plain[begins.end() :].split()
        return 0, float(begins.group()) * _factor(words[0] if words else ""), _pieces(plain)
    return 1, 0.0, _pieces(plain)


def _factor(unit: str) -> float:
    """How much one of a unit is of the same without its prefix."""
    if unit in TIMES:
        return TIMES[unit]
    for base in UNITS:
        prefix = unit[: -len(base)] if unit.endswith(base) else None
        if prefix in PREFIXES:
            return PREFIXES[prefix]
    return 1.0


def _pieces(text: str) -> tuple[tuple[int, float, str], ...]:
    """A text in pieces, its numbers as numbers."""
    return tuple(
        (0, float(piece), "") if piece.isdigit() else (1, 0.0, piece.lower())
        for piece in re.split(r"(\d+)", text)
        if piece
    )
