"""What jobs taught the workshop: each stands for itself, and comes of a record of a job."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from firmcell.core.base.quantity import Coulombs, Count, Frozen, Metres, Ohms, Range, Unit
from firmcell.core.stock.identity import Words


class SettingPeeled(Frozen):
    """Sample welds of one setting, peeled.

    Attributes
    ----------
    strip, layers, cell, welder : what was welded, and with what class of welder.
    machine, mode, setting, pulses : as recorded at the bench.
    """

    kind: Literal["setting-peeled"] = "setting-peeled"
    strip: Words
    layers: Count = Field(ge=1, le=100)
    cell: Words
    welder: Words
    machine: Words
    mode: Words = ""
    setting: Words
    pulses: Count = Field(ge=1, le=100)
    peeled: Count = Field(ge=1)
    held: Count
    job: Words = ""


class StepTimed(Frozen):
    """How long a step of a family took."""

    kind: Literal["step-timed"] = "step-timed"
    family: Words
    seconds: Annotated[float, Unit("s"), Range(0, 1e6)]
    job: Words = ""


class PeelMeasured(Frozen):
    """One sample weld peeled and measured: the force it took, or how wide a hole it tore.

    Attributes
    ----------
    strip, layers, cell, machine, mode, setting : of the samples it is one of; "" where none were recorded
        before it.
    """

    kind: Literal["peel-measured"] = "peel-measured"
    strip: Words
    layers: Count = Field(ge=1, le=100)
    cell: Words
    machine: Words = ""
    mode: Words = ""
    setting: Words = ""
    force_n: Annotated[float, Unit("N"), Range(0, 1e4)] | None = Field(None, gt=0)
    torn_m: Metres | None = Field(None, gt=0, le=0.02)
    job: Words = ""

    @model_validator(mode="after")
    def _one_is_measured(self) -> "PeelMeasured":
        if self.force_n is None and self.torn_m is None:
            raise ValueError("a peel wants its force or the diameter of the torn hole")
        return self


class JointMeasured(Frozen):
    """The welds of one pad, measured by four wires.

    Attributes
    ----------
    strip, joined_by : what is joined, and how.
    expected_ohm : of its kind of joint, Ω.
    """

    kind: Literal["joint-measured"] = "joint-measured"
    strip: Words
    joined_by: Words
    joint: Words
    ohms: Ohms = Field(gt=0, le=1)
    expected_ohm: Ohms
    job: Words = ""


class CapacityMeasured(Frozen):
    """A pack discharged whole, against what its model said.

    Attributes
    ----------
    predicted_as : by its cells as they were measured, A·s.
    nominal_v : of the pack, V: with it a charge is an energy, roughly.
    """

    kind: Literal["capacity-measured"] = "capacity-measured"
    cell: Words
    predicted_as: Coulombs = Field(gt=0)
    measured_as: Coulombs = Field(gt=0)
    nominal_v: Annotated[float, Unit("V"), Range(0, 2000)] = Field(gt=0)
    job: Words = ""
