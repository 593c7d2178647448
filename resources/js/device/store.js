/**
 * What this device has logged and not yet handed over, and the last known state of each session: kept in IndexedDB, so that
 * it survives a reload and a restart of the phone.
 *
 * @typedef {{no?: number, uuid: string, user: number, session: number, kind: string, at: number, sequence?: number, trial?: Record<string,
 *    unknown>,
 *   event?: string, data?: Record<string, unknown>, trial_uuid?: string, band?: number, isFree?: boolean, of?: string}} Entry
 */

const NAME = 'wheatear';

/** @template T @param {IDBRequest<T>} request @returns {Promise<T>} */
function answered(request) {
    return new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
    });
}

/** @param {IDBTransaction} transaction @returns {Promise<void>} settled when it is on disk */
function done(transaction) {
    return new Promise((resolve, reject) => {
        transaction.oncomplete = () => resolve();
        transaction.onerror = () => reject(transaction.error);
        transaction.onabort = () => reject(transaction.error);
    });
}

export class Store {
    /** @param {IDBDatabase} database */
    constructor(database) {
        this.database = database;
    }

    /** @returns {Promise<Store>} rejected where the browser keeps nothing */
    static async open() {
        const request = indexedDB.open(NAME, 1);
        request.onupgradeneeded = () => {
            request.result
                .createObjectStore('entries', { keyPath: 'no', autoIncrement: true })
                .createIndex('uuid', 'uuid', { unique: true });
            request.result.createObjectStore('states');
        };

        return new Store(await answered(request));
    }

    /** @param {Entry[]} entries all or none @returns {Promise<void>} rejected when the device's storage is full */
    async add(entries) {
        const transaction = this.database.transaction('entries', 'readwrite', { durability: 'strict' });
        for (const entry of entries) transaction.objectStore('entries').add(entry);
        await done(transaction);
    }

    /** @returns {Promise<Entry[]>} of every user, in the order they were made */
    async all() {
        return answered(this.database.transaction('entries').objectStore('entries').getAll());
    }

    /** @param {number} user @returns {Promise<Entry[]>} */
    async of(user) {
        return (await this.all()).filter((entry) => entry.user === user);
    }

    /** @param {string[]} uuids those a receipt has named */
    async remove(uuids) {
        const transaction = this.database.transaction('entries', 'readwrite');
        const index = transaction.objectStore('entries').index('uuid');
        for (const uuid of uuids) {
            const key = await answered(index.getKey(uuid));
            if (key !== undefined) transaction.objectStore('entries').delete(key);
        }
        await done(transaction);
    }

    /** @param {string} key @param {unknown} state */
    async keepState(key, state) {
        const transaction = this.database.transaction('states', 'readwrite');
        transaction.objectStore('states').put(state, key);
        await done(transaction);
    }

    /** @param {string} key @returns {Promise<any>} */
    async state(key) {
        return answered(this.database.transaction('states').objectStore('states').get(key));
    }
}

/** The same where the browser keeps nothing: entries live as long as the page. */
export class MemoryStore {
    constructor() {
        /** @type {Entry[]} */
        this.entries = [];
        /** @type {Map<string, unknown>} */
        this.states = new Map();
    }

    /** @param {Entry[]} entries */
    async add(entries) {
        this.entries.push(...entries);
    }

    async all() {
        return this.entries;
    }

    /** @param {number} user */
    async of(user) {
        return this.entries.filter((entry) => entry.user === user);
    }

    /** @param {string[]} uuids */
    async remove(uuids) {
        this.entries = this.entries.filter((entry) => !uuids.includes(entry.uuid));
    }

    /** @param {string} key @param {unknown} state */
    async keepState(key, state) {
        this.states.set(key, state);
    }

    /** @param {string} key @returns {Promise<any>} */
    async state(key) {
        return this.states.get(key);
    }
}
