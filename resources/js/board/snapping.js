import { all } from '../dom.js';

/**
 * Where the pointer is taken to be on the plan: on what is near it, with a plain word for what that is. The server says what there is to
 * catch, exactly; of what is near, points come before middles, middles before lines, and faces before the middles of walls.
 */
export class Snapping {
    static NEAR = 11;

    static AXIS = 'middle of a wall';

    /** What a point at the end of a line is called. */
    static ENDS = {
        face: 'corner',
        [Snapping.AXIS]: 'end of a wall',
        jamb: 'jamb',
        'edge of a fixture': 'corner of a fixture',
        'edge of a stair': 'corner of a step',
        'edge of a ramp': 'corner of a ramp',
        'edge of a floor opening': 'corner of a floor opening',
        'edge of a block': 'corner of a block',
        axis: 'end of an axis',
    };

    /** What its middle is called. */
    static MIDDLES = {
        face: 'middle of a face',
        jamb: 'middle of a jamb',
        'edge of a fixture': 'middle of a fixture’s edge',
        'edge of a stair': 'middle of a step',
        'edge of a ramp': 'middle of a ramp’s edge',
        'edge of a floor opening': 'middle of an edge',
        'edge of a block': 'middle of a block’s edge',
    };

    constructor(viewport, step) {
        this.viewport = viewport;
        this.step = step;
    }

    /** Called again when the plan was drawn anew. */
    read() {
        const catches = JSON.parse(all('#plan [data-catches]')[0]?.dataset.catches ?? '{}');
        this.lines = Object.entries(catches).flatMap(([word, lines]) =>
            lines.map(([x1, y1, x2, y2]) => ({
                word,
                line: [
                    { x: x1, y: y1 },
                    { x: x2, y: y2 },
                ],
            })),
        );
    }

    /**
     * @param {{x: number, y: number}} at in plan millimetres, y up
     * @param {{x: number, y: number}|null} from where a line being drawn starts
     * @param {{faces?: boolean, free?: boolean}} how faces: nothing of a wall but its faces; free: nothing is caught
     */
    snap(at, from = null, { faces = false, free = false } = {}) {
        if (free) return this.onGrid(at, from);
        const near = Snapping.NEAR * this.viewport.scale;
        const lines = this.lines.filter(({ word, line }) => !(faces && word === Snapping.AXIS) && Snapping.away(at, line) < near);
        const ends = lines.flatMap(({ word, line }) => line.map((point) => ({ ...point, word: Snapping.ENDS[word] })));
        const middles = lines
            .filter(({ word }) => word in Snapping.MIDDLES)
            .map(({ word, line: [a, b] }) => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, word: Snapping.MIDDLES[word] }));
        const walls = this.lines.filter(({ word }) => word === Snapping.AXIS || word === 'face');
        const feet =
            from === null
                ? []
                : walls.map(({ line }) => ({ ...Snapping.foot(from, line), word: 'square to a wall' })).filter((foot) => foot.on);
        return (
            Snapping.nearest(at, ends, near) ??
            Snapping.nearest(at, Snapping.crossings(lines), near) ??
            Snapping.nearest(at, [...middles, ...feet], near) ??
            this.onLine(at, from, near, lines) ??
            this.straight(at, from, near)
        );
    }

    static away(at, line) {
        const foot = Snapping.foot(at, line);
        const [a, b] = line;
        const end = foot.share < 0 ? a : foot.share > 1 ? b : foot;
        return Math.hypot(end.x - at.x, end.y - at.y);
    }

    /** Where lines near the pointer cross. */
    static crossings(lines) {
        return lines.flatMap(({ line: [a, b] }, number) =>
            lines.slice(number + 1).flatMap(({ line: [c, d] }) => {
                const [x, y, u, v] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
                const cross = x * v - y * u;
                if (Math.abs(cross) < 1e-6 * Math.hypot(x, y) * Math.hypot(u, v)) return [];
                const share = ((c.x - a.x) * v - (c.y - a.y) * u) / cross;
                const other = ((c.x - a.x) * y - (c.y - a.y) * x) / cross;
                return share >= 0 && share <= 1 && other >= 0 && other <= 1
                    ? [{ x: a.x + share * x, y: a.y + share * y, word: 'where two lines cross' }]
                    : [];
            }),
        );
    }

    static nearest(at, points, near) {
        let [best, least] = [null, near];
        for (const point of points) {
            const distance = Math.hypot(point.x - at.x, point.y - at.y);
            if (distance < least - 1e-9) [best, least] = [point, distance];
        }
        return best && { x: Snapping.round(best.x), y: Snapping.round(best.y), word: best.word };
    }

    /** On a line; straight from the start as well, where that crosses it. */
    onLine(at, from, near, lines) {
        let [best, least] = [null, near / 2];
        for (const { line, word } of lines) {
            const foot = Snapping.foot(at, line);
            const distance = Math.hypot(foot.x - at.x, foot.y - at.y) + (word === Snapping.AXIS ? near / 8 : 0);
            if (foot.on && distance < least) [best, least] = [{ ...foot, word, line }, distance];
        }
        if (best === null) return null;
        const [a, b] = best.line;
        if (from && Math.abs(a.x - b.x) < 0.1 && Math.abs(at.y - from.y) < near) best.y = from.y;
        if (from && Math.abs(a.y - b.y) < 0.1 && Math.abs(at.x - from.x) < near) best.x = from.x;
        return { x: Snapping.round(best.x), y: Snapping.round(best.y), word: best.word };
    }

    straight(at, from, near) {
        const point = this.onGrid(at, from);
        if (from && Math.abs(point.x - from.x) < near) Object.assign(point, { x: from.x, word: 'straight up' });
        else if (from && Math.abs(point.y - from.y) < near) Object.assign(point, { y: from.y, word: 'straight across' });
        return point;
    }

    /** Whole steps from where the line starts, so that its length is one. */
    onGrid(at, from) {
        const base = from ?? { x: 0, y: 0 };
        return { x: Snapping.round(base.x + this.grid(at.x - base.x)), y: Snapping.round(base.y + this.grid(at.y - base.y)), word: '' };
    }

    grid(number) {
        return Snapping.round(Math.round(number / this.step) * this.step);
    }

    static round(number) {
        return Math.round(number * 10000) / 10000;
    }

    static foot(point, [a, b]) {
        const [x, y] = [b.x - a.x, b.y - a.y];
        const share = ((point.x - a.x) * x + (point.y - a.y) * y) / (x * x + y * y || 1);
        return { x: a.x + share * x, y: a.y + share * y, share, on: share >= 0 && share <= 1 };
    }
}
