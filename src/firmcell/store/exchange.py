"""JSON exchange of whole jobs, both ways, lossless; its schema is published in docs/schema."""

import base64
import binascii
import json
from collections.abc import Iterator
from dataclasses import asdict
from pathlib import Path
from typing import Any, Literal

from pydantic import Field, ValidationError

from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.records.events import Event, first_broken_link
from firmcell.store.format_1 import brought_up
from firmcell.store.job_chain import Link
from firmcell.store.job_file import JobFile
from firmcell.store.revisions import Attachment, Revision
from firmcell.store.strangers import json_of
from firmcell.store.validation_words import first_fault


class ExchangedRevision(Frozen):
    """A saved design."""

    number: int = Field(ge=1)
    time: str
    person: str
    note: str
    design: Design


class ExchangedAttachment(Frozen):
    """A file kept in the job, its content in base64."""

    name: str
    media_type: str
    time: str
    content_base64: str


class ExchangedLink(Frozen):
    """A link of the chain over everything in a job."""

    number: int = Field(ge=1)
    kind: str
    place: str
    digest: str = Field(pattern=r"^([0-9a-f]{64})?$")
    prev: str = Field(pattern=r"^[0-9a-f]{64}$")
    hash: str = Field(pattern=r"^[0-9a-f]{64}$")
    key: str = Field(pattern=r"^([0-9a-f]{64})?$")
    signature: str = Field(pattern=r"^([0-9a-f]{128})?$")


class ExchangedJob(Frozen):
    """A whole job as JSON."""

    format: Literal["firmcell-job"] = "firmcell-job"
    version: Literal[2] = 2
    revisions: tuple[ExchangedRevision, ...] = Field(min_length=1)
    events: tuple[Event, ...]
    attachments: tuple[ExchangedAttachment, ...] = ()
    chain: tuple[ExchangedLink, ...] = ()
    """Over everything above as it was stored; none where the job had none."""


def job_to_json(job: JobFile) -> str:
    """Return the whole job as JSON text."""
    return b"".join(json_pieces(job)).decode()


def json_pieces(job: JobFile) -> Iterator[bytes]:
    """Return the whole job as JSON, piece by piece: its attachments may be more than memory holds."""
    whole = ExchangedJob(
        revisions=tuple(
            ExchangedRevision(number=r.number, time=r.time, person=r.person, note=r.note, design=r.design())
            for r in job.revisions()
        ),
        events=tuple(job.events()),
        chain=tuple(ExchangedLink(**asdict(link)) for link in job.links()),
    )
    # No text in it holds a line feed, so that this line stands there once.
    before, empty, after = whole.model_dump_json(indent=1).partition('\n "attachments": []')
    assert empty
    yield f'{before}\n "attachments": ['.encode()
    last = ""
    for _, a in job.each_attachment():
        content = base64.b64encode(a.content).decode()
        one = ExchangedAttachment(name=a.name, media_type=a.media_type, time=a.time, content_base64=content)
        lines = one.model_dump_json(indent=1).replace("\n", "\n  ")
        yield f"{last}\n  {lines}".encode()
        last = ","
    yield (("\n ]" if last else "]") + after + "\n").encode()


def read_exchange(text: str, where: str) -> ExchangedJob:
    """Return the job in a JSON text, its hash chain checked.

    Raises
    ------
    Refusal
        In one sentence: not JSON, another format or version, a field that is wrong, a broken chain.
    """
    text = _in_version_2(text, where)
    try:
        job = ExchangedJob.model_validate_json(text)
    except ValidationError as error:
        raise Refusal(f"{where}: {first_fault(error, ExchangedJob)}") from None
    fault = first_broken_link(job.events)
    if fault:
        raise Refusal(f"{where} was changed after it was written: {fault}")
    return job


def _in_version_2(text: str, where: str) -> str:
    """The text in the version of now; what it was parsed into is let go, as photos may be in it."""
    raw: Any = json_of(text, where)
    if not isinstance(raw, dict) or raw.get("format") != "firmcell-job":
        raise Refusal(f"{where} is not an exchanged Firm Cell job (its “format” must be “firmcell-job”).")
    if raw.get("version") not in (1, 2):
        raise Refusal(f"{where} has exchange version {raw.get('version')!r}; this program reads 1 and 2.")
    if raw["version"] == 2:
        return text
    raw["version"] = 2
    for revision in raw.get("revisions") or ():
        if isinstance(revision, dict):
            revision["design"] = brought_up(revision.get("design"))
    return json.dumps(raw)


def import_job(text: str, where: str, path: Path) -> JobFile:
    """Make a new job file at `path` from an exchanged job and open it.

    Raises
    ------
    Refusal
        If the text cannot be used or `path` cannot be made; nothing is left behind then.
    """
    whole = read_exchange(text, where)
    attachments = []
    for a in whole.attachments:
        try:
            content = base64.b64decode(a.content_base64, validate=True)
        except (binascii.Error, ValueError):
            raise Refusal(f"{where}: attachment “{a.name}” is not base64.") from None
        attachments.append(Attachment(a.name, a.media_type, a.time, content))
    chain = [Link(**link.model_dump()) for link in whole.chain]
    numbers = [r.number for r in whole.revisions]
    if numbers != sorted(set(numbers)):
        raise Refusal(f"{where}: the numbers of the design revisions do not rise.")
    revisions = [
        Revision(r.number, r.time, r.person, r.note, r.design.model_dump_json()) for r in whole.revisions
    ]
    return JobFile.made(path, lambda job: job.take_over(revisions, list(whole.events), attachments, chain))
