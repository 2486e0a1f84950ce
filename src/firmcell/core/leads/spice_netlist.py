"""The pack as a netlist that a circuit simulator runs as it is, with node names that a person can read."""

from firmcell.core.leads.main_leads import LeadFigures
from firmcell.core.strips.under_load import UnderLoad

HEAD = """* {title}
* Pack under a load of {load:g} A; cells at {volts:g} V. Ohms, volts and amperes.
* Nodes: c12p is the pad on the plus of cell 12, c12m the one on its minus; out_plus and 0 are the connector's contacts.
* Cells: Vcell12 in series with Rcell12 (its d.c. resistance and the welds at both ends).
* Strips: Rseg_N3_L1_2 is the second span of the first link of tap point B3, at working temperature.
* Plates: Rplate1, Rplate2 and so on join each pad or tab of a plate to every other as the sheet between them does.
"""


def pad_name(number: int, positive: bool) -> str:
    """Return the node of a pad, such as c12p."""
    return f"c{number}{'p' if positive else 'm'}"


def element_name(segment_id: str) -> str:
    """Return the resistor of a segment: N3-L1.2 becomes Rseg_N3_L1_2."""
    return "Rseg_" + segment_id.replace("-", "_").replace(".", "_")


def spice_netlist(metal: UnderLoad, leads: LeadFigures, cell_volts: float, load_a: float, title: str) -> str:
    """Return the netlist of the pack with its leads, fuse and connector.

    Parameters
    ----------
    metal : UnderLoad
    leads : LeadFigures
        Resistance of one lead, and of the whole loop with contacts and fuse.
    cell_volts : float
        Open-circuit voltage of every cell, V.
    load_a : float
        Current of the load, A.
    title : str
        First line; a netlist must have one.
    """
    lines = [HEAD.format(title=" ".join(title.split()) or "pack", load=load_a, volts=cell_volts).rstrip()]
    names = {node: pad_name(*pad) for pad, node in metal.work.pad.items()}
    network = metal.network
    for place, plate in metal.work.sheets.items():
        tabs = plate.nodes[len(plate.nodes) - len(plate.sheet.tab_cells) :].tolist()
        names.update({n: f"tab{k + 1}_N{metal.runs[place].node}" for k, n in enumerate(tabs)})
    contacts_at = [n for n in network.poles if n not in names]
    names.update({n: f"contact_{'minus' if n == network.poles[0] else 'plus'}" for n in contacts_at})
    for cell, (minus, plus), ohm in zip(
        metal.layout.cells, network.cell_ends.tolist(), network.cell_ohm.tolist(), strict=True
    ):
        inner = f"c{cell.number}i"
        lines.append(f"Vcell{cell.number} {inner} {names[minus]} DC {cell_volts:.9g}")
        lines.append(f"Rcell{cell.number} {inner} {names[plus]} {ohm:.12g}")
    spans, both = len(metal.work.spans), len(metal.work.spans) + metal.work.leads
    elements = [element_name(segment.id) for segment in metal.figures.segments[:spans]]
    elements += [f"Rlead_of_two{count + 1}" for count in range(metal.work.leads)]
    elements += [f"Rplate{count + 1}" for count in range(len(network.ohm) - both)]
    for element, (a, b), ohm in zip(elements, network.ends.tolist(), network.ohm.tolist(), strict=True):
        lines.append(f"{element} {names[a]} {names[b]} {ohm:.12g}")
    minus, plus = (names[n] for n in network.poles)
    # Where a pole has two leads they are written above, and only the join of their ends is left.
    one = [1e-6 if n in contacts_at else leads.wire_ohm for n in network.poles]
    contacts = max(leads.loop_ohm - 2 * leads.wire_ohm, 1e-9)
    lines += [
        f"Rlead_minus {minus} 0 {one[0]:.12g}",
        f"Rlead_plus {plus} lead_plus_end {one[1]:.12g}",
        f"Rfuse_and_contacts lead_plus_end out_plus {contacts:.12g}",
        f"Iload out_plus 0 DC {load_a:.9g}",
        ".options reltol=1e-9 abstol=1e-12 vntol=1e-12",
        ".op",
        ".control",
        "set numdgt=12",
        "op",
        "print all",
        ".endc",
        ".end",
    ]
    return "\n".join(lines) + "\n"
