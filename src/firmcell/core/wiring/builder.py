"""Nodes and edges put together one by one; wires get their numbers in the order they are added."""

from firmcell.core.model.parts import Wire
from firmcell.core.wiring.graph import Edge, EdgePart, Node, NodeKind, WireMade, Wiring


class Builder:
    """A wiring that grows."""

    def __init__(self) -> None:
        self.nodes: dict[str, Node] = {}
        self.edges: list[Edge] = []
        self._numbers = 0

    def node(self, name: str, kind: NodeKind, label: str) -> str:
        """Add a node unless it is there, and return its id."""
        if name not in self.nodes:
            self.nodes[name] = Node.model_construct(id=name, kind=kind, label=label)
        return name

    def edge(
        self, name: str, start: str, end: str, part: EdgePart, ohm: float = 0.0, volts: float = 0.0
    ) -> None:
        """Add an edge."""
        made = Edge.model_construct(id=name, start=start, end=end, part=part, ohm=ohm, volts=volts)
        self.edges.append(made)

    def wire(
        self,
        name: str,
        start: str,
        end: str,
        wire: Wire,
        length_m: float,
        marked: str,
        colour: str,
        ending: str,
        ref: str,
    ) -> None:
        """Add a wire of `length_m`, marked with a name of its own on the list."""
        self._numbers += 1
        made = WireMade.model_construct(
            number=self._numbers,
            name=marked,
            length_m=length_m,
            gauge=wire.gauge,
            colour=colour,
            ending=ending,
            insulation_v=wire.rated_v,
            ref=ref,
        )
        ohm = length_m * wire.resistance_ohm_per_m
        edge = Edge.model_construct(id=name, start=start, end=end, part=EdgePart.WIRE, ohm=ohm, wire=made)
        self.edges.append(edge)

    def done(self) -> Wiring:
        """The wiring."""
        return Wiring.model_construct(nodes=tuple(self.nodes.values()), edges=tuple(self.edges))
