"""Cautions that several kinds of job share."""

FIRE_PLAN = "Fire plan ready: sand or water by, a non-burning bench, nobody asleep near it."
