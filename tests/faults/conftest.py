"""The window as the tests of the application have it."""

from tests.app.conftest import _looks, hoist_window, made_hoist, tidy, window  # noqa: F401
