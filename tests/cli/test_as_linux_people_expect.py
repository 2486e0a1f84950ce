"""Exit codes, -, did-you-mean, quiet and colours; the man page and completions say what the help says; every example that
the help shows is run."""

import io
import json
import shlex
import shutil
import subprocess
import sys

import ezdxf
import pytest

from firmcell import DATA
from firmcell.cli import on_terminal
from firmcell.cli.main import COMMANDS, main
from firmcell.cli.manual import WRITTEN, commands_of, options_of
from firmcell.cli.parser import EXAMPLES, make_parser
from firmcell.store.demo import make_demo
from firmcell.store.exchange import json_pieces
from firmcell.store.job_file import JobFile


@pytest.fixture
def hoist(tmp_path):
    return make_demo("orchard-hoist", tmp_path).rename(tmp_path / "hoist.firmcell")


class Input(io.StringIO):
    """Standard input with bytes beneath, as a pipe has."""

    def __init__(self, content: bytes) -> None:
        super().__init__()
        self.buffer = io.BytesIO(content)


@pytest.mark.parametrize(
    ("call", "words"),
    [
        (["anaylse", "x.firmcell"], "Did you mean “analyse”?"),
        (["exprot"], "Did you mean “export”?"),
        (["frobnicate"], "firm-cell --help lists the commands"),
        (["wire", "--current", "ten", "--length", "1 m"], "“ten” is not a number"),
        (["layout", "h", "--effort", "0"], "--effort must be above 0"),
    ],
)
def test_a_call_that_cannot_be_meant_ends_with_2_and_says_what_may_be(call, words, capsys):
    assert main(call) == 2
    told = capsys.readouterr().err
    assert words in told
    assert told.count("\n") == 1


@pytest.mark.parametrize(
    ("call", "words"),
    [
        (["export", "x", "--to", "pfd", "y"], "Did you mean “pdf”?"),
        (["analyse", "x", "--jsn"], "Did you mean “--json”?"),
    ],
)
def test_a_misspelt_option_or_choice_is_told(call, words, capsys):
    with pytest.raises(SystemExit) as ended:
        main(call)
    assert ended.value.code == 2
    assert words in capsys.readouterr().err


def test_exit_codes_tell_found_from_failed(hoist, capsys, tmp_path):
    assert main(["analyse", str(hoist)]) == 0
    assert main(["analyse", str(hoist), "--fail-on", "stop"]) == 1, "a cell gets too warm at the end of a run"
    assert main(["analyse", str(hoist), "--json", "--fail-on", "note"]) == 1
    lantern = make_demo("bee-house-scale", tmp_path)
    found = {f["severity"] for f in json.loads(run_json(lantern, capsys))["findings"]}
    for severity, bad in (("stop", {"stop"}), ("attention", {"stop", "attention"})):
        assert main(["analyse", str(lantern), "--fail-on", severity]) == (1 if found & bad else 0)
    assert main(["wire", "--current", "5000", "--length", "30 m", "--drop", "0.01 V"]) == 1
    assert "No wire in the part library does it" in capsys.readouterr().err
    assert main(["analyse", str(tmp_path / "none.firmcell")]) == 3


def run_json(path, capsys):
    capsys.readouterr()
    assert main(["analyse", str(path), "--json"]) == 0
    return capsys.readouterr().out


def test_standard_input_is_taken_wherever_a_text_file_is(hoist, tmp_path, capsys, monkeypatch):
    with JobFile.open(hoist, read_only=True) as job:
        whole = b"".join(json_pieces(job))
    monkeypatch.setattr(sys, "stdin", Input(whole))
    assert main(["import", "-", "-o", str(tmp_path / "again.firmcell"), "--quiet"]) == 0
    assert capsys.readouterr().out == ""
    assert main(["verify", str(tmp_path / "again.firmcell")]) == 0
    capsys.readouterr()
    monkeypatch.setattr(sys, "stdin", Input(b"time_s,current_a\n0,10\n600,0\n"))
    assert main(["run", str(hoist), "--profile", "-", "--csv", "-"]) == 0
    assert capsys.readouterr().out.startswith("time_s,")
    monkeypatch.setattr(sys, "stdin", Input(b"\xff\xfe\x00"))
    assert main(["import", "-", "-o", str(tmp_path / "bad.firmcell")]) == 3
    assert (
        capsys.readouterr().err == "firm-cell: What came on standard input cannot be read as text in UTF-8.\n"
    )


def test_a_file_that_is_there_is_replaced_only_by_force(hoist, tmp_path, capsys):
    out = tmp_path / "run.csv"
    assert main(["run", str(hoist), "--csv", str(out)]) == 0
    before = out.read_text()
    assert main(["run", str(hoist), "--current", "5 A", "--csv", str(out)]) == 3
    assert out.read_text() == before
    assert main(["run", str(hoist), "--current", "5 A", "--csv", str(out), "--force"]) == 0
    assert out.read_text() != before
    assert main(["run", str(hoist), "--csv", str(hoist), "--force"]) == 3, "never a job"


def test_colours_only_where_a_terminal_wants_them(monkeypatch):
    class Terminal(io.StringIO):
        def isatty(self):
            return True

    monkeypatch.delenv("NO_COLOR", raising=False)
    monkeypatch.setenv("TERM", "xterm")
    assert on_terminal.coloured("STOP", "stop", Terminal()) == "\033[1;31mSTOP\033[0m"
    assert on_terminal.coloured("STOP", "stop", io.StringIO()) == "STOP"
    monkeypatch.setenv("NO_COLOR", "1")
    assert on_terminal.coloured("STOP", "stop", Terminal()) == "STOP"


