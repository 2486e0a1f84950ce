"""The picture of the pack: placed, painted, hit and handled."""
