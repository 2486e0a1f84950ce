"""``firm-cell wire``: which gauge carries a current over a length."""

import argparse
import json
import sys
from collections.abc import Sequence
from typing import TYPE_CHECKING

from firmcell.cli.inputs import quantity
from firmcell.cli.wrong_call import FOUND

if TYPE_CHECKING:
    from firmcell.core.leads.wire_choice import WireRow

SHOWN_ABOVE = 6
"""Wires shown from the proposed one on; thicker ones do as well and only fill the screen."""


def run_wire(arguments: argparse.Namespace) -> int:
    """Print which gauges carry a current over a length."""
    from firmcell.core.leads.insulation_class import INSULATIONS, covered
    from firmcell.core.leads.wire_choice import WireAsk, compare_wires, proposed
    from firmcell.core.model.wire_laying import WireLaying
    from firmcell.store.part_files import load_library

    volts = quantity(arguments.voltage, "V", "V")
    drop = arguments.drop.strip()
    drop_v = quantity(drop, "1", "1") * volts if drop.endswith("%") else quantity(drop, "V", "V")
    ask = WireAsk(
        current_a=quantity(arguments.current, "A", "A"),
        length_m=quantity(arguments.length, "m", "m"),
        drop_v=drop_v,
        ambient_k=quantity(arguments.ambient, "K", "°C"),
        limit_k=quantity(arguments.limit, "K", "°C"),
        peak_a=quantity(arguments.peak, "A", "A"),
        peak_s=quantity(arguments.peak_time, "s", "s"),
        laying=WireLaying[arguments.laying.upper()],
        together=arguments.together,
        on_s=quantity(arguments.on, "s", "s"),
        off_s=quantity(arguments.off, "s", "s"),
    )
    library, _ = load_library()
    named = {name.replace(" ", "-").lower(): name for name in INSULATIONS}
    rows = compare_wires([covered(w, named[arguments.insulation]) for w in library.wires], ask)
    best, ruled = proposed(rows)
    if arguments.json:
        print(json.dumps(_as_json(rows, best, ruled), ensure_ascii=False, indent=1))
        return 0 if best else 1
    of = f" ({drop} of {volts:g} V)" if drop.endswith("%") else ""
    print(
        f"{ask.current_a:g} A over 2 × {ask.length_m:g} m, {ask.laying.value}, air {ask.ambient_k - 273.15:.0f} °C, "
        f"conductor up to {ask.limit_k - 273.15:.0f} °C, drop up to {ask.drop_v:.2f} V{of}"
    )
    _print_table(rows, best, ask.current_a)
    if best is None:
        print(
            "firm-cell: No wire in the part library does it: shorten it, allow more drop, or lay two in parallel each with its own fuse.",
            file=sys.stderr,
        )
        return FOUND
    print(
        f"{best.wire.name}; limited by {ruled}. Local codes and licensed practice come first where they ask for more."
    )
    return 0


def _as_json(rows: "Sequence[WireRow]", best: "WireRow | None", ruled: str) -> dict[str, object]:
    return {
        "proposed": best.wire.name if best else None,
        "ruled_by": ruled,
        "wires": [
            {
                "wire": r.wire.name,
                "area_m2": r.wire.area_m2,
                "limit_a": r.limit_a,
                "temperature_k": r.temperature_k,
                "peak_k": r.peak_k,
                "drop_v": r.drop_v,
                "loss_w": r.loss_w,
                "time_constant_s": r.time_constant_s,
                "fails": list(r.fails),
                "published_a": dict(r.published),
            }
            for r in rows
        ],
    }


def _print_table(rows: "Sequence[WireRow]", best: "WireRow | None", current_a: float) -> None:
    print(f"  {'wire':<20}{'carries':>9}{'at':>9}{'drop':>9}{'heat':>8}   fails on; published")
    good = [r for r in rows if not r.fails]
    for r in rows:
        if r.limit_a < 0.5 * current_a or r in good[SHOWN_ABOVE:]:
            continue
        hot = "runs away" if r.temperature_k > 700 else f"{r.temperature_k - 273.15:.0f} °C"
        told = ", ".join(r.fails) or "–"
        tables = "; ".join(f"{name} {amps:g} A" for name, amps in r.published)
        mark = "→" if best is not None and r is best else " "
        print(
            f"{mark} {r.wire.name:<20}{r.limit_a:>7.1f} A{hot:>9}{r.drop_v:>7.2f} V{r.loss_w:>6.1f} W   {told}"
            + (f"; {tables}" if tables else "")
        )
