import { jsonRequest } from '../device/json-request.js';

const EVERY = 1000;

/** A helper's screen: the word that was heard last, and Stop once nothing was heard for three seconds. */
export class HelperScreen {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        this.words = JSON.parse(root.dataset.words ?? '{}');
        this.heardAt = 0;
        this.word = 'stop';
        /** @type {string[]} passes that are not handed over yet */
        this.passes = [];
    }

    start() {
        this.one('[data-passed]')?.addEventListener('click', () => {
            this.passes.push(crypto.randomUUID());
            const count = this.one('[data-passes]');
            if (count) count.textContent = String(Number(count.textContent) + 1);
            void this.handOver();
        });
        // a screen that sleeps says nothing
        const wake = () => void navigator.wakeLock?.request('screen').catch(() => undefined);
        document.addEventListener('visibilitychange', () => !document.hidden && wake());
        wake();
        setInterval(() => this.render(), 250);
        void this.listen();
        this.root.dataset.ready = '1';
    }

    async listen() {
        try {
            const answer = await fetch(this.root.dataset.helperScreen ?? '', {
                signal: AbortSignal.timeout(Number(this.root.dataset.silent)),
            });
            if (answer.status === 410) return location.reload();
            if (answer.ok) {
                const told = await answer.json();
                this.heardAt = Date.now();
                this.word = told.word;
                const keep = this.one('[data-keep]');
                if (keep) {
                    keep.hidden = told.keep === null;
                    keep.textContent = (this.root.dataset.keepWords ?? '').replace('…', told.keep ?? '');
                }
                const count = this.one('[data-passes]');
                if (count && this.passes.length === 0) count.textContent = String(told.passes);
                void this.handOver();
            }
        } catch {
            // nothing was heard: the clock says so
        }
        this.render();
        setTimeout(() => void this.listen(), EVERY);
    }

    async handOver() {
        for (const uuid of [...this.passes]) {
            const answer = await fetch(this.root.dataset.passesPath ?? '', jsonRequest('POST', { uuid })).catch(() => null);
            if (!answer?.ok) return;
            this.passes = this.passes.filter((one) => one !== uuid);
        }
    }

    render() {
        const isLost = Date.now() - this.heardAt > Number(this.root.dataset.silent);
        const word = isLost ? 'stop' : this.word;
        const place = this.one('[data-word]');
        if (place && (place.dataset.word !== word || place.textContent !== this.words[word])) {
            place.dataset.word = word;
            place.textContent = this.words[word];
        }
        const lost = this.one('[data-lost]');
        if (lost) lost.hidden = !isLost;
    }

    /** @param {string} selector @returns {HTMLElement | null} */
    one(selector) {
        return this.root.querySelector(selector);
    }
}
