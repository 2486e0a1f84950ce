"""Rules on the fuse: between load, wire and fault, in time, and where it sits."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, duration, figures, volts
from firmcell.core.leads.fuse_rating import TOO_LARGE, fit_fuse
from firmcell.core.leads.fuse_timing import melting_i2t, protection
from firmcell.core.leads.insulation_class import like
from firmcell.core.model.limits import CUP_SLACK
from firmcell.core.model.parts import Fuse, Strip, Wire
from firmcell.core.rules.leads import _wire_for
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule
from firmcell.core.strips.pieces import collecting_strip

FUSE_WITHIN_M = 0.18
"""Wire before the fuse; common practice for small boats and vehicles, no source."""


def _better_fuse(s: Situation) -> Fix | None:
    """The smallest fuse that fits; with a heavier wire if none can protect the present one."""
    a, brief = s.analysis, s.design.brief
    for fuse in sorted(s.library.fuses, key=lambda f: (f.resettable, f.rating_a)):
        fit = fit_fuse(
            fuse,
            brief.duty,
            a.leads.limit_a,
            a.pack.short_circuit_a,
            a.pack.voltage_full_v,
        )
        if fit.fits:
            return Fix(f"Use a {fuse.name}", (("leads.fuse", fuse),))
        if not (fit.carries_load and fit.breaks_fault and fit.voltage_is_enough):
            continue
        found = _wire_for(s, fuse.rating_a)
        if found is not None:
            return Fix(f"Use a {fuse.name} and {found[0]}", (("leads.fuse", fuse), *found[1]))
    return None


@rule(
    "LE-7",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.FUSE,),
    source=COMMON_PRACTICE,
    reason="A short in the leads is then limited only by the cells.",
)
def no_fuse(s: Situation) -> Iterator[Hit]:
    """No fuse or breaker."""
    if s.design.leads.fuse is None:
        current, time = s.analysis.pack.short_circuit_a, s.analysis.leads.withstand_s
        yield Hit(
            f"There is no fuse: a short drives about {amperes(current)}, which the wire withstands for {figures(time, 2)} s.",
            ("lead:plus",),
            _better_fuse(s),
        )


@rule(
    "LE-8",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.FUSE,),
    source="rating between load and wire; breaking capacity; d.c. voltage",
    reason="A fuse outside these blows in use, comes too late, or burns on as an arc.",
)
def fuse_does_not_fit(s: Situation) -> Iterator[Hit]:
    """Fuse too small, too large, too weak or of too low a voltage."""
    fuse, fit = s.design.leads.fuse, s.analysis.leads.fuse
    if fuse is None or fit is None:
        return
    fix = _better_fuse(s)
    if not fit.voltage_is_enough:
        yield Hit(
            f"The fuse is for {volts(fuse.voltage_dc_v)} d.c.; the full pack gives "
            f"{volts(s.analysis.pack.voltage_full_v)} and would hold an arc.",
            ("fuse",),
            fix,
        )
    if not fit.breaks_fault:
        yield Hit(
            f"The fuse breaks {amperes(fuse.breaking_a)}; a short drives about "
            f"{amperes(s.analysis.pack.short_circuit_a)}.",
            ("fuse",),
            fix,
        )
    if not fit.protects_wire:
        times = fuse.rating_a / max(fit.greatest_rating_a, 1e-9)
        yield Hit(
            f"The fuse holds {amperes(fuse.rating_a)}, the wire carries {amperes(fit.greatest_rating_a)}.",
            ("fuse",),
            fix,
            Severity.STOP if times >= TOO_LARGE else Severity.ATTENTION,
        )
    if not fit.carries_load:
        yield Hit(
            f"The fuse is rated {amperes(fuse.rating_a)}; this load, with its peak of {duration(s.design.brief.peak_duration_s)}, needs "
            f"{amperes(fit.least_rating_a)} of this kind so that it does not blow in use.",
            ("fuse",),
            fix,
            Severity.ATTENTION,
        )


@rule(
    "LE-14",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.FUSE,),
    source="time-current bands in the manner of ISO 8820, IEC 60364-4-43 k²S², values from memory",
    reason="At those currents the wire or strip is damaged before the fuse opens.",
)
def fuse_too_slow(s: Situation) -> Iterator[Hit]:
    """A fuse that may open later than the wire or the strip stands."""
    p, fuse, found = s.analysis.protection, s.design.leads.fuse, s.analysis.leads.fuse
    if p is None or fuse is None or found is None or not found.protects_wire:
        return
    if p.slow_from_a is not None and p.slow_to_a is not None:
        yield Hit(
            f"Between {amperes(p.slow_from_a)} and {amperes(p.slow_to_a)} the {fuse.name} may open later than the "
            f"{s.design.leads.wire.gauge} wire stands.",
            ("fuse",),
            _quicker(s, strip_too=False),
        )


@rule(
    "LE-18",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.FUSE, Topic.BUILT),
    source="opening times of the fuse's class against the strip's heat balance in time, from the steady load",
    reason="Strip that glows before the fuse opens burns what lies on it.",
)
def fuse_too_slow_for_the_strip(s: Situation) -> Iterator[Hit]:
    """A fuse that may open later than the collecting strip stands."""
    p, fuse, found = s.analysis.protection, s.design.leads.fuse, s.analysis.leads.fuse
    if p is None or fuse is None or found is None or not found.protects_wire:
        return
    if p.strip_from_a is not None:
        yield Hit(
            f"From {amperes(p.strip_from_a)} the {fuse.name} may open later than the collecting strip stands.",
            ("fuse",),
            _quicker(s, strip_too=True),
        )


def _quicker(s: Situation, *, strip_too: bool) -> Fix | None:
    """A fuse that fits and is quick enough, or the next heavier wire; for the wire alone if no worse for the
    strip."""
    a, brief, leads = s.analysis, s.design.brief, s.design.leads
    strip = collecting_strip(a.layout, s.design.joining, a.strips)
    for fuse in sorted(s.library.fuses, key=lambda f: (f.resettable, f.rating_a)):
        fit = fit_fuse(
            fuse,
            brief.duty,
            a.leads.limit_a,
            a.pack.short_circuit_a,
            a.pack.voltage_full_v,
        )
        if not fit.fits or fuse == leads.fuse:
            continue
        if _opens_in_time(s, fuse, leads.wire, strip, strip_too):
            return Fix(f"Use a {fuse.name}", (("leads.fuse", fuse),))
    return _heavier_for_fuse(s, strip, strip_too)


def _opens_in_time(
    s: Situation, fuse: Fuse, wire: Wire, strip: tuple[Strip, int, float], strip_too: bool
) -> bool:
    """Whether a fuse opens before the wire is damaged, and the strip too or no sooner than now, at every
    current."""
    a, brief = s.analysis, s.design.brief
    found = protection(
        fuse,
        wire,
        s.design.leads.laying,
        strip,
        brief.duty,
        brief.ambient_max_k,
        a.pack.short_circuit_a,
        a.leads.inrush_i2t_a2s,
        s.design.leads.parallel,
    )
    now = a.protection.strip_from_a if a.protection is not None else None
    no_worse = not strip_too and now is not None and (found.strip_from_a or now) >= now
    return found.slow_from_a is None and (found.strip_from_a is None or no_worse)


def _heavier_for_fuse(s: Situation, strip: tuple[Strip, int, float], strip_too: bool) -> Fix | None:
    """The next heavier wire in the same covering that the present fuse protects and the connector takes."""
    leads = s.design.leads
    if leads.fuse is None:
        return None
    for wire in sorted(like(s.library.wires, leads.wire), key=lambda w: w.area_m2):
        if not leads.wire.area_m2 < wire.area_m2 <= leads.outlet.wire_area_max_m2 * CUP_SLACK:
            continue
        if _opens_in_time(s, leads.fuse, wire, strip, strip_too):
            return Fix(f"Use {wire.name}", (("leads.wire", wire),))
    return None


@rule(
    "LE-15",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.FUSE,),
    source="∫i²dt = CV²/2R against the fuse's melting I²t; " + COMMON_PRACTICE,
    reason="It blows, or ages a little at each plugging in and blows one day in use.",
)
def inrush_ages_fuse(s: Situation) -> Iterator[Hit]:
    """The rush into the load's capacitors is much of what melts the fuse."""
    p, fuse = s.analysis.protection, s.design.leads.fuse
    if p is not None and fuse is not None and p.inrush_share > 1:
        yield Hit(
            f"Plugging in lets {figures(s.analysis.leads.inrush_i2t_a2s)} A²s through the {fuse.name}, which melts from "
            f"{figures(melting_i2t(fuse))} A²s: precharge with {figures(s.analysis.leads.precharge_ohm or 0)} Ω.",
            ("fuse",),
        )


@rule(
    "LE-16",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.FUSE,),
    source=COMMON_PRACTICE,
    reason="What lies between pack and fuse is protected by nothing.",
)
def fuse_far_away(s: Situation) -> Iterator[Hit]:
    """Much wire before the fuse."""
    leads = s.design.leads
    if leads.fuse is not None and leads.fuse_at_m > FUSE_WITHIN_M:
        yield Hit(
            f"{figures(leads.fuse_at_m * 1e3)} mm of wire lie between pack and fuse; within {FUSE_WITHIN_M * 1e3:.0f} mm is right, "
            "with a second sleeve over that part.",
            ("fuse",),
            Fix("Put the fuse at the pack", (("leads.fuse_at_m", 0.05),)),
        )
