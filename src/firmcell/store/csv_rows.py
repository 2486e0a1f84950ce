"""Rows of a table of text, whatever separates its columns."""

import csv
import io
import re
from itertools import islice

from firmcell.core.base.refusal import Refusal

MOST_ROWS, LONGEST_CELL = 20_000, 300
Rows = list[tuple[int, list[str]]]
ALTERNATING = re.compile(r"(?<![a-z])(a[. /-]*c|acir|impedance|z|k?hz)(?![a-z])")
"""In small letters, what a heading of a.c. readings says of itself: a.c., 1 kHz, impedance."""


def table_rows(text: str, where: str) -> Rows:
    """Return line number and stripped cells of each row; empty rows and those that begin with # are left out.

    Columns are separated by semicolons, tabs or commas, whichever stands in the text, in this order.

    Raises
    ------
    Refusal
        If it is no table.
    """
    delimiter = ";" if ";" in text else "\t" if "\t" in text else ","
    try:
        rows = list(islice(csv.reader(io.StringIO(text), delimiter=delimiter), MOST_ROWS + 1))
    except csv.Error as error:
        raise Refusal(f"{where} is not a readable CSV file: {error}.") from None
    if len(rows) > MOST_ROWS:
        raise Refusal(f"{where} has more than {MOST_ROWS} lines.")
    for line, row in enumerate(rows, start=1):
        if max(map(len, row), default=0) > LONGEST_CELL:
            raise Refusal(
                f"{where}, line {line}: a value of more than {LONGEST_CELL} characters stands there."
            )
    return [
        (line, [cell.strip() for cell in row])
        for line, row in enumerate(rows, start=1)
        if any(cell.strip() for cell in row) and not row[0].strip().startswith("#")
    ]


def is_alternating(heading: str) -> bool:
    """Whether a column holds a.c. readings, which lie below the d.c. resistance (IEC 61960-3)."""
    return ALTERNATING.search(heading.lower()) is not None
