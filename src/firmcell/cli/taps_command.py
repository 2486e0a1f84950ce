"""``firm-cell taps``: what readings of the sense plug say is wrong."""

import argparse
import json
from typing import TYPE_CHECKING

from firmcell.cli.inputs import quantity

if TYPE_CHECKING:
    from firmcell.core.tap_check.diagnosis import Reading
    from firmcell.core.tap_check.ruling import Ruling


def run_taps(arguments: argparse.Namespace) -> int:
    """Print what readings of the sense plug say is wrong."""
    from firmcell.core.analysis.analyse import analyse
    from firmcell.core.jobs import plan_of
    from firmcell.core.jobs.handed_out import refuse_unless_there
    from firmcell.core.tap_check.group_verdicts import Verdict
    from firmcell.core.tap_check.points import point_name
    from firmcell.core.tap_check.recorded_readings import PROVE_METER, pack_asked, proven_tests, ruling_of
    from firmcell.core.tap_check.ruling import rule_on
    from firmcell.core.tap_check.unseen import unseen_kinds
    from firmcell.store.part_files import load_library
    from firmcell.store.whole_job import open_read_only, standing_of

    with open_read_only(arguments.job) as job:
        design = job.latest().design()
        refuse_unless_there(plan_of(design), design.kind.value, "taps")
        state = standing_of(job, design, analyse(design, load_library()[0])).state
    given = _readings(arguments.readings, design.series)
    asked = pack_asked(design, state)
    ruling = rule_on(given, asked, proven_tests(state)) if given else ruling_of(design, state)
    proof, doctor = ruling.proof, ruling.doctor
    right = proof.verdict is Verdict.RIGHT
    following = [point_name(p, design.series) for p in proof.next_reading] if proof.next_reading else None
    if arguments.json:
        print(json.dumps(_as_data(ruling, following), ensure_ascii=False, indent=1))
        return 0 if right else 1
    print(f"{proof.words} {proof.remark}".strip())
    if right:
        print(PROVE_METER)
        print("What voltages cannot show, and the test that does:")
        for kind in unseen_kinds(design.series, design.parallel, design.bms.board is not None):
            print(f"  {kind.what}: {kind.test}")
    for s in doctor.suspicions[:6] if doctor else ():
        if s.probability >= 0.005:
            print(f"  {s.probability * 100:5.1f} %  {s.words}{'' if not s.dangerous else '; do not plug in'}")
    if doctor and doctor.unexplained > 0.01:
        print(f"  {doctor.unexplained * 100:5.1f} %  none of these")
    if following is not None:
        print(f"Next: from {following[0]} to {following[1]}.")
    return 0 if right else 1


def _readings(given: list[str], series: int) -> list["Reading"]:
    """Readings as they are typed: `B1:B3=7.42`, `B3=11.1` from B0, or only volts, tap after tap."""
    from firmcell.core.tap_check.diagnosis import Reading
    from firmcell.core.tap_check.points import point_number

    readings: list[Reading] = []
    place = 0
    for text in given:
        points, equals, value = text.rpartition("=")
        volts = quantity(value, "V", "V")
        if not equals:
            place += 1
            readings.append(Reading(0, point_number(f"B{place}", series), volts))
            continue
        black, _, red = points.rpartition(":")
        numbers = [point_number(name.replace("-", " "), series) for name in (black or "B0", red)]
        readings.append(Reading(numbers[0], numbers[1], volts))
    return readings


def _as_data(ruling: "Ruling", following: list[str] | None) -> dict[str, object]:
    proof, doctor = ruling.proof, ruling.doctor
    return {
        "verdict": proof.verdict.value,
        "right": proof.verdict.value == "right",
        "decided": ruling.decided,
        "words": proof.words,
        "remark": proof.remark,
        "groups": [
            {
                "group": g.group,
                "voltage_v": g.step_v,
                "off_v": g.off_v,
                "verdict": g.verdict.value,
                "words": g.words,
            }
            for g in proof.groups
        ],
        "unexplained": doctor.unexplained if doctor else 0.0,
        "next_reading": following,
        "suspicions": [
            {
                "words": s.words,
                "probability": s.probability,
                "dangerous": s.dangerous,
                "refs": s.refs,
            }
            for s in (doctor.suspicions[:12] if doctor else ())
        ],
    }
