import { tenths, signal, tick } from './clock.js';
import { median, ratePerMinute } from './rhythm.js';
import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */

const KEPT = 'wheatear-contact';

/** @returns {Record<string, any>} settings of this device; what cannot be read is forgotten */
function kept() {
    try {
        return JSON.parse(localStorage.getItem(KEPT) ?? '{}') ?? {};
    } catch {
        return {};
    }
}

/**
 * The clocks of work under the hand: an offer and how long the dog stays, a hold with its target, the way back from a tossed
 * treat, and the time in which nothing happens. They feed the next repetition; nothing depends on them.
 */
export class ContactClocks {
    /** @param {HTMLElement} root @param {View} view */
    constructor(root, view) {
        this.root = root;
        this.view = view;
        this.offered = 0;
        this.held = 0;
        this.heldFor = /** @type {number | null} */ (null);
        this.isPressed = false;
        this.tossed = 0;
        this.endedAt = 0;
        this.returned = /** @type {number | null} */ (null);
        this.lastTick = 0;
        this.isCalled = false;
        this.isReached = false;
        this.stays = /** @type {number[]} */ ([]);
        this.pauses = /** @type {number[]} */ ([]);
        const settings = kept();
        for (const [name, field] of this.fields()) {
            if (settings[name] !== undefined)
                field instanceof HTMLInputElement ? (field.checked = settings[name] === true) : (field.value = settings[name]);
            field.addEventListener('change', () =>
                localStorage.setItem(
                    KEPT,
                    JSON.stringify(
                        Object.fromEntries(
                            this.fields().map(([key, input]) => [key, input instanceof HTMLInputElement ? input.checked : input.value]),
                        ),
                    ),
                ),
            );
        }
        this.mountHold(root.querySelector('[data-do="hold"]'));
    }

    /** @returns {[string, HTMLInputElement | HTMLSelectElement][]} what is remembered on this device */
    fields() {
        return [...this.root.querySelectorAll('[data-contact-setting]')].flatMap((field) =>
            field instanceof HTMLInputElement || field instanceof HTMLSelectElement
                ? [/** @type {[string, HTMLInputElement | HTMLSelectElement]} */ ([field.dataset.contactSetting ?? '', field])]
                : [],
        );
    }

    /** @param {string} name @returns {string | boolean} */
    setting(name) {
        const field = this.fields().find(([key]) => key === name)?.[1];
        return field instanceof HTMLInputElement ? field.checked : (field?.value ?? '');
    }

    /** The station is offered, or the item comes into sight; a second press takes it away without a repetition. */
    offer() {
        const now = Date.now();
        if (this.offered) {
            this.offered = 0;
            this.endedAt = now;
        } else {
            if (this.endedAt) this.pauses.push(now - this.endedAt);
            this.offered = now;
        }
        this.isCalled = false;
        this.show(now);
    }

    /** A press begins a hold, the next one ends it: what was measured goes with the repetition. */
    hold() {
        // the click that a kept press ends with says nothing new
        if (this.isPressed) {
            this.isPressed = false;
            return;
        }
        const now = Date.now();
        this.heldFor = this.held ? now - this.held : null;
        this.held = this.held ? 0 : now;
        this.isReached = false;
        this.lastTick = now;
        this.show(now);
    }

    /** Who prefers it keeps pressing for as long as the dog holds. @param {HTMLElement | null} button */
    mountHold(button) {
        const isKept = () => this.setting('hold') === 'kept';
        button?.addEventListener('pointerdown', (event) => {
            if (!isKept()) return;
            button.setPointerCapture(event.pointerId);
            this.held = 0;
            this.isPressed = false;
            this.hold();
        });
        for (const end of ['pointerup', 'pointercancel'])
            button?.addEventListener(end, () => {
                if (!isKept() || !this.held) return;
                this.hold();
                this.isPressed = end === 'pointerup';
            });
        const words = button?.querySelector('[data-hold-words]');
        const name = () => words && (words.textContent = (isKept() ? button?.dataset.kept : button?.dataset.twice) ?? '');
        this.root.querySelector('[data-contact-setting="hold"]')?.addEventListener('change', name);
        name();
    }

