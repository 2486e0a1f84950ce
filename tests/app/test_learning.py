"""The guide at the topic at hand, why a finding matters, and the guided first pack, done whole."""

import re
from pathlib import Path

import pytest
from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QKeySequence, QTextDocument
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel, QPushButton

from firmcell import DATA
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation, Stage
from firmcell.core.analysis.why import why
from firmcell.core.jobs import findings_of
from firmcell.core.practice.first_pack import first_pack
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.records.events import StepPassed, WeldRow, WeldSample
from firmcell.store.demo import DEMO_JOBS, orchard_hoist
from firmcell.store.glossary import terms
from firmcell.store.guide import chapter_of, chapters
from firmcell.store.part_files import shipped_library

ROOT = Path(__file__).parents[2]
LIBRARY = shipped_library()
HOIST = orchard_hoist(LIBRARY)


@pytest.mark.parametrize("stage", list(Stage))
def test_f1_turns_to_the_stage_at_hand(hoist_window, stage):
    window = hoist_window
    window.go(stage)
    QTest.keyClick(window, Qt.Key.Key_F1)
    shown = window.learning.help
    assert shown.isVisible()
    assert shown.shown.partition("-")[2] == stage.value
    assert shown.text.toPlainText().startswith(stage.heading)
    shown.close()


def test_without_a_job_f1_begins_at_the_beginning(window):
    window.learning.show_guide()
    assert window.learning.help.shown == "00-start"
    assert window.learning.help.width() <= max(window.width(), 980)


def test_links_and_pictures_of_the_guide_lead_somewhere():
    names = {chapter.name for chapter in chapters()}
    reached = set()
    for chapter in chapters():
        for link in re.findall(r"(?<!!)\[[^\]]*\]\(([^)]+)\)", chapter.text):
            assert Path(link).stem in names, (chapter.name, link)
            reached.add(Path(link).stem)
        for picture in re.findall(r"!\[[^\]]+\]\(([^)]+)\)", chapter.text):
            assert (DATA / "guide" / picture).resolve().is_file(), (chapter.name, picture)
    assert reached == names
    index = (ROOT / "docs/guide/README.md").read_text()
    for chapter in chapters():
        assert f"/{chapter.name}.md" in index
    for stage in Stage:
        assert chapter_of(stage) in names - {"00-start"}


def test_sections_and_keys_named_in_the_guide_are_in_the_program(hoist_window):
    window = hoist_window
    known = {key for _, keys in window.menus.keys_by_place() for key, _ in keys}
    words = {a.text().replace("&", "") for menu in window.menus.all for a in menu.actions()}
    for stage in Stage:
        page = window.page(stage)
        words |= set(page.jump.titles) | {stage.heading}
        for kind in (QPushButton, QLabel):
            words |= {part.text().replace("&", "") for part in page.findChildren(kind)}
    words |= {f.code for f in window.session.findings} | {"PA-1"}
    for chapter in chapters():
        for named in re.findall(r"(?<![*\w])\*([^*\n]+)\*(?!\*)", chapter.text):
            assert named in words, (chapter.name, named)
        for key in re.findall(r"`((?:Ctrl|Alt|Shift|F\d)[^`]*)`", chapter.text):
            assert QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText) in known, (
                chapter.name,
                key,
            )


