"""Every kind of job in the window: its stages, its own sections, its picture and plate; so a new kind is covered as it is entered."""

import pytest
from PySide6.QtWidgets import QLabel

from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs import PLANS, as_job
from firmcell.core.model.job_details import JobKind
from firmcell.store.job_file import JobFile


@pytest.mark.parametrize("kind", list(JobKind))
def test_a_job_of_every_kind_shows_its_stages_and_sections(window, hoist, library, tmp_path, kind):
    plan = PLANS[kind]
    path = tmp_path / "job.firmcell"
    JobFile.create(path, as_job(hoist, kind, library), "Wren Ashby").close()
    assert window.opening.open_path(path)
    for stage in plan.stages:
        window.go(stage)
        assert window.stage is stage
        assert not window.grab().isNull()
        words = [label.text() for label in window.page(stage).findChildren(QLabel)]
        for section in plan.sections.get(stage, ()):
            assert section.title in words
            assert {name for name, _ in section.figures} <= set(words)
    missing = [stage for stage in Stage if stage not in plan.stages]
    for stage in missing:
        window.go(stage)
        assert f"has no {stage.heading} stage" in window.banner.text()
        assert window.stage in plan.stages
    title, pairs = plan.plate(window.session.design, window.session.analysis)
    assert title
    assert len(pairs) >= 5
    assert all(value for _, value in pairs)
    pictures = plan.pictures(window.session.design, window.session.analysis)
    assert len(pictures) == (1 if plan.picture else 2)
