"""One chain over everything in a job: records, saved designs, copies of parts, attachments.

Each link holds the SHA-256 of a row as its text is stored, and that of the link before; it is signed with the
workshop's key. A field that a later version of the program adds changes no stored text, and so no link.
"""

import hashlib
import json
import sqlite3
from collections import Counter
from collections.abc import Iterator, Sequence
from datetime import datetime

from firmcell import __version__
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import plural
from firmcell.core.records.events import GENESIS, event_hash
from firmcell.store.workshop_key import signed_by, workshop_key

BEGUN, TAKEN, IMPORTED = "begun", "taken over", "imported"
MARKS = (BEGUN, TAKEN, IMPORTED)
"""Links that stand for no row: how the chain began."""
ROWS = {
    "event": "SELECT seq, time, person, instrument, step, revision, data, prev, hash FROM events",
    "revision": "SELECT number, time, person, note, design FROM revisions",
    "part": "SELECT kind, name, part FROM parts",
    "attachment": "SELECT number, name, media_type, time, content FROM attachments",
}
WHERE = {"event": "seq", "revision": "number", "attachment": "number"}


@frozen
class Link:
    """One link.

    Attributes
    ----------
    number : from 1.
    kind, place : of which row: event, revision, part or attachment, and its number or name; or how the chain
        began.
    digest : SHA-256 of the row.
    prev, hash : of the link before, and of this one.
    key, signature : public key and signature of `hash`, hex; empty where there was no key.
    """

    number: int
    kind: str
    place: str
    digest: str
    prev: str
    hash: str
    key: str
    signature: str


@frozen
class Verified:
    """What looking over a chain says.

    Attributes
    ----------
    fault : what is wrong, in a sentence; None if all holds.
    head : the last link, or None in a file of version 0.2 or before.
    began : how it began, in words: from where on everything is covered.
    signers : of each public key, how many links; "" are unsigned.
    """

    fault: str | None
    head: Link | None
    began: str
    signers: dict[str, int]


def _now() -> str:
    return datetime.now().astimezone().isoformat(timespec="seconds")


def begin_chain(db: sqlite3.Connection) -> None:
    """Make the first link of a new file."""
    add_link(db, BEGUN, f"Firm Cell {__version__}, {_now()}", "")


def take_into_chain(db: sqlite3.Connection, version: int) -> None:
    """Take all that an older file holds into a chain of its own: it is covered from now on."""
    add_link(db, TAKEN, f"from file version {version} by Firm Cell {__version__}, {_now()}", "")
    add_all(db)


def keep_or_begin(db: sqlite3.Connection, links: Sequence[Link]) -> None:
    """Put the chain of an exchanged job beside its rows, in the transaction that is open; where it is not
    whole, or does not stand for them as they are stored now, begin a new one that names where it ended."""
    db.execute("SAVEPOINT chain_as_given")
    for link in links:
        db.execute(
            "INSERT OR IGNORE INTO chain (number, kind, place, digest, prev, hash, key, signature)"
            " VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
            (link.number, link.kind, link.place, link.digest, link.prev, link.hash, link.key, link.signature),
        )
    if not links or verified(db).fault:
        db.execute("ROLLBACK TO chain_as_given")
        former = links[-1].hash if links else "nowhere"
        add_link(db, IMPORTED, f"by Firm Cell {__version__}, {_now()}; its chain ended {former}", "")
        add_all(db)
    db.execute("RELEASE chain_as_given")


def add_all(db: sqlite3.Connection) -> None:
    """Make a link for every row that is there."""
    for kind in ROWS:
        for place, digest in _rows(db, kind):
            add_link(db, kind, place, digest)


def add_row(db: sqlite3.Connection, kind: str, place: int | tuple[str, str]) -> None:
    """Make a link for a row that was just written."""
    if isinstance(place, tuple):
        row = db.execute(f"{ROWS[kind]} WHERE kind = ? AND name = ?", place).fetchone()
    else:
        row = db.execute(f"{ROWS[kind]} WHERE {WHERE[kind]} = ?", (place,)).fetchone()
    add_link(db, kind, _place(kind, row), _digest(row))


