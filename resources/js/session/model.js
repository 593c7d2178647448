import { skewOf } from './clock.js';
import { fallback } from './fallback.js';
import * as at from './here.js';
import { openQuestion } from './question.js';

/** @typedef {import('../device/store.js').Entry} Entry */
/** @typedef {import('../../../var/contract/session-state.js').SessionState} SessionState */
/** @typedef {import('../../../var/contract/session-state.js').Place} Place */
/** @typedef {import('../../../var/contract/session-state.js').Alternative} Alternative */
/** @typedef {import('../../../var/contract/session-state.js').Risk} Risk */
/** @typedef {import('./here.js').Here} Here */
/** @typedef {import('./question.js').Question} Question */
/** @typedef {{signs: string[], food: string, food_gone: boolean, interrupted: boolean, slip: string | null, note: string | null}} Typed */

/**
 * What does not change while the page stands.
 *
 * @typedef {object} Fixed
 * @property {number} user
 * @property {number} session
 * @property {string} device
 * @property {boolean} isLadder a session with steps; false for one that only looks
 * @property {boolean} isUnderHand
 * @property {number | null} farthest in the user's unit; null where no distance is asked
 * @property {Record<string, string[]>} outcomes what can come of what is asked, the one that counts first
 * @property {string[]} alarm signs that no easy trial has
 * @property {number} pieces of food counted before the session; 0 where nobody did
 */

/**
 * A session as one device knows it: what the server said last, where we are, and what was logged here since. Everything that happens
 * is an event; `reduce` says what it makes of the model, and what is to be done beside it. No DOM, no clock, no network: who tells
 * an event brings the time and new names along.
 *
 * @typedef {object} Model
 * @property {Fixed} fixed
 * @property {SessionState} state
 * @property {Here} here
 * @property {string} chosen the outcome that is picked
 * @property {Entry[]} waiting made here and not yet receipted
 * @property {Question | null} question one at a time
 * @property {string[]} answered questions that were
 * @property {{uuid: string, place: Place, until: number} | null} elsewhere logged elsewhere than advised, and where that was
 * @property {{uuid: string, from: number} | null} recovering a hard trial after which the dog is not yet fine
 * @property {{seen: number, lookBacks: number}} counts
 * @property {{band: number | null, here: Here} | null} last logged last
 * @property {boolean} isOffline
 * @property {number} enteredAt by this device's clock
 * @property {number} skew milliseconds that the server's clock is ahead of this device's
 * @property {number} brokeAt since when there is a break; 0 for none
 */

/**
 * @typedef {{do: 'store', entries: Entry[]}
 *   | {do: 'keep' | 'remember' | 'clear' | 'speak' | 'review' | 'leave' | 'skew'}
 *   | {do: 'break', at: number}
 *   | {do: 'tell', key: string, facts?: Record<string, string | number>, status?: string}} Effect
 */

/** Milliseconds without an answer after which the cautious rule of this device speaks up. */
const PATIENCE = 900;
/** So long a trial that was logged in the old place can be said to have been in the new one, by one tap. */
const WAS_THERE = 10_000;
/** What counts beside the first outcome of the row in use. */
const ALSO_COUNT = ['offered_more', 'on_cue'];
/** The places of the keys of the quick outcomes: what else is asked has other outcomes there. */
const QUICK = ['returned', 'watched', 'prompted', 'not_returned'];
const LATEST = 14;
const ENDINGS = ['end_well', 'stop', 'refer'];
/** A grade from here on has something to recover from. */
const HARD = 2;
const OVER = 4;

/**
 * @param {Fixed} fixed
 * @param {SessionState} state
 * @param {Here} here
 * @param {{skew?: number, brokeAt?: number}} [kept]
 * @returns {Model}
 */
export function begin(fixed, state, here, { skew = 0, brokeAt = 0 } = {}) {
    const asked = here.asked || state.asked || (Object.keys(fixed.outcomes)[0] ?? '');
    const place = here.place ?? state.here ?? state.advice.next ?? here.steps[0] ?? { values: {}, distance: null, words: '' };
    return pickFirst({
        fixed,
        state,
        here: at.put({ ...here, asked }, place),
        chosen: '',
        waiting: [],
        question: null,
        answered: [],
        elsewhere: null,
        recovering: null,
        counts: { seen: 0, lookBacks: 0 },
        last: null,
        isOffline: false,
        enteredAt: 0,
        skew,
        brokeAt,
    });
}

