"""A real PostgreSQL, started by the tests on a free port in a temporary folder, as an ordinary user."""

import os
import pwd
import shutil
import socket
import subprocess
import tempfile
from pathlib import Path

PASSWORD = "hay loft"
ORDINARY = "nobody"
BIN = max(Path("/usr/lib/postgresql").glob("*/bin/initdb"), default=None)


class Postgres:
    """A server that can be stopped, pulled out and started again; its databases are made on demand."""

    def __init__(self) -> None:
        assert BIN is not None
        self.bin = BIN.parent
        self.folder = Path(tempfile.mkdtemp(prefix="firmcell-pg-"))
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = free.getsockname()[1]
        self.ordinary = {}
        if os.geteuid() == 0:
            user = pwd.getpwnam(ORDINARY)
            os.chown(self.folder, user.pw_uid, user.pw_gid)
            self.ordinary = {"user": user.pw_uid, "group": user.pw_gid, "extra_groups": []}
        word = self.folder / "word"
        word.write_text(PASSWORD)
        word.chmod(0o644)
        self.data = self.folder / "data"
        self._run(
            "initdb",
            "-D",
            self.data,
            "-U",
            "bench",
            "-A",
            "scram-sha-256",
            "--pwfile",
            word,
            "-E",
            "UTF8",
            "--locale=C",
        )
        self.start()

    def _run(self, name: str, *arguments: object) -> None:
        done = subprocess.run(
            [str(self.bin / name), *map(str, arguments)],
            cwd=self.folder,
            capture_output=True,
            text=True,
            timeout=120,
            check=False,
            env={"LC_ALL": "C", "PATH": "/usr/bin:/bin", "PGPASSWORD": PASSWORD},
            **self.ordinary,
        )
        assert done.returncode == 0, done.stdout + done.stderr

    def start(self) -> None:
        options = f"-p {self.port} -k {self.folder} -c listen_addresses=127.0.0.1"
        self._run("pg_ctl", "-D", self.data, "-w", "-l", self.folder / "log", "-o", options, "start")

    def stop(self, how: str = "fast") -> None:
        """`immediate` is what a pulled plug does."""
        self._run("pg_ctl", "-D", self.data, "-w", "-m", how, "stop")

    def make(self, name: str, like: str = "template1") -> str:
        """Make a database, and return the address of a register in it."""
        self._run("createdb", "-h", "127.0.0.1", "-p", self.port, "-U", "bench", "-T", like, name)
        return self.address(name)

    def drop(self, name: str) -> None:
        self._run("dropdb", "-f", "-h", "127.0.0.1", "-p", self.port, "-U", "bench", name)

    def address(self, name: str, password: str = PASSWORD) -> str:
        return f"postgresql+psycopg://bench:{password.replace(' ', '%20')}@127.0.0.1:{self.port}/{name}"

    def end(self) -> None:
        self.stop("immediate")
        shutil.rmtree(self.folder, ignore_errors=True)
