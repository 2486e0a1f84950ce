"""Strip and plate: what it joins, carries, how warm it gets, what happens if it fails."""
