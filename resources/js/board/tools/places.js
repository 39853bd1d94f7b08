import { Drawing } from './drawing.js';

/** Takes places one after the other, pointed at or as far as typed towards the pointer; the last one again, or Enter on it, ends them. */
export class Places extends Drawing {
    /** @type {{x: number, y: number, word?: string}[]} */
    places = [];

    /** So few make what is drawn. */
    least = 2;

    /**
     * @param {import('../board.js').Board} board
     * @param {string} name
     * @param {string} act what is drawn by it
     * @param {string} options
     * @param {() => object} typed what is typed beside the tool
     */
    constructor(board, name, act, options, typed) {
        super(board);
        this.name = name;
        this.act = act;
        this.options = options;
        this.valuesTyped = typed;
    }

    /** What is drawn with them is what the server knows it by. */
    finish() {}

    take(at) {
        if (this.from === null) this.places = [];
        if (this.from !== null && this.isEnd(at)) {
            this.end();
            return;
        }
        this.places.push(at);
        this.from = at;
        this.show();
    }

    /** @param {{x: number, y: number}} at */
    isEnd(at) {
        return Places.isSame(at, this.from);
    }

    end() {
        if (this.places.length >= this.least) this.finish();
        this.from = null;
        this.board.ghost.clear();
    }

    /** The server reads what was typed. */
    typed(text) {
        return this.leg(text);
    }

    async leg(text) {
        const mm = await this.board.forms.millimetres(text);
        if (!this.from || mm === null) return;
        const towards = (this.towards() * Math.PI) / 180;
        this.take({ x: this.from.x + mm * Math.cos(towards), y: this.from.y + mm * Math.sin(towards) });
    }

    show() {
        this.board.ghost.draw(
            [...(this.from && this.places.length > 1 ? [this.places] : []), ...(this.from && this.at ? [this.line()] : [])],
            this.at,
            this.at ? this.words() : '',
        );
    }

    /** The places as the server reads them. */
    texts() {
        return { ...this.places.map(Drawing.text) };
    }

    static isSame(one, other) {
        return Math.hypot(one.x - other.x, one.y - other.y) < 1;
    }
}
