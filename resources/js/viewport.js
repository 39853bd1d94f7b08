import { thin } from './crowding.js';
import { follow } from './drag.js';
import { Fingers } from './fingers.js';

/**
 * The part of the plan that is in sight: zooming, moving, and bringing a box into view. The server draws; this only
 * sets the view box of the drawings that lie on one another and the number of millimetres under a pixel.
 */
export class Viewport {
    static NEAREST = 200;
    static MARGIN = 2200;
    static CONTEXT = 0.12;
    static LARGE_ENOUGH = 220;

    /** The plan is looked at for so long before texts that lie over others are left away, ms. */
    static STILL = 120;

    constructor(sheet, scaleBar) {
        this.sheet = sheet;
        this.scaleBar = scaleBar;
        this.whole = this.wholePlan();
        this.view = { ...this.whole };
        this.scale = 1;
        this.size = sheet.getBoundingClientRect();
        new ResizeObserver(() => {
            this.size = sheet.getBoundingClientRect();
            this.draw();
        }).observe(sheet);
        sheet.addEventListener('wheel', (event) => this.wheel(event), { passive: false });
        sheet.addEventListener('pointerdown', (event) => this.grab(event));
        new Fingers(sheet, (from, to) => this.pinch(from, to));
        this.draw();
    }

    static box(text) {
        const [x, y, width, height] = text.split(' ').map(Number);
        return { x, y, width, height };
    }

    /** Writes the view to the drawings; called again when one of them was swapped. */
    draw() {
        if (this.size.width === 0) return;
        this.followWhole();
        this.scale = Math.max(this.view.width / this.size.width, this.view.height / this.size.height);
        const seen = `${this.view.x} ${this.view.y} ${this.view.width} ${this.view.height}`;
        const scale = String(this.scale);
        // setting either again, though it stays the same, would have the whole drawing laid out again
        if (this.sheet.style.getPropertyValue('--scale') !== scale) this.sheet.style.setProperty('--scale', scale);
        for (const drawing of this.sheet.querySelectorAll('.drawing')) {
            if (drawing.getAttribute('viewBox') !== seen) drawing.setAttribute('viewBox', seen);
        }
        this.showSeen();
        this.drawScaleBar();
        clearTimeout(this.still);
        this.still = setTimeout(() => thin(this.sheet), Viewport.STILL);
    }

    /** What the server drew for other scales is hidden. */
    showSeen() {
        // on large screens texts are larger, as if they were looked at from farther away
        const scale = this.scale * (Number(getComputedStyle(this.sheet).getPropertyValue('--text')) || 1);
        for (const part of this.sheet.querySelectorAll('[data-seen]')) {
            const [from, to] = part.dataset.seen.split(' ').map(Number);
            part.toggleAttribute('hidden', scale < from || scale >= to);
        }
    }

    /** The plan with all that is drawn around it. */
    wholePlan() {
        return Viewport.box(this.sheet.querySelector('#plan').dataset.whole);
    }

    /** Where all of the plan is in sight it stays so when it becomes larger. */
    followWhole() {
        const whole = this.wholePlan();
        const isSame = (one) => ['x', 'y', 'width', 'height'].every((key) => one[key] === this.whole[key]);
        if (isSame(whole)) return;
        if (isSame(this.view)) this.view = { ...whole };
        this.whole = whole;
    }

    drawScaleBar() {
        const imperial = this.units === 'imperial';
        const unit = imperial ? 304.8 : 1000;
        const steps = imperial ? [1, 2, 5, 10, 20, 50] : [0.2, 0.5, 1, 2, 5, 10, 20];
        const step = steps.find((length) => (length * unit) / this.scale >= 60) ?? steps.at(-1);
        this.scaleBar.querySelector('span').style.width = `${(step * unit) / this.scale}px`;
        this.scaleBar.querySelector('b').textContent = imperial ? `${step} ft` : `${step} m`;
    }

