"""What a charger does to a pack."""
