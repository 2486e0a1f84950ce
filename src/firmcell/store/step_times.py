"""How long this workshop took for its steps: kept beside the user's parts, in one small file."""

import json
from contextlib import suppress
from pathlib import Path

from platformdirs import user_data_path

from firmcell.core.bench.step_times import learned

MOST_KEPT = 20
"""Of each family, the latest."""


def _file() -> Path:
    return user_data_path("firm-cell") / "step-times.json"


def _read() -> dict[str, list[float]]:
    try:
        told = json.loads(_file().read_text(encoding="utf-8"))
    except (OSError, ValueError):
        return {}
    if not isinstance(told, dict):
        return {}
    return {
        str(name): [float(t) for t in times if isinstance(t, int | float)]
        for name, times in told.items()
        if isinstance(times, list)
    }


def keep_time(family: str, seconds: float) -> None:
    """Keep the time of one more step; a full or read-only disk loses it and nothing else."""
    times = _read()
    times[family] = [*times.get(family, []), round(seconds, 1)][-MOST_KEPT:]
    with suppress(OSError):
        _file().parent.mkdir(parents=True, exist_ok=True)
        _file().write_text(json.dumps(times, indent=1), encoding="utf-8")


def learned_times() -> dict[str, float]:
    """Return the seconds of each family of steps that was timed often enough; empty where nothing is kept."""
    return learned(_read())
