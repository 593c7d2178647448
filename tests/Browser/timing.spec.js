import { readdirSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, signIn } from './steps.js';

/** @typedef {import('./steps.js').Page} Page */

/**
 * The page's clock goes as far as it is told from here on, so that no busy machine is late, and no test waits for a dog.
 * @param {Page} page @returns {Promise<(until: number) => Promise<void>>} goes on until a moment of that clock
 */
async function atOwnPace(page) {
    await page.clock.install();
    await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 5000);
    return async (until) => {
        const wait = Math.ceil(until - (await page.evaluate(() => performance.now())));
        if (wait > 0) await page.clock.runFor(wait);
    };
}

/**
 * A microphone that tells of made-up clicks at the times it is told, by a clock of its own, and as real ones do comes late with all it
 * says, now less, now more.
 * @param {Page} page
 */
async function withMadeUpClicks(page) {
    await page.addInitScript(() => {
        navigator.mediaDevices.getUserMedia = async () => new AudioContext().createMediaStreamDestination().stream;
        window.AudioWorkletNode = /** @type {any} */ (
            class extends GainNode {
                /** @param {AudioContext} context */
                constructor(context) {
                    super(context);
                    const port = { onmessage: (/** @type {any} */ _) => {} };
                    const there = (/** @type {number} */ at) => (at + 5300) / 1000;
                    const late = [3, 9, 5, 21, 4];
                    Object.assign(this, { port });
                    setInterval(() => {
                        const now = there(performance.now());
                        late.push(late.shift() ?? 0);
                        setTimeout(() => port.onmessage({ data: { now } }), late[0]);
                    }, 21);
                    const clickAt = (/** @type {number} */ at) =>
                        setTimeout(() => port.onmessage({ data: { heard: there(at) } }), at + 15 - performance.now());
                    Object.assign(window, { clickAt });
                }
            }
        );
    });
}

/** @param {Page} page @param {string} root @returns {Promise<number>} the page's clock at its start */
async function started(page, root) {
    await expect(page.locator(root)).toHaveAttribute('data-started', /\d/);
    return Number(await page.locator(root).getAttribute('data-started'));
}

/** @param {Page} page @param {number[]} times */
const click = (page, times) => page.evaluate((all) => all.forEach((at) => /** @type {any} */ (window).clickAt(at)), times);

/** @param {Page} page @returns {Promise<{from: number, until: number, wants: string}[]>} what the round shows until now */
const shown = async (page) => JSON.parse((await page.locator('[data-round]').getAttribute('data-parts')) ?? '[]').flat();

test('a click is heard to two milliseconds, however loud, and a hum is not', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await page.goto('/sign-in');
    const worklet = readdirSync('public/build/assets').find((name) => name.startsWith('onset-worklet'));
    const times = [0.4, 1.0137, 1.9, 2.2501, 3.3333];
    const heard = await page.evaluate(
        async ([module, all]) => {
            const context = new OfflineAudioContext(1, 4 * 48_000, 48_000);
            await context.audioWorklet.addModule(module);
            const sound = context.createBuffer(1, 4 * 48_000, 48_000);
            const samples = sound.getChannelData(0);
            for (let i = 0; i < samples.length; i++) samples[i] = 0.2 * Math.sin((2 * Math.PI * 100 * i) / 48_000);
            for (const [n, at] of all.entries())
                for (let i = 0; i < 480; i++)
                    samples[Math.round(at * 48_000) + i] += (n % 2 ? 0.15 : 0.7) * Math.exp(-i / 120) * Math.sin(0.42 * i);
            const source = new AudioBufferSourceNode(context, { buffer: sound });
            const node = new AudioWorkletNode(context, 'onset', { numberOfOutputs: 0 });
            source.connect(node);
            source.start();
            /** @type {number[]} */
            const found = [];
            const isOver = new Promise((resolve) => {
                node.port.onmessage = ({ data }) => (data.heard === undefined ? data.now > 3.9 && resolve(null) : found.push(data.heard));
            });
            await context.startRendering();
            await isOver;
            return found;
        },
        /** @type {const} */ ([`/build/assets/${worklet}`, times]),
    );
    expect(heard).toHaveLength(times.length);
    for (const [n, at] of times.entries()) expect(Math.abs((heard[n] ?? 0) - at)).toBeLessThanOrEqual(0.002);
});

