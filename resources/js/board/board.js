import { Changes } from './changes.js';
import { Exchange } from './exchange.js';
import { Ghost } from './ghost.js';
import { Outbox } from './outbox.js';
import { Refusals } from './refusals.js';
import { Snapping } from './snapping.js';
import { Trials } from './trials.js';
import { TypedDimension } from './typed-dimension.js';
import { Axis } from './tools/axis.js';
import { Choose } from './tools/choose.js';
import { Picture } from './tools/picture.js';
import { Place } from './tools/place.js';
import { Rectangle } from './tools/rectangle.js';
import { Tape } from './tools/tape.js';
import { Wall } from './tools/wall.js';

/**
 * The drawing board: what is pointed at, dragged and typed becomes an act that the server makes, checks and draws. Nothing is
 * decided here; what an act would come to is asked of the server too.
 */
export class Board {
    /** Acts that draw something, which is chosen then. */
    static DRAWS = new Set(['wall', 'rectangle', 'offset', 'openings', 'thing', 'copy', 'repeat', 'space', 'storey', 'note', 'void', 'stair', 'taped', 'axes', 'blocks']);

    constructor(page, viewport) {
        Object.assign(this, { page, viewport, inLine: '', finding: '', pauses: new WeakMap(), several: new URLSearchParams(location.search).getAll('ids[]') });
        this.address = page.dataset.address.replace(/\/board$/, '');
        this.step = Number(page.dataset.step);
        this.sheet = document.getElementById('plan-sheet');
        this.ghost = new Ghost(document.getElementById('ghost'));
        this.snapping = new Snapping(viewport, this.step);
        this.exchange = new Exchange((id) => this.placed(id), () => this.tell('The check broke off. What you did is saved; load the page again to see what the check says.'));
        this.trials = new Trials((act, values) => this.try(act, values), this.ghost);
        this.typing = new TypedDimension(this);
        this.changes = new Changes(document.getElementById('board-changes'));
        this.tools = this.makeTools();
        this.listen();
        this.use(new URLSearchParams(location.search).has('picture') ? 'picture' : 'choose');
        this.selection = document.getElementById('inspector').dataset.chosen;
        this.settle();
        this.refusals = new Refusals(document.getElementById('board-refusals'), (item) => this.mend(item));
        this.outbox = new Outbox(`edits of ${this.address}`, this);
    }

    makeTools() {
        const thing = document.getElementById('thing-kind');
        const tools = [
            new Choose(this), new Wall(this), new Rectangle(this, 'rectangle', 'wall-options'), new Rectangle(this, 'void', 'void-options'), new Tape(this), new Picture(this), new Axis(this),
            new Place(this, 'thing', () => (thing.value === 'note' ? ['note', {}] : ['thing', { kind: thing.value }])),
            new Place(this, 'copy', () => ['copy', {}]),
            new Place(this, 'axes', () => ['axes', this.valuesOf(document.getElementById('axes-options'))], 'axes-options'),
            new Place(this, 'stair', () => ['stair', { towards: document.getElementById('stair-towards').value }], 'stair-options'),
        ];
        return new Map(tools.map((tool) => [tool.name, tool]));
    }

    listen() {
        document.addEventListener('keydown', (event) => this.press(event));
        document.addEventListener('click', (event) => this.click(event));
        this.page.addEventListener('submit', (event) => this.submit(event));
        this.page.addEventListener('input', (event) => this.input(event.target));
        this.page.addEventListener('change', (event) => this.change(event.target));
        this.page.addEventListener('focusin', (event) => this.light(event.target));
        this.page.addEventListener('focusout', () => this.light(null));
        this.sheet.addEventListener('pointerdown', (event) => this.tool.press(event), { capture: true });
        this.sheet.addEventListener('pointermove', (event) => this.tool.hover(event));
    }

    /** The id of what is chosen; empty when nothing is, or when that is still being drawn. Until an act is answered that may take it away, it is shown as chosen. */
    get chosen() {
        return typeof this.selection === 'string' ? this.selection : this.selection.shown;
    }

    get version() {
        return Number(document.getElementById('board-state').dataset.version);
    }

    get storey() {
        return document.getElementById('plan').dataset.storey;
    }

