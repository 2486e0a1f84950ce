"""The house stays in order: no room grows too large, and every room of the source has its tests."""

import ast
import io
import tokenize
from pathlib import Path

ROOT = Path(__file__).parents[1]
SOURCES = sorted((ROOT / "src/firmcell").rglob("*.py"))
MOST_LINES, MOST_OF_A_CLASS, MOST_OF_A_FUNCTION, WIDEST = 500, 300, 60, 110
TABLES = {"make_parser", "style_sheet"}
"""Functions that are one table of data: arguments of the command line, and the style sheet."""


def test_no_file_class_or_function_is_too_long():
    for path in SOURCES:
        text = path.read_text(encoding="utf-8")
        assert text.count("\n") <= MOST_LINES, path
        for node in ast.walk(ast.parse(text)):
            lines = getattr(node, "end_lineno", 0) - getattr(node, "lineno", 0) + 1
            if isinstance(node, ast.ClassDef):
                assert lines <= MOST_OF_A_CLASS, (path, node.name)
            if isinstance(node, ast.FunctionDef) and node.name not in TABLES:
                assert lines <= MOST_OF_A_FUNCTION, (path, node.name)


def _lines_of_sentences(text: str) -> set[int]:
    """Lines on which a string of more than sixty characters stands, docstrings apart."""
    tree = ast.parse(text)
    docs = {
        line
        for node in ast.walk(tree)
        if isinstance(node, ast.Module | ast.ClassDef | ast.FunctionDef)
        and isinstance(node.body[0], ast.Expr)
        and isinstance(node.body[0].value, ast.Constant)
        for line in range(node.body[0].lineno, node.body[0].end_lineno + 1)
    }
    strings = [t for t in tokenize.generate_tokens(io.StringIO(text).readline) if t.type == tokenize.STRING]
    return {
        line
        for token in strings
        for line in range(token.start[0], token.end[0] + 1)
        if len(token.string) > 60 and line not in docs
    }


def test_only_a_sentence_that_is_data_runs_on_past_the_margin():
    for path in SOURCES:
        text = path.read_text(encoding="utf-8")
        wide = {n for n, line in enumerate(text.splitlines(), start=1) if len(line) > WIDEST}
        assert not wide or not wide - _lines_of_sentences(text), (path, wide - _lines_of_sentences(text))


def test_the_formatter_decides_how_code_lies():
    code = [*SOURCES, *(p for p in (ROOT / "tests").rglob("*.py")), *(ROOT / "benchmarks").glob("*.py")]
    switches = {p: p.read_text(encoding="utf-8").count("# fmt: " + "skip") for p in code}
    assert sum(switches[p] for p in SOURCES) == 0
    assert sum(switches.values()) < 60, switches


def test_the_hall_of_the_core_is_empty_and_every_room_has_tests():
    core = ROOT / "src/firmcell/core"
    assert [p.name for p in core.glob("*.py")] == ["__init__.py"]
    rooms = {p.name for p in core.iterdir() if p.is_dir() and p.name != "__pycache__"}
    assert rooms - {p.name for p in (ROOT / "tests/core").iterdir()} == set()
