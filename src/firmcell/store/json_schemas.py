"""The published JSON schemas; ``python -m firmcell.store.json_schemas DIR`` writes them."""

import json
import sys
from pathlib import Path
from typing import Literal

from pydantic import BaseModel

from firmcell.store.exchange import ExchangedJob
from firmcell.store.report import Report

SCHEMAS: dict[str, tuple[type[BaseModel], Literal["validation", "serialization"]]] = {
    "job": (ExchangedJob, "validation"),
    "analyse": (Report, "serialization"),
}


def schema_text(name: str) -> str:
    """Return a published schema as JSON text."""
    model, mode = SCHEMAS[name]
    schema = {"$schema": "https://json-schema.org/draft/2020-12/schema", **model.model_json_schema(mode=mode)}
    return json.dumps(_without_titles_beside_refs(schema), indent=1, ensure_ascii=False) + "\n"


def _without_titles_beside_refs(node: object) -> object:
    """Whether pydantic writes a title beside a reference depends on which model was built first."""
    if isinstance(node, list):
        return [_without_titles_beside_refs(item) for item in node]
    if not isinstance(node, dict):
        return node
    return {k: _without_titles_beside_refs(v) for k, v in node.items() if k != "title" or "$ref" not in node}


if __name__ == "__main__":
    for each in SCHEMAS:
        (Path(sys.argv[1]) / f"{each}.schema.json").write_text(schema_text(each), encoding="utf-8")
