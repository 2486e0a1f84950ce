"""Photos and remarks kept with a step: dropped, pasted, picked; shown small and large; on the passport where asked for."""

import hashlib
import io

import pytest
from PIL import Image
from pypdf import PdfReader
from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent, QGuiApplication, QImage

from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import PhotoKept, Remark
from firmcell.store.photos import photos_for_paper
from firmcell.store.whole_job import exported


def picture(path, colour):
    Image.new("RGB", (60, 40), colour).save(path)
    return path


@pytest.fixture
def notes(hoist_window, qtbot):
    hoist_window.go(Stage.BENCH)
    return hoist_window.pages[Stage.BENCH].notes


def test_a_dropped_picture_is_kept_with_the_step_at_hand(notes, qtbot, tmp_path):
    page, session = notes.page, notes.session
    files = [picture(tmp_path / "weld.png", "red"), picture(tmp_path / "rim.png", "blue")]
    mime = QMimeData()
    mime.setUrls([QUrl.fromLocalFile(str(f)) for f in files])
    event = QDropEvent(
        QPointF(5, 5),
        Qt.DropAction.CopyAction,
        mime,
        Qt.MouseButton.LeftButton,
        Qt.KeyboardModifier.NoModifier,
    )
    page.dropEvent(event)
    qtbot.waitUntil(lambda: sum(isinstance(e.data, PhotoKept) for e in session.events) == 2, timeout=5000)
    kept = [e for e in session.events if isinstance(e.data, PhotoKept)]
    assert {e.step for e in kept} == {page.step.code}
    assert kept[0].data.sha256 == hashlib.sha256(files[0].read_bytes()).hexdigest()
    assert notes.list.count() == 2
    qtbot.waitUntil(lambda: not notes.list.item(0).icon().isNull(), timeout=5000)
    window = notes.large(kept[0].data.sha256)
    qtbot.addWidget(window)
    # Another step has none; coming back, they are there.
    page.show_step(next(s for s in session.steps if s.code != page.step.code))
    assert notes.list.count() == 0
    page.show_step(next(s for s in session.steps if s.code == kept[0].step))
    assert notes.list.count() == 2


def test_a_pasted_picture_and_the_same_again(notes, qtbot):
    image = QImage(30, 20, QImage.Format.Format_RGB32)
    image.fill(Qt.GlobalColor.green)
    QGuiApplication.clipboard().setImage(image)
    assert notes.paste()
    with qtbot.waitSignal(notes.session.refused) as told:
        assert not notes.paste()
    assert "kept with this step already" in told.args[0]
    QGuiApplication.clipboard().clear()
    with qtbot.waitSignal(notes.session.refused) as told:
        assert not notes.paste()
    assert "no picture on the clipboard" in told.args[0]


def test_what_is_no_picture_is_refused_and_nothing_is_kept(notes, qtbot, tmp_path):
    (tmp_path / "a.png").write_text("not a picture")
    with qtbot.waitSignal(notes.session.refused, timeout=5000) as told:
        notes.take_files([tmp_path / "a.png"])
    assert "is not a JPEG or PNG picture" in told.args[0]
    assert not any(isinstance(e.data, PhotoKept) for e in notes.session.events)


def test_a_remark_is_typed_and_kept_with_the_step(notes, qtbot):
    qtbot.keyClicks(notes.remark, "strip from the new roll")
    qtbot.keyClick(notes.remark, Qt.Key.Key_Return)
    event = notes.session.events[-1]
    assert event.data == Remark(text="strip from the new roll")
    assert event.step == notes.page.step.code
    assert notes.remark.text() == ""
    assert not notes.keep_remark()


def test_photos_go_on_the_passport_where_asked_for(notes, tmp_path):
    session = notes.session
    for n, colour in enumerate(("red", "green", "blue")):
        notes.keep(picture(tmp_path / f"{n}.png", colour).read_bytes(), f"{n}.png")
    wide = tmp_path / "wide.jpg"
    Image.new("RGB", (4000, 3000), "white").save(wide)
    notes.keep(wide.read_bytes(), "wide.jpg")
    shown = photos_for_paper(session.job, session.events)
    assert len(shown) == 4
    assert max(Image.open(io.BytesIO(shown[-1][2])).size) == 1400
    plain = b"".join(exported(session.job, "pdf"))
    photos = b"".join(exported(session.job, "pdf", photos=True))
    assert len(PdfReader(io.BytesIO(plain)).pages) < len(PdfReader(io.BytesIO(photos)).pages)
    page = PdfReader(io.BytesIO(photos)).pages[-1]
    assert "B4: join group 4 to group 5" in " ".join(page.extract_text().split())
    assert len(page.images) == 4
    html = b"".join(exported(session.job, "html", photos=True)).decode()
    assert html.count("data:image/jpeg;base64,") == 4
    assert "data:image/jpeg" not in b"".join(exported(session.job, "html")).decode()


def test_label_and_sketch_are_written_at_true_size(notes):
    for kind in ("label", "sketch"):
        paper = PdfReader(io.BytesIO(b"".join(exported(notes.session.job, kind))))
        assert len(paper.pages) == 1
        assert "must measure 100 mm" in paper.pages[0].extract_text()
    label = PdfReader(io.BytesIO(b"".join(exported(notes.session.job, "label")))).pages[0].extract_text()
    assert "NOT PROVEN YET" in label


def test_a_label_of_a_roll_fills_a_page_of_its_own(notes):
    paper = PdfReader(io.BytesIO(b"".join(exported(notes.session.job, "label", stock_mm=(62.0, 29.0)))))
    assert len(paper.pages) == 1
    box = paper.pages[0].mediabox
    # A point is 1/72 inch (PDF 32000-1, 8.3.2.3).
    assert float(box.width) == pytest.approx(62.0 / 25.4 * 72, abs=0.01)
    assert float(box.height) == pytest.approx(29.0 / 25.4 * 72, abs=0.01)
    assert "10INR22/71-4" in paper.pages[0].extract_text()


def test_the_size_of_the_label_is_picked_or_typed_on_the_passport_page(notes, qtbot, tmp_path):
    window = notes.page.window()
    window.go(Stage.PASSPORT)
    page = window.page(Stage.PASSPORT)
    told = []
    for typed, name in (("40 x 12,5", "a"), ("5 x 9", "b"), (page.stock.itemText(0), "c")):
        page.stock.setEditText(typed)
        window.jobs.write_passport("label", tmp_path / f"{name}.pdf")
        told.append(window.banner.text())
    qtbot.waitUntil(lambda: (tmp_path / "c.pdf").exists() and (tmp_path / "a.pdf").exists(), timeout=8000)
    assert "“5 x 9” is no size of a label; wide x high in mm is right, such as 62 x 29" in told[1]
    assert not (tmp_path / "b.pdf").exists()
    sizes = [float(PdfReader(tmp_path / f"{n}.pdf").pages[0].mediabox.width) / 72 * 25.4 for n in "ac"]
    assert sizes[0] == pytest.approx(40, abs=0.01)
    assert sizes[1] > 200
