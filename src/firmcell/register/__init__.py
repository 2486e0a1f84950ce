"""The workshop's memory: its cells by serial, in one file on this machine or on a server that several
benches share."""
