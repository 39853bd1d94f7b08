/**
 * What scripts say, in the language of the page: the English sentence is its own key, with places in braces. The texts of a language
 * are loaded where it is spoken.
 */

/** @type {Record<string, () => Promise<{default: Record<string, string>}>>} */
const LANGUAGES = { es: () => import('./lang/es.js') };

/** @type {Record<string, string>} */
let texts = {};
let decimalMark = '.';

/** @param {string} language of the page */
export async function speak(language) {
    texts = (await LANGUAGES[language]?.())?.default ?? {};
    decimalMark = language === 'es' ? ',' : '.';
}

/**
 * @param {string} english
 * @param {Record<string, string|number>} values
 */
export function text(english, values = {}) {
    return (texts[english] ?? english).replace(/\{(\w+)\}/g, (place, name) => String(values[name] ?? place));
}

/** A number as it is typed and read. @param {number} number @param {number|null} decimals so many; null: as many as it has */
export function decimal(number, decimals = null) {
    return (decimals === null ? String(number) : number.toFixed(decimals)).replace('.', decimalMark);
}
