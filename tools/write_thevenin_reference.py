"""Write what PyBaMM's Thevenin model gives for one cell; `tests/core/cells` compares with it.

Needs PyBaMM beside what the program needs (see fit_cell_sets.py)::

    PYTHONPATH=src python tools/write_thevenin_reference.py
"""

import json
from pathlib import Path

import numpy as np
import pybamm

from firmcell.core.model.chemistry import Chemistry, resting_voltage

ROOT = Path(__file__).resolve().parent.parent
CELL = {
    "capacity_ah": 5.0,
    "r0_ohm": 0.024,
    "r0_j_mol": 20_000.0,
    "r1_ohm": 0.008,
    "c1_f": 1250.0,
    "entropy_v_k": -0.0002,
    "mass_j_k": 69.0,
    "to_air_w_k": 0.06,
    "air_k": 283.15,
}
CURVE = np.linspace(0, 1, 101)


def main() -> None:
    volts = resting_voltage(Chemistry.LI_ION, CURVE)
    values = pybamm.ParameterValues("ECM_Example")
    curve = pybamm.Interpolant

    def r0(celsius, current, charge):  # type: ignore[no-untyped-def]
        gas = 8.314463
        return CELL["r0_ohm"] * pybamm.exp(CELL["r0_j_mol"] / gas * (1 / (celsius + 273.15) - 1 / 298.15))

    values.update(
        {
            "Cell capacity [A.h]": CELL["capacity_ah"],
            "Nominal cell capacity [A.h]": CELL["capacity_ah"],
            "Open-circuit voltage [V]": lambda charge: curve(CURVE, volts, charge, "ocv"),
            "R0 [Ohm]": r0,
            "R1 [Ohm]": CELL["r1_ohm"],
            "C1 [F]": CELL["c1_f"],
            "Element-1 initial overpotential [V]": 0.0,
            "Entropic change [V/K]": lambda ocv, kelvin: pybamm.Scalar(CELL["entropy_v_k"]) + 0 * ocv,
            "Cell thermal mass [J/K]": CELL["mass_j_k"],
            "Jig thermal mass [J/K]": 1e12,
            "Cell-jig heat transfer coefficient [W/K]": CELL["to_air_w_k"],
            "Jig-air heat transfer coefficient [W/K]": 1.0,
            "Ambient temperature [K]": CELL["air_k"],
            "Initial temperature [K]": CELL["air_k"],
            "Initial SoC": 0.95,
            "Upper voltage cut-off [V]": 4.5,
            "Lower voltage cut-off [V]": 2.0,
        },
        check_already_exists=False,
    )
    steps = ["Discharge at 10 A for 600 seconds", "Rest for 300 seconds", "Discharge at 5 A for 1500 seconds"]
    steps += ["Charge at 2.5 A for 600 seconds", "Discharge at 15 A for 60 seconds"]
    solved = pybamm.Simulation(
        pybamm.equivalent_circuit.Thevenin(),
        parameter_values=values,
        experiment=pybamm.Experiment([tuple(steps)], period="10 seconds"),
        solver=pybamm.IDAKLUSolver(rtol=1e-8, atol=1e-8),
    ).solve()
    names = {
        "time_s": "Time [s]",
        "voltage_v": "Voltage [V]",
        "current_a": "Current [A]",
        "kelvin": "Cell temperature [K]",
    }
    found = {
        short: [round(float(v), 6) for v in np.ravel(solved[name].entries)] for short, name in names.items()
    }
    if max(found["kelvin"]) < 200:
        found["kelvin"] = [k + 273.15 for k in found["kelvin"]]
    text = json.dumps({"made_by": f"PyBaMM {pybamm.__version__}", "cell": CELL, **found})
    (ROOT / "tests/core/cells/thevenin.json").write_text(text, encoding="utf-8")


if __name__ == "__main__":
    main()