/**
 * @param {Model} model
 * @param {any} event its type, and what that type needs; `at` and `uuid` where something is entered
 * @returns {[Model, Effect[]]}
 */
export function reduce(model, event) {
    return EVENTS[/** @type {keyof typeof EVENTS} */ (event.type)](model, event);
}

/** @type {Record<string, (model: Model, event: any) => [Model, Effect[]]>} */
const EVENTS = {
    /** A trial by one tap: outcome and band, the details where they were opened. */
    log(model, { band, outcome, ...event }) {
        // a reaction is no outcome of the others; whether it came when called is asked, not guessed
        const isOver = band === OVER && !outcome.startsWith('reacted');
        const [logged, effects] = logAs(model, { ...event, band, outcome: isOver ? 'reacted' : outcome });
        /** @type {Question | null} */
        const question =
            isOver && !model.fixed.isUnderHand
                ? { about: 'came', trial: event.uuid }
                : event.typed.food === 'refused' && band !== OVER
                  ? { about: 'food', trial: event.uuid }
                  : isEaten(logged) && !event.typed.food_gone
                    ? { about: 'gone', trial: event.uuid, pieces: model.fixed.pieces }
                    : null;
        return [ask(logged, question), effects];
    },
    /** What is known already: hands came off because of it, nothing is asked. */
    tell: (model, event) => logAs(model, event),
    batch(model, { uuids, typed, measured, ...event }) {
        const entries = uuids.map((/** @type {string} */ uuid, /** @type {number} */ i) => {
            const one = trial(model, { ...event, uuid, typed, measured, outcome: success(model), band: 0 });
            return { ...one, at: one.at + i, sequence: (one.sequence ?? 1) + i };
        });
        return enter(model, entries, event.at);
    },
    undo: (model, event) => enter(model, [entry(model, 'undo', event)], event.at),
    take: (model, event) => enter(model, [entry(model, 'take', event)], event.at),
    note: (model, event) => enter(model, [noted(model, event.event, event, event.data)], event.at),
    handler: (model, event) => enter(model, [entry(model, 'handler', event, { data: { person: event.person } })], event.at),
    /** Whoever looks on grades the last trial too. */
    grade(model, event) {
        const last = model.state.trials.at(-1);
        if (!last) return [model, []];
        const [graded, effects] = enter(model, [entry(model, 'grade', event, { trial_uuid: last.uuid, band: event.band })], event.at);
        return [graded, [...effects, { do: 'tell', key: 'graded' }]];
    },
    seen: (model, event) =>
        EVENTS.note({ ...model, counts: { ...model.counts, seen: model.counts.seen + 1 } }, { ...event, event: 'trigger_seen' }),
    look_back: (model, event) =>
        EVENTS.note({ ...model, counts: { ...model.counts, lookBacks: model.counts.lookBacks + 1 } }, { ...event, event: 'look_back' }),
    break(model, event) {
        if (!model.brokeAt) return [{ ...model, brokeAt: event.at }, [{ do: 'break', at: event.at }]];
        const [over, effects] = enter({ ...model, brokeAt: 0 }, [entry(model, 'break_over', event)], event.at);
        return [over, [{ do: 'break', at: 0 }, ...effects]];
    },

    /** Takes what advice proposes: from here on that is where we are. */
    go(model, event) {
        const { next } = advised(model, event.at);
        return next ? moved({ ...model, elsewhere: null }, at.put(model.here, next)) : [model, []];
    },
    /** One of the other changes that would do as well. */
    other(model, event) {
        const { next } = advised(model, event.at);
        const { dimension, choice, aim } = event.other;
        if (!next) return [model, []];
        return moved(model, at.put(model.here, { ...next, values: { ...next.values, [dimension]: choice }, aim }));
    },
    put: (model, { place }) => moved(model, at.put(model.here, place)),
    change: (model, { key, value }) => moved(model, at.change(model.here, key, value)),
    walk: (model, { distance }) => moved(model, at.walk(model.here, distance)),
    step: (model, { by }) => moved(model, at.step(model.here, by)),
    meet: (model, { trait }) => moved(model, at.meet(model.here, trait)),
    asked(model, { asked }) {
        const [now, effects] = moved(model, { ...model.here, asked });
        return [pickFirst(now), effects];
    },
    ask_next: (model) => EVENTS.asked(model, { asked: model.state.asked }),
    choose(model, { outcome }) {
        const row = rowOf(model);
        const chosen = row.includes(outcome) ? outcome : (row[QUICK.indexOf(outcome)] ?? model.chosen);
        return [{ ...model, chosen }, []];
    },

    /** One tap for two things: that the last trial was where advice had asked for it, or that the dog is fine again. */
    afterward(model, event) {
        return isFresh(model, event.at) ? wasThere(model, event) : recovered(model, event);
    },
    /** What was left open is told now: as a correction beside the trial, or as a word that the grade stands. */
    answer(model, { isYes, ...event }) {
        const { question } = model;
        if (!question) return [model, []];
        const { about, trial: of, band } = question;
        const told = { ...model, question: null, answered: [...model.answered, named(question)] };
        if (!isYes) return about === 'band' ? enter(told, [noted(model, 'kept_grade', event, { trial: of })], event.at) : [told, []];
        const right = { band: { band }, food: { food: 'later' }, came: { outcome: 'reacted_came' }, gone: { food_gone: true } }[about];
        const [put, effects] = enter(told, [entry(model, 'correct', event, { trial_uuid: of, trial: right })], event.at);
        return [put, about === 'band' && model.fixed.isUnderHand ? [...effects, { do: 'leave' }] : effects];
    },

    /** What waits on this device, after a reload or because storing failed. */
    waits: (model, { entries }) => [{ ...model, waiting: entries }, []],
    /** Another tab of this browser sends from the same store: what it has handed over does not wait here any more. */
    shared: (model, { uuids }) => [{ ...model, waiting: model.waiting.filter(({ uuid }) => uuids.includes(uuid)) }, []],
    receipt(model, { receipts, state, serverAt, ...event }) {
        const names = receipts.map((/** @type {{uuid: string}} */ one) => one.uuid);
        const unfiled = receipts.find((/** @type {{result: string}} */ one) => one.result === 'unfiled');
        const isNew = Boolean(state) && state.version >= model.state.version;
        const heard = {
            ...model,
            skew: skewOf(serverAt, event.at),
            waiting: model.waiting.filter(({ uuid }) => !names.includes(uuid)),
            state: isNew ? state : model.state,
            isOffline: false,
        };
        return [
            isWatching(heard) ? heard : ask(heard, openQuestion(heard.state.trials.at(-1), model.fixed.alarm)),
            [
                { do: 'skew' },
                ...(unfiled ? [/** @type {Effect} */ ({ do: 'tell', key: 'unfiled', facts: { why: unfiled.message ?? '' } })] : []),
                ...(isNew ? [/** @type {Effect} */ ({ do: 'keep' })] : []),
                { do: 'speak' },
            ],
        ];
    },
    /** The session as others see it: who logs, and what they logged. */
    live(model, { state }) {
        if (model.waiting.length > 0) return [model, []];
        /** @type {Effect[]} */
        const over = state.ended && isWatching(model) ? [{ do: 'review' }] : [];
        if (state.version <= model.state.version) return [model, over];
        const now = { ...model, state };
        // where another device logs, we are where it is
        const here = isWatching(now) && state.here ? at.put(model.here, state.here) : model.here;
        return [{ ...now, here }, [...over, { do: 'keep' }, { do: 'speak' }]];
    },
    network(model, { status, waiting }) {
        const isOffline = ['retry', 'sign-in', 'other-user'].includes(status);
        /** @type {Record<string, string>} */
        const keys = {
            saved: 'all_saved',
            sending: isOffline ? '' : 'saving',
            retry: 'no_connection',
            'sign-in': 'sign_in_again',
            'other-user': 'other_user',
        };
        const key = keys[status];
        return [{ ...model, isOffline }, key ? [{ do: 'tell', key, facts: { waiting }, status }] : []];
    },
};

