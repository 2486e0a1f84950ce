"""Texts of the program in another language.

The program makes its sentences in English, most of them with numbers and names in them. A catalogue holds
each as a template, ``Strip %1 bends on its way over cells %2``, and what that is in the other language. A
text is told by the template that it was made from: the one that fits with most letters of its own. What
stands in its places is told in turn, so that “3 cells” in a sentence follows the plural rule of the
language, and numbers get its decimal sign.
"""

import re
from collections.abc import Callable, Iterable
from functools import lru_cache
from itertools import pairwise

from firmcell.core.base.frozen import frozen

Lookup = Callable[[str, int], str]
"""Tells a template in the other language, with a count for its plural (−1 for none); "" if it does not know it."""
PLACE = re.compile(r"%(\d)")
COUNTED = re.compile(r"(\d+)[ \u00a0](.+)", re.DOTALL)
FIRST_WORD = re.compile(r"(?:\d+\.\d+)?[^\s,.;:(]*")
COMPOUND = re.compile(r"%1 \w{1,5}")
"""Such as “%1 lead”, which fits the end of any name of a part or of a job as well."""
NUMBER = re.compile(r"(?<![\w.])(\d+)\.(\d+)(?![\w]*\.\d|\d)")
SENTENCE = re.compile(r"(?<=[.!?:]) +(?=[A-Z“0-9])|\n+")
WORD = re.compile(r"[^\W\d_]{3,}")
ENDING = re.compile(r"[a-z]{0,3}")
KEYS = re.compile(r"(.+) (\((?:Ctrl|Alt|Shift|F\d|Esc)[^()]*\))", re.DOTALL)
PARTS = tuple(re.compile(f"({parting})") for parting in (r" · |   +|\t", " → ", "; ", " – ", r" \(", ", "))
"""What parts of a sentence stand between, the strongest first."""
NO_NUMBER = re.compile(r"\\|(?<! )/|/(?! )|\.(?:pdf|csv|json|html|svg|dxf|png|firmcell)\b")
UNITS = frozenset(
    [
        "V",
        "A",
        "W",
        "Wh",
        "Ah",
        "mAh",
        "mm",
        "m",
        "cm",
        "in",
        "mΩ",
        "Ω",
        "MΩ",
        "µF",
        "F",
        "s",
        "min",
        "h",
        "g",
        "kg",
        "N",
        "°C",
        "K",
        "%",
        "mm²",
        "AWG",
    ]
)
PROSE = frozenset(
    [
        "the",
        "a",
        "an",
        "is",
        "are",
        "was",
        "be",
        "of",
        "to",
        "with",
        "and",
        "or",
        "not",
        "no",
        "its",
        "it",
        "this",
        "that",
        "each",
        "goes",
        "into",
        "from",
        "for",
        "than",
        "then",
        "them",
        "so",
        "as",
        "may",
        "must",
        "one",
        "by",
        "in",
        "on",
        "at",
        "before",
        "after",
        "if",
        "end",
        "cut",
        "right",
        "off",
        "all",
        "drawn",
    ]
)
"""Words of sentences, not of the names of parts."""
ENDS = ":;.,…)"
LEAST_LETTERS = 3
DEEPEST = 8
KEPT = 8192


@frozen(eq=False)
class _Template:
    """A template with its places.

    Attributes
    ----------
    text : as it stands in the catalogue.
    words : what stands before, between and behind its places.
    longest : of these.
    letters : of its own.
    compound : whether it is a place and one short word, that is told only where the place is told whole.
    """

    text: str
    words: tuple[str, ...]
    longest: str
    letters: int
    compound: bool


def letters_of(template: str) -> int:
    """Return how many letters a template has of its own."""
    return sum(c.isalpha() for c in PLACE.sub("", template))


def values_in(text: str, words: tuple[str, ...]) -> list[str] | None:
    """Return what stands in the places of a text between these words; None where it was not made from them.

    Examples
    --------
    >>> values_in("3 of 12 cells", ("", " of ", " cells"))
    ['3', '12']
    """
    first, *middle, last = words
    end = len(text) - len(last)
    if not (text.startswith(first) and text.endswith(last)) or end < len(first):
        return None
    at, values = len(first), list[str]()
    for word in middle:
        # Of two places side by side the first takes a word, as “B5” does before “ at about 4.5 N·m”.
        found = text.find(word, at, end) if word else at + len(FIRST_WORD.findall(text[at:end])[0])
        if found < 0:
            return None
        values.append(text[at:found])
        at = found + len(word)
    return [*values, text[at:end]]


