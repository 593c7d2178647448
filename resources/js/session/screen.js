import { MemoryStore } from '../device/store.js';
import { Ask, openQuestion } from './ask.js';
import { elapsed, keepAwake, signal, skewOf } from './clock.js';
import { ContactClocks } from './contact.js';
import { fallback } from './fallback.js';
import { Here } from './here.js';
import { HereStrip } from './here-strip.js';
import { listen, mountKeys } from './keys.js';
import { LeaveDialog } from './leave.js';
import { mountSignFinder } from './signs.js';
import { SoundDeck } from './sound.js';
import { Timers } from './timers.js';
import { View } from './view.js';
import { Voice } from './voice.js';
import { say } from '../words.js';

/** @typedef {import('../device/store.js').Entry} Entry */
/** @typedef {import('../device/store.js').Store | import('../device/store.js').MemoryStore} Store */
/** @typedef {import('../device/sender.js').Sender} Sender */

/** Milliseconds without an answer after which the cautious rule of this device speaks up. */
const PATIENCE = 900;
const LIVE_EVERY = 1500;
const BREAK_MILLISECONDS = 300_000;
/** So long a trial that was logged in the old place can be said to have been in the new one, by one tap. */
const WAS_THERE_MILLISECONDS = 10_000;
const SKEW = 'wheatear-skew';
/** What counts beside the first outcome of the row in use. */
const ALSO_COUNT = ['offered_more', 'on_cue'];
/** What is held near a trigger, and timed by that. */
const HELD = ['cued_look', 'passing', 'position'];
/** The keys of the four quick outcomes, by their place: what else is asked has other outcomes there. */
const QUICK = ['returned', 'watched', 'prompted', 'not_returned'];

/** The session as this device knows it: what the server said last, and what was logged here since. */
export class Screen {
    /** @param {HTMLElement} root @param {{session: number, user: number, device: string, store: Store}} own */
    constructor(root, own) {
        this.root = root;
        this.own = own;
        this.view = new View(root);
        this.state = JSON.parse(root.dataset.state ?? 'null');
        /** @type {Entry[]} made here and not yet receipted */
        this.waiting = [];
        /** Writes to the device's store that are not done yet. */
        this.storing = 0;
        /** @type {Sender | null} */
        this.sender = null;
        this.contact = ['contact', 'duration'].includes(root.dataset.plan ?? '') ? new ContactClocks(root, this.view) : null;
        this.sound = root.dataset.plan === 'sound' ? new SoundDeck(root, this.view) : null;
        const { steps, ...choices } = JSON.parse(
            this.view.all('here')[0]?.dataset.places ?? '{"steps":[],"first":[],"others":[],"traits":[],"asked":[]}',
        );
        this.here = new Here(steps);
        this.strip = new HereStrip(root, this.view, this.here, choices, () => this.moved());
        /** @type {{uuid: string, place: any, until: number} | null} logged elsewhere than advised, and where that was */
        this.elsewhere = null;
        /** @type {{uuid: string, from: number} | null} a hard trial after which the dog is not yet fine */
        this.recovering = null;
        this.isOffline = false;
        /** milliseconds that the server's clock is ahead of this device's */
        this.skew = Number(localStorage.getItem(SKEW)) || 0;
        /** @type {string[]} */
        this.alarm = JSON.parse(root.dataset.alarm ?? '[]');
        this.ask = new Ask(root, this.view, (question, isYes) => this.answered(question, isYes));
        this.timers = new Timers(root, this.view, (milliseconds) => this.stared(milliseconds));
        this.leaving = new LeaveDialog(root, this.view, {
            event: (kind, data) => this.event(kind, data),
            log: (outcome, band, more) => this.logAs(outcome, band, more),
        });
        this.voice = new Voice(root);
        this.counts = { seen: 0, lookBacks: 0 };
        this.lastSetSignal = 0;
        this.lastBreakSignal = 0;
    }

