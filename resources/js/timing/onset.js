/**
 * Hears a clicker or a word begin: a short frame much louder than what was before it. Works on samples alone, so that it runs in the
 * audio thread and in a test.
 */
export class Onset {
    /** @param {number} rate samples a second */
    constructor(rate) {
        this.rate = rate;
        /** samples in a frame: about 1.3 ms */
        this.frame = Math.round(rate / 750);
        this.ground = 1e-5;
        this.energy = 0;
        this.count = 0;
        this.before = 0;
        this.quietUntil = 0;
        this.seen = 0;
    }

    /**
     * @param {Float32Array} samples that came since the last call
     * @returns {number[]} seconds from the first sample ever at which something began
     */
    hear(samples) {
        const found = [];
        for (const sample of samples) {
            // what changes fast: a click, not a hum
            const high = sample - this.before;
            this.before = sample;
            this.energy += high * high;
            this.count += 1;
            this.seen += 1;
            if (this.count < this.frame) continue;
            const mean = this.energy / this.count;
            if (mean > LOUD && mean > TIMES * this.ground && this.seen >= this.quietUntil) {
                found.push((this.seen - this.count) / this.rate);
                this.quietUntil = this.seen + DEAD_SECONDS * this.rate;
            }
            this.ground = Math.max(1e-7, 0.97 * this.ground + 0.03 * Math.min(mean, 4 * this.ground));
            this.energy = 0;
            this.count = 0;
        }
        return found;
    }
}

/** Mean square of changes below which nothing is heard, how many times the ground it must be, and how long one click rings. */
const LOUD = 2e-4;
const TIMES = 12;
const DEAD_SECONDS = 0.15;
