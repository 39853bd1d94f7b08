/**
 * The drawing board: what is pointed at, dragged and typed becomes an edit that the server makes, checks and draws. Nothing
 * is decided here; while something is dragged only a ghost of it is shown.
 */
export class Board {
    static CHOOSE = 'choose';
    static WALL = 'wall';

    constructor(page, viewport, htmx) {
        this.page = page;
        this.viewport = viewport;
        this.htmx = htmx;
        this.address = page.dataset.address.replace(/\/board$/, '');
        this.step = Number(page.dataset.step);
        this.sheet = document.getElementById('plan-sheet');
        this.ghost = document.getElementById('ghost');
        this.waiting = Promise.resolve();
        this.use(Board.CHOOSE);
        document.addEventListener('keydown', (event) => this.press(event));
        page.addEventListener('click', (event) => this.click(event));
        page.addEventListener('submit', (event) => this.submit(event));
        page.addEventListener('input', (event) => this.read(event.target));
        this.sheet.addEventListener('pointerdown', (event) => this.grab(event), { capture: true });
        this.sheet.addEventListener('pointermove', (event) => this.hover(event));
        document.getElementById('thing-kind').addEventListener('change', () => this.placeThing());
        document.getElementById('wall-length').addEventListener('keydown', (event) => this.typedWall(event));
        document.addEventListener('htmx:oobAfterSwap', (event) => { if (event.detail.target.id === 'plan') this.settle(); });
        document.addEventListener('htmx:sendError', () => this.offline());
        this.settle();
    }

    get chosen() {
        return document.getElementById('inspector').dataset.chosen;
    }

    /** What happened is sent one after the other, each on the version that the one before it left. */
    send(path, values) {
        this.last = [path, values];
        this.waiting = this.waiting.then(() => this.htmx.ajax('POST', `${this.address}/${path}`, {
            source: this.page,
            target: '#board-message',
            swap: 'innerHTML',
            values: {
                version: document.getElementById('board-state').dataset.version,
                storey: document.getElementById('plan').dataset.storey,
                select: this.chosen,
                ...values,
            },
        }));
        return this.waiting;
    }

    edit(edit) {
        return this.send('edits', { edit: JSON.stringify(edit) });
    }

    choose(id) {
        const query = new URLSearchParams({ storey: document.getElementById('plan').dataset.storey, select: id });
        this.htmx.ajax('GET', `${this.page.dataset.address}?${query}`, { source: this.page, target: '#board-message', swap: 'innerHTML' });
    }

    use(tool) {
        this.tool = tool;
        this.from = null;
        this.ghost.replaceChildren();
        for (const button of document.querySelectorAll('[data-tool]')) button.setAttribute('aria-pressed', String(button.dataset.tool === tool));
        document.getElementById('wall-options').hidden = tool !== Board.WALL;
    }

