import { decimal } from '../text.js';

// @ts-check

/**
 * A length as a label of a slider says it: to a centimetre, or to an inch.
 * @param {number} mm
 * @param {string} units of the home
 */
export const roundLength = (mm, units) => {
    if (units !== 'imperial') return `${decimal(mm / 1000, 2)} m`;
    const inches = Math.round(mm / 25.4);
    const sign = inches < 0 ? '−' : '';
    return `${sign}${Math.floor(Math.abs(inches) / 12)}'-${Math.abs(inches) % 12}"`;
};

/**
 * A height that somebody typed, in mm; null where it is none.
 * @param {string} typed millimetres, or inches
 * @param {string} units of the home
 * @param {number} most mm
 */
export const typedHeight = (typed, units, most) => {
    const number = Number(typed.replace(',', '.').replace(/\s*(mm|in|")$/, ''));
    const mm = number * (units === 'imperial' ? 25.4 : 1);
    return typed.trim() !== '' && mm >= 300 && mm <= most ? mm : null;
};

/**
 * Whether a place lies within an outline.
 * @param {number} x @param {number} y @param {number[][]} outline
 */
export const isWithin = (x, y, outline) => {
    let inside = false;
    for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
        const [ax, ay] = outline[i];
        const [bx, by] = outline[j];
        if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
    }
    return inside;
};
