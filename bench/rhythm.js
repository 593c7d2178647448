import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import config from '../playwright.config.js';
import { makePlan, screen, signIn, startSession, tapTrial } from '../tests/Browser/steps.js';

const TRIALS = 60;
const EVERY = 3000;
const browser = await chromium.launch(config.use?.launchOptions);
const page = await (
    await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport: { width: 390, height: 844 }, hasTouch: true })
).newPage();
await signIn(page);
await makePlan(page, 'Thimble', 'Market carts');
await startSession(page);
const devtools = await page.context().newCDPSession(page);
await devtools.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 300,
    downloadThroughput: 90_000,
    uploadThroughput: 40_000,
});
await devtools.send('Emulation.setCPUThrottlingRate', { rate: 4 });
let frames = 0;
devtools.on('Page.screencastFrame', ({ data, sessionId }) => {
    writeFileSync(`${process.env.WHEATEAR_FRAMES}/${String(frames++).padStart(5, '0')}.jpg`, Buffer.from(data, 'base64'));
    devtools.send('Page.screencastFrameAck', { sessionId }).catch(() => undefined);
});
await devtools.send('Page.startScreencast', { format: 'jpeg', quality: 50, maxWidth: 390, maxHeight: 844 });

/** @type {{outcome: string, band: number}[]} */
const tapped = [];
const started = Date.now();
for (let i = 0; i < TRIALS; i++) {
    const trial = i % 11 === 10 ? { outcome: 'prompted', band: 1 } : { outcome: 'returned', band: i % 9 === 8 ? 2 : i % 4 === 3 ? 1 : 0 };
    await tapTrial(page, trial);
    tapped.push(trial);
    await page.waitForTimeout(Math.max(0, started + (i + 1) * EVERY - Date.now()));
}
const seconds = Math.round((Date.now() - started) / 1000);
await screen(page).and(page.locator('[data-waiting="0"]')).waitFor({ timeout: 60_000 });
await devtools.send('Page.stopScreencast');
const { trials } = await (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();
const stored = trials.map((/** @type {{outcome: string, band: number}} */ { outcome, band }) => ({ outcome, band }));
const isSame = JSON.stringify(stored) === JSON.stringify(tapped);
console.log(
    `${tapped.length} trials in ${seconds} s, ${frames} frames; ` +
        `the database holds ${stored.length}: ${isSame ? 'equal, in order' : 'DIFFERENT'}`,
);
await browser.close();
process.exit(isSame ? 0 : 1);
