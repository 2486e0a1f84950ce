"""Rules on the charger that a host brings along."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.charging.in_host import ChargeInHost, charged_in_host
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.rules.table import Hit, Topic, rule

SOURCE = "charge method of the chemistry (IEC 61951-2, from memory); common practice, no source"


def _found(s: Situation) -> ChargeInHost | None:
    """What the host's charger does, where one is entered."""
    known = s.design.host_charger.end is not ChargeEnd.NOT_ENTERED
    return charged_in_host(s.design) if known else None


@rule(
    "CH-1",
    Stage.BRIEF,
    Severity.STOP,
    topics=(Topic.CHARGE,),
    source=SOURCE,
    reason="A charger goes on doing what it was made for; it does not see that other cells are in.",
)
def host_must_not_charge(s: Situation) -> Iterator[Hit]:
    """The host's charger would harm the cells."""
    found = _found(s)
    for words in found.stops if found else ():
        yield Hit(f"Not to be charged in the host. {words}")


@rule(
    "CH-2",
    Stage.BRIEF,
    Severity.ATTENTION,
    topics=(Topic.CHARGE,),
    source=SOURCE,
    reason="What a charger does at the end decides how long cells last, and whether they get hot.",
)
def host_charges_with_care(s: Situation) -> Iterator[Hit]:
    """The host may charge the cells, with something to be known or done."""
    found = _found(s)
    for words in found.marks if found else ():
        yield Hit(f"Charged in the host: {words[0].lower()}{words[1:]}")
