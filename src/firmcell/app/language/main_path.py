"""The main path through the program, walked so that each text on it is shown once: from the start page over
the brief to the passport of a new pack. Catalogues are written from it, and held complete by it."""

import time
from collections.abc import Callable, Iterator
from dataclasses import fields
from enum import Enum
from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QApplication

from firmcell.app.main_window import MainWindow
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import findings_of, steps_of
from firmcell.core.model.brief import SpaceShape, Stands
from firmcell.core.model.design import Design, JudgedBy, Lattice, Lie, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Part
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import bee_house_scale, hay_loft_lantern, orchard_hoist

Tell = Callable[[str], str]
CHANGES: tuple[tuple[tuple[str, object], ...], ...] = (
    (("brief.current_steady_a", 60.0), ("brief.current_peak_a", 120.0)),
    (("brief.current_steady_a", 3.0), ("brief.current_peak_a", 3.0)),
    (("bms.board", None),),
    (("leads.fuse", None),),
    (("insulation.sleeve", None), ("insulation.cross_sleeve", None)),
    (("insulation.sheet_m", 0.0),),
    (("insulation.rings", False),),
    (("brief.ambient_min_k", 248.15),),
    (("brief.ambient_max_k", 323.15),),
    (("brief.wet", True),),
    (("brief.shaken", True),),
    (("brief.must_not_cut_out", True),),
    (("brief.load_capacitance_f", 0.01),),
    (("brief.stands", Stands.CLOSED),),
    (("brief.energy_wanted_j", 4e6),),
    (("brief.mass_limit_kg", 1.0),),
    (("series", 8),),
    (("parallel", 1),),
    (("series", 20), ("brief.load_voltage_max_v", 90.0)),
    (("leads.length_m", 4.0),),
    (("leads.length_m", 0.05),),
    (("joining.style", StripStyle.PLATES),),
    (("joining.joined_by", JoinedBy.SOLDER),),
    (("joining.joined_by", JoinedBy.SCREW),),
    (("joining.judged_by", JudgedBy.IN_PLACE),),
    (("joining.welds_per_pad", 1),),
    (("joining.link_layers", 4),),
    (("arrangement.lattice", Lattice.STAGGERED),),
    (("arrangement.lie", Lie.ALONG),),
    (("arrangement.rows", 1), ("arrangement.placed", ())),
    (("arrangement.gap_m", 0.0),),
    (("brief.space", SpaceShape.OUTLINE),),
    (("cell_now_v", 4.15),),
    (("cell_now_v", 2.4),),
)
"""Edits of the demo jobs, each of which brings up findings of its own."""
OF_OTHER_KINDS = ("details", "host_charger")
"""Parts of a design that a new pack has not got."""


def walk(library: PartLibrary, scratch: Path, tell: Tell) -> None:
    """Show everything on the main path; what is only painted by chance is told to `tell` as well."""
    application, window = opened(library, scratch)
    settled(application)
    for name in ("orchard-hoist", "bee-house-scale"):
        window.opening.open_demo(name)
        session = window.session
        assert session is not None
        settled(application, partial(_is_warm, session))
        for stage in session.plan.stages:
            window.go(stage)
            settled(application)
        for ref in ("cell:1", "cell:7", "strip:N0-C1", "tap:2", "pad:B1", "lead:plus", "board"):
            window.view.select(ref)
            window.panel.show_card(ref)
            settled(application)
        window.findings_box.open(not window.findings_box.is_open)
        window.plate.open(not window.plate.is_open)
        settled(application)
        window.set_bench_mode(True)
        settled(application)
        window.set_bench_mode(False)
        for text in _of_session(session):
            tell(text)
    _dialogs(application, window)
    for text in _of_designs(library):
        tell(text)
    for text in _of_the_model(Design):
        tell(text)
    window.close()


def opened(library: PartLibrary, scratch: Path) -> tuple[QApplication, MainWindow]:
    """Open a window of the usual size, with settings of its own in a folder."""
    application = QApplication.instance()
    assert isinstance(application, QApplication)
    settings = QSettings(str(scratch / "settings.ini"), QSettings.Format.IniFormat)
    settings.setValue("person", "Wren Ashby")
    window = MainWindow(library, settings, scratch)
    window.show()
    window.resize(1280, 800)
    return application, window


def _is_warm(session: Any) -> bool:
    return session.metal is not None


def settled(
    application: QApplication, ready: Callable[[], bool] = lambda: True, seconds: float = 15.0
) -> None:
    """Let what waits to be shown be shown, as soon as it is ready."""
    end = time.monotonic() + seconds
    while not ready() and time.monotonic() < end:
        application.processEvents()
        time.sleep(0.01)
    for _ in range(4):
        application.processEvents()


def _dialogs(application: QApplication, window: MainWindow) -> None:
    from firmcell.app.new_job_dialog import NewPackDialog
    from firmcell.core.model.joint_kinds import Welder

    dialog = NewPackDialog(
        window.system,
        Path(str(window.settings.value("folder", "."))),
        window.library,
        window,
        Welder.MEDIUM.value,
    )
    dialog.show()
    settled(application)
    dialog.close()
    window.menus.find()
    settled(application)
    window.learning.show_keys()
    window.learning.show_guide()
    window.learning.show_why()
    window.history.show()
    settled(application)
    for other in application.topLevelWidgets():
        if other is not window:
            other.close()


def _of_session(session: Any) -> Iterator[str]:
    """What steps and findings say, whether it is on screen or not."""
    yield from of_steps(session.steps)
    yield from of_findings(session.findings)


def of_steps(steps: tuple[Any, ...]) -> Iterator[str]:
    """Yield what steps say."""
    for step in steps:
        for each in fields(step):
            if each.name in (
                "code",
                "refs",
                "wires",
                "begins",
                "opens",
                "bares",
                "covers",
                "records",
                "offers",
                "probes",
            ):
                continue
            yield from _words(getattr(step, each.name))


def of_findings(found: tuple[Any, ...]) -> Iterator[str]:
    """Yield what findings say."""
    for finding in found:
        yield finding.sentence
        yield finding.reason
        if finding.fix is not None:
            yield finding.fix.words


def _words(value: Any) -> Iterator[str]:
    if isinstance(value, Enum):
        yield str(value.value)
    elif isinstance(value, str):
        yield value
    elif isinstance(value, tuple):
        for one in value:
            yield from _words(one)


def _of_designs(library: PartLibrary) -> Iterator[str]:
    """Findings and steps of the demo packs, changed in one way after the other."""
    for make in (orchard_hoist, bee_house_scale, hay_loft_lantern):
        base = make(library)
        for edits in ((), *CHANGES):
            try:
                design = base.with_edits(*edits)
                analysis = analyse(design, library)
                metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
            except (ValueError, AttributeError, Refusal):
                continue
            yield from of_findings(
                findings_of(Situation(design, analysis, EMPTY_STATE, library, metal=metal))
            )
            yield from of_steps(steps_of(design, analysis))


def _of_the_model(model: Any) -> Iterator[str]:
    """Titles of fields, and what there is to choose in them."""
    for name, info in model.model_fields.items():
        if name in OF_OTHER_KINDS:
            continue
        if info.title:
            yield info.title
        for kind in (info.annotation, *getattr(info.annotation, "__args__", ())):
            if isinstance(kind, type) and issubclass(kind, Enum):
                yield from (str(member.value) for member in kind)
            elif isinstance(kind, type) and hasattr(kind, "model_fields") and not issubclass(kind, Part):
                yield from _of_the_model(kind)
