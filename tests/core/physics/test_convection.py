"""Convection against the package `ht`, air against `fluids`/`ht`, radiation against scipy."""

import ht
import numpy as np
import pytest
from numpy.testing import assert_allclose
from scipy import constants

from firmcell.core.physics import convection as v


@pytest.mark.parametrize("rayleigh", [1e-2, 1.0, 1e2, 1e4, 1e6, 1e9])
@pytest.mark.parametrize("prandtl", [0.69, 0.71])
def test_horizontal_cylinder_equals_ht(rayleigh, prandtl):
    expected = ht.conv_free_immersed.Nu_horizontal_cylinder_Churchill_Chu(prandtl, rayleigh / prandtl)
    assert_allclose(v.nusselt_horizontal_cylinder(rayleigh, prandtl), expected, rtol=1e-6)


@pytest.mark.parametrize("rayleigh", [1e-1, 1e2, 1e3, 1e5, 1e7, 1e10])
def test_plate_equals_ht(rayleigh):
    expected = ht.conv_free_immersed.Nu_vertical_plate_Churchill(0.71, rayleigh / 0.71)
    assert_allclose(v.nusselt_plate(rayleigh, 0.71), expected, rtol=1e-6)


# Dry air at 1 atm (Incropera, table A.4, values from memory): K, W/m·K, m²/s, Pr.
INCROPERA = [(250, 22.3e-3, 11.44e-6, 0.720), (300, 26.3e-3, 15.89e-6, 0.707), (350, 30.0e-3, 20.92e-6, 0.700),
             (400, 33.8e-3, 26.41e-6, 0.690)]  # fmt: skip


@pytest.mark.parametrize(("kelvin", "conductivity", "viscosity", "prandtl"), INCROPERA)
def test_air_properties(kelvin, conductivity, viscosity, prandtl):
    k, nu, pr = v.air(kelvin)
    assert_allclose([k, nu, pr], [conductivity, viscosity, prandtl], rtol=0.025)


def test_stefan_boltzmann_is_scipys():
    assert pytest.approx(constants.Stefan_Boltzmann, rel=1e-9) == v.STEFAN_BOLTZMANN


def test_radiation_alone_follows_the_fourth_power():
    """At equal convection the difference between emissivity 1 and 0 is σ(T⁴ − Ta⁴) times the surface."""
    both, none = (float(v.cylinder_loss(353.15, 303.15, 0.004, e)) for e in (1.0, 0.0))
    expected = np.pi * 0.004 * constants.Stefan_Boltzmann * (353.15**4 - 303.15**4)
    assert both - none == pytest.approx(expected, rel=1e-9)


def test_no_difference_no_loss():
    assert float(v.cylinder_loss(300.0, 300.0, 0.004, 0.9)) == pytest.approx(0, abs=1e-12)
    assert float(v.plate_loss(300.0, 300.0, 0.008, 0.9)) == pytest.approx(0, abs=1e-12)
