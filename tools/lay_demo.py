"""Lay out the demo's hoist pack anew and store the arrangement, so that opening the demo need not wait for the search."""

from pathlib import Path

from firmcell.core.arrange import arrange
from firmcell.core.design import Arrangement
from firmcell.store.demo import hoist_in_rows
from firmcell.store.parts import shipped_shelf

EFFORT, SEED = 3.0, 1


def laid_out() -> Arrangement:
    """The arrangement that the engine finds."""
    found = None
    for step in arrange(hoist_in_rows(shipped_shelf()), seed=SEED, effort=EFFORT, trials=False):
        found = step.arrangement or found
    assert found is not None
    return found


if __name__ == "__main__":
    folder = Path(__file__).parent.parent / "src/firmcell/data/demo"
    (folder / "orchard-hoist-layout.json").write_text(laid_out().model_dump_json(indent=0) + "\n", encoding="utf-8")
