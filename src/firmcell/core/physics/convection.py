"""Heat from a surface to still air: natural convection and radiation."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array

STEFAN_BOLTZMANN = 5.670374419e-8
"""W/m²K⁴ (CODATA 2018; equals scipy.constants.Stefan_Boltzmann)."""
GRAVITY = 9.80665
"""m/s²."""


def air(temperature_k: ArrayLike) -> tuple[Array, Array, Array]:
    """Return transport properties of dry air at 101 325 Pa.

    Parameters
    ----------
    temperature_k : array_like
        Temperature, K; meant for 230 to 600.

    Returns
    -------
    conductivity, kinematic_viscosity, prandtl : ndarray
        W/m·K, m²/s, 1. Sutherland's law for viscosity and conductivity, ideal gas density,
        c_p taken as 1007 J/kg·K (Incropera, values from memory).

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> k, nu, pr = (float(x) for x in air(300.0))  # table of air at 300 K: 0.0263, 15.9e-6, 0.707
    >>> abs(k / 0.0263 - 1) < 0.01, abs(nu / 15.9e-6 - 1) < 0.015, abs(pr / 0.707 - 1) < 0.02
    (True, True, True)
    """
    t = np.asarray(temperature_k, dtype=float)
    viscosity = 1.716e-5 * (t / 273.15) ** 1.5 * (273.15 + 110.4) / (t + 110.4)
    conductivity = 0.0241 * (t / 273.15) ** 1.5 * (273.15 + 194.0) / (t + 194.0)
    density = 101_325.0 / (287.05 * t)
    return conductivity, viscosity / density, viscosity * 1007.0 / conductivity


def rayleigh(surface_k: ArrayLike, ambient_k: ArrayLike, length_m: ArrayLike) -> tuple[Array, Array, Array]:
    """Return Rayleigh number, Prandtl number and air conductivity (W/m·K) at the film temperature.

    Surface and ambient in K, `length_m` the characteristic length in m; arrays broadcast.

    Parameters
    ----------
    surface_k, ambient_k : array_like
        Surface and air, K.
    length_m : array_like
        Characteristic length, m.

    Returns
    -------
    number, prandtl, conductivity : ndarray
        1, 1, W/m·K; shapes broadcast.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> ra, _, _ = rayleigh(330.0, 300.0, 0.01)
    >>> ra2, _, _ = rayleigh(330.0, 300.0, 0.02)  # with the cube of the length
    >>> round(float(ra2 / ra), 6)
    8.0
    """
    surface = np.asarray(surface_k, dtype=float)
    ambient = np.asarray(ambient_k, dtype=float)
    film = (surface + ambient) / 2
    conductivity, viscosity, prandtl = air(film)
    number = GRAVITY / film * np.abs(surface - ambient) * np.asarray(length_m, dtype=float) ** 3
    return number / viscosity**2 * prandtl, prandtl, conductivity


def nusselt_horizontal_cylinder(rayleigh_number: ArrayLike, prandtl: ArrayLike) -> Array:
    """Return the mean Nusselt number of a long horizontal cylinder in still air.

    Churchill and Chu 1975, good for Ra up to 1e12; characteristic length is the diameter.

    Parameters
    ----------
    rayleigh_number, prandtl : array_like
        1.

    Returns
    -------
    nusselt : ndarray
        1.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> round(float(nusselt_horizontal_cylinder(0.0, 0.7)), 4)  # 0.60²
    0.36
    """
    ra = np.asarray(rayleigh_number, dtype=float)
    pr = np.asarray(prandtl, dtype=float)
    factor = (1 + (0.559 / pr) ** (9 / 16)) ** (8 / 27)
    return np.asarray((0.60 + 0.387 * ra ** (1 / 6) / factor) ** 2)


def nusselt_plate(rayleigh_number: ArrayLike, prandtl: ArrayLike) -> Array:
    """Return the mean Nusselt number of a flat surface in natural convection.

    Churchill and Chu 1975 for a vertical plate, all Ra up to 1e12; the characteristic length is the
    width of the surface. Used for strip in any position, since the strip's place in the finished
    pack is not known: horizontal strip facing up is cooled at least as well.

    Parameters
    ----------
    rayleigh_number, prandtl : array_like
        1.

    Returns
    -------
    nusselt : ndarray
        1.

    References
    ----------
    .. [1] churchill-chu-1975a

    Examples
    --------
    >>> round(float(nusselt_plate(0.0, 0.7)), 4)  # 0.825²
    0.6806
    """
    ra = np.asarray(rayleigh_number, dtype=float)
    pr = np.asarray(prandtl, dtype=float)
    factor = (1 + (0.492 / pr) ** (9 / 16)) ** (8 / 27)
    return np.asarray((0.825 + 0.387 * ra ** (1 / 6) / factor) ** 2)


def nusselt_horizontal_plate(rayleigh_number: ArrayLike, upward: bool) -> Array:
    """Return the mean Nusselt number of a warm horizontal plate; the characteristic length is area over
    perimeter.

    McAdams' correlations: facing up 0.54 Ra^¼ to 1e7 and 0.15 Ra^⅓ above; facing down 0.27 Ra^¼, half as
    much.

    Parameters
    ----------
    rayleigh_number : array_like
        1.
    upward : bool
        Whether the warm side faces up.

    Returns
    -------
    nusselt : ndarray
        1.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> [round(float(nusselt_horizontal_plate(1e6, up)), 2) for up in (True, False)]  # 0.54 and 0.27 × 31.62
    [17.08, 8.54]
    """
    ra = np.asarray(rayleigh_number, dtype=float)
    if not upward:
        return np.asarray(0.27 * ra**0.25)
    return np.asarray(np.where(ra < 1e7, 0.54 * ra**0.25, 0.15 * ra ** (1 / 3)))


def cylinder_loss(
    surface_k: ArrayLike, ambient_k: ArrayLike, diameter_m: ArrayLike, emissivity: float
) -> Array:
    """Return the heat lost by each metre of a horizontal cylinder, W/m (negative if it is the colder).

    Surface and ambient in K, diameter in m; convection after Churchill and Chu, radiation to
    surroundings at ambient temperature.

    Parameters
    ----------
    surface_k, ambient_k : array_like
        K.
    diameter_m : array_like
        m.
    emissivity : float
        Of the surface, 0 to 1.

    Returns
    -------
    loss : ndarray
        W/m.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> float(cylinder_loss(300.0, 300.0, 0.003, 0.9))
    0.0
    >>> black = cylinder_loss(350.0, 300.0, 0.003, 1.0) - cylinder_loss(350.0, 300.0, 0.003, 0.0)
    >>> round(float(black), 3)  # σ (350⁴ − 300⁴) π d = 391.61 W/m² × 9.42478 mm
    3.691
    """
    surface = np.asarray(surface_k, dtype=float)
    ambient = np.asarray(ambient_k, dtype=float)
    diameter = np.asarray(diameter_m, dtype=float)
    ra, pr, conductivity = rayleigh(surface, ambient, diameter)
    h = nusselt_horizontal_cylinder(ra, pr) * conductivity / diameter
    radiated = emissivity * STEFAN_BOLTZMANN * (surface**4 - ambient**4)
    return np.asarray(np.pi * diameter * (h * (surface - ambient) + radiated))


def plate_loss(
    surface_k: ArrayLike,
    ambient_k: ArrayLike,
    width_m: ArrayLike,
    emissivity: float,
    down: ArrayLike = False,
) -> Array:
    """Return the heat lost by one face of each metre of a strip `width_m` wide, W/m.

    A strip that faces down keeps a cushion of warm air under it: about half is carried off, or nothing is
    known of how it lies and it counts as upright.

    Parameters
    ----------
    surface_k, ambient_k : array_like
        K.
    width_m : array_like
        m.
    emissivity : float
        Of the surface, 0 to 1.
    down : array_like of bool
        Whether the face looks down.

    Returns
    -------
    loss : ndarray
        W/m.

    References
    ----------
    .. [1] churchill-chu-1975a
    .. [2] incropera

    Examples
    --------
    >>> black = plate_loss(350.0, 300.0, 0.01, 1.0) - plate_loss(350.0, 300.0, 0.01, 0.0)
    >>> round(float(black), 3)  # σ (350⁴ − 300⁴) w
    3.916
    """
    surface = np.asarray(surface_k, dtype=float)
    ambient = np.asarray(ambient_k, dtype=float)
    width = np.asarray(width_m, dtype=float)
    ra, pr, conductivity = rayleigh(surface, ambient, width)
    h = nusselt_plate(ra, pr) * conductivity / width
    if np.any(down):
        # Area over perimeter of a long strip is half its width, and the Rayleigh number goes with the cube.
        cushioned = nusselt_horizontal_plate(ra / 8, upward=False) * conductivity / (width / 2)
        h = np.where(down, np.minimum(cushioned, h), h)
    radiated = emissivity * STEFAN_BOLTZMANN * (surface**4 - ambient**4)
    return np.asarray(width * (h * (surface - ambient) + radiated))
