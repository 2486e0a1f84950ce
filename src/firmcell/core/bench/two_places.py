"""Any two places of a pack at any moment of its build: what a meter must show between them, and what it
means if it shows something else."""

import re
from collections.abc import Iterator
from dataclasses import replace
from itertools import pairwise
from math import exp

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import plural, volts
from firmcell.core.bench.moment import Moment, not_there
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.records.build_state import BuildState
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring

METER_SHARE, METER_V = 0.005, 0.01
"""What a hand-held meter may be off: a share of the reading and some digits, V; common practice, no source."""
CHARGER_OVER_V = 0.05
"""A cell that was just charged may read so much over full, V; engineering judgement."""
GROUP = re.compile(r"[Gg]roup \d+")
LISTED = 2
"""Up to so many groups are named one by one."""
STRAY_V = 0.3
"""What a meter of 10 MΩ may show between places that nothing joins, V, and what it shows over an open joint; engineering
judgement."""
CHARGED = "first-charge"
"""From this step on the cells may be at any charge."""
PLACES = frozenset(NodeKind) - {NodeKind.STRIP_END, NodeKind.SENSOR}
"""Kinds of point that a probe is put on."""
LEAST_LIKELY = 2e-4
"""What is less likely than this is not told."""
TELLS_V = 0.05
"""What two readings must differ by for a meter to tell them apart well, V; engineering judgement."""
MORE_BY = 1.02
"""A place farther along must tell so much more apart to be chosen instead."""
NONE_FITS = (
    "No single fault gives this. Nothing more is joined: read group by group, from the black place on, and find the first that is "
    "not as it must be."
)


@frozen
class Shows:
    """What a meter must show between two places at one moment.

    Attributes
    ----------
    volts : V; None where nothing joins them.
    least_v, most_v : between these it is right, V.
    cells : in series between them, those that work against the others taken off.
    """

    volts: float | None
    least_v: float = -STRAY_V
    most_v: float = STRAY_V
    cells: int = 0

    @property
    def words(self) -> str:
        """In words."""
        if self.volts is None:
            return f"nothing steady: nothing joins them (under {volts(STRAY_V)} either way)"
        if not self.cells:
            return f"nothing: both are at one potential (under {volts(self.most_v)} either way)"
        return f"{volts(self.volts)} ({volts(self.least_v)} to {volts(self.most_v)})"

    def is_right(self, reading_v: float) -> bool:
        """Whether a reading is what it must be."""
        return self.least_v <= reading_v <= self.most_v


@frozen
class Meaning:
    """What a reading may mean.

    Attributes
    ----------
    words : what is wrong, and what to do.
    volts : what the meter would show then, V.
    likely : of all that fit; they sum to 1.
    dangerous : whether current may be flowing, or would once the pack is closed.
    alone : what single groups would read by themselves where that is not one cell, V, by their number.
    """

    words: str
    volts: float
    likely: float
    dangerous: bool = False
    alone: tuple[tuple[int, float], ...] = ()


def in_words(meanings: tuple[Meaning, ...]) -> tuple[tuple[str, float, bool], ...]:
    """Return what a reading may mean as it is told: the same of several groups as one sentence; likeliest
    first, each with how likely it is and whether it is dangerous."""
    found: dict[str, list[Meaning]] = {}
    for m in meanings:
        found.setdefault(GROUP.sub("{group}", m.words, count=1) if m.alone else m.words, []).append(m)
    told = []
    for words, own in found.items():
        if len(own) == 1:
            told.append((own[0].words, own[0].likely, own[0].dangerous))
            continue
        groups = sorted({g for m in own for g, _ in m.alone})
        some = groups == list(range(groups[0], groups[-1] + 1)) and len(groups) > LISTED
        named = f"{groups[0]} to {groups[-1]}" if some else " or ".join(str(g) for g in groups)
        words = words.replace("{group}", f"{'one of groups' if some else 'group'} {named}", 1)
        told.append((words[0].upper() + words[1:], sum(m.likely for m in own), own[0].dangerous))
    return tuple(sorted(told, key=lambda t: -t[1]))


def places_of(wiring: Wiring) -> tuple[tuple[str, str], ...]:
    """Return the places that a probe may be put on: id and name."""
    return tuple((n.id, n.label) for n in wiring.nodes if n.kind in PLACES)


def cell_band(design: Design, state: BuildState) -> tuple[float, float]:
    """Return least and greatest voltage of one cell by the records, V: what was measured, or any once
    charged."""
    if state.step(CHARGED).records:
        return design.cell.empty_v, design.cell.full_v + CHARGER_OVER_V
    if state.cell_checks:
        last = state.cell_checks[-1]
        return min(last.lowest_v, design.cell_now_v), max(last.highest_v, design.cell_now_v)
    return design.cell_now_v - GROUP_SPREAD_V, design.cell_now_v + GROUP_SPREAD_V