    async start() {
        const { store, user, session } = this.own;
        const kept = await store.state(`${user}:${session}`).catch(() => null);
        // a page kept from earlier may be older than what this device has heard since
        if (kept && (!this.state || kept.version > this.state.version)) this.state = kept;
        else if (this.state) await this.keep();
        this.here.asked = this.state?.asked ?? this.root.querySelector('fieldset[data-asked]')?.getAttribute('data-asked') ?? '';
        this.here.put(
            this.keptHere() ??
                this.state?.here ??
                this.state?.advice.next ??
                this.here.steps[0] ?? { values: {}, distance: null, words: '' },
        );
        // where there is room the reasons stand open
        if (matchMedia('(min-width: 62rem)').matches) for (const why of this.view.all('why')) why.setAttribute('open', '');
        await this.refresh();
        this.listen();
        this.root.hidden = false;
        setInterval(() => this.tick(), 250);
        this.tick();
        setInterval(() => this.look(), LIVE_EVERY);
        keepAwake(this.root.querySelector('[data-wake]'));
        document.addEventListener(
            'visibilitychange',
            () => document.visibilityState === 'visible' && keepAwake(this.root.querySelector('[data-wake]')),
        );
        if (store instanceof MemoryStore) this.view.put('net', say('keeps_nothing'));
        this.sender?.wake();
        this.root.dataset.ready = 'true';
    }

    listen() {
        const dialog = /** @type {HTMLDialogElement} */ (this.root.querySelector('[data-keys]'));
        const keys = listen((action) => this.act(action));
        mountKeys(dialog, () => keys.reload());
        for (const button of this.root.querySelectorAll('[data-do]'))
            button.addEventListener('click', () => this.act(button.getAttribute('data-do') ?? ''));
        for (const button of this.root.querySelectorAll('[data-outcome]'))
            button.addEventListener('click', () => this.log(null, button.getAttribute('data-outcome') ?? 'returned'));
        for (const button of this.root.querySelectorAll('[data-grade]'))
            button.addEventListener('click', () => this.grade(Number(button.getAttribute('data-grade'))));
        this.root.querySelector('[data-details]')?.addEventListener('submit', (event) => event.preventDefault());
        mountSignFinder(this.root);
        this.root.querySelector('[data-handler]')?.addEventListener('change', (event) => {
            const { value } = /** @type {HTMLSelectElement} */ (event.target);
            void this.enter([this.entry('handler', { data: { person: Number(value) } })]);
        });
        if (this.root.dataset.kind !== 'ladder') {
            for (const part of this.root.querySelectorAll('[data-ladder-only]')) /** @type {HTMLElement} */ (part).hidden = true;
            for (const part of this.root.querySelectorAll('[data-looking-only]')) /** @type {HTMLElement} */ (part).hidden = false;
            const card = this.view.all('advice')[0];
            if (card) card.hidden = true;
        }
    }

    /** @param {string} action */
    act(action) {
        const dialog = /** @type {HTMLDialogElement} */ (this.root.querySelector('[data-keys]'));
        if (this.isWatching() && !['take', 'keys', 'voice'].includes(action)) {
            if (action.startsWith('band-')) this.grade(Number(action.slice(5)));
            return;
        }
        if (action.startsWith('band-')) return void this.log(Number(action.slice(5)), this.outcome());
        if (action.startsWith('outcome-')) return this.choose(action.slice(8));
        switch (action) {
            case 'good':
                return void this.log(0, this.success());
            case 'doubt':
                return void this.log(2, 'taken_away');
            case 'froze':
                return void this.leaving.froze();
            case 'offer':
                return this.contact?.offer();
            case 'hold':
                return this.contact ? this.contact.hold() : this.timers.hold();
            case 'toss':
                return this.contact?.toss();
            case 'play':
                return void this.sound?.press(this.place());
            case 'meter':
                return void this.sound?.connect();
            case 'undo':
                return void this.undo();
            case 'batch':
                return void this.batch();
            case 'leave':
                this.sound?.stop();
                return void this.leaving.open();
            case 'break':
                return this.pause();
            case 'take':
                return void this.enter([this.entry('take')]);
            case 'seen':
                this.counts.seen += 1;
                this.view.put('seen', String(this.counts.seen));
                return void this.event('trigger_seen');
            case 'look-back':
                this.counts.lookBacks += 1;
                this.view.put('look-backs', String(this.counts.lookBacks));
                return void this.event('look_back');
            case 'mark':
                return this.timers.mark();
            case 'stare':
                return this.timers.stare();
            case 'countdown':
                return this.timers.countdown();
            case 'pace':
                return this.timers.pace();
            case 'voice':
                this.voice.toggle();
                return this.speak();
            case 'keys':
                return dialog.showModal();
            case 'go':
                return this.go();
            case 'ask-next':
                this.here.asked = this.state.asked;
                return this.moved();
            case 'was-there':
                return void (this.elsewhere ? this.wasThere() : this.recovered());
            case 'nearer':
            case 'farther':
                return this.strip.field
                    ? void this.root
                          .querySelector(`[data-here] [data-step="${action === 'nearer' ? -1 : 1}"]`)
                          ?.dispatchEvent(new MouseEvent('click'))
                    : this.strip.step(action === 'nearer' ? 1 : -1);
        }
    }

