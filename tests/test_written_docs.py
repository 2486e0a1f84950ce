"""Pages of docs/ that are written from code and data are those of the code and data."""

import ast
import re
import runpy
from pathlib import Path

import pytest

from firmcell.core.jobs import ALL_RULES
from firmcell.store.glossary import terms, terms_with

ROOT = Path(__file__).parents[1]


@pytest.mark.parametrize(
    ("tool", "page"),
    [("write_analyse_doc", "analyse-json"), ("write_rules_doc", "rules"), ("write_glossary", "glossary")],
)
def test_a_written_page_is_what_its_tool_writes(tool, page):
    written = runpy.run_path(str(ROOT / "tools" / f"{tool}.py"))["page"]()
    assert (ROOT / "docs" / f"{page}.md").read_text(encoding="utf-8") == written


def test_every_rule_says_what_it_finds_and_why():
    for rule in ALL_RULES.values():
        assert rule.body.__doc__.strip().endswith("."), rule.code
        assert rule.reason.endswith("."), rule.code
        assert rule.source, rule.code


def test_the_glossary_has_each_term_once_with_one_line():
    found = terms()
    names = [name.lower() for name, _ in found]
    assert len(found) >= 60
    assert len(set(names)) == len(names)
    assert names == sorted(names)
    for name, meaning in found:
        assert meaning.endswith("."), name
        assert len(meaning) < 200, name


def test_a_word_is_found_by_name_before_meaning():
    found = terms_with(terms(), "Strip")
    assert found[0][0] == "collecting strip"
    assert {"strip", "link"} <= {name for name, _ in found}
    assert [n for n, _ in found].index("strip") < [n for n, _ in found].index("link")
    assert terms_with(terms(), "zebra") == ()


def test_every_reference_of_a_formula_is_a_key():
    keys = set(
        re.findall(r"^\| `([\w-]+)` \|", (ROOT / "docs/references.md").read_text(encoding="utf-8"), re.M)
    )
    cited = {
        (path.stem, key)
        for path in (ROOT / "src/firmcell/core").rglob("*.py")
        for key in re.findall(r"^\s*\.\. \[\d+\] (\S+)$", path.read_text(encoding="utf-8"), re.M)
    }
    assert len(cited) >= 25
    assert not {c for c in cited if c[1] not in keys}


FORMULA_ROOMS = ("physics", "leads", "strips", "bms", "tap_check", "insulation")
NO_FORMULAE = {
    "gauge_number": "reads a name",
    "published_figures": "looks up tables",
    "spanning_runs": "a choice of runs",
    "joint_count": "counts",
    "ohms_per_metre": "one formula for each kind of run",
    "open_node": "looks for a gap",
    "leads_on": "finds cells",
    "tail_lengths": "looks up where leads are joined",
    "stock_lengths": "adds up",
    "node_pads": "looks up places",
    "cell_resistances": "looks up measurements",
    "least_gap": "geometry by shapely",
    "point_number": "reads a name",
    "needed_readings": "counts",
    "next_step": "chooses how far a sum in time goes on",
}
"""Public functions of those rooms that give numbers and are no formulae, and what they are."""
NUMBERS = {"float", "int", "Array", "None", "tuple", "dict", "list", "str", "StripKind"}


def _formulae():
    for room in FORMULA_ROOMS:
        for path in sorted((ROOT / "src/firmcell/core" / room).rglob("*.py")):
            for node in ast.parse(path.read_text(encoding="utf-8")).body:
                if not isinstance(node, ast.FunctionDef) or node.name.startswith("_") or node.returns is None:
                    continue
                words = set(re.findall(r"\w+", ast.unparse(node.returns)))
                if words & {"float", "int", "Array"} and words <= NUMBERS and node.name not in NO_FORMULAE:
                    yield path.stem, node


def test_every_formula_says_what_it_takes_and_gives_where_it_is_from_and_shows_an_example():
    found = list(_formulae())
    assert len(found) >= 75
    lacking = {
        (stem, node.name, part)
        for stem, node in found
        for part in ("Parameters\n---", "Returns\n---", "References\n---", "Examples\n---", ">>> ")
        if part not in (ast.get_docstring(node) or "")
    }
    assert not lacking
    for stem, node in found:
        told = set(re.findall(r"^(\w+(?:, \w+)*) : ", ast.get_docstring(node), re.M))
        named = {name for names in told for name in names.split(", ")}
        assert {a.arg for a in (*node.args.args, *node.args.kwonlyargs)} <= named, (stem, node.name)
