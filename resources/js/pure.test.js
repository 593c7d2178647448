import assert from 'node:assert/strict';
import { moved, movedTo } from './plans/ladder.js';
import { countsNow, lastTap, partsNow } from './free/model.js';
import { envelope } from './sound/player.js';
import { test } from 'node:test';
import { inputName } from './problems.js';
import { securityToken } from './device/security-token.js';
import { stepped } from './stepper.js';
import { addressOf, meaning, nextBatch, retryDelay } from './device/sender.js';
import { openQuestion } from './session/question.js';
import { Onset } from './timing/onset.js';
import { pose } from './timing/pose.js';
import { TwoClocks } from './timing/two-clocks.js';
import { elapsed, skewOf } from './session/clock.js';
import { fallback } from './session/fallback.js';
import { aim, change, exposure, isAt, nowhere, position, put, walk } from './session/here.js';
import { merged } from './session/keys.js';
import { median, ratePerMinute } from './session/rhythm.js';

test('the token is read from among other cookies and decoded', () => {
    assert.equal(securityToken('a=1; XSRF-TOKEN=abc%3D; b=2'), 'abc=');
    assert.equal(securityToken('a=1'), '');
});

test('a press moves to the next round distance, up and down', () => {
    assert.equal(stepped(17.3, 1), 18);
    assert.equal(stepped(17.3, -1), 17);
    assert.equal(stepped(80, 1), 85);
    assert.equal(stepped(6, -1), 5.5);
    assert.equal(stepped(0.5, -1), 0.5);
});

test('up and down again comes back, wherever the size of the step does not change', () => {
    for (const distance of [1, 2.5, 12, 25, 38, 45, 120]) {
        assert.equal(stepped(stepped(distance, 1), -1), distance);
    }
});

test('waits grow and stay bounded', () => {
    const waits = Array.from({ length: 20 }, (_, i) => retryDelay(i + 1));
    assert.ok(waits.every((wait, i) => i === 0 || wait >= waits[i - 1]));
    assert.equal(waits.at(-1), 30);
});

test('only a receipt lets an entry go: not a redirect, not a sign-in page, not any 200', () => {
    assert.equal(meaning({ status: 200 }, { receipts: [] }), 'receipt');
    assert.equal(meaning({ status: 0, type: 'opaqueredirect' }, null), 'sign-in');
    assert.equal(meaning({ status: 200 }, null), 'sign-in');
    assert.deepEqual(
        [401, 419, 409, 404, 422, 429, 500, 503, 0].map((status) => meaning({ status }, null)),
        ['sign-in', 'sign-in', 'other-user', 'gone', 'refused', 'retry', 'retry', 'retry', 'retry'],
    );
});

test('a batch holds the first entries of one session, in order', () => {
    const entry = (/** @type {number} */ no, /** @type {number} */ session) => ({
        no,
        uuid: String(no),
        user: 1,
        session,
        kind: 'trial',
        at: no,
    });
    assert.deepEqual(
        nextBatch([entry(1, 7), entry(2, 7), entry(3, 8), entry(4, 7)]).map((one) => one.no),
        [1, 2],
    );
    assert.equal(nextBatch(Array.from({ length: 50 }, (_, i) => entry(i, 7))).length, 20);
});

test('without the server it repeats, eases or ends, and never advances', () => {
    const state = /** @type {any} */ ({
        advice: { aim: 'advice:1', action: 'advance', next: { words: '30 m', big: '30 m', distance: 30 } },
        easier: [{ aim: 'step:2', words: '40 m', big: '40 m', distance: 40 }],
        count: 3,
        mostTrials: 60,
    });
    const after = (/** @type {[number, string][]} */ ...trials) =>
        fallback(
            state,
            trials.map(([band, outcome]) => ({ band, outcome })),
            state.advice.next,
        );
    assert.equal(
        after([0, 'returned'], [0, 'returned'], [0, 'returned'], [0, 'returned'], [0, 'returned'], [0, 'returned']).next?.distance,
        30,
    );
    assert.equal(after([3, 'not_returned']).next?.distance, 40);
    assert.equal(after([2, 'prompted'], [2, 'prompted']).next?.distance, 40);
    assert.equal(after([3, 'not_returned'], [3, 'not_returned']).action, 'end_well', 'nothing easier is known');
    assert.equal(after([0, 'returned'], [4, 'reacted'], [0, 'returned']).action, 'break');
    assert.equal(fallback({ ...state, count: 60 }, [], null).action, 'end_well');
    assert.equal(fallback({ ...state, advice: { ...state.advice, action: 'end_well', next: null }, easier: [] }, [], null).next, null);
});

