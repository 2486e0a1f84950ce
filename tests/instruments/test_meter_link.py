"""The SCPI meter over PyVISA: the simulated one, and plain sentences where none answers."""

import pytest
import pyvisa

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.parts import Cell
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.practice_pack import practice_pack
from firmcell.instruments.meter_link import MeterLink
from firmcell.store.part_files import part_named, shipped_library

ASKED = PackAsked(6, part_named(shipped_library(), Cell, "21700 high-energy 5.0 Ah"), 3.6)


def test_the_simulated_meter_reads_the_pack_it_is_clipped_to():
    pack = practice_pack(ASKED, 0, 4)
    with MeterLink("simulated", pack) as meter:
        assert meter.simulated
        assert "6000-count" in meter.name
        for pin in range(1, 7):
            assert meter.volts(0, pin) == pytest.approx(pack.read(0, pin), abs=1e-5)
        assert meter.volts(3, 1) == pytest.approx(-7.2, abs=0.2)


def test_it_speaks_plain_scpi():
    """IEEE 488.2 *IDN? and SCPI-99 MEASure:VOLTage:DC? (from memory); what it does not know is an error, not a number."""
    with MeterLink("") as meter:
        assert meter.address == "simulated"
        assert len(meter.name.split(",")) == 4
        assert meter.volts() == 0.0
        assert meter._meter.query("MEAS:RES?").startswith("-113")


@pytest.mark.parametrize("address", ["rubbish", "TCPIP::127.0.0.1::9::SOCKET", "ASRL/dev/none::INSTR"])
def test_where_nothing_answers_one_sentence_says_so(address):
    with pytest.raises(Refusal, match="No meter answers at"):
        MeterLink(address)


class _Answers:
    """A meter that answers what it is told to."""

    timeout = 0

    def __init__(self, answer):
        self.answer = answer

    def query(self, question):
        return "a,b,c,d" if question == "*IDN?" else self.answer

    def close(self):
        pass


@pytest.mark.parametrize(
    ("answer", "words"), [("+9.90000000E+37", "over its range"), ("ERR", "no voltage"), ("", "no voltage")]
)
def test_a_real_meters_odd_answers_are_told(monkeypatch, answer, words):
    class Manager:
        def __init__(self, *_):
            pass

        def open_resource(self, *_, **__):
            return _Answers(answer)

        def close(self):
            pass

    monkeypatch.setattr(pyvisa, "ResourceManager", Manager)
    with MeterLink("TCPIP::192.0.2.7::INSTR") as meter, pytest.raises(Refusal, match=words):
        meter.volts()
    with MeterLink("TCPIP::192.0.2.7::INSTR") as meter:
        meter._meter.answer = "+3.5712E+00"
        assert meter.volts() == 3.5712
