import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clock, daysLater, minuteAt, onTheGrid } from './place.js';

test('a card lands on the nearest quarter hour of the day', () => {
    assert.deepEqual([359, 367, 368, 1290].map(onTheGrid), [360, 360, 375, 1275]);
    assert.equal(minuteAt(49, 24, 8), 510, 'two quarters below 8:00');
    assert.equal(clock(545), '09:05');
    assert.deepEqual([daysLater('2026-03-29', 1), daysLater('2027-01-01', -1)], ['2026-03-30', '2026-12-31']);
});
