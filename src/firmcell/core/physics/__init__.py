"""Heat and network formulae that know no pack."""
