"""Designs as version 0.1 wrote them: the same pack in other words."""

from typing import Any

TOP = {"guarding": "bms", "jacket": "insulation", "cell_guard": "cell_bms"}
LEADS = {"lay": "laying"}
LAYINGS = {"inside the pack's jacket": "inside the pack's insulation"}
KINDS = {"cell guard": "cell with board", "guard fit": "BMS retrofit"}


def brought_up(design: Any) -> Any:
    """Return a design read from JSON in the words of format 2; anything but an object of format 1 stays as it
    is."""
    if not isinstance(design, dict) or design.get("format") != 1:
        return design
    new = {TOP.get(name, name): value for name, value in design.items()}
    new["format"] = 2
    if isinstance(new.get("kind"), str):
        new["kind"] = KINDS.get(new["kind"], new["kind"])
    if isinstance(new.get("leads"), dict):
        leads = {LEADS.get(name, name): value for name, value in new["leads"].items()}
        if isinstance(leads.get("laying"), str):
            leads["laying"] = LAYINGS.get(leads["laying"], leads["laying"])
        new["leads"] = leads
    return new