def word_of(words: tuple[str, ...]) -> str:
    """Return the longest whole word between the places of a template; "" where it has none of three letters.

    Examples
    --------
    >>> word_of(("Strip ", " bends over cell", ""))
    'bends'
    """
    found = [""]
    for at, piece in enumerate(words):
        for word in WORD.finditer(piece):
            # What touches a place may be a part of a longer word of a text.
            touches = (at > 0 and word.start() == 0) or (at < len(words) - 1 and word.end() == len(piece))
            found += [] if touches else [word[0]]
    return max(found, key=len)


class Catalogue:
    """Tells the program's texts in another language.

    Parameters
    ----------
    sources : iterable of str
        Every template there is.
    nouns : mapping
        Of what is counted, by both forms: “cell” and “cells” to “%n cell(s)”.
    lookup : callable
    comma : bool
        Whether the language writes 3,5 for three and a half.
    missed : callable, optional
        Is told each text that could not be told, for those who write catalogues.
    language : str
        Its code.
    """

    def __init__(
        self,
        sources: Iterable[str],
        nouns: dict[str, str],
        lookup: Lookup,
        comma: bool = True,
        missed: Callable[[str], object] | None = None,
        language: str = "en",
    ) -> None:
        self.language = language
        self._nouns, self._lookup, self._comma, self._missed = nouns, lookup, comma, missed
        self.used: set[str] = set()
        self._within = 0
        self._pieces = dict[tuple[str, int, bool], str | None]()
        self._whole, self._templates = set[str](), list[_Template]()
        for text in sources:
            if not PLACE.search(text):
                self._whole.add(text)
            elif (own := letters_of(text)) >= LEAST_LETTERS:
                words = tuple(PLACE.split(text)[::2])
                self._templates.append(
                    _Template(text, words, max(words, key=len), own, bool(COMPOUND.fullmatch(text)))
                )
        self._plain = {text.replace("&", ""): text for text in self._whole if "&" in text}
        # What has most letters of its own is tried first.
        self._templates.sort(key=lambda template: -template.letters)
        self._by_word: dict[str, list[int]] = {}
        for at, template in enumerate(self._templates):
            self._by_word.setdefault(word_of(template.words), []).append(at)
        self.tell = lru_cache(maxsize=KEPT)(self._tell)

    def _tell(self, text: str) -> str:
        told = self._told(text, 0)
        return self._as_it_is(text) if told is None else told

    def _as_it_is(self, text: str) -> str:
        if self._missed is not None and has_words(text):
            self._missed(text)
        # A sentence in English has its numbers as English writes them, and so has “UN 38.3” in it.
        return text if is_prose(text) else self.numbers(text)

    def _told(self, text: str, depth: int) -> str | None:
        """The text in the other language; None where nothing of it is known."""
        # The same piece is asked for on every way that a text may be parted. How deep it stands
        # belongs to it, or what is told would depend on what was asked before.
        key = text, depth, self._within > 0
        if key not in self._pieces:
            if len(self._pieces) >= KEPT:
                self._pieces.clear()
            self._pieces[key] = self._worked_out(text, depth)
        return self._pieces[key]

    def _worked_out(self, text: str, depth: int) -> str | None:
        if not text or depth > DEEPEST or not any(c.isalpha() for c in text) or "</" in text:
            # Pages of the guide and of the glossary are told in English.
            return None
        stripped = text.strip()
        if stripped != text:
            told = self._told(stripped, depth + 1)
            return None if told is None else text.replace(stripped, told, 1)
        return (
            self._as_a_whole(text)
            or self._counted(text)
            or self._in_sentences(text, depth, every=True)
            or self._by_template(text, depth)
            or self._in_sentences(text, depth, every=False)
            or self._without_keys(text, depth)
            or self._without_end(text, depth)
            or self._before_unit(text, depth)
            or self._in_parts(text, depth)
        )

    def _as_a_whole(self, text: str) -> str | None:
        if text in self._whole:
            return self._known(text)
        if text in self._plain:
            # A command of a menu that is told without its key.
            told = self._known(self._plain[text])
            return told and told.replace("&", "")
        low = text[:1].lower() + text[1:]
        if low != text and low in self._whole:
            told = self._known(low)
            return told and told[:1].upper() + told[1:]
        if text[-1] in ENDS and len(text) > 1:
            told = self._as_a_whole(text[:-1])
            return told and told + text[-1]
        return None

    def _known(self, template: str, count: int = -1) -> str | None:
        self.used.add(template)
        return self._lookup(template, count) or None

    def _counted(self, text: str) -> str | None:
        found = COUNTED.fullmatch(text)
        noun = self._nouns.get(found[2]) if found else None
        return self._known(noun, int(found[1])) if found and noun else None

    def _by_template(self, text: str, depth: int) -> str | None:
        told = self._by_fitting(text, depth)
        low = text[:1].lower() + text[1:]
        if told is None and low != text:
            told = self._by_fitting(low, depth)
            return told and told[:1].upper() + told[1:]
        return told

    def _by_fitting(self, text: str, depth: int) -> str | None:
        for template in self._candidates(text):
            values = values_in(text, template.words) if template.longest in text else None
            if values and template.compound and has_words(values[0]) and self._as_a_whole(values[0]) is None:
                continue
            shown = [self._place(value, depth) for value in values or ()]
            if values is None or None in shown:
                continue
            told = self._known(template.text)
            if told is not None and _keeps_all(told, values):
                return _filled(told, [one or "" for one in shown])
        return None

    def _candidates(self, text: str) -> list[_Template]:
        """The templates of which a whole word stands in a text, and those that have none, in their order: of
        two thousand some thirty have to be tried."""
        words = {"", *WORD.findall(text)}
        found = sorted(at for word in words for at in self._by_word.get(word, ()))
        return [self._templates[at] for at in found]

    def _place(self, value: str, depth: int) -> str | None:
        """What stands in a place, told; as it is where it is a name or a number; None where it is prose that
        is not known: half a sentence in each language says nothing for certain."""
        self._within += 1
        told = self._told(value, depth + 1)
        self._within -= 1
        if told is None:
            return None if is_prose(value) else self._as_it_is(value)
        return told

    def _in_sentences(self, text: str, depth: int, every: bool) -> str | None:
        """Sentence by sentence; where not `every` one is known, in a text of its own, some stay in English. A
        template of several sentences is not asked where each is known by itself: it might part one of them
        in the middle."""
        cuts = [0, *(at for found in SENTENCE.finditer(text) for at in found.span()), len(text)]
        if len(cuts) == 2:
            return None
        return self._joined([text[a:b] for a, b in pairwise(cuts)], depth, not every and not self._within)

    def _without_keys(self, text: str, depth: int) -> str | None:
        """A tip with the keys that do the same behind it."""
        found = KEYS.fullmatch(text)
        told = self._told(found[1], depth + 1) if found else None
        return None if found is None or told is None else f"{told} {found[2]}"

    def _without_end(self, text: str, depth: int) -> str | None:
        if text[-1] not in ENDS or len(text) < 2:
            return None
        told = self._told(text[:-1], depth + 1)
        return None if told is None else told + text[-1]

    def _before_unit(self, text: str, depth: int) -> str | None:
        """The name of a field is told to those who cannot see it with its unit."""
        name, _, unit = text.rpartition(" ")
        told = self._told(name, depth + 1) if name and unit in UNITS else None
        return None if told is None else f"{told} {unit}"

    def _in_parts(self, text: str, depth: int) -> str | None:
        for parting in PARTS:
            parts = parting.split(text)
            if len(parts) > 1:
                return self._joined(parts, depth, whole=False)
        return None

    def _joined(self, parts: list[str], depth: int, whole: bool) -> str | None:
        """Parts of a text, each told: whole sentences may stand beside some in English, parts of one may
        not."""
        told = [self._told(part, depth + 1) for part in parts]
        if all(part is None for part in told):
            return None
        if not whole and any(word is None and is_prose(part) for word, part in zip(told, parts, strict=True)):
            return None
        return "".join(
            self._as_it_is(part) if word is None else word for part, word in zip(parts, told, strict=True)
        )

    def numbers(self, text: str) -> str:
        """The text with the decimal sign of the language; names of files stay as they are."""
        if not self._comma or NO_NUMBER.search(text):
            return text
        return NUMBER.sub(r"\1,\2", text)


