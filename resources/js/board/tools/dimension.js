import { field, byId } from '../../dom.js';
import { Drawing } from './drawing.js';
import { Places } from './places.js';

/** A dimension from one place to another, then the place that its line runs through. */
export class Dimension extends Places {
    takesFaces = true;

    /** @param {import('../board.js').Board} board */
    constructor(board) {
        super(board, 'place-dimension', 'place-dimension', 'place-dimension-options', () => ({
            kind: field(byId('place-dimension-options', HTMLFormElement), 'kind').value,
            way: field(byId('place-dimension-options', HTMLFormElement), 'way').value,
        }));
    }

    take(at) {
        super.take(at);
        if (this.places.length === 3) this.end();
    }

    end() {
        if (this.places.length === 3) this.finish();
        this.from = null;
        this.board.ghost.clear();
    }

    finish() {
        const [from, to, through] = this.places.map(Drawing.text);
        this.board.act(this.act, { from, to, through, ...this.valuesTyped() });
    }
}
