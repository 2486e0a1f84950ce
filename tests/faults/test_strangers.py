"""Files from strangers: in time, within memory, in one sentence; and their text is only text."""

import csv
import io
import os
import time
from contextlib import suppress

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.__main__ import main
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import harmless_cell, visible
from firmcell.store.cell_tests_csv import cell_tests_from_csv
from firmcell.store.exchange import read_exchange
from firmcell.store.outline_files import outline_from_csv, outline_from_dxf, outline_from_svg, read_outline
from firmcell.store.part_files import load_library, parts_from_csv, parts_from_toml, user_parts
from firmcell.store.resistance_csv import resistances_from_csv
from firmcell.store.revisions import read_design
from firmcell.store.strangers import bytes_of, json_of, text_of
from firmcell.store.whole_job import brief_from_json
from tests.conftest import cases, patience

LINE = "  0\nLINE\n  8\n0\n 10\n{}\n 20\n{}\n 11\n{}\n 21\n{}\n"


def dxf(*entities):
    return "  0\nSECTION\n  2\nENTITIES\n" + "".join(entities) + "  0\nENDSEC\n  0\nEOF\n"


def loose_lines(count):
    """Lines that touch nothing."""
    return dxf(*(LINE.format(n, 0, n + 0.4, 1) for n in range(count)))


HOSTILE = {
    "loose lines": (outline_from_dxf, loose_lines(4000)),
    "a circle of a million kilometres": (
        outline_from_dxf,
        dxf("  0\nCIRCLE\n  8\n0\n 10\n0\n 20\n0\n 40\n1e15\n"),
    ),
    "a spline with knots at infinity": (
        outline_from_dxf,
        dxf(
            "  0\nSPLINE\n  8\n0\n 71\n3\n 72\n8\n 73\n4\n"
            + " 40\n1e308\n" * 8
            + " 10\n1e308\n 20\n-1e308\n" * 4
        ),
    ),
    "no DXF": (outline_from_dxf, "0\n" * 100_000),
    "words that grow": (
        outline_from_svg,
        '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa">'
        + "".join(f'<!ENTITY a{n} "{("&a" + str(n - 1) + ";") * 10 if n else "&a;"}">' for n in range(9))
        + "]><svg>&a8;</svg>",
    ),
    "a path of 50,000 curves": (outline_from_svg, f'<svg><path d="M0 0 {"c1 1 2 2 3 3 " * 50_000}z"/></svg>'),
    "a hundred thousand boxes": (
        outline_from_svg,
        "<svg>" + '<rect width="9" height="9"/>' * 100_000 + "</svg>",
    ),
    "nested a hundred thousand deep": (
        outline_from_svg,
        "<svg>" + "<g>" * 100_000 + "</g>" * 100_000 + "</svg>",
    ),
    "a million points": (outline_from_csv, "1,2\n" * 1_000_000),
    "one line of ten million": (outline_from_csv, "1" * 10_000_000),
    "a number of 5,000 digits": (
        lambda t, w: resistances_from_csv(t, w, 40),
        "cell,resistance mΩ\n1," + "9" * 5000,
    ),
    "a cell of 5,000 digits": (
        lambda t, w: cell_tests_from_csv(t, w, 40),
        "cell,first V\n" + "9" * 5000 + ",3.7",
    ),
    "deep TOML": (parts_from_toml, "a = " + "[" * 100_000),
    "deep TOML tables": (parts_from_toml, "a = " + "{b = " * 50_000),
    "a TOML number of 5,000 digits": (parts_from_toml, "[[cell]]\nname = 'x'\nseries = " + "9" * 5000),
    "a TOML date that is none": (parts_from_toml, "[[cell]]\nname = 9999-99-99"),
    "a part table of many lines": (parts_from_csv, "kind,name\n" + "cell,x\n" * 200_000),
    "deep JSON": (read_exchange, "[" * 1_000_000),
    "a JSON number of 5,000 digits": (
        read_exchange,
        '{"format": "firmcell-job", "version": ' + "9" * 5000 + "}",
    ),
    "a brief of 5,000 digits": (brief_from_json, '{"title": ' + "9" * 5000 + "}"),
    "a deep brief": (brief_from_json, '{"title": ' + "[" * 200_000),
    "a deep design": (read_design, "[" * 200_000),
    "a design of 5,000 digits": (read_design, '{"format": ' + "9" * 5000 + "}"),
}


@pytest.mark.parametrize("what", HOSTILE)
def test_each_is_refused_in_one_sentence_within_two_seconds(what):
    read, text = HOSTILE[what]
    # The packages that a reader loads are not its time.
    with suppress(Refusal):
        read("", "warm.up")
    began = time.process_time()
    with pytest.raises(Refusal) as caught:
        read(text, "stranger.txt")
    assert time.process_time() - began < patience(2)
    assert 10 < len(caught.value.sentence) < 400
    assert "\n" not in caught.value.sentence


def test_hundreds_of_lines_that_do_join_are_an_outline():
    """A polygon of 700 sides in random order and direction, among loose lines."""
    import numpy as np

    dice = np.random.default_rng(1)
    angles = np.linspace(0, 2 * np.pi, 701)
    corners = [(f"{100 * np.cos(a):.6f}", f"{100 * np.sin(a):.6f}") for a in angles[:-1]]
    corners.append(corners[0])
    sides = [(corners[n], corners[n + 1]) for n in range(700)]
    dice.shuffle(sides)
    lines = [LINE.format(*(a + b if dice.integers(2) else b + a)) for a, b in sides]
    began = time.process_time()
    ring = np.array(outline_from_dxf(dxf(*lines, LINE.format(500, 500, 501, 501)), "tray.dxf"))
    assert time.process_time() - began < patience(4)
    assert len(ring) == 700
    assert np.allclose(np.hypot(*ring.T), 0.1, atol=1e-6)


