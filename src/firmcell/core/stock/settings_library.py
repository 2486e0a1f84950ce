"""Settings of spot welders, with all samples that were peeled of each, and what those prove."""

from collections.abc import Iterable

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import percent
from firmcell.core.bench.weld_control import least_good
from firmcell.core.stock.entries import Entry
from firmcell.core.stock.lessons import SettingPeeled


@frozen
class KnownSetting:
    """One setting for one strip on one class of cell.

    Attributes
    ----------
    strip, layers, cell, machine, mode, setting, pulses : as recorded at the bench.
    peeled, held : samples, and those that left a nugget or a torn hole.
    proven : share of good welds that they prove with 90 % confidence.
    last : when one was peeled last, ISO 8601.
    """

    strip: str
    layers: int
    cell: str
    machine: str
    mode: str
    setting: str
    pulses: int
    peeled: int
    held: int
    proven: float
    last: str

    @property
    def setting_words(self) -> str:
        """Setting with its mode."""
        return ", ".join(word for word in (self.setting, self.mode) if word)

    @property
    def proven_words(self) -> str:
        """What is proven, rounded down."""
        return percent(int(self.proven * 100) / 100)


def known_settings(entries: Iterable[Entry]) -> tuple[KnownSetting, ...]:
    """Return every setting that samples were peeled of, for each strip the best proven first.

    Parameters
    ----------
    entries : iterable of Entry
        What jobs taught of settings.
    """
    found: dict[tuple[str, int, str, str, str, str, int], list[Entry]] = {}
    for entry in entries:
        d = entry.data
        if isinstance(d, SettingPeeled):
            key = (d.strip, d.layers, d.cell, d.machine, d.mode, d.setting, d.pulses)
            found.setdefault(key, []).append(entry)
    every = []
    for key, some in found.items():
        told = [e.data for e in some if isinstance(e.data, SettingPeeled)]
        peeled, held = sum(d.peeled for d in told), sum(d.held for d in told)
        last = max(e.time for e in some)
        every.append(KnownSetting(*key, peeled, held, least_good(peeled, held), last))
    return tuple(sorted(every, key=lambda s: (s.strip, s.layers, s.cell, -s.proven)))
