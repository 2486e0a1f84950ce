"""The man page and the completions of shells, written from the parser, so that they say what the help
says."""

import argparse
import re
from collections.abc import Iterator

from firmcell import __version__
from firmcell.cli.parser import EXAMPLES, make_parser

Commands = dict[str, argparse.ArgumentParser]


def commands_of(parser: argparse.ArgumentParser) -> Commands:
    """Return the parsers of the commands, by name."""
    action = next(a for a in parser._actions if isinstance(a, argparse._SubParsersAction))
    return dict(action.choices)


def options_of(parser: argparse.ArgumentParser) -> Iterator[argparse.Action]:
    """Yield what can be given to a command, but for its help."""
    for action in parser._actions:
        if not isinstance(action, (argparse._HelpAction, argparse._SubParsersAction)):
            yield action


def _help(action: argparse.Action) -> str:
    return (action.help or "").replace("%%", "%")


def _roff(text: str) -> str:
    """A text as roff takes it: no dash or dot of its own is a command."""
    plain = text.replace("\\", "\\e").replace("-", "\\-")
    return "\n".join(f"\\&{line}" if line.startswith((".", "'")) else line for line in plain.splitlines())


def _usage(name: str, parser: argparse.ArgumentParser) -> str:
    usage = " ".join(parser.format_usage().split()).removeprefix("usage: ")
    return usage if name in usage else f"firm-cell {name}"


def man_page() -> str:
    """Return the man page firm-cell(1)."""
    parser = make_parser()
    lines = [
        f'.TH FIRM\\-CELL 1 "" "Firm Cell {__version__}" "User Commands"',
        ".SH NAME",
        "firm\\-cell \\- " + _roff("design, build, check and hand over battery packs"),
        ".SH SYNOPSIS",
        ".B firm\\-cell",
        "[" + _roff("JOB | --demo [NAME] | COMMAND") + " ...]",
        ".SH DESCRIPTION",
        _roff(parser.description or ""),
        ".SH COMMANDS",
    ]
    for name, sub in commands_of(parser).items():
        lines += [".SS " + _roff(_usage(name, sub)), _roff(sub.description or "") + "."]
        for action in options_of(sub):
            given = ", ".join(action.option_strings) or str(action.metavar or action.dest)
            choices = f" ({', '.join(map(str, action.choices))})" if action.choices else ""
            lines += [
                ".TP",
                f".B {_roff(given)}",
                _roff((_help(action) + choices).strip()),
            ]
    examples, _, codes = EXAMPLES.partition("exit codes: ")
    lines += [".SH EXAMPLES", ".nf", _roff(examples.removeprefix("examples:\n").rstrip()), ".fi"]
    lines += [".SH EXIT STATUS", _roff(" ".join(codes.split()))]
    return "\n".join(lines) + "\n"


def bash_completion() -> str:
    """Return the completion for bash."""
    parser = make_parser()
    cases = "\n".join(
        f'        {name}) words="{" ".join(o for a in options_of(sub) for o in a.option_strings)}" ;;'
        for name, sub in commands_of(parser).items()
    )
    return f"""# Completion of firm-cell for bash.
_firm_cell() {{
    local current="${{COMP_WORDS[COMP_CWORD]}}" before="${{COMP_WORDS[COMP_CWORD-1]}}" words=""
    if [ "$COMP_CWORD" -eq 1 ]; then
        words="{" ".join(commands_of(parser))} --demo --help --version"
    else
        case "${{COMP_WORDS[1]}}" in
{cases}
        esac
    fi
    case "$before" in
{_bash_choices(parser)}
    esac
    mapfile -t COMPREPLY < <(compgen -W "$words" -- "$current")
    if [ "${{current:0:1}}" != - ]; then
        local file
        while read -r file; do COMPREPLY+=("$file"); done < <(compgen -f -- "$current")
    fi
}}
complete -o filenames -F _firm_cell firm-cell
"""


