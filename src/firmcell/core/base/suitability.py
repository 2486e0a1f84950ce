"""What all judged choices share: why one may not be taken, what speaks against it, and both in words."""

from firmcell.core.base.frozen import frozen


@frozen
class Judged:
    """A part against what is asked of it.

    Attributes
    ----------
    stops : why it may not be taken; empty if it may.
    marks : what speaks against it but does not forbid it.
    """

    stops: tuple[str, ...]
    marks: tuple[str, ...]

    @property
    def fits(self) -> bool:
        """Nothing forbids it."""
        return not self.stops

    @property
    def words(self) -> str:
        """Everything that speaks against it, or that it fits."""
        return "; ".join((*self.stops, *self.marks)) or "fits"
