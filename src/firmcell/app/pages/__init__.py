"""The ten stages, one page each."""

from firmcell.app.pages.base_page import Page
from firmcell.app.pages.bench_page import BenchPage
from firmcell.app.pages.bms_page import BmsPage
from firmcell.app.pages.design_pages import (
    BriefPage,
    CellsPage,
    InsulationPage,
)
from firmcell.app.pages.layout_page import LayoutPage
from firmcell.app.pages.leads_page import LeadsPage
from firmcell.app.pages.passport_page import PassportPage
from firmcell.app.pages.strips_page import StripsPage
from firmcell.app.pages.tests_page import TestsPage

PAGES: tuple[type[Page], ...] = (
    BriefPage,
    CellsPage,
    LayoutPage,
    StripsPage,
    LeadsPage,
    BmsPage,
    InsulationPage,
    BenchPage,
    TestsPage,
    PassportPage,
)

__all__ = ["PAGES", "BenchPage", "BmsPage", "LayoutPage", "Page", "PassportPage", "StripsPage", "TestsPage"]
