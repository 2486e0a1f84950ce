"""Boards, sensors, balancing, selectivity, plug order, wire list and what a meter should read."""

import csv
import io
import itertools
import shutil
import subprocess

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.bms.board_choice import (
    BoardAsk,
    balancing_time,
    fit_board,
    ranked_boards,
    selectivity,
    spread_charge,
    threshold_faults,
)
from firmcell.core.bms.sense_leads import sense_short
from firmcell.core.bms.thermistor import ntc_resistance, ntc_temperature, sensor_words, thermistor_readings
from firmcell.core.leads.spice_netlist import pad_name, spice_netlist
from firmcell.core.model.chemistry import resting_voltage
from firmcell.core.model.design import Face
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Board, Cell, ChargePort, Fuse, Strip, SwitchSide, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.resistor_network import solve
from firmcell.core.pictures.drawing import Stroke
from firmcell.core.pictures.wiring import nail_board, schematic
from firmcell.core.strips.made_of import ohms_per_metre
from firmcell.core.strips.network import metalwork
from firmcell.core.strips.runs import metal_runs
from firmcell.core.strips.under_load import solve_under_load
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.expected_readings import expected_reading, expected_readings
from firmcell.core.tap_check.practice_pack import practice_pack
from firmcell.core.wiring.colours import COLOURS, tap_colour
from firmcell.core.wiring.wire_list import wire_list
from firmcell.store.layout_files import layout_bytes
from firmcell.store.part_files import (
    keep_part,
    load_library,
    part_named,
    part_to_toml,
    parts_from_toml,
    shipped_library,
)
from tests.conftest import found

SHELF = shipped_library()
BOARD = part_named(SHELF, Board, "lithium-ion BMS 10S 30 A")
STEEL = part_named(SHELF, Strip, "plated steel strip 0.1 × 5")
COLLECTING = (part_named(SHELF, Strip, "copper strip 0.15 × 10"), 3, 1.0)
CELL = part_named(SHELF, Cell, "21700 high-energy 5.0 Ah")


def changed(**values):
    return BOARD.model_copy(update=values)


# -- sensors --------------------------------------------------------------------------------------------


def steinhart_hart(ohm, a, b, c):
    """1/T = a + b ln R + c (ln R)³ (Steinhart and Hart 1968, from memory)."""
    log = np.log(np.asarray(ohm, dtype=float))
    return 1 / (a + b * log + c * log**3)


def steinhart_hart_from(points):
    log = np.log([ohm for _, ohm in points])
    return np.linalg.solve(np.column_stack([np.ones(3), log, log**3]), [1 / kelvin for kelvin, _ in points])


def test_ntc_by_the_b_equation_and_steinhart_hart():
    """10 kΩ, B 3435 K: R(50 °C) = 10 k·exp(3435(1/323.15 − 1/298.15)) = 4.102 kΩ by hand; both equations agree at their three
    points, and between them to 0.1 K."""
    assert float(ntc_resistance(298.15)) == pytest.approx(10_000)
    assert float(ntc_resistance(323.15)) == pytest.approx(4102, rel=1e-3)
    points = tuple((k, float(ntc_resistance(k))) for k in (273.15, 298.15, 333.15))
    abc = steinhart_hart_from(points)
    for kelvin, ohm in points:
        assert float(steinhart_hart(ohm, *abc)) == pytest.approx(kelvin, abs=1e-6)
    for kelvin in np.linspace(263, 343, 17):
        assert float(steinhart_hart(ntc_resistance(kelvin), *abc)) == pytest.approx(kelvin, abs=0.1)


@given(st.floats(230, 400), st.floats(100, 1e6), st.floats(2000, 5000))
def test_ntc_there_and_back(kelvin, ohm, b):
    assert float(ntc_temperature(ntc_resistance(kelvin, ohm, b), ohm, b)) == pytest.approx(kelvin, rel=1e-9)


@pytest.mark.parametrize(
    ("ohm", "words"),
    [(10_000, "25.0 °C"), (4102, "50.0 °C"), (0.4, "touch"), (2e6, "open"), (100_000, "-"), (150_000, "-")],
)
def test_a_reading_of_a_sensor_in_words(ohm, words):
    """10 kΩ, B 3435 K: 4.102 kΩ at 50 °C by hand, see above; 100 kΩ and more lie below −20 °C."""
    assert words in sensor_words(ohm, 10_000, 3435).replace("−", "-")


