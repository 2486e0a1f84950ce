"""Which wire ends are live after a step, worked out from the wiring."""

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench.live_points import live_ends_words
from firmcell.core.jobs import as_job, steps_of
from firmcell.core.model.job_details import JobKind
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()


def told(design):
    analysis = analyse(design, SHELF)
    steps = steps_of(design, analysis)
    return {s.code: live_ends_words(analysis.wiring, steps, s.code) for s in steps}


def test_open_ends_grow_lead_by_lead(hoist):
    """Sense leads of one face: B0 to B10 in steps of two, 35.6 V by 3.56 V a cell; then every pin, then the main leads too."""
    words = told(hoist)
    assert words["dry-fit"] == ""
    assert "6 open ends, up to 35.60 V" in words["taps-bottom"]
    assert "11 open ends, up to 35.60 V" in words["taps-top"]
    assert "12 open ends" in words["lead-minus"], "the board's pad B− is live too"
    ends = int(words["lead-plus"].split(" open ends")[0].rpartition(" ")[2])
    assert ends >= 14, "both ends of the fuse and the cup of the connector"


def test_nothing_beyond_the_boards_open_switch_is_called_live(hoist):
    analysis = analyse(hoist, SHELF)
    steps = steps_of(hoist, analysis)
    assert "P−" not in live_ends_words(analysis.wiring, steps, "lead-minus")


def test_on_a_live_pack_the_first_wire_is_live_against_all_metal(hoist):
    words = told(as_job(hoist, JobKind.LEAD_CHANGE, SHELF))
    assert "against all metal of the pack" in words["lead-on-minus"]
    assert "up to 35.60 V" in words["lead-on-plus"]
