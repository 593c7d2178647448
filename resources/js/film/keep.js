import { say } from '../words.js';
import { post } from '../timing/post.js';

const AGAIN = 5000;
const QUIET = 300;
/** Answers that the same again would get again. */
const REFUSED = [403, 404, 409, 422];

/** Keeps what is told: on this device at once, on the server as soon as it answers. */
export class Keep {
    /** @param {HTMLElement} root @param {(words: string) => void} tell */
    constructor(root, tell) {
        this.root = root;
        this.tell = tell;
        this.key = `wheatear-film-${root.dataset.key}`;
        this.version = Number(root.dataset.version ?? 0);
        /** @type {Promise<boolean> | null} */
        this.sending = null;
        /** @type {import('./told.js').Seen | null} */
        this.waiting = null;
        /** @type {ReturnType<typeof setTimeout> | undefined} */
        this.timer = undefined;
    }

    /** What this device told and nobody has kept yet. @returns {import('./told.js').Seen | null} */
    left() {
        try {
            const left = JSON.parse(localStorage.getItem(this.key) ?? 'null');
            if (left) this.version = left.version;
            return left?.seen ?? null;
        } catch {
            return null;
        }
    }

    /** @param {import('./told.js').Seen} seen */
    later(seen) {
        this.waiting = seen;
        localStorage.setItem(this.key, JSON.stringify({ seen, version: this.version }));
        this.tell(say('film.keeping'));
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.send(), QUIET);
    }

    /** @returns {Promise<boolean>} whether nothing waits any more */
    async send() {
        if (this.sending) await this.sending;
        if (!this.waiting) return true;
        this.sending = this.sent(this.waiting);
        const isKept = await this.sending;
        this.sending = null;
        return isKept && this.waiting ? this.send() : isKept;
    }

    /** @param {import('./told.js').Seen} seen */
    async sent(seen) {
        const { isGood, status, body } = await post(this.root, this.root.dataset.url ?? '', { record: seen, version: this.version });
        const isLast = this.waiting === seen;
        if (isGood) {
            this.version = body.version;
            if (isLast) this.waiting = null;
            if (isLast) localStorage.removeItem(this.key);
            else localStorage.setItem(this.key, JSON.stringify({ seen: this.waiting, version: this.version }));
            this.tell(say(isLast ? 'film.kept' : 'film.keeping'));
            return true;
        }
        if (REFUSED.includes(status)) {
            // it stays on this device, aside, so that a page loaded anew shows what is kept
            localStorage.setItem(`${this.key}-aside`, JSON.stringify(this.waiting));
            localStorage.removeItem(this.key);
            this.waiting = null;
            this.tell(body?.message ?? say('film.not_kept'));
            return false;
        }
        this.tell(say('film.not_kept'));
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.send(), AGAIN);
        return false;
    }
}
