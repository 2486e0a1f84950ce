"""What can be typed: commands, options, examples."""

import argparse
import re
from collections.abc import Callable
from pathlib import Path

from firmcell import __version__
from firmcell.cli.analyse_command import run_analyse
from firmcell.cli.job_commands import run_export, run_import, run_layout, run_new
from firmcell.cli.list_command import run_list
from firmcell.cli.match_command import run_match
from firmcell.cli.record_commands import run_log, run_verify
from firmcell.cli.run_command import run_run
from firmcell.cli.shop_command import ACTIONS as SHOP_ACTIONS
from firmcell.cli.shop_command import run_shop
from firmcell.cli.stock_command import ACTIONS, run_stock
from firmcell.cli.taps_command import run_taps
from firmcell.cli.window_commands import run_open, run_shots
from firmcell.cli.wire_command import run_wire
from firmcell.cli.wrong_call import Parser

# Written out here, so that asking for help loads nothing; a test holds them to what the core knows.
SEVERITIES = ("stop", "attention", "note")
INSULATIONS_TAKEN = ("silicone", "silicone-200", "pvc-80", "pvc-105", "xlpe-125", "ptfe-200")


EXAMPLES = """\
examples:
  firm-cell --demo                              open the orchard hoist of the demo farm
  firm-cell hoist.firmcell                      open a job
  firm-cell analyse hoist.firmcell              the figures and findings in words
  firm-cell analyse hoist.firmcell --json | jq .analysis.pack.energy_wh
  firm-cell new --brief brief.json -o new.firmcell
  firm-cell export hoist.firmcell --to pdf passport.pdf
  firm-cell layout hoist.firmcell --outline tray.dxf
  firm-cell export hoist.firmcell --to template faces.pdf
  firm-cell wire --current 30 --length "1.2 m" --drop 2% --ambient 35C
  firm-cell taps hoist.firmcell 3.56 7.12 14.24 10.68 17.80      what the readings say
  firm-cell run hoist.firmcell --duty --ambient -10C --age end      how long, how warm, what ends it
  firm-cell export hoist.firmcell --to wiring wiring.pdf
  firm-cell log hoist.firmcell                  every record, oldest first
  firm-cell verify hoist.firmcell               is the record unchanged?
  firm-cell shots docs/screenshots              pictures of every stage, without a screen

A brief is JSON with units, such as
  {"title": "Orchard hoist", "load_voltage_min": "32 V", "load_voltage_max": "43 V",
   "current_steady": "25 A", "current_peak": "45 A", "energy": "550 Wh",
   "box_length": "240 mm", "box_width": "110 mm", "box_height": "90 mm"}
and may name a cell: "cell": "21700 high-energy 5.0 Ah".

exit codes: 0 done, nothing found wrong · 1 done, and something found that was looked for (a changed record, wrong taps,
a finding named by --fail-on, no wire that does it) · 2 a call that cannot be meant · 3 could not be done (one sentence on
standard error) · 130 interrupted
"""


