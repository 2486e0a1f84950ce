"""The job that is open: its file, design, analysis, findings and records, and the edits proposed to it."""

import sys
from collections.abc import Callable, Iterable
from contextlib import suppress
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from pydantic import ValidationError
from PySide6.QtCore import QObject, QTimer, Signal
from PySide6.QtGui import QUndoCommand, QUndoStack

from firmcell.app.background import Search, Task
from firmcell.app.step_times import StepTimes
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis, PackFigures, with_pack_of
from firmcell.core.analysis.findings import Finding, Severity, Situation, Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bench.record_faults import wanted_records
from firmcell.core.bench.standing import Counting
from firmcell.core.changes.strip_fixes import VerifiedFix, strip_fixes
from firmcell.core.jobs import findings_of, plan_of
from firmcell.core.jobs.passport import Bound, stops_of
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.model.design import Design, Face, StripStyle
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.photo import Photo, PhotoShows
from firmcell.core.pictures.drawing import Drawing, shifted
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.section import section_drawing
from firmcell.core.pictures.wiring import schematic
from firmcell.core.records.build_state import BuildState, fold
from firmcell.core.records.events import Event, Payload, PhotoKept
from firmcell.core.records.ledger import Ledger
from firmcell.core.records.step import Step, next_step
from firmcell.core.strips.under_load import UnderLoad, solve_under_load
from firmcell.store.job_file import JobFile, SavedDesigns
from firmcell.store.kept_analyses import keep_analysis, kept_analysis, kept_file
from firmcell.store.photos import attach_photo
from firmcell.store.validation_words import first_fault

if TYPE_CHECKING:
    from firmcell.core.stock.things import PartInStock

AUTOSAVE_MS = 600
RETRY_MS = 5000
"""After a save that failed, ms until it is tried again."""


def _wiring(design: Design, analysis: Analysis) -> Drawing:
    drawing = schematic(design, analysis)
    x0, _, x1, _ = drawing.bounds
    # The faces have their middle at 0; so has this picture.
    return shifted(drawing, -(x0 + x1) / 2, 0.0)


SIMULATED = "simulated"
"""In place of an address: the meter that ships with the program."""
MOST_UNDONE = 500
"""So many edits can be undone one by one; what was before them is in the history of designs."""
SETTLE_MS = 120
"""After the last edit, before heat is worked out: typing and dragging must not wait for it, ms."""
OPENED_MS = 300
"""The heat of a job just opened waits for the window's first picture, ms."""


class _Edit(QUndoCommand):
    """Replaces one design by another."""

    def __init__(self, session: "Session", old: Design, new: Design, words: str) -> None:
        super().__init__(words)
        self._session, self._old, self._new = session, old, new

    def redo(self) -> None:
        self._session._show_or_keep(self._new, self._old)

    def undo(self) -> None:
        self._session._show_or_keep(self._old, self._new)


def _picture(session: "Session", what: str) -> Drawing:
    """A picture that is no face, made from the design and its analysis as they are."""
    make = {
        "section": section_drawing,
        "leads": session.plan.leads_picture,
        "wiring": _wiring,
        "job": session.plan.picture or _wiring,
        **{own_picture(stage): own.drawn for stage, own in session.plan.stage_pictures.items()},
    }[what]
    return make(session.design, session.analysis)


def _undo_stack(owner: QObject) -> QUndoStack:
    stack = QUndoStack(owner)
    stack.setUndoLimit(MOST_UNDONE)
    return stack


def _once(parent: QObject, after_ms: int, call: Callable[[], object]) -> QTimer:
    """A timer that calls once, so long after it was last started."""
    made = QTimer(parent)
    made.setSingleShot(True)
    made.setInterval(after_ms)
    made.timeout.connect(call)
    return made


def own_picture(stage: Stage) -> str:
    """What a kind's own picture of a stage is called among all that can stand on the picture."""
    return f"own picture of {stage.value}"