test('clocks are told from timestamps', () => {
    assert.equal(elapsed(0, 61_000), '1:01');
    assert.equal(elapsed(5000, 0), '0:00');
});

test('an own key wins over the default of another action', () => {
    assert.equal(merged({})['0'], 'band-0');
    assert.equal(merged({ 'band-0': 'PageDown' })['PageDown'], 'band-0');
    assert.equal(merged({ 'band-0': 'PageDown' })['0'], undefined);
    assert.equal(merged({ leave: '1' })['1'], 'leave');
});

test('the rate is of the last minute, or of what there is of it', () => {
    const now = 1_000_000;
    const every = (/** @type {number} */ seconds, /** @type {number} */ count) =>
        Array.from({ length: count }, (_, i) => now - 1000 * seconds * i);
    assert.equal(ratePerMinute(every(3, 41), now), 20);
    assert.equal(ratePerMinute(every(3, 11), now), 20, 'half a minute in, the same pace');
    assert.equal(ratePerMinute(every(3.5, 60), now), 18);
    assert.equal(ratePerMinute([now - 5000, now], now), null, 'too little to tell');
    assert.equal(ratePerMinute([], now), null);
    // it falls while nothing happens
    assert.ok(Number(ratePerMinute(every(3, 41), now + 30_000)) <= 11);
    assert.equal(ratePerMinute(every(3, 41), now + 120_000), null);
});

test('half of the values lie on either side of the median', () => {
    assert.equal(median([]), null);
    assert.equal(median([7]), 7);
    assert.equal(median([9, 1, 4]), 4);
    assert.equal(median([9, 1, 4, 6]), 5);
});

test('a sound rises evenly in decibels, is at its level before it ends, and never over it', () => {
    const { from, to, full, end } = envelope({ fraction: 0.05, seconds: 3, onset: 2 });
    assert.ok(Math.abs(20 * Math.log10(from / to) + 30) < 1e-9, 'from 30 dB under its level');
    assert.deepEqual([to, full, end], [0.05, 2, 3]);
    assert.ok(envelope({ fraction: 1, seconds: 0.2, onset: 5 }).full < 0.2);
});

const kites = [80, 60, 45].map((distance) => ({
    values: { distance, trigger_motion: 'slow_walk' },
    distance,
    words: `${distance} m`,
    big: `${distance} m`,
}));

test('here stays until somebody changes it, and what was noted beside the plan stays with it', () => {
    const advised = { ...kites[1], aim: 'advice:2' };
    const two = change(put(nowhere(kites), { ...kites[0], aim: 'advice:1' }), 'trigger_count', 'two');
    assert.equal(isAt(two, advised), false);
    assert.deepEqual(exposure(two), { distance: '80', exposure: { trigger_motion: 'slow_walk', trigger_count: 'two' } });
    assert.equal(aim(two, advised), 'step:0', 'a trial at the old place is logged there, not where advice wants it');
    const nearer = put(two, advised);
    assert.equal(aim(nearer, advised), 'advice:2');
    assert.equal(exposure(nearer).exposure.trigger_count, 'two');
    const between = walk(nearer, '57,5');
    assert.equal(aim(between, advised), 'here');
    assert.equal(exposure(between).distance, '57.5');
});

test('two distances are one place where nobody could tell them apart, and no farther', () => {
    const here = put(nowhere(kites), kites[1]);
    assert.equal(isAt(walk(here, '61.9'), kites[1]), true);
    assert.equal(isAt(walk(here, '62.4'), kites[1]), false);
});

test('a step left by one value is that step no more, and is again when the value comes back', () => {
    const steps = [
        { values: { contact: 'hover', gap: 20 }, distance: null, words: 'a hand near', manner: 'food after' },
        { values: { contact: 'touch', gap: 0 }, distance: null, words: 'a touch', manner: 'food during' },
    ];
    const near = put(nowhere(steps), { ...steps[0], aim: 'advice:1' });
    assert.equal(near.place?.manner, 'food after');
    const left = change(near, 'gap', 10);
    assert.deepEqual([position(left), aim(left, steps[1])], [-1, 'here']);
    assert.equal(position(change(left, 'gap', 20.5)), 0, 'half a centimeter is no other place');
    const touched = put(left, steps[1]);
    assert.deepEqual([position(touched), touched.place?.manner], [1, 'food during']);
});

