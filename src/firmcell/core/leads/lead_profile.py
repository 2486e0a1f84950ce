"""Temperature and voltage along a main lead: from the strip it is joined to, through fuse and wire, to the
contact."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.leads.soldering import COPPER_CONDUCTIVITY
from firmcell.core.model.parts import Wire
from firmcell.core.physics.wire_heat import COPPER_COEFFICIENT, resistance_at

POINTS = 121


@frozen(eq=False)
class LeadProfile:
    """One lead under the steady current.

    Attributes
    ----------
    place_m : from the pack, (k,), m.
    temperature_k : of the conductor there.
    lost_v : from the pack to there, one lead.
    """

    place_m: Array
    temperature_k: Array
    lost_v: Array


def lead_profile(
    wire: Wire,
    length_m: float,
    current_a: float,
    ambient_k: float,
    settled_k: float,
    pack_k: float,
    contact_k: float,
) -> LeadProfile:
    """Return temperature and loss along a lead whose ends are held at the pack's and the contact's
    temperature.

    Parameters
    ----------
    wire : Wire
    length_m, current_a : float
    ambient_k : float
        Air, K.
    settled_k : float
        Temperature of a long wire at this current, as laid.
    pack_k, contact_k : float
        Temperatures at the two ends, K.

    Notes
    -----
    A fin with heat made in it: θ = θ∞ + A cosh + B sinh of x/λ. The loss for each metre and kelvin is that
    which holds a long wire at `settled_k`; λ = √(k A / loss). Without current it is the air's temperature
    that a long wire has.
    """
    x = np.linspace(0.0, length_m, POINTS)
    made = current_a**2 * float(resistance_at(wire.resistance_ohm_per_m, settled_k, COPPER_COEFFICIENT))
    rise = max(settled_k - ambient_k, 1e-3)
    loss = max(made / rise, 0.02)
    reach = np.sqrt(COPPER_CONDUCTIVITY * wire.area_m2 / loss)
    first, last = pack_k - settled_k, contact_k - settled_k
    # Written with falling exponentials so that long leads do not overflow.
    q = np.exp(-length_m / reach)
    whole = 1 - q * q
    from_pack = (np.exp(-x / reach) - q * np.exp(-(length_m - x) / reach)) / whole
    from_contact = (np.exp(-(length_m - x) / reach) - q * np.exp(-x / reach)) / whole
    kelvin = settled_k + first * from_pack + last * from_contact
    ohm = resistance_at(wire.resistance_ohm_per_m, kelvin, COPPER_COEFFICIENT)
    step = np.diff(x) * (ohm[1:] + ohm[:-1]) / 2 * current_a
    return LeadProfile(x, kelvin, np.concatenate([[0.0], np.cumsum(step)]))
