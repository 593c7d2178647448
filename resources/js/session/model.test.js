import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import Ajv2020 from 'ajv/dist/2020.js';
import { nowhere } from './here.js';
import { ACTIONS } from './keys.js';
import { advised, begin, isPlausible, isWatching, meant, pictured, reduce, since } from './model.js';

/** @typedef {import('./model.js').Model} Model */
/** @typedef {import('./model.js').Effect} Effect */

const NOW = 1_700_000_000_000;
const isState = new Ajv2020({ strictTypes: false }).compile(
    JSON.parse(readFileSync(new URL('../../contract/session-state.json', import.meta.url), 'utf8')),
);
const steps = [60, 40, 30].map((distance) => ({ values: { distance }, distance, words: `${distance} m`, big: `${distance} m` }));
const outcomes = {
    marked_look: ['turned_at_mark', 'slow_to_mark', 'mark_unanswered', 'locked_on'],
    wait: ['returned', 'watched', 'prompted', 'not_returned'],
};
const fixed = {
    user: 1,
    session: 7,
    device: 'phone',
    isLadder: true,
    isUnderHand: false,
    farthest: 500,
    outcomes,
    alarm: ['freeze'],
    pieces: 0,
};

/** A session after two easy trials at 40, advised to 30. @param {object} [more] */
function state(more = {}) {
    const told = {
        format: 1,
        session: 7,
        version: 12,
        device: 'phone',
        ended: false,
        sequence: 2,
        count: 2,
        startedAt: NOW - 60_000,
        setStartedAt: null,
        setMinutes: 5,
        mostTrials: 20,
        asked: 'wait',
        run: { done: 2, asked: 5 },
        advice: {
            id: 12,
            aim: 'advice:12',
            action: 'advance',
            label: 'Nearer',
            next: { ...steps[2], detail: '' },
            reasons: [{ code: 'run', sentence: 'Two in a row.' }],
            alternatives: [{ aim: 'alt:12:0', dimension: 'noise', choice: 'quiet', helped: 0, change: 'quieter' }],
            risk: null,
        },
        trials: ['a', 'b'].map((uuid) => ({ uuid, band: 0, outcome: 'returned', proposed: 0, signs: [] })),
        rhythm: { at: [], accepted: 2, declined: 0 },
        here: steps[1],
        easier: [{ ...steps[0], aim: 'step:0' }],
        ...more,
    };
    assert.ok(isState(told), JSON.stringify(isState.errors));
    return /** @type {any} */ (told);
}

/** @param {object} [more] of the state @param {object} [own] of what does not change @returns {Model} */
const model = (more, own) => begin({ ...fixed, ...own }, state(more), nowhere(steps));

let made = 0;
const typed = { signs: [], food: 'gently', food_gone: false, interrupted: false, slip: null, note: null };

/**
 * @param {Model} before
 * @param {any[]} events one after the other, a second each
 * @returns {[Model, Effect[]]} with the effects of the last
 */
function after(before, ...events) {
    /** @type {Effect[]} */
    let effects = [];
    let now = before;
    for (const [i, event] of events.entries())
        [now, effects] = reduce(now, { at: NOW + 1000 * i, uuid: `made-${++made}`, typed, measured: {}, ...event });
    return [now, effects];
}

/** @param {Effect[]} effects */
const named = (effects) => effects.map((effect) => effect.do);

test('a tap is one trial at the place where we are, told what it was aimed at, and shown before it is kept', () => {
    const [logged, effects] = after(model(), { type: 'log', band: 0, outcome: 'returned' });
    const [entry] = logged.waiting;
    assert.deepEqual([entry.kind, entry.user, entry.session, entry.sequence], ['trial', 1, 7, 3]);
    assert.deepEqual([entry.trial?.distance, entry.trial?.aim, entry.trial?.band], ['40', 'step:1', 0]);
    assert.deepEqual(named(effects), ['clear', 'store']);
    const shown = pictured(logged, NOW + 10);
    assert.deepEqual([shown.count, shown.run?.done, shown.latest.at(-1)], [3, 3, { band: 0, isWaiting: true }]);
});

