"""Photos kept in a job: brought in as they are, named by their content, read back only unchanged."""

import hashlib
import io
from collections.abc import Iterable

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.photo import Photo
from firmcell.core.records.events import Event, PhotoKept
from firmcell.core.records.ledger import ledger_of
from firmcell.store.job_file import JobFile

LARGEST_BYTES = 40_000_000
KINDS = {b"\xff\xd8\xff": "image/jpeg", b"\x89PNG\r\n\x1a\n": "image/png"}
"""Media type by the first bytes."""


def media_type(content: bytes, name: str) -> str:
    """Return the media type of a picture.

    Raises
    ------
    Refusal
        If it is no JPEG or PNG, or too large.
    """
    kind = next((kind for begins, kind in KINDS.items() if content.startswith(begins)), None)
    if kind is None:
        raise Refusal(f"“{name}” is not a JPEG or PNG picture.")
    if len(content) > LARGEST_BYTES:
        raise Refusal(
            f"“{name}” has {len(content) / 1e6:.0f} MB; {LARGEST_BYTES / 1e6:.0f} MB are the most: save it smaller first."
        )
    return kind


def attach_photo(job: JobFile, content: bytes, name: str) -> tuple[str, bool]:
    """Keep a picture in a job; return the hash it is named by, and whether it was not there before.

    Raises
    ------
    Refusal
        As `media_type`, or if the job cannot be written.
    """
    kind, digest = media_type(content, name), hashlib.sha256(content).hexdigest()
    if digest in job.attachment_numbers():
        return digest, False
    job.attach(name, kind, content)
    return digest, True


def photo_bytes(job: JobFile, photo: Photo) -> bytes:
    """Return the picture of a photo as it was brought in.

    Raises
    ------
    Refusal
        If it is not in the job, or not the one that was brought in.
    """
    number = job.attachment_numbers().get(photo.sha256)
    if number is not None:
        return job.attachment(number).content
    raise Refusal(f"The picture of “{photo.name}” is not in the job, or was changed: bring it in again.")


PAPER_PX = 1400
"""Longest side of a photo on paper, pixels."""


def photos_for_paper(job: JobFile, events: Iterable[Event]) -> list[tuple[str, str, bytes]]:
    """Return the photos of a job that stand, small enough for paper: what each shows, its media type, and
    the picture.

    One that is not in the job any more, or cannot be read, is left out.
    """
    # Imported here: a start prints no photo.
    from PIL import Image, ImageOps

    numbers = job.attachment_numbers()
    found = []
    for event in ledger_of(events).with_kind(PhotoKept):
        data = event.data
        if not isinstance(data, PhotoKept) or data.sha256 not in numbers:
            continue
        try:
            with Image.open(io.BytesIO(job.attachment(numbers[data.sha256]).content)) as picture:
                small = ImageOps.exif_transpose(picture).convert("RGB")
                small.thumbnail((PAPER_PX, PAPER_PX))
                out = io.BytesIO()
                small.save(out, "JPEG", quality=82)
        except (OSError, ValueError, Image.DecompressionBombError):
            continue
        words = ", ".join(w for w in (data.shows, data.name, event.time[:10]) if w)
        found.append((words, "image/jpeg", out.getvalue()))
    return found
