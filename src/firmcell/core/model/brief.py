"""What is asked of the pack: the load, the space and the climate."""

from collections.abc import Mapping
from datetime import datetime
from enum import StrEnum
from functools import lru_cache
from typing import Annotated, Self

import numpy as np
from pydantic import BeforeValidator, Field, model_validator

from firmcell.core.base.quantity import (
    Amperes,
    Farads,
    Frozen,
    Joules,
    Kelvin,
    Kilograms,
    Metres,
    Place,
    Seconds,
    Volts,
)
from firmcell.core.base.visible import visible
from firmcell.core.geometry.plane import ring_fault
from firmcell.core.model.duty import Duty

IN_ORDER = {
    (
        "load_voltage_min_v",
        "load_voltage_max_v",
    ): "the lowest voltage the load works at must be below the highest it accepts",
    ("current_steady_a", "current_peak_a"): "the peak current must be at least the steady current",
    ("ambient_min_k", "ambient_max_k"): "the coldest place of use must not be warmer than the hottest",
}
"""Fields of which the first may not be above the second, and what is said if it is."""


def order_fault(values: Mapping[str, object]) -> str:
    """Return what contradicts itself in values of a brief entered so far, by name of field; "" if nothing
    does."""
    for (lower, upper), sentence in IN_ORDER.items():
        low, high = values.get(lower), values.get(upper)
        if not isinstance(low, (int, float)) or not isinstance(high, (int, float)):
            continue
        # The window of voltages must be wider than nothing.
        if low > high or (low == high and lower == "load_voltage_min_v"):
            return sentence
    return ""


class SpaceShape(StrEnum):
    """Shape of the space a pack goes into: seen from above, its height the same everywhere; or seen from its
    end, the same over its whole length, as a tube of a frame or a hump under a lid."""

    BOX = "box"
    CYLINDER = "cylinder"
    OUTLINE = "outline"
    PROFILE = "outline seen from the end"


class Blocked(Frozen):
    """A place in the space where nothing may stand, through its whole height: a screw post, a cable, a board.

    Attributes
    ----------
    x_m, y_m : its middle, from the middle of the space.
    length_m, width_m : along and across; of a round one the diameter twice.
    """

    name: str = Field("blocked", title="What is there", min_length=1, max_length=40)
    x_m: Place = Field(title="Along, from the middle")
    y_m: Place = Field(title="Across, from the middle")
    length_m: Metres = Field(title="Length (round: diameter)", gt=0)
    width_m: Metres = Field(title="Width", gt=0)
    round: bool = Field(False, title="Round")
    holds_board: bool = Field(False, title="The board stands here")


class Stands(StrEnum):
    """What is round the pack in use; it decides how its heat gets away."""

    FREE = "on feet or hung up, air all round"
    SURFACE = "on a surface, open above"
    CLOSED = "in a closed compartment"


class TouchMeasures(StrEnum):
    """What is done against a touch where the pack is over the touch limit."""

    NONE = "none yet"
    TAKEN = "insulated tools, gloves, covers, a second person near"
    LICENSED = "work under licensed practice"


@lru_cache(maxsize=256)
def _duty(steady_a: float, peak_a: float, peak_s: float, every_s: float) -> Duty:
    # Asked for a hundred times in one analysis. Not kept with the brief: a copy with another current has its
    # fields and what was kept.
    return Duty(steady_a, peak_a, peak_s, every_s)


def _day(text: object) -> object:
    """A day as 2026-12-24, however it was typed."""
    if not isinstance(text, str) or not text.strip():
        return "" if text is None or isinstance(text, str) else text
    for form in DAYS:
        try:
            return datetime.strptime(text.strip(), form).date().isoformat()
        except ValueError:
            continue
    raise ValueError(f"“{visible(text)}” is no day; 2026-12-24 or 24.12.2026 is right")


DAYS = ("%Y-%m-%d", "%d.%m.%Y")
Day = Annotated[str, BeforeValidator(_day)]
"""A day, such as 2026-12-24; empty for none."""


