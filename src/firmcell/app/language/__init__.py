"""Other languages: what the program says in English is told in them where Qt shows it."""

LANGUAGES = {"en": "English", "de": "Deutsch", "fr": "Français"}
DESKTOP = "desktop"
"""Setting under which the language of the desktop is spoken, if it is among them."""
