"""Settings of the welder that worked in this workshop, by strip, layers, class of cell and welder: kept
beside the user's parts, in one small file. The register of the workshop holds them for all benches; this
file is what a bench reads without it."""

import json
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING, Any

from platformdirs import user_data_path
from pydantic import ValidationError

from firmcell.core.model.design import Design
from firmcell.core.records.events import WeldSample

if TYPE_CHECKING:
    from firmcell.core.stock.lessons import SettingPeeled

MOST_KEPT = 400
SETTING = ("machine", "mode", "setting", "pulses")


def _file() -> Path:
    return user_data_path("firm-cell") / "weld-settings.json"


def _read() -> list[dict[str, Any]]:
    try:
        told = json.loads(_file().read_text(encoding="utf-8"))
    except (OSError, ValueError):
        return []
    wanted = {"strip", "layers", "cell", "welder", "peeled", "held", *SETTING}
    return [e for e in told if isinstance(e, dict) and wanted <= e.keys()] if isinstance(told, list) else []


def _write(entries: list[dict[str, Any]]) -> None:
    """A full or read-only disk loses them and nothing else."""
    with suppress(OSError):
        _file().parent.mkdir(parents=True, exist_ok=True)
        _file().write_text(json.dumps(entries[-MOST_KEPT:], indent=1), encoding="utf-8")


def _key(design: Design, strip: str) -> dict[str, Any]:
    joining = design.joining
    layers = joining.collector_layers if strip == joining.collector_strip.name else joining.link_layers
    return {"strip": strip, "layers": layers, "cell": design.cell.name, "welder": joining.welder.value}


def keep_setting(design: Design, sample: WeldSample) -> None:
    """Add peeled samples to what is known of their setting."""
    key = _key(design, sample.strip) | {name: getattr(sample, name) for name in SETTING}
    _write(_with(_read(), key, sample.peeled, sample.held))


def _with(entries: list[dict[str, Any]], key: dict[str, Any], peeled: int, held: int) -> list[dict[str, Any]]:
    known = next((e for e in entries if all(e[n] == v for n, v in key.items())), None)
    if known is None:
        return [*entries, {**key, "peeled": peeled, "held": held}]
    # The latest stands last.
    both = {"peeled": int(known["peeled"]) + peeled, "held": int(known["held"]) + held}
    return [*(e for e in entries if e is not known), {**known, **both}]


def every_setting() -> "list[SettingPeeled]":
    """Return all that is kept here; what no longer makes sense is left out."""
    # Loaded when first wanted: no start asks.
    from firmcell.core.stock.lessons import SettingPeeled

    found = []
    for entry in _read():
        with suppress(ValidationError):
            found.append(SettingPeeled.model_validate(entry))
    return found


def replace_all(settings: "Iterable[SettingPeeled]") -> None:
    """Keep what the register holds, samples of one setting added up."""
    entries: list[dict[str, Any]] = []
    for each in settings:
        key = {n: getattr(each, n) for n in ("strip", "layers", "cell", "welder", *SETTING)}
        entries = _with(entries, key, each.peeled, each.held)
    _write(entries)


def setting_that_worked(design: Design, strip: str) -> dict[str, Any] | None:
    """Return the setting that failed least for this strip, cell and welder, with how many peeled and held;
    None where none is known, or none that held at all."""
    key = _key(design, strip)
    same = [e for e in _read() if all(e[n] == v for n, v in key.items()) and int(e["held"]) > 0]
    return max(same, key=lambda e: (int(e["held"]) / int(e["peeled"]), int(e["peeled"])), default=None)
