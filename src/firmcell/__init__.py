"""Firm Cell: design, build, check and hand over battery packs."""

import os
import sys
from pathlib import Path
from types import ModuleType

# No model here uses a plugin of pydantic. Looking for one reads the metadata of every package, and even
# with plugins turned off the module that would look loads a mail parser: together a tenth of the start.
os.environ.setdefault("PYDANTIC_DISABLE_PLUGINS", "__all__")
# The matrices here are small or sparse; threads of the linear algebra would only wait for each other.
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
_no_plugins = ModuleType("pydantic.plugin._loader")
_no_plugins.get_plugins = tuple  # type: ignore[attr-defined]
sys.modules.setdefault(_no_plugins.__name__, _no_plugins)

__version__ = "0.2.0"
DATA = Path(__file__).parent / "data"
"""Fonts, icons, parts, templates and demo data that ship with the program."""
