// @ts-check

/**
 * Texts of a plan that would lie over others are left away while one looks at it from afar; closer they come back. The server places texts
 * for the whole plan in sight: nothing is left away there or closer, where there is room for all.
 *
 * @typedef {{rank: number, group: Element | null, left: number, top: number, right: number, bottom: number}} Text
 */

/** What is kept first: the figures of the chosen finding, names of rooms, then dimensions and what else is written, then marks. */
const RANKS = [
    ['#witness', -1],
    ['.room-label', 0],
    ['.element-mark', 3],
    ['.inside', 2],
];
const OTHERS = 1;

/** Fonts leave so much room over and under their letters, px. */
const LOOSE = 4;

/** What overlaps by less sideways touches, px. */
const TOUCH = 1.5;

/**
 * @param {Text[]} texts
 * @returns {Set<number>} the numbers of those that are left away
 */
export const crowded = (texts) => {
    const order = texts.map((text, number) => ({ text, number })).sort((a, b) => a.text.rank - b.text.rank || a.number - b.number);
    const kept = /** @type {Text[]} */ ([]);
    const away = new Set();
    for (const { text, number } of order) {
        if (kept.some((other) => isOver(text, other))) away.add(number);
        else kept.push(text);
    }
    return away;
};

/** @param {Text} one @param {Text} other */
const isOver = (one, other) =>
    (one.group === null || one.group !== other.group) &&
    Math.min(one.right, other.right) - Math.max(one.left, other.left) > TOUCH &&
    Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > LOOSE;

/**
 * @param {Element} sheet with the drawings of a plan
 * @param {string} written which texts are looked at
 */
export const thin = (sheet, written = '#plan text, #marks .open-edge-words text, #witness text') => {
    for (const text of sheet.querySelectorAll('.crowded')) text.classList.remove('crowded');
    const texts = [...sheet.querySelectorAll(written)];
    const boxes = texts.map((text) => {
        const { left, top, right, bottom } = text.getBoundingClientRect();
        const rank = Number(RANKS.find(([selector]) => text.closest(String(selector)) !== null)?.[1] ?? OTHERS);
        return { rank, group: text.closest('.room-label'), left, top, right, bottom };
    });
    for (const number of crowded(boxes)) texts[number].classList.add('crowded');
};
