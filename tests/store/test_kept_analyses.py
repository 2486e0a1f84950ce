"""What is kept of an analysis is that analysis, and is believed only while all that made it is the same."""

import pickle

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import findings_of
from firmcell.core.model.part_library import EMPTY_LIBRARY
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store import kept_analyses
from firmcell.store.kept_analyses import MOST_KEPT, keep_analysis, kept_analysis, kept_file


@pytest.fixture
def kept(odd_hoist, library):
    """The demo's design, its analysis, and the file both were kept in."""
    path = kept_file(odd_hoist.model_dump_json(), library)
    analysis = analyse(odd_hoist, library)
    keep_analysis(path, odd_hoist, analysis)
    return odd_hoist, analysis, path


def test_what_is_kept_tells_the_same_as_what_was_worked_out(kept, library):
    design, analysis, path = kept
    again, read = kept_analysis(path)
    assert again == design
    assert again.model_dump_json() == design.model_dump_json()
    told = [
        findings_of(Situation(d, a, EMPTY_STATE, library)) for d, a in ((design, analysis), (again, read))
    ]
    assert told[0] == told[1]
    assert told[0]
    solved = [solve_under_load(d, a.layout, 3600.0) for d, a in ((design, analysis), (again, read))]
    assert solved[0].figures == solved[1].figures


def test_an_edit_of_a_kept_design_is_checked_like_any_other(kept):
    again, _ = kept_analysis(kept[2])
    with pytest.raises((Refusal, ValueError)):
        again.edited("series", 0)
    assert again.edited("series", 9).series == 9


def test_each_text_library_and_state_of_the_code_has_a_file_of_its_own(odd_hoist, library, monkeypatch):
    text = odd_hoist.model_dump_json()
    names = {kept_file(text, library), kept_file(text + " ", library), kept_file(text, EMPTY_LIBRARY)}
    monkeypatch.setattr(kept_analyses, "_worked_out_by", lambda: b"another state of the code")
    assert len(names | {kept_file(text, library)}) == 4


def test_the_code_is_told_by_every_file_of_the_core(tmp_path, monkeypatch):
    core = tmp_path / "core"
    (core / "room").mkdir(parents=True)
    (core / "__init__.py").write_text("")
    formula = core / "room" / "formula.py"
    formula.write_text("a = 1\n")
    monkeypatch.setattr(kept_analyses.firmcell.core, "__file__", str(core / "__init__.py"))
    before = kept_analyses._worked_out_by.__wrapped__()
    formula.write_text("a = 10\n")
    assert kept_analyses._worked_out_by.__wrapped__() != before


@pytest.mark.parametrize("damage", ["one bit", "cut short", "emptied", "others may write"])
def test_what_is_damaged_or_another_may_have_written_is_not_read(kept, damage, monkeypatch):
    path = kept[2]
    whole = path.read_bytes()
    if damage == "others may write":
        path.chmod(0o666)
    else:
        at = len(whole) // 2
        path.write_bytes(
            {
                "one bit": whole[:at] + bytes([whole[at] ^ 1]) + whole[at + 1 :],
                "cut short": whole[:at],
                "emptied": b"",
            }[damage]
        )
    monkeypatch.setattr(pickle, "loads", lambda *_: pytest.fail("it was read"))
    assert kept_analysis(path) is None


def test_no_more_than_some_are_kept_and_the_oldest_go(kept, library):
    design, analysis, path = kept
    for number in range(MOST_KEPT + 3):
        keep_analysis(path.with_name(f"{number:032x}.pickle"), design, analysis)
    assert len(list(path.parent.iterdir())) == MOST_KEPT
    assert not path.exists()


def test_a_folder_that_cannot_be_written_is_no_fault(kept, tmp_path):
    design, analysis, _ = kept
    (tmp_path / "file").write_text("")
    keep_analysis(tmp_path / "file" / "x.pickle", design, analysis)
    assert kept_analysis(tmp_path / "file" / "x.pickle") is None
