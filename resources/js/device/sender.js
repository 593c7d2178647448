import { jsonRequest } from './json-request.js';

/** @typedef {import('./store.js').Store | import('./store.js').MemoryStore} Store */
/** @typedef {import('./store.js').Entry} Entry */
/** @typedef {{receipts: {uuid: string, result: string, message?: string}[], state?: any}} Receipt */

const RETRY_SECONDS = [1, 2, 4, 8, 15, 30];
const MAX_AT_ONCE = 20;
/** So often a server may break on the same entry before it is set aside for somebody to place. */
const MOST_FAILURES = 6;

/** @param {number} tries made so far, from 1 @returns {number} seconds to wait before the next */
export function retryDelay(tries) {
    return RETRY_SECONDS[Math.min(tries, RETRY_SECONDS.length) - 1] ?? 1;
}

/**
 * What an answer means for the entries that were sent. Only a receipt lets them go: a redirect, a sign-in page or any other
 * success without one is a failure.
 * @param {{status: number, type?: string}} response
 * @param {any} body parsed JSON, or null
 * @returns {'receipt' | 'sign-in' | 'other-user' | 'gone' | 'refused' | 'retry'}
 */
export function meaning(response, body) {
    if (response.type === 'opaqueredirect' || response.status === 401 || response.status === 419) return 'sign-in';
    if (response.status === 409) return 'other-user';
    if (response.status === 404 || response.status === 403 || response.status === 410) return 'gone';
    if (response.status === 422) return 'refused';
    if ((response.status === 200 || response.status === 201) && Array.isArray(body?.receipts)) return 'receipt';
    return response.status === 200 ? 'sign-in' : 'retry';
}

/** @param {Entry} entry @returns {string} where it is handed over: a session with a ladder and one without have their own numbers */
export function addressOf({ session, isFree }) {
    return `/${isFree ? 'free-sessions' : 'sessions'}/${session}/entries`;
}

/** @param {Entry[]} entries in order @returns {Entry[]} the first ones that belong to one session */
export function nextBatch(entries) {
    const batch = [];
    for (const entry of entries) {
        if (batch.length === MAX_AT_ONCE || (batch[0] && addressOf(batch[0]) !== addressOf(entry))) break;
        batch.push(entry);
    }
    return batch;
}

/** Hands entries over in order, one sender at a time across all tabs of this browser, until a receipt has named each. */
export class Sender {
    /**
     * @param {Store} store
     * @param {{user: number, device: string}} where
     * @param {{onReceipt?: (entry: Entry, receipt: Receipt, serverAt: number) => void,
     *    onStatus?: (status: string, waiting: number) => void}} hear
     */
    constructor(store, where, hear = {}) {
        this.store = store;
        this.where = where;
        this.hear = hear;
        this.tries = 0;
        this.failures = { uuid: '', times: 0 };
        this.isRunning = false;
        this.isAsked = false;
        addEventListener('online', () => this.wake());
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.wake());
    }

    /** Sends what waits, now. */
    async wake() {
        clearTimeout(this.timer);
        if (this.isRunning) {
            this.isAsked = true;
            return;
        }
        this.isRunning = true;
        try {
            do {
                this.isAsked = false;
                await this.exclusively(() => this.drain());
            } while (this.isAsked);
        } finally {
            this.isRunning = false;
        }
    }

    /** @param {() => Promise<void>} work */
    async exclusively(work) {
        // without locks (an old browser) two tabs may send the same entry: the server takes it once
        await (navigator.locks ? navigator.locks.request('wheatear-sender', work) : work());
    }

    async drain() {
        for (;;) {
            const waiting = await this.store.of(this.where.user);
            if (waiting.length === 0) {
                this.tries = 0;
                this.hear.onStatus?.('saved', 0);
                return;
            }
            this.hear.onStatus?.('sending', waiting.length);
            const batch = nextBatch(waiting);
            const status = await this.send(batch);
            if (status === 'sent') {
                this.tries = 0;
                continue;
            }
            this.tries += 1;
            this.hear.onStatus?.(status, waiting.length);
            this.timer = setTimeout(() => this.wake(), 1000 * retryDelay(status === 'retry' ? this.tries : RETRY_SECONDS.length));
            return;
        }
    }

    /** @param {Entry[]} batch @returns {Promise<string>} 'sent', or what stands in the way */
    async send(batch) {
        const [first] = batch;
        if (!first) return 'sent';
        const { response, body, serverAt } = await this.post(addressOf(first), {
            device: this.where.device,
            user: this.where.user,
            entries: batch.map((entry) => ({ ...entry, sent_at: Date.now() })),
        });
        const means = meaning(response, body);
        if (means === 'receipt') {
            /** @type {string[]} */
            const named = body.receipts.map((/** @type {{uuid: string}} */ receipt) => receipt.uuid);
            const taken = batch.filter((entry) => named.includes(entry.uuid)).map((entry) => entry.uuid);
            await this.store.remove(taken);
            this.hear.onReceipt?.(first, body, serverAt);
            return taken.length > 0 ? 'sent' : 'retry';
        }
        const isFailing = response.status >= 500 && response.status !== 503;
        if ((means === 'refused' || isFailing) && batch.length > 1) return this.send(batch.slice(0, 1));
        // one that fails again and again must not stand in the way of those behind it
        const { uuid } = first;
        this.failures = isFailing ? { uuid, times: this.failures.uuid === uuid ? this.failures.times + 1 : 1 } : this.failures;
        if (isFailing && this.failures.times >= MOST_FAILURES) return this.toTray(batch);
        return means === 'gone' || means === 'refused' ? this.toTray(batch) : means;
    }

    /** The session is not there any more, or the entry makes no sense to it: it is kept for somebody to place. @param {Entry[]} batch */
    async toTray(batch) {
        for (const entry of batch) {
            const { response, body } = await this.post('/unfiled', { ...entry.trial, ...entry, uuid: entry.uuid });
            if (body?.trial?.uuid !== entry.uuid) return meaning(response, null);
            await this.store.remove([entry.uuid]);
        }
        return 'sent';
    }

    /**
     * @param {string} url @param {unknown} payload
     * @returns {Promise<{response: {status: number, type?: string}, body: any, serverAt: number}>} NaN where it did not say
     */
    async post(url, payload) {
        try {
            const response = await fetch(url, { ...jsonRequest('POST', payload), redirect: 'manual' });
            const isJson = (response.headers.get('Content-Type') ?? '').includes('json');
            return { response, body: isJson ? await response.json() : null, serverAt: Date.parse(response.headers.get('Date') ?? '') };
        } catch {
            return { response: { status: 0 }, body: null, serverAt: Number.NaN };
        }
    }
}
