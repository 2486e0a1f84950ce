"""The pack model and every computation on it; SI units, no interface, no files, no clock."""