    /** Something done to what is chosen, or to something else: made by the server as soon as it can be reached. */
    act(act, values, on = this.selection, onlyOnChosen = false) {
        const item = this.outbox.add(`acts/${act}`, { storey: this.storey, ...this.severalValues(), ...values }, on, onlyOnChosen);
        if (Board.DRAWS.has(act) || act === 'remove') this.selection = { after: item.name, shown: '' };
        if (act === 'copy' && this.several.length > 1) this.selection = '';
        if (act === 'remove' || act === 'copy') this.several = [];
        return item;
    }

    /** Something done to what is chosen by a key or a button: nothing, where nothing is chosen when it is its turn. */
    actOnChosen(act, values = {}) {
        this.act(act, values, this.selection, true);
    }

    /** All that is chosen, where that is several. */
    severalValues() {
        return this.several.length > 1 ? { ids: { ...this.several } } : {};
    }

    /** Chooses several at once. */
    chooseSeveral(ids) {
        this.several = ids.length > 1 ? ids : [];
        this.look(ids.at(-1) ?? '');
    }

    /** Adds one to what is chosen, or takes it out. */
    chooseToo(id) {
        const before = this.several.length > 1 ? this.several : [this.chosen].filter(Boolean);
        this.chooseSeveral(before.includes(id) ? before.filter((one) => one !== id) : [...before, id]);
    }

    /** @returns {Promise<{status: number, refused: string}>} */
    post({ path, values, select, name, version, isLook }) {
        this.page.dataset.busy = 'yes';
        const { finding } = this;
        if (path === 'board') return this.exchange.ask(`${this.page.dataset.address}?${Exchange.encoded({ ...values, select, finding })}`);
        return this.exchange.ask(`${this.address}/${path}`, { ...values, select, finding, ...(isLook ? {} : { sent_as: name, version: version ?? this.version }) });
    }

    /** An act was answered. @returns {string} the id of what it drew */
    drew(item) {
        const { chosen } = document.getElementById('inspector').dataset;
        this.chooseAfter(item, chosen);
        this.mark();
        if (['acts/axes', 'acts/blocks'].includes(item.path)) this.viewport.showAll();
        if (item.path === 'acts/storey') location.assign(`${this.page.dataset.address}?${new URLSearchParams({ storey: chosen })}`);
        return chosen;
    }

    /** Everything that was done has been answered. */
    settled() {
        delete this.page.dataset.busy;
        this.selection = document.getElementById('inspector').dataset.chosen;
        this.mark();
    }

    /** @returns {string|undefined} the id of what is chosen still; none where what was refused was to be chosen */
    refuse(item, why) {
        const { chosen } = document.getElementById('inspector').dataset;
        this.chooseAfter(item, chosen);
        this.refusals.add(item, why);
        return Board.DRAWS.has(item.path.replace('acts/', '')) ? undefined : chosen;
    }

    /** What is chosen is known when the act is answered that it waits for. */
    chooseAfter(item, id) {
        if (this.selection.after === item.name) this.selection = id;
    }

    /** What was refused is chosen, with what was typed in its field; what was not typed is done again. */
    async mend({ path, values, on }) {
        const form = () => document.querySelector(`[data-form="${path.replace('acts/', '')}"]`);
        if (typeof on === 'string' && on !== this.chosen) this.choose(on);
        await this.quiet();
        if (!form()) {
            this.outbox.add(path, values, on);
            return;
        }
        for (const [name, value] of Object.entries(values)) {
            const field = form().elements[name];
            if (field && 'value' in field) field.value = value;
        }
        const options = form().closest('.tool-options');
        if (options) options.hidden = false;
        form().querySelector('[data-length], textarea, input:not([type="hidden"])')?.focus();
    }

    /** @returns {Promise<void>} when everything that was done has been answered */
    async quiet() {
        while ('busy' in this.page.dataset) await new Promise((resolve) => { setTimeout(resolve, 50); });
    }

    /** What an act would come to. */
    try(act, values) {
        return this.fetch(`${this.address}/trials/${act}`, { select: this.chosen, ...this.severalValues(), ...values });
    }

    fetch(address, values) {
        return this.exchange.fetch(address, { version: this.version, storey: this.storey, ...values });
    }

    choose(id) {
        this.several = [];
        this.look(id);
    }