test('advice only proposes: here moves by a tap, and a trial logged before it can be said to have been there', () => {
    assert.equal(pictured(model(), NOW).hasProposal, true);
    const [gone, effects] = after(model(), { type: 'go' });
    assert.deepEqual([gone.here.place?.distance, pictured(gone, NOW).hasProposal, named(effects)], [30, false, ['remember']]);
    const [logged] = after(gone, { type: 'log', band: 0, outcome: 'returned' });
    assert.deepEqual([logged.waiting[0].trial?.aim, logged.elsewhere], ['advice:12', null]);

    const [stayed] = after(model(), { type: 'log', band: 0, outcome: 'returned' });
    const [moved, told] = after(stayed, { type: 'afterward', at: NOW + 9_999 });
    const correction = moved.waiting[1];
    assert.deepEqual([correction.kind, correction.trial_uuid, correction.trial?.distance], ['correct', stayed.waiting[0].uuid, '30']);
    assert.deepEqual([moved.here.place?.distance, named(told)], [30, ['remember', 'store']]);
    assert.equal(after(stayed, { type: 'afterward', at: NOW + 10_000 })[0].waiting.length, 1, 'ten seconds later it is not asked any more');
});

test('a reaction is no outcome of the others; whether it came is asked, and the answer stands beside it', () => {
    const [over] = after(model(), { type: 'log', band: 4, outcome: 'returned' });
    assert.deepEqual([over.waiting[0].trial?.outcome, over.question?.about], ['reacted', 'came']);
    const [came] = after(over, { type: 'answer', isYes: true });
    assert.deepEqual(came.waiting[1].trial, { outcome: 'reacted_came' });
    assert.equal(came.question, null);
    assert.equal(after(over, { type: 'answer', isYes: false })[0].waiting.length, 1);
    assert.equal(after(model({}, { isUnderHand: true }), { type: 'log', band: 4, outcome: 'reached' })[0].question, null);
});

test('refused food is asked back, unless it reacted; a question goes when the next trial is logged', () => {
    const refused = { type: 'log', band: 1, outcome: 'returned', typed: { ...typed, food: 'refused' } };
    const [asked] = after(model(), refused);
    assert.equal(asked.question?.about, 'food');
    assert.deepEqual(after(asked, { type: 'answer', isYes: true })[0].waiting[1].trial, { food: 'later' });
    assert.equal(after(asked, { type: 'log', band: 0, outcome: 'returned' })[0].question, null);
    assert.equal(after(model(), { ...refused, band: 4 })[0].question?.about, 'came');
    assert.equal(after(model(), { type: 'log', band: 0, outcome: 'quiet_pass' })[0].waiting[0].trial?.food, 'not_offered');
});

test('with the last piece that was counted it is asked whether the food is used up, and that is kept with the trial', () => {
    const log = { type: 'log', band: 0, outcome: 'returned' };
    const counted = model({}, { pieces: 4 });
    assert.equal(after(counted, log)[0].question, null);
    const [last] = after(counted, log, log);
    assert.deepEqual([last.question?.about, last.question?.pieces], ['gone', 4]);
    assert.deepEqual(after(last, { type: 'answer', isYes: true })[0].waiting[2].trial, { food_gone: true });
    assert.equal(after(last, { type: 'answer', isYes: false }, log)[0].question, null, 'not again');
    assert.equal(after(counted, log, { ...log, typed: { ...typed, food_gone: true } })[0].question, null, 'said already');
    assert.equal(after(model(), log, log)[0].question, null, 'nobody counted');
});

test('a grade that its signs speak against is asked about once; under the hand a yes takes the hands off', () => {
    const frozen = { trials: [{ uuid: 'a', band: 0, outcome: 'reached', proposed: 3, signs: ['freeze'] }], version: 13 };
    const receipt = { type: 'receipt', receipts: [], state: state(frozen), serverAt: NaN };
    const [asked] = after(model(undefined, { isUnderHand: true }), receipt);
    assert.deepEqual(asked.question, { about: 'band', trial: 'a', band: 3 });
    const [yes, effects] = after(asked, { type: 'answer', isYes: true });
    assert.deepEqual([yes.waiting[0].trial, named(effects)], [{ band: 3 }, ['store', 'leave']]);
    const [no] = after(asked, { type: 'answer', isYes: false }, receipt);
    assert.deepEqual([no.waiting[0].event, no.question], ['kept_grade', null], 'both are kept, and it is not asked again');
});

