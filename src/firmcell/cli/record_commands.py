"""``firm-cell log`` and ``verify``: the records of a job."""

import argparse
import json
import sys


def run_log(arguments: argparse.Namespace) -> int:
    """Print every record of a job, oldest first."""
    from firmcell.core.records.event_words import event_words
    from firmcell.store.job_file import JobFile

    with JobFile.open(arguments.job, read_only=True) as job:
        events = job.events()
    for event in events:
        if arguments.json:
            print(json.dumps(event.model_dump(mode="json"), ensure_ascii=False))
        else:
            print(
                f"{event.seq:>4}  {event.time[:19].replace('T', ' ')}  {event.person or '-':<16} {event.step or '-':<20} {event_words(event)}"
            )
    return 0


def run_verify(arguments: argparse.Namespace) -> int:
    """Check that no record was changed."""
    from firmcell.store.job_file import JobFile

    with JobFile.open(arguments.job, read_only=True) as job:
        count, fault = len(job.events()), job.verify()
    if fault:
        print(f"firm-cell: {arguments.job}: {fault}", file=sys.stderr)
        return 1
    print(f"{arguments.job}: {count} records, the chain holds")
    return 0
