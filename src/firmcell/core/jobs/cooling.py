"""What an iron or hot air warmed is let cool before the next step: the clock of it runs with the plan."""

from dataclasses import replace

from firmcell.core.records.step import Step

SOLDERED_END_S = 120.0
"""From a joint soldered on to a bare cell until its end is hand-warm, s; common practice, no source."""
SLEEVED_CELL_S = 180.0
"""From a single cell's sleeve; common practice, no source."""
SLEEVED_PACK_S = 600.0
"""From a pack's sleeve: its skin was at 90 °C and more, with cells behind it that take up the heat. Common
practice, no source."""
WHAT_COOLS = "What was heated cools"


def with_cooling(steps: tuple[Step, ...]) -> tuple[Step, ...]:
    """Return a plan in which the step after one that heats waits until it has cooled; longer clocks stay."""
    found = list(steps)
    for at, heated in enumerate(steps[:-1]):
        after = steps[at + 1]
        if heated.cools_s > after.wait_s:
            found[at + 1] = replace(after, wait_s=heated.cools_s, waits_for=WHAT_COOLS)
    return tuple(found)
