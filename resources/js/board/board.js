import { all, byId, field } from '../dom.js';
import { Changes } from './changes.js';
import { Commands } from './commands.js';
import { Exchange } from './exchange.js';
import { FixtureList } from './fixture-list.js';
import { Forms } from './forms.js';
import { Front } from './front.js';
import { Ghost } from './ghost.js';
import { Keys } from './keys.js';
import { Lengths } from './lengths.js';
import { tell } from './messages.js';
import { NorthDial } from './north-dial.js';
import { Others } from './others.js';
import { Outbox } from './outbox.js';
import { Refusals } from './refusals.js';
import { Snapping } from './snapping.js';
import { Trials } from './trials.js';
import { TypedDimension } from './typed-dimension.js';
import { AlongLine } from './tools/along-line.js';
import { Axis } from './tools/axis.js';
import { Choose } from './tools/choose.js';
import { Guard } from './tools/guard.js';
import { Outline } from './tools/outline.js';
import { Picture } from './tools/picture.js';
import { Place } from './tools/place.js';
import { Rectangle } from './tools/rectangle.js';
import { Dimension } from './tools/dimension.js';
import { Measure } from './tools/measure.js';
import { Wall } from './tools/wall.js';
import { text } from '../text.js';

/**
 * The drawing board: what is pointed at, dragged and typed becomes an act that the server makes, checks and draws. Nothing is
 * decided here; what an act would come to is asked of the server too.
 */
export class Board {
    /** Acts that draw something beyond what was in sight. */
    static REACHES_OUT = new Set(['axes', 'section', 'blocks', 'entrance-steps', 'entrance-ramp']);

    /** Acts that draw something, which is chosen then. */
    static DRAWS = new Set([
        'wall',
        'rectangle',
        'parallel',
        'place-dimension',
        'setting-out',
        'openings',
        'fixture',
        'copy',
        'repeat',
        'space',
        'storey',
        'note',
        'void',
        'stair',
        'guard',
        'guard-edges',
        'soffit',
        'terrace',
        'roof-window',
        'fixture-outline',
        'taped',
        'axes',
        'section',
        'blocks',
    ]);

    /** @param {HTMLElement} page @param {import('../viewport.js').Viewport} viewport */
    constructor(page, viewport) {
        this.page = page;
        this.viewport = viewport;
        this.inLine = this.stairOpening = this.finding = '';
        this.moved = false;
        this.several = new URLSearchParams(location.search).getAll('ids[]');
        this.address = page.dataset.address.replace(/\/board$/, '');
        this.step = Number(page.dataset.step);
        this.sheet = byId('plan-sheet', HTMLElement);
        this.lengths = new Lengths(viewport);
        this.ghost = new Ghost(document.getElementById('ghost'));
        this.snapping = new Snapping(viewport, this.step);
        this.exchange = new Exchange(
            (id) => this.placed(id),
            () => tell(text('The check broke off. What you did is saved; load the page again to see what the check says.')),
        );
        this.trials = new Trials((act, values) => this.try(act, values), this.ghost);
        this.commands = new Commands(this);
        this.forms = new Forms(this, this.commands);
        this.keys = new Keys(this, this.forms, this.commands);
        this.north = new NorthDial(page);
        this.front = new Front(page, this);
        this.typing = new TypedDimension(this);
        this.changes = new Changes(document.getElementById('board-changes'));
        this.fixtures = new FixtureList(this);
        this.tools = this.makeTools();
        this.sheet.addEventListener('pointerdown', (event) => this.tool.press(event), { capture: true });
        this.sheet.addEventListener('pointermove', (event) => this.tool.hover(event));
        this.sheet.addEventListener('rest', (/** @type {CustomEvent} */ { detail }) => this.tool.linger(detail));
        this.use(new URLSearchParams(location.search).has('picture') ? 'picture' : 'choose');
        /** @type {string|{after: string, shown: string}} the id of what is chosen, or the act after which that is known */
        this.selection = this.shownChosen;
        this.settle();
        this.others = new Others(page.dataset.channel, (id, storey) => this.chooseToldElement(id, storey));
        this.others.tell(this.version, this.selection);
        this.refusals = new Refusals(document.getElementById('board-refusals'), (item) => this.forms.mend(item));
        this.outbox = new Outbox(`edits of ${this.address}`, this);
    }