/**
 * What a key or a tap means now; something that the screen uses by itself (a clock, a dialog, a sound) is given back as such.
 * @param {Model} model @param {string} action
 * @returns {{type: string, [more: string]: unknown} | null} null for what is not for this device now
 */
export function meant(model, action) {
    const band = action.startsWith('band-') ? Number(action.slice(5)) : null;
    if (isWatching(model) && !['take', 'keys', 'voice'].includes(action)) return band === null ? null : { type: 'grade', band };
    if (band !== null) return { type: 'log', band, outcome: model.chosen };
    if (action.startsWith('outcome-')) return { type: 'choose', outcome: action.slice(8) };
    const by = action === 'nearer' ? 1 : action === 'farther' ? -1 : 0;
    // a distance goes by the stepper
    if (by !== 0) return model.fixed.farthest === null ? { type: 'step', by } : { type: 'use', what: action };
    switch (action) {
        case 'good':
            return { type: 'log', band: 0, outcome: success(model) };
        case 'doubt':
            return { type: 'log', band: HARD, outcome: 'taken_away' };
        case 'undo':
        case 'take':
        case 'break':
        case 'seen':
        case 'go':
            return { type: action };
        case 'look-back':
            return { type: 'look_back' };
        case 'ask-next':
            return { type: 'ask_next' };
        case 'was-there':
            return { type: 'afterward' };
        default:
            return { type: 'use', what: action };
    }
}

