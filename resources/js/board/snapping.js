/** Where the pointer is taken to be on the plan: on what is near it, with a plain word for what that is. */
export class Snapping {
    static NEAR = 11;

    constructor(viewport, step) {
        this.viewport = viewport;
        this.step = step;
    }

    /** Called again when the plan was drawn anew. */
    read() {
        this.lines = [...document.querySelectorAll('#plan .handle')].map((handle) => {
            const [x1, y1, x2, y2] = handle.dataset.line.split(' ').map(Number);
            return [{ x: x1, y: y1 }, { x: x2, y: y2 }];
        });
        const path = document.querySelector('#plan .wall')?.getAttribute('d') ?? '';
        this.faces = path.split('Z').flatMap((ring) => {
            const points = ring.slice(1).split('L').filter(Boolean).map((text) => text.split(' ').map(Number)).map(([x, y]) => ({ x, y: -y }));
            return points.map((point, number) => [point, points[(number + 1) % points.length]]);
        });
    }

    /**
     * @param {{x: number, y: number}} at in plan millimetres, y up
     * @param {{x: number, y: number}|null} from where a line being drawn starts
     */
    snap(at, from = null) {
        const near = Snapping.NEAR * this.viewport.scale;
        const corners = this.faces.map(([point]) => ({ ...point, word: 'corner' }));
        const ends = this.lines.flat().map((point) => ({ ...point, word: 'end of a wall' }));
        const middles = this.faces.map(([a, b]) => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, word: 'middle of a face' }));
        const feet = from === null ? [] : this.lines.map((line) => ({ ...Snapping.foot(from, line), word: 'square to a wall' })).filter((foot) => foot.on);
        return Snapping.nearest(at, [...ends, ...corners], near)
            ?? Snapping.nearest(at, [...middles, ...feet], near)
            ?? this.onLine(at, from, near)
            ?? this.straight(at, from, near);
    }

    static nearest(at, points, near) {
        let [best, least] = [null, near];
        for (const point of points) {
            const distance = Math.hypot(point.x - at.x, point.y - at.y);
            if (distance < least) [best, least] = [point, distance];
        }
        return best && { x: Snapping.round(best.x), y: Snapping.round(best.y), word: best.word };
    }

    /** On a wall's middle line or face; straight from the start as well, where that crosses it. */
    onLine(at, from, near) {
        const candidates = [...this.lines.map((line) => ({ line, word: 'middle of a wall' })), ...this.faces.map((line) => ({ line, word: 'face' }))];
        let [best, least] = [null, near / 2];
        for (const { line, word } of candidates) {
            const foot = Snapping.foot(at, line);
            const distance = Math.hypot(foot.x - at.x, foot.y - at.y);
            if (foot.on && distance < least) [best, least] = [{ ...foot, word, line }, distance];
        }
        if (best === null) return null;
        const [a, b] = best.line;
        if (from && Math.abs(a.x - b.x) < 0.1 && Math.abs(at.y - from.y) < near) best.y = from.y;
        if (from && Math.abs(a.y - b.y) < 0.1 && Math.abs(at.x - from.x) < near) best.x = from.x;
        return { x: Snapping.round(best.x), y: Snapping.round(best.y), word: best.word };
    }

    straight(at, from, near) {
        const point = { x: this.grid(at.x), y: this.grid(at.y), word: '' };
        if (from && Math.abs(point.x - from.x) < near) Object.assign(point, { x: from.x, word: 'straight up' });
        else if (from && Math.abs(point.y - from.y) < near) Object.assign(point, { y: from.y, word: 'straight across' });
        return point;
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
        return { x: a.x + share * x, y: a.y + share * y, on: share >= 0 && share <= 1 };
    }
}
