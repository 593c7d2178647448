import { openQuestion } from '../session/question.js';
import { say } from '../words.js';
import { countsNow, lastTap, partsNow } from './model.js';

/** @typedef {import('../device/store.js').Entry} Entry */
/** @typedef {import('../device/sender.js').Sender} Sender */

/** Leaves the food to watch the hand. */
const LOOKS_AT_HAND = 'look.hand';

/**
 * The screen of a session without a ladder. Every tap is on this device's disk before its count moves, and sent when it can be.
 */
export class FreeScreen {
    /**
     * @param {HTMLElement} root
     * @param {{session: number, user: number, store: import('../device/store.js').Store | import('../device/store.js').MemoryStore}} device
     */
    constructor(root, { session, user, store }) {
        this.root = root;
        this.session = session;
        this.user = user;
        this.store = store;
        this.state = JSON.parse(root.dataset.state ?? '{}');
        /** @type {Entry[]} */
        this.waiting = [];
        /** @type {Sender | null} */
        this.sender = null;
        /** @type {number | null} when the dog began to stare */
        this.since = null;
        /** @type {string | null} the stare that is asked about */
        this.asked = null;
        /** @type {import('../session/question.js').Question | null} about the grade of a touch */
        this.doubted = null;
        /** @type {string | null} a part at which it looked at the hand: was there food? */
        this.looked = null;
        /** @type {HTMLFormElement | null} asked to end while something was still on its way */
        this.ending = null;
    }

    async start() {
        this.waiting = await this.mine();
        this.since = (await this.store.state(this.key())) ?? null;
        this.root.addEventListener('submit', (event) => this.submitted(event));
        this.one('[data-end]')?.addEventListener('submit', (event) => void this.end(event));
        this.on('[data-undo]', () => this.undo());
        this.on('[data-stare]', () => this.stare());
        this.on('[data-target-keep]', () => this.at(/** @type {HTMLInputElement} */ (this.one('[data-target-new]')).value.trim()));
        this.on('[data-target-skip]', () => this.at(''));
        this.on('[data-grade-yes]', () => this.graded(true));
        this.on('[data-grade-no]', () => this.graded(false));
        this.on('[data-food-gone]', () => this.fed(true));
        this.on('[data-food-there]', () => this.fed(false));
        setInterval(() => this.tick(), 500);
        this.render();
        this.root.dataset.ready = '1';
        await this.sender?.wake();
    }

    /** @param {SubmitEvent} event */
    submitted(event) {
        const form = event.target;
        if (!(form instanceof HTMLFormElement) || !form.matches('[data-seen]')) return;
        event.preventDefault();
        const told = Object.fromEntries(new FormData(form, event.submitter));
        if (told.part) return void this.touched(form, String(told.part));
        void this.tap({ kind: told.kind, what: told.what ?? '', band: told.band ?? null });
    }

    /**
     * A part of the body and how it was; what was ticked goes with it. An easy touch that was no easy one is asked about once.
     * @param {HTMLFormElement} form @param {string} part "ear left 2"
     */
    async touched(form, part) {
        const [what, side, band] = part.split(' ');
        const signs = new FormData(form).getAll('signs[]').map(String);
        for (const box of form.querySelectorAll('[name="signs[]"]')) /** @type {HTMLInputElement} */ (box).checked = false;
        const how = Object.fromEntries([...form.querySelectorAll('select')].map(({ name, value }) => [name, value]));
        form.querySelector('details')?.removeAttribute('open');
        const uuid = await this.tap({ kind: 'part', what, side, band, signs, ...how });
        const box = this.one('[data-ask-grade]');
        // no grade is proposed in a tour: what is asked about is an alarm sign
        this.doubted = openQuestion({ uuid, band: Number(band), proposed: Number(band), signs }, JSON.parse(box?.dataset.alarm ?? '[]'));
        if (box) box.hidden = this.doubted === null;
        // it may look at the hand because it has nothing else to look at
        this.looked = !this.doubted && signs.includes(LOOKS_AT_HAND) ? uuid : null;
        this.renderFood();
    }

    /** @param {boolean} isGone then the look asked for more, and is no doubt */
    fed(isGone) {
        if (isGone && this.looked)
            void this.keep({ uuid: crypto.randomUUID(), kind: 'put_right', of: this.looked, data: { isFoodGone: true } });
        this.looked = null;
        this.renderFood();
    }

    renderFood() {
        const box = this.one('[data-ask-food]');
        if (box) box.hidden = this.looked === null;
    }

    /** @param {boolean} isHarder it struggled: both grades are kept, the second one counts */
    graded(isHarder) {
        if (isHarder && this.doubted) {
            const { trial, band } = this.doubted;
            void this.keep({ uuid: crypto.randomUUID(), kind: 'put_right', of: trial, data: { band } });
        }
        this.doubted = null;
        const box = this.one('[data-ask-grade]');
        if (box) box.hidden = true;
    }

    /** It ends once all of it is handed over: what was drilled is put on record then. @param {Event} event */
    async end(event) {
        const form = event.target;
        if (this.waiting.length === 0 || !(form instanceof HTMLFormElement)) return;
        event.preventDefault();
        this.ending = form;
        await this.sender?.wake();
        await this.endOnceSent();
    }

    /** One press is enough, also while something is being sent. */
    async endOnceSent() {
        if (!this.ending) return;
        this.waiting = await this.mine();
        if (this.waiting.length > 0 || !this.ending) return;
        const form = this.ending;
        this.ending = null;
        form.submit();
    }

    /** @param {Record<string, unknown>} data */
    async tap(data) {
        const uuid = crypto.randomUUID();
        await this.keep({ uuid, kind: 'seen', data });
        return uuid;
    }

