"""Lay out the demo's hoist pack anew and store the arrangement, so that opening the demo need not wait for the search."""

from pathlib import Path

from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.model.design import Arrangement
from firmcell.core.strips.layout_measures import strips_needed
from firmcell.store.demo import HOIST_PLUS_M, hoist_in_rows
from firmcell.store.part_files import shipped_library

EFFORT, SEED = 2.0, 1


def demo_arrangement() -> Arrangement:
    """The arrangement that the engine finds."""
    wanted = hoist_in_rows(shipped_library()).edited("arrangement.plus_at_m", HOIST_PLUS_M)
    found = laid_out(arrange(wanted, seed=SEED, effort=EFFORT, trials=False, work=strips_needed))
    assert found.arrangement is not None
    return found.arrangement


if __name__ == "__main__":
    folder = Path(__file__).parent.parent / "src/firmcell/data/demo"
    (folder / "orchard-hoist-layout.json").write_text(
        demo_arrangement().model_dump_json(indent=0) + "\n", encoding="utf-8"
    )
