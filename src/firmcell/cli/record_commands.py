"""``firm-cell log`` and ``verify``: the records of a job."""

import argparse
import json
import sys


def run_log(arguments: argparse.Namespace) -> int:
    """Print every record of a job, oldest first."""
    from firmcell.core.base.visible import visible
    from firmcell.core.records.event_words import event_words
    from firmcell.store.job_file import JobFile

    with JobFile.open(arguments.job, read_only=True) as job:
        events = job.events()
    for event in events:
        if arguments.json:
            print(json.dumps(event.model_dump(mode="json"), ensure_ascii=False))
        else:
            print(
                visible(
                    f"{event.seq:>4}  {event.time[:19].replace('T', ' ')}  {event.person or '-':<16} {event.step or '-':<20} {event_words(event)}"
                )
            )
    return 0


def run_verify(arguments: argparse.Namespace) -> int:
    """Check that nothing in a job was changed, and that it is the job of a passport."""
    from firmcell.core.base.wording import plural
    from firmcell.store.job_chain import signers_words
    from firmcell.store.job_file import JobFile
    from firmcell.store.passport_seal import compared, read_seal, seal_of_head

    seal = None
    if arguments.passport is not None:
        seal = read_seal(arguments.passport)
    elif arguments.head is not None:
        seal = seal_of_head(arguments.head)
    with JobFile.open(arguments.job, read_only=True) as job:
        count, told = len(job.events()), job.verify()
        right, words = compared(job, seal) if seal else (True, "")
    if told.fault:
        print(f"firm-cell: {arguments.job}: {told.fault}", file=sys.stderr)
    else:
        links = f", {plural(told.head.number, 'link')}" if told.head else ""
        print(f"{arguments.job}: {plural(count, 'record')}{links}, the chain holds")
    print(f"  the chain: {told.began}")
    if told.head:
        print(f"  signatures: {signers_words(told)}")
        print(f"  it ends with {told.head.hash}")
    if words:
        print(
            f"  {words}" if right else f"firm-cell: {arguments.job}: {words}",
            file=sys.stdout if right else sys.stderr,
        )
    return 0 if right and not told.fault else 1
