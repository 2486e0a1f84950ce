"""Two places that somebody chose, told for the step at hand: what a meter must show now, after the step and
at the end, whether a probe reaches them, and what a tool across them would drive."""

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, percent, volts
from firmcell.core.bench.cell_by_cell import cell_end
from firmcell.core.bench.live_map import live_map
from firmcell.core.bench.moment import Moment, not_there
from firmcell.core.bench.on_bench import OnBench
from firmcell.core.bench.two_places import Between, Shows, cell_band, in_words
from firmcell.core.model.design import Face
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.records.build_state import BuildState
from firmcell.core.wiring.graph import NodeKind
from firmcell.core.wiring.solved import shorts_between

IN_A_SHROUD = frozenset((NodeKind.CONTACT, NodeKind.TERMINAL))
"""Kinds that a probe reaches and a tool does not."""


@frozen
class PlacesTold:
    """Two places at a step.

    Attributes
    ----------
    now, after, at_end : what a meter must show.
    short_a : what a tool across them drives in the first moment at most, A; 0 where nothing does.
    under : names of those that lie under a cover now.
    """

    now: Shows
    after: Shows
    at_end: Shows
    short_a: float
    under: tuple[str, ...]

    @property
    def words(self) -> tuple[tuple[str, str], ...]:
        """In words: what, and how much."""
        told = [("Now", self.now.words)]
        if self.after.words != self.now.words:
            told.append(("After this step", self.after.words))
        if self.at_end.words != self.after.words:
            told.append(("At the end", self.at_end.words))
        if self.short_a > 1:
            first = self.short_a
            told.append(
                (
                    "A tool across",
                    f"{amperes(first / SHORT_CIRCUIT_FACTOR)}, in the first moment up to {amperes(first)}",
                )
            )
        if self.under:
            told.append(
                (
                    "Under a cover",
                    f"{' and '.join(self.under)}: read where metal is open, or through its flap",
                )
            )
        return tuple(told)


class TwoPlaces:
    """Answers for one job at one step."""

    def __init__(self, bench: OnBench, state: BuildState, code: str) -> None:
        self.bench, self.state, self.code = bench, state, code
        self.wiring = bench.probed

    def _between(self, moment: Moment, places: tuple[str, str]) -> Between:
        bench = self.bench
        band = cell_band(bench.design, self.state)
        return Between(self.wiring, bench.layout, bench.design, moment, places, band)

    def told(self, black: str, red: str) -> PlacesTold:
        """What is told of two places."""
        places = black, red
        now = self.bench.moment(self.state, "")
        after = self.bench.moment(self.state, self.code)
        live = live_map(self.bench, self.state, self.code)
        reached = {p.node for p in live.bare} | self._taps_of({p.node for p in live.bare})
        under = tuple(
            self.wiring.by_id[node].label
            for node in places
            if node not in reached and self.wiring.by_id[node].kind not in IN_A_SHROUD
        )
        return PlacesTold(
            self._between(now, places).shows(),
            self._between(after, places).shows(),
            self._between(self.bench.moment(None, ""), places).shows(),
            self._short(after, places),
            under,
        )

    def _taps_of(self, ends: set[str]) -> set[str]:
        """Tap points whose strip lies bare where their lead is joined."""
        layout = self.bench.layout
        return {
            f"B{t.number}"
            for t in self.bench.taps
            if cell_end(t.cell, layout.by_number[t.cell].group == t.number) in ends
        }

    def _short(self, moment: Moment, places: tuple[str, str]) -> float:
        without = not_there(self.wiring, self.bench.layout, self.bench.design, moment)
        part = self.wiring.reached(places[0], without)
        if places[1] not in part or places[0] == places[1]:
            return 0.0
        return SHORT_CIRCUIT_FACTOR * float(shorts_between(self.wiring, part, places, without)[0, 1])

    def judged(self, black: str, red: str, reading_v: float) -> tuple[str, ...]:
        """What a reading between two places says, one sentence a line, likeliest first."""
        places = black, red
        now = self._between(self.bench.moment(self.state, ""), places)
        after = self._between(self.bench.moment(self.state, self.code), places)
        if now.shows().is_right(reading_v):
            later = (
                ""
                if after.shows().is_right(reading_v)
                else f"; once this step's metal is on it must be {after.shows().words}"
            )
            return (f"{volts(reading_v)} is right as it is now{later}.",)
        if after.shows().is_right(reading_v):
            return (f"{volts(reading_v)} is right once this step's metal is on.",)
        meanings = after.means(reading_v)
        told = [f"{volts(reading_v)} is not right: {after.shows().words} is."]
        told += [f"{percent(likely)}: {words}" for words, likely, _ in in_words(meanings)[:MOST_TOLD]]
        following = after.next_place(meanings)
        if following is not None:
            node, shows = following
            told.append(
                f"Next: black stays, red on {self.wiring.by_id[node].label}; it must read {shows.words}, and tells these apart best."
            )
        return tuple(told)


MOST_TOLD = 4


def place_of_ref(ref: str, face: Face, bench: OnBench) -> str | None:
    """Return the place that a probe stands on when a part of the picture is picked; None where it is no
    metal.

    Parameters
    ----------
    ref : str
        Of the part.
    face : Face
        That lies up.
    bench : OnBench
    """
    kind, _, name = ref.partition(":")
    layout, wiring = bench.layout, bench.probed
    if kind == "cell" and name.isdigit():
        cell = layout.by_number.get(int(name))
        found = cell_end(cell.number, layout.face_of(cell, True) is face) if cell else ""
    elif kind == "strip":
        piece = next((p for p in bench.strips if p.id == name), None)
        found = f"B{piece.node}" if piece else ""
    elif kind == "tap":
        pin = next((e.end for e in wiring.wires if e.wire is not None and e.wire.ref == ref), f"B{name}")
        found = pin
    elif kind == "lead":
        sign = "+" if name.startswith("plus") else "-"
        found = f"load.{sign}"
    else:
        found = ""
    return found if found in wiring.by_id else None
