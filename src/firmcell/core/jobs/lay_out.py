"""What is laid out before a job begins: tools, parts, sleeves that go on first, what is used up."""

from collections.abc import Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import millimetres, plural
from firmcell.core.jobs.parts_list import lines_of, used_in
from firmcell.core.jobs.parts_used import Used, known_parts
from firmcell.core.model.design import Design
from firmcell.core.records.step import Step

TOOLS = {
    "cell-check": ("volt meter", "calliper"),
    "cell-reading": ("volt meter",),
    "weld-sample": ("spot welder", "pliers to peel", "safety glasses"),
    "weld-row": ("spot welder", "safety glasses", "wooden stick to press strip down"),
    "solder-joint": (
        "soldering iron, wide tip",
        "clamp or jig",
        "wire stripper",
        "hot air",
        "safety glasses",
    ),
    "screw-joint": ("torque driver", "insulated spanner"),
    "crimp-joint": ("crimping tool with its dies", "cable cutter", "wire stripper", "hot air"),
    "tap-reading": ("volt meter",),
    "polarity-reading": ("volt meter",),
    "insulation-reading": ("insulation tester, or meter of MΩ",),
    "as-found": ("camera", "marker"),
    "weighing": ("scale to 0.1 g", "basin of water"),
}
USED_UP = {
    "weld-sample": ("scrap strip and a dead cell",),
    "solder-joint": ("solder", "rosin flux", "wipes"),
    "cell-check": ("marker",),
}
COVERS = "covers for free ends, one for each"


@frozen
class LaidOut:
    """What is laid out.

    Attributes
    ----------
    tools, parts, used_up : one line each.
    first : sleeves and caps that go on before any joint.
    """

    tools: tuple[str, ...]
    parts: tuple[str, ...]
    used_up: tuple[str, ...]
    first: tuple[str, ...]


def laid_out(d: Design, a: Analysis, steps: tuple[Step, ...]) -> LaidOut:
    """Return what a job needs on the bench before it begins, from its plan and its parts."""
    kinds = dict.fromkeys(k for s in steps for k in (*s.records, *s.offers))
    tools = dict.fromkeys(t for k in kinds for t in TOOLS.get(k, ()))
    used = dict.fromkeys(t for k in kinds for t in USED_UP.get(k, ()))
    said = " ".join(c for s in steps for c in (*s.cautions, s.words))
    if "and water by" in said or "or water by" in said or "sand" in said:
        used["sand or a great deal of water, outdoors or on a bench that does not burn"] = None
    parts, made = used_in(d, a, steps), {w for s in steps for w in (*s.wires, *s.begins)}
    if any(w for w in made) and any("covered" in c for s in steps for c in (*s.checks, *s.cautions)):
        used[COVERS] = None
    if any("polyimide" in s.words for s in steps):
        used["polyimide tape"] = None
    return LaidOut(
        tuple(tools),
        tuple(line.words for line in lines_of((u for u in parts if not u.first), known_parts(d))),
        tuple(used),
        tuple(_first(d, parts)),
    )


def _first(d: Design, used: Sequence[Used]) -> list[str]:
    """Sleeves of the main leads' joints, and caps of loose contacts."""
    sleeves: dict[str, list[float]] = {}
    for each in used:
        if each.first:
            sleeves.setdefault(each.name, []).extend(each.cuts)
    found = [
        f"{plural(len(cuts), 'piece')} of {name}, cut {millimetres(cuts[0])}: on the wires before any joint"
        for name, cuts in sleeves.items()
    ]
    if found and d.leads.outlet.loose_contacts:
        found.append("caps of the connector: on the wires before any contact")
    return found
