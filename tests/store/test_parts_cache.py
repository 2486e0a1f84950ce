"""The parts kept from the last start are the parts of the libraries, or they are not believed."""

import json

import pytest
from platformdirs import user_cache_path

from firmcell.store import part_files
from firmcell.store.parts_cache import cache_file, keep_parts, kept_parts


@pytest.fixture
def read_afresh():
    """The shipped parts read again at each call, as a new start does."""
    part_files.shipped_parts.cache_clear()
    yield part_files.shipped_parts.__wrapped__
    part_files.shipped_parts.cache_clear()


def test_the_second_start_reads_the_same_parts_without_a_library(read_afresh, monkeypatch):
    first = read_afresh()
    monkeypatch.setattr(part_files, "parts_from_toml", lambda *_: pytest.fail("a library was read again"))
    second = read_afresh()
    assert second == first
    for a, b in zip(first, second, strict=True):
        assert {k: type(v) for k, v in dict(a).items()} == {k: type(v) for k, v in dict(b).items()}


@pytest.mark.parametrize("damage", ["one digit", "cut short", "emptied", "not text"])
def test_a_damaged_cache_is_read_past(read_afresh, damage):
    first = read_afresh()
    (path,) = user_cache_path("firm-cell").glob("parts-*.json")
    text = path.read_text()
    at = text.index("0.0", 70)
    path.write_bytes(
        {
            "one digit": (text[:at] + "0.1" + text[at + 3 :]).encode(),
            "cut short": text[: len(text) // 2].encode(),
            "emptied": b"",
            "not text": b"\xff\xfe\x00",
        }[damage]
    )
    assert kept_parts(path) is None
    assert read_afresh() == first
    assert kept_parts(path) == first


def test_a_changed_library_has_a_cache_of_its_own_and_the_old_one_goes(library):
    old, new = cache_file(["[[cell]]"]), cache_file(["[[cell]]", ""])
    assert old != new
    keep_parts(old, library.cells[:2])
    keep_parts(new, library.cells[:3])
    assert not old.exists()
    assert kept_parts(new) == library.cells[:3]
    assert len(json.loads(new.read_text().partition("\n")[2])) == 3


def test_a_folder_that_cannot_be_written_is_no_fault(tmp_path, library):
    (tmp_path / "file").write_text("")
    keep_parts(tmp_path / "file" / "parts-0.json", library.cells)
    assert kept_parts(tmp_path / "file" / "parts-0.json") is None
