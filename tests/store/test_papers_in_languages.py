"""Papers in another language: told once, names and codes as they are, every number where it was."""

import io
import re
from contextlib import nullcontext
from dataclasses import replace

import pytest
from pypdf import PdfReader

from firmcell.app.language.spoken import tongue_of
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import ENGLISH
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.passport import told_passport
from firmcell.core.pictures.drawing import Drawing, Label
from firmcell.core.pictures.pack_label import SMALLEST_MM, STOCKS_MM, label_drawing, label_words
from firmcell.store.demo import DEMO_JOBS, bee_house_scale, make_demo, orchard_hoist
from firmcell.store.job_file import JobFile
from firmcell.store.passport_files import passport_html, passport_pdf
from firmcell.store.passport_seal import read_seal
from firmcell.store.whole_job import exported, passport_of, saved_passport

CODE = tuple(tuple((n + k) % 2 == 0 for k in range(45)) for n in range(45))
"""As many modules as a QR code of the essentials has, about."""


def page_of(job, library):
    design = job.latest().design()
    return passport_of(design, *_kept(job, design, library)), design


def _kept(job, design, library):
    state, bound = saved_passport(job, design, library)
    return state, library, bound


def text_of(content):
    return " ".join(" ".join(p.extract_text() for p in PdfReader(io.BytesIO(content)).pages).split())


def numbers(text):
    return sorted(re.findall(r"\d+", text))


@pytest.mark.parametrize("code", ["de", "fr"])
@pytest.mark.parametrize("name", DEMO_JOBS)
def test_a_passport_says_the_same_figures_on_one_page(tmp_path, library, name, code):
    with JobFile.open(make_demo(name, tmp_path)) as job:
        page, _ = page_of(job, library)
        there = b"".join(exported(job, "pdf", tongue=tongue_of(code)))
        here = b"".join(exported(job, "pdf"))
    assert len(PdfReader(io.BytesIO(there)).pages) == 1
    text = text_of(there)
    assert numbers(text) == numbers(text_of(here))
    told = told_passport(page, tongue_of(code).tell)
    for kept in ("title", "serial", "builder", "essentials", "seal", "finished"):
        assert getattr(told, kept) == getattr(page, kept)
    assert not set(told.cautions) & set(page.cautions)
    assert told.records[0] != page.records[0]
    headings = {"de": ("Pass des Packs", "Nennwerte"), "fr": ("Passeport du pack", "Valeurs")}[code]
    assert all(words in text for words in headings)


def test_the_seal_of_a_passport_is_read_whatever_it_speaks(tmp_path, library):
    with JobFile.open(make_demo("orchard-hoist", tmp_path)) as job:
        seals = []
        for code in ("en", "de"):
            for kind in ("pdf", "html"):
                path = tmp_path / f"{code}.{kind}"
                path.write_bytes(b"".join(exported(job, kind, tongue=tongue_of(code))))
                seals.append(read_seal(path))
    assert len(set(seals)) == 1


def test_a_name_is_not_told(tmp_path, library):
    """Black is a colour of wires, and somebody's name."""
    with JobFile.open(make_demo("bee-house-scale", tmp_path)) as job:
        page, _ = page_of(job, library)
    page = replace(page, builder="Black", serial="lead")
    pictures = [Drawing("top face", (), (0.0, 0.0, 1.0, 1.0))]
    german = text_of(passport_pdf(page, pictures, tongue=tongue_of("de")))
    assert "Gebaut von Black" in german
    assert "Seriennummer lead" in german
    html = passport_html(page, pictures, tongue=tongue_of("de"))
    assert "gebaut von Black" in html


def lines_on(words, size):
    """How many lines of a label stand on it, but for the job's title at their end: those whose first words do."""
    shown = " ".join(s.text for s in label_drawing(words, size, CODE).shapes if isinstance(s, Label))
    return sum(" ".join(line.split()[:2]) in shown for line in words.lines[:-1])


@pytest.mark.parametrize("finished", [True, False])
@pytest.mark.parametrize("code", ["de", "fr"])
def test_no_label_of_a_usual_size_loses_a_line_by_its_language(library, code, finished):
    """“Not proven” and “never open” are lines too; German once lost both where English had them."""
    for make in (orchard_hoist, bee_house_scale):
        design = make(library)
        words = label_words(design, _analysed(design, library), "2026-11-28", finished)
        told = words.told(tongue_of(code).tell)
        for size in STOCKS_MM:
            assert lines_on(told, size) >= lines_on(words, size), (design.brief.title, size)
        if not finished:
            assert lines_on(told, SMALLEST_MM) == lines_on(words, SMALLEST_MM) == 1


@pytest.mark.parametrize("code", ["en", "de", "fr"])
def test_a_label_with_no_room_to_say_that_a_pack_is_not_proven_is_refused(library, code):
    design = orchard_hoist(library)
    analysis = _analysed(design, library)
    for finished in (True, False):
        words = label_words(design, analysis, "", finished).told(tongue_of(code).tell)
        with nullcontext() if finished else pytest.raises(Refusal, match="not proven yet"):
            label_drawing(words, (16.0, 12.0), CODE)


def test_html_names_its_language_and_english_is_as_it_was(tmp_path, library):
    with JobFile.open(make_demo("bee-house-scale", tmp_path)) as job:
        page, design = page_of(job, library)
        pictures = list(plan_of(design).pictures(design, _analysed(design, library)))
    assert '<html lang="en">' in passport_html(page, pictures)
    german = passport_html(page, pictures, tongue=tongue_of("de"))
    assert '<html lang="de">' in german
    assert "Oberseite" in german
    assert passport_pdf(page, pictures) == passport_pdf(page, pictures, (), ENGLISH)


def _analysed(design, library):
    from firmcell.core.analysis.analyse import analyse

    return analyse(design, library)


@pytest.mark.parametrize("kind", ["label", "sketch", "template", "wiring", "parts-pdf"])
def test_other_papers_are_told_too(tmp_path, library, kind):
    with JobFile.open(make_demo("orchard-hoist", tmp_path)) as job:
        here = text_of(b"".join(exported(job, kind)))
        there = text_of(b"".join(exported(job, kind, tongue=tongue_of("de"))))
    assert here != there
    assert numbers(here) == numbers(there)
    # Its name is nobody's to translate.
    assert "Orchard hoist" in there


def test_the_command_line_writes_them(tmp_path):
    from firmcell.cli.main import main

    path = make_demo("hay-loft-lantern", tmp_path)
    out = tmp_path / "passport.html"
    assert main(["export", str(path), "--to", "html", "--language", "fr", str(out)]) == 0
    html = out.read_text(encoding="utf-8")
    assert '<html lang="fr">' in html
    assert "Passeport" in html
