"""Number types of the models, each with its SI unit attached, and the base of all frozen models."""

from dataclasses import dataclass
from typing import Annotated, Any, get_args

from pydantic import BaseModel, ConfigDict, Field


@dataclass(frozen=True)
class Unit:
    """The SI unit of a field; forms and schemas read it from the field's metadata."""

    symbol: str


class Frozen(BaseModel):
    """Base of every model: immutable, hashable, closed to unknown fields, no NaN or infinity."""

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False)


Metres = Annotated[float, Unit("m"), Field(ge=0, le=100)]
SquareMetres = Annotated[float, Unit("m²"), Field(gt=0, le=0.01)]
Kilograms = Annotated[float, Unit("kg"), Field(ge=0, le=10_000)]
Seconds = Annotated[float, Unit("s"), Field(ge=0, le=1e9)]
Kelvin = Annotated[float, Unit("K"), Field(ge=173.15, le=773.15)]
Volts = Annotated[float, Unit("V"), Field(ge=0, le=2000)]
Amperes = Annotated[float, Unit("A"), Field(ge=0, le=100_000)]
Ohms = Annotated[float, Unit("Ω"), Field(ge=0, le=1e12)]
OhmsPerMetre = Annotated[float, Unit("Ω/m"), Field(gt=0, le=1000)]
OhmMetres = Annotated[float, Unit("Ω·m"), Field(gt=0, le=1e-3)]
Coulombs = Annotated[float, Unit("A·s"), Field(ge=0, le=1e9)]
Joules = Annotated[float, Unit("J"), Field(ge=0, le=1e12)]
Farads = Annotated[float, Unit("F"), Field(ge=0, le=100)]
Fraction = Annotated[float, Unit("1"), Field(ge=0, le=1)]
Count = Annotated[int, Unit("count"), Field(ge=0, le=100_000)]


def unit_of(model: type[BaseModel], field: str) -> str | None:
    """Return the SI unit of a field, ``count`` for whole numbers, None for words and yes/no."""
    info = model.model_fields[field]
    return _unit_in(info.metadata) or _unit_in_type(info.annotation)


def _unit_in(metadata: Any) -> str | None:
    return next((item.symbol for item in metadata if isinstance(item, Unit)), None)


def _unit_in_type(annotation: Any) -> str | None:
    # An optional quantity keeps its unit inside the union.
    for inner in get_args(annotation):
        found = _unit_in(getattr(inner, "__metadata__", ())) or _unit_in_type(inner)
        if found:
            return found
    return None


AH = 3600.0
"""Coulombs in one ampere-hour."""
WH = 3600.0
"""Joules in one watt-hour."""
ZERO_CELSIUS = 273.15
"""Kelvin at 0 °C."""
