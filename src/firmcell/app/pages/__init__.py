"""The ten stages, one page each; a page's module is loaded when the page is first wanted, so that starting
need not wait for it."""

from importlib import import_module

from PySide6.QtWidgets import QWidget

from firmcell.app.pages.base_page import Page
from firmcell.app.session import Session
from firmcell.core.analysis.findings import Stage
from firmcell.store.units import System

PAGES = {
    Stage.BRIEF: ("design_pages", "BriefPage"),
    Stage.CELLS: ("design_pages", "CellsPage"),
    Stage.LAYOUT: ("layout_page", "LayoutPage"),
    Stage.STRIPS: ("strips_page", "StripsPage"),
    Stage.LEADS: ("leads_page", "LeadsPage"),
    Stage.BMS: ("bms_page", "BmsPage"),
    Stage.INSULATION: ("design_pages", "InsulationPage"),
    Stage.BENCH: ("bench_page", "BenchPage"),
    Stage.TESTS: ("tests_page", "TestsPage"),
    Stage.PASSPORT: ("passport_page", "PassportPage"),
}
"""Module and class of each stage's page."""


def make_page(stage: Stage, session: Session, system: System, parent: QWidget) -> Page:
    """Return a new page of a stage, under its parent from the beginning: put there when it is full, it
    would be dressed twice."""
    module, name = PAGES[stage]
    made = getattr(import_module(f"{__name__}.{module}"), name)(session, system, parent)
    assert isinstance(made, Page)
    return made


__all__ = ["PAGES", "Page", "make_page"]
