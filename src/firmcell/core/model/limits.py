"""Limits that several subjects share, each written once."""

LICENSED_OVER_V = 120.0
"""Extra-low voltage ends here, V d.c. (IEC 60364-4-41, value from memory)."""
TOUCH_LIMIT_V = 60.0
"""Greatest d.c. voltage that may be touched, V (IEC 62368-1, ES1 limit; value from memory)."""
FIRST_TOUCH_SPREAD_V = 0.10
"""Cells of one parallel group stand within this before they are joined, V: it limits the current at first
touch (common practice, no source)."""
PACK_SPREAD_V = 0.2
"""A pack that nothing was drawn from reads as before within this, V; engineering judgement."""
GROUP_SPREAD_V = 0.13
"""Groups in series stand within this before a balance charge, V (common practice, no source)."""
GROUP_SPREAD_GOOD_V = 0.05
"""Groups in series that stand within this are called balanced, V (common practice, no source)."""
LEAST_INSULATION_OHM = 5e6
"""Least resistance between the poles of an empty harness and from pole to case, Ω (common practice, no
source)."""
RUNAWAY_K = 773.15
"""A temperature that no longer means anything but that it runs away, K: where figures are cut off."""
CUP_SLACK = 1.001
"""A conductor goes into a cup or barrel whose area is at least its own, rounding apart."""
PAD_OVERHANG_M = 0.004
"""Strip past the middle of its last pad, m, welded or soldered; common practice, no source."""
LEAD_TAIL_M = 0.010
"""Strip past that, to solder the main lead on, m; common practice, no source."""
OTHER_VOLTS = 0.10
"""Voltage of a new pack over or under that of the one before it, as a share, from which on it is said; common practice,
no source."""
