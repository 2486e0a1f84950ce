"""A task of a subject by its number; what one is weak in comes more often."""

from collections.abc import Callable, Mapping

import numpy as np

from firmcell.core.model.parts import Connector
from firmcell.core.practice.as_found import CHOICES as FOUND
from firmcell.core.practice.as_found import as_found_task
from firmcell.core.practice.connector_keys import CLASSES, connector_task
from firmcell.core.practice.crimps import CHOICES as CRIMPS
from firmcell.core.practice.crimps import crimp_task
from firmcell.core.practice.live_order import KINDS as LIVE
from firmcell.core.practice.live_order import live_task
from firmcell.core.practice.peeled_welds import CHOICES as WELDS
from firmcell.core.practice.peeled_welds import weld_task
from firmcell.core.practice.solder_joints import CHOICES as JOINTS
from firmcell.core.practice.solder_joints import joint_task
from firmcell.core.practice.task import Subject, Task
from firmcell.core.practice.turned_cells import turned_task

WEAK_MORE = 4.0
"""A kind in which everything was missed comes this much more often besides."""


def kinds_of(subject: Subject) -> int:
    """Return how many kinds a subject has."""
    return {
        Subject.CONNECTOR: len(CLASSES),
        Subject.LIVE: len(LIVE),
        Subject.JOINT: len(JOINTS),
        Subject.CRIMP: len(CRIMPS),
        Subject.WELD: len(WELDS),
        Subject.TURNED: 2,
        Subject.AS_FOUND: len(FOUND),
    }[subject]


def task_of(subject: Subject, seed: int, kind: int, connectors: tuple[Connector, ...]) -> Task:
    """Return a task of one kind; the same for the same numbers.

    Parameters
    ----------
    subject : Subject
    seed : int
    kind : int
        0 to `kinds_of(subject)` − 1.
    connectors : tuple of Connector
        Of the part library, for their faces.
    """
    dice = np.random.default_rng((seed, list(Subject).index(subject)))
    if subject is Subject.CONNECTOR:
        return connector_task(dice, kind, connectors)
    makers: dict[Subject, Callable[[np.random.Generator, int], Task]] = {
        Subject.LIVE: live_task,
        Subject.JOINT: joint_task,
        Subject.CRIMP: crimp_task,
        Subject.WELD: weld_task,
        Subject.TURNED: turned_task,
        Subject.AS_FOUND: as_found_task,
    }
    return makers[subject](dice, kind)


def any_task(
    subject: Subject, seed: int, connectors: tuple[Connector, ...], weak: Mapping[str, float] | None = None
) -> Task:
    """Return a task of a kind by chance.

    Parameters
    ----------
    subject, seed, connectors : as for `task_of`.
    weak : mapping, optional
        How much one is in need of practice in a kind, by `Task.kind`, 0 to 1.
    """
    every = [task_of(subject, seed, kind, connectors) for kind in range(kinds_of(subject))]
    often = np.array([1.0 + WEAK_MORE * (weak or {}).get(task.kind, 0.0) for task in every])
    dice = np.random.default_rng((seed, 7))
    return every[int(dice.choice(len(every), p=often / often.sum()))]
