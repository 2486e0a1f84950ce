"""The ten stages, one page each."""

from firmcell.app.stages.bench import BenchPage
from firmcell.app.stages.design_pages import (
    BriefPage,
    CellsPage,
    JacketPage,
)
from firmcell.app.stages.guard_page import GuardPage
from firmcell.app.stages.leads_page import LeadsPage
from firmcell.app.stages.metal_page import MetalPage
from firmcell.app.stages.page import Page
from firmcell.app.stages.passport import PassportPage
from firmcell.app.stages.proof import ProofPage
from firmcell.app.stages.stack_page import StackPage

PAGES: tuple[type[Page], ...] = (
    BriefPage, CellsPage, StackPage, MetalPage, LeadsPage, GuardPage, JacketPage, BenchPage, ProofPage, PassportPage,
)  # fmt: skip

__all__ = ["PAGES", "BenchPage", "GuardPage", "MetalPage", "Page", "PassportPage", "ProofPage", "StackPage"]
