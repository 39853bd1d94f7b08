import { Drawing } from './drawing.js';

/**
 * Puts fixtures and copies where it is pointed at, one after the other until Esc, or one stair or note; where each would come to stand is
 * shown on the way.
 */
export class Place extends Drawing {
    takesFaces = true;

    /**
     * @param {import('../board.js').Board} board
     * @param {string} name
     * @param {() => [string, object]} what the act and its values, without the place
     */
    constructor(board, name, what, options = '') {
        super(board);
        this.name = name;
        this.what = what;
        this.options = options;
    }

    show() {
        super.show();
        const [act, values] = this.what();
        this.board.trials.try(act, { ...values, at: Drawing.text(this.at) });
    }

    take(at) {
        const [act, values] = this.what();
        this.board.trials.stop();
        this.board.ghost.clear();
        this.board.act(act, { ...values, at: Drawing.text(at) });
        if (!['fixture', 'copy', 'ground-level'].includes(act)) this.board.use('choose');
    }

    escape() {
        this.board.use('choose');
    }
}
