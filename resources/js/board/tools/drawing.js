import { Tool } from './tool.js';
import { text } from '../../text.js';

/**
 * A tool that takes points: from the pointer, or from the arrow keys and Enter. Lengths are typed while it is used; the
 * direction is that from the last point to the pointer.
 */
export class Drawing extends Tool {
    /** @type {{x: number, y: number, word?: string}|null} where the pointer is taken to be */
    at = null;

    takesFaces = false;

    /** @param {{x: number, y: number, word?: string}} _at */
    take(_at) {}

    click(event) {
        const at = this.snapped(event);
        this.afterTyped(() => this.take(at));
    }

    hover(event) {
        this.at = this.snapped(event);
        this.show();
    }

    /** Alt held: nothing is caught. */
    snapped(event) {
        return this.board.snapping.snap(this.board.planPoint(event), this.from, { faces: this.takesFaces, free: event.altKey });
    }

    /** The arrow keys move a cross over the plan, in drawing steps or ten times as far. */
    step(right, up, far) {
        const step = this.board.step * (far ? 10 : 1);
        const at = this.at ?? this.from ?? this.board.middle();
        this.at = { x: at.x + right * step, y: at.y + up * step, word: '' };
        this.show();
    }

    enter() {
        this.at ??= this.board.middle();
        const { at } = this;
        this.afterTyped(() => {
            this.take(at);
            this.show();
        });
    }

    escape() {
        if (this.from === null) this.board.use('choose');
        this.from = null;
        this.board.ghost.clear();
    }

    show() {
        this.board.ghost.draw(this.from ? [this.line()] : [], this.at, this.words());
    }

    line() {
        return [this.from, this.at];
    }

    words() {
        const length = this.from ? Math.hypot(this.at.x - this.from.x, this.at.y - this.from.y) : null;
        return [text(this.at.word ?? ''), length === null ? '' : this.board.lengths.rounded(length)].filter(Boolean).join(', ');
    }

    /** Degrees from the last point towards the pointer. */
    towards() {
        if (!this.at || (this.at.x === this.from.x && this.at.y === this.from.y)) return 0;
        return (Math.atan2(this.at.y - this.from.y, this.at.x - this.from.x) * 180) / Math.PI;
    }

    static text(point) {
        return `${point.x},${point.y}`;
    }
}
