"""Parts to have at hand on the Bench page, and their list as a file."""

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFileDialog, QHBoxLayout

from firmcell.app.language.edge import language
from firmcell.app.language.spoken import tongue_of
from firmcell.app.session import guarded
from firmcell.core.jobs.parts_list import PartLine, parts_list, priced

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage
    from firmcell.core.stock.things import PartInStock


class PartsSection:
    """What the job is built of: how much, how much to have at hand, how it is cut."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        page.section("Parts to have at hand")
        self.list = page.table(
            ("Part", "Have", "In stock", "Cut"), "Parts to have at hand, with spares", wide=3
        )
        self.cost = page.text("")
        self._of: tuple[object, ...] = ()
        row = QHBoxLayout()
        row.addStretch(1)
        tip = "What to buy and to lay out, with cut lengths and spares, and room for prices"
        row.addWidget(page.button("Parts l&ist, CSV or PDF…", self.choose, tip))
        page.body.addLayout(row)

    def fill(self) -> None:
        """Show the parts of the design as it is."""
        s = self.session
        of = (s.design, s.analysis, s.steps, s.parts_there)
        if len(self._of) == len(of) and all(a is b for a, b in zip(of, self._of, strict=True)):
            return
        self._of = of
        lines = parts_list(s.design, s.analysis, s.steps)
        there = _in_stock(lines, s.parts_there)
        self.list.set_rows(
            [
                (
                    f"part:{n}",
                    (
                        line.name,
                        line.with_spare + _cost(line),
                        there[n],
                        line.cut,
                    ),
                )
                for n, line in enumerate(lines)
            ]
        )
        told = priced(lines)
        self.cost.setText(f"Together {told}." if told else "")
        self.cost.setVisible(bool(told))

    def choose(self) -> None:
        """Ask where, and write the list."""
        start = str(self.session.path.with_name(f"{self.session.path.stem}-parts.csv"))
        name, _ = QFileDialog.getSaveFileName(
            self.page, "Write the parts list", start, "Table (*.csv);;Paper (*.pdf)"
        )
        if name:
            self.write(Path(name))

    def write(self, path: Path) -> bool:
        """Write the list to a file; the dialog has asked whether one that is there is replaced."""
        # Loaded when first wanted.
        from firmcell.store.csv_tables import parts_csv
        from firmcell.store.parts_pdf import parts_pdf
        from firmcell.store.whole_files import write_whole

        s = self.session
        lines = parts_list(s.design, s.analysis, s.steps)
        on_paper = path.suffix.lower() == ".pdf"
        content = (
            parts_pdf(s.design.brief.title, lines, tongue_of(language()))
            if on_paper
            else parts_csv(lines).encode()
        )
        return guarded(lambda: write_whole(path, content, replace=True), s.refused.emit)


def _cost(line: PartLine) -> str:
    """What it costs with its spare, where a price is entered."""
    return "" if line.cost is None else f", {line.cost:.2f}"


def _in_stock(lines: Sequence[PartLine], parts: "tuple[PartInStock, ...]") -> list[str]:
    """Whether enough of each part is in stock; nothing where no stock is kept."""
    if not parts:
        return [""] * len(lines)
    # Loaded when first wanted: most shops begin without a register.
    from firmcell.core.jobs.shopping import in_stock

    return [in_stock(line, parts) for line in lines]
