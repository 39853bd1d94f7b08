/** Asks the server what an act would come to, one question at a time; only the newest that waits is asked next. */
export class Trials {
    constructor(ask, ghost) {
        this.ask = ask;
        this.ghost = ghost;
        this.asking = false;
        this.round = 0;
    }

    /** @param {HTMLOutputElement|null} output where a refusal is told, if anywhere */
    try(act, values, output = null) {
        this.waiting = { act, values, output };
        if (!this.asking) this.next();
    }

    /** What was asked before is not shown any more. */
    stop() {
        this.waiting = null;
        this.round += 1;
        this.ghost.trial.replaceChildren();
    }

    async next() {
        this.asking = true;
        while (this.waiting) {
            const { act, values, output } = this.waiting;
            const round = this.round;
            this.waiting = null;
            const answer = await this.ask(act, values).catch(() => null);
            const text = await answer?.text();
            if (!answer || round !== this.round) continue;
            this.ghost.show(answer.ok ? text : '');
            if (output && answer.status === 422) Object.assign(output, { textContent: text, className: 'field-error' });
            else if (output?.className === 'field-error') Object.assign(output, { textContent: '', className: 'reading' });
        }
        this.asking = false;
    }
}
