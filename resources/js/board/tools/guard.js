import { byId } from '../../dom.js';
import { Places } from './places.js';

/** A guard from place to place. */
export class Guard extends Places {
    /** @param {import('../board.js').Board} board */
    constructor(board) {
        super(board, 'guard', 'guard', 'guard-options', Guard.sizes);
    }

    finish() {
        this.board.act(this.act, { line: this.texts(), ...this.valuesTyped() });
    }

    /** Height, gap and filling as they are said beside the tool. */
    static sizes() {
        return {
            height: byId('guard-height', HTMLInputElement).value,
            gap: byId('guard-gap', HTMLInputElement).value,
            filling: byId('guard-filling', HTMLSelectElement).value,
        };
    }
}
