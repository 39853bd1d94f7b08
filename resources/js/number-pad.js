// @ts-check
import { around } from './dom.js';
import { text } from './text.js';

/** Keys for lengths under the thumb, fractions among them, where one points with fingers. They type into the field that has the focus. */
export class NumberPad {
    static DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0'];
    static KEYS = {
        imperial: [...NumberPad.DIGITS, "'", '"', '1/2', '1/4', '3/4', '1/8', '3/8', '5/8', '7/8', '1/16', '/', '×'],
        metric: [...NumberPad.DIGITS, '.', 'mm', 'cm', 'm', '×', '-'],
    };
    static NAMES = { "'": 'feet', '"': 'inches', '×': 'by', '⌫': 'Take the last away', '/': 'over', '-': 'minus' };

    /** @type {HTMLInputElement|null} that is typed into by the keyboard of the system */
    spelt = null;

    /** @param {'imperial'|'metric'} units */
    constructor(units) {
        this.units = units;
        this.pad = document.createElement('div');
        this.pad.className = 'number-pad';
        this.pad.hidden = true;
        this.pad.setAttribute('role', 'group');
        this.pad.setAttribute('aria-label', text('Keys for lengths'));
        for (const key of [...NumberPad.KEYS[units], '⌫', 'letters', 'Done']) this.pad.append(NumberPad.button(key));
        document.body.append(this.pad);
        // the field keeps the focus while keys are pressed
        this.pad.addEventListener('pointerdown', (event) => event.preventDefault());
        this.pad.addEventListener('click', (event) => this.press(around(event, 'button')?.dataset.key ?? ''));
        document.addEventListener('focusin', ({ target }) => this.serve(target));
        document.addEventListener('focusout', () => setTimeout(() => this.serve(document.activeElement)));
    }

    static button(key) {
        const button = document.createElement('button');
        button.type = 'button';
        button.tabIndex = -1;
        button.dataset.key = key;
        button.textContent = text(key);
        if (key in NumberPad.NAMES) button.setAttribute('aria-label', text(NumberPad.NAMES[key]));
        return button;
    }

    /** A text with a key typed at its place: a fraction stands apart from the whole inches before it. */
    static typed(written, place, key) {
        const [before, after] = [written.slice(0, place), written.slice(place)];
        if (key === '⌫') return { text: before.slice(0, -1) + after, place: Math.max(0, place - 1) };
        const apart = /^\d+\/\d+$/.test(key) && /\d$/.test(before) ? ' ' : '';
        const put = key === '×' ? ' × ' : apart + key;
        return { text: before + put + after, place: place + put.length };
    }

    /** @param {EventTarget|null} target what has the focus */
    serve(target) {
        this.field = target instanceof HTMLInputElement && 'length' in target.dataset ? target : null;
        if (this.field !== this.spelt) this.spelt = null;
        // the keyboard of the system stays away, unless letters are asked for
        if (this.field) this.field.inputMode = this.spelt ? 'text' : 'none';
        this.pad.hidden = this.field === null || this.spelt !== null;
    }

    press(key) {
        const { field } = this;
        if (!field || key === '') return;
        if (key === 'Done') this.done(field);
        else if (key === 'letters') this.ask(field);
        else {
            const typed = NumberPad.typed(field.value, field.selectionStart ?? field.value.length, key);
            field.value = typed.text;
            field.setSelectionRange(typed.place, typed.place);
            field.dispatchEvent(new Event('input', { bubbles: true }));
        }
    }

    /** A length typed while drawing counts by Enter, one of a form with its form. */
    done(field) {
        if ('typed' in field.dataset) field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
        else field.form?.requestSubmit();
    }

    /** The keyboard of the system in place of this one, as long as the field has the focus. */
    ask(field) {
        field.blur();
        this.spelt = field;
        field.focus();
    }
}
