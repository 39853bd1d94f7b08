import { around, field } from '../dom.js';
import { follow } from '../drag.js';
import { text } from '../text.js';

/** North set by turning a pointer: dragged, or by the arrow keys a degree at a time, with Shift fifteen. */
export class NorthDial {
    /** @param {HTMLElement} page the board, whose parts are drawn anew */
    constructor(page) {
        page.addEventListener('pointerdown', (event) => this.grab(event));
        page.addEventListener('keydown', (event) => this.press(event));
    }

    /**
     * Degrees clockwise from up of a place seen from another, whole ones.
     * @param {{x: number, y: number}} from
     * @param {{x: number, y: number}} at on the screen, y down
     */
    static bearing(from, at) {
        return (Math.round((Math.atan2(at.x - from.x, from.y - at.y) * 180) / Math.PI) + 360) % 360;
    }

    grab(event) {
        const dial = around(event, '.north-dial');
        if (!dial || event.button !== 0) return;
        event.preventDefault();
        dial.focus();
        const box = dial.getBoundingClientRect();
        const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
        const turn = (at) => NorthDial.turn(dial, NorthDial.bearing(middle, { x: at.clientX, y: at.clientY }));
        const before = Number(dial.getAttribute('aria-valuenow'));
        turn(event);
        follow({ move: turn, drop: () => dial.closest('form').requestSubmit(), leave: () => NorthDial.turn(dial, before) });
    }

    press(event) {
        const dial = around(event, '.north-dial');
        const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (!dial || (!by && event.key !== 'Enter')) return;
        event.preventDefault();
        event.stopPropagation();
        if (by) NorthDial.turn(dial, (Number(dial.getAttribute('aria-valuenow')) + by * (event.shiftKey ? 15 : 1) + 360) % 360);
        else dial.closest('form').requestSubmit();
    }

    static turn(dial, degrees) {
        dial.setAttribute('aria-valuenow', String(degrees));
        dial.setAttribute('aria-valuetext', text('{degrees} degrees clockwise from up', { degrees }));
        dial.querySelector('.north-needle').setAttribute('transform', `rotate(${degrees})`);
        field(dial.closest('form'), 'fields[north]').value = String(degrees);
    }
}
