"""Pens: they put a drawing of the core on paper; the Qt view is another such pen."""