test('a grade two bands milder than what was ticked is asked about, one band milder is not, and a freeze always is', () => {
    const trial = (/** @type {number} */ band, /** @type {number} */ proposed, /** @type {string[]} */ ...signs) =>
        openQuestion({ uuid: 'a', band, proposed, signs }, ['stiff', 'freeze']);
    assert.deepEqual(trial(1, 3, 'cower'), { about: 'band', trial: 'a', band: 3 });
    assert.equal(trial(2, 3, 'cower'), null);
    assert.deepEqual(trial(1, 2, 'stiff'), { about: 'band', trial: 'a', band: 3 }, 'one band, but stiffness is no easy trial');
    assert.equal(trial(2, 2, 'stiff'), null);
    assert.equal(trial(0, 3), null, 'nothing was ticked');
    assert.equal(openQuestion(undefined, []), null);
});

test('the focus stays with the step that was edited, where it stands now', () => {
    assert.equal(moved('up:3'), 'up:2');
    assert.equal(moved('down:3'), 'down:4');
    assert.equal(moved('split:3'), 'split:3');
    assert.equal(moved('undo'), 'undo');
    assert.equal(movedTo('up:3'), 2);
});

test('a session has one clock: a phone that is off by a day is told, one that is off by a moment is right', () => {
    assert.equal(skewOf(1_000_000, 1_000_000 + 86_400_000), -86_400_000);
    assert.equal(skewOf(1_005_000, 1_000_000), 5000);
    assert.equal(skewOf(1_004_999, 1_000_000), 0);
    assert.equal(skewOf(Number.NaN, 1_000_000), 0);
});

test('counts without the server: taps add one, one taken back takes one away, and undo goes back past it', () => {
    const entry = (/** @type {string} */ uuid, /** @type {string} */ kind, /** @type {any} */ data, /** @type {string} */ of = '') => ({
        uuid,
        kind,
        data,
        of,
        user: 1,
        session: 1,
        at: 0,
    });
    const waiting = [entry('a', 'seen', { kind: 'looked' }), entry('b', 'seen', { kind: 'startled' })];
    assert.deepEqual(countsNow({ looked: 2 }, waiting), { looked: 3, startled: 1 });
    assert.deepEqual(lastTap([{ uuid: 's', kind: 'looked' }], waiting), { uuid: 'b', kind: 'startled' });
    waiting.push(entry('c', 'put_right', { isOut: true, kind: 'startled' }, 'b'), entry('d', 'put_right', { what: 'jogger' }, 'a'));
    assert.deepEqual(countsNow({ looked: 2 }, waiting), { looked: 3, startled: 0 });
    assert.equal(lastTap([{ uuid: 's', kind: 'looked' }], waiting)?.uuid, 'a');
    assert.equal(lastTap([], []), null);
    const part = entry('e', 'seen', { kind: 'part', what: 'ear', side: 'left', band: '2' });
    assert.deepEqual(partsNow({ 'ear left': 0, 'tail both': 1 }, [part]), { 'ear left': 2, 'tail both': 1 });
    assert.deepEqual(partsNow({}, [part, entry('f', 'put_right', { band: 3 }, 'e')]), { 'ear left': 3 });
});

test('entries of sessions with a ladder and without one that share a number are never sent together', () => {
    const base = { kind: 'x', user: 1, session: 7, at: 0 };
    const entries = [
        { ...base, uuid: 'a' },
        { ...base, uuid: 'b', isFree: true },
    ];
    assert.deepEqual(
        nextBatch(entries).map(({ uuid }) => uuid),
        ['a'],
    );
    assert.deepEqual(entries.map(addressOf), ['/sessions/7/entries', '/free-sessions/7/entries']);
});

test('a field is found by the name that its error has', () => {
    assert.equal(inputName('distance'), 'distance');
    assert.equal(inputName('steps.0.do'), 'steps[0][do]');
});

