"""The ways a shop can like to work, of which a first design takes over those that bring no harm."""

import json
from enum import Enum

from firmcell.core.base.frozen import frozen
from firmcell.core.model.design import Alloy, ConnectOrder, FirstLead, Flux, JointOrder, StripStyle
from firmcell.core.model.job_details import Grain, SleeveWhen, TakeOff
from firmcell.core.model.parts import Contact
from firmcell.core.stock.at_hand import FAMILY


@frozen
class Way:
    """One way.

    Attributes
    ----------
    path : field of a design, or `FAMILY`.
    title : as it is asked.
    values : what can be liked.
    """

    path: str
    title: str
    values: tuple[Enum, ...]

    def told(self, value: Enum) -> str:
        """The value as it is written."""
        return str(value.value) if self.path == FAMILY else json.dumps(value.value, ensure_ascii=False)

    def liked(self, ways: tuple[tuple[str, str], ...]) -> Enum | None:
        """What is liked by ways that were told; None for nothing."""
        told = dict(ways).get(self.path)
        return next((value for value in self.values if self.told(value) == told), None)


WAYS = (
    Way(FAMILY, "Connector family", tuple(c for c in Contact if c not in (Contact.HOST_PLUG, Contact.OTHER))),
    Way("leads.alloy", "Solder", tuple(Alloy)),
    Way("leads.flux", "Flux", tuple(Flux)),
    Way("leads.first_lead", "Which lead first", tuple(FirstLead)),
    Way("joining.style", "Strips or cut plates", tuple(StripStyle)),
    Way("joining.order", "Order of the joints", (JointOrder.ASCENDING, JointOrder.LEAST_EXPOSED)),
    Way("bms.order", "Board is connected", tuple(ConnectOrder)),
    Way("lead_change.take_off", "Old connector comes off", (TakeOff.CUT, TakeOff.UNSOLDER)),
    Way("machine.sleeve", "Sleeve on bullets", tuple(SleeveWhen)),
    Way("grain", "Work plan", tuple(Grain)),
)
