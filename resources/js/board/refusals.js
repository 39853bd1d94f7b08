import { around } from '../dom.js';
import { text } from '../text.js';

/** What the server did not make, kept in sight until it is mended or dropped. */
export class Refusals {
    /** @param {(item: object) => void} mend called with what is to be tried again */
    constructor(list, mend) {
        this.list = list;
        /** @type {WeakMap<Element, object>} by row */
        this.items = new WeakMap();
        list.addEventListener('click', (event) => {
            const button = around(event, 'button');
            if (!button) return;
            const row = button.closest('li');
            row.remove();
            if (button.dataset.refusal === 'mend') mend(this.items.get(row));
        });
    }

    add(item, why) {
        const row = document.createElement('li');
        this.items.set(row, item);
        const what = document.createElement('span');
        what.textContent = `${text('Not made: {edit}. {why}', { edit: Refusals.words(item), why })} `;
        row.append(what, Refusals.button('mend', text('Mend')), ' ', Refusals.button('drop', text('Drop')));
        this.list.append(row);
    }

    /** `distance 3 m`, `undo` */
    static words({ path, values }) {
        const typed = Object.entries(values).filter(
            ([key, value]) =>
                typeof value === 'string' &&
                value !== '' &&
                /length|distance|size|width|depth|height|fields|measured|thickness/.test(key) &&
                key !== 'thickness',
        );
        const act = path.replace('acts/', '').replaceAll('-', ' ');
        return typed.length === 0 ? act : `${act} ${typed.map(([, value]) => value).join(', ')}`;
    }

    static button(refusal, words) {
        const button = document.createElement('button');
        Object.assign(button, { type: 'button', className: 'btn btn-tool btn-sm', textContent: words });
        button.dataset.refusal = refusal;
        return button;
    }
}
