import { Places } from './places.js';

/** An outline by its corners; the first one again closes it. */
export class Outline extends Places {
    least = 3;

    isEnd(at) {
        return Places.isSame(at, this.from) || Places.isSame(at, this.places[0]);
    }

    finish() {
        this.board.act(this.act, { corners: this.texts(), ...this.valuesTyped() });
    }
}
