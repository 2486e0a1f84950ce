"""What all jobs of a workshop show together: peels, joints, times, capacity, and cells that came back."""

from collections.abc import Callable, Iterable, Sequence
from math import sqrt
from statistics import fmean, median, stdev
from typing import TypeVar

from firmcell.core.base.frozen import frozen
from firmcell.core.stock.cell_history import when
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import CellMoved, Entry, PlaceKind
from firmcell.core.stock.lessons import CapacityMeasured, JointMeasured, PeelMeasured, StepTimed

NOT_TAKEN = "not taken after all"
"""Why cells that were matched and never fitted go back into their drawers: they did not come back from a pack."""
T = TypeVar("T")


@frozen
class PeelGroup:
    """Peels of one setting on one strip.

    Attributes
    ----------
    strip, layers, machine, setting : of the samples.
    forces_n : peel forces, in the order they were measured, N.
    torn_m : diameters of torn holes, m.
    """

    strip: str
    layers: int
    machine: str
    setting: str
    forces_n: tuple[float, ...]
    torn_m: tuple[float, ...]


@frozen
class JointGroup:
    """Joints of one strip, measured.

    Attributes
    ----------
    strip, joined_by : what, and how.
    ohms : Ω, in the order they were measured.
    expected_ohm : of its kind of joint.
    """

    strip: str
    joined_by: str
    ohms: tuple[float, ...]
    expected_ohm: float


@frozen
class TimeGroup:
    """Steps of one family.

    Attributes
    ----------
    family : as in the codes of steps.
    seconds : each, in the order they were passed.
    """

    family: str
    seconds: tuple[float, ...]

    @property
    def median_s(self) -> float:
        """The middle one, s."""
        return median(self.seconds)


@frozen
class CapacityPoint:
    """A pack discharged whole.

    Attributes
    ----------
    job, cell, day : which, of what, and when (ISO 8601).
    predicted_as, measured_as : A·s.
    nominal_v : of the pack, V.
    """

    job: str
    cell: str
    day: str
    predicted_as: float
    measured_as: float
    nominal_v: float

    @property
    def share(self) -> float:
        """Measured over predicted."""
        return self.measured_as / self.predicted_as

    @property
    def energy_j(self) -> tuple[float, float]:
        """Predicted and measured at the nominal voltage, J: rough, a discharge is recorded as a charge."""
        return self.predicted_as * self.nominal_v, self.measured_as * self.nominal_v


@frozen
class CameBack:
    """A cell that came out of a job again.

    Attributes
    ----------
    serial, class_name, lot : which.
    job : that it was in.
    went, came : when it went in and came out, ISO 8601.
    scrapped : whether it was scrapped then.
    reason : why, as written.
    """

    serial: str
    class_name: str
    lot: str
    job: str
    went: str
    came: str
    scrapped: bool
    reason: str


def _by(found: Iterable[T], key: Callable[[T], tuple[object, ...]]) -> dict[tuple[object, ...], list[T]]:
    groups: dict[tuple[object, ...], list[T]] = {}
    for each in found:
        groups.setdefault(key(each), []).append(each)
    return groups


def _in_time(entries: Iterable[Entry]) -> list[Entry]:
    return sorted(entries, key=lambda entry: when(entry.time))


def peels_by_setting(entries: Iterable[Entry]) -> tuple[PeelGroup, ...]:
    """Return measured peels by strip, machine and setting, most first."""
    told = [e.data for e in _in_time(entries) if isinstance(e.data, PeelMeasured)]
    groups = [
        PeelGroup(
            some[0].strip,
            some[0].layers,
            some[0].machine,
            ", ".join(w for w in (some[0].setting, some[0].mode) if w) or "no setting recorded",
            tuple(d.force_n for d in some if d.force_n is not None),
            tuple(d.torn_m for d in some if d.torn_m is not None),
        )
        for some in _by(told, lambda d: (d.strip, d.layers, d.machine, d.setting, d.mode)).values()
    ]
    return tuple(sorted(groups, key=lambda g: (g.strip, g.layers, -len(g.forces_n) - len(g.torn_m))))