/** @param {Model} model @returns {boolean} whether another device logs */
export function isWatching({ state, fixed, waiting }) {
    return Boolean(state.device) && state.device !== fixed.device && !waiting.some(({ kind }) => kind === 'take');
}

/** @param {Model} model @param {number} now @returns {boolean} whether the last trial may still be said to have been elsewhere */
export const isFresh = ({ elsewhere }, now) => elsewhere !== null && now < elsewhere.until;

/** @param {Model} model @returns {boolean} false for a distance that cannot be */
export function isPlausible({ fixed, here }) {
    const distance = Number(at.exposure(here).distance);
    return fixed.farthest === null || (distance > 0 && distance <= fixed.farthest);
}

/**
 * The server's advice, or the cautious rule of this device where it has not answered.
 * @param {Model} model @param {number} now
 * @returns {{action: string, label: string, next: Place | null, why: {code: string, sentence?: string}[], risk: Risk | null,
 *    others: Alternative[]}}
 *    a reason without a sentence is said by this device
 */
export function advised(model, now) {
    const { advice } = model.state;
    const logged = since(model);
    const isLate = now - model.enteredAt > PATIENCE;
    if (logged.length === 0 || (!model.isOffline && !isLate)) {
        const next = advice.next && { ...advice.next, aim: advice.aim };
        return { action: advice.action, label: advice.label, next, why: advice.reasons, risk: advice.risk, others: advice.alternatives };
    }
    const own = fallback(model.state, logged, model.here.place);
    return { ...own, why: [{ code: 'device', sentence: own.reason }, { code: 'offline' }], risk: null, others: [] };
}

/**
 * @param {Model} model
 * @returns {{band: number, outcome: string, at: number}[]} trials that the server has not counted, undone ones left out
 */
export function since({ waiting, skew }) {
    /** @type {{band: number, outcome: string, at: number}[]} */
    const trials = [];
    for (const { kind, trial, at } of waiting) {
        if (kind === 'undo') trials.pop();
        if (kind === 'trial') trials.push({ band: Number(trial?.band ?? 2), outcome: String(trial?.outcome), at: at + skew });
    }
    return trials;
}

/**
 * All that the screen shows of it.
 * @param {Model} model @param {number} now
 */
export function pictured(model, now) {
    const { state, here, fixed, waiting, counts } = model;
    const advice = advised(model, now);
    const logged = since(model);
    const of = (/** @type {string} */ kind) => waiting.filter((one) => one.kind === kind).length;
    const undone = Math.max(0, of('undo') - of('trial'));
    const isHere = at.isAt(here, advice.next);
    return {
        advice,
        isHere,
        // what is proposed is shown where it differs from where we are
        hasProposal: advice.next !== null && !isHere,
        isEnding: ENDINGS.includes(advice.action),
        isWatching: isWatching(model),
        askNext: state.asked && state.asked !== here.asked && logged.length === 0 && advice.next ? state.asked : null,
        run: foretold(model, logged),
        latest: [
            ...state.trials.slice(0, state.trials.length - undone).map(({ band }) => ({ band, isWaiting: false })),
            ...logged.map(({ band }) => ({ band, isWaiting: true })),
        ].slice(-LATEST),
        count: state.count - undone + logged.length,
        logged,
        counts,
        outcomes: rowOf(model),
        isLadder: fixed.isLadder,
    };
}

/** @param {Model} model @returns {string} the outcome that counts, the first of the quick ones */
export const success = (model) => rowOf(model)[0] ?? 'returned';

/** @param {Model} model @returns {string[]} what can come of what is asked */
const rowOf = ({ fixed, here }) => fixed.outcomes[here.asked] ?? [];

/** @param {Model} model @returns {Model} */
const pickFirst = (model) => ({ ...model, chosen: success(model) });

/** @param {Model} model @param {Here} here @returns {[Model, Effect[]]} */
const moved = (model, here) => [{ ...model, here }, [{ do: 'remember' }]];

