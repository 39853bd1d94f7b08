// @ts-check
import { all, around } from './dom.js';

/** The form that puts a wish together: it asks only what its choices leave to say. */
export function composeWishes() {
    document.addEventListener('click', (event) => {
        const button = around(event, '[data-removes]');
        const row = button?.closest(button.dataset.removes);
        if (!row) return;
        const next = row.nextElementSibling ?? row.previousElementSibling;
        row.remove();
        next?.querySelector('input')?.focus();
    });
    document.addEventListener('htmx:afterSwap', (/** @type {CustomEvent} */ { detail }) => {
        if (detail.target.id === 'wishes') detail.target.lastElementChild?.querySelector('input')?.focus();
    });
    for (const form of all('[data-composes]')) {
        if (!(form instanceof HTMLFormElement)) continue;
        form.addEventListener('change', () => ask(form));
        ask(form);
    }
}

/** @param {HTMLFormElement} form */
function ask(form) {
    const [of, about] = ['of', 'about'].map((name) => /** @type {HTMLSelectElement} */ (form.elements.namedItem(name)));
    const subject = of.value === 'home' ? 'home' : 'rooms';
    for (const option of about.options) option.hidden = option.disabled = option.dataset.of !== subject;
    if (about.selectedOptions[0]?.disabled) about.value = [...about.options].find((option) => !option.disabled)?.value ?? '';
    const asks = (about.selectedOptions[0]?.dataset.asks ?? '').split(' ').filter((part) => part !== 'which' || of.value !== 'every');
    for (const part of all('[data-part]', form)) {
        part.hidden = !part.dataset.part?.split(' ').every((word) => asks.includes(word));
        const fields = part.matches('input, select') ? [part] : all('input, select', part);
        for (const field of fields) if ('disabled' in field) field.disabled = part.hidden;
    }
}
