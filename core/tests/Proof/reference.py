"""What GEOS makes of plans: reads a JSON list of {"walls", "points", "probes"} and prints, for each, the areas and hole
counts of the spaces around the points, and the distances from the probes to the nearest wall.

A wall is its centre line buffered by half its thickness with flat ends, and where two walls end in one point what their faces leave
between them up to where they meet; the spaces are what is left of the plane.
"""
import json
import math
import sys

from shapely.geometry import LineString, MultiPoint, Point, box
from shapely.ops import unary_union


def spoke(wall, end):
    """From a corner along a wall: its unit vector and half its thickness."""
    (x1, y1), (x2, y2) = (wall["from"], wall["to"]) if end == "from" else (wall["to"], wall["from"])
    length = math.hypot(x2 - x1, y2 - y1)
    return (x2 - x1) / length, (y2 - y1) / length, wall["thickness"] / 2


def between(corner, one, other):
    """What lies between the left face of the one and the right face of the other, both leading away from the corner."""
    (ax, ay, a), (bx, by, b) = one, other
    p = (corner[0] - ay * a, corner[1] + ax * a)
    q = (corner[0] + by * b, corner[1] - bx * b)
    cross = ax * by - ay * bx
    if abs(cross) < 1e-9:
        return None
    t = ((q[0] - p[0]) * by - (q[1] - p[1]) * bx) / cross
    meet = (p[0] + t * ax, p[1] + t * ay)
    if math.dist(meet, corner) > 4 * max(a, b):
        return None
    u = (meet[0] - q[0]) * bx + (meet[1] - q[1]) * by
    return MultiPoint([corner, p, meet, q]).convex_hull if min(t, u) < 0 else None


def corners(walls):
    ends = {}
    for wall in walls:
        for end in ("from", "to"):
            ends.setdefault(tuple(wall[end]), []).append(spoke(wall, end))
    for corner, spokes in ends.items():
        if len(spokes) == 2:
            yield from filter(None, (between(corner, *spokes), between(corner, *reversed(spokes))))


answers = []
for plan in json.load(sys.stdin):
    solids = unary_union([LineString([w["from"], w["to"]]).buffer(w["thickness"] / 2, cap_style=2) for w in plan["walls"]] + list(corners(plan["walls"])))
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
