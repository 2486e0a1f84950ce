"""Surfaces as binary STL in mm."""

import numpy as np

from firmcell.core.insulation.cell_holder import Mesh

_RECORD = np.dtype([("normal", "<f4", 3), ("corners", "<f4", (3, 3)), ("spare", "<u2")])


def to_stl(meshes: tuple[Mesh, ...], title: str) -> bytes:
    """Return all `meshes` in one binary STL file, mm."""
    corners = np.concatenate([(m.vertices_m * 1e3)[m.triangles] for m in meshes])
    normals = np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0])
    length = np.linalg.norm(normals, axis=1, keepdims=True)
    records = np.zeros(len(corners), dtype=_RECORD)
    records["normal"] = normals / np.where(length == 0, 1, length)
    records["corners"] = corners
    head = title.encode("ascii", errors="replace")[:80].ljust(80, b" ")
    return head + np.uint32(len(corners)).tobytes() + records.tobytes()
