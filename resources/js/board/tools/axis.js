import { Drawing } from './drawing.js';

/** The line about which all that is chosen is mirrored, by two places on it. */
export class Axis extends Drawing {
    name = 'axis';

    take(at) {
        if (this.from === null) {
            this.from = at;
            return;
        }
        this.board.act('mirror', { from: Drawing.text(this.from), to: Drawing.text(at) });
        this.board.use('choose');
    }
}
