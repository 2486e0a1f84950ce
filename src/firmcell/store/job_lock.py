"""A lock beside a job file, so that one process writes to it at a time."""

import errno
import fcntl
import getpass
import os
import stat
from dataclasses import dataclass
from pathlib import Path


def here() -> str:
    """Who holds a file: user, machine and process."""
    try:
        user = getpass.getuser()
    except (KeyError, OSError):
        user = "somebody"
    return f"{user} on {os.uname().nodename}, process {os.getpid()}"


@dataclass
class Lock:
    """A lock beside the file that dies with the process; the file itself names the holder."""

    descriptor: int
    path: Path

    def release(self) -> None:
        """Let go of the file."""
        self.path.unlink(missing_ok=True)
        os.close(self.descriptor)


def lock_path(path: Path) -> Path:
    """Return where the lock of a job file lies."""
    return path.with_name(f".{path.name}.held")


def try_to_hold(path: Path) -> tuple[str | None, Lock | None]:
    """Take the lock; otherwise say in words why the file is read-only."""
    if not os.access(path, os.W_OK):
        return "the file is write-protected", None
    if not os.access(path.parent, os.W_OK):
        return "its folder is write-protected", None
    lock = lock_path(path)
    for _ in range(3):
        try:
            descriptor = os.open(lock, os.O_RDWR | os.O_CREAT | os.O_NOFOLLOW, 0o644)
        except OSError as error:
            if error.errno == errno.ELOOP:
                return f"its lock {lock.name} is a link to another file; remove the link", None
            return f"it cannot be held for writing ({error.strerror})", None
        # What is written over must be a lock of ours: a second name of some other file is not.
        about = os.fstat(descriptor)
        if not stat.S_ISREG(about.st_mode) or about.st_nlink > 1:
            os.close(descriptor)
            return f"its lock {lock.name} is another file by a second name; remove it", None
        try:
            fcntl.flock(descriptor, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            holder = os.read(descriptor, 200).decode(errors="replace").strip()
            os.close(descriptor)
            return f"it is open elsewhere ({holder or 'unknown'})", None
        # The holder before may have removed the name between our open and our lock; then it is no lock.
        try:
            ours = os.fstat(descriptor).st_ino == lock.stat().st_ino
        except FileNotFoundError:
            ours = False
        if ours:
            os.ftruncate(descriptor, 0)
            os.write(descriptor, here().encode())
            return None, Lock(descriptor, lock)
        os.close(descriptor)
    return "it is being opened and closed elsewhere", None
