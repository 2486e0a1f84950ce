"""``firm-cell stock``: the cells of the workshop by serial, from a terminal or a script."""

import argparse
import json
from collections.abc import Callable, Sequence
from dataclasses import asdict
from pathlib import Path
from typing import TYPE_CHECKING

from firmcell.cli.inputs import STANDARD, name_of, quantity, text_from
from firmcell.cli.wrong_call import FOUND, RIGHT, WrongCall

if TYPE_CHECKING:
    from firmcell.core.stock.cell_line import CellLine
    from firmcell.register.register import Register

Does = Callable[["Register", argparse.Namespace], int]


def run_stock(arguments: argparse.Namespace) -> int:
    """Do what is asked with the register, and meet the server where one is shared."""
    from firmcell.register.register import Register

    with Register(arguments.register or "") as register:
        if register.clock_words():
            _warn(register.clock_words())
        if register.shared and arguments.action != "sync":
            # What others wrote comes first; without the server work goes on with what is here.
            met = register.sync()
            _say_away(met.away, arguments)
            if met.clock_words:
                _warn(met.clock_words)
        done = ACTIONS[arguments.action](register, arguments)
        if register.shared and arguments.action in WRITES:
            met = register.sync()
            _say_away(met.away, arguments)
            for _, why in met.refused:
                _warn(f"The server did not take an entry: {why}")
                done = FOUND
        return done


def _say_away(away: str, arguments: argparse.Namespace) -> None:
    if away and not arguments.quiet:
        _warn(f"{away} Work goes on here; what is written waits.")


def _warn(sentence: str) -> None:
    import sys

    from firmcell.core.base.visible import visible

    print(visible(sentence), file=sys.stderr)


