import { byId } from '../../dom.js';
import { Places } from './places.js';

/** A guard from place to place. */
export class Guard extends Places {
    name = 'guard';
    options = 'guard-options';

    finish() {
        this.board.act('guard', { line: this.texts(), ...Guard.sizes() });
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
