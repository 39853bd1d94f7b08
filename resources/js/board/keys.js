import { around } from '../dom.js';

/** What each key does on the board. A key pressed in a field is the field's. */
export class Keys {
    static ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

    /**
     * @param {import('./board.js').Board} board
     * @param {import('./forms.js').Forms} forms
     * @param {import('./commands.js').Commands} commands
     */
    constructor(board, forms, commands) {
        this.board = board;
        this.forms = forms;
        this.commands = commands;
        const [zoomIn, zoomOut] = [() => board.viewport.zoom(1 / 1.25), () => board.viewport.zoom(1.25)];
        this.keys = {
            w: () => board.use('wall'),
            b: () => board.use('rectangle'),
            c: () => board.use('choose'),
            k: () => board.use('measure'),
            f: () => board.fixtures.open(),
            '[': () => board.next(-1),
            ']': () => board.next(1),
            z: () => board.showChosen(),
            '+': zoomIn,
            '=': zoomIn,
            '-': zoomOut,
            0: () => board.viewport.showAll(),
            i: (event) => board.typing.next(event.shiftKey ? -1 : 1),
            I: () => board.typing.next(-1),
        };
        this.commandKeys = {
            u: 'undo',
            r: 'redo',
            h: 'hinge',
            o: 'swing',
            t: 'turn',
            m: 'mirror',
            d: 'copy',
            e: 'list',
            Delete: 'remove',
            Backspace: 'remove',
            '?': 'keys',
        };
        document.addEventListener('keydown', (event) => this.press(event));
    }

    /** @param {KeyboardEvent} event */
    press(event) {
        if (event.key === 'Enter' && around(event, '[data-typed]')) {
            event.preventDefault();
            this.forms.typed(event.target);
        }
        if (event.key === 'Escape' && !around(event, 'dialog')) {
            if (event.target instanceof HTMLElement) event.target.blur();
            this.board.tool.escape();
        }
        if (event.ctrlKey || event.metaKey || event.altKey || around(event, 'input, textarea, select, dialog, summary')) return;
        if (/^[\d.]$/.test(event.key) && this.forms.typeInto(event)) return;
        if (this.does(event)) event.preventDefault();
    }

    /** @returns {boolean} whether the key means something */
    does(event) {
        const arrow = Keys.ARROWS[event.key];
        if (arrow) this.board.tool.step(arrow[0], arrow[1], event.shiftKey);
        else if (event.key === 'Enter' && !around(event, 'button, a')) this.board.tool.enter();
        else if (this.keys[event.key]) this.keys[event.key](event);
        else if (this.commandKeys[event.key]) this.commands.do(this.commandKeys[event.key]);
        else return false;
        return true;
    }
}
