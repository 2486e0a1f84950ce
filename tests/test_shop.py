"""Firm Cell as a library: what a workshop's scripts and notebooks use."""

import json
import re
import subprocess
import sys
from pathlib import Path

import pytest

from firmcell import shop
from firmcell.cli.main import main
from firmcell.store.demo import make_demo

ROOT = Path(__file__).parents[1]


def test_a_script_says_what_the_command_line_says(tmp_path, capsys):
    path = make_demo("bee-house-scale", tmp_path)
    assert main(["analyse", str(path), "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    with shop.open_job(path) as job:
        assert json.loads(job.report().model_dump_json()) == told
        assert main(["run", str(path), "--current", "2 A", "--json"]) == 0
        run = json.loads(capsys.readouterr().out)
        result = job.run(current_a=2.0)
        assert result.time_s[-1] == pytest.approx(run["time_s"][-1])
        assert job.verify() == ""
        assert job.export("svg").startswith(b"<svg")
        assert [e.seq for e in job.events] == list(range(1, len(job.events) + 1))
    # The same findings of a design that is in no job, but for those of what was recorded.
    alone = {f.code for f in shop.findings(job_design(path))}
    assert alone <= {f["code"] for f in told["findings"]} | {"BN-1"}


def job_design(path):
    with shop.open_job(path) as job:
        return job.design


def test_a_fix_is_applied_and_what_cannot_be_is_a_sentence(tmp_path):
    design = job_design(make_demo("orchard-hoist", tmp_path)).edited("parallel", 2)
    mendable = [f for f in shop.findings(design) if f.fix]
    other = shop.fixed(design, mendable[0])
    assert other != design
    assert mendable[0] not in shop.findings(other)
    hopeless = next(f for f in shop.findings(design) if not f.fix)
    with pytest.raises(shop.Refusal, match="no fix that can be applied"):
        shop.fixed(design, hopeless)
    with pytest.raises(shop.Refusal, match="There is no file"):
        shop.open_job(tmp_path / "none.firmcell")
    with pytest.raises(shop.Refusal, match="no kind of job “spoon”"):
        shop.new_job({}, tmp_path / "x.firmcell", kind="spoon")
    with shop.open_job(make_demo("log-splitter-cable", tmp_path)) as cable:
        with pytest.raises(shop.Refusal, match="no pack that could run"):
            cable.run()
        with pytest.raises(shop.Refusal, match="has no netlist"):
            cable.export("spice")


@pytest.mark.parametrize(
    ("asked", "words"),
    [
        ({"age": "old"}, "no age"),
        ({"current_a": 1.0, "power_w": 5.0}, "not at both"),
        ({"power_w": 0.0}, "more than 0"),
        ({"start": 1.5}, "up to 1 of the charge"),
    ],
)
def test_a_run_that_cannot_be_is_refused(tmp_path, asked, words):
    with (
        shop.open_job(make_demo("bee-house-scale", tmp_path)) as job,
        pytest.raises(shop.Refusal, match=words),
    ):
        job.run(**asked)


def test_the_examples_of_the_page_run(tmp_path):
    """Every block of docs/library.md, one after the other as a reader would type them."""
    page = (ROOT / "docs" / "library.md").read_text(encoding="utf-8")
    script = "\n".join(re.findall(r"```python\n(.*?)```", page, re.DOTALL))
    make_demo("orchard-hoist", tmp_path)
    ran = subprocess.run(
        [sys.executable, "-c", script], cwd=tmp_path, capture_output=True, text=True, check=False
    )
    assert ran.returncode == 0, ran.stderr
    for name in shop.__all__:
        assert name in page, f"{name} is told of on the page"


def test_the_library_loads_no_window():
    code = "import sys, firmcell.shop; print([m for m in sys.modules if m.startswith('PySide6')])"
    assert (
        subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True).stdout
        == "[]\n"
    )
