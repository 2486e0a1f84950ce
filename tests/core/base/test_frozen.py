"""The quick value classes behave as the standard library's frozen dataclasses do."""

from dataclasses import FrozenInstanceError, dataclass, field, replace
from functools import cached_property
from typing import Any

import pytest

from firmcell.core.base.frozen import frozen


def made_by(decorator: Any) -> Any:
    @decorator
    class Strip:
        length: float
        name: str = "nickel"
        marks: tuple[int, ...] = ()
        weight: float = field(default=0.0, compare=False, repr=False)

        @cached_property
        def twice(self) -> float:
            return 2 * self.length

    return Strip


OURS, THEIRS = made_by(frozen), made_by(dataclass(frozen=True))


@pytest.mark.parametrize("first", [(1.0,), (1.0, "copper"), (2.0, "copper", (3,)), (1.0, "nickel", (), 5.0)])
@pytest.mark.parametrize("second", [(1.0,), (1.0, "copper"), (2.0, "copper", (3,)), (1.0, "nickel", (), 5.0)])
def test_equal_and_alike_in_a_set_where_a_dataclass_is(first, second):
    assert (OURS(*first) == OURS(*second)) is (THEIRS(*first) == THEIRS(*second))
    assert len({OURS(*first), OURS(*second)}) == len({THEIRS(*first), THEIRS(*second)})
    assert repr(OURS(*first)) == repr(THEIRS(*first))


def test_a_remembered_property_does_not_make_two_differ():
    known, fresh = OURS(1.5), OURS(1.5)
    assert known.twice == 3.0
    assert known == fresh
    assert hash(known) == hash(fresh)
    assert OURS(1.5) != THEIRS(1.5)
    assert OURS(1.5) != (1.5, "nickel", ())


def test_nothing_can_be_changed_added_or_removed():
    strip = OURS(1.5)
    for change in (
        lambda: setattr(strip, "length", 2.0),
        lambda: setattr(strip, "other", 1),
        lambda: delattr(strip, "name"),
    ):
        with pytest.raises(FrozenInstanceError):
            change()
    assert strip == OURS(1.5)
    assert replace(strip, length=2.0) == OURS(2.0)


def test_a_field_may_have_any_name_and_a_default_made_anew_each_time():
    @frozen
    class Odd:
        held: int
        known: int = 2
        made: list[int] = field(default_factory=list)
        MISSING: int = 3

    odd, other = Odd(1), Odd(1)
    assert (odd.held, odd.known, odd.made, odd.MISSING) == (1, 2, [], 3)
    assert odd.made is not other.made
    assert Odd(1, made=[4]).made == [4]


def test_missing_and_unknown_fields_are_refused():
    with pytest.raises(TypeError):
        OURS()
    with pytest.raises(TypeError):
        OURS(1.0, colour="red")


def test_without_equality_each_is_itself_and_names_may_be_asked_for():
    @frozen(eq=False)
    class Held:
        volts: list[float]

    @frozen(kw_only=True)
    class Named:
        volts: float

    one, other = Held([1.0]), Held([1.0])
    assert one != other
    assert len({one, other}) == 2
    with pytest.raises(TypeError):
        Named(3.0)
    assert Named(volts=3.0).volts == 3.0


@pytest.mark.parametrize("decorator", [frozen, dataclass(frozen=True)], ids=["ours", "theirs"])
def test_a_class_keeps_the_methods_it_writes_itself(decorator):
    @decorator
    class Matter:
        read: int
        unread: int

        def __eq__(self, other: object) -> bool:
            return isinstance(other, Matter) and self.read == other.read

        def __hash__(self) -> int:
            return hash(self.read)

        def __repr__(self) -> str:
            return "matter"

    assert Matter(1, 2) == Matter(1, 3)
    assert len({Matter(1, 2), Matter(1, 3)}) == 1
    assert repr(Matter(1, 2)) == "matter"