    makeTools() {
        const soffit = () => this.forms.typedBeside('soffit-options');
        const terrace = () => this.forms.typedBeside('terrace-options');
        /** @type {import('./tools/tool.js').Tool[]} */
        const tools = [
            new Choose(this),
            new Wall(this),
            new Rectangle(this, 'rectangle', 'wall-options', () => this.forms.wallValues()),
            new Rectangle(this, 'void', 'void-options', () => ({})),
            new Outline(this, 'void-corners', 'void', 'void-options', () => ({})),
            new Rectangle(this, 'soffit', 'soffit-options', soffit),
            new Outline(this, 'soffit-corners', 'soffit', 'soffit-options', soffit),
            new Rectangle(this, 'terrace', 'terrace-options', terrace),
            new Outline(this, 'terrace-corners', 'terrace', 'terrace-options', terrace),
            new AlongLine(this, 'soffit-line', 'soffit', 'soffit-options', soffit),
            new Outline(this, 'fixture-corners', 'fixture-outline', 'fixture-corners-options', () =>
                this.forms.typedBeside('fixture-corners-options'),
            ),
            new AlongLine(this, 'section', 'section', 'section-options', () => ({})),
            new AlongLine(this, 'slope', 'slope', 'slope-options', () => this.forms.typedOfChosen('slope')),
            new AlongLine(this, 'fit-stair', 'fit-stair', 'fit-stair-options', () => this.forms.typedOfChosen('fit-stair')),
            new Guard(this),
            new Measure(this),
            new Dimension(this),
            new Picture(this),
            new Axis(this),
            new Place(this, 'fixture', () => ['fixture', this.fixtures.values()], 'fixture-options'),
            new Place(this, 'note', () => ['note', {}]),
            new Place(this, 'ground', () => ['ground-level', this.forms.typedBeside('ground-options')], 'ground-options'),
            new Place(this, 'copy', () => ['copy', {}]),
            new Place(this, 'axes', () => ['axes', this.forms.valuesOf(document.getElementById('axes-options'))], 'axes-options'),
            new Place(this, 'roof-window', () => ['roof-window', this.forms.typedBeside('roof-window-options')], 'roof-window-options'),
            new Place(this, 'stair', () => ['stair', { towards: byId('stair-towards', HTMLSelectElement).value }], 'stair-options'),
        ];
        return new Map(tools.map((tool) => [tool.name, tool]));
    }

    /**
     * The id of what is chosen; empty when nothing is, or when that is still being drawn. Until an act is answered that may take it away,
     * it is shown as chosen.
     */
    get chosen() {
        return typeof this.selection === 'string' ? this.selection : this.selection.shown;
    }

    /** The id of what the server drew as chosen. */
    get shownChosen() {
        return byId('inspector', HTMLElement).dataset.chosen;
    }

    get version() {
        return Number(byId('board-state', HTMLElement).dataset.version);
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
        return this.exchange.ask(`${this.address}/${path}`, {
            ...values,
            select,
            finding,
            ...(isLook ? {} : { sent_as: name, version: version ?? this.version }),
        });
    }

    /** An act was answered. @returns {string} the id of what it drew */
    drew(item) {
        const chosen = this.shownChosen;
        this.chooseAfter(item, chosen);
        this.mark();
        if (Board.REACHES_OUT.has(item.path.replace('acts/', ''))) this.viewport.showAll();
        if (item.path === 'acts/storey') location.assign(`${this.page.dataset.address}?${new URLSearchParams({ storey: chosen })}`);
        return chosen;
    }

    /** Everything that was done has been answered. */
    settled() {
        delete this.page.dataset.busy;
        this.selection = this.shownChosen;
        this.mark();
        this.others.tell(this.version, this.selection);
    }

    /** @returns {string|undefined} the id of what is chosen still; none where what was refused was to be chosen */
    refuse(item, why) {
        const chosen = this.shownChosen;
        this.chooseAfter(item, chosen);
        this.refusals.add(item, why);
        return Board.DRAWS.has(item.path.replace('acts/', '')) ? undefined : chosen;
    }

    /** What is chosen is known when the act is answered that it waits for. */
    chooseAfter(item, id) {
        if (typeof this.selection !== 'string' && this.selection.after === item.name) this.selection = id;
    }

