"""Instruments over a real pseudo-terminal and over TCP, with stand-ins that speak SCPI behind them; what is no answer is
refused in one sentence."""

import os
import pty
import socket
import threading
import tty
from datetime import date

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import RECORD_KINDS
from firmcell.instruments import listed as listed_module
from firmcell.instruments.kinds import MEASURES, READ_FOR, Kind
from firmcell.instruments.link import Link
from firmcell.instruments.listed import Listed, checked_date, instruments, keep_instrument
from firmcell.instruments.stand_ins import Played, StandIn

HELD = {
    Kind.METER: {"volts": -35.612},
    Kind.MILLIOHM: {"ohms": 0.000213},
    Kind.INSULATION: {"ohms": 2.5e9},
    Kind.THERMOMETER: {"first": 298.15, "second": 311.4},
    Kind.SCALE: {"weight": 0.4213},
    Kind.LOAD: {"volts": 35.1, "amps": 4.99},
    Kind.CHARGER: {"volts": 41.7, "amps": 1.52},
}


class OverTcp:
    """A stand-in behind a port of this machine."""

    def __init__(self, stand_in):
        self.stand_in = stand_in
        self.server = socket.create_server(("127.0.0.1", 0))
        self.address = f"TCPIP::127.0.0.1::{self.server.getsockname()[1]}::SOCKET"
        self.thread = threading.Thread(target=self.serve, daemon=True)
        self.thread.start()

    def serve(self):
        try:
            connection, _ = self.server.accept()
            with connection, connection.makefile("rw", newline="\n") as lines:
                for line in lines:
                    answer = self.stand_in.line(line)
                    if answer is not None:
                        lines.write(answer + "\n")
                        lines.flush()
        except OSError:
            pass

    def close(self):
        self.server.close()


class OverSerial:
    """A stand-in behind a pseudo-terminal."""

    def __init__(self, stand_in):
        self.stand_in = stand_in
        self.ours, self.theirs = pty.openpty()
        tty.setraw(self.theirs)
        self.address = f"ASRL{os.ttyname(self.theirs)}::INSTR"
        threading.Thread(target=self.serve, daemon=True).start()

    def serve(self):
        rest = b""
        try:
            while True:
                rest += os.read(self.ours, 256)
                *lines, rest = rest.split(b"\n")
                for line in lines:
                    answer = self.stand_in.line(line.decode())
                    if answer is not None:
                        os.write(self.ours, answer.encode() + b"\n")
        except OSError:
            pass

    def close(self):
        os.close(self.ours)
        os.close(self.theirs)


@pytest.mark.parametrize("way", [OverTcp, OverSerial])
@pytest.mark.parametrize("kind", list(Kind))
def test_every_kind_is_read_over_a_real_connection(kind, way):
    stand_in = StandIn(kind, HELD[kind])
    server = way(stand_in)
    try:
        with Link(kind, server.address) as link:
            assert link.name.startswith("Simulated")
            if kind in (Kind.LOAD, Kind.CHARGER):
                assert link.read("amps") == 0.0
                link.tell("CURR 5.0")
                link.tell("OUTP ON" if kind is Kind.CHARGER else "INP ON")
            for what, value in HELD[kind].items():
                assert link.read(what) == pytest.approx(value, rel=1e-5)
            if kind is Kind.LOAD:
                assert stand_in.on
                assert stand_in.set_a == 5.0
    finally:
        server.close()


@pytest.mark.parametrize("kind", list(Kind))
def test_the_stand_in_answers_without_any_connection(kind):
    with Link(kind, "simulated", StandIn(kind, HELD[kind])) as link:
        assert link.read() is not None
    with Link(kind, " ") as link, pytest.raises(Refusal, match="over its range, or nothing is connected"):
        link.read("volts" if kind in (Kind.LOAD, Kind.CHARGER) else "")


class Says:
    """Answers every query with one text."""

    def __init__(self, text):
        self.text = text

    def line(self, query):
        return "Some,instrument" if query == "*IDN?" else self.text


@pytest.mark.parametrize(
    ("kind", "text", "value"),
    [
        (Kind.SCALE, "ST,GS,+  123.4 g", 0.1234),
        (Kind.SCALE, "0.5 kg", 0.5),
        (Kind.MILLIOHM, "0.213 mOhm", 0.000213),
        (Kind.METER, "+3,562E+00", 3.562),
        (Kind.THERMOMETER, "23.5", 296.65),
    ],
)
def test_answers_with_units_commas_and_words_before_them(kind, text, value):
    assert Link(kind, "simulated", Says(text)).read() == pytest.approx(value)


@pytest.mark.parametrize(
    "text", ["", "hello", '-113,"Undefined header"', "9.9E37", "-9.9E37", "1E12", "\x00\x00"]
)
def test_what_is_no_reading_is_refused_in_a_sentence(text):
    with pytest.raises(Refusal) as told:
        Link(Kind.METER, "simulated", Says(text)).read()
    assert told.value.sentence.endswith(".")


def test_nothing_at_the_address_is_one_sentence():
    with pytest.raises(Refusal, match="No scale answers at"):
        Link(Kind.SCALE, "TCPIP::127.0.0.1::1::SOCKET")
    with pytest.raises(Refusal, match="No scale answers at"):
        Link(Kind.SCALE, "not an address at all")


def test_a_series_is_played_faster_than_it_was():
    now = [100.0]
    played = Played([0.0, 60.0, 120.0], [35.0, 36.0, 40.0], 60.0, lambda: now[0])
    assert played() == 35.0
    now[0] = 100.5
    assert played() == pytest.approx(35.5)
    now[0] = 101.5
    assert played() == pytest.approx(38.0)
    now[0] = 200.0
    assert played() == 40.0


def test_every_field_that_is_read_exists_and_is_measured():
    for (record, field), (kind, what) in READ_FOR.items():
        assert field in RECORD_KINDS[record].model_fields
        assert what in MEASURES[kind]


def test_the_list_keeps_one_of_each_kind_and_survives_nonsense(tmp_path, monkeypatch):
    place = tmp_path / "kept" / "instruments.json"
    monkeypatch.setattr(listed_module, "_file", lambda: place)
    assert all(i.address == "simulated" for i in instruments().values())
    keep_instrument(Listed(Kind.SCALE, "ASRL/dev/ttyUSB0::INSTR", "bench scale", "2026-05-31"))
    keep_instrument(Listed(Kind.METER, "TCPIP::192.0.2.7::INSTR", "meter", "2024-01-02"))
    kept = instruments()
    assert kept[Kind.SCALE].label == "bench scale, calibrated 2026-05-31"
    assert kept[Kind.SCALE].due(date(2026, 11, 27)) == ""
    assert "more than a year ago" in kept[Kind.METER].due(date(2026, 11, 27))
    assert "not known" in Listed(Kind.LOAD, "x").due(date(2026, 11, 27))
    assert len(Listed(Kind.LOAD, "x", "n" * 200, "2026-05-31").label) <= 80
    for nonsense in (
        "",
        "[1, {}]",
        '[{"kind": "scale", "address": 3, "name": null, "calibrated": "x"}]',
        "{",
    ):
        place.write_text(nonsense)
        assert set(instruments()) == set(Kind)
    with pytest.raises(Refusal, match="is no date"):
        checked_date("31.5.26")
    assert checked_date(" ") == ""
