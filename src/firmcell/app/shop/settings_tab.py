"""Settings of the welders, and what their peeled samples prove."""

from PySide6.QtWidgets import QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.tables import RowsTable, low
from firmcell.core.stock.settings_library import known_settings

HEADINGS = ("Strip", "Layers", "Cell", "Welder", "Setting", "Pulses", "Peeled", "Held", "Proven", "Last")
WORDS = "From the peeled samples of all jobs. “Proven” is the share of good welds that these samples prove with 90 % confidence: few samples prove little, and a failure proves much against. Every job still peels its own samples."
EMPTY = "No sample was peeled yet: the settings of each job's peel step are kept here."


class SettingsTab(QWidget):
    """The library of settings."""

    def __init__(self, state: ShopState) -> None:
        super().__init__()
        self.state = state
        column = QVBoxLayout(self)
        self.words = PlainLabel(WORDS)
        self.words.setWordWrap(True)
        self.words.setObjectName("quiet")
        column.addWidget(self.words)
        self.table = RowsTable(HEADINGS, "Settings that were peeled", 0)
        self.table.keep_wide(12)
        column.addWidget(self.table, 1)
        state.changed.connect(self.show_settings)
        self.show_settings()

    def show_settings(self) -> None:
        """Show all settings, the best proven of each strip first."""
        register = self.state.link.register
        entries = register.lessons("setting-peeled") if register is not None else ()
        rows = [
            (
                f"{n}",
                (
                    each.strip,
                    str(each.layers),
                    each.cell,
                    each.machine,
                    each.setting_words,
                    str(each.pulses),
                    str(each.peeled),
                    str(each.held),
                    each.proven_words,
                    each.last[:10],
                ),
            )
            for n, each in enumerate(known_settings(entries))
        ]
        self.table.set_rows(rows)
        low(self.table)
        self.words.setText(WORDS if rows else EMPTY)
        self.table.setVisible(bool(rows))