    press(event) {
        if (event.key === 'Escape') this.use(this.from ? this.tool : Board.CHOOSE);
        if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest?.('input, textarea, select, dialog')) return;
        const far = event.shiftKey ? 10 : 1;
        const keys = {
            w: () => this.use(Board.WALL), c: () => this.use(Board.CHOOSE),
            u: () => this.act('undo'), r: () => this.act('redo'),
            h: () => this.flip('hinge', ['from', 'to']), o: () => this.flip('opens', ['left', 'right']), t: () => this.turn(),
            ArrowLeft: () => this.nudge(-far, 0), ArrowRight: () => this.nudge(far, 0),
            ArrowUp: () => this.nudge(0, far), ArrowDown: () => this.nudge(0, -far),
            Delete: () => this.act('remove'), Backspace: () => this.act('remove'),
            '+': () => this.viewport.zoom(1 / 1.25), '=': () => this.viewport.zoom(1 / 1.25), '-': () => this.viewport.zoom(1.25),
            0: () => this.viewport.showAll(),
            '?': () => document.getElementById('keys').showModal(),
        };
        if (!keys[event.key]) return;
        event.preventDefault();
        keys[event.key]();
    }

    click(event) {
        const zoom = event.target.closest('[data-zoom]')?.dataset.zoom;
        if (zoom === 'in') this.viewport.zoom(1 / 1.25);
        if (zoom === 'out') this.viewport.zoom(1.25);
        if (zoom === 'all') this.viewport.showAll();
        const tool = event.target.closest('[data-tool]')?.dataset.tool;
        if (tool) this.use(tool);
        const act = event.target.closest('button[data-act]');
        if (act) this.act(act.dataset.act, act.dataset.kind);
        const row = event.target.closest('[data-choose]');
        if (row) this.choose(row.dataset.choose);
        if (!event.target.closest('#plan-sheet') || this.viewport.dragged || this.moved) return;
        if (this.tool === Board.WALL) this.wallPoint(event);
        else this.pick(event);
    }

    pick(event) {
        const thing = event.target.closest('[data-subject]');
        if (thing) this.choose(thing.dataset.subject);
        else if (event.target.closest('[data-space]')) this.offerName(event);
    }

    /** A space without a name gets one where it was pointed at. */
    offerName(event) {
        const at = this.planPoint(event);
        const show = () => {
            const form = document.getElementById('name-space');
            if (!form) return;
            form.hidden = false;
            form.dataset.at = `${at.x},${at.y}`;
            form.querySelector('select').focus();
        };
        if (this.chosen) {
            document.addEventListener('htmx:afterSettle', show, { once: true });
            this.choose('');
        } else show();
    }

    act(act, kind) {
        if (act === 'undo' || act === 'redo') this.send(act, {});
        if (act === 'again' && this.last) this.send(...this.last);
        if (act === 'remove' && this.chosen) this.edit({ edit: 'remove', ids: [this.chosen] });
        if (act === 'storey') this.send('storeys', {});
        if (act === 'opening' && this.chosen) this.send('openings', { wall: this.chosen, kind });
    }

    submit(event) {
        const form = event.target;
        if (form.dataset.act === 'values') {
            event.preventDefault();
            this.send(`elements/${form.dataset.element}`, Object.fromEntries(new FormData(form)));
        }
        if (form.dataset.act === 'room') {
            event.preventDefault();
            this.send('rooms', { at: form.dataset.at, ...Object.fromEntries(new FormData(form)) });
        }
    }

    /** The server says how a length that is being typed would be understood. */
    read(field) {
        if (!('length' in field.dataset) && field.id !== 'wall-length') return;
        clearTimeout(this.reading);
        this.reading = setTimeout(async () => {
            const output = document.getElementById(field.getAttribute('aria-describedby'));
            const query = new URLSearchParams({ text: field.value, kind: field.dataset.length ?? '', units: document.getElementById('scale-bar').dataset.units });
            const answer = await fetch(`/lengths?${query}`);
            output.textContent = await answer.text();
            output.className = answer.ok ? 'reading' : 'field-error';
        }, 150);
    }

    /** The chosen door hangs on the other jamb, or swings to the other side. */
    flip(key, [first, second]) {
        const field = document.getElementById(`field-${key}`);
        if (field) this.edit({ edit: 'change', id: this.chosen, values: { [key]: field.value === first ? second : first } });
    }

    /** The chosen thing turns a quarter to the left. */
    turn() {
        const field = document.getElementById('field-facing');
        if (field) this.edit({ edit: 'change', id: this.chosen, values: { facing: (Number(field.value) + 90) % 360 } });
    }

    nudge(right, up) {
        if (!this.chosen) return;
        this.moveBy(this.chosen, right * this.step, up * this.step);
    }

    /** A wall goes sideways with what meets it; everything else is moved as it is. */
    moveBy(id, right, up) {
        const isWall = document.querySelector(`.handle[data-subject="${id}"]`) !== null;
        return this.edit(isWall ? { edit: 'move_wall', id, by: [right, up] } : { edit: 'move', ids: [id], by: [right, up] });
    }

    /** What is chosen can be dragged; a ghost follows the pointer until it is let go. */
    grab(event) {
        const thing = event.target.closest('[data-subject]');
        if (this.tool !== Board.CHOOSE || event.button !== 0 || !thing || thing.dataset.subject !== this.chosen) return;
        event.stopPropagation();
        const start = this.planPoint(event);
        let by = { x: 0, y: 0 };
        const drag = (moved) => {
            const at = this.planPoint(moved);
            by = { x: this.snap(at.x - start.x), y: this.snap(at.y - start.y) };
            this.moved = Math.hypot(by.x, by.y) > 0;
            this.ghost.replaceChildren(thing.cloneNode(true));
            this.ghost.firstChild.classList.add('ghost-of-chosen');
            this.ghost.firstChild.setAttribute('transform', `translate(${by.x} ${-by.y})`);
        };
        const drop = () => {
            removeEventListener('pointermove', drag);
            removeEventListener('pointerup', drop);
            this.ghost.replaceChildren();
            if (this.moved) this.moveBy(thing.dataset.subject, by.x, by.y);
            setTimeout(() => { this.moved = false; });
        };
        addEventListener('pointermove', drag);
        addEventListener('pointerup', drop);
    }

    /** A chain of walls, point by point: each end is the next one's start. */
    wallPoint(event) {
        const at = this.drawnPoint(event);
        if (this.from && Math.hypot(at.x - this.from.x, at.y - this.from.y) > 1) this.sendWall({ to: `${at.x},${at.y}` }, at);
        else this.from = at;
    }

    typedWall(event) {
        if (event.key !== 'Enter' || !this.from) return;
        event.preventDefault();
        const field = event.target;
        const towards = Math.atan2((this.at ?? this.from).y - this.from.y, (this.at ?? { x: this.from.x + 1 }).x - this.from.x);
        this.sendWall({ length: field.value, towards: towards * 180 / Math.PI }, null);
        field.value = '';
    }

    sendWall(values, end) {
        const from = this.from;
        this.ghost.replaceChildren();
        this.send('walls', {
            from: `${from.x},${from.y}`,
            type: document.getElementById('wall-type').value,
            thickness: document.getElementById('wall-thickness').value,
            ...values,
        }).then(() => {
            const line = document.querySelector(`.handle[data-subject="${this.chosen}"]`)?.dataset.line.split(' ').map(Number);
            this.from = end ?? (line ? { x: line[2], y: line[3] } : null);
        });
    }

    hover(event) {
        if (this.tool !== Board.WALL || !this.from) return;
        this.at = this.drawnPoint(event);
        const line = document.createElementNS('http://www.w3.org/2000/svg', 'path');
        line.setAttribute('class', 'ghost-wall');
        line.setAttribute('d', `M${this.from.x} ${-this.from.y}L${this.at.x} ${-this.at.y}`);
        this.ghost.replaceChildren(line);
    }

    placeThing() {
        const list = document.getElementById('thing-kind');
        const view = this.viewport.view;
        const at = { x: view.x + view.width / 2, y: -(view.y + view.height / 2) };
        if (list.value) this.send('fixtures', { kind: list.value, at: `${at.x},${at.y}` });
        list.value = '';
        list.blur();
    }

    /** To a wall's end when one is near, else straight on from the start, else to the grid. */
    drawnPoint(event) {
        const at = this.planPoint(event);
        const near = 12 * this.viewport.scale;
        for (const handle of document.querySelectorAll('.handle')) {
            const [x1, y1, x2, y2] = handle.dataset.line.split(' ').map(Number);
            for (const end of [{ x: x1, y: y1 }, { x: x2, y: y2 }]) {
                if (Math.hypot(end.x - at.x, end.y - at.y) < near) return end;
            }
        }
        const point = { x: this.snap(at.x), y: this.snap(at.y) };
        if (this.from && Math.abs(point.x - this.from.x) < near) point.x = this.from.x;
        if (this.from && Math.abs(point.y - this.from.y) < near) point.y = this.from.y;
        return point;
    }

    planPoint(event) {
        const point = this.viewport.pointOf(event);
        return { x: Math.round(point.x * 100) / 100, y: Math.round(-point.y * 100) / 100 };
    }

    snap(number) {
        return Math.round(Math.round(number / this.step) * this.step * 10000) / 10000;
    }

    settle() {
        this.viewport.draw();
        for (const thing of document.querySelectorAll('#plan [data-subject]')) {
            thing.classList.toggle('chosen', thing.dataset.subject === this.chosen);
        }
    }

    offline() {
        const message = document.getElementById('board-message');
        message.innerHTML = '<p>The server does not answer; the last edit is not made yet. <button type="button" class="btn btn-tool" data-act="again">Send it again</button></p>';
    }
}
