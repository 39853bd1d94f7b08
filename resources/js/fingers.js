// @ts-check

/** @typedef {{x: number, y: number}} Place on the screen, px */

/** Fingers on the plan: two of them move and zoom it; one that rests tells the plan so by an event `rest`. */
export class Fingers {
    /** A finger rests that has not moved so far, px, for so long, ms. */
    static STILL = 8;
    static REST = 500;

    /** @type {Map<number, Place>} where each finger is, by its pointer */
    down = new Map();

    /** Is what they do no pointing any more? */
    taken = false;

    /**
     * @param {HTMLElement} sheet
     * @param {(from: [Place, Place], to: [Place, Place]) => void} pinch
     */
    constructor(sheet, pinch) {
        this.sheet = sheet;
        this.pinch = pinch;
        addEventListener('pointerdown', (event) => this.press(event), { capture: true });
        addEventListener('pointermove', (event) => this.move(event), { capture: true });
        for (const end of ['pointerup', 'pointercancel'])
            addEventListener(end, (event) => this.lift(/** @type {PointerEvent} */ (event)), { capture: true });
        sheet.addEventListener('contextmenu', (event) => {
            if (this.down.size > 0) event.preventDefault();
        });
    }

    /** How a plan is moved and zoomed by two fingers: about which place, by which factor, and how far, px. */
    static change(from, to) {
        const middle = ([a, b]) => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
        const apart = ([a, b]) => Math.max(1, Math.hypot(a.x - b.x, a.y - b.y));
        const [start, end] = [middle(from), middle(to)];
        return { about: end, factor: apart(from) / apart(to), right: end.x - start.x, down: end.y - start.y };
    }

    /** @param {PointerEvent} event */
    press(event) {
        if (event.pointerType !== 'touch' || !(event.target instanceof Node) || !this.sheet.contains(event.target)) return;
        if (event.isPrimary) this.down.clear();
        this.down.set(event.pointerId, { x: event.clientX, y: event.clientY });
        clearTimeout(this.resting);
        if (this.down.size === 1) {
            this.taken = false;
            this.start = { x: event.clientX, y: event.clientY };
            this.resting = setTimeout(() => this.rest(event), Fingers.REST);
            return;
        }
        event.stopPropagation();
        this.take();
    }

    /** What one finger had begun is taken back. */
    take() {
        this.taken = true;
        dispatchEvent(new PointerEvent('pointercancel'));
    }

    /** @param {PointerEvent} event */
    rest(event) {
        this.take();
        this.sheet.dispatchEvent(new CustomEvent('rest', { detail: event }));
    }

    /** @param {PointerEvent} event */
    move(event) {
        const before = this.down.get(event.pointerId);
        if (!before) return;
        const at = { x: event.clientX, y: event.clientY };
        if (Math.hypot(at.x - this.start.x, at.y - this.start.y) > Fingers.STILL) clearTimeout(this.resting);
        if (this.taken) event.stopPropagation();
        if (this.down.size === 2) {
            const other = [...this.down].find(([finger]) => finger !== event.pointerId)[1];
            this.pinch([before, other], [at, other]);
        }
        this.down.set(event.pointerId, at);
    }

    /** @param {PointerEvent} event */
    lift(event) {
        if (!this.down.delete(event.pointerId)) return;
        clearTimeout(this.resting);
        if (this.taken) event.stopPropagation();
    }
}
