import { all } from '../../dom.js';
import { follow } from '../../drag.js';
import { Tool } from './tool.js';

/** Chooses what is pointed at, and drags what is chosen; what comes of it is shown before it is let go. */
export class Choose extends Tool {
    name = 'choose';

    /** All that is drawn under the pointer, from the top down. @returns {HTMLElement[]} */
    static allUnder(event) {
        return document
            .elementsFromPoint(event.clientX, event.clientY)
            .map((drawn) => /** @type {HTMLElement} */ (drawn.closest('#plan [data-subject]')))
            .filter(Boolean);
    }

    /** What lies under the pointer: fixtures before the floor openings that they stand in, and these before rooms. */
    static under(event) {
        const found = Choose.allUnder(event);
        const under = (...classes) => found.find((drawn) => !classes.some((name) => drawn.classList.contains(name)));
        return under('void', 'room') ?? under('room') ?? event.target.closest('[data-subject]');
    }

    /** What is chosen where it lies under the pointer, on top or not. */
    chosenUnder(event) {
        const { chosen, several } = this.board;
        return Choose.allUnder(event).find(({ dataset }) => dataset.subject === chosen || several.includes(dataset.subject));
    }

    /** With Alt held, what lies below what is chosen there; below the last one, the topmost again. */
    static below(event, chosen) {
        const ids = [...new Set(Choose.allUnder(event).map((drawn) => drawn.dataset.subject))];
        const id = ids[(ids.indexOf(chosen) + 1) % ids.length];
        return Choose.allUnder(event).find((drawn) => drawn.dataset.subject === id);
    }

    click(event) {
        const fixture = event.altKey ? Choose.below(event, this.board.chosen) : Choose.under(event);
        if (fixture && event.shiftKey) this.board.chooseToo(fixture.dataset.subject);
        else if (fixture) this.board.choose(fixture.dataset.subject);
        else if (event.target.closest('[data-space]')) this.board.offerName(this.board.planPoint(event));
        else if (this.board.selection !== '') this.board.choose('');
    }

    /** A box drawn with Shift held chooses what lies in it. */
    box(event) {
        event.stopPropagation();
        const start = { x: event.clientX, y: event.clientY };
        const corner = this.board.planPoint(event);
        const drag = (moved) => {
            if (Math.hypot(moved.clientX - start.x, moved.clientY - start.y) < 4) return;
            this.board.moved = true;
            const at = this.board.planPoint(moved);
            this.board.ghost.draw([[corner, { x: at.x, y: corner.y }, at, { x: corner.x, y: at.y }, corner]]);
        };
        const leave = () => {
            this.board.ghost.clear();
            this.rest();
        };
        const drop = (ended) => {
            if (this.board.moved) this.board.chooseSeveral(Choose.within(start, ended));
            leave();
        };
        follow({ move: drag, drop, leave });
    }

    /** A click may still follow a drag that has ended; it is none. */
    rest() {
        setTimeout(() => {
            this.board.moved = false;
        });
    }

    /** @returns {string[]} ids of what has its middle between two corners of the screen */
    static within(start, end) {
        const [left, right] = [start.x, end.clientX].sort((a, b) => a - b);
        const [top, bottom] = [start.y, end.clientY].sort((a, b) => a - b);
        const drawn = all('#plan [data-subject]:not(.room)').filter((one) => {
            const box = one.getBoundingClientRect();
            const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
            return x >= left && x <= right && y >= top && y <= bottom;
        });
        return [...new Set(drawn.map((one) => one.dataset.subject))];
    }

    press(event) {
        if (event.button === 0 && event.shiftKey) {
            this.box(event);
            return;
        }
        const fixture = this.chosenUnder(event);
        if (event.button !== 0 || !fixture || !this.isMovable()) return;
        event.stopPropagation();
        const start = this.board.planPoint(event);
        const list = document.getElementById('inspector').dataset.list;
        const [place, facing] = [fixture.dataset.at?.split(' ').map(Number), event.altKey];
        let by = { x: 0, y: 0 };
        let act = null;
        const drag = (moved) => {
            const at = this.board.planPoint(moved);
            by = { x: this.board.snapping.grid(at.x - start.x), y: this.board.snapping.grid(at.y - start.y) };
            this.board.moved = Math.hypot(by.x, by.y) > 0;
            if (!this.board.moved) return;
            this.board.ghost.follow(fixture, by);
            const free = facing || moved.altKey ? 1 : 0;
            act =
                list === 'blocks' && this.board.several.length < 2
                    ? ['move-block', { by: `${by.x},${by.y}`, free }]
                    : list === 'fixtures' && place && this.board.several.length < 2
                      ? ['move-fixture', { at: `${place[0] + by.x},${place[1] + by.y}`, free }]
                      : ['move', this.board.move(by.x, by.y)];
            this.board.trials.try(act[0], act[1]);
        };
        const leave = () => {
            this.board.trials.stop();
            this.board.ghost.clear();
            this.rest();
        };
        const drop = () => {
            leave();
            if (this.board.moved) this.board.act(act[0], act[1], fixture.dataset.subject);
        };
        follow({ move: drag, drop, leave });
    }

    /** A finger that rests does what a click with Shift does: it adds to what is chosen, or takes from it. */
    linger(event) {
        const fixture = Choose.under(event);
        if (fixture) this.board.chooseToo(fixture.dataset.subject);
    }

    /** A room goes with its walls. */
    isMovable() {
        const { chosen, list } = document.getElementById('inspector').dataset;
        return chosen !== this.board.chosen || !['rooms', 'storeys'].includes(list);
    }

    step(right, up, far) {
        const step = this.board.step * (far ? 10 : 1);
        if (this.board.selection !== '' && this.isMovable()) this.board.actOnChosen('move', this.board.move(right * step, up * step));
        else this.board.viewport.move(right * 0.1, -up * 0.1);
    }

    escape() {
        if (this.board.selection !== '') this.board.choose('');
    }
}
