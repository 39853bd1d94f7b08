// @ts-check
import { byId } from '../dom.js';
import { text } from '../text.js';

/** The home in the round beside its plan, when somebody wants it; it tells the plan what is chosen, and is told. */
export class Beside {
    constructor() {
        this.opens = byId('round-beside-opens', HTMLButtonElement);
        this.view = byId('round-beside-view', HTMLElement);
        this.opens.addEventListener('click', () => this.toggle());
    }

    toggle() {
        const isOpen = this.view.hidden;
        this.view.hidden = !isOpen;
        this.opens.setAttribute('aria-expanded', String(isOpen));
        this.view.replaceChildren();
        if (!isOpen) return;
        const frame = document.createElement('iframe');
        frame.title = text('The home in the round');
        frame.src = this.view.dataset.address;
        this.view.append(frame);
    }
}
