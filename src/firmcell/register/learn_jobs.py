"""Learning from the jobs of a folder what their records hold of peels, joints and capacity."""

from pathlib import Path

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.part_library import PartLibrary
from firmcell.register.register import Register
from firmcell.register.shop_work import learn_from
from firmcell.store.job_file import JobFile
from firmcell.store.job_list import job_files


def learn_from_jobs(place: str, folder: Path, library: PartLibrary) -> int:
    """Put into a register what the jobs of a folder teach; what is in already stays, and a job that cannot be
    read teaches nothing.

    Parameters
    ----------
    place : str
        Of the register; "" for the shop's own.
    folder : Path
    library : PartLibrary

    Returns
    -------
    count : int
        Entries that are new.

    Raises
    ------
    Refusal
        If the register cannot be written, or there is no such folder.
    """
    count = 0
    with Register(place) as register:
        for path in job_files(folder):
            try:
                with JobFile.open(path, read_only=True) as job:
                    design, events = job.latest().design(), job.events()
            except Refusal:
                continue
            count += learn_from(register, design, events, library)
        if register.shared:
            register.sync()
    return count
