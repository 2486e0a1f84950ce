"""The one answer on taps from all readings: the verdict, and what the tap doctor makes of them."""

from collections.abc import Sequence
from dataclasses import replace

from firmcell.core.base.frozen import frozen
from firmcell.core.tap_check.diagnosis import Diagnosis, PackAsked, Reading
from firmcell.core.tap_check.doctor import diagnose
from firmcell.core.tap_check.faults import MOST_SERIES
from firmcell.core.tap_check.group_verdicts import STOP, Proof, Verdict, judge_readings
from firmcell.core.tap_check.loaded import loaded_faults

DANGER = 0.5
"""From this probability of a dangerous fault on the plug stays out, whatever each group reads."""


@frozen
class UnderLoad:
    """Readings with a lamp across their points, and with the whole pack under load."""

    lamp: tuple[Reading, ...] = ()
    pack: tuple[Reading, ...] = ()

    def between(self, readings: tuple[Reading, ...], series: int) -> dict[int, float]:
        """Of each group that was read from pin to pin, V."""
        found = {}
        for r in readings:
            low, high = sorted((r.black, r.red))
            if high - low == 1 and high <= series:
                found[high] = r.volts if r.red == high else -r.volts
        return found


UNLOADED = UnderLoad()


@frozen
class Ruling:
    """What readings say: `proof` is the verdict that everything repeats, `doctor` how it may have come about.

    The doctor is None for packs that it does not know, and before the first reading.
    """

    proof: Proof
    doctor: Diagnosis | None

    @property
    def decided(self) -> bool:
        """Whether it is right, or one explanation of what is wrong holds nearly all of the probability."""
        return self.proof.verdict is Verdict.RIGHT or bool(self.doctor and self.doctor.decided)


def rule_on(
    readings: Sequence[Reading],
    asked: PackAsked,
    proven: frozenset[str] = frozenset(),
    load: UnderLoad = UNLOADED,
) -> Ruling:
    """Return the ruling on readings; of two between the same points the later counts.

    Parameters
    ----------
    readings : sequence of Reading
    asked : PackAsked
    proven : frozenset of str
        Names of tests passed besides, see `judge_readings`.
    load : UnderLoad
        Readings under a load; they never make a pack right.

    Notes
    -----
    The doctor never makes a pack right that `judge_readings` does not call right. It makes one doubtful whose
    groups are each in order while a dangerous fault explains them better, and one wrong before all is read
    where it is sure.
    """
    latest = {(r.black, r.red): r.volts for r in readings}
    proof = _with_loads(judge_readings(latest, asked, proven), load, asked)
    if not readings or not 2 <= asked.series <= MOST_SERIES:
        return Ruling(proof, None)
    doctor = diagnose(readings, asked, proof)
    dangerous = sum(s.probability for s in doctor.suspicions if s.dangerous) + doctor.unexplained
    if proof.verdict is Verdict.RIGHT and not doctor.right:
        words = f"Not right yet. Each group is in order by itself, and yet: {doctor.words}"
        proof = replace(proof, verdict=Verdict.LOOK, words=words, next_reading=doctor.next_reading)
    elif proof.verdict is Verdict.WRONG:
        words = doctor.words if doctor.words.startswith(STOP) else proof.words
        proof = replace(proof, words=words, next_reading=doctor.next_reading)
    elif proof.verdict is Verdict.MISSING and doctor.decided and dangerous > DANGER:
        proof = replace(proof, verdict=Verdict.WRONG, words=doctor.words, next_reading=doctor.next_reading)
    return Ruling(proof, doctor)


def _with_loads(proof: Proof, load: UnderLoad, asked: PackAsked) -> Proof:
    """The verdict once readings under load are heard too."""
    at_rest = {g.group: g.step_v for g in proof.groups if g.step_v is not None}
    series = asked.series
    faults = loaded_faults(
        at_rest, load.between(load.lamp, series), load.between(load.pack, series), asked.parallel
    )
    if not faults or proof.verdict is Verdict.WRONG:
        return proof
    worst = next((f for f in faults if f.wrong), faults[0])
    told = {f.group: f for f in faults}
    groups = tuple(
        replace(g, verdict=Verdict.WRONG if told[g.group].wrong else Verdict.LOOK, words=told[g.group].words)
        if g.group in told
        else g
        for g in proof.groups
    )
    if worst.wrong:
        return replace(proof, groups=groups, verdict=Verdict.WRONG, words=f"{STOP}{worst.words}.")
    if proof.verdict is Verdict.RIGHT:
        return replace(proof, groups=groups, verdict=Verdict.LOOK, words=f"Not right yet. {worst.words}.")
    return replace(proof, groups=groups)
