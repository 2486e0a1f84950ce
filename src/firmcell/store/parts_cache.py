"""The shipped parts as they were read last time: reading 230 parts from TOML takes 45 ms at every start, this
4 ms.

The file lies in the user's cache folder and may be deleted at any time. Its name holds the digest of the
libraries it was read from and of the code that read them, and its first line that of what follows, so a stale
or damaged one is never believed.
"""

import json
from collections.abc import Iterable
from enum import Enum
from functools import cache
from hashlib import sha256
from pathlib import Path
from typing import Any

from platformdirs import user_cache_path

from firmcell import __version__
from firmcell.core.model import parts as part_models
from firmcell.core.model.parts import PART_KINDS, Part
from firmcell.store import units


def cache_file(texts: Iterable[str]) -> Path:
    """The file for libraries with these texts, read by the code as it is now."""
    code = [Path(str(module.__file__)).stat() for module in (part_models, units)]
    read_by = [f"{__version__} {stat.st_mtime_ns} {stat.st_size}" for stat in code]
    digest = sha256("\0".join([*read_by, *texts]).encode()).hexdigest()[:16]
    return user_cache_path("firm-cell") / f"parts-{digest}.json"


@cache
def _enums(kind: str) -> dict[str, type[Enum]]:
    annotations = {name: field.annotation for name, field in PART_KINDS[kind].model_fields.items()}
    return {name: a for name, a in annotations.items() if isinstance(a, type) and issubclass(a, Enum)}


def _part(kind: str, values: dict[str, Any]) -> Part:
    for name, enum in _enums(kind).items():
        values[name] = enum(values[name])
    return PART_KINDS[kind].model_construct(**values)


def kept_parts(path: Path) -> tuple[Part, ...] | None:
    """The parts kept in a file, or None if there is none that can be believed."""
    try:
        digest, _, body = path.read_text(encoding="utf-8").partition("\n")
    except (OSError, UnicodeDecodeError):
        return None
    if sha256(body.encode()).hexdigest() != digest:
        return None
    return tuple(_part(kind, values) for kind, values in json.loads(body))


def keep_parts(path: Path, parts: Iterable[Part]) -> None:
    """Keep parts for the next start, if the folder allows it; older files of other libraries are removed."""
    body = json.dumps([[part.kind, dict(part)] for part in parts], ensure_ascii=False)
    beside = path.with_suffix(".new")
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        for old in path.parent.glob("parts-*.json"):
            old.unlink()
        beside.write_text(f"{sha256(body.encode()).hexdigest()}\n{body}", encoding="utf-8")
        beside.replace(path)
    except OSError:
        # Without a cache the next start reads the libraries again; nothing is lost.
        return
