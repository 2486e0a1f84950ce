"""Lanes and lengths on the picture of a face, mm."""

MM = 1e3


LANE_MM = 1.5


FIRST_LANE_MM = 3.5


LEAD_OUT_MM = 16.0
