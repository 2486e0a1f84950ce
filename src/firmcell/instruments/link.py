"""An instrument that speaks SCPI: any real one by its VISA address, or a simulated stand-in."""

import re
from typing import Any

from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal
from firmcell.instruments.kinds import MEASURES, Kind
from firmcell.instruments.stand_ins import StandIn

SIMULATED = "simulated"
TIMEOUT_MS = 3000
OVERRANGE = 9e36
"""SCPI instruments answer 9.9E37 for what is over their range."""
NUMBER = re.compile(r"[-+]?\d+(?:[.,]\d+)?(?:[eE][-+]?\d+)?")
TO_SI = {"KG": 1000.0, "G": 1.0, "MOHM": 1e-3, "OHM": 1.0}
"""Some answer with a unit behind the number: factor to the unit that is asked for."""


class Link(Closes):
    """An open instrument; `read` asks it for one value.

    Parameters
    ----------
    kind : Kind
    address : str
        ``simulated``, or a VISA address such as ``TCPIP::192.0.2.7::5025::SOCKET`` or
        ``ASRL/dev/ttyUSB0::INSTR``.
    stand_in : StandIn, optional
        What answers where the address says simulated.

    Raises
    ------
    Refusal
        If nothing answers there.
    """

    def __init__(self, kind: Kind, address: str, stand_in: StandIn | None = None) -> None:
        self.kind, self.address = kind, address.strip() or SIMULATED
        self.simulated = self.address == SIMULATED
        self._stand_in = stand_in or StandIn(kind)
        self._resource: Any = None
        self._manager: Any = None
        if not self.simulated:
            self._open()
        self.name = self.ask("*IDN?")

    def _open(self) -> None:
        # Imported here: it takes a fifth of a second, and most starts touch no instrument.
        import pyvisa

        try:
            self._manager = pyvisa.ResourceManager("@py")
            self._resource = self._manager.open_resource(
                self.address, read_termination="\n", write_termination="\n"
            )
            self._resource.timeout = TIMEOUT_MS
        except Exception as error:
            raise Refusal(self._trouble(error)) from None

    def _trouble(self, error: Exception) -> str:
        told = f" ({' '.join(str(error).split())[:120]})" if isinstance(error, OSError) else ""
        return f"No {self.kind.value} answers at “{self.address}”{told}; look at the address, its cable and its remote setting."

    def ask(self, query: str) -> str:
        """Return what it answers to a query."""
        if self.simulated:
            return (self._stand_in.line(query) or "").strip()
        try:
            return str(self._resource.query(query)).strip()
        except Exception as error:
            raise Refusal(self._trouble(error)) from None

    def tell(self, command: str) -> None:
        """Send a command that is not answered."""
        if self.simulated:
            self._stand_in.line(command)
            return
        try:
            self._resource.write(command)
        except Exception as error:
            raise Refusal(self._trouble(error)) from None

    def read(self, what: str = "") -> float:
        """Return one value in SI, of the first thing that it measures unless another is named.

        Raises
        ------
        Refusal
            If it does not answer, answers no number, or what cannot be right.
        """
        quantities = MEASURES[self.kind]
        quantity = quantities[what or next(iter(quantities))]
        answer = self.ask(quantity.ask)
        # An error is answered with words in quotes behind its number.
        found = None if '"' in answer else NUMBER.search(answer)
        if found is None:
            raise Refusal(f"The {self.kind.value} answered “{answer[:40]}”, which is no number.")
        number = float(found[0].replace(",", "."))
        if abs(number) > OVERRANGE:
            raise Refusal(f"The {self.kind.value} is over its range, or nothing is connected to it.")
        rest = answer[found.end() :].strip().upper()
        value = number * TO_SI.get(rest, 1.0) * quantity.factor + quantity.offset
        if not quantity.least <= value <= quantity.most:
            raise Refusal(f"The {self.kind.value} answered {answer[:40]}, which cannot be right.")
        return value

    def close(self) -> None:
        """Let go of the instrument."""
        if self._resource is not None:
            self._resource.close()
            self._manager.close()
            self._resource = self._manager = None
