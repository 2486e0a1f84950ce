"""The guide that ships with the program: one chapter for each stage, in Markdown."""

from firmcell import DATA
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.frozen import frozen

START = "00-start"


@frozen
class Chapter:
    """A chapter: name of its file without ending, title, and Markdown."""

    name: str
    title: str
    text: str


def chapters() -> tuple[Chapter, ...]:
    """Return every chapter, in order."""
    found = []
    for path in sorted((DATA / "guide").glob("*.md")):
        text = path.read_text(encoding="utf-8")
        found.append(Chapter(path.stem, text.partition("\n")[0].removeprefix("# ").strip(), text))
    return tuple(found)


def chapter_of(stage: Stage | None) -> str:
    """Return the name of the chapter about a stage; of none, that of the first."""
    names = [chapter.name for chapter in chapters()]
    wanted = stage.value if stage is not None else ""
    return next((name for name in names if wanted and name.partition("-")[2] == wanted), START)
