import { Places } from './places.js';

/** What is drawn along a line from one place to another: a beam, the rise of a ceiling from its eaves to its ridge. */
export class AlongLine extends Places {
    take(at) {
        super.take(at);
        if (this.from !== null && this.places.length === this.least) this.end();
    }

    finish() {
        this.board.act(this.act, { line: this.texts(), ...this.valuesTyped() });
    }
}
