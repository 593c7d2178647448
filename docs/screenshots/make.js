import { chromium } from '@playwright/test';
import config from '../../playwright.config.js';
import { logTrial, signIn, startSession } from '../../tests/Browser/steps.js';

const folder = new URL('.', import.meta.url).pathname;
const browser = await chromium.launch(config.use?.launchOptions);
const context = await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport: { width: 1280, height: 800 } });
const page = await context.newPage();

/** @param {string} name @param {string} [path] */
async function take(name, path) {
    if (path) await page.goto(path);
    await page.screenshot({ path: `${folder}${name}.png` });
}

await signIn(page);
await take('today');
await take('dog', '/dogs/1');
await take('plan', '/plans/1');
await take('new-plan', '/dogs/3/plans/create');
await take('review', '/sessions/12/review');
await take('help', '/help?q=limits');

await page.goto('/plans/1');
await page.getByRole('link', { name: 'Start a session' }).click();
await take('checklist');
await page.goBack();
await startSession(page);
for (const band of [0, 0, 0, 1]) await logTrial(page, { outcome: 'returned', band });
await take('session');
await page.setViewportSize({ width: 390, height: 844 });
await page.reload();
await page.locator('[data-ready]').waitFor();
await take('session-phone');
await page.locator('[data-do="leave"]').click();
await take('leave-now');
await page.getByRole('button', { name: 'Say later: no band' }).click();
await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
await page.reload();
await page.locator('[data-ready]').waitFor();
await take('session-phone-dark');
await browser.close();