def add_link(db: sqlite3.Connection, kind: str, place: str, digest: str) -> None:
    """Make a link, in the transaction that is open."""
    last = db.execute("SELECT number, hash FROM chain ORDER BY number DESC LIMIT 1").fetchone()
    number, prev = (last[0] + 1, last[1]) if last else (1, GENESIS)
    found = _link_hash(number, kind, place, digest, prev)
    key = workshop_key()
    signed = (key.public, key.sign(found)) if key else ("", "")
    db.execute(
        "INSERT INTO chain (number, kind, place, digest, prev, hash, key, signature) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
        (number, kind, place, digest, prev, found, *signed),
    )


def has_table(db: sqlite3.Connection, name: str) -> bool:
    """Return whether a file has a table; those of older versions have fewer."""
    found = db.execute("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?", (name,)).fetchone()
    return found is not None


def has_chain(db: sqlite3.Connection) -> bool:
    """Return whether a file has a chain over everything."""
    return has_table(db, "chain")


def links_of(db: sqlite3.Connection) -> list[Link]:
    """Return the whole chain."""
    return [Link(*row) for row in db.execute(f"{_LINKS} ORDER BY number")] if has_chain(db) else []


def head_of(db: sqlite3.Connection) -> Link | None:
    """Return the last link; None in a file of version 0.2 or before."""
    if not has_chain(db):
        return None
    row = db.execute(f"{_LINKS} ORDER BY number DESC LIMIT 1").fetchone()
    return Link(*row) if row else None


def link_at(db: sqlite3.Connection, number: int) -> Link | None:
    """Return the link of a number, if there is one."""
    row = db.execute(f"{_LINKS} WHERE number = ?", (number,)).fetchone() if has_chain(db) else None
    return Link(*row) if row else None


def link_with(db: sqlite3.Connection, beginning: str) -> Link | None:
    """Return the link whose hash begins so, if there is one."""
    if not has_chain(db):
        return None
    row = db.execute(f"{_LINKS} WHERE substr(hash, 1, ?) = ?", (len(beginning), beginning)).fetchone()
    return Link(*row) if row else None


def verified(db: sqlite3.Connection, signatures: bool = True) -> Verified:
    """Look over everything that a job holds, as it is stored.

    Parameters
    ----------
    db : sqlite3.Connection
    signatures : bool
        Whether each signature is looked at, a tenth of a millisecond each. The last one is in any case, and
        it vouches for all before it.
    """
    fault = _broken_record(db)
    if not has_chain(db):
        return Verified(
            fault, None, "nothing but the records is covered: the file is of version 0.2 or before", {}
        )
    links = links_of(db)
    signers = Counter(link.key for link in links)
    fault = fault or _broken_link(links, signatures) or _changed_row(db, links)
    first = links[0] if links else None
    began = f"{first.kind} {first.place}" if first else "no link at all"
    return Verified(fault, links[-1] if links else None, began, dict(signers))


_LINKS = "SELECT number, kind, place, digest, prev, hash, key, signature FROM chain"


def _link_hash(number: int, kind: str, place: str, digest: str, prev: str) -> str:
    return _sha(
        json.dumps([number, kind, place, digest, prev], ensure_ascii=False, separators=(",", ":")).encode()
    )


def _sha(content: bytes) -> str:
    return hashlib.sha256(content).hexdigest()


def _digest(row: Sequence[object]) -> str:
    """Of a row as it is stored; contents of attachments by their own digest."""
    plain = [_sha(value) if isinstance(value, bytes) else value for value in row]
    return _sha(json.dumps(plain, ensure_ascii=False, separators=(",", ":")).encode())


def _place(kind: str, row: Sequence[object]) -> str:
    return f"{row[0]}: {row[1]}" if kind == "part" else str(row[0])


