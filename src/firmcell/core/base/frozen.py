"""Value classes that never change: `dataclass(frozen=True)` in all but the time it takes to make the class.

The standard decorator compiles six functions a class, about 0.9 ms each time; the program has a hundred such
classes, a tenth of its start. Here only `__init__` is compiled; the rest is shared by all classes. It writes
the fields past the guard that keeps them, in a third of the time.
"""

from collections.abc import Callable
from dataclasses import MISSING, Field, FrozenInstanceError, dataclass, field, fields
from typing import Any, TypeVar, dataclass_transform, overload

T = TypeVar("T")


def _kept(self: Any, name: str, value: object) -> None:
    raise FrozenInstanceError(f"cannot assign to field {name!r}")


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


OWN, NOT_GIVEN = "_own_fields", "_not_given"
"""What no field is called: in its `__init__` the fields of an instance, and the mark of one that is left out."""


def _initialiser(of: tuple[Field[Any], ...]) -> Callable[..., None]:
    """`__init__` for the fields of a class: it takes them as a dataclass's own does."""
    known: dict[str, Any] = {NOT_GIVEN: MISSING}
    asked: list[str] = []
    named: list[str] = []
    lines: list[str] = []
    for each in of:
        name, value = each.name, each.name
        parameter = name
        if each.default is not MISSING:
            known[f"_of_{name}"], parameter = each.default, f"{name}=_of_{name}"
        elif each.default_factory is not MISSING:
            known[f"_of_{name}"], parameter = each.default_factory, f"{name}={NOT_GIVEN}"
            value = f"_of_{name}() if {name} is {NOT_GIVEN} else {name}"
        (named if each.kw_only else asked).append(parameter)
        lines.append(f"    {OWN}[{name!r}] = {value}")
    parameters = ", ".join(["self", *asked, *(["*", *named] if named else [])])
    exec("\n".join([f"def __init__({parameters}):", f"    {OWN} = self.__dict__", *lines]), known)
    return known["__init__"]  # type: ignore[no-any-return]


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
        made = dataclass(init=False, repr=False, eq=False, kw_only=kw_only)(made)
        ours = {"__init__": _initialiser(fields(made)), "__setattr__": _kept, "__delattr__": _never}
        for name, method in {**missing, **ours}.items():
            setattr(made, name, method)
        return made

    return make if cls is None else make(cls)