@pytest.mark.parametrize("ohm", [-1.0, float("nan"), float("inf")])
def test_what_is_no_resistance_is_refused(ohm):
    with pytest.raises(Refusal, match="megohms"):
        sensor_words(ohm, 10_000, 3435)


def test_sensor_readings_fall_with_warmth(hoist):
    pairs = thermistor_readings(hoist)
    assert [ohm for _, ohm in pairs] == sorted((ohm for _, ohm in pairs), reverse=True)
    assert thermistor_readings(hoist.edited("bms.board", None)) == ()


# -- boards ---------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("values", "words"),
    [
        ({"series": 9}, "for 9 groups"), ({"current_continuous_a": 20.0}, "carries 20 A"), ({"current_peak_a": 40.0}, "trips at 40 A"),
        ({"current_charge_a": 3.0}, "charges with 3 A"), ({"over_voltage_v": 4.5}, "cuts charge at 4.50 V"),
    ],
)  # fmt: skip
def test_a_board_is_told_why_it_does_not_fit(values, words):
    ask = BoardAsk(CELL, 10, 25.0, 45.0, 5.0)
    assert fit_board(BOARD, ask).fits
    told = fit_board(changed(**values), ask)
    assert not told.fits
    assert words in told.words


def test_the_board_that_fits_comes_first():
    ranked = ranked_boards(SHELF.boards, BoardAsk(CELL, 10, 25.0, 45.0, 5.0))
    assert ranked[0].board == BOARD
    assert [bool(f.stops) for f in ranked] == sorted(bool(f.stops) for f in ranked)
    marks = fit_board(
        changed(balance_current_a=0.0, temperature_sensors=0, current_peak_a=46.0),
        BoardAsk(CELL, 10, 25.0, 45.0, 5.0),
    )
    assert marks.fits
    for words in ("does not balance", "no temperature sensor", "close to the peak"):
        assert words in marks.words


def test_balancing_by_hand():
    """20 Ah, one group 5 % behind: 1 Ah at 60 mA, half the charge balancing, is 33.3 h."""
    assert balancing_time(3600.0, 0.06) / 3600 == pytest.approx(33.3, abs=0.1)
    assert balancing_time(3600.0, 0.0) == float("inf")
    low, high = (float(resting_voltage(CELL.chemistry, soc)) for soc in (0.45, 0.50))
    assert spread_charge(CELL, 72_000, low, high) == pytest.approx(3600, rel=0.02)


def test_who_opens_first():
    wire, fuse = part_named(SHELF, Wire, "10 AWG silicone"), part_named(SHELF, Fuse, "bolted fuse 80 V, 40 A")
    good = selectivity(BOARD, fuse, wire, WireLaying.PAIR, COLLECTING, Duty(25.0, 45.0, 10.0), 900.0, 303.15)
    assert good.good
    assert good.margin == pytest.approx(80 / 45)
    slow = selectivity(
        changed(trip_delay_s=10.0),
        part_named(SHELF, Fuse, "blade fuse 58 V, 40 A"),
        wire,
        WireLaying.PAIR,
        COLLECTING,
        Duty(25.0, 45.0, 10.0),
        900.0,
        303.15,
    )
    assert not slow.board_first
    assert "may blow before the board trips" in slow.words
    close = selectivity(
        changed(current_peak_a=46.0),
        fuse,
        wire,
        WireLaying.PAIR,
        COLLECTING,
        Duty(25.0, 45.0, 10.0),
        900.0,
        303.15,
    )
    assert not close.good
    hair = selectivity(
        changed(trip_delay_s=10.0),
        None,
        wire,
        WireLaying.PAIR,
        (STEEL, 1, 1.0),
        Duty(25.0, 45.0, 10.0),
        900.0,
        303.15,
    )
    assert not hair.strip_stands
    assert "collecting strip does not stand" in hair.words
    thin = selectivity(
        BOARD,
        None,
        part_named(SHELF, Wire, "18 AWG silicone"),
        WireLaying.PAIR,
        COLLECTING,
        Duty(25.0, 45.0, 10.0),
        900.0,
        303.15,
    )
    assert thin.gap_from_a is not None
    assert thin.gap_from_a < thin.gap_to_a == 80
    assert "neither board nor fuse" in thin.words