def _list(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.base.visible import visible
    from firmcell.core.stock.stock_words import summary, values, where

    lines = _wanted(register, arguments)
    if arguments.json:
        print(json.dumps([asdict(line) for line in lines], ensure_ascii=False, indent=1))
        return RIGHT
    for line in lines:
        print(visible("  ".join((f"{line.serial:<14}", *(f"{v:>12}" for v in values(line)), where(line)))))
    print(summary(tuple(lines)))
    return RIGHT


def _wanted(register: "Register", arguments: argparse.Namespace) -> "list[CellLine]":
    """The cells that are named, or those of a drawer, a class and a lot."""
    if arguments.items:
        return [register.with_serial(serial) for serial in arguments.items]
    return [
        line
        for line in register.lines()
        if (not arguments.drawer or (line.place_kind.value == "drawer" and line.place == arguments.drawer))
        and (not arguments.cell or line.class_name == arguments.cell)
        and (not arguments.lot or line.lot == arguments.lot)
    ]


def _show(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.base.visible import visible
    from firmcell.core.model.parts import Cell
    from firmcell.core.stock.cell_line import line_of
    from firmcell.core.stock.stock_words import history_lines, judged, marks_of, stands, values, where
    from firmcell.store.part_files import load_library

    classes = {cell.name: cell for cell in load_library()[0].of(Cell)}
    for serial in _some(arguments.items, "show", "a serial"):
        cell = register.history(register.with_serial(serial).key)
        line = line_of(cell)
        verdict = judged(line, classes.get(line.class_name))
        told = (f"{line.serial}: {stands(verdict)}", line.class_name, where(line), *values(line))
        print(visible(", ".join(word for word in told if word)))
        if verdict is None:
            print("  Its class is not in the part library: what is measured cannot be judged.")
        elif verdict.stops or verdict.marks:
            print(f"  {marks_of(verdict)}.")
        for each in history_lines(cell):
            gone = " (taken back)" if each.gone else ""
            print(visible(f"  {each.day}  {each.words}{gone}  {each.by}"))
    return RIGHT


def _add(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.stock.entries import CellAdded, Origin
    from firmcell.register.work import added

    serials = _some(arguments.items, "add", "serials")
    told = CellAdded(
        serial="-",
        class_name=arguments.cell or "",
        lot=arguments.lot or "",
        origin=Origin(arguments.origin),
        pack=arguments.pack or "",
        drawer=arguments.drawer or "",
    )
    register.write(added(register, serials, told, arguments.person))
    return _told(arguments, f"{len(serials)} came in.")


def _test(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.stock.entries import CellTested
    from firmcell.register.work import measured

    serials = _some(arguments.items, "test", "one serial")
    if len(serials) != 1:
        raise WrongCall("stock test takes the measurements of one cell; “stock import” takes those of many.")
    test = CellTested(
        capacity_as=quantity(arguments.capacity, "A·s", "Ah") if arguments.capacity else None,
        ohms=quantity(arguments.resistance, "Ω", "mΩ") if arguments.resistance else None,
        rest_v=quantity(arguments.voltage, "V", "V") if arguments.voltage else None,
    )
    register.write([measured(register, register.with_serial(serials[0]), test, arguments.person)])
    return _told(arguments, f"Written of {serials[0]}.")


def _move(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.stock.entries import PlaceKind
    from firmcell.register.work import moved

    serials = _some(arguments.items, "move", "serials")
    given = [
        (k, v)
        for k, v in zip(PlaceKind, (arguments.drawer, arguments.job, arguments.scrap), strict=True)
        if v
    ]
    if len(given) != 1:
        raise WrongCall("stock move goes --drawer NAME, --job NAME or --scrap WHY: one of them.")
    kind, place = given[0]
    reason = place if kind is PlaceKind.SCRAPPED else ""
    lines = [register.with_serial(serial) for serial in serials]
    where = "" if kind is PlaceKind.SCRAPPED else place
    register.write(moved(register, lines, kind, where, arguments.person, arguments.group, reason))
    return _told(arguments, f"{len(lines)} moved.")


def _import(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.core.base.visible import visible
    from firmcell.core.base.wording import plural
    from firmcell.core.stock.merging import Rule
    from firmcell.register.work import table_merged

    files = _some(arguments.items, "import", "one CSV")
    rule = {"keep": Rule.KEEP, "table": Rule.TABLE, "skip": Rule.SKIP}[arguments.rule]
    disagree = False
    for file in files:
        table, cells = table_merged(register, text_from(file), name_of(file), rule, arguments.person)
        for cell in cells:
            if not arguments.quiet:
                print(visible(f"{cell.serial:<14}  {cell.words}"))
            disagree = disagree or cell.marks
        for heading in table.passed_over:
            _warn(f"The column “{heading}” of {name_of(file)} was not read.")
        entries = [entry for cell in cells for entry in cell.entries]
        if not arguments.dry_run:
            register.write(entries)
        done = "would be written" if arguments.dry_run else "written"
        _told(arguments, f"{plural(len(entries), 'entry', 'entries')} {done}.")
    return FOUND if disagree else RIGHT


def _csv(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.register.cells_csv import lines_csv

    out = _one_out(arguments)
    return _written(out, lines_csv(_wanted(register, arguments)).encode(), arguments)


def _labels(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.register.labels import TRAY, WRAP, labels_pdf, tray_labels, wrap_label

    out = _one_out(arguments)
    lines = _wanted(register, arguments)
    if arguments.trays:
        labels = tray_labels(lines)
        return _written(out, labels_pdf(labels, TRAY, arguments.paper), arguments)
    return _written(out, labels_pdf([wrap_label(line) for line in lines], WRAP, arguments.paper), arguments)


def _sync(register: "Register", arguments: argparse.Namespace) -> int:
    if not register.shared:
        return _told(arguments, f"The register is a file, {register.where}: there is no server to meet.")
    met = register.sync(arguments.join)
    _say_away(met.away, arguments)
    for _, why in met.refused or register.refusals():
        _warn(f"The server did not take an entry: {why}")
    again = f" {met.again} that it had lost were put in again." if met.again else ""
    _told(arguments, f"{met.sent} sent, {met.came} fetched, {met.waiting} waiting.{again}")
    return FOUND if met.refused or met.away else RIGHT


def _bring(register: "Register", arguments: argparse.Namespace) -> int:
    from firmcell.register.book import Book
    from firmcell.register.database import address

    done = RIGHT
    for file in _some(arguments.items, "bring", "the file of a register"):
        if not Path(file).is_file():
            raise WrongCall(f"There is no file {file}.")
        with Book(address(file)) as other:
            for _, why in register.bring(other):
                _warn(why)
                done = FOUND
    return done


def _some(items: Sequence[str], action: str, what: str) -> Sequence[str]:
    if not items:
        raise WrongCall(f"stock {action} needs {what}.")
    return items


def _one_out(arguments: argparse.Namespace) -> str:
    """The file to write, named first; what follows are serials."""
    items = list(_some(arguments.items, arguments.action, "the file to write, or - for standard output"))
    arguments.items = items[1:]
    return str(items[0])


def _written(out: str, content: bytes, arguments: argparse.Namespace) -> int:
    import sys

    from firmcell.store.whole_files import write_whole

    if out == STANDARD:
        sys.stdout.buffer.write(content)
        return RIGHT
    write_whole(Path(out), content, arguments.force)
    return _told(arguments, f"{out} is written.")


def _told(arguments: argparse.Namespace, sentence: str) -> int:
    if not arguments.quiet:
        print(sentence)
    return RIGHT


ACTIONS: dict[str, Does] = {
    "list": _list,
    "show": _show,
    "add": _add,
    "test": _test,
    "move": _move,
    "import": _import,
    "csv": _csv,
    "labels": _labels,
    "sync": _sync,
    "bring": _bring,
}
WRITES = ("add", "test", "move", "import", "bring")
