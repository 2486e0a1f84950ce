"""Plots of the Strips stage in the program's own colours; the plotting library is loaded when the first is
wanted."""

from collections.abc import Sequence
from math import log10
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QVBoxLayout, QWidget

from firmcell.app.language.edge import told
from firmcell.app.theme import Palette


class Plot(QWidget):
    """One plot with named axes; `line`, `bars` and `marks` draw, `clear` empties it. Of curves that fall the
    legend is on the right."""

    def __init__(
        self,
        name: str,
        across: str,
        up: str,
        palette: Palette,
        falls: bool = False,
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        # Imported here: it takes a third of a second, and no start needs it.
        import pyqtgraph

        self._library: Any = pyqtgraph
        pyqtgraph.setConfigOptions(antialias=True)
        self.plot: Any = pyqtgraph.PlotWidget()
        self.plot.setMenuEnabled(False)
        # The wheel scrolls the page.
        self.plot.setMouseEnabled(x=False, y=False)
        self.plot.setLabel("bottom", told(across))
        self.plot.setLabel("left", told(up))
        self.plot.showGrid(x=False, y=True, alpha=0.25)
        self._legend = self.plot.addLegend(offset=(-8 if falls else 8, 6), labelTextSize="9pt")
        self._cursor: Any = None
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.addWidget(self.plot)
        self.setMinimumHeight(self.fontMetrics().height() * 12)
        self.setAccessibleName(name)
        self.dress(palette)

    def dress(self, palette: Palette) -> None:
        """Take the colours of the look."""
        self.palette_now = palette
        self.plot.setBackground(palette.raised)
        for side in ("bottom", "left"):
            axis = self.plot.getAxis(side)
            # Axes name their unit; a factor beside it would be read over.
            axis.enableAutoSIPrefix(False)
            axis.setPen(palette.quiet)
            axis.setTextPen(palette.ink)
        self._legend.setLabelTextColor(palette.ink)

    def clear(self) -> None:
        """Take everything away."""
        self.plot.clear()
        self._cursor = None

    def upright(self, x: float) -> None:
        """Draw an upright line at x; there is one at most."""
        if self._cursor is None:
            self._cursor = self._library.InfiniteLine(
                angle=90, movable=False, pen=self._library.mkPen(self.palette_now.ink, width=1)
            )
            self.plot.addItem(self._cursor)
        self._cursor.setValue(x)

    def line(self, x: Any, y: Any, name: str, colour: str, dashed: bool = False, width: float = 2.0) -> None:
        """Draw a line."""
        style = Qt.PenStyle.DashLine if dashed else Qt.PenStyle.SolidLine
        pen = self._library.mkPen(colour, width=width, style=style)
        self.plot.plot(x, y, pen=pen, name=told(name) or None)

    def plain_ticks(self, side: str, values: tuple[float, ...]) -> None:
        """Name these values on an axis that goes by powers of ten."""
        self.plot.getAxis(side).setTicks([[(log10(v), f"{v:g}") for v in values]])

    def named_places(self, names: Sequence[str]) -> None:
        """Name the whole numbers from 0 on across."""
        self.plot.getAxis("bottom").setTicks([[(n, told(name)) for n, name in enumerate(names)]])
        self.plot.setXRange(-0.6, len(names) - 0.4, padding=0)

    def marks(self, x: Any, y: Any, name: str | None, symbol: str, colour: str) -> None:
        """Draw single points."""
        self.plot.plot(
            x,
            y,
            pen=None,
            symbol=symbol,
            symbolSize=9,
            symbolBrush=colour,
            symbolPen=colour,
            name=told(name) if name else None,
        )

    def bars(self, x: Any, height: Any, colour: str) -> None:
        """Draw upright bars about whole numbers."""
        item = self._library.BarGraphItem(x=x, height=height, width=0.7, brush=colour, pen=colour)
        self.plot.addItem(item)

    def ticks(self, x: Any, low: Any, high: Any, colour: str) -> None:
        """Draw a thin upright range at each x."""
        middle = (low + high) / 2
        item = self._library.ErrorBarItem(
            x=x,
            y=middle,
            top=high - middle,
            bottom=middle - low,
            beam=0.3,
            pen=self._library.mkPen(colour, width=1.5),
        )
        self.plot.addItem(item)

    def zone(self, low: float, high: float, words: str, colour: str) -> None:
        """Shade a range of x and name it."""
        region = self._library.LinearRegionItem(
            (low, high), movable=False, brush=self._library.mkBrush(colour), pen=self._library.mkPen(None)
        )
        region.setZValue(-10)
        self.plot.addItem(region)
        text = self._library.TextItem(told(words), color=self.palette_now.quiet, anchor=(0, 1))
        self.plot.addItem(text, ignoreBounds=True)
        text.setPos(low, 0)
