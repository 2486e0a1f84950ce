"""What a workshop has added to the program: packages of its own that name parts, importers and rules as
entry points.

A package says in its ``pyproject.toml``::

    [project.entry-points."firmcell.parts"]
    own = "our_shop:PARTS"        # a folder or file of parts, or what returns some
    [project.entry-points."firmcell.importers"]
    own = "our_shop:IMPORTER"     # a firmcell.shop.Importer
    [project.entry-points."firmcell.rules"]
    own = "our_shop.rules"        # a module that enters rules by firmcell.shop.rule

What cannot be loaded is left out, and said in a sentence; the program works without it. Looking for entry
points reads the metadata of every package, a tenth of the start: where the folders of packages have not
changed since last time, what was found then is believed.
"""

import json
import sys
from collections.abc import Callable, Iterable
from functools import cache
from hashlib import sha256
from importlib import import_module
from pathlib import Path
from typing import Any

from platformdirs import user_cache_path

from firmcell import __version__
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design

PARTS, IMPORTERS, RULES = GROUPS = ("firmcell.parts", "firmcell.importers", "firmcell.rules")


@frozen
class Importer:
    """Makes a design of a file of another program.

    Attributes
    ----------
    name : of the format, as it is said.
    suffixes : of its files, with the point.
    read : makes a design of a file; raises `Refusal` with a sentence where it cannot.
    """

    name: str
    suffixes: tuple[str, ...]
    read: Callable[[Path], Design]


@frozen
class Plugins:
    """What was found.

    Attributes
    ----------
    parts : folders and files of parts.
    importers : of files of other programs.
    faults : a sentence for each that could not be loaded.
    """

    parts: tuple[Path, ...] = ()
    importers: tuple[Importer, ...] = ()
    faults: tuple[str, ...] = ()

    def importer_of(self, path: Path) -> Importer | None:
        """The importer for a file, by its suffix; None if there is none."""
        return next((i for i in self.importers if path.suffix.lower() in i.suffixes), None)


@cache
def plugins() -> Plugins:
    """Load what the workshop has added, once; its rules speak from then on."""
    parts: list[Path] = []
    importers: list[Importer] = []
    faults: list[str] = []
    for group, name, value in entry_points():
        try:
            found = _loaded(value)
            if group == PARTS:
                parts += _paths(found() if callable(found) else found)
            elif group == IMPORTERS:
                importers += [_importer(found)]
        except Exception as error:  # Whatever a plug-in does wrong, the program goes on without it.
            faults.append(
                f"The plug-in “{name}” ({value}) could not be loaded: {type(error).__name__}: {error}. It is left out."
            )
    return Plugins(tuple(parts), tuple(importers), tuple(faults))


def _loaded(value: str) -> Any:
    module, _, name = value.partition(":")
    found: Any = import_module(module.strip())
    for part in filter(None, name.strip().split(".")):
        found = getattr(found, part)
    return found


def _paths(found: Any) -> list[Path]:
    some: Iterable[Any] = [found] if isinstance(found, str | Path) else found
    paths = [Path(one) for one in some]
    for path in paths:
        if not path.exists():
            raise Refusal(f"there is no {path}")
    return paths


def _importer(found: Any) -> Importer:
    if not isinstance(found, Importer):
        raise Refusal("it is no firmcell.shop.Importer")
    return found


def entry_points() -> list[tuple[str, str, str]]:
    """Group, name and value of every entry point of ours, in order; as last time where no folder of packages
    has changed."""
    kept = user_cache_path("firm-cell") / "plugins.json"
    stamp = _stamp()
    try:
        before = json.loads(kept.read_text(encoding="utf-8"))
        if before["stamp"] == stamp:
            return [(str(g), str(n), str(v)) for g, n, v in before["points"]]
    except (OSError, ValueError, KeyError, TypeError):
        pass
    points = _searched()
    try:
        kept.parent.mkdir(parents=True, exist_ok=True)
        kept.write_text(json.dumps({"stamp": stamp, "points": points}), encoding="utf-8")
    except OSError:
        # It is looked for again next time; nothing is lost.
        pass
    return points


def _stamp() -> str:
    """Of the folders that packages are looked for in: each with the time of its last change."""
    seen = [__version__]
    for place in sys.path:
        folder = Path(place or ".")
        try:
            seen.append(f"{folder.resolve()} {folder.stat().st_mtime_ns}")
        except OSError:
            continue
    return sha256("\0".join(seen).encode()).hexdigest()


def _searched() -> list[tuple[str, str, str]]:
    from importlib import metadata

    return sorted((p.group, p.name, p.value) for group in GROUPS for p in metadata.entry_points(group=group))
