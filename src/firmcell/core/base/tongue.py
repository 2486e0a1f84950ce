"""In which language a paper speaks: each text is told once, where it is laid on the page."""

from collections.abc import Callable

from firmcell.core.base.frozen import frozen

Tell = Callable[[str], str]


@frozen(eq=False)
class Tongue:
    """A language and how its texts are told.

    Attributes
    ----------
    code : as in HTML, such as ``de``.
    tell : from English, with its numbers.
    """

    code: str
    tell: Tell


ENGLISH = Tongue("en", str)
