"""How long this workshop took for its steps: kept beside the user's parts, in one small file. The register of
the workshop holds them for all benches; this file is what a bench reads without it."""

import json
from collections.abc import Mapping
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


def _write(times: Mapping[str, list[float]]) -> None:
    """A full or read-only disk loses them and nothing else."""
    with suppress(OSError):
        _file().parent.mkdir(parents=True, exist_ok=True)
        _file().write_text(json.dumps(dict(times), indent=1), encoding="utf-8")


def every_time() -> list[tuple[str, float]]:
    """Return family and seconds of all that is kept here."""
    return [(name, seconds) for name, times in _read().items() for seconds in times if seconds >= 0]


def replace_all(times: Mapping[str, list[float]]) -> None:
    """Keep what the register holds."""
    _write({name: [round(t, 1) for t in some[-MOST_KEPT:]] for name, some in times.items()})


def keep_time(family: str, seconds: float) -> None:
    """Keep the time of one more step."""
    times = _read()
    times[family] = [*times.get(family, []), round(seconds, 1)][-MOST_KEPT:]
    _write(times)


def learned_times() -> dict[str, float]:
    """Return the seconds of each family of steps that was timed often enough; empty where nothing is kept."""
    return learned(_read())
