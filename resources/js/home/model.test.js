import assert from 'node:assert/strict';
import { test } from 'node:test';
import { lastTap, tasksNow, worthKeeping } from './model.js';

const today = '2026-11-24';
const state = { day: today, known: ['a'], tasks: { 7: { planned: 3, done: 1, wrong: false } } };
/** @param {string} uuid @param {string} answer @param {object} [more] */
const rep = (uuid, answer, more = {}) => ({ uuid, kind: 'rep', at: 0, day: today, homework: 7, answer, ...more });

test('a tap counts once, whether the server knows it already or not', () => {
    assert.equal(tasksNow(state, [rep('a', 'good', { sent: true })], today)[7].done, 1);
    assert.equal(tasksNow(state, [rep('a', 'good', { sent: true }), rep('b', 'good')], today)[7].done, 2);
    assert.deepEqual(state.tasks[7], { planned: 3, done: 1, wrong: false }, 'what the server told stays as it was');
});

test('what went wrong closes the task at once, and no other answer does', () => {
    for (const answer of ['too_much', 'growl', 'stiff', 'bite'])
        assert.equal(tasksNow(state, [rep('b', answer)], today)[7].wrong, true, answer);
    for (const answer of ['good', 'not_yet', 'no']) assert.equal(tasksNow(state, [rep('b', answer)], today)[7].wrong, false, answer);
});

test('a page kept from yesterday begins at nothing, and yesterday’s taps do not count today', () => {
    const kept = { ...state, day: '2026-11-23', tasks: { 7: { planned: 3, done: 3, wrong: true } } };
    assert.deepEqual(tasksNow(kept, [rep('b', 'good', { day: '2026-11-23' })], today)[7], { planned: 3, done: 0, wrong: false });
    assert.equal(tasksNow(kept, [rep('a', 'good')], today)[7].done, 1, 'known or not: that page counted another day');
});

test('a tap is taken back before and after the server has counted it', () => {
    const undo = (/** @type {string} */ of) => ({ uuid: 'u', kind: 'undo', at: 0, day: today, of });
    assert.equal(tasksNow(state, [rep('b', 'good'), undo('b')], today)[7].done, 1);
    assert.equal(tasksNow(state, [rep('a', 'good', { sent: true }), undo('a')], today)[7].done, 0);
    assert.equal(lastTap([rep('b', 'good'), undo('b')], 7, today), undefined);
    assert.equal(lastTap([rep('b', 'good'), rep('c', 'no')], 7, today)?.uuid, 'c');
    assert.equal(lastTap([rep('b', 'good'), rep('c', 'growl')], 7, today), undefined, 'what went wrong stays');
});

test('taps of other days are let go of once they are sent, and never before', () => {
    const old = { day: '2026-11-20' };
    const entries = [rep('a', 'good', { ...old, sent: true }), rep('b', 'good', old), rep('c', 'good', { sent: true })];
    assert.deepEqual(
        worthKeeping(entries, today).map(({ uuid }) => uuid),
        ['b', 'c'],
    );
});
