"""What tap readings say, and practice packs."""
