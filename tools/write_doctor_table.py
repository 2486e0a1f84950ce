"""Write docs/tap-doctor.md: how often the tap doctor finds each kind of fault, from simulation with a fixed seed."""

from collections import Counter
from pathlib import Path

import numpy as np

from firmcell.core.model.parts import Cell
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.doctor import diagnose
from firmcell.core.tap_check.faults import DANGEROUS, FaultKind, FaultTable, together
from firmcell.core.tap_check.plain_check import plainly_right
from firmcell.core.tap_check.practice_pack import faults_of, practice_pack
from firmcell.store.part_files import shipped_library

SIZES = range(2, 25)
SOUND, FAULTY, DIAGNOSED, SEED = 300, 600, 45, 2026
PAIRS, PAIRS_DIAGNOSED = 1500, 60
HEAD = """# How sure the tap doctor is

Written by `tools/write_doctor_table.py` from simulation with a fixed seed, packs of 2 to 24 groups in series, lithium-ion at 3.60 V,
every pin read once against B0. Meter: 6000 counts, 0.5 % of the reading (the same for all readings in one range) and 2 digits evenly
spread. Groups differ by 20 mV (standard deviation), the common voltage by 30 mV from the cells as measured. A floating lead reads
nothing within 60 mV, as the 10 MΩ of a hand meter pull it down.

"Called right" is the number that matters: the plug would be put in. A lead that is broken and yet reads right (its strands touch) cannot
be told by voltage: tug, and measure with a load across the pin. If floating leads read anything evenly, about 1 in 150 of them
would read right by chance. A weak group within meter and scatter is called right on purpose; it is seen at the first balance charge.
Kinds that read alike (the plug mirrored and the meter's leads exchanged; both sides of an open link) are told apart by the next
reading that the doctor asks for; the table is before that reading.
"""


def practice_cell() -> Cell:
    """The cell of all simulated packs."""
    return next(c for c in shipped_library().cells if c.name == "21700 high-energy 5.0 Ah")


def main() -> None:
    """Simulate and write the page."""
    cell = practice_cell()
    dice = np.random.default_rng(SEED)
    cases, passed = Counter[FaultKind](), Counter[FaultKind]()
    asked_of, first, third = Counter[FaultKind](), Counter[FaultKind](), Counter[FaultKind]()
    sound = accused = 0
    for series in SIZES:
        asked = PackAsked(series, cell, 3.60)
        table = faults_of(asked)
        for _ in range(SOUND):
            pack = practice_pack(asked, 0, int(dice.integers(1 << 31)))
            sound += 1
            accused += bool(plainly_right({(r.black, r.red): r.volts for r in pack.readings()}, asked))
        for n in range(FAULTY):
            row = 1 + int(dice.integers(len(table.faults) - 1))
            pack = practice_pack(asked, row, int(dice.integers(1 << 31)))
            kind = table.faults[row][0].kind
            read = pack.readings()
            cases[kind] += 1
            if not plainly_right({(r.black, r.red): r.volts for r in read}, asked):
                passed[kind] += 1
            if n < DIAGNOSED:
                told = diagnose(read, asked)
                kinds = [s.faults[0].kind for s in told.suspicions if len(s.faults) == 1]
                asked_of[kind] += 1
                first[kind] += kinds[:1] == [kind]
                third[kind] += kind in kinds[:3]
    lines = [
        HEAD,
        "| Fault | Dangerous | Simulated | Called right | Named first | Among first three |",
        "|---|---|---|---|---|---|",
    ]
    for kind in FaultKind:
        if kind is FaultKind.RIGHT:
            continue
        part = [f"{100 * c[kind] / max(asked_of[kind], 1):.0f} %" for c in (first, third)]
        lines.append(
            f"| {kind.value} | {'yes' if kind in DANGEROUS else 'no'} | {cases[kind]} | {passed[kind]} | {part[0]} | {part[1]} |"
        )
    dangerous = sum(n for k, n in cases.items() if k in DANGEROUS)
    called = sum(n for k, n in passed.items() if k in DANGEROUS)
    lines.append(
        f"\nDangerous faults: {dangerous} simulated, {called} called right. Sound packs: {sound} simulated, {accused} accused."
    )
    lines.append(f"Diagnosed in full: {sum(asked_of.values())} of the faulty packs.")
    lines += pairs_of_faults(dice)
    (Path(__file__).parent.parent / "docs/tap-doctor.md").write_text(
        "\n".join(lines) + "\n", encoding="utf-8"
    )


PAIRS_HEAD = """
## Two faults at once

Any two of the faults above, at random places, at least one of them dangerous; pairs that undo each other (a lead moved up and down again)
are left out. The work plan has the meter proven on a known cell before the taps are read: with its leads exchanged, a mirrored plug reads
right at every pin. A pack with one group more than drawn, and an empty one between two taps, reads right too: count the groups.
"""


def undone(table: FaultTable, first: int, second: int) -> bool:
    """Whether two faults together leave everything as drawn."""
    pair, right = together(table, np.array([first]), np.array([second])), table.take(np.array([0]))
    same = ("source", "shift", "sign", "lives", "offset_v", "open_node", "meter")
    return all(np.array_equal(getattr(pair, name), getattr(right, name)) for name in same)


def pairs_of_faults(dice: np.random.Generator) -> list[str]:
    """Simulate pairs; returns the lines about them."""
    cases = asked_of = one = both = third = 0
    passed = Counter[str]()
    for series in SIZES:
        asked = PackAsked(series, practice_cell(), 3.60)
        table = faults_of(asked)
        for n in range(PAIRS):
            first, second = (1 + dice.choice(len(table.faults) - 1, 2, replace=False)).tolist()
            truth = {table.faults[first][0], table.faults[second][0]}
            if not any(f.dangerous for f in truth) or undone(table, first, second):
                continue
            read = practice_pack(asked, first, int(dice.integers(1 << 31)), second).readings()
            cases += 1
            if not plainly_right({(r.black, r.red): r.volts for r in read}, asked):
                passed[" and ".join(sorted(f.kind.value for f in truth))] += 1
            if n < PAIRS_DIAGNOSED:
                named = [set(s.faults) for s in diagnose(read, asked).suspicions[:3]]
                asked_of += 1
                one += bool(named and named[0] & truth)
                both += named[:1] == [truth]
                third += truth in named
    told = "; ".join(f"{kinds} ({n})" for kinds, n in passed.most_common())
    return [
        PAIRS_HEAD,
        f"Pairs: {cases} simulated, {sum(passed.values())} called right{': ' + told if told else ''}.",
        f"Diagnosed in full: {asked_of}. Both named first {100 * both / asked_of:.0f} %, among the first three {100 * third / asked_of:.0f} %, at "
        f"least one of the two named first {100 * one / asked_of:.0f} %; many pairs read like another pair or like one fault, and come out once "
        "that one is put right and the pins are read again.",
    ]


if __name__ == "__main__":
    main()
