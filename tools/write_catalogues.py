"""Write the catalogues of other languages from the texts that are shown, keeping what is translated already.

usage: tools/write_catalogues.py [--take de FILE.json]   (FILE: an object of English templates and what they are)

Each text is brought to the template that it was made from: string literals and f-strings of the source.
"""

import ast
import json
import os
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as ET
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import PySide6
from composed_texts import BENCH_MODE, NOUNS, TEXTS

from firmcell.app.language import edge
from firmcell.app.language.catalogue import UNITS, Catalogue, has_words, is_prose, letters_of
from firmcell.app.language.further_path import always_told, walk_further
from firmcell.app.language.main_path import walk
from firmcell.app.language.spoken import CONTEXT, FOLDER, counted
from firmcell.app.start import dressed_application
from firmcell.store.part_files import shipped_library

SOURCE = Path(__file__).parents[1] / "src" / "firmcell"
LANGUAGES = {"de": "de_DE", "fr": "fr_FR"}
OFF_THE_PATH = (
    "cli/",
    "store/demo",
    "app/screenshots",
    "app/language/",
    "instruments/",
)
"""Where no text stands that is told."""
CODE = re.compile(r"[a-z]+(-[a-z%0-9]+)+")
"""Names that the program gives to steps; to nobody is such a text shown."""


def _template(node: ast.JoinedStr) -> str:
    words, place = "", 0
    for part in node.values:
        if isinstance(part, ast.Constant):
            words += str(part.value)
        else:
            place += 1
            words += f"%{place}"
    return words if place < 10 else ""


def _format(text: str) -> str:
    """A text for `str.format` as a template."""
    place = 0

    def next_place(_: re.Match[str]) -> str:
        nonlocal place
        place += 1
        return f"%{place}"

    return re.sub(r"\{\w*\}", next_place, text)


def texts_of_the_source() -> tuple[dict[str, str], dict[str, str]]:
    """Every text that may be shown, with where it stands, and every noun that is counted."""
    texts: dict[str, str] = {}
    nouns: dict[str, str] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        tree = ast.parse(path.read_text(encoding="utf-8"))
        if str(path.relative_to(SOURCE)).startswith(OFF_THE_PATH):
            continue
        where = str(path.relative_to(SOURCE.parent))
        inner = {
            id(part) for node in ast.walk(tree) if isinstance(node, ast.JoinedStr) for part in node.values
        }
        plain = {
            id(n.value)
            for n in ast.walk(tree)
            if isinstance(n, ast.Expr) and isinstance(n.value, ast.Constant)
        }
        for node in ast.walk(tree):
            if isinstance(node, ast.JoinedStr):
                texts.setdefault(_template(node).strip(), where)
            elif (
                isinstance(node, ast.Constant)
                and isinstance(node.value, str)
                and not {id(node)} & (inner | plain)
            ):
                texts.setdefault(_format(node.value).strip(), where)
            elif (
                isinstance(node, ast.Call)
                and getattr(node.func, "attr", getattr(node.func, "id", "")) == "plural"
            ):
                forms = [a.value for a in node.args[1:] if isinstance(a, ast.Constant)]
                if forms:
                    one, many = forms[0], (forms[1] if len(forms) > 1 else "") or forms[0] + "s"
                    nouns[one] = nouns[many] = counted(one, many)
    for one, many in NOUNS:
        nouns[one] = nouns[many] = counted(one, many)
    for text in (*TEXTS, *BENCH_MODE):
        texts.setdefault(text, "tools/composed_texts.py")
    return {t: w for t, w in texts.items() if any(c.isalpha() for c in t)}, nouns


def shown() -> tuple[dict[str, str], set[str]]:
    """The templates in use with where each stands, and texts that no template fits."""
    texts, nouns = texts_of_the_source()
    missed: set[str] = set()
    english = Catalogue(
        texts,
        nouns,
        lambda text, count: text.replace("%n", str(count)) if count >= 0 else text,
        False,
        missed.add,
    )
    dressed_application()
    edge.speak(english)
    with tempfile.TemporaryDirectory() as scratch:
        walk(shipped_library(), Path(scratch), english.tell)
        walk_further(shipped_library(), Path(scratch), english.tell)
    edge.hush()
    found = {t for t in english.used if "%n" in t or letters_of(t) > 1} | {*TEXTS, *BENCH_MODE}
    found |= {t for t, w in texts.items() if always_told(w) and has_words(t) and is_prose(t)}
    # Codes of findings and units are the same everywhere.
    found = {t for t in found if t not in UNITS and not re.fullmatch(r"[A-Z]{2}-\d+", t)}
    found = {t for t in found if not CODE.fullmatch(t) or "%1" not in t}
    return {t: texts.get(t, "") for t in found}, missed


def read(path: Path) -> dict[str, list[str]]:
    """What is translated already, by its source; several forms where it is counted."""
    if not path.exists():
        return {}
    found = {}
    for message in ET.parse(path).iter("message"):
        told = message.find("translation")
        forms = [form.text or "" for form in told.iter("numerusform")] if told is not None else []
        found[message.findtext("source") or ""] = forms or [(told.text if told is not None else "") or ""]
    return found


def write(path: Path, locale: str, texts: dict[str, str], known: dict[str, list[str]]) -> int:
    """Write a catalogue; returns how many are not translated."""
    root = ET.Element("TS", version="2.1", language=locale, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = CONTEXT
    left = 0
    for source in sorted(texts, key=lambda text: (texts[text], text)):
        message = ET.SubElement(context, "message", {"numerus": "yes"} if source.startswith("%n ") else {})
        if texts[source]:
            ET.SubElement(message, "location", filename=texts[source])
        ET.SubElement(message, "source").text = source
        forms = known.get(source, [""])
        told = ET.SubElement(message, "translation", {} if all(forms) else {"type": "unfinished"})
        left += not all(forms)
        if source.startswith("%n "):
            for form in forms:
                ET.SubElement(told, "numerusform").text = form
        else:
            told.text = forms[0]
    ET.indent(root)
    head = '<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n'
    path.write_text(head + ET.tostring(root, encoding="unicode") + "\n", encoding="utf-8")
    return left


def compiled(path: Path, to: Path) -> None:
    """Compile a catalogue with Qt's own tool."""
    tool = Path(PySide6.__file__).parent / "lrelease"
    subprocess.run([str(tool), "-silent", str(path), "-qm", str(to)], check=True)


def main(arguments: list[str]) -> None:
    """Write both catalogues."""
    taken: dict[str, dict[str, list[str]]] = {}
    if arguments[:1] == ["--take"]:
        for language, file in zip(arguments[1::2], arguments[2::2], strict=True):
            given = json.loads(Path(file).read_text(encoding="utf-8"))
            taken[language] = {k: v if isinstance(v, list) else [v] for k, v in given.items()}
    texts, missed = shown()
    for language, locale in LANGUAGES.items():
        path = FOLDER / f"{language}.ts"
        path.parent.mkdir(exist_ok=True)
        left = write(path, locale, texts, {**read(path), **taken.get(language, {})})
        compiled(path, path.with_suffix(".qm"))
        print(f"{language}: {len(texts)} texts, {left} not translated")
    print(f"{len(missed)} texts without a template:", *sorted(missed), sep="\n")


if __name__ == "__main__":
    main(sys.argv[1:])
