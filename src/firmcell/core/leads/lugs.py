"""Heavy cable: which lug, how it is crimped and screwed down, where it is clipped, and what pull it must
stand."""

from collections.abc import Sequence

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.soldering import CRIMP_ALLOWANCE_M, SleeveChoice, joint_sleeve, pull_out
from firmcell.core.model.parts import Lug, Wire

TORQUE_NM = {0.004: 1.5, 0.005: 3.0, 0.006: 5.0, 0.008: 10.0, 0.010: 18.0, 0.012: 30.0}
"""Torque in N·m by stud (plain steel nut on a copper lug, dry), generic class value: brass and lead studs of
batteries take less, and what is printed on the part goes before this."""
CLIPS_M = ((16.1e-6, 0.25), (50.1e-6, 0.35), (1.0, 0.45))
"""Distance of clips on a horizontal run in m by conductor area; common practice, no source."""
FIRST_CLIP_M = 0.10
"""First clip from the lug, so that the crimp is not worked; common practice, no source."""


@frozen
class LugWork:
    """One cable end.

    Attributes
    ----------
    strip_m : insulation off, from the barrel's depth and 1 mm.
    crimps : one or two, by the barrel.
    die_mm2 : the die or indent for the conductor's area, mm².
    torque_nm : for the stud; None if the stud is not in the table.
    sleeve : over barrel and insulation, put on first.
    pull_n, pull_source : least pull-out.
    clip_m, first_clip_m : between clips, and to the first.
    bend_m : smallest inside radius.
    """

    lug: Lug
    strip_m: float
    crimps: int
    die_mm2: float
    torque_nm: float | None
    sleeve: SleeveChoice | None
    pull_n: float | None
    pull_source: str
    clip_m: float
    first_clip_m: float
    bend_m: float


def lug_takes(lug: Lug, wire: Wire) -> bool:
    """Whether the barrel is for this conductor: by its area, the finest strands of one area being the
    same."""
    return lug.area_min_m2 * 0.98 <= wire.area_m2 <= lug.area_max_m2 * 1.02


def fitting_lugs(lugs: Sequence[Lug], wire: Wire, stud_m: float) -> tuple[Lug, ...]:
    """Return the lugs for a wire and a stud, the closest barrel first; a hole larger than the stud is not
    taken."""
    fit = [lug for lug in lugs if lug_takes(lug, wire) and abs(lug.stud_m - stud_m) < 0.1e-3]
    return tuple(sorted(fit, key=lambda lug: (lug.area_max_m2 - wire.area_m2, lug.palm_width_m)))


def lug_work(lug: Lug, wire: Wire, bend_m: float) -> LugWork:
    """Return what one end of a heavy cable asks for; `bend_m` is the wire's smallest bend."""
    pull, source = pull_out(wire)
    return LugWork(
        lug=lug,
        strip_m=lug.barrel_depth_m + CRIMP_ALLOWANCE_M,
        crimps=lug.crimps,
        die_mm2=wire.area_m2 * 1e6,
        torque_nm=next((nm for stud, nm in TORQUE_NM.items() if abs(stud - lug.stud_m) < 0.1e-3), None),
        sleeve=joint_sleeve(
            # It is on the wire before the lug is, so the palm never has to go through it.
            max(wire.outer_diameter_m, lug.barrel_outer_m),
            min(wire.outer_diameter_m, lug.barrel_outer_m),
            lug.barrel_depth_m,
            # Water creeps along the strands of a heavy cable: its ends are sealed.
            lined=True,
        ),
        pull_n=pull,
        pull_source=source,
        clip_m=next(clip for most, clip in CLIPS_M if wire.area_m2 <= most),
        first_clip_m=FIRST_CLIP_M,
        bend_m=bend_m,
    )
