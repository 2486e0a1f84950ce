"""What one or several jobs still want, what of it is there, what must be bought, and how it is cut."""

from collections.abc import Mapping, Sequence
from math import ceil

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import figures, plural
from firmcell.core.jobs.parts_list import PartLine, lines_of
from firmcell.core.jobs.parts_used import Used
from firmcell.core.leads.soldering import joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Part
from firmcell.core.records.step import Step
from firmcell.core.stock.at_hand import named
from firmcell.core.stock.cut_plan import CutPlan, cut_plan
from firmcell.core.stock.part_entries import PartIs
from firmcell.core.stock.part_words import amount_words
from firmcell.core.stock.things import PartInStock, ToolInShop
from firmcell.core.stock.tool_entries import ToolKind

BUY = ": buy"
NO_SUPPLIER = "no supplier told"


@frozen
class JobWants:
    """What a job still wants: of the steps that are not passed.

    Attributes
    ----------
    title : of the job.
    used : by those steps.
    known : parts of its design by what they are and their class.
    cells_there : cells that the register has put into it already.
    """

    title: str
    used: tuple[Used, ...]
    known: Mapping[tuple[str, str], Part]
    cells_there: int = 0


@frozen
class ToBuy:
    """One part.

    Attributes
    ----------
    line : how much all jobs want together, with its spare.
    jobs : titles of those that want it; empty for what is bought because little is left.
    there : in stock, m or pieces.
    buy : m or pieces, in whole lengths or packs, so that no less is left than the shop always keeps; 0 where
        enough is there.
    supplier, price : of the shop's own list, or the part library's price; None where none is told.
    plan : how its pieces are cut; None of what is counted.
    doubt : what could not be planned, in a sentence.
    """

    line: PartLine
    jobs: tuple[str, ...]
    there: float
    buy: float
    supplier: str = ""
    price: float | None = None
    plan: CutPlan | None = None
    doubt: str = ""

    @property
    def by_length(self) -> bool:
        """Whether it is kept by the metre."""
        return self.line.what in ("strip", "wire", "sleeve")

    @property
    def cost(self) -> float | None:
        """What is bought costs; None where no price is told."""
        return None if self.price is None or not self.buy else self.buy * self.price

    @property
    def why(self) -> str:
        """For which jobs it is, and whether it is bought because little is left."""
        little = not self.jobs or (self.buy > 0 and self.there >= self.line.much)
        return ", ".join((*self.jobs, "little left") if little else self.jobs)

    def much(self, amount: float) -> str:
        """An amount of it in words."""
        return f"{figures(amount)} m" if self.by_length else f"{amount:.0f}"


def shopping(
    jobs: Sequence[JobWants], parts: Sequence[PartInStock], cells_free: Mapping[str, int]
) -> tuple[ToBuy, ...]:
    """Return every part that jobs want together, in the order of the trade, then what little is left of.

    Parameters
    ----------
    jobs : sequence of JobWants
    parts : sequence of PartInStock
    cells_free : mapping
        Cells in drawers, by class.
    """
    known: dict[tuple[str, str], Part] = {}
    for job in jobs:
        known |= dict(job.known)
    used = [each for job in jobs for each in _without_cells_there(job)]
    wanted = [_wanted(line, jobs, parts, cells_free) for line in lines_of(used, known)]
    asked = {(w.line.what, named(w.line.name)) for w in wanted}
    low = [_refill(p) for p in _whole_classes(parts) if (p.part.value, named(p.name)) not in asked]
    return (*wanted, *(each for each in low if each is not None and _is_low(each, parts)))


def _without_cells_there(job: JobWants) -> list[Used]:
    """What a job uses, less the cells that are in it already."""
    left, found = job.cells_there, list[Used]()
    for each in job.used:
        if each.what != "cells":
            found.append(each)
            continue
        less = min(left, each.count)
        left -= less
        if each.count > less:
            found.append(Used(each.step, each.what, each.name, each.count - less))
    return found


def _of(line: PartLine, parts: Sequence[PartInStock]) -> list[PartInStock]:
    return [p for p in parts if (p.is_.part.value, named(p.is_.name)) == (line.what, named(line.name))]


def _wanted(
    line: PartLine,
    jobs: Sequence[JobWants],
    parts: Sequence[PartInStock],
    cells_free: Mapping[str, int],
) -> ToBuy:
    titles = tuple(
        dict.fromkeys(
            job.title for job in jobs for u in job.used if (u.what, u.name) == (line.what, line.name)
        )
    )
    of = _of(line, parts)
    there = sum(max(p.amount, 0.0) for p in of)
    if line.what == "cells":
        there = float(cells_free.get(line.name, 0))
    told = next((p.is_ for p in sorted(of, key=lambda p: -p.amount) if p.is_.supplier or p.is_.price), None)
    sold = next((p.is_.sold for p in of if p.is_.sold), None)
    plan, buy, doubt = None, max(line.much - there, 0.0), ""
    if line.cuts:
        plan, buy, doubt = _cut(line, [max(p.amount, 0.0) for p in of], sold)
    elif sold and buy:
        buy = ceil(buy / sold - 1e-9) * sold
    least = max((p.is_.least for p in of if p.is_.least is not None), default=None)
    if least is not None and there + buy - line.much <= least:
        # These jobs leave little: what is always to be there is bought with them.
        buy += sold or least
    price = told.price if told is not None and told.price is not None else line.price
    return ToBuy(line, titles, there, buy, told.supplier if told else "", price, plan, doubt)


