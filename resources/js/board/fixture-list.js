import { all, around, byId, moveFocus } from '../dom.js';
import { tell } from './messages.js';
import { text } from '../text.js';

/** The list of fixtures to place: searched by typing; what is taken from it can be given another size before it is placed. */
export class FixtureList {
    /** @type {{kind: string, like: string}} what is placed */
    placing = { kind: '', like: '' };

    /** @param {import('./board.js').Board} board */
    constructor(board) {
        this.board = board;
        this.dialog = byId('fixtures', HTMLDialogElement);
        this.search = byId('fixtures-search', HTMLInputElement);
        this.search.addEventListener('input', () => this.filter());
        this.dialog.addEventListener('click', (event) => {
            const button = around(event, 'button[data-places], button[data-uses]');
            if (button) this.take(button);
        });
        this.dialog.addEventListener('keydown', (event) => this.press(event));
    }

    /** What was used last is asked for anew each time. */
    async open() {
        const list = byId('fixtures-list', HTMLElement);
        const answer = await fetch(`${this.board.address}/fixtures`, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (answer?.ok) list.innerHTML = await answer.text();
        else if (list.childElementCount === 0) {
            tell(text('The list of fixtures cannot be read just now: the server does not answer.'));
            return;
        }
        this.search.value = '';
        this.filter();
        if (!this.dialog.open) this.dialog.showModal();
        this.search.focus();
    }

    /** @returns {HTMLElement[]} the entries that all typed words are found in */
    filter() {
        const words = this.search.value.toLowerCase().split(/\s+/).filter(Boolean);
        const found = all('button[data-words]', this.dialog).filter((entry) => {
            const isFound = words.every((word) => entry.dataset.words.includes(word));
            entry.closest('li').hidden = !isFound;
            return isFound;
        });
        for (const group of all('.fixture-group', this.dialog)) group.hidden = group.querySelector('li:not([hidden])') === null;
        for (const none of all('.fixture-none', this.dialog)) none.hidden = found.length > 0;
        return found;
    }

    /** Enter takes the first that is found; the arrow keys go through them. @param {KeyboardEvent} event */
    press(event) {
        const found = all('li:not([hidden]) > button', this.dialog);
        const step = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key] ?? 0;
        if (event.key === 'Enter' && event.target === this.search) {
            event.preventDefault();
            if (found[0]) this.take(found[0]);
        }
        if (step === 0 || (event.target === this.search && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        moveFocus(found, step, this.search);
    }

    /** @param {HTMLElement} entry */
    take(entry) {
        this.dialog.close();
        const { places, like, uses, sizes } = entry.dataset;
        if (uses) this.board.use(uses);
        else {
            this.placing = { kind: places, like };
            byId('fixture-name', HTMLElement).textContent = entry.querySelector('b').textContent;
            for (const [key, value] of Object.entries(JSON.parse(sizes))) byId(`fixture-${key}`, HTMLInputElement).value = value;
            this.board.use('fixture');
        }
        this.board.sheet.focus();
    }

    /** What the act needs: what is placed, in the size that is typed. */
    values() {
        const typed = ['width', 'depth', 'height', 'base'].map((key) => [key, byId(`fixture-${key}`, HTMLInputElement).value]);
        return { ...this.placing, ...Object.fromEntries(typed) };
    }
}
