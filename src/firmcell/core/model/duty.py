"""What is asked of a pack, and what drives it: two small things in place of loose numbers."""

from firmcell.core.base.frozen import frozen

NEVER_S = 3.6e5
"""A hundred hours: what takes longer counts as for ever, s."""
SHORT_CIRCUIT_FACTOR = 1.5
"""First current of a short over voltage by d.c. resistance: cells give more in the first milliseconds than
their d.c. resistance says, and a fuse must break that (common practice, no source)."""


@frozen
class Duty:
    """Current over time.

    Attributes
    ----------
    steady_a, peak_a : steady and peak current, A.
    peak_s : how long the peak lasts, s.
    every_s : how often it comes again, s; None once.
    """

    steady_a: float
    peak_a: float
    peak_s: float
    every_s: float | None = None

    @property
    def rms_a(self) -> float:
        """What heats as much in the long run: the root of the mean square where peaks come again, A."""
        if not self.every_s or self.peak_s >= self.every_s:
            return self.peak_a if self.every_s else self.steady_a
        part = self.peak_s / self.every_s
        return float((part * self.peak_a**2 + (1 - part) * self.steady_a**2) ** 0.5)

    @property
    def lasting_a(self) -> float:
        """What parts must stand for ever: the steady current, or the mean square with its peaks, A."""
        return max(self.steady_a, self.rms_a)

    def over(self, wires: float) -> "Duty":
        """The same for one of so many wires side by side."""
        return Duty(self.steady_a / wires, self.peak_a / wires, self.peak_s, self.every_s)


@frozen
class Supply:
    """What drives the current.

    Attributes
    ----------
    full_v : highest voltage, V.
    source_ohm : d.c. resistance inside, Ω.
    """

    full_v: float
    source_ohm: float

    @classmethod
    def of_short_circuit(cls, full_v: float, short_a: float) -> "Supply":
        """Return a supply that is known by its voltage and the first current into a dead short, A."""
        return cls(full_v, SHORT_CIRCUIT_FACTOR * full_v / short_a)

    @property
    def short_a(self) -> float:
        """First current into a dead short, A; it errs high."""
        return SHORT_CIRCUIT_FACTOR * self.full_v / self.source_ohm
