"""What is printed on the pads of a sense plug, read: which tap each pad takes, or what must be asked."""

import re
from functools import lru_cache

from firmcell.core.base.frozen import frozen

MINUS_NAMES = {"B-", "BAT-", "GND", "0V", "V-", "VSS", "AGND", "BATT-"}
PLUS_NAMES = {"B+", "BAT+", "V+", "VBAT", "BATT+"}
OTHERS = re.compile(r"(NTC|TEMP|TH|TS|T)[+-]?\d*|P[+-]|C[+-]|CH[+-]|NC|KEY|SW\d?|K\d?|-")
"""Pads that are no taps: sensors, outputs, empty places, a switch."""
NUMBERED = re.compile(r"(BC|B|VC|C|CELL|S|V|TAP|BAT|)(\d+)([S+-]?)")
VOLTED = re.compile(r"(\d+(?:\.\d+)?)V?")
LEAST_STEP_V, GREATEST_STEP_V = 1.0, 4.4
"""A printed step is a cell's nominal or full voltage; nickel 1.2 V, lithium-ion 3.6 to 4.35 V."""


@frozen
class PlugPads:
    """A sense plug as it is printed.

    Attributes
    ----------
    names : as printed, in the order they lie.
    taps : by place in the plug, the tap that goes there; None where none does, or while it is not known.
    on_board : taps without a place in the plug: their leads go to the board's own pads B− and B+.
    fault : what is not known or contradicts itself, as a sentence; "" where every tap has its place.
    doubt : what is read in one way and might be meant in another, as a sentence; "" for nothing.
    """

    names: tuple[str, ...]
    taps: tuple[int | None, ...]
    on_board: tuple[int, ...] = ()
    fault: str = ""
    doubt: str = ""

    def places_of(self, tap: int) -> tuple[int, ...]:
        """The places in the plug that a tap goes to, from 0; mostly one."""
        return tuple(place for place, found in enumerate(self.taps) if found == tap)


@lru_cache(maxsize=256)
def read_pads(names: tuple[str, ...], series: int) -> PlugPads:
    """Return which tap goes to which place of a plug, by what is printed there.

    Boards are printed in many ways: B0 to B4, C1 to C4, VC0 to VC4, "Cell 1", 1S to 4S, volts (3.7, 7.4 …),
    with or without the first and the last, upwards or downwards, with GND or B− on a pad of its own. The
    number in the name is the tap: the plus of so many groups from the minus. Where the order does not follow
    from what is printed it is asked for and never guessed: a plug wired one group off puts a whole pack on
    one input.

    Parameters
    ----------
    names : tuple of str
        As printed, in the order they lie.
    series : int
        Groups of the pack.

    Returns
    -------
    pads : PlugPads

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> read_pads(("B-", "B1", "B2"), 2).taps, read_pads(("VC2", "VC1", "VC0"), 2).taps
    ((0, 1, 2), (2, 1, 0))
    >>> read_pads(("7.4", "3.7"), 2)  # minus on the board's own pad
    PlugPads(names=('7.4', '3.7'), taps=(2, 1), on_board=(0,), fault='', doubt='')
    >>> read_pads(("1", "2", "3"), 2).fault
    'Pads 1 to 3 for 2 groups: it is not printed which end is minus.'
    """
    plain = tuple(re.sub(r"[\s_.]+$|\s+", "", n.upper().replace("−", "-").replace("–", "-")) for n in names)
    unknown = [None] * len(names)
    taps, fault = _by_volts(names, plain, series) or _by_number(names, plain, series)
    if not fault:
        fault = _contradiction(names, taps, series)
    if fault:
        return PlugPads(names, tuple(unknown), (), fault)
    on_board = tuple(tap for tap in (0, series) if tap not in taps)
    first = next((n for n, tap in zip(names, taps, strict=True) if tap == 1), "")
    numbered = NUMBERED.fullmatch(plain[names.index(first)]) if first else None
    doubt = ""
    if 0 in on_board and numbered and series > 1:
        doubt = (
            f"No pad of the plug is printed as minus: “{first}” is taken as the plus of the first group, and minus as "
            "the board's own pad B−. Look at the board's sheet: on some boards the first number is the minus."
        )
    return PlugPads(names, tuple(taps), on_board, doubt=doubt)