# -- plug and wires -------------------------------------------------------------------------------------


def test_a_plug_without_a_place_for_a_tap_is_a_stop(hoist, library):
    good = hoist.edited("bms.board", changed(pads=", ".join(f"B{n}" for n in range(11))))
    assert "BM-10" not in found(good, library)
    bad = hoist.edited("bms.board", changed(pads="B0, B1, B2, B4, B5, B6, B7, B8, B9, B10"))
    assert "none for B3" in found(bad, library)["BM-10"].sentence


def test_the_wire_list_has_every_lead_once_and_its_ends(hoist, library):
    a = analyse(hoist, library)
    metal = solve_under_load(hoist, a.layout, a.pack.run_time_s)
    entries = wire_list(a.wiring, metal)
    assert [e.number for e in entries] == list(range(1, len(entries) + 1))
    assert {e.name for e in entries} == {f"B{n}" for n in range(11)} | {
        "B−",
        "P−",
        "F+",
        "P+",
        "NTC1",
        "NTC2",
    }
    hottest = next(e for e in entries if e.name == "NTC1")
    assert f"cell {metal.figures.hottest_cell}," in hottest.from_where
    assert (entries[0].colour, entries[10].colour) == ("black", "red")
    backwards = hoist.edited("bms.board", changed(pads=", ".join(f"B{n}" for n in range(10, -1, -1))))
    assert "place 11, printed B0" in wire_list(analyse(backwards, library).wiring)[0].to_where
    bare = hoist.edited("bms.board", None)
    assert {e.name for e in wire_list(analyse(bare, library).wiring)} == {f"B{n}" for n in range(11)} | {
        "F+",
        "P+",
        "P−",
    }


def test_the_board_sits_in_the_line_it_switches_and_a_separate_port_has_its_lead(hoist, library):
    def names(**values):
        d = hoist.edited("bms.board", changed(**values))
        return [e.name for e in wire_list(analyse(d, library).wiring) if e.ref.startswith("lead:")]

    assert sorted(names()) == ["B−", "F+", "P+", "P−"]
    assert sorted(names(switch_side=SwitchSide.HIGH)) == ["B+", "F+", "P+", "P−"]
    assert sorted(names(charge_port=ChargePort.SEPARATE)) == ["B−", "C+", "C−", "F+", "P+", "P−"]


def test_neighbouring_leads_never_share_a_colour():
    for series in (1, 4, 10, 24, 32):
        colours = [tap_colour(n, series) for n in range(series + 1)]
        assert all(a != b for a, b in itertools.pairwise(colours))
        assert set(colours) <= {*COLOURS, "red"}


def test_taps_alternate_between_the_faces(hoist_analysis):
    """With alternating directions the taps alternate between the two faces (common practice, no source)."""
    faces = {face: [t.number for t in hoist_analysis.bms.taps if t.face is face] for face in Face}
    assert {n % 2 for n in next(iter(faces.values()))} in ({0}, {1})
    assert sorted(n for some in faces.values() for n in some) == list(range(11))


def test_taps_stand_where_the_load_shifts_them_least(odd_hoist, library):
    """Shift by the solved network: voltage of the pad against the middle of its tap point, at the steady current."""
    a = analyse(odd_hoist, library)
    layout, joining = a.layout, odd_hoist.joining
    runs = metal_runs(layout, joining)
    work = metalwork(layout, runs, ohms_per_metre(layout, joining), odd_hoist.cell.resistance_ohm)
    state = solve(work.network, 0.0, odd_hoist.brief.current_steady_a)
    for tap in a.bms.taps:
        pads = [(c.number, True) for c in layout.group_cells(tap.number)] + [
            (c.number, False) for c in layout.group_cells(tap.number + 1)
        ]
        volts = {pad: state.volts[work.pad[pad]] for pad in pads}
        middle = sum(volts.values()) / len(volts)
        mine = next(v for (n, _), v in volts.items() if n == tap.cell)
        shift = tap.shift_ohm * odd_hoist.brief.current_steady_a
        assert shift == pytest.approx(mine - middle, abs=1e-4)
        assert abs(shift) <= max(abs(v - middle) for v in volts.values()) + 1e-9


