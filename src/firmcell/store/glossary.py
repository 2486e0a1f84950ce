"""Terms of the trade, from the file that ships with the program."""

import tomllib

from firmcell import DATA


def terms() -> tuple[tuple[str, str], ...]:
    """Return every term with its meaning, in order of the alphabet."""
    text = (DATA / "glossary.toml").read_text(encoding="utf-8")
    return tuple((entry["name"], entry["meaning"]) for entry in tomllib.loads(text)["term"])


def terms_with(found: tuple[tuple[str, str], ...], typed: str) -> tuple[tuple[str, str], ...]:
    """Return the terms that hold what is typed: those named so first, then those whose meaning holds it."""
    wanted = typed.strip().lower()
    named = [t for t in found if wanted in t[0].lower()]
    return (*named, *(t for t in found if t not in named and wanted in t[1].lower()))
