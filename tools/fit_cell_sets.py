"""Fit the parameters of cell models to published parameter sets, and write them into the core.

Needs PyBaMM beside what the program needs (in a virtual environment of its own; it is no part of the program and not
in the lock files)::

    PYTHONPATH=src python tools/fit_cell_sets.py

What it does, for each set: solves PyBaMM's full model (Doyle, Fuller and Newman; isothermal) for discharges at seven
rates and six temperatures, charges at four rates, and pulses with a rest behind them; fits `CellModel` to voltage and
energy, too much energy counting four times as much as too little; fits a set that is still too hopeful anywhere once
more, with an electrolyte that runs out faster as the cell empties, and what is too hopeful counting far more; writes `core/cells/published_sets.py`, and the
energies of the full model into `tests/core/cells/full_model.json`, which the tests compare with.
"""

import json
import pickle
import sys
import textwrap
import warnings
from pathlib import Path
from typing import Any

import numpy as np
from scipy.optimize import least_squares

from firmcell.core.cells.cell_model import KNOTS, CellModel, CellState, CellTraits, advanced, terminal_voltage

ROOT = Path(__file__).resolve().parent.parent
SETS = {
    "Chen2020": ((2.5, 4.2), "Chen and others 2020 (21700, nickel-rich oxide and graphite with silicon)"),
    "ORegan2022": (
        (2.5, 4.2),
        "O'Regan and others 2022 (21700, nickel-rich oxide and graphite with silicon)",
    ),
    "Mohtat2020": ((2.8, 4.2), "Mohtat and others 2020 (pouch, nickel-manganese-cobalt oxide and graphite)"),
    "Prada2013": ((2.0, 3.6), "Prada and others 2013 (26650, iron phosphate and graphite)"),
}
TEMPERATURES = (253.15, 263.15, 273.15, 283.15, 298.15, 313.15)
RATES = (0.1, 0.2, 0.5, 1.0, 1.5, 2.0, 3.0)
SHARES = np.concatenate(
    [np.linspace(0, 0.9, 70)[1:], np.linspace(0.9, 1.0, 32)[1:], np.linspace(1, 1.3, 16)[1:]]
)
"""Moments of a discharge that are compared, as shares of how long the full model lasts: closer at the end."""
SCALARS = {
    # name: start, least, greatest; energies in 10 kJ/mol, the others by their logarithm.
    "ohmic_j": (2.0, 0.0, 7.0),
    "fast_j": (3.0, 0.0, 7.0),
    "depth_j": (2.0, 0.0, 7.0),
    "depth_time_j": (2.0, 0.0, 6.0),
    "depletion_j": (2.0, 0.0, 6.0),
    "depletion_time_j": (1.5, 0.0, 6.0),
    "exchange_j": (3.0, 0.0, 8.0),
    "fast_s": (10.0, 4.0, 30.0),
    "depth_s": (400.0, 100.0, 2000.0),
    "depletion_s": (150.0, 20.0, 900.0),
    "depletion_it": (2.5, 0.5, 50.0),
    "depletion_v": (0.05, 0.005, 0.4),
    "crowding": (0.3, 0.001, 0.9),
    "exchange_it": (3.0, 0.2, 500.0),
    "charge_factor": (1.0, 0.7, 1.5),
}
PULSE_S = np.array(
    [1, 1, 2, 2, 4, 5, 5, 10, 10, 20, 20, 20, 20, 1, 1, 2, 2, 4, 5, 5, 10, 10, 20, 40, 80, 120, 200, 200.0]
)
PULSE_ON = 13
HOPEFUL, HARD = 0.03, 20.0
"""Energy over that of the full model, as a share, from which on a set is fitted again, and how much each percent over
two thirds of that weighs then."""
JUDGED_FROM_K, JUDGED_RATES, WEAKEST = 263.0, (0.2, 0.5, 1.0, 1.5, 2.0), -0.08
"""Where the energies are judged, and too little of it is too."""
LATE = (0.4, -0.5, 3.0)
"""Start, least and greatest of `depletion_late`."""


def full_model(name: str, kelvin: float, steps: list[str], charge: float, period_s: float) -> tuple[Any, ...]:
    """Return time, voltage and current of PyBaMM's full model."""
    import pybamm

    pybamm.set_logging_level("ERROR")
    values = pybamm.ParameterValues(name)
    low, high = SETS[name][0]
    values.update(
        {
            "Ambient temperature [K]": kelvin,
            "Initial temperature [K]": kelvin,
            "Lower voltage cut-off [V]": low,
            "Upper voltage cut-off [V]": high,
            "Open-circuit voltage at 0% SOC [V]": low,
            "Open-circuit voltage at 100% SOC [V]": high,
        }
    )
    solved = pybamm.Simulation(
        pybamm.lithium_ion.DFN({"thermal": "isothermal"}),
        parameter_values=values,
        experiment=pybamm.Experiment([tuple(steps)], period=f"{period_s} seconds"),
        solver=pybamm.IDAKLUSolver(),
    ).solve(initial_soc=charge)
    return tuple(solved[k].entries for k in ("Time [s]", "Terminal voltage [V]", "Current [A]"))


