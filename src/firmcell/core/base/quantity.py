"""Number types of the models, each with its SI unit attached, and the base of all frozen models."""

from typing import Annotated, Any, get_args

from pydantic import BaseModel, ConfigDict, GetCoreSchemaHandler, GetJsonSchemaHandler
from pydantic_core import PydanticCustomError, core_schema

from firmcell.core.base.frozen import frozen


@frozen
class Unit:
    """The SI unit of a field; forms and schemas read it from the field's metadata.

    Attributes
    ----------
    symbol : SI unit.
    typed_in : unit that a bare number means in a form, and is shown in there; empty for the usual one of
        `symbol`.
    """

    symbol: str
    typed_in: str = ""


@frozen
class Range:
    """The range that a kind of quantity can have at all; a field's own limits come on top.

    Not pydantic's own ``ge`` and ``le``: given twice, on the type and on the field, pydantic keeps
    only one of the two, and the looser one may win.
    """

    low: float
    high: float

    def __get_pydantic_core_schema__(
        self, source: Any, handler: GetCoreSchemaHandler
    ) -> core_schema.CoreSchema:
        return core_schema.no_info_after_validator_function(self._checked, handler(source))

    def __get_pydantic_json_schema__(
        self, schema: core_schema.CoreSchema, handler: GetJsonSchemaHandler
    ) -> dict[str, Any]:
        written = handler(schema)
        if "exclusiveMinimum" not in written:
            written.setdefault("minimum", self.low)
        if "exclusiveMaximum" not in written:
            written.setdefault("maximum", self.high)
        return written

    def _checked(self, value: float) -> float:
        if value < self.low:
            raise PydanticCustomError("greater_than_equal", "it must be at least {ge}", {"ge": self.low})
        if value > self.high:
            raise PydanticCustomError("less_than_equal", "it must be at most {le}", {"le": self.high})
        return value


class Frozen(BaseModel):
    """Base of every model: immutable, hashable, closed to unknown fields, no NaN or infinity.

    What the program itself has worked out is made by `model_construct`, which checks nothing: to make the
    check of a class
    takes 1 to 10 ms, and there are twenty of them before the first window.
    """

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False, defer_build=True)


def model_in(model: type[Frozen], name: str) -> type[Frozen]:
    """Return the model that a field holds, which may be left out in it."""
    annotation = model.model_fields[name].annotation
    kind = next((t for t in (annotation, *get_args(annotation)) if isinstance(t, type)), None)
    assert kind is not None
    assert issubclass(kind, Frozen)
    return kind


Metres = Annotated[float, Unit("m"), Range(0, 100)]
Place = Annotated[float, Unit("m"), Range(-100, 100)]
"""A coordinate; unlike a length it may be negative."""
SquareMetres = Annotated[float, Unit("m²"), Range(1e-12, 0.01)]
Kilograms = Annotated[float, Unit("kg"), Range(0, 10_000)]
Seconds = Annotated[float, Unit("s"), Range(0, 1e9)]
Kelvin = Annotated[float, Unit("K"), Range(173.15, 773.15)]
Volts = Annotated[float, Unit("V"), Range(0, 2000)]
Amperes = Annotated[float, Unit("A"), Range(0, 100_000)]
Ohms = Annotated[float, Unit("Ω"), Range(0, 1e12)]
OhmsPerMetre = Annotated[float, Unit("Ω/m"), Range(1e-12, 1000)]
OhmMetres = Annotated[float, Unit("Ω·m"), Range(1e-12, 1e-3)]
Coulombs = Annotated[float, Unit("A·s"), Range(0, 1e9)]
Joules = Annotated[float, Unit("J"), Range(0, 1e12)]
Farads = Annotated[float, Unit("F"), Range(0, 100)]
Fraction = Annotated[float, Unit("1"), Range(0, 1)]
Price = Annotated[float, Unit("1"), Range(0, 1e7)]
"""In the money of the shop: which that is, is nowhere said."""
Count = Annotated[int, Unit("count"), Range(0, 100_000)]


def unit_of(model: type[BaseModel], field: str) -> str | None:
    """Return the SI unit of a field, ``count`` for whole numbers, None for words and yes/no."""
    info = model.model_fields[field]
    found = _unit_in(info.metadata) or _unit_in_type(info.annotation)
    return found.symbol if found else None


def typed_in(model: type[BaseModel], field: str) -> str:
    """Return the unit that a bare number means in a form of this field; empty for the usual one."""
    info = model.model_fields[field]
    found = _unit_in(info.metadata) or _unit_in_type(info.annotation)
    return found.typed_in if found else ""


def _unit_in(metadata: Any) -> Unit | None:
    return next((item for item in metadata if isinstance(item, Unit)), None)


def _unit_in_type(annotation: Any) -> Unit | None:
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