def make_parser() -> argparse.ArgumentParser:
    """Return the parser of the command line."""
    parser = Parser(
        prog="firm-cell",
        description="Design, build, check and hand over battery packs. Without a command it opens the window.",
        epilog=EXAMPLES,
        formatter_class=argparse.RawDescriptionHelpFormatter,
    )
    parser.add_argument("--version", action="version", version=f"Firm Cell {__version__}")
    commands = parser.add_subparsers(dest="command", metavar="COMMAND", parser_class=Parser)

    def command(
        name: str, run: Callable[[argparse.Namespace], int], words: str, example: str
    ) -> argparse.ArgumentParser:
        sub = commands.add_parser(
            name,
            help=words,
            description=words,
            epilog=f"example:\n  {example}",
            formatter_class=argparse.RawDescriptionHelpFormatter,
        )
        sub.set_defaults(run=run)
        return sub

    opening = command(
        "open",
        run_open,
        "open the window (also without the word: firm-cell JOB)",
        "firm-cell open hoist.firmcell",
    )
    opening.add_argument("job", nargs="?", type=Path, metavar="JOB", help="a .firmcell file")
    opening.add_argument(
        "--demo",
        nargs="?",
        const="orchard-hoist",
        metavar="NAME",
        help="open a demo job of the farm (orchard-hoist, bee-house-scale, hay-loft-lantern)",
    )
    opening.add_argument("--fresh", action="store_true", help="with --demo: start the demo job over")
    opening.add_argument(
        "--language",
        choices=("en", "de", "fr"),
        help="of the window (else as chosen in it, or that of the desktop)",
    )
    sub = command(
        "analyse", run_analyse, "figures and findings of a job", "firm-cell analyse hoist.firmcell --json"
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    sub.add_argument("--json", action="store_true", help="everything, as documented in docs/analyse-json.md")
    sub.add_argument(
        "--fail-on",
        choices=SEVERITIES,
        metavar="SEVERITY",
        help="exit with 1 if there is a finding as bad as that: stop, attention or note",
    )
    sub = command("list", run_list, "the jobs of a folder with the state of each", "firm-cell list .")
    sub.add_argument("folder", type=Path, metavar="FOLDER", help="with the folders in it")
    sub.add_argument("--json", action="store_true", help="everything that is known of each")
    sub = command(
        "new", run_new, "make a job from a brief", "firm-cell new --brief brief.json -o new.firmcell"
    )
    sub.add_argument(
        "--brief", type=Path, required=True, metavar="FILE", help="JSON with units; - for standard input"
    )
    sub.add_argument("-o", "--output", type=Path, required=True, metavar="JOB", help="file of the new job")
    sub.add_argument(
        "--kind", default="new-pack", help="kind of job, such as lead-change; an unknown one lists them all"
    )
    sub.add_argument("--quiet", action="store_true", help="say nothing but what is wrong")
    pack = sub.add_argument_group(
        "the pack as it is (lead change, BMS retrofit, refit, wet jacket, tray): nothing is proposed over it"
    )
    pack.add_argument("--series", type=int, metavar="N", help="groups in series")
    pack.add_argument("--parallel", type=int, metavar="N", default=1, help="cells in parallel")
    pack.add_argument("--cell", metavar="NAME", help="its class, or its size alone: “unknown 18650”")
    pack.add_argument("--wire", metavar="NAME", help="of its leads; left out: not known")
    pack.add_argument("--connector", metavar="NAME", help="on it now")
    pack.add_argument("--fuse", metavar="NAME", help="“none” if there is none; left out: not known")
    pack.add_argument("--board", metavar="NAME", help="that is in it; left out: none")
    sub = command(
        "export",
        run_export,
        "write a job in an open format",
        "firm-cell export hoist.firmcell --to pdf passport.pdf",
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    sub.add_argument(
        "--to",
        choices=(
            "json",
            "csv",
            "pdf",
            "html",
            "template",
            "dxf",
            "svg",
            "positions",
            "stl",
            "spice",
            "segments",
            "wires",
            "wiring",
            "parts",
            "parts-pdf",
            "label",
            "sketch",
        ),
        required=True,
        help="json: whole job, lossless; csv: cells, strips, taps; pdf, html: passport; template: 1:1 PDF of both faces; "
        "dxf, svg: faces; positions: CSV of cell places; stl: cell holder; "
        "spice: netlist; segments: CSV of every piece of strip under load; "
        "wires: CSV of the BMS's wire list; parts: CSV of what to buy and to lay out, with cut lengths and spares (parts-pdf: the same on paper); wiring: 1:1 PDF of schematic and nail board; "
        "label: 1:1 PDF of the pack's label; sketch: 1:1 PDF of the wiring for the inside of the lid",
    )
    sub.add_argument("out", metavar="OUT", help="file to write; - for standard output")
    sub.add_argument("--force", action="store_true", help="replace a file that is there (never a job)")
    sub.add_argument("--photos", action="store_true", help="a passport with the photos of its steps")
    sub.add_argument(
        "--language", choices=("en", "de", "fr"), default="en", help="of what is for people to read on paper"
    )
    sub.add_argument(
        "--label-size",
        default="",
        metavar="WxH",
        help="a label on a page of its own size for a printer of labels, such as 62x29 in mm; else on A4",
    )
    sub = command(
        "import",
        run_import,
        "make a job from an exchanged JSON job",
        "firm-cell import hoist.json -o hoist.firmcell",
    )
    sub.add_argument("json", type=Path, metavar="FILE", help="- for standard input")
    sub.add_argument("-o", "--output", type=Path, required=True, metavar="JOB", help="file of the new job")
    sub.add_argument("--quiet", action="store_true", help="say nothing but what is wrong")
    sub = command(
        "layout",
        run_layout,
        "find places and groups for the cells of a job and save them",
        "firm-cell layout hoist.firmcell --outline tray.dxf --lattice staggered",
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    sub.add_argument(
        "--outline", type=Path, metavar="FILE", help="DXF, SVG or CSV (mm) of the space, seen from above"
    )
    sub.add_argument(
        "--lattice", choices=("square", "staggered", "free"), help="only this one; otherwise the best"
    )
    sub.add_argument("--seed", type=int, default=1, metavar="N", help="another seed, another try")
    sub.add_argument(
        "--effort", type=float, default=1.0, metavar="X", help="moves of the search in proportion"
    )
    sub.add_argument("--quiet", action="store_true", help="say nothing but what is wrong")
    sub = command(
        "wire",
        run_wire,
        "which gauge carries a current over a length",
        'firm-cell wire --current 30 --length "1.2 m" --drop 2% --ambient 35C',
    )
    sub.add_argument("--current", required=True, metavar="A", help="steady, such as 30 or “30 A”")
    sub.add_argument(
        "--length", required=True, metavar="L", help="of one conductor, such as “1.2 m” or “4 ft”; both count"
    )
    sub.add_argument("--drop", default="2%", metavar="D", help="allowed over both: volts, or %% of --voltage")
    sub.add_argument("--voltage", default="36 V", metavar="V", help="of the system, for a drop in %%")
    sub.add_argument("--ambient", default="30 °C", metavar="T", help="air round the wire")
    sub.add_argument("--limit", default="80 °C", metavar="T", help="conductor no hotter than")
    sub.add_argument("--peak", default="0", metavar="A", help="now and then, over the steady current")
    sub.add_argument("--peak-time", default="0", metavar="S", help="how long a peak lasts")
    sub.add_argument(
        "--laying",
        choices=("free", "pair", "sleeve", "bundle", "insulation"),
        default="pair",
        help="how it lies: in free air, two together, in sleeve, bundled, inside the pack’s insulation",
    )
    sub.add_argument("--together", type=int, default=2, metavar="N", help="wires in the bundle")
    sub.add_argument(
        "--insulation",
        choices=INSULATIONS_TAKEN,
        default="silicone",
        help="class of insulation and its limit",
    )
    sub.add_argument("--on", default="0", metavar="S", help="with --off: seconds on and off by turns")
    sub.add_argument("--off", default="0", metavar="S", help="with --on")
    sub.add_argument("--json", action="store_true", help="as data")
    sub = command(
        "taps",
        run_taps,
        "what readings of the sense plug say is wrong",
        "firm-cell taps hoist.firmcell 3.56 7.12 14.24 10.68 17.8 …, or B3=14.24 strip-B3:B3=3.56",
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    sub.add_argument(
        "readings",
        nargs="*",
        metavar="V",
        help="volts at B1, B2 … against B0 in order, or B3=V for one pin, or B2:B3=V from the first to the second point (strip-B3 is "
        "the pack's own metal, group-3-at-B2 the end of a cell of group 3 at B2); none takes the recorded ones",
    )
    sub.add_argument("--json", action="store_true", help="as data")
    _add_run(command)
    _add_match(command)
    _add_stock(command)
    _add_shop(command)
    sub = command(
        "log", run_log, "every record of a job, oldest first", "firm-cell log hoist.firmcell --json"
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    sub.add_argument("--json", action="store_true", help="one record a line")
    sub = command(
        "verify",
        run_verify,
        "check that nothing in a job was changed, and that it is the job of a passport",
        "firm-cell verify hoist.firmcell --passport hoist.pdf",
    )
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    against = sub.add_mutually_exclusive_group()
    against.add_argument("--passport", type=Path, metavar="FILE", help="a passport of it, PDF or HTML")
    against.add_argument(
        "--head", metavar="HEX", help="where the chain ended, as a passport prints it, or its first 8 places"
    )
    sub = command(
        "shots",
        run_shots,
        "render the documentation's pictures without a screen",
        "firm-cell shots docs/screenshots",
    )
    sub.add_argument("folder", type=Path, metavar="DIR", help="made if it is not there")
    return parser


def _add_match(command: Callable[..., argparse.ArgumentParser]) -> None:
    sub = command(
        "match",
        run_match,
        "sort the cells of a drawer into groups that hold, resist and lose alike",
        "firm-cell match cells.csv --series 10 --parallel 4 --csv groups.csv",
    )
    sub.add_argument(
        "cells",
        type=Path,
        metavar="FILE",
        help="CSV with serial and capacity, and where measured resistance, first V, second V, days; a group keeps a cell in it; - for standard input; or a .firmcell file: cells of the register into its pack",
    )
    sub.add_argument("--series", type=int, metavar="N", help="groups, of a table")
    sub.add_argument("--parallel", type=int, metavar="N", help="cells in each, of a table")
    sub.add_argument(
        "--drawer", action="append", metavar="NAME", help="of a job: from this drawer; may be given again"
    )
    sub.add_argument(
        "--save",
        action="store_true",
        help="of a job: put the cells into its design, and in the register into the job",
    )
    sub.add_argument("--person", default="", metavar="NAME", help="who does")
    sub.add_argument("--register", metavar="WHERE", help="as for stock")
    sub.add_argument("--least-capacity", metavar="C", help="leave out cells that hold less, such as 2.4Ah")
    sub.add_argument("--most-resistance", metavar="R", help="leave out cells that resist more, such as 60mΩ")
    sub.add_argument(
        "--alike",
        default="0.04%",
        metavar="S",
        help="groups that hold within this count as alike, and resistances are evened out within it, such as 0.3%%",
    )
    sub.add_argument(
        "--balance", metavar="A", help="balance current of the board, such as 60mA: how long it takes"
    )
    sub.add_argument("--csv", metavar="OUT", help="every cell with its group, 0 for a spare")
    sub.add_argument("--force", action="store_true", help="replace a file that is there")
    sub.add_argument("--json", action="store_true", help="as data")


def _add_stock(command: Callable[..., argparse.ArgumentParser]) -> None:
    sub = command(
        "stock",
        run_stock,
        "the cells of the workshop by serial: what each is, where it is, what was measured",
        "firm-cell stock import cells.csv",
    )
    sub.add_argument(
        "action",
        choices=tuple(ACTIONS),
        metavar="ACTION",
        help="list, show SERIAL, add SERIAL…, test SERIAL, move SERIAL…, import CSV, csv OUT, labels OUT.pdf [SERIAL…], sync (meet the server), bring FILE (of another register)",
    )
    sub.add_argument(
        "items", nargs="*", metavar="ITEM", help="serials, or a file; - for standard input or output"
    )
    sub.add_argument("--drawer", metavar="NAME", help="of which cells, or where to")
    sub.add_argument("--cell", metavar="CLASS", help="class of cell, as in the part library")
    sub.add_argument("--lot", metavar="NAME", help="as printed on the box or wrap")
    sub.add_argument("--origin", choices=("new", "reclaimed", "unknown"), default="unknown", help="for add")
    sub.add_argument("--pack", metavar="NAME", help="for add: the pack that a reclaimed cell came from")
    sub.add_argument("--job", metavar="NAME", help="for move: into this job")
    sub.add_argument("--group", type=int, metavar="N", help="for move: into this group of the job")
    sub.add_argument("--scrap", metavar="WHY", help="for move: scrapped, and why")
    sub.add_argument("--capacity", metavar="C", help="for test, such as 4.92Ah")
    sub.add_argument("--resistance", metavar="R", help="for test: d.c., such as 18.2mΩ")
    sub.add_argument("--voltage", metavar="V", help="for test: at rest, such as 3.602V")
    sub.add_argument(
        "--rule",
        choices=("keep", "table", "skip"),
        default="keep",
        help="for import, where a table and the register disagree: the register is right, the table is right, or leave known cells out",
    )
    sub.add_argument("--dry-run", action="store_true", help="for import: say what would be written")
    sub.add_argument("--trays", action="store_true", help="labels of drawers, not of cells")
    sub.add_argument(
        "--paper",
        choices=("a4", "letter", "label"),
        default="a4",
        help="label: a page for each, of its own size",
    )
    sub.add_argument("--person", default="", metavar="NAME", help="who writes")
    sub.add_argument(
        "--register",
        metavar="WHERE",
        help="a file that ends in .sqlite, or postgresql://person@server/workshop; else FIRMCELL_REGISTER, else in the data folder",
    )
    sub.add_argument(
        "--join", action="store_true", help="for sync: the server is another one; give it all that is here"
    )
    sub.add_argument("--force", action="store_true", help="replace a file that is there")
    sub.add_argument("--quiet", action="store_true", help="say nothing but what is wrong")
    sub.add_argument("--json", action="store_true", help="as data")


def _add_shop(command: Callable[..., argparse.ArgumentParser]) -> None:
    sub = command(
        "shop",
        run_shop,
        "what the shop has, what jobs still want, the plan of the day, and what falls due",
        "firm-cell shop buy hoist.firmcell -o list.pdf",
    )
    sub.add_argument(
        "action",
        choices=tuple(SHOP_ACTIONS),
        metavar="ACTION",
        help="parts, tools, import CSV, csv OUT, buy JOB…, day JOB…, due [JOB…]; a folder stands for its jobs",
    )
    sub.add_argument(
        "items", nargs="*", metavar="ITEM", help="jobs, folders, or a table; - for standard input or output"
    )
    sub.add_argument("-o", "--out", metavar="OUT", help="for buy: a .csv or .pdf; for day: an .ics")
    sub.add_argument("--hours", default="08:00-17:00", metavar="H", help="for day: when work is done")
    sub.add_argument(
        "--people",
        type=int,
        choices=range(1, 7),
        default=1,
        metavar="N",
        help="for day: 1 to 6 at the benches",
    )
    sub.add_argument("--dry-run", action="store_true", help="for import: say what would be written")
    sub.add_argument("--person", default="", metavar="NAME", help="who writes")
    sub.add_argument("--register", metavar="WHERE", help="as for stock")
    sub.add_argument("--force", action="store_true", help="replace a file that is there")
    sub.add_argument("--quiet", action="store_true", help="say nothing but what is wrong")
    sub.add_argument("--json", action="store_true", help="for parts: as data")


def _add_run(command: Callable[..., argparse.ArgumentParser]) -> None:
    sub = command(
        "run",
        run_run,
        "the pack through time: how long it lasts, how warm it gets, what ends it",
        "firm-cell run hoist.firmcell --current 12A --from 80% --ambient -10C --age half",
    )
    # “-10C” is a temperature and no option.
    sub._negative_number_matcher = re.compile(r"^-\d")
    sub.add_argument("job", type=Path, metavar="JOB", help="a .firmcell file")
    drawn = sub.add_mutually_exclusive_group()
    drawn.add_argument(
        "--current", metavar="A", help="constant current; without any of these the brief's steady one"
    )
    drawn.add_argument("--power", metavar="W", help="constant power")
    drawn.add_argument(
        "--profile",
        type=Path,
        metavar="FILE",
        help="CSV with columns time_s and current_a or power_w, - for standard input; each value holds until the next row",
    )
    drawn.add_argument("--duty", action="store_true", help="the brief's steady current with its peaks")
    drawn.add_argument("--charge", action="store_true", help="charge it with the charger of the design")
    drawn.add_argument(
        "--store", action="store_true", help="left alone: what board and cells take by themselves"
    )
    sub.add_argument("--from", dest="start", default="100%", metavar="%", help="state of charge at the start")
    sub.add_argument(
        "--ambient",
        metavar="T",
        help="air, and pack at the start; 25 °C or what the brief's climate has nearest",
    )
    sub.add_argument(
        "--age", choices=("new", "half", "end"), default="new", help="end: 80 %% left, 1.5 x resistance"
    )
    sub.add_argument("--force", action="store_true", help="replace a file that is there (never a job)")
    out = sub.add_mutually_exclusive_group()
    out.add_argument("--json", action="store_true", help="everything over time, in SI units")
    out.add_argument("--csv", metavar="OUT", help="moment by moment; - for standard output")
    out.add_argument(
        "--against",
        metavar="LOG",
        help="of a charge: a CSV of readings (time_s, voltage_v, temperature_c) held against that plan; - for standard input",
    )
    out.add_argument(
        "--plan",
        metavar="OUT",
        help="of a charge: between what voltage, current and warmth lie, minute by minute; - for standard output",
    )
