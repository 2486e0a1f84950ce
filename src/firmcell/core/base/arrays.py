"""Types of the arrays that functions take and give."""

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
"""Real numbers of any shape; each function says which."""
