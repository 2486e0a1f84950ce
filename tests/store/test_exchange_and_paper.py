"""JSON exchange, published schemas, passport on paper, CSV."""

import csv
import io
import json
from dataclasses import replace
from pathlib import Path

import jsonschema
import pytest
import segno
from hypothesis import given, settings
from hypothesis import strategies as st
from pypdf import PdfReader

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.design import Face
from firmcell.core.pictures.face import face_drawing
from firmcell.core.records.build_state import fold
from firmcell.core.records.events import Remark, TapReading
from firmcell.store.demo import DEMO_JOBS, make_demo
from firmcell.store.exchange import import_job, job_to_json, read_exchange
from firmcell.store.job_file import JobFile
from firmcell.store.json_schemas import SCHEMAS, schema_text
from firmcell.store.passport_files import passport_html, passport_pdf
from firmcell.store.pens.svg import to_svg
from firmcell.store.whole_job import exported, passport_of, report_of, saved_passport
from tests.conftest import cases

DOCS = Path(__file__).parents[2] / "docs"


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_exchange_is_lossless_both_ways(tmp_path, name):
    path = make_demo(name, tmp_path)
    with JobFile.open(path) as job:
        job.attach("log.bin", "application/octet-stream", bytes(range(256)))
        text = job_to_json(job)
    with import_job(text, "x.json", tmp_path / "copy.firmcell") as copy:
        assert job_to_json(copy) == text
        assert copy.verify().fault is None
        copy.append(Remark(text="goes on"))
        assert copy.verify().fault is None
    jsonschema.validate(json.loads(text), json.loads((DOCS / "schema/job.schema.json").read_text()))


@pytest.mark.parametrize("name", SCHEMAS)
def test_published_schemas_are_those_of_the_models(name):
    assert (DOCS / "schema" / f"{name}.schema.json").read_text() == schema_text(name)


def test_report_follows_its_schema_and_names_units(job):
    text = report_of(job).model_dump_json()
    jsonschema.validate(json.loads(text), json.loads((DOCS / "schema/analyse.schema.json").read_text()))
    units = ("_v", "_a", "_as", "_ah", "_j", "_wh", "_s", "_w", "_m", "_kg", "_ohm", "_k", "_per_h", "_days")
    plain = {"designation", "cell_designation", "series", "parallel", "transport"}
    for field in json.loads(text)["analysis"]["pack"]:
        assert field in plain or field.endswith(units), field


def _exchanged(job) -> dict:
    return json.loads(job_to_json(job))


@pytest.mark.parametrize(
    ("change", "words"),
    [
        (lambda d: d.update(format="other"), "not an exchanged Firm Cell job"),
        (lambda d: d.update(version=3), "exchange version 3"),
        (lambda d: d.pop("events"), "“events” is missing"),
        (lambda d: d["revisions"].clear(), "revisions"),
        (lambda d: d["revisions"][0]["design"].update(series=0), "“revisions.0.design.series”"),
        (
            lambda d: d["revisions"][0]["design"]["brief"].update(current_steady_a=float("nan")),
            "current_steady_a",
        ),
        (lambda d: d["events"][0]["data"].update(volts=9.0), "was changed after it was written"),
        (lambda d: d["events"].pop(0), "missing"),
        (lambda d: d["revisions"][0]["design"].update(format="x"), "format"),
    ],
)
def test_faulty_exchange_files_are_told(job, tmp_path, change, words):
    job.append(TapReading(tap=1, volts=3.5), "tap-voltages")
    job.append(TapReading(tap=2, volts=7.0), "tap-voltages")
    document = _exchanged(job)
    change(document)
    with pytest.raises(Refusal) as caught:
        import_job(json.dumps(document), "in.json", tmp_path / "out.firmcell")
    assert words in caught.value.sentence
    assert not (tmp_path / "out.firmcell").exists()


JSON = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=10),
    lambda inner: (
        st.lists(inner, max_size=4)
        | st.dictionaries(
            st.sampled_from(["format", "version", "revisions", "events", "design", "seq"]), inner, max_size=5
        )
    ),
    max_leaves=12,
)


@given(st.one_of(st.text(max_size=60), JSON.map(json.dumps)))
@settings(max_examples=cases(150))
def test_any_text_is_refused_in_a_sentence(text):
    with pytest.raises(Refusal) as caught:
        read_exchange(text, "in.json")
    assert caught.value.sentence.startswith("in.json")


def _page(job, library):
    design = job.latest().design()
    analysis = analyse(design, library)
    state, bound = saved_passport(job, design, library)
    return passport_of(design, state, library, bound), list(plan_of(design).pictures(design, analysis))


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_passport_is_one_a4_page_with_the_essentials(tmp_path, library, name):
    with JobFile.open(make_demo(name, tmp_path)) as job:
        page, faces = _page(job, library)
    reader = PdfReader(io.BytesIO(passport_pdf(page, faces)))
    assert len(reader.pages) == 1
    box = reader.pages[0].mediabox
    assert (float(box.width), float(box.height)) == pytest.approx((595.276, 841.890), abs=0.01)
    text = reader.pages[0].extract_text()
    for words in (
        page.title,
        page.designation,
        page.serial,
        "NOT FINISHED",
        *[t[0] for t in page.taps],
        "Cautions",
    ):
        assert words in text
    for _, value in page.ratings[:4]:
        assert value in " ".join(text.split())
    assert " ".join(page.records[-1].split()[-2:]) in " ".join(text.split())


