import { byId, field } from '../../dom.js';
import { Drawing } from './drawing.js';

/** Measures between any two points; what was taped on site between them can be typed beside it and kept. */
export class Measure extends Drawing {
    name = 'measure';
    options = 'measure-options';

    takesFaces = true;

    /** @type {object[][]} what was measured last */
    kept = [];

    take(at) {
        if (this.from === null) {
            this.from = at;
            return;
        }
        const form = byId('measure-options', HTMLFormElement);
        field(form, 'from').value = Drawing.text(this.from);
        field(form, 'to').value = Drawing.text(at);
        const length = Math.hypot(at.x - this.from.x, at.y - this.from.y);
        document.getElementById('measure-drawn').textContent = this.board.lengths.rounded(length);
        this.kept = [[this.from, at]];
        this.from = null;
        this.show();
    }

    show() {
        this.board.ghost.draw([...this.kept, ...(this.from ? [this.line()] : [])], this.at, this.words());
    }

    escape() {
        this.kept = [];
        super.escape();
    }
}