class Between:
    """Two places of a wiring, cell by cell, at one moment."""

    def __init__(
        self,
        wiring: Wiring,
        layout: Layout,
        design: Design,
        moment: Moment,
        places: tuple[str, str],
        band_v: tuple[float, float],
    ) -> None:
        self.wiring, self.layout, self.design, self.moment = wiring, layout, design, moment
        self.black, self.red = places
        self.low_v, self.high_v = band_v
        self.without = not_there(wiring, layout, design, moment)
        self.way = wiring.path(self.black, self.red, self.without)

    @property
    def signed_groups(self) -> list[tuple[int, int]]:
        """The groups on the way from black to red, each +1 where it is passed from minus to plus, else −1."""
        found, at = [], self.black
        for edge in self.way or ():
            other = edge.end if edge.start == at else edge.start
            if edge.part is EdgePart.CELL:
                found.append((self._group(edge.id), 1 if edge.start == at else -1))
            at = other
        return found

    def _group(self, edge: str) -> int:
        """The group of a cell's edge; a wiring by groups names the group itself, a source counts as the
        first."""
        number = edge.removeprefix("cell.")
        if not number.isdigit():
            return 1
        if cell_end_there(self.wiring, int(number)):
            return self.layout.by_number[int(number)].group
        return int(number)

    def shows(self) -> Shows:
        """What a meter must show."""
        if self.way is None:
            return Shows(None)
        at = self.wiring.reached(self.black, self.without)[self.red]
        signs = [sign for _, sign in self.signed_groups]
        forward, back = signs.count(1), signs.count(-1)
        off = METER_SHARE * abs(at) + METER_V
        least = min(forward * self.low_v - back * self.high_v, at)
        most = max(forward * self.high_v - back * self.low_v, at)
        return Shows(at, least - off, most + off, forward - back)

    def means(self, reading_v: float) -> tuple[Meaning, ...]:
        """What a reading other than it must be may mean, likeliest first; empty where it is right."""
        shows = self.shows()
        if shows.is_right(reading_v):
            return ()
        wide = max((shows.most_v - shows.least_v) / 2, 0.05)
        found = [
            replace(m, likely=m.likely * exp(-(((reading_v - m.volts) / wide) ** 2) / 2))
            for m in self._guesses(shows, reading_v)
        ]
        found = [m for m in found if m.likely > LEAST_LIKELY]
        whole = sum(m.likely for m in found)
        if not found:
            return (Meaning(NONE_FITS, reading_v, 1.0, True),)
        return tuple(sorted((replace(m, likely=m.likely / whole) for m in found), key=lambda m: -m.likely))

    def next_place(self, meanings: tuple[Meaning, ...]) -> tuple[str, Shows] | None:
        """The place between the two that red is put on next, black staying: what it reads tells the
        likeliest meanings apart best. With what it must show; None where no place between them does."""
        each = self.design.cell_now_v
        best: tuple[str, Shows] | None = None
        most = TELLS_V
        for node, before in self._between():
            read = [(sum(s * dict(m.alone).get(g, each) for g, s in before), m.likely) for m in meanings]
            whole = sum(w for _, w in read)
            mean = sum(v * w for v, w in read) / whole if whole else 0.0
            spread = (sum(w * (v - mean) ** 2 for v, w in read) / whole) ** 0.5 if whole else 0.0
            if spread > most:
                part = Between(
                    self.wiring,
                    self.layout,
                    self.design,
                    self.moment,
                    (self.black, node),
                    (self.low_v, self.high_v),
                )
                best, most = (node, part.shows()), spread * MORE_BY
        return best

    def _between(self) -> Iterator[tuple[str, list[tuple[int, int]]]]:
        """Places on the way where a group ends, with the groups passed so far."""
        passed: list[tuple[int, int]] = []
        at = self.black
        for edge in self.way or ():
            other = edge.end if edge.start == at else edge.start
            if edge.part is EdgePart.CELL:
                passed = [*passed, (self._group(edge.id), 1 if edge.start == at else -1)]
                if other != self.red:
                    yield other, passed
            at = other

    # -- guesses ----------------------------------------------------------------------------------------

    def _guesses(self, shows: Shows, reading_v: float) -> Iterator[Meaning]:
        if shows.volts is None:
            yield from self._joined_after_all(reading_v)
            return
        yield from self._probing(shows.volts, reading_v)
        yield from self._charge(shows, reading_v)
        if shows.cells and abs(reading_v) < STRAY_V:
            yield from self._open_joints(reading_v)
        for group, sign in self.signed_groups:
            yield from self._of_group(group, sign, shows.volts, reading_v)
        yield from self._several_turned(shows.volts, reading_v)

    def _probing(self, at: float, reading_v: float) -> Iterator[Meaning]:
        """The meter and where its probes are."""
        each = self.design.cell_now_v
        if abs(at) > STRAY_V:
            yield Meaning(
                "The probes or the meter's leads are exchanged: change them over and read again.", -at, 0.25
            )
            for scale, words in ((1000.0, "millivolts"), (0.001, "kilovolts")):
                if abs(reading_v / scale - at) < 0.05 * abs(at):
                    yield Meaning(f"It was read in {words}.", reading_v, 0.05)
        for step in (1, -1):
            where = "a higher" if step > 0 else "a lower"
            yield Meaning(f"A probe is one tap off: red on {where} one, or black.", at + step * each, 0.10)
        cells = round(reading_v / each)
        if cells and abs(cells - round(at / each)) > 1:
            yield Meaning(
                f"The probes are on other taps: {plural(abs(cells), 'cell')} {'lie' if abs(cells) != 1 else 'lies'} between them.",
                cells * each,
                0.03,
            )

    def _charge(self, shows: Shows, reading_v: float) -> Iterator[Meaning]:
        """All cells fuller or emptier than recorded."""
        if not shows.cells:
            return
        each = reading_v / shows.cells
        cell = self.design.cell
        if cell.empty_v <= each <= cell.full_v + CHARGER_OVER_V:
            known = self.design.cell_now_v
            far = abs(each - known) / max(cell.full_v - cell.empty_v, 0.1)
            yield Meaning(
                f"Every cell stands at about {volts(each)} and not at {volts(known)}: measure one cell, and enter what they have now.",
                reading_v,
                0.2 * (1 - far) / max(abs(shows.cells), 1) ** 0.5,
            )

    def _open_joints(self, reading_v: float) -> Iterator[Meaning]:
        nodes = sorted(self._nodes_passed())
        if nodes:
            named = ", ".join(f"B{n}" for n in nodes)
            which = "The strip of" if len(nodes) == 1 else "One of the strips of"
            yield Meaning(
                f"{which} {named} is not joined, or its joint is open: look and tug; or a probe stands on wrap, flux or lacquer.",
                reading_v,
                0.2,
            )
        else:
            yield Meaning("A probe stands on wrap, flux or lacquer.", reading_v, 0.1)

    def _nodes_passed(self) -> set[int]:
        """Tap points whose strip lies on the way, between two groups."""
        groups = [g for g, _ in self.signed_groups]
        return {min(a, b) for a, b in pairwise(groups) if a != b}

    def _of_group(self, group: int, sign: int, at: float, reading_v: float) -> Iterator[Meaning]:
        d = self.design
        each, joined = d.cell_now_v, {group - 1, group} <= self.moment.on
        alone = d.parallel == 1 or not joined
        who = f"Group {group}" if d.parallel > 1 else f"The cell of group {group}"
        yield Meaning(
            f"{who} stands the wrong way round: nothing more is joined; take it off and turn it.",
            at - 2 * sign * each,
            0.08,
            True,
            ((group, -each),),
        )
        if not alone:
            left = each * (d.parallel - 2) / d.parallel
            yield Meaning(
                f"One cell of group {group} stands the wrong way round: its neighbours drive it, it grows hot. Off with its strip, now.",
                at - sign * (each - left),
                0.06,
                True,
                ((group, left),),
            )
        yield Meaning(
            f"{who} is shorted: a strip on a rim, a tool, a chip of metal. Feel for warmth, keep away, take the cause off.",
            at - sign * each,
            0.04,
            True,
            ((group, 0.0),),
        )
        low = each - sign * (at - reading_v)
        if STRAY_V < low < each - 0.02:
            dead = low < d.cell.empty_v
            yield Meaning(
                f"{who} is low: it gives {volts(low)}. {'Under its empty limit it does not go into a pack.' if dead else 'Read it alone.'}",
                reading_v,
                0.05 if dead else 0.12,
                dead,
                ((group, low),),
            )

    def _several_turned(self, at: float, reading_v: float) -> Iterator[Meaning]:
        """More than one group the wrong way round."""
        each = self.design.cell_now_v
        turned = round((at - reading_v) / (2 * each))
        if 2 <= turned <= len(self.signed_groups):
            yield Meaning(
                f"{turned} groups on the way stand the wrong way round: nothing more is joined; turn every cell as drawn.",
                at - 2 * turned * each,
                0.02 * 0.4 ** (turned - 2),
                True,
            )

    def _joined_after_all(self, reading_v: float) -> Iterator[Meaning]:
        """Nothing should join the two; something does."""
        for node in range(self.design.series + 1):
            if node in self.moment.on:
                continue
            other = replace(self.moment, on=self.moment.on | {node})
            without = not_there(self.wiring, self.layout, self.design, other)
            found = self.wiring.reached(self.black, without).get(self.red)
            if found is not None:
                yield Meaning(
                    f"The metal of B{node} is on already, or something lies in its place: look before anything is joined.",
                    found,
                    0.3,
                    True,
                )
        each = self.design.cell_now_v
        cells = round(reading_v / each)
        if cells:
            yield Meaning(
                f"They hang together over {plural(abs(cells), 'cell')}, by something that is not in the plan: a tool, a strip, a wire. Find it first.",
                cells * each,
                0.2,
                True,
            )
        else:
            yield Meaning(
                "They hang together by something that conducts badly: flux, dirt, a wet place; or it is stray. Read again with a load of "
                "about 10 kΩ across the probes.",
                reading_v,
                0.1,
            )


def cell_end_there(wiring: Wiring, number: int) -> bool:
    """Whether a wiring has its cells one by one."""
    return f"cell.{number}+" in wiring.by_id
