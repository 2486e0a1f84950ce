"""Steps passed by key, the meter, the person at the bench, and practice."""

from dataclasses import replace
from typing import TYPE_CHECKING, cast

from PySide6.QtWidgets import (
    QInputDialog,
)

from firmcell.app.session import SIMULATED, guarded
from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs.plan import Subject
from firmcell.core.model.design import Face
from firmcell.core.records.events import Incident, Resolution
from firmcell.core.records.step import Step
from firmcell.instruments.kinds import Kind
from firmcell.instruments.listed import instruments, keep_instrument

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.pages.tests_page import TestsPage
    from firmcell.app.practice_window import PracticeWindow
    from firmcell.app.trainer import Trainer
    from firmcell.app.watch_window import WatchWindow


class BenchCommands:
    """Steps passed by key, the meter, the person at the bench, and practice."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def fill_window(self, on: bool) -> None:
        """Put the screen of bench mode over everything, or take it away."""
        w = self.window
        w.menus.bench_action.setChecked(on)
        w.menuBar().setVisible(not on)
        if on:
            # Loaded here: most starts do not go to the bench.
            from firmcell.app.bench_screen import BenchScreen

            w.go(Stage.BENCH)
            w.bench_screen = BenchScreen(w)
            w.bench_screen.left.connect(w.toggle_bench_mode)
            w.stack.addWidget(w.bench_screen)
            w.stack.setCurrentWidget(w.bench_screen)
            w.bench_screen.begin()
        elif w.bench_screen is not None:
            screen, w.bench_screen = w.bench_screen, None
            screen.let_go()
            w.stack.removeWidget(screen)
            screen.deleteLater()
            w.stack.setCurrentIndex(1)
            w._bench().refresh()
            w.panel.paint()

    def show_step(self, step: Step) -> None:
        """Show a step of the work plan on the Bench page."""
        self.window.enter(Stage.BENCH)
        self.window._bench().show_step(step)

    def pass_step(self) -> None:
        if self.window.session is not None and self.window.stage is Stage.BENCH:
            self.window._bench().pass_now()

    def not_right(self) -> None:
        if self.window.session is not None and self.window.stage is Stage.BENCH:
            self.window._bench().not_right()

    def ask_meter(self) -> None:
        """Ask for the address of the meter; the simulated one needs none."""
        address, given = QInputDialog.getText(
            self.window,
            "Meter",
            "VISA address of a meter that speaks SCPI, or “simulated”:",
            text=str(self.window.settings.value("meter", SIMULATED)),
        )
        if given:
            self.set_meter(address.strip() or SIMULATED)

    def watch(self) -> None:
        """Watch a charge or a capacity test of the open pack."""
        window = self.watch_window()
        if window is not None:
            window.exec()

    def watch_window(self) -> "WatchWindow | None":
        """The window that watches; None where there is no pack to charge."""
        from firmcell.app.watch_window import WatchWindow

        session = self.window.session
        if session is None or not session.design.cell.known or session.plan.subject is not Subject.PACK:
            self.window.tell("Open a pack with a known cell to watch its charge.")
            return None
        return WatchWindow(session, self.window.look, self.window)

    def show_instruments(self) -> None:
        """Show the list of instruments."""
        from firmcell.app.instruments_window import InstrumentsWindow

        InstrumentsWindow(self.window).exec()
        address = instruments()[Kind.METER].address
        if address != str(self.window.settings.value("meter", SIMULATED)):
            self.set_meter(address)

    def ask_box(self) -> None:
        """Ask for the port of a button box; pedals that are keyboards need none."""
        address, given = QInputDialog.getText(
            self.window,
            "Button box or pedals",
            "Serial port of a box that sends A, B or C\n(pedals that are keyboards need none: Page Down, Page Up, Tab):",
            text=str(self.window.settings.value("button box", "")),
        )
        if given:
            self.window.settings.setValue("button box", address.strip())

    def set_meter(self, address: str) -> None:
        """Take readings from the meter at this address from now on."""
        self.window.settings.setValue("meter", address)
        guarded(
            lambda: keep_instrument(replace(instruments()[Kind.METER], address=address)), self.window.tell
        )
        page = self.window.pages.get(Stage.TESTS)
        if page is not None:
            cast("TestsPage", page).meter_address = address
        self.window.tell(
            f"Readings come from {'the simulated meter' if address == SIMULATED else address} now."
        )

    def read_meter(self) -> None:
        if self.window.session is not None and Stage.TESTS in self.window.session.plan.stages:
            self.window.go(Stage.TESTS)
            cast("TestsPage", self.window.page(Stage.TESTS)).read_with_meter()

    def practise(self) -> None:
        """Open the trainer on a pack like this one."""
        trainer = self.trainer()
        if trainer is not None:
            trainer.exec()

    def trainer(self) -> "Trainer | None":
        """The trainer for the open pack; None where there is none to practise on."""
        # Imported here: most starts do not practise.
        from firmcell.app.trainer import Trainer
        from firmcell.core.tap_check.faults import MOST_SERIES
        from firmcell.core.tap_check.recorded_readings import pack_asked

        session = self.window.session
        if session is None or not 2 <= session.design.series <= MOST_SERIES:
            self.window.tell(f"Open a pack of 2 to {MOST_SERIES} groups to practise on.")
            return None
        faces = [session.face(face) for face in Face]
        return Trainer(
            pack_asked(session.design, session.state),
            faces,
            self.window.look,
            self.window.settings,
            self.window,
        )

    def practise_by_eye(self) -> None:
        """Open pictures to practise on: joints, crimps, welds, connectors and more."""
        self.by_eye().exec()

    def by_eye(self) -> "PracticeWindow":
        """The window to practise by eye; it needs no job."""
        from firmcell.app.practice_window import PracticeWindow

        return PracticeWindow(
            self.window.library.connectors, self.window.look, self.window.settings, self.window
        )

    def incident(self) -> None:
        """Ask what happened and record it; everything stops until it is resolved."""
        session = self.window.session
        if session is None:
            return
        words, given = QInputDialog.getText(
            self.window, "Incident", "What happened (smoke, heat, a short, a cut cell …)?"
        )
        if given and words.strip():
            step = session.current_step.code if session.current_step else ""
            guarded(lambda: session.record(Incident(words=words.strip()), step), session.refused.emit)

    def resolve(self) -> None:
        """Ask what was found and done about the first incident that is open."""
        session = self.window.session
        if session is None or not session.state.incidents:
            self.window.tell("No incident is open.")
            return
        first = session.state.incidents[0]
        words, given = QInputDialog.getText(
            self.window, "Resolve the incident", f"“{first.words}”. What was found, and what was done?"
        )
        if given and words.strip():
            data = Resolution(seq=first.seq, words=words.strip())
            guarded(lambda: session.record(data, first.step), session.refused.emit)

    def ask_person(self) -> None:
        """Ask who is at the bench; every record carries the name."""
        name, given = QInputDialog.getText(
            self.window,
            "Who is at the bench",
            "Name that stands with each record:",
            text=str(self.window.settings.value("person", "")),
        )
        if given:
            self.set_person(name.strip()[:60])

    def set_person(self, name: str) -> None:
        """Record under this name from now on."""
        self.window.settings.setValue("person", name)
        if self.window.session is not None:
            self.window.session.person = name
            self.window._refresh()