def resting_curve(name: str) -> tuple[Any, ...]:
    """Return state of charge, resting voltage, entropic change, and charge between the ends, A·h."""
    import pybamm

    values = pybamm.ParameterValues(name)
    low, high = SETS[name][0]
    values.update({"Open-circuit voltage at 0% SOC [V]": low, "Open-circuit voltage at 100% SOC [V]": high})
    values.update({"Lower voltage cut-off [V]": low, "Upper voltage cut-off [V]": high})
    x0, x1, y1, y0 = pybamm.lithium_ion.get_min_max_stoichiometries(values)
    z = np.concatenate([np.linspace(0, 0.1, 21), np.linspace(0.12, 0.94, 42), np.linspace(0.95, 1, 11)])

    def of(key: str, points: Any) -> Any:
        law = values[key]
        at = [values.evaluate(law(pybamm.Scalar(p)) if callable(law) else law) for p in points]
        return np.array([np.ravel(a)[0] for a in at], dtype=float)

    x, y = x0 + z * (x1 - x0), y0 + z * (y1 - y0)
    plus, minus = "Positive electrode OCP", "Negative electrode OCP"
    volts = of(f"{plus} [V]", y) - of(f"{minus} [V]", x)
    change = of(f"{plus} entropic change [V.K-1]", y) - of(f"{minus} entropic change [V.K-1]", x)
    whole = float(values.evaluate(pybamm.LithiumIonParameters().n.prim.Q_init)) * (x1 - x0)
    return z, volts, change, whole, float(values["Nominal cell capacity [A.h]"])


def references(name: str) -> dict[str, Any]:
    """Return everything of the full model that one set is fitted to."""
    z, volts, change, whole, nominal = resting_curve(name)
    low, high = SETS[name][0]
    out: dict[str, Any] = {"curve": (z, volts, change), "ratio": whole / nominal, "nominal": nominal}
    out["discharge"], out["charge"], out["pulse"] = {}, {}, {}

    def try_at(kind: str, key: tuple[float, ...], *asked: Any) -> None:
        try:
            out[kind][key] = full_model(name, key[0], *asked)
        except Exception as fault:
            print(name, kind, key, "not solved:", str(fault)[:60])

    for kelvin in TEMPERATURES:
        for rate in RATES:
            step = [f"Discharge at {rate * nominal} A until {low} V"]
            try_at("discharge", (kelvin, rate), step, 1.0, max(15 / rate, 4))
        if kelvin < 273:
            continue
        for rate in (0.1, 0.3, 0.5, 1.0):
            step = [f"Charge at {rate * nominal} A until {high} V"]
            try_at("charge", (kelvin, rate), step, 0.02, max(15 / rate, 4))
        for charge in (0.15, 0.5, 0.85):
            for word, rate in (("Discharge", 0.5), ("Charge", -0.5)):
                steps = [f"{word} at {0.5 * nominal} A for 120 seconds", "Rest for 900 seconds"]
                try_at("pulse", (kelvin, charge, rate), steps, charge, 1)
    return out


