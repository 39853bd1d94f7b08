const SVG = 'http://www.w3.org/2000/svg';

/** What is drawn over the plan while something is being done: lines that follow the pointer, and what the server says would come of it. */
export class Ghost {
    constructor(drawing) {
        this.lines = Ghost.element('g', { class: 'ghost-lines' });
        this.trial = Ghost.element('g', { class: 'ghost-trial' });
        this.lit = Ghost.element('g', { class: 'ghost-lit' });
        drawing.append(this.lines, this.trial, this.lit);
    }

    clear() {
        this.lines.replaceChildren();
        this.trial.replaceChildren();
    }

    /** Lines between points of the plan, and a word beside the last of them. */
    draw(paths, at = null, word = '') {
        const drawn = paths.map((points) =>
            Ghost.element('path', { class: 'ghost-wall', d: `M${points.map(({ x, y }) => `${x} ${-y}`).join('L')}` }),
        );
        if (at) drawn.push(Ghost.cursor(at, word));
        this.lines.replaceChildren(...drawn);
    }

    /** The line that a field speaks of; null: none. */
    light(line) {
        this.lit.replaceChildren(...(line ? [Ghost.element('path', { d: `M${line.map(({ x, y }) => `${x} ${-y}`).join('L')}` })] : []));
    }

    follow(fixture, by) {
        const copy = fixture.cloneNode(true);
        copy.classList.add('ghost-of-chosen');
        copy.setAttribute('transform', `translate(${by.x} ${-by.y})`);
        this.lines.replaceChildren(copy);
    }

    show(markup) {
        this.trial.innerHTML = markup;
    }

    static cursor(at, word) {
        const pin = Ghost.element('g', { class: 'pin cursor' });
        pin.append(Ghost.element('path', { d: 'M-9 0H9M0 -9V9' }));
        const text = Ghost.element('text', { x: 14, y: -10 });
        text.textContent = word;
        pin.append(text);
        const place = Ghost.element('g', { transform: `translate(${at.x} ${-at.y})` });
        place.append(pin);
        return place;
    }

    static element(name, attributes) {
        const element = document.createElementNS(SVG, name);
        for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
        return element;
    }
}
