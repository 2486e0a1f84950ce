"""What `verify` proves: each way to change a job after the fact is found and named."""

import json
import sqlite3
from hashlib import sha256

import pytest

from firmcell.__main__ import main
from firmcell.core.base.quantity import Frozen
from firmcell.core.records import events as events_module
from firmcell.core.records.events import GENESIS, Remark, TapReading
from firmcell.store import job_chain, workshop_key
from firmcell.store.job_file import JobFile
from firmcell.store.passport_seal import Seal, compared, read_seal, seal_of_head, seal_text
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS


@pytest.fixture
def filled(job, hoist):
    for n in range(4):
        job.append(TapReading(tap=n + 1, volts=3.5 * (n + 1)), "tap-voltages", "Wren")
    job.add_revision(hoist.edited("serial", "X-2"), "Tam")
    job.attach("sheet.pdf", "application/pdf", b"%PDF-1.7 a sheet")
    job.append(Remark(text="the last"))
    return job


def changed(job, *statements):
    """The job with its guards dropped, something done, and its guards put back as they were."""
    path = job.path
    job.close()
    db = sqlite3.connect(path, isolation_level=None)
    guards = db.execute("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'").fetchall()
    for name, _ in guards:
        db.execute(f"DROP TRIGGER {name}")
    for statement in statements:
        db.execute(*statement) if isinstance(statement, tuple) else db.execute(statement)
    for _, sql in guards:
        db.execute(sql)
    db.close()
    return JobFile.open(path)


WAYS = {
    "a reading": (
        "UPDATE events SET data = replace(data, '7.0', '7.1') WHERE seq = 2",
        "Record 2 was changed",
    ),
    "who recorded": ("UPDATE events SET person = 'Tam' WHERE seq = 1", "Record 1 was changed"),
    "a record out of the middle": ("DELETE FROM events WHERE seq = 2", "Record 2 is missing"),
    "the last record": ("DELETE FROM events WHERE seq = 5", "Record 5 was removed"),
    "a saved design": (
        "UPDATE revisions SET design = replace(design, 'X-2', 'X-3')",
        "Design revision 2 was changed",
    ),
    "when a design was saved": (
        "UPDATE revisions SET time = '2020' WHERE number = 1",
        "Design revision 1 was changed",
    ),
    "a design taken out": ("DELETE FROM revisions WHERE number = 1", "Design revision 1 was removed"),
    "a design put in": (
        "INSERT INTO revisions SELECT 9, time, person, note, design FROM revisions WHERE number = 1",
        "Design revision 9 was put in beside the chain",
    ),
    "a copy of a part": (
        "UPDATE parts SET part = replace(part, '5', '6') WHERE kind = 'cell'",
        "The copy of the part “cell:",
    ),
    "an attachment": ("UPDATE attachments SET content = x'00'", "Attachment 1 was changed"),
    "the name of an attachment": ("UPDATE attachments SET name = 'b'", "Attachment 1 was changed"),
    "an attachment taken out": ("DELETE FROM attachments", "Attachment 1 was removed"),
    "a link": (
        "UPDATE chain SET place = '2' WHERE kind = 'event' AND place = '3'",
        "of the chain (event 2) was changed",
    ),
    "a signature": (
        "UPDATE chain SET signature = replace(signature, substr(signature, 1, 8), '00000000') WHERE number = 3",
        "signature of link 3",
    ),
}


@pytest.mark.parametrize("way", WAYS)
def test_what_was_changed_after_the_fact_is_found_and_named(filled, way):
    assert filled.verify().fault is None
    statement, words = WAYS[way]
    with changed(filled, statement) as job:
        fault = job.verify().fault
        assert fault is not None
        assert words in fault


def test_a_link_of_a_kind_that_nobody_knows_is_named(filled):
    """As a later version, or somebody with the key, might add."""
    with filled._writing():
        job_chain.add_link(filled._db, "note", "7", "0" * 64)
    assert filled.verify().fault == "note 7 was removed."


def test_a_truncated_job_holds_by_itself_and_not_against_its_passport(filled):
    """The last record, its link and nothing else: the file alone cannot show it, the passport does."""
    head = filled.head()
    seal = Seal(head.number, head.hash, head.key, head.signature)
    with changed(
        filled, "DELETE FROM events WHERE seq = 5", f"DELETE FROM chain WHERE number = {head.number}"
    ) as job:
        assert job.verify().fault is None
        right, words = compared(job, seal)
        assert not right
        assert f"made at link {head.number}, and the file ends at link {head.number - 1}" in words
        assert not compared(job, seal_of_head(head.hash[:16]))[0]


def forged(job, key):
    """Everything written anew, hashes and all, by somebody with another key."""
    path = job.path
    job.close()
    db = sqlite3.connect(path, isolation_level=None)
    for (name,) in db.execute("SELECT name FROM sqlite_master WHERE type = 'trigger'").fetchall():
        db.execute(f"DROP TRIGGER {name}")
    db.execute("UPDATE events SET data = replace(data, '7.0', '7.4') WHERE seq = 2")
    prev = GENESIS
    for row in db.execute(
        "SELECT seq, time, person, instrument, step, revision, data FROM events ORDER BY seq"
    ).fetchall():
        own = sha256(json.dumps([*row, prev], ensure_ascii=False, separators=(",", ":")).encode()).hexdigest()
        db.execute("UPDATE events SET prev = ?, hash = ? WHERE seq = ?", (prev, own, row[0]))
        prev = own
    kinds = db.execute("SELECT kind, place, digest FROM chain ORDER BY number").fetchall()
    db.execute("DELETE FROM chain")
    real, job_chain.workshop_key = job_chain.workshop_key, lambda: key
    try:
        for kind, place, digest in kinds:
            if kind == "event":
                job_chain.add_row(db, "event", int(place))
            else:
                job_chain.add_link(db, kind, place, digest)
    finally:
        job_chain.workshop_key = real
    for statements in MIGRATIONS:
        for statement in statements:
            if "TRIGGER" in statement:
                db.execute(statement)
    db.close()
    return JobFile.open(path)