class Fit:
    """One set: what it is compared with, and how."""

    def __init__(self, name: str, found: dict[str, Any]) -> None:
        self.name, self.found = name, found
        low = SETS[name][0][0]
        self.low = low
        runs = [
            (k[0], k[1], t, v)
            for k, (t, v, _) in found["discharge"].items()
            if len(t) > 6 and t[-1] > 60 and v[-1] < low + 0.05
        ]
        self.kelvin = np.array([r[0] for r in runs])
        self.rate = np.array([r[1] for r in runs])
        last = np.array([r[2][-1] for r in runs])
        self.at = last[:, None] * SHARES
        self.step = np.diff(np.hstack([np.zeros((len(runs), 1)), self.at]))
        self.inside = SHARES <= 1 + 1e-9
        self.volts = np.array([np.interp(self.at[n], r[2], r[3]) for n, r in enumerate(runs)])
        known = self.volts[:, self.inside]
        self.fall = np.abs(np.gradient(known, axis=1) / np.gradient(SHARES[self.inside]))
        self.energy = np.array([np.trapezoid(r[3], r[2]) * r[1] for r in runs])
        ups = list(found["charge"].items())
        self.up_kelvin, self.up_rate = (np.array([k[n] for k, _ in ups]) for n in (0, 1))
        self.up_step = np.array([t[-1] / 40 for _, (t, _, _) in ups])
        shares = np.arange(1, 41) / 40
        self.up_volts = np.array([np.interp(t[-1] * shares, t, v) for _, (t, v, _) in ups])
        pulses = list(found["pulse"].items())
        self.p_kelvin, self.p_charge, self.p_rate = (np.array([k[n] for k, _ in pulses]) for n in (0, 1, 2))
        self.p_volts = np.array([np.interp(np.cumsum(PULSE_S), t, v) for _, (t, v, _) in pulses])

    def model(self, x: Any) -> CellModel:
        n = len(KNOTS)
        scalars = {}
        for name, value in zip(SCALARS, x[3 * n : 3 * n + len(SCALARS)], strict=True):
            scalars[name] = float(value * 1e4 if name.endswith("_j") else np.exp(value))
        z, volts, change = self.found["curve"]
        return CellModel(
            name=self.name,
            source=SETS[self.name][1],
            charge=z,
            resting_v=volts,
            entropy_v_k=change,
            ohmic_v=np.exp(x[:n]),
            fast_v=np.exp(x[n : 2 * n]),
            depth=np.exp(x[2 * n : 3 * n]),
            capacity_ratio=self.found["ratio"],
            resistance_band=(0.8, 1.25),
            depletion_late=float(x[-1]) if len(x) > 3 * n + len(SCALARS) else 0.0,
            **scalars,
        )

    def played(self, model: CellModel, charge: Any, rates: Any, kelvin: Any, steps: Any) -> Any:
        """Voltages (n, k) of n cells; rates and steps (n, k)."""
        traits = CellTraits(3600.0)
        state = CellState.rested(np.broadcast_to(charge, kelvin.shape))
        out = np.empty(rates.shape)
        for k in range(rates.shape[1]):
            state = advanced(model, traits, state, rates[:, k], kelvin, steps[:, k])
            out[:, k] = terminal_voltage(model, traits, state, rates[:, k], kelvin)
        return out

    def energies(self, volts: Any) -> Any:
        """Energy over that of the full model, less one, of each discharge."""
        out = np.full(len(self.rate), -1.0)
        for n in range(len(self.rate)):
            v = np.concatenate([[self.volts[n, 0]], volts[n]])
            t = np.concatenate([[0.0], self.at[n]])
            under = np.flatnonzero(v < self.low)
            if len(under) and under[0]:
                j = under[0]
                end = t[j - 1] + (v[j - 1] - self.low) / (v[j - 1] - v[j]) * (t[j] - t[j - 1])
                v, t = np.append(v[:j], self.low), np.append(t[:j], end)
            if not len(under) or under[0]:
                out[n] = np.trapezoid(v, t) * self.rate[n] / self.energy[n] - 1
        return out

    def residuals(self, x: Any) -> Any:
        model = self.model(x)
        volts = self.played(model, 1.0, np.repeat(self.rate[:, None], len(SHARES), 1), self.kelvin, self.step)
        warm, fast = self.kelvin > 290, self.rate > 2.5
        off = volts[:, self.inside] - self.volts[:, self.inside]
        off = (
            off
            / np.hypot(0.015, 0.012 * self.fall)
            / np.where(warm, 1, 2)[:, None]
            / np.where(fast, 3, 1)[:, None]
        )
        off = np.where(off > 0, 1.3 * off, off)
        out = [np.sign(off) * np.log1p(np.abs(off) / 4) * 4 / np.sqrt(self.inside.sum() / 20)]
        more = self.energies(volts) + np.where(warm, 0.005, 0.02)
        more = more / np.where(warm, 0.01, 0.025) / np.where(fast, 3, 1)
        more = np.where(more > 0, 4 * more, more)
        out.append(np.sign(more) * np.log1p(np.abs(more) / 5) * 5)
        up = self.played(
            model,
            0.02,
            -np.repeat(self.up_rate[:, None], 40, 1),
            self.up_kelvin,
            np.repeat(self.up_step[:, None], 40, 1),
        )
        out.append((up - self.up_volts) / 0.09)
        on = np.where(np.arange(len(PULSE_S)) < PULSE_ON, 1.0, 0.0)
        steps = np.broadcast_to(PULSE_S, self.p_volts.shape)
        pulse = self.played(model, self.p_charge, self.p_rate[:, None] * on, self.p_kelvin, steps)
        out.append((pulse - self.p_volts) / 0.04)
        out += [np.diff(part, 2) * 0.5 for part in np.split(x[: 3 * len(KNOTS)], 3)]
        return np.concatenate([np.ravel(o) for o in out])

    @property
    def judged(self) -> Any:
        """Which discharges are judged by their energy."""
        return np.isin(np.round(self.rate, 3), JUDGED_RATES) & (self.kelvin > JUDGED_FROM_K)

    def energies_of(self, x: Any) -> Any:
        rates = np.repeat(self.rate[:, None], len(SHARES), 1)
        return self.energies(self.played(self.model(x), 1.0, rates, self.kelvin, self.step))

    def hard_residuals(self, x: Any) -> Any:
        more = self.energies_of(x)
        off = np.maximum(more - HOPEFUL * 2 / 3, 0.0) + 0.5 * np.maximum(WEAKEST - more, 0.0)
        return np.concatenate([self.residuals(x), np.where(self.judged, off, 0.0) * 100 * HARD])

    def fitted(self) -> CellModel:
        n = len(KNOTS)
        limits = [[v if k.endswith("_j") else np.log(v) for v in three] for k, three in SCALARS.items()]
        start, least, most = np.array(limits).T
        low = np.concatenate([np.full(2 * n, np.log(1e-3)), np.full(n, np.log(0.003)), least])
        high = np.concatenate([np.full(2 * n, np.log(2.0)), np.full(n, np.log(0.5)), most])
        x = least_squares(
            self.residuals,
            np.concatenate(
                [np.full(n, np.log(0.08)), np.full(n, np.log(0.02)), np.full(n, np.log(0.05)), start]
            ),
            bounds=(low, high),
            max_nfev=60,
        ).x
        if (self.energies_of(x)[self.judged] > HOPEFUL).any():
            late, late_low, late_high = LATE
            low, high = np.append(low, late_low), np.append(high, late_high)
            begin = np.clip(np.append(x, late), low + 1e-6, high - 1e-6)
            for _ in range(2):
                begin = least_squares(self.hard_residuals, begin, bounds=(low, high), max_nfev=40).x
            x = begin
        for kelvin, rate, more in zip(self.kelvin, self.rate, self.energies_of(x), strict=True):
            print(f"{self.name} {kelvin - 273.15:+.0f} °C {rate:g} It: energy {100 * more:+.1f} %")
        return self.model(x)


