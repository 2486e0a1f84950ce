"""The pack through time, cell by cell: what a run gives, how warm it gets, and what ends it."""