test('clicks at known times are judged for what they fell on, within a frame', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    const found = complaints(page);
    await withMadeUpClicks(page);
    await signIn(page);
    await page.getByText('Menu').click();
    await page.getByRole('link', { name: 'My handling' }).click();
    await page.getByLabel('Mark by').selectOption('clicker');
    await page.getByRole('button', { name: /Word or clicker/ }).click();
    await expect(page.getByText('Measure this device first')).toBeVisible();

    // forty milliseconds late at every beat: that is the device, and is taken off from then on
    let until = await atOwnPace(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    let start = await started(page, '[data-metronome]');
    const beats = Array.from({ length: 14 }, (_, i) => start + 1200 + 1000 * i);
    await click(
        page,
        beats.map((at) => at + 40),
    );
    await until(start + 15_300);
    await expect(page.getByText(/^Measured: 4\d ms ± [0-5] ms/)).toBeVisible();
    await page.clock.resume();
    await expectAccessible(page, 'a measured device');
    await page.getByRole('link', { name: 'To the drills' }).click();

    await page.getByLabel('Mark by').selectOption('clicker');
    await page.getByRole('button', { name: /Word or clicker/ }).click();
    until = await atOwnPace(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    start = await started(page, '[data-round]');
    // the first part of the round, a tenth of a second after each begins, as this device hears it
    const wanted = (await shown(page)).filter(({ wants }) => wants === 'mark');
    expect(wanted.length).toBeGreaterThan(3);
    await click(
        page,
        wanted.map(({ from }) => start + from + 100 + 40),
    );
    for (const one of wanted) {
        const answer = page.waitForResponse((response) => response.request().method() === 'POST');
        await until(start + one.until + 500);
        await answer;
        await expect(page.locator('[data-said]')).toHaveText('On the touch.');
        // the lane is a second wide, the mark in its middle
        const late = (200 - Number(await page.locator('[data-lane-act]').getAttribute('x'))) / 400;
        expect(Math.abs(late - 0.1)).toBeLessThanOrEqual(0.017);
    }
    await page.clock.resume();
    await expectAccessible(page, 'a round');
    expect(found).toEqual([]);
});

test('a late mark is told at once by key, and a microphone that is refused leaves the keys', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await page.addInitScript(() => {
        navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
    });
    await signIn(page, 'ines');
    await page.goto('/timing/device?mark_by=sound');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText('the microphone was refused')).toBeVisible();

    await page.goto('/timing/device');
    let until = await atOwnPace(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    const beat = await started(page, '[data-metronome]');
    for (let i = 0; i < 14; i++) {
        await until(beat + 1200 + 1000 * i + 30);
        await page.keyboard.press('Space');
    }
    await until(beat + 15_300);
    await expect(page.getByText(/^Measured/)).toBeVisible();
    await page.getByRole('link', { name: 'To the drills' }).click();
    await page.getByRole('button', { name: /A lick among others/ }).click();
    until = await atOwnPace(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    const start = await started(page, '[data-round]');
    const lick = (await shown(page)).find(({ wants }) => wants === 'mark');
    await until(start + (lick?.until ?? 0) + 930);
    await page.keyboard.press('Space');
    await expect(page.locator('[data-said]')).toContainText(/^0\.9 s late/);
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

test('somebody who learns to listen gets nearer to the hand-shy dog, and it never leaves', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    const found = complaints(page);
    await signIn(page, 'ines');
    await page.goto('/yard');
    await page.getByRole('button', { name: /The hand-shy one/ }).click();

    /** Goes on as somebody does who looks or does not. @param {boolean} looks */
    const visit = async (looks) => {
        const until = await atOwnPace(page);
        await page.getByRole('button', { name: 'Begin' }).click();
        await expect(page.locator('[data-yard]')).toHaveAttribute('data-started', 'true');
        const start = await page.evaluate(() => performance.now());
        const act = async (/** @type {string} */ key) => {
            const answer = page.waitForResponse((response) => response.request().method() === 'POST');
            await page.keyboard.press(key);
            await answer;
        };
        let isShown = false;
        for (let i = 1; i <= 24; i++) {
            await until(start + 1000 * i);
            // how far it leans away is how it stands
            const stands = (await page.locator('[data-part="weight"]').getAttribute('transform')) ?? '';
            const leans = Number(/translate\((-?[\d.]+)/.exec(stands)?.[1] ?? 0) / -14;
            /** @type {string} */
            const key = !looks || (isShown && i % 3 === 0 && leans <= 0.38) ? 'ArrowDown' : leans > 0.38 ? 'ArrowUp' : 's';
            await act(key);
            isShown = key === 's' || (isShown && key === 'ArrowUp');
        }
        await page.clock.resume();
        await page.locator('form[data-end]').evaluate((form) => form.toggleAttribute('hidden', false));
        await page.getByRole('button', { name: 'Show me what it felt' }).click();
        await expect(page.getByRole('heading', { name: /In the yard/ })).toBeVisible();
    };

    await visit(false);
    await expect(page.getByText('It left the rest once.')).toBeVisible();
    await expect(page.getByText('24 steps were not shown before.')).toBeVisible();
    await expectAccessible(page, 'what the hand did');
    await page.getByRole('button', { name: 'A new day with this dog' }).click();
    await visit(true);
    await expect(page.getByText('It never left the rest.')).toBeVisible();
    await expect(page.getByText('Every step was shown before.')).toBeVisible();
    await expect(page.getByText(/Nearest at which it stayed calm for two seconds: \d\d\scm/)).toBeVisible();
    expect(found).toEqual([]);
});
