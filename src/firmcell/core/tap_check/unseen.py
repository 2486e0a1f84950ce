"""What voltages alone cannot show, said at the moment they are right, each with the test that shows it."""

from firmcell.core.base.frozen import frozen

CHEMISTRY_LOOK = "The chemistry printed on every cell is that of the design"


@frozen
class Unseen:
    """A fault that reads right: what it is, and the quick test in words as it is ticked."""

    what: str
    test: str


def unseen_kinds(series: int, parallel: int, led_out: bool) -> tuple[Unseen, ...]:
    """Return what readings of a pack cannot show.

    Parameters
    ----------
    series, parallel : int
        Groups, and cells of each.
    led_out : bool
        Whether it has sense leads.

    Returns
    -------
    kinds : tuple of Unseen
    """
    last = f"B{series}"
    kinds = [
        Unseen(
            "a group too many, or one beyond the last tap",
            f"Groups counted on the pack itself: {series}",
        ),
        Unseen(
            "a plug on mirrored, read with the meter's probes exchanged",
            f"Pin B0 against the pack's minus strip and pin {last} against its plus strip: nothing"
            if led_out
            else "Red probe in the volt socket, proven on a cell",
        ),
        Unseen("a cell of another chemistry at this voltage", CHEMISTRY_LOOK),
    ]
    if led_out:
        kinds.append(
            Unseen(
                "a lead held by a strand or by dirt, or one that floats and reads right by chance",
                "A lamp or 1 kΩ from each pin to the next: no reading falls by more than 3 %",
            )
        )
        kinds.append(
            Unseen(
                "a lead missing while the plug is in the board",
                "The plug was out of the board at every reading",
            )
        )
    if parallel > 1:
        kinds.append(
            Unseen("a cell that is not joined to its group", "Every strip tugged at every cell: none lifts")
        )
    kinds.append(
        Unseen(
            "a cold joint, a link that leaks, a tap on the other side of an open link",
            "Each group read under one steady load: none sags more than the others"
            if series > 1
            else "Read under a steady load: it holds",
        )
    )
    return tuple(kinds)
