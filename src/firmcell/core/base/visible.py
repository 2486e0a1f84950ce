"""What hides in a text, made visible: control characters, and those that turn or hide what stands beside
them."""

import re

_HIDDEN = re.compile(
    "[\x00-\x08\x0b-\x1f\x7f-\x9f\xad\u061c\u115f\u1160\u17b4\u17b5\u180e\u200b-\u200f\u2028-\u202e"
    "\u2060-\u2064\u2066-\u206f\u3164\ufeff\uffa0\ufff9-\ufffb\ud800-\udfff\U000e0000-\U000e007f]"
)
"""Controls but line feed and tab; soft hyphen, joiners, marks of direction, fillers, lone halves of pairs, tags."""


def visible(text: str) -> str:
    """Return a text with every character that cannot be seen in its place, and would change how the rest is
    read, written out.

    Parameters
    ----------
    text : str
        From anywhere.

    Returns
    -------
    text : str
        The same text, if nothing hides in it.

    References
    ----------
    .. [1] Unicode Technical Report 36, Unicode Security Considerations (from memory)

    Examples
    --------
    >>> visible("cell 12"), visible("cell\\u202e21")
    ('cell 12', 'cell⟨U+202E⟩21')
    """
    return _HIDDEN.sub(lambda found: f"⟨U+{ord(found.group()):04X}⟩", text)


def harmless_cell(value: object) -> object:
    """Return a value for a cell of a table: a text that a spreadsheet would run as a formula is kept from
    it by an apostrophe.

    Parameters
    ----------
    value : object
        Numbers stay as they are.

    Returns
    -------
    value : object

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> harmless_cell("=1+1"), harmless_cell("-3.5"), harmless_cell(2.0), harmless_cell("+ pole")
    ("'=1+1", '-3.5', 2.0, "'+ pole")
    """
    if not isinstance(value, str):
        return value
    text = visible(value).replace("\r", " ")
    if text.lstrip()[:1] in ("=", "+", "-", "−", "@", "\t") and not _NUMBER.fullmatch(text.strip()):
        return f"'{text}"
    return text


_NUMBER = re.compile(r"[-+−]?\d+([.,]\d+)?([eE][-+]?\d+)?")
