"""Files that are there whole or not at all, and never in the place of something else."""

import os
import stat
from collections.abc import Iterable, Iterator
from contextlib import contextmanager, suppress
from pathlib import Path

from firmcell.core.base.refusal import Refusal
from firmcell.store.job_header import is_job
from firmcell.store.part_names import part_beside


def check_new(path: Path) -> None:
    """Refuse a path at which no new file can be made."""
    if os.path.lexists(path):
        raise Refusal(f"{path} is there already; choose another name.")
    _check_folder(path)


def _check_folder(path: Path) -> None:
    if not path.parent.is_dir():
        raise Refusal(f"The folder {path.parent} does not exist.")
    if not os.access(path.parent, os.W_OK):
        raise Refusal(f"The folder {path.parent} is write-protected; choose another.")


def check_target(path: Path, replace: bool) -> None:
    """Refuse a path that an export must not be written to.

    Raises
    ------
    Refusal
        If the folder cannot be written; if something is there and `replace` is not asked for; always if that
        is a job, a folder, a link or a device.
    """
    try:
        about = path.lstat()
    except FileNotFoundError:
        _check_folder(path)
        return
    except OSError as error:
        raise Refusal(f"{path} cannot be written: {(error.strerror or str(error)).lower()}.") from None
    if not stat.S_ISREG(about.st_mode):
        raise Refusal(f"{path} is no plain file (a folder, a link or a device); choose another name.")
    if is_job(path):
        raise Refusal(f"{path} is a job; an export is never written over a job. Choose another name.")
    if not replace:
        raise Refusal(f"{path} is there already; choose another name, or say --force to replace it.")
    _check_folder(path)


@contextmanager
def new_whole(path: Path) -> Iterator[Path]:
    """Make a file under a name of its own beside `path`; when the block ends well it is given the name
    `path`, which must not exist, and is on disk. When it does not, nothing is left.

    Raises
    ------
    Refusal
        If something stands at `path` by then.
    """
    part = part_beside(path)
    try:
        yield part
        _to_disk(part)
        try:
            # A link is made or not, and never over something.
            os.link(part, path)
        except FileExistsError:
            raise Refusal(f"{path} is there already; choose another name.") from None
        except OSError:
            # No hard links here (a stick, a share).
            check_new(path)
            os.rename(part, path)
        _folder_to_disk(path)
    finally:
        for left in (part, part.with_name(part.name + "-journal")):
            with suppress(OSError):
                left.unlink()


def write_whole(path: Path, content: bytes | Iterable[bytes], replace: bool = False) -> None:
    """Write a file, of one piece or several, so that either the whole of it or what was there before stands
    under its name.

    Raises
    ------
    Refusal
        As `check_target`, or if the disk is full.
    """
    check_target(path, replace)
    part = part_beside(path)
    try:
        descriptor = os.open(part, os.O_WRONLY | os.O_CREAT | os.O_EXCL | os.O_CLOEXEC, 0o666)
        with os.fdopen(descriptor, "wb") as stream:
            for piece in (content,) if isinstance(content, bytes) else content:
                stream.write(piece)
            stream.flush()
            os.fsync(stream.fileno())
        check_target(path, replace)
        os.replace(part, path)
        _folder_to_disk(path)
    except OSError as error:
        raise Refusal(f"{path} cannot be written: {(error.strerror or str(error)).lower()}.") from None
    finally:
        with suppress(OSError):
            part.unlink()


def _folder_to_disk(path: Path) -> None:
    """Wait until the name of a file is on disk; not every kind of disk can be asked for that."""
    with suppress(OSError):
        _to_disk(path.parent)


def _to_disk(path: Path) -> None:
    """Wait until a file or folder is on disk."""
    descriptor = os.open(path, os.O_RDONLY)
    try:
        os.fsync(descriptor)
    finally:
        os.close(descriptor)
