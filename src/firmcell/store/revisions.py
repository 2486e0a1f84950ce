"""Saved states of the design, and files kept in a job."""

import json

from pydantic import ValidationError

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Part
from firmcell.store.format_1 import brought_up
from firmcell.store.validation_words import first_fault


@frozen
class Revision:
    """One saved state of the design."""

    number: int
    time: str
    person: str
    note: str
    design_json: str

    def design(self) -> Design:
        """The design itself.

        Raises
        ------
        Refusal
            If it was written by a newer version or is damaged.
        """
        return read_design(self.design_json, f"design revision {self.number}")


@frozen
class Attachment:
    """A file kept in the job."""

    name: str
    media_type: str
    time: str
    content: bytes


def read_design(text: str, where: str) -> Design:
    """Return the design in a JSON text.

    Raises
    ------
    Refusal
        In one sentence, naming `where`.
    """
    try:
        raw = json.loads(text)
    except (ValueError, RecursionError):
        raise Refusal(f"{where} cannot be read: it is not JSON.") from None
    try:
        # As JSON again, for what JSON has no word for: tuples, kinds, places.
        return Design.model_validate_json(json.dumps(brought_up(raw)))
    except ValidationError as error:
        raise Refusal(f"{where} cannot be read: {first_fault(error, Design)}") from None


def parts_in(design: Design) -> list[Part]:
    """Return every part that a design holds."""
    found: list[Part] = []

    def walk(model: Frozen) -> None:
        for _, value in model:
            if isinstance(value, Part):
                found.append(value)
            elif isinstance(value, Frozen):
                walk(value)

    walk(design)
    return found