    /** @returns {boolean} whether another device logs */
    isWatching() {
        return Boolean(this.state?.device) && this.state.device !== this.own.device && !this.waiting.some((entry) => entry.kind === 'take');
    }

    /** @returns {string} */
    outcome() {
        return this.row().find((radio) => radio.checked)?.value ?? this.success();
    }

    /** @returns {string} the outcome that counts, the first of the quick ones */
    success() {
        return this.row()[0]?.value ?? 'returned';
    }

    /** @returns {HTMLInputElement[]} what can come of what is asked */
    row() {
        return [
            .../** @type {NodeListOf<HTMLInputElement>} */ (this.root.querySelectorAll(`fieldset[data-asked="${this.here.asked}"] input`)),
        ];
    }

    /** @param {string} outcome */
    choose(outcome) {
        const row = this.row();
        const radio = row.find(({ value }) => value === outcome) ?? row[QUICK.indexOf(outcome)];
        if (radio) radio.checked = true;
    }

    /** @param {string} kind @param {Partial<Entry>} [more] @returns {Entry} */
    entry(kind, more = {}) {
        return { uuid: crypto.randomUUID(), user: this.own.user, session: this.own.session, kind, at: Date.now(), ...more };
    }

    /**
     * A trial from what is picked: outcome and band by one tap, the details where they were opened.
     * @param {number | null} band null to take it from the outcome and the signs
     * @param {string} outcome
     */
    async log(band, outcome) {
        if (!this.strip.isGood()) return;
        // a reaction is no outcome of the others; whether it came when called is asked, not guessed
        const isOver = band === 4 && !outcome.startsWith('reacted');
        const entry = await this.logAs(isOver ? 'reacted' : outcome, band);
        if (isOver && !this.contact) this.ask.put({ about: 'came', trial: entry.uuid });
        else if (entry.trial?.food === 'refused' && band !== 4) this.ask.put({ about: 'food', trial: entry.uuid });
        // after a good repetition a bad one must be as easy to log
        this.root.dataset.last = band !== null && band <= 1 ? 'good' : 'other';
    }

    /** @param {string} outcome @param {number | null} band @param {Record<string, unknown>} [more] @returns {Entry} */
    trial(outcome, band, more = {}) {
        const form = /** @type {HTMLFormElement} */ (this.root.querySelector('[data-details]'));
        const typed = new FormData(form);
        return this.entry('trial', {
            sequence: this.nextSequence(),
            trial: {
                outcome,
                band,
                aim: this.here.aim(this.shown().next),
                ...this.here.exposure(),
                signs: [...new Set(typed.getAll('signs[]'))],
                // nothing was offered: that is what it says
                food: outcome === 'quiet_pass' ? 'not_offered' : (typed.get('food') ?? 'gently'),
                food_gone: typed.has('food_gone'),
                interrupted: typed.has('interrupted'),
                slip: typed.get('slip'),
                traits: this.here.who,
                note: typed.get('note') || null,
                ...this.timers.timed(),
                ...this.contact?.take(),
                ...this.sound?.take(),
                ...more,
            },
        });
    }

    /** @returns {number} one more than the server and this device have counted */
    nextSequence() {
        return Math.max(this.state?.sequence ?? 0, ...this.waiting.map((entry) => entry.sequence ?? 0)) + 1;
    }

    /** @returns {any} where we are: where the next trial is, whatever is advised */
    place() {
        return this.here.place;
    }

    /** Somebody changed where we are. */
    moved() {
        localStorage.setItem(
            this.hereKey(),
            JSON.stringify({ count: this.state?.count ?? 0, place: this.here.place, who: this.here.who, asked: this.here.asked }),
        );
        this.render();
    }

