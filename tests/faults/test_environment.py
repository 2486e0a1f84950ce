"""A machine that is not as it should be: one sentence each, and what was done is saved."""

import os
import resource
import signal
import socket
import sqlite3
import subprocess
import sys
import time

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.store.job_faults import told
from firmcell.store.job_file import JobFile
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS
from tests.faults.rounds import rounds

PROGRAM = [sys.executable, "-m", "firmcell"]


def run(*arguments, env=None, before=None, **more):
    """Run the program; nothing of this machine's display reaches it unless told."""
    plain = {
        k: v for k, v in os.environ.items() if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")
    }
    return subprocess.run(
        [*PROGRAM, *map(str, arguments)],
        env={**plain, **(env or {})},
        capture_output=True,
        text=True,
        preexec_fn=before,
        timeout=120,
        check=False,
        **more,
    )


def one_sentence(done):
    """That it ended with one plain sentence on the error output."""
    assert done.returncode not in (0, -6, 134), done
    assert "Traceback" not in done.stderr
    assert done.stderr.startswith("firm-cell: ")
    assert len(done.stderr.strip().splitlines()) == 1, done.stderr


def no_room(most):
    """No file may grow beyond this, as on a full disk."""

    def limit():
        signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
        resource.setrlimit(resource.RLIMIT_FSIZE, (most, most))

    return limit


def test_a_full_disk_is_not_called_damage(job, tmp_path):
    path = job.path
    job.close()
    before = path.read_bytes()
    done = run("export", path, "--to", "json", tmp_path / "out.json", before=no_room(4096))
    one_sentence(done)
    assert "cannot be written" in done.stderr
    assert not (tmp_path / "out.json").exists()
    assert path.read_bytes() == before
    assert [p.name for p in tmp_path.iterdir()] == [path.name]
    for code, words in (
        (sqlite3.SQLITE_FULL, "cannot be read"),
        (sqlite3.SQLITE_IOERR, "cannot be read"),
        (sqlite3.SQLITE_CORRUPT, "is damaged"),
    ):
        error = sqlite3.DatabaseError("x")
        error.sqlite_errorcode = code
        with pytest.raises(Refusal, match=words), told(path, "is damaged"):
            raise error


def test_an_old_file_that_there_is_no_room_to_bring_up_is_read(tmp_path, hoist):
    path = tmp_path / "old.firmcell"
    db = sqlite3.connect(path, isolation_level=None)
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    for statement in MIGRATIONS[0]:
        db.execute(statement)
    for n in range(40):
        db.execute(
            "INSERT INTO revisions (time, person, note, design) VALUES (?, '', '', ?)",
            (str(n), hoist.model_dump_json()),
        )
    db.execute("PRAGMA user_version = 1")
    db.close()
    size, before = path.stat().st_size, path.read_bytes()
    code = (
        "import sys; from pathlib import Path; from firmcell.store.job_file import JobFile\n"
        "job = JobFile.open(Path(sys.argv[1])); print(job.read_only_because); print(len(job.revisions()))"
    )
    done = subprocess.run(
        [sys.executable, "-c", code, str(path)],
        capture_output=True,
        text=True,
        preexec_fn=no_room(size),
        check=True,
    )
    assert "could not be brought up" in done.stdout
    assert done.stdout.splitlines()[1] == "40"
    assert path.read_bytes() == before
    with JobFile.open(path) as later:
        assert later.verify().fault is None


def test_without_a_home_folder_commands_work_and_the_window_opens(job, tmp_path):
    path = job.path
    job.close()
    nowhere = {"HOME": "/nonexistent/home", "QT_QPA_PLATFORM": "offscreen", "FIRMCELL_QUIT_WHEN_PAINTED": "1"}
    nowhere |= {f"XDG_{n}_HOME": "/nonexistent/home/x" for n in ("DATA", "CONFIG", "CACHE", "STATE")}
    if os.geteuid() == 0:
        # Root may make any folder; not under a file.
        nowhere = {k: v.replace("/nonexistent", str(path)) for k, v in nowhere.items()}
    assert run("taps", path, env=nowhere).returncode == 1
    assert run("verify", path, env=nowhere).returncode == 0
    done = run(path, env=nowhere)
    assert done.returncode == 0, done.stderr
    assert "Traceback" not in done.stderr
    one_sentence(run("--demo", env=nowhere))


