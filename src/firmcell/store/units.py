"""Units at the edges: what people type becomes SI, and SI becomes what people read.

Accepts ``3/8 in``, ``1 1/4 in``, ``14 AWG``, ``2/0 AWG``, ``2,5 mm²``, ``20 °C``, ``68 °F``, ``5 Ah``.
"""

import math
import re
from typing import Literal

from firmcell.core.base.refusal import Refusal
from firmcell.core.physics.wire_heat import awg_area

System = Literal["metric", "inch"]

_NUMBER = re.compile(
    r"^\s*(?P<number>[-+−]?(?:\d+\s+\d+/\d+|\d+/\d+|\d{1,3}(?:[ \u202f]\d{3})+(?:[.,]\d+)?|"
    r"\d*[.,]?\d+(?:[eE][-+]?\d+)?|\d+[.,]))\s*(?P<unit>.*?)\s*$"
)
# Factor to SI (and for temperatures the offset added first) of each unit as people write it, by the
# SI unit it measures. A table and not a units package at run time: the window has to stand within
# 1.5 s and such a package alone takes 0.6 s to load here. The tests check every line against pint.
UNITS: dict[str, dict[str, float]] = {
    "m": {
        "m": 1,
        "mm": 1e-3,
        "cm": 1e-2,
        "in": 0.0254,
        '"': 0.0254,
        "inch": 0.0254,
        "ft": 0.3048,
        "mil": 2.54e-5,
        "µm": 1e-6,
    },
    "m²": {"m²": 1, "mm²": 1e-6, "mm2": 1e-6, "sqmm": 1e-6, "cm²": 1e-4},
    "kg": {"kg": 1, "g": 1e-3, "lb": 0.45359237, "oz": 0.028349523125},
    "s": {"s": 1, "min": 60, "h": 3600, "d": 86_400, "ms": 1e-3},
    "K": {"K": 1, "°C": 1, "C": 1, "degC": 1, "°F": 5 / 9, "F": 5 / 9, "degF": 5 / 9},
    "V": {"V": 1, "mV": 1e-3, "kV": 1e3},
    "A": {"A": 1, "mA": 1e-3, "µA": 1e-6, "uA": 1e-6, "kA": 1e3},
    "W": {"W": 1, "kW": 1e3},
    "N": {"N": 1, "kN": 1e3, "lbf": 4.4482216152605, "kgf": 9.80665},
    "Ω": {
        "Ω": 1,
        "mΩ": 1e-3,
        "kΩ": 1e3,
        "MΩ": 1e6,
        "ohm": 1,
        "Ohm": 1,
        "mohm": 1e-3,
        "mOhm": 1e-3,
        "kohm": 1e3,
        "Mohm": 1e6,
        "MOhm": 1e6,
        "R": 1,
        "µΩ": 1e-6,
    },
    "Ω/m": {"Ω/m": 1, "mΩ/m": 1e-3, "Ω/km": 1e-3},
    "Ω·m": {"Ω·m": 1, "µΩ·m": 1e-6, "nΩ·m": 1e-9},
    "A·s": {"A·s": 1, "Ah": 3600, "mAh": 3.6, "C": 1},
    "J": {"J": 1, "Wh": 3600, "kWh": 3.6e6, "kJ": 1e3},
    "F": {"F": 1, "mF": 1e-3, "µF": 1e-6, "uF": 1e-6, "nF": 1e-9},
    "1": {"": 1, "1": 1, "%": 1e-2},
    "1/K": {"1/K": 1},
    "kg/m": {"kg/m": 1, "g/m": 1e-3},
    "kg/m³": {"kg/m³": 1, "g/cm³": 1e3},
    "J/kg·K": {"J/kg·K": 1},
    "W/m·K": {"W/m·K": 1, "W/mK": 1},
    "N·m": {"N·m": 1, "Nm": 1, "lbf·in": 4.4482216152605 * 0.0254, "lbf·ft": 4.4482216152605 * 0.3048},
    "rad": {"rad": 1, "°": 0.017453292519943295, "deg": 0.017453292519943295},
}
_OFFSETS = {"°C": 273.15, "C": 273.15, "degC": 273.15, "°F": 459.67, "F": 459.67, "degF": 459.67}

