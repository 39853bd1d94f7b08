import { all, around, byId } from '../dom.js';
import { Guard } from './tools/guard.js';

/** What buttons on and beside the plan do, by the names that they carry; keys do the same. */
export class Commands {
    /** @param {import('./board.js').Board} board */
    constructor(board) {
        this.board = board;
        const showKeys = () => byId('keys', HTMLDialogElement).showModal();
        this.always = {
            undo: () => board.send('undo'),
            redo: () => board.send('redo'),
            again: () => board.outbox.renew(),
            forget: () => board.outbox.forget(),
            send: () => board.outbox.send(),
            storey: () => board.act('storey', { where: 'above' }),
            'storey-below': () => board.act('storey', { where: 'below' }),
            dimensions: () => this.open('dimension-options', 'dimensions'),
            sheet: () => this.open('sheet-options', 'sheet'),
            blocks: () => this.open('blocks-options', 'blocks'),
            'guard-edges': () => board.act('guard-edges', Guard.sizes()),
            'guard-all': () => board.act('guard-edges', Guard.sizes(), ''),
            keys: showKeys,
            list: () => this.list(),
            fixtures: () => board.fixtures.open(),
        };
        this.onChosen = {
            remove: () => board.actOnChosen('remove'),
            opening: (kind) => board.actOnChosen('openings', { kind }),
            'swap-left': () => board.actOnChosen('swap-units', { side: 'left' }),
            'swap-right': () => board.actOnChosen('swap-units', { side: 'right' }),
            'centre-between': () => board.actOnChosen('between', { how: 'centre' }),
            'fill-between': () => board.actOnChosen('between', { how: 'fill' }),
            convert: () => board.actOnChosen('convert'),
            hinge: () => board.actOnChosen('hang', { other: 'jamb' }),
            swing: () => board.actOnChosen('hang', { other: 'side' }),
            turn: () => board.actOnChosen('turn'),
            mirror: () => (board.several.length > 1 ? board.use('axis') : board.actOnChosen('mirror')),
            copy: () => this.copy(),
        };
        document.addEventListener('click', (event) => this.click(event));
    }

    do(name, kind) {
        if (this.always[name]) this.always[name]();
        else if (this.board.selection !== '') this.onChosen[name](kind);
    }

    /** @param {MouseEvent} event */
    click(event) {
        const { board } = this;
        this.zoom(around(event, '[data-zoom]')?.dataset.zoom);
        const tool = around(event, 'button[data-tool]')?.dataset.tool;
        if (tool) {
            board.use(tool);
            board.sheet.focus();
        }
        const button = around(event, 'button[data-act]');
        if (button) this.do(button.dataset.act, button.dataset.kind);
        const does = around(event, 'button[data-does]');
        if (does) board.act(does.dataset.does, JSON.parse(does.dataset.values ?? '{}'));
        this.pick(event);
        const settled = around(event, '[data-settled-by]');
        if (settled) this.settledBy(settled);
        if (!around(event, '#plan-sheet') || board.viewport.dragged || board.moved) return;
        const dimension = board.tool.name === 'choose' && !event.shiftKey && around(event, '[data-dimension]');
        if (dimension) board.typing.open(dimension);
        else board.tool.click(event);
    }

    /** Rows and buttons that choose something. */
    pick(event) {
        const row = around(event, '[data-choose]');
        if (row) {
            byId('elements', HTMLDialogElement).close();
            this.board.use('choose');
            this.board.choose(row.dataset.choose);
        }
        const several = around(event, '[data-several]');
        if (several) this.board.chooseSeveral(several.dataset.several.split(' '));
        const states = around(event, '[data-states]');
        if (states) this.board.say(states.dataset.states, states.dataset);
        const opens = around(event, '[data-opens]');
        if (opens) this.board.openFinding(opens.dataset.opens, opens.dataset.subjectId, opens.dataset.storey);
    }

    zoom(how) {
        if (how === 'in') this.board.viewport.zoom(1 / 1.25);
        if (how === 'out') this.board.viewport.zoom(1.25);
        if (how === 'all') this.board.viewport.showAll();
    }

    /** A single fixture is copied to where is pointed at; anything else on the spot. */
    copy() {
        const { board } = this;
        if (board.several.length > 1 || board.chosen === '' || document.querySelector(`#plan .fixture[data-subject="${board.chosen}"]`))
            board.use('copy');
    }

    async list() {
        const answer = await fetch(`${this.board.address}/elements?storey=${encodeURIComponent(this.board.storey)}`, {
            headers: { Accept: 'text/html' },
        });
        byId('elements-list', HTMLElement).innerHTML = await answer.text();
        byId('elements', HTMLDialogElement).showModal();
    }

    async settledBy(button) {
        const answer = await fetch(button.dataset.settledBy).catch(() => null);
        if (answer?.ok) button.replaceWith(await answer.text());
    }

    /** Opens or shuts options that belong to no tool. */
    open(id, act) {
        const options = byId(id, HTMLElement);
        const opens = options.hidden;
        this.board.use('choose');
        options.hidden = !opens;
        document.querySelector(`button[data-act="${act}"]`).setAttribute('aria-expanded', String(opens));
        if (opens) all('select, textarea', options)[0].focus();
    }
}
