import { Drawing } from './drawing.js';

/** Measures between any two points; what was taped on site between them can be typed beside it and kept. */
export class Tape extends Drawing {
    name = 'tape';
    options = 'tape-options';

    constructor(board) {
        super(board);
        this.takesFaces = true;
    }

    take(at) {
        if (this.from === null) {
            this.from = at;
            return;
        }
        const form = document.getElementById('tape-options');
        form.elements.from.value = Drawing.text(this.from);
        form.elements.to.value = Drawing.text(at);
        document.getElementById('tape-drawn').textContent = this.board.length(Math.hypot(at.x - this.from.x, at.y - this.from.y));
        this.kept = [[this.from, at]];
        this.from = null;
        this.show();
    }

    show() {
        this.board.ghost.draw([...(this.kept ?? []), ...(this.from ? [this.line()] : [])], this.at, this.words());
    }

    typed() {}

    escape() {
        this.kept = [];
        super.escape();
    }
}
