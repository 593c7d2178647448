import { chromium } from '@playwright/test';
import config from '../playwright.config.js';
import { signIn } from '../tests/Browser/steps.js';

const DRAGS = 60;
const browser = await chromium.launch(config.use?.launchOptions);
const page = await (await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport: { width: 1280, height: 800 } })).newPage();
await signIn(page);
await page.goto('/plans/1');
await page.getByRole('link', { name: 'Seawall path, from above' }).click();
await page.locator('[data-handle="right"]').waitFor();

/** @param {number[]} times */
const told = (times) => {
    const sorted = [...times].sort((a, b) => a - b);
    return { median: sorted[sorted.length >> 1], most: sorted[Math.floor(0.95 * sorted.length)] };
};
const { drags, requests } = await page.evaluate(async (count) => {
    const form = /** @type {HTMLFormElement} */ (document.querySelector('[data-sketch]'));
    const box = /** @type {HTMLElement} */ (form.querySelector('[data-numbers-box]'));
    const drawing = /** @type {SVGSVGElement} */ (form.querySelector('[data-drawing]'));
    const handle = () => /** @type {SVGElement} */ (drawing.querySelector('[data-handle="right"]'));
    const at = handle().getBoundingClientRect();
    const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
    const drags = [];
    const requests = [];
    handle().dispatchEvent(new PointerEvent('pointerdown', { clientX: x, clientY: y, bubbles: true, cancelable: true }));
    for (let i = 0; i < count; i++) {
        const changed = new Promise((resolve) =>
            new MutationObserver((_, observer) => {
                observer.disconnect();
                requestAnimationFrame(() => resolve(performance.now()));
            }).observe(box, { childList: true }),
        );
        const before = performance.now();
        dispatchEvent(new PointerEvent('pointermove', { clientX: x + 20 + (i % 7) * 6, clientY: y, bubbles: true }));
        drags.push((await changed) - before);
        const query = new URLSearchParams(
            [...new FormData(form)]
                .filter(([key]) => !key.startsWith('_') && !key.startsWith('passes'))
                .map(([key, value]) => [key, String(value)]),
        );
        const asked = performance.now();
        await (await fetch(`${form.dataset.numbersUrl}?${query}`, { headers: { Accept: 'application/json' } })).text();
        requests.push(performance.now() - asked);
    }
    dispatchEvent(new PointerEvent('pointerup', { bubbles: true }));
    return { drags, requests };
}, DRAGS);
const [drag, request] = [told(drags), told(requests)];
console.log(
    `drag to numbers ${drag.median.toFixed(0)} ms in the median, ${drag.most.toFixed(0)} ms at the 95th; ` +
        `the request alone ${request.median.toFixed(0)} ms; ratio ${(drag.median / request.median).toFixed(2)}   (n = ${DRAGS}, in turn)`,
);
await browser.close();