def test_long_work_tells_how_far_it_is_on_a_terminal_alone(monkeypatch):
    class Terminal(io.StringIO):
        def isatty(self):
            return True

    moments = iter([0.0, 0.1, 1.0, 1.1, 1.5])
    monkeypatch.setattr(on_terminal, "monotonic", lambda: next(moments))
    monkeypatch.setattr(sys, "stderr", Terminal())
    assert list(on_terminal.told("abcd", "Layouts")) == list("abcd")
    assert sys.stderr.getvalue() == "\rLayouts: 2, 1 s\rLayouts: 4, 2 s\r\033[K"
    monkeypatch.setattr(on_terminal, "monotonic", iter(range(0, 100, 10)).__next__)
    monkeypatch.setattr(sys, "stderr", io.StringIO())
    assert list(on_terminal.told("ab", "Layouts")) == ["a", "b"]
    assert sys.stderr.getvalue() == ""


def test_man_page_and_completions_are_those_of_the_parser():
    """Written by tools/write_manual.py; a change of the parser asks for them anew."""
    for name, make in WRITTEN.items():
        assert (DATA / name).read_text(encoding="utf-8") == make(), name
    page = (DATA / "man" / "firm-cell.1").read_text(encoding="utf-8").replace("\\-", "-")
    parser = make_parser()
    assert set(commands_of(parser)) == set(COMMANDS)
    for name, sub in commands_of(parser).items():
        assert f".SS firm-cell {name}" in page
        for action in options_of(sub):
            assert action.help, (name, action.dest)
            for option in action.option_strings:
                assert option in page
                assert option in (DATA / "completions" / "firm-cell.bash").read_text()


def test_bash_takes_the_completion_and_completes():
    script = DATA / "completions" / "firm-cell.bash"
    asked = f"""source {shlex.quote(str(script))}
COMP_WORDS=(firm-cell an); COMP_CWORD=1; _firm_cell; echo "${{COMPREPLY[*]}}"
COMP_WORDS=(firm-cell export x --to wi); COMP_CWORD=4; _firm_cell; echo "${{COMPREPLY[*]}}"
COMP_WORDS=(firm-cell run --am); COMP_CWORD=2; _firm_cell; echo "${{COMPREPLY[*]}}"
"""
    ran = subprocess.run(["bash", "-c", asked], capture_output=True, text=True, check=True)
    assert ran.stdout.splitlines() == ["analyse", "wires wiring", "--ambient"]


def examples():
    lines = [line.strip() for line in EXAMPLES.splitlines() if line.startswith("  firm-cell ")]
    for sub in commands_of(make_parser()).values():
        lines.append(sub.epilog.partition("example:\n")[2].strip())
    # What is said beside an example stands after wide space; what it is piped into is not of this program.
    return sorted({line.split("      ")[0].split(" | ")[0].strip() for line in lines})


@pytest.mark.slow
@pytest.mark.parametrize("example", examples())
def test_every_example_of_the_help_runs(example, hoist, tmp_path, monkeypatch, capsys):
    words = shlex.split(example.replace("…", "").replace(", or", ""))[1:]
    if not words or words[0] in ("open", "shots", "--demo", "hoist.firmcell"):
        pytest.skip("opens the window; tests/app does")
    monkeypatch.chdir(tmp_path)
    drawing = ezdxf.new(units=4)
    drawing.modelspace().add_lwpolyline([(0, 0), (260, 0), (260, 140), (0, 140)], close=True)
    drawing.saveas(tmp_path / "tray.dxf")
    brief = EXAMPLES.partition("such as\n")[2].partition("\nand may")[0]
    (tmp_path / "brief.json").write_text(brief)
    with JobFile.open(hoist, read_only=True) as job:
        (tmp_path / "hoist.json").write_bytes(b"".join(json_pieces(job)))
    cells = "".join(f"HL-{n},{2450 + 7 * n % 90}\n" for n in range(44))
    (tmp_path / "cells.csv").write_text("serial,capacity mAh\n" + cells)
    if "--passport" in words:
        assert main(["export", "hoist.firmcell", "--to", "pdf", "hoist.pdf"]) == 0
    if words[0] == "import":
        hoist.unlink()
    if words[0] == "taps":
        words = [w for w in words if w not in ("B3=14.24", "strip-B3:B3=3.56")]
    code = main(words)
    # These readings are of leads that are swapped: that is found.
    assert code == (1 if words[0] == "taps" else 0), capsys.readouterr().err


@pytest.mark.skipif(shutil.which("fish") is None, reason="fish is not on this machine")
def test_fish_completes_with_what_each_word_means():
    script = DATA / "completions" / "firm-cell.fish"
    asked = f'source {script}; complete -C "firm-cell export x --to "; complete -C "firm-cell open --lang"'
    told = subprocess.run(["fish", "-c", asked], capture_output=True, text=True, check=True).stdout
    assert "json\twhole job, lossless" in told
    assert "--language\t" in told


@pytest.mark.skipif(shutil.which("zsh") is None, reason="zsh is not on this machine")
def test_zsh_reads_the_completion():
    script = DATA / "completions" / "_firm-cell"
    subprocess.run(["zsh", "-n", str(script)], check=True)
    assert 'json\\:"whole job, lossless"' in script.read_text(encoding="utf-8")
