"""Write docs/rules.md from the rules, so that the page cannot differ from them."""

from pathlib import Path

from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs import ALL_RULES, PLANS
from firmcell.core.rules import RULES

HEAD = """# Rules

Every finding comes from one of these {count} rules. A general rule speaks in each kind of job that shows its stage and has all of its topics; a rule of one
kind speaks there alone. The severity is the usual one; a rule may speak more mildly or more sharply where its sentence says why. Written by
`tools/write_rules_doc.py`.
"""


def page() -> str:
    """Return the whole page."""
    lines = [HEAD.format(count=len(ALL_RULES))]
    kinds = {code: kind.value for kind, plan in PLANS.items() for code in plan.own.rules}
    for stage in Stage:
        mine = [rule for rule in ALL_RULES.values() if rule.stage is stage]
        if not mine:
            continue
        lines += [
            f"\n## {stage.heading}\n",
            "| Code | Severity | Finds | Why it matters | Source | Speaks in |",
            "|---|---|---|---|---|---|",
        ]
        for rule in sorted(mine, key=lambda r: (r.code.partition("-")[0], int(r.code.partition("-")[2]))):
            finds = " ".join((rule.body.__doc__ or "").split())
            topics = ", ".join(sorted(topic.value for topic in rule.topics))
            where = (
                f"{kinds[rule.code]} only" if rule.code not in RULES else topics or "any job with this stage"
            )
            cells = (rule.code, rule.severity.word, finds, rule.reason, rule.source, where)
            lines.append("| " + " | ".join(cell.replace("|", "\\|") for cell in cells) + " |")
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    (Path(__file__).parent.parent / "docs" / "rules.md").write_text(page(), encoding="utf-8")