def test_a_display_that_is_dead_is_told(tmp_path):
    one_sentence(run("--demo", env={}))
    one_sentence(run("--demo", env={"DISPLAY": ":987"}))
    number = next(n for n in range(900, 999) if not os.path.exists(f"/tmp/.X11-unix/X{n}"))
    place = f"/tmp/.X11-unix/X{number}"
    os.makedirs("/tmp/.X11-unix", exist_ok=True)
    # What a server leaves that died: its name, and nobody who answers.
    with socket.socket(socket.AF_UNIX) as dead:
        dead.bind(place)
    try:
        done = run("--demo", env={"DISPLAY": f":{number}"})
    finally:
        os.unlink(place)
    one_sentence(done)
    assert "no X server answers" in done.stderr


@pytest.mark.parametrize(
    "env",
    [
        {"PYTHONIOENCODING": "ascii", "LANG": "xx_XX.nonsense"},
        {"LC_ALL": "C", "PYTHONUTF8": "0", "PYTHONCOERCECLOCALE": "0"},
        {"LC_ALL": "tr_TR.UTF-8"},
    ],
)
def test_any_locale_and_any_output_will_do(job, env):
    path = job.path
    job.close()
    for command in (("analyse", path), ("log", path)):
        done = run(*command, env=env)
        assert "Traceback" not in done.stderr, done.stderr
        assert done.returncode in (0, 1)
    window = run(path, env={**env, "QT_QPA_PLATFORM": "offscreen", "FIRMCELL_QUIT_WHEN_PAINTED": "1"})
    assert window.returncode == 0, window.stderr


OPENS = """
import os, signal, sys
from pathlib import Path
from PySide6.QtCore import QTimer
import firmcell.app.main_window as main_window
from firmcell.app.start import run_window
real = main_window.MainWindow.show
def show(window):
    real(window)
    def edit():
        window.session.edit("serial", "AT THE LAST MOMENT", "serial")
        assert window.session.dirty
        os.kill(os.getpid(), getattr(signal, sys.argv[2]))
    QTimer.singleShot(200, edit)
main_window.MainWindow.show = show
sys.exit(run_window(Path(sys.argv[1]), None))
"""


@pytest.mark.parametrize("name", ["SIGTERM", "SIGHUP", "SIGINT"])
def test_told_to_end_it_saves_at_once_and_ends(job, tmp_path, name):
    path = job.path
    job.close()
    env = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "XDG_STATE_HOME": str(tmp_path / "state")}
    began = time.monotonic()
    done = subprocess.run(
        [sys.executable, "-c", OPENS, str(path), name],
        env=env,
        capture_output=True,
        text=True,
        timeout=60,
        check=False,
    )
    assert done.returncode == 128 + getattr(signal, name), done.stderr
    assert time.monotonic() - began < 30
    with JobFile.open(path) as again:
        assert again.read_only_because is None
        assert again.latest().design().serial == "AT THE LAST MOMENT"
    log = (tmp_path / "state" / "firm-cell" / "log.txt").read_text()
    assert f"ended by {name}, saved: True" in log


def test_a_command_interrupted_from_the_keyboard_says_so():
    code = (
        "import firmcell.cli.main as m\n"
        "def stop(_): raise KeyboardInterrupt\n"
        "m._run = stop\n"
        "import sys; sys.exit(m.main(['x']))"
    )
    done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=False)
    assert (done.returncode, done.stderr) == (130, "firm-cell: interrupted\n")


EXPORTS = """
import sys
from pathlib import Path
from firmcell.cli.main import main
assert main(["export", sys.argv[1], "--to", "json", sys.argv[2]]) == 0
assert main(["verify", sys.argv[1]]) == 0
peak = next(line for line in Path("/proc/self/status").read_text().splitlines() if line.startswith("VmHWM"))
print(int(peak.split()[1]) // 1024)
"""


def test_many_attachments_are_exported_as_a_stream(job, tmp_path):
    count = rounds(60, 200)
    for n in range(count):
        job.attach(f"{n}.bin", "application/octet-stream", os.urandom(1_000_000))
    path = job.path
    job.close()
    done = subprocess.run(
        [sys.executable, "-c", EXPORTS, str(path), str(tmp_path / "out.json")],
        capture_output=True,
        text=True,
        check=True,
    )
    assert (tmp_path / "out.json").stat().st_size > count * 1_333_000
    assert int(done.stdout.split()[-1]) < 180, "MB at most, whatever the number"
