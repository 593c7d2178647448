import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, signIn } from './steps.js';

/** @typedef {import('./steps.js').Page} Page */

/** A microphone that hears made-up clicks at the times it is told. @param {Page} page */
async function withMadeUpClicks(page) {
    await page.addInitScript(() => {
        const context = new AudioContext();
        const heard = context.createMediaStreamDestination();
        navigator.mediaDevices.getUserMedia = async () => {
            await context.resume();
            return heard.stream;
        };
        Object.assign(window, {
            /** @param {number} at the page's clock, milliseconds */
            clickAt: (at) => {
                const noise = new AudioBuffer({ length: 480, sampleRate: 48_000 });
                const samples = noise.getChannelData(0);
                for (let i = 0; i < samples.length; i++) samples[i] = 0.8 * Math.exp(-i / 120) * Math.sin(0.42 * i);
                const source = new AudioBufferSourceNode(context, { buffer: noise });
                source.connect(heard);
                // shortly before: the clock of sound and that of the page drift apart where nothing plays
                const start = () => source.start(Math.max(0, context.currentTime + (at - performance.now()) / 1000));
                setTimeout(start, Math.max(0, at - performance.now() - 200));
            },
        });
    });
}

/** @param {Page} page @param {string} root @returns {Promise<number>} the page's clock at its start */
async function started(page, root) {
    await expect(page.locator(root)).toHaveAttribute('data-started', /\d/);
    return Number(await page.locator(root).getAttribute('data-started'));
}

/** @param {Page} page @param {number[]} times */
const click = (page, times) => page.evaluate((all) => all.forEach((at) => /** @type {any} */ (window).clickAt(at)), times);

test('clicks at known times are judged for what they fell on, as finely as the device was measured', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size, and long');
    const found = complaints(page);
    await withMadeUpClicks(page);
    await signIn(page);
    await page.getByText('Menu').click();
    await page.getByRole('link', { name: 'My handling' }).click();
    await page.getByLabel('Mark by').selectOption('clicker');
    await page.getByRole('button', { name: /Word or clicker/ }).click();
    await expect(page.getByText('Measure this device first')).toBeVisible();

    // forty milliseconds late at every beat: that is the device, and is taken off from then on
    await page.getByRole('button', { name: 'Begin' }).click();
    let start = await started(page, '[data-metronome]');
    await click(
        page,
        Array.from({ length: 14 }, (_, i) => start + 1200 + 1000 * i + 40),
    );
    await expect(page.getByText(/^Measured: \d+ ms ± \d+ ms/)).toBeVisible({ timeout: 40_000 });
    const [, delay, spread] = ((await page.getByText(/^Measured/).textContent()) ?? '').match(/(\d+) ms ± (\d+)/) ?? [];
    // the made-up microphone has a delay of its own, as real ones do, and on a busy machine an uneven one
    expect(Number(delay)).toBeLessThanOrEqual(400);
    expect(Number(spread)).toBeLessThanOrEqual(60);
    await expectAccessible(page, 'a measured device');
    await page.getByRole('link', { name: 'To the drills' }).click();

    await page.getByLabel('Mark by').selectOption('clicker');
    await page.getByRole('button', { name: /Word or clicker/ }).click();
    await page.getByRole('button', { name: 'Begin' }).click();
    start = await started(page, '[data-round]');
    await expectAccessible(page, 'a round');
    // the first part of the round, a tenth of a second after each begins, as this device hears it
    const parts = (await page.locator('[data-round]').getAttribute('data-parts')) ?? '[]';
    const wanted = JSON.parse(parts)
        .flat()
        .filter((/** @type {any} */ one) => one.wants === 'mark');
    await click(
        page,
        wanted.map((/** @type {any} */ one) => start + one.from + 100 + 40),
    );
    const late = [];
    for (const { until } of wanted) {
        await page.waitForFunction((at) => performance.now() >= at, start + until + 500, { polling: 'raf' });
        await expect(page.locator('[data-said]')).toHaveText('On the touch.');
        // the lane is a second wide, the mark in its middle
        late.push((200 - Number(await page.locator('[data-lane-act]').getAttribute('x'))) / 400);
    }
    // to a frame, or to what the device left open
    const median = late.sort((a, b) => a - b)[Math.floor(late.length / 2)];
    expect(Math.abs((median ?? 0) - 0.1)).toBeLessThanOrEqual(Math.max(0.02, Number(spread) / 1000));
    expect(found).toEqual([]);
});

