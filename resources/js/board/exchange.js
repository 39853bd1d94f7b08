import { csrfToken } from '../dom.js';
import { patch } from './patch.js';

/** Asks the server and puts the parts of the board that it sends in their places, each as soon as it has arrived. */
export class Exchange {
    static END = '<!--/part-->';

    /**
     * @param {(id: string) => void} placed called with the id of a part that was sent
     * @param {() => void} broken called when an answer broke off
     */
    constructor(placed, broken) {
        this.placed = placed;
        this.broken = broken;
        this.known = '';
    }

    /**
     * @returns {Promise<{status: number, refused: string}>} status 0 when nothing answers or what the server rests on is away, 401 when
     *     what answers is not the board
     */
    async ask(address, values = null) {
        try {
            const answer = await this.fetch(address, values);
            const refused = decodeURIComponent(answer.headers.get('X-Board-Refused') ?? '');
            // what it rests on is away: that is no fault of what was asked for
            if (answer.status >= 502 && answer.headers.has('Retry-After')) return { status: 0, refused };
            if (!answer.headers.has('X-Board-Parts'))
                return { status: answer.status < 400 || answer.status === 419 ? 401 : answer.status, refused };
            this.status = answer.status;
            await this.read(answer.body.pipeThrough(new TextDecoderStream()).getReader());
            return { status: answer.status, refused };
        } catch {
            return { status: 0, refused: '' };
        }
    }

    fetch(address, values = null) {
        const headers = {
            Accept: 'text/html',
            'X-Requested-With': 'XMLHttpRequest',
            'X-Board-Parts': this.known,
            'X-CSRF-TOKEN': csrfToken(),
        };
        return fetch(address, values === null ? { headers } : { method: 'POST', body: Exchange.encoded(values), headers });
    }

    /** Lists go as `legs[0][to]=…`. */
    static encoded(values, name = null, body = new URLSearchParams()) {
        for (const [key, value] of Object.entries(values)) {
            const inner = name === null ? key : `${name}[${key}]`;
            if (value !== null && typeof value === 'object') Exchange.encoded(value, inner, body);
            else body.append(inner, value);
        }
        return body;
    }

    async read(reader) {
        const hashes = [];
        let text = '';
        for (let chunk = await reader.read(); !chunk.done; chunk = await reader.read()) {
            text += chunk.value;
            for (let end = text.indexOf(Exchange.END); end >= 0; end = text.indexOf(Exchange.END)) {
                hashes.push(this.place(text.slice(0, end)));
                text = text.slice(end + Exchange.END.length);
            }
        }
        this.known = hashes.join(' ');
        if (text.trim() !== '' || hashes.length === 0) {
            this.known = '';
            this.broken();
        }
    }

    /** What is being written to a letter is kept. */
    static replace(old, element) {
        for (const field of old.querySelectorAll('textarea[id]')) {
            const fresh = /** @type {HTMLTextAreaElement|null} */ (element.querySelector(`#${field.id}`));
            if (!fresh || field.value === field.defaultValue) continue;
            fresh.value = field.value;
            fresh.closest('details')?.setAttribute('open', '');
        }
        const { id } = document.activeElement ?? {};
        const writes = old.contains(document.activeElement) && document.activeElement.matches('textarea');
        old.replaceWith(element);
        if (writes) document.getElementById(id)?.focus();
    }

    /** @returns {string} the part's hash */
    place(part) {
        const [, hash, html] = part.match(/^<!--part (\w+)-->([^]*)$/);
        // what was refused is told in a list of its own
        if (html !== '' && !(this.status === 422 && html.includes('id="board-message"'))) {
            const template = document.createElement('template');
            template.innerHTML = html;
            const element = template.content.firstElementChild;
            const old = document.getElementById(element.id);
            // a form is put in anew, so that nothing stays of what was typed into the old one
            if (element.querySelector('form, input, select') === null) patch(old, element);
            else Exchange.replace(old, element);
            this.placed(element.id);
        }
        return hash;
    }
}
