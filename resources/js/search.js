// @ts-check
import { all, around, byId, moveFocus } from './dom.js';

/** A few words typed find pages, homes, what is drawn, findings and rules, and what can be done on the page. */
export class Search {
    /** How long one types before the server is asked, ms. */
    static PAUSE = 150;

    /** What of the page can be done by a button: tools, and what opens beside them. */
    static ACTS = '.tools button, .inspector-acts button, .board-undo button';

    /** So many acts are shown. */
    static MOST = 5;

    constructor() {
        this.dialog = byId('search', HTMLDialogElement);
        this.words = byId('search-words', HTMLInputElement);
        this.pause = 0;
        document.addEventListener('keydown', (event) => this.key(event));
        document.addEventListener('click', (event) => {
            if (around(event, '[data-opens-search]')) this.open();
        });
        this.words.addEventListener('input', () => this.typed());
        this.dialog.addEventListener('keydown', (event) => this.press(event));
    }

    /** @param {KeyboardEvent} event */
    key(event) {
        const isSlash = event.key === '/' && !event.ctrlKey && !event.metaKey && !around(event, 'input, textarea, select, dialog');
        const isControlK = event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey);
        if (!isSlash && !isControlK) return;
        event.preventDefault();
        this.open();
    }

    open() {
        this.words.value = '';
        this.show([], '');
        if (!this.dialog.open) this.dialog.showModal();
        this.words.focus();
    }

    typed() {
        clearTimeout(this.pause);
        this.pause = window.setTimeout(() => this.ask(), Search.PAUSE);
    }

    async ask() {
        const typed = this.words.value.trim();
        const { address, scheme, revision } = this.dialog.dataset;
        if (typed === '') return this.show([], '');
        const asked = Object.entries({ q: typed, scheme, revision }).filter(([, value]) => value);
        const answer = await fetch(`${address}?${new URLSearchParams(asked)}`, { headers: { Accept: 'text/html' } }).catch(() => null);
        // what was typed meanwhile is asked for by itself
        if (typed !== this.words.value.trim()) return undefined;
        return this.show(this.acts(typed), answer?.ok ? await answer.text() : '<p>The server does not answer just now.</p>');
    }

    /** @param {string} typed @returns {HTMLElement[]} buttons in sight that are called so */
    acts(typed) {
        const words = typed.toLowerCase().split(/\s+/);
        const isCalled = (/** @type {HTMLElement} */ one) => words.every((word) => one.textContent.toLowerCase().includes(word));
        return all(Search.ACTS)
            .filter((one) => !(/** @type {HTMLButtonElement} */ (one).disabled) && one.offsetParent !== null && isCalled(one))
            .slice(0, Search.MOST);
    }

    /** @param {HTMLElement[]} acts @param {string} found */
    show(acts, found) {
        const list = document.createElement('ul');
        for (const act of acts) {
            const button = document.createElement('button');
            button.type = 'button';
            button.textContent = act.textContent;
            button.addEventListener('click', () => {
                this.dialog.close();
                act.click();
            });
            list.append(document.createElement('li'));
            list.lastElementChild.append(button);
        }
        byId('search-done', HTMLElement).replaceChildren(...(acts.length > 0 ? [list] : []));
        byId('search-found', HTMLElement).innerHTML = found;
    }

    /** Enter takes the first; the arrow keys go through what is found. @param {KeyboardEvent} event */
    press(event) {
        const found = all('li > a, li > button', this.dialog);
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key] ?? 0;
        if (event.key === 'Enter' && event.target === this.words) {
            event.preventDefault();
            found[0]?.click();
        }
        if (step === 0) return;
        event.preventDefault();
        moveFocus(found, step, this.words);
    }
}
