import { chromium } from '@playwright/test';
import config from '../playwright.config.js';
import { screen, signIn, startSession } from '../tests/Browser/steps.js';

const REPETITIONS = 60;
const EVERY = 3000;
const SLOWER = 4;
const PARTS = 40;
const browser = await chromium.launch(config.use?.launchOptions);
const page = await (
    await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport: { width: 390, height: 844 }, hasTouch: true })
).newPage();
await signIn(page);
await page.goto('/plans/4');
await startSession(page);
const devtools = await page.context().newCDPSession(page);
await devtools.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 300,
    downloadThroughput: 90_000,
    uploadThroughput: 40_000,
});
await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });

const started = Date.now();
for (let i = 0; i < REPETITIONS; i++) {
    await page.locator('[data-do="offer"]').tap();
    await page.locator(i % 10 === 9 ? '[data-do="doubt"]' : '[data-do="band-0"]').tap();
    await page.waitForTimeout(Math.max(0, started + (i + 1) * EVERY - Date.now()));
}
const seconds = Math.round((Date.now() - started) / 1000);
await screen(page).and(page.locator('[data-waiting="0"]')).waitFor({ timeout: 60_000 });
const shown = await screen(page).locator('[data-rate]').textContent();
const { trials } = await (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();
const stored = trials.map((/** @type {{outcome: string}} */ { outcome }) => outcome);
const isSame =
    stored.length === REPETITIONS &&
    stored.every((/** @type {string} */ outcome, /** @type {number} */ i) => outcome === (i % 10 === 9 ? 'taken_away' : 'reached'));
console.log(
    `${REPETITIONS} repetitions by two taps each in ${seconds} s; the screen said ${shown} a minute; ` +
        `the database holds ${stored.length}: ${isSame ? 'equal, in order' : 'DIFFERENT'}`,
);

// from the tap on a part to its details on the glass, the processor slowed as before
await page.goto('/dogs/4/handling');
const times = await page.evaluate(async (count) => {
    const links = [...document.querySelectorAll('[data-area]')];
    const times = [];
    for (let i = 0; i < count; i++) {
        const link = /** @type {SVGAElement} */ (links[(7 * i) % links.length]);
        const before = performance.now();
        link.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
        await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
        if (getComputedStyle(/** @type {Element} */ (document.getElementById(link.getAttribute('data-area') ?? ''))).display === 'none')
            return [];
        times.push(performance.now() - before);
    }
    return times.sort((a, b) => a - b);
}, PARTS);
console.log(
    times.length === PARTS
        ? `a part of the handling map opens in ${times[PARTS >> 1].toFixed(0)} ms (median), ` +
              `${times[Math.floor(0.95 * PARTS)].toFixed(0)} ms at the 95th, ${SLOWER} times slower`
        : 'a part did NOT open',
);
await browser.close();
process.exit(isSame && times.length === PARTS ? 0 : 1);
