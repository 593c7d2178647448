import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { advice, complaints, endSession, expectAccessible, expectReadable, screen, signIn, startSession } from './steps.js';

const METER = fileURLToPath(new URL('../../devices/sound-meter', import.meta.url));

/** Makes a sound plan for Sorrel. @param {import('@playwright/test').Page} page @param {Record<string, string>} typed by label */
async function make(page, typed) {
    await page.goto('/dogs/5/plans/create?kind=sound');
    await page.getByLabel('Something new').fill(typed.about);
    await page.getByLabel('Recording').selectOption(typed.recording);
    if (typed.level) {
        await page.getByLabel('Played at').fill(typed.percent);
        await page.getByLabel('the meter read').fill(typed.level);
    }
    await page.getByLabel('Ceiling at the dog').fill(typed.ceiling);
    if (typed.length) {
        await page.getByText('Details of the setup').click();
        await page.getByLabel('Length').fill(typed.length);
    }
    await page.getByLabel('Start (optional)').fill(typed.start);
    await page.getByLabel('Goal (optional)').fill(typed.goal);
    await page.getByRole('button', { name: 'Make the plan' }).click();
}

test('a sound is measured, played within its ceiling, stopped by any key, and heard by a meter', async ({ page }, { project }) => {
    const found = complaints(page);
    const about = `Clippers ${project.name}`;
    await signIn(page);
    await make(page, { about, recording: 'clipper', percent: '2', level: '48', ceiling: '85', start: '30', goal: '60', length: '40' });
    await expect(page.locator('#h-ceiling').getByText('never above.')).toBeVisible();
    await expect(page.getByLabel('Something new')).toHaveValue(about);
    await page.getByLabel('Ceiling at the dog').fill('62');
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('heading', { name: about })).toBeVisible();
    const plan = page.url();

    await page.getByRole('link', { name: 'Try, measure, change it' }).click();
    await expect(page.getByRole('row', { name: /^1 30.dB\(A\) 0\.25%/ })).toBeVisible();
    await page.getByRole('button', { name: 'Play it' }).click();
    await expect(page.getByRole('button', { name: 'Stop (any key)' })).toBeVisible();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('button', { name: 'Play it' })).toBeVisible();

    await page.goto(plan);
    await startSession(page);
    await expect(screen(page).locator('[data-advice-next]')).toContainText('dB(A)');
    await page.locator('summary', { hasText: 'meter' }).click();
    await page.getByRole('button', { name: 'Connect a sound level meter' }).click();
    await expect(page.locator('[data-meter-token]')).toHaveText(/^[\w-]{43}$/);
    const told = await Promise.all(['address', 'token'].map((part) => page.locator(`[data-meter-${part}]`).textContent()));
    const meter = spawn(METER, [
        '--address',
        told[0] ?? '',
        '--token',
        told[1] ?? '',
        '--seconds',
        '60',
        '--every',
        '150',
        '--room',
        '30',
        '--sounds',
        '90-91',
    ]);
    try {
        await expect(page.locator('[data-meter-level]')).toHaveText(/^(29|30|31) dB\(A\)$/);
    } finally {
        meter.kill();
    }
    /** Another reading, as a meter sends it. @param {number} number @param {number} level */
    const reads = async (number, level) => {
        const answer = await page.request.post(told[0] ?? '', {
            headers: { Authorization: `Bearer ${told[1]}` },
            data: { readings: [{ number, level }] },
        });
        expect(answer.ok()).toBe(true);
    };
    await page.keyboard.press('y');
    await expect(screen(page)).toHaveAttribute('data-sounding', 'true');
    for (let i = 1; i <= 8; i++) {
        await reads(i, 54);
        // the screen asks twice a second
        await page.waitForResponse(/\/meter\//);
    }
    await expect(page.locator('[data-meter-level]')).toHaveText('54 dB(A)');
    // any key: also one that would log "over"
    await page.keyboard.press('4');
    await expect(screen(page)).toHaveAttribute('data-sounding', 'false');
    expect(await screen(page).getAttribute('data-count')).toBe('0');
    await page.keyboard.press('0');
    await expect(screen(page)).toHaveAttribute('data-count', '1');
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    expect((await advice(page)).action).not.toBe('end_well');

    // over the ceiling the sound stops by itself
    await page.getByRole('button', { name: /^Play/ }).click();
    await expect(screen(page)).toHaveAttribute('data-sounding', 'true');
    await expectReadable(page, 'a session that sounds');
    await reads(9, 66);
    await expect(page.getByText('Stopped: 66 dB(A) at the dog, over the ceiling of 62')).toBeVisible();
    await expect(screen(page)).toHaveAttribute('data-sounding', 'false');
    const { trials } = await (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();
    expect(Number(trials[0].exposure.level)).toBeGreaterThan(53.5);
    expect(Number(trials[0].exposure.level)).toBeLessThan(54.5);
    expect(Number(trials[0].exposure.length)).toBeLessThan(40);

    await page.getByRole('button', { name: 'Sound off' }).click();
    await expect(page.getByRole('heading', { name: 'The sound is off' })).toBeVisible();
    await page.getByRole('button', { name: 'left in time: stretched' }).click();
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    await endSession(page, 'One quiet hum.');
    await expect(page.getByRole('heading', { name: /Review|Session/ }).first()).toBeVisible();
    await expectAccessible(page, 'review of sounds');
    expect(found).toEqual([]);
});

test('without a reading only percent of the player is told', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await signIn(page);
    await make(page, { about: 'Thunder', recording: 'rumble', ceiling: '65', start: '1', goal: '20' });
    await expect(page.getByRole('heading', { name: 'Thunder' })).toBeVisible();
    await expect(page.locator('main')).toContainText('1% of the player');
    await expect(page.locator('main')).not.toContainText(/\d.dB\(A\)/);
    await startSession(page);
    await expect(page.getByRole('button', { name: /^Play: 1% of the player/ })).toBeEnabled();
    await expect(screen(page).locator('[data-advice-next]')).toContainText('% of the player');
});
