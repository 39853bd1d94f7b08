// @ts-check

/** Other pages of the same home, such as the one in the round: what is chosen there is chosen here, and the other way round. */
export class Others {
    /** @param {string} name of the channel @param {(id: string, storey: string) => void} choose */
    constructor(name, choose) {
        this.channel = new BroadcastChannel(name);
        this.told = { version: NaN, chosen: '' };
        this.channel.addEventListener('message', ({ data }) => {
            if (typeof data.chosen !== 'string' || data.chosen === this.told.chosen) return;
            this.told.chosen = data.chosen;
            choose(data.chosen, data.storey ?? '');
        });
    }

    /**
     * Everything has been answered.
     * @param {number} version of what is drawn @param {string} chosen id
     */
    tell(version, chosen) {
        const { told } = this;
        this.told = { version, chosen };
        if (!Number.isNaN(told.version) && version !== told.version) this.channel.postMessage({ changed: version });
        if (chosen !== told.chosen) this.channel.postMessage({ chosen });
    }
}
