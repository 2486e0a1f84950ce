"""What a chemistry decides: voltages, resting curve, charge method and the letters of its designation."""

from enum import StrEnum

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import Frozen, Volts


class Chemistry(StrEnum):
    """The five chemistries the program knows."""

    LI_ION = "li-ion"
    LFP = "lfp"
    LTO = "lto"
    NIMH = "nimh"
    NICD = "nicd"

    @property
    def is_lithium(self) -> bool:
        """Whether groups need a BMS for over- and under-voltage."""
        return self in (Chemistry.LI_ION, Chemistry.LFP, Chemistry.LTO)


class ChemistryFacts(Frozen):
    """Voltages of one cell, in V, and how it is charged.

    `printed_step_v` is what boards print from pad to pad (3.7, 7.4, 11.1 …). The voltages are common
    practice, no source; charge methods of nickel cells follow IEC 61951-2 (value from memory).
    """

    label: str
    letters: str
    empty_v: Volts
    nominal_v: Volts
    full_v: Volts
    storage_low_v: Volts
    storage_high_v: Volts
    printed_step_v: Volts
    charge_words: str

    @property
    def storage_v(self) -> float:
        """The middle of the storage window, V: what a delivered or stored cell is taken to measure."""
        return round((self.storage_low_v + self.storage_high_v) / 2, 2)


FACTS: dict[Chemistry, ChemistryFacts] = {
    Chemistry.LI_ION: ChemistryFacts.model_construct(
        label="Lithium-ion",
        letters="IN",
        empty_v=2.5,
        nominal_v=3.6,
        full_v=4.2,
        storage_low_v=3.7,
        storage_high_v=3.85,
        printed_step_v=3.7,
        charge_words="constant current, then constant voltage until the current has fallen to a twentieth",
    ),
    Chemistry.LFP: ChemistryFacts.model_construct(
        label="Lithium iron phosphate",
        letters="IFp",
        empty_v=2.5,
        nominal_v=3.2,
        full_v=3.65,
        storage_low_v=3.25,
        storage_high_v=3.32,
        printed_step_v=3.2,
        charge_words="constant current, then constant voltage until the current has fallen to a twentieth",
    ),
    Chemistry.LTO: ChemistryFacts.model_construct(
        label="Lithium titanate",
        letters="TN",
        empty_v=1.5,
        nominal_v=2.3,
        full_v=2.7,
        storage_low_v=2.2,
        storage_high_v=2.35,
        printed_step_v=2.4,
        charge_words="constant current, then constant voltage until the current has fallen to a twentieth",
    ),
    Chemistry.NIMH: ChemistryFacts.model_construct(
        label="Nickel-metal hydride",
        letters="H",
        empty_v=1.0,
        nominal_v=1.2,
        full_v=1.45,
        storage_low_v=1.2,
        storage_high_v=1.35,
        printed_step_v=1.2,
        charge_words="a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell "
        "or 1 K/min, with a time limit behind both",
    ),
    Chemistry.NICD: ChemistryFacts.model_construct(
        label="Nickel-cadmium",
        letters="K",
        empty_v=1.0,
        nominal_v=1.2,
        full_v=1.45,
        storage_low_v=1.15,
        storage_high_v=1.35,
        printed_step_v=1.2,
        charge_words="a tenth of the capacity for 16 h, or fast charge ended by −ΔV 10 mV a cell "
        "or 1 K/min, with a time limit behind both",
    ),
}

# Resting voltage against state of charge: generic class curves, drawn by hand between the voltages
# people expect; good to about 50 mV in the flat part. No published source.
_SOC = np.array([0.0, 0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0])
_RESTING: dict[Chemistry, Array] = {
    Chemistry.LI_ION: np.array(
        [2.85, 3.10, 3.30, 3.43, 3.55, 3.61, 3.66, 3.72, 3.82, 3.92, 4.01, 4.09, 4.19]
    ),
    Chemistry.LFP: np.array(
        [2.60, 2.95, 3.12, 3.20, 3.25, 3.28, 3.295, 3.30, 3.31, 3.325, 3.335, 3.34, 3.50]
    ),
    Chemistry.LTO: np.array([1.60, 1.85, 2.02, 2.11, 2.17, 2.21, 2.25, 2.29, 2.33, 2.38, 2.45, 2.54, 2.68]),
    Chemistry.NIMH: np.array([1.02, 1.12, 1.18, 1.22, 1.25, 1.27, 1.28, 1.29, 1.30, 1.31, 1.33, 1.36, 1.42]),
    Chemistry.NICD: np.array([1.00, 1.10, 1.17, 1.20, 1.23, 1.25, 1.26, 1.27, 1.28, 1.29, 1.31, 1.34, 1.40]),
}


def resting_voltage(chemistry: Chemistry, soc: ArrayLike) -> Array:
    """Return the generic resting voltage of one cell.

    Parameters
    ----------
    chemistry : Chemistry
    soc : array_like, any shape
        State of charge, 0 (empty) to 1 (full); values outside are held at the ends.

    Returns
    -------
    ndarray of the same shape, V.
    """
    return np.asarray(np.interp(np.asarray(soc, dtype=float), _SOC, _RESTING[chemistry]))
