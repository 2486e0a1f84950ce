"""The charger that a host brings along, as far as its owner can tell: how it ends, its current, its
voltage, its
clock."""

from enum import StrEnum
from typing import Annotated

from pydantic import Field

from firmcell.core.base.quantity import Amperes, Frozen, Range, Unit, Volts


class ChargeEnd(StrEnum):
    """What ends a charge."""

    NOT_ENTERED = "not entered"
    UNKNOWN = "not known"
    NEVER = "nothing: a current that goes on"
    CLOCK = "a clock"
    RESISTOR = "nothing but its own voltage, behind a resistor"
    DROP = "the voltage drop of a full pack (−ΔV)"
    HEAT = "the warmth of a full pack"
    VOLTAGE = "constant current, then constant voltage"


class HostCharger(Frozen):
    """A charger that is there.

    Attributes
    ----------
    current_a : into the pack; of a resistor's charger worked out instead.
    open_v : with no pack on it, or the voltage it goes up to.
    resistor_ohm : between source and pack.
    clock_s : after so long it ends at the latest; None where it has no clock.
    charges_each : it balances: it sees each group by itself.
    stays_on : when it has ended it goes on holding the pack at its voltage.
    """

    end: ChargeEnd = Field(ChargeEnd.NOT_ENTERED, title="Host's charge ends by")
    current_a: Amperes | None = Field(None, title="Its current", gt=0)
    open_v: Volts | None = Field(None, title="Its voltage, no pack on it", gt=0)
    resistor_ohm: Annotated[float, Unit("Ω", typed_in="Ω"), Range(0, 1e6)] | None = Field(
        None, title="Its resistor", gt=0, le=10_000
    )
    clock_s: Annotated[float, Unit("s", typed_in="h"), Range(0, 1e9)] | None = Field(
        None, title="Its clock ends after", gt=0, le=864_000
    )
    charges_each: bool = Field(False, title="It balances each group")
    stays_on: bool = Field(False, title="It stays on when full")
