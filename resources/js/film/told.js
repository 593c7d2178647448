/** Changes that can be taken back. */
const BACK = 50;

/**
 * What was told of a film until now, and what is being told.
 *
 * @typedef {{part: string, state: string, at: number}} State
 * @typedef {{what: string, at: number}} Happening
 * @typedef {{from: number, until: number, band: number}} Trial
 * @typedef {{length: number, states: State[], happenings: Happening[], trials: Trial[]}} Seen
 */
export class Told {
    /** @param {Seen} seen */
    constructor(seen) {
        this.seen = seen;
        /** where a trial began that has not ended @type {number | null} */
        this.begun = null;
        /** a trial whose band is asked for @type {{from: number, until: number} | null} */
        this.drawn = null;
        /** @type {Seen[]} */
        this.past = [];
    }

    /** A part is in a state from here on; said again, nothing changes. @param {string} part @param {string} state @param {number} at */
    tell(part, state, at) {
        if (this.stateAt(part, at) === state) return false;
        const others = this.seen.states.filter((one) => one.part !== part || one.at !== at);
        return this.change({ states: [...others, { part, state, at }].sort(inTime) });
    }

    /** @param {string} what @param {number} at */
    happen(what, at) {
        return this.change({ happenings: [...this.seen.happenings, { what, at }].sort(inTime) });
    }

    /** A trial begins, or the one that has begun ends. @param {number} at @returns {'begun' | 'drawn' | 'over'} */
    edge(at) {
        if (this.begun === null) {
            this.begun = at;
            this.drawn = null;
            return 'begun';
        }
        const [from, until] = [Math.min(this.begun, at), Math.max(this.begun, at)];
        const isOver = from === until || this.seen.trials.some((one) => one.from < until && from < one.until);
        this.begun = null;
        this.drawn = isOver ? null : { from, until };
        return isOver ? 'over' : 'drawn';
    }

    /** The band of the trial that was drawn, or else of the one that is here. @param {number} band @param {number} at */
    grade(band, at) {
        const drawn = this.drawn ?? this.seen.trials.find((one) => one.from <= at && at <= one.until);
        if (!drawn || ('band' in drawn && drawn.band === band)) return false;
        this.drawn = null;
        const others = this.seen.trials.filter((one) => one.from !== drawn.from);
        return this.change({ trials: [...others, { from: drawn.from, until: drawn.until, band }].sort((a, b) => a.from - b.from) });
    }

    /** @param {'states' | 'happenings' | 'trials'} kind @param {number} i */
    takeOut(kind, i) {
        return this.change({ [kind]: this.seen[kind].filter((_, n) => n !== i) });
    }

    /** Takes the last change back, or what has only begun. */
    undo() {
        if (this.begun !== null || this.drawn) {
            this.begun = null;
            this.drawn = null;
            return false;
        }
        const before = this.past.pop();
        if (!before) return false;
        this.seen = before;
        return true;
    }

    /** @param {string} part @param {number} at @returns {string | null} */
    stateAt(part, at) {
        return this.seen.states.filter((one) => one.part === part && one.at <= at).at(-1)?.state ?? null;
    }

    /** @param {Partial<Seen>} parts */
    change(parts) {
        this.past = [...this.past, this.seen].slice(-BACK);
        this.seen = { ...this.seen, ...parts };
        return true;
    }
}

/** @param {{at: number}} a @param {{at: number}} b */
const inTime = (a, b) => a.at - b.at;
