import { chromium } from '@playwright/test';
import config from '../playwright.config.js';
import { signIn } from '../tests/Browser/steps.js';

const SECONDS = 8;
const ASKED = 40;
const browser = await chromium.launch(config.use?.launchOptions);

/** @param {string} name @param {{width: number, height: number}} viewport @param {number} slowed times */
async function measure(name, viewport, slowed) {
    const page = await (await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport })).newPage();
    await signIn(page);
    await page.goto('/yard');
    await page.getByRole('button', { name: /The plain one/ }).click();
    await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: slowed });
    await page.getByRole('button', { name: 'Begin' }).click();
    // the share of pictures that came in time for sixty, or thirty, a second: what is drawn by hand between them is part of it
    const frames = await page.evaluate(async (seconds) => {
        /** @type {number[]} */
        const times = [];
        const until = performance.now() + 1000 * seconds;
        await new Promise((done) => {
            const look = (/** @type {number} */ now) => {
                times.push(now);
                if (now < until) requestAnimationFrame(look);
                else done(null);
            };
            requestAnimationFrame(look);
        });
        return times.slice(1).map((at, i) => at - (times[i] ?? 0));
    }, SECONDS);
    const sorted = frames.sort((a, b) => a - b);
    const at = (/** @type {number} */ share) => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
    console.log(
        `${name}: ${(frames.length / SECONDS).toFixed(0)} pictures a second; from one to the next ` +
            `${at(0.5).toFixed(1)} ms in the middle, ${at(0.95).toFixed(1)} ms at most in nineteen of twenty`,
    );
    return page;
}

await (await measure('phone, four times slower', { width: 390, height: 844 }, 4)).close();
const page = await measure('desk', { width: 1280, height: 800 }, 1);
// at the end of a run all of it is played anew: the longest answer there is
const answers = await page.evaluate(async (asked) => {
    const root = /** @type {HTMLElement} */ (document.querySelector('[data-yard]'));
    const acts = Array.from({ length: 200 }, (_, i) => ({ act: i % 2 ? 'mark' : 'feed', at: 500 * i }));
    /** @type {Record<string, number[]>} */
    const took = { bare: [], answer: [] };
    for (let i = 0; i < asked; i++) {
        for (const [name, url] of [
            ['bare', '/up'],
            ['answer', root.dataset.url ?? ''],
        ]) {
            const start = performance.now();
            await fetch(url ?? '', {
                method: name === 'bare' ? 'GET' : 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': root.dataset.token ?? '' },
                body: name === 'bare' ? undefined : JSON.stringify({ acts, until: 115_000 }),
            }).then((one) => one.text());
            took[name ?? '']?.push(performance.now() - start);
        }
    }
    return took;
}, ASKED);
const middle = (/** @type {number[]} */ of) => of.sort((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0;
const [bare, answer] = [middle(answers.bare ?? []), middle(answers.answer ?? [])];
console.log(
    `an answer at the end of a run: ${answer.toFixed(0)} ms, ${(answer / bare).toFixed(1)} × a bare request (${bare.toFixed(0)} ms)`,
);
await browser.close();
