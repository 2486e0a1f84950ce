"""Tables of a job as CSV."""

import csv
import io
from collections.abc import Sequence
from math import degrees

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.visible import harmless_cell
from firmcell.core.changes.by_hand import in_space
from firmcell.core.jobs.parts_list import PartLine
from firmcell.core.model.design import Design
from firmcell.core.strips.load_figures import UnderLoadFigures
from firmcell.core.wiring.wire_list import WireEntry


class _Writer:
    """Rows of a CSV in which no text is taken for a formula."""

    def __init__(self, out: io.StringIO) -> None:
        self._write = csv.writer(out, lineterminator="\n")

    def writerow(self, row: Sequence[object]) -> None:
        """Write one row."""
        self._write.writerow([harmless_cell(value) for value in row])


def positions_csv(design: Design, analysis: Analysis) -> str:
    """Return the place of every cell in mm, from the middle of the space (placed cells) or of the pack (whole
    rows)."""
    layout = analysis.layout
    out = io.StringIO()
    write = _Writer(out)
    write.writerow(["cell", "group", "plus_on", "x_mm", "y_mm", "angle_deg", "block", "layer", "locked"])
    for c in layout.cells:
        x, y = in_space(layout, c, c.x_m, c.y_m)
        up = (
            "far terminal"
            if layout.terminal_m and c.positive_up
            else "near terminal"
            if layout.terminal_m
            else ("top" if c.positive_up else "bottom")
        )
        locked = bool(design.arrangement.placed) and design.arrangement.placed[c.number - 1].locked
        write.writerow(
            [
                c.number,
                c.group,
                up,
                f"{x * 1e3:.3f}",
                f"{y * 1e3:.3f}",
                f"{degrees(c.angle_rad):.3f}",
                c.block,
                c.layer,
                "yes" if locked else "no",
            ]
        )
    return out.getvalue()


def segments_csv(figures: UnderLoadFigures) -> str:
    """Return every segment of strip at the steady current, most loaded first; SI units in the headings."""
    out = io.StringIO()
    write = _Writer(out)
    write.writerow(
        [
            "segment",
            "piece",
            "tap_point",
            "face",
            "kind",
            "cell_1",
            "cell_2",
            "current_a",
            "density_a_m2",
            "resistance_ohm",
            "drop_v",
            "heat_w",
            "long_run_k",
            "in_place_k",
            "limit_a",
            "share",
        ]
    )
    for s in sorted(figures.segments, key=lambda s: -s.share):
        write.writerow(
            [
                s.id,
                s.piece,
                f"B{s.node}",
                s.face.value,
                s.kind.value,
                *s.cells,
                f"{s.current_a:.6g}",
                f"{s.density_a_m2:.6g}",
                f"{s.resistance_ohm:.6g}",
                f"{s.drop_v:.6g}",
                f"{s.heat_w:.6g}",
                f"{s.long_run_k:.2f}",
                f"{s.in_place_k:.2f}",
                f"{s.limit_a:.5g}",
                f"{s.share:.5g}",
            ]
        )
    return out.getvalue()


def parts_csv(lines: tuple[PartLine, ...]) -> str:
    """Return the parts of a job to buy or to lay out: pieces, or metres of what is bought by length."""
    out = io.StringIO()
    write = _Writer(out)
    write.writerow(
        ["what", "class", "pieces", "metres", "spare", "cut", "mass_kg", "price_each", "cost", "supplier"]
    )
    for line in lines:
        mass = "" if line.mass_kg is None else f"{line.mass_kg:.4g}"
        metres = f"{line.metres:.3f}" if line.metres else ""
        spare = f"{line.spare:.3g}" if line.spare else ""
        # What has no price is filled in by the shop, as the supplier is.
        price = "" if line.price is None else f"{line.price:.4g}"
        cost = "" if line.cost is None else f"{line.cost:.2f}"
        write.writerow(
            [line.what, line.name, line.count or "", metres, spare, line.cut, mass, price, cost, ""]
        )
    return out.getvalue()


def wires_csv(entries: tuple[WireEntry, ...]) -> str:
    """Return the wire list to cut from; lengths in mm."""
    out = io.StringIO()
    write = _Writer(out)
    write.writerow(["number", "name", "from", "to", "length_mm", "gauge", "colour", "end"])
    for e in entries:
        write.writerow(
            [e.number, e.name, e.from_where, e.to_where, f"{e.length_m * 1e3:.0f}", e.gauge, e.colour, e.end]
        )
    return out.getvalue()


ANALYSIS_COLUMNS = (
    "table",
    "name",
    "group_or_node",
    "face",
    "x_m",
    "y_m",
    "length_m",
    "current_steady_a",
    "limit_a",
    "voltage_empty_v",
    "voltage_nominal_v",
    "voltage_full_v",
)


def analysis_csv(analysis: Analysis) -> str:
    """Return cells, strips and taps as one CSV: a first column says which; SI units in the headings."""
    out = io.StringIO()
    write = _Writer(out)
    write.writerow(ANALYSIS_COLUMNS)
    for c in analysis.layout.cells:
        face = "top" if c.positive_up else "bottom"
        write.writerow(
            ["cell", c.number, c.group, f"plus on {face}", f"{c.x_m:.6f}", f"{c.y_m:.6f}", *[""] * 6]
        )
    for s in analysis.strips:
        x, y = s.points_m[0]
        write.writerow(
            [
                "strip",
                s.id,
                s.node,
                s.face.value,
                f"{x:.6f}",
                f"{y:.6f}",
                f"{s.length_m:.6f}",
                f"{s.current_steady_a:.4f}",
                f"{s.limit_a:.4f}",
                "",
                "",
                "",
            ]
        )
    for t in analysis.bms.taps:
        write.writerow(
            [
                "tap",
                t.name,
                t.number,
                t.face.value,
                f"{t.x_m:.6f}",
                f"{t.y_m:.6f}",
                f"{t.wire_length_m:.6f}",
                "",
                "",
                f"{t.empty_v:.4f}",
                f"{t.nominal_v:.4f}",
                f"{t.full_v:.4f}",
            ]
        )
    return out.getvalue()
