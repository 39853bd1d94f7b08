// @ts-check
import { all, byId } from '../dom.js';
import { text } from '../text.js';

/** The home drawn by the server, where the browser does not draw in the round: a storey from above and aside, with the chosen finding. */
export class Drawn {
    /** @param {HTMLElement} page */
    constructor(page) {
        this.page = page;
        this.finding = new URLSearchParams(location.search).get('finding') ?? '';
        this.image = byId('round-drawing', HTMLImageElement);
        this.storey = byId('round-storey', HTMLSelectElement);
        this.storey.options[0].remove();
        this.storey.selectedIndex = this.storey.options.length - 1;
        byId('round-message', HTMLElement).textContent = text(
            'This browser does not draw in the round (WebGL 2): a drawing is shown instead.',
        );
        const shown = '#round-shown > :not(fieldset), #round-shown fieldset > label, #round-only';
        for (const part of all(`.round-tools, .round-sun, .round-chosen, ${shown}`)) part.hidden = true;
        this.storey.addEventListener('input', () => this.draw());
        page.addEventListener('click', ({ target }) => {
            const button = target instanceof Element ? target.closest('button[data-finding]') : null;
            if (button instanceof HTMLElement) this.open(button);
        });
        this.draw();
    }

    /** @param {HTMLElement} button of a finding */
    open(button) {
        this.finding = button.dataset.finding;
        for (const one of all('#round-findings button')) one.setAttribute('aria-pressed', String(one === button));
        if (button.dataset.storey) this.storey.value = button.dataset.storey;
        this.draw();
    }

    draw() {
        this.image.hidden = false;
        this.image.alt = text('{storey} from above and aside', { storey: this.storey.selectedOptions[0]?.textContent ?? '' });
        this.image.src = `${this.page.dataset.drawing}?${new URLSearchParams({ storey: this.storey.value, finding: this.finding })}`;
    }
}