def joints_by_strip(entries: Iterable[Entry]) -> tuple[JointGroup, ...]:
    """Return measured joints by strip and kind of joint."""
    told = [e.data for e in _in_time(entries) if isinstance(e.data, JointMeasured)]
    return tuple(
        JointGroup(
            some[0].strip, some[0].joined_by, tuple(d.ohms for d in some), max(d.expected_ohm for d in some)
        )
        for _, some in sorted(_by(told, lambda d: (d.strip, d.joined_by)).items(), key=lambda p: str(p[0]))
    )


def times_by_family(entries: Iterable[Entry]) -> tuple[TimeGroup, ...]:
    """Return times of steps by family, those that took most in all first."""
    told = [e.data for e in _in_time(entries) if isinstance(e.data, StepTimed)]
    groups = [
        TimeGroup(some[0].family, tuple(d.seconds for d in some))
        for some in _by(told, lambda d: (d.family,)).values()
    ]
    return tuple(sorted(groups, key=lambda g: -sum(g.seconds)))


def capacities(entries: Iterable[Entry]) -> tuple[CapacityPoint, ...]:
    """Return packs that were discharged whole, oldest first."""
    return tuple(
        CapacityPoint(
            e.data.job, e.data.cell, e.time, e.data.predicted_as, e.data.measured_as, e.data.nominal_v
        )
        for e in _in_time(entries)
        if isinstance(e.data, CapacityMeasured)
    )


def came_back(moves: Iterable[Entry], lines: Sequence[CellLine]) -> tuple[CameBack, ...]:
    """Return cells that came out of jobs again, newest first; those that were matched and never fitted are
    not among them.

    Parameters
    ----------
    moves : iterable of Entry
        Every move that counts, of all cells.
    lines : sequence of CellLine
        All cells.
    """
    known = {line.key: line for line in lines}
    found = []
    for cell, some in _by(_in_time(moves), lambda e: (e.about,)).items():
        line = known.get(str(cell[0]))
        inside: Entry | None = None
        for entry in some:
            if line is None or not isinstance(entry.data, CellMoved):
                continue
            if entry.data.to is PlaceKind.JOB:
                inside = entry
                continue
            if inside is not None and entry.data.reason != NOT_TAKEN and isinstance(inside.data, CellMoved):
                scrapped = entry.data.to is PlaceKind.SCRAPPED
                found.append(
                    CameBack(
                        line.serial,
                        line.class_name,
                        line.lot,
                        inside.data.place,
                        inside.time,
                        entry.time,
                        scrapped,
                        entry.data.reason,
                    )
                )
            inside = None
    return tuple(sorted(found, key=lambda each: when(each.came), reverse=True))


def used_by_class(moves: Iterable[Entry], lines: Sequence[CellLine]) -> tuple[tuple[str, int], ...]:
    """Return how many cells of each class were ever put into a job, by class; those that were matched and
    never fitted are not counted.

    Parameters
    ----------
    moves : iterable of Entry
        Every move that counts, of all cells.
    lines : sequence of CellLine
        All cells.
    """
    known = {line.key: line.class_name for line in lines}
    counts: dict[str, int] = {}
    for cell, some in _by(_in_time(moves), lambda e: (e.about,)).items():
        told = [entry.data for entry in some if isinstance(entry.data, CellMoved)]
        into = sum(data.to is PlaceKind.JOB for data in told)
        never = sum(data.reason == NOT_TAKEN for data in told)
        if into > never and str(cell[0]) in known:
            name = known[str(cell[0])]
            counts[name] = counts.get(name, 0) + 1
    return tuple(sorted(counts.items()))


def mean_and_doubt(values: Sequence[float]) -> tuple[float, float | None]:
    """Return the mean of values, and twice its standard error; None of fewer than three.

    Examples
    --------
    >>> mean, doubt = mean_and_doubt([10.0, 12.0, 14.0])
    >>> mean, round(doubt, 3)  # 2 × 2 / √3
    (12.0, 2.309)
    """
    doubt = 2 * stdev(values) / sqrt(len(values)) if len(values) > 2 else None
    return fmean(values), doubt