    showAll() {
        this.whole = Viewport.box(this.sheet.querySelector('#plan').dataset.whole);
        this.moveTo({ ...this.whole });
    }

    get units() {
        return this.scaleBar.dataset.units;
    }

    get typing() {
        return this.scaleBar.dataset.typing ?? 'mm';
    }

    set typing(unit) {
        this.scaleBar.dataset.typing = unit;
    }

    /** How many millimetres a bare number counts in a metric home. */
    get typed() {
        return { mm: 1, cm: 10, m: 1000 }[this.typing];
    }

    /** Brings a box into view with its surroundings, unless it can be seen well enough as it is. */
    show(box, anyhow = false) {
        const seen =
            box.x >= this.view.x &&
            box.y >= this.view.y &&
            box.x + box.width <= this.view.x + this.view.width &&
            box.y + box.height <= this.view.y + this.view.height;
        const large = Math.max(box.width, box.height) / this.scale > Viewport.LARGE_ENOUGH;
        if (seen && large && !anyhow) return;
        const margin = Math.max(Viewport.MARGIN, this.whole.width * Viewport.CONTEXT);
        this.moveTo({ x: box.x - margin, y: box.y - margin, width: box.width + 2 * margin, height: box.height + 2 * margin });
    }

    zoom(factor, at = null) {
        const width = Math.min(this.whole.width * 3, Math.max(Viewport.NEAREST, this.view.width * factor));
        const real = width / this.view.width;
        const x = at?.x ?? this.view.x + this.view.width / 2;
        const y = at?.y ?? this.view.y + this.view.height / 2;
        this.view = {
            x: x - (x - this.view.x) * real,
            y: y - (y - this.view.y) * real,
            width,
            height: this.view.height * real,
        };
        this.draw();
    }

    move(right, down) {
        this.view.x += right * this.view.width;
        this.view.y += down * this.view.height;
        this.draw();
    }

    moveTo(target) {
        if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
            this.view = target;
            this.draw();
            return;
        }
        const from = { ...this.view };
        const start = performance.now();
        const step = (now) => {
            // a frame may have begun before it was asked for
            const share = Math.min(1, Math.max(0, (now - start) / 180));
            const eased = 1 - (1 - share) ** 3;
            for (const key of Object.keys(target)) this.view[key] = from[key] + (target[key] - from[key]) * eased;
            this.draw();
            if (share < 1) this.frame = requestAnimationFrame(step);
        };
        cancelAnimationFrame(this.frame);
        this.frame = requestAnimationFrame(step);
    }

    wheel(event) {
        event.preventDefault();
        this.zoom(event.deltaY > 0 ? 1.15 : 1 / 1.15, this.pointOf(event));
    }

    /** Dragging moves the plan; a press without movement stays a click on what lies under it. */
    grab(event) {
        if (event.button !== 0) return;
        const start = { x: event.clientX, y: event.clientY, view: { ...this.view } };
        const drag = (moved) => {
            const dx = moved.clientX - start.x;
            const dy = moved.clientY - start.y;
            if (Math.hypot(dx, dy) < 4 && !this.dragged) return;
            this.dragged = true;
            this.view.x = start.view.x - dx * this.scale;
            this.view.y = start.view.y - dy * this.scale;
            this.draw();
        };
        const drop = () =>
            setTimeout(() => {
                this.dragged = false;
            });
        follow({ move: drag, drop, leave: drop });
    }

    /** Two fingers went from their places to others. */
    pinch(from, to) {
        const { about, factor, right, down } = Fingers.change(from, to);
        this.view.x -= right * this.scale;
        this.view.y -= down * this.scale;
        this.draw();
        this.zoom(factor, this.pointOf({ clientX: about.x, clientY: about.y }));
    }

    pointOf(event) {
        const matrix = this.sheet.querySelector('#plan').getScreenCTM().inverse();
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    }
}
