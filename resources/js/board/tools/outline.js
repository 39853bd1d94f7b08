import { Places } from './places.js';

/** An outline by its corners; the first one again closes it. */
export class Outline extends Places {
    least = 3;

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

    isEnd(at) {
        return Places.isSame(at, this.from) || Places.isSame(at, this.places[0]);
    }

    finish() {
        this.board.act(this.act, { corners: this.texts(), ...this.valuesTyped() });
    }
}