    /** @returns {string} */
    hereKey() {
        return `wheatear-here-${this.own.user}-${this.own.session}`;
    }

    /** @returns {any} as this device was told before it was reloaded, unless others have logged since */
    keptHere() {
        try {
            const { count, place, who, asked } = JSON.parse(localStorage.getItem(this.hereKey()) ?? 'null') ?? {};
            if (Array.isArray(who)) this.here.who = who;
            if (typeof asked === 'string' && asked) this.here.asked = asked;
            return place && count >= (this.state?.count ?? 0) ? place : null;
        } catch {
            return null;
        }
    }

    /** Takes what advice proposes: from here on that is where we are. */
    go() {
        const { next } = this.shown();
        if (!next) return;
        this.here.put(next);
        this.elsewhere = null;
        this.moved();
    }

    /** The trial just logged was where advice had asked for it, not where we were: it is moved, and we with it. */
    async wasThere() {
        const told = this.elsewhere;
        if (!told) return;
        this.here.put(told.place);
        this.elsewhere = null;
        this.moved();
        await this.enter([this.entry('correct', { trial_uuid: told.uuid, trial: this.here.exposure() })]);
    }

    /** Details are for one trial; where we are stays. */
    clear() {
        const form = /** @type {HTMLFormElement} */ (this.root.querySelector('[data-details]'));
        const gone = form.elements.namedItem('food_gone');
        const isGone = gone instanceof HTMLInputElement && gone.checked;
        form.reset();
        if (gone instanceof HTMLInputElement) gone.checked = isGone;
        this.timers.clear();
        this.choose(this.success());
    }

    async batch() {
        const field = this.root.querySelector('[data-batch]');
        const count = Math.round(Number(field instanceof HTMLInputElement ? field.value : 0));
        if (!(count >= 1 && count <= 20)) {
            this.view.put('net', say('batch'));
            return;
        }
        if (!this.strip.isGood()) return;
        const each = this.contact?.shareOf(count);
        if (Number.isNaN(each)) {
            this.view.put('net', say('batch_time'));
            return;
        }
        const first = this.trial(this.success(), 0, each === undefined ? {} : { hold_ms: each });
        const entries = Array.from({ length: count }, (_, i) => ({
            ...first,
            uuid: crypto.randomUUID(),
            at: first.at + i,
            sequence: (first.sequence ?? 1) + i,
        }));
        await this.enter(entries);
    }

    /** @param {string} outcome @param {number | null} band @param {Record<string, unknown>} [more] @returns {Promise<Entry>} */
    async logAs(outcome, band, more) {
        const { next } = this.shown();
        const entry = this.trial(outcome, band, more);
        this.elsewhere =
            next && !this.here.isAt(next) ? { uuid: entry.uuid, place: next, until: Date.now() + WAS_THERE_MILLISECONDS } : null;
        this.recovering = band !== null && band >= 2 ? { uuid: entry.uuid, from: Date.now() } : null;
        this.view.put('last-line', this.strip.line(band));
        // at once, not when it is kept: the next tap may come before that
        this.clear();
        this.ask.drop();
        await this.enter([entry]);
        return entry;
    }

    /**
     * What was left open is told now: as a correction beside the trial, or as a word that the grade stands.
     * @param {import('./ask.js').Question} question
     * @param {boolean} isYes
     */
    async answered(question, isYes) {
        const { about, trial, band } = question;
        if (!isYes) return about === 'band' ? this.event('kept_grade', { trial }) : undefined;
        /** @type {Record<string, Record<string, unknown>>} */
        const told = { band: { band }, food: { food: 'later' }, came: { outcome: 'reacted_came' } };
        await this.enter([this.entry('correct', { trial_uuid: trial, trial: told[about] })]);
        if (about === 'band' && this.contact) await this.leaving.open();
    }

    /** Where there is no ladder a stare is all that is kept of it. @param {number} milliseconds */
    stared(milliseconds) {
        if (this.root.dataset.kind !== 'ladder') void this.event('stare', { ms: milliseconds });
    }

    async undo() {
        await this.enter([this.entry('undo')]);
    }

    /** @param {string} event @param {Record<string, unknown>} [data] */
    async event(event, data) {
        await this.enter([this.entry('event', { event, data })]);
    }

