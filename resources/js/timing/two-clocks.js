/**
 * The page's clock from that of the audio thread. Words from there come late by nothing or more, never early, so the least late of the
 * last seconds tells how the two clocks stand to each other.
 */
export class TwoClocks {
    constructor() {
        /** @type {{at: number, ahead: number}[]} */
        this.lately = [];
    }

    /** @param {number} now seconds there @param {number} here milliseconds */
    told(now, here) {
        this.lately.push({ at: here, ahead: here - 1000 * now });
        this.lately = this.lately.filter(({ at }) => here - at < LATELY);
    }

    /** @param {number} there seconds @returns {number | null} milliseconds here; null while nothing is known */
    here(there) {
        return this.lately.length ? 1000 * there + Math.min(...this.lately.map(({ ahead }) => ahead)) : null;
    }
}

/** Milliseconds: long enough for one word that was not late, short enough for clocks that drift. */
const LATELY = 6000;