def _rows(db: sqlite3.Connection, kind: str) -> Iterator[tuple[str, str]]:
    order = "kind, name" if kind == "part" else WHERE[kind]
    if not has_table(db, f"{kind}s"):
        return
    rows = (
        _one_by_one(db) if kind == "attachment" else db.execute(f"{ROWS[kind]} ORDER BY {order}").fetchall()
    )
    for row in rows:
        yield _place(kind, row), _digest(row)


def _one_by_one(db: sqlite3.Connection) -> Iterator[tuple[object, ...]]:
    """Attachments, of which there may be more than memory holds."""
    for (number,) in db.execute("SELECT number FROM attachments ORDER BY number").fetchall():
        yield db.execute(f"{ROWS['attachment']} WHERE number = ?", (number,)).fetchone()


def _broken_record(db: sqlite3.Connection) -> str | None:
    """The first record that does not follow from the one before, by the text that is stored."""
    prev = GENESIS
    for expected, row in enumerate(db.execute(f"{ROWS['event']} ORDER BY seq"), start=1):
        seq, time, person, instrument, step, revision, data, before, own = row
        if seq != expected:
            return f"Record {expected} is missing; the log jumps to {seq}."
        if before != prev:
            return f"Record {seq} does not follow record {seq - 1}: one of them was changed or removed."
        if event_hash(seq, time, person, instrument, step, revision, data, before) != own:
            return f"Record {seq} was changed after it was written."
        prev = own
    return None


def _broken_link(links: Sequence[Link], signatures: bool) -> str | None:
    prev = GENESIS
    for expected, link in enumerate(links, start=1):
        if link.number != expected:
            return f"Link {expected} of the chain is missing; it jumps to {link.number}."
        if (
            link.prev != prev
            or _link_hash(link.number, link.kind, link.place, link.digest, prev) != link.hash
        ):
            return (
                f"Link {link.number} of the chain ({link.kind} {link.place}) was changed after it was made."
            )
        if (
            (signatures or link is links[-1])
            and link.key
            and not signed_by(link.key, link.signature, link.hash)
        ):
            return f"The signature of link {link.number} ({link.kind} {link.place}) is not by the key that it names."
        if not link.key and link.signature:
            return f"Link {link.number} has a signature without a key."
        prev = link.hash
    if links and links[0].kind not in MARKS:
        return "The chain does not begin with how it began."
    return None


NAMES = {
    "event": "Record {}",
    "revision": "Design revision {}",
    "part": "The copy of the part “{}”",
    "attachment": "Attachment {}",
}


def _changed_row(db: sqlite3.Connection, links: Sequence[Link]) -> str | None:
    """The first row that is not as its last link says, is gone, or came in beside the chain."""
    last = {(link.kind, link.place): link.digest for link in links if link.kind not in MARKS}
    seen = set()
    for kind in ROWS:
        for place, digest in _rows(db, kind):
            seen.add((kind, place))
            name = NAMES[kind].format(place)
            if (kind, place) not in last:
                return f"{name} was put in beside the chain."
            if last[kind, place] != digest:
                return f"{name} was changed after it was written."
    gone = next((at for at in last if at not in seen), None)
    # A kind that this version does not know is named all the same.
    return f"{NAMES.get(gone[0], gone[0] + ' {}').format(gone[1])} was removed." if gone else None


def signers_words(told: Verified) -> str:
    """Return by whose keys the links are signed, in words."""
    own = workshop_key()
    parts = []
    for key, count in sorted(told.signers.items(), key=lambda item: -item[1]):
        if not key:
            parts.append(f"{plural(count, 'link')} not signed")
        elif own and key == own.public:
            parts.append(f"{plural(count, 'link')} signed by this workshop's key {key[:16]}")
        else:
            parts.append(
                f"{plural(count, 'link')} signed by the key {key[:16]}, which is not this workshop's"
            )
    return "; ".join(parts)
