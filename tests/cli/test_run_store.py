"""``firm-cell run --store``: what becomes of a pack that is left alone."""

import json

import pytest

from firmcell.cli.main import main
from firmcell.store.demo import make_demo


@pytest.fixture
def job(tmp_path):
    return make_demo("orchard-hoist", tmp_path)


def test_it_says_when_to_charge_it_again(job, capsys):
    assert main(["run", str(job), "--store", "--from", "50%", "--ambient", "35C"]) == 0
    told = capsys.readouterr().out
    assert "Put away 50 % full at 35 °C: nearly empty (5 %) after about" in told
    assert "Measure it, and charge it up to half, every" in told


def test_warmer_is_sooner_and_numbers_are_si(job, capsys):
    found = []
    for ambient in ("15C", "35C"):
        assert main(["run", str(job), "--store", "--ambient", ambient, "--json"]) == 0
        found.append(json.loads(capsys.readouterr().out))
    assert found[0]["temperature_k"] == pytest.approx(288.15)
    for edge in ("latest", "likely", "earliest"):
        assert found[0]["nearly_empty_s"][edge] > 2 * found[1]["nearly_empty_s"][edge]


def test_it_is_not_asked_together_with_a_load_or_an_age(job, capsys):
    with pytest.raises(SystemExit):
        main(["run", str(job), "--store", "--current", "2A"])
    capsys.readouterr()
    assert main(["run", str(job), "--store", "--age", "end"]) != 0
    assert "leave out --age" in capsys.readouterr().err