def _bash_choices(parser: argparse.ArgumentParser) -> str:
    known = {}
    for sub in commands_of(parser).values():
        for action in options_of(sub):
            if action.choices and action.option_strings:
                known[action.option_strings[-1]] = " ".join(map(str, action.choices))
    return "\n".join(f'        {option}) words="{words}" ;;' for option, words in sorted(known.items()))


def _told_apart(action: argparse.Action) -> dict[str, str]:
    """What each of an option's words means, where its help tells: “json: whole job; csv: cells, strips”."""
    found: dict[str, str] = {}
    for names, words in re.findall(r"(?:^|; )([\w, -]+): ([^;]+)", _help(action)):
        found |= dict.fromkeys(re.split(r", ", names), words.strip())
    return {str(one): found.get(str(one), "") for one in action.choices or ()} if found else {}


def _said(action: argparse.Action) -> str:
    """What an option is for; that of its words stands beside each of them."""
    return "one of these" if _told_apart(action) else _help(action)


def zsh_completion() -> str:
    """Return the completion for zsh."""
    parser = make_parser()
    lines = ["#compdef firm-cell", "local -a commands", "commands=("]
    for name, sub in commands_of(parser).items():
        lines.append(f"  '{name}:{_quoted(sub.description or '')}'")
    lines += [
        ")",
        "if (( CURRENT == 2 )); then",
        "  _describe command commands",
        "  _files -g '*.firmcell'",
        "  return",
        "fi",
    ]
    lines.append("case ${words[2]} in")
    for name, sub in commands_of(parser).items():
        parts = []
        for action in options_of(sub):
            apart = _told_apart(action)
            choices = " ".join(
                f'{one}\\:"{_colons(apart.get(str(one), ""))}"' for one in action.choices or ()
            )
            plain = " ".join(map(str, action.choices or ()))
            for option in action.option_strings:
                value = f":value:(({choices}))" if apart else f":value:({plain})" if action.choices else ""
                value = value or ("" if action.nargs == 0 else ":value:_files")
                parts.append(f"'{option}[{_colons(_said(action))}]{value}'")
        lines.append(f"  {name}) _arguments {' '.join(parts)} '*:file:_files' ;;")
    return "\n".join([*lines, "esac"]) + "\n"


def _quoted(text: str) -> str:
    """A text inside single quotes of zsh or fish, and inside square brackets of zsh."""
    return text.replace("'", "’").translate(str.maketrans("[]", "()"))


def _colons(text: str) -> str:
    """The same where a colon parts one thing from the next."""
    return _quoted(text).replace(":", "\\:").replace('"', "”")


def fish_completion() -> str:
    """Return the completion for fish."""
    parser = make_parser()
    lines = ["# Completion of firm-cell for fish."]
    for name, sub in commands_of(parser).items():
        lines.append(
            f"complete -c firm-cell -n __fish_use_subcommand -a {name} -d '{_quoted(sub.description or '')}'"
        )
        for action in options_of(sub):
            apart = _told_apart(action)
            words = " ".join(
                f'{one}\\t"{_quoted(apart.get(str(one), ""))}"' if apart else str(one)
                for one in action.choices or ()
            )
            for option in (o for o in action.option_strings if o.startswith("--")):
                takes = "" if action.nargs == 0 else " -r"
                choices = f" -xa '{words}'" if words else ""
                lines.append(
                    f"complete -c firm-cell -n '__fish_seen_subcommand_from {name}' -l {option[2:]}{choices or takes} -d '{_quoted(_said(action))}'"
                )
    return "\n".join(lines) + "\n"


WRITTEN = {
    "man/firm-cell.1": man_page,
    "completions/firm-cell.bash": bash_completion,
    "completions/_firm-cell": zsh_completion,
    "completions/firm-cell.fish": fish_completion,
}
"""What is written, by its place in the data of the program."""
