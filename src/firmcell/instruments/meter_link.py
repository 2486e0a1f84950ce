"""A voltmeter that speaks SCPI: any real one by its VISA address, or the simulated stand-in."""

from typing import Any

from firmcell import DATA
from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal
from firmcell.core.tap_check.practice_pack import PracticePack

SIMULATED = "simulated"
ASK_VOLTS = "MEAS:VOLT:DC?"
TIMEOUT_MS = 3000
OVERRANGE = 9e36
"""SCPI meters answer 9.9E37 for a reading over their range."""


class MeterLink(Closes):
    """An open meter. `volts` asks it for one reading.

    Parameters
    ----------
    address : str
        ``simulated``, or a VISA address such as ``TCPIP::192.0.2.7::INSTR`` or ``ASRL/dev/ttyUSB0::INSTR``.
    pack : PracticePack, optional
        What the simulated one is clipped to.

    Raises
    ------
    Refusal
        If nothing answers there.
    """

    def __init__(self, address: str, pack: PracticePack | None = None) -> None:
        # Imported here: it takes a fifth of a second, and most starts touch no instrument.
        import pyvisa

        self.address, self._pack = address.strip() or SIMULATED, pack
        self.simulated = self.address == SIMULATED
        place = DATA / "instruments" / "meter.yaml"
        try:
            self._manager: Any = pyvisa.ResourceManager(f"{place}@sim" if self.simulated else "@py")
            meter: Any = self._manager.open_resource(
                "ASRL1::INSTR" if self.simulated else self.address,
                read_termination="\n",
                write_termination="\n",
            )
            self._meter = meter
            self._meter.timeout = TIMEOUT_MS
            self.name = str(self._meter.query("*IDN?")).strip()
        except Refusal:
            raise
        except Exception as error:
            raise Refusal(self._trouble(error)) from None

    def _trouble(self, error: Exception) -> str:
        # What a library says of its own insides helps nobody.
        told = f" ({' '.join(str(error).split())[:120]})" if isinstance(error, OSError) else ""
        return f"No meter answers at “{self.address}”{told}; look at the address, its cable and its remote setting."

    def volts(self, black: int = 0, red: int = 1) -> float:
        """Return one d.c. reading in V; the points are only for the simulated meter, which must know where it
        is held.

        Raises
        ------
        Refusal
            If it does not answer, answers no number, or is over its range.
        """
        try:
            if self.simulated and self._pack is not None:
                self._meter.write(f"SIM:VOLT {self._pack.read(black, red):.6f}")
            answer = str(self._meter.query(ASK_VOLTS)).strip()
        except Exception as error:
            raise Refusal(self._trouble(error)) from None
        try:
            value = float(answer)
        except ValueError:
            raise Refusal(f"The meter answered “{answer[:40]}”, which is no voltage.") from None
        if abs(value) > OVERRANGE:
            raise Refusal("The meter is over its range: choose a higher one, or let it choose by itself.")
        return value

    def close(self) -> None:
        """Let go of the meter."""
        self._meter.close()
        self._manager.close()
