/** What the pointer and the keys do on the plan while a tool is used. */
export class Tool {
    name = '';

    /** The id of the options beside the plan that are the tool's. */
    options = '';

    /** @type {{x: number, y: number, word?: string}|null} where what is being drawn starts */
    from = null;

    /** @type {Promise<void>|null} until a length that was typed is read and drawn */
    reading = null;

    /** @param {import('../board.js').Board} board */
    constructor(board) {
        this.board = board;
    }

    /** @param {PointerEvent} _event */
    press(_event) {}

    /** @param {PointerEvent} _event */
    hover(_event) {}

    /** @param {MouseEvent} _event */
    click(_event) {}

    /** A finger rests where it is. @param {PointerEvent} _event */
    linger(_event) {}

    /** The arrow keys. @param {number} _right @param {number} _up @param {boolean} _far */
    step(_right, _up, _far) {}

    enter() {}

    escape() {}

    /** A length or a size typed while it is used. @param {string} _text @returns {void|Promise<void>} until it is drawn */
    typed(_text) {}

    /** Does something when what was typed before it is drawn. @param {() => void} does */
    afterTyped(does) {
        if (this.reading) this.reading.then(does);
        else does();
    }
}
