"""Templates as a DXF drawing in mm, each kind of line on a layer of its own name."""

import io

from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Area, Disc, Label, Shape, Stroke
from firmcell.core.pictures.templates import Template

GAP_MM = 20.0


def to_dxf(templates: tuple[Template, ...]) -> bytes:
    """Return a DXF (R2010) of `templates`: those of one face lie over each other, the faces under each
    other."""
    import ezdxf
    from ezdxf.enums import TextEntityAlignment

    document = ezdxf.new("R2010", setup=False)  # type: ignore[attr-defined]
    document.header["$INSUNITS"] = 4
    document.header["$MEASUREMENT"] = 1
    space = document.modelspace()
    shift, below = {}, 0.0
    for template in templates:
        face = template.layer.split("_")[0]
        if face not in shift:
            top = max(t.drawing.bounds[3] for t in templates if t.layer.startswith(face))
            bottom = min(t.drawing.bounds[1] for t in templates if t.layer.startswith(face))
            shift[face] = below - top
            below += bottom - top - GAP_MM
    for template in templates:
        dy = shift[template.layer.split("_")[0]]
        for shape in template.drawing.shapes:
            layer = _layer(template, shape)
            if layer not in document.layers:
                document.layers.add(layer, color=1 + len(document.layers) % 6)
            attributes = {"layer": layer}
            if isinstance(shape, Disc):
                x, y = shape.centre
                space.add_circle((x, y + dy), shape.radius, dxfattribs=attributes)
            elif isinstance(shape, Area | Stroke):
                points = [(x, y + dy) for x, y in shape.points]
                space.add_lwpolyline(points, close=isinstance(shape, Area), dxfattribs=attributes)
            elif isinstance(shape, Label):
                text = space.add_text(
                    " ".join(visible(shape.text).split()).replace("−", "-"),
                    height=shape.height,
                    dxfattribs=attributes,
                )
                x, y = shape.centre
                text.set_placement((x, y + dy), align=TextEntityAlignment.MIDDLE_CENTER)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")


def _layer(template: Template, shape: Shape) -> str:
    """Such as TOP_STRIPS, TOP_STRIPS_TEXT, BOTTOM_CELLS_MARKS."""
    ends = {"template.text": "_TEXT", "template.cross": "_MARKS", "template.slot": "_SLOTS"}
    return template.layer + ends.get(shape.role, "")
