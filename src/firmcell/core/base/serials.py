"""Serials of cells: written in two ways, and following on each other."""

import re

from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible

MOST = 2000
COUNTED = re.compile(r"(.*?)(\d+)(\D*)")


def serials_from(first: str, count: int) -> tuple[str, ...]:
    """Return serials that follow on the first one: its last number counts up and keeps its width.

    Parameters
    ----------
    first : str
    count : int
        How many, 1 to `MOST`.

    Raises
    ------
    Refusal
        If there is no number to count up, or too many are wanted.

    Examples
    --------
    >>> serials_from("HL-0098", 3)
    ('HL-0098', 'HL-0099', 'HL-0100')
    >>> serials_from("A7b", 2)
    ('A7b', 'A8b')
    """
    text = first.strip()
    if not text:
        raise Refusal("The first cell has no serial; HL-0412 is right.")
    if not 1 <= count <= MOST:
        raise Refusal(f"From 1 to {MOST} cells come in at a time, not {count}.")
    if count == 1:
        return (text,)
    found = COUNTED.fullmatch(text)
    if found is None:
        raise Refusal(f"“{visible(text)}” holds no number to count up; {visible(text)}-001 is right.")
    before, number, after = found.groups()
    return tuple(f"{before}{int(number) + n:0{len(number)}d}{after}" for n in range(count))


def letters_of(serial: str) -> str:
    """Return what a serial begins with, before its last number; "" if it has none.

    Examples
    --------
    >>> letters_of("hl-0412")
    'HL-'
    """
    found = COUNTED.fullmatch(serial.strip())
    return found.group(1).upper() if found else ""


def serial_key(serial: str) -> str:
    """Return what two writings of one serial have in common: letters large, no spaces.

    Parameters
    ----------
    serial : str
        As typed or scanned.

    Returns
    -------
    key : str

    Examples
    --------
    >>> serial_key(" hl-0412 ") == serial_key("HL- 0412")
    True
    """
    return "".join(serial.split()).upper()
