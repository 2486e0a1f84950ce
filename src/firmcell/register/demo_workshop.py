"""What the demo farm's workshop has: parts, tools, settings that were peeled, and its ways; invented."""

import json
import tomllib
from datetime import datetime, timedelta
from random import Random
from typing import Any

from firmcell import DATA
from firmcell.core.stock.at_hand import FAMILY
from firmcell.core.stock.entries import Entry, Told
from firmcell.core.stock.part_entries import PartAdded, PartIs
from firmcell.core.stock.tool_entries import (
    SHOP_KEY,
    SettingPeeled,
    ToolAdded,
    ToolChecked,
    ToolIs,
    WaysTold,
)
from firmcell.register.register import Register
from firmcell.store.demo import BUILDER

SEED = 1890


def workshop_entries(register: Register, now: datetime) -> list[Entry]:
    """Return what was written of the farm's workshop, the same at every making."""
    with (DATA / "demo" / "workshop.toml").open("rb") as file:
        told = tomllib.load(file)
    rng, entries = Random(SEED), list[Entry]()

    def write(days: float, data: Told, key: str = "") -> str:
        about = key or f"{rng.getrandbits(128):032x}"
        at = (now - timedelta(days=days)).isoformat(timespec="seconds")
        entries.append(register.entry(about, data, BUILDER, at))
        return about

    for part in told["part"]:
        amount = part.pop("amount")
        write(45, PartAdded(is_=PartIs.model_validate(part), amount=amount))
    for tool in told["tool"]:
        ago, found = tool.pop("checked_days_ago", None), tool.pop("found", "")
        key = write(400, ToolAdded(is_=ToolIs.model_validate(tool)))
        if ago is not None:
            write(ago, ToolChecked(right=True, found=found), key)
    for setting in told["peeled"]:
        for peeled, held, ago in setting.pop("samples"):
            write(ago, SettingPeeled.model_validate({**setting, "peeled": peeled, "held": held}))
    write(60, WaysTold(ways=tuple(_way(path, value) for path, value in told["ways"].items())), SHOP_KEY)
    return entries


def _way(path: str, value: Any) -> tuple[str, str]:
    return path, value if path == FAMILY else json.dumps(value, ensure_ascii=False)