def test_the_pictures_of_the_guide_are_those_of_the_job_and_nothing_else_is_read(hoist_window, tmp_path):
    window = hoist_window
    window.learning.show_guide()
    text = window.learning.help.text
    image = QTextDocument.ResourceType.ImageResource.value
    own = text.loadResource(image, QUrl("../../docs/screenshots/03-layout.png"))
    assert own.width() > 300
    window.learning.help.resize(640, 400)
    assert not text.horizontalScrollBar().isVisible()
    assert text.loadResource(image, QUrl("03-layout.png")).width() < own.width()
    colours = {own.pixelColor(x, own.height() // 2).name() for x in range(0, own.width(), 7)}
    assert len(colours) > 4
    (tmp_path / "secret.png").write_bytes(b"x")
    for url in (QUrl.fromLocalFile(str(tmp_path / "secret.png")), QUrl("http://example.invalid/03.png")):
        assert text.loadResource(image, url).width() == 1
    assert (
        text.loadResource(QTextDocument.ResourceType.StyleSheetResource.value, QUrl("03-layout")).width() == 1
    )


def test_every_finding_of_every_demo_says_why_and_from_where():
    for _, make in DEMO_JOBS.values():
        design = make(LIBRARY)
        for finding in findings_of(Situation(design, analyse(design, LIBRARY), EMPTY_STATE, LIBRARY)):
            parts = why(finding, terms())
            assert [heading for heading, _ in parts[:4]] == [
                "How much it weighs",
                "Why it matters",
                "Where it comes from",
                "What can be done",
            ]
            assert all(len(text) > 10 for _, text in parts)
            told = dict(parts)["Where it comes from"]
            assert ("No published source" in told) == (
                "no source" in finding.source or "judgement" in finding.source
            )


def test_why_is_one_key_away_and_leads_on_to_the_chapter(hoist_window):
    window = hoist_window
    finding = window.session.findings[0]
    QTest.keyClick(window, Qt.Key.Key_F1, Qt.KeyboardModifier.ShiftModifier)
    shown = window.learning.help
    assert finding.code in shown.reason.toPlainText()
    assert finding.reason in shown.reason.toPlainText()
    shown.reason.anchorClicked.emit(QUrl(f"{chapter_of(finding.stage)}.md"))
    assert shown.shown == chapter_of(finding.stage)


def test_without_a_finding_there_is_nothing_to_explain(window):
    window.learning.show_why()
    assert "no finding" in window.banner.text()


def test_the_stops_go_along_the_stages_and_lead_to_what_is_there(hoist_window):
    stops = first_pack(HOIST, analyse(HOIST, LIBRARY))
    assert len(stops) == 12
    order = list(Stage)
    assert [order.index(s.stage) for s in stops] == sorted(order.index(s.stage) for s in stops)
    assert {s.stage for s in stops} == set(Stage)
    for stop in stops:
        hoist_window.go(stop.stage)
        assert not stop.section or stop.section in hoist_window.page(stop.stage).jump.titles, stop.title
        assert (stop.done is None) or stop.task


def test_the_first_pack_is_done_whole(hoist_window, qtbot):
    window = hoist_window
    own = window.session.path.read_bytes()
    window.learning.first_pack()
    bar, session = window.learning.bar, window.session
    assert session.path.parent.name == "first pack"
    assert bar.isVisible()

    def done():
        return bar.task.text().startswith("✓")

    def on():
        QTest.mouseClick(bar.next, Qt.MouseButton.LeftButton)

    assert not done()
    session.edit("brief.current_steady_a", 40.0, "more")
    assert done()
    assert any(f.code == "BM-3" for f in session.findings)
    on()
    assert not done()
    window.undo()
    assert done()
    for _ in range(5):
        on()
    assert bar.title.text() == "7 of 12: Wire and fuse"
    thin = next(w for w in LIBRARY.wires if w.name == "16 AWG silicone")
    session.edit("leads.wire", thin, "thin")
    assert not done()
    worst = next(f for f in session.findings if f.code == "LE-1")
    session.apply_fix(worst)
    assert done()
    for _ in range(3):
        on()
    assert window.stage is Stage.BENCH
    step = session.current_step
    _pass_row(session, step)
    assert done(), bar.task.text()
    on()
    on()
    assert window.stage is Stage.PASSPORT
    assert not bar.task.isVisible()
    on()
    assert window.learning.bar is None
    assert window.session is session
    window.opening.open_demo("orchard-hoist")
    assert window.session.path.read_bytes() == own
    # Once more: from the beginning, and what was there is kept beside.
    window.learning.first_pack()
    assert window.session.design == HOIST.model_copy(update={"serial": window.session.design.serial})
    assert (window.session.path.parent / "orchard-hoist.before.firmcell").exists()


def _pass_row(session, step):
    sample = session.events.of_kind(WeldSample)[-1]
    same = {name: getattr(sample, name) for name in ("machine", "setting", "pulses", "strip")}
    session.record(WeldRow(**same, welds=step.joints, flat=True, tug=True), step.code)
    session.record(StepPassed(), step.code)


def test_another_job_ends_the_way(hoist_window):
    window = hoist_window
    window.learning.first_pack()
    window.opening.open_demo("bee-house-scale")
    QTest.qWait(20)
    assert window.learning.bar is None
