"""The ten stages, one page each."""

from firmcell.app.pages.base_page import Page
from firmcell.app.pages.bench_page import BenchPage
from firmcell.app.pages.bms_page import GuardPage
from firmcell.app.pages.design_pages import (
    BriefPage,
    CellsPage,
    JacketPage,
)
from firmcell.app.pages.layout_page import StackPage
from firmcell.app.pages.leads_page import LeadsPage
from firmcell.app.pages.passport_page import PassportPage
from firmcell.app.pages.strips_page import MetalPage
from firmcell.app.pages.tests_page import ProofPage

PAGES: tuple[type[Page], ...] = (
    BriefPage, CellsPage, StackPage, MetalPage, LeadsPage, GuardPage, JacketPage, BenchPage, ProofPage, PassportPage,
)  # fmt: skip

__all__ = ["PAGES", "BenchPage", "GuardPage", "MetalPage", "Page", "PassportPage", "ProofPage", "StackPage"]