def _keeps_all(template: str, values: list[str]) -> bool:
    """Whether a translation leaves out nothing but the ending of a plural."""
    kept = {int(at) for at in PLACE.findall(template)}
    return all(n in kept or ENDING.fullmatch(value) for n, value in enumerate(values, start=1))


def _filled(template: str, values: list[str]) -> str:
    """A template with its places filled; none is filled twice, though what stands in one may hold a per cent
    sign."""
    return PLACE.sub(lambda at: values[int(at[1]) - 1], template)


def is_prose(text: str) -> bool:
    """Return whether a text is a piece of a sentence, and not a name, a number or a list of such.

    Examples
    --------
    >>> is_prose("pure nickel strip 0.3 × 10"), is_prose("goes into this lead first")
    (False, True)
    """
    # As it stands: an A is an ampere. The first word may have a capital.
    words = text.split()
    return not PROSE.isdisjoint(words) or any(len(word) > 1 and word.lower() in PROSE for word in words[:1])


def has_words(text: str) -> bool:
    """Return whether there is a word in a text, and not just numbers, units and names in capitals.

    Examples
    --------
    >>> has_words("Weld the strip"), has_words("3.2 V · 12 mΩ"), has_words("B4")
    (True, False, False)
    """
    return any(len(word) > 3 and word.isalpha() and not word.isupper() for word in text.split())
