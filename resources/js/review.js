import { all, around, byId } from './dom.js';
import { Others } from './board/others.js';
import { Viewport } from './viewport.js';
import { text } from './text.js';

/** The review page: keys, pointing at the plan, and keeping list, evidence and plan in step. */
export class Review {
    constructor(page, viewport, htmx) {
        this.page = page;
        this.viewport = viewport;
        this.htmx = htmx;
        this.others = new Others(page.dataset.channel, (id) => this.choose(id));
        this.keys = {
            n: () => this.step(1),
            ArrowDown: () => this.step(1),
            p: () => this.step(-1),
            ArrowUp: () => this.step(-1),
            s: () => this.nextStorey(),
            '+': () => viewport.zoom(1 / 1.25),
            '=': () => viewport.zoom(1 / 1.25),
            '-': () => viewport.zoom(1.25),
            0: () => viewport.showAll(),
            f: () => this.focus(),
            u: () => this.rule('uphold'),
            e: () => this.rule('settle'),
            w: () => this.rule('waive', true),
            a: () => this.rule('ask', true),
            l: () => this.push('#ruling-form [data-key="l"]'),
            z: () => this.push('#ruling-undo button'),
            m: () => this.startRemark(),
            '?': () => byId('keys', HTMLDialogElement).showModal(),
        };
        this.sheetKeys = {
            ArrowLeft: () => viewport.move(-0.1, 0),
            ArrowRight: () => viewport.move(0.1, 0),
            ArrowUp: () => viewport.move(0, -0.1),
            ArrowDown: () => viewport.move(0, 0.1),
        };
        document.addEventListener('keydown', (event) => this.press(event));
        page.addEventListener('click', (event) => this.click(event));
        document.addEventListener('htmx:afterSettle', () => this.settle());
        document.addEventListener('htmx:sendError', () =>
            this.complain(text('The server does not answer. What you see is what was last read.')),
        );
        document.addEventListener('htmx:responseError', (/** @type {CustomEvent} */ event) =>
            this.complain(text('The server refused ({status}).', { status: event.detail.xhr.status })),
        );
        // opened as it is, a review begins with all of the plan; an address that names a finding goes to it
        const asked = new URLSearchParams(location.search);
        this.settle(asked.has('finding') || asked.has('subject'));
    }

    press(event) {
        if (event.ctrlKey || event.metaKey || event.altKey || around(event, 'input, textarea, select, dialog')) return;
        const onSheet = event.target.id === 'plan-sheet' ? this.sheetKeys[event.key] : undefined;
        const act = onSheet ?? this.keys[event.key];
        if (!act) return;
        event.preventDefault();
        act();
    }

    click(event) {
        const zoom = around(event, '[data-zoom]')?.dataset.zoom;
        if (zoom === 'in') this.viewport.zoom(1 / 1.25);
        if (zoom === 'out') this.viewport.zoom(1.25);
        if (zoom === 'all') this.viewport.showAll();
        const fixture = around(event, '[data-subject]');
        if (fixture && !this.viewport.dragged) this.choose(fixture.dataset.subject);
    }

    choose(subject) {
        const address = new URL(this.page.dataset.address);
        address.searchParams.set('subject', subject);
        if (this.page.dataset.show !== 'open') address.searchParams.set('show', this.page.dataset.show);
        if (this.page.dataset.book) address.searchParams.set('book', this.page.dataset.book);
        this.htmx
            .ajax('GET', address.href, { source: this.page, target: '#evidence', swap: 'outerHTML', push: 'true' })
            .then(() => history.replaceState(history.state, '', address));
    }

    /** With words of its own, the key only leads to the field; Enter there takes that kind. */
    rule(kind, withWords = false) {
        const form = /** @type {HTMLFormElement|null} */ (document.getElementById('ruling-form'));
        if (!form) return;
        const words = byId('ruling-words', HTMLInputElement);
        const [button] = all(`button[value="${kind}"]`, form);
        if (!withWords || words.value.trim() !== '') {
            button.click();
            return;
        }
        words.focus();
        words.onkeydown = (event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            // the keys are for the next finding now
            words.blur();
            button.click();
        };
    }

    push(selector) {
        all(selector)[0]?.click();
    }

    /** The next click on the plan is where the remark goes. */
    startRemark() {
        const dialog = /** @type {HTMLDialogElement|null} */ (document.getElementById('remark'));
        if (!dialog) return;
        const sheet = document.getElementById('plan-sheet');
        sheet.classList.add('is-pinning');
        sheet.addEventListener(
            'click',
            (event) => {
                event.stopPropagation();
                sheet.classList.remove('is-pinning');
                const svg = /** @type {SVGSVGElement} */ (document.querySelector('#plan'));
                const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
                const { elements } = dialog.querySelector('form');
                for (const [name, value] of Object.entries({ storey: svg.dataset.storey, x: Math.round(at.x), y: Math.round(-at.y) }))
                    elements[name].value = value;
                dialog.showModal();
            },
            { once: true, capture: true },
        );
    }

    step(by) {
        const rows = all('.row-link');
        if (rows.length === 0) return;
        const at = rows.findIndex((row) => row.hasAttribute('aria-current'));
        const next = at < 0 ? (by > 0 ? 0 : rows.length - 1) : (at + by + rows.length) % rows.length;
        rows[next].click();
    }

    nextStorey() {
        const storeys = all('#storeys a').reverse();
        const at = storeys.findIndex((storey) => storey.hasAttribute('aria-current'));
        storeys[(at + 1) % storeys.length]?.click();
    }

    focus() {
        const box = document.getElementById('witness').dataset.focus;
        if (box) this.viewport.show(Viewport.box(box));
    }

    settle(goes = true) {
        this.viewport.draw();
        if (goes) this.focus();
        this.showMarks();
        this.others.tell(0, document.getElementById('evidence').dataset.chosenSubject ?? '');
        const chosen = document.getElementById('evidence').dataset.finding;
        for (const row of all('.row-link')) {
            const isChosen = row.dataset.finding === chosen;
            row.toggleAttribute('aria-current', isChosen);
            if (isChosen) {
                row.setAttribute('aria-current', 'true');
                row.scrollIntoView({ block: 'nearest' });
            }
        }
    }

    /** The witness speaks for the chosen thing; its sign would only lie in the way. */
    showMarks() {
        const chosen = document.getElementById('evidence').dataset.chosenSubject;
        for (const mark of all('[data-mark]')) mark.toggleAttribute('hidden', mark.dataset.mark === chosen);
    }

    complain(message) {
        const note = document.createElement('p');
        note.className = 'field-error';
        note.setAttribute('role', 'alert');
        note.textContent = message;
        document.getElementById('evidence').prepend(note);
    }
}