def written(models: list[CellModel]) -> str:
    """Return the module that holds the fitted models."""
    lines = [
        '"""Cell models fitted to published parameter sets. Written by tools/fit_cell_sets.py; not by hand."""',
        "",
        "import numpy as np",
        "",
        "from firmcell.core.base.arrays import Array",
        "from firmcell.core.cells.cell_model import CellModel",
        "",
        "",
        "def numbers(text: str) -> Array:",
        '    """Return the numbers that stand in a text."""',
        "    return np.array(text.split(), dtype=float)",
        "",
        "",
        "SETS: dict[str, CellModel] = {",
    ]
    for model in models:
        lines.append(f'    "{model.name}": CellModel(')
        for field, value in vars_of(model).items():
            lines.append(f"        {field}={literal(value)},")
        lines.append("    ),")
    return "\n".join([*lines, "}", '"""By the name of the set."""', ""])


def vars_of(model: CellModel) -> dict[str, Any]:
    return {name: getattr(model, name) for name in CellModel.__dataclass_fields__}


def literal(value: Any) -> str:
    if isinstance(value, np.ndarray):
        rows = textwrap.wrap(" ".join(f"{v:.6g}" for v in value), 100)
        return 'numbers(\n"""\n' + "\n".join(rows) + '\n"""\n)'
    if isinstance(value, float):
        return f"{value:.6g}"
    return repr(value)


TOLD_AT = (0.25, 0.5, 0.75, 0.9)
"""Shares of how long the full model lasts at which its voltage is written for the tests."""


def told_by_full_model(name: str, found: dict[str, Any]) -> dict[str, Any]:
    """Return energies and voltages of the full model that the tests compare with."""
    low = SETS[name][0][0]
    return {
        "least_v": low,
        "nominal_as": found["nominal"] * 3600,
        "told_at": TOLD_AT,
        "discharges": [
            {
                "kelvin": k[0],
                "rate_it": k[1],
                "energy_j": round(float(np.trapezoid(v * i, t)), 1),
                "lasts_s": round(float(t[-1]), 1),
                "volts": [round(float(np.interp(share * t[-1], t, v)), 4) for share in TOLD_AT],
            }
            for k, (t, v, i) in found["discharge"].items()
            if len(t) > 6 and v[-1] < low + 0.05
        ],
    }


def main(names: list[str]) -> None:
    warnings.filterwarnings("ignore")
    models, energies = [], {}
    for name in names:
        kept = Path(f"/tmp/firm-cell-{name}.pickle")
        if not kept.exists():
            kept.write_bytes(pickle.dumps(references(name)))
        found = pickle.loads(kept.read_bytes())
        models.append(Fit(name, found).fitted())
        energies[name] = told_by_full_model(name, found)
    (ROOT / "src/firmcell/core/cells/published_sets.py").write_text(written(models), encoding="utf-8")
    (ROOT / "tests/core/cells/full_model.json").write_text(json.dumps(energies, indent=1), encoding="utf-8")


if __name__ == "__main__":
    main(sys.argv[1:] or list(SETS))