    /** @param {number} band */
    async grade(band) {
        const last = this.state?.trials.at(-1);
        if (!last) return;
        await this.enter([this.entry('grade', { trial_uuid: last.uuid, band })]);
        this.view.put('watch-words', say('graded'));
    }

    /** @param {Entry[]} entries kept on the device first, then shown, then sent */
    async enter(entries) {
        // shown before it is kept: a thumb waits for no disk
        this.waiting.push(...entries);
        this.enteredAt = performance.now();
        this.render();
        navigator.vibrate?.(20);
        this.storing += 1;
        try {
            await this.own.store.add(entries);
        } catch {
            await this.goOnInMemory(entries);
        } finally {
            this.storing -= 1;
        }
        setTimeout(() => this.render(), PATIENCE + 50);
        if (this.sender) await this.sender.wake();
    }

    /** The device's storage is full: said, and nothing is lost as long as the page stays open. @param {Entry[]} entries */
    async goOnInMemory(entries) {
        const memory = new MemoryStore();
        await memory.add([...(await this.own.store.all().catch(() => [])), ...entries]);
        this.own.store = memory;
        if (this.sender) this.sender.store = memory;
        this.root.dataset.memory = 'true';
        for (const note of this.view.all('full')) note.hidden = false;
        signal(3);
    }

    /**
     * @param {{receipts: {uuid: string, result: string, message?: string}[], state?: any}} receipt
     * @param {number} serverAt by its clock
     */
    async received(receipt, serverAt = Number.NaN) {
        this.skew = skewOf(serverAt, Date.now());
        localStorage.setItem(SKEW, String(this.skew));
        const named = receipt.receipts.map((one) => one.uuid);
        this.waiting = this.waiting.filter((entry) => !named.includes(entry.uuid));
        const told = receipt.receipts.find((one) => one.result === 'unfiled');
        if (told) this.view.put('net', say('unfiled', { why: told.message ?? '' }));
        if (receipt.state && receipt.state.version >= (this.state?.version ?? 0)) {
            this.state = receipt.state;
            await this.keep();
        }
        this.isOffline = false;
        if (!this.isWatching()) this.ask.put(openQuestion(this.state?.trials.at(-1), this.alarm));
        this.render();
        this.speak();
    }

    async keep() {
        await this.own.store.keepState(`${this.own.user}:${this.own.session}`, this.state).catch(() => undefined);
    }

    /** What waits on this device for this session, after a reload as well. */
    async refresh() {
        const all = (await this.own.store.of(this.own.user).catch(() => [])) ?? [];
        this.waiting = all.filter((entry) => entry.session === this.own.session);
        this.render();
    }

    /** Another tab of this browser sends from the same store: what it has handed over does not wait here any more. */
    async share() {
        if (this.storing > 0 || this.sender?.isRunning || this.own.store instanceof MemoryStore) return;
        const kept = await this.own.store.of(this.own.user).catch(() => null);
        if (!kept || this.storing > 0) return;
        const uuids = new Set(kept.map((entry) => entry.uuid));
        const still = this.waiting.filter((entry) => uuids.has(entry.uuid));
        if (still.length === this.waiting.length) return;
        this.waiting = still;
        this.render();
    }

    /** @param {string} status @param {number} waiting */
    network(status, waiting) {
        this.isOffline = status === 'retry' || status === 'sign-in' || status === 'other-user';
        const words = {
            saved: say('all_saved'),
            sending: this.isOffline ? '' : say('saving'),
            retry: say('no_connection', { waiting }),
            'sign-in': say('sign_in_again', { waiting }),
            'other-user': say('other_user', { waiting }),
        };
        const text = words[/** @type {keyof typeof words} */ (status)] ?? '';
        const net = this.root.querySelector('[data-net]');
        if (net instanceof HTMLElement && text) {
            net.textContent = text;
            net.dataset.status = status;
            if (status === 'sign-in')
                net.append(' ', Object.assign(document.createElement('a'), { href: '/sign-in', textContent: say('sign_in') }));
        }
        this.render();
    }

