// @ts-check
import { all } from './dom.js';

/** What a kitchen is to hold, in order: one fixture goes before the one above it. */
export function orderWanted() {
    document.addEventListener('click', ({ target }) => {
        const button = target instanceof Element ? target.closest('[data-earlier]') : null;
        const row = button?.closest('[data-wanted]');
        const above = row?.previousElementSibling;
        if (!row || !above) return;
        const [fields, before] = [fieldsOf(row), fieldsOf(above)];
        for (const [number, field] of fields.entries()) [field.value, before[number].value] = [before[number].value, field.value];
        before[0].dispatchEvent(new Event('change', { bubbles: true }));
        const next = above.querySelector('[data-earlier]');
        if (next instanceof HTMLButtonElement && !next.disabled) next.focus();
    });

    // another room has other walls
    for (const choice of all('[data-reloads]'))
        choice.addEventListener('change', (event) => {
            event.stopPropagation();
            if (!(choice instanceof HTMLSelectElement)) return;
            const address = new URL(choice.form?.action ?? location.href);
            address.searchParams.set(choice.name, choice.value);
            location.assign(address);
        });
}

/**
 * @param {Element} row
 * @returns {(HTMLInputElement | HTMLSelectElement)[]}
 */
function fieldsOf(row) {
    return [...row.querySelectorAll('select, input')].filter(
        (field) => field instanceof HTMLInputElement || field instanceof HTMLSelectElement,
    );
}
