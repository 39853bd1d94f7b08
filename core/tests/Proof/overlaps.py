"""What GEOS makes of floors that somebody wants: reads a JSON list of {"solids", "ring", "base"}, a solid being its outer ring
and its holes, and prints for each the area and the number of the parts that the solids take of the ring, and which share of the
ring is free and can be reached from its base without crossing them.
"""
import json
import sys

from shapely.geometry import LineString, Polygon
from shapely.ops import unary_union

NOTICED = 100.0

answers = []
for asked in json.load(sys.stdin):
    ring = Polygon(asked["ring"])
    solids = unary_union([Polygon(rings[0], rings[1:]) for rings in asked["solids"]])
    taken = solids.intersection(ring)
    parts = [part for part in getattr(taken, "geoms", [taken]) if part.area > NOTICED]
    free = ring.difference(solids)
    base = LineString(asked["base"]).buffer(0.5, cap_style=2)
    # what only touches the base in a corner is not reached
    reached = [piece for piece in getattr(free, "geoms", [free]) if piece.exterior.intersection(base).length > 2.0]
    answers.append({"area": sum(part.area for part in parts), "parts": len(parts), "share": sum(piece.area for piece in reached) / ring.area})
json.dump(answers, sys.stdout)
