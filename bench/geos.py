"""Milliseconds that GEOS takes to part the plane by walls read as JSON from standard input: union, then difference."""
import json
import sys
import time

from shapely.geometry import LineString, box
from shapely.ops import unary_union

walls = json.load(sys.stdin)
start = time.perf_counter()
solids = unary_union([LineString([w["from"], w["to"]]).buffer(w["thickness"] / 2, cap_style=2) for w in walls])
left, bottom, right, top = solids.bounds
spaces = box(left - 1000, bottom - 1000, right + 1000, top + 1000).difference(solids)
print((time.perf_counter() - start) * 1000)
