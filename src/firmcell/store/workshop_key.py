"""The workshop's key: made at first use, kept in the user's data folder, signs what is recorded there.

A signature shows by whose key a record was written, and that nobody without that key wrote it. It does not
show who sat at the bench, nor that the clock was right; see docs/reliability.md.
"""

import os
from contextlib import suppress
from functools import cache
from pathlib import Path
from typing import TYPE_CHECKING

import platformdirs

if TYPE_CHECKING:
    from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PrivateKey

KEY_FILE = "workshop-key.pem"


def key_path() -> Path:
    """Return where the key lies."""
    return Path(platformdirs.user_data_dir("firm-cell")) / KEY_FILE


class WorkshopKey:
    """A private key, and its public one as 64 hex digits."""

    def __init__(self, private: "Ed25519PrivateKey") -> None:
        self._private = private
        self.public = private.public_key().public_bytes_raw().hex()

    def sign(self, text: str) -> str:
        """Return the signature of a text, as 128 hex digits."""
        return self._private.sign(text.encode()).hex()


def workshop_key() -> WorkshopKey | None:
    """Return the key of this workshop, made if there is none; None where it can be neither read nor kept."""
    return _key_at(key_path())


@cache
def _key_at(path: Path) -> WorkshopKey | None:
    # Imported here: signing takes a thirtieth of a second to load, and no start writes.
    from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PrivateKey
    from cryptography.hazmat.primitives.serialization import load_pem_private_key

    try:
        if not path.exists():
            _make(path)
        found = load_pem_private_key(path.read_bytes(), None)
    except (OSError, ValueError, TypeError):
        return None
    return WorkshopKey(found) if isinstance(found, Ed25519PrivateKey) else None


def _make(path: Path) -> None:
    """Make a key that only this user can read; of two programs that do so at once, one wins."""
    from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PrivateKey
    from cryptography.hazmat.primitives.serialization import Encoding, NoEncryption, PrivateFormat

    path.parent.mkdir(parents=True, exist_ok=True)
    text = Ed25519PrivateKey.generate().private_bytes(Encoding.PEM, PrivateFormat.PKCS8, NoEncryption())
    part = path.with_name(f".{path.name}.{os.getpid()}.part")
    descriptor = os.open(part, os.O_WRONLY | os.O_CREAT | os.O_EXCL, 0o600)
    try:
        with os.fdopen(descriptor, "wb") as stream:
            stream.write(text)
            stream.flush()
            os.fsync(stream.fileno())
        with suppress(FileExistsError):
            os.link(part, path)
    finally:
        part.unlink(missing_ok=True)


def signed_by(public: str, signature: str, text: str) -> bool:
    """Return whether a signature of `text` is by the key with this public half."""
    from cryptography.exceptions import InvalidSignature
    from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PublicKey

    try:
        Ed25519PublicKey.from_public_bytes(bytes.fromhex(public)).verify(
            bytes.fromhex(signature), text.encode()
        )
    except (ValueError, InvalidSignature):
        return False
    return True