@pytest.mark.parametrize(
    "read",
    [parts_from_toml, parts_from_csv, outline_from_csv, outline_from_svg, outline_from_dxf, read_exchange],
)
@given(text=st.text(max_size=400))
@settings(max_examples=cases(40), deadline=None)
def test_any_text_is_read_or_refused(read, text):
    try:
        read(text, "any")
    except Refusal as refusal:
        assert refusal.sentence  # noqa: PT017


def test_a_pipe_a_folder_and_a_device_are_no_files(tmp_path):
    os.mkfifo(tmp_path / "pipe.csv")
    (tmp_path / "folder.csv").mkdir()
    began = time.monotonic()
    for path in (tmp_path / "pipe.csv", tmp_path / "folder.csv", "/dev/zero"):
        with pytest.raises(Refusal, match="no plain file"):
            bytes_of(type(tmp_path)(path))
    with pytest.raises(Refusal, match="no plain file"):
        read_outline(tmp_path / "pipe.csv")
    assert time.monotonic() - began < patience(2)


def test_too_large_and_not_text(tmp_path):
    path = tmp_path / "big.csv"
    with path.open("wb") as stream:
        stream.truncate(50_000_000)
    with pytest.raises(Refusal, match="larger than 20 MB"):
        text_of(path)
    (tmp_path / "bin.csv").write_bytes(b"\xff\xfe\x00")
    with pytest.raises(Refusal, match="UTF-8"):
        text_of(tmp_path / "bin.csv")
    with pytest.raises(Refusal, match="too many digits"):
        json_of("9" * 5000, "x")


def test_bad_part_files_are_named_and_left_out_and_stop_no_command(tmp_path, capsys, job):
    folder = tmp_path / "parts"
    folder.mkdir()
    (folder / "deep.toml").write_text("a = " + "[" * 100_000)
    (folder / "digits.toml").write_text("[[cell]]\nname = 'x'\ncapacity = " + "9" * 5000)
    (folder / "binary.csv").write_bytes(b"\x00\xff\xfe")
    os.mkfifo(folder / "pipe.toml")
    (folder / "link.toml").symlink_to(folder / "gone.toml")
    parts, faults = user_parts(folder)
    assert parts == []
    for name in ("deep.toml", "digits.toml", "binary.csv", "pipe.toml", "link.toml"):
        assert any(name in fault and "left out" in fault for fault in faults), name
    library, _ = load_library(folder)
    assert library.cells
    assert main(["analyse", str(job.path), "--json"]) in (0, 1)
    assert "Traceback" not in capsys.readouterr().err


# -- text is text ---------------------------------------------------------------------------------------


@given(st.text(max_size=60))
def test_nothing_hides_in_what_is_shown(text):
    shown = visible(text)
    assert not set(shown) & set("\u202e\u202d\u2066\u200b\u200f\x1b\x00\x07\ufeff")
    assert visible(shown) == shown
    if text.isascii() and text.isprintable():
        assert shown == text


@pytest.mark.parametrize("text", ["=HYPERLINK(1)", "+1+1", "-1+1", "@SUM(1)", " =1", "\t=1", "−2+3"])
def test_no_cell_of_a_table_is_a_formula(text):
    held = harmless_cell(text)
    assert held.startswith("'")
    out = io.StringIO()
    csv.writer(out).writerow([held])
    assert next(csv.reader(io.StringIO(out.getvalue())))[0].startswith("'")
    assert [harmless_cell(v) for v in ("-3.5", "+2", 1.5, -2, None, "cell 3")] == [
        "-3.5",
        "+2",
        1.5,
        -2,
        None,
        "cell 3",
    ]


NASTY = '<img src="http://example.invalid/x.png"><a href="x">go</a> \u202eback\x1b[31m'


def test_a_title_from_a_stranger_is_text_in_window_passport_and_log(
    job, window, qtbot, hoist, capsys, tmp_path
):
    from PySide6.QtCore import Qt
    from PySide6.QtWidgets import QLabel

    from firmcell.core.records.events import Remark

    job.add_revision(hoist.with_edits(("brief.title", NASTY), ("serial", NASTY[:40])))
    job.append(Remark(text=NASTY), person=NASTY[:60])
    path = job.path
    job.close()
    assert window.opening.open_path(path)
    window.tell(NASTY)
    labels = [label for label in window.findChildren(QLabel) if "img src" in label.text()]
    assert labels
    assert all(label.textFormat() == Qt.TextFormat.PlainText for label in labels)
    assert all("\u202e" not in label.text() for label in labels)
    window.opening.close_job()
    capsys.readouterr()
    assert main(["log", str(path)]) == 0
    said = capsys.readouterr().out
    assert "\x1b" not in said
    assert "⟨U+202E⟩" in said
    assert main(["export", str(path), "--to", "html", str(tmp_path / "p.html")]) == 0
    page = (tmp_path / "p.html").read_text()
    assert "<img" not in page
    assert "\u202e" not in page
    assert main(["export", str(path), "--to", "pdf", str(tmp_path / "p.pdf")]) == 0


def test_no_label_of_the_window_guesses_whether_its_text_is_markup():
    """Every label is one that shows text as it is, or one whose markup the program made."""
    from pathlib import Path

    import firmcell

    for source in (Path(firmcell.__file__).parent / "app").rglob("*.py"):
        if source.name != "plain.py":
            text = source.read_text()
            assert "QLabel(" not in text.replace("PlainLabel(", "").replace("_Wrapped(QLabel)", ""), source
