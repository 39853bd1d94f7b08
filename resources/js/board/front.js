import { around } from '../dom.js';
import { follow } from '../drag.js';

/** What is chosen, moved in the picture of its wall beside the plan: dragged, or by the arrow keys, with Shift ten steps at a time. */
export class Front {
    static ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

    /**
     * @param {HTMLElement} page the board, whose parts are drawn anew
     * @param {import('./board.js').Board} board
     */
    constructor(page, board) {
        this.board = board;
        page.addEventListener('pointerdown', (event) => this.grab(event));
        page.addEventListener('keydown', (event) => this.press(event));
    }

    /**
     * Whole steps of what was dragged, mm.
     * @param {number} mm
     * @param {number} step
     */
    static steps(mm, step) {
        return Math.round(mm / step) * step;
    }

    grab(event) {
        const fixture = around(event, '.front .fixture-chosen');
        if (!fixture || event.button !== 0) return;
        event.preventDefault();
        fixture.focus();
        const drawing = /** @type {SVGSVGElement} */ (/** @type {unknown} */ (fixture.closest('svg')));
        const under = drawing.getScreenCTM();
        /** @returns {[number, number]} */
        const by = (at) => [
            Front.steps((at.clientX - event.clientX) / under.a, this.board.step),
            Front.steps((event.clientY - at.clientY) / under.d, this.board.step),
        ];
        const drag = (at) => {
            const [right, up] = by(at);
            fixture.setAttribute('transform', `translate(${right} ${-up})`);
        };
        follow({ move: drag, drop: (at) => this.move(...by(at)), leave: () => fixture.removeAttribute('transform') });
    }

    press(event) {
        const way = Front.ARROWS[event.key];
        if (!way || !around(event, '.front .fixture-chosen')) return;
        event.preventDefault();
        event.stopPropagation();
        const step = this.board.step * (event.shiftKey ? 10 : 1);
        this.move(way[0] * step, way[1] * step);
    }

    /**
     * @param {number} right mm
     * @param {number} up mm
     */
    move(right, up) {
        if (right || up) this.board.actOnChosen('front', { right, higher: up });
    }
}
