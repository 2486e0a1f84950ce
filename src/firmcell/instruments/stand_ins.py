"""Simulated stand-ins: each speaks SCPI as the real thing does, one line in and one line out."""

import time
from collections.abc import Callable

from firmcell.instruments.kinds import MEASURES, Kind

OVERLOAD = "9.9E37"
MODELS = {kind: f"Simulated,{kind.value.replace(',', '')},0,1" for kind in Kind}


class StandIn:
    """A simulated instrument.

    Parameters
    ----------
    kind : Kind
    holds : dict, optional
        What stands at its terminals, in SI, by the names of `MEASURES`: a number, or a function that gives
        it.
    """

    def __init__(self, kind: Kind, holds: dict[str, float | Callable[[], float]] | None = None) -> None:
        self.kind = kind
        self.holds = dict(holds or {})
        self.set_v = self.set_a = 0.0
        self.on = False

    def line(self, text: str) -> str | None:
        """Answer one line; None where nothing is answered."""
        words = text.strip()
        upper = words.upper()
        if upper == "*IDN?":
            return MODELS[self.kind]
        for name, quantity in MEASURES[self.kind].items():
            if upper == quantity.ask:
                held = self._value(name)
                return OVERLOAD if held is None else f"{(held - quantity.offset) / quantity.factor:+.6E}"
        command, _, value = upper.partition(" ")
        if self.kind in (Kind.LOAD, Kind.CHARGER) and self._obey(command, value):
            return None
        return None if not upper.endswith("?") else '-113,"Undefined header"'

    def _value(self, name: str) -> float | None:
        held = self.holds.get(name)
        if held is None:
            return None
        if self.kind in (Kind.LOAD, Kind.CHARGER) and name == "amps" and not self.on:
            return 0.0
        return float(held()) if callable(held) else float(held)

    def _obey(self, command: str, value: str) -> bool:
        if command in ("INP", "OUTP"):
            self.on = value in ("ON", "1")
        elif command == "VOLT":
            self.set_v = float(value)
        elif command == "CURR":
            self.set_a = float(value)
        else:
            return False
        return True


class Played:
    """Plays a series over time, faster than it was: what a charger or a thermometer would show.

    Parameters
    ----------
    time_s, values : sequences
        Of the series.
    speed : how much faster.
    clock : seconds that go on, for tests.
    """

    def __init__(
        self,
        time_s: list[float],
        values: list[float],
        speed: float,
        clock: Callable[[], float] = time.monotonic,
    ) -> None:
        self.time_s, self.values, self.speed, self.clock = time_s, values, speed, clock
        self.begun = clock()

    @property
    def now_s(self) -> float:
        """Where in the series it stands, s."""
        return (self.clock() - self.begun) * self.speed

    def __call__(self) -> float:
        """The value now; at the end the last."""
        at = self.now_s
        for n in range(1, len(self.time_s)):
            if self.time_s[n] >= at:
                part = (at - self.time_s[n - 1]) / max(self.time_s[n] - self.time_s[n - 1], 1e-9)
                return self.values[n - 1] + part * (self.values[n] - self.values[n - 1])
        return self.values[-1]
