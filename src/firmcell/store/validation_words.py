"""One plain sentence from a validation error."""

from pydantic import BaseModel, ValidationError
from pydantic_core import ErrorDetails

_LIMITS = {
    "greater_than_equal": "ge",
    "greater_than": "gt",
    "less_than_equal": "le",
    "less_than": "lt",
}
_WORDS = {"ge": "at least", "gt": "above", "le": "at most", "lt": "below"}


def _limit(detail: ErrorDetails) -> str:
    key = _LIMITS.get(detail["type"])
    if key is None:
        return ""
    return f"it must be {_WORDS[key]} {detail.get('ctx', {}).get(key)}"


def first_fault(error: ValidationError, model: type[BaseModel] | None = None) -> str:
    """Return the first fault in words: which field, what it holds and what would be right."""
    detail = error.errors(include_url=False)[0]
    place = ".".join(str(step) for step in detail["loc"]) or (model.__name__ if model else "")
    kind = detail["type"]
    if kind == "missing":
        return f"“{place}” is missing."
    if kind == "extra_forbidden":
        return f"“{place}” is not a known field."
    if kind == "value_error":
        return str(detail["ctx"]["error"]).rstrip(".").capitalize() + "."
    given = detail.get("input")
    shown = f"“{given}”" if isinstance(given, str | int | float) else "what is there"
    said = _limit(detail) or detail["msg"].lower().replace("input should be", "it must be")
    return f"“{place}” holds {shown}; {said}."
