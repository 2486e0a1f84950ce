"""Write docs/glossary.md from the terms that ship with the program."""

from pathlib import Path

from firmcell.store.glossary import terms

HEAD = """# Glossary

Words of the trade as this program uses them. The help (F1) shows the same. Written by `tools/write_glossary.py` from
`src/firmcell/data/glossary.toml`.

| Term | Meaning |
|---|---|
"""


def page() -> str:
    """Return the whole page."""
    return HEAD + "".join(f"| {name} | {meaning} |\n" for name, meaning in terms())


if __name__ == "__main__":
    (Path(__file__).parent.parent / "docs" / "glossary.md").write_text(page(), encoding="utf-8")
