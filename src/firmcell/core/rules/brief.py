"""Rules on the task itself."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.wording import celsius, volts
from firmcell.core.model.brief import TouchMeasures
from firmcell.core.model.limits import LICENSED_OVER_V, TOUCH_LIMIT_V
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule


@rule(
    "BR-1",
    Stage.BRIEF,
    Severity.ATTENTION,
    source="IEC 62368-1, ES1 limit (from memory)",
    reason="Above it a touch can injure; local codes may ask for licensed work and for covers.",
)
def touch_voltage(s: Situation) -> Iterator[Hit]:
    """Full pack over the touch limit: a stop until the builder says what is done against it."""
    full, measures = s.analysis.pack.voltage_full_v, s.design.brief.measures
    if full > LICENSED_OVER_V:
        licensed = measures is TouchMeasures.LICENSED
        yield Hit(
            f"Full, it gives {volts(full)}: over {volts(LICENSED_OVER_V)} d.c. only licensed practice builds and mends it.",
            ("brief.measures",),
            severity=Severity.ATTENTION if licensed else Severity.STOP,
        )
    elif full > TOUCH_LIMIT_V:
        taken = measures is not TouchMeasures.NONE
        yield Hit(
            f"Full, it gives {volts(full)}: over the touch limit of {volts(TOUCH_LIMIT_V)} d.c."
            + ("" if taken else " Say in Brief what is done against a touch before it is built."),
            ("brief.measures",),
            severity=Severity.ATTENTION if taken else Severity.STOP,
        )


@rule(
    "BR-2",
    Stage.BRIEF,
    Severity.ATTENTION,
    topics=(Topic.CHARGE,),
    source="cell class, charging limit",
    reason="Charging a lithium cell that is too cold plates metal inside it, which stays and may short it.",
)
def cold_charging(s: Situation) -> Iterator[Hit]:
    """Coldest place below the charging limit."""
    coldest, least = s.design.brief.ambient_min_k, s.design.cell.temperature_charge_min_k
    if coldest < least:
        yield Hit(
            f"It is used down to {celsius(coldest)}; this cell must not be charged below {celsius(least)}."
        )


@rule(
    "BR-4",
    Stage.BRIEF,
    Severity.ATTENTION,
    source="cell class, discharge limit",
    reason="Below it the maker promises nothing: voltage breaks down under load, and a cell may be harmed.",
)
def cold_discharge(s: Situation) -> Iterator[Hit]:
    """Coldest place below the discharge limit."""
    coldest, least = s.design.brief.ambient_min_k, s.design.cell.temperature_discharge_min_k
    if coldest < least:
        yield Hit(
            f"It is used down to {celsius(coldest)}; this cell is made to give current from {celsius(least)} on."
        )


@rule(
    "BR-3",
    Stage.BRIEF,
    Severity.ATTENTION,
    topics=(Topic.INSIDE,),
    source=COMMON_PRACTICE,
    reason="Nickel cells can give off hydrogen; a gas-tight sleeve collects it.",
)
def wet_nickel(s: Situation) -> Iterator[Hit]:
    """Wet use of a nickel pack."""
    if s.design.brief.wet and not s.design.cell.chemistry.is_lithium:
        yield Hit(
            "It gets wet and the cells are nickel: a sealed sleeve needs a vent, or must not be sealed."
        )