class Session(QObject):
    """One open job. Screens read it and call `edit` or `record`; it tells them when something changed.

    Signals
    -------
    changed : the design, and with it the analysis and findings.
    metal_ready : the pack is solved with its heat, a moment after a change; `metal` holds it.
    fixes_ready : what fixes overloaded metal is found, and solved; `strip_fixes` holds it.
    recorded : the log grew.
    noted : the record that was just written.
    saved : the design on screen is on disk (True) or not yet (False).
    refused : a sentence why something could not be done.
    """

    changed = Signal()
    metal_ready = Signal()
    fixes_ready = Signal()
    recorded = Signal()
    noted = Signal(object)
    saved = Signal(bool)
    refused = Signal(str)

    def __init__(
        self, job: JobFile, library: PartLibrary, person: str = "", parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self.job, self.library, self.person = job, library, person
        self.undo_stack = _undo_stack(self)
        self.events = Ledger(job.events())
        self._counting = Counting(self.events)
        self.counting = self.events
        self.state: BuildState = fold(self.events)
        self._designs = SavedDesigns(job)
        self.dirty, self.given_up, self.not_saved_because = False, False, ""
        self.times = StepTimes(self)
        self.parts_there: tuple[PartInStock, ...] = ()
        self.meter_doubts: tuple[str, ...] = ()
        self._autosave = _once(self, AUTOSAVE_MS, self.save)
        self.metal: UnderLoad | None = None
        self.measured: Analysis | None = None
        self.strip_fixes: tuple[VerifiedFix, ...] | None = None
        self._metal_task: Task | None = None
        self._fix_search: Search | None = None
        self._settle, latest = _once(self, SETTLE_MS, self._solve_metal), job.latest()
        kept = kept_analysis(kept_file(latest.design_json, library))
        # What was kept is shown at once, and worked out anew with the heat, a moment later.
        self._to_work_out = kept is not None
        self.design = self._on_disk = kept[0] if kept else latest.design()
        self._designs.know(latest.design_json, self.design)
        self._show_analysis(kept[1] if kept else analyse(self.design, library))
        self._settle.start(OPENED_MS)

    @property
    def path(self) -> Path:
        """The job's file."""
        return self.job.path

    @property
    def read_only_because(self) -> str | None:
        """Why nothing can be written, or None."""
        return self.job.read_only_because

    # -- designing ------------------------------------------------------------------------------------

    def edit(self, path: str, value: object, words: str) -> None:
        """Propose a new value for the field at the dotted `path`; refused in one sentence if the design
        would not be valid or the job is read-only."""
        try:
            self.replace(self.design.edited(path, value), words)
        except ValidationError as error:
            raise Refusal(first_fault(error, Design)) from None

    def edit_all(self, edits: Iterable[tuple[str, object]], words: str) -> bool:
        """Propose several values at once; a refusal is told by signal and returns False."""
        try:
            self.replace(self.design.with_edits(*edits), words)
        except ValidationError as error:
            self.refused.emit(first_fault(error, Design))
            return False
        except Refusal as refusal:
            self.refused.emit(refusal.sentence)
            return False
        return True

    def replace(self, design: Design, words: str) -> None:
        """Put `design` in the place of the present one, undoable."""
        if self.read_only_because:
            raise Refusal(f"This job is open for reading only: {self.read_only_because}.")
        if design != self.design:
            self.undo_stack.push(_Edit(self, self.design, design, words))

    def apply_fix(self, finding: Finding) -> None:
        """Apply the fix of a finding."""
        if finding.fix is None:
            raise Refusal(f"{finding.code} has no fix that can be applied automatically.")
        try:
            self.replace(finding.fix.applied(self.design), finding.fix.words)
        except ValidationError as error:
            raise Refusal(first_fault(error, Design)) from None

    def _show_or_keep(self, design: Design, kept: Design) -> None:
        """Show `design`; if a fault of the program stops that, keep the other: the undo stack must not see it
        fail."""
        try:
            self._show(design)
        except Exception:
            sys.excepthook(*sys.exc_info())
            self._show(kept)
            self.refused.emit("This could not be worked out; the pack stays as it was, and nothing is lost.")

    def _show(self, design: Design) -> None:
        self.design = design
        # Plates are solved as sheets a moment later, with the heat.
        self._to_work_out = design.joining.style is StripStyle.PLATES
        self._show_analysis(analyse(design, self.library, sheets=not self._to_work_out))
        self.dirty = True
        self.saved.emit(False)
        self._autosave.start(AUTOSAVE_MS)
        self.changed.emit()

    def _show_analysis(self, analysis: Analysis) -> None:
        self.analysis = analysis
        self.steps = self.plan.steps(self.design, self.analysis)
        self._stand()
        self._faces: dict[Face, Drawing] = {}
        self._pictures: dict[str, Drawing] = {}
        self.metal = self.measured = self.strip_fixes = None
        self._end_fix_search()
        self._judge()
        self._settle.start()

    def _solve_metal(self) -> None:
        """Work the heat out off the interface thread; what comes for an older design is thrown away."""
        self._settle.setInterval(SETTLE_MS)
        if self._metal_task is not None:
            self._metal_task.give_up()
        design, layout, seconds = self.design, self.analysis.layout, self.analysis.pack.run_time_s
        measured = as_measured(design, self.state)
        library, to_work_out = self.library, self._to_work_out

        def solved(found: tuple[Analysis | None, Analysis | None, UnderLoad]) -> None:
            anew, as_found, metal = found
            if design is self.design and measured == as_measured(self.design, self.state):
                before, self.metal = self.pack, metal
                if anew is not None:
                    self.analysis, self._to_work_out = anew, False
                self.measured = with_pack_of(self.analysis, as_found) if as_found else None
                self.strip_fixes = None
                self._judge()
                self._look_for_fixes(measured, metal)
                if before != self.pack:
                    self.steps = self.plan.steps(self.design, self.analysis)
                    self.changed.emit()
                self.metal_ready.emit()

        def work() -> tuple[Analysis | None, Analysis | None, UnderLoad]:
            anew = analyse(design, library) if to_work_out else None
            as_found = None if measured == design else analyse(measured, library)
            return anew, as_found, solve_under_load(measured, layout, seconds)

        self._metal_task = Task(work, solved, lambda _: None).start()

    def _look_for_fixes(self, measured: Design, metal: UnderLoad) -> None:
        """Solve what might fix overloaded metal, off the interface thread; an edit ends the search."""
        self._end_fix_search()
        if metal.figures.worst_share <= 1:
            self.strip_fixes = ()
            return
        library, seconds = self.library, self.analysis.pack.run_time_s

        def found(step: tuple[float, tuple[VerifiedFix, ...]] | None) -> None:
            if metal is self.metal and step is not None:
                self.strip_fixes = step[1]
                self._judge()
                self.fixes_ready.emit()

        search = Search(lambda: strip_fixes(measured, metal.layout, metal, library, seconds), self)
        search.finished.connect(found)
        self._fix_search = search.start()

    @property
    def pack(self) -> PackFigures:
        """The figures of the pack, with what was measured at the bench once they are worked out."""
        return (self.measured or self.analysis).pack

    def _end_fix_search(self) -> None:
        if self._fix_search is not None:
            self._fix_search.give_up()
            self._fix_search = None

    @property
    def plan(self) -> JobPlan:
        """What the kind of this job is."""
        return plan_of(self.design)

    def face(self, face: Face) -> Drawing:
        """The picture of a face; made once for each analysis."""
        if face not in self._faces:
            self._faces[face] = face_drawing(self.design, self.analysis, face)
        return self._faces[face]

    def picture(self, what: Face | str) -> Drawing:
        """A face, the "section", the "leads", the "wiring", the one picture of this kind of "job", or that
        of a stage by its name; each made once for an analysis."""
        if isinstance(what, Face):
            return self.face(what)
        if what not in self._pictures:
            self._pictures[what] = _picture(self, what)
        return self._pictures[what]

    def _judge(self) -> None:
        fixes = tuple(c.fix for c in self.strip_fixes or ())
        self.findings = findings_of(
            Situation(
                self.design, self.measured or self.analysis, self.state, self.library, self.metal, fixes
            )
        )

    def _stand(self) -> None:
        """What of the records counts for the design and the steps as they are now."""
        told = self._counting.now(self.steps, self.design, self._designs)
        self.counting, self.state = told.events, told.state

    def save(self) -> bool:
        """Write the design on screen as a new revision; returns whether it is on disk."""
        self._autosave.stop()
        if not self.dirty:
            return True
        try:
            self.job.add_revision(self.design, self.person, self.undo_stack.undoText())
        except Refusal as refusal:
            before, self.not_saved_because = self.not_saved_because, refusal.sentence
            if refusal.sentence != before:  # Said once; it is tried again in silence.
                self.refused.emit(refusal.sentence)
            self._autosave.start(RETRY_MS)
            return False
        self.dirty, self._on_disk, self.not_saved_because = False, self.design, ""
        self.saved.emit(True)
        return True

    # -- recording ------------------------------------------------------------------------------------

    def record(self, data: Payload, step: str = "", instrument: str = "") -> Event:
        """Record an event; it is on disk when this returns. Raises a refusal if it could not be written."""
        if not self.save():
            raise Refusal("The design could not be saved, so nothing was recorded against it.")
        event = self.job.append(data, step, self.person, instrument)
        self.events.append(event)
        before = as_measured(self.design, self.state)
        self._stand()
        if as_measured(self.design, self.state) != before:
            # What was measured changes the currents.
            self._settle.start()
        self._judge()
        self.times.learn(data)
        self.recorded.emit()
        self.noted.emit(event)
        return event

    @property
    def current_step(self) -> Step | None:
        """The first step that is not passed."""
        return next_step(self.steps, self.state)

    def still_wanted(self, step: Step) -> tuple[str, ...]:
        """Kinds of record that `step` still wants before it may be passed."""
        return wanted_records(step, self.counting)

    def obstacle(self, step: Step) -> str | None:
        """Why `step` may not be passed yet, or None."""
        now = datetime.now().astimezone()
        return obstacle(step, self.steps, self.state, self.counting, self.design, now)

    # -- overview -------------------------------------------------------------------------------------

    def go_on_in(self, new: JobFile) -> None:
        """Go on in another file, which holds all that this one does; the design on screen is saved there."""
        self.job.close()
        self.job, self._designs = new, SavedDesigns(new)
        self.save()

    def close(self) -> bool:
        """Save and let go of the file; False if the design could not be saved, and then the file stays open
        and held, unless what is not saved was given up."""
        if not self.save() and not self.given_up:
            return False
        self._autosave.stop()
        self._settle.stop()
        if self._metal_task is not None:
            self._metal_task.give_up()
            self._metal_task = None
        self._end_fix_search()
        if self.design is self._on_disk:
            # What is on screen, for the next time this job is opened; a file that went away is no hindrance.
            with suppress(Refusal):
                text = self.job.latest().design_json
                keep_analysis(kept_file(text, self.library), self.design, self.analysis)
        self.job.close()
        return True


def stage_state(session: Session, stage: Stage) -> tuple[str, int]:
    """Return empty, fine, look or stop, and how many findings the stage has (notes left out)."""
    own = [f for f in session.findings if f.stage is stage and f.severity < Severity.NOTE]
    return _state_of(stage, own, session), len(own)


def _state_of(stage: Stage, own: list[Finding], session: Session) -> str:
    """How a stage with these findings stands in an open job."""
    if any(f.severity is Severity.STOP for f in own):
        return "stop"
    if own:
        return "look"
    empty = {
        # Not yet judged: the pack with its heat comes a moment after a change.
        Stage.STRIPS: session.metal is None,
        Stage.BENCH: session.current_step is not None,
        Stage.TESTS: len(session.state.tap_volts) < session.design.series,
        Stage.PASSPORT: session.current_step is not None,
    }
    return "empty" if empty.get(stage) else "fine"


def guarded(call: Callable[[], object], tell: Callable[[str], None]) -> bool:
    """Run `call`; on a refusal, or a value that no model takes, tell the sentence and return False."""
    try:
        call()
    except Refusal as refusal:
        tell(refusal.sentence)
        return False
    except ValidationError as error:
        tell(first_fault(error))
        return False
    return True


def bound_of(session: Session) -> Bound:
    """Return what a passport of an open job written now is bound to."""
    # Imported here: a start writes no passport.
    from firmcell.store.whole_job import bound_to

    saved = session.job.latest().number if not session.dirty else None
    return bound_to(session.job, saved, stops_of(session.findings))


def keep_photo(
    session: Session, content: bytes, name: str, size_px: tuple[int, int], shows: PhotoShows
) -> Photo:
    """Keep a picture in the job, with a record of it, and return it as a photo of which nothing is marked
    yet; `size_px` is its width and height as seen. Raises a refusal if it is no picture or cannot be
    written."""
    if session.read_only_because:
        raise Refusal(f"This job is open for reading only: {session.read_only_because}.")
    digest, new = attach_photo(session.job, content, name)
    if new:
        session.record(PhotoKept(name=name[:200], shows=shows.value, sha256=digest))
    return Photo(name=name[:200], sha256=digest, width_px=size_px[0], height_px=size_px[1], shows=shows)
