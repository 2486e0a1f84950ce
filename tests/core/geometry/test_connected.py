"""Connected parts against networkx."""

import networkx as nx
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.geometry.connected import DisjointSets, connected_parts

EDGES = st.lists(st.tuples(st.integers(0, 19), st.integers(0, 19)), max_size=40)


@given(EDGES, st.sets(st.integers(0, 19)))
def test_parts_are_those_of_networkx_within_the_members(edges, members):
    near = {n: [] for n in range(20)}
    for a, b in edges:
        near[a].append(b)
        near[b].append(a)
    graph = nx.Graph()
    graph.add_nodes_from(members)
    graph.add_edges_from((a, b) for a, b in edges if a in members and b in members)
    expected = sorted((sorted(part) for part in nx.connected_components(graph)), key=lambda p: (-len(p), p))
    assert connected_parts(members, near) == expected


@given(EDGES)
def test_sets_joined_one_by_one_are_the_same_parts(edges):
    sets, graph = DisjointSets(range(20)), nx.Graph()
    graph.add_nodes_from(range(20))
    for a, b in edges:
        joined = sets.join(a, b)
        assert joined is not nx.has_path(graph, a, b)
        graph.add_edge(a, b)
    for a in range(20):
        for b in range(20):
            assert (sets.find(a) == sets.find(b)) is nx.has_path(graph, a, b)