/** @param {Model} model @returns {boolean} whether the trial just logged took the last piece that was counted: one a trial */
const isEaten = (model) => model.fixed.pieces > 0 && model.state.count + since(model).length === model.fixed.pieces;

/** @param {Question} question */
const named = ({ about, trial }) => `${about} ${trial}`;

/** @param {Model} model @param {Question | null} question one at a time, and each once @returns {Model} */
const ask = (model, question) => (!question || model.question || model.answered.includes(named(question)) ? model : { ...model, question });

/**
 * @param {Model} model
 * @param {Entry[]} entries
 * @param {number} at shown before it is kept: a thumb waits for no disk
 * @returns {[Model, Effect[]]}
 */
const enter = (model, entries, at) => [{ ...model, waiting: [...model.waiting, ...entries], enteredAt: at }, [{ do: 'store', entries }]];

/**
 * @param {Model} model @param {string} kind @param {{uuid: string, at: number}} event @param {Partial<Entry>} [more]
 * @returns {Entry}
 */
const entry = ({ fixed: { user, session } }, kind, { uuid, at }, more = {}) => ({ uuid, user, session, kind, at, ...more });

/** @param {Model} model @param {string} event @param {{uuid: string, at: number}} when @param {Record<string, unknown>} [data] */
const noted = (model, event, when, data) => entry(model, 'event', when, { event, ...(data ? { data } : {}) });

/**
 * @param {Model} model
 * @param {{uuid: string, at: number, outcome: string, band: number | null, typed: Typed, measured: Record<string, unknown>,
 *    more?: Record<string, unknown>}} event
 * @returns {Entry}
 */
function trial(model, { outcome, band, typed, measured, more, ...when }) {
    return entry(model, 'trial', when, {
        // one more than the server and this device have counted
        sequence: Math.max(model.state.sequence, ...model.waiting.map(({ sequence }) => sequence ?? 0)) + 1,
        trial: {
            outcome,
            band,
            aim: at.aim(model.here, advised(model, when.at).next),
            ...at.exposure(model.here),
            ...typed,
            // nothing was offered: that is what it says
            food: outcome === 'quiet_pass' ? 'not_offered' : typed.food,
            traits: model.here.who,
            ...measured,
            ...more,
        },
    });
}

/** @param {Model} model @param {any} event @returns {[Model, Effect[]]} */
function logAs(model, event) {
    const { next } = advised(model, event.at);
    const isElsewhere = next !== null && !at.isAt(model.here, next);
    const [logged, effects] = enter(model, [trial(model, event)], event.at);
    return [
        pickFirst({
            ...logged,
            question: null,
            elsewhere: isElsewhere ? { uuid: event.uuid, place: next, until: event.at + WAS_THERE } : null,
            recovering: event.band !== null && event.band >= HARD ? { uuid: event.uuid, from: event.at } : null,
            last: { band: event.band, here: model.here },
        }),
        // details are for one trial; where we are stays
        [{ do: 'clear' }, ...effects],
    ];
}

/**
 * The trial just logged was where advice had asked for it, not where we were: it is moved, and we with it.
 * @param {Model} model
 * @param {any} event
 * @returns {[Model, Effect[]]}
 */
function wasThere(model, event) {
    if (!model.elsewhere) return [model, []];
    const { uuid, place } = model.elsewhere;
    const [there, remember] = moved({ ...model, elsewhere: null }, at.put(model.here, place));
    const [put, effects] = enter(there, [entry(model, 'correct', event, { trial_uuid: uuid, trial: at.exposure(there.here) })], event.at);
    return [put, [...remember, ...effects]];
}

/**
 * It eats and does a cue again: how long that took is kept with the trial.
 * @param {Model} model
 * @param {any} event
 * @returns {[Model, Effect[]]}
 */
function recovered(model, event) {
    if (!model.recovering) return [model, []];
    const { uuid, from } = model.recovering;
    const seconds = Math.round((event.at - from) / 1000);
    return enter({ ...model, recovering: null }, [noted(model, 'settled', event, { seconds, trial: uuid })], event.at);
}

/**
 * @param {Model} model @param {{band: number, outcome: string}[]} logged
 * @returns {{done: number, asked: number} | null} the run, foretold while the server has not answered
 */
function foretold(model, logged) {
    const { run } = model.state;
    if (!run) return null;
    const counts = [success(model), ...ALSO_COUNT];
    const done = logged.reduce((count, { outcome, band }) => (counts.includes(outcome) && band <= 1 ? count + 1 : 0), run.done);
    return { ...run, done: Math.min(run.asked, done) };
}
