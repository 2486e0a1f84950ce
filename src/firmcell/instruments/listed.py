"""The instruments of this workshop: address, name and last calibration of each, in one small file beside
the user's parts."""

import json
from contextlib import suppress
from datetime import date, timedelta
from pathlib import Path

from platformdirs import user_data_path

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.instruments.kinds import Kind
from firmcell.instruments.link import SIMULATED

CALIBRATED_FOR = timedelta(days=366)
"""After so long a calibration is looked at again; common practice, no source."""
LONGEST = 80


@frozen
class Listed:
    """One instrument.

    Attributes
    ----------
    kind : what it is.
    address : where it is asked; ``simulated`` for the stand-in.
    name : as it tells itself, or as the shop calls it.
    calibrated : date of its last calibration, ISO; empty where nobody said.
    """

    kind: Kind
    address: str = SIMULATED
    name: str = ""
    calibrated: str = ""

    @property
    def label(self) -> str:
        """How records name it."""
        name = self.name or (f"simulated {self.kind.value}" if self.address == SIMULATED else self.kind.value)
        when = f", calibrated {self.calibrated}" if self.calibrated else ""
        return f"{name[: LONGEST - len(when)]}{when}"

    def due(self, today: date) -> str:
        """What is to be said of its calibration; empty where it is fine or simulated."""
        if self.address == SIMULATED:
            return ""
        if not self.calibrated:
            return "its calibration is not known"
        if today - date.fromisoformat(self.calibrated) > CALIBRATED_FOR:
            return f"it was calibrated on {self.calibrated}, more than a year ago"
        return ""


def checked_date(text: str) -> str:
    """Return a date in ISO form, or an empty text for none.

    Raises
    ------
    Refusal
        If it is no date.
    """
    words = text.strip()
    if not words:
        return ""
    try:
        return date.fromisoformat(words).isoformat()
    except ValueError:
        raise Refusal(f"“{words}” is no date; write it like 2026-05-31.") from None


def _file() -> Path:
    return user_data_path("firm-cell") / "instruments.json"


def instruments() -> dict[Kind, Listed]:
    """Return one instrument of each kind; simulated where none is listed."""
    try:
        told = json.loads(_file().read_text(encoding="utf-8"))
    except (OSError, ValueError):
        told = []
    found = {kind: Listed(kind) for kind in Kind}
    for entry in told if isinstance(told, list) else []:
        with suppress(KeyError, ValueError, TypeError, AttributeError, Refusal):
            kind = Kind(entry["kind"])
            found[kind] = Listed(
                kind,
                str(entry["address"])[:200] or SIMULATED,
                str(entry["name"])[:LONGEST],
                checked_date(entry["calibrated"]),
            )
    return found


def keep_instrument(listed: Listed) -> None:
    """Keep an instrument in the place of the one of its kind.

    Raises
    ------
    Refusal
        If it cannot be written.
    """
    every = {**instruments(), listed.kind: listed}
    told = [
        {"kind": i.kind.value, "address": i.address, "name": i.name, "calibrated": i.calibrated}
        for i in every.values()
    ]
    try:
        _file().parent.mkdir(parents=True, exist_ok=True)
        _file().write_text(json.dumps(told, indent=1, ensure_ascii=False), encoding="utf-8")
    except OSError as error:
        raise Refusal(f"The list of instruments could not be written: {error.strerror}.") from None
