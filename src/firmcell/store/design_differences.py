"""What differs between two saved designs, field by field in words, and in its key figures."""

from collections.abc import Iterator
from enum import Enum

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen, unit_of
from firmcell.core.base.wording import plural
from firmcell.core.model.design import Design, PlacedCell
from firmcell.core.model.parts import Part
from firmcell.store.units import System, show


@frozen
class Difference:
    """One field: its dotted path, its name, and its value before and after, in words."""

    path: str
    name: str
    before: str
    after: str


def differences(old: Design, new: Design, system: System = "metric") -> tuple[Difference, ...]:
    """Return every field in which two designs differ, in the order of the design.

    Parameters
    ----------
    old, new : Design
    system : str
        ``metric`` or ``inch``.
    """
    return tuple(_of(old, new, "", "", system))


def _of(old: Frozen, new: Frozen, path: str, name: str, system: System) -> Iterator[Difference]:
    if type(old) is not type(new):
        yield Difference(path, name, _words(old, None, "", system), _words(new, None, "", system))
        return
    for field, info in type(new).model_fields.items():
        before, after = getattr(old, field), getattr(new, field)
        if before == after:
            continue
        own = info.title or field.replace("_", " ")
        full = f"{name}, {own[0].lower()}{own[1:]}" if name else own[0].upper() + own[1:]
        at = f"{path}.{field}" if path else field
        if isinstance(before, Part) and isinstance(after, Part) and before.name != after.name:
            yield Difference(at, full, before.name, after.name)
        elif isinstance(before, tuple) and isinstance(after, tuple):
            yield Difference(at, full, _many(before), _many(after, before))
        elif isinstance(before, Frozen) and isinstance(after, Frozen):
            yield from _of(before, after, at, full, system)
        else:
            yield Difference(
                at, full, _words(before, type(new), field, system), _words(after, type(new), field, system)
            )


def _words(value: object, model: type[Frozen] | None, field: str, system: System) -> str:
    """A value as it is read."""
    if value is None or value == "":
        return "none"
    if isinstance(value, Part):
        return value.name
    if isinstance(value, bool):
        return "yes" if value else "no"
    if isinstance(value, Enum):
        return str(value.value)
    unit = unit_of(model, field) if model else None
    if isinstance(value, int | float) and unit not in (None, "count"):
        return show(float(value), unit or "1", system)
    if isinstance(value, Frozen):
        return ", ".join(str(v) for _, v in value if isinstance(v, str | int | float))[:80] or "entered"
    return str(value)[:200]


def _many(values: tuple[object, ...], before: tuple[object, ...] | None = None) -> str:
    """Several values: the few themselves, of many how many, and how many of them are not as before."""
    if not values:
        return "none"
    plain = not isinstance(values[0], Frozen | tuple)
    if plain and len(values) <= 4:
        return ", ".join(str(v) for v in values)
    count = (
        plural(len(values), "cell")
        if isinstance(values[0], PlacedCell)
        else plural(len(values), "entry", "entries")
    )
    if before is None:
        return count
    other = sum(a != b for a, b in zip(before, values, strict=False)) + max(len(values) - len(before), 0)
    return f"{count}, {other} of them otherwise"