def _cut(line: PartLine, rests: Sequence[float], sold: float | None) -> tuple[CutPlan, float, str]:
    """How pieces are cut, what is bought with the spare, and what could not be planned."""
    doubt = ""
    try:
        plan = cut_plan(line.cuts, rests, sold)
    except Refusal as refusal:
        doubt, sold = refusal.sentence, None
        plan = cut_plan(line.cuts, rests)
    spare_left = sum(rests) + plan.bought_m - sum(line.cuts)
    missing = max(line.spare - spare_left, 0.0)
    if sold:
        missing = ceil(missing / sold - 1e-9) * sold
    # To the centimetre, up: nobody buys millimetres.
    buy = plan.bought_m + missing
    return plan, buy if sold else ceil(round(buy * 100, 6)) / 100, doubt


def _whole_classes(parts: Sequence[PartInStock]) -> list[PartIs]:
    """Each class that is kept, as it is told where most is told of it."""
    found: dict[tuple[str, str], PartIs] = {}
    for part in parts:
        key = (part.is_.part.value, named(part.is_.name))
        if key not in found or (found[key].least is None and part.is_.least is not None):
            found[key] = part.is_
    return list(found.values())


def _refill(is_: PartIs) -> ToBuy | None:
    """A part that no job wants: one length or pack, or as much as is always to be there."""
    if is_.least is None:
        return None
    much = is_.sold or is_.least or 1.0
    by_length = is_.part.by_length
    line = PartLine(is_.part.value, is_.name, 0 if by_length else round(much), much if by_length else 0.0)
    return ToBuy(line, (), 0.0, much, is_.supplier, is_.price)


def _is_low(each: ToBuy, parts: Sequence[PartInStock]) -> bool:
    of = _of(each.line, parts)
    least = max((p.is_.least for p in of if p.is_.least is not None), default=None)
    return least is not None and sum(p.amount for p in of) <= least


def in_stock(line: PartLine, parts: Sequence[PartInStock]) -> str:
    """Return whether enough of a part is in stock, in words; "" where nothing is kept at all, or of cells,
    which are known by serial."""
    if not parts or line.what == "cells":
        return ""
    of = _of(line, parts)
    there = sum(max(p.amount, 0.0) for p in of)
    told = amount_words(of[0].is_, there) if of else "none"
    return told if there >= line.much - 1e-9 else f"{told}{BUY}"


def to_buy_words(lines: Sequence[PartLine], parts: Sequence[PartInStock], most: int = 4) -> str:
    """Return what of a new job must be bought, in a sentence; "" where no stock is kept or all of it is
    there."""
    missing = [line.title for line in lines if in_stock(line, parts).endswith(BUY)]
    if not missing:
        return ""
    more = f" and {len(missing) - most} more" if len(missing) > most else ""
    return f"To be bought for it: {'; '.join(missing[:most])}{more} (Workshop, Shopping list)."


def iron_words(design: Design, steps: Sequence[Step], tools: Sequence[ToolInShop]) -> str:
    """Return that the shop's strongest iron is weaker than the leads of a job ask for; "" where it is not,
    or no iron is told."""
    watts = [t.is_.watts for t in tools if t.is_.tool is ToolKind.IRON and t.is_.watts]
    soldered = any(
        "solder-joint" in s.records and ({*s.wires, *s.begins} or "connector" in s.refs) for s in steps
    )
    if not watts or not soldered:
        return ""
    asked = joint_work(design.leads.wire, design.leads.outlet, design.leads.length_m).iron_class_w
    if max(watts) >= asked:
        return ""
    return f"Its leads ask for an iron of {asked} W; the shop's strongest has {max(watts):.0f} W."


def told_of(each: ToBuy, parts: Sequence[PartInStock]) -> str:
    """Return from where a part is taken, in words; "" for nowhere."""
    places = [
        f"{amount_words(p.is_, p.amount)}{f' ({p.is_.place})' if p.is_.place else ''}"
        for p in _of(each.line, parts)
        if p.amount > 0
    ]
    return ", ".join(places)


def cut_words(each: ToBuy, parts: Sequence[PartInStock]) -> tuple[str, ...]:
    """Return the cut plan of a part, a line for each length that is begun."""
    if each.plan is None:
        return ()
    of = _of(each.line, parts)
    lines = []
    for length in each.plan.lengths:
        # What is bought by the metre is cut from one length, and its spare comes out of it too.
        whole = each.buy if length.rest is None and not any(p.is_.sold for p in of) else length.length_m
        where, left = f"the {figures(whole)} m bought", length.left_m + whole - length.length_m
        if length.rest is not None:
            place = of[length.rest].is_.place
            where = f"the {figures(length.length_m)} m {f'({place})' if place else 'there'}"
        told = f"{figures(left)} m" if left >= 1 else f"{left * 1e3:.0f} mm"
        lines.append(f"From {where}: {_grouped(length.cuts)}; {told} left")
    return tuple(lines)


def _grouped(cuts: Sequence[float]) -> str:
    counted: dict[int, int] = {}
    for cut in cuts:
        size = ceil(round(cut * 1e3, 3))
        counted[size] = counted.get(size, 0) + 1
    return ", ".join(f"{n} × {size} mm" for size, n in sorted(counted.items(), reverse=True))


def told_together(lines: Sequence[ToBuy]) -> str:
    """Return how much is to be bought and what it costs, in a sentence."""
    buy = [each for each in lines if each.buy > 0]
    if not buy:
        return "Nothing must be bought: all of it is there."
    costs = [each.cost for each in buy if each.cost is not None]
    without = len(buy) - len(costs)
    words = f"{plural(len(buy), 'part')} to buy of {len(lines)}"
    if costs:
        words += f", {sum(costs):.2f} in the money of the shop"
    return words + (f"; {without} without a price." if without else ".")
