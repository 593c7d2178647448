import { MemoryStore } from '../device/store.js';
import { showQuestion } from './ask.js';
import { breath, elapsed, keepAwake, signal } from './clock.js';
import { ContactClocks } from './contact.js';
import { nowhere } from './here.js';
import { HereStrip, MAX } from './here-strip.js';
import { listen, mountKeys } from './keys.js';
import { LeaveDialog } from './leave.js';
import { advised, begin, isFresh, isPlausible, isWatching, meant, pictured, reduce, since } from './model.js';
import { mountFaceSigns, mountSignFinder } from './signs.js';
import { SoundDeck } from './sound.js';
import { Timers } from './timers.js';
import { View } from './view.js';
import { Voice } from './voice.js';
import { say } from '../words.js';

/** @typedef {import('../device/store.js').Entry} Entry */
/** @typedef {import('../device/store.js').Store | import('../device/store.js').MemoryStore} Store */
/** @typedef {import('../device/sender.js').Sender} Sender */
/** @typedef {import('./model.js').Effect} Effect */
/** @typedef {import('../../../var/contract/session-state.js').SessionState} SessionState */

/** After it the cautious rule of this device is looked for. */
const PATIENCE = 950;
const LIVE_EVERY = 1500;
const BREAK_MILLISECONDS = 300_000;
const SKEW = 'wheatear-skew';
/** The form of the states that this screen reads: one that a page kept from an older version has is asked for anew. */
const FORMAT = 1;
/** What is held near a trigger, and timed by that. */
const HELD = ['cued_look', 'passing', 'position'];

/** Shows the model of a session, makes events of what is tapped, pressed and heard, and does what they ask for. */
export class Screen {
    /** @param {HTMLElement} root @param {{session: number, user: number, device: string, store: Store}} own */
    constructor(root, own) {
        this.root = root;
        this.own = own;
        this.view = new View(root);
        /** Writes to the device's store that are not done yet. */
        this.storing = 0;
        /** @type {Sender | null} */
        this.sender = null;
        this.contact = ['contact', 'duration'].includes(root.dataset.plan ?? '') ? new ContactClocks(root, this.view) : null;
        this.sound = root.dataset.plan === 'sound' ? new SoundDeck(root, this.view) : null;
        const { steps, ...choices } = JSON.parse(
            this.view.all('here')[0]?.dataset.places ?? '{"steps":[],"first":[],"others":[],"traits":[],"asked":[]}',
        );
        this.strip = new HereStrip(root, this.view, choices, (event) => this.dispatch(event));
        this.steps = steps;
        this.timers = new Timers(root, this.view, (milliseconds) => this.stared(milliseconds));
        this.leaving = new LeaveDialog(root, this.view, {
            note: (event, data) => this.dispatch({ type: 'note', event, data }),
            tell: (outcome, band, more) => this.logged({ type: 'tell', outcome, band, more }),
        });
        this.voice = new Voice(root);
        this.lastSetSignal = 0;
        this.lastBreakSignal = 0;
        this.lastEnding = 0;
    }