test('a late mark is told at once by key, and a microphone that is refused leaves the keys', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size, and long');
    await page.addInitScript(() => {
        navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
    });
    await signIn(page, 'ines');
    await page.goto('/timing/device?mark_by=sound');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText('the microphone was refused')).toBeVisible();

    await page.goto('/timing/device');
    await page.getByRole('button', { name: 'Begin' }).click();
    const beat = await started(page, '[data-metronome]');
    const until = (/** @type {number} */ at) => page.waitForFunction((when) => performance.now() >= when, at, { polling: 'raf' });
    for (let i = 0; i < 14; i++) {
        await until(beat + 1200 + 1000 * i);
        await page.keyboard.press('Space');
    }
    await expect(page.getByText(/^Measured/)).toBeVisible({ timeout: 10_000 });
    await page.getByRole('link', { name: 'To the drills' }).click();
    await page.getByRole('button', { name: /A lick among others/ }).click();
    await page.getByRole('button', { name: 'Begin' }).click();
    const start = await started(page, '[data-round]');
    const parts = JSON.parse((await page.locator('[data-round]').getAttribute('data-parts')) ?? '[]').flat();
    const lick = parts.find((/** @type {any} */ one) => one.wants === 'mark');
    await until(start + lick.until + 900);
    await page.keyboard.press('Space');
    await expect(page.locator('[data-said]')).toContainText(/^(0\.[7-9]|1(\.[01])?) s late/);
    await expect(page.getByRole('img', { name: /The mark, beside what was meant/ })).toBeVisible();
});

test('in the yard the dog answers by how it stands, and afterward what it felt is shown', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await page.goto('/timing');
    await page.getByRole('link', { name: /Practice yard/ }).click();
    await page.getByRole('button', { name: /The plain one/ }).click();
    await page.getByRole('button', { name: 'Begin' }).click();
    const told = page.locator('[data-said]');
    await expect(told).toHaveText('You stand 24 m from the path.');
    for (let i = 0; i < 8; i++) {
        if (project.name === 'phone') await page.getByRole('button', { name: 'Nearer' }).click();
        else await page.keyboard.press('ArrowDown');
    }
    await expect(told).toHaveText('You stand 8 m from the path.');
    // somebody passes: it rises, and shows it
    const tail = page.locator('[data-part="tail"]');
    const height = async () => Number(((await tail.getAttribute('d')) ?? '').split(' ').at(-1));
    const calm = await height();
    await expect.poll(height, { timeout: 15_000 }).toBeLessThan(calm - 25);
    await expectAccessible(page, 'the yard');
    if (project.name === 'phone') await page.getByRole('button', { name: 'Walk off' }).click();
    else await page.keyboard.press('w');
    await expect(told).toHaveText('You are out of sight.');

    // two minutes are long: the rest of the day is left out
    await page.locator('form[data-end]').evaluate((form) => form.toggleAttribute('hidden', false));
    await page.getByLabel(/^Working distance/).fill('13');
    await page.getByRole('button', { name: 'Show me what it felt' }).click();
    await expect(page.getByText(/you said 13.m, it is 12.m/)).toBeVisible();
    await expect(page.getByRole('img', { name: /What it felt/ })).toBeVisible();
    await expectAccessible(page, 'what it felt');
    await page.getByRole('button', { name: 'A new day with this dog' }).click();
    await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
    expect(found).toEqual([]);
});