class Brief(Frozen):
    """The task of a pack. Optional fields left at None are not limited and not judged."""

    title: str = Field("Untitled pack", title="Job", min_length=1, max_length=80)
    customer: str = Field("", title="For whom", max_length=80)
    promised: Day = Field("", title="Promised for", max_length=10)
    load_voltage_min_v: Volts = Field(title="Load works down to")
    load_voltage_max_v: Volts = Field(title="Load accepts up to", gt=0)
    current_steady_a: Amperes = Field(title="Steady current", gt=0)
    current_peak_a: Amperes = Field(title="Peak current", gt=0)
    peak_duration_s: Seconds = Field(10.0, title="Peak lasts")
    peak_every_s: Seconds | None = Field(None, title="Peak comes again every")
    energy_j: Joules | None = Field(None, title="Energy wanted")
    run_time_s: Seconds | None = Field(None, title="Run time at steady current")
    space: SpaceShape = Field(SpaceShape.BOX, title="Shape of the space")
    box_length_m: Metres | None = Field(None, title="Space, length (round: diameter)")
    box_width_m: Metres | None = Field(None, title="Space, width")
    box_height_m: Metres | None = Field(None, title="Space, height")
    clearance_m: Metres = Field(0.001, title="Clearance each side", le=0.1)
    outline_m: tuple[tuple[Place, Place], ...] = Field((), title="Outline, corner by corner", max_length=2000)
    blocked: tuple[Blocked, ...] = Field((), title="Blocked places", max_length=100)
    mass_limit_kg: Kilograms | None = Field(None, title="Mass limit")
    ambient_min_k: Kelvin = Field(273.15, title="Coldest place of use")
    ambient_max_k: Kelvin = Field(303.15, title="Hottest place of use")
    stands: Stands = Field(Stands.SURFACE, title="In use it stands")
    load_capacitance_f: Farads = Field(0.0, title="Capacitors in the load")
    wet: bool = Field(False, title="It gets wet")
    shaken: bool = Field(False, title="It is dropped or shaken")
    measures: TouchMeasures = Field(TouchMeasures.NONE, title="Against a touch (over 60 V)")
    must_not_cut_out: bool = Field(False, title="It must never cut out by itself")

    @property
    def duty(self) -> Duty:
        """Steady current, and its peaks."""
        return _duty(self.current_steady_a, self.current_peak_a, self.peak_duration_s, self.peak_every_s)

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        wrong = order_fault({name: getattr(self, name) for pair in IN_ORDER for name in pair})
        if wrong:
            raise ValueError(wrong)
        if self.space in (SpaceShape.OUTLINE, SpaceShape.PROFILE):
            fault = ring_fault(np.array(self.outline_m, dtype=float).reshape(-1, 2))
            if fault:
                raise ValueError(f"the outline of the space {fault}")
        return self

    @property
    def box_m(self) -> tuple[float, float, float] | None:
        """Length, width and height of the space (of the box round it) in m, or None unless they are given."""
        if self.space is SpaceShape.OUTLINE:
            if not self.box_height_m:
                return None
            xs, ys = zip(*self.outline_m, strict=True)
            return (max(xs) - min(xs), max(ys) - min(ys), self.box_height_m)
        if self.space is SpaceShape.PROFILE:
            if not self.box_length_m:
                return None
            xs, ys = zip(*self.outline_m, strict=True)
            return (self.box_length_m, max(xs) - min(xs), max(ys) - min(ys))
        if self.space is SpaceShape.CYLINDER:
            if self.box_length_m and self.box_height_m:
                return (self.box_length_m, self.box_length_m, self.box_height_m)
            return None
        if self.box_length_m and self.box_width_m and self.box_height_m:
            return (self.box_length_m, self.box_width_m, self.box_height_m)
        return None

    @property
    def energy_wanted_j(self) -> float | None:
        """The energy asked for, J; from the run time at the middle of the load's window if only that is
        given."""
        if self.energy_j is not None:
            return self.energy_j
        if self.run_time_s is not None:
            middle = (self.load_voltage_min_v + self.load_voltage_max_v) / 2
            return self.run_time_s * self.current_steady_a * middle
        return None
