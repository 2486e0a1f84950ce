"""What the demo farm's workshop has: parts, tools, settings that were peeled, and its ways; invented."""

import json
import tomllib
from collections.abc import Iterator
from datetime import datetime, timedelta
from random import Random
from typing import Any

from firmcell import DATA
from firmcell.core.base.quantity import AH
from firmcell.core.stock.at_hand import FAMILY
from firmcell.core.stock.entries import Entry, Told
from firmcell.core.stock.lessons import (
    CapacityMeasured,
    JointMeasured,
    PeelMeasured,
    SettingPeeled,
    StepTimed,
)
from firmcell.core.stock.part_entries import PartAdded, PartIs
from firmcell.core.stock.tool_entries import SHOP_KEY, ToolAdded, ToolChecked, ToolIs, WaysTold
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
    for days, lesson in _measured(told, rng):
        write(days, lesson)
    write(60, WaysTold(ways=tuple(_way(path, value) for path, value in told["ways"].items())), SHOP_KEY)
    return entries


def _measured(told: dict[str, Any], rng: Random) -> Iterator[tuple[float, Told]]:
    """What was measured in the jobs of the farm, and how many days ago."""
    for each in told["forces"]:
        count, mean, scatter, ago = (each.pop(n) for n in ("count", "mean", "scatter", "ago"))
        for n in range(count):
            yield ago - n / 1000, PeelMeasured(force_n=round(rng.gauss(mean, scatter), 1), **each)
    for each in told["joints"]:
        count, mean, scatter, ago = (each.pop(n) for n in ("count", "mean", "scatter", "ago"))
        expected = each.pop("expected") * 1e-3
        for n in range(count):
            ohms = round(abs(rng.gauss(mean, scatter)) * 1e-3, 7)
            joint = f"strip B{n % 10}"
            yield ago - n / 1000, JointMeasured(joint=joint, ohms=ohms, expected_ohm=expected, **each)
    for family, (minutes, scatter, count) in told["times"].items():
        for n in range(count):
            seconds = round(60.0 * max(rng.gauss(minutes, scatter), 1.0), 1)
            yield 70 - n * 7 % 60, StepTimed(family=family, seconds=seconds)
    for each in told["capacity"]:
        predicted, measured, ago = each.pop("ah")
        yield ago, CapacityMeasured(predicted_as=predicted * AH, measured_as=measured * AH, **each)


def _way(path: str, value: Any) -> tuple[str, str]:
    return path, value if path == FAMILY else json.dumps(value, ensure_ascii=False)
