/**
 * What was done and has not reached the server yet, in order. It is kept in the browser, through a lost connection and a
 * reload, until the server has answered it.
 */
export class Outbox {
    static AGAIN_AFTER = 3000;

    /**
     * @param {string} key   where it is kept
     * @param {(item: {path: string, values: object, version: number}) => Promise<number>} post answers the status, 0 when nothing answers, less when it cannot be taken
     * @param {() => number} version the version that is in sight
     * @param {(words: string, canSend?: boolean) => void} tell
     */
    constructor(key, post, version, tell) {
        Object.assign(this, { key, post, version, tell });
        this.items = JSON.parse(localStorage.getItem(key) ?? '[]');
        this.sending = false;
        addEventListener('online', () => this.send());
        if (this.items.length > 0) this.send();
    }

    /** @returns {Promise<number>} the status of the answer to it */
    add(path, values) {
        // by its name the server knows an edit that was made already when its answer got lost
        const item = { path, values: { ...values, sent_as: Outbox.name() }, version: this.items.length === 0 ? this.version() : null };
        this.items.push(item);
        this.keep();
        const answered = new Promise((resolve) => { Object.defineProperty(item, 'resolve', { value: resolve }); });
        this.send();
        return answered;
    }

    static name() {
        return Array.from(crypto.getRandomValues(new Uint32Array(4)), (number) => number.toString(36)).join('-');
    }

    /** What was made on an older state is made on the one in sight. */
    renew() {
        if (this.items.length > 0) this.items[0].version = null;
        this.stale = false;
        this.keep();
        this.send();
    }

    forget() {
        this.items = [];
        this.stale = false;
        this.keep();
        this.tell('');
    }

    async send() {
        clearTimeout(this.timer);
        if (this.sending || this.stale) return;
        this.sending = true;
        while (this.items.length > 0) {
            const item = this.items[0];
            const status = await this.post({ ...item, version: item.version ?? this.version() });
            if (status <= 0) {
                this.wait(status);
                break;
            }
            if (status === 409) {
                this.stale = true;
                break;
            }
            this.items.shift();
            this.keep();
            item.resolve?.(status);
        }
        this.sending = false;
    }

    wait(status) {
        const count = this.items.length;
        const why = status === 0 ? 'The server does not answer.' : 'The server takes no edits now; sign in again in another tab.';
        this.tell(`${why} ${count === 1 ? 'One edit is' : `${count} edits are`} kept here and sent as soon as it does.`, true);
        this.timer = setTimeout(() => this.send(), Outbox.AGAIN_AFTER);
    }

    keep() {
        if (this.items.length === 0) localStorage.removeItem(this.key);
        else localStorage.setItem(this.key, JSON.stringify(this.items));
    }
}