def test_wires_of_the_nail_board_have_their_true_lengths(hoist, library):
    a = analyse(hoist, library)
    drawing = nail_board(hoist, a)
    for entry in wire_list(a.wiring):
        if entry.name[0] not in "BN":
            continue
        laid = [
            s
            for s in drawing.shapes
            if isinstance(s, Stroke) and s.ref == entry.ref and s.role.startswith("wire.")
        ]
        assert laid
    total = sum(
        abs(p[0] - q[0]) + abs(p[1] - q[1])
        for s in drawing.shapes
        if isinstance(s, Stroke) and s.role.startswith("wire.")
        for p, q in zip(s.points, s.points[1:], strict=False)
    )
    wanted = sum(e.length_m for e in wire_list(a.wiring) if e.name[0] in "BN") * 1e3
    assert total == pytest.approx(wanted, abs=0.1)


def test_the_schematic_crosses_leads_only_for_a_plug_that_runs_backwards(hoist, library):
    def ends(design):
        drawing = schematic(design, analyse(design, library))
        return {
            s.ref: (s.points[0][1], s.points[-1][1])
            for s in drawing.shapes
            if isinstance(s, Stroke) and s.ref.startswith("tap:")
        }

    straight = ends(hoist)
    assert all(start == pytest.approx(stop) for start, stop in straight.values())
    turned = ends(hoist.edited("bms.board", changed(pads=", ".join(f"B{n}" for n in range(10, -1, -1)))))
    assert turned["tap:0"][1] == pytest.approx(turned["tap:10"][0])


def test_wiring_goes_out_as_csv_and_true_size_pdf(hoist, library):
    from pypdf import PdfReader

    rows = list(csv.DictReader(io.StringIO(layout_bytes(hoist, library, "wires").decode())))
    assert len(rows) == 17
    assert float(rows[0]["length_mm"]) > 40
    reader = PdfReader(io.BytesIO(layout_bytes(hoist, library, "wiring")))
    text = " ".join(page.extract_text() for page in reader.pages)
    assert "nail board, 1:1" in text
    assert "must measure 100 mm" in text
    assert "24 AWG" in text


def test_a_short_of_sense_leads_by_hand():
    """24 AWG, 2 × 0.2 m at 86 mΩ/m and 6 mΩ of group: 4.2 V / 0.0403 Ω = 104 A; Onderdonk melts 0.205 mm² of copper at about
    58 A in one second (value from memory), so in about a third of one."""
    wire = part_named(SHELF, Wire, "24 AWG silicone")
    told = sense_short(wire, 0.2, 4.2, 0.006)
    assert told.short_a == pytest.approx(4.2 / (0.006 + 0.4 * wire.resistance_ohm_per_m))
    assert told.melts_s == pytest.approx((58 / told.short_a) ** 2, rel=0.05)
    assert told.fuse_a == 0.5
    assert sense_short(part_named(SHELF, Wire, "10 AWG silicone"), 2.0, 4.2, 0.5).fuse_a is None


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is installed by ./check")
def test_tap_voltages_equal_ngspice(odd_hoist, library, tmp_path):
    """ngspice .op of the exported netlist without load: each tap's pad against B0's is its expected voltage to 1e-6."""
    a = analyse(odd_hoist, library)
    metal = solve_under_load(odd_hoist, a.layout, a.pack.run_time_s)
    path = tmp_path / "taps.cir"
    path.write_text(spice_netlist(metal, a.leads, odd_hoist.cell_now_v, 0.0, "taps"))
    out = subprocess.run(
        ["ngspice", "-b", str(path)], capture_output=True, text=True, timeout=120, check=False
    ).stdout
    theirs = {
        key.strip(): float(value)
        for key, _, value in (line.partition("=") for line in out.splitlines() if line.count("=") == 1)
        if key.strip().startswith("c") and value.strip()[:1] in "-0123456789"
    }

    def pad(tap):
        group = a.layout.by_number[tap.cell].group
        return theirs[pad_name(tap.cell, group == tap.number)]

    for tap in a.bms.taps:
        assert pad(tap) - pad(a.bms.taps[0]) == pytest.approx(tap.now_v, abs=1e-6 * a.pack.voltage_now_v)