    /**
     * Of a time for all of a batch, the part of each; one hold that ran is none for the others.
     * @param {number} count
     * @returns {number | null} milliseconds; null where no time is asked, NaN where it is and was not told
     */
    shareOf(count) {
        if (!this.target || this.target < 1) return null;
        const field = this.root.querySelector('[data-batch-seconds]');
        const seconds = field instanceof HTMLInputElement && field.value.trim() ? Number(field.value) : Number.NaN;
        return seconds > 0 && seconds <= 3600 ? Math.round((1000 * seconds) / count) : Number.NaN;
    }

    /** It left, or goes after a tossed treat; the next press is its coming back, by itself. */
    toss() {
        const now = Date.now();
        if (this.tossed) this.returned = now - this.tossed;
        this.tossed = this.tossed ? 0 : now;
        this.show(now);
    }

    /** What ran, for the repetition just over; the clocks go on to the time in which nothing happens. */
    take() {
        const now = Date.now();
        const times = {
            stay_ms: this.offered ? now - this.offered : null,
            hold_ms: this.held ? now - this.held : this.heldFor,
            return_ms: this.returned,
        };
        if (this.offered) this.stays.push(now - this.offered);
        this.offered = this.held = 0;
        this.heldFor = this.returned = null;
        this.isCalled = this.isReached = false;
        this.endedAt = now;
        this.show(now);
        return times;
    }

    /**
     * @param {any} state as the server sent it
     * @param {{at: number, outcome: string}[]} since logged here and not counted yet
     * @param {number} now
     */
    rate(state, since, now) {
        const rate = ratePerMinute([...state.rhythm.at, ...since.map((trial) => trial.at)], now);
        this.view.put('rate', rate === null ? '–' : String(rate));
        const accepted = state.rhythm.accepted + since.filter((trial) => ['reached', 'offered_more'].includes(trial.outcome)).length;
        const declined =
            state.rhythm.declined + since.filter((trial) => ['left_early', 'refused_start', 'left'].includes(trial.outcome)).length;
        this.view.put('accepted', say('accepted', { accepted, count: state.count + since.length }));
        this.view.put('declined', String(declined));
    }

    /** @param {any} place where the next repetition is due @param {number} now */
    tick(place, now) {
        this.target = Number(place?.values?.duration ?? 0);
        if (this.held) {
            const seconds = (now - this.held) / 1000;
            if (!this.isReached && this.target >= 1 && seconds >= this.target) {
                this.isReached = true;
                signal(2);
            } else if (!this.isReached && this.setting('ticks') === true && now - this.lastTick >= 1000) {
                this.lastTick += 1000;
                tick();
            }
        }
        const rest = Number(this.setting('rest'));
        if (!this.offered && this.endedAt && rest > 0 && !this.isCalled && now - this.endedAt >= 1000 * rest) {
            this.isCalled = true;
            signal(1);
        }
        this.show(now);
    }

    /** @param {number} now */
    show(now) {
        const since = (/** @type {number} */ from) => Math.max(0, Math.floor((now - from) / 1000));
        const target = this.target && this.target >= 1 ? Math.round(this.target) : null;
        for (const [name, isOn] of /** @type {[string, boolean][]} */ ([
            ['offer', this.offered > 0],
            ['hold', this.held > 0],
            ['toss', this.tossed > 0],
        ]))
            this.root.querySelector(`[data-do="${name}"]`)?.setAttribute('aria-pressed', String(isOn));
        this.view.put(
            'offer-clock',
            this.offered
                ? say('seconds', { seconds: since(this.offered) })
                : this.endedAt
                  ? say('off_for', { seconds: since(this.endedAt) })
                  : '',
        );
        this.view.put(
            'hold-clock',
            this.held
                ? target === null
                    ? say('seconds', { seconds: since(this.held) })
                    : say('seconds_of', { seconds: since(this.held), target })
                : this.heldFor !== null
                  ? say('seconds', { seconds: tenths(this.heldFor) })
                  : target === null
                    ? ''
                    : say('seconds', { seconds: target }),
        );
        for (const box of this.view.all('batch-time')) box.hidden = target === null;
        this.view.put(
            'toss-clock',
            this.tossed
                ? say('seconds', { seconds: since(this.tossed) })
                : this.returned === null
                  ? ''
                  : say('seconds', { seconds: tenths(this.returned) }),
        );
        const words = [
            ['in_sight', median(this.stays)],
            ['nothing', median(this.pauses)],
        ].flatMap(([key, value]) => (value === null ? [] : [say(String(key), { seconds: tenths(Number(value)) })]));
        this.view.put('contrast', words.length ? say('half_lasted', { times: words.join(', ') }) : '');
    }
}
