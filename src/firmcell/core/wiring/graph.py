"""The wiring as one typed graph: conducting points, and what joins them.

Pictures, wire list, steps, expected readings, rules and passport read it; none of them has wiring of its own.
"""

from collections.abc import Collection, Iterator
from enum import StrEnum
from functools import cached_property

from pydantic import ConfigDict, Field

from firmcell.core.base.quantity import Frozen


class NodeKind(StrEnum):
    """What a conducting point is."""

    TAP = "tap point"
    STRIP_END = "strip end"
    JOINT = "joint"
    BOARD_PAD = "board pad"
    FUSE_END = "fuse end"
    SENSE_PIN = "pin of the sense plug"
    BALANCE_PIN = "pin of the balance plug"
    CUP = "solder cup"
    CONTACT = "contact"
    SENSOR = "thermistor"
    STUD = "stud"
    TERMINAL = "terminal of the machine"
    CELL_END = "end of a cell"


OUTLETS = {"load": "connector", "load2": "second connector", "charge": "charger's connector"}
"""What each outlet of a pack is called; its contacts are ``load.-``, ``load.+`` and so on."""


class EdgePart(StrEnum):
    """What an edge is made of."""

    CELL = "cell"
    STRIP = "strip"
    JOINT = "joint"
    WIRE = "wire"
    BMS = "bms"
    FUSE = "fuse"
    CONTACT = "contact"


class Node(Frozen):
    """A conducting point: its id, what it is, and its name in words."""

    id: str
    kind: NodeKind
    label: str


class WireMade(Frozen):
    """A wire as it is cut and marked.

    Attributes
    ----------
    number : on its marker.
    name : such as B3, P− or NTC1.
    length_m : cut length by its route, with service loop, m.
    gauge, colour, ending : and how its ends are made.
    insulation_v : rated voltage of its insulation, V.
    ref : on the pictures.
    """

    number: int
    name: str
    length_m: float
    gauge: str
    colour: str
    ending: str
    insulation_v: float
    ref: str


class Edge(Frozen):
    """What joins two points.

    Attributes
    ----------
    id : also what a step that makes it names.
    start, end : ids of the nodes; a cell has its minus at the start.
    part : what it is made of.
    ohm : resistance, Ω.
    volts : that a cell gives at rest, V; 0 for all else.
    wire : how it is cut, if it is a wire.
    """

    model_config = ConfigDict(populate_by_name=True, serialize_by_alias=True)

    id: str
    start: str = Field(alias="from")
    end: str = Field(alias="to")
    part: EdgePart
    ohm: float
    volts: float = 0.0
    wire: WireMade | None = None


class Wiring(Frozen):
    """All nodes and edges of a job."""

    nodes: tuple[Node, ...]
    edges: tuple[Edge, ...]

    def __hash__(self) -> int:
        return id(self)

    @cached_property
    def by_id(self) -> dict[str, Node]:
        """Nodes by id."""
        return {node.id: node for node in self.nodes}

    @cached_property
    def wires(self) -> tuple[Edge, ...]:
        """The edges that are wires, in order of their numbers."""
        return tuple(sorted((e for e in self.edges if e.wire), key=lambda e: e.wire.number if e.wire else 0))

    @cached_property
    def _at(self) -> dict[str, list[tuple[Edge, str, float]]]:
        found: dict[str, list[tuple[Edge, str, float]]] = {node.id: [] for node in self.nodes}
        for edge in self.edges:
            found[edge.start].append((edge, edge.end, edge.volts))
            found[edge.end].append((edge, edge.start, -edge.volts))
        return found

    def at(self, node: str) -> tuple[Edge, ...]:
        """The edges that end at a node."""
        return tuple(edge for edge, _, _ in self._at[node])

    def edge(self, edge_id: str) -> Edge:
        """The edge of an id."""
        return next(e for e in self.edges if e.id == edge_id)

    def reached(self, start: str, without: Collection[str] = ()) -> dict[str, float]:
        """Return the nodes that hang together with `start` and the voltage of each against it at rest, V.

        `without` are ids of edges that are not there: not made yet, or a switch that is open.
        """
        volts = {start: 0.0}
        way = [start]
        while way:
            node = way.pop()
            for edge, other, step in self._at[node]:
                if other not in volts and edge.id not in without:
                    volts[other] = volts[node] + step
                    way.append(other)
        return volts

    def parts(self, without: Collection[str] = ()) -> list[dict[str, float]]:
        """Return every connected part: its nodes with the voltage of each against the part's lowest at
        rest, V."""
        seen: set[str] = set()
        found = []
        for node in self.nodes:
            if node.id in seen:
                continue
            part = self.reached(node.id, without)
            seen |= part.keys()
            low = min(part.values())
            found.append({name: volts - low for name, volts in part.items()})
        return found

    def path(self, start: str, end: str, without: Collection[str] = ()) -> tuple[Edge, ...] | None:
        """Return the edges of a shortest way from one node to another; None if there is none."""
        came: dict[str, tuple[str, Edge] | None] = {start: None}
        way = [start]
        for node in way:
            if node == end:
                break
            for edge, other, _ in self._at[node]:
                if other not in came and edge.id not in without:
                    came[other] = (node, edge)
                    way.append(other)
        if end not in came:
            return None
        edges: list[Edge] = []
        at = end
        while (back := came[at]) is not None:
            at = back[0]
            edges.append(back[1])
        return tuple(reversed(edges))

    def of(self, *parts: EdgePart) -> Iterator[Edge]:
        """The edges made of one of `parts`."""
        return (edge for edge in self.edges if edge.part in parts)
