import { byId } from '../../dom.js';
import { Drawing } from './drawing.js';

/** A guard from place to place; the last place again ends it. */
export class Guard extends Drawing {
    name = 'guard';
    options = 'guard-options';

    /** @type {{x: number, y: number, word?: string}[]} */
    places = [];

    take(at) {
        const isLast = this.from !== null && Math.hypot(at.x - this.from.x, at.y - this.from.y) < 1;
        if (this.from === null) this.places = [];
        if (isLast) {
            this.finish();
            return;
        }
        this.places.push(at);
        this.from = at;
        this.show();
    }

    /** The server reads what was typed: the next place, in the direction of the pointer. */
    async typed(text) {
        const mm = await this.board.forms.millimetres(text);
        if (!this.from || mm === null) return;
        const towards = (this.towards() * Math.PI) / 180;
        this.take({ x: this.from.x + mm * Math.cos(towards), y: this.from.y + mm * Math.sin(towards) });
    }

    finish() {
        if (this.places.length > 1) this.board.act('guard', { line: { ...this.places.map(Drawing.text) }, ...Guard.sizes() });
        this.from = null;
        this.board.ghost.clear();
    }

    show() {
        this.board.ghost.draw(
            [...(this.from && this.places.length > 1 ? [this.places] : []), ...(this.from && this.at ? [this.line()] : [])],
            this.at,
            this.at ? this.words() : '',
        );
    }

    /** Height and gap as they are typed beside the tool. */
    static sizes() {
        return { height: byId('guard-height', HTMLInputElement).value, gap: byId('guard-gap', HTMLInputElement).value };
    }
}
