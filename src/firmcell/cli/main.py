"""Commands over the same core as the window."""

import argparse
import json
import os
import sys
from collections.abc import Callable
from pathlib import Path

from firmcell import __version__
from firmcell.core.base.refusal import Refusal

# Written out here, so that asking for help loads nothing; a test holds them to what the core knows.
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
  firm-cell export hoist.firmcell --to wiring wiring.pdf
  firm-cell log hoist.firmcell                  every record, oldest first
  firm-cell verify hoist.firmcell               is the record unchanged?
  firm-cell shots docs/screenshots              pictures of every stage, without a screen

A brief is JSON with units, such as
  {"title": "Orchard hoist", "load_voltage_min": "32 V", "load_voltage_max": "43 V",
   "current_steady": "25 A", "current_peak": "45 A", "energy": "550 Wh",
   "box_length": "240 mm", "box_width": "110 mm", "box_height": "90 mm"}
and may name a cell: "cell": "21700 high-energy 5.0 Ah".

exit codes: 0 done · 1 could not be done (one sentence on standard error) · 2 wrong call
"""


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(
        prog="firm-cell",
        description="Design, build, check and hand over battery packs. Without a command it opens the window.",
        epilog=EXAMPLES,
        formatter_class=argparse.RawDescriptionHelpFormatter,
    )
    parser.add_argument("--version", action="version", version=f"Firm Cell {__version__}")
    commands = parser.add_subparsers(dest="command", metavar="COMMAND")

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
        _open,
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
    sub = command(
        "analyse", _analyse, "figures and findings of a job", "firm-cell analyse hoist.firmcell --json"
    )
    sub.add_argument("job", type=Path, metavar="JOB")
    sub.add_argument("--json", action="store_true", help="everything, as documented in docs/analyse-json.md")
    sub = command("new", _new, "make a job from a brief", "firm-cell new --brief brief.json -o new.firmcell")
    sub.add_argument(
        "--brief", type=Path, required=True, metavar="FILE", help="JSON with units; - for standard input"
    )
    sub.add_argument("-o", "--output", type=Path, required=True, metavar="JOB")
    sub.add_argument(
        "--kind", default="new-pack", help="kind of job, such as lead-change; an unknown one lists them all"
    )
    sub = command(
        "export",
        _export,
        "write a job in an open format",
        "firm-cell export hoist.firmcell --to pdf passport.pdf",
    )
    sub.add_argument("job", type=Path, metavar="JOB")
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
        ),
        required=True,
        help="json: whole job, lossless; csv: cells, strips, taps; pdf, html: passport; template: 1:1 PDF of both faces; "
        "dxf, svg: faces; positions: CSV of cell places; stl: cell holder; "
        "spice: netlist; segments: CSV of every piece of strip under load; "
        "wires: CSV of the BMS's wire list; wiring: 1:1 PDF of schematic and nail board",
    )
    sub.add_argument("out", metavar="OUT", help="file to write; - for standard output")
    sub = command(
        "import",
        _import,
        "make a job from an exchanged JSON job",
        "firm-cell import hoist.json -o hoist.firmcell",
    )
    sub.add_argument("json", type=Path, metavar="FILE")
    sub.add_argument("-o", "--output", type=Path, required=True, metavar="JOB")
    sub = command(
        "layout",
        _layout,
        "find places and groups for the cells of a job and save them",
        "firm-cell layout hoist.firmcell --outline tray.dxf --lattice staggered",
    )
    sub.add_argument("job", type=Path, metavar="JOB")
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
    sub = command(
        "wire",
        _wire,
        "which gauge carries a current over a length",
        'firm-cell wire --current 30 --length "1.2 m" --drop 2% --ambient 35C',
    )
    sub.add_argument("--current", required=True, metavar="A", help="steady, such as 30 or “30 A”")
    sub.add_argument(
        "--length", required=True, metavar="L", help="of one conductor, such as “1.2 m” or “4 ft”; both count"
    )
    sub.add_argument("--drop", default="2%", metavar="D", help="allowed over both: volts, or %% of --voltage")
    sub.add_argument("--voltage", default="36 V", metavar="V", help="of the system, for a drop in %%")
    sub.add_argument("--ambient", default="30 °C", metavar="T")
    sub.add_argument("--limit", default="80 °C", metavar="T", help="conductor no hotter than")
    sub.add_argument("--peak", default="0", metavar="A")
    sub.add_argument("--peak-time", default="0", metavar="S")
    sub.add_argument("--laying", choices=("free", "pair", "sleeve", "bundle", "insulation"), default="pair")
    sub.add_argument("--together", type=int, default=2, metavar="N", help="wires in the bundle")
    sub.add_argument(
        "--insulation",
        choices=INSULATIONS_TAKEN,
        default="silicone",
        help="class of insulation and its limit",
    )
    sub.add_argument("--on", default="0", metavar="S", help="with --off: seconds on and off by turns")
    sub.add_argument("--off", default="0", metavar="S")
    sub.add_argument("--json", action="store_true")
    sub = command(
        "taps",
        _taps,
        "what readings of the sense plug say is wrong",
        "firm-cell taps hoist.firmcell 3.56 7.12 14.24 10.68 17.8 …, or B3=14.24 strip-B3:B3=3.56",
    )
    sub.add_argument("job", type=Path, metavar="JOB")
    sub.add_argument(
        "readings",
        nargs="*",
        metavar="V",
        help="volts at B1, B2 … against B0 in order, or B3=V for one pin, or B2:B3=V from the first to the second point (strip-B3 is "
        "the pack's own metal); none takes the recorded ones",
    )
    sub.add_argument("--json", action="store_true")
    sub = command("log", _log, "every record of a job, oldest first", "firm-cell log hoist.firmcell --json")
    sub.add_argument("job", type=Path, metavar="JOB")
    sub.add_argument("--json", action="store_true", help="one record a line")
    sub = command("verify", _verify, "check that no record was changed", "firm-cell verify hoist.firmcell")
    sub.add_argument("job", type=Path, metavar="JOB")
    sub = command(
        "shots",
        _shots,
        "render the documentation's pictures without a screen",
        "firm-cell shots docs/screenshots",
    )
    sub.add_argument("folder", type=Path, metavar="DIR")
    return parser


SHOWN_ABOVE = 6
"""Wires shown from the proposed one on; thicker ones do as well and only fill the screen."""
COMMANDS = ("open", "analyse", "new", "export", "import", "layout", "wire", "taps", "log", "verify", "shots")


def main(argv: list[str]) -> int:
    """Run one command; returns the exit code."""
    if not argv or (argv[0] not in (*COMMANDS, "-h", "--help", "--version")):
        argv = ["open", *argv]
    arguments = _parser().parse_args(argv)
    try:
        return int(arguments.run(arguments))
    except Refusal as refusal:
        print(f"firm-cell: {refusal.sentence}", file=sys.stderr)
        return 1
    except BrokenPipeError:
        # The reader went away (such as head); that is not an error of ours.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except OSError as error:
        print(f"firm-cell: {error.filename or ''}: {error.strerror or error}.", file=sys.stderr)
        return 1


def _open(arguments: argparse.Namespace) -> int:
    from firmcell.app.start import run_window

    return run_window(arguments.job, arguments.demo, arguments.fresh)


def _analyse(arguments: argparse.Namespace) -> int:
    from firmcell.core.jobs import PLANS
    from firmcell.core.jobs.plan import Subject
    from firmcell.store.whole_job import open_read_only, report_of

    with open_read_only(arguments.job) as job:
        whole = report_of(job)
    if arguments.json:
        print(whole.model_dump_json(indent=1))
        return 0
    p, a = whole.analysis.pack, whole.analysis
    e = a.insulation.envelope
    plan = next(plan for kind, plan in PLANS.items() if kind.value == whole.kind)
    one, about_leads = plan.subject is Subject.ONE_CELL, plan.subject is Subject.LEADS
    print(f"{whole.job}: {whole.kind if about_leads else f'{p.designation} ({p.series}S{p.parallel}P)'}")
    for name, value in (
        (
            "voltage",
            f"{p.voltage_empty_v:.2f} / {p.voltage_nominal_v:.2f} / {p.voltage_full_v:.2f} V empty / nominal / full",
        ),
        (
            "content",
            f"{p.capacity_ah:.2f} Ah, {p.energy_wh:.0f} Wh rated, {p.energy_usable_wh:.0f} Wh to the load",
        ),
        ("cell", f"{p.cell_current_steady_a:.2f} A steady, {p.cell_current_peak_a:.2f} A peak"),
        (
            "sag",
            f"{p.sag_steady_v:.2f} V steady, {p.sag_peak_v:.2f} V peak, {p.resistance_total_ohm * 1e3:.1f} mΩ in all",
        ),
        (
            "size",
            f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm, {p.mass_kg:.2f} kg",
        ),
        ("lead", f"{a.leads.limit_a:.1f} A allowed, {a.leads.drop_steady_v * 1e3:.0f} mV lost"),
    ):
        # Of a job about leads nothing is known of cells and size; one cell with its board has no leads.
        if name == "lead" if about_leads else not one or name in ("voltage", "cell"):
            print(f"  {name:<8} {value}")
    for name, value in plan.summary(whole.details) if plan.summary and whole.details else ():
        print(f"  {name:<8} {value}")
    if about_leads:
        print(f"  fault    up to {p.voltage_full_v:.2f} V, a short drives about {p.short_circuit_a:.0f} A")
    for finding in whole.findings:
        fix = f" Fix: {finding.fix}." if finding.fix else ""
        print(f"  {finding.severity.upper():<10}{finding.code:<6}{finding.sentence}{fix}")
    return 0


def _new(arguments: argparse.Namespace) -> int:
    from firmcell.store.whole_job import new_from_brief, report_of

    text = sys.stdin.read() if str(arguments.brief) == "-" else _read(arguments.brief)
    from firmcell.core.model.job_details import JobKind

    kinds = {k.value.replace(" ", "-").lower(): k for k in JobKind}
    if arguments.kind not in kinds:
        raise Refusal(f"There is no kind of job “{arguments.kind}”; there are {', '.join(kinds)}.")
    kind = kinds[arguments.kind]
    with new_from_brief(text, str(arguments.brief), arguments.output, kind) as job:
        design = job.latest().design()
        stops = [f for f in report_of(job).findings if f.severity == "stop"]
    more = f"; {len(stops)} findings stop it, the first: {stops[0].sentence}" if stops else ""
    print(f"{arguments.output}: {design.series}S{design.parallel}P of {design.cell.name}{more}")
    return 0


def _export(arguments: argparse.Namespace) -> int:
    from firmcell.store.whole_job import exported, open_read_only

    with open_read_only(arguments.job) as job:
        content = exported(job, arguments.to)
    if arguments.out == "-":
        sys.stdout.buffer.write(content)
    else:
        _write_whole(Path(arguments.out), content)
    return 0


def _import(arguments: argparse.Namespace) -> int:
    from firmcell.store.exchange import import_job

    import_job(_read(arguments.json), str(arguments.json), arguments.output).close()
    print(arguments.output)
    return 0


def _layout(arguments: argparse.Namespace) -> int:
    from firmcell.core.layout.search import ORDER
    from firmcell.core.model.design import Lattice
    from firmcell.store.layout_files import lay_out_job

    if not 0 < arguments.effort <= 1000:
        raise Refusal("--effort must be above 0 and at most 1000; 1 is the usual.")
    lattices = (Lattice(arguments.lattice),) if arguments.lattice else ORDER
    found = lay_out_job(arguments.job, lattices, arguments.seed, arguments.effort, arguments.outline)
    for choice in found.choices:
        print(f"  {choice.lattice.value:<10} {choice.count} places; more than {choice.bound} are impossible")
    assert found.arrangement is not None
    print(f"{arguments.job}: {len(found.arrangement.placed)} cells placed, {found.arrangement.lattice.value}")
    for sentence in found.advice:
        print(f"  {sentence}")
    return 0


def _wire(arguments: argparse.Namespace) -> int:
    from firmcell.core.leads.insulation_class import INSULATIONS, covered
    from firmcell.core.leads.wire_rating import WireAsk, compare_wires, proposed
    from firmcell.core.model.wire_laying import WireLaying
    from firmcell.store.part_files import load_library
    from firmcell.store.units import parse

    volts = parse(arguments.voltage, "V", "V")
    drop = arguments.drop.strip()
    drop_v = parse(drop, "1", "1") * volts if drop.endswith("%") else parse(drop, "V", "V")
    ask = WireAsk(
        current_a=parse(arguments.current, "A", "A"),
        length_m=parse(arguments.length, "m", "m"),
        drop_v=drop_v,
        ambient_k=parse(arguments.ambient, "K", "°C"),
        limit_k=parse(arguments.limit, "K", "°C"),
        peak_a=parse(arguments.peak, "A", "A"),
        peak_s=parse(arguments.peak_time, "s", "s"),
        laying=WireLaying[arguments.laying.upper()],
        together=arguments.together,
        on_s=parse(arguments.on, "s", "s"),
        off_s=parse(arguments.off, "s", "s"),
    )
    library, _ = load_library()
    named = {name.replace(" ", "-").lower(): name for name in INSULATIONS}
    rows = compare_wires([covered(w, named[arguments.insulation]) for w in library.wires], ask)
    best, ruled = proposed(rows)
    if arguments.json:
        print(
            json.dumps(
                {
                    "proposed": best.wire.name if best else None,
                    "ruled_by": ruled,
                    "wires": [
                        {
                            "wire": r.wire.name,
                            "area_m2": r.wire.area_m2,
                            "limit_a": r.limit_a,
                            "temperature_k": r.temperature_k,
                            "peak_k": r.peak_k,
                            "drop_v": r.drop_v,
                            "loss_w": r.loss_w,
                            "time_constant_s": r.time_constant_s,
                            "fails": list(r.fails),
                            "published_a": dict(r.published),
                        }
                        for r in rows
                    ],
                },
                ensure_ascii=False,
                indent=1,
            )
        )
        return 0 if best else 1
    of = f" ({drop} of {volts:g} V)" if drop.endswith("%") else ""
    print(
        f"{ask.current_a:g} A over 2 × {ask.length_m:g} m, {ask.laying.value}, air {ask.ambient_k - 273.15:.0f} °C, "
        f"conductor up to {ask.limit_k - 273.15:.0f} °C, drop up to {ask.drop_v:.2f} V{of}"
    )
    print(f"  {'wire':<20}{'carries':>9}{'at':>9}{'drop':>9}{'heat':>8}   fails on; published")
    good = [r for r in rows if not r.fails]
    for r in rows:
        if r.limit_a < 0.5 * ask.current_a or r in good[SHOWN_ABOVE:]:
            continue
        hot = "runs away" if r.temperature_k > 700 else f"{r.temperature_k - 273.15:.0f} °C"
        told = ", ".join(r.fails) or "–"
        tables = "; ".join(f"{name} {amps:g} A" for name, amps in r.published)
        mark = "→" if best is not None and r is best else " "
        print(
            f"{mark} {r.wire.name:<20}{r.limit_a:>7.1f} A{hot:>9}{r.drop_v:>7.2f} V{r.loss_w:>6.1f} W   {told}"
            + (f"; {tables}" if tables else "")
        )
    if best is None:
        raise Refusal(
            "No wire in the part library does it: shorten it, allow more drop, or lay two in parallel each with its own fuse."
        )
    print(
        f"{best.wire.name}; ruled by {ruled}. Local codes and licensed practice come first where they ask for more."
    )
    return 0


def _taps(arguments: argparse.Namespace) -> int:
    from firmcell.core.records.build_state import fold
    from firmcell.core.tap_check.doctor import Reading, diagnose, point_name, point_number
    from firmcell.core.tap_check.recorded_readings import PROVE_METER, pack_asked, readings_of
    from firmcell.store.units import parse
    from firmcell.store.whole_job import open_read_only

    with open_read_only(arguments.job) as job:
        design, state = job.latest().design(), fold(job.events())
    given: list[Reading] = []
    place = 0
    for text in arguments.readings:
        points, equals, value = text.rpartition("=")
        volts = parse(value, "V", "V")
        if not equals:
            place += 1
            given.append(Reading(0, point_number(f"B{place}", design.series), volts))
            continue
        black, _, red = points.rpartition(":")
        numbers = [point_number(name.replace("-", " "), design.series) for name in (black or "B0", red)]
        given.append(Reading(numbers[0], numbers[1], volts))
    asked = pack_asked(design, state)
    told = diagnose(given or readings_of(state, design.series), asked)
    following = [point_name(p, design.series) for p in told.next_reading] if told.next_reading else None
    if arguments.json:
        print(
            json.dumps(
                {
                    "right": told.right,
                    "decided": told.decided,
                    "words": told.words,
                    "against": told.why,
                    "unexplained": told.unexplained,
                    "next_reading": following,
                    "suspicions": [
                        {
                            "words": s.words,
                            "probability": s.probability,
                            "dangerous": s.dangerous,
                            "refs": s.refs,
                        }
                        for s in told.suspicions[:12]
                    ],
                },
                ensure_ascii=False,
                indent=1,
            )
        )
        return 0 if told.right else 1
    print(told.words)
    if told.right:
        print(PROVE_METER)
    for s in told.suspicions[:6]:
        if s.probability >= 0.005:
            print(f"  {s.probability * 100:5.1f} %  {s.words}{'' if not s.dangerous else '; do not plug in'}")
    if told.unexplained > 0.01:
        print(f"  {told.unexplained * 100:5.1f} %  none of these")
    if following is not None:
        print(f"Next: from {following[0]} to {following[1]}.")
    return 0 if told.right else 1


def _log(arguments: argparse.Namespace) -> int:
    from firmcell.store.whole_job import event_words, open_read_only

    with open_read_only(arguments.job) as job:
        events = job.events()
    for event in events:
        if arguments.json:
            print(json.dumps(event.model_dump(mode="json"), ensure_ascii=False))
        else:
            print(
                f"{event.seq:>4}  {event.time[:19].replace('T', ' ')}  {event.person or '-':<16} {event.step or '-':<20} {event_words(event)}"
            )
    return 0


def _verify(arguments: argparse.Namespace) -> int:
    from firmcell.store.whole_job import open_read_only

    with open_read_only(arguments.job) as job:
        count, fault = len(job.events()), job.verify()
    if fault:
        print(f"firm-cell: {arguments.job}: {fault}", file=sys.stderr)
        return 1
    print(f"{arguments.job}: {count} records, the chain holds")
    return 0


def _shots(arguments: argparse.Namespace) -> int:
    from firmcell.app.screenshots import render_shots

    arguments.folder.mkdir(parents=True, exist_ok=True)
    for path in render_shots(arguments.folder):
        print(path)
    return 0


def _read(path: Path) -> str:
    try:
        return path.read_text(encoding="utf-8")
    except FileNotFoundError:
        raise Refusal(f"There is no file {path}.") from None
    except UnicodeDecodeError:
        raise Refusal(f"{path} is not a text file in UTF-8.") from None


def _write_whole(path: Path, content: bytes) -> None:
    """Write beside and rename, so that a full disk leaves no half file under the name."""
    part = path.with_name(path.name + ".part")
    try:
        part.write_bytes(content)
        part.replace(path)
    except OSError as error:
        part.unlink(missing_ok=True)
        raise Refusal(f"{path} cannot be written: {(error.strerror or str(error)).lower()}.") from None