    /**
     * @returns {{action: string, label: string, next: any, reasons: {code: string, sentence: string}[], risk: any,
     *    others: any[]}} the server's advice, or the cautious rule of this device
     */
    shown() {
        const { advice } = this.state;
        const since = this.since();
        const isLate = performance.now() - (this.enteredAt ?? 0) > PATIENCE;
        if (since.length === 0 || (!this.isOffline && !isLate)) {
            return {
                ...advice,
                next: advice.next && { ...advice.next, aim: advice.aim },
                others: advice.alternatives,
            };
        }
        const own = fallback(this.state, since, this.here.place);
        return {
            ...own,
            reasons: [
                { code: 'device', sentence: own.reason },
                { code: 'offline', sentence: say('without_server') },
            ],
            risk: null,
            others: [],
        };
    }

    /**
     * @returns {{band: number, outcome: string, at: number}[]} trials of this device that the server has not counted, undone ones left out
     */
    since() {
        /** @type {{band: number, outcome: string, at: number}[]} */
        const trials = [];
        for (const entry of this.waiting) {
            if (entry.kind === 'undo') trials.pop();
            if (entry.kind === 'trial')
                trials.push({ band: Number(entry.trial?.band ?? 2), outcome: String(entry.trial?.outcome), at: entry.at + this.skew });
        }
        return trials;
    }

    render() {
        if (!this.state) return;
        const shown = this.shown();
        const since = this.since();
        const undone = Math.max(
            0,
            this.waiting.filter((entry) => entry.kind === 'undo').length - this.waiting.filter((entry) => entry.kind === 'trial').length,
        );
        const known = this.state.trials.slice(0, this.state.trials.length - undone);
        const isHere = this.here.isAt(shown.next);
        this.view.advice(shown, shown.reasons, isHere);
        this.view.risk(shown.risk);
        if (['end_well', 'stop', 'refer'].includes(shown.action) && this.endedAt !== this.state.version) {
            this.endedAt = this.state.version;
            for (const drawer of this.view.all('end')) drawer.setAttribute('open', '');
        }
        // what is proposed is shown where it differs from where we are
        for (const box of this.view.all('go-box')) box.hidden = !shown.next || isHere;
        for (const row of /** @type {NodeListOf<HTMLElement>} */ (this.root.querySelectorAll('fieldset[data-asked]')))
            row.hidden = row.dataset.asked !== this.here.asked || this.root.dataset.kind !== 'ladder';
        // what is timed goes by what is asked: the turn after a mark, or how long it holds
        const isHeld = HELD.includes(this.here.asked);
        for (const button of /** @type {NodeListOf<HTMLElement>} */ (this.root.querySelectorAll('[data-when-held]')))
            button.hidden =
                (button.dataset.whenHeld === 'yes') !== isHeld ||
                (button.hasAttribute('data-ladder-only') && this.root.dataset.kind !== 'ladder');
        for (const button of this.view.all('ask-next')) {
            button.hidden = !this.state.asked || this.state.asked === this.here.asked || since.length > 0 || !shown.next;
            if (!button.hidden) button.textContent = say(`ask_next.${this.state.asked}`);
        }
        this.view.others(shown.others, this.here.place?.aim ?? '', (other) => {
            if (!shown.next) return;
            this.here.put({ ...shown.next, values: { ...shown.next.values, [other.dimension]: other.choice }, aim: other.aim });
            this.moved();
        });
        this.view.pips(this.run(since));
        this.view.latest(
            [
                ...known.map((/** @type {{band: number}} */ trial) => ({ band: trial.band, isWaiting: false })),
                ...since.map((trial) => ({ band: trial.band, isWaiting: true })),
            ].slice(-14),
            this.state.count - undone + since.length,
        );
        const watching = this.isWatching();
        for (const part of this.view.all('log')) part.hidden = watching;
        for (const part of this.view.all('watch')) part.hidden = !watching;
        const isLadder = this.root.dataset.kind === 'ladder';
        for (const button of /** @type {NodeListOf<HTMLElement>} */ (
            this.root.querySelectorAll('[data-do="leave"], [data-do="froze"], [data-do="doubt"], [data-do="play"]')
        )) {
            button.hidden = watching || (button.hasAttribute('data-ladder-only') && !isLadder);
        }
        this.food(since.length);
        this.contact?.rate(this.state, since, Date.now() + this.skew);
        this.sound?.show(this.place());
        this.root.dataset.waiting = String(this.waiting.length);
        this.strip.show();
    }

