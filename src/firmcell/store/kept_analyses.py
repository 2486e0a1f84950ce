"""Designs as they were read and analysed last time, so that a job opened again shows its pack at once: 100 ms
of the demo's start, a third of a second for a thousand cells.

One file a design, in the user's cache folder; all may be deleted at any time. The name of each is the digest
of the design's stored text, of the part library and of the code that worked it out, and its first line the
digest of what follows, so a stale or damaged one is never believed. They hold pickled objects, which can run
code when read: one that another user owns or may write to is not read.
"""

import io
import os
import pickle
import stat
from functools import cache
from hashlib import sha256
from pathlib import Path

import numpy as np
import pydantic
from platformdirs import user_cache_path

import firmcell.core
from firmcell import __version__
from firmcell.core.analysis.figures import Analysis
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary

MOST_KEPT = 24
LARGEST_BYTES = 30_000_000
_DIGEST_BYTES = 64


@cache
def _worked_out_by() -> bytes:
    """What tells the code that works designs out: its version, and the time and size of each of its files."""
    told = [__version__, np.__version__, pydantic.VERSION]
    folders = [Path(str(firmcell.core.__file__)).parent]
    while folders:
        for entry in os.scandir(folders.pop()):
            if entry.is_dir():
                folders.append(Path(entry.path))
            elif entry.name.endswith(".py"):
                seen = entry.stat()
                told.append(f"{entry.path} {seen.st_mtime_ns} {seen.st_size}")
    return "\n".join(sorted(told)).encode()


def kept_file(design_text: str, library: PartLibrary) -> Path:
    """The file for a design with this stored text, analysed with this library by the code as it is now."""
    digest = sha256(_worked_out_by())
    # The parts' values alone: a model as a whole holds sets, whose order changes from start to start.
    parts = [(part.kind, part.__dict__) for _, parts in library for part in parts]
    for read in (design_text.encode(), pickle.dumps(parts)):
        digest.update(sha256(read).digest())
    return user_cache_path("firm-cell") / "analyses" / f"{digest.hexdigest()[:32]}.pickle"


def _is_own(opened: io.BufferedReader) -> bool:
    seen = os.fstat(opened.fileno())
    return seen.st_uid == os.getuid() and not seen.st_mode & (stat.S_IWGRP | stat.S_IWOTH)


def kept_analysis(path: Path) -> tuple[Design, Analysis] | None:
    """The design and analysis kept in a file, or None if there is none that can be believed."""
    try:
        with path.open("rb") as opened:
            if not _is_own(opened):
                return None
            digest, body = opened.read(_DIGEST_BYTES), opened.read(LARGEST_BYTES)
        if sha256(body).hexdigest().encode() != digest:
            return None
        os.utime(path)
    except OSError:
        return None
    design, analysis = pickle.loads(body)
    return design, analysis


def keep_analysis(path: Path, design: Design, analysis: Analysis) -> None:
    """Keep a design and its analysis for the next time, if the folder allows it; the oldest files go."""
    if path.exists():
        return
    body = pickle.dumps((design, analysis), pickle.HIGHEST_PROTOCOL)
    if len(body) > LARGEST_BYTES:
        return
    beside = path.with_suffix(f".{os.getpid()}")
    try:
        path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        oldest_last = sorted(path.parent.iterdir(), key=lambda each: each.stat().st_mtime, reverse=True)
        for old in oldest_last[MOST_KEPT - 1 :]:
            old.unlink()
        beside.touch(mode=0o600)
        beside.write_bytes(sha256(body).hexdigest().encode() + body)
        beside.replace(path)
    except OSError:
        # Without it the design is read and analysed again; nothing is lost.
        return