# What each SI unit is shown in, by system.
SHOWN: dict[str, dict[System, str]] = {
    "m": {"metric": "mm", "inch": "in"},
    "m²": {"metric": "mm²", "inch": "AWG"},
    "kg": {"metric": "g", "inch": "oz"},
    "K": {"metric": "°C", "inch": "°F"},
    "A·s": {"metric": "Ah", "inch": "Ah"},
    "J": {"metric": "Wh", "inch": "Wh"},
    "Ω": {"metric": "mΩ", "inch": "mΩ"},
    "Ω/m": {"metric": "mΩ/m", "inch": "mΩ/m"},
    "Ω·m": {"metric": "nΩ·m", "inch": "nΩ·m"},
    "F": {"metric": "µF", "inch": "µF"},
}


def parse_number(text: str) -> float:
    """Return the number in `text`: decimal point or comma, a fraction, or a whole number and a fraction.

    Raises
    ------
    Refusal
        If it is not one finite number.
    """
    cleaned = text.strip().replace("−", "-").replace("\u202f", " ")
    try:
        sign = -1.0 if cleaned.startswith("-") else 1.0
        body = cleaned.lstrip("+-")
        if "/" in body:
            whole, _, rest = body.rpartition(" ")
            above, below = rest.split("/")
            value = (float(whole) if whole else 0.0) + float(above) / float(below)
        else:
            value = float(body.replace(" ", "").replace(",", "."))
    except (ValueError, ZeroDivisionError):
        raise Refusal(f"“{text.strip()}” is not a number; write it like 2.5, 2,5 or 3/8.") from None
    if not math.isfinite(value):
        raise Refusal(f"“{text.strip()}” is not a finite number.")
    return sign * value


def awg_number(text: str) -> int:
    """Return the gauge number of ``14``, ``0``, ``1/0`` (0), ``2/0`` (−1), ``4/0`` (−3)."""
    cleaned = text.strip()
    if cleaned.endswith("/0") and cleaned[:-2].isdigit():
        return 1 - int(cleaned[:-2])
    try:
        return int(cleaned)
    except ValueError:
        raise Refusal(f"“{text.strip()} AWG” is not a wire gauge; write it like 14 AWG or 2/0 AWG.") from None


def gauge_name(number: int) -> str:
    """Return ``14 AWG`` or ``2/0 AWG``."""
    return f"{1 - number}/0 AWG" if number <= 0 else f"{number} AWG"


def factor_and_offset(unit: str, si: str) -> tuple[float, float]:
    """Return factor and offset with SI = (value + offset) × factor, for a unit as people write it.

    Raises
    ------
    Refusal
        If the unit is unknown or measures something else.
    """
    factor = UNITS[si].get(unit)
    if factor is None:
        elsewhere = any(unit in units for units in UNITS.values())
        said = "measures something else" if elsewhere else "is not a unit known here"
        raise Refusal(f"“{unit}” {said}; use {suggestion(si)}.")
    return factor, _OFFSETS.get(unit, 0.0) if si == "K" else 0.0


def suggestion(si: str) -> str:
    """Return units that would be right for `si`, in words."""
    return {
        "m": "mm, cm, m or in",
        "m²": "mm² or AWG",
        "kg": "g, kg, oz or lb",
        "K": "°C or °F",
        "A·s": "Ah or mAh",
        "J": "Wh or J",
        "Ω": "mΩ, Ω or MΩ",
        "F": "µF or mF",
        "s": "s, min or h",
        "1": "%",
    }.get(si, si)


