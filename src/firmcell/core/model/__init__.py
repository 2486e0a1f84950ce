"""What a pack, a part and a brief are, and the limits several subjects share."""