def _end_tap(name: str, series: int) -> int | None:
    return 0 if name in MINUS_NAMES else series if name in PLUS_NAMES else None


def _by_volts(
    names: tuple[str, ...], plain: tuple[str, ...], series: int
) -> tuple[list[int | None], str] | None:
    """Taps by printed voltages, if that is what is printed: some pad has a decimal point or a V after its
    number."""
    volts = {
        place: float(match[1])
        for place, name in enumerate(plain)
        if (match := VOLTED.fullmatch(name)) and name not in MINUS_NAMES
    }
    if not any("." in plain[place] or plain[place].endswith("V") for place in volts):
        return None
    above = sorted(v for v in volts.values() if v > 0)
    # Printed nominals are rounded (4, 7, 11, 15): the step that fits them all best, the first being one cell.
    count = range(1, len(above) + 1)
    step = sum(v * n for v, n in zip(above, count, strict=True)) / max(sum(n * n for n in count), 1)
    wrong = "do not rise by one cell each: which tap is which is not known"
    if not LEAST_STEP_V <= step <= GREATEST_STEP_V:
        return [None] * len(plain), f"The voltages printed on the pads {wrong}."
    taps: list[int | None] = []
    for place, name in enumerate(plain):
        if place in volts:
            tap = round(volts[place] / step)
            if abs(volts[place] - tap * step) > 0.25 * step:
                return [None] * len(plain), f"Pad “{names[place]}”: the voltages printed on the pads {wrong}."
            taps.append(tap)
        elif _end_tap(name, series) is not None or OTHERS.fullmatch(name):
            taps.append(_end_tap(name, series))
        else:
            return [None] * len(
                plain
            ), f"Pad “{names[place]}” stands among voltages: what it is, is not known."
    return taps, ""


def _by_number(names: tuple[str, ...], plain: tuple[str, ...], series: int) -> tuple[list[int | None], str]:
    """Taps by the numbers in the names."""
    nothing: list[int | None] = [None] * len(plain)
    taps: list[int | None] = []
    prefixes: dict[str, str] = {}
    for name, shown in zip(plain, names, strict=True):
        match = NUMBERED.fullmatch(name)
        if _end_tap(name, series) is not None:
            taps.append(_end_tap(name, series))
        elif match:
            prefixes.setdefault(match[1] + match[3].replace("+", "").replace("-", ""), shown)
            # "C2-" is the minus of the second cell: the plus of the first.
            taps.append(int(match[2]) - (match[3] == "-"))
        elif OTHERS.fullmatch(name):
            taps.append(None)
        else:
            return nothing, f"Pad “{shown}” is no name of a tap: which one it takes is not known."
    numbers = sorted({int(m[2]) for name in plain if (m := NUMBERED.fullmatch(name))})
    if len(prefixes) > 1:
        odd = list(prefixes.values())
        return (
            nothing,
            f"Pads “{odd[0]}” and “{odd[1]}” are numbered in two ways: which tap is which is not known.",
        )
    if not numbers:
        return taps, ""
    ends_told = any(_end_tap(name, series) is not None for name in plain)
    if numbers[-1] == series + 1 and numbers[0] == 1 and not ends_told:
        return nothing, f"Pads 1 to {series + 1} for {series} groups: it is not printed which end is minus."
    if "" in prefixes and 0 not in numbers and not ends_told and series > 1:
        return nothing, (
            f"Pads {numbers[0]} to {numbers[-1]} are only numbered: it is not printed whether 1 is the minus or the first cell."
        )
    return taps, ""


def _contradiction(names: tuple[str, ...], taps: list[int | None], series: int) -> str:
    """What speaks against taps as read, as a sentence, or ""."""
    for place, tap in enumerate(taps):
        if tap is not None and not 0 <= tap <= series:
            return f"Pad “{names[place]}” would be tap {tap}; the pack has B0 to B{series}."
        # Minus and plus may have a second pad, for the current beside the one for sensing.
        if tap is not None and 0 < tap < series and tap in taps[:place]:
            return f"Pads “{names[taps.index(tap)]}” and “{names[place]}” both read as B{tap}."
    lacking = [f"B{tap}" for tap in range(1, series) if tap not in taps]
    if lacking:
        return f"Among the pads as printed ({', '.join(names)}) there is none for {', '.join(lacking)}."
    return ""
