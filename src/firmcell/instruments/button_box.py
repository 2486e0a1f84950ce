"""A box with three buttons, or pedals, at a serial port: it sends one letter for each press.

Most foot switches are keyboards and need nothing of this. What sits at a plain serial port sends ``A``,
``B`` or ``C``, one to a line; anything else is passed over.
"""

from typing import Any

from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal

BUTTONS = ("A", "B", "C")
BAUD = 9600
SIMULATED = "loop://"
"""The stand-in: what is written to it comes back."""


class ButtonBox(Closes):
    """An open button box. `pressed` tells what was pressed since it was last asked.

    Parameters
    ----------
    address : str
        A port such as ``/dev/ttyUSB0``, ``socket://127.0.0.1:7000``, or ``simulated``.

    Raises
    ------
    Refusal
        If there is no such port.
    """

    def __init__(self, address: str) -> None:
        # Imported here: most starts have no box.
        import serial

        self.address = address.strip()
        place = SIMULATED if self.address in ("", "simulated") else self.address
        try:
            self._port: Any = serial.serial_for_url(place, baudrate=BAUD, timeout=0)
        except (OSError, ValueError) as error:
            told = " ".join(str(error).split())[:120]
            raise Refusal(
                f"No button box answers at “{self.address}” ({told}); look at its port and cable."
            ) from None
        self._rest = b""

    def press(self, button: str) -> None:
        """Press a button of the stand-in."""
        self._port.write(f"{button}\n".encode())

    def pressed(self) -> tuple[str, ...]:
        """Return the buttons pressed since this was last asked, oldest first.

        Raises
        ------
        Refusal
            If the box is gone.
        """
        try:
            self._rest += self._port.read(256)
        except OSError:
            raise Refusal(f"The button box at “{self.address}” is gone: look at its cable.") from None
        *lines, self._rest = self._rest.replace(b"\r", b"\n").split(b"\n")
        self._rest = self._rest[-8:]
        told = (line.decode("ascii", "replace").strip().upper() for line in lines)
        return tuple(name for name in told if name in BUTTONS)

    def close(self) -> None:
        """Let go of the port."""
        self._port.close()
