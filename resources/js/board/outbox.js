import { text } from '../text.js';

/**
 * What was done and what is to be shown, in the order in which it was asked for. Each is sent when what was before it has been
 * answered, so that no answer is older than the one before. What was done is kept in the browser, through a lost connection and a
 * reload, until the server has answered it; what the server refuses is kept aside.
 */
export class Outbox {
    static AGAIN_AFTER = 3000;

    static TRIES = 3;

    /**
     * @param {string} key where it is kept
     * @param {{version: number, post: (item: object) => Promise<{status: number, refused: string}>,
     *     tell: (words: string, canSend?: boolean) => void, refuse: (item: object, why: string) => string|undefined,
     *     drew: (item: object) => string,
     *     chooseAfter: (item: object, id: string) => void, settled: () => void}} board
     */
    constructor(key, board) {
        this.key = key;
        this.board = board;
        this.sending = false;
        this.stale = false;
        this.items = JSON.parse(localStorage.getItem(key) ?? '[]');
        addEventListener('online', () => this.send());
        this.send();
    }

    /**
     * @param {string} path
     * @param {object} values
     * @param {string|{after: string}} on the id of what it is done to, or the name of the act after which that is known
     * @param {boolean} onlyOnChosen whether it is left out where nothing is chosen then
     * @returns {object} the item; by its name the server knows an edit that was made already when its answer got lost
     */
    add(path, values, on, onlyOnChosen = false) {
        const isFirst = !this.items.some((one) => !one.isLook);
        const item = { path, values, on, onlyOnChosen, name: Outbox.name(), version: isFirst ? this.board.version : null };
        this.put(item);
        return item;
    }

    /** What is asked for only to be shown: of several that wait the last will do. */
    look(path, values, on) {
        const last = this.items.at(-1);
        if (last?.isLook && (this.items.length > 1 || !this.sending)) this.items.pop();
        this.put({ path, values, on, name: Outbox.name(), isLook: true });
    }

    put(item) {
        this.items.push(item);
        this.keep();
        this.send();
    }

    static name() {
        return Array.from(crypto.getRandomValues(new Uint32Array(4)), (number) => number.toString(36)).join('-');
    }

    /** What was made on an older state is made on the one in sight. */
    renew() {
        if (this.items.length > 0) this.items[0].version = null;
        this.stale = false;
        this.send();
    }

    forget() {
        this.items = [];
        this.stale = false;
        this.keep();
        this.board.tell('');
        this.board.settled();
    }

    async send() {
        clearTimeout(this.timer);
        if (this.sending || this.stale || this.items.length === 0) return;
        this.sending = true;
        while (this.items.length > 0 && (await this.sendFirst()));
        this.sending = false;
        if (this.items.length === 0) this.board.settled();
    }

    /** @returns {Promise<boolean>} whether the next may follow */
    async sendFirst() {
        const [item] = this.items;
        if (typeof item.on !== 'string') {
            this.drop(item, text('What it was to be done to has not been drawn.'));
            return true;
        }
        if (item.on === '' && item.onlyOnChosen) {
            this.board.chooseAfter(item, '');
            this.answered(item, '');
            return true;
        }
        const { status, refused } = await this.board.post({ ...item, select: item.on });
        if (status === 200) {
            this.board.tell('');
            this.answered(item, this.board.drew(item));
            return true;
        }
        if (status === 409) {
            this.stale = true;
            return false;
        }
        return this.failed(item, status, refused);
    }

    failed(item, status, refused) {
        const isFault = status >= 500;
        item.tries = (item.tries ?? 0) + (isFault ? 1 : 0);
        const words = {
            0: refused || text('The server does not answer.'),
            401: text('You are signed out; sign in again in another tab.'),
            429: text('The server asks for patience.'),
        }[status];
        if (words || (isFault && item.tries < Outbox.TRIES)) {
            this.wait(words ?? text('The server has a fault.'));
            return false;
        }
        this.drop(item, refused || (isFault ? text('The server failed on it.') : text('The server does not take it.')));
        return true;
    }

    drop(item, why) {
        if (item.isLook) this.remove(item);
        else this.answered(item, this.board.refuse(item, why));
    }

    /** @param {string|undefined} chosen what the acts that wait for it are done to */
    answered(item, chosen) {
        for (const waiting of this.items) {
            if (chosen !== undefined && waiting.on.after === item.name) waiting.on = chosen;
        }
        this.remove(item);
    }

    remove(item) {
        this.items = this.items.filter((one) => one !== item);
        this.keep();
    }

    wait(why) {
        const count = this.items.filter((item) => !item.isLook).length;
        const kept = ['It is asked again soon.', 'One edit is kept here and sent as soon as it does.'][count];
        this.board.tell(`${why} ${text(kept ?? '{count} edits are kept here and sent as soon as it does.', { count })}`, true);
        this.timer = setTimeout(() => this.send(), Outbox.AGAIN_AFTER);
    }

    keep() {
        const kept = this.items.filter((item) => !item.isLook);
        if (kept.length === 0) localStorage.removeItem(this.key);
        else localStorage.setItem(this.key, JSON.stringify(kept));
    }
}
