"""Colours of wires, the same in list, picture and step."""

COLOURS = ("black", "white", "yellow", "blue", "green", "brown", "grey", "violet", "orange")
"""Of sense leads in turn; the first is black, the last red, numbers count where a colour comes again."""


def tap_colour(number: int, series: int) -> str:
    """Return the colour of a sense lead: black at B0, red at the last, the rest in turn."""
    if number == 0:
        return COLOURS[0]
    return "red" if number == series else COLOURS[1 + (number - 1) % (len(COLOURS) - 1)]


def main_colour(sign: str) -> str:
    """Return the colour of a main lead: black for minus, red for plus."""
    return "red" if sign == "+" else "black"
