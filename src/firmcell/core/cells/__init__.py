"""How one cell behaves: resting voltage, resistances, diffusion, heat, age."""
