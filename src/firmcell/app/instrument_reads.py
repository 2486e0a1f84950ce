"""One field of a record read from its instrument, off the interface thread."""

from collections.abc import Callable

from firmcell.app.background import Task
from firmcell.core.base.quantity import unit_of
from firmcell.core.records.events import RECORD_KINDS
from firmcell.core.records.step import Step
from firmcell.instruments.kinds import READ_FOR, Kind
from firmcell.instruments.listed import Listed, instruments
from firmcell.instruments.stand_ins import StandIn

HELD = {Kind.MILLIOHM: {"ohms": 0.000204}, Kind.INSULATION: {"ohms": 2.2e9}, Kind.SCALE: {"weight": 0.4213}}
"""What the stand-ins are held on where nothing better is known."""
METERED = frozenset(
    kind
    for kind, model in RECORD_KINDS.items()
    if any(unit_of(model, field) in ("V", "Ω") for field in model.model_fields)
)
"""Kinds of record that hold a reading of a meter."""


def instrument_of(record: str, field: str) -> Listed | None:
    """The instrument that reads a field of a record; None where none does."""
    found = READ_FOR.get((record, _of(record, field)))
    return instruments()[found[0]] if found else None


def _of(record: str, field: str) -> str:
    """Readings of taps are asked by the places of the probes."""
    return "volts" if record in ("tap-reading", "point-reading") else field


def read_by_meter(step: Step) -> bool:
    """Whether a step has readings of a meter in it, typed or taken."""
    return any(record in METERED for record in (*step.records, *step.offers))


def read_field(
    record: str,
    field: str,
    expected: float | None,
    done: Callable[[float, str], None],
    failed: Callable[[str], None],
) -> Task | None:
    """Begin to read a field of a record; `done` gets the value in SI and how the record names the instrument.

    `expected` is what the stand-in of a meter is held on.
    """
    listed = instrument_of(record, field)
    if listed is None:
        return None
    _, what = READ_FOR[record, _of(record, field)]
    holds = dict(HELD.get(listed.kind, {}))
    if expected is not None and what == "volts":
        holds["volts"] = expected

    def read() -> tuple[float, str]:
        from firmcell.instruments.link import Link

        with Link(listed.kind, listed.address, StandIn(listed.kind, {**holds})) as link:
            return link.read(what), listed.label

    return Task(read, lambda found: done(*found), failed).start()