    async start() {
        const { store, user, session } = this.own;
        const told = JSON.parse(this.root.dataset.state ?? 'null');
        const kept = await store.state(`${user}:${session}`).catch(() => null);
        // a page kept from earlier may be older than what this device has heard since
        const state = kept?.format === FORMAT && (!told || kept.version > told.version) ? kept : told;
        if (state)
            this.model = begin(this.fixed(), state, this.hereBefore(state), {
                skew: Number(localStorage.getItem(SKEW)) || 0,
                brokeAt: Number(localStorage.getItem(this.breakKey())) || 0,
            });
        if (state && state === told) await this.keep();
        // where there is room the reasons stand open
        if (matchMedia('(min-width: 62rem)').matches) for (const why of this.view.all('why')) why.setAttribute('open', '');
        await this.refresh();
        // on a slow phone each of the two takes a moment, and a tap on the menu need not wait for both
        await breath();
        this.listen();
        this.root.hidden = false;
        setInterval(() => this.tick(), 250);
        this.tick();
        setInterval(() => this.look(), LIVE_EVERY);
        const awake = () => keepAwake(this.root.querySelector('[data-wake]'));
        awake();
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && awake());
        if (store instanceof MemoryStore) this.view.put('net', say('keeps_nothing'));
        this.sender?.wake();
        this.root.dataset.ready = 'true';
    }

    /** @returns {import('./model.js').Fixed} what does not change while the page stands */
    fixed() {
        const { dataset } = this.root;
        const { user, session, device } = this.own;
        return {
            user,
            session,
            device,
            isLadder: dataset.kind === 'ladder',
            isUnderHand: this.contact !== null,
            farthest: this.strip.field ? MAX[this.strip.unit] : null,
            outcomes: Object.fromEntries(
                this.rows().map((row) => [row.dataset.asked ?? '', [...row.querySelectorAll('input')].map(({ value }) => value)]),
            ),
            alarm: JSON.parse(dataset.alarm ?? '[]'),
            pieces: Number(dataset.food) || 0,
        };
    }

    /** @returns {HTMLElement[]} the quick outcomes, by what is asked */
    rows() {
        return [.../** @type {NodeListOf<HTMLElement>} */ (this.root.querySelectorAll('fieldset[data-asked]'))];
    }

    listen() {
        const dialog = /** @type {HTMLDialogElement} */ (this.root.querySelector('[data-keys]'));
        const keys = listen((action) => this.act(action));
        this.openKeys = mountKeys(dialog, () => keys.reload());
        for (const button of this.root.querySelectorAll('[data-do]'))
            button.addEventListener('click', () => this.act(button.getAttribute('data-do') ?? ''));
        for (const button of this.root.querySelectorAll('[data-outcome]'))
            button.addEventListener('click', () =>
                this.logged({ type: 'log', band: null, outcome: button.getAttribute('data-outcome') ?? 'returned' }),
            );
        for (const button of this.root.querySelectorAll('[data-gear]'))
            button.addEventListener('click', () =>
                this.dispatch({ type: 'note', event: 'gear', data: { what: button.getAttribute('data-gear') } }),
            );
        for (const button of this.root.querySelectorAll('[data-grade]'))
            button.addEventListener('click', () => this.dispatch({ type: 'grade', band: Number(button.getAttribute('data-grade')) }));
        for (const button of this.root.querySelectorAll('[data-answer]'))
            button.addEventListener('click', () => this.dispatch({ type: 'answer', isYes: button.getAttribute('data-answer') === 'yes' }));
        for (const row of this.rows())
            row.addEventListener('change', (event) =>
                this.dispatch({ type: 'choose', outcome: /** @type {HTMLInputElement} */ (event.target).value }),
            );
        this.root.querySelector('[data-details]')?.addEventListener('submit', (event) => event.preventDefault());
        mountSignFinder(this.root);
        this.showFaceSigns = mountFaceSigns(this.root);
        this.root.querySelector('[data-handler]')?.addEventListener('change', (event) => {
            const { value } = /** @type {HTMLSelectElement} */ (event.target);
            this.dispatch({ type: 'handler', person: Number(value) });
        });
        if (this.root.dataset.kind !== 'ladder') {
            for (const part of this.root.querySelectorAll('[data-ladder-only]')) /** @type {HTMLElement} */ (part).hidden = true;
            for (const part of this.root.querySelectorAll('[data-looking-only]')) /** @type {HTMLElement} */ (part).hidden = false;
            const card = this.view.all('advice')[0];
            if (card) card.hidden = true;
        }
    }

    /** @param {string} action of a key or a tap */
    act(action) {
        const event = this.model && meant(this.model, action);
        if (!event) return;
        if (event.type === 'use') this.use(String(event.what));
        else if (event.type === 'log') this.logged(event);
        else this.dispatch(event);
    }

    /** @param {string} what clocks, sounds and dialogs: nothing of them is the session's until a trial takes it along */
    use(what) {
        switch (what) {
            case 'froze':
                return this.leaving.froze();
            case 'offer':
                return this.contact?.offer();
            case 'hold':
                return this.contact ? this.contact.hold() : this.timers.hold();
            case 'toss':
                return this.contact?.toss();
            case 'play':
                return void this.sound?.press(this.model?.here.place);
            case 'meter':
                return void this.sound?.connect();
            case 'batch':
                return this.batch();
            case 'leave':
                this.sound?.stop();
                return this.leaving.open();
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
                return this.openKeys?.();
            case 'nearer':
            case 'farther':
                return void this.root
                    .querySelector(`[data-here] [data-step="${what === 'nearer' ? -1 : 1}"]`)
                    ?.dispatchEvent(new MouseEvent('click'));
        }
    }

    /** A trial, with what is ticked and what ran. @param {{type: string, [more: string]: unknown}} event */
    logged(event) {
        // hands come off whatever was typed
        if (!this.model || (event.type === 'log' && !this.strip.isGood(isPlausible(this.model)))) return;
        this.dispatch({ ...event, typed: this.typed(), measured: this.measured() });
        // after a good repetition a bad one must be as easy to log
        this.root.dataset.last = event.band !== null && Number(event.band) <= 1 ? 'good' : 'other';
    }

    /** @returns {import('./model.js').Typed} */
    typed() {
        const typed = new FormData(/** @type {HTMLFormElement} */ (this.root.querySelector('[data-details]')));
        return {
            signs: [...new Set(typed.getAll('signs[]').map(String))],
            food: String(typed.get('food') ?? 'gently'),
            food_gone: typed.has('food_gone'),
            interrupted: typed.has('interrupted'),
            slip: /** @type {string | null} */ (typed.get('slip')),
            note: /** @type {string | null} */ (typed.get('note')) || null,
        };
    }

    /** @returns {Record<string, unknown>} what ran ends with the trial */
    measured() {
        return { ...this.timers.timed(), ...this.contact?.take(), ...this.sound?.take() };
    }

    batch() {
        const field = this.root.querySelector('[data-batch]');
        const count = Math.round(Number(field instanceof HTMLInputElement ? field.value : 0));
        if (!(count >= 1 && count <= 20)) return this.view.put('net', say('batch'));
        if (!this.model || !this.strip.isGood(isPlausible(this.model))) return;
        const each = this.contact?.shareOf(count);
        if (Number.isNaN(each)) return this.view.put('net', say('batch_time'));
        this.dispatch({
            type: 'batch',
            uuids: Array.from({ length: count }, () => crypto.randomUUID()),
            typed: this.typed(),
            measured: { ...this.measured(), ...(each === undefined ? {} : { hold_ms: each }) },
        });
    }

    /** Where there is no ladder a stare is all that is kept of it. @param {number} milliseconds */
    stared(milliseconds) {
        if (this.root.dataset.kind !== 'ladder') this.dispatch({ type: 'note', event: 'stare', data: { ms: milliseconds } });
    }

    /** @param {{type: string, [more: string]: unknown}} event */
    dispatch(event) {
        if (!this.model) return;
        const [model, effects] = reduce(this.model, { at: Date.now(), uuid: crypto.randomUUID(), ...event });
        this.model = model;
        for (const effect of effects) this.perform(effect);
        this.render();
    }

    /** @param {Effect} effect */
    perform(effect) {
        switch (effect.do) {
            case 'store':
                navigator.vibrate?.(20);
                return void this.store(effect.entries);
            case 'keep':
                return void this.keep();
            case 'remember':
                return this.remember();
            case 'clear':
                return this.clear();
            case 'speak':
                return this.speak();
            case 'leave':
                return this.leaving.open();
            case 'review':
                location.href = this.root.dataset.review ?? '/';
                return;
            case 'skew':
                return localStorage.setItem(SKEW, String(this.model?.skew ?? 0));
            case 'break':
                if (effect.at) localStorage.setItem(this.breakKey(), String(effect.at));
                else localStorage.removeItem(this.breakKey());
                return this.view.put('break', '');
            case 'tell':
                return this.told(effect);
        }
    }

    /** @param {{key: string, facts?: Record<string, string | number>, status?: string}} told */
    told({ key, facts, status }) {
        if (key === 'graded') return this.view.put('watch-words', say(key));
        const [net] = this.view.all('net');
        if (!net) return;
        net.textContent = say(key, facts);
        if (status) net.dataset.status = status;
        if (status === 'sign-in')
            net.append(' ', Object.assign(document.createElement('a'), { href: '/sign-in', textContent: say('sign_in') }));
    }

    /** Details are for one trial. */
    clear() {
        const form = /** @type {HTMLFormElement} */ (this.root.querySelector('[data-details]'));
        const gone = form.elements.namedItem('food_gone');
        const isGone = gone instanceof HTMLInputElement && gone.checked;
        form.reset();
        if (gone instanceof HTMLInputElement) gone.checked = isGone;
        this.timers.clear();
        this.showFaceSigns?.();
    }

    /** @param {Entry[]} entries kept on the device first, then sent */
    async store(entries) {
        this.storing += 1;
        try {
            await this.own.store.add(entries);
        } catch {
            await this.goOnInMemory(entries);
        } finally {
            this.storing -= 1;
        }
        setTimeout(() => this.render(), PATIENCE);
        await this.sender?.wake();
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
     * @param {{receipts: {uuid: string, result: string, message?: string}[], state?: SessionState}} receipt
     * @param {number} serverAt by its clock
     */
    received({ receipts, state }, serverAt = Number.NaN) {
        this.dispatch({ type: 'receipt', receipts, state, serverAt });
    }

    /** @param {string} status @param {number} waiting */
    network(status, waiting) {
        this.dispatch({ type: 'network', status, waiting });
    }

    async keep() {
        const { store, user, session } = this.own;
        await store.keepState(`${user}:${session}`, this.model?.state).catch(() => undefined);
    }

    /** What waits on this device for this session, after a reload as well. */
    async refresh() {
        const all = (await this.own.store.of(this.own.user).catch(() => [])) ?? [];
        this.dispatch({ type: 'waits', entries: all.filter((entry) => entry.session === this.own.session && !entry.isFree) });
    }

    /** What another tab of this browser has handed over from the same store does not wait here any more. */
    async share() {
        if (this.storing > 0 || this.sender?.isRunning || this.own.store instanceof MemoryStore) return;
        const kept = await this.own.store.of(this.own.user).catch(() => null);
        if (kept && this.storing === 0) this.dispatch({ type: 'shared', uuids: kept.map(({ uuid }) => uuid) });
    }

    hereKey() {
        return `wheatear-here-${this.own.user}-${this.own.session}`;
    }

    breakKey() {
        return `wheatear-break-${this.own.session}`;
    }

    remember() {
        if (!this.model) return;
        const { state, here } = this.model;
        const { place, who, asked } = here;
        localStorage.setItem(this.hereKey(), JSON.stringify({ count: state.count, place, who, asked }));
    }

    /**
     * @param {SessionState} state
     * @returns {import('./here.js').Here} as this device was told before it was reloaded, unless others have logged since
     */
    hereBefore(state) {
        const here = nowhere(this.steps);
        try {
            const { count, place, who, asked } = JSON.parse(localStorage.getItem(this.hereKey()) ?? 'null') ?? {};
            return {
                ...here,
                who: Array.isArray(who) ? who : [],
                asked: typeof asked === 'string' ? asked : '',
                place: place && count >= state.count ? place : null,
            };
        } catch {
            return here;
        }
    }

    render() {
        const { model } = this;
        if (!model) return;
        const now = Date.now();
        const shown = pictured(model, now);
        const { advice, isHere, isLadder } = shown;
        this.view.advice(
            advice,
            advice.why.map(({ code, sentence }) => ({ code, sentence: sentence ?? say('without_server') })),
            isHere,
        );
        this.view.risk(advice.risk);
        if (shown.isEnding && this.lastEnding !== model.state.version) {
            this.lastEnding = model.state.version;
            for (const drawer of this.view.all('end')) drawer.setAttribute('open', '');
        }
        for (const box of this.view.all('go-box')) box.hidden = !shown.hasProposal;
        for (const row of this.rows()) row.hidden = row.dataset.asked !== model.here.asked || !isLadder;
        for (const radio of /** @type {NodeListOf<HTMLInputElement>} */ (
            this.root.querySelectorAll(`fieldset[data-asked="${model.here.asked}"] input`)
        ))
            radio.checked = radio.value === model.chosen;
        // what is timed goes by what is asked: the turn after a mark, or how long it holds
        const isHeld = HELD.includes(model.here.asked);
        for (const button of this.view.all('when-held'))
            button.hidden = (button.dataset.whenHeld === 'yes') !== isHeld || (button.hasAttribute('data-ladder-only') && !isLadder);
        for (const button of this.view.all('when-asked')) button.hidden = button.dataset.whenAsked !== model.here.asked || !isLadder;
        for (const button of this.view.all('ask-next')) {
            button.hidden = shown.askNext === null;
            if (shown.askNext) button.textContent = say(`ask_next.${shown.askNext}`);
        }
        this.view.others(advice.others, model.here.place?.aim ?? '', (other) => this.dispatch({ type: 'other', other }));
        this.view.pips(shown.run);
        this.view.latest(shown.latest, shown.count);
        this.view.put('seen', String(shown.counts.seen));
        this.view.put('look-backs', String(shown.counts.lookBacks));
        for (const part of this.view.all('log')) part.hidden = shown.isWatching;
        for (const part of this.view.all('watch')) part.hidden = !shown.isWatching;
        for (const button of /** @type {NodeListOf<HTMLElement>} */ (
            this.root.querySelectorAll('[data-do="leave"], [data-do="froze"], [data-do="doubt"], [data-do="play"]')
        ))
            button.hidden = shown.isWatching || (button.hasAttribute('data-ladder-only') && !isLadder);
        this.food(shown.count);
        showQuestion(this.view, model.question);
        this.contact?.rate(model.state, shown.logged, now + model.skew);
        this.sound?.show(model.here.place);
        this.root.dataset.waiting = String(model.waiting.length);
        this.strip.show(model.here);
        if (model.last) this.view.put('last-line', this.strip.line(model.last.band, model.last.here));
    }

    /**
     * One tap beside the clocks: for ten seconds that the trial was elsewhere, then, after a hard one, that the dog is fine again.
     * @param {number} now
     */
    afterwards(now) {
        const [told] = this.view.all('was-there');
        if (!told || !this.model) return;
        const { elsewhere, recovering } = this.model;
        const isAsked = isFresh(this.model, now);
        told.hidden = !isAsked && recovering === null;
        if (told.hidden) return;
        const words = isAsked
            ? say('here.was_there', { place: elsewhere?.place.big ?? '' })
            : say('fine_again', { clock: elapsed(recovering?.from ?? now, now) });
        if (told.textContent !== words) told.textContent = words;
    }

    /** @param {number} count of trials */
    food(count) {
        const pieces = Number(this.root.dataset.food);
        const gauge = this.view.all('food-left-gauge')[0];
        if (!gauge || !pieces) return;
        gauge.hidden = false;
        this.view.put('food-left', String(Math.max(0, pieces - count)));
    }

    speak() {
        if (!this.model) return;
        const { label, next } = advised(this.model, Date.now());
        this.voice.say(`${label}. ${next?.big ?? ''}`);
    }

    tick() {
        if (!this.model) return;
        const { state, skew, here, brokeAt } = this.model;
        const now = Date.now();
        this.view.clocks(state, now + skew);
        this.contact?.rate(state, since(this.model), now + skew);
        this.contact?.tick(here.place, now);
        this.leaving.tick(now);
        this.afterwards(now);
        if (brokeAt) {
            this.view.put('break', elapsed(brokeAt, now));
            if (now - brokeAt >= BREAK_MILLISECONDS && this.lastBreakSignal !== brokeAt) {
                this.lastBreakSignal = brokeAt;
                signal(2);
            }
            return;
        }
        const set = state.setStartedAt ?? state.startedAt;
        const inSet = now + skew - set;
        if (inSet >= 60_000 * state.setMinutes && this.lastSetSignal !== set && !isWatching(this.model)) {
            this.lastSetSignal = set;
            if (inSet < 60_000 * state.setMinutes + 5000) signal(2);
        }
    }

    /** Looks at the session as others see it: who logs, and what they logged. */
    async look() {
        if (document.visibilityState !== 'visible' || !this.model) return;
        if (this.model.waiting.length > 0) await this.share();
        if (this.model.waiting.length > 0) return;
        try {
            const answer = await fetch(`${this.root.dataset.live}&since=${this.model.state.version}`, {
                credentials: 'omit',
                signal: AbortSignal.timeout(5000),
            });
            if (answer.status === 200) this.dispatch({ type: 'live', state: (await answer.json()).state });
        } catch {
            // no network: what is shown stays
        }
    }
}
