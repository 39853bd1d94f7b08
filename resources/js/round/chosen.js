// @ts-check
import { byId } from '../dom.js';
import { text } from '../text.js';

/** Says what is chosen, where it is on the plan, and what is hidden. */
export class Chosen {
    /** @param {DOMStringMap} page the plan's address, and what it calls the chosen element */
    constructor(page) {
        this.page = page;
        this.place = byId('round-chosen', HTMLElement);
        this.note = byId('round-hidden', HTMLElement);
    }

    /** @param {string} id empty: nothing @param {string} name @param {string} storey */
    show(id, name, storey) {
        if (id === '') {
            this.place.textContent = text('Nothing: point at something.');
            return;
        }
        const called = document.createElement('b');
        called.textContent = name;
        const plan = document.createElement('a');
        const address = new URL(this.page.plan);
        address.searchParams.set(this.page.choose, id);
        if (storey) address.searchParams.set('storey', storey);
        plan.href = address.href;
        plan.textContent = text('On the plan');
        const hide = document.createElement('button');
        Object.assign(hide, { type: 'button', className: 'btn btn-link btn-sm', textContent: text('Hide it') });
        hide.dataset.round = 'hide';
        this.place.replaceChildren(called, ' ', plan, ' ', hide);
    }

    /** @param {number} count */
    showHidden(count) {
        this.note.hidden = count === 0;
        this.note.querySelector('span').textContent = text('Hidden: {count}.', { count });
    }
}
