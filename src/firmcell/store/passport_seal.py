"""What binds a passport to its job: the last link of the job's chain, signed, in print, QR code and file."""

import base64
import binascii
import re
from pathlib import Path

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural
from firmcell.store.job_chain import Link
from firmcell.store.job_file import JobFile
from firmcell.store.workshop_key import signed_by

SEAL = re.compile(r"firmcell-chain (\d{1,9}) ([0-9a-f]{64})(?: ([\w-]{43}) ([\w-]{86}))?")
LARGEST_BYTES = 50_000_000
SHORTEST_HEAD = 8


@frozen
class Seal:
    """The link that a passport stands for: its number (0 where only a hash is known), its hash or the
    beginning of it, public key and signature, hex."""

    number: int
    hash: str
    key: str = ""
    signature: str = ""


def seal_text(link: Link) -> str:
    """Return a link as it stands in a QR code and in a file."""
    signed = f" {_short(link.key)} {_short(link.signature)}" if link.key else ""
    return f"firmcell-chain {link.number} {link.hash}{signed}"


def _short(digits: str) -> str:
    return base64.urlsafe_b64encode(bytes.fromhex(digits)).decode().rstrip("=")


def _long(short: str) -> str:
    try:
        return base64.urlsafe_b64decode(short + "=" * (-len(short) % 4)).hex()
    except (binascii.Error, ValueError):
        return ""


def read_seal(path: Path) -> Seal:
    """Return what a passport (PDF or HTML) is bound to.

    Raises
    ------
    Refusal
        If the file cannot be read, or is not bound to anything.
    """
    try:
        if path.stat().st_size > LARGEST_BYTES:
            raise Refusal(f"{path} is too large to be a passport.")
        content = path.read_bytes()
    except OSError as error:
        raise Refusal(f"{path} cannot be read: {error.strerror}.") from None
    text = (
        _pdf_words(path, content)
        if content.startswith(b"%PDF")
        else content.decode("utf-8", errors="replace")
    )
    found = SEAL.search(text)
    if found is None:
        raise Refusal(f"{path} does not say what it is bound to: it is no passport of version 0.3 or later.")
    number, head, key, signature = found.groups()
    return Seal(int(number), head, _long(key or ""), _long(signature or ""))


def _pdf_words(path: Path, content: bytes) -> str:
    # Imported here: only a passport that is held against its job is read.
    import io

    from pypdf import PdfReader
    from pypdf.errors import PyPdfError

    try:
        about = PdfReader(io.BytesIO(content)).metadata
        return str(about.keywords or "") if about else ""
    except (PyPdfError, ValueError, KeyError, TypeError, RecursionError, OSError):
        raise Refusal(f"{path} cannot be read as a PDF.") from None


def seal_of_head(text: str) -> Seal:
    """Return the seal of a hash as it is printed, whole or its beginning of 8 places or more, spaces
    between or not.

    Raises
    ------
    Refusal
        If it is no such thing.
    """
    plain = "".join(text.lower().split())
    if not re.fullmatch(rf"[0-9a-f]{{{SHORTEST_HEAD},64}}", plain):
        raise Refusal(
            f"“{text}” is no head of a chain: it has {SHORTEST_HEAD} to 64 of the digits 0 to 9 and a to f."
        )
    return Seal(0, plain)


def compared(job: JobFile, seal: Seal) -> tuple[bool, str]:
    """Return whether a job is the one a passport was made of, perhaps with more since, and the sentence to
    say."""
    head = job.head()
    if head is None:
        return False, "The file is of version 0.2 or before and has no chain to hold a passport against."
    link = job.link_at(seal.number) if seal.number else job.link_with(seal.hash)
    if link is not None and link.hash.startswith(seal.hash):
        if seal.signature and not signed_by(seal.key, seal.signature, seal.hash):
            return (
                False,
                "The passport's own signature is not by the key that it names: the passport was forged.",
            )
        if seal.key and link.key != seal.key:
            return False, "The passport is signed by another key than the job at that place."
        since = head.number - link.number
        more = f"; {plural(since, 'link')} came since" if since else ", and nothing came since"
        return (
            True,
            f"It is the job of this passport: link {link.number} of the chain is the one printed{more}.",
        )
    if seal.number > head.number:
        return False, (
            f"Records are missing at the end: the passport was made at link {seal.number}, "
            f"and the file ends at link {head.number}."
        )
    if seal.number:
        return (
            False,
            f"The job was written anew: its link {seal.number} is not the one that the passport names.",
        )
    return (
        False,
        "No link of this job's chain begins so: records are missing at the end, or it was written anew.",
    )
