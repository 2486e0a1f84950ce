"""Series × parallel, where every cell stands and which group it is in."""