    undo() {
        const last = lastTap(this.state.latest, this.waiting);
        if (last) void this.keep({ uuid: crypto.randomUUID(), kind: 'put_right', of: last.uuid, data: { isOut: true, kind: last.kind } });
    }

    async stare() {
        if (this.since === null) {
            this.since = Date.now();
            await this.store.keepState(this.key(), this.since);
            this.render();
            return;
        }
        const seconds = Math.min(3600, Math.round((Date.now() - this.since) / 100) / 10);
        this.since = null;
        await this.store.keepState(this.key(), null);
        this.asked = await this.tap({ kind: 'stare', seconds });
        this.render();
    }

    /** @param {string} what the dog stared at; empty where it is not noted */
    at(what) {
        const asked = this.asked;
        this.asked = null;
        /** @type {HTMLInputElement} */ (this.one('[data-target-new]')).value = '';
        if (asked && what) {
            if (!this.state.targets.includes(what)) this.state.targets.push(what);
            void this.keep({ uuid: crypto.randomUUID(), kind: 'put_right', of: asked, data: { what } });
        } else this.render();
    }

    /** @param {{uuid: string, kind: string, of?: string, data: Record<string, unknown>}} entry */
    async keep(entry) {
        // whoever taps goes on
        this.ending = null;
        const whole = { ...entry, user: this.user, session: this.session, isFree: true, at: Date.now() };
        await this.store.add([whole]);
        this.waiting.push(whole);
        this.render();
        void this.sender?.wake();
    }

    /** @param {{receipts: {uuid: string, result: string, message?: string}[], state?: any}} receipt */
    async received({ receipts, state }) {
        if (state) this.state = state;
        this.waiting = await this.mine();
        const unfiled = receipts.find(({ result }) => result === 'unfiled');
        this.render();
        if (unfiled) this.network('unfiled', 0, unfiled.message);
    }

    /** @param {string} status @param {number} waiting @param {string} [why] */
    network(status, waiting, why = '') {
        const words = {
            saved: 'all_saved',
            sending: 'saving',
            retry: 'no_connection',
            'sign-in': 'sign_in_again',
            'other-user': 'other_user',
        };
        const line = this.one('[data-network]');
        if (line)
            line.textContent =
                status === 'unfiled' ? say('unfiled', { why }) : say(words[/** @type {keyof words} */ (status)], { waiting });
        this.root.dataset.waiting = String(waiting);
        if (status === 'saved') void this.endOnceSent();
    }

    tick() {
        if (this.since === null) return;
        const words = this.one('[data-stare-words]');
        const button = this.one('[data-stare]');
        if (words && button)
            words.textContent = `${button.dataset.stop} ${say('seconds', { seconds: Math.round((Date.now() - this.since) / 1000) })}`;
    }

    render() {
        const counts = countsNow(this.state.counts, this.waiting);
        for (const count of this.all('[data-count]')) count.textContent = String(counts[count.dataset.count ?? ''] ?? 0);
        for (const [name, text] of [
            ['rate', this.state.rate],
            ['now', this.state.now],
        ]) {
            const place = this.one(`[data-${name}]`);
            if (place) place.textContent = text;
        }
        const prompt = this.one('[data-prompt]');
        if (prompt) {
            prompt.hidden = this.state.prompt === null;
            prompt.dataset.prompt = this.state.prompt?.code ?? '';
            if (prompt.textContent !== (this.state.prompt?.text ?? '')) prompt.textContent = this.state.prompt?.text ?? '';
        }
        const latest = this.one('[data-latest]');
        if (latest)
            latest.replaceChildren(
                ...this.state.latest.map((/** @type {{words: string}} */ one) =>
                    Object.assign(document.createElement('li'), { textContent: one.words }),
                ),
            );
        const parts = partsNow(this.state.parts, this.waiting);
        for (const mark of this.root.querySelectorAll('[data-part]')) {
            const band = parts[mark.getAttribute('data-part') ?? ''];
            mark.setAttribute('class', `band-${band ?? 0}`);
            if (band === undefined) mark.removeAttribute('href');
            else mark.setAttribute('href', `#band-${band}`);
        }
        for (const button of this.all('[data-undo]')) button.hidden = lastTap(this.state.latest, this.waiting) === null;
        this.renderStare();
    }

    renderStare() {
        const button = this.one('[data-stare]');
        const box = this.one('[data-at-what]');
        if (!button || !box) return;
        button.setAttribute('aria-pressed', String(this.since !== null));
        const words = this.one('[data-stare-words]');
        if (words && this.since === null) words.textContent = button.dataset.start ?? '';
        else this.tick();
        box.hidden = this.asked === null;
        this.one('[data-targets]')?.replaceChildren(
            ...this.state.targets.map((/** @type {string} */ target) => {
                const chip = Object.assign(document.createElement('button'), {
                    type: 'button',
                    className: 'btn btn-outline-primary',
                    textContent: target,
                });
                chip.addEventListener('click', () => this.at(target));
                return chip;
            }),
        );
    }

    /** @returns {Promise<Entry[]>} of this session, not handed over yet */
    async mine() {
        return (await this.store.of(this.user)).filter((entry) => entry.isFree && entry.session === this.session);
    }

    key() {
        return `free-${this.user}-${this.session}`;
    }

    /** @param {string} selector @returns {HTMLElement | null} */
    one(selector) {
        return this.root.querySelector(selector);
    }

    /** @param {string} selector @returns {HTMLElement[]} */
    all(selector) {
        return [...this.root.querySelectorAll(selector)].filter((found) => found instanceof HTMLElement);
    }

    /** @param {string} selector @param {() => void} act */
    on(selector, act) {
        for (const found of this.all(selector)) found.addEventListener('click', act);
    }
}
