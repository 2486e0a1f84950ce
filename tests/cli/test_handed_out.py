"""No file and no answer tells of a pack that a kind of job has not got."""

import pytest

from firmcell.cli.main import main
from firmcell.store.demo import make_demo

# What each kind has, by what is on the bench in it: put down by hand from the jobs, not from the program.
CELLS_LAID = {"orchard-hoist", "bee-house-scale", "hay-loft-lantern", "lamp-refit"}
BMS_WIRED = CELLS_LAID | {"lamp-cell-bms"}
NO_PACK = {"log-splitter-cable", "gate-charge-lead", "barrow-machine-leads"}
OTHERS = {"sprayer-lead-change", "torch-re-sleeve", "pond-wet-jacket", "toy-tray"}


@pytest.mark.parametrize("name", sorted(CELLS_LAID | BMS_WIRED | NO_PACK | OTHERS))
def test_each_kind_hands_out_what_it_has_and_refuses_the_rest(name, capsys, tmp_path):
    path = make_demo(name, tmp_path)
    wanted = {
        "csv": name in CELLS_LAID,
        "positions": name in CELLS_LAID,
        "spice": name in CELLS_LAID,
        "segments": name in CELLS_LAID,
        "dxf": name in CELLS_LAID or name == "pond-wet-jacket",
        "wires": name in BMS_WIRED,
        "sketch": name in BMS_WIRED,
        "label": name not in NO_PACK,
        "svg": True,
        "html": True,
    }
    for kind, there in wanted.items():
        out = tmp_path / f"out.{kind}"
        code = main(["export", str(path), "--to", kind, str(out)])
        told = capsys.readouterr().err
        assert (code == 0) == there, f"{kind}: {told}"
        assert out.exists() == there
        assert there or ("kind" in told and told.count(".") == 1)
    if name not in CELLS_LAID:
        assert main(["layout", str(path)]) == 3
    if name not in BMS_WIRED:
        assert main(["taps", str(path), "3.6", "7.2"]) == 3
        shown = capsys.readouterr()
        assert shown.out == "", "nothing is said of leads that are not there"
        assert "no sense leads" in shown.err
