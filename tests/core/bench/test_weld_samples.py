"""Zero-failure samples."""

import pytest

from firmcell.core.bench.weld_samples import proven_reliability, zero_failure_sample


@pytest.mark.parametrize(
    ("confidence", "reliability", "n"), [(0.9, 0.9, 22), (0.9, 0.95, 45), (0.95, 0.99, 299)]
)
def test_zero_failure_samples(confidence, reliability, n):
    """Published values: 22, 45, 299 (from memory)."""
    assert zero_failure_sample(confidence, reliability) == n
    assert proven_reliability(confidence, n) >= reliability > proven_reliability(confidence, n - 1)


@pytest.mark.parametrize("bad", [0.0, 1.0, -1.0])
def test_sample_size_refuses_certainties(bad):
    with pytest.raises(ValueError, match="between 0 and 1"):
        zero_failure_sample(bad, 0.9)
