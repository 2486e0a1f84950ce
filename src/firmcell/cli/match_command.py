"""``firm-cell match``: cells of a drawer sorted into groups."""

import argparse
import json
from pathlib import Path
from typing import TYPE_CHECKING, Any

from firmcell.cli.inputs import name_of, quantity, text_from
from firmcell.cli.wrong_call import WrongCall

if TYPE_CHECKING:
    from firmcell.core.stock.matching import Matching
    from firmcell.store.stock_csv import Drawer


def run_match(arguments: argparse.Namespace) -> int:
    """Print which cells go into which group."""
    from firmcell.core.stock.matching import Wanted, matched
    from firmcell.core.stock.matching_words import matching_words
    from firmcell.store.stock_csv import drawer_from_csv, groups_csv
    from firmcell.store.whole_files import write_whole

    drawer = drawer_from_csv(text_from(arguments.cells), name_of(arguments.cells))
    alike = quantity(arguments.alike, "1", "1") / 2
    if not 0 <= alike <= 0.05:
        raise WrongCall("--alike is from 0 % to 10 %.")
    wanted = Wanted(
        arguments.series,
        arguments.parallel,
        quantity(arguments.least_capacity, "A·s", "Ah") if arguments.least_capacity else 0.0,
        quantity(arguments.most_resistance, "Ω", "mΩ") if arguments.most_resistance else float("inf"),
        alike=alike,
        locked=drawer.locked,
    )
    found = matched(drawer.stock, wanted)
    balance_a = quantity(arguments.balance, "A", "A") if arguments.balance else 0.0
    words = matching_words(found, balance_a, alike)
    if arguments.csv is not None:
        write_whole(Path(arguments.csv), groups_csv(drawer, found).encode(), arguments.force)
    if arguments.json:
        print(json.dumps(_as_json(drawer, found, words), ensure_ascii=False, indent=1))
        return 0
    for group in range(1, wanted.series + 1):
        cells = [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == group]
        print(f"{group:>4}  {found.capacity_as[group - 1] / 3600:8.4f} Ah  {'  '.join(cells)}")
    print("\n".join(words))
    return 0


def _as_json(drawer: "Drawer", found: "Matching", words: list[str]) -> dict[str, Any]:
    return {
        "groups": [
            [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == group + 1]
            for group in range(len(found.capacity_as))
        ],
        "spares": [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == 0],
        "capacity_as": found.capacity_as.tolist(),
        "spread_as": found.spread_as,
        "bound_as": found.bound_as,
        "by_hand_as": found.by_hand_as,
        "words": words,
    }
