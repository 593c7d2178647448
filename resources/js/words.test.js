import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { test } from 'node:test';
import { IntlMessageFormat } from 'intl-messageformat';
import { formatted } from './words.js';

/** @param {any} messages @returns {string[]} */
const all = (messages) => (typeof messages === 'string' ? [messages] : Object.values(messages).flatMap(all));

test('every message of a device is said as the full formatter says it', () => {
    const file = new URL('../../lang/en/device.php', import.meta.url).pathname;
    const messages = all(JSON.parse(execFileSync('php', ['-r', 'echo json_encode(require $argv[1]);', file], { encoding: 'utf8' })));
    let formats = 0;
    for (const message of messages.filter((one) => one.includes('{'))) {
        const names = [...message.matchAll(/\{(\w+)\s*(?:,\s*(\w+))?/g)].filter(
            ([, , kind]) => kind !== undefined || !message.includes(' other {'),
        );
        for (const count of [0, 1, 2, 1234.5]) {
            const facts = Object.fromEntries(
                [...names, ...message.matchAll(/\{(\w+)()\}/g)].map(([, name, kind]) => [
                    name,
                    kind === 'select' ? (count === 1 ? 'yes' : 'no') : kind === 'number' || kind === 'plural' ? count : 'a <word>',
                ]),
            );
            // a plural tells its number as it is: none of ours has a thousand of anything
            if (count === 1234.5 && message.includes('plural')) continue;
            assert.equal(formatted(message, facts), new IntlMessageFormat(message, 'en').format(facts), message);
            formats++;
        }
    }
    assert.ok(formats > 60);
});
