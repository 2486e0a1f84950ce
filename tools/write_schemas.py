"""Write docs/schema from the models, so that the published schemas cannot differ from them."""

from pathlib import Path

from firmcell.store.json_schemas import SCHEMAS, schema_text

if __name__ == "__main__":
    for name in SCHEMAS:
        path = Path(__file__).parent.parent / "docs" / "schema" / f"{name}.schema.json"
        path.write_text(schema_text(name), encoding="utf-8")
