import { Drawing } from './drawing.js';

/** A chain of walls: each end is the next one's start. */
export class Wall extends Drawing {
    name = 'wall';
    options = 'wall-options';

    take(at) {
        if (this.from && Math.hypot(at.x - this.from.x, at.y - this.from.y) > 1) this.draw({ to: Drawing.text(at) }, at);
        else this.from = at;
    }

    typed(text) {
        if (!this.from) return;
        const towards = this.towards();
        this.draw({ length: text, towards }, null);
    }

    async draw(values, end) {
        const { from } = this;
        this.board.ghost.clear();
        const status = await this.board.act('wall', { from: Drawing.text(from), ...this.board.wallValues(), ...values });
        if (status !== 200) return;
        const line = document.querySelector(`.handle[data-subject="${this.board.chosen}"]`)?.dataset.line.split(' ').map(Number);
        this.from = end ?? (line ? { x: line[2], y: line[3] } : null);
        if (end === null) this.at = this.from && { ...this.from, word: '' };
    }
}
