"""The work plan of a power cable: route, lugs, second insulation, clips, torque, fuse last."""

from collections.abc import Iterator

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.base.wording import amperes, figures, millimetres, volts
from firmcell.core.leads.insulation_class import smallest_bend
from firmcell.core.leads.lugs import lug_work
from firmcell.core.model.design import Design
from firmcell.core.model.parts import FuseKind
from firmcell.core.records.step import Step


def power_cable_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of laying a heavy cable in order; the source is joined last."""
    return tuple(step for part in (_route, _ends, _lay, _join) for step in part(d, a))


def _fuse_words(d: Design) -> str:
    if d.leads.fuse is None:
        return "protection"
    return "breaker" if d.leads.fuse.construction is FuseKind.BREAKER else "fuse"


def _route(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "cable-route", "Route", "Measure the way with a string",
        f"Lay a string where the cable will run, away from edges, heat and moving parts, no bend under {millimetres(smallest_bend(d.leads.wire))} "
        f"inside. Planned: {figures(d.leads.length_m)} m of {d.leads.wire.name}, each conductor.",
        cautions=("Source disconnected: the clamp on its minus comes off first and goes on last.",), records=("checked",),
        checks=("Source disconnected", f"Length is within {figures(d.leads.length_m)} m", "Nothing sharp or hot on the way", "Both studs clean and bright"),
        hold=True,
    )  # fmt: skip


def _ends(d: Design, a: Analysis) -> Iterator[Step]:
    bend = smallest_bend(d.leads.wire)
    yield Step(
        "cable-sleeves", "Ends", "Sleeves and second insulation go on first",
        "Thread the sleeves of both ends"
        + (", and the second insulation over all that lies ahead of the fuse," if d.cable.second_insulation else "")
        + " before the far end is crimped.",
        records=("checked",), checks=("Two sleeves on each conductor",) + (("Second insulation on",) if d.cable.second_insulation else ()), hold=True,
    )  # fmt: skip
    for where in ("source", "load"):
        lug = getattr(d.cable, f"{where}_lug")
        for pole in ("plus", "minus"):
            if lug is None:
                words, expected = "Choose a lug in Leads first.", ""
            else:
                work = lug_work(lug, d.leads.wire, bend)
                pull = f", holds {work.pull_n:.0f} N ({work.pull_source})" if work.pull_n else ""
                words = (
                    f"{lug.name}. Strip {millimetres(work.strip_m)} (barrel and 1 mm; mark it with tape), roll the insulation off, nick no strand. All "
                    f"strands in with a twist, seen in the witness hole. Die or indent for {work.die_mm2:.3g} mm², "
                    f"{'two crimps, the first next to the palm' if work.crimps > 1 else 'one full crimp'}. Then the sleeve over barrel and insulation."
                )
                expected = f"conductor in the witness hole, tug holds{pull}"
            yield Step(
                f"crimp-{where}-{pole}", "Ends", f"{where.capitalize()} end, {pole}: crimp the lug", words, records=("crimp-joint",),
                expected=expected, refs=(f"lead:{pole}",), hold=lug is None,
            )  # fmt: skip


def _lay(d: Design, a: Analysis) -> Iterator[Step]:
    lug = d.cable.source_lug or d.cable.load_lug
    clip = (
        f"every {millimetres(lug_work(lug, d.leads.wire, 0.1).clip_m)}, the first {millimetres(lug_work(lug, d.leads.wire, 0.1).first_clip_m)} from each lug"
        if lug
        else "so that nothing hangs"
    )
    yield Step(
        "cable-clips", "Lay", "Lay and clip it",
        f"Clips {clip}; grommets where it goes through sheet. Plus and minus beside each other.", records=("checked",),
        checks=("Clipped", "No bend too tight", "Grommets in every hole", "Nothing chafes"), hold=True,
    )  # fmt: skip
    yield Step(
        "cable-insulation", "Lay", "Measure the insulation before it is live",
        "Each conductor to the other and to the frame, both ends free.", records=("insulation-reading",), expected="more than 5 MΩ", hold=True,
    )  # fmt: skip


def _join(d: Design, a: Analysis) -> Iterator[Step]:
    protection = _fuse_words(d)
    order = (("load", "minus"), ("load", "plus"), ("source", "plus"), ("source", "minus"))
    for where, pole in order:
        lug = getattr(d.cable, f"{where}_lug")
        nm = lug_work(lug, d.leads.wire, 0.1).torque_nm if lug else None
        torque = f"{nm:g} N·m for M{lug.stud_m * 1e3:.0f}" if nm and lug else "what is printed on the part"
        last = (where, pole) == order[-1]
        words = f"Lug flat on the stud, nothing between, washer and nut on top. Torque: {torque}; what the part says goes before it."
        if (where, pole) == ("source", "plus"):
            words += f" The {protection} stays out, or open, and goes in this lead within {millimetres(max(d.leads.fuse_at_m, 0.05))} of the stud."
        yield Step(
            f"join-{where}-{pole}", "Join", f"{where.capitalize()} {pole}", words,
            cautions=((f"Spanner insulated: from plus to frame it drives {amperes(a.pack.short_circuit_a)}.",) if where == "source" else ()),
            records=("checked",), checks=("Lug flat, torque reached", "Cover on") + (("Small spark at most",) if last else ()),
            refs=(f"lead:{pole}",), hold=last,
        )  # fmt: skip
    yield Step(
        "cable-polarity", "Prove", f"Polarity at the load, then the {protection} in",
        f"With the {protection} out the load end reads nothing. Put it in; red on the plus lug.", records=("polarity-reading",),
        expected=f"up to {volts(d.cable.source_v)} with red on plus", refs=("lead:plus", "fuse"), hold=True,
    )  # fmt: skip
    yield Step(
        "cable-load", "Prove", "Drop and heat under load",
        f"Load it with about {amperes(d.brief.current_steady_a)}; measure from source stud to load stud along each conductor, then feel every lug.",
        records=("checked",),
        checks=(f"Both conductors together lose under {volts(d.leads.drop_limit_v)}", "No lug warmer than the cable", "Clips and covers sit"), hold=True,
    )  # fmt: skip
