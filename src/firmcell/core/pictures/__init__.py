"""What is drawn, and told of a part."""
