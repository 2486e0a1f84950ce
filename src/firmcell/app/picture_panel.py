"""What stands on the picture: faces, marks of the stage, the part picked and its card."""

from typing import TYPE_CHECKING, cast

from firmcell.app.canvas.tools import Tool
from firmcell.app.hand_tools import HINTS
from firmcell.app.language.edge import told as say
from firmcell.app.plain import as_html
from firmcell.app.session import own_picture, stage_state
from firmcell.core.analysis.findings import Stage
from firmcell.core.model.design import Face
from firmcell.core.pictures.live_paint import LivePaint, live_paint, with_live
from firmcell.core.pictures.part_card import describe
from firmcell.core.pictures.run_paint import run_paint
from firmcell.core.pictures.stage_marks import StagePaint, stage_paint, with_strips
from firmcell.core.pictures.strip_colours import Shown, strip_paint, why_paint

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.pages.design_pages import BriefPage
    from firmcell.app.pages.layout_page import LayoutPage
    from firmcell.app.pages.strips_page import StripsPage
    from firmcell.app.session import Session


class PicturePanel:
    """What stands on the picture: faces, marks of the stage, the part picked and its card."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self._live: tuple[tuple[object, ...], LivePaint] | None = None

    def paint(self) -> None:
        session = self.window.session
        if session is None:
            return
        analysis, design = session.analysis, session.design
        current = self.window._bench().step if self.window.stage is Stage.BENCH else None
        faces = self.shown()
        paint = stage_paint(self.window.stage, design, analysis, session.state, session.steps, current)
        if self.window.stage is Stage.BENCH and self.window.menus.live_action.isChecked():
            paint = with_live(paint, self.window._bench().live())
        if session.plan.caption and self.window.stage is not Stage.BENCH:
            paint = StagePaint(caption=session.plan.caption)
        if own_picture(self.window.stage) in faces:
            paint = StagePaint(caption=session.plan.stage_pictures[self.window.stage].caption)
        if self.window.view.tool is Tool.STRIP:
            paint = with_strips(paint)
        self.window.view.show_faces([session.picture(f) for f in faces], paint)
        self.paint_bands()
        self.show_card(self.window.view.selected)
        self.window.rail.show_states({stage: stage_state(session, stage) for stage in session.plan.stages})
        self.window.findings_box.show_findings(session.findings)
        title, pairs = session.plan.plate(design, analysis)
        self.window.plate.show_plate(design.brief.title, title, pairs)
        self.window._show_title()

    def shown(self) -> list[Face | str]:
        """What is on the picture in order: faces, "section", "leads", "wiring", the one picture of this
        kind of "job", or that of a stage by its name."""
        if self.window.session is not None and self.window.session.plan.picture is not None:
            return ["job"]
        if self.window.session is not None and self.window.stage in self.window.session.plan.stage_pictures:
            return [own_picture(self.window.stage)]
        if self.window.stage is Stage.INSULATION:
            return [Face.TOP, "section"]
        if self.window.stage is Stage.BMS:
            return [*self._faces(), "wiring"]
        if self.window.stage is Stage.LEADS:
            assert self.window.session is not None
            taps = self.window.session.analysis.bms.taps
            return ["leads", *dict.fromkeys((taps[-1].face, taps[0].face))]
        return [*self._faces(), *(["section"] if self.window.menus.section_action.isChecked() else [])]

    def _faces(self) -> tuple[Face, ...]:
        """The faces that are to be seen: both, unless one alone was chosen; at the bench always both, since
        what is live, and the step at hand, may be on either."""
        if self.window.stage is Stage.BENCH:
            return (Face.TOP, Face.BOTTOM)
        kept = str(self.window.settings.value("faces", ""))
        return (Face(kept),) if kept in list(Face) else (Face.TOP, Face.BOTTOM)

    def choose_faces(self, faces: tuple[Face, ...]) -> None:
        """Show one face alone, or both if none is named; kept for the next start."""
        self.window.settings.setValue("faces", faces[0].value if faces else "")
        self.window.view.fit()
        self.paint()
        if faces and self.window.stage is Stage.BENCH:
            self.window.tell("At the bench both faces stay in sight; the other stages show one.")

    def take_tool(self, tool: Tool) -> None:
        """Take up a tool for the picture of the Layout stage."""
        if self.window.session is None:
            return
        if tool is not Tool.LOOK and self.window.stage is not Stage.LAYOUT:
            self.window.go(Stage.LAYOUT)
            if Stage.LAYOUT not in self.window.session.plan.stages:
                # This kind of job has no layout, and has been told so.
                return
        self.window.hand.choose(tool)
        self.paint()
        page = self.window.pages.get(Stage.LAYOUT)
        if page is not None:
            cast("LayoutPage", page).show_tool(tool, HINTS[tool])

    def hand_told(self, words: str) -> None:
        page = self.window.pages.get(Stage.LAYOUT)
        if page is not None:
            cast("LayoutPage", page).tell(words)

    def paint_bands(self) -> None:
        """Lay heat or current over the strips in the Strips stage, a moment of a run over the cells in the
        Brief stage; nothing elsewhere, or while it is worked out."""
        session = self.window.session
        if session is not None and self.window.stage is Stage.BRIEF and self._paint_run():
            return
        if session is not None and self.window.stage is Stage.BENCH and self._paint_live(session):
            return
        page = cast("StripsPage | None", self.window.pages.get(Stage.STRIPS))
        loaded = page.loaded() if page is not None and self.window.stage is Stage.STRIPS else None
        if session is None or session.metal is None or loaded is None or page is None:
            self.window.view.show_bands([], None)
            return
        axis = session.design.arrangement.turn_axis
        if page.shown is Shown.WHY:
            paint = why_paint(session.metal, page.load_a / session.design.parallel, axis)
        else:
            paint = strip_paint(session.metal, loaded, page.shown, axis, page.failures.failure_shares())
        bands = [paint.bands[f] if isinstance(f, Face) else () for f in self.shown()]
        self.window.view.show_bands(bands, paint.scale)

    def _paint_live(self, session: "Session") -> bool:
        """Lay what is live now over the pack; whether it is asked for and there is one."""
        if not self.window.menus.live_action.isChecked() or session.plan.picture is not None:
            return False
        axis = session.design.arrangement.turn_axis
        live, layout, joining = self.window._bench().live(), session.analysis.layout, session.design.joining
        # Of most records nothing on the picture changes: the very same map is shown again.
        of = (live, layout, joining, axis)
        if self._live is None or any(a is not b for a, b in zip(of, self._live[0], strict=True)):
            self._live = (of, live_paint(*of))
        paint = self._live[1]
        shown = [f for f in self.shown() if isinstance(f, Face)]
        self.window.view.show_bands(
            [paint.bands[f] for f in shown], paint.scale, [paint.covered[f] for f in shown]
        )
        return True

    def _paint_run(self) -> bool:
        """Show the moment of the run that the Brief page stands at; whether there is one."""
        page = cast("BriefPage | None", self.window.pages.get(Stage.BRIEF))
        session = self.window.session
        if page is None or session is None or page.run is None or page.run.result is None:
            return False
        run, axis = page.run.curves, session.design.arrangement.turn_axis
        assert run.result is not None
        if len(run.result.numbers) != len(session.analysis.layout.cells):
            return False
        paint = run_paint(run.result, run.moment, run.shown, session.analysis.layout, axis)
        bands = [paint.bands[f] if isinstance(f, Face) else () for f in self.shown()]
        self.window.view.show_bands(bands, paint.scale)
        return True

    def light(self, ref: str) -> None:
        """A page asks to light a part; the page itself is not told again."""
        self.window.view.blockSignals(True)
        self.window.view.select(ref)
        self.window.view.blockSignals(False)
        # While readings are typed they stand on the picture, and a card would lie over the ones before.
        self.show_card("" if self.window.stage is Stage.TESTS else ref)

    def picked(self, ref: str) -> None:
        self.show_card(ref)
        if ref and self.window.session is not None:
            self.window.page(self.window.stage).point_at(ref)

    def show_card(self, ref: str) -> None:
        told = (
            describe(ref, self.window.session.design, self.window.session.analysis, self.window.session.metal)
            if ref and self.window.session
            else None
        )
        # What is seen in the card is told to those who cannot see it: the picture speaks for the part picked.
        spoken = (
            f"{say(told.title)}. " + "; ".join(f"{say(n)} {say(v)}" for n, v in told.rows) if told else ""
        )
        self.window.view.setAccessibleDescription(spoken)
        if told is None:
            self.window.card.hide()
            return
        p = self.window.look
        rows = "".join(
            f"<tr><td style='color:{p.quiet};padding-right:10px'>{as_html(n)}</td><td>{as_html(v)}</td></tr>"
            for n, v in told.rows
        )
        why = f"<div style='color:{p.quiet}'>{as_html(told.why)}</div>" if told.why else ""
        self.window.card.setText(f"<b>{as_html(told.title)}</b><table>{rows}</table>{why}")
        self.window.card.setStyleSheet(
            f"background:{p.raised};border:1px solid {p.accent};border-radius:5px;padding:7px;"
        )
        self.window.card.setWordWrap(True)
        self.window.card.setMaximumWidth(
            max(min(self.window.view.width() - 24, self.window.fontMetrics().averageCharWidth() * 46), 200)
        )
        self.window.card.adjustSize()
        # In the corner away from the part, so that it does not cover what it tells about.
        at = self.window.view.place_of(ref)
        low = at is None or at.y() < self.window.view.height() / 2
        right = at is not None and at.x() < self.window.view.width() / 2
        self.window.card.move(
            self.window.view.width() - self.window.card.width() - 12 if right else 12,
            self.window.view.height() - self.window.card.height() - 12 if low else 12,
        )
        self.window.card.show()
        self.window.card.raise_()
