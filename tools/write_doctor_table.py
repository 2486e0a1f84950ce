"""Write docs/tap-doctor.md: what the verdict on taps says of packs, faults and a meter made apart from it.

Run from the root with PYTHONPATH=src:. since the packs are those of the tests.
"""

from collections import Counter, defaultdict
from pathlib import Path

import numpy as np
from tests.core.tap_check.outside import HARMLESS, KINDS, OwnMeter, Pack, made, visible

from firmcell.core.model.parts import Cell
from firmcell.core.tap_check.diagnosis import PackAsked, Reading
from firmcell.core.tap_check.group_verdicts import Verdict, judge_readings, reading_plan
from firmcell.core.tap_check.ruling import rule_on
from firmcell.core.tap_check.unseen import unseen_kinds
from firmcell.store.part_files import part_named, shipped_library

ROOT = Path(__file__).parent.parent
COUNTS = (2, 3, 4, 5, 6, 8, 10, 12, 13, 14, 15, 16, 17, 18, 20, 22, 24, 26, 28, 30, 32)
EACH, SOUND, DECIDED, MORE = 24, 200, 2, 8
HEAD = """# How sure the verdict on taps is

Written by `tools/write_doctor_table.py` with fixed seeds, from {cases} packs that are simulated apart from the program
(`tests/core/tap_check/outside.py`: a net of sources and resistors, a meter of 10 MΩ with 6000 counts, 0.5 % of the reading, the same for
all readings in one range, and 2 digits). Packs of 2 to 32 groups of lithium-ion; groups differ by 20 mV (standard deviation). Pins are read
against B0 while the meter shows hundredths, from pin to pin beyond 60 V; then every reading that the program asks for is taken.

"Seen" is what a perfect meter sees: a group outside empty to full, or 0.13 V off the others from pin to pin, or 0.2 V against B0. **Of
dangerous packs that are seen none may be called right; here: {danger} of {seen}.** Sound packs: {passed} of {sound} called right, with
{mean:.1f} readings more than planned in the mean and {most} at most; the fewest at one count is {least} of {each}.

"Named" is how often the tap doctor is sure of one explanation within {more} readings that it asks for, of {decided} packs of the kind;
several kinds read alike and the first named need not be the true one.

| Fault | Dangerous | Simulated | Seen | Called right | Seen and called right | Doubtful | Named |
|---|---|---|---|---|---|---|---|
"""
TAIL = """
## What voltages cannot show

These are called right, are said at the moment of right, and have a test each in the step “Test what voltages cannot show”:

{unseen}

Probes on the ends of cells (`group 3 at B2`) tell which end of a cut-off group is open, which taps cannot: by the net, in every one of 60
packs within two readings more. Nothing between two points of one metal is no proof that they are joined: a meter of 10 MΩ across an open
link pulls both its sides together.

A lead through 100 kΩ pulls a reading against B0 down by 1 %: from B4 on that is seen, below it is not. Readings under a steady load, or while
the pack is charged, are told only if cells were measured before they were joined. A slip in typing that leaves every group in order is
not told; it hides a group that is wrong only where it happens to be as wrong the other way, at the tap beside it.
"""


def followed(pack: Pack, meter: OwnMeter, series: int, cell: Cell) -> tuple[Verdict, int]:
    """The verdict once all that is asked for is read, and how many readings that took besides the planned."""
    asked = PackAsked(series, cell, 3.78)
    readings = {at: meter.read(pack, *at) for at in reading_plan(asked)}
    planned = len(readings)
    while True:
        proof = judge_readings(readings, asked)
        at = proof.next_reading
        if proof.verdict is not Verdict.MISSING or at is None or at in readings:
            return proof.verdict, len(readings) - planned
        readings[at] = meter.read(pack, *at)


def decided(pack: Pack, meter: OwnMeter, series: int, cell: Cell) -> bool:
    """Whether the doctor is sure of something within a few readings that it asks for."""
    asked = PackAsked(series, cell, 3.78)
    readings = [Reading(*at, meter.read(pack, *at)) for at in reading_plan(asked)]
    for _ in range(MORE):
        ruling = rule_on(readings, asked)
        at = ruling.proof.next_reading
        if ruling.decided or at is None:
            return ruling.decided
        readings.append(Reading(*at, meter.read(pack, *at)))
    return rule_on(readings, asked).decided


def main() -> None:
    """Simulate and write the page."""
    cell = part_named(shipped_library(), Cell, "21700 high-energy 5.0 Ah")
    count: dict[str, Counter[str]] = defaultdict(Counter)
    sound, more = Counter[int](), []
    for series in COUNTS:
        for seed in range(SOUND):
            pack, meter = made("sound", series, 10_000 + seed)
            verdict, extra = followed(pack, meter, series, cell)
            sound[series] += verdict is Verdict.RIGHT
            more.append(extra)
        for kind in KINDS[1:]:
            for seed in range(EACH):
                pack, meter = made(kind, series, seed)
                verdict, _ = followed(pack, meter, series, cell)
                seen = visible(pack, series, meter.exchanged)
                told = count[kind]
                told["n"] += 1
                told["seen"] += seen
                told["right"] += verdict is Verdict.RIGHT
                told["danger"] += verdict is Verdict.RIGHT and seen and kind not in HARMLESS
                told["look"] += verdict in (Verdict.LOOK, Verdict.MISSING)
                if seed < DECIDED:
                    told["asked"] += 1
                    told["decided"] += decided(*made(kind, series, seed), series, cell)
    cases = sum(t["n"] for t in count.values()) + SOUND * len(COUNTS)
    head = HEAD.format(
        cases=cases,
        danger=sum(t["danger"] for t in count.values()),
        seen=sum(t["seen"] for k, t in count.items() if k not in HARMLESS),
        passed=sum(sound.values()),
        sound=SOUND * len(COUNTS),
        mean=np.mean(more),
        most=max(more),
        least=min(sound.values()),
        each=SOUND,
        more=MORE,
        decided=DECIDED * len(COUNTS),
    )
    rows = [
        f"| {kind} | {'no' if kind in HARMLESS else 'yes'} | {t['n']} | {t['seen']} | {t['right']} | {t['danger']} | {t['look']} | "
        f"{100 * t['decided'] / t['asked']:.0f} % |"
        for kind, t in count.items()
    ]
    unseen = "\n".join(f"- {k.what}: {k.test[0].lower()}{k.test[1:]}" for k in unseen_kinds(10, 4, True))
    page = head + "\n".join(rows) + "\n" + TAIL.format(unseen=unseen)
    (ROOT / "docs/tap-doctor.md").write_text(page, encoding="utf-8")


if __name__ == "__main__":
    main()
