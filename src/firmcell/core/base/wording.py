"""SI numbers as people write them in sentences: three figures and a unit."""

from firmcell.core.base.quantity import WH, ZERO_CELSIUS

ABSURD_K = 1273.15


def figures(value: float, digits: int = 3) -> str:
    """Return `value` with `digits` significant figures, without exponent or trailing zeros after a point."""
    if value == 0:
        return "0"
    text = f"{value:.{digits}g}"
    if "e" in text:
        text = f"{float(text):.0f}" if abs(value) >= 1 else f"{float(text):.10f}".rstrip("0")
    return text.replace("-", "−")


def volts(value: float) -> str:
    """`value` in V as text, to 0.01 V."""
    return f"{value:.2f} V".replace("-", "−")


def amperes(value: float) -> str:
    """`value` in A as text."""
    return f"{figures(value)} A"


def millimetres(value: float) -> str:
    """`value` in m as text in mm, to 0.1 mm."""
    return f"{value * 1e3:.1f} mm".replace("-", "−")


def milliohms(value: float) -> str:
    """`value` in Ω as text in mΩ."""
    return f"{figures(value * 1e3)} mΩ"


def celsius(value: float) -> str:
    """`value` in K as text in °C; what nothing survives is not told in numbers."""
    if value > ABSURD_K:
        return f"over {ABSURD_K - ZERO_CELSIUS:.0f} °C"
    return f"{value - ZERO_CELSIUS:.0f} °C".replace("-", "−")


def watt_hours(value: float) -> str:
    """`value` in J as text in Wh."""
    return f"{figures(value / WH)} Wh"


def square_millimetres(value: float) -> str:
    """`value` in m² as text in mm²."""
    return f"{figures(value * 1e6)} mm²"


def kilograms(value: float) -> str:
    """`value` in kg as text in kg, or g below one."""
    return f"{figures(value)} kg" if value >= 1 else f"{value * 1e3:.0f} g"


def percent(value: float) -> str:
    """A fraction as text in %."""
    return f"{value * 100:.0f} %"


def duration(value: float) -> str:
    """`value` in s as text in s, min or h."""
    if value < 120:
        return f"{figures(value)} s"
    return f"{figures(value / 60)} min" if value < 7200 else f"{figures(value / 3600)} h"


def about(value: float) -> str:
    """An estimate of work in s as text, to the minute or the half hour."""
    if value < 5400:
        return f"{max(round(value / 60), 1)} min"
    return f"{figures(round(value / 1800) / 2)} h"


def plural(count: int, one: str, many: str = "") -> str:
    """`count` and the noun in its right number."""
    return f"{count} {one if count == 1 else many or one + 's'}"
