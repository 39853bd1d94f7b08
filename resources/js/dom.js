/**
 * The one element of an id that the server draws on every such page.
 *
 * @template {HTMLElement} T
 * @param {string} id
 * @param {new () => T} kind
 * @returns {T}
 */
export function byId(id, kind) {
    const element = document.getElementById(id);
    if (!(element instanceof kind)) throw new Error(`The page has no ${kind.name} "${id}".`);
    return element;
}

/** A field of a form by its name. @param {HTMLFormElement} form @param {string} name @returns {HTMLInputElement & HTMLSelectElement} */
export function field(form, name) {
    return /** @type {HTMLInputElement & HTMLSelectElement} */ (form.elements.namedItem(name));
}

/** @param {string} selector @param {ParentNode} [within] @returns {HTMLElement[]} */
export function all(selector, within = document) {
    return [...within.querySelectorAll(selector)].map((element) => /** @type {HTMLElement} */ (element));
}

/** What shows a request to be made on a page of this server. */
export function csrfToken() {
    return document.querySelector('meta[name="csrf-token"]').getAttribute('content');
}

/** What an event happened in: the nearest element around it that a selector describes. @param {Event} event @returns {HTMLElement|null} */
export function around(event, selector) {
    const { target } = event;
    return target instanceof Element ? /** @type {HTMLElement|null} */ (target.closest(selector)) : null;
}

/**
 * Moves the focus from one of some elements to the one so many steps on; past their ends, to another.
 *
 * @param {HTMLElement[]} elements @param {number} step @param {HTMLElement} otherwise
 */
export function moveFocus(elements, step, otherwise) {
    const at = elements.findIndex((one) => one === document.activeElement);
    (elements[at + step] ?? otherwise).focus();
}