test('a hard trial is timed until the dog is fine again', () => {
    const [hard] = after(model(), { type: 'log', band: 2, outcome: 'watched' });
    const [fine] = after({ ...hard, elsewhere: null }, { type: 'afterward', at: NOW + 42_000 });
    assert.deepEqual([fine.waiting[1].event, fine.waiting[1].data], ['settled', { seconds: 42, trial: hard.waiting[0].uuid }]);
    assert.equal(fine.recovering, null);
    assert.equal(after(model(), { type: 'log', band: 1, outcome: 'watched' })[0].recovering, null);
});

test('a batch is as many trials, in order, a millisecond apart', () => {
    const [many] = after(model(), { type: 'batch', uuids: ['x', 'y', 'z'], measured: { hold_ms: 500 } });
    assert.deepEqual(
        many.waiting.map(({ uuid, sequence, at }) => [uuid, sequence, at - NOW]),
        [
            ['x', 3, 0],
            ['y', 4, 1],
            ['z', 5, 2],
        ],
    );
    assert.equal(many.waiting[2].trial?.hold_ms, 500);
    assert.equal(pictured(many, NOW).run?.done, 5, 'a run has no more than it asks for');
});

test('undo takes back what waits first, then what the server has', () => {
    const [one] = after(model(), { type: 'log', band: 0, outcome: 'returned' }, { type: 'undo' });
    assert.deepEqual([since(one), pictured(one, NOW).count], [[], 2]);
    const [two] = after(one, { type: 'undo' });
    assert.deepEqual([pictured(two, NOW).count, pictured(two, NOW).latest.length], [1, 1]);
});

test('what is asked has outcomes of its own, and the keys of the four go by their place', () => {
    const [marked] = after(model(), { type: 'asked', asked: 'marked_look' });
    assert.equal(marked.chosen, 'turned_at_mark');
    assert.equal(after(marked, { type: 'choose', outcome: 'prompted' })[0].chosen, 'mark_unanswered');
    assert.equal(after(marked, { type: 'choose', outcome: 'locked_on' })[0].chosen, 'locked_on');
    assert.deepEqual([pictured(marked, NOW).askNext, after(marked, { type: 'ask_next' })[0].here.asked], ['wait', 'wait']);
    const [picked] = after(marked, { type: 'choose', outcome: 'locked_on' }, { type: 'log', band: 3, outcome: 'locked_on' });
    assert.equal(picked.chosen, 'turned_at_mark', 'a pick is for one trial');
});

test('without an answer the cautious rule of the device speaks up, at once offline; it never goes nearer', () => {
    const [late] = after(model(), { type: 'log', band: 3, outcome: 'not_returned' });
    assert.equal(advised(late, NOW + 900).action, 'advance', 'the server has a moment');
    const own = advised(late, NOW + 901);
    assert.deepEqual([own.action, own.next?.distance, own.why[1]], ['ease', 60, { code: 'offline' }]);
    const [cut, effects] = after(late, { type: 'network', status: 'retry', waiting: 1 });
    assert.equal(advised(cut, NOW).action, 'ease');
    assert.deepEqual(effects, [{ do: 'tell', key: 'no_connection', facts: { waiting: 1 }, status: 'retry' }]);
    const [back] = after(cut, {
        type: 'receipt',
        receipts: [{ uuid: late.waiting[0].uuid, result: 'logged' }],
        state: state({ version: 14 }),
    });
    assert.deepEqual([back.waiting, advised(back, NOW + 9_000).action], [[], 'advance']);
});

test('an older answer changes nothing, a newer one is kept; what could not be filed is told', () => {
    const [old, none] = after(model(), { type: 'receipt', receipts: [], state: state({ version: 11, count: 1 }), serverAt: NaN });
    assert.deepEqual([old.state.count, named(none)], [2, ['skew', 'speak']]);
    const [, told] = after(model(), {
        type: 'receipt',
        receipts: [{ uuid: 'q', result: 'unfiled', message: 'Distance: too far.' }],
        state: state({ version: 13 }),
        serverAt: NaN,
    });
    assert.deepEqual(told[1], { do: 'tell', key: 'unfiled', facts: { why: 'Distance: too far.' } });
    assert.deepEqual(named(told), ['skew', 'tell', 'keep', 'speak']);
    const [dayOff] = after(model(), { type: 'receipt', receipts: [], serverAt: NOW + 86_400_000 });
    assert.equal(dayOff.skew, 86_400_000);
});