    /** @returns {Promise<void>} when everything that was done has been answered */
    async quiet() {
        while ('busy' in this.page.dataset)
            await new Promise((resolve) => {
                setTimeout(resolve, 50);
            });
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

    /** What is chosen on another page of this home, on its storey. */
    chooseToldElement(id, storey) {
        this.several = [];
        this.selection = id;
        this.mark();
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: storey || this.storey }, id);
    }

    look(id) {
        this.selection = id;
        this.mark();
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: this.storey, ...this.severalValues() }, id);
    }

    /** The evidence of a finding in its row and on the plan, with what it is of chosen; shut again by the same. */
    openFinding(finding, subjectId, storey) {
        this.finding = this.finding === finding ? '' : finding;
        this.bringsIntoSight = this.finding !== '';
        this.use('choose');
        this.selection = subjectId;
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: storey || this.storey }, subjectId);
    }

    /**
     * Goes to where something is said that a finding lacks: its field, or the list of uses for a space that has none.
     *
     * @param {string} id of the element; empty: of the home
     * @param {DOMStringMap} place its storey, the id of its field, a place in the space
     */
    async say(id, { storey, control, space }) {
        this.use('choose');
        this.several = [];
        this.selection = id;
        this.page.dataset.busy = 'yes';
        this.outbox.look('board', { storey: storey || this.storey }, id);
        await this.quiet();
        if (space) {
            const [x, y] = space.split(',').map(Number);
            await this.offerName({ x, y });
            return;
        }
        const named = document.getElementById(control) ?? document.querySelector('#inspector form :is(input, select):not([type="hidden"])');
        if (!(named instanceof HTMLElement)) return;
        for (let around = named.closest('details'); around; around = around.parentElement.closest('details')) around.open = true;
        named.focus();
        named.scrollIntoView({ block: 'nearest' });
    }

    use(name) {
        this.tool = this.tools.get(name);
        this.tool.from = null;
        this.trials.stop();
        this.ghost.clear();
        this.sheet.dataset.tool = name;
        for (const button of all('button[data-tool], button[data-pressed-for]'))
            button.setAttribute('aria-pressed', String((button.dataset.tool ?? button.dataset.pressedFor) === name));
        for (const options of all('.tool-options')) options.hidden = options.id !== this.tool.options;
        for (const part of all('[data-for-tool]')) part.hidden = !part.dataset.forTool.split(' ').includes(name);
        for (const choice of all('select[data-tools]')) {
            const select = /** @type {HTMLSelectElement} */ (choice);
            if ([...select.options].some((option) => option.value === name)) select.value = name;
        }
    }

    /** Undo and redo may take away what is chosen: what is, is known when they are answered. */
    send(path) {
        const item = this.outbox.add(path, { storey: this.storey, ...this.severalValues() }, this.selection);
        if (this.selection !== '') this.selection = { after: item.name, shown: this.chosen };
    }

    /** What a movement of what is chosen, or of something else, asks for. */
    move(right, up) {
        return {
            by: `${right},${up}`,
            ...(this.inLine ? { in_line: this.inLine } : {}),
            ...(this.stairOpening ? { opening: this.stairOpening } : {}),
        };
    }

    /** A space without a name gets one where it was pointed at. */
    async offerName(at) {
        if (this.selection !== '') this.choose('');
        await this.quiet();
        const form = byId('name-space', HTMLFormElement);
        form.hidden = false;
        field(form, 'at').value = `${at.x},${at.y}`;
        form.querySelector('select').focus();
    }

    /** Steps through what is drawn on the storey. */
    next(by) {
        const ids = [...new Set(all('#plan [data-subject]').map((drawn) => drawn.dataset.subject))];
        if (ids.length === 0) return;
        const at = ids.indexOf(this.chosen);
        this.choose(ids[(at + by + ids.length + (at < 0 && by < 0 ? 1 : 0)) % ids.length]);
    }

    showChosen() {
        const drawn = document.querySelector('#plan .chosen');
        const box = drawn instanceof SVGGraphicsElement ? drawn.getBBox() : null;
        if (box) this.viewport.show(box, true);
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
        const inLine = /** @type {HTMLSelectElement|null} */ (document.getElementById('in-line'));
        if (inLine) inLine.value = this.inLine;
        const stairOpening = /** @type {HTMLSelectElement|null} */ (document.getElementById('stair-opening'));
        if (stairOpening) stairOpening.value = this.stairOpening;
        this.mark();
    }

    /** What is chosen is marked on the plan at once. */
    mark() {
        for (const fixture of all('#plan [data-subject]'))
            fixture.classList.toggle('chosen', fixture.dataset.subject === this.chosen || this.several.includes(fixture.dataset.subject));
    }

    /** A part of the board was drawn anew. */
    placed(id) {
        if (id === 'plan' || id === 'inspector' || id === 'marks') this.settle();
        if (id === 'board-checked') this.changes.show();
        if (id === 'board-findings')
            document.querySelector('#board-findings .row-evidence')?.closest('li').scrollIntoView({ block: 'nearest' });
        if (id === 'witness') this.viewport.draw();
        if (id === 'witness' && this.bringsIntoSight) this.showWitness();
    }

    showWitness() {
        this.bringsIntoSight = false;
        const focus = document.getElementById('witness').dataset.focus?.split(' ').map(Number);
        if (focus) this.viewport.show({ x: focus[0], y: focus[1], width: focus[2], height: focus[3] });
    }

    tell(words, canSend = false) {
        tell(words, canSend);
    }
}
