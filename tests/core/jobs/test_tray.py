"""A pack in a host's tray: volts before and after, room, contacts, and the order of work."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.jobs import passport_of, plan_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.jobs.tray import in_host
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.store.demo_mending import toy_tray
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
TOY = toy_tray(SHELF)


def steps(design=TOY):
    return steps_of(design, analyse(design, SHELF))


def test_the_demo_stands_without_a_stop():
    assert not [f for f in found(TOY, SHELF).values() if f.severity is Severity.STOP]


def test_sleeves_first_then_minus_then_plus_then_continuity_then_live():
    """JOBS.md's order: common practice, no source."""
    codes = [s.code for s in steps()]
    order = (
        "record",
        "remove",
        "clear",
        "trial",
        "leads",
        "plug-minus",
        "plug-plus",
        "contact-minus",
        "contact-plus",
        "cover",
        "continuity",
        "polarity",
        "run",
    )
    assert codes == [f"tray-{name}" for name in order]
    assert {"tray-record", "tray-trial", "tray-leads", "tray-continuity", "tray-polarity"} <= {
        s.code for s in steps() if s.hold
    }
    whole = [s.code for s in steps(TOY.edited("tray.unmodified", True))]
    assert "tray-clear" not in whole


def test_volts_under_load_by_hand():
    """By hand: six cells of 1.5 V and 150 mΩ at 1.5 A, and the pack's nominal voltage less its resistance."""
    analysis = analyse(TOY, SHELF)
    host = in_host(TOY, analysis)
    assert host.old_full_v == pytest.approx(9.6)
    assert host.old_load_v == pytest.approx(6 * (1.5 - 1.5 * 0.15))
    assert host.new_load_v == pytest.approx(7.2 - 1.5 * analysis.pack.resistance_total_ohm)
    rows = {r.name: r for r in plan_of(TOY).worth(TOY, analysis)}
    assert rows["Full"].before == "9.60 V"
    assert rows["Full"].after == "8.40 V"
    tired = in_host(TOY.edited("tray.old_each_ohm", 2.0), analysis)
    assert tired.old_load_v == 0.0
    assert tired.faster == 0.0


@pytest.mark.parametrize(
    ("edits", "code", "severity", "words"),
    [
        ([("tray.old_cells", 4)], "TR-1", Severity.STOP, "31 % over"),
        ([("tray.old_cells", 4), ("tray.over_reason", "motor is marked 12 V")], "TR-1", Severity.ATTENTION, "marked 12 V"),
        ([("tray.old_cells", 4), ("tray.over_reason", "x"), ("tray.motor_v", 7.0)], "TR-1", Severity.STOP, "stands 7.00 V"),
        ([("tray.old_each_ohm", 0.3)], "TR-2", Severity.ATTENTION, "12 % faster"),
        ([("tray.pack_length_m", 0.1)], "TR-3", Severity.STOP, "100.0 mm does not go into"),
        ([("tray.coil_m", 2.0), ("tray.cavity_length_m", 0.075), ("tray.cavity_width_m", 0.045), ("tray.cavity_height_m", 0.021)], "TR-3", Severity.STOP, "of coiled wire take"),
        ([("tray.cavity_height_m", None)], "TR-3", Severity.ATTENTION, "not measured"),
        ([("tray.contact_a", 1.0)], "TR-4", Severity.STOP, "carry 1 A"),
        ([("tray.contact_a", None)], "TR-4", Severity.ATTENTION, "not known"),
        ([("bms.board", None)], "TR-5", Severity.STOP, "Nothing stops it"),
        ([("host_charger.end", ChargeEnd.CLOCK)], "CH-1", Severity.STOP, "never charged without voltage control"),
    ],
)  # fmt: skip
def test_what_does_not_go_together_is_told(edits, code, severity, words):
    told = found(TOY.with_edits(*edits), SHELF)[code]
    assert told.severity is severity
    assert words in told.sentence


def test_the_pack_may_lie_any_way_round_in_its_room():
    turned = TOY.with_edits(
        ("tray.cavity_length_m", 0.030), ("tray.cavity_width_m", 0.094), ("tray.cavity_height_m", 0.052)
    )
    assert "TR-3" not in found(turned, SHELF)


def test_a_recorded_reason_goes_with_the_host_and_a_wrong_charger_is_marked():
    over = TOY.with_edits(("tray.old_cells", 4), ("tray.over_reason", "motor is marked 12 V"))
    page = passport_of(over, analyse(over, SHELF), EMPTY_STATE, (), Bound(""))
    assert page.cautions[0].endswith("motor is marked 12 V")
    assert page.worth[0][0] == "Full"
    charged = TOY.edited("host_charger.end", ChargeEnd.NEVER)
    last = steps(charged)[-1]
    assert "Mark the host's charger" in last.words
    assert "Charger marked" in last.checks


def test_the_compartment_is_drawn_to_scale_with_everything_inside():
    drawing = plan_of(TOY).pictures(TOY, analyse(TOY, SHELF))[0]
    room = next(s for s in drawing.shapes if s.role == "space.edge")
    assert max(x for x, _ in room.points) == pytest.approx(94.0)
    for role in ("face.body", "outline.insulation"):
        shape = next(s for s in drawing.shapes if s.role == role)
        assert all(0 <= x <= 94.0 and 0 <= y <= 52.0 for x, y in shape.points)
    plain = TOY.edited("tray.cavity_length_m", None)
    assert not [
        s for s in plan_of(plain).pictures(plain, analyse(plain, SHELF))[0].shapes if s.role == "space.edge"
    ]