test('another device logs: this one looks on, grades the last trial, and takes over by a tap', () => {
    const watching = model({ device: 'tablet' });
    assert.equal(isWatching(watching), true);
    assert.deepEqual(meant(watching, 'band-2'), { type: 'grade', band: 2 });
    assert.deepEqual([meant(watching, 'undo'), meant(watching, 'go'), meant(watching, 'leave')], [null, null, null]);
    const [graded, effects] = after(watching, { type: 'grade', band: 2 });
    assert.deepEqual([graded.waiting[0].trial_uuid, graded.waiting[0].band, named(effects)], ['b', 2, ['store', 'tell']]);
    const [taken] = after(watching, { type: 'take' });
    assert.equal(isWatching(taken), false, 'at once, before the server has answered');
    const [followed] = after(watching, { type: 'live', state: state({ device: 'tablet', version: 13, here: steps[0] }) });
    assert.equal(followed.here.place?.distance, 60, 'we are where it is');
    const [over, told] = after(watching, { type: 'live', state: state({ device: 'tablet', ended: true }) });
    assert.deepEqual([over, named(told)], [watching, ['review']]);
    const [busy] = after(model(), { type: 'log', band: 0, outcome: 'returned' });
    assert.equal(after(busy, { type: 'live', state: state({ version: 99 }) })[0], busy, 'what waits here is newer');
});

test('another tab has handed over what waited; a reload finds what does', () => {
    const [two] = after(model(), { type: 'log', band: 0, outcome: 'returned' }, { type: 'log', band: 1, outcome: 'returned' });
    const [shared] = after(two, { type: 'shared', uuids: [two.waiting[1].uuid] });
    assert.deepEqual(shared.waiting, [two.waiting[1]]);
    assert.deepEqual(after(model(), { type: 'waits', entries: two.waiting })[0].waiting, two.waiting);
    const here = { ...nowhere(steps), place: steps[0], asked: 'marked_look', who: ['hat'] };
    const again = begin(fixed, state(), here);
    assert.deepEqual([again.here.place?.distance, again.chosen, again.here.who], [60, 'turned_at_mark', ['hat']]);
});

test('a break is timed from its start, and a second tap ends and notes it', () => {
    const [on, started] = after(model(), { type: 'break' });
    assert.deepEqual([on.brokeAt, on.waiting, started], [NOW, [], [{ do: 'break', at: NOW }]]);
    const [off, ended] = after(on, { type: 'break' });
    assert.deepEqual([off.brokeAt, off.waiting[0].kind, named(ended)], [0, 'break_over', ['break', 'store']]);
});

test('every action that a key may be given to means something, on a ladder and under the hand', () => {
    const used = ['froze', 'offer', 'hold', 'toss', 'play', 'batch', 'leave', 'mark', 'stare', 'countdown', 'pace', 'voice', 'keys'];
    for (const under of [model(), model({}, { isUnderHand: true, farthest: null, outcomes: { touch: ['reached', 'left_early'] } })])
        for (const [action] of ACTIONS) {
            const event = meant(under, action);
            assert.ok(event, action);
            if (event.type === 'use') assert.ok([...used, 'nearer', 'farther'].includes(String(event.what)), action);
            // none of them leaves the model without something to show
            else assert.ok(pictured(after(under, event)[0], NOW), action);
        }
    assert.deepEqual(meant(model({}, { farthest: null }), 'nearer'), { type: 'step', by: 1 });
    assert.deepEqual(meant(model(), 'nearer'), { type: 'use', what: 'nearer' });
    assert.deepEqual(meant(model(), 'good'), { type: 'log', band: 0, outcome: 'returned' });
    assert.deepEqual(meant(model(), 'doubt'), { type: 'log', band: 2, outcome: 'taken_away' });
});

test('counts, notes and who handles are entries too', () => {
    const [counted] = after(model(), { type: 'seen' }, { type: 'look_back' }, { type: 'handler', person: 4 });
    assert.deepEqual(counted.counts, { seen: 1, lookBacks: 1 });
    assert.deepEqual(
        counted.waiting.map(({ kind, event, data }) => event ?? [kind, data]),
        ['trigger_seen', 'look_back', ['handler', { person: 4 }]],
    );
});

test('a distance that cannot be is none', () => {
    const at = (/** @type {string} */ distance) => isPlausible(after(model(), { type: 'walk', distance })[0]);
    assert.deepEqual(['500', '500.1', '0', '-3', 'far', '0,5'].map(at), [true, false, false, false, false, true]);
    assert.equal(isPlausible(model({}, { farthest: null })), true);
});
