// @ts-check

/** A bar at the top of the page while something takes longer than one waits without asking. */
export class Progress {
    /** ms */
    static PATIENCE = 600;

    /** How many requests are under way. */
    going = 0;

    /** @param {{hidden: boolean}} bar */
    constructor(bar) {
        this.bar = bar;
    }

    begin() {
        this.going += 1;
        if (this.going > 1) return;
        this.timer = setTimeout(() => {
            this.bar.hidden = false;
        }, Progress.PATIENCE);
    }

    end() {
        this.going = Math.max(0, this.going - 1);
        if (this.going === 0) this.stop();
    }

    stop() {
        this.going = 0;
        clearTimeout(this.timer);
        this.bar.hidden = true;
    }
}

/** Parts that are fetched, forms that are sent, and what the board asks for. @param {HTMLElement} bar */
export function showProgress(bar) {
    const progress = new Progress(bar);
    document.addEventListener('htmx:beforeRequest', () => progress.begin());
    document.addEventListener('htmx:afterRequest', () => progress.end());
    addEventListener('submit', (event) => {
        const form = event.target;
        if (!event.defaultPrevented && form instanceof HTMLFormElement && form.target === '' && form.method !== 'dialog') progress.begin();
    });
    // a page that one comes back to waits for nothing
    addEventListener('pageshow', () => progress.stop());
    const board = document.getElementById('board');
    if (!board) return;
    new MutationObserver(() => ('busy' in board.dataset ? progress.begin() : progress.stop())).observe(board, {
        attributeFilter: ['data-busy'],
    });
}
