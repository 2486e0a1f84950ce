"""Write the man page and the completions of shells from the parser."""

from firmcell import DATA
from firmcell.cli.manual import WRITTEN

for name, make in WRITTEN.items():
    path = DATA / name
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_text(make(), encoding="utf-8")
