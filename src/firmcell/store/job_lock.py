"""Who may write to a job file: a lock on the file itself, whatever name it was opened by.

Nothing lies beside the job: there is no second file that could be a link to something else, or be deleted.
"""

import errno
import fcntl
import os
import pwd
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path

from firmcell.store.part_names import drop_own_part

Identity = tuple[int, int]
"""Device and inode: what a file is, whatever its name."""


def identity_of(path: Path) -> Identity | None:
    """Return what stands at a path; None where nothing does."""
    try:
        about = os.stat(path)
    except OSError:
        return None
    return about.st_dev, about.st_ino


@dataclass
class Lock:
    """A hold on one file. It dies with the process."""

    descriptor: int

    @property
    def identity(self) -> Identity:
        """What is held."""
        about = os.fstat(self.descriptor)
        return about.st_dev, about.st_ino

    def where_now(self) -> Path | None:
        """Where the file that is held stands now, if anywhere."""
        if os.fstat(self.descriptor).st_nlink == 0:
            return None
        with suppress(OSError):
            path = Path(os.readlink(f"/proc/self/fd/{self.descriptor}"))
            if identity_of(path) == self.identity:
                return path
        return None

    def content(self) -> bytes:
        """The whole file that is held, also once it has no name any more."""
        size, at, parts = os.fstat(self.descriptor).st_size, 0, []
        while at < size:
            part = os.pread(self.descriptor, min(size - at, 1 << 24), at)
            if not part:
                break
            parts.append(part)
            at += len(part)
        return b"".join(parts)

    def release(self) -> None:
        """Let go of the file."""
        os.close(self.descriptor)


def try_to_hold(path: Path) -> tuple[str | None, Lock | None]:
    """Take the lock on the file at `path`, which is no link; otherwise say in words why it is read-only."""
    if not os.access(path, os.W_OK):
        return "the file is write-protected", None
    if not os.access(path.parent, os.W_OK):
        return "its folder is write-protected", None
    try:
        descriptor = os.open(path, os.O_RDWR | os.O_NOFOLLOW | os.O_CLOEXEC)
    except OSError as error:
        return f"it cannot be held for writing ({error.strerror})", None
    if os.fstat(descriptor).st_nlink > 1:
        drop_own_part(path)
    about = os.fstat(descriptor)
    if about.st_nlink > 1:
        os.close(descriptor)
        return (
            "it has a second name somewhere (a hard link, as backups make), and writing would change both; "
            "remove the other name or save a copy"
        ), None
    try:
        fcntl.flock(descriptor, fcntl.LOCK_EX | fcntl.LOCK_NB)
    except OSError as error:
        os.close(descriptor)
        if error.errno not in (errno.EWOULDBLOCK, errno.EACCES):
            return f"its disk takes no locks ({error.strerror}); save a copy on a disk of this machine", None
        return f"it is open elsewhere ({_holder(about) or 'unknown'})", None
    return None, Lock(descriptor)


def _holder(about: os.stat_result) -> str:
    """Who holds a file, by the system's own list: user and process."""
    place = f"{os.major(about.st_dev):02x}:{os.minor(about.st_dev):02x}:{about.st_ino}"
    with suppress(OSError, ValueError, IndexError):
        for line in Path("/proc/locks").read_text().splitlines():
            fields = line.split()
            if fields[1] == "FLOCK" and fields[5] == place:
                process = int(fields[4])
                with suppress(OSError, KeyError):
                    user = pwd.getpwuid(os.stat(f"/proc/{process}").st_uid).pw_name
                    return f"{user}, process {process}"
                return f"process {process}"
    return ""
