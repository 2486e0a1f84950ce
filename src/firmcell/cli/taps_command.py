"""``firm-cell taps``: what readings of the sense plug say is wrong."""

import argparse
import json
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from firmcell.core.tap_check.diagnosis import Diagnosis, Reading


def run_taps(arguments: argparse.Namespace) -> int:
    """Print what readings of the sense plug say is wrong."""
    from firmcell.core.records.build_state import fold
    from firmcell.core.tap_check.diagnosis import point_name
    from firmcell.core.tap_check.doctor import diagnose
    from firmcell.core.tap_check.recorded_readings import PROVE_METER, pack_asked, readings_of
    from firmcell.store.whole_job import open_read_only

    with open_read_only(arguments.job) as job:
        design, state = job.latest().design(), fold(job.events())
    given = _readings(arguments.readings, design.series)
    asked = pack_asked(design, state)
    told = diagnose(given or readings_of(state, design.series), asked)
    following = [point_name(p, design.series) for p in told.next_reading] if told.next_reading else None
    if arguments.json:
        print(json.dumps(_as_data(told, following), ensure_ascii=False, indent=1))
        return 0 if told.right else 1
    print(told.words)
    if told.right:
        print(PROVE_METER)
    for s in told.suspicions[:6]:
        if s.probability >= 0.005:
            print(f"  {s.probability * 100:5.1f} %  {s.words}{'' if not s.dangerous else '; do not plug in'}")
    if told.unexplained > 0.01:
        print(f"  {told.unexplained * 100:5.1f} %  none of these")
    if following is not None:
        print(f"Next: from {following[0]} to {following[1]}.")
    return 0 if told.right else 1


def _readings(given: list[str], series: int) -> list["Reading"]:
    """Readings as they are typed: `B1:B3=7.42`, `B3=11.1` from B0, or only volts, tap after tap."""
    from firmcell.core.tap_check.diagnosis import Reading, point_number
    from firmcell.store.units import parse

    readings: list[Reading] = []
    place = 0
    for text in given:
        points, equals, value = text.rpartition("=")
        volts = parse(value, "V", "V")
        if not equals:
            place += 1
            readings.append(Reading(0, point_number(f"B{place}", series), volts))
            continue
        black, _, red = points.rpartition(":")
        numbers = [point_number(name.replace("-", " "), series) for name in (black or "B0", red)]
        readings.append(Reading(numbers[0], numbers[1], volts))
    return readings


def _as_data(told: "Diagnosis", following: list[str] | None) -> dict[str, object]:
    return {
        "right": told.right,
        "decided": told.decided,
        "words": told.words,
        "against": told.why,
        "unexplained": told.unexplained,
        "next_reading": following,
        "suspicions": [
            {
                "words": s.words,
                "probability": s.probability,
                "dangerous": s.dangerous,
                "refs": s.refs,
            }
            for s in told.suspicions[:12]
        ],
    }