    look(id) {
        this.selection = id;
        this.mark();
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: this.storey, ...this.severalValues() }, id);
    }

    /** The evidence of a finding in its row and on the plan, with what it is of chosen; shut again by the same. */
    openFinding({ opens, subjectId, storey }) {
        this.finding = this.finding === opens ? '' : opens;
        this.bringsIntoSight = this.finding !== '';
        this.use('choose');
        this.selection = subjectId;
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: storey || this.storey }, subjectId);
    }

    use(name) {
        this.tool = this.tools.get(name);
        this.tool.from = null;
        this.trials.stop();
        this.ghost.clear();
        this.sheet.dataset.tool = name;
        for (const button of document.querySelectorAll('button[data-tool]')) button.setAttribute('aria-pressed', String(button.dataset.tool === name));
        for (const options of document.querySelectorAll('.tool-options')) options.hidden = options.id !== this.tool.options;
        for (const part of document.querySelectorAll('[data-for-tool]')) part.hidden = part.dataset.forTool !== name;
        if (name !== 'thing') document.getElementById('thing-kind').value = '';
    }

    press(event) {
        const inField = event.target.closest?.('input, textarea, select, dialog, summary');
        if (event.key === 'Enter' && event.target.closest?.('[data-typed]')) {
            event.preventDefault();
            this.typed(event.target);
        }
        if (event.key === 'Escape' && !event.target.closest?.('dialog')) {
            event.target.blur?.();
            this.tool.escape();
        }
        if (event.ctrlKey || event.metaKey || event.altKey || inField) return;
        if (/^[\d.]$/.test(event.key) && this.typeInto(event)) return;
        const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
        const keys = {
            w: () => this.use('wall'), b: () => this.use('rectangle'), c: () => this.use('choose'), k: () => this.use('tape'), f: () => document.getElementById('thing-kind').focus(),
            u: () => this.send('undo'), r: () => this.send('redo'),
            h: () => this.do('hinge'), o: () => this.do('swing'), t: () => this.do('turn'), m: () => this.do('mirror'), d: () => this.do('copy'),
            '[': () => this.next(-1), ']': () => this.next(1), e: () => this.list(), z: () => this.showChosen(),
            Delete: () => this.do('remove'), Backspace: () => this.do('remove'),
            '+': () => this.viewport.zoom(1 / 1.25), '=': () => this.viewport.zoom(1 / 1.25), '-': () => this.viewport.zoom(1.25),
            0: () => this.viewport.showAll(),
            i: () => this.typing.next(event.shiftKey ? -1 : 1), I: () => this.typing.next(-1),
            '?': () => document.getElementById('keys').showModal(),
        };
        if (arrows[event.key]) this.tool.step(...arrows[event.key], event.shiftKey);
        else if (event.key === 'Enter' && !event.target.closest?.('button, a')) this.tool.enter();
        else if (keys[event.key]) keys[event.key]();
        else return;
        event.preventDefault();
    }

    /** Numbers typed while drawing go into the tool's length field. */
    typeInto(event) {
        const field = this.tool.options && [...document.querySelectorAll(`#${this.tool.options} [data-typed]`)].find((one) => !one.closest('[hidden]'));
        if (!field || !this.tool.from) return false;
        event.preventDefault();
        field.value = event.key;
        field.focus();
        this.read(field);
        return true;
    }

    /** What cannot be read stays in its field, with the reason beside it. */
    async typed(field) {
        if (field.value.trim() === '' || !await this.read(field)) return;
        this.tool.typed(field.value);
        field.value = '';
        field.blur();
        document.getElementById(field.getAttribute('aria-describedby')).textContent = '';
        this.sheet.focus();
    }

    click(event) {
        const zoom = event.target.closest('[data-zoom]')?.dataset.zoom;
        if (zoom === 'in') this.viewport.zoom(1 / 1.25);
        if (zoom === 'out') this.viewport.zoom(1.25);
        if (zoom === 'all') this.viewport.showAll();
        const tool = event.target.closest('button[data-tool]')?.dataset.tool;
        if (tool) {
            this.use(tool);
            this.sheet.focus();
        }
        const button = event.target.closest('button[data-act]');
        if (button) this.do(button.dataset.act, button.dataset.kind);
        const does = event.target.closest('button[data-does]');
        if (does) this.act(does.dataset.does, JSON.parse(does.dataset.values ?? '{}'));
        const row = event.target.closest('[data-choose]');
        if (row) {
            document.getElementById('elements').close();
            this.use('choose');
            this.choose(row.dataset.choose);
        }
        const settled = event.target.closest('[data-settled-by]');
        if (settled) this.settledBy(settled);
        const several = event.target.closest('[data-several]');
        if (several) this.chooseSeveral(several.dataset.several.split(' '));
        const opens = event.target.closest('[data-opens]');
        if (opens) this.openFinding(opens.dataset);
        if (!event.target.closest('#plan-sheet') || this.viewport.dragged || this.moved) return;
        const dimension = this.tool.name === 'choose' && !event.shiftKey && event.target.closest('[data-dimension]');
        if (dimension) this.typing.open(dimension);
        else this.tool.click(event);
    }

    do(act, kind) {
        const acts = {
            undo: () => this.send('undo'), redo: () => this.send('redo'), again: () => this.outbox.renew(), forget: () => this.outbox.forget(), send: () => this.outbox.send(),
            storey: () => this.act('storey', { where: 'above' }), 'storey-below': () => this.act('storey', { where: 'below' }), dimensions: () => this.open('dimension-options', 'dimensions'), sheet: () => this.open('sheet-options', 'sheet'), blocks: () => this.open('blocks-options', 'blocks'), keys: () => document.getElementById('keys').showModal(), list: () => this.list(),
        };
        const onChosen = {
            remove: () => this.actOnChosen('remove'), opening: () => this.actOnChosen('openings', { kind }),
            'centre-between': () => this.actOnChosen('between', { how: 'centre' }), 'fill-between': () => this.actOnChosen('between', { how: 'fill' }), convert: () => this.actOnChosen('convert'),
            hinge: () => this.actOnChosen('hang', { other: 'jamb' }), swing: () => this.actOnChosen('hang', { other: 'side' }),
            turn: () => this.actOnChosen('turn'), mirror: () => (this.several.length > 1 ? this.use('axis') : this.actOnChosen('mirror')), copy: () => this.copy(),
        };
        if (acts[act]) acts[act]();
        else if (this.selection !== '') onChosen[act]();
    }

    /** Undo and redo may take away what is chosen: what is, is known when they are answered. */
    send(path) {
        const item = this.outbox.add(path, { storey: this.storey, ...this.severalValues() }, this.selection);
        if (this.selection !== '') this.selection = { after: item.name, shown: this.chosen };
    }

    /** The forms beside the plan are acts by the name that they carry. */
    submit(event) {
        const { form } = event.target.dataset;
        if (!form) return;
        event.preventDefault();
        this.trials.stop();
        if (form === 'answer') {
            this.outbox.add('answers', { storey: this.storey, ...this.valuesOf(event.target) }, this.selection);
            return;
        }
        // a form is of the element that it was drawn for
        this.act(form, this.valuesOf(event.target), document.getElementById('inspector').dataset.chosen);
        if (['taped', 'dimension', 'axes'].includes(form)) this.use('choose');
        if (form === 'blocks') {
            event.target.reset();
            this.open('blocks-options', 'blocks');
        }
    }

    /** What is typed is read back first; what it would come to is drawn, or told beside it, once it can be read. */
    input(field) {
        clearTimeout(this.pauses.get(field));
        this.pauses.set(field, setTimeout(async () => {
            const isRead = await this.read(field);
            if (isRead && field.form && 'tries' in field.form.dataset) this.tryForm(field.form);
        }, 150));
    }

    change(field) {
        if (field.id === 'thing-kind' && field.value) {
            this.use('thing');
            this.sheet.focus();
        }
        if (field.id === 'wall-type') document.getElementById('wall-thickness').value = field.selectedOptions[0].dataset.thickness;
        if (field.id === 'opening-kind') {
            for (const sizes of field.form.querySelectorAll('[data-of-kind]')) sizes.hidden = sizes.disabled = sizes.dataset.ofKind !== field.value;
        }
        if (field.id === 'opening-place') {
            for (const part of field.form.querySelectorAll('[data-for="distance"]')) part.hidden = field.selectedOptions[0].dataset.needs !== 'distance';
            for (const part of field.form.querySelectorAll('[data-for="count"]')) part.hidden = field.value !== 'spaced';
        }
        if (field.id === 'home-units' || field.id === 'home-scope') this.document({ [field.id.replace('home-', '')]: field.value });
        if (field.id === 'typing-unit') {
            this.viewport.typing = field.value;
            this.act('edit', { edit: JSON.stringify({ edit: 'document', values: { typing: field.value } }) });
        } else if (field.form?.id === 'dimension-options') this.dimension(field.form);
        if (field.id === 'picture-how') document.getElementById('picture-known').hidden = field.value !== 'scale';
        if (field.id === 'in-line') this.inLine = field.value;
        if (field.name === 'moves') this.showMoving(field.form);
    }

    tryForm(form) {
        this.trials.try(form.dataset.form, this.valuesOf(form), form.querySelector('output'));
    }

    valuesOf(form) {
        return { ...Object.fromEntries(new FormData(form)), ...(['distance', 'dimension'].includes(form.dataset.form) ? { in_line: this.inLine } : {}) };
    }

    /** Units and scope change what the whole page says. */
    async document(values) {
        this.act('edit', { edit: JSON.stringify({ edit: 'document', values }) });
        await this.quiet();
        location.reload();
    }

    async settledBy(button) {
        const answer = await fetch(button.dataset.settledBy).catch(() => null);
        if (answer?.ok) button.replaceWith(await answer.text());
    }

    /** Opens or shuts options that belong to no tool. */
    open(id, act) {
        const options = document.getElementById(id);
        const opens = options.hidden;
        this.use('choose');
        options.hidden = !opens;
        document.querySelector(`button[data-act="${act}"]`).setAttribute('aria-expanded', String(opens));
        if (opens) options.querySelector('select, textarea').focus();
    }

    dimension(form) {
        this.outbox.look('dimensions', { ...Object.fromEntries(new FormData(form)), storey: this.storey }, this.selection);
    }

    /** What a field speaks of is lit on the plan while it is used. */
    light(field) {
        this.showMoving(field?.form ?? null);
        const line = field?.dataset.lights?.split(' ').map(Number);
        this.ghost.light(line ? [{ x: line[0], y: line[1] }, { x: line[2], y: line[3] }] : null);
    }

    /** The walls that would move, before anything is typed. */
    showMoving(form) {
        const id = form?.elements?.moves?.selectedOptions[0]?.dataset.wall;
        for (const drawn of document.querySelectorAll('#plan [data-subject]')) drawn.classList.toggle('moves', drawn.dataset.subject === id);
    }

    /** The server says how a length that is being typed would be understood. @returns {Promise<boolean>} whether it can be */
    async read(field) {
        if (!('length' in field.dataset)) return true;
        const output = document.getElementById(field.getAttribute('aria-describedby'));
        const answer = await this.lengths(field.value, field.dataset.length);
        const says = answer?.ok && field.dataset.says ? `, ${field.dataset.says}` : '';
        output.textContent = answer ? `${await answer.text()}${says}` : 'The server does not answer.';
        output.className = answer?.ok ? 'reading' : 'field-error';
        return Boolean(answer?.ok);
    }

    lengths(text, kind) {
        return fetch(`/lengths?${new URLSearchParams({ text, kind, units: this.viewport.units, typing: this.viewport.typing })}`).catch(() => null);
    }

    /** @returns {Promise<number|null>} null when it cannot be read */
    async millimetres(text) {
        const answer = await this.lengths(text, '');
        return answer?.ok ? Number(answer.headers.get('X-Millimetres')) : null;
    }

    copy() {
        if (this.several.length > 1 || this.chosen === '' || document.querySelector(`#plan .fixture[data-subject="${this.chosen}"]`)) this.use('copy');
    }

    /** What a movement of what is chosen, or of something else, asks for. */
    move(right, up) {
        return { by: `${right},${up}`, ...(this.inLine ? { in_line: this.inLine } : {}) };
    }

    /** A space without a name gets one where it was pointed at. */
    async offerName(at) {
        if (this.selection !== '') this.choose('');
        await this.quiet();
        const form = document.getElementById('name-space');
        form.hidden = false;
        form.elements.at.value = `${at.x},${at.y}`;
        form.querySelector('select').focus();
    }

    /** Steps through what is drawn on the storey. */
    next(by) {
        const ids = [...new Set([...document.querySelectorAll('#plan [data-subject]')].map((element) => element.dataset.subject))];
        if (ids.length === 0) return;
        const at = ids.indexOf(this.chosen);
        this.choose(ids[(at + by + ids.length + (at < 0 && by < 0 ? 1 : 0)) % ids.length]);
    }

    async list() {
        const answer = await fetch(`${this.address}/elements?storey=${encodeURIComponent(this.storey)}`, { headers: { Accept: 'text/html' } });
        document.getElementById('elements-list').innerHTML = await answer.text();
        document.getElementById('elements').showModal();
    }

    showChosen() {
        const box = document.querySelector('#plan .chosen')?.getBBox();
        if (box) this.viewport.show(box, true);
    }

    wallValues() {
        const value = (id) => document.getElementById(id).value;
        return { type: value('wall-type'), thickness: value('wall-thickness'), height: value('wall-height'), beside: value('wall-beside'), measured_at: value('rectangle-at') };
    }

    /** A length as it is typed to come to just this again. */
    exactly(mm) {
        const parts = mm / 25.4 * 64;
        if (this.viewport.units === 'metric') return String(Math.round(mm * 1000) / 1000 / this.viewport.typed);
        if (Math.abs(parts - Math.round(parts)) * 25.4 / 64 > 0.04) return `${Math.round(mm * 100) / 100} mm`;
        return Board.feet(Math.round(parts), 64);
    }

    /** @param {number} parts of an inch @param {number} below how many make an inch */
    static feet(parts, below) {
        const [feet, rest] = [Math.floor(parts / below / 12), parts % (12 * below)];
        let [over, under] = [rest % below, below];
        while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
        return `${feet}'-${Math.floor(rest / below)}${over > 0 ? ` ${over}/${under}` : ''}"`;
    }

    /** A length that is pointed at; `≈` where it is rounded. */
    length(mm) {
        if (this.viewport.units === 'metric') return `${Math.abs(Math.round(mm) - mm) > 0.05 ? '≈ ' : ''}${Math.round(mm) / this.viewport.typed}`;
        const parts = Math.round(mm / 25.4 * 16);
        return `${Math.abs(parts * 25.4 / 16 - mm) > 0.05 ? '≈ ' : ''}${Board.feet(parts, 16)}`;
    }

    middle() {
        const { view } = this.viewport;
        return { x: this.snapping.grid(view.x + view.width / 2), y: this.snapping.grid(-view.y - view.height / 2), word: '' };
    }

    planPoint(event) {
        const point = this.viewport.pointOf(event);
        return { x: Math.round(point.x * 100) / 100, y: Math.round(-point.y * 100) / 100 };
    }

    settle() {
        this.viewport.draw();
        this.snapping.read();
        const inLine = document.getElementById('in-line');
        if (inLine) inLine.value = this.inLine;
        this.mark();
    }

    /** What is chosen is marked on the plan at once. */
    mark() {
        for (const thing of document.querySelectorAll('#plan [data-subject]')) thing.classList.toggle('chosen', thing.dataset.subject === this.chosen || this.several.includes(thing.dataset.subject));
    }

    /** A part of the board was drawn anew. */
    placed(id) {
        if (id === 'plan' || id === 'inspector' || id === 'marks') this.settle();
        if (id === 'board-checked') this.changes.show();
        if (id === 'board-findings') document.querySelector('#board-findings .row-evidence')?.closest('li').scrollIntoView({ block: 'nearest' });
        if (id === 'witness') this.viewport.draw();
        if (id === 'witness' && this.bringsIntoSight) this.showWitness();
    }

    showWitness() {
        this.bringsIntoSight = false;
        const focus = document.getElementById('witness').dataset.focus?.split(' ').map(Number);
        if (focus) this.viewport.show({ x: focus[0], y: focus[1], width: focus[2], height: focus[3] });
    }

    tell(words, canSend = false) {
        const message = document.getElementById('board-message');
        message.replaceChildren();
        if (words === '') return;
        const paragraph = document.createElement('p');
        paragraph.textContent = `${words} `;
        if (canSend) paragraph.insertAdjacentHTML('beforeend', '<button type="button" class="btn btn-tool" data-act="send">Try now</button>');
        message.append(paragraph);
    }
}
