"""Value classes that never change: `dataclass(frozen=True)` in all but the time it takes to make the class.

The standard decorator compiles six functions a class, about 0.9 ms each time; the program has a hundred such
classes, a tenth of its start. Here only `__init__` is compiled; the rest is shared by all classes.
"""

from collections.abc import Callable
from dataclasses import FrozenInstanceError, dataclass, field
from typing import Any, TypeVar, dataclass_transform, overload

T = TypeVar("T")


def _set_once(self: Any, name: str, value: object) -> None:
    """The constructor sets each field; nobody sets one again."""
    if name in self.__dict__ or name not in self.__dataclass_fields__:
        raise FrozenInstanceError(f"cannot assign to field {name!r}")
    self.__dict__[name] = value


def _never(self: Any, name: str) -> None:
    raise FrozenInstanceError(f"cannot delete field {name!r}")


def _compared(self: Any) -> tuple[object, ...]:
    values = self.__dict__
    return tuple(values[name] for name, each in self.__dataclass_fields__.items() if each.compare)


def _equal(self: Any, other: object) -> bool:
    return _compared(self) == _compared(other) if other.__class__ is self.__class__ else NotImplemented


def _hash(self: Any) -> int:
    return hash(_compared(self))


def _text(self: Any) -> str:
    shown = (
        f"{name}={self.__dict__[name]!r}" for name, each in self.__dataclass_fields__.items() if each.repr
    )
    return f"{type(self).__qualname__}({', '.join(shown)})"


@overload
def frozen(cls: type[T], /) -> type[T]: ...


@overload
def frozen(*, eq: bool = True, kw_only: bool = False) -> Callable[[type[T]], type[T]]: ...


@dataclass_transform(frozen_default=True, field_specifiers=(field,))
def frozen(cls: Any = None, /, *, eq: bool = True, kw_only: bool = False) -> Any:
    """Make a class a frozen dataclass: `@frozen`, or `@frozen(eq=False)` where instances compare by identity.

    Parameters
    ----------
    cls
        The class, with its fields as annotations, as for `dataclasses.dataclass`; `field` and `replace` work.
    eq
        Whether two instances with equal fields are equal and hash alike. False for classes that hold arrays.
    kw_only
        Whether every field is given by name.

    Raises
    ------
    dataclasses.FrozenInstanceError
        By the class made, when a field is set a second time or deleted.
    """

    def make(made: Any) -> Any:
        own = vars(made)
        shared: dict[str, Any] = {"__repr__": _text}
        if eq:
            # A class with its own __eq__ and no __hash__ holds None there, which does not count as its own.
            shared |= {"__eq__": _equal, "__hash__": _hash}
        missing = {name: method for name, method in shared.items() if own.get(name) is None}
        made = dataclass(init=True, repr=False, eq=False, kw_only=kw_only)(made)
        for name, method in {**missing, "__setattr__": _set_once, "__delattr__": _never}.items():
            setattr(made, name, method)
        return made

    return make if cls is None else make(cls)
