import { byId } from '../../dom.js';
import { Drawing } from './drawing.js';
import { text } from '../../text.js';

/** Puts the picture under the plan to scale, straightens it or moves it, by two places that are pointed at in it. */
export class Picture extends Drawing {
    name = 'picture';
    options = 'picture-options';

    click(event) {
        if (document.getElementById('picture-beneath')) this.take({ ...this.board.planPoint(event), word: '' });
    }

    hover(event) {
        this.at = { ...this.board.planPoint(event), word: '' };
        this.show();
    }

    take(at) {
        if (this.from === null) {
            this.from = at;
            return;
        }
        this.line2 = [this.from, at];
        this.from = null;
        const how = byId('picture-how', HTMLSelectElement).value;
        const distance = byId('picture-distance', HTMLInputElement);
        if (how === 'scale' && distance.value.trim() === '') distance.focus();
        else this.place();
    }

    /** The distance may be typed before the two places are pointed at or after. */
    typed() {
        if (this.line2) this.place();
    }

    async place() {
        const beneath = document.getElementById('picture-beneath');
        const [from, to] = this.line2.map(Drawing.text);
        const values = {
            from,
            to,
            how: byId('picture-how', HTMLSelectElement).value,
            distance: byId('picture-distance', HTMLInputElement).value,
        };
        const answer = await this.board.fetch(beneath.dataset.address, values);
        const said = await answer.text();
        const output = document.getElementById('picture-reading');
        Object.assign(output, { textContent: answer.ok ? text('Done.') : said, className: answer.ok ? 'reading' : 'field-error' });
        if (!answer.ok) return;
        byId('picture-distance', HTMLInputElement).value = '';
        beneath.outerHTML = said;
        this.line2 = null;
        this.board.ghost.clear();
        this.board.viewport.draw();
    }

    show() {
        this.board.ghost.draw([...(this.line2 ? [this.line2] : []), ...(this.from ? [this.line()] : [])], this.at, '');
    }
}
