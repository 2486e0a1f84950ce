"""What lies beside the main path: jobs of the other kinds, and the windows of the workshop."""

import time
from collections.abc import Callable, Iterator
from contextlib import suppress
from pathlib import Path

from PySide6.QtWidgets import QApplication, QTabWidget, QWidget

from firmcell.app.language.main_path import Tell, of_findings, of_steps, opened, settled
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import ENGLISH, Tongue
from firmcell.core.jobs import findings_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.pack_label import label_words
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.layout_files import layout_bytes
from firmcell.store.shopping_files import shopping_pdf
from firmcell.store.whole_job import label_bytes, passport_bytes, passport_of

ROOMS = ("firmcell/app/", "firmcell/core/", "firmcell/register/", "firmcell/store/")
"""Where each sentence may be shown, by a design or a slip that no walk meets: all of them are told."""
NOT_TOLD = (
    "firmcell/core/base/frozen.py",
    "firmcell/core/leads/spice_netlist.py",
    "firmcell/core/run/pack_in_time.py",
    "firmcell/register/migrations/",
    "firmcell/store/sql_tables.py",
)
"""But for what is shown to nobody."""
READ_FOR_S = 4.0
"""How long a window of the workshop is given to read its register and to plan."""


def walk_further(library: PartLibrary, scratch: Path, tell: Tell) -> None:
    """Show every stage of a job of each kind, and each window of the workshop."""
    application, window = opened(library, scratch)
    for name in DEMO_JOBS:
        window.opening.open_demo(name)
        assert window.session is not None
        for stage in window.session.plan.stages:
            window.go(stage)
            settled(application)
    for text in (*told_by_jobs(library), *told_on_paper(library, every=True)):
        tell(text)
    shop = window.workshop
    shows: tuple[Callable[[], QWidget], ...] = (
        shop.show_shop,
        shop.show_shopping,
        shop.show_day,
        shop.show_across,
        shop.show_stock,
    )
    for show in shows:
        _looked_through(application, show())
    window.close()


def always_told(where: str) -> bool:
    """Whether every sentence of a file of the source is told, by its path from the package's folder."""
    return where.startswith(ROOMS) and not where.startswith(NOT_TOLD)


def told_by_jobs(library: PartLibrary) -> Iterator[str]:
    """Return what steps and findings of a job of each kind say, without a window."""
    for _, make in DEMO_JOBS.values():
        design = make(library)
        analysis = analyse(design, library)
        yield from of_steps(steps_of(design, analysis))
        yield from of_findings(findings_of(Situation(design, analysis, EMPTY_STATE, library)))


def told_on_paper(library: PartLibrary, every: bool) -> Iterator[str]:
    """Return what stands on the passport and the label of a job of each kind; where `every` paper is wanted,
    on its parts list, templates and wiring as well."""
    said = list[str]()

    def tell(text: str) -> str:
        said.append(text)
        return text

    tongue = Tongue(ENGLISH.code, tell)
    for _, make in DEMO_JOBS.values():
        design = make(library)
        page = passport_of(design, EMPTY_STATE, library, Bound(""))
        passport_bytes(page, design, library, "html", (), tongue)
        label_words(design, analyse(design, library), "", page.finished).told(tell)
        for kind in ("template", "wiring", "parts-pdf") if every else ():
            with suppress(Refusal):
                layout_bytes(design, library, kind, "a4", tongue)
    if every:
        passport_bytes(page, design, library, "pdf", (), tongue)
        label_bytes(page, design, analyse(design, library), "", "sketch", "a4", None, tongue)
        shopping_pdf("", (), (), "a4", tongue)
    yield from said


def _looked_through(application: QApplication, shown: QWidget) -> None:
    end = time.monotonic() + READ_FOR_S
    settled(application, lambda: time.monotonic() > end)
    for tabs in shown.findChildren(QTabWidget):
        for at in range(tabs.count()):
            tabs.setCurrentIndex(at)
            settled(application)
    shown.close()
