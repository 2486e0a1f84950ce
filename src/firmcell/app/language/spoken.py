"""Which languages there are, which one is spoken, and how a catalogue is opened."""

from collections.abc import Callable
from functools import lru_cache
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QSettings, QTranslator

from firmcell import DATA
from firmcell.app.language import DESKTOP, LANGUAGES, edge
from firmcell.app.language.catalogue import Catalogue, Lookup
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.tongue import ENGLISH, Tongue

CONTEXT = "firmcell"
FOLDER = DATA / "languages"


def language_of(settings: QSettings, asked: str | None = None) -> str:
    """Return the language to speak: the one asked for, else the one chosen, else that of the desktop.

    Raises
    ------
    Refusal
        If one is asked for that there is not.
    """
    if asked is not None and asked not in LANGUAGES:
        raise Refusal(f"There is no language “{asked}”; there are {', '.join(LANGUAGES)}.")
    chosen = asked or str(settings.value("language", DESKTOP))
    if chosen == DESKTOP:
        chosen = QLocale.system().name().partition("_")[0]
    return chosen if chosen in LANGUAGES else "en"


@lru_cache(maxsize=4)
def sources_in(path: Path) -> tuple[tuple[str, ...], dict[str, str]]:
    """Return the templates of a catalogue, and what is counted by both its forms."""
    # Loaded here: English needs none of it.
    import xml.etree.ElementTree as ET

    texts, nouns = [], dict[str, str]()
    for message in ET.parse(path).iter("message"):
        source = message.findtext("source") or ""
        if message.get("numerus") == "yes":
            one, many = forms_of(source)
            nouns[one] = nouns[many] = source
        else:
            texts.append(source)
    return tuple(texts), nouns


def counted(one: str, many: str) -> str:
    """Return the template of a noun that is counted: “%n cell(s)”, “%n box/boxes”."""
    return f"%n {one}(s)" if many == one + "s" else f"%n {one}/{many}"


def forms_of(template: str) -> tuple[str, str]:
    """Return one and many of a noun from its template.

    Examples
    --------
    >>> forms_of("%n cell(s)"), forms_of("%n box/boxes")
    (('cell', 'cells'), ('box', 'boxes'))
    """
    noun = template.removeprefix("%n ")
    if noun.endswith("(s)"):
        return noun[:-3], noun[:-3] + "s"
    one, _, many = noun.partition("/")
    return one, many


def catalogue_of(language: str, missed: Callable[[str], object] | None = None) -> Catalogue:
    """Return the catalogue of a language that is not English."""
    texts, nouns = sources_in(FOLDER / f"{language}.ts")
    return Catalogue(texts, nouns, _by_qt(language), missed=missed, language=language)


def tongue_of(language: str) -> Tongue:
    """Return how papers speak a language.

    Each has a catalogue of its own: they are written off the interface thread, which tells its own meanwhile.
    """
    return ENGLISH if language == ENGLISH.code else Tongue(language, catalogue_of(language).tell)


def _by_qt(language: str) -> Lookup:
    """Look texts up by Qt, which knows the plural rules of the language."""
    translator = QTranslator()
    if not translator.load(str(FOLDER / f"{language}.qm")):
        raise Refusal(
            f"The catalogue of {LANGUAGES[language]} cannot be read: firm-cell is not whole; install it anew."
        )

    def look_up(template: str, count: int) -> str:
        # Qt leaves %n in what is not counted.
        found = translator.translate(CONTEXT, template, None, count)
        return (found or "").replace("%n", str(count)) if count >= 0 else found or ""

    return look_up


def begin(language: str) -> None:
    """Speak a language from now on: the program's own texts, and those of Qt's dialogs."""
    if language == "en":
        return
    QLocale.setDefault(QLocale(language))
    own = QTranslator(QCoreApplication.instance())
    if own.load(
        QLocale(language), "qtbase", "_", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    ):
        QCoreApplication.installTranslator(own)
    edge.speak(catalogue_of(language))
