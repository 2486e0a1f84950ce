"""What a mend was worth: the job's design beside what was there before, figure by figure."""

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, celsius, figures, kilograms, percent, volts, watt_hours
from firmcell.core.model.design import Design

UNKNOWN = "not known"


@frozen
class Compared:
    """One figure, before and after.

    Attributes
    ----------
    name : what, with the current it is told for.
    before, after : in words, with unit.
    change : by how much, as a share of before; None where one of them is not known.
    """

    name: str
    before: str
    after: str
    change: float | None

    @property
    def words(self) -> str:
        """The change in words; empty where there is none worth telling."""
        if self.change is None or abs(self.change) < 0.005:
            return ""
        return f"{'+' if self.change > 0 else '−'}{percent(abs(self.change))}"


def pack_compared(before: Design, design: Design, after: Analysis) -> tuple[Compared, ...]:
    """Return energy, run time, sag, heat, voltage, weight and size of a pack, before and after.

    What rests on cells that are not known is not told. All is class values but for a capacity that was
    measured.
    """
    was = analyse(before)
    old, new = was.pack, after.pack
    steady = amperes(design.brief.current_steady_a)
    known = (before.cell.known, design.cell.known)

    def row(
        name: str, one: float, two: float, words: tuple[str, str], rests_on_cells: bool = True
    ) -> Compared:
        told = [text if ok or not rests_on_cells else UNKNOWN for text, ok in zip(words, known, strict=True)]
        change = two / one - 1 if one and UNKNOWN not in told else None
        return Compared(name, told[0], told[1], change)

    def minutes(seconds: float) -> str:
        return f"{figures(seconds / 60)} min" if seconds < 7200 else f"{figures(seconds / 3600)} h"

    return (
        row("Energy", old.energy_j, new.energy_j, (watt_hours(old.energy_j), watt_hours(new.energy_j))),
        row(
            f"Runs at {steady}",
            old.run_time_s,
            new.run_time_s,
            (minutes(old.run_time_s), minutes(new.run_time_s)),
        ),
        row(
            f"Sag at {steady}",
            old.sag_steady_v,
            new.sag_steady_v,
            (volts(old.sag_steady_v), volts(new.sag_steady_v)),
        ),
        row(
            f"Heat at {steady}",
            old.heat_steady_w,
            new.heat_steady_w,
            (f"{figures(old.heat_steady_w)} W", f"{figures(new.heat_steady_w)} W"),
        ),
        row(
            "Full",
            old.voltage_full_v,
            new.voltage_full_v,
            (volts(old.voltage_full_v), volts(new.voltage_full_v)),
        ),
        row("Weight", old.mass_kg, new.mass_kg, (kilograms(old.mass_kg), kilograms(new.mass_kg))),
        _size(was, after),
    )


def _size(was: Analysis, after: Analysis) -> Compared:
    def words(a: Analysis) -> str:
        e = a.insulation.envelope
        return f"{e.length_m * 1e3:.0f} × {e.width_m * 1e3:.0f} × {e.height_m * 1e3:.0f} mm"

    return Compared("Size", words(was), words(after), None)


def leads_compared(before: Design, design: Design, after: Analysis) -> tuple[Compared, ...]:
    """Return connector, loss and warmth of leads, before and after."""
    was = analyse(before)
    steady = amperes(design.brief.current_steady_a)
    old, new = was.leads, after.leads
    return (
        Compared("Connector", before.leads.outlet.name, design.leads.outlet.name, None),
        Compared(
            f"Leads lose at {steady}",
            f"{figures(old.drop_steady_v * 1e3)} mV",
            f"{figures(new.drop_steady_v * 1e3)} mV",
            new.drop_steady_v / old.drop_steady_v - 1 if old.drop_steady_v else None,
        ),
        Compared("Wire warms to", celsius(old.temperature_k), celsius(new.temperature_k), None),
        Compared(
            "Wire left",
            f"{before.leads.length_m * 1e3:.0f} mm",
            f"{design.leads.length_m * 1e3:.0f} mm",
            None,
        ),
    )
