"""Board choice, taps, sense leads and thermistor."""
