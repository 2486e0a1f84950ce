"""What is written never takes the place of something else, and is there whole or not at all."""

import os
import threading

import pytest

from firmcell.__main__ import main
from firmcell.core.base.refusal import Refusal
from firmcell.store.job_file import JobFile
from firmcell.store.whole_files import new_whole, write_whole


def test_an_export_replaces_nothing_unless_asked_to(job, tmp_path, capsys):
    out = tmp_path / "cells.csv"
    out.write_text("my own notes")
    assert main(["export", str(job.path), "--to", "csv", str(out)]) == 3
    assert "is there already" in capsys.readouterr().err
    assert out.read_text() == "my own notes"
    assert main(["export", str(job.path), "--to", "csv", "--force", str(out)]) == 0
    assert out.read_text().startswith("table,")


def test_an_export_never_replaces_a_job_or_what_is_no_plain_file(job, hoist, tmp_path, capsys):
    other = tmp_path / "other.firmcell"
    JobFile.create(other, hoist).close()
    plain = tmp_path / "plain.txt"
    plain.write_text("x")
    link = tmp_path / "link.csv"
    link.symlink_to(plain)
    os.mkfifo(tmp_path / "pipe")
    before = {p: p.read_bytes() for p in (job.path, other, plain)}
    for target in (job.path, other, link, tmp_path / "pipe", tmp_path):
        assert main(["export", str(job.path), "--to", "csv", "--force", str(target)]) == 3
        assert "choose another name" in capsys.readouterr().err.lower()
    assert before == {p: p.read_bytes() for p in before}


def test_the_window_never_writes_over_a_job_either(hoist_window, qtbot):
    path = hoist_window.session.path
    before = path.read_bytes()
    hoist_window.jobs.write_layout("positions", path)
    qtbot.waitUntil(lambda: "never written over a job" in hoist_window.banner.text(), timeout=5000)
    assert path.read_bytes() == before


def test_two_who_write_one_name_at_once_do_not_mix(tmp_path):
    path = tmp_path / "out.bin"
    contents = [bytes([n]) * 400_000 for n in range(6)]
    threads = [threading.Thread(target=write_whole, args=(path, content, True)) for content in contents]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert path.read_bytes() in contents
    assert [p.name for p in tmp_path.iterdir()] == ["out.bin"]


def test_what_fails_in_the_middle_leaves_nothing(tmp_path, hoist):
    path = tmp_path / "new.firmcell"

    def breaks(job):
        job.add_revision(hoist)
        raise Refusal("in the middle")

    with pytest.raises(Refusal, match="in the middle"):
        JobFile.made(path, breaks)
    with pytest.raises(ZeroDivisionError), new_whole(tmp_path / "x") as part:
        1 / part.write_bytes(b"")
    assert list(tmp_path.iterdir()) == []


def test_a_name_taken_meanwhile_is_not_replaced(tmp_path):
    path = tmp_path / "new.firmcell"
    with pytest.raises(Refusal, match="is there already"), new_whole(path) as part:
        assert part.write_bytes(b"mine") < path.write_bytes(b"theirs")
    assert path.read_bytes() == b"theirs"
    assert [p.name for p in tmp_path.iterdir()] == [path.name]


def test_names_as_long_as_a_disk_bears_are_written(tmp_path):
    path = tmp_path / ("n" * 250 + ".csv")
    write_whole(path, b"x")
    assert path.read_bytes() == b"x"
    wide = tmp_path / ("Ω電" * 50 + ".csv")
    write_whole(wide, b"y")
    assert wide.read_bytes() == b"y"
    with pytest.raises(Refusal, match="cannot be written"):
        write_whole(tmp_path / ("n" * 300), b"x")
