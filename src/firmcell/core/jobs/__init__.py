"""One file a kind of job: stages, rules, steps, pictures, passport."""
