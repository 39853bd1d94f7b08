import { all } from '../dom.js';
import { text } from '../text.js';

/** What an edit changed among the open findings: said beside the plan, and marked in their list. */
export class Changes {
    constructor(output) {
        this.output = output;
        this.before = Changes.open();
    }

    /** Called when an edit was answered. */
    show() {
        const now = Changes.open();
        const come = [...now].filter(([finding, row]) => this.before.get(finding)?.verdict !== row.verdict);
        const gone = [...this.before].filter(([finding]) => !now.has(finding));
        for (const row of all('#rows .is-new')) row.classList.remove('is-new');
        for (const [, { element }] of come) element.classList.add('is-new');
        const words = [
            Changes.words(gone, 'One finding settled: {title}.', '{count} findings settled.'),
            Changes.words(come, 'One finding new: {title}.', '{count} findings new.'),
        ].filter(Boolean);
        this.output.textContent = words.join(' ') || text('No finding changed.');
        this.before = now;
    }

    static open() {
        return new Map(
            all('#rows [data-finding]').map((element) => [
                element.dataset.finding,
                {
                    element,
                    verdict: element.dataset.verdict,
                    title: element.querySelector('.row-title').textContent,
                },
            ]),
        );
    }

    /** @param {string} one what is said of one @param {string} several of more */
    static words(rows, one, several) {
        if (rows.length === 0) return '';
        return rows.length === 1 ? text(one, { title: rows[0][1].title }) : text(several, { count: rows.length });
    }
}