# -- what a meter should read ----------------------------------------------------------------------------


def test_expected_readings_hold_for_practice_packs():
    """± is two standard deviations: of 1000 sound readings at most about one in twenty lies outside."""
    asked = PackAsked(10, CELL, 3.56)
    table = {(e.black, e.red): e for e in expected_readings(asked, tuple(range(asked.series + 1)))}
    assert len(table) == 19
    outside = n = 0
    for seed in range(100):
        pack = practice_pack(asked, 0, seed)
        for pin in range(1, 11):
            e = table[0, pin]
            n += 1
            outside += abs(pack.read(0, pin) - e.volts) > e.plus_minus
    assert outside / n < 0.05
    assert expected_reading(asked, tuple(range(asked.series + 1)), 5, 3).volts == pytest.approx(-2 * 3.56)


# -- rules and own boards --------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("BM-7", [("bms.board", changed(current_peak_a=46.0))]),
        ("BM-9", [("bms.board", changed(standby_current_a=0.01))]),
        (
            # One long row, so that collecting strips and links are as long as the group.
            "BM-11",
            [
                ("series", 3),
                ("parallel", 14),
                ("arrangement.rows", 1),
                ("joining.link_layers", 1),
                ("joining.collector_layers", 1),
                ("joining.link_strip", STEEL),
                ("joining.collector_strip", STEEL),
            ],
        ),
    ],
)
def test_bms_rules_speak(code, edits, hoist, library):
    assert code not in found(hoist, library)
    assert code in found(hoist.with_edits(*edits), library)


@pytest.mark.parametrize(
    ("values", "code", "words"),
    [
        ({"over_voltage_v": 4.35}, "BM-2", "cuts charge at 4.35 V, the cells are full at 4.20 V"),
        ({"over_voltage_v": 4.10}, "BM-2", "cuts charge at 4.10 V"),
        ({"under_voltage_v": 2.3}, "BM-12", "cuts off at 2.30 V, the cells are empty at 2.50 V"),
        ({"under_voltage_v": 3.4}, "BM-12", "cuts off at 3.40 V"),
    ],
)
def test_a_board_of_ones_own_with_other_thresholds_is_told(hoist, library, values, code, words):
    own = changed(name="own", **values)
    told = found(hoist.edited("bms.board", own), library)[code]
    assert words in told.sentence
    assert code not in found(told.fix.applied(hoist), library)


def test_every_board_of_the_library_suits_some_cell_of_its_chemistry(library):
    for board in library.boards:
        cells = [c for c in library.cells if c.chemistry is board.chemistry]
        assert any(threshold_faults(board, cell) == ("", "") for cell in cells), board.name


def test_sense_fuses_are_offered_and_taken(hoist, library):
    assert "BM-8" not in found(hoist, library), "short leads are minded while the harness is made"
    far = hoist.edited("bms.service_loop_m", 0.4)
    finding = found(far, library)["BM-8"]
    fused = finding.fix.applied(far)
    assert "BM-8" not in found(fused, library)
    assert "fuse at the tap" in wire_list(analyse(fused, library).wiring)[0].end


def test_a_board_of_ones_own_is_kept_and_read_back(tmp_path):
    own = changed(
        name="Shed board № 2", pads="B-, B1, B2, B3, B4, B5, B6, B7, B8, B9, B+", source="entered by the user"
    )
    assert parts_from_toml(part_to_toml(own), "x") == [own]
    path = keep_part(own, tmp_path / "parts")
    assert path.name == "board-shed-board-2.toml"
    library, faults = load_library(tmp_path / "parts")
    assert not faults
    assert own in library.boards


@pytest.mark.parametrize(
    "kind", ["cells", "strips", "wires", "connectors", "fuses", "lugs", "boards", "sleeves"]
)
def test_every_part_of_the_library_goes_to_a_file_and_back(kind):
    for part in getattr(SHELF, kind):
        assert parts_from_toml(part_to_toml(part), "x") == [part]
