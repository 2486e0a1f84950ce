"""How many sample welds to peel, and what the peels prove."""

from math import ceil, log

SAMPLE_SHARE = 0.90
"""Share of good welds that samples of a setting prove, and how surely; engineering judgement."""


def zero_failure_sample(confidence: float, reliability: float) -> int:
    """Return the least n without failure that proves `reliability` with `confidence` (both 0 to 1,
    exclusive).

    n ≥ ln(1 − C)/ln R.

    Raises
    ------
    ValueError
        If either is not between 0 and 1.

    References
    ----------
    .. [1] success-run

    Examples
    --------
    >>> zero_failure_sample(0.90, 0.90), zero_failure_sample(0.90, 0.95), zero_failure_sample(0.95, 0.99)
    (22, 45, 299)
    """
    if not (0 < confidence < 1 and 0 < reliability < 1):
        raise ValueError("confidence and reliability must lie between 0 and 1")
    return ceil(log(1 - confidence) / log(reliability) - 1e-9)


def proven_reliability(confidence: float, samples: int) -> float:
    """Return the reliability that `samples` without failure prove with `confidence`: (1 − C)^(1/n).

    Parameters
    ----------
    confidence : float
        0 to 1.
    samples : int
        Without failure.

    Returns
    -------
    reliability : float
        0 to 1.

    References
    ----------
    .. [1] success-run

    Examples
    --------
    >>> round(proven_reliability(0.90, 22), 2)
    0.9
    """
    return (1 - confidence) ** (1 / samples) if samples > 0 else 0.0
