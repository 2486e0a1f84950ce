"""Cautions, and checks of what people forget, that several kinds of job share."""

from typing import Any

FIRE_PLAN = "Fire plan ready: sand or water by, a non-burning bench, nobody asleep near it."

NO_WAY_BACK = "This cannot be undone: a sleeve that is not on the wire before the joint never gets there."
SLEEVE_ON = "Sleeve on this wire, far back"
OTHER_COVERED = "The other conductor is covered"
CAP_ON = "Cap on the wire before its contact"


def lead_joint(
    kind: str, *said: str, covered: bool = False, cap: bool = False, sleeve: bool = True
) -> dict[str, Any]:
    """Return records, checks and cautions of a joint on a lead: what is forgotten there is ticked before it
    is
    made.

    `kind` is the record of the joint, `said` further cautions; `covered` asks for the other conductor,
    `cap` for the cap of loose
    contacts.
    """
    checks = (
        *((SLEEVE_ON,) if sleeve else ()),
        *((CAP_ON,) if cap else ()),
        *((OTHER_COVERED,) if covered else ()),
    )
    return {
        "records": ("checked", kind) if checks else (kind,),
        "checks": checks,
        "cautions": (*((NO_WAY_BACK,) if sleeve else ()), *said),
    }
