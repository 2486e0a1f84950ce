"""The section that tells what a strip is made of, from a reading by four wires or from its weight."""

from typing import TYPE_CHECKING

from firmcell.app.fields import RecordForm
from firmcell.app.pages.strip_forms import UNCERTAIN, FourWire, Weighed
from firmcell.app.session import guarded
from firmcell.core.base.wording import percent
from firmcell.core.model.parts import Strip
from firmcell.core.strips.assay import Assay, Measured, assayed_strip, by_resistance, by_weight

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class StripAssay:
    """The section that tells what a strip is made of, from a reading by four wires or from its weight."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Is it nickel?")
        self.page.text(
            "By four wires: a known current through the strip, millivolts between two probes on it. Or by weight and size of a piece."
        )
        self.four_wire = RecordForm(FourWire, self.page.system, FourWire().model_dump())
        self.page.body.addWidget(self.four_wire)
        self.page.body.addWidget(
            self.page.button(
                "Judge by &resistance",
                self._by_resistance,
                "Plated steel resists about twice as much as nickel",
            )
        )
        self.weighed = RecordForm(Weighed, self.page.system, Weighed().model_dump())
        self.page.body.addWidget(self.weighed)
        self.page.body.addWidget(
            self.page.button("Judge by &weight", self._by_weight, "Steel is an eighth lighter than nickel")
        )
        self.assay_words = self.page.text("")
        self.take_assay = self.page.button(
            "Make it the strip of the &links",
            self._take_assay,
            "With its measured resistivity and twice its uncertainty on top",
        )
        self.take_assay.setEnabled(False)
        self.page.body.addWidget(self.take_assay)

    def _measured(self, form: RecordForm) -> dict[str, Measured]:
        values = form.values()
        return {
            name: Measured(float(value), float(value) * UNCERTAIN.get(name, 0.0))
            for name, value in values.items()
            if name in UNCERTAIN
        }

    def _by_resistance(self) -> None:
        def judge() -> None:
            m = self._measured(self.four_wire)
            kelvin = float(self.four_wire.values()["temperature_k"])
            found = by_resistance(
                m["current_a"], m["drop_v"], m["length_m"], m["width_m"], m["thickness_m"], kelvin
            )
            self.tell(found, m)

        guarded(judge, self.assay_words.setText)

    def _by_weight(self) -> None:
        def judge() -> None:
            m = self._measured(self.weighed)
            self.tell(by_weight(m["mass_kg"], m["length_m"], m["width_m"], m["thickness_m"]), m)

        guarded(judge, self.assay_words.setText)

    def tell(self, found: Assay, m: dict[str, Measured]) -> None:
        self.page._assay = (found, m["width_m"].value, m["thickness_m"].value)
        odds = ", ".join(
            f"{metal.value} {percent(part)}" for metal, part in found.likelihood.items() if part > 0.01
        )
        self.assay_words.setText(f"{found.words} ({odds})" if found.metal is None and odds else found.words)
        self.take_assay.setEnabled(True)

    def _take_assay(self) -> None:
        if self.page._assay is None:
            return
        found, width, thickness = self.page._assay

        def take() -> None:
            strip: Strip = assayed_strip(self.page.session.design.joining.link_strip, found, width, thickness)
            self.page.session.edit("joining.link_strip", strip, f"Take the {strip.name}")

        guarded(take, self.page.session.refused.emit)