def test_a_job_forged_and_hashed_anew_shows_by_key_and_passport(filled):
    from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PrivateKey

    head = filled.head()
    with forged(filled, workshop_key.WorkshopKey(Ed25519PrivateKey.generate())) as job:
        told = job.verify()
        assert told.fault is None, "it is whole by itself"
        assert "which is not this workshop's" in job_chain.signers_words(told)
        right, words = compared(job, Seal(head.number, head.hash, head.key, head.signature))
        assert not right
        assert "was written anew" in words


def test_with_the_same_key_the_passport_still_shows_it(filled):
    head = filled.head()
    with forged(filled, workshop_key.workshop_key()) as job:
        assert job.verify().fault is None
        assert not compared(job, Seal(head.number, head.hash))[0]


def test_a_passport_is_held_against_its_job(filled, tmp_path, capsys):
    path = filled.path
    filled.close()
    for kind in ("pdf", "html"):
        paper = tmp_path / f"passport.{kind}"
        assert main(["export", str(path), "--to", kind, str(paper)]) == 0
        capsys.readouterr()
        assert main(["verify", str(path), "--passport", str(paper)]) == 0
        assert "It is the job of this passport" in capsys.readouterr().out
    seal = read_seal(tmp_path / "passport.pdf")
    assert seal.signature
    with JobFile.open(path) as job:
        job.append(Remark(text="afterwards"))
    assert main(["verify", str(path), "--head", f"{seal.hash[:8]} {seal.hash[8:16]}"]) == 0
    assert "1 link came since" in capsys.readouterr().out
    assert main(["verify", str(path), "--head", "0123456789abcdef"]) == 1
    assert "No link of this job's chain begins so" in capsys.readouterr().err
    assert main(["verify", str(path), "--head", "xyz"]) == 3
    assert "is no head of a chain" in capsys.readouterr().err
    (tmp_path / "other.pdf").write_bytes(b"%PDF-1.7 nonsense")
    assert main(["verify", str(path), "--passport", str(tmp_path / "other.pdf")]) == 3


def test_a_passport_with_a_forged_signature_is_told(filled):
    head = filled.head()
    right, words = compared(filled, Seal(head.number, head.hash, head.key, "00" * 64))
    assert not right
    assert "forged" in words


def test_the_qr_code_holds_link_hash_key_and_signature(filled):
    head = filled.head()
    text = seal_text(head)
    assert len(text) < 300
    assert workshop_key.signed_by(head.key, head.signature, head.hash)
    assert f"firmcell-chain {head.number} {head.hash}" in text


def test_a_new_field_with_a_default_breaks_no_chain(filled, monkeypatch):
    """A later version adds a field to a kind of record: what is hashed is the text that is stored."""

    class TapReadingOfTomorrow(TapReading):
        humidity: float = 0.5

    assert issubclass(TapReadingOfTomorrow, Frozen)
    monkeypatch.setitem(events_module.RECORD_KINDS, "tap reading", TapReadingOfTomorrow)
    kinds = {kind: model for kind, model in events_module.RECORD_KINDS.items() if model is TapReading}
    for kind in kinds:
        monkeypatch.setitem(events_module.RECORD_KINDS, kind, TapReadingOfTomorrow)
    assert any(isinstance(e.data, TapReadingOfTomorrow) for e in filled.events())
    assert filled.verify().fault is None


@pytest.mark.parametrize("version", [1, 2])
def test_a_file_of_0_1_is_brought_up_and_says_from_where_on_it_is_covered(tmp_path, hoist, version):
    path = tmp_path / "old.firmcell"
    db = sqlite3.connect(path, isolation_level=None)
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    for statements in MIGRATIONS[:version]:
        for statement in statements:
            db.execute(statement)
    db.execute(f"PRAGMA user_version = {version}")
    db.execute(
        "INSERT INTO revisions (time, person, note, design) VALUES ('2026-01-01', 'Wren', 'begun', ?)",
        (hoist.model_dump_json(),),
    )
    db.execute("PRAGMA journal_mode = WAL")
    db.close()
    with JobFile.open(path, read_only=True) as job:
        told = job.verify()
        assert told.head is None
        assert "nothing but the records is covered" in told.began
    with JobFile.open(path) as job:
        told = job.verify()
        assert told.fault is None
        assert told.began.startswith(f"taken over from file version {version}")
        assert [link.kind for link in job.links()][:2] == ["taken over", "revision"]
    with changed(JobFile.open(path), "UPDATE revisions SET person = 'Tam'") as job:
        assert "Design revision 1 was changed" in job.verify().fault


def test_without_a_place_for_a_key_records_are_kept_unsigned_and_that_is_said(tmp_path, hoist, monkeypatch):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "file"))
    (tmp_path / "file").write_text("no folder")
    with JobFile.create(tmp_path / "a.firmcell", hoist) as job:
        job.append(Remark(text="x"))
        told = job.verify()
        assert told.fault is None
        assert "not signed" in job_chain.signers_words(told)


def test_the_key_is_made_once_and_only_its_owner_reads_it(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path))
    first = workshop_key.workshop_key()
    path = workshop_key.key_path()
    assert path.stat().st_mode & 0o777 == 0o600
    workshop_key._key_at.cache_clear()
    assert workshop_key.workshop_key().public == first.public
    assert [p.name for p in path.parent.iterdir()] == [path.name]
