"""Settings of the welder that worked in this workshop, by strip, layers, class of cell and welder: kept
beside the user's parts, in one small file."""

import json
from contextlib import suppress
from pathlib import Path
from typing import Any

from platformdirs import user_data_path

from firmcell.core.model.design import Design
from firmcell.core.records.events import WeldSample

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


def _key(design: Design, strip: str) -> dict[str, Any]:
    joining = design.joining
    layers = joining.collector_layers if strip == joining.collector_strip.name else joining.link_layers
    return {"strip": strip, "layers": layers, "cell": design.cell.name, "welder": joining.welder.value}


def keep_setting(design: Design, sample: WeldSample) -> None:
    """Add peeled samples to what is known of their setting; a full or read-only disk loses them and nothing
    else."""
    entries = _read()
    key = _key(design, sample.strip) | {name: getattr(sample, name) for name in SETTING}
    known = next((e for e in entries if all(e[n] == v for n, v in key.items())), None)
    if known is None:
        entries.append({**key, "peeled": sample.peeled, "held": sample.held})
    else:
        # The latest stands last.
        entries.remove(known)
        both = {"peeled": int(known["peeled"]) + sample.peeled, "held": int(known["held"]) + sample.held}
        entries.append({**known, **both})
    with suppress(OSError):
        _file().parent.mkdir(parents=True, exist_ok=True)
        _file().write_text(json.dumps(entries[-MOST_KEPT:], indent=1), encoding="utf-8")


def setting_that_worked(design: Design, strip: str) -> dict[str, Any] | None:
    """Return the setting that failed least for this strip, cell and welder, with how many peeled and held;
    None where none is known, or none that held at all."""
    key = _key(design, strip)
    same = [e for e in _read() if all(e[n] == v for n, v in key.items()) and int(e["held"]) > 0]
    return max(same, key=lambda e: (int(e["held"]) / int(e["peeled"]), int(e["peeled"])), default=None)
