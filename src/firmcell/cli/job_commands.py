"""``firm-cell new``, ``import``, ``export`` and ``layout``: jobs and files made of them."""

import argparse
import sys
from pathlib import Path

from firmcell.cli.inputs import name_of, text_from
from firmcell.cli.on_terminal import told
from firmcell.cli.wrong_call import WrongCall
from firmcell.core.base.tongue import ENGLISH


def run_new(arguments: argparse.Namespace) -> int:
    """Make a job from a brief."""
    from firmcell.store.whole_job import new_from_brief, report_of

    text = text_from(arguments.brief)
    from firmcell.core.model.job_details import JobKind

    kinds = {k.value.replace(" ", "-").lower(): k for k in JobKind}
    if arguments.kind not in kinds:
        raise WrongCall(f"There is no kind of job “{arguments.kind}”; there are {', '.join(kinds)}.")
    kind = kinds[arguments.kind]
    told = {name: getattr(arguments, name) for name in ("cell", "wire", "connector", "fuse", "board")}
    existing = None
    if arguments.series is not None:
        existing = {"series": arguments.series, "parallel": arguments.parallel, **told}
    elif any(told.values()):
        raise WrongCall(
            "--cell, --wire, --connector, --fuse and --board tell of a pack that is there: give --series too."
        )
    with new_from_brief(text, str(arguments.brief), arguments.output, kind, existing) as job:
        design = job.latest().design()
        stops = [f for f in report_of(job).findings if f.severity == "stop"]
    more = f"; {len(stops)} findings stop it, the first: {stops[0].sentence}" if stops else ""
    if not arguments.quiet:
        print(f"{arguments.output}: {design.series}S{design.parallel}P of {design.cell.name}{more}")
    return 0


def run_export(arguments: argparse.Namespace) -> int:
    """Write a job in an open format."""
    from firmcell.core.pictures.pack_label import stock_of
    from firmcell.store.whole_files import check_target, write_whole
    from firmcell.store.whole_job import exported, open_read_only

    out, stock = Path(arguments.out), stock_of(arguments.label_size)
    tongue = ENGLISH
    if arguments.language != ENGLISH.code:
        # Imported here: it brings Qt, which looks texts up.
        from firmcell.app.language.spoken import tongue_of

        tongue = tongue_of(arguments.language)
    if arguments.out != "-":
        check_target(out, arguments.force)
    with open_read_only(arguments.job) as job:
        pieces = exported(job, arguments.to, arguments.photos, stock, tongue)
        if arguments.out == "-":
            for piece in pieces:
                sys.stdout.buffer.write(piece)
        else:
            write_whole(out, pieces, arguments.force)
    return 0


def run_import(arguments: argparse.Namespace) -> int:
    """Make a job from an exchanged JSON job, or from what a plug-in reads."""
    from firmcell.store.exchange import import_job
    from firmcell.store.plugins import plugins
    from firmcell.store.strangers import MOST_JSON_BYTES
    from firmcell.store.whole_job import made_by

    importer = plugins().importer_of(arguments.json)
    if importer is not None:
        made_by(importer, arguments.json, arguments.output).close()
        if not arguments.quiet:
            print(arguments.output)
        return 0
    text = text_from(arguments.json, MOST_JSON_BYTES)
    import_job(text, name_of(arguments.json), arguments.output).close()
    if not arguments.quiet:
        print(arguments.output)
    return 0


def run_layout(arguments: argparse.Namespace) -> int:
    """Find places and groups for the cells of a job and save them."""
    from firmcell.core.layout.places import ORDER
    from firmcell.core.model.design import Lattice
    from firmcell.store.layout_files import lay_out_job

    if not 0 < arguments.effort <= 1000:
        raise WrongCall("--effort must be above 0 and at most 1000; 1 is the usual.")
    lattices = (Lattice(arguments.lattice),) if arguments.lattice else ORDER
    found = lay_out_job(
        arguments.job,
        lattices,
        arguments.seed,
        arguments.effort,
        arguments.outline,
        lambda steps: told(steps, "Looking for places, layouts seen", arguments.quiet),
    )
    if arguments.quiet:
        return 0
    for choice in found.choices:
        print(f"  {choice.lattice.value:<10} {choice.count} places; more than {choice.bound} are impossible")
    assert found.arrangement is not None
    print(f"{arguments.job}: {len(found.arrangement.placed)} cells placed, {found.arrangement.lattice.value}")
    for sentence in found.advice:
        print(f"  {sentence}")
    return 0
