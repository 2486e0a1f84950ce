"""Part libraries: TOML files with units, shipped with the program and in the user's own folder."""

import csv
import io
import json
import re
from functools import cache
from itertools import islice
from pathlib import Path
from typing import Any, TypeVar

from platformdirs import user_data_path
from pydantic import ValidationError

from firmcell import DATA
from firmcell.core.base.quantity import Frozen, unit_of
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import PART_KINDS, Part
from firmcell.store.parts_cache import cache_file, keep_parts, kept_parts
from firmcell.store.plugins import plugins
from firmcell.store.strangers import text_of
from firmcell.store.units import parse, suggestion
from firmcell.store.validation_words import first_fault
from firmcell.store.whole_files import write_whole

P = TypeVar("P", bound=Part)
M = TypeVar("M", bound=Frozen)

# The ends of field names that tell a unit; a library writes `diameter = "21.2 mm"` for diameter_m.
_UNIT_ENDINGS = re.compile(r"_(ohm_per_m|ohm_m|kg_per_m|kg_m3|j_kg_k|per_k|m2|kg|as|ohm|m|a|v|k|j|s|f)$")


MOST_PART_BYTES, MOST_PARTS = 1_000_000, 5000
"""Longest that a part file may be, and most parts in it."""


def library_key(field: str) -> str:
    """Return the name of a field in a library file: without its unit."""
    return _UNIT_ENDINGS.sub("", field)


def model_from_table(model: type[M], table: dict[str, Any], where: str) -> M:
    """Return the model a table describes: values as text with units, under names without them.

    Raises
    ------
    Refusal
        Naming `where`, the field and what would be right.
    """
    fields = {library_key(name): name for name in model.model_fields}
    values: dict[str, Any] = {}
    for key, raw in table.items():
        if key not in fields:
            raise Refusal(f"{where} has an unknown field “{key}”; known are {', '.join(sorted(fields))}.")
        unit = unit_of(model, fields[key])
        if isinstance(raw, str) and unit not in (None, "count"):
            try:
                values[fields[key]] = parse(raw, unit or "1")
            except Refusal as refusal:
                raise Refusal(f"{where}, “{key}”: {refusal.sentence}") from None
        elif unit not in (None, "count", "1") and isinstance(raw, int | float) and not isinstance(raw, bool):
            raise Refusal(
                f"{where}: “{key}” has no unit; write it as text, such as “{raw} {suggestion(unit or '')}”."
            )
        elif unit == "count" and isinstance(raw, str):
            values[fields[key]] = int(parse(raw, "count"))
        else:
            values[fields[key]] = raw
    try:
        return model.model_validate(values)
    except ValidationError as error:
        raise Refusal(f"{where}: {first_fault(error)}") from None


def part_from_table(model: type[P], table: dict[str, Any], where: str) -> P:
    """Return the part a library table describes; raises as `model_from_table`."""
    return model_from_table(model, table, f"{where}: {model.kind} “{table.get('name', 'without a name')}”")


def parts_from_toml(text: str, where: str) -> list[Part]:
    """Return all parts of one library file; ``[[cell]]``, ``[[strip]]`` … tables."""
    import tomllib

    try:
        document = tomllib.loads(text)
    except tomllib.TOMLDecodeError as error:
        raise Refusal(f"{where} is not a TOML file: {str(error)[:200]}.") from None
    except RecursionError:
        raise Refusal(f"{where} is nested too deeply.") from None
    except ValueError:
        raise Refusal(f"{where} holds a number of too many digits.") from None
    parts: list[Part] = []
    for kind, tables in document.items():
        if kind not in PART_KINDS or not isinstance(tables, list):
            raise Refusal(
                f"{where}: “{kind}” is no kind of part; known are {', '.join(PART_KINDS)}, as [[tables]]."
            )
        for table in tables:
            if not isinstance(table, dict):
                raise Refusal(f"{where}: an entry of “{kind}” is not a table.")
            parts.append(part_from_table(PART_KINDS[kind], table, where))
    return parts


def parts_from_csv(text: str, where: str) -> list[Part]:
    """Return all parts of a CSV file: a column ``kind`` and one for each field, values with units."""
    try:
        rows = list(islice(csv.DictReader(io.StringIO(text), strict=True), MOST_PARTS + 1))
    except csv.Error as error:
        raise Refusal(f"{where} is not a readable CSV file: {error}.") from None
    if len(rows) > MOST_PARTS:
        raise Refusal(f"{where} has more than {MOST_PARTS} lines.")
    parts: list[Part] = []
    for number, row in enumerate(rows, start=2):
        kind = (row.pop("kind", "") or "").strip()
        if kind not in PART_KINDS:
            raise Refusal(
                f"{where}, line {number}: “{kind}” is no kind of part; known are {', '.join(PART_KINDS)}."
            )
        table: dict[str, Any] = {}
        for key, raw in row.items():
            if key is None:
                raise Refusal(f"{where}, line {number} has more values than the heading has columns.")
            if raw:
                table[key] = {"yes": True, "no": False}.get(raw.strip().lower(), raw.strip())
        parts.append(part_from_table(PART_KINDS[kind], table, f"{where}, line {number}"))
    return parts