    /**
     * One tap beside the clocks: for ten seconds that the trial was elsewhere, then, after a hard one, that the dog is fine again.
     * @param {number} now
     */
    afterwards(now) {
        const [told] = this.view.all('was-there');
        if (!told) return;
        const isFresh = this.elsewhere !== null && now < this.elsewhere.until;
        told.hidden = !isFresh && this.recovering === null;
        if (told.hidden) return;
        const words = isFresh
            ? say('here.was_there', { place: this.elsewhere?.place.big ?? '' })
            : say('fine_again', { clock: elapsed(this.recovering?.from ?? now, now) });
        if (told.textContent !== words) told.textContent = words;
    }

    /** It eats and does a cue again: how long that took is kept with the trial. */
    async recovered() {
        const told = this.recovering;
        if (!told) return;
        this.recovering = null;
        await this.event('settled', { seconds: Math.round((Date.now() - told.from) / 1000), trial: told.uuid });
    }

    /**
     * @param {{band: number, outcome: string}[]} since
     * @returns {{done: number, asked: number} | null} the run, foretold while the server has not answered
     */
    run(since) {
        const { run } = this.state;
        if (!run) return null;
        const counts = [this.success(), ...ALSO_COUNT];
        const done = since.reduce((count, trial) => (counts.includes(trial.outcome) && trial.band <= 1 ? count + 1 : 0), run.done);
        return { ...run, done: Math.min(run.asked, done) };
    }

    /** @param {number} more */
    food(more) {
        const pieces = Number(this.root.dataset.food);
        const gauge = this.view.all('food-left-gauge')[0];
        if (!gauge || !pieces) return;
        gauge.hidden = false;
        this.view.put('food-left', String(Math.max(0, pieces - this.state.count - more)));
    }

    /** A break out of sight: timed from its start, over by a second tap. */
    pause() {
        const key = `wheatear-break-${this.own.session}`;
        if (localStorage.getItem(key)) {
            localStorage.removeItem(key);
            this.view.put('break', '');
            void this.enter([this.entry('break_over')]);
            return;
        }
        localStorage.setItem(key, String(Date.now()));
        this.tick();
    }

    speak() {
        const shown = this.shown();
        this.voice.say(`${shown.label}. ${shown.next?.big ?? ''}`);
    }

    tick() {
        if (!this.state) return;
        const now = Date.now();
        this.view.clocks(this.state, now + this.skew);
        this.contact?.rate(this.state, this.since(), now + this.skew);
        this.contact?.tick(this.place(), now);
        this.leaving.tick(now);
        if (this.elsewhere && now >= this.elsewhere.until) this.elsewhere = null;
        this.afterwards(now);
        const pausedAt = Number(localStorage.getItem(`wheatear-break-${this.own.session}`));
        if (pausedAt) {
            this.view.put('break', elapsed(pausedAt, now));
            if (now - pausedAt >= BREAK_MILLISECONDS && this.lastBreakSignal !== pausedAt) {
                this.lastBreakSignal = pausedAt;
                signal(2);
            }
            return;
        }
        const set = this.state.setStartedAt ?? this.state.startedAt;
        const inSet = now + this.skew - set;
        if (inSet >= 60_000 * this.state.setMinutes && this.lastSetSignal !== set && !this.isWatching()) {
            this.lastSetSignal = set;
            if (inSet < 60_000 * this.state.setMinutes + 5000) signal(2);
        }
    }

    /** Looks at the session as others see it: who logs, and what they logged. */
    async look() {
        if (document.visibilityState !== 'visible') return;
        if (this.waiting.length > 0) await this.share();
        if (this.waiting.length > 0) return;
        try {
            const answer = await fetch(`${this.root.dataset.live}&since=${this.state?.version ?? 0}`, {
                credentials: 'omit',
                signal: AbortSignal.timeout(5000),
            });
            if (answer.status !== 200) return;
            const { state } = await answer.json();
            if (state.ended && this.isWatching()) location.href = this.root.dataset.review ?? '/';
            if (this.waiting.length === 0 && state.version > (this.state?.version ?? 0)) {
                this.state = state;
                // where another device logs, we are where it is
                if (this.isWatching() && state.here) this.here.put(state.here);
                await this.keep();
                this.render();
                this.speak();
            }
        } catch {
            // no network: what is shown stays
        }
    }
}
