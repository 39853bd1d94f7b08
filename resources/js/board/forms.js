import { all, byId } from '../dom.js';
import { text } from '../text.js';

/** The fields and forms beside the plan: what is typed is read back, tried and, with Enter, made an act of. */
export class Forms {
    static PAUSE = 150;

    /** @param {import('./board.js').Board} board @param {import('./commands.js').Commands} commands */
    constructor(board, commands) {
        this.board = board;
        this.commands = commands;
        this.pauses = new WeakMap();
        const { page } = board;
        page.addEventListener('submit', (event) => this.submit(event));
        page.addEventListener('input', (event) => this.input(event.target));
        page.addEventListener('change', (event) => this.change(event.target));
        page.addEventListener('focusin', (event) => this.light(event.target));
        page.addEventListener('focusout', () => this.light(null));
    }

    /** Forms are acts by the name that they carry. */
    submit(event) {
        const { form } = event.target.dataset;
        if (!form) return;
        event.preventDefault();
        const { board } = this;
        board.trials.stop();
        if (form === 'answer') {
            board.outbox.add('answers', { storey: board.storey, ...this.valuesOf(event.target) }, board.selection);
            return;
        }
        // a form is of the element that it was drawn for
        board.act(form, this.valuesOf(event.target), byId('inspector', HTMLElement).dataset.chosen);
        if (['taped', 'dimension', 'axes'].includes(form)) board.use('choose');
        if (form === 'blocks') {
            event.target.reset();
            this.commands.open('blocks-options', 'blocks');
        }
    }

    /** What is typed in a form of the chosen element. @param {string} name */
    typedOfChosen(name) {
        const form = document.querySelector(`#inspector [data-form="${name}"]`);
        return form instanceof HTMLFormElement ? this.valuesOf(form) : {};
    }

    /** What is typed in the fields beside a tool that are in sight, by their names. @param {string} options */
    typedBeside(options) {
        const fields = all(`#${options} :is(input, select)[name]`).filter((field) => !field.closest('[hidden]'));
        return Object.fromEntries(fields.map((field) => [field.getAttribute('name'), /** @type {HTMLInputElement} */ (field).value]));
    }

    valuesOf(form) {
        return {
            ...Object.fromEntries(new FormData(form)),
            ...(['distance', 'dimension'].includes(form.dataset.form) ? { in_line: this.board.inLine } : {}),
        };
    }

    /** What is typed is read back first; what it would come to is drawn, or told beside it, once it can be read. */
    input(field) {
        clearTimeout(this.pauses.get(field));
        this.pauses.set(
            field,
            setTimeout(async () => {
                const isRead = await this.read(field);
                if (isRead && field.form && Forms.isTried(field.form)) this.try(field.form);
            }, Forms.PAUSE),
        );
    }

    /** Of lengths that count together nothing is tried until all are typed, or none. @param {HTMLFormElement} form */
    static isTried(form) {
        const { tries } = form.dataset;
        if (tries !== 'together') return tries !== undefined;
        const lengths = /** @type {HTMLInputElement[]} */ (all('[data-length]', form));
        return new Set(lengths.map((length) => length.value.trim() === '')).size === 1;
    }

    try(form) {
        this.board.trials.try(form.dataset.form, this.valuesOf(form), form.querySelector('output'));
    }

    change(field) {
        const { board } = this;
        if ('tools' in field.dataset) {
            board.use(field.value);
            board.sheet.focus();
        }
        if (field.id === 'wall-type') byId('wall-thickness', HTMLInputElement).value = field.selectedOptions[0].dataset.thickness;
        if (field.id === 'opening-kind') {
            for (const sizes of all('[data-of-kind]', field.form))
                sizes.hidden = /** @type {HTMLInputElement} */ (sizes).disabled = sizes.dataset.ofKind !== field.value;
        }
        if (field.id === 'opening-place') {
            for (const part of all('[data-for="distance"]', field.form))
                part.hidden = field.selectedOptions[0].dataset.needs !== 'distance';
            for (const part of all('[data-for="count"]', field.form)) part.hidden = field.value !== 'spaced';
        }
        if (field.id === 'home-units' || field.id === 'home-scope') this.document({ [field.id.replace('home-', '')]: field.value });
        if (field.id === 'typing-unit') {
            board.viewport.typing = field.value;
            board.act('edit', { edit: JSON.stringify({ edit: 'document', values: { typing: field.value } }) });
        } else if (field.form?.id === 'dimension-options') this.dimension(field.form);
        if (field.id === 'picture-how') byId('picture-known', HTMLElement).hidden = field.value !== 'scale';
        if (field.id === 'in-line') board.inLine = field.value;
        if (field.id === 'stair-opening') board.stairOpening = field.value;
        if (field.name === 'moves') this.showMoving(field.form);
    }

