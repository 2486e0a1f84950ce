"""What jobs taught, between the register and the two small files that a bench reads without it."""

from collections import defaultdict

from firmcell.core.stock.lessons import SettingPeeled, StepTimed
from firmcell.register.register import Register, new_key
from firmcell.store import step_times, weld_settings

KINDS = ("setting-peeled", "step-timed")


def exchange_lessons(register: Register) -> None:
    """Put into the register what this bench learned before there was one, and take from it what all benches
    learned.

    Raises
    ------
    Refusal
        If the register cannot be written.
    """
    if not any(register.lessons(kind) for kind in KINDS):
        _bring(register)
    times = defaultdict[str, list[float]](list)
    for entry in register.lessons("step-timed"):
        if isinstance(entry.data, StepTimed):
            times[entry.data.family].append(entry.data.seconds)
    if times:
        step_times.replace_all(times)
    settings = [e.data for e in register.lessons("setting-peeled") if isinstance(e.data, SettingPeeled)]
    if settings:
        weld_settings.replace_all(settings)


def _bring(register: Register) -> None:
    entries = []
    for family, seconds in step_times.every_time():
        key = new_key()
        entries.append(register.entry(key, StepTimed(family=family, seconds=seconds)))
    for setting in weld_settings.every_setting():
        entries.append(register.entry(new_key(), setting))
    register.write(entries)
