"""The tables of a job file; see docs/file-format.md. A migration is a list of statements and is never edited
later."""

APPLICATION_ID = 0x46434C31
"""“FCL1”, in the header of every job file."""

_FIRST = (
    """CREATE TABLE revisions (
        number INTEGER PRIMARY KEY AUTOINCREMENT,
        time TEXT NOT NULL, person TEXT NOT NULL, note TEXT NOT NULL, design TEXT NOT NULL) STRICT""",
    """CREATE TABLE events (
        seq INTEGER PRIMARY KEY,
        time TEXT NOT NULL, person TEXT NOT NULL, instrument TEXT NOT NULL, step TEXT NOT NULL,
        revision INTEGER NOT NULL, data TEXT NOT NULL, prev TEXT NOT NULL, hash TEXT NOT NULL UNIQUE) STRICT""",
    """CREATE TABLE parts (
        kind TEXT NOT NULL, name TEXT NOT NULL, part TEXT NOT NULL, PRIMARY KEY (kind, name)) STRICT""",
    *(
        f"""CREATE TRIGGER {table}_no_{verb.lower()} BEFORE {verb} ON {table}
            BEGIN SELECT RAISE(ABORT, '{table} are never changed'); END"""
        for table in ("events", "revisions")
        for verb in ("UPDATE", "DELETE")
    ),
)
_ATTACHMENTS = (
    """CREATE TABLE attachments (
        number INTEGER PRIMARY KEY AUTOINCREMENT,
        name TEXT NOT NULL, media_type TEXT NOT NULL, time TEXT NOT NULL, content BLOB NOT NULL) STRICT""",
)

_CHAIN = (
    """CREATE TABLE chain (
        number INTEGER PRIMARY KEY,
        kind TEXT NOT NULL, place TEXT NOT NULL, digest TEXT NOT NULL, prev TEXT NOT NULL,
        hash TEXT NOT NULL UNIQUE, key TEXT NOT NULL, signature TEXT NOT NULL) STRICT""",
    *(
        f"""CREATE TRIGGER {table}_no_{verb.lower()} BEFORE {verb} ON {table}
            BEGIN SELECT RAISE(ABORT, '{table} are never changed'); END"""
        for table in ("attachments", "chain")
        for verb in ("UPDATE", "DELETE")
    ),
)

MIGRATIONS: tuple[tuple[str, ...], ...] = (_FIRST, _ATTACHMENTS, _CHAIN)
SCHEMA_VERSION = len(MIGRATIONS)
