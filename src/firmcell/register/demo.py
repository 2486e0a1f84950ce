"""The drawers of the farm's workshop: invented cells with invented readings, the same at every making."""

import tomllib
from datetime import datetime, timedelta
from pathlib import Path
from random import Random
from typing import Any

from firmcell import DATA
from firmcell.core.base.quantity import AH
from firmcell.core.model.chemistry import resting_voltage
from firmcell.core.model.parts import Cell
from firmcell.core.stock.entries import CellAdded, CellMoved, CellTested, Entry, Origin, PlaceKind
from firmcell.register.demo_workshop import workshop_entries
from firmcell.register.register import Register
from firmcell.store.demo import BUILDER, HELPER
from firmcell.store.part_files import shipped_library

SEED = 1889
BENCH = "long bench"


def demo_register(path: Path, now: datetime) -> Path:
    """Make the register of the farm, unless it is there already, and return its path."""
    if path.exists():
        return path
    rng, library = Random(SEED), shipped_library()
    classes = {cell.name: cell for cell in library.of(Cell)}
    with Register(str(path), bench=BENCH) as register:
        with (DATA / "demo" / "drawers.toml").open("rb") as file:
            told = tomllib.load(file)
        register.write(
            [e for lot in told["lot"] for e in _lot(register, rng, classes[lot["class"]], lot, now)]
        )
        register.write(_used(register, told["job"], now))
        register.write(_scrapped(register, now))
        register.write(_came_back(register, now))
        register.write(workshop_entries(register, now))
    return path


def _lot(register: Register, rng: Random, cell: Cell, lot: dict[str, Any], now: datetime) -> list[Entry]:
    letters, count, holds, drawers = lot["serials"], lot["cells"], lot["holds"], lot["drawers"]
    origin = Origin(lot["origin"])
    reclaimed = origin is Origin.RECLAIMED
    came = now.replace(hour=9, minute=0, second=0) - timedelta(days=90 if not reclaimed else 50)
    entries = list[Entry]()
    for place in range(1, count + 1):
        drawer = drawers[(place - 1) * len(drawers) // count]
        who = BUILDER if place % 3 else HELPER

        def write(days: float, data: CellAdded | CellTested, key: str, who: str = who) -> None:
            at = (came + timedelta(days=days, minutes=len(entries) % 500)).isoformat(timespec="seconds")
            entries.append(register.entry(key, data, who, at))

        # The same keys each time: a demo that was made twice can be put together.
        key = f"{rng.getrandbits(128):032x}"
        write(
            0,
            CellAdded(
                serial=f"{letters}-{place:04d}",
                class_name=cell.name,
                lot=lot.get("lot", ""),
                origin=origin,
                pack=lot.get("pack", ""),
                drawer=drawer,
            ),
            key,
        )
        if not reclaimed and place > count - 12:
            # The last of a box: in the drawer, and not tested yet.
            continue
        capacity = cell.capacity_as * holds * (1 + rng.gauss(0, 0.07 if reclaimed else 0.008))
        worn = 1 + (1 - min(capacity / cell.capacity_as, 1.0)) * 2.2
        ohms = cell.resistance_ohm * worn * (1 + rng.gauss(0, 0.10 if reclaimed else 0.03))
        drains = reclaimed and rng.random() < 0.08
        loss = 0.016 if drains else abs(rng.gauss(0.0007 if cell.chemistry.is_lithium else 0.006, 0.0002))
        cycles = int(rng.gauss(260, 60)) if reclaimed else None
        write(
            2,
            CellTested(capacity_as=round(capacity / AH, 3) * AH, kelvin=296.15, instrument="bench charger"),
            key,
        )
        write(3, CellTested(ohms=round(ohms, 5), cycles=cycles, instrument="d.c. resistance meter"), key)
        for day in (4, 18, 32) if not reclaimed else (4, 16):
            left = max(0.55 - loss * (day - 4), 0.02)
            volts = float(resting_voltage(cell.chemistry, left)) + rng.gauss(0, 0.0008)
            write(day, CellTested(rest_v=round(volts, 3), instrument="bench meter"), key)
    return entries


def _used(register: Register, jobs: list[dict[str, Any]], now: datetime) -> list[Entry]:
    entries = list[Entry]()
    lines = register.lines()
    for number, job in enumerate(jobs):
        at = (now - timedelta(days=9 - number, hours=3)).isoformat(timespec="seconds")
        fit = [line for line in lines if line.serial.startswith(job["serials"]) and line.capacity_as]
        for place, line in enumerate(fit[: job["cells"]]):
            group = place // job["parallel"] + 1
            data = CellMoved(to=PlaceKind.JOB, place=job["title"], group=group, after=line.placed_by)
            entries.append(register.entry(line.key, data, BUILDER, at))
    return entries


def _came_back(register: Register, now: datetime) -> list[Entry]:
    """Two cells of a pack that was opened again."""
    inside = [line for line in register.lines() if line.place_kind is PlaceKind.JOB]
    last = inside[-1].place
    one, other = [line for line in inside if line.place == last][-2:]
    at = (now - timedelta(days=1)).isoformat(timespec="seconds")
    return [
        register.entry(
            one.key,
            CellMoved(to=PlaceKind.SCRAPPED, reason="drained in the pack", after=one.placed_by),
            BUILDER,
            at,
        ),
        register.entry(
            other.key,
            CellMoved(to=PlaceKind.DRAWER, place="C3", reason="pack opened again", after=other.placed_by),
            BUILDER,
            at,
        ),
    ]


def _scrapped(register: Register, now: datetime) -> list[Entry]:
    """Cells that held least: somebody sorted them out."""
    old = [line for line in register.lines() if line.serial.startswith("HM") and line.capacity_as]
    worst = sorted(old, key=lambda line: line.capacity_as or 0.0)[:5]
    at = (now - timedelta(days=2)).isoformat(timespec="seconds")
    return [
        register.entry(
            line.key,
            CellMoved(to=PlaceKind.SCRAPPED, reason="holds too little", after=line.placed_by),
            HELPER,
            at,
        )
        for line in worst
    ]
