"""How things of the workshop are named and known."""

from typing import Annotated

from pydantic import Field

Words = Annotated[str, Field(max_length=500)]
Key = Annotated[str, Field(pattern=r"^[0-9a-f]{32}$")]
"""Identity of an entry, or of what it is about: a UUID in hexadecimal digits."""
Name = Annotated[str, Field(min_length=1, max_length=80)]
