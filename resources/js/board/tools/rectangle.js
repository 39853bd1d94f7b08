import { Drawing } from './drawing.js';
import { text } from '../../text.js';

/** A rectangle from corner to corner, or as wide and deep as typed: `12' x 10'`. */
export class Rectangle extends Drawing {
    /**
     * @param {import('../board.js').Board} board
     * @param {string} name
     * @param {string} options
     * @param {() => object} typed what is typed beside the tool
     */
    constructor(board, name, options, typed) {
        super(board);
        this.name = name;
        this.options = options;
        this.valuesTyped = typed;
    }

    take(at) {
        if (this.from && Math.abs(at.x - this.from.x) > 1 && Math.abs(at.y - this.from.y) > 1) this.draw({ to: Drawing.text(at) });
        else this.from = at;
    }

    /** It grows towards the pointer. */
    typed(text) {
        if (!this.from) return;
        const grow = [this.at?.x < this.from.x ? -1 : 1, this.at?.y < this.from.y ? -1 : 1];
        this.draw({ size: text, grow: grow.join(',') });
    }

    line() {
        return [this.from, { x: this.at.x, y: this.from.y }, this.at, { x: this.from.x, y: this.at.y }, this.from];
    }

    words() {
        const side = (/** @type {'x'|'y'} */ axis) => this.board.lengths.rounded(Math.abs(this.at[axis] - this.from[axis]));
        const sides = this.from ? `${side('x')} × ${side('y')}` : '';
        return [text(this.at.word ?? ''), sides].filter(Boolean).join(', ');
    }

    draw(values) {
        this.board.act(this.name, { from: Drawing.text(this.from), ...this.valuesTyped(), ...values });
        this.from = null;
        this.board.ghost.clear();
    }
}