    /** Units and scope change what the whole page says. */
    async document(values) {
        this.board.act('edit', { edit: JSON.stringify({ edit: 'document', values }) });
        await this.board.quiet();
        location.reload();
    }

    dimension(form) {
        const style = Object.fromEntries([...new FormData(form)].filter(([name]) => name !== 'layer'));
        const hidden = all('[name="layer"]:not(:checked)', form).map((one) => /** @type {HTMLInputElement} */ (one).value);
        this.board.outbox.look('dimensions', { ...style, hidden: hidden.join(), storey: this.board.storey }, this.board.selection);
    }

    /** What a field speaks of is lit on the plan while it is used. */
    light(field) {
        this.showMoving(field?.form ?? null);
        const line = field?.dataset.lights?.split(' ').map(Number);
        this.board.ghost.light(
            line
                ? [
                      { x: line[0], y: line[1] },
                      { x: line[2], y: line[3] },
                  ]
                : null,
        );
    }

    /** The walls that would move, before anything is typed. */
    showMoving(form) {
        const id = form?.elements?.moves?.selectedOptions[0]?.dataset.wall;
        for (const drawn of all('#plan [data-subject]')) drawn.classList.toggle('moves', drawn.dataset.subject === id);
    }

    /** Numbers typed while drawing go into the tool's length field. */
    typeInto(event) {
        const { tool } = this.board;
        const field =
            tool.options &&
            /** @type {HTMLInputElement|undefined} */ (all(`#${tool.options} [data-typed]`).find((one) => !one.closest('[hidden]')));
        if (!field || !tool.from) return false;
        event.preventDefault();
        field.value = event.key;
        field.focus();
        this.read(field);
        return true;
    }

    /** What cannot be read stays in its field, with the reason beside it. What is pointed at meanwhile comes after what was typed. */
    typed(field) {
        const { tool } = this.board;
        if (field.value.trim() === '' || tool.reading) return;
        tool.reading = this.take(field, tool).finally(() => {
            tool.reading = null;
        });
    }

    async take(field, tool) {
        if (!(await this.read(field))) return;
        await tool.typed(field.value);
        field.value = '';
        field.blur();
        byId(field.getAttribute('aria-describedby'), HTMLElement).textContent = '';
        this.board.sheet.focus();
    }

    /** The server says how a length that is being typed would be understood. @returns {Promise<boolean>} whether it can be */
    async read(field) {
        if (!('length' in field.dataset)) return true;
        const output = byId(field.getAttribute('aria-describedby'), HTMLElement);
        const answer = await this.lengths(field.value, field.dataset.length);
        const says = answer?.ok && field.dataset.says ? `, ${field.dataset.says}` : '';
        output.textContent = answer ? `${await answer.text()}${says}` : text('The server does not answer.');
        output.className = answer?.ok ? 'reading' : 'field-error';
        return Boolean(answer?.ok);
    }

    lengths(text, kind) {
        const { units, typing } = this.board.viewport;
        return fetch(`/lengths?${new URLSearchParams({ text, kind, units, typing })}`).catch(() => null);
    }

    /** @returns {Promise<number|null>} null when it cannot be read */
    async millimetres(text) {
        const answer = await this.lengths(text, '');
        return answer?.ok ? Number(answer.headers.get('X-Millimetres')) : null;
    }

    wallValues() {
        const value = (id) => /** @type {HTMLInputElement} */ (byId(id, HTMLElement)).value;
        return {
            type: value('wall-type'),
            thickness: value('wall-thickness'),
            height: value('wall-height'),
            beside: value('wall-beside'),
            measured_at: value('rectangle-at'),
        };
    }

    /** What was refused is chosen, with what was typed in its field; what was not typed is done again. */
    async mend({ path, values, on }) {
        const { board } = this;
        const form = () => /** @type {HTMLFormElement|null} */ (document.querySelector(`[data-form="${path.replace('acts/', '')}"]`));
        if (typeof on === 'string' && on !== board.chosen) board.choose(on);
        await board.quiet();
        if (!form()) {
            board.outbox.add(path, values, on);
            return;
        }
        for (const [name, value] of Object.entries(values)) {
            const field = form().elements[name];
            if (field && 'value' in field) field.value = value;
        }
        const options = /** @type {HTMLElement|null} */ (form().closest('.tool-options'));
        if (options) options.hidden = false;
        all('[data-length], textarea, input:not([type="hidden"])', form())[0]?.focus();
    }
}
