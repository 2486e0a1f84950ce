"""Packs that go back into a host which charges them: its fields, its figures, the watched first charge."""

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import amperes, figures, percent
from firmcell.core.charging.in_host import charged_in_host, rate_words
from firmcell.core.jobs.plan import PageSection
from firmcell.core.jobs.proving_steps import REST_S
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.step import Step


def _verdict(d: Design, a: Analysis, library: PartLibrary) -> str:
    if d.host_charger.end is ChargeEnd.NOT_ENTERED:
        return "not known until it is entered: no charge in the host till then"
    found = charged_in_host(d)
    return (
        "REFUSED, see the findings"
        if found.stops
        else "watched only, until it is measured"
        if found.first_a is None
        else "yes, with what the findings say"
        if found.marks
        else "yes"
    )


def _currents(d: Design, a: Analysis, library: PartLibrary) -> str:
    found = charged_in_host(d)
    if found.first_a is None or found.after_full_a is None:
        return "not known"
    rate = found.after_full_a / a.pack.capacity_ah
    after = (
        "nothing after full"
        if found.after_full_a == 0
        else f"{amperes(found.after_full_a)} goes on after full, {rate_words(rate)}"
    )
    return f"begins with {amperes(found.first_a)}; {after}"


def _full(d: Design, a: Analysis, library: PartLibrary) -> str:
    found = charged_in_host(d)
    if found.full_after_s is not None:
        return f"after about {figures(found.full_after_s / 3600, 2)} h from empty"
    if found.filled is not None and found.filled < 1:
        return f"never: it ends at about {percent(found.filled)}"
    return "not known"


HOST_CHARGE = PageSection(
    "The host's charger",
    tuple(
        f"host_charger.{name}"
        for name in ("end", "current_a", "open_v", "resistor_ohm", "clock_s", "charges_each", "stays_on")
    ),
    (("May charge it", _verdict), ("Current", _currents), ("Full", _full)),
)
"""Fields and figures of the charger that is there."""


def host_charge_step(d: Design, a: Analysis) -> Step:
    """Return the first charge in the host, watched to its end; where it is refused, the step says so."""
    found = charged_in_host(d)
    if found.stops:
        words = f"Not in this host: {found.stops[0]} Charge the pack elsewhere, by its passport, and mark the host's charger so that nobody uses it."
        checks = (
            "Host's charger marked, or taken out",
            "Charged elsewhere by the passport, watched",
            "No cell more than hand-warm",
        )
    else:
        full = (
            f" It should be full after about {figures(found.full_after_s / 3600, 2)} h from empty."
            if found.full_after_s
            else ""
        )
        words = f"Stay with it to the end and feel the cells every half hour.{full}" + "".join(
            f" {mark}" for mark in found.marks
        )
        checks = ("It ended as it should", "No cell more than hand-warm", "Voltage an hour later as expected")
    return Step(
        "host-charge",
        "Prove",
        "First charge in the host, watched" if not found.stops else "No charge in this host",
        words,
        cautions=(
            "Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by itself goes outside and is left.",
        ),
        records=("checked",),
        checks=checks,
        wait_s=REST_S,
        hold=True,
    )