@pytest.mark.parametrize("words", [1, 40, 400, 4000])
def test_no_line_of_the_passport_lies_on_its_footer(job, library, words):
    page, faces = _page(job, library)
    page = replace(page, records=("recorded " * words,))
    reader = PdfReader(io.BytesIO(passport_pdf(page, faces)))
    assert (len(reader.pages) > 1) is (words == 4000)
    counted = 0
    for paper in reader.pages:
        lines = []
        paper.extract_text(
            visitor_text=lambda text, cm, tm, font, size, lines=lines: lines.append(
                (tm[4] * cm[1] + tm[5] * cm[3] + cm[5], size, text)
            )
        )
        lines = [(y, size, text) for y, size, text in lines if text.strip()]
        foot = next(y for y, _, text in lines if text.startswith("Made with"))
        above = [y for y, _, text in lines if not text.startswith("Made with")]
        # 7.8 point letters, of which descenders take a quarter, over a footer of 6.8 point.
        assert min(above) - foot >= 7.8 * 0.25 + 6.8
        counted += sum(text.count("recorded") for _, _, text in lines)
    assert counted == words


@pytest.mark.parametrize(
    ("name", "pictures", "limits", "ratings"),
    [
        (
            "orchard-hoist",
            ["top face", "bottom face"],
            "Charging and storage",
            {"Fuse", "Connector", "BMS", "Cells"},
        ),
        ("sprayer-lead-change", ["leads"], "In use", {"Wire", "Connector", "Fuse", "Current"}),
        ("log-splitter-cable", ["leads"], "In use", {"Wire", "Lugs", "Fuse", "Current"}),
        ("lamp-cell-bms", ["with its board"], "Charging and storage", {"BMS", "Cells", "Size"}),
    ],
)
def test_a_passport_speaks_only_of_what_is_handed_over(tmp_path, library, name, pictures, limits, ratings):
    with JobFile.open(make_demo(name, tmp_path)) as job:
        page, drawings = _page(job, library)
        svg = b"".join(exported(job, "svg")).decode()
    assert [d.title for d in drawings] == pictures
    assert page.limits_title == limits
    names = {n for n, _ in page.ratings}
    assert ratings <= names
    html = passport_html(page, drawings)
    assert html.count("<svg") == len(drawings) + 1
    assert ("Taps against B0" in html) == bool(page.taps)
    text = " ".join(PdfReader(io.BytesIO(passport_pdf(page, drawings))).pages[0].extract_text().split())
    assert limits in text
    assert ("Taps against B0" in text) == bool(page.taps)
    if name == "lamp-cell-bms":
        # One cell has no fuse, no connector and no leads to cut; its size is that with the board on it.
        assert not {"Fuse", "Connector"} & names
        assert "68.4 mm at most; the board adds 2.8 mm" in dict(page.ratings)["Size"]
        assert "leads" not in " ".join(page.cautions)
        assert "strap 0.1 × 3 mm" in svg


def test_passport_html_holds_both_faces_taps_and_qr(job, library):
    page, faces = _page(job, library)
    html = passport_html(page, faces)
    assert html.count("<svg") == 3
    assert "http://" not in html.replace("http://www.w3.org", "")
    assert "https://" not in html
    for tap in page.taps:
        assert f"<td>{tap[0]}</td>" in html


def test_qr_code_is_segnos_and_holds_the_essentials(job, library):
    page, _ = _page(job, library)
    assert "10INR22/71-4" in page.essentials
    assert "charge to 42.00 V" in page.essentials
    code = segno.make(page.essentials, error="m", micro=False)
    assert not code.is_micro
    assert code.error in ("M", "Q", "H")


def test_markup_in_names_is_escaped(job, library, hoist):
    design = hoist.edited("brief.title", "<script>alert(1)</script> & co")
    html = passport_html(passport_of(design, fold([]), library, Bound("")), [])
    assert "<script>" not in html


def test_svg_is_to_scale_and_names_its_parts(hoist, hoist_analysis):
    from xml.etree import ElementTree

    drawing = face_drawing(hoist, hoist_analysis, Face.TOP)
    root = ElementTree.fromstring(to_svg(drawing))
    width = drawing.bounds[2] - drawing.bounds[0] + 4
    assert root.get("width") == f"{width:.3f}".rstrip("0").rstrip(".") + "mm"
    assert float(root.get("viewBox").split()[2]) == pytest.approx(width, abs=1e-3)
    wraps = [e for e in root.iter() if e.get("class") == "cell-wrap"]
    assert len(wraps) == 40
    assert {e.get("r") for e in wraps} == {"10.6"}


def test_csv_has_every_cell_strip_and_tap(job, hoist_analysis):
    rows = list(csv.DictReader(io.StringIO(b"".join(exported(job, "csv")).decode())))
    kinds = [r["table"] for r in rows]
    assert (kinds.count("cell"), kinds.count("strip"), kinds.count("tap")) == (
        40,
        len(hoist_analysis.strips),
        11,
    )
    assert float(next(r for r in rows if r["name"] == "B10")["voltage_full_v"]) == pytest.approx(42.0)
