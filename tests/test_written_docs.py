"""Pages of docs/ that are written from code and data are those of the code and data."""

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
