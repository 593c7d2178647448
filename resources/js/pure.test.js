import assert from 'node:assert/strict';
import { test } from 'node:test';
import { securityToken } from './security-token.js';
import { stepped } from './stepper.js';
import { mayRetry, retryDelay } from './trial-form.js';

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

test('only silence and a failing server are tried again, never a refusal', () => {
    assert.deepEqual([0, 503, 502, 429, 409, 422, 419, 404].map(mayRetry), [true, true, true, true, false, false, false, false]);
});
