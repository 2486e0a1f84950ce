"""Rows of a table of text, whatever separates its columns."""

import csv
import io

from firmcell.core.base.refusal import Refusal

Rows = list[tuple[int, list[str]]]


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
        rows = list(csv.reader(io.StringIO(text), delimiter=delimiter))
    except csv.Error as error:
        raise Refusal(f"{where} is not a readable CSV file: {error}.") from None
    return [
        (line, [cell.strip() for cell in row])
        for line, row in enumerate(rows, start=1)
        if any(cell.strip() for cell in row) and not row[0].strip().startswith("#")
    ]
