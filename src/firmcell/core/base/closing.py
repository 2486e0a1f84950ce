"""Things that hold something until they are closed, and can be used in a `with` block."""

from types import TracebackType
from typing import Self


class Closes:
    """Closed at the end of a `with` block; who inherits says how, in `close`."""

    def close(self) -> None:
        """Let go of what is held."""
        raise NotImplementedError

    def __enter__(self) -> Self:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()
