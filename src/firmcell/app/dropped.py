"""Files let go over the window: each goes where its kind belongs."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QMimeData

from firmcell.app.session import guarded
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.store.job_file import SUFFIX

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

PICTURES = (".jpg", ".jpeg", ".png")
KNOWN = (
    f"a job ({SUFFIX}), photos (JPEG, PNG), an exchanged job (JSON), an outline (DXF, SVG), or a CSV of cells"
)


def files_of(mime: QMimeData) -> list[Path]:
    """Return the files that are dragged."""
    return [Path(u.toLocalFile()) for u in mime.urls() if u.isLocalFile()] if mime.hasUrls() else []


def take_files(window: "MainWindow", paths: list[Path]) -> bool:
    """Open, bring in or read files by their kind; says what is wrong with one that fits nowhere."""
    pictures = [p for p in paths if p.suffix.lower() in PICTURES]
    others = [p for p in paths if p not in pictures]

    def take() -> None:
        if pictures:
            if window.session is None:
                raise Refusal("Open a job first: photos are kept in it.")
            window.jobs.photos()
            window.jobs.photo_window.intake.bring_in_file(*pictures)
        for path in others[:1]:
            _take(window, path)
        if len(others) > 1:
            raise Refusal(f"Only “{others[0].name}” was taken: one file at a time, but for photos.")

    return guarded(take, window.tell)


def _take(window: "MainWindow", path: Path) -> None:
    kind = path.suffix.lower()
    if kind == SUFFIX:
        window.opening.open_path(path)
    elif kind == ".json":
        window.jobs.take_exchanged(path)
    elif kind in (".csv", ".txt"):
        if window.session is None:
            raise Refusal("Open a job first: readings of cells are taken into it.")
        window.jobs.measured.take_dropped(path)
    elif kind in (".dxf", ".svg"):
        if window.session is None or Stage.LAYOUT not in window.session.plan.stages:
            raise Refusal("Open a job that lays out cells first: a drawing is the outline of their space.")
        window.jobs.take_outline(path)
    else:
        raise Refusal(f"“{path.name}” is none of the files that can be let go here: {KNOWN}.")
