#!/usr/bin/env node
// A clicker that counts, which is not there: each line typed is a click. It logs them as reps of one task at home, over the same
// address that any program may use (resources/api/openapi.json); what has no receipt yet waits in a file and is sent again.
import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { parseArgs } from 'node:util';
import createClient from 'openapi-fetch';

/** @typedef {import('../var/api/openapi').components['schemas']['HomeEntries']['entries'][number]} Entry */

const USAGE = `devices/clicker-counter.js --address https://…/api/v1 --token TOKEN --dog 1 --task 3 [--kept FILE]

  An empty line, or anything but these, is a good one.
  n   not yet
  u   takes the last one back
  The token needs the scope “log”.
`;

const { values } = parseArgs({
    options: {
        address: { type: 'string' },
        token: { type: 'string' },
        dog: { type: 'string' },
        task: { type: 'string' },
        kept: { type: 'string', default: 'clicker-counter.json' },
        help: { type: 'boolean' },
    },
});
const [dog, homework] = [Number(values.dog), Number(values.task)];
if (values.help || !values.address || !values.token || !Number.isInteger(dog) || !Number.isInteger(homework)) {
    (values.help ? process.stdout : process.stderr).write(USAGE);
    process.exit(values.help ? 0 : 2);
}

/** @type {import('openapi-fetch').Client<import('../var/api/openapi').paths>} */
const client = createClient({ baseUrl: values.address, headers: { Authorization: `Bearer ${values.token}` } });
const kept = /** @type {string} */ (values.kept);
/** @type {Entry[]} */
let waiting = existsSync(kept) ? JSON.parse(readFileSync(kept, 'utf8')) : [];
/** @type {string | null} */
let last = null;
let sending = Promise.resolve();

const keep = () => writeFileSync(kept, JSON.stringify(waiting));

/** @param {string} line */
function click(line) {
    const at = Date.now();
    if (line === 'u') {
        if (last === null) return;
        waiting.push({ uuid: randomUUID(), kind: 'undo', of: last, at, sent_at: at });
        last = null;
    } else {
        last = randomUUID();
        waiting.push({ uuid: last, kind: 'rep', homework, answer: line === 'n' ? 'not_yet' : 'good', at, sent_at: at });
    }
    keep();
    sending = sending.then(send);
}

/** Oldest first; only what a receipt names is forgotten. */
async function send() {
    if (waiting.length === 0) return;
    const sent_at = Date.now();
    const entries = waiting.slice(0, 100).map((entry) => ({ ...entry, sent_at }));
    try {
        const { data, error, response } = await client.POST('/dogs/{dog}/home-entries', { params: { path: { dog } }, body: { entries } });
        if (data === undefined) {
            process.stderr.write(`${response.status}: ${error?.message ?? 'no answer'}\n`);
            return;
        }
        data.receipts.forEach((receipt, i) => process.stdout.write(`${entries[i].kind} ${receipt.result} ${receipt.message ?? ''}\n`));
        waiting = waiting.slice(data.receipts.length);
        keep();
    } catch {
        process.stderr.write(`No connection: ${waiting.length} kept in ${kept}.\n`);
    }
}

for await (const line of createInterface({ input: process.stdin })) click(line.trim());
await sending.then(send);
process.exitCode = waiting.length === 0 ? 0 : 1;
