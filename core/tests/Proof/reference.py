"""What GEOS makes of plans: reads a JSON list of {"walls", "points", "probes"} and prints, for each, the areas and hole
counts of the spaces around the points, and the distances from the probes to the nearest wall.

A wall is its centre line buffered by half its thickness with flat ends; the spaces are what is left of the plane.
"""
import json
import sys

from shapely.geometry import LineString, Point, box
from shapely.ops import unary_union

answers = []
for plan in json.load(sys.stdin):
    solids = unary_union([LineString([w["from"], w["to"]]).buffer(w["thickness"] / 2, cap_style=2) for w in plan["walls"]])
    left, bottom, right, top = solids.bounds
    left_over = box(left - 1000, bottom - 1000, right + 1000, top + 1000).difference(solids)
    parts = list(getattr(left_over, "geoms", [left_over]))
    spaces = [next((part for part in parts if part.contains(Point(p))), None) for p in plan["points"]]
    answers.append({
        "areas": [None if s is None else s.area for s in spaces],
        "holes": [None if s is None else len(s.interiors) for s in spaces],
        "distances": [solids.distance(Point(p)) for p in plan["probes"]],
    })
json.dump(answers, sys.stdout)
