import { Drawing } from './drawing.js';

/** A chain of walls: each end is the next one's start. All legs are sent with each, so that none waits for the one before. */
export class Wall extends Drawing {
    name = 'wall';
    options = 'wall-options';

    take(at) {
        if (this.from === null) this.begin(at);
        else if (Math.hypot(at.x - this.from.x, at.y - this.from.y) > 1) this.draw({ to: Drawing.text(at) }, at);
    }

    begin(at) {
        this.from = at;
        this.start = at;
        this.legs = [];
    }

    /** The server reads what was typed; one leg after the other. */
    typed(text) {
        return this.leg(text);
    }

    async leg(text) {
        const mm = await this.board.forms.millimetres(text);
        if (!this.from || mm === null) return;
        const towards = this.towards();
        const end = {
            x: this.from.x + mm * Math.cos((towards * Math.PI) / 180),
            y: this.from.y + mm * Math.sin((towards * Math.PI) / 180),
            word: '',
        };
        this.draw({ length: text, towards }, end);
        this.at = { ...end };
        this.show();
    }

    draw(leg, end) {
        this.legs.push(leg);
        this.board.ghost.clear();
        this.board.act('wall', { from: Drawing.text(this.start), legs: this.legs, ...this.board.forms.wallValues() });
        this.from = end;
    }
}
