"""What the page says of a host's charger: nothing that is not known is told as known."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs.host_charge import HOST_CHARGE
from firmcell.core.model.host_charger import ChargeEnd, HostCharger
from firmcell.store.demo import lamp_refit
from firmcell.store.demo_mending import toy_tray
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()


@pytest.mark.parametrize(
    ("make", "charger", "may", "full"),
    [
        (toy_tray, {"end": ChargeEnd.NOT_ENTERED}, "not known until it is entered", "not known"),
        (toy_tray, {"end": ChargeEnd.VOLTAGE, "open_v": 8.4}, "watched only", "not known"),
        (toy_tray, {"end": ChargeEnd.VOLTAGE, "open_v": 8.4, "current_a": 0.5}, "yes", "h from empty"),
        (toy_tray, {"end": ChargeEnd.NEVER, "current_a": 0.5}, "REFUSED", "not known"),
        (lamp_refit, {"end": ChargeEnd.CLOCK, "clock_s": 36_000.0}, "watched only", "not known"),
        (lamp_refit, {"end": ChargeEnd.CLOCK, "clock_s": 18_000.0, "current_a": 0.3}, "yes", "never: it ends at about"),
    ],
)  # fmt: skip
def test_the_page_tells_what_is_known_of_the_charge(make, charger, may, full):
    design = make(SHELF).edited("host_charger", HostCharger(**charger))
    told = {name: say(design, analyse(design, SHELF), SHELF) for name, say in HOST_CHARGE.figures}
    assert told["May charge it"].startswith(may)
    assert full in told["Full"]