def user_parts_folder() -> Path:
    """The folder for the user's own part files."""
    return user_data_path("firm-cell") / "parts"


@cache
def shipped_parts() -> tuple[Part, ...]:
    """All parts that come with the program."""
    folder = DATA / "parts"
    texts = {e.name: e.read_text(encoding="utf-8") for e in folder.iterdir() if e.name.endswith(".toml")}
    names = sorted(texts)
    path = cache_file(texts[name] for name in names)
    parts = kept_parts(path)
    if parts is None:
        parts = tuple(part for name in names for part in parts_from_toml(texts[name], name))
        keep_parts(path, parts)
    return parts


def user_parts(folder: Path) -> tuple[list[Part], list[str]]:
    """Return the parts in a folder, or a file, and a sentence for each file that could not be read."""
    parts: list[Part] = []
    faults: list[str] = []
    files = [folder] if folder.is_file() else [*folder.glob("*.toml"), *folder.glob("*.csv")]
    for path in sorted(files):
        read = parts_from_toml if path.suffix == ".toml" else parts_from_csv
        try:
            parts += read(text_of(path, MOST_PART_BYTES), path.name)
        except Refusal as refusal:
            faults.append(f"{refusal.sentence} It is left out.")
    return parts, faults


def part_to_toml(part: Part) -> str:
    """Return a part as one table of a library file, values in SI with their units."""
    lines = [f"[[{part.kind}]]"]
    for name in type(part).model_fields:
        value = getattr(part, name)
        if value is None:
            continue
        unit = unit_of(type(part), name)
        if isinstance(value, bool):
            text = "true" if value else "false"
        elif isinstance(value, float) and unit not in (None, "1", "count"):
            text = json.dumps(f"{value!r} {unit}", ensure_ascii=False)
        elif isinstance(value, int | float):
            text = repr(value)
        else:
            text = json.dumps(str(value), ensure_ascii=False)
        lines.append(f"{library_key(name)} = {text}")
    return "\n".join(lines) + "\n"


def keep_part(part: Part, folder: Path | None = None) -> Path:
    """Write a part of the user's own into their parts folder, one file each; one of the same name is
    replaced.

    Raises
    ------
    Refusal
        If it cannot be written, or would not be read back as it is.
    """
    where = folder or user_parts_folder()
    stem = re.sub(r"[^\w.-]+", "-", part.name.lower()).strip("-.") or part.kind
    path = where / f"{part.kind}-{stem}.toml"
    text = part_to_toml(part)
    if parts_from_toml(text, path.name) != [part]:
        raise Refusal(f"{part.name} cannot be kept as a file; a value has a form that files do not hold.")
    try:
        where.mkdir(parents=True, exist_ok=True)
        write_whole(path, text.encode(), replace=True)
    except OSError as error:
        raise Refusal(f"{path} could not be written: {error.strerror}.") from None
    return path


def make_library(parts: tuple[Part, ...] | list[Part]) -> PartLibrary:
    """Return the part library of `parts`; of two with one name the later counts."""
    by_kind: dict[str, dict[str, Part]] = {kind: {} for kind in PART_KINDS}
    for part in parts:
        by_kind[part.kind][part.name] = part
    found: dict[str, Any] = {kind + "s": tuple(named.values()) for kind, named in by_kind.items()}
    return PartLibrary.model_construct(**found)


def load_library(folder: Path | None = None) -> tuple[PartLibrary, list[str]]:
    """Return shipped parts, those of plug-ins and the user's own together, and sentences about what could not
    be read; of two with one name the user's counts."""
    added = plugins()
    found, faults = list(shipped_parts()), list(added.faults)
    for place in (*added.parts, folder or user_parts_folder()):
        some, wrong = user_parts(place)
        found += some
        faults += wrong
    return make_library(found), faults


@cache
def shipped_library() -> PartLibrary:
    """The library of shipped parts alone."""
    return make_library(shipped_parts())


def part_named(library: PartLibrary, kind: type[P], name: str) -> P:
    """Return the part called `name`.

    Raises
    ------
    Refusal
        If there is none, naming some that exist.
    """
    found = library.of(kind)
    for part in found:
        if part.name == name:
            return part
    some = ", ".join(f"“{part.name}”" for part in found[:4])
    raise Refusal(
        f"There is no {kind.kind} called “{name}”; there are {some} and {max(len(found) - 4, 0)} more."
    )
