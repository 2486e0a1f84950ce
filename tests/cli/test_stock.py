"""`firm-cell stock`: cells in, tested, moved, out again as a table and as labels; bad tables in a sentence each."""

import csv
import io
import json
from pathlib import Path

import pypdf
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.cli.main import main
from firmcell.core.base.refusal import Refusal
from firmcell.core.stock.entries import Origin, PlaceKind
from firmcell.register.cells_csv import cells_from_csv
from firmcell.register.labels import TRAY, WRAP, Label, labels_pdf
from firmcell.register.register import Register
from tests.core.stock.test_cell_history import BEGAN

TABLE = """Serial;Class;Lot;Drawer;Capacity mAh;Resistance (mΩ);first V;second V;days;colour;date
HL-1;21700 high-energy 5.0 Ah;L7;A3;4920;18,2;3,612;3,608;14;red;20.11.2026
HL-2;21700 high-energy 5.0 Ah;L7;A3;4880;19,1;3,612;3,590;14;red;20.11.2026
HL-3;21700 high-energy 5.0 Ah;L7;A3;2880;59,1;3,612;3,390;14;red;20.11.2026
"""


@pytest.fixture
def place(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    monkeypatch.setenv("FIRMCELL_REGISTER", str(tmp_path / "register.sqlite"))
    (tmp_path / "cells.csv").write_text(TABLE)
    return tmp_path


def stock(*words: str | Path) -> int:
    return main(["stock", *map(str, words)])


def test_a_table_in_and_out_again(place: Path, capsys: pytest.CaptureFixture[str]) -> None:
    assert stock("import", place / "cells.csv", "--dry-run") == 0
    assert "12 entries would be written." in capsys.readouterr().out
    assert stock("import", place / "cells.csv") == 0
    said = capsys.readouterr()
    assert "HL-1            new, 3 tests" in said.out
    assert "12 entries written." in said.out
    assert "The column “colour” of cells.csv was not read." in said.err
    assert stock("import", place / "cells.csv") == 0
    assert "0 entries written." in capsys.readouterr().out
    stock("move", "HL-1", "--job", "Hoist", "--group", "3", "--quiet")
    stock("move", "HL-3", "--scrap", "drains", "--quiet")
    assert stock("csv", place / "out.csv", "--quiet") == 0
    other = place / "other.sqlite"
    assert stock("--register", other, "import", place / "out.csv", "--quiet") == 0
    with Register(str(place / "register.sqlite")) as one, Register(str(other)) as two:
        for mine, theirs in zip(one.lines(), two.lines(), strict=True):
            for name in (
                "serial",
                "class_name",
                "lot",
                "place_kind",
                "place_group",
                "ohms",
                "rest_v",
                "rest_s",
            ):
                assert getattr(mine, name) == getattr(theirs, name), name
            assert theirs.capacity_as == pytest.approx(mine.capacity_as)
        # What was scrapped there is not good again here.
        assert two.with_serial("HL-3").place_kind is PlaceKind.SCRAPPED


def test_one_cell_is_told_with_its_history(place: Path, capsys: pytest.CaptureFixture[str]) -> None:
    stock("import", place / "cells.csv", "--quiet")
    stock("test", "HL-2", "--voltage", "3.588 V", "--person", "Ada")
    capsys.readouterr()
    assert stock("show", "hl-3", "HL-2") == 0
    out = capsys.readouterr().out
    assert "HL-3: out, 21700 high-energy 5.0 Ah, A3, 2.88 Ah, 59.1 mΩ, 3.390 V, 16 mV/day" in out
    assert "Holds 58 % of its class; loses" in out
    assert "rests at 3.588 V  Ada" in out
    stock("add", "X1", "--cell", "no such class", "--lot", "L9")
    stock("show", "X1")
    assert "what is measured cannot be judged" in capsys.readouterr().out


def test_lists_are_of_what_is_asked(place: Path, capsys: pytest.CaptureFixture[str]) -> None:
    stock("import", place / "cells.csv", "--quiet")
    stock("move", "HL-2", "--drawer", "B1", "--quiet")
    capsys.readouterr()
    stock("list", "--drawer", "A3", "--json")
    assert [cell["serial"] for cell in json.loads(capsys.readouterr().out)] == ["HL-1", "HL-3"]
    stock("list")
    assert "3 in 2 drawers, 100 % of them with a tested capacity; 0 in jobs" in capsys.readouterr().out


@pytest.mark.parametrize(
    ("words", "says"),
    [
        (("move", "HL-1"), "--drawer NAME, --job NAME or --scrap WHY"),
        (("move", "HL-1", "--job", "a", "--drawer", "b"), "one of them"),
        (("test", "HL-1"), "Nothing was measured on HL-1"),
        (("test", "HL-1", "HL-2", "--voltage", "3V"), "takes the measurements of one cell"),
        (("show", "HL-9"), "There is no cell HL-9 in the register"),
        (("add", "HL-1"), "The serial HL-1 belongs to another cell"),
        (("add", "HL-4", "HL-4"), "The serial HL-4 belongs to another cell"),
        (("add", "HL-4", "--lot", "L1"), "say which class of cell the lot is of"),
        (("add",), "needs serials"),
        (("bring", "nothing.sqlite"), "There is no file nothing.sqlite"),
        (("labels", "out.pdf", "HL-9"), "There is no cell HL-9"),
    ],
)
def test_bad_calls_are_a_sentence(
    place: Path, capsys: pytest.CaptureFixture[str], words: tuple[str, ...], says: str
) -> None:
    stock("import", place / "cells.csv", "--quiet")
    capsys.readouterr()
    assert stock(*words) in (2, 3)
    assert says in capsys.readouterr().err


def test_where_table_and_register_disagree_the_rule_decides(
    place: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    stock("import", place / "cells.csv", "--quiet")
    (place / "two.csv").write_text("serial,class,lot,drawer\nHL-1,21700 high-energy 5.0 Ah,L8,B7\n")
    capsys.readouterr()
    assert stock("import", place / "two.csv") == 1
    out = capsys.readouterr().out
    assert "lot: the table says L8, the register L7: the register’s stays" in out
    assert "it is not moved by a table" in out
    stock("import", place / "two.csv", "--rule", "skip")
    assert "known: left out" in capsys.readouterr().out
    stock("import", place / "two.csv", "--rule", "table")
    with Register(str(place / "register.sqlite")) as register:
        assert (register.with_serial("HL-1").lot, register.with_serial("HL-1").place) == ("L8", "A3")


@pytest.mark.parametrize(
    ("table", "says"),
    [
        ("serial,capacity\n", "headings but no cell"),
        ("capacity Ah\n4.9\n", "no column is headed “serial”"),
        ("serial,lot,lot\nA,1,2\n", "two columns say the same, “lot” and “lot”"),
        ("serial,capacity Ah,capacity mAh\nA,1,2\n", "“capacity Ah” and “capacity mAh”"),
        ("serial,voltage\nA,3.6\na,3.5\n", "line 3: the serial “a” stands on line 2 too; give both a date"),
        (
            "serial,class,lot,date\nA,x,L,2026-11-01\nB,y,L,2026-11-01\n",
            "lot L is of class “y” here and “x” on line 2",
        ),
        ("serial,drawer,date\nA,1,2026-11-01\nA,2,2026-11-02\n", "has the drawer “2” here and “1” on line 2"),
        ("serial,date\nA,11/12/2026\n", "is no date; write it as"),
        ("serial,date\nA,2099-01-01\n", "is still to come"),
        ("serial,first V,second V\nA,3.6,3.5\n", "one is missing"),
        ("serial,first V,second V,days\nA,3.6,3.5,0\n", "are more than 0"),
        ("serial,first V,second V,days,voltage\nA,3.6,3.5,3,3.5\n", "leave one out"),
        ("serial,resistance 1 kHz mΩ\nA,12\n", "is an a.c. reading"),
        ("serial,capacity Ah\nA,-4\n", "line 2"),
        ("serial,capacity Ah\nA,lots\n", "is not a number"),
        ("serial,cycles\nA,1.5\n", "is no number of cycles"),
        ("serial,origin\nA,found\n", "is no origin"),
        ("serial,scrapped\nA,perhaps\n", "does not say whether the cell is scrapped"),
        ("serial,voltage\n,3.6\n", "has no serial"),
    ],
)
def test_bad_tables_are_a_sentence(table: str, says: str) -> None:
    with pytest.raises(Refusal) as refused:
        cells_from_csv(table, "t.csv", BEGAN.replace(month=12))
    assert says in refused.value.sentence
    assert refused.value.sentence.startswith("t.csv")


def test_a_lot_without_class_is_told(place: Path, capsys: pytest.CaptureFixture[str]) -> None:
    (place / "lots.csv").write_text("serial,class,lot\nA,,L7\n")
    assert stock("import", place / "lots.csv") == 3
    assert "A is of lot L7 but of no class; say which class" in capsys.readouterr().err


def test_a_serial_on_two_dated_lines_is_two_tests_of_one_cell(place: Path) -> None:
    (place / "two.csv").write_text(
        "serial,voltage V,date,pack\nA,3.600,2026-11-01,old drill\nA,3.590,2026-11-08 12:00,\n"
    )
    stock("import", place / "two.csv", "--quiet")
    with Register(str(place / "register.sqlite")) as register:
        line = register.with_serial("A")
    assert (line.rest_first_v, line.rest_second_v, line.rest_s) == (3.6, 3.59, 7 * 86_400.0)
    assert (line.origin, line.pack) == (Origin.RECLAIMED, "old drill")


@given(text=st.text(alphabet="serialcapty,;\t\n\"'0123456789.-ΩVmA/é\x00=", max_size=200))
def test_any_text_is_a_table_or_a_sentence(text: str) -> None:
    try:
        table = cells_from_csv(text, "t.csv", BEGAN)
    except Refusal as refusal:
        sentence = refusal.sentence
        assert sentence.endswith(".")
    else:
        assert all(cell.serial for cell in table.cells)


def test_labels_say_the_serial_and_hold_it_as_a_code(place: Path) -> None:
    stock("import", place / "cells.csv", "--quiet")
    assert stock("labels", place / "wraps.pdf", "--quiet") == 0
    text = pypdf.PdfReader(place / "wraps.pdf").pages[0].extract_text()
    assert "HL-2" in text
    assert "4.88 Ah · 19.1 mΩ" in text
    stock("labels", place / "one.pdf", "HL-2", "--paper", "label", "--quiet")
    (page,) = pypdf.PdfReader(place / "one.pdf").pages
    assert float(page.mediabox.width) == pytest.approx(WRAP.width_mm / 25.4 * 72)
    stock("labels", place / "trays.pdf", "--trays", "--quiet")
    assert "A3" in pypdf.PdfReader(place / "trays.pdf").pages[0].extract_text()


def test_many_labels_take_more_sheets_and_long_serials_a_larger_label() -> None:
    labels = [Label(f"HL-{n}", f"HL-{n}", ()) for n in range(101)]
    assert len(pypdf.PdfReader(io.BytesIO(labels_pdf(labels))).pages) == 2
    long = Label("Ωé" * 30, "Ωé" * 30, ())
    with pytest.raises(Refusal, match="a larger label or a shorter serial"):
        labels_pdf([long])
    assert labels_pdf([long], TRAY)
    with pytest.raises(Refusal, match="nothing to make a label for"):
        labels_pdf([])


def test_a_table_for_a_spreadsheet_runs_nothing(place: Path, capsys: pytest.CaptureFixture[str]) -> None:
    stock("add", "=1+1", "--quiet")
    capsys.readouterr()
    stock("csv", "-")
    # Standard output is bytes here.
    with Register(str(place / "register.sqlite")) as register:
        from firmcell.register.cells_csv import lines_csv

        rows = list(csv.reader(io.StringIO(lines_csv(register.lines()))))
    assert rows[1][0] == "'=1+1"
