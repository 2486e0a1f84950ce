"""Firm Cell: design, build, check and hand over battery packs."""

import os

# No model here uses a plugin of pydantic; looking for one reads the metadata of every package, a twentieth of
# the start.
os.environ.setdefault("PYDANTIC_DISABLE_PLUGINS", "__all__")

__version__ = "0.2.0"
