// @ts-check
import { decimal } from '../text.js';

/** How lengths are written for people, in the units of the home. */
export class Lengths {
    /** @param {{units: string, typed: number}} of the units, and how many millimetres a bare number counts in a metric home */
    constructor(of) {
        this.of = of;
    }

    get isMetric() {
        return this.of.units === 'metric';
    }

    /** A length as it is typed to come to just this again. @param {number} mm */
    exactly(mm) {
        if (this.isMetric) return decimal(Math.round(mm * 1000) / 1000 / this.of.typed);
        const parts = (mm / 25.4) * 64;
        if ((Math.abs(parts - Math.round(parts)) * 25.4) / 64 > 0.04) return `${decimal(Math.round(mm * 100) / 100)} mm`;
        return Lengths.feet(Math.round(parts), 64);
    }

    /** A length that is pointed at; `≈` where it is rounded. @param {number} mm */
    rounded(mm) {
        if (this.isMetric) return `${Math.abs(Math.round(mm) - mm) > 0.05 ? '≈ ' : ''}${decimal(Math.round(mm) / this.of.typed)}`;
        const parts = Math.round((mm / 25.4) * 16);
        return `${Math.abs((parts * 25.4) / 16 - mm) > 0.05 ? '≈ ' : ''}${Lengths.feet(parts, 16)}`;
    }

    /** @param {number} parts of an inch @param {number} below how many make an inch */
    static feet(parts, below) {
        const [feet, rest] = [Math.floor(parts / below / 12), parts % (12 * below)];
        let [over, under] = [rest % below, below];
        while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
        return `${feet}'-${Math.floor(rest / below)}${over > 0 ? ` ${over}/${under}` : ''}"`;
    }
}
