"""Matched cells become those of a job: in its design, and in the register."""

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.build_state import Folding, StepStatus
from firmcell.core.records.ledger import Ledger
from firmcell.core.stock.fitting import DRY_FIT
from firmcell.core.stock.matched_into import Matched
from firmcell.register.register import Register
from firmcell.register.work import matched_into
from firmcell.store.job_file import JobFile

ALREADY_SET = (
    "The cells of this pack are set already: other ones in the design would be judged and not be in the pack. "
    "Take that step back (Not right, menu Bench) if they come out again."
)


def put_into_job(job: JobFile, register: Register, found: Matched, name: str, person: str) -> None:
    """Write matched cells into a job, as a revision of its design, and into the register.

    Raises
    ------
    Refusal
        If the pack's cells are set already, or another bench took one of them meanwhile.
    """
    ledger = Ledger(job.events())
    folding = Folding()
    for event in ledger.standing:
        folding.add(event)
    if folding.state(ledger).step(DRY_FIT).status is StepStatus.PASSED:
        raise Refusal(ALREADY_SET)
    register.write(matched_into(register, found.group_of_line, name, person))
    job.add_revision(job.latest().design().with_edits(*found.edits), person, "Take matched cells")
