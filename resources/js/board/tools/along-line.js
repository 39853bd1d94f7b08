import { Places } from './places.js';

/** What is drawn along a line from one place to another: a beam, the rise of a ceiling from its eaves to its ridge. */
export class AlongLine extends Places {
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

    take(at) {
        super.take(at);
        if (this.from !== null && this.places.length === this.least) this.end();
    }

    finish() {
        this.board.act(this.act, { line: this.texts(), ...this.valuesTyped() });
    }
}