_WAY = re.compile(
    r"^\s*(?P<way>[\d.,/ ]+?)\s*(?P<unit>km|mi|miles?)\s*(?:at|@|x|×|\*)\s*(?P<each>[\d.,/ ]+?)\s*Wh\s*/\s*(?P<of>km|mi|mile)\s*$",
    re.IGNORECASE,
)
KM_PER_MILE = 1.609344


def _energy_of_way(way: re.Match[str]) -> float:
    """The energy of a way, J: 20 km at 12 Wh/km, or in miles; of each its own unit counts."""
    kilometres = parse_number(way["way"]) * (1.0 if way["unit"].lower() == "km" else KM_PER_MILE)
    each_km = parse_number(way["each"]) / (1.0 if way["of"].lower() == "km" else KM_PER_MILE)
    return kilometres * each_km * 3600.0


def parse(text: str, si: str, default: str | None = None) -> float:
    """Return `text` in the SI unit `si`.

    Parameters
    ----------
    text : str
        A number with a unit; the unit may be left out if `default` is given.
    si : str
        One of the units of the models, such as ``m`` or ``A·s``; ``count`` asks for a whole number.
    default : str, optional
        Unit of a bare number.

    Raises
    ------
    Refusal
        In one sentence: not a number, no unit, unknown unit, or a unit of something else.
    """
    if si == "m²" and (found := re.match(r"^\s*([\d/]+)\s*(?:AWG|awg|ga)\s*$", text)):
        return float(awg_area(awg_number(found[1])))
    if si == "J" and (way := _WAY.match(text)):
        return _energy_of_way(way)
    match = _NUMBER.match(text)
    if not match:
        if not text.strip():
            raise Refusal(f"Nothing is entered; write a number in {suggestion(si)}.")
        raise Refusal(f"“{text.strip()}” is not a number; write it like 2.5, 2,5 or 3/8.")
    number = parse_number(match["number"])
    unit = match["unit"]
    if si == "count":
        if unit or number != int(number):
            raise Refusal(f"“{text.strip()}” is not a whole number.")
        return number
    if not unit:
        if default is None and si != "1":
            raise Refusal(f"“{text.strip()}” has no unit; write it in {suggestion(si)}.")
        unit = default or ""
    if unit == "AWG" and si == "m²":
        return float(awg_area(int(number)))
    factor, offset = factor_and_offset(unit, si)
    value = (number + offset) * factor
    if not math.isfinite(value):
        raise Refusal(f"“{text.strip()}” is far outside any realistic value.")
    return value


def shown_unit(si: str, system: System = "metric") -> str:
    """Return the unit that `si` is shown in."""
    return SHOWN.get(si, {}).get(system, si)


def show_number(value: float, si: str, system: System = "metric", typed_in: str = "") -> str:
    """Return the number alone in the shown unit or `typed_in`, four figures, without trailing zeros."""
    if si == "count":
        return str(int(value))
    unit = typed_in or shown_unit(si, system)
    if unit == "AWG":
        number = round(36 - 39 * math.log(math.sqrt(value * 4 / math.pi) / 0.127e-3) / math.log(92))
        return gauge_name(number).removesuffix(" AWG")
    if unit == si:
        converted = value
    else:
        factor, offset = factor_and_offset(unit, si)
        converted = value / factor - offset
    if converted == 0 or abs(converted) < 1e-12:
        return "0"
    digits = 5 if abs(converted) >= 1000 else 4
    text = f"{converted:.{digits}g}"
    if "e" in text:
        text = f"{converted:.0f}" if abs(converted) > 1 else f"{converted:.8f}"
    text = text.rstrip("0").rstrip(".") if "." in text else text
    return "0" if text in ("-0", "") else text


def show(value: float, si: str, system: System = "metric", typed_in: str = "") -> str:
    """Return the value with its unit as people read it, in `typed_in` if that is given."""
    number = show_number(value, si, system, typed_in)
    unit = typed_in or shown_unit(si, system)
    return number if unit in ("1", "count") else f"{number} {unit}"