test('a clicker is heard to the millisecond, and neither a hum nor its own ringing is', () => {
    const rate = 48_000;
    const samples = new Float32Array(3 * rate);
    // a hum, and some noise
    for (let i = 0; i < samples.length; i++) samples[i] = 0.05 * Math.sin((2 * Math.PI * 120 * i) / rate) + 0.002 * Math.sin(i * 12.9898);
    const clicks = [0.5, 1.2, 2.4371];
    for (const at of clicks)
        for (let i = 0; i < 0.02 * rate; i++)
            samples[Math.round(at * rate) + i] += 0.5 * Math.exp(-i / 200) * Math.sin((2 * Math.PI * 3200 * i) / rate);
    const onset = new Onset(rate);
    const found = [];
    for (let i = 0; i < samples.length; i += 128) found.push(...onset.hear(samples.subarray(i, i + 128)));
    assert.equal(found.length, clicks.length);
    for (const [i, at] of clicks.entries()) assert.ok(Math.abs(found[i] - at) < 0.003, `${found[i]} for ${at}`);
});

test('the drawn dog does what its script says at each moment, and is still between', () => {
    const episodes = [
        { act: 'palm', comes: 1000, from: 1500, until: 1800, wants: 'mark', amount: 0 },
        { act: 'lick', comes: 4000, from: 4300, until: 4500, wants: 'mark', amount: 0 },
        { act: 'half_touch', comes: 6000, from: 6500, until: 6800, wants: null, amount: 0 },
    ];
    const at = (/** @type {number} */ when) => pose(episodes, when, 'palm');
    assert.deepEqual([at(999).reach, at(1250).reach, at(1500).reach, at(1800).reach, at(2100).reach], [0, 0.485, 1, 1, 0]);
    assert.ok(at(1499).reach < 1, 'the nose is on the palm from its start, and not before');
    assert.deepEqual([at(4299).tongue, at(4300).tongue, at(4500).tongue, at(4501).tongue], [false, true, true, false]);
    assert.equal(at(6650).reach, 0.6);
});

test('words that come late do not move the clock, and a drift of the last seconds does', () => {
    const clocks = new TwoClocks();
    assert.equal(clocks.here(1), null);
    for (const [there, late] of [
        [1.0, 30],
        [1.2, 4],
        [1.4, 60],
        [1.6, 0],
        [1.8, 25],
    ])
        clocks.told(there, 500 + 1000 * there + late);
    assert.equal(clocks.here(2), 2500);
    clocks.told(9, 9507);
    assert.equal(clocks.here(9.1), 9607);
});

test('what is told of a film', async (t) => {
    const { Told } = await import('./film/told.js');
    const none = () => new Told({ length: 60_000, states: [], happenings: [], trials: [] });
    await t.test('a state said again changes nothing, one said at the same moment takes its place', () => {
        const told = none();
        assert.equal(told.tell('ears', 'forward', 1000), true);
        assert.equal(told.tell('ears', 'forward', 2000), false);
        told.tell('ears', 'back', 1000);
        assert.deepEqual(told.seen.states, [{ part: 'ears', state: 'back', at: 1000 }]);
        assert.deepEqual([told.stateAt('ears', 999), told.stateAt('ears', 1000), told.stateAt('brow', 2000)], [null, 'back', null]);
    });
    await t.test('a trial is drawn from either end, waits for its band, and never lies over another', () => {
        const told = none();
        assert.deepEqual([told.edge(9000), told.edge(4000)], ['begun', 'drawn']);
        assert.deepEqual(told.seen.trials, []);
        assert.equal(told.grade(2, 50_000), true);
        assert.deepEqual(told.seen.trials, [{ from: 4000, until: 9000, band: 2 }]);
        told.edge(8999);
        assert.equal(told.edge(12_000), 'over');
        told.edge(9000);
        assert.equal(told.edge(9000), 'over');
        told.edge(9000);
        assert.equal(told.edge(12_000), 'drawn');
        told.grade(0, 0);
        // the band of one that is there already
        assert.equal(told.grade(3, 4000), true);
        assert.equal(told.grade(3, 3999), false);
        assert.deepEqual(
            told.seen.trials.map(({ band }) => band),
            [3, 0],
        );
    });
    await t.test('what has only begun is taken back first, then the last change', () => {
        const told = none();
        told.happen('mark', 5);
        told.edge(7);
        assert.equal(told.undo(), false);
        assert.equal(told.begun, null);
        assert.equal(told.undo(), true);
        assert.deepEqual(told.seen.happenings, []);
        assert.equal(told.undo(), false);
    });
});
